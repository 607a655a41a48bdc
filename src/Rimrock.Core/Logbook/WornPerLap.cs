using Rimrock.Core.Friction;
using Rimrock.Core.Matching;
using Rimrock.Core.Prediction;

namespace Rimrock.Core.Logbook;

/// <summary>Predicted wear of a hot lap in the middle of the band, the out and cool-down laps of the day shared among them.</summary>
/// <param name="FrontMm">Off the front pad that wears most, mm.</param>
/// <param name="RearMm">Off the rear one, mm.</param>
/// <param name="FrontRotorMm">Off a front rotor's thickness, mm.</param>
/// <param name="RearRotorMm">Off a rear one's, mm.</param>
/// <param name="Hours">Track hours that a hot lap stands for.</param>
public sealed record WornPerLap(double FrontMm, double RearMm, double FrontRotorMm, double RearRotorMm, double Hours)
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
        var hours = plan.Stint.MinutesEach / 60.0 / laps;
        double PadMm(AxleRun axle, Vehicles.AxleBrake brake) => axle.WornMm3[0] / (2 * brake.Discs * brake.PadAreaCm2 * 100 * laps);
        double RotorMm(Pad pad) => RunningCost.RingWearMmPerHour(pad) * hours;
        return new WornPerLap(PadMm(run.Front, plan.Car.Front), PadMm(run.Rear, plan.Car.Rear), RotorMm(plan.FrontPad), RotorMm(plan.RearPad), hours);
    }
}
