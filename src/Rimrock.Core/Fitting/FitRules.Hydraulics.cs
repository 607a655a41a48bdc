using Rimrock.Core.Driving;
using Rimrock.Core.Rotors;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Fitting;

/// <content>Calipers and master cylinders.</content>
public static partial class FitRules
{
    /// <summary>Why a caliper kit does not go on this car, or null.</summary>
    /// <param name="kit">The kit.</param>
    /// <param name="car">The car with its own calipers.</param>
    /// <param name="own">Those of the kit's axle.</param>
    /// <param name="fitted">The rotor that they sit over.</param>
    /// <param name="isOnRoad">False for a car that comes on a trailer, which nothing need hold parked.</param>
    public static HardStop? Of(CaliperKit kit, Car car, AxleBrake own, Rotor fitted, bool isOnRoad = true)
    {
        ArgumentNullException.ThrowIfNull(kit);
        ArgumentNullException.ThrowIfNull(car);
        ArgumentNullException.ThrowIfNull(own);
        var isDrum = own.Brake() == DrumBrake.Kind;
        return car.Kind == VehicleKind.Motorcycle ? new HardStop("vehicle-kind", Said.Of("fit-rules.kits-are-cars", kit.Name))
            : isDrum && !kit.Rear ? new HardStop("rotor-kind", Said.Of("fit-rules.kits-want-discs", kit.Name))
            : own.PadShape is { } shape && kit.Mounts is { Count: > 0 } mounts && !mounts.Contains(shape)
                ? new HardStop("kit-mount", Said.Of("fit-rules.kit-for-others", kit.Name, string.Join(", ", mounts), shape))
            : OfWheel(kit, car, own, fitted) ?? (isOnRoad ? OfParking(kit, car) : null)
                ?? (!isDrum && kit.AreaRatio(own) is > MostAreaRatio or < 1 / MostAreaRatio
                ? new HardStop("kit-pistons", Said.Of("fit-rules.kit-pistons", kit.Name, Units.Percent(100 * (kit.AreaRatio(own) - 1)))) : null);
    }

    // Barrel and spokes were measured at the front wheels; all four are usually of one make.
    private static HardStop? OfWheel(CaliperKit kit, Car car, AxleBrake own, Rotor fitted)
    {
        var (barrel, has) = (kit.Rotor.OuterDiameterMm + (2 * AxleBrake.BridgeMm), RotorMm(own, fitted) + UsualBarrelOverRotorMm);
        return car.WheelBarrelMm < barrel ? new HardStop("rotor-clearance",
                Said.Of("hard-stops.caliper-needs-wheel-barrel", kit.Name, Units.Mm(barrel), Units.Mm(car.WheelBarrelMm.Value)))
            : car.WheelBarrelMm is null && has < barrel
                ? new HardStop("rotor-clearance", Said.Of("fit-rules.kit-needs-larger-wheels", kit.Name, Units.Mm(barrel), Units.Mm(has)))
            : kit.StandsOutMm is { } outwards && car.SpokeRoomMm is { } room && outwards > room - LeastSpokeRoomMm
                ? new HardStop("spoke-clearance", Said.Of("fit-rules.kit-meets-spokes", kit.Name, Units.Mm(outwards), Units.Mm(room),
                    Units.Mm(LeastSpokeRoomMm))) : null;
    }

    // What holds a car parked stays (road law everywhere): shoes in a hat stay where they are, if the kit's rotors have that hat; a brake at the calipers goes
    // with them.
    private static HardStop? OfParking(CaliperKit kit, Car car) => kit.Rear && !kit.HoldsParked
        ? new HardStop("parking-brake", car.ParkingBrake == ParkingBrake.InHat ? Said.Of("fit-rules.kit-without-hat-brake", kit.Name)
            : Said.Of("fit-rules.kit-without-parking-brake", kit.Name)) : null;

    /// <summary>Why a master cylinder does not go on the car of a plan, or null: against the force and the pedal's way of what is fitted.</summary>
    /// <param name="cylinder">The cylinder.</param>
    /// <param name="plan">The plan with the calipers that it is to serve.</param>
    public static HardStop? Of(MasterCylinder cylinder, PredictionPlan plan)
    {
        ArgumentNullException.ThrowIfNull(cylinder);
        ArgumentNullException.ThrowIfNull(plan);
        if (OfKind(cylinder, plan.Car) is { } other)
        {
            return other;
        }

        var read = Read(cylinder, plan);
        return read.PedalMm.P50 > MostAreaRatio * read.PedalBeforeMm.P50
                ? new HardStop("cylinder-bore", Said.Of("fit-rules.cylinder-too-small", cylinder.Name,
                    Units.Mm(read.PedalMm.P50), Units.Mm(read.PedalBeforeMm.P50)))
            : read.ForceN > Math.Max(LegForce.Of(plan.With(cylinder).Car).ComfortableN.Front, read.ForceBeforeN * MostAreaRatio)
                ? new HardStop("cylinder-bore", Said.Of("fit-rules.cylinder-too-large", cylinder.Name,
                    Units.N(read.ForceN), Units.N(read.ForceBeforeN))) : null;
    }

    /// <summary>Why a master cylinder is none for this kind of car, or null.</summary>
    public static HardStop? OfKind(MasterCylinder cylinder, Car car)
    {
        ArgumentNullException.ThrowIfNull(cylinder);
        ArgumentNullException.ThrowIfNull(car);
        return car.Kind == VehicleKind.Motorcycle ? new HardStop("vehicle-kind", Said.Of("fit-rules.cylinders-are-cars", cylinder.Name))
            : cylinder.BalanceBarFrontShare is not null && car.Electronics
                ? new HardStop("bar-electronics", Said.Of("fit-rules.bar-and-electronics", cylinder.Name)) : null;
    }

    private static CaliperSwap Read(MasterCylinder cylinder, PredictionPlan plan)
    {
        Axles<Rotor> rotors = new(plan.FrontRotor, plan.RearRotor);
        return CaliperSwap.Between(plan.DrivenCar(), plan.With(cylinder).DrivenCar(), rotors, rotors, plan.Lines);
    }
}
