using Rimrock.Core.Circuits;
using Rimrock.Core.Fluids;
using Rimrock.Core.Friction;
using Rimrock.Core.Rotors;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Driving;

/// <summary>Everything a prediction needs: one car, one place, one day, what is fitted.</summary>
/// <param name="Car">The car.</param>
/// <param name="Circuit">Where it is driven.</param>
/// <param name="Pace">Pace code, see <see cref="Driving.Pace"/>; a table of zones or a recording is taken as driven.</param>
/// <param name="Stint">The day's sessions.</param>
/// <param name="Weather">The day's weather.</param>
/// <param name="FrontPad">Front pads.</param>
/// <param name="RearPad">Rear pads.</param>
/// <param name="FrontRotor">Front rotors.</param>
/// <param name="RearRotor">Rear rotors.</param>
/// <param name="Fluid">Brake fluid.</param>
/// <param name="FluidState">Its age or a reading.</param>
/// <param name="FrontPadMm">Friction material left at the front this morning, mm; null for new pads.</param>
/// <param name="RearPadMm">The same at the rear.</param>
/// <param name="FrontDuct">Cooling air to the front wheels.</param>
/// <param name="RoadPercent">Share of the car's miles on the road, %.</param>
/// <param name="RearDuct">Cooling air to the rear wheels.</param>
/// <param name="FrontWrongSide">True where handed front rotors sit on each other's side.</param>
/// <param name="RearWrongSide">The same at the rear.</param>
/// <param name="Bedded">False for new pads that have not been bedded.</param>
/// <param name="StabilityControlPercent">Laps in which stability control brakes a front wheel in the corners, %.</param>
/// <param name="BatteryFull">True where a full battery takes no recuperation.</param>
/// <param name="RoadDuty">What the car does away from the track, see <see cref="Driving.RoadDuty"/>.</param>
/// <param name="TrailerKg">Trailer towed on the road, kg.</param>
/// <param name="TrailerBraked">True where the trailer has brakes.</param>
/// <param name="OutsideHeat">Something hot beside a front line or caliper.</param>
/// <param name="Lines">The flexible lines.</param>
public sealed record PredictionPlan(
    Car Car,
    Circuit Circuit,
    string Pace,
    StintPlan Stint,
    Weather Weather,
    Pad FrontPad,
    Pad RearPad,
    Rotor FrontRotor,
    Rotor RearRotor,
    BrakeFluid Fluid,
    FluidState FluidState,
    double? FrontPadMm = null,
    double? RearPadMm = null,
    WheelDuct? FrontDuct = null,
    double RoadPercent = 80,
    WheelDuct? RearDuct = null,
    bool FrontWrongSide = false,
    bool RearWrongSide = false,
    bool Bedded = true,
    double StabilityControlPercent = 0,
    bool BatteryFull = false,
    string RoadDuty = "weekday",
    double TrailerKg = 0,
    bool TrailerBraked = false,
    OutsideHeat? OutsideHeat = null,
    BrakeLine Lines = BrakeLine.Rubber)
{
    private static readonly FieldRange Stability = new("stabilityControlPercent", "%", 0, 100);
    private static readonly FieldRange Trailer = new("trailerKg", "kg", 0, 3500);
    private static readonly FieldRange PadLeft = new("frontPadMm", "mm", 1, 25);
    private static readonly FieldRange Road = new("roadPercent", "%", 0, 100);

    /// <summary>Ranges of every numeric field of a plan, for forms.</summary>
    public static IReadOnlyList<FieldRange> Ranges { get; } =
    [
        .. Car.Ranges, .. Circuit.Ranges, .. StintPlan.Ranges, .. Weather.Ranges, .. Rotor.Ranges,
        .. FluidState.Ranges, .. WheelDuct.Ranges, .. Vehicles.OutsideHeat.Ranges, PadLeft, Road, Stability, Trailer, CurvePoint.TemperatureRange,
        CurvePoint.MuRange,
    ];

    /// <summary>Everything that is wrong with the plan; empty when it can be computed.</summary>
    public IReadOnlyList<InputFault> Faults()
    {
        var faults = new List<InputFault>();
        Car.Check(faults);
        Circuit.Check(faults);
        Stint.Check(faults);
        Weather.Check(faults);
        FrontPad.Check("frontPad", faults);
        RearPad.Check("rearPad", faults);
        FrontRotor.Check("frontRotor", faults);
        RearRotor.Check("rearRotor", faults);
        Fluid.Check("fluid", faults);
        FluidState.Check(faults);
        FrontDuct?.Check("frontDuct", faults);
        RearDuct?.Check("rearDuct", faults);
        OutsideHeat?.Check("outsideHeat", faults);
        Stability.Check(StabilityControlPercent, faults);
        Trailer.Check(TrailerKg, faults);
        if (Driving.RoadDuty.All.All(duty => duty.Code != RoadDuty))
        {
            faults.Add(Driving.RoadDuty.UnknownFault(RoadDuty));
        }

        Road.Check(RoadPercent, faults);
        if (Driving.Pace.All.All(pace => pace.Code != Pace))
        {
            faults.Add(Driving.Pace.UnknownFault(Pace));
        }

        CheckPadLeft(FrontPadMm, Car.Front, "frontPadMm", faults);
        CheckPadLeft(RearPadMm, Car.Rear, "rearPadMm", faults);
        CheckFit(FrontRotor, Car.Front, "frontRotor", faults);
        if (faults.Count == 0 && Circuit.Zones is { } zones)
        {
            BrakingZoneTable.CheckReach(zones, Car, faults);
        }

        CheckFit(RearRotor, Car.Rear, "rearRotor", faults);
        return faults;
    }

    /// <summary>What is fitted.</summary>
    public Setup Setup() => new(
        new(new(Car.Front, new(FrontPad, FrontPadMm, FrontPadMm, Bedded), new(FrontRotor, WrongSide: FrontWrongSide), FrontDuct),
            new(Car.Rear, new(RearPad, RearPadMm, RearPadMm, Bedded), new(RearRotor, WrongSide: RearWrongSide), RearDuct)),
        new(Fluid, FluidState), new(Lines), Car.Hydraulics.MasterCylinderMm);

    /// <summary>What is fitted at an axle.</summary>
    public AxleSetup At(Axle axle) => Setup().Axles[axle];

    /// <summary>What the plan's day depends on.</summary>
    public Drive Drive() => new(Car, Circuit, Pace, Stint, Weather, BatteryFull, RoadDuty, TrailerKg, TrailerBraked);

    /// <summary>The car as it is driven on the day.</summary>
    public Car DrivenCar() => Drive().DrivenCar();

    /// <summary>The car with what it tows on the road.</summary>
    public Car RoadCar() => Drive().RoadCar();

    /// <summary>Torque at all wheels that a stop takes, Nm.</summary>
    public double StopTorqueNM(BrakeStop stop)
    {
        ArgumentNullException.ThrowIfNull(stop);
        return stop.EnergyJ / (1 - BrakingWork.TyreSlipShare) / (Speed.FromKmh(stop.MeanKmh) * stop.DurationS) * Car.TyreRadiusM;
    }

    private static void CheckPadLeft(double? left, AxleBrake brake, string field, List<InputFault> faults)
    {
        if (left is { } mm)
        {
            PadLeft.Check(mm, faults, field);
            if (mm > brake.PadNewMm)
            {
                faults.Add(new InputFault(field, $"{mm:0.##}", Said.Of("prediction-plan.most-new-pad", Units.Mm(brake.PadNewMm)),
                    Said.Of("prediction-plan.pad-cannot-thicker-new")));
            }
        }
    }

    private static void CheckFit(Rotor rotor, AxleBrake brake, string field, List<InputFault> faults)
    {
        if (rotor.Brake() != brake.Brake())
        {
            faults.Add(new InputFault($"{field}.construction", Said.Of("prediction-plan.with", $"{rotor.Construction}", $"{brake.Caliper}"),
                Said.Of("prediction-plan.drum-drum-brake-disc"),
                Said.Of("prediction-plan.rotor-caliper-do-not")));
        }

        if (!rotor.Brake().RubsBothFaces)
        {
            return;
        }

        var ringMm = (rotor.OuterDiameterMm - rotor.InnerDiameterMm) / 2;
        if (brake.PadHeightMm > ringMm + 4)
        {
            faults.Add(new InputFault($"{field}.innerDiameterMm", $"{rotor.InnerDiameterMm:0.#}",
                Said.Of("prediction-plan.most-pad-high", Units.Mm(rotor.OuterDiameterMm - (2 * (brake.PadHeightMm - 4))), Units.Mm(brake.PadHeightMm)),
                Said.Of("prediction-plan.pad-would-rub-beyond")));
        }
    }
}
