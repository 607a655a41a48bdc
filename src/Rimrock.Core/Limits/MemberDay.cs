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
    public Reading PadHot(Pad pad, Func<PhaseRecord, EnergyHistogram> energy)
    {
        ArgumentNullException.ThrowIfNull(energy);
        var toC = PadTables.Of(pad).Band.ToC;
        var demand = double.NegativeInfinity;
        PhaseRecord? first = null;
        foreach (var phase in Run.Phases)
        {
            if (phase.Phase.Kind == PhaseKind.HotLap && energy(phase) is { } spent && spent.Total(Lane) > 0)
            {
                demand = Math.Max(demand, spent.Quantile(1 - LimitEdges.HotShare, Lane));
                first ??= spent.ShareAbove(toC, Lane) >= LimitEdges.HotShare ? phase : null;
            }
        }

        return double.IsNegativeInfinity(demand) ? Reading.Never(toC) : new Reading(demand, toC, toC - demand, first is not null, first is null
            ? null : MomentOf(first, first.StartS));
    }

    /// <summary>Largest share of a hot lap's braking energy beyond a temperature.</summary>
    public double WorstShareAbove(double celsius, Func<PhaseRecord, EnergyHistogram> energy) =>
        Run.Phases.Where(phase => phase.Phase.Kind == PhaseKind.HotLap && energy(phase).Total(Lane) > 0).Max(phase => energy(phase).ShareAbove(celsius, Lane));

    /// <summary>The first stop of the out lap; null where there is none.</summary>
    public (StopRecord Stop, PhaseRecord Lap)? FirstStop()
    {
        var outLap = Run.Phases.FindIndex(phase => phase.Phase.Kind == PhaseKind.OutLap);
        return Run.Stops.Find(stop => stop.PhaseIndex == outLap) is { } first ? (first, Run.Phases[outLap]) : null;
    }

    /// <summary>Front pads on the first stop of the out lap against the lower edge of their band.</summary>
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
        var metres = stop.MetresWith(Car.FrontFriction);
        return new Reading(metres, allowed, allowed - metres, metres > allowed, metres > allowed ? new Moment(0, PhaseKind.Road, 0, 0) : null);
    }

    /// <summary>
    /// The force that the hardest stop takes at the friction of the moment against what the leg gives. Beyond it the car does not stop where it was planned to:
    /// the driver of this day does not brake
    /// earlier as the pads fade, so that it stands for the stop that is missed.
    /// </summary>
    public Reading PedalForce()
    {
        var hydraulics = Plan.Car.Hydraulics;
        var capacity = LegForce.GreatestIn(hydraulics) * Math.Pow(PriorSpread.Leg, Car.Capacities.Leg);
        var bar = hydraulics.PressureBar(capacity);
        var pressed = hydraulics.EffectivePascal(bar) * SpeedAndPressure.OfPressure(bar);
        var perPascal = ColdStop.TorquePerPascal(Plan);
        double TorquePerPascal(StopRecord stop) =>
            (perPascal.Front * Plan.Car.Front.DiscMu(stop.FrontMu[Lane])) + (perPascal.Rear * Plan.Car.Rear.DiscMu(stop.RearMu[Lane]));
        StopRecord? hardest = null, first = null;
        var most = 0.0;
        foreach (var stop in Run.Stops)
        {
            var asked = Plan.StopTorqueNM(stop.Stop) / (TorquePerPascal(stop) * pressed * SpeedAndPressure.OfSpeed(stop.Stop.MeanKmh));
            first ??= asked >= 1 ? stop : null;
            (hardest, most) = asked > most ? (stop, asked) : (hardest, most);
        }

        if (hardest is null)
        {
            return Reading.Never(capacity);
        }

        var force = ColdStop.PedalFor(hydraulics, Plan.StopTorqueNM(hardest.Stop), hardest.Stop.MeanKmh, TorquePerPascal(hardest));
        return new Reading(force, capacity, capacity - force, first is not null, first is null ? null : MomentOf(Run.Phases[first.PhaseIndex], first.AtS));
    }

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
