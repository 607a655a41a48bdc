using Rimrock.Core.Numerics;
using Rimrock.Core.Prediction;
using Rimrock.Core.Uncertainty;

namespace Rimrock.Web.Bench;

/// <summary>A question for a band.</summary>
/// <param name="Plan">The plan.</param>
/// <param name="Observations">What was seen on this very day.</param>
/// <param name="EarlierDays">What was seen on other days with the same car.</param>
public sealed record BandQuestion(PredictionPlan Plan, IReadOnlyList<Observation>? Observations = null, IReadOnlyList<EvidenceDay>? EarlierDays = null)
{
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
public sealed record EvidenceSummary(string Statement, double EffectiveMembers, bool Contradicted, IReadOnlyList<SeenAndBelieved> Seen);

/// <summary>The Bench room's endpoints.</summary>
public static class PredictionEndpoints
{
    /// <summary>Maps them.</summary>
    public static void MapPredictions(this RouteGroupBuilder group)
    {
        group.MapPost("/", (PredictionPlan plan, AnswerCache cache, bool course = true) =>
            {
                using var first = Precedence.Take();
                return cache.Answer(course ? "plan" : "verdict", plan, () => course ? Whole(plan, cache) : Whole(plan, cache) with { Course = null });
            })
            .WithName("predict")
            .WithSummary("Predicts a day: temperatures, pedal effort, limits; with course=false without stops and temperatures over time. Stateless.")
            .Produces<PredictionResult>()
            .ProducesProblem(StatusCodes.Status400BadRequest);
        group.MapPost("/course", (PredictionPlan plan, AnswerCache cache) =>
            {
                using var first = Precedence.Take();
                return cache.Answer("course", plan, () => Whole(plan, cache).Course!);
            })
            .WithName("predictCourse")
            .WithSummary("Stops and temperatures over time of the same day. Stateless.")
            .Produces<DayCourse>()
            .ProducesProblem(StatusCodes.Status400BadRequest);
        group.MapPost("/band", (BandQuestion question, AnswerCache cache, CancellationToken cancel) => cache.Answer("band", question, () => Band(question, cache, cancel)))
            .WithName("predictBand")
            .WithSummary("Predicts the same day for 256 members of what is believed: bands, probabilities, what matters most; before and after looking at what was seen. Stateless.")
            .Produces<BandAnswer>()
            .ProducesProblem(StatusCodes.Status400BadRequest);
    }

    private static PredictionResult Whole(PredictionPlan plan, AnswerCache cache) => cache.Remember("whole", plan, () => Predictor.Predict(plan, DayShelf.DayOf(plan, cache)));

    private static BandAnswer Band(BandQuestion question, AnswerCache cache, CancellationToken cancel)
    {
        var prior = cache.Remember("prior", question.Plan, () => Ensemble.Run(question.Plan, laid: DayShelf.DayOf(question.Plan, cache), cancel: cancel));
        var evidence = question.Evidence();
        if (evidence.Count == 0)
        {
            return new BandAnswer(prior);
        }

        var learnt = Learning.From(evidence, cancel: cancel);
        return new BandAnswer(
            prior,
            Ensemble.Run(question.Plan, learnt.Belief, DayShelf.DayOf(question.Plan, cache), cancel),
            new EvidenceSummary(learnt.Statement(), learnt.EffectiveMembers, learnt.Contradicted, learnt.Seen));
    }
}
