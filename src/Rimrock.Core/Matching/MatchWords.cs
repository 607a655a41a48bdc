using System.Globalization;
using Rimrock.Core.Judgement;
using Rimrock.Core.Prediction;

namespace Rimrock.Core.Matching;

/// <summary>What a match comes to, in words.</summary>
internal static class MatchWords
{
    /// <summary>The verdict in one or two sentences.</summary>
    public static string Verdict(MatchOutcome outcome, Suggestion fitted, IReadOnlyList<Suggestion> rows, IReadOnlyList<SpendStep> steps, IReadOnlyList<Due> due, IReadOnlyList<HardStop> stops, PredictionPlan plan, Wishes wishes) => outcome switch
    {
        MatchOutcome.Stop => $"Do not drive on what is fitted: {stops[0].Sentence}",
        MatchOutcome.NothingNeeded => $"Nothing needed: on a day like this {Both(fitted.Danger, fitted.Damage)}{Year(fitted)}. Looked at: fluid and seals, faces and cones of the rotors, wear, cold and hot pads, and what is due by its age.",
        MatchOutcome.Due => $"On a day like this {Both(fitted.Danger, fitted.Damage)}; but {string.Join(" ", due.Select(one => Lower(one.Sentence)))}",
        MatchOutcome.Fades => $"Nobody is hurt and nothing ruined ({Both(fitted.Danger, fitted.Damage)}), but pads fade on more days than not: {Titles(fitted)}.",
        MatchOutcome.Steps => $"{Count(steps)} {Fall(fitted, steps is [.., var last] ? last.Setup : rows[0])}{Sum(steps)}.",
        MatchOutcome.NothingHelpsEnough => $"Nothing on the shelf helps enough: the best that can be reached leaves {Both(rows[0].Danger, rows[0].Damage)}. What else would do it: {Else(plan, rows[0], wishes)}.",
        MatchOutcome.NothingFits => "Nothing on the shelf may be fitted: look at what was refused, and why.",
        _ => "",
    };

    /// <summary>What a part's best setup loses against the first row, both judged.</summary>
    public static WhyNot Against(WhyNot asked, Suggestion with, Suggestion best, Wishes wishes)
    {
        (double Loss, string Words)[] losses =
        [
            (10 * (with.Danger.Share - best.Danger.Share), $"the danger on a day like this is {Told.Percent(with.Danger)} against {Told.Percent(best.Danger)}"),
            (3 * (with.Damage.Share - best.Damage.Share), $"the chance of damage is {Told.Percent(with.Damage)} against {Told.Percent(best.Damage)}"),
            ((wishes.ColdMornings + wishes.DustAndNoise) * (with.Street.Penalty - best.Street.Penalty) / 10, Text($"it is worse on the street: {with.Street.Penalty:0.0} against {best.Street.Penalty:0.0} of 10")),
            (wishes.Cost * ((with.Cost.PerSeason - best.Cost.PerSeason) ?? 0) / 600, Text($"a season costs {with.Cost.PerSeason:0} against {best.Cost.PerSeason:0}")),
            (wishes.Convenience * (with.EffortHours - best.EffortHours) / 4, Text($"it takes {with.EffortHours:0.0} h of work against {best.EffortHours:0.0} h")),
            (1.5 * (Fades(with) - Fades(best)), Text($"pads fade on {100 * Fades(with):0} % of likely days against {100 * Fades(best):0} %")),
            (0.5 * wishes.Confidence * Math.Abs(with.FrontShare - best.FrontShare) / 0.05, Text($"the balance moves {100 * Math.Abs(with.FrontShare - best.FrontShare):0} points of front share")),
        ];
        var worst = losses.OrderByDescending(loss => loss.Loss).Where(loss => loss.Loss > 0.05).Take(2).Select(loss => loss.Words).ToList();
        var rest = asked.Kind is "frontPad" ? $" and the best of the rest ({with.Parts.RearPad.Name} at the rear, {with.Parts.Fluid.Name})" : asked.Kind is "rearPad" ? $" and the best of the rest ({with.Parts.FrontPad.Name} in front, {with.Parts.Fluid.Name})" : "";
        return asked with
        {
            Danger = with.Danger,
            Damage = with.Damage,
            Sentence = worst.Count == 0 ? $"{asked.Part.Name} would do as well; nothing in it is better for what you asked." : $"With {asked.Part.Name}{rest}, {string.Join("; ", worst)}.",
        };
    }

    private static double Fades(Suggestion setup) => setup.Limits.Where(Fading).Select(limit => limit.Chance).DefaultIfEmpty().Max();

    private static bool Fading(LimitChance limit) => Limits.LimitTable.Fades(Limits.LimitTable.Find(limit.Limit.Code));

    private static string Both(Chance danger, Chance damage) => $"danger {Told.WithError(danger)}, damage {Told.WithError(damage)}";

    private static string Year(Suggestion fitted) => fitted.YearDanger is { } year ? $", danger over a year's events {Told.Percent(year)}" : "";

    private static string Titles(Suggestion fitted) => string.Join(", ", fitted.Limits.Where(limit => Fading(limit) && limit.Chance > 0.1)
        .Select(limit => Text($"{Lower(limit.Limit.Title)} {100 * limit.Chance:0} %")));

    private static string Count(IReadOnlyList<SpendStep> steps) => steps.Count switch { 0 => "The first row brings", 1 => "One step brings", _ => Text($"{steps.Count} steps bring") };

    private static string Fall(Suggestion from, Suggestion to) => $"danger from {Told.Percent(from.Danger)} to {Told.Percent(to.Danger)} and damage from {Told.Percent(from.Damage)} to {Told.Percent(to.Damage)}";

    private static string Sum(IReadOnlyList<SpendStep> steps) => steps.Count == 0 ? "" : steps.Aggregate((double?)0, (sum, step) => sum + step.Buy) is { } known ? Text($" for {known:0}") : " for a sum that is not known, since a price is missing";

    private static string Else(PredictionPlan plan, Suggestion best, Wishes wishes)
    {
        string[] flush = !wishes.FreshFluidEachEvent && best.Limits.Any(limit => limit.Chance >= Thresholds.SettleFrom && Limits.LimitTable.Boils(Limits.LimitTable.Find(limit.Limit.Code))) ? ["fresh fluid before each event"] : [];
        string[] ways =
        [
            .. flush, "fewer laps in a row", plan.Stint.CoolDownLaps == 0 ? "a cool-down lap" : "one more cool-down lap", "a slower pace", "less weight", "a longer rest between sessions",
        ];
        return string.Join(", ", ways);
    }

    private static string Lower(string text) => char.ToLowerInvariant(text[0]) + text[1..];

    private static string Text(FormattableString text) => text.ToString(CultureInfo.InvariantCulture);
}
