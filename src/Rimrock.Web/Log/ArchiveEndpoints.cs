using System.Text;
using System.Text.Json;
using Microsoft.AspNetCore.Http.Features;
using Rimrock.Core.Quantities;
using Rimrock.Formats;
using Rimrock.Storage;
using Rimrock.Web.Hosting;

namespace Rimrock.Web.Log;

/// <summary>Everything that is the user's, out and in.</summary>
public static class ArchiveEndpoints
{
    private const string Zip = "application/zip";
    private const double ReadShare = 0.5;

    /// <summary>Maps them.</summary>
    public static void MapArchive(this RouteGroupBuilder group)
    {
        group.MapGet("/", async (string? ticket, Archive archive, Database database, Copies copies, RunProgress progress, TimeProvider clock,
            CancellationToken cancel) =>
            {
                using var report = progress.Begin(ticket);
                var file = PrivateFile.Spooled(database, "archive");
                try
                {
                    await archive.WriteAsync(file, StartOptions.Version, report.Tell, cancel);
                }
                catch
                {
                    await file.DisposeAsync();
                    throw;
                }

                copies.NoteSaved(clock.GetUtcNow());
                return Sent(file, Zip, "rimrock-archive.zip");
            })
            .WithName("exportArchive")
            .WithSummary("Shelf, log and photos as one zip: rimrock.json, which docs/archive.schema.json describes, and the photos beside it.")
            .Produces<byte[]>(contentType: Zip);
        group.MapGet("/database", async (Database database, Copies copies, TimeProvider clock, CancellationToken cancel) =>
            {
                var file = await Task.Run(() => Copied(database), cancel);
                copies.NoteSaved(clock.GetUtcNow());
                return Sent(file, "application/vnd.sqlite3", "rimrock.db");
            })
            .WithName("copyDatabase")
            .WithSummary("A copy of the database file, safe while it is in use.")
            .Produces<byte[]>(contentType: "application/vnd.sqlite3");
        group.MapGet("/state", (Copies copies) => TypedResults.Ok(copies.State())).WithName("readKeptState")
            .WithSummary("When everything was last saved outside, and the copies that lie beside the database.");
        group.MapGet("/tables/{kind}", (string kind, Archive archive) =>
            {
                if (!ShelfStore.Kinds.Contains(kind) && !LogStore.Kinds.Contains(kind))
                {
                    throw new InputFaultException([new InputFault("kind", kind, string.Join(", ", ShelfStore.Kinds.Concat(LogStore.Kinds)),
                        "There is no such table.")]);
                }

                return TypedResults.Text(TableOf(archive, kind), "text/csv", Encoding.UTF8);
            })
            .WithName("exportTable")
            .WithSummary("All rows of one kind, of the shelf or of the log, as CSV (RFC 4180).")
            .Produces<string>(contentType: "text/csv")
            .ProducesProblem(StatusCodes.Status400BadRequest);
        group.MapPost("/", Restore)
            .Accepts<byte[]>(Zip, "application/json", "application/octet-stream")
            .WithName("restoreArchive")
            .WithSummary("Puts an archive in the place of everything, or with preview says what it would do. What is replaced is kept beside the database. " +
                "Archives of form 1 (JSON) are read too.")
            .Produces<RestorePreview>()
            .ProducesProblem(StatusCodes.Status400BadRequest)
            .ProducesProblem(StatusCodes.Status507InsufficientStorage);
        group.MapPost("/undo", (Copies copies) => copies.BringBack() ? TypedResults.NoContent()
                : (IResult)TypedResults.Problem(Problems.Of(StatusCodes.Status404NotFound, "There is nothing to bring back.",
                    new InputFault("copy", "none", "a copy from before a restore", "No data from before a restore are kept."))))
            .WithName("undoRestore")
            .WithSummary("Brings back what the last restore replaced.")
            .Produces(StatusCodes.Status204NoContent)
            .ProducesProblem(StatusCodes.Status404NotFound);
        group.MapAside();
    }

    private static async Task<IResult> Restore(HttpContext context, string? ticket, Archive archive, Database database, Copies copies, RunProgress progress,
        CancellationToken cancel, bool preview = false)
    {
        // The disk is the limit here, not the size of a plan.
        if (context.Features.Get<IHttpMaxRequestBodySizeFeature>() is { IsReadOnly: false } size)
        {
            size.MaxRequestBodySize = null;
        }

        if (context.Request.ContentLength > database.FreeBytes())
        {
            throw new InputFaultException([new InputFault("file", $"{context.Request.ContentLength / 1_000_000} MB",
                $"at most {database.FreeBytes() / 1_000_000} MB", "The disk has no room for that. Nothing was touched.")]);
        }

        using var report = progress.Begin(ticket);
        await using var file = PrivateFile.Spooled(database, "restore");
        await context.Request.Body.CopyToAsync(file, cancel);
        file.Position = 0;
        await using var reader = await ArchiveReader.OpenAsync(file, database, JpegPhoto.Fault, share => report.Tell(ReadShare * share), cancel);
        var would = archive.Preview(reader.Document);
        if (!preview)
        {
            copies.KeepBeforeRestore();
            await archive.RestoreAsync(reader.Document, reader.PhotoAsync, share => report.Tell(ReadShare + ((1 - ReadShare) * share)), cancel);
        }

        return TypedResults.Ok(would);
    }

    private static Microsoft.AspNetCore.Http.HttpResults.FileStreamHttpResult Sent(FileStream file, string type, string name)
    {
        file.Position = 0;
        return TypedResults.Stream(file, type, name);
    }

    private static FileStream Copied(Database database)
    {
        var path = $"{database.Path}.spool-copy-{Guid.NewGuid():n}";
        Copies.Make(database, path);
        return new FileStream(path, FileMode.Open, FileAccess.Read, FileShare.Read, 1 << 16, FileOptions.Asynchronous | FileOptions.DeleteOnClose);
    }

    private static string TableOf(Archive archive, string kind)
    {
        var (shelf, log) = archive.Rows(kind);
        return FlatCsv.Write(
        [
            .. shelf.Select(item => new FlatRow([new("id", CsvText.Quoted(item.Id)), new("origin", item.Origin),
                new("archived", item.Archived == 0 ? "no" : "yes")], Element(item.Body))),
            .. log.Select(entry => new FlatRow([new("id", CsvText.Quoted(entry.Id)), new("day", entry.Day), new("of", CsvText.Quoted(entry.Car))],
                Element(entry.Body))),
        ]);
    }

    private static JsonElement Element(RawBody body)
    {
        using var document = JsonDocument.Parse(body.Utf8);
        return document.RootElement.Clone();
    }
}
