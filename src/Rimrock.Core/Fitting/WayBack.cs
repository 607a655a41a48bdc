using Rimrock.Core.Driving;
using Rimrock.Core.Runs;

namespace Rimrock.Core.Fitting;

/// <summary>What brings a plan that leads beyond the model back to where its laws hold: the same car, driven otherwise.</summary>
internal static class WayBack
{
    // So many ways are told: the first that a driver would try.
    private const int Most = 3;

    /// <summary>The refusal of a plan, with what would bring it back; each way is tried on the days that lead out, in the middle of the band.</summary>
    /// <param name="plan">The plan.</param>
    /// <param name="beyond">Its refusal.</param>
    public static BeyondModelException Told(PredictionPlan plan, BeyondModelException beyond)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(beyond);
        int[] lost = [.. Enumerable.Range(0, plan.Planned().Count).Where(place => !IsWithin(plan, place))];
        var ways = lost.SelectMany(place => DrivingWays.For(plan, place)).DistinctBy(way => (way.Code, way.What))
            .Where(way => way.Of(plan) is var so && lost.All(place => IsWithin(so, place))).ToList();
        var alone = ways.Where(way => way.Code != DrivingWays.Together).Take(Most).ToList();
        var told = (alone.Count > 0 ? alone : ways).Select(way => Said.Of("way-back.with", way.What)).DefaultIfEmpty(Said.Of("way-back.none"));
        return new BeyondModelException([.. beyond.Faults.Select(fault => fault with { Message = told.Aggregate(fault.Message, (text, way) => text + way) })]);
    }

    private static bool IsWithin(PredictionPlan plan, int place)
    {
        var on = plan.EachDay()[place];
        var run = new DayRun(on, [CarFactors.Median]);
        foreach (var phase in new Day(on.Drive()).Phases)
        {
            run.Run(phase);
        }

        return ModelEnds.IsWithin(on, run, 0);
    }
}
