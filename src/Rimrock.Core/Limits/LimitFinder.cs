using Rimrock.Core.Driving;
using Rimrock.Core.Runs;

namespace Rimrock.Core.Limits;

/// <summary>
/// Reads the limits off a day that was run for a middle and two edges, and puts them in order: first what gives, then what may, then what holds; danger before
/// damage before
/// nuisance in each, and within one harm by how little is left.
/// </summary>
public static class LimitFinder
{
    /// <summary>All limits of a day with the band of their demand, from the middle, the cool and the hot member; sorted.</summary>
    public static IReadOnlyList<Limit> FindWithBand(PredictionPlan plan, DayRun run, FluidToday fluid, IReadOnlyList<ColdStopResult> coldStops,
        (int Middle, int Cool, int Hot) members)
    {
        ArgumentNullException.ThrowIfNull(plan);
        MemberDay Day(int lane) => new(plan, run, lane, CarFactors.Median, fluid, coldStops);
        var (middle, cool, hot) = (Day(members.Middle), Day(members.Cool), Day(members.Hot));
        return Sorted(LimitTable.Of(plan).Select(row =>
        {
            var (atCool, atHot) = (row.Read(cool), row.Read(hot));
            var found = Told(row, middle);
            return found with
            {
                DemandLow = Edge(Math.Min(atCool.Demand, atHot.Demand)),
                DemandHigh = Edge(Math.Max(atCool.Demand, atHot.Demand)),
                MayGive = !found.Gives && (atCool.Gives || atHot.Gives),
            };
        }));

        static double? Edge(double value) => double.IsNaN(value) ? null : value;
    }

    /// <summary>All limits of one member's day with words, sorted.</summary>
    public static IReadOnlyList<Limit> Find(MemberDay day)
    {
        ArgumentNullException.ThrowIfNull(day);
        return Sorted(LimitTable.Of(day.Plan).Select(row => Told(row, day)));
    }

    /// <summary>Of several kinds of day each limit on the one where least is left, sorted.</summary>
    /// <param name="days">The limits of each day; of equal ones the first day counts.</param>
    public static IReadOnlyList<Limit> Worst(IEnumerable<IReadOnlyList<Limit>> days)
    {
        ArgumentNullException.ThrowIfNull(days);
        return Sorted(days.SelectMany(day => day).GroupBy(limit => limit.Code).Select(same => same.OrderBy(Rank).ThenBy(LeftOf).First()));
    }

    private static int Rank(Limit limit) => limit.Gives ? 0 : limit.MayGive ? 1 : 2;

    private static double LeftOf(Limit limit) => (limit.Margin ?? double.MaxValue) / Math.Max(1, Math.Abs(limit.Capacity));

    private static Limit Told(LimitRow row, MemberDay day)
    {
        var reading = row.Read(day);
        var words = row.Tell(day, reading);
        var asked = !double.IsNaN(reading.Demand);

        // What is worn away is gone: no thickness below none is shown.
        var shown = row.Unit == "mm" ? Math.Max(0, reading.Demand) : reading.Demand;
        return new Limit(row.Code, words.Title, row.Unit, asked ? shown : null, reading.Capacity, asked ? reading.Margin + shown - reading.Demand : null,
            reading.Gives, reading.When, row.HarmOf(day.Plan),
            words.Sentence, reading.Gives ? words.Change : null, words.Basis, Day: day.Plan.Leading().Kind);
    }

    private static IReadOnlyList<Limit> Sorted(IEnumerable<Limit> limits) =>
        [.. limits.OrderBy(Rank).ThenByDescending(limit => limit.Harm).ThenBy(Order)];

    private static double Order(Limit limit) => limit is { Gives: true, When: { } when }
        ? (when.Session * 10000) + (when.Lap * 100) + when.Minutes
        : LeftOf(limit);
}
