using System.Globalization;
using System.IO.Compression;
using System.Security.Cryptography;
using System.Text;
using System.Text.Json;
using Rimrock.Contract;
using Rimrock.Core.Quantities;

namespace Rimrock.Storage;

/// <summary>
/// Reads an archive from a file that lies on the disk and checks all of it before anything is touched: every body into its type by the faults that saving
/// checks, kind and day
/// against body, every id once, every photo by its hash. Refusals name the row.
/// </summary>
public sealed class ArchiveReader : IAsyncDisposable
{
    private const int MostFaults = 20;
    private const long MostDocumentBytes = 400_000_000;

    /// <summary>Room that the database's own pages and index need beside the bytes of the rows.</summary>
    private const double Overhead = 1.3;

    private readonly ZipArchive? zip;

    private ArchiveReader(ArchiveDocument document, ZipArchive? zip)
    {
        Document = document;
        this.zip = zip;
    }

    /// <summary>What was read; bodies in the newest form's text or their own.</summary>
    public ArchiveDocument Document { get; }

    /// <summary>Opens and checks a file.</summary>
    /// <param name="file">The file, seekable.</param>
    /// <param name="database">Where it is to go: for the room there is.</param>
    /// <param name="photoFault">What is wrong with a photo's bytes, or null.</param>
    /// <param name="progress">Told the share done, 0 to 1.</param>
    /// <param name="cancel">Stops between rows.</param>
    /// <exception cref="InputFaultException">All that is wrong, by row, up to twenty.</exception>
    public static async Task<ArchiveReader> OpenAsync(Stream file, Database database, Func<byte[], string?> photoFault, Action<double>? progress = null,
        CancellationToken cancel = default)
    {
        ArgumentNullException.ThrowIfNull(file);
        ArgumentNullException.ThrowIfNull(database);
        ArgumentNullException.ThrowIfNull(photoFault);
        var start = new byte[2];
        var zipped = await file.ReadAtLeastAsync(start, 2, throwOnEndOfStream: false, cancel) == 2 && start is [(byte)'P', (byte)'K'];
        file.Position = 0;
        ZipArchive? zip = null;
        try
        {
            if (zipped)
            {
                zip = await ZipArchive.CreateAsync(file, ZipArchiveMode.Read, leaveOpen: true, entryNameEncoding: null, cancel);
            }

            var document = zip is null ? await DocumentAsync(file, cancel) : await DocumentAsync(zip, cancel);
            CheckForm(document, zipped);
            var reader = new ArchiveReader(document, zip);
            var faults = new List<InputFault>();
            CheckRoom(zip, file.Length, database, faults);
            reader.CheckShelf(faults);
            reader.CheckLog(faults, cancel);
            await reader.CheckPhotosAsync(faults, photoFault, progress, cancel);
            InputFaultException.ThrowIfAny([.. faults.Take(MostFaults)]);
            return reader;
        }
        catch (Exception error) when (error is InvalidDataException or EndOfStreamException)
        {
            throw Refused("file", "unreadable", "a zip file as Rimrock writes it", "The file is damaged, or no archive that Rimrock can read.");
        }
        catch (InputFaultException) when (zip is not null)
        {
            await zip.DisposeAsync();
            throw;
        }
    }

    /// <summary>A photo's bytes.</summary>
    public async Task<byte[]> PhotoAsync(ArchivedPhoto photo, CancellationToken cancel)
    {
        ArgumentNullException.ThrowIfNull(photo);
        if (photo.Bytes is { } inside)
        {
            return inside;
        }

        await using var stream = await zip!.GetEntry(photo.File!)!.OpenAsync(cancel);
        var bytes = new byte[photo.Length!.Value];
        await stream.ReadExactlyAsync(bytes, cancel);
        return stream.ReadByte() < 0 ? bytes : throw new InvalidDataException();
    }

    /// <inheritdoc/>
    public async ValueTask DisposeAsync()
    {
        if (zip is not null)
        {
            await zip.DisposeAsync();
        }
    }

    private static async Task<ArchiveDocument?> DocumentAsync(ZipArchive zip, CancellationToken cancel)
    {
        if (zip.Entries.Count > Archive.MostEntries + 1)
        {
            throw Refused("file", $"{zip.Entries.Count} files", $"at most {Archive.MostEntries}", "That is more than an archive holds.");
        }

        if (zip.Entries.GroupBy(entry => entry.FullName, StringComparer.OrdinalIgnoreCase).FirstOrDefault(same => same.Count() > 1) is { } twice)
        {
            throw Refused("file", Short(twice.Key), "every name once", "A name stands in the archive twice.");
        }

        if (zip.GetEntry(ArchiveDocument.FileName) is not { } entry)
        {
            throw Refused("file", "none", ArchiveDocument.FileName, $"There is no {ArchiveDocument.FileName} in this file.");
        }

        if (entry.Length > MostDocumentBytes)
        {
            throw Refused(ArchiveDocument.FileName, Megabytes(entry.Length), Megabytes(MostDocumentBytes), "The document is too large.");
        }

        await using var stream = await entry.OpenAsync(cancel);
        return await DocumentAsync(stream, cancel);
    }

    private static async Task<ArchiveDocument?> DocumentAsync(Stream stream, CancellationToken cancel)
    {
        try
        {
            return await JsonSerializer.DeserializeAsync<ArchiveDocument>(stream, JsonRules.Strict, cancel);
        }
        catch (JsonException error)
        {
            var fault = BodyText.UnreadableJson(error);
            throw new InputFaultException([fault with { Field = fault.Field == "body" ? "file" : fault.Field,
                Allowed = "the form that docs/archive.schema.json describes" }]);
        }
    }

    private static void CheckForm([System.Diagnostics.CodeAnalysis.NotNull] ArchiveDocument? document, bool zipped)
    {
        if (document is { Rimrock: ArchiveDocument.Word, Version: > ArchiveDocument.Newest })
        {
            throw Refused("version", $"{document.Version}", $"1 to {ArchiveDocument.Newest}",
                $"This archive was written by a newer Rimrock{(document.Program is { } program ? $" ({Short(program)})" : "")}: restore it there.");
        }

        if (document is not { Rimrock: ArchiveDocument.Word } || document.Version != (zipped ? ArchiveDocument.Newest : 1))
        {
            throw Refused("version", document is null ? "nothing" : Short($"{document.Rimrock} {document.Version}"),
                $"{ArchiveDocument.Word} 1 as JSON, {ArchiveDocument.Word} {ArchiveDocument.Newest} as zip",
                "The file does not say that it is an archive of this version.");
        }

        if (document.Shelf.Count + document.Log.Count > Archive.MostEntries || document.Photos.Count > Archive.MostEntries)
        {
            throw Refused("file", $"{document.Shelf.Count + document.Log.Count} entries, {document.Photos.Count} photos",
                $"at most {Archive.MostEntries} of each", "That is more than an archive holds.");
        }
    }

    private static void CheckRoom(ZipArchive? zip, long fileBytes, Database database, List<InputFault> faults)
    {
        // The rows once in the database and once in its journal; the copy that is kept of what is here now.
        var needed = (long)(2 * Overhead * (zip?.Entries.Sum(entry => entry.Length) ?? fileBytes)) + new FileInfo(database.Path).Length;
        if (needed > database.FreeBytes())
        {
            faults.Add(new InputFault("file", Megabytes(needed), $"at most {Megabytes(Math.Max(0, database.FreeBytes()))}",
                "The disk has no room for that. Nothing was touched."));
        }
    }

    private static InputFaultException Refused(string field, string value, string allowed, string message) =>
        new([new InputFault(field, value, allowed, message)]);

    private static string Megabytes(long bytes) => string.Create(CultureInfo.InvariantCulture, $"{bytes / 1e6:0.#} MB");

    private static string Short(string text) => text.Length > 40 ? text[..40] : text;

    private void CheckShelf(List<InputFault> faults)
    {
        var seen = new HashSet<(string, string)>();
        for (var i = 0; i < Document.Shelf.Count && faults.Count < MostFaults; i++)
        {
            var (item, row) = (Document.Shelf[i], $"shelf[{i}]");
            Names.Check(item.Id, $"{row}.id", faults);
            Require(seen.Add((item.Kind, item.Id)), $"{row}.id", Short(item.Id), "every id once in its kind", "This id stands in the archive twice.", faults);
            Require(item.Origin is "demo" or "own", $"{row}.origin", Short(item.Origin), "demo, own", "A thing on the shelf is the demo's or one's own.",
                faults);
            Require(item.Archived is 0 or 1, $"{row}.archived", $"{item.Archived}", "0, 1", "It is offered or it is not.", faults);
            Require(item.Revision is >= 1 and <= int.MaxValue, $"{row}.revision", $"{item.Revision}", "1 or more", "Revisions count from 1.", faults);
            if (BodyKind.Find(item.Kind, ofLog: false) is not { } kind)
            {
                faults.Add(new InputFault($"{row}.kind", Short(item.Kind), string.Join(", ", ShelfStore.Kinds), "No such kind of thing on the shelf."));
            }
            else if (Body(kind, item.Version, item.Body, row, faults) is { } body)
            {
                Require(kind.NameOf(body) == item.Name, $"{row}.name", Short(item.Name), Short(kind.NameOf(body)), "The row's name is not its body's.", faults);
            }
        }
    }

    private void CheckLog(List<InputFault> faults, CancellationToken cancel)
    {
        var seen = new HashSet<string>(StringComparer.Ordinal);
        for (var i = 0; i < Document.Log.Count && faults.Count < MostFaults; i++)
        {
            cancel.ThrowIfCancellationRequested();
            var (entry, row) = (Document.Log[i], $"log[{i}]");
            Names.Check(entry.Id, $"{row}.id", faults);
            Names.Check(entry.Car, $"{row}.car", faults);
            Require(seen.Add(entry.Id), $"{row}.id", Short(entry.Id), "every id once", "This id stands in the archive twice.", faults);
            Require(entry.Revision is >= 1 and <= int.MaxValue, $"{row}.revision", $"{entry.Revision}", "1 or more", "Revisions count from 1.", faults);
            var known = DateOnly.TryParseExact(entry.Day, "yyyy-MM-dd", CultureInfo.InvariantCulture, DateTimeStyles.None, out var day);
            Require(known, $"{row}.day", Short(entry.Day), "a day as 2026-05-14", "This entry has no day.", faults);
            if (BodyKind.Find(entry.Kind, ofLog: true) is not { } kind)
            {
                faults.Add(new InputFault($"{row}.kind", Short(entry.Kind), string.Join(", ", LogStore.Kinds), "No such kind of entry in the log."));
            }
            else if (Body(kind, entry.Version, entry.Body, row, faults) is { } body && known && kind.DayOf(body) is { } inside)
            {
                Require(inside == day, $"{row}.day", entry.Day, inside.ToString("yyyy-MM-dd", CultureInfo.InvariantCulture), "The row's day is not its body's.",
                    faults);
            }
        }
    }

    private async Task CheckPhotosAsync(List<InputFault> faults, Func<byte[], string?> photoFault, Action<double>? progress, CancellationToken cancel)
    {
        var entries = Document.Log.Select(entry => entry.Id).ToHashSet(StringComparer.Ordinal);
        var (ids, files, perEntry) = (new HashSet<string>(StringComparer.Ordinal), new HashSet<string>(StringComparer.Ordinal) { ArchiveDocument.FileName },
            new Dictionary<string, int>(StringComparer.Ordinal));
        for (var i = 0; i < Document.Photos.Count && faults.Count < MostFaults; i++)
        {
            var (photo, row, before) = (Document.Photos[i], $"photos[{i}]", faults.Count);
            Names.Check(photo.Id, $"{row}.id", faults);
            Names.Check(photo.Name, $"{row}.name", faults);
            Require(ids.Add(photo.Id), $"{row}.id", Short(photo.Id), "every id once", "This id stands in the archive twice.", faults);
            Require(entries.Contains(photo.Entry), $"{row}.entry", Short(photo.Entry), "an entry of the log", "The photo belongs to no entry.", faults);
            Require((perEntry[photo.Entry] = perEntry.GetValueOrDefault(photo.Entry) + 1) <= LogStore.MostPhotos, $"{row}.entry", Short(photo.Entry),
                $"at most {LogStore.MostPhotos} photos", "The entry has too many photos.", faults);
            if (zip is null)
            {
                Require(photo.Bytes is not null, $"{row}.bytes", "none", "a JPEG in base 64", "The photo is missing.", faults);
            }
            else
            {
                Require(photo is { Bytes: null, File: not null, Sha256: not null, Length: >= 0 and <= LogStore.MostPhotoBytes }, $"{row}", "incomplete",
                    "file, length and sha256", "The photo's file is not described.", faults);
                Require(photo.File is { } file && files.Add(file) && zip.GetEntry(file) is { } there && there.Length == photo.Length, $"{row}.file",
                    Short(photo.File ?? "none"), "a file of this length in the archive, named once", "The photo's file is not there.", faults);
            }

            if (faults.Count > before)
            {
                continue;
            }

            var bytes = await PhotoAsync(photo, cancel);
            Require(zip is null || Convert.ToHexString(SHA256.HashData(bytes)).Equals(photo.Sha256, StringComparison.OrdinalIgnoreCase), $"{row}.sha256",
                Short(photo.Sha256 ?? ""), "the hash of the file", "The photo is not the one that was saved.", faults);
            Require(bytes.Length <= LogStore.MostPhotoBytes && photoFault(bytes) is null, row, Megabytes(bytes.Length), "a JPEG of at most 3 MB",
                photoFault(bytes) ?? "The photo is too large.", faults);
            progress?.Invoke((i + 1.0) / Document.Photos.Count);
        }

        foreach (var odd in zip?.Entries.Where(entry => !files.Contains(entry.FullName)).Take(Math.Max(0, MostFaults - faults.Count)).ToList() ?? [])
        {
            faults.Add(new InputFault("file", Short(odd.FullName), "the document and its photos", "The archive holds a file that its document does not name."));
        }
    }

    private static object? Body(BodyKind kind, int version, RawBody body, string row, List<InputFault> faults)
    {
        var inside = new List<InputFault>();
        var read = BodyText.Read(kind, version, Encoding.UTF8.GetString(body.Utf8.Span), inside);

        // What is checked alone is called by its own name; in a row it is the body itself.
        var own = kind.Type == typeof(CarEntry) ? "." : kind.Code.TrimEnd('s') + ".";
        string Path(string field) => field.StartsWith(own, StringComparison.Ordinal) ? field[own.Length..] : field;
        faults.AddRange(inside.Select(fault =>
            fault with { Field = fault.Field is "body" or "version" ? $"{row}.{fault.Field}" : $"{row}.body.{Path(fault.Field)}" }));
        return read;
    }

    private static void Require(bool holds, string field, string value, string allowed, string message, List<InputFault> faults)
    {
        if (!holds)
        {
            faults.Add(new InputFault(field, value, allowed, message));
        }
    }
}
