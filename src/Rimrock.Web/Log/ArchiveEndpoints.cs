using System.Text;
using System.Text.Json;
using Microsoft.AspNetCore.Http.Json;
using Microsoft.Extensions.Options;
using Rimrock.Core.Quantities;
using Rimrock.Formats;
using Rimrock.Storage;

namespace Rimrock.Web.Log;

/// <summary>Everything that is the user's, out and in.</summary>
public static class ArchiveEndpoints
{
    /// <summary>Maps them.</summary>
    public static void MapArchive(this RouteGroupBuilder group)
    {
        group.MapGet("/", (Archive archive) => TypedResults.Ok(archive.Write())).WithName("exportArchive").WithSummary("Shelf, log and photos as one JSON document; docs/archive.schema.json describes it.");
        group.MapGet("/database", (Archive archive) => TypedResults.File(archive.Copy(), "application/vnd.sqlite3", "rimrock.db"))
            .WithName("copyDatabase")
            .WithSummary("A copy of the database file, safe while it is in use.")
            .Produces<byte[]>(contentType: "application/vnd.sqlite3");
        group.MapGet("/tables/{kind}", (string kind, Archive archive) =>
            {
                if (!ShelfStore.Kinds.Contains(kind) && !LogStore.Kinds.Contains(kind))
                {
                    throw Refused("kind", kind, string.Join(", ", ShelfStore.Kinds.Concat(LogStore.Kinds)), "There is no such table.");
                }

                return TypedResults.Text(TableOf(archive.Write(), kind), "text/csv", Encoding.UTF8);
            })
            .WithName("exportTable")
            .WithSummary("All rows of one kind, of the shelf or of the log, as CSV (RFC 4180).")
            .Produces<string>(contentType: "text/csv")
            .ProducesProblem(StatusCodes.Status400BadRequest);
        group.MapPost("/", async (HttpRequest request, Archive archive, IOptions<JsonOptions> json, CancellationToken cancel, bool preview = false) =>
            {
                ArchiveDocument? document;
                try
                {
                    document = await JsonSerializer.DeserializeAsync<ArchiveDocument>(request.Body, json.Value.SerializerOptions, cancel);
                }
                catch (JsonException error)
                {
                    throw Refused(error.Path is { Length: > 2 } path ? path[2..] : "file", "unreadable", "the form that docs/archive.schema.json describes", "The file is no archive that Rimrock can read.");
                }

                if (document is not { Rimrock: ArchiveDocument.Word, Version: ArchiveDocument.Newest })
                {
                    throw Refused("version", document is null ? "nothing" : $"{document.Rimrock} {document.Version}", $"{ArchiveDocument.Word} {ArchiveDocument.Newest}", "The file does not say that it is an archive of this version.");
                }

                CheckRows(document);
                var would = archive.Preview(document);
                if (!preview)
                {
                    archive.Restore(document);
                }

                return TypedResults.Ok(would);
            })
            .Accepts<ArchiveDocument>("application/json")
            .WithName("restoreArchive")
            .WithSummary("Puts an archive in the place of everything, or with preview says what it would do.")
            .ProducesProblem(StatusCodes.Status400BadRequest);
    }

    private static string TableOf(ArchiveDocument all, string kind) => FlatCsv.Write(
    [
        .. all.Shelf.Where(item => item.Kind == kind).Select(item => new FlatRow([new("id", CsvText.Quoted(item.Id)), new("origin", item.Origin), new("archived", item.Archived == 0 ? "no" : "yes")], item.Body)),
        .. all.Log.Where(entry => entry.Kind == kind).Select(entry => new FlatRow([new("id", CsvText.Quoted(entry.Id)), new("day", entry.Day), new("of", CsvText.Quoted(entry.Car))], entry.Body)),
    ]);

    private static void CheckRows(ArchiveDocument document)
    {
        var faults = new List<InputFault>();
        for (var i = 0; i < document.Shelf.Count && faults.Count < 20; i++)
        {
            if (!ShelfStore.Kinds.Contains(document.Shelf[i].Kind))
            {
                faults.Add(new InputFault($"shelf[{i}].kind", document.Shelf[i].Kind, string.Join(", ", ShelfStore.Kinds), "No such kind of thing on the shelf."));
            }
        }

        for (var i = 0; i < document.Log.Count && faults.Count < 20; i++)
        {
            if (!LogStore.Kinds.Contains(document.Log[i].Kind))
            {
                faults.Add(new InputFault($"log[{i}].kind", document.Log[i].Kind, string.Join(", ", LogStore.Kinds), "No such kind of entry in the log."));
            }

            if (!DateOnly.TryParseExact(document.Log[i].Day, "yyyy-MM-dd", out _))
            {
                faults.Add(new InputFault($"log[{i}].day", document.Log[i].Day, "a day as 2026-05-14", "This entry has no day."));
            }
        }

        InputFaultException.ThrowIfAny(faults);
    }

    private static InputFaultException Refused(string field, string value, string allowed, string message) => new([new InputFault(field, value, allowed, message)]);
}
