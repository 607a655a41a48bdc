using System.Text;
using Rimrock.Core.Driving;
using Rimrock.Core.Fitting;
using Rimrock.Core.Garage;
using Rimrock.Core.Preparation;
using Rimrock.Core.Quantities;
using Rimrock.Core.Vehicles;
using Rimrock.Formats;
using Rimrock.Web.Bench;
using Rimrock.Web.Hosting;

namespace Rimrock.Web.Ready;

/// <summary>A change of parts.</summary>
/// <param name="Before">The car as it stands.</param>
/// <param name="After">The car as it should be.</param>
/// <param name="FreshFluid">True to flush with the same fluid too.</param>
/// <param name="OtherCars">Other cars that leftover fluid could serve.</param>
/// <param name="Bleed">How the fluid is drawn through.</param>
/// <param name="Car">Car whose log is learnt from; null for none.</param>
/// <param name="Stock">Sets of pads in stock, which go on before new ones are ordered; null for none.</param>
/// <param name="Bottles">Opened bottles, which are drawn from before new ones are ordered; null for none.</param>
/// <param name="Today">Today; null where no bottle is drawn from and no date is asked.</param>
public sealed record WorkQuestion(PredictionPlan Before, PredictionPlan After, bool FreshFluid = false, IReadOnlyList<string>? OtherCars = null,
    BleedWay Bleed = BleedWay.TwoPeople, string? Car = null, IReadOnlyList<StockSet>? Stock = null, IReadOnlyList<OpenedBottle>? Bottles = null,
    DateOnly? Today = null)
{
    /// <summary>Lists what is wrong with the stock.</summary>
    public IEnumerable<InputFault> StockFaults() => GarageStock.Faults(Stock, Bottles, Today);

    /// <summary>What lies in the garage.</summary>
    internal Stock InStock() => GarageStock.Of(Stock, Bottles, Today);
}

/// <summary>A bedding.</summary>
/// <param name="Plan">Car and parts.</param>
/// <param name="Place">Where.</param>
public sealed record BeddingQuestion(PredictionPlan Plan, BeddingPlace Place);

/// <summary>A season.</summary>
/// <param name="Plan">Car, parts, usual day.</param>
/// <param name="Events">Events in order.</param>
/// <param name="Today">Today.</param>
/// <param name="Policy">Whose bleed dates the calendar takes.</param>
/// <param name="Car">Car whose log is learnt from; null for none.</param>
public sealed record SeasonQuestion(PredictionPlan Plan, IReadOnlyList<SeasonEvent> Events, DateOnly Today, FluidPolicy Policy = FluidPolicy.Yearly,
    string? Car = null);

/// <summary>The Ready room's endpoints. They store nothing.</summary>
public static class ReadyEndpoints
{
    /// <summary>Maps them.</summary>
    public static void MapReady(this RouteGroupBuilder group)
    {
        group.MapPost("/work", async (WorkQuestion question, AnswerCache cache, LearntShelf beliefs, CancellationToken cancel) =>
            {
                InputFaultException.ThrowIfAny([.. question.Before.Faults(), .. question.After.Faults(), .. question.StockFaults()]);
                var order = WorkOrder.Of(question.Before, question.After, question.FreshFluid, question.OtherCars, question.Bleed, question.InStock());
                var done = WorkOrder.Finished(question.Before, question.After, question.FreshFluid, question.InStock());
                var then = await PredictionEndpoints.BelievedAsync(done, beliefs.LogOf(question.Car).Evidence, null, true, cache, beliefs,
                    cancel);
                return TypedResults.Ok(order with
                {
                    Then = new DayVerdict(then.Danger, then.Damage, then.Outcome),
                    Sheet = OrderSheet.Of(done, then),
                });
            })
            .WithName("workOrder")
            .WithSummary("What to order, and the work of a change of parts step by step, with the day's danger and damage once it is done.")
            .ProducesProblem(StatusCodes.Status400BadRequest)
            .Heavy();
        group.MapPost("/bedding", async (BeddingQuestion question, AnswerCache cache, CancellationToken cancel) =>
                await cache.AnswerAsync("bedding", question, _ => Task.FromResult(BeddingPlan.Of(question.Plan, question.Place)), cancel))
            .WithName("beddingPlan")
            .WithSummary("Bedding stops for this car, these pads and rotors, with the temperature after each.")
            .Produces<BeddingPlan>()
            .ProducesProblem(StatusCodes.Status400BadRequest);
        group.MapPost("/season", async (SeasonQuestion question, AnswerCache cache, LearntShelf beliefs, CancellationToken cancel,
            bool settle = true) =>
            TypedResults.Ok(await SeasonAsync(question, settle, cache, beliefs, cancel)))
            .WithName("seasonPlan")
            .WithSummary("Each event's day judged with the fluid as each policy leaves it, bleed dates, and what wears out before which event. Small " +
                "dangers are counted over 1024 members; with settle=false that is left out and said.")
            .ProducesProblem(StatusCodes.Status400BadRequest)
            .Heavy();
        group.MapPost("/season/calendar", async (SeasonQuestion question, AnswerCache cache, LearntShelf beliefs, CancellationToken cancel,
            string? units = null) =>
            TypedResults.Text(SeasonCalendar.Calendar(await SeasonAsync(question, true, cache, beliefs, cancel), question.Policy, question.Plan.Car.Name,
                AskedUnits.Of(units)), "text/calendar", Encoding.UTF8))
            .WithName("seasonCalendar")
            .WithSummary("Events, bleed dates and days to order by as iCalendar (RFC 5545).")
            .Produces<string>(contentType: "text/calendar")
            .ProducesProblem(StatusCodes.Status400BadRequest)
            .Heavy();
        group.MapPost("/season/table", async (SeasonQuestion question, AnswerCache cache, LearntShelf beliefs, CancellationToken cancel,
            string? units = null) =>
            TypedResults.Text(SeasonCalendar.Csv(await SeasonAsync(question, true, cache, beliefs, cancel), AskedUnits.Of(units)), "text/csv",
                Encoding.UTF8))
            .WithName("seasonTable")
            .WithSummary("The season as CSV (RFC 4180).")
            .Produces<string>(contentType: "text/csv")
            .ProducesProblem(StatusCodes.Status400BadRequest)
            .Heavy();
    }

    private static async Task<SeasonPlan> SeasonAsync(SeasonQuestion question, bool settle, AnswerCache cache, LearntShelf beliefs,
        CancellationToken cancel)
    {
        var evidence = beliefs.LogOf(question.Car).Evidence;
        return await cache.RememberAsync("season", new { question.Plan, question.Events, question.Today, evidence, settle }, async token =>
            SeasonPlan.Of(question.Plan, question.Events, question.Today, await beliefs.BeliefAsync(evidence, token), settle, token), cancel);
    }
}
