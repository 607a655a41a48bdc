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
using Rimrock.Telling;
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

/// <summary>What a car's log holds to learn from.</summary>
/// <param name="Days">Days that are learnt from.</param>
/// <param name="Last">The last of them; null where there is none.</param>
/// <param name="Key">Another text where they tell something else.</param>
public sealed record LogBelief(int Days, DateOnly? Last, string Key);

/// <summary>What a log says: causes of a symptom, what it has taught, wear, two recordings side by side.</summary>
public static class TeachingEndpoints
{
    private const int Looked = 60;

    /// <summary>Maps them.</summary>
    public static void MapTeaching(this RouteGroupBuilder group)
    {
        group.MapPost("/findings", (InspectionNote note, LogStore store, string? car = null) =>
            {
                InputFaultException.ThrowIfAny([.. note.Inspection.Faults(), .. note.Plan.Faults()]);
                return TypedResults.Ok(StopOrGo.Of(note.Inspection, note.Plan,
                    EventsAhead.Of(store, car, note.Plan, note.Inspection.Date), NoteReader.Read(note.Inspection.Note)));
            })
            .WithName("readFindings")
            .WithSummary("Stop or go for an inspection that is being entered, against this day and the car's events ahead; stores nothing.")
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
        group.MapPost("/{car}/learning", async (string car, string? ticket, PredictionPlan plan, ForecastStore forecasts, AnswerCache cache,
            LearntShelf beliefs, RunProgress progress, CancellationToken cancel) =>
            {
                InputFaultException.ThrowIfAny(plan.Faults());
                using var report = progress.Begin(ticket);
                var log = beliefs.LogOf(car);
                if (log.Days.Count == 0)
                {
                    return Results.NoContent();
                }

                var page = await cache.RememberAsync("learning", new { plan, log.Sessions, log.Days, log.Inspections }, async token =>
                {
                    var learnt = await beliefs.OfAsync(log.Evidence, report.Tell, token);
                    return LearningPage.Of(plan, log.Sessions, log.Days, _ => learnt, log.Inspections, token)!;
                }, cancel);

                // What was said on an evening is kept, and told as it was said.
                var entries = log.Days.Where(day => day.Session is not null).Select(day => log.Entries[day.Session!.Value]).ToList();
                return Results.Ok(page.With((place, now) => forecasts.Keep(entries[place], now)));
            })
            .WithName("learn")
            .WithSummary("What a car's log has taught: believed, seen, believed now; empty where no day has evidence. A ticket, any text of the caller's, " +
                "names its progress.")
            .Produces<LearningPage>()
            .Produces(StatusCodes.Status204NoContent)
            .ProducesProblem(StatusCodes.Status400BadRequest)
            .Heavy();
        group.MapGet("/{car}/belief", (string car, LearntShelf beliefs, AnswerCache cache) =>
            {
                var days = beliefs.LogOf(car).Days;
                return TypedResults.Ok(new LogBelief(days.Count, days.Count == 0 ? null : days[^1].Date, cache.HashOf(days)));
            })
            .WithName("readBelief")
            .WithSummary("How many days of a car's log tell of it, and a text that is another one once they tell something else.")
            .ProducesProblem(StatusCodes.Status400BadRequest);
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
