using Rimrock.Core.Driving;
using Rimrock.Core.Judgement;
using Rimrock.Core.Limits;

namespace Rimrock.Core.Fitting;

/// <summary>What a match comes to, in words.</summary>
internal static class MatchWords
{
    /// <summary>The verdict in one or two sentences.</summary>
    public static string Verdict(MatchOutcome outcome, Suggestion fitted, IReadOnlyList<Suggestion> rows, IReadOnlyList<SpendStep> steps,
        IReadOnlyList<Due> due, IReadOnlyList<HardStop> stops, PredictionPlan plan, Wishes wishes) => outcome switch
        {
            MatchOutcome.Stop => $"Do not drive on what is fitted: {stops[0].Sentence}",
            MatchOutcome.NothingNeeded => $"Nothing needed: on a day like this {Both(fitted.Danger, fitted.Damage)}{Year(fitted)}. {FittedVerdict.LookedAt}",
            MatchOutcome.Due => $"On a day like this {Both(fitted.Danger, fitted.Damage)}; but {string.Join(" ", due.Select(one => Lower(one.Sentence)))}",
            MatchOutcome.Fades => $"Nobody is hurt and nothing ruined ({Both(fitted.Danger, fitted.Damage)}), but pads fade on more days than not: " +
                $"{Titles(fitted)}.",
            MatchOutcome.Steps => $"{Count(steps)} {Fall(fitted, steps is [.., var last] ? last.Setup : rows[0])}{Sum(steps)}.",
            MatchOutcome.NothingHelpsEnough =>
                $"Nothing on the shelf helps enough: the best that can be reached leaves {Both(rows[0].Danger, rows[0].Damage)}. What else would do it: " +
                $"{Else(plan, rows[0], wishes)}.",
            MatchOutcome.NothingFits => "Nothing on the shelf may be fitted: look at what was refused, and why.",
            _ => "",
        };

    /// <summary>
    /// What a part's best setup loses against the first row, both judged, in the order in which setups are ranked: danger, damage, then the driver's scales,
    /// the greatest loss first.
    /// </summary>
    public static WhyNot Against(WhyNot asked, Weighed with, Weighed best, Wishes wishes)
    {
        var (mine, first) = (with.Told, best.Told);
        bool Worse(Harm harm, Chance one, Chance other) => one.Share > other.Share && !Ranking.Equal(with.Day, best.Day, harm);
        List<string> words =
        [
            .. Worse(Harm.Danger, mine.Danger, first.Danger)
                ? [$"the danger on a day like this is {ChanceWords.Percent(mine.Danger)} against {ChanceWords.Percent(first.Danger)}"] : (string[])[],
            .. Worse(Harm.Damage, mine.Damage, first.Damage)
                ? [$"the chance of damage is {ChanceWords.Percent(mine.Damage)} against {ChanceWords.Percent(first.Damage)}"] : (string[])[],
            .. Enum.GetValues<Want>().Select(want => (Want: want, Loss: with.Scaled.On(want, wishes) - best.Scaled.On(want, wishes)))
                .Where(one => one.Loss > Objectives.LeastTold)
                .OrderByDescending(one => one.Loss).Select(one => LossOn(one.Want, with, best)),
        ];
        var rest = asked.Kind switch
        {
            "frontPad" => $" and the best of the rest ({mine.Parts.RearPad.Name} at the rear, {mine.Parts.Fluid.Name})",
            "rearPad" => $" and the best of the rest ({mine.Parts.FrontPad.Name} in front, {mine.Parts.Fluid.Name})",
            _ => "",
        };
        return asked with
        {
            Danger = mine.Danger,
            Damage = mine.Damage,
            Sentence = words.Count == 0 ? $"{asked.Part.Name} would do as well; nothing in it is better for what you asked."
                : $"With {asked.Part.Name}{rest}, {string.Join("; ", words.Take(2))}.",
        };
    }

    private static string LossOn(Want want, Weighed with, Weighed best)
    {
        var (mine, first) = (with.Told, best.Told);
        return want switch
        {
            Want.Pace => Text($"the day is slower or over early on {100 * with.Scaled.Chances.Nuisance:0} % of likely days against " +
                $"{100 * best.Scaled.Chances.Nuisance:0} %"),
            Want.Street => Text($"it is worse on the street: {mine.Street.Penalty:0.0} against {first.Street.Penalty:0.0} of 10"),
            Want.Cost => mine.Cost.PerSeason is { } dear && first.Cost.PerSeason is { } cheap
                ? Text($"a season costs {dear:0} against {cheap:0}") : "it costs more, as far as prices are known",
            Want.Work => Text($"it takes {mine.EffortHours:0.0} h of work against {first.EffortHours:0.0} h"),
            Want.Balance => Text($"the balance moves {100 * Math.Abs(mine.FrontShare - first.FrontShare):0} points of front share"),
            _ => "it takes hold and lets go less evenly",
        };
    }

    private static bool Fading(LimitChance limit) => LimitTable.Fades(LimitTable.Find(limit.Limit.Code));

    private static string Both(Chance danger, Chance damage) => $"danger {ChanceWords.WithError(danger)}, damage {ChanceWords.WithError(damage)}";

    private static string Year(Suggestion fitted) => fitted.YearDanger is { } year ? $", danger over a year's events {ChanceWords.Percent(year)}" : "";

    private static string Titles(Suggestion fitted) => string.Join(", ", fitted.Limits.Where(limit => Fading(limit) && limit.WorthTelling)
        .Select(limit => $"{Lower(limit.Limit.Title)} {ChanceWords.Percent(limit.Chance)}"));

    private static string Count(IReadOnlyList<SpendStep> steps) =>
        steps.Count switch { 0 => "The first row brings", 1 => "One step brings", _ => Text($"{steps.Count} steps bring") };

    private static string Fall(Suggestion from, Suggestion to) =>
        $"danger from {ChanceWords.Percent(from.Danger)} to {ChanceWords.Percent(to.Danger)} and damage from {ChanceWords.Percent(from.Damage)} to " +
        $"{ChanceWords.Percent(to.Damage)}";

    private static string Sum(IReadOnlyList<SpendStep> steps) => steps.Count == 0 ? "" : steps.Aggregate((double?)0, (sum, step) => sum + step.Buy) is { } known
        ? Text($" for {known:0}") : " for a sum that is not known, since a price is missing";

    private static string Else(PredictionPlan plan, Suggestion best, Wishes wishes)
    {
        string[] flush = !wishes.FreshFluidEachEvent && best.Limits.Any(limit => limit.WorthTelling && LimitTable.Boils(LimitTable.Find(limit.Limit.Code)))
            ? ["fresh fluid before each event"] : [];
        string[] ways =
        [
            .. flush, "fewer laps in a row", plan.Stint.CoolDownLaps == 0 ? "a cool-down lap" : "one more cool-down lap", "a slower pace", "less weight",
            "a longer rest between sessions",
        ];
        return string.Join(", ", ways);
    }

    private static string Lower(string text) => char.ToLowerInvariant(text[0]) + text[1..];
}
