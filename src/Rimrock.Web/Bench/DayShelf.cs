using Rimrock.Core.Driving;
using Rimrock.Core.Quantities;

namespace Rimrock.Web.Bench;

/// <summary>Days that have been laid out, kept for all parts that are tried on them.</summary>
public static class DayShelf
{
    /// <summary>The day of a plan; refused plans are refused before they are driven.</summary>
    public static Task<Day> DayOf(PredictionPlan plan, AnswerCache cache, CancellationToken cancel)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(cache);
        InputFaultException.ThrowIfAny(plan.Faults());
        var drive = plan.Drive();
        return cache.RememberAsync("day", drive, _ => Task.FromResult(new Day(drive)), cancel);
    }
}
