using Rimrock.Core.Beliefs;
using Rimrock.Core.Driving;
using Rimrock.Core.Judgement;
using Rimrock.Core.Runs;

namespace Rimrock.Core.Fitting;

/// <summary>
/// Matches the whole shelf against a plan: a search nominates, the one judgement judges and ranks what was nominated, and says what to do in which order. One
/// question; its stages share what was
/// counted. Same input, same answer.
/// </summary>
public sealed partial class Matcher
{
    private const int Nominated = 20;
    private const int Shown = 6;
    private const int MostOfOneKind = 2;
    private const int MostNominatedOfOneKind = 4;
    private const int Certain = 3;
    private const int SafestBeside = 3;

    // Who drives harder than the car's own calipers bear on fewer days a year drives shorter sessions instead (common practice).
    private const double LeastDaysForCalipers = 4;
    private readonly PredictionPlan plan;
    private readonly Offer offer;
    private readonly Wishes wishes;
    private readonly SearchResult found;
    private readonly SetupJudge judge;
    private readonly IReadOnlyList<HardStop> stops;
    private readonly DrawnSetup fitted;
    private readonly (PredictionPlan Plan, Offer Offer) reckoned;
    private readonly Lazy<List<DrawnSetup>> nominated;
    private readonly Lazy<List<DrawnSetup>> withKits;
    private readonly KitSearch kits;
    private List<DrawnSetup>? withRearKits;
    private readonly RearSearch behind;
    private readonly Dictionary<(string Key, bool Sketch, bool Settled), CountedSetup> known = [];
    private (List<DrawnSetup> All, List<DrawnSetup> Listed)? sketched;
    private MatchStage deepest = MatchStage.First;
    private bool isBeyondPurse;

    private Matcher(PredictionPlan plan, Offer offer, Wishes wishes, SearchResult found, SetupJudge judge, DrawnSetup fitted,
        KitSearch kits)
    {
        (this.plan, this.offer, this.wishes, this.found, this.judge, this.fitted) = (plan, offer, wishes, found, judge, fitted);
        stops = HardStops.OfFitted(plan);
        this.kits = kits;
        behind = new RearSearch(plan, offer, wishes);
        reckoned = ReckonedPrices.Of(plan, offer);
        nominated = new Lazy<List<DrawnSetup>>(() =>
            [.. Varied(Mending()).SelectMany(Fillings).DistinctBy(setup => setup.Key()).AsParallel().AsOrdered().Select(judge.Known).OfType<DrawnSetup>()]);
        withKits = new Lazy<List<DrawnSetup>>(() => [.. kits.Nominees().Select(judge.Known).OfType<DrawnSetup>()]);
    }

    /// <summary>Searches, judges, explains: the whole answer.</summary>
    /// <param name="plan">The plan with what is fitted.</param>
    /// <param name="offer">Everything on offer.</param>
    /// <param name="wishes">What matters.</param>
    /// <param name="progress">Told the share done, 0 to 1; from several threads.</param>
    /// <param name="laid">The plan's days where they have been laid out already.</param>
    /// <param name="belief">What is believed of the car; null for the prior.</param>
    /// <param name="cancel">Stops between runs.</param>
    /// <exception cref="InputFaultException">Everything that is wrong with plan, offer or wishes.</exception>
    public static MatchAnswer Match(PredictionPlan plan, Offer offer, Wishes wishes, Action<double>? progress = null, Year? laid = null,
        ScopedBelief? belief = null, CancellationToken cancel = default)
    {
        var matcher = Search(plan, offer, wishes, share => progress?.Invoke(0.3 * share), laid, belief, cancel);
        return matcher.Answer(MatchStage.Whole, share => progress?.Invoke(0.3 + (0.7 * share)), cancel);
    }

    /// <summary>Searches only; <see cref="Answer"/> judges.</summary>
    public static Matcher Search(PredictionPlan plan, Offer offer, Wishes wishes, Action<double>? progress = null, Year? laid = null,
        ScopedBelief? belief = null, CancellationToken cancel = default)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(offer);
        ArgumentNullException.ThrowIfNull(wishes);
        var faults = plan.Faults().ToList();
        wishes.Check(faults);
        InputFaultException.ThrowIfAny(faults);
        wishes = wishes.For(plan);
        var year = laid ?? new Year(plan);
        var within = With(wishes);

        // What must be changed is not held against the purse, where nothing in it may be driven on: then the cheapest that may is looked for.
        return wishes.MostToBuy is not null && within.stops.Count > 0 && within.CheapestMended() is null
            && With(wishes with { MostToBuy = null }).CheapestMended() is { } least
            ? With(wishes with { MostToBuy = Math.Ceiling(least) }, isBeyond: true) : within;

        Matcher With(Wishes wishes, bool isBeyond = false)
        {
            // The same fluid, fresh, is a candidate wherever it is not on the shelf already.
            var judge = new SetupJudge(plan, offer, wishes, year, belief ?? ScopedBelief.Nothing);
            DrawnSetup fitted;
            try
            {
                fitted = judge.Draw(Selection.Fitted(plan));
            }
            catch (BeyondModelException beyond)
            {
                throw WayBack.Told(plan, beyond);
            }

            var (reckonedPlan, reckonedOffer) = ReckonedPrices.Of(plan, offer);

            // Nominated is for the kind of day that asks most of what is fitted.
            var worst = judge.WorstDay(fitted, cancel);
            var found = new SetupSearch(reckonedPlan.On(reckonedPlan.Planned()[worst]), reckonedOffer, wishes, year.Days[worst]).Run(progress, cancel);
            var kits = new KitSearch(plan, offer, wishes, worst, year.Days[worst]);
            return new Matcher(plan, offer, wishes, found, judge, fitted, kits) { isBeyondPurse = isBeyond };
        }
    }

    /// <summary>Judges as far as a stage asks.</summary>
    /// <param name="stage">How far.</param>
    /// <param name="progress">Told the share done, 0 to 1.</param>
    /// <param name="cancel">Stops between runs.</param>
    public MatchAnswer Answer(MatchStage stage, Action<double>? progress = null, CancellationToken cancel = default)
    {
        lock (known)
        {
            deepest = stage > deepest ? stage : deepest;
            var (all, listed) = sketched ??= Sketch(progress, cancel);
            var sure = stage == MatchStage.Sketch ? [] : stage == MatchStage.First ? listed.Take(Certain).ToList() : listed;
            if (stage != MatchStage.Sketch)
            {
                // Which fluid is best, all members say: they read every one of them off the same runs.
                // What is equal to the safest is judged beside the safest, whether they are shown or not.
                var safest = stage == MatchStage.Whole ? Safest(all, listed) : [];
                List<DrawnSetup> filled = [.. all.Where(one => sure.Concat(safest).Any(row => SameHeat(row.Selection, one.Selection)))];
                Count([fitted, .. filled], sketch: false, settle: false, share => progress?.Invoke(0.4 + (0.2 * share)), cancel);
                var ranked = Ranked(filled.Where(one => Has(one, sketch: false)), one => Of(one, sketch: false));
                sure = Listed(ranked);

                // Only what is shown is settled, which costs three times what it took to rank it.
                Count([fitted, .. sure], sketch: false, stage == MatchStage.Whole, share => progress?.Invoke(0.6 + (0.3 * share)), cancel);
                sure = [.. Ranked(sure, one => Of(one, sketch: false))];
            }

            var rows = sure.Concat(listed.Where(one => stage != MatchStage.Whole && !sure.Exists(row => SameHeat(row.Selection, one.Selection)))).ToList();
            CountedSetup Judged(DrawnSetup one) =>
                Has(one, sketch: false) && stage != MatchStage.Sketch ? Counted(one, sketch: false) : Counted(one, sketch: true);
            DrawnSetup[] shown = [fitted, .. rows];
            MemberRuns.SideBySide(shown.Length, i => SetupJudge.Prepare(shown[i], Judged(shown[i])), cancel);
            var asItStands = SetupJudge.Told(fitted, Judged(fitted), null);
            var told = rows.Select(one => InStreetSets(SetupJudge.Told(one, Judged(one), asItStands))).ToList();
            progress?.Invoke(0.9);
            var due = Due.Of(plan);
            var outcome = OutcomeOf(Judged(fitted).Life, told);
            var walk = outcome is MatchOutcome.NothingNeeded or MatchOutcome.NothingFits || rows.Count == 0 ? null
                : new StepWalk(plan, wishes, judge, Reckoned, one => Judged(one),
                    (one, told) => CountOnTheWay(one, rows[0].Selection, stage, told, cancel))
                    .To(fitted, asItStands, rows[0], Until(rows[0], all), DueAlone(Judged(fitted).Life, all));
            SpendStep[] steps = [.. (walk?.Steps ?? []).Select(step => step with { Setup = InStreetSets(step.Setup) })];
            var driving = stage == MatchStage.Whole && outcome is MatchOutcome.Fades or MatchOutcome.Steps or MatchOutcome.NothingHelpsEnough
                or MatchOutcome.NothingFits ? Driven(steps, cancel) : null;
            progress?.Invoke(1);
            return new MatchAnswer(stage, outcome,
                MatchWords.Verdict(outcome, asItStands, told, (steps, driving, steps is [.., var last] ? last.Setup.BuySets : null), due, stops, plan, wishes),
                asItStands, told, steps, walk?.End, Explain(rows), due, found.Examined, stops,
                [.. isBeyondPurse ? [Said.Of("match-words.beyond-purse")] : (Said[])[],
                    .. UseRemarks.Of(plan), .. IronInstead(asItStands), .. Sets(stage, asItStands, rows.Count == 0 ? null : (told[0], rows[0].On))],
                driving);
        }
    }

    // Where no price is known at all, what has to be bought in street sets of pads.
    private Suggestion InStreetSets(Suggestion setup) => !ReckonedPrices.AreNone(plan, offer) || !IsUsual(setup.Key) ? setup
        : setup with { BuySets = Math.Round(Reckoned(Selection.OfKey(setup.Key, plan, offer)!) / ReckonedPrices.StreetSet, 1) };

    // Of a part of one's own nobody knows how many sets it costs.
    private static bool IsUsual(string key) => key.Split('|').All(id => id is Selection.FittedId or Selection.FreshId
        || TypicalShelf.Has(id.StartsWith(Selection.KitMark, StringComparison.Ordinal) ? id[Selection.KitMark.Length..] : id));

    /// <summary>What has to be bought for a setup, prices that nobody entered reckoned.</summary>
    private bool IsAffordable(Selection setup) => wishes.MostToBuy is not { } most || Reckoned(setup) <= most;

    private double Reckoned(Selection setup) =>
        RunningCost.BuyNowOf(Selection.OfKey(setup.Key(), reckoned.Plan, reckoned.Offer)!, plan) ?? 0;

    private Weighed Weigh(DrawnSetup one)
    {
        var counted = Counted(one, sketch: false);
        return new Weighed(SetupJudge.Told(one, counted, null), counted.Life, SetupJudge.Scaled(one, counted.Life));
    }

    /// <summary>The best setup that was looked at with a caliper kit; null where none was.</summary>
    private string? KeyWith(string kit) =>
        Ranked((withKits.IsValueCreated ? withKits.Value : []).Concat(withRearKits ?? [])
            .Where(one => (one.Selection.Kit?.Id == kit || one.Selection.RearKit?.Id == kit) && Has(one, sketch: true)), one => Of(one, sketch: true))
            is [var best, ..] ? best.Key : null;

    private bool Wished(DrawnSetup one) => wishes.MostDanger is not { } most || Of(one, sketch: true).Danger.Share <= most;

    private IReadOnlyList<DrawnSetup> Ranked(IEnumerable<DrawnSetup> all, Func<DrawnSetup, JudgedLife> judged) =>
        Ranking.Order(InRange(WorthIt(FilledForIt([.. all], judged), judged), judged), judged, one => judge.Scales(one, judged(one)), one => one.Key, IsSure);

    // What is on the car goes on; of new pads the shape is known, or somebody has to look.
    private bool IsSure(DrawnSetup one)
    {
        bool Sure(Part<Friction.Pad> pad, Vehicles.AxleBrake brake) =>
            pad.Id == Selection.FittedId || pad.LeftMm is not null || brake.PadShape is null || FitRules.IsShapeKnown(pad.Body, brake);
        return Sure(one.Selection.FrontPad, one.Selection.Kit?.Body.Brake ?? plan.Car.Front)
            && Sure(one.Selection.RearPad, one.Selection.RearKit?.Body.Brake ?? plan.Car.Rear);
    }

    private bool Has(DrawnSetup one, bool sketch) => known.ContainsKey((one.Key, sketch, true)) || known.ContainsKey((one.Key, sketch, false));

    private JudgedLife Of(DrawnSetup one, bool sketch) => Counted(one, sketch).Life;

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

        var due = drawn.Where(one => !sketch && known.ContainsKey((one.Key, false, false))).DistinctBy(one => one.Key).ToList();
        var settled = new CountedSetup[due.Count];
        var done = 0;
        MemberRuns.SideBySide(due.Count, i =>
        {
            settled[i] = judge.Settled(known[(due[i].Key, false, false)], cancel);
            told?.Invoke(0.3 + (0.7 * Interlocked.Increment(ref done) / due.Count));
        }, cancel);
        for (var i = 0; i < due.Count; i++)
        {
            known.Remove((due[i].Key, false, false));
            known[(due[i].Key, false, true)] = settled[i];
        }
    }

    // What differs in fluid and hoses alone is read off the same runs: on the way to other fluid both are asked for sooner or later.
    private void CountOnTheWay(DrawnSetup one, Selection target, MatchStage stage, bool told, CancellationToken cancel)
    {
        var sketch = stage == MatchStage.Sketch;
        if (!sketch && !Has(one, sketch))
        {
            Selection[] ends = [fitted.Selection, target];
            Count([one, .. ends.Select(end => judge.Known(one.Selection with { Fluid = end.Fluid, Lines = end.Lines })).OfType<DrawnSetup>()], sketch,
                settle: false, null, cancel);
        }

        Count([one], sketch, told && stage == MatchStage.Whole, null, cancel);
    }

    private static MatchOutcome OutcomeOf(JudgedLife asItStands, List<Suggestion> told) => FittedVerdict.Of(asItStands) switch
    {
        DayOutcome.Stop => MatchOutcome.Stop,
        DayOutcome.Settling => MatchOutcome.Settling,
        DayOutcome.Due => MatchOutcome.Due,
        DayOutcome.Fades => MatchOutcome.Fades,
        DayOutcome.Holds => MatchOutcome.NothingNeeded,
        _ when told.Count == 0 => MatchOutcome.NothingFits,
        _ => told[0].Holds switch { null => MatchOutcome.Settling, true => MatchOutcome.Steps, false => MatchOutcome.NothingHelpsEnough },
    };
}
