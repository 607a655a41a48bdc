using System.Text.Json;
using Dapper;

namespace Rimrock.Storage;

/// <summary>A row of the shelf as it stands.</summary>
/// <param name="Kind">Its kind.</param>
/// <param name="Id">Its id.</param>
/// <param name="Name">Its name.</param>
/// <param name="Origin">demo or own.</param>
/// <param name="Revision">Its revision.</param>
/// <param name="Archived">1 where archived.</param>
/// <param name="Body">Its content.</param>
public sealed record ArchivedItem(string Kind, string Id, string Name, string Origin, long Revision, long Archived, JsonElement Body);

/// <summary>A row of the log as it stands.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Car">Its car.</param>
/// <param name="Kind">Its kind.</param>
/// <param name="Day">Its day.</param>
/// <param name="Revision">Its revision.</param>
/// <param name="Body">Its content.</param>
public sealed record ArchivedEntry(string Id, string Car, string Kind, string Day, long Revision, JsonElement Body);

/// <summary>A photo.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Entry">Its entry.</param>
/// <param name="Name">Its file's name.</param>
/// <param name="Bytes">Its bytes, base 64.</param>
public sealed record ArchivedPhoto(string Id, string Entry, string Name, byte[] Bytes);

/// <summary>Everything that is the user's, as one document; docs/archive.schema.json describes it.</summary>
/// <param name="Rimrock">The word archive.</param>
/// <param name="Version">Version of the form.</param>
/// <param name="Shelf">The shelf.</param>
/// <param name="Log">The log.</param>
/// <param name="Photos">Photos.</param>
public sealed record ArchiveDocument(string Rimrock, int Version, IReadOnlyList<ArchivedItem> Shelf, IReadOnlyList<ArchivedEntry> Log, IReadOnlyList<ArchivedPhoto> Photos)
{
    /// <summary>The word that says what the file is.</summary>
    public const string Word = "archive";

    /// <summary>The version that is written.</summary>
    public const int Newest = 1;
}

/// <summary>What a restore would do.</summary>
/// <param name="Shelf">Parts, cars and circuits in the archive.</param>
/// <param name="Log">Entries in the archive.</param>
/// <param name="Photos">Photos in the archive.</param>
/// <param name="NewShelf">Of them new here.</param>
/// <param name="NewLog">Of them new here.</param>
/// <param name="Gone">What is here and not in the archive; a restore takes it away.</param>
public sealed record RestorePreview(int Shelf, int Log, int Photos, int NewShelf, int NewLog, int Gone);

/// <summary>The whole database out as a document, and in again; and a safe copy of the file while it is in use.</summary>
/// <param name="database">The database.</param>
public sealed class Archive(Database database)
{
    /// <summary>Everything.</summary>
    public ArchiveDocument Write()
    {
        using var connection = database.Open();
        using var transaction = connection.BeginTransaction();
        var shelf = connection.Query<(string Kind, string Id, string Name, string Origin, long Revision, long Archived, string Body)>("SELECT kind, id, name, origin, revision, archived, body FROM shelf_item ORDER BY kind, id", transaction: transaction)
            .Select(row => new ArchivedItem(row.Kind, row.Id, row.Name, row.Origin, row.Revision, row.Archived, Parse(row.Body))).ToList();
        var log = connection.Query<LogRow>("SELECT id, car, kind, day, revision, body FROM log_entry ORDER BY id", transaction: transaction)
            .Select(row => new ArchivedEntry(row.Id, row.Car, row.Kind, row.Day, row.Revision, Parse(row.Body))).ToList();
        var photos = connection.Query<(string Id, string Entry, string Name, byte[] Bytes)>("SELECT id, entry, name, bytes FROM log_photo ORDER BY id", transaction: transaction)
            .Select(row => new ArchivedPhoto(row.Id, row.Entry, row.Name, row.Bytes)).ToList();
        return new ArchiveDocument(ArchiveDocument.Word, ArchiveDocument.Newest, shelf, log, photos);
    }

    /// <summary>What a restore would do; changes nothing.</summary>
    public RestorePreview Preview(ArchiveDocument document)
    {
        ArgumentNullException.ThrowIfNull(document);
        using var connection = database.Open();
        var shelf = connection.Query<(string, string)>("SELECT kind, id FROM shelf_item").ToHashSet();
        var log = connection.Query<string>("SELECT id FROM log_entry").ToHashSet();
        var (shelfThen, logThen) = (document.Shelf.Select(item => (item.Kind, item.Id)).ToHashSet(), document.Log.Select(entry => entry.Id).ToHashSet());
        return new RestorePreview(document.Shelf.Count, document.Log.Count, document.Photos.Count, shelfThen.Count(item => !shelf.Contains(item)), logThen.Count(id => !log.Contains(id)),
            shelf.Count(item => !shelfThen.Contains(item)) + log.Count(id => !logThen.Contains(id)));
    }

    /// <summary>Puts an archive in the place of everything, all or nothing.</summary>
    public void Restore(ArchiveDocument document)
    {
        ArgumentNullException.ThrowIfNull(document);
        using var connection = database.Open();
        using var transaction = connection.BeginTransaction();
        connection.Execute("DELETE FROM log_photo; DELETE FROM log_entry; DELETE FROM shelf_item", transaction: transaction);
        foreach (var item in document.Shelf)
        {
            connection.Execute("INSERT INTO shelf_item (kind, id, name, origin, revision, archived, body) VALUES (@Kind, @Id, @Name, @Origin, @Revision, @Archived, @body)",
                new { item.Kind, item.Id, item.Name, item.Origin, item.Revision, item.Archived, body = item.Body.GetRawText() }, transaction);
        }

        foreach (var entry in document.Log)
        {
            LogStore.Put(connection, transaction, new LogRow(entry.Id, entry.Car, entry.Kind, entry.Day, entry.Revision, entry.Body.GetRawText()));
        }

        foreach (var photo in document.Photos)
        {
            connection.Execute("INSERT INTO log_photo (id, entry, name, bytes) VALUES (@Id, @Entry, @Name, @Bytes)", photo, transaction);
        }

        transaction.Commit();
    }

    /// <summary>A copy of the database file as it stands, safe while it is in use (SQLite's VACUUM INTO).</summary>
    public byte[] Copy()
    {
        var path = Path.Combine(Path.GetTempPath(), $"rimrock-copy-{Guid.NewGuid():n}.db");
        try
        {
            using (var connection = database.Open())
            {
                connection.Execute("VACUUM INTO @path", new { path });
            }

            return File.ReadAllBytes(path);
        }
        finally
        {
            File.Delete(path);
        }
    }

    private static JsonElement Parse(string body)
    {
        using var document = JsonDocument.Parse(body);
        return document.RootElement.Clone();
    }
}
