using Rimrock.Core.Driving;
using Rimrock.Core.Quantities;

namespace Rimrock.Web.Bench;

/// <summary>Days that have been laid out, kept for all parts that are tried on them.</summary>
public static class DayShelf
{
    /// <summary>The days of a plan; refused plans are refused before they are driven.</summary>
    public static async Task<Year> YearOf(PredictionPlan plan, AnswerCache cache, CancellationToken cancel)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(cache);
        InputFaultException.ThrowIfAny(plan.Faults());
        var days = new Dictionary<Drive, Day>();
        foreach (var drive in plan.EachDay().Select(on => on.Drive()).Distinct())
        {
            days[drive] = await cache.RememberAsync("day", drive, _ => Task.FromResult(new Day(drive)), cancel);
        }

        return new Year(plan, drive => days[drive]);
    }
}
