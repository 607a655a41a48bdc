using Rimrock.Core.Driving;
using Rimrock.Core.Fitting;
using Rimrock.Core.Limits;
using Rimrock.Core.Runs;

namespace Rimrock.Core.Logbook;

/// <summary>What the prediction of the plan's worst kind of day asks of pads and fluid: what was found is held against it.</summary>
/// <param name="SessionWearMm">Friction material that a session takes, mm, by axle.</param>
/// <param name="LapWearMm">The same for a lap; null where no laps are driven.</param>
/// <param name="FluidC">Upper edge of the fluid's highest temperature, C; null where it is not asked.</param>
public sealed record ExpectedDay(Axles<double> SessionWearMm, Axles<double>? LapWearMm, double? FluidC)
{
    /// <summary>Reckons it; null where the plan leads beyond the model.</summary>
    public static ExpectedDay? Of(PredictionPlan plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        try
        {
            var result = Predictor.Predict(plan);
            double Worn(string code, Axle axle)
            {
                // The limit is told of the kind of day that wears most: its own sessions count.
                var limit = result.Limits.FirstOrDefault(one => one.Code == code);
                var day = plan.Planned().FirstOrDefault(one => one.Kind == limit?.Day) ?? plan.Leading();
                return limit?.Demand is { } left ? Math.Max(0, plan.At(axle).PadMm - left) / Math.Max(1, plan.On(day).Stint.Sessions) : 0;
            }

            var worn = new Axles<double>(Worn(LimitCode.FrontWear, Axle.Front), Worn(LimitCode.RearWear, Axle.Rear));
            var laps = result.Summary.HotLaps;
            return new ExpectedDay(worn, laps > 0 ? new Axles<double>(worn.Front / laps, worn.Rear / laps) : null,
                result.Limits.Where(limit => limit.Code is LimitCode.FrontFluid or LimitCode.RearFluid).Max(limit => limit.DemandHigh ?? limit.Demand));
        }
        catch (BeyondModelException)
        {
            return null;
        }
    }
}
