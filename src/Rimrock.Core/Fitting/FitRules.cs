using Rimrock.Core.Driving;
using Rimrock.Core.Fluids;
using Rimrock.Core.Friction;
using Rimrock.Core.Rotors;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Fitting;

/// <summary>What can be bolted to this car: the part of the gate that asks for sizes, shapes and kinds; the gate of every room asks it.</summary>
public static partial class FitRules
{
    /// <summary>Rings this much larger or smaller sit under the same calipers, mm (common practice: makers' tolerances).</summary>
    public const double SameDiameterMm = 2;

    /// <summary>A ring may be this much thicker than the calipers are made for, mm: new pads leave no more.</summary>
    public const double ThickerMm = 0.5;

    /// <summary>And this much thinner: with worn pads the pistons come out of their seals (common practice).</summary>
    public const double ThinnerMm = 3;

    /// <summary>A hat may sit this much further in or out, mm.</summary>
    public const double SameOffsetMm = 0.5;

    /// <summary>
    /// Piston area may be so many times smaller or larger than the original's: beyond, no usual master cylinder makes it good (common practice).
    /// </summary>
    public const double MostAreaRatio = 1.4;

    // A caliper keeps so much from the spokes: wheels and hubs give (common practice, 3 mm).
    private const double LeastSpokeRoomMm = 3;

    // Wheels that carry a rotor leave so much around it, from rim to rim of the barrel (common practice, +-20).
    private const double UsualBarrelOverRotorMm = 92;

    // What a new rotor may wear by, of a car and of a motorcycle (common practice).
    private const double UsualWearMm = 2;
    private const double UsualWearOfMotorcyclesMm = 0.5;

    // Discs of motorcycles are of some 4 to 6 mm, the thinnest of cars of 8 (common practice).
    private const double ThickestOfMotorcyclesMm = 7.5;

    // What a car asks for where nobody looked: nearly every car with discs asks for this, or for more (common practice).
    internal const string UsualClass = "dot4";

    /// <summary>Diameter of the rotors that an axle's calipers are made for, mm: stated, or read off what is fitted.</summary>
    /// <param name="brake">The calipers.</param>
    /// <param name="fitted">The rotor that they sit over; its brackets, if it has any, come off with it.</param>
    public static double RotorMm(AxleBrake brake, Rotor fitted)
    {
        ArgumentNullException.ThrowIfNull(brake);
        ArgumentNullException.ThrowIfNull(fitted);
        return brake.RotorMm ?? fitted.BracketForMm ?? fitted.OuterDiameterMm;
    }

    /// <summary>
    /// Thickness of new rotors that an axle's calipers are made for, mm: stated, or of a fitted rotor, which is as thick as it is today, what its limit and the
    /// usual wear add up to, at least.
    /// </summary>
    /// <param name="brake">The calipers.</param>
    /// <param name="fitted">The rotor that they sit over.</param>
    public static double MadeMm(AxleBrake brake, Rotor fitted)
    {
        ArgumentNullException.ThrowIfNull(brake);
        ArgumentNullException.ThrowIfNull(fitted);
        var usual = fitted.ThicknessMm <= ThickestOfMotorcyclesMm ? UsualWearOfMotorcyclesMm : UsualWearMm;
        return brake.RotorThicknessMm ?? Math.Max(fitted.ThicknessMm, fitted.MinThicknessMm + usual);
    }

    /// <summary>True where caliper and pad both name the shape, so that nobody has to look.</summary>
    public static bool IsShapeKnown(Pad pad, AxleBrake brake)
    {
        ArgumentNullException.ThrowIfNull(pad);
        ArgumentNullException.ThrowIfNull(brake);
        return brake.PadShape is not null && pad.Shapes is { Count: > 0 };
    }

    /// <summary>Why a pad on offer does not go into an axle's calipers, or null.</summary>
    public static HardStop? Of(Pad pad, Axle axle, Car car)
    {
        ArgumentNullException.ThrowIfNull(pad);
        ArgumentNullException.ThrowIfNull(car);
        var brake = axle == Axle.Front ? car.Front : car.Rear;
        return pad.ForMotorcycle != (car.Kind == VehicleKind.Motorcycle)
            ? new HardStop("vehicle-kind", pad.ForMotorcycle ? Said.Of("fit-rules.motorcycles-pad", pad.Name) : Said.Of("fit-rules.cars-pad", pad.Name))
            : brake.Brake() == DrumBrake.Kind && !IsShapeKnown(pad, brake) ? new HardStop("pad-shape", Said.Of("fit-rules.drums-take-shoes", pad.Name))
            : OfShape(pad, brake);
    }

    /// <summary>Why a pad is not of the shape of its calipers, or null; also of what is fitted.</summary>
    public static HardStop? OfShape(Pad pad, AxleBrake brake) => IsShapeKnown(pad, brake) && !pad.Shapes!.Contains(brake.PadShape!)
        ? new HardStop("pad-shape", Said.Of("fit-rules.other-shape", pad.Name, string.Join(", ", pad.Shapes!), brake.PadShape!)) : null;

    /// <summary>Why a set of hoses to the wheels is none for this vehicle, or null: a motorcycle's discs stand in the wind (common practice).</summary>
    public static HardStop? OfDuct(Car car)
    {
        ArgumentNullException.ThrowIfNull(car);
        return car.Kind == VehicleKind.Motorcycle ? new HardStop("vehicle-kind", Said.Of("fit-rules.ducts-of-cars")) : null;
    }

    /// <summary>Why a set of lines is none for this vehicle, or null.</summary>
    public static HardStop? Of(LineKit lines, Car car)
    {
        ArgumentNullException.ThrowIfNull(lines);
        ArgumentNullException.ThrowIfNull(car);
        return lines.ForMotorcycle == (car.Kind == VehicleKind.Motorcycle) ? null
            : new HardStop("vehicle-kind", Said.Of(lines.ForMotorcycle ? "fit-rules.motorcycles-lines" : "fit-rules.cars-lines", lines.Name));
    }

    /// <summary>Why a rotor on offer does not go under an axle's calipers, or null.</summary>
    /// <param name="rotor">The rotor.</param>
    /// <param name="brake">The calipers.</param>
    /// <param name="fitted">What they sit over now.</param>
    /// <param name="kind">Car or motorcycle.</param>
    public static HardStop? Of(Rotor rotor, AxleBrake brake, Rotor fitted, VehicleKind kind)
    {
        ArgumentNullException.ThrowIfNull(rotor);
        ArgumentNullException.ThrowIfNull(fitted);
        if (OfKind(rotor, kind) is { } other)
        {
            return other;
        }

        if (!rotor.Brake().RubsBothFaces)
        {
            return null;
        }

        var original = RotorMm(brake, fitted);
        var carriedFrom = rotor.BracketForMm ?? rotor.OuterDiameterMm;
        if (Math.Abs(carriedFrom - original) > SameDiameterMm)
        {
            return new HardStop("rotor-diameter", rotor.BracketForMm is { } bracket
                ? Said.Of("fit-rules.brackets-of-others", rotor.Name, Units.Mm(bracket), Units.Mm(original))
                : Said.Of(rotor.OuterDiameterMm > original ? "fit-rules.larger-needs-bracket" : "fit-rules.smaller-leaves-pads", rotor.Name,
                    Units.Mm(rotor.OuterDiameterMm), Units.Mm(original)));
        }

        if (rotor.Bracket is { } pair && OfMount(pair, brake) is { } unmounted)
        {
            return unmounted;
        }

        var made = MadeMm(brake, fitted);
        return rotor.ThicknessMm > made + ThickerMm ? new HardStop("rotor-thickness",
                Said.Of("fit-rules.thicker", rotor.Name, Units.Mm(rotor.ThicknessMm), Units.Mm(made)))
            : rotor.ThicknessMm < made - ThinnerMm ? new HardStop("rotor-thickness",
                Said.Of("fit-rules.thinner", rotor.Name, Units.Mm(rotor.ThicknessMm), Units.Mm(made)))
            : rotor.BoltCircle is { } holes && fitted.BoltCircle is { } own && holes != own
                ? new HardStop("bolt-circle", Said.Of("fit-rules.bolt-circle", rotor.Name, holes, own))
            : rotor.HatOffsetMm is { } offset && fitted.HatOffsetMm is { } ownOffset && Math.Abs(offset - ownOffset) > SameOffsetMm
                ? new HardStop("hat-offset", Said.Of("fit-rules.hat-offset", rotor.Name, Units.Mm(offset), Units.Mm(ownOffset)))
            : null;
    }

    /// <summary>Why brackets carry no calipers of an axle of a car, or null.</summary>
    /// <param name="pair">The brackets.</param>
    /// <param name="brake">The calipers.</param>
    /// <param name="fitted">What they sit over now.</param>
    /// <param name="kind">Car or motorcycle.</param>
    public static HardStop? Of(Bracket pair, AxleBrake brake, Rotor fitted, VehicleKind kind)
    {
        ArgumentNullException.ThrowIfNull(pair);
        ArgumentNullException.ThrowIfNull(brake);
        var made = RotorMm(brake, fitted);
        return kind == VehicleKind.Motorcycle ? new HardStop("vehicle-kind", Said.Of("fit-rules.brackets-are-cars", pair.Name))
            : brake.Brake() == DrumBrake.Kind ? new HardStop("rotor-kind", Said.Of("fit-rules.brackets-want-discs", pair.Name))
            : Math.Abs(pair.FromMm - made) > SameDiameterMm
                ? new HardStop("rotor-diameter", Said.Of("fit-rules.brackets-for-others", pair.Name, Units.Mm(pair.FromMm), Units.Mm(made)))
            : OfMount(pair, brake);
    }

    /// <summary>The same on an axle of a plan's car.</summary>
    public static HardStop? Of(Bracket pair, PredictionPlan plan, Axle axle)
    {
        ArgumentNullException.ThrowIfNull(plan);
        return plan.At(axle) is var at ? Of(pair, at.Brake, at.Rotors.Rotor, plan.Car.Kind) : null;
    }

    private static HardStop? OfMount(Bracket pair, AxleBrake brake) =>
        brake.PadShape is { } shape && pair.Mounts is { Count: > 0 } mounts && !mounts.Contains(shape)
            ? new HardStop("kit-mount", Said.Of("fit-rules.kit-for-others", pair.Name, string.Join(", ", mounts), shape)) : null;

    /// <summary>Why a fitted rotor cannot be on this vehicle or under these calipers, or null; only what is stated is held against it.</summary>
    public static HardStop? OfFitted(Rotor rotor, AxleBrake brake, VehicleKind kind)
    {
        ArgumentNullException.ThrowIfNull(rotor);
        ArgumentNullException.ThrowIfNull(brake);
        return OfKind(rotor, kind) ?? (brake.RotorMm is null || !rotor.Brake().RubsBothFaces ? null : Of(rotor, brake, rotor, kind));
    }

    /// <summary>Why a fluid is less than what the car asks, or null: by its figures, dry and wet, never by the class's number.</summary>
    /// <param name="fluid">The fluid.</param>
    /// <param name="asks">Class that the car's maker asks for; null where nobody looked.</param>
    /// <param name="isOffered">True for what could be bought: what cars usually ask stands in where nobody looked.</param>
    public static HardStop? Of(BrakeFluid fluid, string? asks, bool isOffered)
    {
        ArgumentNullException.ThrowIfNull(fluid);
        return (asks ?? (isOffered ? UsualClass : null)) is { } code && FluidClass.Find(code) is { } row && (fluid.DryC < row.DryC || fluid.WetC < row.WetC)
            ? new HardStop("fluid-figures",
                Said.Of("fit-rules.fluid-below", fluid.Name, Units.C(fluid.DryC), Units.C(fluid.WetC), Units.C(row.DryC), Units.C(row.WetC))) : null;
    }

    private static HardStop? OfKind(Rotor rotor, VehicleKind kind) =>
        rotor.Brake().RubsBothFaces && rotor.ThicknessMm <= ThickestOfMotorcyclesMm != (kind == VehicleKind.Motorcycle)
            ? new HardStop("vehicle-kind", kind == VehicleKind.Motorcycle ? Said.Of("fit-rules.cars-disc", rotor.Name)
                : Said.Of("fit-rules.motorcycles-disc", rotor.Name)) : null;
}
