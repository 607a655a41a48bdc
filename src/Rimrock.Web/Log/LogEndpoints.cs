using System.Globalization;
using System.Text;
using Rimrock.Core.Circuits;
using Rimrock.Core.Fluids;
using Rimrock.Core.Logbook;
using Rimrock.Core.Prediction;
using Rimrock.Core.Preparation;
using Rimrock.Core.Quantities;
using Rimrock.Core.Uncertainty;
using Rimrock.Devices;
using Rimrock.Formats;
using Rimrock.Storage;
using Rimrock.Web.Bench;
using Rimrock.Web.Hosting;
using Rimrock.Web.Shelf;

namespace Rimrock.Web.Log;

/// <summary>An entry that was stored, and what follows from it.</summary>
/// <param name="Id">The entry.</param>
/// <param name="Revision">Its new revision.</param>
/// <param name="Findings">Stop or go, worst first.</param>
public sealed record Logged(string Id, int Revision, IReadOnlyList<Finding> Findings);

/// <summary>Ticks of a work order.</summary>
/// <param name="Done">Codes of the steps that are done.</param>
/// <param name="Changes">What the order was about.</param>
public sealed record WorkTicks(IReadOnlyList<string> Done, IReadOnlyList<string> Changes);

/// <summary>A symptom of a car.</summary>
/// <param name="Symptom">Its code.</param>
/// <param name="Plan">The plan.</param>
public sealed record DiagnosisQuestion(string Symptom, PredictionPlan Plan);

/// <summary>Two recordings as CSV or GPX.</summary>
/// <param name="First">Text of the first file.</param>
/// <param name="Second">Text of the second file.</param>
public sealed record TracePair(string First, string Second);

/// <summary>The tables of words that the Log's forms need.</summary>
/// <param name="Symptoms">Symptoms.</param>
/// <param name="Ranges">Range of every field.</param>
public sealed record LogTables(IReadOnlyList<Symptom> Symptoms, IReadOnlyList<FieldRange> Ranges);

/// <summary>The Log room's endpoints.</summary>
public static class LogEndpoints
{
    private const int Looked = 60;

    /// <summary>Maps them.</summary>
    public static void MapLog(this RouteGroupBuilder group)
    {
        group.MapGet("/tables", () => TypedResults.Ok(new LogTables(Symptom.All, [.. LogSession.Ranges, .. Inspection.Ranges, .. PaintKit.Ranges]))).WithName("readLogTables").WithSummary("Symptoms, and the range of every field of the log.");
        MapEntries(group);
        MapReadings(group);
        MapPhotos(group);
    }

    /// <summary>The last days of a car that tell of heat, oldest first.</summary>
    /// <param name="store">The log.</param>
    /// <param name="car">The car.</param>
    public static IReadOnlyList<EvidenceDay> EvidenceOf(LogStore store, string car)
    {
        ArgumentNullException.ThrowIfNull(store);
        return [.. store.Read<LogSession>(CheckId(car, "car"), "session", take: Looked).Items.Reverse().Select(item => item.Body.Evidence()).OfType<EvidenceDay>().TakeLast(LearningPage.MostDays)];
    }

    /// <summary>What a car's days have taught; rooms that ask the same share the answer.</summary>
    public static Learnt LearntOf(IReadOnlyList<EvidenceDay> evidence, AnswerCache cache, Action<double>? progress = null, CancellationToken cancel = default)
    {
        ArgumentNullException.ThrowIfNull(cache);
        return cache.Remember("learnt", evidence, () => Learning.From(evidence, progress, cancel));
    }

    private static void MapEntries(RouteGroupBuilder group)
    {
        MapKind<LogSession>(group, "session", "sessions", session => session.Faults(), StopOrGo.Of);
        MapKind<InspectionNote>(group, "inspection", "inspections", note => [.. note.Inspection.Faults(), .. note.Plan.Faults()], note => StopOrGo.Of(note.Inspection, note.Plan));
        MapKind<SeasonEvent>(group, "event", "events", item =>
        {
            var faults = new List<InputFault>();
            Names.Check(item.Name, "event.name", faults);
            return faults;
        }, _ => []);
        MapKind<PaintKit>(group, "kit", "kits", kit => kit.Faults(), _ => []);
        MapKind<WorkTicks>(group, "work", "work", ticks => ticks.Done.Count + ticks.Changes.Count > 200 ? [new InputFault("done", "more than 200", "at most 200", "A work order has fewer steps.")] : [], _ => []);
        group.MapDelete("/entries/{id}", (string id, int revision, LogStore store) =>
            {
                store.Delete(CheckId(id, "id"), revision);
                return TypedResults.NoContent();
            })
            .WithName("deleteEntry")
            .WithSummary("Deletes an entry of the log with its photos.")
            .ProducesProblem(StatusCodes.Status409Conflict);
    }

    private static void MapKind<T>(RouteGroupBuilder group, string kind, string many, Func<T, IReadOnlyList<InputFault>> faultsOf, Func<T, IReadOnlyList<Finding>> findingsOf)
        where T : class
    {
        var name = char.ToUpperInvariant(kind[0]) + kind[1..];
        group.MapGet($"/{{car}}/{many}", (string car, LogStore store, int skip = 0, int take = 30) => TypedResults.Ok(store.Read<T>(CheckId(car, "car"), kind, Math.Max(0, skip), Math.Clamp(take, 1, LogStore.MostOfAPage))))
            .WithName($"read{name}s")
            .WithSummary($"A page of a car's {many}, newest first.");
        group.MapPut($"/{{car}}/{many}/{{id}}", (string car, string id, int revision, DateOnly day, T body, LogStore store) =>
            {
                InputFaultException.ThrowIfAny(faultsOf(body));
                return TypedResults.Ok(new Logged(id, store.Save(CheckId(car, "car"), kind, CheckId(id, "id"), day, body, revision), findingsOf(body)));
            })
            .WithName($"save{name}")
            .WithSummary($"Stores one of a car's {many}; revision is the one the edit started from, 0 for a new one.")
            .ProducesProblem(StatusCodes.Status400BadRequest)
            .ProducesProblem(StatusCodes.Status409Conflict);
    }

    private static void MapReadings(RouteGroupBuilder group)
    {
        group.MapPost("/findings", (InspectionNote note) =>
            {
                InputFaultException.ThrowIfAny([.. note.Inspection.Faults(), .. note.Plan.Faults()]);
                return TypedResults.Ok(StopOrGo.Of(note.Inspection, note.Plan));
            })
            .WithName("readFindings")
            .WithSummary("Stop or go for an inspection that is being entered; stores nothing.")
            .ProducesProblem(StatusCodes.Status400BadRequest);
        group.MapPost("/{car}/diagnosis", (string car, DiagnosisQuestion question, LogStore store, AnswerCache cache) =>
            {
                InputFaultException.ThrowIfAny(question.Plan.Faults());
                var result = Predictor.Predict(question.Plan, DayShelf.DayOf(question.Plan, cache));
                var inspection = store.Read<InspectionNote>(CheckId(car, "car"), "inspection", take: 1).Items is [var looked, ..] ? looked.Body.Inspection : null;
                var session = store.Read<LogSession>(car, "session", take: 1).Items is [var driven, ..] ? driven.Body : null;
                return TypedResults.Ok(Diagnosis.Of(question.Symptom, Diagnosis.CluesOf(question.Plan, result, inspection, session)));
            })
            .WithName("diagnose")
            .WithSummary("Ranked causes of a symptom, with what this car's log, prediction and fluid say.")
            .ProducesProblem(StatusCodes.Status400BadRequest);
        group.MapPost("/{car}/learning", (string car, string? ticket, PredictionPlan plan, LogStore store, AnswerCache cache, RunProgress progress, CancellationToken cancel) =>
            {
                InputFaultException.ThrowIfAny(plan.Faults());
                using var report = progress.Begin(ticket);
                var sessions = store.Read<LogSession>(CheckId(car, "car"), "session", take: Looked).Items.Reverse().Select(item => item.Body).Where(session => session.Evidence() is not null).ToList();
                return sessions.Count == 0 ? Results.NoContent() : cache.Answer("learning", new { plan, sessions }, () => LearningPage.Of(plan, sessions, evidence => LearntOf(evidence, cache, report.Tell, cancel), cancel)!);
            })
            .WithName("learn")
            .WithSummary("What a car's log has taught: believed, seen, believed now; empty where no day has evidence. A ticket, any text of the caller's, names its progress.")
            .Produces<LearningPage>()
            .Produces(StatusCodes.Status204NoContent)
            .ProducesProblem(StatusCodes.Status400BadRequest);
        group.MapPost("/{car}/wear", (string car, PredictionPlan plan, LogStore store, AnswerCache cache) =>
            {
                InputFaultException.ThrowIfAny(plan.Faults());
                var notes = store.Read<InspectionNote>(CheckId(car, "car"), "inspection", take: Looked).Items.Reverse().Select(item => item.Body).ToList();
                return TypedResults.Ok(WearPage.Of(notes, asked => cache.Remember("wear", asked, () => WornPerLap.Of(asked))));
            })
            .WithName("forecastWear")
            .WithSummary("How fast pads and rotors really wear by what was measured, and the laps that are left.")
            .ProducesProblem(StatusCodes.Status400BadRequest);
        group.MapPost("/traces", (TracePair pair) => TypedResults.Ok(TraceComparison.Of(LapOf(pair.First, "first"), LapOf(pair.Second, "second"))))
            .WithName("compareTraces")
            .WithSummary("Two recordings of the same road side by side: stop distance, deceleration, time gained in each zone.")
            .ProducesProblem(StatusCodes.Status400BadRequest);
        group.MapGet("/moisture", (double ageMonths, int seed = 1) => TypedResults.Ok(MoistureTester.Read(MoistureUptake.AtCaliperPercent(Math.Clamp(ageMonths, 0, 120), Climate.Temperate, false), seed)))
            .WithName("readMoisture")
            .WithSummary("A simulated tester held into fluid of an age, % of water.");
        group.MapGet("/{car}/table", (string car, LogStore store) => TypedResults.Text(Csv(store.Read<LogSession>(CheckId(car, "car"), "session").Items), "text/csv", Encoding.UTF8))
            .WithName("exportSessions")
            .WithSummary("A car's last hundred days as CSV (RFC 4180).")
            .Produces<string>(contentType: "text/csv");
    }

    private static void MapPhotos(RouteGroupBuilder group)
    {
        group.MapPost("/entries/{id}/photos", async (string id, string name, HttpRequest request, LogStore store, CancellationToken cancel) =>
            {
                using var bytes = new MemoryStream();
                await request.Body.CopyToAsync(bytes, cancel);
                var photo = JpegPhoto.Stripped(bytes.ToArray(), LogStore.MostPhotoBytes);
                CheckId(name, "name");
                var key = Guid.CreateVersion7().ToString("n");
                return store.AddPhoto(CheckId(id, "id"), key, name, photo) ? TypedResults.Ok(new Saved(key, 1))
                    : (IResult)TypedResults.Problem(statusCode: StatusCodes.Status409Conflict, title: "The photo was not kept.", detail: $"The entry is gone, or has {LogStore.MostPhotos} photos already.");
            })
            .Accepts<byte[]>("image/jpeg")
            .WithName("addPhoto")
            .WithSummary("Keeps a JPEG beside an entry, without its metadata.")
            .Produces<Saved>()
            .ProducesProblem(StatusCodes.Status400BadRequest)
            .ProducesProblem(StatusCodes.Status409Conflict);
        group.MapGet("/entries/{id}/photos", (string id, LogStore store) => TypedResults.Ok(store.Photos(CheckId(id, "id")))).WithName("listPhotos").WithSummary("Ids of an entry's photos.");
        group.MapGet("/photos/{id}", (string id, LogStore store) => store.Photo(CheckId(id, "id")) is { } bytes ? TypedResults.Bytes(bytes, "image/jpeg") : (IResult)TypedResults.NotFound())
            .WithName("readPhoto")
            .WithSummary("A photo.")
            .Produces<byte[]>(contentType: "image/jpeg");
    }

    private static LapTrace LapOf(string text, string field)
    {
        try
        {
            var recording = RecordingText.Read(text);
            return RecordedTrace.Lap(recording.TimeS, recording.SpeedKmh);
        }
        catch (InputFaultException refused)
        {
            throw new InputFaultException([.. refused.Faults.Select(fault => fault with { Field = $"{field}, {fault.Field}" })]);
        }
    }

    private static string Csv(IReadOnlyList<LogItem<LogSession>> items)
    {
        var text = new StringBuilder("date,circuit,sessions,laps,ambient_c,pace,front_paint_above_c,front_paint_below_c,pedal,note\r\n");
        foreach (var (_, day, _, session) in items)
        {
            text.Append(CultureInfo.InvariantCulture, $"{day:yyyy-MM-dd},{CsvText.Quoted(session.Plan.Circuit.Name)},{session.Sessions},{session.Laps},{session.Plan.Weather.AmbientC},{session.Plan.Pace},{session.FrontPaint?.AboveC},{session.FrontPaint?.BelowC},{session.Pedal},{CsvText.Quoted(session.Note ?? "")}\r\n");
        }

        return text.ToString();
    }

    private static string CheckId(string id, string field)
    {
        var faults = new List<InputFault>();
        Names.Check(id, field, faults);
        InputFaultException.ThrowIfAny(faults);
        return id;
    }
}
