using Rimrock.Core.Driving;
using Rimrock.Core.Logbook;
using Rimrock.Core.Preparation;
using Rimrock.Storage;
using Rimrock.Web.Hosting;

namespace Rimrock.Web.Log;

/// <summary>A car's events that lie ahead, as its log has them.</summary>
public static class EventsAhead
{
    private const int Most = 12;

    /// <summary>Of a car, the soonest first; none where no car is named.</summary>
    /// <param name="store">The log.</param>
    /// <param name="car">The car's id; null for none.</param>
    /// <param name="plan">The plan that is driven where an event says nothing else.</param>
    /// <param name="today">The day from which on.</param>
    public static IReadOnlyList<AheadDay> Of(LogStore store, string? car, PredictionPlan plan, DateOnly today) => car is null ? []
        : [.. store.Read<SeasonEvent>(EntryId.Checked(car, "car"), "event").Items.Select(item => item.Body).Where(one => one.Date > today)
            .OrderBy(one => one.Date).Take(Most).Select(one => new AheadDay(one.Date, one.Name, one.On(plan)))];
}
