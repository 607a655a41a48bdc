using System.Globalization;
using System.Net.ServerSentEvents;
using System.Runtime.CompilerServices;
using System.Text;
using Rimrock.Core.Driving;
using Rimrock.Core.Quantities;
using Rimrock.Devices;
using Rimrock.Web.Hosting;

namespace Rimrock.Web.Devices;

/// <summary>A logger to be put on a hidden car.</summary>
/// <param name="Plan">The plan that the car drives.</param>
/// <param name="Seed">Which car and which noise.</param>
public sealed record LoggerRequest(PredictionPlan Plan, int Seed = 1);

/// <summary>A logger that is ready to play.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Frames">Lines in its log.</param>
/// <param name="DurationS">Length of the log, s.</param>
public sealed record LoggerReady(string Id, int Frames, double DurationS);

/// <summary>The simulated on-car logger: played live over server-sent events, or downloaded whole as CSV.</summary>
public static class LoggerEndpoints
{
    private static readonly FieldRange SpeedRange = new("speed", "x", 1, 2000, "logger.speed");

    /// <summary>Maps them.</summary>
    public static void MapLoggers(this RouteGroupBuilder group)
    {
        group.MapPost("/", (LoggerRequest request, LoggerShelf shelf, CancellationToken cancel) =>
            TypedResults.Ok(shelf.Add(new SimulatedLogger(request.Plan, request.Seed, cancel))))
            .WithName("startLogger")
            .WithSummary("Puts a simulated logger on a hidden car that drives the plan's day.")
            .ProducesProblem(StatusCodes.Status400BadRequest)
            .Heavy();
        group.MapGet("/{id}/stream", (string id, LoggerShelf shelf, double speed = 60, CancellationToken cancel = default) =>
            {
                var faults = new List<InputFault>();
                SpeedRange.Check(speed, faults);
                InputFaultException.ThrowIfAny(faults);
                return shelf.Find(id) is { } logger
                    ? TypedResults.ServerSentEvents(Play(logger, speed, cancel))
                    : (IResult)TypedResults.Problem(Problems.Of(StatusCodes.Status404NotFound, "There is no such logger.",
                        new InputFault("id", id, "a logger that was started", "It was put away; start it again.")));
            })
            .WithName("streamLogger")
            .WithSummary("Plays a log as server-sent events: 'frames' with lines of the log, then 'end'.")
            .Produces<LoggerFrame>(contentType: "text/event-stream")
            .ProducesProblem(StatusCodes.Status404NotFound);
        group.MapGet("/{id}/log", (string id, LoggerShelf shelf) => shelf.Find(id) is { } logger
                ? TypedResults.Text(Csv(logger), "text/csv", Encoding.UTF8)
                : (IResult)TypedResults.Problem(Problems.Of(StatusCodes.Status404NotFound, "There is no such logger.",
                    new InputFault("id", id, "a logger that was started", "It was put away; start it again."))))
            .WithName("readLog")
            .WithSummary("The whole log as CSV; an empty field is a drop-out.")
            .Produces<string>(contentType: "text/csv")
            .ProducesProblem(StatusCodes.Status404NotFound);
    }

    /// <summary>Sends what is due, several frames at a time where the playing speed asks for it.</summary>
    private static async IAsyncEnumerable<SseItem<IReadOnlyList<LoggerFrame>>> Play(SimulatedLogger logger, double speed,
        [EnumeratorCancellation] CancellationToken cancel)
    {
        const double tickS = 0.1;
        using var timer = new PeriodicTimer(TimeSpan.FromSeconds(tickS));
        var next = 0;
        var clock = logger.Frames[0].TimeS;
        while (next < logger.Frames.Count && await timer.WaitForNextTickAsync(cancel))
        {
            clock += tickS * speed;
            var from = next;
            while (next < logger.Frames.Count && logger.Frames[next].TimeS <= clock)
            {
                next++;
            }

            if (next > from)
            {
                yield return new SseItem<IReadOnlyList<LoggerFrame>>([.. logger.Frames.Skip(from).Take(next - from)], "frames");
            }
        }

        yield return new SseItem<IReadOnlyList<LoggerFrame>>([], "end");
    }

    private static string Csv(SimulatedLogger logger)
    {
        var text = new StringBuilder("time_s,speed_kmh,pressure_bar,rotor_c,caliper_c\r\n");
        foreach (var frame in logger.Frames)
        {
            text.Append(CultureInfo.InvariantCulture, $"{frame.TimeS},{frame.SpeedKmh},{frame.PressureBar},{frame.RotorC},{frame.CaliperC}\r\n");
        }

        return text.ToString();
    }
}
