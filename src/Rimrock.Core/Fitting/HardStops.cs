using Rimrock.Core.Driving;
using Rimrock.Core.Fluids;
using Rimrock.Core.Friction;
using Rimrock.Core.Rotors;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Fitting;

/// <summary>What is never ranked and always explained.</summary>
public static class HardStops
{
    private const double ShortRunMinutes = 2;

    /// <summary>Why a pad may not be fitted against a rotor, or null.</summary>
    public static HardStop? Of(Pad pad, Rotor rotor, Wishes wishes)
    {
        ArgumentNullException.ThrowIfNull(pad);
        ArgumentNullException.ThrowIfNull(rotor);
        ArgumentNullException.ThrowIfNull(wishes);
        var carbon = rotor.Material == RingMaterial.CarbonCeramic;
        return pad.DiscsOf() switch
        {
            PadDiscs.Iron when carbon => new HardStop("pad-discs", Said.Of("hard-stops.not-listed-carbon-ceramic", pad.Name)),
            PadDiscs.CarbonCeramic when !carbon =>
                new HardStop("pad-discs", Said.Of("hard-stops.made-carbon-ceramic-discs", pad.Name)),
            _ => OfPad(pad, wishes),
        };
    }

    /// <summary>
    /// What on the car as the plan has it must not be driven on: pad against disc material, silicone beside electronics, worn below a limit. Every room asks
    /// the same.
    /// </summary>
    public static IReadOnlyList<HardStop> OfFitted(PredictionPlan plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        var any = new Wishes(RoadApprovalMust: false);
        HardStop?[] found =
        [
            Of(plan.FrontPad, plan.FrontRotor, any) is { } front ? front with { Sentence = Said.Of("hard-stops.front", front.Sentence) } : null,
            Of(plan.RearPad, plan.RearRotor, any) is { } rear ? rear with { Sentence = Said.Of("hard-stops.rear", rear.Sentence) } : null,
            plan.Fluid.ClassOf() is { Silicone: true } && plan.Car.Electronics
                ? new HardStop("silicone-abs", Said.Of("hard-stops.silicone-more-compressible-not", plan.Fluid.Name)) : null,
            Misfit("hard-stops.front", FitRules.OfShape(plan.FrontPad, plan.Car.Front)
                ?? FitRules.OfFitted(plan.FrontRotor, plan.Car.Front, plan.Car.Kind)),
            Misfit("hard-stops.rear", FitRules.OfShape(plan.RearPad, plan.Car.Rear) ?? FitRules.OfFitted(plan.RearRotor, plan.Car.Rear, plan.Car.Kind)),
            FitRules.Of(plan.Fluid, plan.Car.AsksFluid, isOffered: false),
            Worn(Said.Of("hard-stops.front-pads"), plan.FrontPadMm, plan.Car.Front), Worn(Said.Of("hard-stops.rear-pads"), plan.RearPadMm, plan.Car.Rear),
            Worn(Said.Of("hard-stops.front-rotors"), plan.FrontRotor),
            Worn(Said.Of("hard-stops.rear-rotors"), plan.RearRotor),
        ];
        return [.. found.OfType<HardStop>().Concat((plan.Open ?? []).Select(OpenStop.Of))];
    }

    /// <summary>How much stops a car as it is fitted: what may be at either axle counts for both.</summary>
    internal static int LeftOf(PredictionPlan plan) => OfFitted(plan).Count + (plan.Open ?? []).Sum(sign => sign.AxlesLeft - 1);

    /// <summary>What stands against ordering a change: all that stands against the car after it, and fluids that never mix.</summary>
    public static IReadOnlyList<HardStop> OfChange(PredictionPlan before, PredictionPlan after)
    {
        ArgumentNullException.ThrowIfNull(before);
        ArgumentNullException.ThrowIfNull(after);
        var (was, becomes, any) = (before.Car, after.Car, new Wishes(RoadApprovalMust: false, FactoryHolesAllowed: true));
        HardStop?[] found =
        [
            after.Fluid.ClassOf()?.Silicone == true && before.Fluid.ClassOf()?.Silicone != true ? Mix(after.Fluid) : null,
            after.FrontPad == before.FrontPad ? null : Misfit("hard-stops.front", FitRules.Of(after.FrontPad, Axle.Front, becomes)),
            after.RearPad == before.RearPad ? null : Misfit("hard-stops.rear", FitRules.Of(after.RearPad, Axle.Rear, becomes)),
            after.FrontRotor == before.FrontRotor || !was.Front.IsSame(becomes.Front) ? null
                : Misfit("hard-stops.front", Of(after.FrontRotor, before with { Car = becomes }, any) is { Own: false } stop ? stop : null),
            after.RearRotor == before.RearRotor || !was.Rear.IsSame(becomes.Rear) || after.RearKit != before.RearKit ? null
                : Misfit("hard-stops.rear", FitRules.Of(after.RearRotor, becomes.Rear, before.RearRotor, becomes.Kind)),
            after.Fluid == before.Fluid ? null : FitRules.Of(after.Fluid, becomes.AsksFluid, isOffered: true),
            OfOther(after.FrontKit, before.FrontKit, before), OfOther(after.RearKit, before.RearKit, before),
            after.Cylinder is not { } cylinder || cylinder.Name == before.Cylinder?.Name ? null
                : FitRules.Of(cylinder with { Replaces = null }, after with { Car = becomes with { Hydraulics = was.Hydraulics }, Cylinder = before.Cylinder }),
            after.FrontDuct == before.FrontDuct || after.FrontDuct is not { HoseMm: > 0 } ? null : FitRules.OfDuct(becomes),
        ];
        // Front and rear are told each, the same of one axle once.
        return [.. OfFitted(after with { Open = null }).Concat(found.OfType<HardStop>())
            .DistinctBy(stop => (stop.Code, stop.Sentence.Code, (stop.Sentence.Terms is [var first, ..] ? first.Part?.Code : null)))];
    }

    // One lap or a run of a minute or two is over before air has cooled anything, and the road is too slow for it (common practice).
    private static bool HasTimeToCool(PredictionPlan plan, PlannedDay day) =>
        day.KindOf().IsTimed && plan.On(day).Stint is { HotLapsEach: not 1, MinutesEach: > ShortRunMinutes };

    private static HardStop? OfOther(CaliperKit? kit, CaliperKit? before, PredictionPlan plan) =>
        kit is null || kit.Name == before?.Name ? null : OfKit(kit, plan);

    private static HardStop? OfKit(CaliperKit kit, PredictionPlan plan) =>
        plan.Original(kit.AxleOf()) is var (own, rotor) ? FitRules.Of(kit, plan.Car, own, rotor, plan.IsOnRoad()) : null;

    private static HardStop? Misfit(string where, HardStop? found) => found is { } stop ? stop with { Sentence = Said.Of(where, stop.Sentence) } : null;

    private static HardStop? Kept(ClassPart part, Wishes wishes, string name) => !wishes.IsKept(part) ? null
        : new HardStop("class-rules", part == ClassPart.Ducts ? Said.Of("hard-stops.your-class-forbids-ducts", name)
            : Said.Of("hard-stops.your-class-keeps-part", name), Own: true);

    private static HardStop Mix(BrakeFluid fluid) =>
        new("silicone-mix", Said.Of("hard-stops.car-never-mix-silicone", fluid.Name));

    private static HardStop? Worn(Said what, double? leftMm, AxleBrake brake) =>
        leftMm < brake.PadLimitMm
            ? new HardStop("pad-worn",
            Said.Of("hard-stops.left-below-limit-new", what, Units.Mm(leftMm.Value), Units.Mm(brake.PadLimitMm))) : null;

    private static HardStop? Worn(Said what, Rotor rotor) =>
        rotor.ThicknessMm < rotor.MinThicknessMm || (rotor.Finish?.MinRingMassKg is { } least && rotor.MassKg() < least)
            ? new HardStop("rotor-worn", Said.Of("hard-stops.below-service-limit-they", what, rotor.Name)) : null;

    /// <summary>Why a pad on offer is out at an axle, against the rotor that it would rub on, or null.</summary>
    public static HardStop? Of(Pad pad, Axle axle, Rotor rotor, PredictionPlan plan, Wishes wishes)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(pad);
        return FitRules.Of(pad, axle, plan.Car) ?? Kept(ClassPart.Pads, wishes, pad.Name) ?? Of(pad, rotor, wishes);
    }

    /// <summary>Why a pad is out whatever it rubs on, or null.</summary>
    public static HardStop? OfPad(Pad pad, Wishes wishes)
    {
        ArgumentNullException.ThrowIfNull(pad);
        ArgumentNullException.ThrowIfNull(wishes);
        return wishes.RoadApprovalMust && !pad.RoadApproved ? new HardStop("road-approval", Said.Of("hard-stops.no-road-approval-you", pad.Name),
            Own: true)
            : wishes.PreBedded && pad.Traits?.PreBedded != true ? new HardStop("pre-bedded", Said.Of("hard-stops.does-not-come-bedded", pad.Name),
                Own: true)
            : null;
    }

    /// <summary>Why a rotor may not go on an axle of the car, or null.</summary>
    public static HardStop? Of(Rotor rotor, PredictionPlan plan, Wishes wishes, Axle axle = Axle.Front)
    {
        ArgumentNullException.ThrowIfNull(rotor);
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(wishes);
        var (brake, fitted) = (plan.At(axle).Brake, plan.At(axle).Rotors.Rotor);
        var face = rotor.Finish?.Face ?? RotorFace.Plain;
        if (rotor.Brake() != brake.Brake())
        {
            return new HardStop("rotor-kind", Said.Of("hard-stops.does-not-go-cars", rotor.Name));
        }

        if (rotor.ThicknessMm < rotor.MinThicknessMm || (rotor.Finish?.MinRingMassKg is { } least && rotor.MassKg() < least))
        {
            return new HardStop("rotor-worn", Said.Of("hard-stops.below-service-limit-must", rotor.Name));
        }

        if (plan.Car.WheelBarrelMm is { } barrel && rotor.OuterDiameterMm + (2 * AxleBrake.BridgeMm) > barrel)
        {
            return new HardStop("rotor-clearance",
                Said.Of("hard-stops.caliper-needs-wheel-barrel", rotor.Name, Units.Mm(rotor.OuterDiameterMm + (2 * AxleBrake.BridgeMm)), Units.Mm(barrel)));
        }

        if (FitRules.Of(rotor, brake, fitted, plan.Car.Kind) is { } misfit)
        {
            return misfit;
        }

        if (Kept(ClassPart.Rotors, wishes, rotor.Name) is { } kept)
        {
            return kept;
        }

        if (wishes.ClassKeepsRotorSize && Math.Abs(rotor.OuterDiameterMm - fitted.OuterDiameterMm) > FitRules.SameDiameterMm)
        {
            return new HardStop("class-rules", Said.Of("hard-stops.your-class-keeps", rotor.Name, Units.Mm(rotor.OuterDiameterMm),
                Units.Mm(fitted.OuterDiameterMm)),
                Own: true);
        }

        var overhangMm = brake.PadHeightMm - ((rotor.OuterDiameterMm - rotor.InnerDiameterMm) / 2);
        return overhangMm > 4 ? new HardStop("rotor-ring", Said.Of("hard-stops.pads-would-rub-beyond", Units.Mm(overhangMm), rotor.Name))
            : face == RotorFace.Drilled ? new HardStop("drilled", Said.Of("hard-stops.drilled-after-casting-track", rotor.Name))
            : face == RotorFace.FactoryDrilled && !wishes.FactoryHolesAllowed && rotor.Material == RingMaterial.Iron
                ? new HardStop("drilled", Said.Of("hard-stops.drilled-your-school-never", rotor.Name), Own: true)
            : wishes.Rotors == RotorSchool.Blanks && rotor.Construction == RotorConstruction.TwoPiece
                ? new HardStop("rotor-school", Said.Of("hard-stops.two-piece-your-school", rotor.Name), Own: true)
            : wishes.Rotors == RotorSchool.TwoPiece && rotor.Construction == RotorConstruction.OnePiece
                ? new HardStop("rotor-school", Said.Of("hard-stops.one-piece-your-school", rotor.Name), Own: true)
            : null;
    }

    /// <summary>Why a caliper kit is out, or null.</summary>
    public static HardStop? Of(CaliperKit kit, PredictionPlan plan, Wishes wishes)
    {
        ArgumentNullException.ThrowIfNull(kit);
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(wishes);
        var fitted = plan.At(kit.AxleOf()).Rotors.Rotor;
        return OfKit(kit, plan) is { } misfit ? misfit
            : (Kept(ClassPart.Calipers, wishes, kit.Name) ?? Kept(ClassPart.Rotors, wishes, kit.Name)) is { } kept ? kept
            : wishes.ClassKeepsRotorSize && Math.Abs(kit.Rotor.OuterDiameterMm - fitted.OuterDiameterMm) > FitRules.SameDiameterMm
                ? new HardStop("class-rules", Said.Of("hard-stops.your-class-keeps", kit.Name, Units.Mm(kit.Rotor.OuterDiameterMm),
                    Units.Mm(fitted.OuterDiameterMm)), Own: true) : null;
    }

    /// <summary>Why a master cylinder is out, or null.</summary>
    public static HardStop? Of(MasterCylinder cylinder, PredictionPlan plan, Wishes wishes)
    {
        ArgumentNullException.ThrowIfNull(cylinder);
        ArgumentNullException.ThrowIfNull(wishes);
        return FitRules.Of(cylinder, plan) ?? Kept(ClassPart.Calipers, wishes, cylinder.Name);
    }

    /// <summary>Why a fluid may not go into the car, or null.</summary>
    public static HardStop? Of(BrakeFluid fluid, PredictionPlan plan, Wishes? wishes = null)
    {
        ArgumentNullException.ThrowIfNull(fluid);
        ArgumentNullException.ThrowIfNull(plan);
        var silicone = fluid.ClassOf() is { Silicone: true };
        var now = plan.Fluid.ClassOf() is { Silicone: true };
        return silicone && plan.Car.Electronics ? new HardStop("silicone-abs", Said.Of("hard-stops.silicone-more-compressible-not", fluid.Name))
            : silicone && !now ? Mix(fluid)
            : now && !silicone ? new HardStop("silicone-mix", Said.Of("hard-stops.chemistry-job-of-its-own", fluid.Name))
            : wishes is not null && fluid.Name != plan.Fluid.Name && Kept(ClassPart.Fluid, wishes, fluid.Name) is { } kept ? kept
            : FitRules.Of(fluid, plan.Car.AsksFluid, isOffered: true);
    }

    /// <summary>Why lines are out, or null.</summary>
    public static HardStop? Of(LineKit lines, Car car, Wishes wishes)
    {
        ArgumentNullException.ThrowIfNull(lines);
        ArgumentNullException.ThrowIfNull(wishes);
        return FitRules.Of(lines, car) is { } misfit ? misfit : Kept(ClassPart.Lines, wishes, lines.Name) is { } kept ? kept
            : wishes.RoadApprovalMust && !lines.RoadApproved
            ? new HardStop("road-approval", Said.Of("hard-stops.no-road-approval-you-asked", lines.Name), Own: true) : null;
    }

    /// <summary>Why a duct is out or does nothing, or null: behind a closed shield a tenth of it arrives.</summary>
    public static HardStop? Of(DuctKit duct, PredictionPlan plan, Wishes wishes)
    {
        ArgumentNullException.ThrowIfNull(duct);
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(wishes);
        if (FitRules.OfDuct(plan.Car) is { } misfit)
        {
            return misfit;
        }

        if (Kept(ClassPart.Ducts, wishes, duct.Name) is { } kept)
        {
            return kept;
        }

        if (!plan.Planned().Any(day => HasTimeToCool(plan, day)))
        {
            return new HardStop("duct-no-use", Said.Of("hard-stops.duct-only-drags", duct.Name));
        }

        return duct.Duct.Shield == Shield.Closed ? new HardStop("duct-closed", Said.Of("hard-stops.blows-closed-shield-tenth", duct.Name)) : null;
    }
}
