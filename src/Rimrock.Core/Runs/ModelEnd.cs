using Rimrock.Core.Driving;
using Rimrock.Core.Rotors;

namespace Rimrock.Core.Runs;

/// <summary>
/// Where the model ends: beyond these no temperature, band or limit is a figure. Iron's charts end at 800 C and it transforms from about 750; a carbon ring
/// burns away above 1300; no brake fluid is liquid at 400 C; an aluminium caliper has lost its strength at 300 C, an iron one is never seen beyond 500; a
/// street pad's binder is gone at 700 C in its middle, a race pad's at 950 (all from memory, engineering judgement).
/// </summary>
/// <param name="Part">The part.</param>
/// <param name="Name">What it is called.</param>
/// <param name="EndC">Its end in a plan, C.</param>
public sealed record ModelEnd(BrakePart Part, Said Name, Func<PredictionPlan, double> EndC)
{
    /// <summary>Iron face, C.</summary>
    public const double IronFaceC = 900;

    /// <summary>Face of a carbon ring, C.</summary>
    public const double CarbonFaceC = 1300;

    /// <summary>Fluid at the piston, C.</summary>
    public const double FluidC = 400;

    /// <summary>Caliper of aluminium, C.</summary>
    public const double AluminiumCaliperC = 300;

    /// <summary>Caliper of iron, C.</summary>
    public const double IronCaliperC = 500;

    /// <summary>Middle of a street pad, C.</summary>
    public const double StreetPadC = 700;

    /// <summary>Middle of a track-day or race pad, C.</summary>
    public const double RacePadC = 950;

    /// <summary>Each part's end.</summary>
    public static IReadOnlyList<ModelEnd> All { get; } =
    [
        new(BrakePart.FrontFace, Said.Of("model-end.front-face"), plan => FaceEndC(plan.FrontRotor)),
        new(BrakePart.RearFace, Said.Of("model-end.rear-face"), plan => FaceEndC(plan.RearRotor)),
        new(BrakePart.FrontFluid, Said.Of("model-end.front-fluid"), _ => FluidC),
        new(BrakePart.RearFluid, Said.Of("model-end.rear-fluid"), _ => FluidC),
        new(BrakePart.FrontCaliper, Said.Of("model-end.front-caliper"), plan => CaliperEndC(plan.Car.Front)),
        new(BrakePart.RearCaliper, Said.Of("model-end.rear-caliper"), plan => CaliperEndC(plan.Car.Rear)),
        new(BrakePart.FrontPadCore, Said.Of("model-end.front-pad"), plan => PadEndC(plan.FrontPad)),
        new(BrakePart.RearPadCore, Said.Of("model-end.rear-pad"), plan => PadEndC(plan.RearPad)),
    ];

    /// <summary>Each part's end, C, by its number; infinite where it has none.</summary>
    internal static double[] Of(PredictionPlan plan)
    {
        var ends = Enumerable.Repeat(double.PositiveInfinity, PhaseRecord.Parts).ToArray();
        foreach (var (part, _, endC) in All)
        {
            ends[(int)part] = endC(plan);
        }

        return ends;
    }

    private static double CaliperEndC(Vehicles.AxleBrake brake) => brake.AluminiumCaliper ? AluminiumCaliperC : IronCaliperC;

    private static double PadEndC(Friction.Pad pad) => pad.FamilyOf().Street ? StreetPadC : RacePadC;

    private static double FaceEndC(Rotor rotor) => rotor.Material == RingMaterial.Iron ? IronFaceC : CarbonFaceC;
}
