using Rimrock.Core.Driving;
using Rimrock.Core.Heat;
using Rimrock.Core.Priors;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Runs;

/// <summary>A step that a run has just made.</summary>
/// <param name="EndS">Its end in the day, s.</param>
/// <param name="SpeedMS">Mean speed, m/s.</param>
/// <param name="BrakeG">Deceleration by the friction brakes, g.</param>
/// <param name="Braking">True on the brakes.</param>
public readonly record struct DayStep(double EndS, double SpeedMS, double BrakeG, bool Braking);

/// <summary>
/// Runs up to eight members of a car through a day: each step divides the braking energy between the axles by the hydraulics
/// at the friction of the moment, within what adhesion and electronics allow, heats both axles and records.
/// </summary>
public sealed partial class DayRun
{
    private const double SampleS = 2;
    private const double CoolingSampleS = 10;
    private readonly PredictionPlan plan;
    private readonly Axles<AxleRun> axles;
    private readonly Axles<double> torquePerPascal;
    private readonly double gripG;
    private readonly double airDensityKgM3;
    private readonly Axles<double> retardersG;
    private readonly ProportioningValve valve;
    private readonly Lane shareShift;
    private readonly Lane energyFactor;
    private readonly Lane heavier;
    private readonly Lane work;
    private readonly Lane transferPerG;
    private readonly Lane kneeFactor;
    private readonly DriverLoop loop;
    private readonly Lane[] now = new Lane[PhaseRecord.Parts];
    private readonly double[] ends;
    private readonly List<Lane> samples = [];
    private readonly List<double> sampleTimes = [];
    private readonly bool demands;
    private readonly bool courses;
    private readonly int count;
    private readonly Car car;
    private readonly Lane busySide;
    private double clockS;

    /// <summary>Puts the car at the gate, cold.</summary>
    /// <param name="plan">The plan; its leading day is run.</param>
    /// <param name="members">One to eight members.</param>
    /// <param name="demands">False to leave out what only the drawing of a single prediction needs.</param>
    /// <param name="by">Who drives.</param>
    /// <param name="steps">About how many steps will be run, where that is known: room is made for them at once.</param>
    /// <param name="courses">False to leave the temperatures over time out, where nothing but what each stretch came to is asked for.</param>
    public DayRun(PredictionPlan plan, IReadOnlyList<CarFactors> members, bool demands = true, int steps = 0, DrivenBy by = DrivenBy.Driver,
        bool courses = true)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(members);
        plan = plan.OnLeading();
        this.plan = plan;
        this.demands = demands;
        count = members.Count;
        this.courses = courses;
        samples.EnsureCapacity(courses ? steps * Sampled.Length : 0);
        sampleTimes.EnsureCapacity(courses ? steps : 0);
        (FrontFluidTime, RearFluidTime, FrontSealTime, FrontCoreEnergy) =
            (new EnergyHistogram(count), new EnergyHistogram(count), new EnergyHistogram(count), new EnergyHistogram(count));
        car = plan.DrivenCar();
        var pressure = Materials.Air.PressurePa(plan.Circuit.AltitudeM);
        Lane Each(Func<CarFactors, double> of) => Numerics.MemberLanes.Each(members, of);
        Parts = plan.Wheels();
        var asymmetry = SideLoad.Asymmetry(plan.Circuit);
        WheelFactors[] fronts = [.. members.Select(m => m.Front with
        {
            AirShiftK = m.Lesser.WarmerK(plan),
            Side = m.Front.Side * (1 + (m.QuietSide ? -asymmetry : asymmetry)),
        })];
        busySide = Each(m => m.QuietSide ? 0 : 1);
        var (wheels, frictions) = (new Axles<WheelFactors[]>(fronts, [.. members.Select(m => m.Rear with { AirShiftK = m.Lesser.WarmerK(plan) })]),
            new Axles<Lane>(Each(m => plan.FrontPad.FrictionWith(m.FrontFriction)), Each(m => plan.RearPad.FrictionWith(m.RearFriction))));
        var edges = new Axles<Lane>(Each(m => m.Capacities.FrontPadEdge), Each(m => m.Capacities.RearPadEdge));
        axles = Quantities.Axles.Of(axle => new AxleRun(Parts[axle], plan.At(axle).Pads, wheels[axle],
            new(frictions[axle], Each(m => m.Wear), Each(m => m.ChartShiftK), edges[axle], Each(m => m.Lesser.BeyondChart)), plan.Weather.AmbientC, pressure));
        torquePerPascal = plan.Setup().Axles.Map(axle => axle.TorquePerPascal(car.Hydraulics));
        gripG = plan.Drive().GripG();
        airDensityKgM3 = Materials.Air.DensityKgM3(plan.Weather.AmbientC + Temperature.ZeroCelsiusInKelvin, pressure);
        retardersG = BrakeBalance.RetardersG(car);
        valve = ProportioningValve.Of(car);
        ends = ModelEnd.Of(plan);
        shareShift = Each(m => m.FrontShareShift);
        var energy = EnergyExponent(plan, by);
        var mostEnergy = plan.Circuit.Segments is null ? double.PositiveInfinity : 1 / Pace.Find(plan.Pace).EnergyShare;
        energyFactor = Each(m => Math.Min(mostEnergy, Math.Pow(m.Energy, energy)) * m.Lesser.GripFactor(plan));
        heavier = Each(m => m.Lesser.HeavierFactor(plan));
        work = heavier * Each(m => m.Lesser.SlipFactor());
        transferPerG = Each(m => (car.CgHeightM + m.Lesser.HigherM()) / car.WheelbaseM);
        kneeFactor = Each(m => m.Lesser.ValveFactor());
        loop = new DriverLoop(plan, car, members, torquePerPascal, by);
    }

    /// <summary>False to keep temperatures beyond the model's ends, for checks of the model itself.</summary>
    internal bool Guarded { get; init; } = true;

    /// <summary>A wheel's parts, of each axle.</summary>
    public Axles<WheelParts> Parts { get; }

    /// <summary>Both axles.</summary>
    public Axles<AxleRun> Axles => axles;

    /// <summary>The front axle.</summary>
    public AxleRun Front => axles.Front;

    /// <summary>The rear axle.</summary>
    public AxleRun Rear => axles.Rear;

    /// <summary>Records of the stretches, in order.</summary>
    public List<PhaseRecord> Phases { get; } = [];

    /// <summary>Records of the stops, in order.</summary>
    public List<StopRecord> Stops { get; } = [];

    /// <summary>Time spent at each temperature while driving and parked, front fluid.</summary>
    public EnergyHistogram FrontFluidTime { get; }

    /// <summary>The same, rear fluid.</summary>
    public EnergyHistogram RearFluidTime { get; }

    /// <summary>The same, front seals.</summary>
    public EnergyHistogram FrontSealTime { get; }

    /// <summary>Braking energy against the front pad's core temperature.</summary>
    public EnergyHistogram FrontCoreEnergy { get; }

    /// <summary>Told after every step, for those who watch the car on its way.</summary>
    public Action<DayStep>? Stepped { get; set; }

    /// <summary>Runs one stretch after what has been run.</summary>
    public void Run(DayPhase phase)
    {
        ArgumentNullException.ThrowIfNull(phase);
        Read();
        loop.Begin(phase, energyFactor);
        var pace = loop.Pace;
        var moves = Lanes.GreaterThan(pace, Lane.Zero);
        var longer = Lane.One / Lanes.ConditionalSelect(moves, pace, Lane.One);
        var extraW = phase.Kind == PhaseKind.HotLap ? Lanes.ConditionalSelect(moves, busySide, Lane.Zero)
            * SideLoad.StabilityW(plan.StabilityControlPercent, phase.Schedule) : Lane.Zero;
        var record = new PhaseRecord(phase, clockS, [.. now], count) { Pace = pace };
        Phases.Add(record);
        var schedule = phase.Schedule;
        var stop = new StopSum();
        var (next, took) = (0, Lane.Zero);
        for (var i = 0; i < schedule.Count; i++)
        {
            var laidS = schedule.DurationS[i];
            var stopIndex = schedule.Stop[i];
            var braking = stopIndex >= 0;
            var seconds = Lanes.Create(laidS) * longer;
            var speed = Lanes.Create(schedule.SpeedMS[i]) * pace;
            var force = pace * pace;
            var joules = force * work * schedule.EnergyJ[i];
            if (braking)
            {
                if (i == 0 || schedule.Stop[i - 1] != stopIndex)
                {
                    Front.BeginStop();
                    Rear.BeginStop();
                    loop.BeginStop();
                    stop = new StopSum { AtS = clockS };
                    TakeSample();
                }

                ref readonly var driven = ref loop.Driven(stopIndex);
                seconds *= driven.TimeFactor;
                speed *= driven.SpeedFactor;
                joules *= driven.EnergyFactor;
                force *= driven.ForceFactor;
                next = stopIndex + 1;
            }
            else if (next < schedule.Stops.Count)
            {
                seconds *= loop.Driven(next).StraightFactor;
            }

            var share = braking ? FrontShare(schedule, i, force) : Lane.Zero;
            var frontJ = joules * share;
            Front.Step(seconds, speed, frontJ, braking, extraW);
            Rear.Step(seconds, speed, joules - frontJ, braking);
            if (braking)
            {
                HoldAgainstForce(schedule, i);
            }

            clockS += laidS;
            took += seconds;
            Stepped?.Invoke(new DayStep(clockS, schedule.SpeedMS[i], schedule.BrakeG[i], braking));
            Observe(record, seconds, frontJ, joules - frontJ, braking);
            if (braking)
            {
                stop.Add(joules, Front, Rear, share);
                if (i + 1 == schedule.Count || schedule.Stop[i + 1] != stopIndex)
                {
                    loop.EndStop(stopIndex);
                    record.LostS += loop.Driven(stopIndex).LostS;
                    Stops.Add(stop.Close(Phases.Count - 1, schedule.Stops[stopIndex], loop, stopIndex, Front.ChartC, Rear.ChartC));
                    TakeSample();
                }
            }
            else if (sampleTimes.Count == 0 || clockS - sampleTimes[^1] >= SampleS)
            {
                TakeSample();
            }
        }

        loop.End(took);
        record.CameIn = loop.CameIn;
        SampleCooling();
        record.Close(clockS, Front, Rear);
    }

    private void Observe(PhaseRecord record, Lane seconds, Lane frontJ, Lane rearJ, bool braking)
    {
        Read();
        var clock = Lanes.Create(clockS);
        Span<Lane> reached = now, peaks = record.Peak, peaksAtS = record.PeakAtS;
        for (var part = 0; part < reached.Length; part++)
        {
            if (Lanes.GreaterThanAny(reached[part], peaks[part]))
            {
                var higher = Lanes.GreaterThan(reached[part], peaks[part]);
                peaksAtS[part] = Lanes.ConditionalSelect(higher, clock, peaksAtS[part]);
                peaks[part] = Lanes.MaxNative(reached[part], peaks[part]);
            }
        }

        record.Shape.Follow(Parts.Front, Front.Wheel);
        if (braking)
        {
            record.FrontEnergy.Add(Front.ChartBeforeC, Front.ChartC, frontJ);
            record.RearEnergy.Add(Rear.ChartBeforeC, Rear.ChartC, rearJ);
        }

        if (!demands)
        {
            return;
        }

        for (var part = 0; part < now.Length; part++)
        {
            record.Least[part] = Lanes.MinNative(record.Least[part], now[part]);
        }

        var time = seconds;
        FrontFluidTime.Add(now[(int)BrakePart.FrontFluid], time);
        RearFluidTime.Add(now[(int)BrakePart.RearFluid], time);
        FrontSealTime.Add(now[(int)BrakePart.FrontSeals], time);
        if (braking)
        {
            FrontCoreEnergy.Add(now[(int)BrakePart.FrontPadCore], frontJ);
        }
    }

    private void Read()
    {
        Read(Front, 0);
        Read(Rear, 1);
        if (Guarded)
        {
            for (var part = 0; part < ends.Length; part++)
            {
                now[part] = Lanes.MinNative(now[part], Lanes.Create(ends[part]));
            }
        }
    }

    private void Read(AxleRun axle, int offset)
    {
        // The parts come in pairs, front then rear, in the order of BrakePart.
        var wheel = axle.Wheel;
        now[(int)BrakePart.FrontFace + offset] = wheel.HotterFaceC;
        now[(int)BrakePart.FrontChart + offset] = axle.ChartC;
        now[(int)BrakePart.FrontRotor + offset] = wheel.BulkC;
        now[(int)BrakePart.FrontPadCore + offset] = wheel.PadCoreC;
        now[(int)BrakePart.FrontPlate + offset] = wheel.PlateC;
        now[(int)BrakePart.FrontCaliper + offset] = wheel.CaliperC;
        now[(int)BrakePart.FrontFluid + offset] = wheel.FluidC;
        now[(int)BrakePart.FrontSeals + offset] = wheel.SealC;
        now[(int)BrakePart.FrontHub + offset] = wheel.HubC;
        now[(int)BrakePart.FrontBoots + offset] = wheel.PistonC;
    }
}
