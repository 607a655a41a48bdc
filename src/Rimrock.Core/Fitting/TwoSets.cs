using Rimrock.Core.Driving;
using Rimrock.Core.Friction;
using Rimrock.Core.Runs;

namespace Rimrock.Core.Fitting;

/// <summary>
/// Two sets of pads, one for the circuit and one for the road, against leaving the circuit's on all year: what a cold start is like, what the road wears of
/// them, and what swapping takes. Told where a car sees both and the pads that its track days ask for brake a cold car worse than what is on it, or may not
/// be driven on the road.
/// </summary>
internal static class TwoSets
{
    /// <summary>Metres longer from 50 km/h on a cold morning that a driver feels (engineering judgement).</summary>
    private const double FeltMetres = 1;

    private const int Middle = 0;

    /// <summary>What is to be said of them; nothing where one set does.</summary>
    /// <param name="plan">The plan with what is fitted.</param>
    /// <param name="asItStands">What is fitted, judged.</param>
    /// <param name="best">The first row, judged.</param>
    /// <param name="on">The plan with the first row fitted.</param>
    public static IEnumerable<Said> Of(PredictionPlan plan, Suggestion asItStands, Suggestion best, PredictionPlan on)
    {
        var days = plan.Planned();
        var isChanged = new Axles<bool>(best.Parts.FrontPad.Id != Selection.FittedId, best.Parts.RearPad.Id != Selection.FittedId);
        var isApproved = on.FrontPad.RoadApproved && on.RearPad.RoadApproved;
        var longer = best.Street.ExtraMetres - asItStands.Street.ExtraMetres;
        if (!days.Any(day => day.KindOf().IsTimed) || days.FirstOrDefault(day => day.KindOf().Shape == DayShape.Road) is not { } road
            || !(isChanged.Front || isChanged.Rear) || (longer < FeltMetres && isApproved))
        {
            yield break;
        }

        var (theirs, own) = (OnTheRoad(on, road), OnTheRoad(plan, road));
        var pads = Pads(best, isChanged);
        yield return isApproved ? Said.Of("two-sets.left-on-all-year", pads, Units.M(Math.Max(0, best.Street.ExtraMetres)), Warm(on, theirs))
            : Said.Of("two-sets.not-for-the-road", pads);
        if (!plan.FrontPad.RoadApproved || !plan.RearPad.RoadApproved)
        {
            yield break;
        }

        var hours = Effort.Hours(isChanged, 0, opened: false, lines: false, new(false, false));
        var worn = (Worn(on, theirs, road, isChanged), Worn(plan, own, road, isChanged));
        yield return Said.Of("two-sets.swapped-for-each-event", Pads(asItStands, isChanged), Units.H(hours), Units.H(2 * hours * plan.EventsAYear()),
            worn is ({ } left, { } kept) ? left > kept ? Said.Of("two-sets.road-wears-less-by", Math.Round(left - kept))
                : Said.Of("two-sets.road-wears-no-dearer") : Said.Of("two-sets.prices-unknown"),
            isApproved ? Said.Of("two-sets.drive-home-as-cold") : Said.Of("two-sets.swap-at-the-circuit"));
    }

    private static Said Pads(Suggestion row, Axles<bool> isChanged) => isChanged is { Front: true, Rear: true }
        ? row.Parts.FrontPad.Name == row.Parts.RearPad.Name ? row.Parts.FrontPad.Name
            : Said.Of("two-sets.front-and-rear", row.Parts.FrontPad.Name, row.Parts.RearPad.Name)
        : isChanged.Front ? row.Parts.FrontPad.Name : row.Parts.RearPad.Name;

    /// <summary>How long a drive on the road lasts until these pads brake as hard as the original ones do cold.</summary>
    private static Said Warm(PredictionPlan on, DayRun run)
    {
        var cold = PadTables.Of(Pad.OriginalOf(on.Car.OriginalPadFamily)).Mu.At(on.Weather.AmbientC);
        return run.Stops.FirstOrDefault(stop => stop.FrontMu[Middle] >= cold) is not { } first ? Said.Of("two-sets.never-on-such-a-drive")
            : ReferenceEquals(first, run.Stops[0]) ? Said.Of("two-sets.from-the-first-stop-on-a-mild-day")
            : Said.Of("two-sets.after-minutes", Units.Min(first.AtS / 60));
    }

    /// <summary>What a year on the road wears of the pads that differ, in money; null where a price is unknown.</summary>
    private static double? Worn(PredictionPlan on, DayRun run, PlannedDay road, Axles<bool> isChanged)
    {
        double? Of(bool counts, Pad pad, double mm3, Vehicles.AxleBrake brake) =>
            !counts ? 0 : pad.PriceAxleSet * mm3 * road.DaysAYear / RunningCost.UsableMm3(brake);
        return Of(isChanged.Front, on.FrontPad, run.Front.WornMm3[Middle], on.Car.Front)
            + Of(isChanged.Rear, on.RearPad, run.Rear.WornMm3[Middle], on.Car.Rear);
    }

    private static DayRun OnTheRoad(PredictionPlan plan, PlannedDay road)
    {
        var on = plan.On(road);
        var run = new DayRun(on, [CarFactors.Median], demands: false);
        foreach (var phase in new Day(on).Phases)
        {
            run.Run(phase);
        }

        return run;
    }
}
