using Rimrock.Core.Prediction;
using Rimrock.Core.Quantities;

namespace Rimrock.Web.Bench;

/// <summary>Days that have been laid out, kept for all parts that are tried on them.</summary>
public static class DayShelf
{
    /// <summary>The day of a plan; refused plans are refused before they are driven.</summary>
    public static Day DayOf(PredictionPlan plan, AnswerCache cache)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(cache);
        InputFaultException.ThrowIfAny(plan.Faults());
        var driven = new { plan.Car, plan.Circuit, plan.Pace, plan.Stint, plan.Weather, plan.BatteryFull, plan.RoadDuty, plan.TrailerKg, plan.TrailerBraked };
        return cache.Remember("day", driven, () => new Day(plan));
    }
}
