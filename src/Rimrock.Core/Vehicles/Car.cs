
namespace Rimrock.Core.Vehicles;

/// <summary>What has wheels.</summary>
public enum VehicleKind
{
    /// <summary>Two wheels an axle.</summary>
    Car,

    /// <summary>Two front discs on one wheel, one rear disc, a lever for each axle.</summary>
    Motorcycle,
}

/// <summary>At which axle recuperation brakes.</summary>
public enum RegeneratingAxle
{
    /// <summary>At both, as they are loaded standing still; unknown is taken so too.</summary>
    Both,

    /// <summary>At the front.</summary>
    Front,

    /// <summary>At the rear.</summary>
    Rear,
}

/// <summary>Whether electronics press on where the booster has given all.</summary>
public enum FadeSupport
{
    /// <summary>Nobody knows: half of what is believed has it.</summary>
    Unknown,

    /// <summary>They do.</summary>
    Yes,

    /// <summary>They do not.</summary>
    No,
}

/// <summary>What holds a car parked.</summary>
public enum ParkingBrake
{
    /// <summary>Nobody looked.</summary>
    Unknown,

    /// <summary>Shoes in the rear rotors' hats.</summary>
    InHat,

    /// <summary>A cable at the rear calipers: their pistons are wound back, not pushed.</summary>
    InCaliper,

    /// <summary>Motors at the rear calipers: a service mode lets them back.</summary>
    Electric,
}

/// <summary>A car (or motorcycle) by everything that decides how hard its brakes work. <see cref="CarGuess"/> fills it from five answers.</summary>
/// <param name="Name">Name in the plan sentence.</param>
/// <param name="MassKg">Mass with driver and fuel, kg.</param>
/// <param name="PowerKw">Peak engine power, kW.</param>
/// <param name="Tyre">Tyre code, see <see cref="Vehicles.Tyre"/>.</param>
/// <param name="Front">Front calipers and pads.</param>
/// <param name="Rear">Rear calipers and pads.</param>
/// <param name="Hydraulics">Pedal, booster and master cylinder.</param>
/// <param name="OriginalPadFamily">Family of the pads the car was sold with: the yardstick for cold stops.</param>
/// <param name="StaticFrontShare">Front weight share standing still.</param>
/// <param name="CgHeightM">Height of the centre of gravity, m.</param>
/// <param name="WheelbaseM">Wheelbase, m.</param>
/// <param name="TyreRadiusM">Rolling radius, m.</param>
/// <param name="DragAreaM2">Drag coefficient times frontal area, m2.</param>
/// <param name="RollingResistance">Rolling resistance coefficient.</param>
/// <param name="RotatingMassFactor">Mass with wheels and driveline spun up, over mass.</param>
/// <param name="DriveEfficiency">Share of engine power at the tyres.</param>
/// <param name="EngineBrakingMS2">Deceleration by the engine with the throttle shut, m/s2.</param>
/// <param name="RegenerationMS2">Deceleration that recuperation takes first, m/s2; 0 for none.</param>
/// <param name="Electronics">True with ABS and brake-force distribution.</param>
/// <param name="Kind">Car or motorcycle.</param>
/// <param name="Bleeding">In which order its maker wants the calipers bled.</param>
/// <param name="WheelBarrelMm">Inner diameter of the front wheels' barrel, mm; null where unknown.</param>
/// <param name="RegeneratesAt">At which axle recuperation brakes.</param>
/// <param name="Charged">True with a turbocharger or an electric drive: power does not fall with altitude.</param>
/// <param name="DownforceAreaM2">Downforce coefficient times area, m2; negative for lift.</param>
/// <param name="RearValve">What holds the rear back where no electronics do.</param>
/// <param name="FadeSupport">Whether electronics press on beyond the booster.</param>
/// <param name="AsksFluid">Class of fluid that its maker asks for, see <see cref="Fluids.FluidClass"/>; null where nobody looked.</param>
/// <param name="ParkingBrake">What holds it parked.</param>
/// <param name="SpokeRoomMm">Room from the hub's face outwards to the front wheels' spokes where the caliper passes, mm; null where nobody measured.</param>
public sealed record Car(
    string Name,
    double MassKg,
    double PowerKw,
    string Tyre,
    AxleBrake Front,
    AxleBrake Rear,
    Hydraulics Hydraulics,
    string OriginalPadFamily = "organic",
    double StaticFrontShare = 0.58,
    double CgHeightM = 0.55,
    double WheelbaseM = 2.70,
    double TyreRadiusM = 0.315,
    double DragAreaM2 = 0.68,
    double RollingResistance = 0.013,
    double RotatingMassFactor = 1.04,
    double DriveEfficiency = 0.87,
    double EngineBrakingMS2 = 0.3,
    double RegenerationMS2 = 0,
    bool Electronics = true,
    VehicleKind Kind = VehicleKind.Car,
    double? WheelBarrelMm = null,
    BleedOrder Bleeding = BleedOrder.FurthestFirst,
    RegeneratingAxle RegeneratesAt = RegeneratingAxle.Both,
    bool Charged = false,
    double DownforceAreaM2 = 0,
    RearValve RearValve = RearValve.Unknown,
    FadeSupport FadeSupport = FadeSupport.Unknown,
    string? AsksFluid = null,
    ParkingBrake ParkingBrake = ParkingBrake.Unknown,
    double? SpokeRoomMm = null)
{
    /// <summary>Allowed masses.</summary>
    public static FieldRange MassRange { get; } = new("car.massKg", "kg", 350, 4000);

    /// <summary>Allowed masses of motorcycles.</summary>
    public static FieldRange MotorcycleMassRange { get; } = new("car.massKg", "kg", 150, 600, "car.mass-rider");

    /// <summary>Allowed powers.</summary>
    public static FieldRange PowerRange { get; } = new("car.powerKw", "kW", 15, 1200);

    private static readonly FieldRange FrontShare = new("car.staticFrontShare", "", 0.3, 0.7);
    private static readonly FieldRange CgHeight = new("car.cgHeightM", "m", 0.25, 1.1);
    private static readonly FieldRange Wheelbase = new("car.wheelbaseM", "m", 1.2, 4);
    private static readonly FieldRange TyreRadius = new("car.tyreRadiusM", "m", 0.22, 0.45);
    private static readonly FieldRange DragArea = new("car.dragAreaM2", "m2", 0.2, 2);
    private static readonly FieldRange Rolling = new("car.rollingResistance", "", 0.005, 0.03);
    private static readonly FieldRange Rotating = new("car.rotatingMassFactor", "", 1, 1.2);
    private static readonly FieldRange Drive = new("car.driveEfficiency", "", 0.6, 1);
    private static readonly FieldRange EngineBraking = new("car.engineBrakingMS2", "m/s2", 0, 1.5);
    private static readonly FieldRange Downforce = new("car.downforceAreaM2", "m2", -1, 6);
    private static readonly FieldRange Spokes = new("car.spokeRoomMm", "mm", 0, 150);
    private static readonly FieldRange Barrel = new("car.wheelBarrelMm", "mm", 250, 560);
    private static readonly FieldRange Regeneration = new("car.regenerationMS2", "m/s2", 0, 4);

    /// <summary>Ranges of the fields, for forms.</summary>
    public static IReadOnlyList<FieldRange> Ranges { get; } =
        [MassRange, PowerRange, FrontShare, CgHeight, Wheelbase, TyreRadius, DragArea, Rolling, Rotating, Drive, EngineBraking, Regeneration, Barrel, Spokes,
            Downforce,
            .. Vehicles.Hydraulics.Ranges, .. AxleBrake.Ranges];

    /// <summary>Mass that kinetic energy sees, kg.</summary>
    public double EffectiveMassKg() => MassKg * RotatingMassFactor;

    /// <summary>Power lost to thin air, share for each 1000 m, without a charger (common practice).</summary>
    public const double PowerLossPerThousandMetres = 0.1;

    /// <summary>The car at an altitude, m: an engine without a charger breathes thinner air.</summary>
    public Car At(double altitudeM) => Charged || RegenerationMS2 > 0 || altitudeM <= 0 ? this
        : this with { PowerKw = PowerKw * Math.Max(0.2, 1 - (PowerLossPerThousandMetres * altitudeM / 1000)) };

    /// <summary>Load that the air adds, over the weight.</summary>
    public double AirLoadG(double speedMS, double airDensityKgM3) =>
        0.5 * airDensityKgM3 * DownforceAreaM2 * speedMS * speedMS / (MassKg * Speed.StandardGravityMS2);

    /// <summary>Deceleration at which the rear wheel leaves the ground, g: static rear share times wheelbase over height.</summary>
    public double LiftG() => StaticFrontShare < 1 ? (1 - StaticFrontShare) * WheelbaseM / CgHeightM : 0;

    /// <summary>Lists what is wrong with the car.</summary>
    public void Check(ICollection<InputFault> faults)
    {
        ArgumentNullException.ThrowIfNull(faults);
        Names.Check(Name, "car.name", faults);
        (Kind == VehicleKind.Motorcycle ? MotorcycleMassRange : MassRange).Check(MassKg, faults);
        PowerRange.Check(PowerKw, faults);
        FrontShare.Check(StaticFrontShare, faults);
        CgHeight.Check(CgHeightM, faults);
        Wheelbase.Check(WheelbaseM, faults);
        TyreRadius.Check(TyreRadiusM, faults);
        DragArea.Check(DragAreaM2, faults);
        Rolling.Check(RollingResistance, faults);
        Rotating.Check(RotatingMassFactor, faults);
        Drive.Check(DriveEfficiency, faults);
        EngineBraking.Check(EngineBrakingMS2, faults);
        Regeneration.Check(RegenerationMS2, faults);
        Downforce.Check(DownforceAreaM2, faults);
        if (SpokeRoomMm is { } room)
        {
            Spokes.Check(room, faults);
        }

        if (WheelBarrelMm is { } barrel)
        {
            Barrel.Check(barrel, faults);
        }

        Hydraulics.Check(faults);
        Front.Check("car.front", faults);
        Rear.Check("car.rear", faults);
        if (Vehicles.Tyre.All.All(tyre => tyre.Code != Tyre))
        {
            faults.Add(Vehicles.Tyre.UnknownFault(Tyre));
        }

        if (Friction.PadFamilies.All.All(family => family.Code != OriginalPadFamily))
        {
            faults.Add(new InputFault("car.originalPadFamily", OriginalPadFamily, string.Join(", ", Friction.PadFamilies.All.Select(family => family.Code)),
                Said.Of("car.no-such-pad-family")));
        }
    }
}
