using System.Globalization;
using Rimrock.Core.Beliefs;
using Rimrock.Core.Circuits;
using Rimrock.Core.Driving;
using Rimrock.Core.Fitting;
using Rimrock.Core.Fluids;
using Rimrock.Core.Judgement;
using Rimrock.Core.Limits;
using Rimrock.Core.Numerics;
using Rimrock.Core.Priors;
using Rimrock.Core.Rotors;
using Rimrock.Core.Runs;

namespace Rimrock.Core.Preparation;

/// <summary>A season: the fluid by each policy, and what wears out before what.</summary>
/// <param name="Policies">Each policy.</param>
/// <param name="Parts">Each part that wears.</param>
/// <param name="Advice">The cheapest policy that keeps the margin, and why, in one sentence.</param>
/// <param name="NextBleed">The next bleed date by it; null where none is needed.</param>
/// <param name="Lives">Lives that are no thickness, those of which it uses enough to be told.</param>
/// <param name="Settling">True where small dangers ask for more members that were left out: no word yet.</param>
public sealed record SeasonPlan(IReadOnlyList<PolicySeason> Policies, IReadOnlyList<PartSeason> Parts, Said Advice, DateOnly? NextBleed,
    IReadOnlyList<LifeSeason> Lives, bool Settling = false)
{
    /// <summary>Most events of a season.</summary>
    public const int MostEvents = 40;

    private const int DaysBeforeEvent = 2;

    /// <summary>Plans a season.</summary>
    /// <param name="plan">Car, parts, usual day; its fluid's age holds today.</param>
    /// <param name="events">Events in order of their days.</param>
    /// <param name="today">Today.</param>
    /// <param name="belief">What is believed of the car, where its log has taught something.</param>
    /// <param name="settle">False to leave out the further members that small dangers ask for: the answer says that it is unsettled.</param>
    /// <param name="cancel">Stops between stretches.</param>
    /// <exception cref="InputFaultException">Faults of the plan or of an event, by its number.</exception>
    public static SeasonPlan Of(PredictionPlan plan, IReadOnlyList<SeasonEvent> events, DateOnly today, ScopedBelief? belief = null, bool settle = true,
        CancellationToken cancel = default)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(events);
        var faults = plan.Faults().ToList();
        Check(plan.Car, events, today, faults);
        InputFaultException.ThrowIfAny(faults);
        var fills = Enum.GetValues<FluidPolicy>().Select(policy => new FluidFill(plan, today, FlushesOf(policy, events))).ToList();
        var known = belief ?? ScopedBelief.Nothing;
        var wear = known.WearOf(plan);
        var days = new List<EventDays>();
        foreach (var item in events)
        {
            var isFar = item.Date > today.AddDays(Weather.ForecastDays);
            days.Add(DayOf(Worn(plan, days, wear.P50) with { IsFarAhead = isFar }, item, [.. fills.Select(fill => fill.On(item.Date))], known, settle, cancel));
        }

        var policies = Enum.GetValues<FluidPolicy>().Select((policy, i) => Season(plan, events, days, fills[i], policy)).ToList();
        var holding = policies.Where(one => one.Holds).OrderBy(one => one.Flushes.Count).ThenBy(one => one.Cost ?? 0).FirstOrDefault();
        var settling = days.Any(day => day.Judged.Any(judged => judged.Unsettled));
        return new SeasonPlan(policies, PartsOf(plan, events, days, wear), settling
            ? Said.Of("season-plan.small-dangers-still-being") : SeasonWords.Advise(policies, holding),
            settling ? null : (holding ?? policies[^1]).Flushes.Cast<DateOnly?>().FirstOrDefault(day => day >= today),
            SeasonLives.Of(plan, events, [.. days.Select(day => day.Used)], today), settling);
    }

    // Each day starts on the pads that the days before it leave in the middle of what is believed of their wear; what was too thin has been changed.
    private static PredictionPlan Worn(PredictionPlan plan, List<EventDays> before, double factor)
    {
        double Left(Axle axle, Func<EventDays, double> mm)
        {
            var brake = plan.At(axle).Brake;
            return before.Aggregate(plan.At(axle).PadMm,
                (left, day) => left - (mm(day) * factor) is var then && then < brake.PadLimitMm ? brake.PadNewMm : then);
        }

        return before.Count == 0 ? plan : plan with { FrontPadMm = Left(Axle.Front, day => day.FrontMm), RearPadMm = Left(Axle.Rear, day => day.RearMm) };
    }

    private static void Check(Vehicles.Car car, IReadOnlyList<SeasonEvent> events, DateOnly today, List<InputFault> faults)
    {
        Days.Check(today, "today", faults);
        if (faults.Count > 0)
        {
            return;
        }

        if (events.Count is < 1 or > MostEvents)
        {
            faults.Add(new InputFault("events", Said.Of("season-plan.events", events.Count), Said.Of("season-plan.1-events", MostEvents),
                Said.Of("season-plan.season-1-events", MostEvents)));
        }

        for (var i = 0; i < events.Count && faults.Count < 20; i++)
        {
            events[i].Check($"events[{i}]", faults);
            if (faults.Count == 0 && events[i].Circuit is { Zones: { } zones })
            {
                BrakingZoneTable.CheckReach(zones, car, faults, $"events[{i}].");
            }

            var earliest = i == 0 ? today : events[i - 1].Date;
            if (events[i].Date < earliest || events[i].Date > today.AddDays(800))
            {
                faults.Add(new InputFault($"events[{i}].date", Iso(events[i].Date), Said.Of("season-plan.to", Iso(earliest), Iso(today.AddDays(800))),
                    Said.Of("season-plan.events-lie-ahead-order")));
            }
        }
    }

    /// <summary>
    /// The usual day at an event's circuit in its air, judged with the fluid as each policy leaves it; days that differ in fluid alone share their runs.
    /// </summary>
    private static EventDays DayOf(PredictionPlan plan, SeasonEvent item, IReadOnlyList<FluidState> states, ScopedBelief belief, bool settle,
        CancellationToken cancel)
    {
        var on = item.On(plan);
        var day = new Day(on);
        var run = new DayRun(on, [CarFactors.Median], demands: false);
        foreach (var phase in day.Phases)
        {
            cancel.ThrowIfCancellationRequested();
            run.Run(phase);
        }

        ModelEnds.ThrowIfPassed(on, run, 0);
        FluidState[] different = [.. states.Distinct()];
        var judged = Judge.Sharing([.. different.Select(state => on with { FluidState = state })], belief.Of(on), day, cancel)
            .Select(one => settle ? Judge.Settled(one, day, cancel) : one).ToList();
        var fluids = new[] { judged[0].Demand(LimitCode.FrontFluid), judged[0].Demand(LimitCode.RearFluid) }.OfType<Spread>();
        return new EventDays(on, states, [.. states.Select(state => judged[Array.IndexOf(different, state)].Slim())], fluids.MaxBy(fluid => fluid.P50)!,
            on.Car.Front.WornMm(run.Front.WornMm3[0]), on.Car.Rear.WornMm(run.Rear.WornMm3[0]),
            RingWear.WornMm(on.FrontRotor, on.FrontPad, run.Front.EnergyJ[0] / on.Car.Front.Discs), SeasonLives.UsedBy(judged[0]));
    }

    private static PolicySeason Season(PredictionPlan plan, IReadOnlyList<SeasonEvent> events, List<EventDays> days, FluidFill fill, FluidPolicy policy)
    {
        var place = (int)policy;
        var seasonDays = events.Select((item, i) =>
        {
            var (state, judged, demand) = (days[i].States[place], days[i].Judged[place], days[i].FluidC);
            var vapour = FluidSeason.Vapour(plan.Fluid, state, days[i].On.Circuit.AltitudeM, days[i].On.FluidUptake());
            return new SeasonDay(item.Date, item.Name, state, vapour, demand, Math.Round(vapour.P50 - demand.P50, 1), judged.Together(LimitTable.Boils),
                judged.Danger, judged.Damage);
        }).ToList();
        return new PolicySeason(policy, fill.Flushes, CostOf(plan.Fluid, plan.Car, fill.Flushes.Count), fill.Flushes.Count, seasonDays,
            Line(events, fill.Flushes, fill.Today, date => FluidSeason.Vapour(plan.Fluid, fill.On(date), plan.Circuit.AltitudeM, plan.FluidUptake())),
            seasonDays.Min(day => day.MarginK), seasonDays.All(day => day.Boils.UpperBound < Thresholds.MostDanger),
            JudgedDay.AnyDay([.. days.Select(day => day.Judged[place])], LimitTable.Boils));
    }

    private sealed record EventDays(PredictionPlan On, IReadOnlyList<FluidState> States, IReadOnlyList<JudgedDay> Judged, Spread FluidC, double FrontMm,
        double RearMm, double RingMm, IReadOnlyDictionary<string, double> Used);

    private static List<BoilingPointAt> Line(IReadOnlyList<SeasonEvent> events, IReadOnlyList<DateOnly> flushes, DateOnly today, Func<DateOnly,
        Spread> vapourOn)
    {
        var last = events[^1].Date.AddDays(21);
        var dates = Enumerable.Range(0, ((last.DayNumber - today.DayNumber) / 10) + 1).Select(i => today.AddDays(10 * i))
            .Concat(flushes.SelectMany(day => new[] { day.AddDays(-1), day })).Concat(events.Select(item => item.Date)).Where(day => day >= today).Distinct()
                .Order();
        return [.. dates.Select(date => new BoilingPointAt(date, vapourOn(date).P50))];
    }

    private static List<DateOnly> FlushesOf(FluidPolicy policy, IReadOnlyList<SeasonEvent> events)
    {
        var before = events.Select(item => item.Date.AddDays(-DaysBeforeEvent)).Distinct().ToList();
        return policy switch
        {
            FluidPolicy.Yearly => [before[0]],
            FluidPolicy.TwiceASeason => before.Count < 2 ? [before[0]] : [before[0], before[before.Count / 2]],
            FluidPolicy.EachEvent => before,
            _ => [],
        };
    }

    private static double? CostOf(BrakeFluid fluid, Vehicles.Car car, int flushes)
    {
        // Each flush opens its own bottles: what was opened for the one before has drunk water since.
        return flushes == 0 ? 0 : fluid.PriceLitre * RunningCost.BottlesFor(car, fluid) * fluid.BottleLitres * flushes;
    }

    private static List<PartSeason> PartsOf(PredictionPlan plan, IReadOnlyList<SeasonEvent> events, List<EventDays> days, Spread wear) =>
    [
        PartOf(Said.Of("season-plan.front-pads"), plan.At(Axle.Front).PadMm, plan.Car.Front.PadLimitMm, [.. days.Select(day => day.FrontMm)],
            wear, events),
        PartOf(Said.Of("season-plan.rear-pads"), plan.At(Axle.Rear).PadMm, plan.Car.Rear.PadLimitMm, [.. days.Select(day => day.RearMm)],
            wear, events),
        PartOf(Said.Of("season-plan.front-rotors"), plan.FrontRotor.ThicknessMm, plan.FrontRotor.MinThicknessMm, [.. days.Select(day => day.RingMm)],
            Spread.Times(1, PriorSpread.RingWear, 6), events),
    ];

    private static PartSeason PartOf(Said name, double startMm, double limitMm, IReadOnlyList<double> wear, Spread factors,
        IReadOnlyList<SeasonEvent> events)
    {
        var left = new List<Spread>();
        var sum = 0.0;
        int? runsOut = null;
        for (var i = 0; i < wear.Count; i++)
        {
            sum += wear[i];
            double Left(double factor) => Math.Round(Math.Max(0, startMm - (sum * factor)), 2);
            left.Add(new Spread(Left(factors.P90), Left(factors.P50), Left(factors.P10)));
            runsOut ??= left[i].P10 < limitMm ? i + 1 : null;
        }

        return new PartSeason(name, left, limitMm, runsOut, runsOut is { } number ? events[number - 1].Date.AddDays(-SeasonLives.DeliveryDays) : null);
    }

    private static string Iso(DateOnly date) => date.ToString("yyyy-MM-dd", CultureInfo.InvariantCulture);
}
