using Rimrock.Core.Beliefs;
using Rimrock.Core.Circuits;
using Rimrock.Core.Driving;
using Rimrock.Core.Entries;
using Rimrock.Core.Fitting;
using Rimrock.Core.Fluids;
using Rimrock.Core.Logbook;
using Rimrock.Core.Quantities;
using Rimrock.Devices;
using Rimrock.Formats;
using Rimrock.Storage;
using Rimrock.Web.Bench;
using Rimrock.Web.Hosting;

namespace Rimrock.Web.Log;

/// <summary>A symptom of a car.</summary>
/// <param name="Symptom">Its code.</param>
/// <param name="Plan">The plan.</param>
public sealed record DiagnosisQuestion(string Symptom, PredictionPlan Plan);

/// <summary>Two recordings as CSV or GPX.</summary>
/// <param name="First">Text of the first file.</param>
/// <param name="Second">Text of the second file.</param>
/// <param name="Mend">True to mend stray samples, else they are refused by their line.</param>
public sealed record TracePair(string First, string Second, bool Mend = false);

/// <summary>What a log says: causes of a symptom, what it has taught, wear, two recordings side by side.</summary>
public static class TeachingEndpoints
{
    private const int Looked = 60;

    /// <summary>Maps them.</summary>
    public static void MapTeaching(this RouteGroupBuilder group)
    {
        group.MapPost("/findings", (InspectionNote note) =>
            {
                InputFaultException.ThrowIfAny([.. note.Inspection.Faults(), .. note.Plan.Faults()]);
                return TypedResults.Ok(StopOrGo.Of(note.Inspection, note.Plan));
            })
            .WithName("readFindings")
            .WithSummary("Stop or go for an inspection that is being entered; stores nothing.")
            .ProducesProblem(StatusCodes.Status400BadRequest);
        group.MapPost("/{car}/diagnosis", async (string car, DiagnosisQuestion question, LogStore store, AnswerCache cache, CancellationToken cancel) =>
            {
                InputFaultException.ThrowIfAny(question.Plan.Faults());
                var result = Predictor.Predict(question.Plan, await DayShelf.YearOf(question.Plan, cache, cancel));
                var inspection = store.Read<InspectionNote>(EntryId.Checked(car, "car"), "inspection", take: 1).Items is [var looked, ..]
                    ? looked.Body.Inspection : null;
                var session = store.Read<LogSession>(car, "session", take: 1).Items is [var driven, ..] ? driven.Body : null;
                return TypedResults.Ok(Diagnosis.Of(question.Symptom, Diagnosis.CluesOf(question.Plan, result, inspection, session), question.Plan));
            })
            .WithName("diagnose")
            .WithSummary("Ranked causes of a symptom, with what this car's log, prediction and fluid say.")
            .ProducesProblem(StatusCodes.Status400BadRequest);
        group.MapPost("/{car}/learning", async (string car, string? ticket, PredictionPlan plan, LogStore store, ForecastStore forecasts, AnswerCache cache,
            LearntShelf beliefs, RunProgress progress, CancellationToken cancel) =>
            {
                InputFaultException.ThrowIfAny(plan.Faults());
                using var report = progress.Begin(ticket);
                var days = store.Read<LogSession>(EntryId.Checked(car, "car"), "session", take: Looked).Items.Reverse()
                    .Where(item => item.Body.Evidence() is not null).ToList();
                if (days.Count == 0)
                {
                    return Results.NoContent();
                }

                var sessions = days.Select(item => item.Body).ToList();
                var page = await cache.RememberAsync("learning", new { plan, sessions }, async token =>
                {
                    var learnt = await beliefs.OfAsync(LearningPage.EvidenceOf(sessions), report.Tell, token);
                    return LearningPage.Of(plan, sessions, _ => learnt, token)!;
                }, cancel);

                // What was said on an evening is kept, and told as it was said.
                var last = days.TakeLast(LearningPage.MostDays).ToList();
                return Results.Ok(page.With((place, now) => forecasts.Keep(last[place].Id, now)));
            })
            .WithName("learn")
            .WithSummary("What a car's log has taught: believed, seen, believed now; empty where no day has evidence. A ticket, any text of the caller's, " +
                "names its progress.")
            .Produces<LearningPage>()
            .Produces(StatusCodes.Status204NoContent)
            .ProducesProblem(StatusCodes.Status400BadRequest)
            .Heavy();
        group.MapPost("/{car}/wear", async (string car, PredictionPlan plan, LogStore store, AnswerCache cache, CancellationToken cancel) =>
            {
                InputFaultException.ThrowIfAny(plan.Faults());
                var notes = store.Read<InspectionNote>(EntryId.Checked(car, "car"), "inspection", take: Looked).Items.Reverse().Select(item => item.Body)
                    .ToList();
                var worn = new Dictionary<PredictionPlan, WornPerLap>(ReferenceEqualityComparer.Instance);
                foreach (var note in notes)
                {
                    worn[note.Plan] = await cache.RememberAsync("wear", note.Plan, _ => Task.FromResult(WornPerLap.Of(note.Plan)), cancel);
                }

                return TypedResults.Ok(WearPage.Of(notes, asked => worn[asked]));
            })
            .WithName("forecastWear")
            .WithSummary("How fast pads and rotors really wear by what was measured, and the laps that are left.")
            .ProducesProblem(StatusCodes.Status400BadRequest);
        group.MapPost("/traces", (TracePair pair) =>
            {
                var mended = new List<MendedSample>();
                var told = pair.Mend ? mended : null;
                return TypedResults.Ok(TraceComparison.Of(LapOf(pair.First, "first", told), LapOf(pair.Second, "second", told)) with { Mended = mended });
            })
            .WithName("compareTraces")
            .WithSummary("Two recordings of the same road side by side: stop distance, deceleration, time gained in each zone.")
            .ProducesProblem(StatusCodes.Status400BadRequest);
        group.MapGet("/moisture", (double ageMonths, int seed = 1) =>
            {
                var faults = new List<InputFault>();
                FluidState.AgeRange.Check(ageMonths, faults, "ageMonths");
                InputFaultException.ThrowIfAny(faults);
                return TypedResults.Ok(MoistureTester.Read(MoistureUptake.AtCaliperPercent(ageMonths, Climate.Temperate, false), seed));
            })
            .WithName("readMoisture")
            .WithSummary("A simulated tester held into fluid of an age, % of water.");
    }

    /// <summary>The last days of a car that tell of heat, oldest first.</summary>
    /// <param name="store">The log.</param>
    /// <param name="car">The car.</param>
    public static IReadOnlyList<EvidenceDay> EvidenceOf(LogStore store, string car)
    {
        ArgumentNullException.ThrowIfNull(store);
        return [.. store.Read<LogSession>(EntryId.Checked(car, "car"), "session", take: Looked).Items.Reverse().Select(item => item.Body.Evidence())
            .OfType<EvidenceDay>().TakeLast(LearningPage.MostDays)];
    }

    private static LapTrace LapOf(string text, string field, ICollection<MendedSample>? mended)
    {
        try
        {
            var recording = RecordingText.Read(text, mended);
            return RecordedTrace.Lap(recording.TimeS, recording.SpeedKmh);
        }
        catch (InputFaultException refused)
        {
            throw new InputFaultException([.. refused.Faults.Select(fault => fault with { Field = $"{field}, {fault.Field}" })]);
        }
    }
}
