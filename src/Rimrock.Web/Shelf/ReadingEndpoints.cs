using System.Text;
using Rimrock.Core.Driving;
using Rimrock.Core.Friction;
using Rimrock.Core.Quantities;
using Rimrock.Core.Rotors;
using Rimrock.Core.Vehicles;
using Rimrock.Devices;
using Rimrock.Formats;

namespace Rimrock.Web.Shelf;

/// <summary>Other front calipers on a plan.</summary>
/// <param name="Plan">The plan.</param>
/// <param name="Front">The other calipers.</param>
/// <param name="With">What else is other; null for nothing.</param>
public sealed record CaliperQuestion(PredictionPlan Plan, AxleBrake Front, OtherParts? With = null);

/// <summary>Reads parts while they are being edited; stores nothing.</summary>
public static class ReadingEndpoints
{
    private static readonly FieldRange Seed = new("seed", "", 1, 1_000_000, "dynamometer.seed");

    /// <summary>Maps them.</summary>
    public static void MapReadings(this RouteGroupBuilder group)
    {
        group.MapPost("/pad", (Pad pad) => TypedResults.Ok(Checked(pad, pad.Check, "pad", CurveReading.Of)))
            .WithName("readPad")
            .WithSummary("Working band, friction where drivers ask, edge code of a pad that is being edited.")
            .ProducesProblem(StatusCodes.Status400BadRequest);
        group.MapPost("/rotor", (Rotor rotor) => TypedResults.Ok(Checked(rotor, rotor.Check, "rotor", RotorReading.Of)))
            .WithName("readRotor")
            .WithSummary("Mass, heat capacity and what to know of a rotor that is being edited.")
            .ProducesProblem(StatusCodes.Status400BadRequest);
        group.MapPost("/caliper", (CaliperQuestion question) =>
            {
                var faults = question.Plan.Faults().ToList();
                question.Front.Check("front", faults);
                question.With?.Check(question.Plan.Car, question.Plan.FrontRotor, faults);
                InputFaultException.ThrowIfAny(faults);
                return TypedResults.Ok(CaliperSwap.Of(question.Plan.DrivenCar(), question.Front, question.Plan.FrontRotor, question.Plan.RearRotor,
                    question.Plan.Lines, question.With));
            })
            .WithName("readCaliper")
            .WithSummary("What other front calipers do to piston area, balance and pedal travel.")
            .ProducesProblem(StatusCodes.Status400BadRequest);
        group.MapPost("/friction", async (HttpRequest request, CancellationToken cancel) =>
            TypedResults.Ok(FrictionCsv.Read(await RequestText.Of(request, FrictionCsv.MostBytes, "a friction curve", cancel))))
            .Accepts<string>("text/csv")
            .WithName("readFriction")
            .WithSummary("Reads a friction curve (temperature_c, mu) or a dynamometer's stops (initial_temperature_c, mean_mu) from CSV; stops get a fit.")
            .ProducesProblem(StatusCodes.Status400BadRequest);
    }

    /// <summary>Maps the simulated dynamometer.</summary>
    public static void MapDynamometers(this RouteGroupBuilder group) =>
        group.MapGet("/{seed:int}", (int seed) =>
            {
                var faults = new List<InputFault>();
                Seed.Check(seed, faults);
                InputFaultException.ThrowIfAny(faults);
                return TypedResults.Text(new SimulatedDynamometer(seed).Csv(), "text/csv", Encoding.UTF8);
            })
            .WithName("runDynamometer")
            .WithSummary("A simulated dynamometer runs its procedure on a hidden pad and yields its noisy stops as CSV.")
            .Produces<string>(contentType: "text/csv")
            .ProducesProblem(StatusCodes.Status400BadRequest);

    private static TReading Checked<TPart, TReading>(TPart part, Action<string, ICollection<InputFault>> check, string field, Func<TPart, TReading> read)
    {
        var faults = new List<InputFault>();
        check(field, faults);
        InputFaultException.ThrowIfAny(faults);
        return read(part);
    }
}
