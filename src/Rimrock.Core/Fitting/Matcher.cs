using Rimrock.Core.Beliefs;
using Rimrock.Core.Driving;
using Rimrock.Core.Judgement;
using Rimrock.Core.Quantities;

namespace Rimrock.Core.Fitting;

/// <summary>
/// Matches the whole shelf against a plan: a search nominates, the one judgement judges and ranks what was nominated, and says what to do in which order. One
/// question; its stages share what was
/// counted. Same input, same answer.
/// </summary>
public sealed class Matcher
{
    private const int Nominated = 20;
    private const int Shown = 6;
    private const int MostOfOneKind = 2;
    private const int MostNominatedOfOneKind = 4;
    private const int Certain = 3;
    private const int SafestBeside = 3;
    private readonly PredictionPlan plan;
    private readonly Offer offer;
    private readonly Wishes wishes;
    private readonly SearchResult found;
    private readonly SetupJudge judge;
    private readonly IReadOnlyList<HardStop> stops;
    private readonly DrawnSetup fitted;
    private readonly Lazy<List<DrawnSetup>> nominated;
    private readonly Dictionary<(string Key, bool Sketch, bool Settled), CountedSetup> known = [];

    private Matcher(PredictionPlan plan, Offer offer, Wishes wishes, SearchResult found, SetupJudge judge, DrawnSetup fitted)
    {
        (this.plan, this.offer, this.wishes, this.found, this.judge, this.fitted) = (plan, offer, wishes, found, judge, fitted);
        stops = HardStops.OfFitted(plan);
        nominated = new Lazy<List<DrawnSetup>>(() =>
            [.. Varied(Mending()).SelectMany(Fillings).DistinctBy(setup => setup.Key()).AsParallel().AsOrdered().Select(judge.Known).OfType<DrawnSetup>()]);
    }

    /// <summary>Searches, judges, explains: the whole answer.</summary>
    /// <param name="plan">The plan with what is fitted.</param>
    /// <param name="offer">Everything on offer.</param>
    /// <param name="wishes">What matters.</param>
    /// <param name="progress">Told the share done, 0 to 1; from several threads.</param>
    /// <param name="laid">The plan's day where it has been laid out already.</param>
    /// <param name="belief">What is believed of the car; null for the prior.</param>
    /// <param name="cancel">Stops between runs.</param>
    /// <exception cref="InputFaultException">Everything that is wrong with plan, offer or wishes.</exception>
    public static MatchAnswer Match(PredictionPlan plan, Offer offer, Wishes wishes, Action<double>? progress = null, Day? laid = null,
        Population? belief = null, CancellationToken cancel = default)
    {
        var matcher = Search(plan, offer, wishes, share => progress?.Invoke(0.3 * share), laid, belief, cancel);
        return matcher.Answer(MatchStage.Whole, share => progress?.Invoke(0.3 + (0.7 * share)), cancel);
    }

    /// <summary>Searches only; <see cref="Answer"/> judges.</summary>
    public static Matcher Search(PredictionPlan plan, Offer offer, Wishes wishes, Action<double>? progress = null, Day? laid = null, Population? belief = null,
        CancellationToken cancel = default)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(offer);
        ArgumentNullException.ThrowIfNull(wishes);
        var faults = plan.Faults().ToList();
        wishes.Check(faults);
        InputFaultException.ThrowIfAny(faults);
        var day = laid ?? new Day(plan);

        // The same fluid, fresh, is a candidate wherever it is not on the shelf already.
        var judge = new SetupJudge(plan, offer, wishes, day, belief ?? Population.Prior);
        var fitted = judge.Draw(Setup.Fitted(plan));
        var (reckonedPlan, reckonedOffer) = ReckonedPrices.Of(plan, offer);
        var found = new SetupSearch(reckonedPlan, reckonedOffer, wishes, day).Run(progress, cancel);
        return new Matcher(plan, offer, wishes, found, judge, fitted);
    }

    /// <summary>Judges as far as a stage asks.</summary>
    /// <param name="stage">How far.</param>
    /// <param name="progress">Told the share done, 0 to 1.</param>
    /// <param name="cancel">Stops between runs.</param>
    public MatchAnswer Answer(MatchStage stage, Action<double>? progress = null, CancellationToken cancel = default)
    {
        lock (known)
        {
            var all = nominated.Value;
            progress?.Invoke(0.1);
            Count([fitted, .. all], sketch: true, settle: false, share => progress?.Invoke(0.1 + (0.3 * share)), cancel);
            var listed = Listed(Ranked(all.Where(one => Has(one, sketch: true)), one => Of(one, sketch: true)).Where(Wished));
            var sure = stage == MatchStage.Sketch ? [] : stage == MatchStage.First ? listed.Take(Certain).ToList() : listed;
            if (stage != MatchStage.Sketch)
            {
                // Which fluid is best, all members say: they read every one of them off the same runs.
                // What is equal to the safest is judged beside the safest, whether they are shown or not.
                var safest = stage == MatchStage.Whole ? Safest(all, listed) : [];
                List<DrawnSetup> filled = [.. all.Where(one => sure.Concat(safest).Any(row => SameHeat(row.Setup, one.Setup)))];
                Count([fitted, .. filled], sketch: false, settle: false, share => progress?.Invoke(0.4 + (0.2 * share)), cancel);
                var ranked = Ranked(filled.Where(one => Has(one, sketch: false)), one => Of(one, sketch: false));
                sure = [.. ranked.GroupBy(one => HeatOf(one.Setup)).Select(same => same.First())];
                Count([fitted, .. sure], sketch: false, stage == MatchStage.Whole, share => progress?.Invoke(0.6 + (0.3 * share)), cancel);
                sure = Listed(Ranked(sure, one => Of(one, sketch: false)));
            }

            var rows = sure.Concat(listed.Where(one => stage != MatchStage.Whole && !sure.Exists(row => SameHeat(row.Setup, one.Setup)))).ToList();
            CountedSetup Judged(DrawnSetup one) =>
                Has(one, sketch: false) && stage != MatchStage.Sketch ? Counted(one, sketch: false) : Counted(one, sketch: true);
            var asItStands = SetupJudge.Told(fitted, Judged(fitted), null);
            var told = rows.Select(one => SetupJudge.Told(one, Judged(one), asItStands)).ToList();
            progress?.Invoke(0.9);
            var due = Due.Of(plan);
            var outcome = OutcomeOf(Judged(fitted).Day, told);
            var walk = outcome is MatchOutcome.NothingNeeded or MatchOutcome.NothingFits || rows.Count == 0 ? null
                : new StepWalk(plan, judge, one => Judged(one), one => Count([one], stage == MatchStage.Sketch, stage == MatchStage.Whole, null, cancel))
                    .To(fitted, asItStands, rows[0]);
            progress?.Invoke(1);
            return new MatchAnswer(stage, outcome, MatchWords.Verdict(outcome, asItStands, told, walk?.Steps ?? [], due, stops, plan, wishes), asItStands, told,
                walk?.Steps ?? [], walk?.End, Explain(rows), due, found.Examined, stops);
        }
    }

    /// <summary>Judges the best setup that the search found with a part, and says what it loses against the first row.</summary>
    /// <param name="kind">Kind of part, as in <see cref="WhyNot"/>.</param>
    /// <param name="id">Its id.</param>
    /// <param name="cancel">Stops between runs.</param>
    /// <returns>The answer, or null where the shelf has no such part that was weighed.</returns>
    public WhyNot? Why(string kind, string id, CancellationToken cancel = default)
    {
        var answer = Answer(MatchStage.First, null, cancel);
        var asked = answer.WhyNot.FirstOrDefault(one => one.Kind == kind && one.Part.Id == id);
        if (asked?.Key is not { } key || answer.Shortlist is not [var best, ..] || Setup.OfKey(key, plan, offer) is not { } setup
            || Setup.OfKey(best.Key, plan, offer) is not { } first)
        {
            return asked;
        }

        // The best that the search found with it, and the first row with it in its place; with every fluid, where it is not the fluid that is asked about.
        var placed = kind switch
        {
            "frontPad" => first with { FrontPad = setup.FrontPad },
            "rearPad" => first with { RearPad = setup.RearPad },
            "rotor" => first with { FrontRotor = setup.FrontRotor },
            "duct" => first with { Duct = setup.Duct },
            "fluid" => first with { Fluid = setup.Fluid },
            _ => first with { Lines = setup.Lines },
        };
        List<Setup> asks = kind is "fluid" or "lines" ? [setup, placed] : [.. Fillings(setup), .. Fillings(placed)];
        lock (known)
        {
            var drawn = asks.Where(one => HardStops.Of(one.FrontPad.Body, one.FrontRotor.Body, wishes) is null || one.FrontPad.Id == Setup.FittedId)
                .DistinctBy(one => one.Key()).Select(judge.Known).OfType<DrawnSetup>().ToList();
            Count(drawn, sketch: false, settle: false, null, cancel);
            if (Ranked(drawn.Where(one => Has(one, sketch: false)), one => Of(one, sketch: false)) is not [var with, ..])
            {
                return asked;
            }

            var row = judge.Draw(first);
            Count([with, row], sketch: false, settle: true, null, cancel);
            return MatchWords.Against(asked with { Key = with.Key }, Weigh(with), Weigh(row), wishes);
        }
    }

    private Weighed Weigh(DrawnSetup one)
    {
        var counted = Counted(one, sketch: false);
        return new Weighed(SetupJudge.Told(one, counted, null), counted.Day, SetupJudge.Scaled(one, counted.Day));
    }

    private bool Wished(DrawnSetup one) => wishes.MostDanger is not { } most || Of(one, sketch: true).Danger.Share <= most;

    private IReadOnlyList<DrawnSetup> Ranked(IEnumerable<DrawnSetup> all, Func<DrawnSetup, JudgedDay> judged) =>
        Ranking.Order(all, judged, one => judge.Scales(one, judged(one)), one => one.Key);

    private bool Has(DrawnSetup one, bool sketch) => known.ContainsKey((one.Key, sketch, true)) || known.ContainsKey((one.Key, sketch, false));

    private JudgedDay Of(DrawnSetup one, bool sketch) => Counted(one, sketch).Day;

    private CountedSetup Counted(DrawnSetup one, bool sketch) =>
        known.TryGetValue((one.Key, sketch, true), out var settled) ? settled : known[(one.Key, sketch, false)];

    private void Count(List<DrawnSetup> drawn, bool sketch, bool settle, Action<double>? told, CancellationToken cancel)
    {
        var missing = drawn.Where(one => !Has(one, sketch)).DistinctBy(one => one.Key).ToList();
        foreach (var (key, judged) in judge.Judged(missing, sketch, done => told?.Invoke((settle ? 0.3 : 1) * done / missing.Count), cancel))
        {
            known[(key, sketch, false)] = judged;
        }

        if (!settle)
        {
            return;
        }

        for (var i = 0; i < drawn.Count; i++)
        {
            if (!sketch && known.Remove((drawn[i].Key, false, false), out var counted))
            {
                known[(drawn[i].Key, false, true)] = judge.Settled(counted, cancel);
            }

            told?.Invoke(0.3 + (0.7 * (i + 1) / drawn.Count));
        }
    }

    /// <summary>What was nominated; where what is fitted must not be driven on, only what mends that, if anything does.</summary>
    private List<Setup> Mending()
    {
        // In turns by doubting what was reckoned and by believing it: the safest and the handiest are both looked at.
        var doubting = found.Front.OrderBy(one => one.Objectives.Score(wishes));
        var believing = found.Front.OrderBy(one => one.Objectives.Score(wishes, 1));
        var front = doubting.Zip(believing).SelectMany(pair => new[] { pair.First.Setup.Key(), pair.Second.Setup.Key() })
            .Concat(found.BestWith.Values.OrderBy(one => one.Objectives.Score(wishes)).Select(one => one.Setup.Key())).Distinct()
                .Select(key => Setup.OfKey(key, plan, offer)).OfType<Setup>().ToList();
        return stops.Count > 0 && front.Where(one => HardStops.OfFitted(one.On(plan, wishes)).Count == 0).ToList() is { Count: > 0 } mended ? mended : front;
    }

    /// <summary>The best by heat, no more than four with the same front pads on the same rotors.</summary>
    private static List<Setup> Varied(List<Setup> front)
    {
        var chosen = new List<Setup>();
        foreach (var setup in front.DistinctBy(one => (one.FrontPad.Id, one.RearPad.Id, one.FrontRotor.Id, one.Duct?.Id)))
        {
            if (chosen.Count(other => other.FrontPad.Id == setup.FrontPad.Id && other.FrontRotor.Id == setup.FrontRotor.Id) < MostNominatedOfOneKind)
            {
                chosen.Add(setup);
            }

            if (chosen.Count == Nominated)
            {
                break;
            }
        }

        return chosen;
    }

    /// <summary>
    /// A setup with every fluid and hose that the search kept and the purse allows: they share its runs, so that judging them costs next to nothing.
    /// </summary>
    private IEnumerable<Setup> Fillings(Setup setup)
    {
        var (reckonedPlan, reckonedOffer) = ReckonedPrices.Of(plan, offer);
        return found.Fillings.Select(filling => setup with { Fluid = filling.Fluid, Lines = filling.Lines }).Append(setup).Select(one => one.Key()).Distinct()
            .Where(key => key == setup.Key() || wishes.MostToBuy is not { } most
                || (RunningCost.BuyNowOf(Setup.OfKey(key, reckonedPlan, reckonedOffer)!) ?? 0) <= most)
            .Select(key => Setup.OfKey(key, plan, offer)).OfType<Setup>()
                .Where(one => stops.Count == 0 || HardStops.OfFitted(one.On(plan, wishes)).Count == 0 || one.Key() == setup.Key());
    }

    /// <summary>
    /// The rows that are shown: of setups that differ in fluid alone the best, and no more than two with the same front pads on the same rotors.
    /// </summary>
    private static List<DrawnSetup> Listed(IEnumerable<DrawnSetup> ranked)
    {
        var rows = new List<DrawnSetup>();
        foreach (var one in ranked)
        {
            if (rows.Count < Shown && !rows.Exists(row => SameHeat(row.Setup, one.Setup))
                && rows.Count(row => row.Setup.FrontPad.Id == one.Setup.FrontPad.Id && row.Setup.FrontRotor.Id == one.Setup.FrontRotor.Id) < MostOfOneKind)
            {
                rows.Add(one);
            }
        }

        return rows;
    }

    /// <summary>The safest by a sketch that are not listed already.</summary>
    private List<DrawnSetup> Safest(IEnumerable<DrawnSetup> all, List<DrawnSetup> listed) =>
        [.. all.Where(one => Has(one, sketch: true) && !listed.Exists(row => SameHeat(row.Setup, one.Setup)))
            .OrderBy(one => Of(one, sketch: true).Danger.Share).ThenBy(one => Of(one, sketch: true).Damage.Share)
            .ThenBy(one => judge.Scales(one, Of(one, sketch: true))).ThenBy(one => one.Key, StringComparer.Ordinal)
            .DistinctBy(one => HeatOf(one.Setup)).Take(SafestBeside)];

    private static (string Front, string Rear, string Rotor, string? Duct) HeatOf(Setup one) =>
        (one.FrontPad.Id, one.RearPad.Id, one.FrontRotor.Id, one.Duct?.Id);

    private static bool SameHeat(Setup one, Setup other) => HeatOf(one) == HeatOf(other);

    private static MatchOutcome OutcomeOf(JudgedDay asItStands, List<Suggestion> told) => FittedVerdict.Of(asItStands) switch
    {
        DayOutcome.Stop => MatchOutcome.Stop,
        DayOutcome.Settling => MatchOutcome.Settling,
        DayOutcome.Due => MatchOutcome.Due,
        DayOutcome.Fades => MatchOutcome.Fades,
        DayOutcome.Holds => MatchOutcome.NothingNeeded,
        _ when told.Count == 0 => MatchOutcome.NothingFits,
        _ => told[0].Holds switch { null => MatchOutcome.Settling, true => MatchOutcome.Steps, false => MatchOutcome.NothingHelpsEnough },
    };

    private List<WhyNot> Explain(List<DrawnSetup> rows)
    {
        if (rows is not [var best, ..])
        {
            return [];
        }

        var parts = best.Setup;
        var all = new List<WhyNot>();
        foreach (var pad in offer.Pads)
        {
            Add("frontPad", pad.Id, pad.Body.Name, parts.FrontPad.Id, HardStops.Of(pad.Body, plan.FrontRotor, wishes));
            Add("rearPad", pad.Id, pad.Body.Name, parts.RearPad.Id, HardStops.Of(pad.Body, plan.RearRotor, wishes));
        }

        foreach (var rotor in offer.Rotors)
        {
            Add("rotor", rotor.Id, rotor.Body.Name, parts.FrontRotor.Id, HardStops.Of(rotor.Body, plan, wishes));
        }

        foreach (var duct in offer.Ducts)
        {
            Add("duct", duct.Id, duct.Body.Name, parts.Duct?.Id ?? Setup.FittedId, HardStops.Of(duct.Body, wishes));
        }

        foreach (var fluid in offer.Fluids)
        {
            Add("fluid", fluid.Id, fluid.Body.Name, parts.Fluid.Id, HardStops.Of(fluid.Body, plan));
        }

        foreach (var lines in offer.Lines)
        {
            Add("lines", lines.Id, lines.Body.Name, parts.Lines?.Id ?? Setup.FittedId, HardStops.Of(lines.Body, wishes));
        }

        return all;

        void Add(string kind, string id, string name, string bestId, HardStop? stop)
        {
            if (id != bestId)
            {
                var key = stop is null && found.BestWith.TryGetValue((kind, id), out var held) ? held.Setup.Key() : null;
                all.Add(new WhyNot(kind, new PartName(id, name), stop, key, null, null, stop?.Sentence ?? (key is null
                    ? $"{name}: what is in the car, or another of its kind, is as good in everything that was weighed, and better in something."
                    : $"{name} was weighed at a first look, and others came nearer to what you asked. Ask, and the best setup with it is judged.")));
            }
        }
    }
}
