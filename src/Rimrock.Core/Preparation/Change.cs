using Rimrock.Core.Driving;
using Rimrock.Core.Fitting;
using Rimrock.Core.Fluids;
using Rimrock.Core.Friction;
using Rimrock.Core.Garage;
using Rimrock.Core.Rotors;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Preparation;

/// <summary>What differs between two plans, as far as spanners are concerned.</summary>
internal sealed record Change(PredictionPlan Before, PredictionPlan After, bool FreshFluid, Stock Stock)
{
    public bool FrontPads => Before.FrontPad.Name != After.FrontPad.Name || Renews(Before.At(Axle.Front), After.At(Axle.Front));

    public bool RearPads => Before.RearPad.Name != After.RearPad.Name || Renews(Before.At(Axle.Rear), After.At(Axle.Rear));

    public bool Pads => FrontPads || RearPads;

    /// <summary>Calipers that go on, with the rotors that come with them.</summary>
    public IReadOnlyList<CaliperKit> Kits => [.. new[] { (After.FrontKit, Before.FrontKit), (After.RearKit, Before.RearKit) }
        .Where(one => one.Item1 is { } kit && kit.Name != one.Item2?.Name).Select(one => one.Item1!)];

    /// <summary>True where other calipers go on.</summary>
    public bool Kit => Kits.Count > 0;

    /// <summary>The master cylinder that goes on; null where none does.</summary>
    public MasterCylinder? Cylinder => After.Cylinder is { } cylinder && cylinder.Name != Before.Cylinder?.Name ? cylinder : null;

    /// <summary>True for an axle whose rotors come with its calipers.</summary>
    public bool IsKitted(Axle axle) => Kits.Any(kit => kit.AxleOf() == axle);

    public bool FrontRotor => Before.FrontRotor != After.FrontRotor;

    public bool RearRotor => Before.RearRotor != After.RearRotor;

    public bool Rotors => FrontRotor || RearRotor;

    public bool Lines => (Before.Lines != After.Lines || (After.HoseYears == 0 && Before.HoseYears != 0)) && After.Lines != BrakeLine.AgedRubber;

    /// <summary>True where silicone fluid gives way to fluid that drinks water, or the other way round.</summary>
    public bool Chemistry => (Before.Fluid.ClassOf()?.Silicone == true) != (After.Fluid.ClassOf()?.Silicone == true);

    public bool Fluid => FreshFluid || Lines || Kit || Cylinder is not null || Before.Fluid.Name != After.Fluid.Name;

    /// <summary>True where the hydraulics are opened.</summary>
    public bool Opened => Fluid;

    /// <summary>Axles to which air is led anew.</summary>
    public Axles<bool> Ducts => new((After.FrontDuct?.HoseMm ?? 0) > (Before.FrontDuct?.HoseMm ?? 0),
        (After.RearDuct?.HoseMm ?? 0) > (Before.RearDuct?.HoseMm ?? 0));

    /// <summary>True where brackets go on or come off.</summary>
    public bool Brackets => (FrontRotor && After.FrontRotor.BracketForMm != Before.FrontRotor.BracketForMm)
        || (RearRotor && After.RearRotor.BracketForMm != Before.RearRotor.BracketForMm);

    /// <summary>The plan once the work is done: flushed fluid is new, and signs are gone that what is new answers.</summary>
    public PredictionPlan Done() => After with
    {
        FrontPadMm = FromStock(Axle.Front)?.LeftMm ?? After.FrontPadMm,
        RearPadMm = FromStock(Axle.Rear)?.LeftMm ?? After.RearPadMm,
        FluidState = IsExchanged && Bottle is { } open && !HasItsMonths(open)
            ? Filled with { AgeMonths = Math.Min(FluidState.AgeRange.Max, Filled.AgeMonths + open.MonthsOpen) } : Filled,
        Open = OpenSign.LeftOf(Before.Open, new Renewed(Opened, Lines, new(FrontPads, RearPads), new(FrontRotor, RearRotor))),
    };

    // What was chosen out of the very bottle has its months in the age already.
    private bool HasItsMonths(OpenedBottle open) => !IsRefilled && After.Fluid.OpenedOn == open.Opened;

    // Other hoses and calipers are bled with what is in the reservoir: the fluid stays as old as it was.
    private bool IsExchanged => FreshFluid || Before.Fluid.Name != After.Fluid.Name;

    private bool IsRefilled => FreshFluid && After.FluidState.AgeMonths >= Before.FluidState.AgeMonths;

    // As out of a sealed bottle; what was open before brings its months along.
    private FluidState Filled => IsRefilled ? After.FluidState with { AgeMonths = 0, ReservoirWaterPercent = null } : After.FluidState;

    /// <summary>The set in stock that goes on an axle; null where none does, or nothing changes there. What is nearly worn goes on no more.</summary>
    public StockSet? FromStock(Axle axle)
    {
        var (was, becomes) = (Before.At(axle), After.At(axle));
        return was.Pads.Pad.Name == becomes.Pads.Pad.Name ? null
            : Stock.Sets.Where(set => set.Axle == axle && set.Pad == becomes.Pads.Pad.Name && set.Fits(becomes.Brake, IsKitted(axle))
                && set.IsWorthIt(becomes.Brake)).MaxBy(set => set.LeftMm);
    }

    /// <summary>The opened bottle that the fluid is drawn from; null where new ones are opened.</summary>
    public OpenedBottle? Bottle => Stock.BottleOf(After.Fluid.Name, After.Car);

    public bool Nothing => !Pads && !Rotors && !Fluid && !Ducts.Front && !Ducts.Rear && !Kit;

    /// <summary>True where a pedal works a clutch that may draw from the brakes' reservoir: on cars without recuperation.</summary>
    public bool Clutch => After.Car.Kind == VehicleKind.Car && After.Car.RegenerationMS2 <= 0;

    /// <summary>True where nothing but the worn rings is new, on the hats that stay.</summary>
    public bool RingsAlone(Axle axle) => After.At(axle).Rotors.Rotor.HatsStay(Before.At(axle).Rotors.Rotor);

    public IEnumerable<(Pad Pad, Said Axle, AxleBrake Brake, StockSet? FromStock)> NewPads()
    {
        if (FrontPads)
        {
            yield return (After.FrontPad, Said.Of("axle.front"), After.Car.Front, FromStock(Axle.Front));
        }

        if (RearPads)
        {
            yield return (After.RearPad, Said.Of("axle.rear"), After.Car.Rear, FromStock(Axle.Rear));
        }
    }

    public IEnumerable<Said> Words()
    {
        if (FrontPads)
        {
            yield return Before.FrontPad.Name == After.FrontPad.Name ? Said.Of("change.front-anew", After.FrontPad.Name)
                : Said.Of("change.front", Before.FrontPad.Name, After.FrontPad.Name);
        }

        if (RearPads)
        {
            yield return Before.RearPad.Name == After.RearPad.Name ? Said.Of("change.rear-anew", After.RearPad.Name)
                : Said.Of("change.rear", Before.RearPad.Name, After.RearPad.Name);
        }

        foreach (var kit in Kits)
        {
            yield return kit.Rear ? Said.Of("change.rear-caliper-kit", kit.Name) : Said.Of("change.caliper-kit", kit.Name);
        }

        if (Cylinder is { } cylinder)
        {
            yield return Said.Of("change.cylinder", cylinder.Name);
        }

        if (FrontRotor && !IsKitted(Axle.Front))
        {
            yield return Said.Of("change.rotors-front", After.FrontRotor.Name);
        }

        if (RearRotor && !IsKitted(Axle.Rear))
        {
            yield return Said.Of("change.rotors-rear", After.RearRotor.Name);
        }

        if (Lines)
        {
            yield return After.Lines == BrakeLine.Braided ? Said.Of("change.braided-lines") : Said.Of("change.new-rubber-lines");
        }

        if (Ducts.Front)
        {
            yield return Said.Of("change.ducts", Units.Mm(After.FrontDuct!.HoseMm));
        }

        if (Ducts.Rear)
        {
            yield return Said.Of("change.rear-ducts", Units.Mm(After.RearDuct!.HoseMm));
        }

        if (Fluid)
        {
            yield return Said.Of("change.new-fluid", After.Fluid.Name);
        }
    }

    // Pads of the same kind that are thicker afterwards are a new set.
    private static bool Renews(AxleSetup was, AxleSetup becomes) => becomes.PadMm > was.PadMm && becomes.Brake.IsSame(was.Brake);
}
