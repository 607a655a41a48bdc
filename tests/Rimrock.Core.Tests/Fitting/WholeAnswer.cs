using Rimrock.Core.Driving;
using Rimrock.Core.Fitting;

namespace Rimrock.Core.Tests.Fitting;

/// <summary>What holds for the answer to any accepted plan, without any guard before it.</summary>
internal static class WholeAnswer
{
    /// <summary>Radiation alone carries off 100 MW/m2 at this face: no accepted car brakes harder for long.</summary>
    private const double BoundC = 6000;

    /// <summary>Finite, closed in energy, bounded; returns the answer.</summary>
    public static PredictionResult Holds(PredictionPlan plan)
    {
        plan.Faults().ShouldBeEmpty();
        var result = Predictor.PredictUnguarded(plan);
        foreach (var range in result.Ranges)
        {
            range.PeakC.ShouldAllBe(celsius => double.IsFinite(celsius) && celsius < BoundC, $"{range.Part}");
            range.LeastC.ShouldAllBe(celsius => double.IsFinite(celsius) && celsius > plan.Weather.AmbientC - 1, $"{range.Part}");
        }

        foreach (var wheel in result.Cooling)
        {
            Math.Abs(wheel.BalanceError).ShouldBeLessThan(0.001, wheel.Wheel);
        }

        result.Limits.ShouldAllBe(limit => double.IsFinite(limit.Demand ?? 0) && double.IsFinite(limit.Margin ?? 0) && double.IsFinite(limit.DemandLow ?? 0)
            && double.IsFinite(limit.DemandHigh ?? 0));
        result.Course!.Stops.ShouldAllBe(stop => double.IsFinite(stop.PedalN) && double.IsFinite(stop.FrontMu) && double.IsFinite(stop.Effort.P90));
        result.ColdStops.ShouldAllBe(stop => double.IsFinite(stop.Metres.P50) && stop.Metres.P50 > 0);
        return result;
    }
}
