using System.Globalization;
using Dapper;
using Microsoft.Data.Sqlite;
using Rimrock.Contract;

namespace Rimrock.Storage;

/// <summary>An entry of the log.</summary>
/// <typeparam name="T">What it is.</typeparam>
/// <param name="Id">Its id.</param>
/// <param name="Day">Its day.</param>
/// <param name="Revision">Counts its edits from 1; an edit must name the one it started from.</param>
/// <param name="Body">The entry itself.</param>
/// <param name="Saved">When it was last saved, UTC by ISO 8601; null where nobody noted it.</param>
public sealed record LogItem<T>(string Id, DateOnly Day, int Revision, T Body, string? Saved = null)
    where T : class;

/// <summary>A page of entries, newest first.</summary>
/// <typeparam name="T">What they are.</typeparam>
/// <param name="Total">How many there are in all.</param>
/// <param name="Items">The page.</param>
public sealed record LogPage<T>(int Total, IReadOnlyList<LogItem<T>> Items)
    where T : class;

/// <summary>Reads and writes the log.</summary>
/// <param name="database">The database.</param>
public sealed class LogStore(Database database)
{
    /// <summary>Most entries of a page.</summary>
    public const int MostOfAPage = 100;

    /// <summary>Largest photo, bytes.</summary>
    public const int MostPhotoBytes = 3_000_000;

    /// <summary>Most photos of an entry.</summary>
    public const int MostPhotos = 8;

    /// <summary>The words of the table's kinds.</summary>
    public static IReadOnlyList<string> Kinds { get; } = [.. BodyKind.All.Where(kind => kind.OfLog).Select(kind => kind.Code)];

    /// <summary>A page of a car's entries, newest first; what cannot be read is set aside (<see cref="SetAside"/>).</summary>
    public LogPage<T> Read<T>(string car, string kind, int skip = 0, int take = MostOfAPage)
        where T : class
    {
        using var connection = database.Open();
        var total = connection.ExecuteScalar<int>("SELECT count(*) FROM log_entry WHERE car = @car AND kind = @kind", new { car, kind });
        var rows = connection.Query<Row>("SELECT id, day, revision, version, saved, body FROM log_entry WHERE car = @car AND kind = @kind " +
            "ORDER BY day DESC, id DESC LIMIT @take OFFSET @skip", new { car, kind, skip, take = Math.Min(take, MostOfAPage) });
        var items = new List<LogItem<T>>();
        foreach (var row in rows)
        {
            if (BodyText.Read(BodyKind.Of<T>(), (int)row.Version, row.Body, []) is T body
                && DateOnly.TryParseExact(row.Day, "yyyy-MM-dd", CultureInfo.InvariantCulture, DateTimeStyles.None, out var day))
            {
                items.Add(new LogItem<T>(row.Id, day, (int)row.Revision, body, row.Saved));
            }
        }

        return new LogPage<T>(total, items);
    }

    /// <summary>Writes the demo car's season, unless it has a log already.</summary>
    /// <param name="shelf">The shelf with the demo on it.</param>
    /// <param name="today">The day that the season lies about.</param>
    public void LoadDemo(ShelfContent shelf, DateOnly today) => DemoLog.Load(this, shelf, today);

    /// <summary>Writes an entry.</summary>
    /// <returns>Its new revision.</returns>
    /// <exception cref="RevisionConflictException">It was changed in the meantime; nothing is written.</exception>
    /// <exception cref="IdTakenException">The id is another car's or kind's; nothing is written.</exception>
    public int Save<T>(string car, string kind, string id, DateOnly day, T body, int expectedRevision)
        where T : class
    {
        using var connection = database.Open();
        using var transaction = connection.BeginTransaction();
        var there = connection.QuerySingleOrDefault<(string Car, string Kind, int Revision)?>("SELECT car, kind, revision FROM log_entry WHERE id = @id",
            new { id }, transaction);
        if (there is { } other && (other.Car != car || other.Kind != kind))
        {
            throw new IdTakenException(id);
        }

        var actual = there?.Revision ?? 0;
        if (actual != expectedRevision)
        {
            throw new RevisionConflictException(id, expectedRevision, actual);
        }

        Put(connection, transaction, new LogRow(id, car, kind, day.ToString("yyyy-MM-dd", CultureInfo.InvariantCulture), actual + 1, BodyText.Of(body),
            BodyVersion.Newest));
        transaction.Commit();
        return actual + 1;
    }

    /// <summary>True the first time that it is asked of a name.</summary>
    internal bool FirstTime(string name)
    {
        using var connection = database.Open();
        return connection.Execute("INSERT OR IGNORE INTO fact (name, value) VALUES (@name, '')", new { name }) == 1;
    }

    /// <summary>Deletes an entry with its photos.</summary>
    /// <exception cref="RevisionConflictException">It was changed in the meantime, or is gone.</exception>
    public void Delete(string id, int expectedRevision)
    {
        using var connection = database.Open();
        if (connection.Execute("DELETE FROM log_entry WHERE id = @id AND revision = @expectedRevision", new { id, expectedRevision }) != 1)
        {
            throw new RevisionConflictException(id, expectedRevision, connection.QuerySingleOrDefault<int?>("SELECT revision FROM log_entry WHERE id = @id",
                new { id }) ?? 0);
        }
    }

    /// <summary>Keeps a photo; false where the entry is gone or has enough of them.</summary>
    public bool AddPhoto(string entry, string id, string name, byte[] bytes)
    {
        using var connection = database.Open();
        using var transaction = connection.BeginTransaction();
        var there = connection.ExecuteScalar<int>("SELECT count(*) FROM log_entry WHERE id = @entry", new { entry }, transaction) == 1
            && connection.ExecuteScalar<int>("SELECT count(*) FROM log_photo WHERE entry = @entry", new { entry }, transaction) < MostPhotos;
        if (there)
        {
            connection.Execute("INSERT INTO log_photo (id, entry, name, bytes) VALUES (@id, @entry, @name, @bytes)", new { id, entry, name, bytes },
                transaction);
            transaction.Commit();
        }

        return there;
    }

    /// <summary>Ids of an entry's photos.</summary>
    public IReadOnlyList<string> Photos(string entry)
    {
        using var connection = database.Open();
        return [.. connection.Query<string>("SELECT id FROM log_photo WHERE entry = @entry ORDER BY id", new { entry })];
    }

    /// <summary>A photo's bytes, or null.</summary>
    public byte[]? Photo(string id)
    {
        using var connection = database.Open();
        return connection.QuerySingleOrDefault<byte[]>("SELECT bytes FROM log_photo WHERE id = @id", new { id });
    }

    internal static void Put(SqliteConnection connection, SqliteTransaction transaction, LogRow row) =>
        connection.Execute(
            $"""
            INSERT INTO log_entry (id, car, kind, day, revision, version, body, saved)
            VALUES (@Id, @Car, @Kind, @Day, @Revision, @Version, @Body, {Database.Now})
            ON CONFLICT (id) DO UPDATE SET day = @Day, revision = @Revision, version = @Version, body = @Body, saved = {Database.Now}
            """, row, transaction);

    private sealed record Row(string Id, string Day, long Revision, long Version, string? Saved, string Body);
}

/// <summary>A row of the log as it stands.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Car">Its car.</param>
/// <param name="Kind">Its kind.</param>
/// <param name="Day">Its day, ISO 8601.</param>
/// <param name="Revision">Its revision.</param>
/// <param name="Body">Its content, JSON.</param>
/// <param name="Version">The form of its content.</param>
public sealed record LogRow(string Id, string Car, string Kind, string Day, long Revision, string Body, long Version);
