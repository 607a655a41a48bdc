using Rimrock.Core.Prediction;

namespace Rimrock.Core.Logbook;

/// <summary>Predicted wear of a hot lap in the middle of the band, the out and cool-down laps of the day shared among them.</summary>
/// <param name="FrontMm">Off the front pad that wears most, mm.</param>
/// <param name="RearMm">Off the rear one, mm.</param>
public sealed record WornPerLap(double FrontMm, double RearMm)
{
    /// <summary>Runs the plan's first session.</summary>
    /// <param name="plan">A plan without faults.</param>
    public static WornPerLap Of(PredictionPlan plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        var day = new Day(plan with { Stint = plan.Stint with { Sessions = 1 } });
        var run = new DayRun(plan, [CarFactors.Median], demands: false);
        foreach (var phase in day.Track)
        {
            run.Run(phase);
        }

        var laps = Math.Max(1, day.HotLaps);
        return new WornPerLap(run.Front.WornMm3[0] / (2 * plan.Car.Front.Discs * plan.Car.Front.PadAreaCm2 * 100 * laps), run.Rear.WornMm3[0] / (2 * plan.Car.Rear.Discs * plan.Car.Rear.PadAreaCm2 * 100 * laps));
    }
}
