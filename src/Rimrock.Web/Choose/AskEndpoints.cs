using Rimrock.Core.Driving;
using Rimrock.Core.Fitting;
using Rimrock.Core.Fluids;
using Rimrock.Core.Friction;
using Rimrock.Core.Quantities;
using Rimrock.Web.Bench;
using Rimrock.Web.Hosting;

namespace Rimrock.Web.Choose;

/// <summary>A question for what to ask for.</summary>
/// <param name="Plan">The plan with what is fitted.</param>
/// <param name="Wishes">What matters.</param>
/// <param name="Car">Car whose log is learnt from; null for none.</param>
public sealed record AskQuestion(PredictionPlan Plan, Wishes Wishes, string? Car = null);

/// <summary>A leaflet held against the car.</summary>
/// <param name="Plan">The plan with what is fitted.</param>
/// <param name="Wishes">What matters.</param>
/// <param name="Pad">The pad by its leaflet.</param>
/// <param name="Rear">True where it goes to the rear.</param>
/// <param name="Fluid">A fluid by its bottle; null for what is in the car.</param>
/// <param name="Car">Car whose log is learnt from; null for none.</param>
public sealed record LeafletQuestion(PredictionPlan Plan, Wishes Wishes, Pad Pad, bool Rear = false, BrakeFluid? Fluid = null, string? Car = null);

/// <summary>What to ask for at the counter, and leaflets held against it. They store nothing.</summary>
public static class AskEndpoints
{
    /// <summary>Maps them.</summary>
    public static void MapAsks(this RouteGroupBuilder group)
    {
        group.MapPost("/ask", async (AskQuestion question, AnswerCache cache, LearntShelf beliefs, CancellationToken cancel) =>
            {
                Check(question.Plan, question.Wishes);
                var evidence = beliefs.LogOf(question.Car).Evidence;
                return await cache.AnswerAsync("ask", new { question.Plan, question.Wishes, evidence }, async token =>
                    AskCards.Of(question.Plan, question.Wishes,
                        await beliefs.BeliefAsync(evidence, token), await DayShelf.YearOf(question.Plan, cache, token), token), cancel);
            })
            .WithName("whatToAskFor")
            .WithSummary("What pads and fluid must do on this car's days, whatever the maker: a part that just meets it holds.")
            .Produces<AskCard>()
            .ProducesProblem(StatusCodes.Status400BadRequest)
            .Heavy();
        group.MapPost("/leaflet", async (LeafletQuestion question, AnswerCache cache, LearntShelf beliefs, CancellationToken cancel) =>
            {
                Check(question.Plan, question.Wishes);
                var evidence = beliefs.LogOf(question.Car).Evidence;
                return await cache.AnswerAsync("leaflet", new { question.Plan, question.Wishes, question.Pad, question.Rear, question.Fluid, evidence },
                    async token => Leaflet.Of(question.Plan, question.Pad, question.Rear ? Axle.Rear : Axle.Front, question.Fluid, question.Wishes,
                        await beliefs.BeliefAsync(evidence, token), token), cancel);
            })
            .WithName("holdLeaflet")
            .WithSummary("A pad by its leaflet, and a fluid by its bottle, judged on this car's days: fits, nearly with something else, or no and why.")
            .Produces<LeafletAnswer>()
            .ProducesProblem(StatusCodes.Status400BadRequest)
            .Heavy();
    }

    private static void Check(PredictionPlan plan, Wishes wishes)
    {
        var faults = plan.Faults().ToList();
        wishes.Check(faults);
        InputFaultException.ThrowIfAny(faults);
    }
}
