using Rimrock.Core.Driving;
using Rimrock.Core.Friction;
using Rimrock.Core.Numerics;
using Rimrock.Core.Priors;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Runs;

/// <summary>
/// Members at the pedal: what force each stop takes of each, what is left at the comfortable and at the greatest force, and what follows for the next lap
/// (<see cref="Driver"/>). Pressure for a force by lever, booster and knee of each member; each axle takes what its pads grip at that pressure, the rear line
/// behind its valve, and no more than adhesion leaves it.
/// </summary>
internal sealed class DriverLoop
{
    private static readonly Lane Driving = Lane.Zero;
    private static readonly Lane CoolingDown = Lane.One;
    private static readonly Lane ParkedEarly = Lanes.Create(2.0);
    private readonly Axles<Lane> comfortable;
    private readonly Axles<Lane> greatest;
    private readonly double sessionS;
    private readonly double coolPace;
    private readonly double rotating;
    private readonly bool asLaid;
    private readonly Lane speedLaw;
    private readonly Lane missedKmh;
    private readonly Dictionary<DrivingSchedule, Lane[]> allowed = [];
    private Lane mode;
    private Lane sinceGateS;
    private Lane missedBefore;
    private Lane missedNow;
    private Lane comesIn;
    private Lane[] now = [];
    private DrivenStop[] stops = [];
    private DayPhase? phase;
    private Lane comfortM, greatestM, neededM;
    private double metres;

    public DriverLoop(PredictionPlan plan, Car car, IReadOnlyList<CarFactors> members, Axles<double> torquePerPascal, DrivenBy by)
    {
        asLaid = by != DrivenBy.Driver;
        sessionS = plan.Stint.HotLapsEach is null ? plan.Stint.MinutesEach * 60 : double.PositiveInfinity;
        (coolPace, rotating) = (plan.Stint.CoolDownPace, car.RotatingMassFactor);
        var valve = ProportioningValve.Of(car);
        var (usual, most) = LegForce.Of(car);
        var weightNM = car.MassKg * Speed.StandardGravityMS2 * car.TyreRadiusM;
        double PerMu(CarFactors member, Axles<double> forceN, Axle axle)
        {
            var leg = forceN[axle] * Math.Pow(PriorSpread.Leg, member.Capacities.Leg);
            var bar = Bar(car, member.Capacities, leg);
            var pascal = car.Hydraulics.EffectivePascal(bar);
            var held = valve with { KneePa = valve.KneePa * member.Lesser.ValveFactor() };
            return torquePerPascal[axle] * (axle == Axle.Rear ? held.RearPa(pascal) : pascal)
                * SpeedAndPressure.OfPressure(bar, member.Lesser.PressureLawFactor()) / (weightNM * member.Lesser.HeavierFactor(plan));
        }

        Axles<Lane> Of(Axles<double> forceN) => Axles.Of(axle => MemberLanes.Each(members, member => PerMu(member, forceN, axle)));
        (comfortable, greatest) = (Of(usual), Of(most));
        speedLaw = MemberLanes.Each(members, member => member.Lesser.SpeedLawFactor());
        missedKmh = MemberLanes.Each(members, member => member.Capacities.MissedKmh());
    }

    /// <summary>How a stop of the stretch is driven.</summary>
    public ref readonly DrivenStop Driven(int stop) => ref stops[stop];

    /// <summary>On the speed in the stretch: 1 as laid out, less while cooling down early, 0 when parked.</summary>
    public Lane Pace { get; private set; } = Lane.One;

    /// <summary>How much too fast each is at the planned end of the last stop, km/h; 0 where the stop was made.</summary>
    public Lane OverKmh { get; private set; }

    /// <summary>How many metres more the last stop took.</summary>
    public Lane MissingM { get; private set; }

    /// <summary>1 where a member came in at the end of this lap.</summary>
    public Lane CameIn { get; private set; }

    /// <summary>Pressure for a force at the pedal of a member, bar.</summary>
    public static double Bar(Car car, MemberCapacities takes, double forceN)
    {
        var pressesOn = car.Electronics && car.Kind != VehicleKind.Motorcycle
            && (car.FadeSupport == FadeSupport.Yes || (car.FadeSupport == FadeSupport.Unknown && takes.FadeSupport > 0));
        return car.Hydraulics.PressureBar(forceN, Math.Pow(PriorSpread.Knee, takes.Knee), pressesOn)
            * Math.Pow(car.Hydraulics.SpreadFactor(), takes.Hydraulics);
    }

    /// <summary>Takes up a stretch.</summary>
    /// <param name="next">The stretch.</param>
    /// <param name="energyFactor">Members' factor on their braking work.</param>
    public void Begin(DayPhase next, Lane energyFactor)
    {
        var before = phase;
        phase = next;
        CameIn = Lane.Zero;
        if (next.Kind == PhaseKind.OutLap || before is null || before.Session != next.Session)
        {
            (mode, sinceGateS, missedBefore, missedNow) = (Driving, Lane.Zero, Lane.Zero, Lane.Zero);
        }

        if (next.Kind is PhaseKind.HotLap && !asLaid)
        {
            // Who has no minutes left begins no lap; the lap begun is finished.
            var late = Lanes.GreaterThan(sinceGateS, Lanes.Create(sessionS));
            mode = Lanes.ConditionalSelect(late & Lanes.Equals(mode, Driving), CoolingDown, mode);
        }

        var cooling = next.Kind == PhaseKind.HotLap ? Lanes.Create(coolPace) : Lane.One;
        Pace = next.Kind == PhaseKind.Parked ? Lane.Zero : Lanes.ConditionalSelect(Lanes.Equals(mode, ParkedEarly), Lane.Zero,
            Lanes.ConditionalSelect(Lanes.Equals(mode, CoolingDown), cooling, Lane.One));
        var laid = next.Schedule.Laid;
        stops = stops.Length >= laid.Count ? stops : new DrivenStop[laid.Count];
        var adapts = next.Kind == PhaseKind.HotLap && !asLaid;
        if (!adapts)
        {
            now = [];
        }
        else if (!allowed.TryGetValue(next.Schedule, out now!))
        {
            allowed[next.Schedule] = now = [.. laid.Select(stop => Lanes.Create(stop.MS2))];
        }

        for (var i = 0; i < laid.Count; i++)
        {
            var stop = laid[i];
            var planned = Lanes.Create(stop.MS2);
            var moves = adapts && Lanes.LessThanAny(now[i], planned);
            stops[i] = Driver.Drive(in stop, energyFactor, moves ? now[i] : planned, moves);
        }
    }

    /// <summary>Clears what a stop is held against.</summary>
    public void BeginStop() => (comfortM, greatestM, neededM, metres) = (Lane.Zero, Lane.Zero, Lane.Zero, 0);

    /// <summary>Adds a step of a stop.</summary>
    /// <param name="stepM">Its length as laid out, m.</param>
    /// <param name="atTyresG">Force of the brakes as laid out, over the weight, g.</param>
    /// <param name="forceFactor">Members' factor on it.</param>
    /// <param name="mu">Friction of each axle's pads at the chart, as a disc's.</param>
    /// <param name="speedKmh">Speed, km/h.</param>
    /// <param name="mostG">What adhesion leaves each axle, g.</param>
    public void Add(double stepM, double atTyresG, Lane forceFactor, Axles<Lane> mu, double speedKmh, Axles<double> mostG)
    {
        var ofSpeed = SpeedAndPressure.OfSpeed(speedKmh, speedLaw);
        var front = mu.Front * ofSpeed;
        var rear = mu.Rear * ofSpeed;
        var (mostFront, mostRear) = (Lanes.Create(mostG.Front), Lanes.Create(mostG.Rear));
        comfortM += (Lanes.MinNative(front * comfortable.Front, mostFront) + Lanes.MinNative(rear * comfortable.Rear, mostRear)) * stepM;
        greatestM += (Lanes.MinNative(front * greatest.Front, mostFront) + Lanes.MinNative(rear * greatest.Rear, mostRear)) * stepM;
        neededM += forceFactor * (atTyresG * stepM);
        metres += stepM;
    }

    /// <summary>Draws what follows from a stop.</summary>
    /// <param name="place">Its place in the lap.</param>
    public void EndStop(int place)
    {
        var laid = phase!.Schedule.Laid[place];
        if (metres <= 0 || laid.MS2 <= 0)
        {
            (OverKmh, MissingM) = (Lane.Zero, Lane.Zero);
            return;
        }

        var driven = stops[place];
        var exitSquare = laid.ExitMS * laid.ExitMS;
        var pace = Pace * Pace;
        var slowing = (((driven.EntryMS * driven.EntryMS) - Lanes.Create(exitSquare)) / (driven.Metres * 2)) * pace;
        var perG = Speed.StandardGravityMS2 / rotating / metres;
        var atMost = Lanes.MaxNative(slowing + ((greatestM - (neededM * pace)) * perG), Lanes.Create(0.1));
        var tooFast = Lanes.Sqrt(Lanes.MaxNative((driven.EntryMS * driven.EntryMS * pace) - (atMost * driven.Metres * 2), Lane.Zero));
        var missing = Lanes.GreaterThan(neededM * pace, greatestM);
        OverKmh = Lanes.ConditionalSelect(missing, Lanes.MaxNative((tooFast - (Lanes.Create(laid.ExitMS) * Pace)) * 3.6, Lane.Zero), Lane.Zero);
        MissingM = Lanes.ConditionalSelect(missing, Lanes.MaxNative((slowing / atMost * driven.Metres) - driven.Metres, Lane.Zero), Lane.Zero);
        if (now.Length == 0)
        {
            return;
        }

        // Only who drives as laid out learns for the next lap.
        var driving = Lanes.Equals(mode, Driving);
        var comfort = Lanes.MaxNative(slowing + ((comfortM - neededM) * perG), Lanes.Create(0.1));
        var passed = Lanes.GreaterThan(neededM, comfortM) | Lanes.LessThan(now[place], Lanes.Create(laid.MS2));
        now[place] = Lanes.ConditionalSelect(driving & passed, Driver.Next(laid.MS2, now[place], comfort), now[place]);
        comesIn |= driving & Driver.ComesIn(laid.MS2, comfort);
        missedNow = Lanes.ConditionalSelect(driving & Lanes.GreaterThan(OverKmh, missedKmh), Lane.One, missedNow);
    }

    /// <summary>Puts a stretch down.</summary>
    /// <param name="seconds">What each took for it, s.</param>
    public void End(Lane seconds)
    {
        sinceGateS += seconds;
        if (phase!.Kind == PhaseKind.HotLap && !asLaid)
        {
            var twice = Lanes.Equals(missedBefore + missedNow, Lanes.Create(2.0));
            var isOver = Lanes.Equals(mode, Driving) & (comesIn | twice);
            CameIn = Lanes.ConditionalSelect(isOver, Lane.One, Lane.Zero);
            mode = Lanes.ConditionalSelect(isOver, CoolingDown, Lanes.ConditionalSelect(Lanes.Equals(mode, CoolingDown), ParkedEarly, mode));
            (missedBefore, missedNow, comesIn) = (missedNow, Lane.Zero, Lane.Zero);
        }
    }
}
