using System.Globalization;
using Rimrock.Core.Prediction;
using Rimrock.Core.Quantities;

namespace Rimrock.Core.Matching;

/// <summary>Why a part is not in the best setup.</summary>
/// <param name="Kind">frontPad, rearPad, rotor, duct, fluid or lines.</param>
/// <param name="Part">The part.</param>
/// <param name="HardStop">Why it is out at all; null where it was weighed.</param>
/// <param name="With">Objectives of the best setup that has it; null where it was not weighed.</param>
/// <param name="Sentence">In words.</param>
public sealed record WhyNot(string Kind, PartName Part, HardStop? HardStop, Objectives? With, string Sentence);

/// <summary>One step of the cheapest way.</summary>
/// <param name="What">What to change, in words.</param>
/// <param name="Setup">The setup after it.</param>
/// <param name="Buy">What it costs to buy.</param>
/// <param name="RiskBefore">Risk before it.</param>
/// <param name="RiskAfter">Risk after it.</param>
public sealed record SpendStep(string What, Suggestion Setup, double Buy, double RiskBefore, double RiskAfter);

/// <summary>The answer of a match.</summary>
/// <param name="Fitted">What is on the car, judged alike.</param>
/// <param name="Shortlist">The best setups, best first.</param>
/// <param name="Steps">The cheapest sequence of steps; empty where nothing is needed.</param>
/// <param name="WhyNot">Every part of the shelf that the best setup does not have.</param>
/// <param name="Verdict">In one sentence.</param>
/// <param name="Cloud">Setups that nothing beats in everything, for the trade-off plot; weighed quickly, not looked at closely.</param>
/// <param name="Examined">Setups weighed.</param>
/// <param name="ParetoSize">Setups that nothing beats in everything.</param>
/// <param name="Stops">Why what is fitted must not be driven on at all; empty where nothing stands against it.</param>
public sealed record MatchAnswer(Suggestion Fitted, IReadOnlyList<Suggestion> Shortlist, IReadOnlyList<SpendStep> Steps, IReadOnlyList<WhyNot> WhyNot, string Verdict, IReadOnlyList<CloudPoint> Cloud, long Examined, int ParetoSize, IReadOnlyList<HardStop>? Stops = null);

/// <summary>A setup in the trade-off plot.</summary>
/// <param name="Risk">Risk, 0 to 1.</param>
/// <param name="ExtraMetres">Longer than the original pads on a cold first stop, m.</param>
/// <param name="BuyNow">What it costs to buy.</param>
public sealed record CloudPoint(double Risk, double ExtraMetres, double BuyNow);

/// <summary>Matches the whole shelf against a plan: searches, looks closely at the best, explains.</summary>
public static class Matcher
{
    /// <summary>Below this risk nothing needs to be bought.</summary>
    public const double EnoughRisk = 0.05;

    private const int LookedAt = 16;
    private const int Shown = 12;
    private const int MostOfOneKind = 2;
    private const double NearLeastRisk = 0.1;
    private const double HourWorth = 20;
    private const double NearBestGain = 0.6;

    /// <summary>Matches.</summary>
    /// <param name="plan">The plan with what is fitted.</param>
    /// <param name="offer">Everything on offer.</param>
    /// <param name="wishes">What matters.</param>
    /// <param name="progress">Told the share done, 0 to 1; from several threads.</param>
    /// <param name="laid">The plan's day where it has been laid out already.</param>
    /// <param name="cancel">Stops between runs.</param>
    /// <exception cref="InputFaultException">Everything that is wrong with plan, offer or wishes.</exception>
    public static MatchAnswer Match(PredictionPlan plan, Offer offer, Wishes wishes, Action<double>? progress = null, Day? laid = null, CancellationToken cancel = default)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(offer);
        ArgumentNullException.ThrowIfNull(wishes);
        var faults = plan.Faults().ToList();
        wishes.Check(faults);
        InputFaultException.ThrowIfAny(faults);
        var day = laid ?? new Day(plan);
        var judge = new SetupJudge(plan, wishes, day);
        var fitted = judge.Judge(Setup.Fitted(plan), null);
        var search = new SetupSearch(plan, offer, wishes, day);
        var found = search.Run(share => progress?.Invoke(0.6 * share), cancel);
        var stops = HardStops.OfFitted(plan);
        if (stops.Count > 0 && found.Front.Where(one => HardStops.OfFitted(one.Setup.On(plan, wishes)).Count == 0).ToList() is { Count: > 0 } mended)
        {
            // What keeps a part that must not be driven on is never ranked, where anything else is.
            found = found with { Front = mended };
        }

        var chosen = Varied(found.Front);
        var judged = new Suggestion?[chosen.Count];
        var done = 0;
        Parallel.For(0, chosen.Count, new ParallelOptions { CancellationToken = cancel }, i =>
        {
            judged[i] = judge.Known(chosen[i], fitted);
            progress?.Invoke(0.6 + (0.3 * Interlocked.Increment(ref done) / chosen.Count));
        });
        var shortlist = judged.OfType<Suggestion>().OrderBy(setup => setup.Objectives.Score(wishes)).ThenBy(setup => setup.Key, StringComparer.Ordinal).Take(Shown).ToList();
        var steps = fitted.Objectives.Risk <= EnoughRisk && stops.Count == 0 ? [] : Spend(plan, found, search, judge, fitted);
        progress?.Invoke(1);
        return new MatchAnswer(fitted, shortlist, steps, Explain(plan, offer, wishes, found, shortlist), VerdictOf(fitted, shortlist, steps, stops), found.Cloud, found.Examined, found.Front.Count, stops);
    }

    /// <summary>Best first, but no more than two with the same front pads on the same rotors.</summary>
    private static List<Setup> Varied(IReadOnlyList<(Objectives Objectives, Setup Setup)> front)
    {
        var chosen = new List<Setup>();
        foreach (var (_, setup) in front)
        {
            if (chosen.Count(other => other.FrontPad.Id == setup.FrontPad.Id && other.FrontRotor.Id == setup.FrontRotor.Id) < MostOfOneKind)
            {
                chosen.Add(setup);
            }

            if (chosen.Count == LookedAt)
            {
                break;
            }
        }

        return chosen;
    }

    /// <summary>
    /// The cheapest way: of all setups whose risk comes within a tenth of the least, the one that costs least to buy and fit;
    /// its changes in the order of risk taken away for their money and work, the trade's order among those that are near the best.
    /// </summary>
    private static List<SpendStep> Spend(PredictionPlan plan, SearchResult found, SetupSearch search, SetupJudge judge, Suggestion fitted)
    {
        if (found.Front.Count == 0)
        {
            return [];
        }

        var enough = Math.Max(EnoughRisk, found.Front.Min(one => one.Objectives.Risk) + NearLeastRisk);
        double Outlay(Setup setup) => RunningCost.BuyNowOf(setup) + (HourWorth * Effort.Hours(setup, plan.FrontRotor));
        var target = found.Front.Where(one => one.Objectives.Risk <= enough).OrderBy(one => Outlay(one.Setup)).ThenBy(one => one.Setup.Key(), StringComparer.Ordinal).First().Setup;
        var steps = new List<SpendStep>();
        var (now, state) = (Setup.Fitted(plan), fitted);
        var changes = Changes(now, target).ToList();
        while (changes.Count > 0)
        {
            // Chances multiply: what a change takes off the logarithm of what holds is its own, whatever else still gives.
            double Held(Setup setup) => Math.Log(Math.Max(1e-6, 1 - search.Quick(setup).Risk));
            var gains = changes.Select(change => (Held(change.Apply(now)) - Held(now)) / (1 + Outlay(change.Apply(now)) - Outlay(now))).ToList();
            // Near the best gain the trade's order decides: fluid, pads, rotors, air (common practice).
            var next = changes[Enumerable.Range(0, changes.Count).First(i => gains[i] >= Math.Min(gains.Max(), NearBestGain * gains.Max()))];
            changes.Remove(next);
            now = next.Apply(now);
            if (judge.Known(now, fitted) is not { } after)
            {
                continue;
            }

            steps.Add(new SpendStep(next.What, after, after.Cost.BuyNow - state.Cost.BuyNow, state.Objectives.Risk, after.Objectives.Risk));
            state = after;
        }

        return steps;
    }

    private static IEnumerable<(string What, Func<Setup, Setup> Apply)> Changes(Setup from, Setup to)
    {
        if (to.Fluid.Id != from.Fluid.Id || to.Lines?.Id != from.Lines?.Id)
        {
            yield return (to.Lines is { } lines ? $"flush with {to.Fluid.Body.Name}, with {lines.Body.Name}" : $"flush with {to.Fluid.Body.Name}", setup => setup with { Fluid = to.Fluid, Lines = to.Lines });
        }

        if (to.FrontPad.Id != from.FrontPad.Id && to.FrontPad.Id == to.RearPad.Id)
        {
            yield return ($"{to.FrontPad.Body.Name} front and rear", setup => setup with { FrontPad = to.FrontPad, RearPad = to.RearPad });
        }
        else if (to.FrontPad.Id != from.FrontPad.Id && to.RearPad.Id != from.RearPad.Id)
        {
            // Both axles in one go, as it is done on the stands (common practice): one alone leaves the other to fade.
            yield return ($"{to.FrontPad.Body.Name} in front, {to.RearPad.Body.Name} at the rear", setup => setup with { FrontPad = to.FrontPad, RearPad = to.RearPad });
        }
        else if (to.FrontPad.Id != from.FrontPad.Id)
        {
            yield return ($"{to.FrontPad.Body.Name} in front", setup => setup with { FrontPad = to.FrontPad });
        }
        else if (to.RearPad.Id != from.RearPad.Id)
        {
            yield return ($"{to.RearPad.Body.Name} at the rear", setup => setup with { RearPad = to.RearPad });
        }

        if (to.FrontRotor.Id != from.FrontRotor.Id)
        {
            yield return ($"{to.FrontRotor.Body.Name} in front", setup => setup with { FrontRotor = to.FrontRotor });
        }

        if (to.Duct is { } duct && duct.Id != from.Duct?.Id)
        {
            yield return (duct.Body.Name, setup => setup with { Duct = duct });
        }
    }

    private static List<WhyNot> Explain(PredictionPlan plan, Offer offer, Wishes wishes, SearchResult found, List<Suggestion> shortlist)
    {
        if (shortlist is not [var best, ..])
        {
            return [];
        }

        var all = new List<WhyNot>();
        foreach (var pad in offer.Pads)
        {
            Add("frontPad", pad.Id, pad.Body.Name, best.Parts.FrontPad.Id, HardStops.Of(pad.Body, plan.FrontRotor, wishes));
            Add("rearPad", pad.Id, pad.Body.Name, best.Parts.RearPad.Id, HardStops.Of(pad.Body, plan.RearRotor, wishes));
        }

        foreach (var rotor in offer.Rotors)
        {
            Add("rotor", rotor.Id, rotor.Body.Name, best.Parts.Rotor.Id, HardStops.Of(rotor.Body, plan, wishes));
        }

        foreach (var duct in offer.Ducts)
        {
            Add("duct", duct.Id, duct.Body.Name, best.Parts.Duct?.Id ?? Setup.FittedId, HardStops.Of(duct.Body, wishes));
        }

        foreach (var fluid in offer.Fluids)
        {
            Add("fluid", fluid.Id, fluid.Body.Name, best.Parts.Fluid.Id, HardStops.Of(fluid.Body, plan));
        }

        foreach (var lines in offer.Lines)
        {
            Add("lines", lines.Id, lines.Body.Name, best.Parts.Lines?.Id ?? Setup.FittedId, HardStops.Of(lines.Body, wishes));
        }

        return all;

        void Add(string kind, string id, string name, string bestId, HardStop? stop)
        {
            if (id == bestId)
            {
                return;
            }

            (Objectives Objectives, Setup Setup)? with = found.BestWith.TryGetValue((kind, id), out var held) ? held : null;
            all.Add(new WhyNot(kind, new PartName(id, name), stop, with?.Objectives, stop?.Sentence ?? (with is { } weighed ? Against(name, weighed, best, wishes, kind) : $"{name}: what is in the car, or another fluid, boils no sooner by the last event, costs no more and is no more work.")));
        }
    }

    /// <summary>The worst of what a part's best setup loses against the best one.</summary>
    private static string Against(string name, (Objectives Objectives, Setup Setup) with, Suggestion best, Wishes wishes, string kind)
    {
        var (part, top) = (with.Objectives, best.Objectives);
        (double Loss, string Words)[] losses =
        [
            (8 * (1 + wishes.Consistency) * (part.Risk - top.Risk), Text($"the risk on the day is {100 * part.Risk:0} % against {100 * top.Risk:0} %")),
            ((wishes.ColdMornings + wishes.DustAndNoise) * (part.Street - top.Street) / 10, Text($"it is worse on the street: {part.Street:0.0} against {top.Street:0.0} of 10")),
            (wishes.Cost * (part.CostPerHour - top.CostPerHour) / 60, Text($"a track hour costs {part.CostPerHour:0} against {top.CostPerHour:0}")),
            (wishes.Convenience * (part.EffortHours - top.EffortHours) / 4, Text($"it takes {part.EffortHours:0.0} h of work against {top.EffortHours:0.0} h")),
            (0.5 * wishes.Confidence * (((part.BalanceShift - top.BalanceShift) / 0.05) + part.Roughness - top.Roughness), part.BalanceShift - top.BalanceShift > 0.01
                ? Text($"the balance moves {100 * part.BalanceShift:0} points of front share") : "it lets go less smoothly"),
        ];
        var worst = losses.OrderByDescending(loss => loss.Loss).Where(loss => loss.Loss > 0.02).Take(2).Select(loss => loss.Words).ToList();
        return worst.Count == 0 ? $"{name} would do as well; nothing in it is better for what you asked."
            : $"With {name}{(kind is "frontPad" or "rearPad" ? $" and the best of the rest ({with.Setup.RearPad.Body.Name} at the rear, {with.Setup.Fluid.Body.Name})" : "")}, {string.Join("; ", worst)}.";
    }

    private static string VerdictOf(Suggestion fitted, List<Suggestion> shortlist, List<SpendStep> steps, IReadOnlyList<HardStop> stops)
    {
        if (stops.Count > 0)
        {
            return $"Do not drive on what is fitted: {stops[0].Sentence}";
        }

        if (fitted.Objectives.Risk <= EnoughRisk)
        {
            return "Nothing needed: what is on the car holds this day.";
        }

        if (steps is [.., var last])
        {
            return Text($"{steps.Count} {(steps.Count == 1 ? "step brings" : "steps bring")} the risk from {100 * fitted.Objectives.Risk:0} % to {100 * last.RiskAfter:0} % for {steps.Sum(step => step.Buy):0}.");
        }

        return shortlist.Count == 0 ? "Nothing on the shelf may be fitted." : "No single change on the shelf takes much of the risk away; drive less hard, shorter, or look at the whole list.";
    }

    private static string Text(FormattableString text) => text.ToString(CultureInfo.InvariantCulture);
}
