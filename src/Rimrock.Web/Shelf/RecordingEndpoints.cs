using Rimrock.Core.Circuits;
using Rimrock.Core.Quantities;
using Rimrock.Formats;

namespace Rimrock.Web.Shelf;

/// <summary>What was found in a recorded trace.</summary>
/// <param name="Circuit">The circuit it makes; not stored yet.</param>
/// <param name="DurationS">Duration, s.</param>
/// <param name="LengthM">Distance, m.</param>
/// <param name="TopKmh">Highest speed, km/h.</param>
/// <param name="Zones">Braking zones found.</param>
/// <param name="Mended">Stray samples that were mended.</param>
public sealed record RecordingPreview(Circuit Circuit, double DurationS, double LengthM, double TopKmh, IReadOnlyList<FoundZone> Zones,
    IReadOnlyList<MendedSample> Mended);

/// <summary>Recorded traces in.</summary>
public static class RecordingEndpoints
{
    /// <summary>Maps them.</summary>
    public static void MapRecordings(this RouteGroupBuilder group) =>
        group.MapPost("/", async (string name, HttpRequest request, CancellationToken cancel, bool mend = false) =>
            {
                var mended = new List<MendedSample>();
                var recording = RecordingText.Read(await RequestText.Of(request, SpeedTraceCsv.MostBytes, "a speed trace", cancel), mend ? mended : null);
                var circuit = new Circuit(name, Recording: recording);
                var faults = new List<InputFault>();
                circuit.Check(faults);
                InputFaultException.ThrowIfAny(faults);
                var lap = RecordedTrace.Lap(recording.TimeS, recording.SpeedKmh);
                return TypedResults.Ok(new RecordingPreview(circuit, lap.DurationS, lap.LengthM(), Speed.ToKmh(lap.SpeedMS.Max()), ZoneDetection.Find(lap),
                    mended));
            })
            .Accepts<string>("text/csv")
            .WithName("readRecording")
            .WithSummary("Reads a speed trace from CSV (time_s, speed_kmh) or GPX 1.1 and shows what was found; with mend, stray samples are mended and " +
                "told, else refused by their line. Stores nothing.")
            .ProducesProblem(StatusCodes.Status400BadRequest);
}
