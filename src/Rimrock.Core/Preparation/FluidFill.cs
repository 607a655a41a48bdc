using Rimrock.Core.Driving;
using Rimrock.Core.Fluids;

namespace Rimrock.Core.Preparation;

/// <summary>The fluid through a season by the days on which it is changed.</summary>
internal sealed record FluidFill(PredictionPlan Plan, DateOnly Today, IReadOnlyList<DateOnly> Flushes)
{
    public FluidState On(DateOnly date)
    {
        var state = Plan.FluidState;
        var flush = Flushes.Where(day => day <= date).Cast<DateOnly?>().LastOrDefault();
        if (flush is { } filled)
        {
            return state with
            {
                AgeMonths = Math.Clamp((date.DayNumber - filled.DayNumber) / Days.AMonth, 0, FluidState.AgeRange.Max),
                ReservoirWaterPercent = null
            };
        }

        var months = (date.DayNumber - Today.DayNumber) / Days.AMonth;

        // A moisture reading holds for the fluid that was read, and drinks on from there.
        return state.ReservoirWaterPercent is { } reading
            ? state with
            {
                ReservoirWaterPercent = Math.Min(7, reading + MoistureUptake.AtCaliperPercent(months, state.Climate, state.TightHoses, Plan.FluidUptake())
                - MoistureUptake.AtCaliperPercent(0, state.Climate, state.TightHoses))
            }
            : state with { AgeMonths = Math.Clamp(state.AgeMonths + months, 0, FluidState.AgeRange.Max) };
    }
}
