using Rimrock.Core.Driving;
using Rimrock.Core.Fluids;
using Rimrock.Core.Friction;
using Rimrock.Core.Rotors;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Fitting;

/// <summary>Why something is out before anything is ranked.</summary>
/// <param name="Code">Stable code.</param>
/// <param name="Sentence">Why, for the driver.</param>
/// <param name="Own">True where it is out by the driver's own word, false where it must not be fitted.</param>
public sealed record HardStop(string Code, Said Sentence, bool Own = false);

/// <summary>What is never ranked and always explained.</summary>
public static class HardStops
{
    private const double SameDiameterMm = 1;

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
            Worn(Said.Of("hard-stops.front-pads"), plan.FrontPadMm, plan.Car.Front), Worn(Said.Of("hard-stops.rear-pads"), plan.RearPadMm, plan.Car.Rear),
            Worn(Said.Of("hard-stops.front-rotors"), plan.FrontRotor),
            Worn(Said.Of("hard-stops.rear-rotors"), plan.RearRotor),
        ];
        return [.. found.OfType<HardStop>()];
    }

    /// <summary>What stands against ordering a change: all that stands against the car after it, and fluids that never mix.</summary>
    public static IReadOnlyList<HardStop> OfChange(PredictionPlan before, PredictionPlan after)
    {
        ArgumentNullException.ThrowIfNull(before);
        ArgumentNullException.ThrowIfNull(after);
        HardStop[] mix = (after.Fluid.ClassOf()?.Silicone == true) != (before.Fluid.ClassOf()?.Silicone == true) ? [Mix(after.Fluid)] : [];
        return [.. OfFitted(after), .. mix];
    }

    private static HardStop Mix(BrakeFluid fluid) =>
        new("silicone-mix", Said.Of("hard-stops.car-never-mix-silicone", fluid.Name));

    private static HardStop? Worn(Said what, double? leftMm, AxleBrake brake) =>
        leftMm < brake.PadLimitMm
            ? new HardStop("pad-worn",
            Said.Of("hard-stops.left-below-limit-new", what, Units.Mm(leftMm.Value), Units.Mm(brake.PadLimitMm))) : null;

    private static HardStop? Worn(Said what, Rotor rotor) =>
        rotor.ThicknessMm < rotor.MinThicknessMm || (rotor.Finish?.MinRingMassKg is { } least && rotor.MassKg() < least)
            ? new HardStop("rotor-worn", Said.Of("hard-stops.below-service-limit-they", what, rotor.Name)) : null;

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

    /// <summary>Why a rotor may not go on the car, or null.</summary>
    public static HardStop? Of(Rotor rotor, PredictionPlan plan, Wishes wishes)
    {
        ArgumentNullException.ThrowIfNull(rotor);
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(wishes);
        var face = rotor.Finish?.Face ?? RotorFace.Plain;
        if (rotor.Brake() != plan.Car.Front.Brake())
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

        if (rotor.OuterDiameterMm < plan.FrontRotor.OuterDiameterMm - SameDiameterMm)
        {
            return new HardStop("rotor-small",
                Said.Of("hard-stops.smaller-calipers-sit-over", rotor.Name, Units.Mm(plan.FrontRotor.OuterDiameterMm - rotor.OuterDiameterMm)));
        }

        if (wishes.ClassKeepsRotorSize && Math.Abs(rotor.OuterDiameterMm - plan.FrontRotor.OuterDiameterMm) > SameDiameterMm)
        {
            return new HardStop("class-rules", Said.Of("hard-stops.your-class-keeps", rotor.Name, Units.Mm(rotor.OuterDiameterMm),
                Units.Mm(plan.FrontRotor.OuterDiameterMm)),
                Own: true);
        }

        var overhangMm = plan.Car.Front.PadHeightMm - ((rotor.OuterDiameterMm - rotor.InnerDiameterMm) / 2);
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

    /// <summary>Why a fluid may not go into the car, or null.</summary>
    public static HardStop? Of(BrakeFluid fluid, PredictionPlan plan)
    {
        ArgumentNullException.ThrowIfNull(fluid);
        ArgumentNullException.ThrowIfNull(plan);
        var silicone = fluid.ClassOf() is { Silicone: true };
        var now = plan.Fluid.ClassOf() is { Silicone: true };
        return silicone && plan.Car.Electronics ? new HardStop("silicone-abs", Said.Of("hard-stops.silicone-more-compressible-not", fluid.Name))
            : silicone != now ? Mix(fluid)
            : null;
    }

    /// <summary>Why lines are out, or null.</summary>
    public static HardStop? Of(LineKit lines, Wishes wishes)
    {
        ArgumentNullException.ThrowIfNull(lines);
        ArgumentNullException.ThrowIfNull(wishes);
        return wishes.RoadApprovalMust && !lines.RoadApproved ? new HardStop("road-approval", Said.Of("hard-stops.no-road-approval-you-asked", lines.Name),
            Own: true) : null;
    }

    /// <summary>Why a duct is out or does nothing, or null: behind a closed shield a tenth of it arrives.</summary>
    public static HardStop? Of(DuctKit duct, Wishes wishes)
    {
        ArgumentNullException.ThrowIfNull(duct);
        ArgumentNullException.ThrowIfNull(wishes);
        if (wishes.ClassForbidsDucts)
        {
            return new HardStop("class-rules", Said.Of("hard-stops.your-class-forbids-ducts", duct.Name), Own: true);
        }

        return duct.Duct.Shield == Shield.Closed ? new HardStop("duct-closed", Said.Of("hard-stops.blows-closed-shield-tenth", duct.Name)) : null;
    }
}
