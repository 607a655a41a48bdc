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
public sealed record KeptPromise(DateOnly Date, Spread Said, double? AboveC, double? BelowC, bool? Kept, Chance Danger, Chance Damage,
    IReadOnlyList<SaidLimit> Limits)
{
    /// <summary>What was said.</summary>
    public EveningForecast AsSaid() => new(Said, Danger, Damage, Limits);

    /// <summary>The same day with what was said of it then.</summary>
    /// <param name="then">What was said.</param>
    public KeptPromise With(EveningForecast then)
    {
        ArgumentNullException.ThrowIfNull(then);
        return new KeptPromise(Date, then.Said, AboveC, BelowC, KeptIn(then.Said, AboveC, BelowC), then.Danger, then.Damage, then.Limits);
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
public sealed record EveningForecast(Spread Said, Chance Danger, Chance Damage, IReadOnlyList<SaidLimit> Limits);

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
public sealed record LearningPage(
    Spread Before, Spread After, Spread FluidBefore, Spread FluidAfter, Said Statement, bool Contradicted, IReadOnlyList<KeptPromise> Promises, int KeptCount,
    IReadOnlyList<MovedFactor> Moved, IReadOnlyList<SeenAndBelieved> Seen, Said Next)
{
    /// <summary>Days with evidence that are looked at, the last ones.</summary>
    public const int MostDays = 6;

    /// <summary>The evidence that the page learns from: that of the last days that have any.</summary>
    public static IReadOnlyList<EvidenceDay> EvidenceOf(IReadOnlyList<LogSession> sessions) =>
        [.. sessions.Select(session => session.Evidence()).OfType<EvidenceDay>().TakeLast(MostDays)];

    /// <summary>The same with what was said of each day then.</summary>
    /// <param name="then">What was said, by the day's place among the promises and what is said now.</param>
    public LearningPage With(Func<int, EveningForecast, EveningForecast> then)
    {
        ArgumentNullException.ThrowIfNull(then);
        List<KeptPromise> promises = [.. Promises.Select((promise, i) => promise.With(then(i, promise.AsSaid())))];
        return this with { Promises = promises, KeptCount = promises.Count(promise => promise.Kept == true) };
    }

    /// <summary>Learns from a log.</summary>
    /// <param name="usual">The plan that the page speaks of.</param>
    /// <param name="sessions">Days in order; those without evidence are passed over, and of more than six the last six count.</param>
    /// <param name="learn">Learns from evidence (<see cref="Learning.From"/>), or remembers what it gave.</param>
    /// <param name="cancel">Stops between groups of members.</param>
    /// <returns>The page, or null where no day has evidence.</returns>
    public static LearningPage? Of(PredictionPlan usual, IReadOnlyList<LogSession> sessions, Func<IReadOnlyList<EvidenceDay>, Learnt> learn,
        CancellationToken cancel = default)
    {
        ArgumentNullException.ThrowIfNull(usual);
        ArgumentNullException.ThrowIfNull(learn);
        ArgumentNullException.ThrowIfNull(sessions);
        var days = sessions.Select(session => (Session: session, Evidence: session.Evidence())).Where(day => day.Evidence is not null).TakeLast(MostDays)
            .ToList();
        if (days.Count == 0)
        {
            return null;
        }

        IReadOnlyList<EvidenceDay> evidence = [.. days.Select(day => day.Evidence!)];
        var learnt = learn(evidence);
        var promises = days.Select((day, i) => Promise(day.Session, learnt.EveningBefore[i],
            Judge.Of(evidence[i].Plan, learnt.EveningOf(i, evidence), new Day(evidence[i].Plan), cancel))).ToList();
        BrakePart[] asked = [BrakePart.FrontRotor, BrakePart.FrontFluid];
        var before = BelievedPeaks.Of(usual, Population.Prior, asked, cancel);
        var after = BelievedPeaks.Of(usual, learnt.Of(usual), asked, cancel);
        var moved = Moves(learnt.Of(usual));
        return new LearningPage(before[0], after[0], before[1], after[1], learnt.Statement(), learnt.Contradicted, promises,
            promises.Count(promise => promise.Kept == true), moved, learnt.Seen, NextOf(after[0], moved));
    }

    private static KeptPromise Promise(LogSession session, Spread said, JudgedDay judged)
    {
        var paint = session.FrontPaint;
        var kept = KeptPromise.KeptIn(said, paint?.AboveC, paint?.BelowC);
        var limits = judged.Rows.Select(row => (Row: row, Chance: judged.Of(row.Code)!))
            .Select(one => new SaidLimit(one.Row.Code, one.Row.HarmOf(judged.Plan), one.Chance));
        return new KeptPromise(session.Date, said, paint?.AboveC, paint?.BelowC, kept, judged.Danger, judged.Damage,
            [.. limits.OrderByDescending(one => one.Harm).ThenByDescending(one => one.Chance.Share)]);
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
