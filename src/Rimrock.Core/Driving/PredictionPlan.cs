using Rimrock.Core.Circuits;
using Rimrock.Core.Fluids;
using Rimrock.Core.Friction;
using Rimrock.Core.Rotors;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Driving;

/// <summary>Everything a prediction needs: one car, the kinds of day that it sees in a year, what is fitted.</summary>
/// <param name="Car">The car.</param>
/// <param name="Circuit">Where its laps are driven.</param>
/// <param name="Pace">Pace code, see <see cref="Driving.Pace"/>; a table of zones or a recording is taken as driven.</param>
/// <param name="Stint">A track day's sessions.</param>
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
/// <param name="OutsideHeat">Something hot beside a line or caliper.</param>
/// <param name="Lines">The flexible lines.</param>
/// <param name="Days">The kinds of day that the car sees, each with its share of the year; null for track days alone.</param>
/// <param name="LinesPrice">Price of the set of lines; null where unknown.</param>
/// <param name="DuctPrice">Price of the set of front ducts; null where unknown.</param>
/// <param name="FrontKit">The caliper kit that is on the front axle; null for the car's own calipers.</param>
/// <param name="Open">What stops the car until something is done about it; null for nothing.</param>
/// <param name="Driver">Who drives; null where nobody said. What is learnt of how late and hard somebody brakes holds for nobody else.</param>
/// <param name="HoseYears">Age of the flexible lines, years; null where nobody knows.</param>
/// <param name="RearKit">The caliper kit that is on the rear axle; null for the car's own calipers or drums.</param>
/// <param name="Cylinder">The master cylinder that was fitted; null for the car's own.</param>
public sealed partial record PredictionPlan(
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
    OutsideHeat? OutsideHeat = null,
    BrakeLine Lines = BrakeLine.Rubber,
    IReadOnlyList<PlannedDay>? Days = null,
    double? LinesPrice = null,
    double? DuctPrice = null,
    CaliperKit? FrontKit = null,
    IReadOnlyList<OpenSign>? Open = null,
    string? Driver = null,
    double? HoseYears = null,
    CaliperKit? RearKit = null,
    MasterCylinder? Cylinder = null)
{
    /// <summary>True where nobody can forecast the day's air yet.</summary>
    internal bool IsFarAhead { get; init; }

    private static readonly FieldRange Stability = new("stabilityControlPercent", "%", 0, 100);
    private const int MostDays = 8;
    private static readonly IReadOnlyList<PlannedDay> TrackDays = [new(DayKind.TrackDay, DayKind.Find(DayKind.TrackDay).UsualDays)];
    private static readonly FieldRange PadLeft = new("frontPadMm", "mm", 1, 25);
    private static readonly FieldRange Road = new("roadPercent", "%", 0, 100);

    /// <summary>Ranges of every numeric field of a plan, for forms.</summary>
    public static IReadOnlyList<FieldRange> Ranges { get; } =
    [
        .. Car.Ranges, .. Circuit.Ranges, .. StintPlan.Ranges, .. Weather.Ranges, .. Rotor.Ranges,
        .. FluidState.Ranges, .. WheelDuct.Ranges, .. Vehicles.OutsideHeat.Ranges, PadLeft, Road, Stability, .. BrakeLines.Ranges, .. PlannedDay.Ranges,
        CurvePoint.TemperatureRange, CurvePoint.MuRange,
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
        FrontKit?.Check("frontKit", faults);
        RearKit?.Check("rearKit", faults);
        Cylinder?.Check("cylinder", faults);
        Stability.Check(StabilityControlPercent, faults);
        BrakeLines.CheckAge(HoseYears, faults);
        CheckDays(faults);
        OpenSign.Check(Open, faults);
        if (Driver is not null)
        {
            Names.Check(Driver, "driver", faults);
        }

        Road.Check(RoadPercent, faults);
        if (Driving.Pace.All.All(pace => pace.Code != Pace))
        {
            faults.Add(Driving.Pace.UnknownFault(Pace));
        }

        CheckPadLeft(FrontPadMm, Car.Front, "frontPadMm", faults);
        CheckPadLeft(RearPadMm, Car.Rear, "rearPadMm", faults);
        CheckFit(FrontRotor, Car.Front, "frontRotor", faults);
        if (faults.Count == 0 && Circuit.Zones is { } zones && Planned().Any(day => day.AtCircuit || day.KindOf().Shape == DayShape.Laps))
        {
            BrakingZoneTable.CheckReach(zones, Car, faults);
        }

        CheckFit(RearRotor, Car.Rear, "rearRotor", faults);
        return faults;
    }

    /// <summary>What is fitted.</summary>
    public Setup Setup() => new(
        new(new(Car.Front, new(FrontPad, FrontPadMm, FrontPadMm, Bedded), new(FrontRotor, WrongSide: FrontWrongSide), FrontDuct, FrontKit?.Name),
            new(Car.Rear, new(RearPad, RearPadMm, RearPadMm, Bedded), new(RearRotor, WrongSide: RearWrongSide), RearDuct, RearKit?.Name,
                PressureShare: Car.Hydraulics.RearPressureShare)),
        new(Fluid, FluidState), new(Lines), Car.Hydraulics.MasterCylinderMm, Car.Hydraulics.BalanceBarFrontShare);

    /// <summary>What is fitted at an axle.</summary>
    public AxleSetup At(Axle axle) => Setup().Axles[axle];

    /// <summary>The kinds of day.</summary>
    public IReadOnlyList<PlannedDay> Planned() => Days ?? TrackDays;

    /// <summary>The day that is drawn where nobody asks for another: the first that is driven against the clock, else the first.</summary>
    public PlannedDay Leading() => Planned().FirstOrDefault(day => day.KindOf().IsTimed) ?? Planned()[0];

    /// <summary>Events a year: days like the leading one where that is driven against the clock, else one.</summary>
    public int EventsAYear() => Leading() is var day && day.KindOf().IsTimed ? Math.Max(1, (int)Math.Round(day.DaysAYear)) : 1;

    /// <summary>Share of its miles on the road: all where no day is driven against the clock, none where all are.</summary>
    public double RoadShare() => Planned().All(day => !day.KindOf().IsTimed) ? 1 : Planned().All(day => day.KindOf().IsTimed) ? 0 : RoadPercent / 100;

    /// <summary>True where the car may be driven on the road: it is trailered to its events where it has slicks and no day on the road.</summary>
    public bool IsOnRoad() => RoadShare() > 0 || Tyre.Find(Car.Tyre).IsRoadLegal;

    /// <summary>The plan of its leading day alone.</summary>
    public PredictionPlan OnLeading() => On(Leading());

    /// <summary>The place of the day that is asked for, of the leading one where none is.</summary>
    /// <param name="asked">Its place, from 0.</param>
    /// <exception cref="InputFaultException">No such day.</exception>
    public int PlaceOf(int? asked) => asked is not { } place ? PlaceOf(Leading()) : place >= 0 && place < Planned().Count ? place
        : throw new InputFaultException([new InputFault("day", $"{place}", Said.Of("prediction-plan.0-to-day", Planned().Count - 1),
            Said.Of("prediction-plan.no-such-day"))]);

    private int PlaceOf(PlannedDay day)
    {
        var place = 0;
        while (!ReferenceEquals(Planned()[place], day))
        {
            place++;
        }

        return place;
    }

    /// <summary>Each of its days alone, in order.</summary>
    public IReadOnlyList<PredictionPlan> EachDay() => [.. Planned().Select(On)];

    /// <summary>The plan of one of its days alone, at its own place and with its own sessions.</summary>
    /// <param name="day">The day.</param>
    public PredictionPlan On(PlannedDay day)
    {
        ArgumentNullException.ThrowIfNull(day);
        var kind = day.KindOf();
        var isAsPlanned = day.Stint is null && kind is { UsualStint: null, Shape: DayShape.Laps };
        return isAsPlanned && Days is { Count: 1 } only && ReferenceEquals(only[0], day) ? this
            : this with
            {
                Days = [day],
                Circuit = day.Place(Circuit),
                Stint = kind.Shape == DayShape.Road ? Stint.OnTheRoad() : day.Stint ?? kind.UsualStint ?? Stint,
            };
    }

    /// <summary>The plan of its leading day alone with so many sessions or runs.</summary>
    /// <param name="sessions">How many.</param>
    public PredictionPlan OnLeading(int sessions)
    {
        var on = OnLeading();
        var stint = on.Stint with { Sessions = sessions };
        var day = on.Leading();
        return on with { Stint = stint, Days = [day.Stint is null && day.KindOf().UsualStint is null ? day : day with { Stint = stint }] };
    }

    /// <summary>What the plan's leading day depends on.</summary>
    public Drive Drive()
    {
        var on = OnLeading();
        return new Drive(Car, on.Circuit, Pace, on.Stint, Weather, BatteryFull, Leading());
    }

    /// <summary>The car as it is driven on the leading day.</summary>
    public Car DrivenCar() => Drive().DrivenCar();

    /// <summary>The flexible lines as they are by now: rubber grows old.</summary>
    public BrakeLine Hoses() => Lines == BrakeLine.Rubber && HoseYears >= BrakeLines.RenewYears ? BrakeLine.AgedRubber : Lines;

    /// <summary>How much faster than by months alone its fluid takes up water, for what is hot beside a line.</summary>
    public double FluidUptake() => OutsideHeat?.Uptake(Weather.AmbientC) ?? 1;

    /// <summary>Torque at all wheels that a stop takes, Nm.</summary>
    public double StopTorqueNM(BrakeStop stop)
    {
        ArgumentNullException.ThrowIfNull(stop);
        return stop.EnergyJ / (1 - BrakingWork.TyreSlipShare) / (Speed.FromKmh(stop.MeanKmh) * stop.DurationS) * Car.TyreRadiusM;
    }

    private void CheckDays(List<InputFault> faults)
    {
        if (Days is { Count: < 1 or > MostDays })
        {
            faults.Add(new InputFault("days", $"{Days.Count}", Said.Of("prediction-plan.1-to-days", MostDays), Said.Of("prediction-plan.plan-has-days")));
        }

        for (var i = 0; i < Planned().Count && i < MostDays; i++)
        {
            Planned()[i].Check(faults, $"days[{i}]");
        }
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
