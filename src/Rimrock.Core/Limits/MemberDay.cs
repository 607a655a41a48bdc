using Rimrock.Core.Driving;
using Rimrock.Core.Friction;
using Rimrock.Core.Numerics;
using Rimrock.Core.Priors;
using Rimrock.Core.Rotors;
using Rimrock.Core.Runs;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Limits;

/// <summary>One member's day, as the limits read it.</summary>
/// <param name="Plan">The plan.</param>
/// <param name="Run">The run that carries the member.</param>
/// <param name="Lane">Its lane.</param>
/// <param name="Car">Its factors, its own capacities among them.</param>
/// <param name="Fluid">Its fluid today.</param>
/// <param name="ColdStops">First stops on cold mornings.</param>
public sealed record MemberDay(PredictionPlan Plan, DayRun Run, int Lane, CarFactors Car, FluidToday Fluid, IReadOnlyList<ColdStopResult> ColdStops)
{
    // Pads cold, warm and hot, C.
    private static readonly double[] LockedAtC = [20, 100, 300];

    /// <summary>A member's day with its own fluid.</summary>
    public static MemberDay Of(PredictionPlan plan, DayRun run, int lane, CarFactors car, IReadOnlyList<ColdStopResult> coldStops)
    {
        ArgumentNullException.ThrowIfNull(car);
        return new MemberDay(plan, run, lane, car, FluidToday.Of(plan, car), coldStops);
    }

    /// <summary>Highest temperature of a part in a stretch, C.</summary>
    public double Peak(PhaseRecord phase, BrakePart part) => MemberLanes.At(in phase.Peak[(int)part], Lane);

    /// <summary>The stretch in which a part is hottest.</summary>
    public PhaseRecord Hottest(BrakePart part)
    {
        var hottest = Run.Phases[0];
        foreach (var phase in Run.Phases)
        {
            hottest = Peak(phase, part) > Peak(hottest, part) ? phase : hottest;
        }

        return hottest;
    }

    /// <summary>A part's highest temperature against what it can take.</summary>
    public Reading Heat(BrakePart part, double capacityC)
    {
        PhaseRecord? first = null;
        var demand = double.NegativeInfinity;
        foreach (var phase in Run.Phases)
        {
            var peak = Peak(phase, part);
            demand = Math.Max(demand, peak);
            first ??= peak >= capacityC ? phase : null;
        }

        return new Reading(demand, capacityC, capacityC - demand, first is not null, first is null ? null : MomentOf(first, first.PeakAtS[(int)part][Lane]));
    }

    /// <summary>The chart's temperature that a tenth of the hottest lap's braking energy exceeds against the upper edge of the pad's band.</summary>
    public Reading PadHot(Axle axle, Func<PhaseRecord, EnergyHistogram> energy)
    {
        ArgumentNullException.ThrowIfNull(energy);
        var toC = PadTables.Of(Plan.At(axle).Pads.Pad).Band.ToC + Run.Axles[axle].EdgeK[Lane];
        var demand = double.NegativeInfinity;
        PhaseRecord? first = null;
        foreach (var phase in Braked(energy))
        {
            var spent = energy(phase);
            demand = Math.Max(demand, spent.Quantile(1 - LimitEdges.HotShare, Lane));
            first ??= spent.ShareAbove(toC, Lane) >= LimitEdges.HotShare ? phase : null;
        }

        return double.IsNegativeInfinity(demand) ? Reading.Never(toC) : new Reading(demand, toC, toC - demand, first is not null, first is null
            ? null : MomentOf(first, first.StartS));
    }

    /// <summary>Largest share of a hot lap's braking energy beyond a temperature.</summary>
    public double WorstShareAbove(double celsius, Func<PhaseRecord, EnergyHistogram> energy) =>
        Braked(energy).Max(phase => energy(phase).ShareAbove(celsius, Lane));

    // Hot laps; on a day that has not one complete, all that is driven.
    private IEnumerable<PhaseRecord> Braked(Func<PhaseRecord, EnergyHistogram> energy)
    {
        var hot = Run.Phases.Exists(phase => phase.Phase.Kind == PhaseKind.HotLap);
        return Run.Phases.Where(phase => (!hot || phase.Phase.Kind == PhaseKind.HotLap) && energy(phase).Total(Lane) > 0);
    }

    /// <summary>The first stop of the day's first stretch; null where there is none.</summary>
    public (StopRecord Stop, PhaseRecord Lap)? FirstStop() =>
        Run.Stops is [var first, ..] && first.PhaseIndex == 0 ? (first, Run.Phases[0]) : null;

    /// <summary>Front pads on the first stop of the day against the lower edge of their band.</summary>
    public Reading PadCold()
    {
        var band = PadTables.Of(Plan.FrontPad).Band;
        if (FirstStop() is not var (stop, lap))
        {
            return Reading.Never(band.FromC);
        }

        var atC = stop.FrontEndC[Lane];
        var gives = stop.FrontMu[Lane] < WorkingBand.EdgeShare * band.PlateauMu && atC < band.FromC;
        return new Reading(atC, band.FromC, atC - band.FromC, gives, gives ? MomentOf(lap, stop.AtS) : null);
    }

    /// <summary>The first stop from 50 km/h at 5 C.</summary>
    public ColdStopResult ColdMorning() => ColdStops.First(result => result is { SpeedKmh: 50, StartC: 5 });

    /// <summary>That stop's distance with the member's batch of pads against the original pads'.</summary>
    public Reading StreetCold()
    {
        var stop = ColdMorning();
        var allowed = stop.OriginalMetres * (1 + LimitEdges.ColdAllowance);
        var metres = stop.MetresWith(Plan.FrontPad.FrictionWith(Car.FrontFriction));
        return new Reading(metres, allowed, allowed - metres, metres > allowed, metres > allowed ? new Moment(0, PhaseKind.Road, 0, 0) : null);
    }

    /// <summary>
    /// The deceleration from which on the rear wheels lock first, m/s2, against what is asked of it: the tyres' grip at most, and no less than the original
    /// pads' own but for makers' scatter; pads cold, warm or hot, whichever is worst. A member's batches are as far off in the original pads as in these.
    /// </summary>
    public Reading RearLocks()
    {
        var car = Plan.DrivenCar();
        var ceiling = Math.Min(LockOrder.MostG, Plan.Drive().GripG());
        var height = car.CgHeightM + Car.Lesser.HigherM();
        var original = new FrictionCurve(PadFamilies.Find(car.OriginalPadFamily).Curve, PadFamilies.Find(car.OriginalPadFamily).ColdSlopePerK);
        var (own, ring) = Plan.Original(Axle.Front);
        var made = ring with { OuterDiameterMm = own.RotorMm ?? ring.BracketForMm ?? ring.OuterDiameterMm };
        var (ownRear, madeRear) = Plan.Original(Axle.Rear);
        var asMade = Plan.Cylinder?.Replaces is { } hydraulics ? car with { Hydraulics = hydraulics } : car;
        double PerPascal(AxleBrake brake, Rotor rotor, double mu) =>
            car.Hydraulics.AxleTorquePerPascal(brake, brake.EffectiveRadiusM(rotor)) * brake.DiscMu(mu);
        static double Mu(Pad pad, double celsius, double batch) => PadTables.Of(pad).Mu.At(celsius) * pad.FrictionWith(batch);
        var worst = Reading.Never(ceiling * Speed.StandardGravityMS2);
        foreach (var celsius in LockedAtC)
        {
            var mu = original.Assumed(celsius);
            var was = LockOrder.CriticalG(asMade, PerPascal(own, made, mu * Car.FrontFriction),
                asMade.Hydraulics.RearPressureShare * PerPascal(ownRear, madeRear, mu * Car.RearFriction), height, ceiling);
            var now = LockOrder.CriticalG(car, PerPascal(car.Front, Plan.FrontRotor, Mu(Plan.FrontPad, celsius, Car.FrontFriction)),
                car.Hydraulics.RearPressureShare * PerPascal(car.Rear, Plan.RearRotor, Mu(Plan.RearPad, celsius, Car.RearFriction)), height, ceiling);
            var asked = Math.Min(ceiling, was - LockOrder.FeltG);
            var (demand, capacity) = (asked * Speed.StandardGravityMS2, Math.Min(now, LockOrder.MostG) * Speed.StandardGravityMS2);
            if (double.IsNaN(worst.Margin) || capacity - demand < worst.Margin)
            {
                worst = new Reading(demand, capacity, capacity - demand, now < asked, now < asked ? new Moment(0, PhaseKind.Road, 0, 0) : null);
            }
        }

        return worst;
    }

    /// <summary>How much too fast the car is at the planned end of a stop, with all that the leg gives, km/h.</summary>
    public Reading MissedStop()
    {
        var capacity = Car.Capacities.MissedKmh();
        StopRecord? first = null;
        var most = 0.0;
        foreach (var stop in Run.Stops)
        {
            var over = stop.OverKmh[Lane];
            most = Math.Max(most, over);
            first ??= over > capacity ? stop : null;
        }

        return new Reading(most, capacity, capacity - most, first is not null, first is null ? null : MomentOf(Run.Phases[first.PhaseIndex], first.AtS));
    }

    /// <summary>The stop that is missed most.</summary>
    public StopRecord? WorstStop() => Run.Stops.MaxBy(stop => stop.OverKmh[Lane]);

    /// <summary>Hot laps that are not driven since the driver comes in, in the session that is over soonest.</summary>
    public Reading OverEarly()
    {
        var (planned, first, least) = (0, (PhaseRecord?)null, int.MaxValue);
        foreach (var phase in Run.Phases)
        {
            if (phase.Phase.Kind == PhaseKind.HotLap)
            {
                planned = Math.Max(planned, phase.Phase.Lap);
                if (phase.CameIn[Lane] > 0 && phase.Phase.Lap < least)
                {
                    (first, least) = (phase, phase.Phase.Lap);
                }
            }
        }

        // Whoever comes in after the last lap has driven them all.
        var isEarly = first is not null && least < planned;
        double missing = isEarly ? planned - least : 0;
        return new Reading(missing, 0, -missing, isEarly, isEarly ? MomentOf(first!, first!.EndS) : null);
    }

    /// <summary>Time that moved brake points cost in the worst lap, s.</summary>
    public Reading PaceLost()
    {
        var most = 0.0;
        PhaseRecord? first = null;
        foreach (var phase in Run.Phases)
        {
            if (phase.Phase.Kind == PhaseKind.HotLap && phase.Pace[Lane] >= 1)
            {
                most = Math.Max(most, phase.LostS[Lane]);
                first ??= phase.LostS[Lane] > LimitEdges.MindedS ? phase : null;
            }
        }

        return new Reading(most, LimitEdges.MindedS, LimitEdges.MindedS - most, first is not null, first is null ? null : MomentOf(first, first.StartS));
    }

    /// <summary>A share of a life used up by the day against the whole of it, %.</summary>
    /// <param name="used">Share used by the end of a stretch.</param>
    /// <param name="lives">What there is.</param>
    public Reading Used(Func<PhaseRecord, Lane> used, double lives)
    {
        ArgumentNullException.ThrowIfNull(used);
        double At(PhaseRecord phase) => used(phase)[Lane];
        var first = Run.Phases.Find(phase => At(phase) >= lives);
        return Percent(At(Run.Phases[^1]), lives, first);
    }

    /// <summary>Crack life of the front rings used up by the day, %: each stretch by its own largest rise of the face over its section's mean.</summary>
    /// <param name="lives">Lives that may be used.</param>
    public Reading Cracks(double lives)
    {
        lives *= Math.Pow(CrackLife.SpreadFactor(Plan.FrontRotor), Car.Capacities.Cracks);
        var used = 0.0;
        PhaseRecord? first = null;
        foreach (var phase in Run.Phases)
        {
            if (phase.Phase.Kind != PhaseKind.Parked)
            {
                used += (phase.EndS - phase.StartS) / 3600 / CrackLife.Hours(Plan.FrontRotor, phase.Shape.FaceOverMeanK[Lane]);
                first ??= used >= lives ? phase : null;
            }
        }

        return Percent(used, lives, first);
    }

    /// <summary>What burns off a carbon front ring against what may, % of its mass.</summary>
    public Reading Burning()
    {
        return Used(phase => phase.FrontBurnt * Math.Pow(PriorSpread.Burning, Car.Capacities.Burning), LimitEdges.BurnShareLeft(Plan.FrontRotor));
    }

    private static Reading Percent(double used, double lives, PhaseRecord? first) =>
        new(100 * used, 100 * lives, 100 * (lives - used), first is not null, first is null ? null : MomentOf(first, first.StartS));

    /// <summary>How far the hot front ring's edge stands out of flat, micrometres.</summary>
    public Reading Cone()
    {
        var capacity = LimitEdges.ConeLimitUm + (PriorSpread.ConeUm * Car.Capacities.Cone);
        if (!Plan.FrontRotor.Brake().RubsBothFaces || Run.Phases.Count == 0)
        {
            return Reading.Never(capacity);
        }

        double Edge(PhaseRecord phase) => 1000 * RingShape.EdgeMm(Plan.FrontRotor, phase.Shape.ConeRad[Lane]);
        var most = Run.Phases.Max(Edge);
        var first = Run.Phases.Find(phase => Edge(phase) >= capacity);
        return new Reading(most, capacity, capacity - most, first is not null, first is null ? null : MomentOf(first, first.StartS));
    }

    /// <summary>Friction material at the end of the day against a thickness.</summary>
    /// <param name="startMm">This morning, mm.</param>
    /// <param name="brake">The axle.</param>
    /// <param name="worn">Volume worn off by the end of a stretch, mm3.</param>
    /// <param name="limitMm">What must be left, mm.</param>
    public Reading Wear(double startMm, AxleBrake brake, Func<PhaseRecord, Lane> worn, double limitMm)
    {
        ArgumentNullException.ThrowIfNull(brake);
        double Left(PhaseRecord phase) => startMm - brake.WornMm(worn(phase)[Lane]);
        var left = Left(Run.Phases[^1]);
        var first = Run.Phases.Find(phase => limitMm > 0 ? Left(phase) < limitMm : Left(phase) <= 0);
        return new Reading(left, limitMm, left - limitMm, first is not null, first is null ? null : MomentOf(first, first.EndS));
    }

    /// <summary>A line beside something hot against vapour.</summary>
    public Reading Line(Vehicles.OutsideHeat source)
    {
        ArgumentNullException.ThrowIfNull(source);
        var lineC = source.LineC(Plan.Weather.AmbientC + Core.Heat.WheelFactors.Median.WheelAirRiseK);
        var gives = lineC >= Fluid.VapourC;
        return new Reading(lineC, Fluid.VapourC, Fluid.VapourC - lineC, gives, gives ? new Moment(1, PhaseKind.Parked, 0, 0) : null);
    }

    private static Moment MomentOf(PhaseRecord phase, double atS) =>
        new(phase.Phase.Session, phase.Phase.Kind, phase.Phase.Lap, Math.Round((atS - phase.StartS) / 60, 1));
}
