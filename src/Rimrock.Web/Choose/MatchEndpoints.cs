using System.Globalization;
using Rimrock.Core.Heat;
using Rimrock.Core.Matching;
using Rimrock.Core.Prediction;
using Rimrock.Core.Quantities;
using Rimrock.Storage;
using Rimrock.Web.Bench;

namespace Rimrock.Web.Choose;

/// <summary>A question for a short list.</summary>
/// <param name="Plan">The plan with what is fitted.</param>
/// <param name="Wishes">What matters.</param>
public sealed record MatchQuestion(PredictionPlan Plan, Wishes Wishes);

/// <summary>The Choose room's endpoints.</summary>
public static class MatchEndpoints
{
    private static readonly TimeSpan BetweenReports = TimeSpan.FromMilliseconds(100);

    /// <summary>Maps them.</summary>
    public static void MapMatches(this RouteGroupBuilder group)
    {
        group.MapPost("/", (MatchQuestion question, string? ticket, ShelfStore shelf, MatchProgress progress, AnswerCache cache, CancellationToken cancel) =>
            {
                InputFaultException.ThrowIfAny(question.Plan.Faults());
                var offer = OfferOf(shelf.Read());
                using var report = progress.Begin(ticket);
                return cache.Answer("match", new { question, offer }, () => Matcher.Match(question.Plan, offer, question.Wishes, report.Tell, DayShelf.DayOf(question.Plan, cache), cancel));
            })
            .WithName("match")
            .WithSummary("Weighs the whole shelf against a plan: a short list with reasons, the cheapest steps, and why not the rest. A ticket, any text of the caller's, names its progress.")
            .Produces<MatchAnswer>()
            .ProducesProblem(StatusCodes.Status400BadRequest);
        group.MapGet("/progress/{ticket}", (string ticket, MatchProgress progress, CancellationToken cancel) => TypedResults.ServerSentEvents(Shares(ticket, progress, cancel)))
            .WithName("matchProgress")
            .WithSummary("The share done of a match, 0 to 1, as server-sent events.");
    }

    private static Offer OfferOf(ShelfContent shelf)
    {
        static IReadOnlyList<Part<T>> Parts<T>(IReadOnlyList<ShelfItem<T>> items)
            where T : class => [.. items.Where(item => !item.Archived).Select(item => new Part<T>(item.Id, item.Body))];
        return new Offer(Parts(shelf.Pads), Parts(shelf.Rotors), Parts<DuctKit>(shelf.Ducts), Parts(shelf.Fluids), Parts(shelf.Lines));
    }

    private static async IAsyncEnumerable<string> Shares(string ticket, MatchProgress progress, [System.Runtime.CompilerServices.EnumeratorCancellation] CancellationToken cancel)
    {
        while (progress.ShareOf(ticket) is { } share && share < 1)
        {
            yield return share.ToString("0.00", CultureInfo.InvariantCulture);
            await Task.Delay(BetweenReports, cancel);
        }

        yield return "1";
    }
}
