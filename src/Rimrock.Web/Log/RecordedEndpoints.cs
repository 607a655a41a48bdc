using Rimrock.Core.Circuits;
using Rimrock.Core.Driving;
using Rimrock.Core.Logbook;
using Rimrock.Core.Quantities;
using Rimrock.Formats;
using Rimrock.Web.Shelf;

namespace Rimrock.Web.Log;

/// <summary>A recording of a day with the plan that it was driven with.</summary>
/// <param name="Plan">Car, parts and weather of that day.</param>
/// <param name="Name">A name for the circuit it makes.</param>
/// <param name="Text">The file's text: CSV or GPX 1.1.</param>
/// <param name="Columns">Which column is which; null for GPX, or for CSV with time_s and speed_kmh.</param>
/// <param name="Mend">True to mend stray samples, else they are refused by their line.</param>
public sealed record DrivenQuestion(PredictionPlan Plan, string Name, string Text, RecordingColumns? Columns = null, bool Mend = false);

/// <summary>Recorded data against the prediction.</summary>
public static class RecordedEndpoints
{
    /// <summary>Maps them.</summary>
    public static void MapRecorded(this RouteGroupBuilder group)
    {
        group.MapPost("/columns", async (HttpRequest request, CancellationToken cancel) =>
            TypedResults.Ok(MappedRecordingCsv.Preview(await RequestText.Of(request, SpeedTraceCsv.MostBytes, "a recording", cancel))))
            .Accepts<string>("text/csv")
            .WithName("readColumns")
            .WithSummary("Columns and first rows of a recording in CSV, and a guess which is which; stores nothing.")
            .ProducesProblem(StatusCodes.Status400BadRequest);
        group.MapPost("/", (DrivenQuestion question, CancellationToken cancel) =>
            {
                var faults = new List<InputFault>();
                Names.Check(question.Name, "name", faults);
                InputFaultException.ThrowIfAny(faults);
                var mended = new List<MendedSample>();
                var told = question.Mend ? mended : null;
                var recording = question.Columns is { } columns
                    ? MappedRecordingCsv.Read(question.Text, columns, told) : new DrivenRecording(RecordingText.Read(question.Text, told));
                return TypedResults.Ok(DrivenDay.Of(question.Plan, recording, question.Name, cancel) with { Mended = mended });
            })
            .WithName("readDriven")
            .WithSummary("A recording lap by lap, with the hottest front face predicted for this very driving beside what was measured; stores nothing.")
            .ProducesProblem(StatusCodes.Status400BadRequest);
    }
}
