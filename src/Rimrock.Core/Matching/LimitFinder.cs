using Rimrock.Core.Prediction;

namespace Rimrock.Core.Matching;

/// <summary>
/// Finds what gives and sorts it: first what gives, in the order of the day (worse harm first at the same moment), then
/// what holds, by how little of its capacity is left.
/// </summary>
public static class LimitFinder
{
    /// <summary>A pad counts as too hot in a lap when this share of the lap's energy is spent above its band.</summary>
    public const double HotShare = 0.1;

    /// <summary>A first stop may be this much longer than with the original pads (engineering judgement).</summary>
    public const double ColdAllowance = 0.15;

    /// <summary>A hot ring may stand so far out of flat at its edge, micrometres (engineering judgement, +-100).</summary>
    public const double ConeLimitUm = 250;

    /// <summary>All limits of a day with the band of their demand, from the middle, the cool and the hot member; sorted.</summary>
    public static IReadOnlyList<Limit> FindWithBand(PredictionPlan plan, DayRun run, FluidToday fluid, IReadOnlyList<ColdStopResult> coldStops, (int Middle, int Cool, int Hot) members)
    {
        var cool = Find(plan, run, fluid, coldStops, members.Cool, words: false).ToDictionary(limit => limit.Code);
        var hot = Find(plan, run, fluid, coldStops, members.Hot, words: false).ToDictionary(limit => limit.Code);
        return Sorted(Find(plan, run, fluid, coldStops, members.Middle).Select(limit => limit with
        {
            DemandLow = Least(cool[limit.Code].Demand, hot[limit.Code].Demand),
            DemandHigh = Most(cool[limit.Code].Demand, hot[limit.Code].Demand),
            MayGive = !limit.Gives && (cool[limit.Code].Gives || hot[limit.Code].Gives),
        }));

        static double? Least(double? a, double? b) => a is { } x && b is { } y ? Math.Min(x, y) : null;
        static double? Most(double? a, double? b) => a is { } x && b is { } y ? Math.Max(x, y) : null;
    }

    /// <summary>All limits of a day for one member, sorted.</summary>
    /// <param name="plan">The plan.</param>
    /// <param name="run">Its day.</param>
    /// <param name="fluid">The fluid as it is today.</param>
    /// <param name="coldStops">Its cold stops.</param>
    /// <param name="member">The member's lane.</param>
    /// <param name="words">False for the figures alone: hundreds of members need no sentences.</param>
    public static IReadOnlyList<Limit> Find(PredictionPlan plan, DayRun run, FluidToday fluid, IReadOnlyList<ColdStopResult> coldStops, int member, bool words = true)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(run);
        ArgumentNullException.ThrowIfNull(fluid);
        var found = new MemberLimits(plan, run, fluid, member, words).All(coldStops);
        return words ? Sorted(found) : found;
    }

    private static IReadOnlyList<Limit> Sorted(IEnumerable<Limit> limits) =>
        [.. limits.OrderBy(limit => limit.Gives ? 0 : limit.MayGive ? 1 : 2).ThenBy(Order).ThenByDescending(limit => limit.Harm)];

    private static double Order(Limit limit) => limit is { Gives: true, When: { } when }
        ? (when.Session * 10000) + (when.Lap * 100) + when.Minutes
        : (limit.Margin ?? double.MaxValue) / Math.Max(1, Math.Abs(limit.Capacity));
}
