using Rimrock.Core.Fluids;
using Rimrock.Core.Friction;
using Rimrock.Core.Heat;
using Rimrock.Core.Prediction;
using Rimrock.Core.Rotors;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Matching;

/// <summary>Something that could be fitted.</summary>
/// <typeparam name="T">What it is.</typeparam>
/// <param name="Id">Its id on the shelf, or <see cref="Setup.FittedId"/>.</param>
/// <param name="Body">The thing itself.</param>
public sealed record Part<T>(string Id, T Body)
    where T : class;

/// <summary>Everything that is on offer.</summary>
/// <param name="Pads">Pads, for either axle.</param>
/// <param name="Rotors">Front rotors.</param>
/// <param name="Ducts">Front ducts.</param>
/// <param name="Fluids">Fluids.</param>
/// <param name="Lines">Flexible lines.</param>
public sealed record Offer(IReadOnlyList<Part<Pad>> Pads, IReadOnlyList<Part<Rotor>> Rotors, IReadOnlyList<Part<DuctKit>> Ducts, IReadOnlyList<Part<BrakeFluid>> Fluids, IReadOnlyList<Part<LineKit>> Lines);

/// <summary>One choice of everything that can be changed; null or <see cref="FittedId"/> keeps what is on the car.</summary>
/// <param name="FrontPad">Front pads.</param>
/// <param name="RearPad">Rear pads.</param>
/// <param name="FrontRotor">Front rotors.</param>
/// <param name="Duct">Front ducts; null for the car's own.</param>
/// <param name="Fluid">Fluid.</param>
/// <param name="Lines">Lines; null for the car's own.</param>
public sealed record Setup(Part<Pad> FrontPad, Part<Pad> RearPad, Part<Rotor> FrontRotor, Part<DuctKit>? Duct, Part<BrakeFluid> Fluid, Part<LineKit>? Lines)
{
    /// <summary>Id of what is on the car now.</summary>
    public const string FittedId = "fitted";

    /// <summary>What is on the car now.</summary>
    public static Setup Fitted(PredictionPlan plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        return new Setup(new(FittedId, plan.FrontPad), new(FittedId, plan.RearPad), new(FittedId, plan.FrontRotor), null, new(FittedId, plan.Fluid), null);
    }

    /// <summary>The same day with this fitted: new pads are new and bedded, new fluid is as old as the wishes' policy makes it by the last event.</summary>
    public PredictionPlan On(PredictionPlan plan, Wishes wishes)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(wishes);
        var lines = Lines?.Body.Kind ?? plan.Lines;
        var state = plan.FluidState with { TightHoses = plan.FluidState.TightHoses || Lines is not null };
        return plan with
        {
            FrontPad = FrontPad.Body,
            RearPad = RearPad.Body,
            FrontPadMm = FrontPad.Id == FittedId ? plan.FrontPadMm : null,
            RearPadMm = RearPad.Id == FittedId ? plan.RearPadMm : null,
            Bedded = plan.Bedded || FrontPad.Id != FittedId,
            FrontRotor = FrontRotor.Body,
            FrontWrongSide = FrontRotor.Id == FittedId && plan.FrontWrongSide,
            FrontDuct = Duct is null ? plan.FrontDuct : Duct.Body.Duct with { Wheel = plan.FrontDuct?.Wheel ?? Duct.Body.Duct.Wheel },
            Lines = lines,
            Fluid = Fluid.Body,
            FluidState = Fluid.Id == FittedId ? state : state with { AgeMonths = FluidSeason.OldestMonths(wishes.FreshFluidEachEvent), ReservoirWaterPercent = null },
        };
    }

    /// <summary>Ids in the order front pad, rear pad, rotor, duct, fluid, lines.</summary>
    public string Key() => string.Join('|', FrontPad.Id, RearPad.Id, FrontRotor.Id, Duct?.Id ?? FittedId, Fluid.Id, Lines?.Id ?? FittedId);
}
