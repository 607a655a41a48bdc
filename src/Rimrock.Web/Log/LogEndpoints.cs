using System.Globalization;
using System.Text;
using Rimrock.Contract;
using Rimrock.Core.Entries;
using Rimrock.Core.Logbook;
using Rimrock.Core.Preparation;
using Rimrock.Core.Quantities;
using Rimrock.Formats;
using Rimrock.Storage;
using Rimrock.Telling;
using Rimrock.Web.Hosting;

namespace Rimrock.Web.Log;

/// <summary>An entry that was stored, and what follows from it.</summary>
/// <param name="Id">The entry.</param>
/// <param name="Revision">Its new revision.</param>
/// <param name="Findings">Stop or go, worst first.</param>
public sealed record Logged(string Id, int Revision, IReadOnlyList<Finding> Findings);

/// <summary>The tables of words that the Log's forms need.</summary>
/// <param name="Symptoms">Symptoms.</param>
/// <param name="Ranges">Range of every field.</param>
public sealed record LogTables(IReadOnlyList<Symptom> Symptoms, IReadOnlyList<FieldRange> Ranges);

/// <summary>The Log room's endpoints.</summary>
public static class LogEndpoints
{
    /// <summary>Maps them.</summary>
    public static void MapLog(this RouteGroupBuilder group)
    {
        group.MapGet("/tables", () => TypedResults.Ok(new LogTables(Symptom.All, [.. LogSession.Ranges, .. Inspection.Ranges, .. PaintKit.Ranges])))
            .WithName("readLogTables").WithSummary("Symptoms, and the range of every field of the log.");
        MapEntries(group);
        group.MapTeaching();
        group.MapGarage();
        MapTable(group);
        group.MapPhotos();
    }

    private static void MapEntries(RouteGroupBuilder group)
    {
        MapKind<LogSession>(group, "session", "sessions", (car, session, store) => StopOrGo.Of(session, NoteReader.Read(session.Note),
            EventsAhead.Of(store, car, session.Plan, session.Date)));
        MapKind<InspectionNote>(group, "inspection", "inspections", (car, note, store) => StopOrGo.Of(note.Inspection, note.Plan,
            EventsAhead.Of(store, car, note.Plan, note.Inspection.Date), NoteReader.Read(note.Inspection.Note)));
        MapKind<SeasonEvent>(group, "event", "events", (_, _, _) => []);
        MapKind<PaintKit>(group, "kit", "kits", (_, _, _) => []);
        MapKind<WorkTicks>(group, "work", "work", (_, _, _) => []);
        group.MapDelete("/entries/{id}", (string id, int revision, LogStore store) =>
            {
                store.Delete(EntryId.Checked(id, "id"), revision);
                return TypedResults.NoContent();
            })
            .WithName("deleteEntry")
            .WithSummary("Deletes an entry of the log with its photos.")
            .ProducesProblem(StatusCodes.Status409Conflict);
    }

    private static void MapKind<T>(RouteGroupBuilder group, string kind, string many, Func<string, T, LogStore, IReadOnlyList<Finding>> findingsOf)
        where T : class
    {
        var name = char.ToUpperInvariant(kind[0]) + kind[1..];
        group.MapGet($"/{{car}}/{many}", (string car, LogStore store, int skip = 0, int take = 30) =>
            TypedResults.Ok(store.Read<T>(EntryId.Checked(car, "car"), kind, Math.Max(0, skip), Math.Clamp(take, 1, LogStore.MostOfAPage))))
            .WithName($"read{name}s")
            .WithSummary($"A page of a car's {many}, newest first.");
        group.MapPut($"/{{car}}/{many}/{{id}}", (string car, string id, int revision, DateOnly day, T body, LogStore store) =>
            {
                Check(kind, day, body);
                return TypedResults.Ok(new Logged(id, store.Save(EntryId.Checked(car, "car"), kind, EntryId.Checked(id, "id"), day, body, revision),
                    findingsOf(car, body, store)));
            })
            .WithName($"save{name}")
            .WithSummary($"Stores one of a car's {many}; revision is the one the edit started from, 0 for a new one.")
            .ProducesProblem(StatusCodes.Status400BadRequest)
            .ProducesProblem(StatusCodes.Status409Conflict);
    }

    private static void Check<T>(string kind, DateOnly day, T body)
        where T : class
    {
        var known = BodyKind.Find(kind, ofLog: true)!;
        var faults = known.FaultsOf(body).ToList();
        Days.Check(day, "day", faults);
        if (known.DayOf(body) is { } inside && inside != day)
        {
            faults.Add(new InputFault("day", day.ToString("yyyy-MM-dd", CultureInfo.InvariantCulture),
                inside.ToString("yyyy-MM-dd", CultureInfo.InvariantCulture), "The day of the entry is not the day in it."));
        }

        InputFaultException.ThrowIfAny(faults);
    }

    private static void MapTable(RouteGroupBuilder group) =>
        group.MapGet("/{car}/table", (string car, LogStore store, string? units = null) =>
            TypedResults.Text(Csv(store.Read<LogSession>(EntryId.Checked(car, "car"), "session").Items, AskedUnits.Of(units)), "text/csv", Encoding.UTF8))
            .WithName("exportSessions")
            .WithSummary("A car's last hundred days as CSV (RFC 4180).")
            .Produces<string>(contentType: "text/csv");

    private static string Csv(IReadOnlyList<LogItem<LogSession>> items, UnitSystem units)
    {
        var degrees = ShownUnit.Of("C");
        double? Shown(double? celsius) => celsius is { } known ? Math.Round(degrees.In(units, known), 1) : null;
        var (c, text) = (units == UnitSystem.Metric ? 'c' : 'f', new StringBuilder());
        text.Append(CultureInfo.InvariantCulture,
            $"date,circuit,sessions,laps,ambient_{c},pace,front_paint_above_{c},front_paint_below_{c},pedal,note\r\n");
        foreach (var (_, day, _, session, _) in items)
        {
            text.Append(CultureInfo.InvariantCulture,
                $"{day:yyyy-MM-dd},{CsvText.Quoted(session.Plan.Circuit.Name)},{session.Sessions},{session.Laps}," +
                $"{Shown(session.Plan.Weather.AmbientC)},{session.Plan.Pace},{Shown(session.FrontPaint?.AboveC)}," +
                $"{Shown(session.FrontPaint?.BelowC)},{session.Pedal},{CsvText.Quoted(session.Note ?? "")}\r\n");
        }

        return text.ToString();
    }
}
