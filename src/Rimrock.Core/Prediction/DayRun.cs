using System.Runtime.Intrinsics;
using Rimrock.Core.Circuits;
using Rimrock.Core.Heat;
using Rimrock.Core.Vehicles;
using Lane = System.Runtime.Intrinsics.Vector256<double>;

namespace Rimrock.Core.Prediction;

/// <summary>What is guessed about the whole car: one member of an ensemble.</summary>
/// <param name="Front">Heat factors of a front wheel.</param>
/// <param name="Rear">Heat factors of a rear wheel.</param>
/// <param name="FrontFriction">Batch factor on front friction.</param>
/// <param name="RearFriction">Batch factor on rear friction.</param>
/// <param name="FrontShareShift">Added to the front share.</param>
/// <param name="Energy">Factor on all braking energy.</param>
/// <param name="Wear">Factor on pad wear.</param>
/// <param name="ChartShiftK">Added to the reading of charts whose basis is unknown, K.</param>
/// <param name="WaterRate">Factor on the fluid's water uptake.</param>
/// <param name="BoilingDecay">Factor on the a of the boiling curve.</param>
public sealed record CarFactors(WheelFactors Front, WheelFactors Rear, double FrontFriction = 1, double RearFriction = 1, double FrontShareShift = 0, double Energy = 1,
    double Wear = 1, double ChartShiftK = 0, double WaterRate = 1, double BoilingDecay = 1)
{
    /// <summary>Every factor at its median.</summary>
    public static CarFactors Median { get; } = new(WheelFactors.Median, WheelFactors.Median);

    /// <summary>Three runs that bracket a prediction, and a fourth lane to fill the vector: median, cool corner, hot corner, median.</summary>
    public static IReadOnlyList<CarFactors> Corners { get; } = [Median, Corner(-CornerSigmas), Corner(CornerSigmas), Median];

    // 1.28 standard deviations bound eight tenths of a normal distribution; with about three factors that matter alike,
    // each moves by 1.28 / sqrt 3 when all move together (first-order, ours; spreads as in docs/models/priors.md).
    private const double CornerSigmas = 0.74;

    private static CarFactors Corner(double sigmas)
    {
        double Up(double spread) => Math.Pow(spread, sigmas);
        var wheel = WheelFactors.Median with
        {
            Cooling = Up(1 / 1.35),
            VaneFlow = Up(1 / 1.3),
            WheelAirRiseK = 15 + (8 * sigmas),
            RubbedShare = 0.8 * Up(1 / 1.2),
            PadConductivity = Up(1.4),
            PlateToPistonWM2K = 1500 * Up(1.5),
            PistonToFluidWM2K = 300 * Up(1.5),
            CaliperHeat = Up(1 / 1.5),
            Emissivity = Materials.GreyIron.Emissivity - (0.12 * sigmas),
        };
        return new CarFactors(wheel, wheel, Energy: Up(1.15));
    }
}

/// <summary>
/// Runs four members of a car through a day: each step divides the braking energy between the axles by the hydraulics
/// at the friction of the moment, within what adhesion and electronics allow, heats both axles and records.
/// </summary>
public sealed class DayRun
{
    private const double SampleS = 2;
    private readonly PredictionPlan plan;
    private readonly AxleRun front;
    private readonly AxleRun rear;
    private readonly double frontTorquePerPascal;
    private readonly double rearTorquePerPascal;
    private readonly double gripG;
    private readonly Lane shareShift;
    private readonly Lane energyFactor;
    private readonly Lane[] now = new Lane[PhaseRecord.Parts];
    private readonly List<Lane[]> samples = [];
    private readonly List<double> sampleTimes = [];
    private double clockS;

    /// <summary>Puts the car at the gate, cold.</summary>
    /// <param name="plan">The plan.</param>
    /// <param name="members">Four members.</param>
    public DayRun(PredictionPlan plan, IReadOnlyList<CarFactors> members)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(members);
        this.plan = plan;
        var car = plan.Car;
        var pressure = Materials.Air.PressurePa(plan.Circuit.AltitudeM);
        Lane Each(Func<CarFactors, double> of) => Vector256.Create(of(members[0]), of(members[1]), of(members[2]), of(members[3]));
        FrontParts = new WheelParts(plan.FrontRotor, car.Front, plan.FrontPad.FamilyOf(), plan.FrontPadMm ?? car.Front.PadNewMm, plan.FrontDuct ?? new WheelDuct(), car.TyreRadiusM);
        RearParts = new WheelParts(plan.RearRotor, car.Rear, plan.RearPad.FamilyOf(), plan.RearPadMm ?? car.Rear.PadNewMm, new WheelDuct(), car.TyreRadiusM);
        front = new AxleRun(FrontParts, plan.FrontPad, [.. members.Select(m => m.Front)], (Each(m => m.FrontFriction), Each(m => m.Wear), Each(m => m.ChartShiftK)), plan.Weather.AmbientC, pressure);
        rear = new AxleRun(RearParts, plan.RearPad, [.. members.Select(m => m.Rear)], (Each(m => m.RearFriction), Each(m => m.Wear), Each(m => m.ChartShiftK)), plan.Weather.AmbientC, pressure);
        frontTorquePerPascal = car.Hydraulics.AxleTorquePerPascal(car.Front, car.Front.EffectiveRadiusM(plan.FrontRotor));
        rearTorquePerPascal = car.Hydraulics.AxleTorquePerPascal(car.Rear, car.Rear.EffectiveRadiusM(plan.RearRotor));
        gripG = GripG(plan);
        shareShift = Each(m => m.FrontShareShift);
        energyFactor = Each(m => m.Energy);
    }

    /// <summary>The front wheel's parts.</summary>
    public WheelParts FrontParts { get; }

    /// <summary>The rear wheel's parts.</summary>
    public WheelParts RearParts { get; }

    /// <summary>The front axle.</summary>
    public AxleRun Front => front;

    /// <summary>The rear axle.</summary>
    public AxleRun Rear => rear;

    /// <summary>Records of the stretches, in order.</summary>
    public List<PhaseRecord> Phases { get; } = [];

    /// <summary>Records of the stops, in order.</summary>
    public List<StopRecord> Stops { get; } = [];

    /// <summary>Time spent at each temperature while driving and parked, front fluid.</summary>
    public EnergyHistogram FrontFluidTime { get; } = new();

    /// <summary>The same, rear fluid.</summary>
    public EnergyHistogram RearFluidTime { get; } = new();

    /// <summary>The same, front seals.</summary>
    public EnergyHistogram FrontSealTime { get; } = new();

    /// <summary>Braking energy against the front pad's core temperature.</summary>
    public EnergyHistogram FrontCoreEnergy { get; } = new();

    /// <summary>Times of the samples, s in the day.</summary>
    public IReadOnlyList<double> SampleTimesS => sampleTimes;

    /// <summary>Samples: for each time the temperature of each part, C.</summary>
    public IReadOnlyList<Lane[]> Samples => samples;

    /// <summary>Tyre grip of the plan, g: the tyre's, less in rain.</summary>
    public static double GripG(PredictionPlan plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        return Tyre.Find(plan.Car.Tyre).Grip * (plan.Weather.Rain ? Tyre.WetFactor : 1);
    }

    /// <summary>Runs one stretch after what has been run.</summary>
    public void Run(DayPhase phase)
    {
        ArgumentNullException.ThrowIfNull(phase);
        Read();
        var record = new PhaseRecord(phase, clockS, [.. now]);
        Phases.Add(record);
        var schedule = phase.Schedule;
        var stop = new StopSum();
        for (var i = 0; i < schedule.Count; i++)
        {
            var seconds = schedule.DurationS[i];
            var stopIndex = schedule.Stop[i];
            var braking = stopIndex >= 0;
            if (braking && (i == 0 || schedule.Stop[i - 1] != stopIndex))
            {
                front.BeginStop();
                rear.BeginStop();
                stop = new StopSum { AtS = clockS };
                Sample();
            }

            var joules = energyFactor * schedule.EnergyJ[i];
            var share = braking ? FrontShare(schedule.BrakeG[i]) : Lane.Zero;
            var frontJ = joules * share;
            front.Step(seconds, schedule.SpeedMS[i], frontJ, braking);
            rear.Step(seconds, schedule.SpeedMS[i], joules - frontJ, braking);
            clockS += seconds;
            Observe(record, seconds, frontJ, joules - frontJ, braking);
            if (braking)
            {
                stop.Add(joules, front.Mu, rear.Mu, share);
                if (i + 1 == schedule.Count || schedule.Stop[i + 1] != stopIndex)
                {
                    Stops.Add(stop.Close(Phases.Count - 1, schedule.Stops[stopIndex], front.ChartC, rear.ChartC));
                    Sample();
                }
            }
            else if (sampleTimes.Count == 0 || clockS - sampleTimes[^1] >= SampleS)
            {
                Sample();
            }
        }

        record.EndS = clockS;
        record.FrontWornMm3 = front.WornMm3;
        record.RearWornMm3 = rear.WornMm3;
    }

    private Lane FrontShare(double brakeG)
    {
        var f = front.Mu * frontTorquePerPascal;
        var hydraulic = (f / (f + (rear.Mu * rearTorquePerPascal))) + shareShift;
        var car = plan.Car;
        var ideal = BrakeBalance.IdealFrontShare(car.StaticFrontShare, brakeG, car.CgHeightM, car.WheelbaseM);
        var (least, most) = BrakeBalance.FrontShareLimits(brakeG, ideal, gripG, car.Electronics);
        return Vector256.Max(Vector256.Min(hydraulic, Vector256.Create(most)), Vector256.Create(least));
    }

    private void Observe(PhaseRecord record, double seconds, Lane frontJ, Lane rearJ, bool braking)
    {
        Read();
        var clock = Vector256.Create(clockS);
        for (var part = 0; part < now.Length; part++)
        {
            var higher = Vector256.GreaterThan(now[part], record.Peak[part]);
            record.PeakAtS[part] = Vector256.ConditionalSelect(higher, clock, record.PeakAtS[part]);
            record.Peak[part] = Vector256.Max(record.Peak[part], now[part]);
            record.Least[part] = Vector256.Min(record.Least[part], now[part]);
        }

        var time = Vector256.Create(seconds);
        FrontFluidTime.Add(now[(int)BrakePart.FrontFluid], time);
        RearFluidTime.Add(now[(int)BrakePart.RearFluid], time);
        FrontSealTime.Add(now[(int)BrakePart.FrontSeals], time);
        if (braking)
        {
            record.FrontEnergy.Add(front.ChartC, frontJ);
            record.RearEnergy.Add(rear.ChartC, rearJ);
            FrontCoreEnergy.Add(now[(int)BrakePart.FrontPadCore], frontJ);
        }
    }

    private void Read()
    {
        Read(front, 0);
        Read(rear, 1);
    }

    private void Read(AxleRun axle, int offset)
    {
        // The parts come in pairs, front then rear, in the order of BrakePart.
        var wheel = axle.Wheel;
        now[(int)BrakePart.FrontFace + offset] = Vector256.Max(wheel.FaceInC, wheel.FaceOutC);
        now[(int)BrakePart.FrontChart + offset] = axle.ChartC;
        now[(int)BrakePart.FrontRotor + offset] = wheel.BulkC;
        now[(int)BrakePart.FrontPadCore + offset] = wheel.PadCoreC;
        now[(int)BrakePart.FrontPlate + offset] = wheel.PlateC;
        now[(int)BrakePart.FrontCaliper + offset] = wheel.CaliperC;
        now[(int)BrakePart.FrontFluid + offset] = wheel.FluidC;
        now[(int)BrakePart.FrontSeals + offset] = wheel.SealC;
    }

    private void Sample()
    {
        if (sampleTimes.Count > 0 && clockS - sampleTimes[^1] < 1e-6)
        {
            return;
        }

        Read();
        samples.Add([.. now]);
        sampleTimes.Add(clockS);
    }

    private sealed class StopSum
    {
        private Lane joules, frontMu, rearMu, share;

        public double AtS { get; init; }

        public void Add(Lane energyJ, Lane front, Lane rear, Lane frontShare)
        {
            joules += energyJ;
            frontMu += energyJ * front;
            rearMu += energyJ * rear;
            share += energyJ * frontShare;
        }

        public StopRecord Close(int phaseIndex, BrakeStop stop, Lane frontEndC, Lane rearEndC)
        {
            var weight = Vector256.Max(joules, Vector256.Create(1e-9));
            return new StopRecord(phaseIndex, stop, AtS, frontMu / weight, rearMu / weight, share / weight, frontEndC, rearEndC);
        }
    }
}
