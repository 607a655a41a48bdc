using Rimrock.Core.Driving;
using Rimrock.Core.Rotors;

namespace Rimrock.Core.Runs;

/// <summary>
/// Where the model ends: beyond these no temperature, band or limit is a figure. Wide on purpose: iron melts from 1147 C (eutectic; handbook, from memory),
/// a carbon ring's matrix from 1414 C (silicon; handbook, from memory), no brake fluid is liquid at 400 C (common practice), an aluminium caliper has lost its
/// strength long before 500 C (melts at 660 C; handbook, from memory).
/// </summary>
/// <param name="Part">The part.</param>
/// <param name="Name">What it is called.</param>
/// <param name="EndC">Its end in a plan, C.</param>
public sealed record ModelEnd(BrakePart Part, Said Name, Func<PredictionPlan, double> EndC)
{
    /// <summary>Iron face, C.</summary>
    public const double IronFaceC = 1200;

    /// <summary>Face of a carbon ring, C.</summary>
    public const double CarbonFaceC = 1600;

    /// <summary>Fluid at the piston, C.</summary>
    public const double FluidC = 400;

    /// <summary>Caliper, C.</summary>
    public const double CaliperC = 500;

    /// <summary>Each part's end.</summary>
    public static IReadOnlyList<ModelEnd> All { get; } =
    [
        new(BrakePart.FrontFace, Said.Of("model-end.front-face"), plan => FaceEndC(plan.FrontRotor)),
        new(BrakePart.RearFace, Said.Of("model-end.rear-face"), plan => FaceEndC(plan.RearRotor)),
        new(BrakePart.FrontFluid, Said.Of("model-end.front-fluid"), _ => FluidC),
        new(BrakePart.RearFluid, Said.Of("model-end.rear-fluid"), _ => FluidC),
        new(BrakePart.FrontCaliper, Said.Of("model-end.front-caliper"), _ => CaliperC),
        new(BrakePart.RearCaliper, Said.Of("model-end.rear-caliper"), _ => CaliperC),
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

    private static double FaceEndC(Rotor rotor) => rotor.Material == RingMaterial.Iron ? IronFaceC : CarbonFaceC;
}
