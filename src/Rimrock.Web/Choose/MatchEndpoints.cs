using Rimrock.Core.Heat;
using Rimrock.Core.Matching;
using Rimrock.Core.Prediction;
using Rimrock.Core.Quantities;
using Rimrock.Storage;
using Rimrock.Web.Bench;
using Rimrock.Web.Hosting;

namespace Rimrock.Web.Choose;

/// <summary>A question for a short list.</summary>
/// <param name="Plan">The plan with what is fitted.</param>
/// <param name="Wishes">What matters.</param>
public sealed record MatchQuestion(PredictionPlan Plan, Wishes Wishes);

/// <summary>The Choose room's endpoints.</summary>
public static class MatchEndpoints
{
    /// <summary>Maps them.</summary>
    public static void MapMatches(this RouteGroupBuilder group)
    {
        group.MapPost("/", async (MatchQuestion question, string? ticket, ShelfStore shelf, RunProgress progress, AnswerCache cache, CancellationToken cancel) =>
            {
                InputFaultException.ThrowIfAny(question.Plan.Faults());
                var offer = OfferOf(shelf.Read());
                using var report = progress.Begin(ticket);
                return await cache.AnswerAsync("match", new { question, offer },
                    async token => Matcher.Match(question.Plan, offer, question.Wishes, report.Tell, await DayShelf.DayOf(question.Plan, cache, token), token), cancel);
            })
            .WithName("match")
            .WithSummary("Weighs the whole shelf against a plan: a short list with reasons, the cheapest steps, and why not the rest. A ticket, any text of the caller's, names its progress.")
            .Produces<MatchAnswer>()
            .ProducesProblem(StatusCodes.Status400BadRequest)
            .Heavy();
    }

    private static Offer OfferOf(ShelfContent shelf)
    {
        static IReadOnlyList<Part<T>> Parts<T>(IReadOnlyList<ShelfItem<T>> items)
            where T : class => [.. items.Where(item => !item.Archived).Select(item => new Part<T>(item.Id, item.Body))];
        return new Offer(Parts(shelf.Pads), Parts(shelf.Rotors), Parts<DuctKit>(shelf.Ducts), Parts(shelf.Fluids), Parts(shelf.Lines));
    }
}
