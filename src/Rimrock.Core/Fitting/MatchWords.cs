using Rimrock.Core.Driving;
using Rimrock.Core.Judgement;
using Rimrock.Core.Limits;

namespace Rimrock.Core.Fitting;

/// <summary>What a match comes to, in words.</summary>
internal static class MatchWords
{
    /// <summary>The verdict in one or two sentences.</summary>
    public static Said Verdict(MatchOutcome outcome, Suggestion fitted, IReadOnlyList<Suggestion> rows,
        (IReadOnlyList<SpendStep> Steps, Driving? Driving, double? Sets) ways, IReadOnlyList<Due> due, IReadOnlyList<HardStop> stops, PredictionPlan plan,
        Wishes wishes)
    {
        var said = Of(outcome, fitted, rows, ways, due, stops, plan, wishes);

        // What is due by its age comes first, whatever else is to be said.
        return due.Count == 0 || outcome is MatchOutcome.Due or MatchOutcome.Settling or MatchOutcome.NothingNeeded ? said
            : Said.Of("match-words.due-first", Said.Joined(Said.Sentences, due.Select(one => one.Sentence)), said);
    }

    private static Said Of(MatchOutcome outcome, Suggestion fitted, IReadOnlyList<Suggestion> rows,
        (IReadOnlyList<SpendStep> Steps, Driving? Driving, double? Sets) ways,
        IReadOnlyList<Due> due, IReadOnlyList<HardStop> stops, PredictionPlan plan, Wishes wishes) => outcome switch
        {
            MatchOutcome.Stop => Said.Of("match-words.do-not-drive-fitted", stops[0].Sentence),
            MatchOutcome.NothingNeeded =>
                Said.Of("match-words.nothing-needed-day-like", Both(fitted.Danger, fitted.Damage), Year(fitted), FittedVerdict.LookedAt),
            MatchOutcome.Due => Said.Of("match-words.day-like-but", Both(fitted.Danger, fitted.Damage),
                Said.Joined(Said.Sentences, due.Select(one => Lower(one.Sentence))),
                fitted.Limits.Any(limit => Fading(limit) && limit.Chance.Share > Thresholds.LikelyNuisance)
                    ? Said.Of("match-words.fades-besides", Titles(fitted)) : Said.Nothing),
            MatchOutcome.Fades => Said.Of("match-words.nobody-hurt-nothing-ruined", Both(fitted.Danger, fitted.Damage), Titles(fitted)),
            MatchOutcome.Steps => Said.Of("match-words.figure", Count(ways.Steps), Fall(fitted, ways.Steps is [.., var last] ? last.Setup : rows[0]),
                Sum(ways.Steps, ways.Sets)),
            MatchOutcome.NothingHelpsEnough => ways.Driving is { Ways.Count: > 0 } driving
                ? Driven(driving, driving.Key == fitted.Key, Left(ways.Steps, rows[0]))
                : Said.Of("match-words.nothing-shelf-not-judged", Left(ways.Steps, rows[0]), Else(plan, rows[0], wishes)),
            MatchOutcome.NothingFits => Said.Of("match-words.nothing-shelf-may-fitted"),
            _ => Said.Nothing,
        };

    /// <summary>
    /// What a part's best setup loses against the first row, both judged, in the order in which setups are ranked: danger, damage, then the driver's scales,
    /// the greatest loss first.
    /// </summary>
    public static WhyNot Against(WhyNot asked, Weighed with, Weighed best, Wishes wishes)
    {
        var (mine, first) = (with.Told, best.Told);
        bool Worse(Harm harm, Chance one, Chance other) => one.Share > other.Share && !Ranking.Equal(with.Life, best.Life, harm);
        List<Said> words =
        [
            .. Worse(Harm.Danger, mine.Danger, first.Danger)
                ? [Said.Of("match-words.danger-day-like-against", ChanceWords.Percent(mine.Danger), ChanceWords.Percent(first.Danger))] : (Said[])[],
            .. Worse(Harm.Damage, mine.Damage, first.Damage)
                ? [Said.Of("match-words.chance-damage-against", ChanceWords.Percent(mine.Damage), ChanceWords.Percent(first.Damage))] : (Said[])[],
            .. Enum.GetValues<Want>().Select(want => (Want: want, Loss: with.Scaled.On(want, wishes) - best.Scaled.On(want, wishes)))
                .Where(one => one.Loss > Objectives.LeastTold)
                .OrderByDescending(one => one.Loss).Select(one => LossOn(one.Want, with, best)),
        ];
        var rest = asked.Kind switch
        {
            "frontPad" => Said.Of("match-words.best-rest-rear", mine.Parts.RearPad.Name, mine.Parts.Fluid.Name),
            "rearPad" => Said.Of("match-words.best-rest-front", mine.Parts.FrontPad.Name, mine.Parts.Fluid.Name),
            _ => Said.Nothing,
        };
        return asked with
        {
            Danger = mine.Danger,
            Damage = mine.Damage,
            Sentence = words.Count == 0 ? Said.Of("match-words.would-do-well-nothing", asked.Part.Name)
                : Said.Of("match-words.with", asked.Part.Name, rest, Said.Joined(Said.Clauses, words.Take(2))),
        };
    }

    private static Said LossOn(Want want, Weighed with, Weighed best)
    {
        var (mine, first) = (with.Told, best.Told);
        return want switch
        {
            Want.Pace => Said.Of("match-words.day-slower-over-early", Units.Percent(100 * with.Scaled.Chances.Nuisance),
                Units.Percent(100 * best.Scaled.Chances.Nuisance)),
            Want.Street => Said.Of("match-words.worse-street-against-10", mine.Street.Penalty, first.Street.Penalty),
            Want.Cost => mine.Cost.PerSeason is { } dear && first.Cost.PerSeason is { } cheap
                ? Said.Of("match-words.season-costs-against", dear, cheap) : Said.Of("match-words.costs-more-far-prices"),
            Want.Work => Said.Of("match-words.takes-work-against", Units.H(mine.EffortHours), Units.H(first.EffortHours)),
            Want.Balance => Said.Of("match-words.balance-moves-points-front", 100 * Math.Abs(mine.FrontShare - first.FrontShare)),
            Want.Bite => Said.Of("match-words.takes-hold-lets-go"),
            _ => Said.Of("match-words.pedal-less-firm", Units.Percent(100 * with.Scaled.Swell), Units.Percent(100 * best.Scaled.Swell)),
        };
    }

    private static bool Fading(LimitChance limit) => LimitTable.Disappoints(LimitTable.Find(limit.Limit.Code));

    private static Said Both(Chance danger, Chance damage) =>
        Said.Of("match-words.danger-damage", ChanceWords.WithError(danger), ChanceWords.WithError(damage));

    private static Said Year(Suggestion fitted) =>
        fitted.YearDanger is { } year ? Said.Of("match-words.danger-over-years-events", ChanceWords.Percent(year)) : Said.Nothing;

    // Each that fades on more days than not; where only all together do, all of them.
    private static Said Titles(Suggestion fitted)
    {
        var told = fitted.Limits.Where(limit => Fading(limit) && limit.WorthTelling).ToList();
        var likely = told.Where(limit => limit.Chance.Share > Thresholds.LikelyNuisance).ToList();
        return Said.Joined(Said.Listed, (likely.Count > 0 ? likely : told)
            .Select(limit => Said.Of("match-words.figure-2", Lower(limit.Limit.Title), ChanceWords.Percent(limit.Chance))));
    }

    private static Said Count(IReadOnlyList<SpendStep> steps) =>
        steps.Count switch
        {
            0 =>
            Said.Of("match-words.first-row-brings"),
            1 => Said.Of("match-words.one-step-brings"),
            _ => Said.Of("match-words.steps-bring", steps.Count)
        };

    private static Said Fall(Suggestion from, Suggestion to) =>
        Said.Of("match-words.danger-damage-2", ChanceWords.Percent(from.Danger), ChanceWords.Percent(to.Danger), ChanceWords.Percent(from.Damage),
            ChanceWords.Percent(to.Damage));

    private static Said Sum(IReadOnlyList<SpendStep> steps, double? sets) => steps.Count == 0 ? ""
        : steps.Aggregate((double?)0, (sum, step) => sum + step.Buy) is { } known ? Said.Of("match-words.for", known)
        : sets is { } each ? Said.Of("match-words.for-street-sets", each) : Said.Of("match-words.sum-not-known-since");

    // The steps may end at less than the first row leaves, where the two count as equal: the lesser is told, here as where the steps are.
    private static Said Left(IReadOnlyList<SpendStep> steps, Suggestion first) =>
        steps is [.., { Setup: var last }] && last.Danger.Share < first.Danger.Share ? Both(last.Danger, last.Damage) : Both(first.Danger, first.Damage);

    // Only what was judged to hold is said to do it; what helps and does not is said to be not enough.
    private static Said Driven(Driving driving, bool isAsItStands, Said best)
    {
        var hold = driving.Ways.Where(way => way.Holds == true).ToList();
        var told = Said.Joined(Said.Listed, [.. (hold.Count > 0 ? hold : driving.Ways).Select(way =>
            Said.Of("match-words.way", way.What, ChanceWords.Percent(way.Danger), ChanceWords.Percent(way.Damage)))]);
        return hold.Count > 0 ? isAsItStands ? Said.Of("match-words.driving-does-it", best, told) : Said.Of("match-words.driving-does-rest", best, told)
            : Said.Of("match-words.nothing-does-it-these-help", best, told);
    }

    private static Said Else(PredictionPlan plan, Suggestion best, Wishes wishes)
    {
        Said[] flush = !wishes.FreshFluidEachEvent && best.Limits.Any(limit => limit.WorthTelling && LimitTable.Boils(LimitTable.Find(limit.Limit.Code)))
            ? [Said.Of("match-words.fresh-fluid-before-each")] : [];
        // On a descent the gear holds the car for nothing; on any road a slower pace does.
        var days = plan.Planned();
        Said[] ways =
        [
            .. flush,
            .. days.Select(day => plan.On(day)).Where(on => LessHeat.HasLapsInARow(on) || on.Leading().KindOf().Shape == DayShape.Runs
                || on.Leading().Kind == DayKind.Descent).Select(LessHeat.Of).Distinct(),
            .. days.Any(day => LessHeat.HasLapsInARow(plan.On(day))) ? [plan.Stint.CoolDownLaps == 0 ? Said.Of("match-words.cool-down-lap")
                : Said.Of("match-words.one-more-cool-down")] : (Said[])[],
            .. days.Any(day => day.Kind == DayKind.Descent) ? [Said.Of("match-words.stop-halfway")] : (Said[])[],
            .. days.Any(day => day.TrailerKg > 0) ? [Said.Of("match-words.less-weight")] : (Said[])[],
            Said.Of("match-words.slower-pace"),
        ];
        return Said.Joined(Said.Listed, ways);
    }

    private static Said Lower(Said title) => Said.Of(Said.Within, title);
}
