using Rimrock.Core.Beliefs;
using Rimrock.Core.Driving;
using Rimrock.Core.Entries;
using Rimrock.Core.Judgement;
using Rimrock.Core.Limits;
using Rimrock.Core.Numerics;
using Rimrock.Core.Runs;

namespace Rimrock.Core.Logbook;

/// <summary>What was said before an event, and what came of it.</summary>
/// <param name="Date">The day.</param>
/// <param name="Said">Front rotor's peak at its rim, where paints sit, as believed on the evening before.</param>
/// <param name="AboveC">It got at least so hot, by what was seen, C; null where nothing says so.</param>
/// <param name="BelowC">And no hotter than this, C.</param>
/// <param name="Kept">True where said and seen overlap; null where nothing was seen of it.</param>
/// <param name="Danger">Chance that anything dangerous would happen on that day, as believed on the evening before.</param>
/// <param name="Damage">Chance that a part would be ruined.</param>
/// <param name="Limits">Every limit's chance, as believed then, danger first.</param>
/// <param name="LimitsWithout">The same without what the log had taught; null where that is not known.</param>
/// <param name="Came">What came of what might have come, by the codes of <see cref="PromiseRule"/>; null where nobody asked.</param>
public sealed record KeptPromise(DateOnly Date, Spread Said, double? AboveC, double? BelowC, bool? Kept, Chance Danger, Chance Damage,
    IReadOnlyList<SaidLimit> Limits, IReadOnlyList<SaidLimit>? LimitsWithout = null, IReadOnlyDictionary<string, bool>? Came = null)
{
    /// <summary>What was said.</summary>
    public EveningForecast AsSaid() => new(Said, Danger, Damage, Limits, LimitsWithout);

    /// <summary>Each chance that was told, with whether it came.</summary>
    public IEnumerable<ToldAndCame> Told()
    {
        foreach (var rule in PromiseRule.All)
        {
            if (Came?.TryGetValue(rule.Code, out var came) == true && Likeliest(Limits, rule) is { } chance)
            {
                yield return new ToldAndCame(Date, rule.Code, chance, Likeliest(LimitsWithout ?? Limits, rule) ?? chance, came);
            }
        }
    }

    private static double? Likeliest(IReadOnlyList<SaidLimit> limits, PromiseRule rule) =>
        limits.Where(limit => rule.Limits.Contains(limit.Code)).Select(limit => (double?)limit.Chance.Share).Max();

    /// <summary>The same day with what was said of it then.</summary>
    /// <param name="then">What was said.</param>
    public KeptPromise With(EveningForecast then)
    {
        ArgumentNullException.ThrowIfNull(then);
        return new KeptPromise(Date, then.Said, AboveC, BelowC, KeptIn(then.Said, AboveC, BelowC), then.Danger, then.Damage, then.Limits,
            then.LimitsWithout ?? LimitsWithout, Came);
    }

    /// <summary>True where said and seen overlap; null where nothing was seen.</summary>
    internal static bool? KeptIn(Spread said, double? aboveC, double? belowC) => (aboveC ?? belowC) is null ? null
        : (aboveC ?? double.MinValue) <= said.P90 && (belowC ?? double.MaxValue) >= said.P10;
}

/// <summary>What is believed of a day on the evening before.</summary>
/// <param name="Said">Front rotor's peak at its rim, where paints sit.</param>
/// <param name="Danger">Chance that anything dangerous happens.</param>
/// <param name="Damage">Chance that a part is ruined.</param>
/// <param name="Limits">Every limit's chance, danger first.</param>
/// <param name="LimitsWithout">The same without the log; null in what older versions have kept.</param>
public sealed record EveningForecast(Spread Said, Chance Danger, Chance Damage, IReadOnlyList<SaidLimit> Limits,
    IReadOnlyList<SaidLimit>? LimitsWithout = null);

/// <summary>A limit as it was believed.</summary>
/// <param name="Code">Its code.</param>
/// <param name="Harm">How bad it is.</param>
/// <param name="Chance">Chance that it gives.</param>
public sealed record SaidLimit(string Code, Harm Harm, Chance Chance);

/// <summary>A guessed factor before and after, in its own standard deviations.</summary>
/// <param name="Code">Which.</param>
/// <param name="Name">What a driver calls it.</param>
/// <param name="Before">Middle and edges before: always 0 and -1.28 to 1.28.</param>
/// <param name="After">The same after looking at the log.</param>
/// <param name="Measure">What would narrow it further.</param>
public sealed record MovedFactor(string Code, Said Name, Spread Before, Spread After, Said Measure);

/// <summary>What the car has taught over a season.</summary>
/// <param name="Before">Front rotor's peak at its rim on the usual day, before anything was seen.</param>
/// <param name="After">The same after all that was seen.</param>
/// <param name="FluidBefore">Front fluid's peak before.</param>
/// <param name="FluidAfter">And after.</param>
/// <param name="Statement">How much evidence stands behind it.</param>
/// <param name="Contradicted">True where nothing believable explains what was seen.</param>
/// <param name="Promises">Each day with evidence.</param>
/// <param name="KeptCount">Promises kept, of those that could be told.</param>
/// <param name="Moved">Factors, the one that moved most first.</param>
/// <param name="Seen">Each observation with what was believed of it.</param>
/// <param name="Next">What to measure next, in words.</param>
/// <param name="Scores">What was told against what came, limit by limit.</param>
public sealed record LearningPage(
    Spread Before, Spread After, Spread FluidBefore, Spread FluidAfter, Said Statement, bool Contradicted, IReadOnlyList<KeptPromise> Promises, int KeptCount,
    IReadOnlyList<MovedFactor> Moved, IReadOnlyList<SeenAndBelieved> Seen, Said Next, KeptPromises Scores)
{
    /// <summary>The same with what was said of each day then.</summary>
    /// <param name="then">What was said, by the day's place among the promises and what is said now.</param>
    public LearningPage With(Func<int, EveningForecast, EveningForecast> then)
    {
        ArgumentNullException.ThrowIfNull(then);
        List<KeptPromise> promises = [.. Promises.Select((promise, i) => promise.With(then(i, promise.AsSaid())))];
        return this with
        {
            Promises = promises,
            KeptCount = promises.Count(promise => promise.Kept == true),
            Scores = KeptPromises.Of(promises.SelectMany(promise => promise.Told())),
        };
    }

    /// <summary>Learns from a log.</summary>
    /// <param name="usual">The plan that the page speaks of.</param>
    /// <param name="sessions">Days written down in the paddock, oldest first.</param>
    /// <param name="days">What of the log tells of the car, <see cref="CarEvidence.Of"/>.</param>
    /// <param name="learn">Learns from evidence (<see cref="Learning.From"/>), or remembers what it gave.</param>
    /// <param name="inspections">Inspections, oldest first: they tell what came of a day; null for none.</param>
    /// <param name="cancel">Stops between groups of members.</param>
    /// <returns>The page, or null where no day has evidence.</returns>
    public static LearningPage? Of(PredictionPlan usual, IReadOnlyList<LogSession> sessions, IReadOnlyList<EvidencedDay> days,
        Func<IReadOnlyList<EvidenceDay>, Learnt> learn, IReadOnlyList<InspectionNote>? inspections = null, CancellationToken cancel = default)
    {
        ArgumentNullException.ThrowIfNull(usual);
        ArgumentNullException.ThrowIfNull(learn);
        ArgumentNullException.ThrowIfNull(sessions);
        ArgumentNullException.ThrowIfNull(days);
        if (days.Count == 0)
        {
            return null;
        }

        IReadOnlyList<EvidenceDay> evidence = [.. days.Select(day => day.Evidence)];
        var learnt = learn(evidence);

        // Something was said before a day in the paddock, not before pads were measured.
        var promises = days.Select((day, i) =>
        {
            if (day.Session is not { } place)
            {
                return null;
            }

            JudgedDay By(Population belief) => Judge.Of(evidence[i].Plan, belief, new Day(evidence[i].Plan), cancel);
            var judged = By(learnt.EveningOf(i, evidence));
            var without = learnt.EveningWeights[i].Length == 0 ? judged : By(Population.Prior.Sketched());
            return Promise(new DayAfter(sessions[place], NextLook(place, sessions, inspections ?? [])), learnt.EveningBefore[i], judged, without);
        }).OfType<KeptPromise>().ToList();
        BrakePart[] asked = [BrakePart.FrontRotor, BrakePart.FrontFluid];
        var before = BelievedPeaks.Of(usual, Population.Prior, asked, cancel);
        var after = BelievedPeaks.Of(usual, learnt.Of(usual), asked, cancel);
        var moved = Moves(learnt.Of(usual));
        return new LearningPage(before[0], after[0], before[1], after[1], learnt.Statement(), learnt.Contradicted, promises,
            promises.Count(promise => promise.Kept == true), moved, learnt.Seen, NextOf(after[0], moved),
            KeptPromises.Of(promises.SelectMany(promise => promise.Told())));
    }

    // The first look on that day or after it, unless it was driven again before.
    private static InspectionNote? NextLook(int place, IReadOnlyList<LogSession> sessions, IReadOnlyList<InspectionNote> inspections) =>
        inspections.FirstOrDefault(note => note.Inspection.Date >= sessions[place].Date
            && !sessions.Skip(place + 1).Any(later => later.Date <= note.Inspection.Date));

    private static IReadOnlyList<SaidLimit> SaidOf(JudgedDay judged) =>
    [
        .. judged.Rows.Select(row => new SaidLimit(row.Code, row.HarmOf(judged.Plan), judged.Of(row.Code)!))
            .OrderByDescending(one => one.Harm).ThenByDescending(one => one.Chance.Share),
    ];

    private static KeptPromise Promise(DayAfter after, Spread said, JudgedDay judged, JudgedDay without)
    {
        var (session, paint) = (after.Day, after.Day.FrontPaint);
        var came = PromiseRule.All.Select(rule => (rule.Code, Came: rule.Came(after))).Where(one => one.Came is not null)
            .ToDictionary(one => one.Code, one => one.Came!.Value);
        var kept = KeptPromise.KeptIn(said, paint?.AboveC, paint?.BelowC);
        return new KeptPromise(session.Date, said, paint?.AboveC, paint?.BelowC, kept, judged.Danger, judged.Damage,
            SaidOf(judged), SaidOf(without), came);
    }

    private static List<MovedFactor> Moves(Population belief)
    {
        var moved = new List<MovedFactor>();
        for (var factor = 0; factor < PriorFactor.Learnable; factor++)
        {
            var row = PriorFactor.All[factor];
            float[] scores = [.. belief.Scores.Select(score => (float)score[factor])];
            moved.Add(new MovedFactor(row.Code, row.Name, new Spread(-Spread.EdgeSigmas, 0, Spread.EdgeSigmas), Quantiles.Weighted(scores, belief.Weights),
                row.Measure));
        }

        return [.. moved.OrderByDescending(move => Math.Abs(move.After.P50) + Math.Max(0, 1 - ((move.After.P90 - move.After.P10) / (2 * Spread.EdgeSigmas))))];
    }

    private static Said NextOf(Spread rim, List<MovedFactor> moved)
    {
        var middle = Math.Round(rim.P50 / 10) * 10;
        // Of what is still as wide as before, the first that a driver can measure; a rim paint is named already.
        var helps = moved.OrderByDescending(move => move.After.P90 - move.After.P10)
            .FirstOrDefault(move => move.Code is "plate-to-piston" or "wear" or "water" or "energy");
        return Said.Of("learning-page.paint-near-middle-believed", Units.C(middle),
            (helps is null ? Said.Nothing : Said.Of("learning-page.after", helps.Measure, helps.Name)));
    }
}
