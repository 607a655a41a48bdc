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
public sealed record HardStop(string Code, string Sentence, bool Own = false);

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
            PadDiscs.Iron when carbon => new HardStop("pad-discs", $"{pad.Name} is not listed for carbon-ceramic discs: it would ruin them."),
            PadDiscs.CarbonCeramic when !carbon =>
                new HardStop("pad-discs", $"{pad.Name} is made for carbon-ceramic discs only; on iron nothing is known of it."),
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
            Of(plan.FrontPad, plan.FrontRotor, any) is { } front ? front with { Sentence = $"Front: {front.Sentence}" } : null,
            Of(plan.RearPad, plan.RearRotor, any) is { } rear ? rear with { Sentence = $"Rear: {rear.Sentence}" } : null,
            plan.Fluid.ClassOf() is { Silicone: true } && plan.Car.Electronics
                ? new HardStop("silicone-abs", $"{plan.Fluid.Name} is silicone: more compressible, and not for a car with ABS.") : null,
            Worn("front pads", plan.FrontPadMm, plan.Car.Front), Worn("rear pads", plan.RearPadMm, plan.Car.Rear), Worn("front rotors", plan.FrontRotor),
            Worn("rear rotors", plan.RearRotor),
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
        new("silicone-mix", $"{fluid.Name} and what is in the car never mix: silicone and glycol attack each other's seals and leave sludge.");

    private static HardStop? Worn(string what, double? leftMm, AxleBrake brake) =>
        leftMm < brake.PadLimitMm
            ? new HardStop("pad-worn",
            Text($"The {what} have {leftMm:0.0} mm left, below their limit of {brake.PadLimitMm:0.0} mm: new ones before the next drive.")) : null;

    private static HardStop? Worn(string what, Rotor rotor) =>
        rotor.ThicknessMm < rotor.MinThicknessMm || (rotor.Finish?.MinRingMassKg is { } least && rotor.MassKg() < least)
            ? new HardStop("rotor-worn", $"The {what} ({rotor.Name}) are below their service limit: they must be replaced.") : null;

    /// <summary>Why a pad is out whatever it rubs on, or null.</summary>
    public static HardStop? OfPad(Pad pad, Wishes wishes)
    {
        ArgumentNullException.ThrowIfNull(pad);
        ArgumentNullException.ThrowIfNull(wishes);
        return wishes.RoadApprovalMust && !pad.RoadApproved ? new HardStop("road-approval", $"{pad.Name} has no road approval, and you asked for it.",
            Own: true)
            : wishes.PreBedded && pad.Traits?.PreBedded != true ? new HardStop("pre-bedded", $"{pad.Name} does not come bedded, and you asked for that.",
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
        if (rotor.Construction == RotorConstruction.Drum != (plan.Car.Front.Caliper == CaliperKind.Drum))
        {
            return new HardStop("rotor-kind", $"{rotor.Name} does not go with the car's calipers.");
        }

        if (rotor.ThicknessMm < rotor.MinThicknessMm || (rotor.Finish?.MinRingMassKg is { } least && rotor.MassKg() < least))
        {
            return new HardStop("rotor-worn", $"{rotor.Name} is below its service limit: it must be replaced.");
        }

        if (plan.Car.WheelBarrelMm is { } barrel && rotor.OuterDiameterMm + (2 * AxleBrake.BridgeMm) > barrel)
        {
            return new HardStop("rotor-clearance",
                Text($"{rotor.Name} with its caliper needs a wheel barrel of {rotor.OuterDiameterMm + (2 * AxleBrake.BridgeMm):0} mm; yours has {barrel:0} " +
                    $"mm."));
        }

        if (rotor.OuterDiameterMm < plan.FrontRotor.OuterDiameterMm - SameDiameterMm)
        {
            return new HardStop("rotor-small",
                Text($"{rotor.Name} is {plan.FrontRotor.OuterDiameterMm - rotor.OuterDiameterMm:0} mm smaller than what the calipers sit over: the pads " +
                    $"would overhang it."));
        }

        if (wishes.ClassKeepsRotorSize && Math.Abs(rotor.OuterDiameterMm - plan.FrontRotor.OuterDiameterMm) > SameDiameterMm)
        {
            return new HardStop("class-rules", Text($"{rotor.Name} is {rotor.OuterDiameterMm:0} mm; your class keeps {plan.FrontRotor.OuterDiameterMm:0} mm."),
                Own: true);
        }

        var overhangMm = plan.Car.Front.PadHeightMm - ((rotor.OuterDiameterMm - rotor.InnerDiameterMm) / 2);
        return overhangMm > 4 ? new HardStop("rotor-ring", Text($"The pads would rub {overhangMm:0} mm beyond the ring of {rotor.Name}."))
            : face == RotorFace.Drilled ? new HardStop("drilled", $"{rotor.Name} is drilled after casting: on track cracks start at the holes.")
            : face == RotorFace.FactoryDrilled && !wishes.FactoryHolesAllowed && rotor.Material == RingMaterial.Iron
                ? new HardStop("drilled", $"{rotor.Name} is drilled, and your school is never on track.", Own: true)
            : wishes.Rotors == RotorSchool.Blanks && rotor.Construction == RotorConstruction.TwoPiece
                ? new HardStop("rotor-school", $"{rotor.Name} is two-piece, and your school is blanks as consumables.", Own: true)
            : wishes.Rotors == RotorSchool.TwoPiece && rotor.Construction == RotorConstruction.OnePiece
                ? new HardStop("rotor-school", $"{rotor.Name} is one-piece, and your school is two-piece.", Own: true)
            : null;
    }

    /// <summary>Why a fluid may not go into the car, or null.</summary>
    public static HardStop? Of(BrakeFluid fluid, PredictionPlan plan)
    {
        ArgumentNullException.ThrowIfNull(fluid);
        ArgumentNullException.ThrowIfNull(plan);
        var silicone = fluid.ClassOf() is { Silicone: true };
        var now = plan.Fluid.ClassOf() is { Silicone: true };
        return silicone && plan.Car.Electronics ? new HardStop("silicone-abs", $"{fluid.Name} is silicone: more compressible, and not for a car with ABS.")
            : silicone != now ? Mix(fluid)
            : null;
    }

    /// <summary>Why lines are out, or null.</summary>
    public static HardStop? Of(LineKit lines, Wishes wishes)
    {
        ArgumentNullException.ThrowIfNull(lines);
        ArgumentNullException.ThrowIfNull(wishes);
        return wishes.RoadApprovalMust && !lines.RoadApproved ? new HardStop("road-approval", $"{lines.Name} have no road approval, and you asked for it.",
            Own: true) : null;
    }

    /// <summary>Why a duct is out or does nothing, or null: behind a closed shield a tenth of it arrives.</summary>
    public static HardStop? Of(DuctKit duct, Wishes wishes)
    {
        ArgumentNullException.ThrowIfNull(duct);
        ArgumentNullException.ThrowIfNull(wishes);
        if (wishes.ClassForbidsDucts)
        {
            return new HardStop("class-rules", $"{duct.Name}: your class forbids ducts.", Own: true);
        }

        return duct.Duct.Shield == Shield.Closed ? new HardStop("duct-closed", $"{duct.Name} blows at a closed shield: a tenth of it arrives.") : null;
    }
}
