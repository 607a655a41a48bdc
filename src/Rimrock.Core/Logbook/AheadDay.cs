using Rimrock.Core.Driving;
using Rimrock.Core.Fluids;
using Rimrock.Core.Runs;

namespace Rimrock.Core.Logbook;

/// <summary>An event that lies ahead.</summary>
/// <param name="Date">Its day.</param>
/// <param name="Name">What it is.</param>
/// <param name="Plan">The plan as it will be driven there.</param>
public sealed record AheadDay(DateOnly Date, string Name, PredictionPlan Plan)
{
    // A reading that is off by more than this from what age alone explains is a reading of something else, not of how fast this car drinks
    // (engineering judgement).
    private const double MostFaster = 2;

    // Water below this is too little to tell a rate from, % (engineering judgement).
    private const double LeastToTell = 0.1;

    /// <summary>
    /// What a tester's word of today says of the events ahead, the soonest that asks too much: the water goes on rising as fast as it did (common practice:
    /// fluid is judged against the last day that it must serve, not against today).
    /// </summary>
    /// <param name="water">Water in the reservoir today, %.</param>
    /// <param name="plan">The car today.</param>
    /// <param name="today">Today.</param>
    /// <param name="ahead">Events.</param>
    internal static Finding? Of(double water, PredictionPlan plan, DateOnly today, IReadOnlyList<AheadDay> ahead)
    {
        Finding? watched = null;
        foreach (var day in ahead.Where(one => one.Date > today).OrderBy(one => one.Date))
        {
            var then = day.WaterThen(water, plan.FluidState, today);
            var on = day.Plan with { FluidState = then };
            if (ExpectedDay.Of(on)?.FluidC is not { } asks)
            {
                continue;
            }

            var vapour = FluidToday.Of(on).VapourC;
            var percent = then.ReservoirWaterPercent!.Value;
            var iso = Days.Iso(day.Date);
            if (vapour <= asks)
            {
                return new Finding(Said.Of("part.fluid"), Verdict.ChangeBefore, Said.Of("stop-or-go.water-boils-at-event", day.Name, iso,
                    Units.Percent(percent), Units.C(vapour), Units.C(asks)), Said.Of("stop-or-go.fluid-by-its-last-day"), Finding.Trade, "wet-reading");
            }

            watched ??= vapour >= asks + StopOrGo.NearVapourK ? null : new Finding(Said.Of("part.fluid"), Verdict.Watch,
                Said.Of("stop-or-go.water-leaves-little-at-event", day.Name, iso, Units.Percent(percent), Units.C(vapour), Units.C(asks)),
                Said.Of("stop-or-go.fluid-by-its-last-day"), Finding.Trade, "wet-reading");
        }

        return watched;
    }

    private FluidState WaterThen(double water, FluidState now, DateOnly today)
    {
        var months = (Date.DayNumber - today.DayNumber) / Days.AMonth;
        var then = now with { AgeMonths = Math.Min(FluidState.AgeRange.Max, now.AgeMonths + months), ReservoirWaterPercent = null };
        var (byAge, later) = ((now with { ReservoirWaterPercent = null }).WaterByAgePercent(Plan.FluidUptake()),
            then.WaterByAgePercent(Plan.FluidUptake()));
        var faster = byAge > LeastToTell ? Math.Clamp(water / byAge, 1 / MostFaster, MostFaster) : 1;
        return then with { ReservoirWaterPercent = Math.Round(Math.Min(FluidState.WaterRange.Max, water + (faster * (later - byAge))), 2) };
    }
}
