using System.Globalization;
using Rimrock.Core.Circuits;
using Rimrock.Core.Fluids;
using Rimrock.Core.Matching;
using Rimrock.Core.Numerics;
using Rimrock.Core.Prediction;
using Rimrock.Core.Priors;
using Rimrock.Core.Quantities;
using Rimrock.Core.Rotors;
using Rimrock.Core.Uncertainty;

namespace Rimrock.Core.Preparation;

/// <summary>An event of the season.</summary>
/// <param name="Date">Its day.</param>
/// <param name="Name">What it is.</param>
/// <param name="AmbientC">Expected air temperature, C.</param>
/// <param name="Circuit">Where, if not where the plan is driven.</param>
public sealed record SeasonEvent(DateOnly Date, string Name, double AmbientC, Circuit? Circuit = null)
{
    private static readonly FieldRange Ambient = new("events.ambientC", "Air temperature", "C", -20, 50);

    /// <summary>Ranges of the fields, for forms.</summary>
    public static IReadOnlyList<FieldRange> Ranges { get; } = [Ambient];

    /// <summary>Lists what is wrong.</summary>
    public IReadOnlyList<InputFault> Faults()
    {
        var faults = new List<InputFault>();
        Check("event", faults);
        return faults;
    }

    /// <summary>Lists what is wrong, by the field's path.</summary>
    public void Check(string field, ICollection<InputFault> faults)
    {
        ArgumentNullException.ThrowIfNull(faults);
        Names.Check(Name, $"{field}.name", faults);
        Days.Check(Date, $"{field}.date", faults);
        Ambient.Check(AmbientC, faults, $"{field}.ambientC");
        Circuit?.Check(faults);
    }
}

/// <summary>How often the fluid is changed.</summary>
public enum FluidPolicy
{
    /// <summary>Left in as it is.</summary>
    LeftIn,

    /// <summary>Once a year, before the first event.</summary>
    Yearly,

    /// <summary>Before the first event and in the middle of the season.</summary>
    TwiceASeason,

    /// <summary>Before each event.</summary>
    EachEvent,
}

/// <summary>The fluid on one event's day.</summary>
/// <param name="Date">The day.</param>
/// <param name="Name">The event.</param>
/// <param name="VapourC">Where vapour shows.</param>
/// <param name="DemandC">Hottest fluid of the day.</param>
/// <param name="MarginK">What is left in the middle of the bands, K.</param>
/// <param name="Boils">Chance that it boils.</param>
public sealed record SeasonDay(DateOnly Date, string Name, Spread VapourC, Spread DemandC, double MarginK, double Boils);

/// <summary>A point of the boiling line through the season.</summary>
/// <param name="Date">The day.</param>
/// <param name="VapourC">Where vapour shows in the middle of the band, C.</param>
public sealed record BoilingPointAt(DateOnly Date, double VapourC);

/// <summary>One policy through the season.</summary>
/// <param name="Policy">The policy.</param>
/// <param name="Flushes">Days of the bleeding, two days before an event.</param>
/// <param name="Cost">Fluid for them in whole bottles, in the driver's currency; null where the price is unknown.</param>
/// <param name="Hours">Work, h.</param>
/// <param name="Days">The fluid on each event.</param>
/// <param name="Line">The boiling line, month by month and at each bleeding.</param>
/// <param name="WorstMarginK">Smallest margin, K.</param>
/// <param name="Holds">True where every event keeps the margin, with a small chance of vapour.</param>
public sealed record PolicySeason(FluidPolicy Policy, IReadOnlyList<DateOnly> Flushes, double? Cost, double Hours, IReadOnlyList<SeasonDay> Days, IReadOnlyList<BoilingPointAt> Line, double WorstMarginK, bool Holds);

/// <summary>How a part wears through the season.</summary>
/// <param name="Part">front pads, rear pads or front rotors.</param>
/// <param name="LeftMm">What is left after each event; eight of ten lie in the band.</param>
/// <param name="LimitMm">Where it is changed.</param>
/// <param name="RunsOutAt">Event that it does not last through in the middle of the band, from 1; null where it lasts.</param>
/// <param name="OrderBy">Day by which a new set should be ordered; null where none is needed.</param>
public sealed record PartSeason(string Part, IReadOnlyList<Spread> LeftMm, double LimitMm, int? RunsOutAt, DateOnly? OrderBy);

/// <summary>A season: the fluid by each policy, and what wears out before what.</summary>
/// <param name="Policies">Each policy.</param>
/// <param name="Parts">Each part that wears.</param>
/// <param name="Advice">The cheapest policy that keeps the margin, and why, in one sentence.</param>
/// <param name="NextBleed">The next bleed date by it; null where none is needed.</param>
public sealed record SeasonPlan(IReadOnlyList<PolicySeason> Policies, IReadOnlyList<PartSeason> Parts, string Advice, DateOnly? NextBleed)
{
    /// <summary>Margin that a bleed date should hold, K (common practice).</summary>
    public const double WantedMarginK = 25;

    /// <summary>Chance of vapour that a bleed date should stay below on every event (engineering judgement).</summary>
    public const double MostChance = 0.05;

    /// <summary>Most events of a season.</summary>
    public const int MostEvents = 40;

    private const int DaysBeforeEvent = 2;
    private const int DeliveryDays = 14;
    private const double DaysAMonth = 365.25 / 12;

    /// <summary>Plans a season.</summary>
    /// <param name="plan">Car, parts, usual day; its fluid's age holds today.</param>
    /// <param name="events">Events in order of their days.</param>
    /// <param name="today">Today.</param>
    /// <param name="belief">What is believed of the car, where its log has taught something.</param>
    /// <param name="cancel">Stops between stretches.</param>
    /// <exception cref="InputFaultException">Faults of the plan or of an event, by its number.</exception>
    public static SeasonPlan Of(PredictionPlan plan, IReadOnlyList<SeasonEvent> events, DateOnly today, Population? belief = null, CancellationToken cancel = default)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(events);
        var faults = plan.Faults().ToList();
        Check(plan.Car, events, today, faults);
        InputFaultException.ThrowIfAny(faults);
        var days = events.Select(item => DayOf(plan, item, belief ?? Population.Prior.Sketched(), cancel)).ToList();
        var policies = Enum.GetValues<FluidPolicy>().Select(policy => Season(plan, events, days, today, policy)).ToList();
        var holding = policies.Where(one => one.Holds).OrderBy(one => one.Flushes.Count).ThenBy(one => one.Cost ?? 0).FirstOrDefault();
        return new SeasonPlan(policies, PartsOf(plan, events, days), Advise(policies, holding), (holding ?? policies[^1]).Flushes.Cast<DateOnly?>().FirstOrDefault(day => day >= today));
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
            faults.Add(new InputFault("events", $"{events.Count} events", $"1 to {MostEvents} events", $"A season has 1 to {MostEvents} events."));
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
                faults.Add(new InputFault($"events[{i}].date", Iso(events[i].Date), $"{Iso(earliest)} to {Iso(today.AddDays(800))}", "Events lie ahead, in order of their days."));
            }
        }
    }

    private static (Spread FluidC, double FrontMm, double RearMm, double RingMm) DayOf(PredictionPlan plan, SeasonEvent item, Population belief, CancellationToken cancel)
    {
        var on = plan with { Circuit = item.Circuit ?? plan.Circuit, Weather = plan.Weather with { AmbientC = item.AmbientC } };
        var day = new Day(on);
        var run = new DayRun(on, [CarFactors.Median], demands: false);
        foreach (var phase in day.Track)
        {
            cancel.ThrowIfCancellationRequested();
            run.Run(phase);
        }

        ModelEnds.ThrowIfPassed(on, run, 0);
        var fluids = BelievedPeaks.Of(on, belief, [BrakePart.FrontFluid, BrakePart.RearFluid], cancel);
        var hottest = fluids.MaxBy(fluid => fluid.P50)!;
        return (new Spread(Math.Round(hottest.P10, 1), Math.Round(hottest.P50, 1), Math.Round(hottest.P90, 1)),
            on.Car.Front.WornMm(run.Front.WornMm3[0]), on.Car.Rear.WornMm(run.Rear.WornMm3[0]),
            RingWear.WornMm(on.FrontRotor, on.FrontPad, run.Front.EnergyJ[0] / on.Car.Front.Discs));
    }

    private static PolicySeason Season(PredictionPlan plan, IReadOnlyList<SeasonEvent> events, List<(Spread FluidC, double FrontMm, double RearMm, double RingMm)> days, DateOnly today, FluidPolicy policy)
    {
        var filled = today.AddDays((int)Math.Round(-plan.FluidState.AgeMonths * DaysAMonth));
        var flushes = FlushesOf(policy, events);
        Spread VapourOn(DateOnly date)
        {
            var flush = flushes.Where(day => day <= date).Cast<DateOnly?>().LastOrDefault();
            var months = (date.DayNumber - (flush ?? filled).DayNumber) / DaysAMonth;
            // A moisture reading holds for the fluid that was read, and drinks on from there.
            var state = flush is null && plan.FluidState.ReservoirWaterPercent is { } reading
                ? plan.FluidState with { ReservoirWaterPercent = Math.Min(7, reading + MoistureUptake.AtCaliperPercent((date.DayNumber - today.DayNumber) / DaysAMonth, plan.FluidState.Climate, plan.FluidState.TightHoses) - MoistureUptake.AtCaliperPercent(0, plan.FluidState.Climate, plan.FluidState.TightHoses)) }
                : plan.FluidState with { AgeMonths = Math.Clamp(months, 0, 120), ReservoirWaterPercent = null };
            return FluidSeason.Vapour(plan.Fluid, state, plan.Circuit.AltitudeM);
        }

        var seasonDays = events.Select((item, i) =>
        {
            var vapour = VapourOn(item.Date);
            var demand = days[i].FluidC;
            var sigma = Math.Sqrt(Square((demand.P90 - demand.P10) / ScreenChance.EightTenthsWidth) + Square((vapour.P90 - vapour.P10) / ScreenChance.EightTenthsWidth));
            return new SeasonDay(item.Date, item.Name, vapour, demand, Math.Round(vapour.P50 - demand.P50, 1), Math.Round(ScreenChance.Exceeds(demand.P50, vapour.P50, sigma), 3));
        }).ToList();
        var worst = seasonDays.Min(day => day.MarginK);
        return new PolicySeason(policy, flushes, CostOf(plan.Fluid, flushes.Count), flushes.Count, seasonDays, Line(events, flushes, today, VapourOn), worst, worst >= WantedMarginK && seasonDays.All(day => day.Boils <= MostChance));

        static double Square(double value) => value * value;
    }

    private static List<BoilingPointAt> Line(IReadOnlyList<SeasonEvent> events, IReadOnlyList<DateOnly> flushes, DateOnly today, Func<DateOnly, Spread> vapourOn)
    {
        var last = events[^1].Date.AddDays(21);
        var dates = Enumerable.Range(0, ((last.DayNumber - today.DayNumber) / 10) + 1).Select(i => today.AddDays(10 * i))
            .Concat(flushes.SelectMany(day => new[] { day.AddDays(-1), day })).Concat(events.Select(item => item.Date)).Where(day => day >= today).Distinct().Order();
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

    private static double? CostOf(BrakeFluid fluid, int flushes)
    {
        // Each flush opens its own bottles: what was opened for the one before has drunk water since.
        var bottles = Math.Ceiling((RunningCost.FlushLitres - 1e-9) / fluid.BottleLitres);
        return flushes == 0 ? 0 : fluid.PriceLitre * bottles * fluid.BottleLitres * flushes;
    }

    private static List<PartSeason> PartsOf(PredictionPlan plan, IReadOnlyList<SeasonEvent> events, List<(Spread FluidC, double FrontMm, double RearMm, double RingMm)> days) =>
    [
        PartOf("front pads", plan.FrontPadMm ?? plan.Car.Front.PadNewMm, plan.Car.Front.PadLimitMm, [.. days.Select(day => day.FrontMm)], PriorSpread.Wear, events),
        PartOf("rear pads", plan.RearPadMm ?? plan.Car.Rear.PadNewMm, plan.Car.Rear.PadLimitMm, [.. days.Select(day => day.RearMm)], PriorSpread.Wear, events),
        PartOf("front rotors", plan.FrontRotor.ThicknessMm, plan.FrontRotor.MinThicknessMm, [.. days.Select(day => day.RingMm)], PriorSpread.RingWear, events),
    ];

    private static PartSeason PartOf(string name, double startMm, double limitMm, IReadOnlyList<double> wear, double sigmaFactor, IReadOnlyList<SeasonEvent> events)
    {
        var left = new List<Spread>();
        var edge = Math.Pow(sigmaFactor, Spread.EdgeSigmas);
        var sum = 0.0;
        int? runsOut = null;
        for (var i = 0; i < wear.Count; i++)
        {
            sum += wear[i];
            double Left(double factor) => Math.Round(Math.Max(0, startMm - (sum * factor)), 2);
            left.Add(new Spread(Left(edge), Left(1), Left(1 / edge)));
            runsOut ??= startMm - sum < limitMm ? i + 1 : null;
        }

        return new PartSeason(name, left, limitMm, runsOut, runsOut is { } number ? events[number - 1].Date.AddDays(-DeliveryDays) : null);
    }

    private static string Advise(IReadOnlyList<PolicySeason> policies, PolicySeason? holding)
    {
        if (holding is { Flushes.Count: 0 })
        {
            return Text($"What is in the car keeps {holding.WorstMarginK:0} K in hand at every event: nothing to bleed this season but for the two years that no street fluid should pass.");
        }

        if (holding is not null)
        {
            return Text($"{Name(holding.Policy)} keeps {holding.WorstMarginK:0} K in hand at every event{(holding.Cost is { } cost ? Text($" and costs {cost:0} in fluid") : "")}; {(policies[^1].Policy == holding.Policy ? "nothing less would." : Text($"before each event would take {policies[^1].Flushes.Count} flushes{(policies[^1].Cost is { } dear ? Text($" and {dear:0}") : "")} for {policies[^1].WorstMarginK:0} K."))}");
        }

        return Text($"No policy keeps {WantedMarginK:0} K in hand with less than {100 * MostChance:0} % chance of vapour: even fresh before each event the worst has {policies[^1].WorstMarginK:0} K and {100 * policies[^1].Days.Max(day => day.Boils):0} %. A fluid that boils higher, ducts, shorter sessions or a cool-down lap more.");
    }

    private static string Name(FluidPolicy policy) => policy switch
    {
        FluidPolicy.Yearly => "Once a year, before the first event,",
        FluidPolicy.TwiceASeason => "Twice a season",
        FluidPolicy.EachEvent => "Fresh before each event",
        _ => "Left in",
    };

    private static string Iso(DateOnly date) => date.ToString("yyyy-MM-dd", CultureInfo.InvariantCulture);

    private static string Text(FormattableString text) => text.ToString(CultureInfo.InvariantCulture);
}
