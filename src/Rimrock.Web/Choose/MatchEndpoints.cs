using Rimrock.Core.Beliefs;
using Rimrock.Core.Driving;
using Rimrock.Core.Fitting;
using Rimrock.Core.Garage;
using Rimrock.Core.Preparation;
using Rimrock.Core.Quantities;
using Rimrock.Core.Vehicles;
using Rimrock.Storage;
using Rimrock.Telling;
using Rimrock.Web.Bench;
using Rimrock.Web.Hosting;

namespace Rimrock.Web.Choose;

/// <summary>A question for a short list.</summary>
/// <param name="Plan">The plan with what is fitted.</param>
/// <param name="Wishes">What matters.</param>
/// <param name="Car">Car whose log is learnt from; null for none.</param>
/// <param name="Stock">Sets of pads that lie in the garage; null for none.</param>
/// <param name="Bottles">Opened bottles there, which are drawn from before new ones are bought; null for none.</param>
public sealed record MatchQuestion(PredictionPlan Plan, Wishes Wishes, string? Car = null, IReadOnlyList<StockSet>? Stock = null,
    IReadOnlyList<OpenedBottle>? Bottles = null);

/// <summary>A setup to be fitted.</summary>
/// <param name="Plan">The plan with what is fitted now.</param>
/// <param name="Wishes">What matters.</param>
/// <param name="Key">Key of the setup, from a short list.</param>
/// <param name="Stock">Sets of pads that lie in the garage, as the short list had them; null for none.</param>
/// <param name="Bottles">Opened bottles there, which are drawn from before new ones are bought; null for none.</param>
public sealed record FitQuestion(PredictionPlan Plan, Wishes Wishes, string Key, IReadOnlyList<StockSet>? Stock = null,
    IReadOnlyList<OpenedBottle>? Bottles = null);

/// <summary>A part of the shelf that the first row does not have.</summary>
/// <param name="Plan">The plan with what is fitted.</param>
/// <param name="Wishes">What matters.</param>
/// <param name="Kind">as the match's answer names it: frontPad, rearPad, rotor, duct, rearRotor, rearDuct, fluid, lines or caliper.</param>
/// <param name="Part">Its id.</param>
/// <param name="Car">Car whose log is learnt from; null for none.</param>
/// <param name="Stock">Sets of pads that lie in the garage, as the short list had them; null for none.</param>
/// <param name="Bottles">Opened bottles there, which are drawn from before new ones are bought; null for none.</param>
public sealed record WhyQuestion(PredictionPlan Plan, Wishes Wishes, string Kind, string Part, string? Car = null, IReadOnlyList<StockSet>? Stock = null,
    IReadOnlyList<OpenedBottle>? Bottles = null);

/// <summary>The Choose room's endpoints.</summary>
public static class MatchEndpoints
{
    /// <summary>Maps them.</summary>
    public static void MapMatches(this RouteGroupBuilder group)
    {
        group.MapAsks();
        group.MapSystems();
        group.MapPost("/", async (MatchQuestion question, string? ticket, ShelfStore shelf, TimeProvider clock, RunProgress progress, AnswerCache cache,
            LearntShelf beliefs, CancellationToken cancel, string stage = "whole") =>
            {
                var asked = StageOf(stage);
                InputFaultException.ThrowIfAny(question.Plan.Faults());
                var offer = OfferOf(shelf.Read(), question.Plan, question.Wishes, clock, (question.Stock, question.Bottles));
                var evidence = beliefs.LogOf(question.Car).Evidence;
                using var report = progress.Begin(ticket);
                return await cache.AnswerAsync("match" + asked, new { question, offer, evidence },
                    async token => (await MatcherAsync(question, offer, evidence, cache, beliefs, report, token))
                        .Answer(asked, share => report.Tell(0.3 + (0.7 * share)), token),
                    cancel);
            })
            .WithName("match")
            .WithSummary("Weighs the whole shelf against a plan: a short list judged by the members of the belief, with reasons, the steps to its first " +
                "row, and why not the rest. Stages: sketch (64 members, no word), first (what is fitted, three rows and steps by all members), whole. A " +
                "ticket, any text of the caller's, names its progress.")
            .Produces<MatchAnswer>()
            .ProducesProblem(StatusCodes.Status400BadRequest)
            .Heavy();
        group.MapPost("/fit", (FitQuestion question, ShelfStore shelf, TimeProvider clock) =>
            {
                var faults = question.Plan.Faults().ToList();
                question.Wishes.Check(faults);
                InputFaultException.ThrowIfAny(faults);
                var offer = OfferOf(shelf.Read(), question.Plan, question.Wishes, clock, (question.Stock, question.Bottles));
                var setup = Selection.OfKey(question.Key, question.Plan, offer)
                    ?? throw new InputFaultException([new InputFault("key", question.Key.Length > 80 ? question.Key[..80] : question.Key,
                        "the key of a setup of the short list", "This setup names something that is not on the shelf.")]);
                return TypedResults.Ok(setup.On(question.Plan, question.Wishes));
            })
            .WithName("fitSetup")
            .WithSummary("The plan with a setup of the short list fitted: the very plan that was judged, with its fluid's age, bedding and prices. Stores " +
                "nothing.")
            .ProducesProblem(StatusCodes.Status400BadRequest);
        group.MapPost("/why", async (WhyQuestion question, ShelfStore shelf, TimeProvider clock, RunProgress progress, AnswerCache cache, LearntShelf beliefs,
            CancellationToken cancel) =>
            {
                InputFaultException.ThrowIfAny(question.Plan.Faults());
                var offer = OfferOf(shelf.Read(), question.Plan, question.Wishes, clock, (question.Stock, question.Bottles));
                var evidence = beliefs.LogOf(question.Car).Evidence;
                using var report = progress.Begin(null);
                return await cache.AnswerAsync("why", new { question, offer, evidence }, async token =>
                    (await MatcherAsync(new MatchQuestion(question.Plan, question.Wishes, question.Car, question.Stock, question.Bottles),
                        offer, evidence, cache, beliefs, report, token))
                        .Why(question.Kind, question.Part, token)
                        ?? throw new InputFaultException([new InputFault("part", question.Part.Length > 80 ? question.Part[..80] : question.Part,
                            "a part that the match's answer names", "This part was not weighed.")]), cancel);
            })
            .WithName("whyNot")
            .WithSummary("Judges the best setup that has a part, and says what it loses against the first row of the short list.")
            .Produces<WhyNot>()
            .ProducesProblem(StatusCodes.Status400BadRequest)
            .Heavy();
    }

    // The days of twenty setups in the middle and at the edges, and the members' readings of those that are still to settle.
    private const int MatcherKb = 20_000;

    private static MatchStage StageOf(string stage)
    {
        foreach (var one in Enum.GetValues<MatchStage>())
        {
            if (one.ToString().Equals(stage, StringComparison.OrdinalIgnoreCase))
            {
                return one;
            }
        }

        throw new InputFaultException([new InputFault("stage", stage.Length > 40 ? stage[..40] : stage, "sketch, first or whole",
            "No such stage of a match.")]);
    }

    private static Task<Matcher> MatcherAsync(MatchQuestion question, Offer offer, IReadOnlyList<EvidenceDay> evidence, AnswerCache cache,
        LearntShelf beliefs, RunProgress.Report report, CancellationToken cancel) =>
        cache.RememberAsync("matcher", new { question, offer, evidence },
            async token => Matcher.Search(question.Plan, offer, question.Wishes, share => report.Tell(0.3 * share),
                await DayShelf.YearOf(question.Plan, cache, token), await beliefs.BeliefAsync(evidence, token), token), cancel, MatcherKb);

    // What the driver's own shelf lacks, typical parts stand in for.
    private static Offer OfferOf(ShelfContent shelf, PredictionPlan plan, Wishes wishes, TimeProvider clock,
        (IReadOnlyList<StockSet>? Sets, IReadOnlyList<OpenedBottle>? Bottles) lying)
    {
        InputFaultException.ThrowIfAny([.. GarageStock.Faults(lying.Sets, lying.Bottles, null)]);
        static IReadOnlyList<Part<T>> Parts<T>(IReadOnlyList<ShelfItem<T>> items)
            where T : class => [.. items.Where(item => !item.Archived).Select(item => new Part<T>(item.Id, item.Body))];
        var today = DateOnly.FromDateTime(clock.GetLocalNow().Date);
        var own = new Offer(Parts(shelf.Pads), Parts(shelf.Rotors), Parts<DuctKit>(shelf.Ducts),
            [.. Parts(shelf.Fluids).Select(fluid => fluid with { Body = fluid.Body.AsOf(today) })], Parts(shelf.Lines), Parts(shelf.Calipers));
        var paired = BracketPairs.Offered(own, Parts(shelf.Brackets), plan, said => Teller.Text(said));
        return StockSet.Offered(TypicalShelf.With(plan, paired, wishes, said => Teller.Text(said)), plan,
            GarageStock.Of(lying.Sets, lying.Bottles, today));
    }
}
