using Rimrock.Core.Driving;
using Rimrock.Core.Entries;
using Rimrock.Core.Fitting;
using Rimrock.Core.Friction;
using Rimrock.Core.Garage;
using Rimrock.Core.Logbook;
using Rimrock.Core.Numerics;
using Rimrock.Core.Quantities;
using Rimrock.Core.Runs;
using Rimrock.Storage;
using Rimrock.Telling;
using Rimrock.Web.Bench;
using Rimrock.Web.Hosting;

namespace Rimrock.Web.Log;

/// <summary>A question for what is on a car.</summary>
/// <param name="Described">The car as it was described, in a plan.</param>
/// <param name="DescribedOn">When; null where nobody noted it.</param>
/// <param name="Today">Today.</param>
public sealed record GarageQuestion(PredictionPlan Described, DateOnly? DescribedOn, DateOnly Today);

/// <summary>What is on a car, and the same as parts of a plan.</summary>
/// <param name="State">What is on it, each value with how it is known.</param>
/// <param name="Plan">The described plan with these parts.</param>
/// <param name="Stops">What stops it, by what was written down and not answered since.</param>
public sealed record GarageAnswer(CarInGarage State, PredictionPlan Plan, IReadOnlyList<HardStop> Stops);

/// <summary>What is on a car by its log.</summary>
public static class GarageEndpoints
{
    private const int Looked = LogStore.MostOfAPage;

    /// <summary>Maps them.</summary>
    public static void MapGarage(this RouteGroupBuilder group) =>
        group.MapPost("/{car}/garage", async (string car, GarageQuestion question, LogStore log, AnswerCache cache, CancellationToken cancel) =>
            {
                var faults = question.Described.Faults().ToList();
                Days.Check(question.Today, "today", faults);
                InputFaultException.ThrowIfAny(faults);
                var sessions = log.Read<LogSession>(EntryId.Checked(car, "car"), "session", take: Looked).Items;
                var inspections = log.Read<InspectionNote>(car, "inspection", take: Looked).Items;
                var work = log.Read<WorkTicks>(car, "work", take: Looked).Items;
                var worn = new Dictionary<PredictionPlan, WornPerLap>(ReferenceEqualityComparer.Instance);
                async Task WearAsync(PredictionPlan plan) =>
                    worn[plan] = await cache.RememberAsync("known wear and heat", plan, _ => Task.FromResult(KnownWear(plan)), cancel);
                List<Statement> said =
                [
                    new Statement(question.DescribedOn, KnownBy.Described, "", Fitment.Of(question.Described)),
                    .. sessions.Select(item => Statement.Of(item.Id, item.Body, LeftOpen.Of(item.Body, NoteReader.Hear(item.Body.Note)))),
                    .. inspections.Select(item =>
                        Statement.Of(item.Id, item.Body, LeftOpen.Of(item.Body, NoteReader.Hear(item.Body.Inspection.Note)))),
                    .. work.Select(item => Statement.Of(item.Id, item.Body)).OfType<Statement>(),
                ];
                foreach (var plan in said.Select(one => one.Driven).OfType<PredictionPlan>().Concat(inspections.Select(item => item.Body.Plan)))
                {
                    await WearAsync(plan);
                }

                var state = GarageRecord.Of(said, question.Today,
                    plan => worn[plan].Axles.Map(axle => new LapUse(axle.PadMm, worn[plan].Hours, axle.Megajoules)),
                    FactorsOf([.. inspections.Reverse().Select(item => item.Body)], plan => worn[plan]))!;
                return TypedResults.Ok(new GarageAnswer(state, state.On(question.Described), [.. state.Open.Select(OpenStop.Of)]));
            })
            .WithName("readGarage")
            .WithSummary("What is on a car today by its description and its log: pads with what is left, rotors, fluid with its birthday, hoses, what was " +
                "taken off; each value says how it is known. Stores nothing.")
            .ProducesProblem(StatusCodes.Status400BadRequest);

    // A day beyond the model wears nothing that is known: the measurements stand.
    private static WornPerLap KnownWear(PredictionPlan plan)
    {
        try
        {
            return WornPerLap.Of(plan);
        }
        catch (BeyondModelException)
        {
            return new WornPerLap(Axles.Of(_ => new WornPerLap.OfAxle(0, 0, 0)), 0);
        }
    }

    // How fast the car's pads wear by what was measured, where it was.
    private static Func<Axle, Pad, Spread>? FactorsOf(IReadOnlyList<InspectionNote> notes, Func<PredictionPlan, WornPerLap> wornOf)
    {
        if (notes.Count == 0)
        {
            return null;
        }

        var parts = WearPage.Of(notes, wornOf).Parts;
        return (axle, pad) => (pad.Name == notes[^1].Plan.At(axle).Pads.Pad.Name
            ? parts.FirstOrDefault(part => part.Code == (axle == Axle.Front ? "front-pads" : "rear-pads"))?.Factor : null)
            ?? Spread.Times(1, WearForecast.PriorSigmaFactor, 3);
    }
}
