using Rimrock.Core.Circuits;
using Rimrock.Core.Driving;
using Rimrock.Core.Limits;
using Rimrock.Core.Numerics;
using Rimrock.Core.Priors;
using Rimrock.Core.Runs;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Fitting;

/// <summary>Answers a plan: runs the day and the weekday, then reads off what the page shows. Stateless.</summary>
public static class Predictor
{
    private const int Member = 0;
    private const int Cool = 1;
    private const int Hot = 2;
    private const int QuietSide = 3;

    private static readonly BrakePart[] Soaked = [BrakePart.FrontFluid, BrakePart.RearFluid, BrakePart.FrontSeals];

    /// <summary>Predicts.</summary>
    /// <param name="plan">The plan.</param>
    /// <param name="laid">The plan's days where they have been laid out already; parts do not change them.</param>
    /// <param name="drawn">Place in the plan of the day that is drawn; null for the leading one. Limits are of all days.</param>
    /// <exception cref="InputFaultException">Everything that is wrong with the plan, or no such day.</exception>
    /// <exception cref="BeyondModelException">A day leads out of the model's range.</exception>
    public static PredictionResult Predict(PredictionPlan plan, Year? laid = null, int? drawn = null) => Answer(plan, laid, drawn, guarded: true);

    /// <summary>The same without the guard at the model's ends: for checks that the model itself holds together.</summary>
    internal static PredictionResult PredictUnguarded(PredictionPlan plan) => Answer(plan, null, null, guarded: false);

    private static PredictionResult Answer(PredictionPlan plan, Year? laid, int? drawn, bool guarded)
    {
        ArgumentNullException.ThrowIfNull(plan);
        InputFaultException.ThrowIfAny(plan.Faults());
        var year = laid ?? new Year(plan);
        var place = plan.PlaceOf(drawn);
        var members = CarFactors.Corners;
        var each = plan.EachDay();
        DayRun[] runs = [.. each.Select(on => new DayRun(on, members) { Guarded = guarded })];
        ColdStopResult[] coldStops = [];
        Parallel.Invoke([.. runs.Select((run, i) => (Action)(() => Run(run, year.Days[i].Phases))), () => coldStops = ColdStop.ComparedAtEverydayPedal(plan)]);
        var (on, day, track) = (each[place], year.Days[place], runs[place]);
        for (var i = 0; guarded && i < runs.Length; i++)
        {
            try
            {
                ModelEnds.ThrowIfPassed(each[i], runs[i], Member);
            }
            catch (BeyondModelException beyond)
            {
                throw WayBack.Told(plan, beyond);
            }
        }

        var otherRoad = Enumerable.Range(0, runs.Length).Where(i => i != place && !plan.Planned()[i].KindOf().IsTimed).Select(i => (int?)i).FirstOrDefault();
        var road = otherRoad is { } at ? runs[at] : new DayRun(on, members);
        var fluid = FluidToday.Of(plan);
        List<StopSummary> stops = [];
        List<SessionSeries> sessions = [];
        IReadOnlyList<StrataLayer> layers = [];
        IReadOnlyList<IReadOnlyList<Limit>> all = [];
        Parallel.Invoke(
            () => sessions = Sessions(track),
            () =>
            {
                stops = Stops(on, track);
                layers = Strata.Layers(on, track, road, fluid, (Member, Cool, Hot));
                all = [.. runs.Select((run, i) => LimitFinder.FindWithBand(each[i], run, fluid, coldStops, (Member, Cool, Hot)))];
            });
        var limits = LimitFinder.Worst(all);
        return new PredictionResult(
            Summary(on, day, track),
            [.. track.Phases.Select(Phase)],
            [.. Enum.GetValues<BrakePart>().Select(part => new PartRanges(part, [.. track.Phases.Select(phase => Tenth(phase.Peak[(int)part][Member]))],
                [.. track.Phases.Select(phase => Tenth(phase.Least[(int)part][Member]))]))],
            [.. track.Phases.Where(phase => phase.Phase.Kind == PhaseKind.Parked).SelectMany(Parked)],
            new DayCourse(stops, sessions),
            layers,
            [Cooling("front", track.Front), Cooling("rear", track.Rear)],
            limits,
            coldStops,
            fluid,
            WheelReports.Faces(on, track, (Member, Cool, Hot, QuietSide)),
            WheelReports.Pedal(on, track, stops, Member),
            [WheelReports.Mass("front", plan.FrontRotor), WheelReports.Mass("rear", plan.RearRotor)],
            [.. runs.SelectMany((run, i) => ModelEnds.EdgesPassed(each[i], run, Cool, Hot)).Distinct(), .. Cautions.Of(plan)],
            HardStops.OfFitted(plan),
            Due.Of(plan),
            plan.Planned()[place].Kind,
            [.. all.SelectMany(day => day).Except(limits)],
            Cautions.First(plan));
    }

    private static void Run(DayRun run, IReadOnlyList<DayPhase> phases)
    {
        foreach (var phase in phases)
        {
            run.Run(phase);
        }
    }

    private static LapSummary Summary(PredictionPlan plan, Day day, DayRun run)
    {
        var joules = BrakingWork.LapJoules(day.HotLap, plan.DrivenCar(), day.AirDensityKgM3);
        var front = run.Front.EnergyJ[Member];
        var share = front / Math.Max(1, front + run.Rear.EnergyJ[Member]);
        var hardest = run.Stops.Count == 0 ? 0 : run.Stops.Max(stop => stop.Stop.MeanG);
        return new LapSummary(day.HotLap.DurationS, day.HotLap.LengthM(), Speed.ToKmh(day.HotLap.SpeedMS.Max()), day.HotLaps,
            Spread.Times(joules / 1e6, PriorSpread.Energy, 3),
            Spread.Times(joules * share / plan.Car.Front.Discs / day.HotLap.DurationS / 1000, PriorSpread.Energy, 2),
            Spread.Normal(share, PriorSpread.FrontShare, 6),
            BrakeBalance.IdealFrontShare(plan.Car.StaticFrontShare, hardest, plan.Car.CgHeightM, plan.Car.WheelbaseM));
    }

    private static PhaseSummary Phase(PhaseRecord record) => new(
        record.Phase.Session, record.Phase.Kind, record.Phase.Lap, Math.Round(record.StartS, 2), Math.Round(record.EndS, 2),
        Math.Round(record.FrontEnergy.Total(Member) / 1e6, 4), Math.Round(record.RearEnergy.Total(Member) / 1e6, 4), Math.Round(record.LostS[Member], 2),
        record.CameIn[Member] > 0, record.Pace[Member]);

    private static IEnumerable<ParkedPeak> Parked(PhaseRecord record) => Soaked.Select(part =>
    {
        var peak = record.Peak[(int)part][Member];
        var minutes = (record.PeakAtS[(int)part][Member] - record.StartS) / 60;
        return new ParkedPeak(record.Phase.Session, part, Tenth(peak), Math.Round(minutes, 1), Tenth(peak - record.StartC[(int)part][Member]));
    });

    private static List<StopSummary> Stops(PredictionPlan plan, DayRun run)
    {
        var perPascal = ColdStop.TorquePerPascal(plan);
        var bestTorque = (perPascal.Front * plan.Car.Front.DiscMu(plan.FrontPad.WorkingBandOf().PlateauMu))
            + (perPascal.Rear * plan.Car.Rear.DiscMu(plan.RearPad.WorkingBandOf().PlateauMu));
        var (_, greatest) = LegForce.Of(plan.Car);
        var stops = new List<StopSummary>(run.Stops.Count);
        foreach (var record in run.Stops.Where(stop => run.Phases[stop.PhaseIndex].Pace[Member] > 0))
        {
            var phase = run.Phases[record.PhaseIndex].Phase;
            var stop = record.Stop;
            var meanKmh = stop.MeanKmh;
            var torque = plan.StopTorqueNM(stop) * record.ForceFactor[Member];
            double TorquePerPascal(int member) =>
                (perPascal.Front * plan.Car.Front.DiscMu(record.FrontMu[member])) + (perPascal.Rear * plan.Car.Rear.DiscMu(record.RearMu[member]));
            var pedal = Math.Min(greatest.Front, ColdStop.PedalFor(plan.Car.Hydraulics, torque, meanKmh, TorquePerPascal(Member)));
            var best = ColdStop.PedalFor(plan.Car.Hydraulics, torque, meanKmh, bestTorque);
            // A corner's own friction, and past it the scatter of a batch: first order, pedal force as 1 / mu.
            var scatter = Math.Pow(PriorSpread.Friction, Spread.EdgeSigmas);
            var corners = new[] { Cool, Hot }.Where(corner => run.Phases[record.PhaseIndex].Pace[corner] > 0)
                .Select(corner => TorquePerPascal(Member) / TorquePerPascal(corner)).Append(1).ToList();
            var effort = new Spread(Math.Round(pedal / best * corners.Min() / scatter, 2), Math.Round(pedal / best, 2),
                Math.Round(pedal / best * corners.Max() * scatter, 2));
            var entryMS = record.EntryMS[Member];
            var meanG = (entryMS - Speed.FromKmh(stop.ExitKmh)) / (stop.DurationS * record.TimeFactor[Member]) / Speed.StandardGravityMS2;
            stops.Add(new StopSummary(phase.Session, phase.Lap, Tenth(record.AtS), Tenth(Speed.ToKmh(entryMS)), Tenth(stop.ExitKmh), Math.Round(meanG, 2),
                Tenth(record.FrontEndC[Member]), Tenth(record.RearEndC[Member]), Math.Round(record.FrontMu[Member], 3), Math.Round(record.RearMu[Member], 3),
                Math.Round(record.FrontShare[Member], 3), Tenth(plan.Car.Hydraulics.PressureBar(pedal)), Math.Round(pedal), effort,
                record.Place + 1, Tenth(record.OverKmh[Member]), Math.Round(record.MissingM[Member]), Math.Round(record.EarlierM[Member])));
        }

        return stops;
    }

    private static List<SessionSeries> Sessions(DayRun run)
    {
        var sessions = new List<SessionSeries>();
        foreach (var group in run.Phases.GroupBy(phase => phase.Phase.Session))
        {
            var start = group.First().StartS;
            var parked = group.Last().StartS;
            var end = group.Last().EndS;
            var picks = Enumerable.Range(0, run.SampleTimesS.Count).Where(i => run.SampleTimesS[i] >= start && run.SampleTimesS[i] <= end
                && Keep(run, i, parked)).ToArray();
            sessions.Add(new SessionSeries(group.Key, Math.Round(start, 2), Math.Round(parked, 2), [.. picks.Select(i => Tenth(run.SampleTimesS[i]))],
                [.. DayRun.Sampled.Select((part, place) => new PartSeries(part, Pick(place, Member), Pick(place, Cool), Pick(place, Hot)))],
                WheelReports.Cooling(run, start, end, Member)));

            // Whole degrees: finer than any drawing shows, and a third less to send.
            int[] Pick(int place, int member) => [.. picks.Select(i => (int)Math.Round(run.Sample(i, place)[member]))];
        }

        return sessions;
    }

    /// <summary>Parked samples every 10 s are plenty; driving keeps them all.</summary>
    private static bool Keep(DayRun run, int i, double parkedS) =>
        run.SampleTimesS[i] <= parkedS + 60 || i == 0 || Math.Floor(run.SampleTimesS[i] / 10) > Math.Floor(run.SampleTimesS[i - 1] / 10);

    private static WheelCooling Cooling(string wheel, AxleRun axle)
    {
        var paths = axle.Wheel.Paths;
        var whole = Math.Max(1, paths.Out[Member]);
        return new WheelCooling(wheel, Spread.Times(paths.In[Member] / 1e6, PriorSpread.Energy, 2), paths.Faces[Member] / whole, paths.Vanes[Member] / whole,
            paths.Radiation[Member] / whole,
            paths.Hub[Member] / whole, paths.Caliper[Member] / whole,
            (paths.In[Member] - paths.Out[Member] - (axle.Wheel.StoredJ()[Member] - axle.ColdStoredJ[Member])) / Math.Max(1, paths.In[Member]));
    }

    private static double Tenth(double value) => Math.Round(value, 1);
}
