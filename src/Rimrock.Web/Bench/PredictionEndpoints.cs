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
public sealed record BandQuestion(PredictionPlan Plan, IReadOnlyList<Observation>? Observations = null, IReadOnlyList<EvidenceDay>? EarlierDays = null,
    int? Day = null)
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

/// <summary>The Bench room's endpoints.</summary>
public static class PredictionEndpoints
{
    /// <summary>Maps them.</summary>
    public static void MapPredictions(this RouteGroupBuilder group)
    {
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
                return await cache.AnswerAsync(settle ? "band" : "first band", question, token => BandAsync(question, settle, cache, beliefs, token), cancel);
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

    private static async Task<BandAnswer> BandAsync(BandQuestion question, bool settle, AnswerCache cache, LearntShelf beliefs,
        CancellationToken cancel)
    {
        var prior = await PriorAsync(question.Plan, question.Day, settle, cache, cancel);
        var evidence = question.Evidence();
        if (evidence.Count == 0)
        {
            return new BandAnswer(prior);
        }

        var learnt = await beliefs.OfAsync(evidence, null, cancel);
        var year = await DayShelf.YearOf(question.Plan, cache, cancel);
        return new BandAnswer(prior, Ensemble.Run(question.Plan, learnt.Of(question.Plan), year, drawn: question.Day, cancel: cancel),
            new EvidenceSummary(learnt.Statement(), learnt.EffectiveMembers, learnt.Contradicted, learnt.Seen));
    }
}
