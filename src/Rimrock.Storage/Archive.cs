using System.IO.Compression;
using System.Security.Cryptography;
using System.Text;
using System.Text.Json;
using Dapper;
using Microsoft.Data.Sqlite;
using Rimrock.Contract;

namespace Rimrock.Storage;

/// <summary>The whole database out as one file, and in again. The file is a zip: one JSON document and the photos beside it.</summary>
/// <param name="database">The database.</param>
public sealed class Archive(Database database)
{
    /// <summary>Most entries of shelf and log together, and most photos.</summary>
    public const int MostEntries = 20_000;

    /// <summary>Writes everything as it stands at one moment.</summary>
    /// <param name="to">Where to.</param>
    /// <param name="program">Version of this Rimrock.</param>
    /// <param name="progress">Told the share done, 0 to 1.</param>
    /// <param name="cancel">Stops between rows.</param>
    public async Task WriteAsync(Stream to, string program, Action<double>? progress = null, CancellationToken cancel = default)
    {
        using var connection = database.Open();
        using var transaction = connection.BeginTransaction(deferred: true);
        var zip = await ZipArchive.CreateAsync(to, ZipArchiveMode.Create, leaveOpen: true, entryNameEncoding: null, cancel);
        await using (zip.ConfigureAwait(false))
        {
            var photos = await PhotosAsync(zip, connection, transaction, progress, cancel);
            await using var document = await zip.CreateEntry(ArchiveDocument.FileName, CompressionLevel.Optimal).OpenAsync(cancel);
            await using var json = new Utf8JsonWriter(document);
            json.WriteStartObject();
            json.WriteString("rimrock", ArchiveDocument.Word);
            json.WriteNumber("version", ArchiveDocument.Newest);
            json.WriteString("program", program);
            json.WriteStartArray("shelf");
            foreach (var item in Items(connection, transaction))
            {
                await RowAsync(json, item, cancel);
            }

            json.WriteEndArray();
            json.WriteStartArray("log");
            foreach (var entry in Entries(connection, transaction))
            {
                await RowAsync(json, entry, cancel);
            }

            json.WriteEndArray();
            json.WritePropertyName("photos");
            JsonSerializer.Serialize(json, photos, JsonRules.Strict);
            json.WriteEndObject();
        }

        progress?.Invoke(1);
    }

    /// <summary>Rows of one kind of the shelf or of the log, for a table.</summary>
    public (IReadOnlyList<ArchivedItem> Shelf, IReadOnlyList<ArchivedEntry> Log) Rows(string kind)
    {
        using var connection = database.Open();
        using var transaction = connection.BeginTransaction(deferred: true);
        return ([.. Items(connection, transaction).Where(item => item.Kind == kind)], [.. Entries(connection, transaction).Where(entry => entry.Kind == kind)]);
    }

    /// <summary>What a restore would do; changes nothing.</summary>
    public RestorePreview Preview(ArchiveDocument document)
    {
        ArgumentNullException.ThrowIfNull(document);
        using var connection = database.Open();
        var shelf = connection.Query<(string, string)>("SELECT kind, id FROM shelf_item").ToHashSet();
        var log = connection.Query<string>("SELECT id FROM log_entry").ToHashSet();
        var (shelfThen, logThen) = (document.Shelf.Select(item => (item.Kind, item.Id)).ToHashSet(), document.Log.Select(entry => entry.Id).ToHashSet());
        return new RestorePreview(document.Shelf.Count, document.Log.Count, document.Photos.Count, shelfThen.Count(item => !shelf.Contains(item)),
            logThen.Count(id => !log.Contains(id)),
            shelf.Count(item => !shelfThen.Contains(item)) + log.Count(id => !logThen.Contains(id)));
    }

    /// <summary>Puts an archive in the place of everything, all or nothing.</summary>
    /// <param name="document">What <see cref="ArchiveReader"/> has read and checked.</param>
    /// <param name="photoOf">A photo's bytes.</param>
    /// <param name="progress">Told the share done, 0 to 1.</param>
    /// <param name="cancel">Stops between rows; nothing is changed then.</param>
    public async Task RestoreAsync(ArchiveDocument document, Func<ArchivedPhoto, CancellationToken, Task<byte[]>> photoOf, Action<double>? progress = null,
        CancellationToken cancel = default)
    {
        ArgumentNullException.ThrowIfNull(document);
        ArgumentNullException.ThrowIfNull(photoOf);
        using var connection = database.Open();
        using var transaction = connection.BeginTransaction();
        connection.Execute("DELETE FROM log_photo; DELETE FROM log_entry; DELETE FROM shelf_item", transaction: transaction);
        foreach (var item in document.Shelf)
        {
            cancel.ThrowIfCancellationRequested();
            connection.Execute("INSERT INTO shelf_item (kind, id, name, origin, revision, archived, version, body) VALUES (@Kind, @Id, @Name, @Origin, " +
                "@Revision, @Archived, @Version, @body)",
                new
                {
                    item.Kind,
                    item.Id,
                    item.Name,
                    item.Origin,
                    item.Revision,
                    item.Archived,
                    item.Version,
                    body = Encoding.UTF8.GetString(item.Body.Utf8.Span)
                }, transaction);
        }

        foreach (var entry in document.Log)
        {
            cancel.ThrowIfCancellationRequested();
            LogStore.Put(connection, transaction, new LogRow(entry.Id, entry.Car, entry.Kind, entry.Day, entry.Revision,
                Encoding.UTF8.GetString(entry.Body.Utf8.Span), entry.Version));
        }

        for (var i = 0; i < document.Photos.Count; i++)
        {
            var photo = document.Photos[i];
            connection.Execute("INSERT INTO log_photo (id, entry, name, bytes) VALUES (@Id, @Entry, @Name, @bytes)",
                new { photo.Id, photo.Entry, photo.Name, bytes = await photoOf(photo, cancel) }, transaction);
            progress?.Invoke((i + 1.0) / document.Photos.Count);
        }

        transaction.Commit();
    }

    private static async Task<List<ArchivedPhoto>> PhotosAsync(ZipArchive zip, SqliteConnection connection, SqliteTransaction transaction,
        Action<double>? progress, CancellationToken cancel)
    {
        var ids = connection.Query<string>("SELECT id FROM log_photo ORDER BY id", transaction: transaction).ToList();
        var photos = new List<ArchivedPhoto>(ids.Count);
        foreach (var id in ids)
        {
            cancel.ThrowIfCancellationRequested();
            var (entry, name, bytes) = connection.QuerySingle<(string Entry, string Name,
                byte[] Bytes)>("SELECT entry, name, bytes FROM log_photo WHERE id = @id", new { id }, transaction);
            var file = FormattableString.Invariant($"photos/{photos.Count + 1:00000}.jpg");
            photos.Add(new ArchivedPhoto(id, entry, name, File: file, Length: bytes.Length, Sha256: Convert.ToHexStringLower(SHA256.HashData(bytes))));
            await using var kept = await zip.CreateEntry(file, CompressionLevel.NoCompression).OpenAsync(cancel);
            await kept.WriteAsync(bytes, cancel);
            progress?.Invoke((double)photos.Count / ids.Count);
        }

        return photos;
    }

    private static async Task RowAsync<T>(Utf8JsonWriter json, T row, CancellationToken cancel)
    {
        const int atOnce = 1 << 16;
        JsonSerializer.Serialize(json, row, JsonRules.Strict);
        if (json.BytesPending > atOnce)
        {
            await json.FlushAsync(cancel);
        }
    }

    private static IEnumerable<ArchivedItem> Items(SqliteConnection connection, SqliteTransaction transaction) =>
        connection.Query<ItemRow>("SELECT kind, id, name, origin, revision, archived, version, body FROM shelf_item ORDER BY kind, id",
            transaction: transaction, buffered: false)
            .Select(row => new ArchivedItem(row.Kind, row.Id, row.Name, row.Origin, row.Revision, row.Archived, new RawBody(Encoding.UTF8.GetBytes(row.Body)),
                (int)row.Version));

    private static IEnumerable<ArchivedEntry> Entries(SqliteConnection connection, SqliteTransaction transaction) =>
        connection.Query<LogRow>("SELECT id, car, kind, day, revision, body, version FROM log_entry ORDER BY id", transaction: transaction, buffered: false)
            .Select(row => new ArchivedEntry(row.Id, row.Car, row.Kind, row.Day, row.Revision, new RawBody(Encoding.UTF8.GetBytes(row.Body)),
                (int)row.Version));

    private sealed record ItemRow(string Kind, string Id, string Name, string Origin, long Revision, long Archived, long Version, string Body);
}
