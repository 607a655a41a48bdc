using Rimrock.Core.Beliefs;
using Rimrock.Core.Driving;
using Rimrock.Core.Fitting;
using Rimrock.Core.Numerics;
using Rimrock.Core.Quantities;
using Rimrock.Web.Hosting;

namespace Rimrock.Web.Bench;

/// <summary>A question for a band.</summary>
/// <param name="Plan">The plan.</param>
/// <param name="Observations">What was seen on this very day.</param>
/// <param name="EarlierDays">What was seen on other days with the same car.</param>
/// <param name="Day">Place in the plan of the day that is drawn; null for the leading one.</param>
/// <param name="Car">Car whose log is learnt from; null for none.</param>
public sealed record BandQuestion(PredictionPlan Plan, IReadOnlyList<Observation>? Observations = null, IReadOnlyList<EvidenceDay>? EarlierDays = null,
    int? Day = null, string? Car = null)
{
    private const int MostDays = 12;
    private const int MostSeen = 40;

    /// <summary>Refuses more than can be looked at in one answer.</summary>
    /// <exception cref="InputFaultException">Too many days or observations.</exception>
    public void Check()
    {
        var faults = new List<InputFault>();
        if (EarlierDays is { Count: > MostDays } days)
        {
            faults.Add(new InputFault("earlierDays", $"{days.Count}", $"at most {MostDays}", "More days than one answer looks at."));
        }

        foreach (var (field, seen) in (EarlierDays ?? []).Take(MostDays).Select((day, i) => ($"earlierDays[{i}].observations", day.Observations))
            .Append(("observations", Observations ?? [])))
        {
            if (seen.Count > MostSeen)
            {
                faults.Add(new InputFault(field, $"{seen.Count}", $"at most {MostSeen}", "More than one day shows."));
            }
        }

        InputFaultException.ThrowIfAny(faults);
    }

    /// <summary>All evidence, this day first.</summary>
    public IReadOnlyList<EvidenceDay> Evidence()
    {
        var days = EarlierDays ?? [];
        return Observations is { Count: > 0 } seen ? [new EvidenceDay(Plan, seen), .. days] : days;
    }
}

/// <summary>A band before looking at evidence, and after.</summary>
/// <param name="Prior">What is believed before.</param>
/// <param name="Learnt">What is believed after; null without evidence.</param>
/// <param name="Evidence">What stands behind it; null without evidence.</param>
public sealed record BandAnswer(BandResult Prior, BandResult? Learnt = null, EvidenceSummary? Evidence = null);

/// <summary>How much evidence stands behind a learnt band.</summary>
/// <param name="Statement">In words.</param>
/// <param name="EffectiveMembers">How many equally weighted members explain it.</param>
/// <param name="Contradicted">True where nothing explains it; the band is then the prior's.</param>
/// <param name="Seen">Each observation with what was believed before and after.</param>
public sealed record EvidenceSummary(Said Statement, double EffectiveMembers, bool Contradicted, IReadOnlyList<SeenAndBelieved> Seen);

/// <summary>A corner of a circuit as it should be.</summary>
/// <param name="Plan">The plan with the circuit.</param>
/// <param name="Segment">Place of the corner among straights and corners.</param>
/// <param name="ToKmh">How fast it should be there, km/h; null as it is.</param>
/// <param name="LongerM">How much longer the stretch before it should be, m.</param>
public sealed record BendQuestion(PredictionPlan Plan, int Segment, double? ToKmh = null, double LongerM = 0);

/// <summary>The Bench room's endpoints.</summary>
public static class PredictionEndpoints
{
    private static PredictionPlan Sound(PredictionPlan plan)
    {
        InputFaultException.ThrowIfAny(plan.Faults());
        return plan;
    }

    /// <summary>Maps them.</summary>
    public static void MapPredictions(this RouteGroupBuilder group)
    {
        group.MapPost("/ribbon", async (PredictionPlan plan, AnswerCache cache, CancellationToken cancel) =>
                await cache.AnswerAsync("ribbon", plan, _ => Task.FromResult(LapRibbon.Of(Sound(plan))), cancel))
            .WithName("readRibbon")
            .WithSummary("The circuit's lap as speed over distance with its braking, as this car is driven, and the corners that it can be bent at.")
            .Produces<LapRibbon>()
            .ProducesProblem(StatusCodes.Status400BadRequest);
        group.MapPost("/ribbon/bent", (BendQuestion bend) => TypedResults.Ok(LapRibbon.Bent(Sound(bend.Plan), bend.Segment, bend.ToKmh, bend.LongerM)))
            .WithName("bendRibbon")
            .WithSummary("The circuit with a corner as fast as asked and the stretch before it so much longer; stores nothing.")
            .ProducesProblem(StatusCodes.Status400BadRequest);
        group.MapPost("/guesses", async (PredictionPlan plan, AnswerCache cache, CancellationToken cancel) =>
                await cache.AnswerAsync("guesses", plan, _ => Task.FromResult(DecidingGuesses.Of(plan)), cancel))
            .WithName("readGuesses")
            .WithSummary("Figures of the car that nobody looked up, and how far the front face and fluid move with each, the weightiest first.")
            .Produces<IReadOnlyList<DecidingGuess>>()
            .ProducesProblem(StatusCodes.Status400BadRequest);
        group.MapPost("/", async (PredictionPlan plan, AnswerCache cache, LongQueue queue, CancellationToken cancel, bool course = true,
            int? day = null) =>
            {
                using var first = queue.ShortAnswer();
                return await cache.AnswerAsync(course ? "plan" : "verdict", new { plan, day }, async token =>
                    course ? await WholeAsync(plan, day, cache, token) : await WholeAsync(plan, day, cache, token) with { Course = null }, cancel);
            })
            .WithName("predict")
            .WithSummary("Predicts the year's days: limits of all of them, temperatures and pedal effort of the leading one or of the one that is asked for " +
                "by its place in the plan; with course=false without stops and temperatures over time. Stateless.")
            .Produces<PredictionResult>()
            .ProducesProblem(StatusCodes.Status400BadRequest);
        group.MapPost("/course", async (PredictionPlan plan, AnswerCache cache, LongQueue queue, CancellationToken cancel, int? day = null) =>
            {
                using var first = queue.ShortAnswer();
                return await cache.AnswerAsync("course", new { plan, day }, async token => (await WholeAsync(plan, day, cache, token)).Course!, cancel);
            })
            .WithName("predictCourse")
            .WithSummary("Stops and temperatures over time of the same day. Stateless.")
            .Produces<DayCourse>()
            .ProducesProblem(StatusCodes.Status400BadRequest);
        group.MapPost("/band", async (BandQuestion question, AnswerCache cache, LearntShelf beliefs, CancellationToken cancel, bool settle = true) =>
            {
                question.Check();
                IReadOnlyList<EvidenceDay> evidence = [.. question.Evidence(), .. beliefs.LogOf(question.Car).Evidence];
                return await cache.AnswerAsync(settle ? "band" : "first band", new { question.Plan, question.Day, evidence },
                    token => BandAsync(question, evidence, settle, cache, beliefs, token), cancel);
            })
            .WithName("predictBand")
            .WithSummary("Predicts the same day for 256 members of what is believed: bands, chances, what matters most; before and after looking at what " +
                "was seen. A small danger is counted over 1024; with settle=false that is left out and said. Stateless.")
            .Produces<BandAnswer>()
            .ProducesProblem(StatusCodes.Status400BadRequest)
            .Heavy();
    }

    private static Task<PredictionResult> WholeAsync(PredictionPlan plan, int? day, AnswerCache cache, CancellationToken cancel) =>
        cache.RememberAsync("whole", new { plan, day }, async token =>
            Predictor.Predict(plan, await DayShelf.YearOf(plan, cache, token), day), cancel);

    /// <summary>A plan's band and chances before anything was seen; rooms that ask the same share the answer.</summary>
    public static async Task<BandResult> PriorAsync(PredictionPlan plan, int? drawn, bool settle, AnswerCache cache, CancellationToken cancel)
    {
        ArgumentNullException.ThrowIfNull(cache);
        var year = await DayShelf.YearOf(plan, cache, cancel);
        var question = new { plan, drawn };
        var prior = await cache.RememberAsync("prior", question, token =>
            Task.FromResult(Ensemble.Run(plan, laid: year, settle: false, drawn: drawn, cancel: token)), cancel);
        return settle && prior.Settling ? await cache.RememberAsync("settled prior", question, token =>
            Task.FromResult(Ensemble.Run(plan, laid: year, drawn: drawn, cancel: token)), cancel) : prior;
    }

    /// <summary>A plan's band and chances by what some days have taught; the prior's where there are none. Rooms that ask the same share the answer.</summary>
    public static async Task<BandResult> BelievedAsync(PredictionPlan plan, IReadOnlyList<EvidenceDay> evidence, int? drawn, bool settle,
        AnswerCache cache, LearntShelf beliefs, CancellationToken cancel)
    {
        ArgumentNullException.ThrowIfNull(evidence);
        ArgumentNullException.ThrowIfNull(cache);
        ArgumentNullException.ThrowIfNull(beliefs);
        if (evidence.Count == 0)
        {
            return await PriorAsync(plan, drawn, settle, cache, cancel);
        }

        var belief = await beliefs.BeliefAsync(evidence, cancel);
        var year = await DayShelf.YearOf(plan, cache, cancel);
        return await cache.RememberAsync("believed", new { plan, drawn, evidence }, token =>
            Task.FromResult(Ensemble.Run(plan, belief.Of(plan), year, drawn: drawn, cancel: token)), cancel);
    }

    private static async Task<BandAnswer> BandAsync(BandQuestion question, IReadOnlyList<EvidenceDay> evidence, bool settle, AnswerCache cache,
        LearntShelf beliefs, CancellationToken cancel)
    {
        var prior = await PriorAsync(question.Plan, question.Day, settle, cache, cancel);
        if (evidence.Count == 0)
        {
            return new BandAnswer(prior);
        }

        var learnt = await beliefs.OfAsync(evidence, null, cancel);
        return new BandAnswer(prior, await BelievedAsync(question.Plan, evidence, question.Day, settle, cache, beliefs, cancel),
            new EvidenceSummary(learnt.Statement(), learnt.EffectiveMembers, learnt.Contradicted, learnt.Seen));
    }
}
