using System.Text.Json;
using Dapper;
using Microsoft.Data.Sqlite;
using Rimrock.Contract;
using Rimrock.Core.Circuits;
using Rimrock.Core.Fluids;
using Rimrock.Core.Friction;
using Rimrock.Core.Rotors;
using Rimrock.Core.Vehicles;

namespace Rimrock.Storage;

/// <summary>Reads and writes the shelf.</summary>
/// <param name="database">The database.</param>
public sealed class ShelfStore(Database database)
{
    /// <summary>The tables' words.</summary>
    public static IReadOnlyList<string> Kinds { get; } = [.. BodyKind.All.Where(kind => !kind.OfLog).Select(kind => kind.Code)];

    /// <summary>Everything on the shelf, demo items first, by name; what cannot be read is set aside (<see cref="SetAside"/>).</summary>
    public ShelfContent Read()
    {
        using var connection = database.Open();
        return new ShelfContent(
            Items<CarEntry>(connection, "cars"), Items<Circuit>(connection, "circuits"), Items<Pad>(connection, "pads"),
            Items<Rotor>(connection, "rotors"), Items<BrakeFluid>(connection, "fluids"),
            Items<LineKit>(connection, "lines"), Items<DuctKit>(connection, "ducts"), Items<CaliperKit>(connection, "calipers"),
            Items<MasterCylinder>(connection, "cylinders"), Items<Bracket>(connection, "brackets"));
    }

    /// <summary>Writes an own item.</summary>
    /// <param name="kind">The table's word, one of <see cref="Kinds"/>.</param>
    /// <param name="id">Stable id, 1 to 80 characters.</param>
    /// <param name="name">Name for lists.</param>
    /// <param name="body">The thing.</param>
    /// <param name="expectedRevision">Revision the edit started from; 0 for a new item.</param>
    /// <returns>The new revision.</returns>
    /// <exception cref="RevisionConflictException">The item was changed in the meantime; nothing is written.</exception>
    public int Save<T>(string kind, string id, string name, T body, int expectedRevision)
    {
        using var connection = database.Open();
        using var transaction = connection.BeginTransaction();
        var actual = connection.QuerySingleOrDefault<int?>("SELECT revision FROM shelf_item WHERE kind = @kind AND id = @id", new { kind, id }, transaction)
            ?? 0;
        if (actual != expectedRevision)
        {
            throw new RevisionConflictException(id, expectedRevision, actual);
        }

        Put(connection, transaction, kind, id, name, "own", actual + 1, BodyText.Of(body));
        transaction.Commit();
        return actual + 1;
    }

    /// <summary>Takes an item off what is offered, or puts it back; nothing is deleted, since plans and the log may refer to it.</summary>
    /// <param name="kind">The table's word.</param>
    /// <param name="id">The item.</param>
    /// <param name="archived">True to take it off.</param>
    /// <param name="expectedRevision">Revision that the page saw.</param>
    /// <returns>The new revision.</returns>
    /// <exception cref="RevisionConflictException">The item was changed in the meantime, or is not there.</exception>
    public int Archive(string kind, string id, bool archived, int expectedRevision)
    {
        using var connection = database.Open();
        var changed = connection.Execute($"UPDATE shelf_item SET archived = @archived, revision = revision + 1, saved = {Database.Now} " +
            "WHERE kind = @kind AND id = @id AND revision = @expectedRevision",
            new { kind, id, archived = archived ? 1 : 0, expectedRevision });
        return changed == 1 ? expectedRevision + 1
            : throw new RevisionConflictException(id, expectedRevision,
                connection.QuerySingleOrDefault<int?>("SELECT revision FROM shelf_item WHERE kind = @kind AND id = @id", new { kind, id }) ?? 0);
    }

    /// <summary>What putting items on the shelf would do, in their order: new, replaces another, or the same as what is there.</summary>
    public IReadOnlyList<ShelfChange> Preview(IReadOnlyList<ShelfPut> items)
    {
        ArgumentNullException.ThrowIfNull(items);
        using var connection = database.Open();
        return [.. items.Select(item => new ShelfChange(item.Kind, item.Id, item.Name, Before(connection, null, item.Kind, item.Id) is not { } before ? "new"
            : Normal(item.Kind, before) == JsonSerializer.Serialize(item.Body, item.Body.GetType(), JsonRules.Strict) ? "same" : "replaces"))];

        // What was typed by hand, as the demo is, may leave defaults out.
        static string? Normal(string kind, ShelfRow row) =>
            BodyKind.Find(kind, ofLog: false) is { } known && BodyText.Read(known, (int)row.Version, row.Body, []) is { } body
                ? JsonSerializer.Serialize(body, known.Type, JsonRules.Strict) : null;
    }

    /// <summary>Puts items on the shelf, all or none.</summary>
    /// <returns>What stood there before, for <see cref="Undo"/>.</returns>
    public IReadOnlyList<ShelfBefore> Import(IReadOnlyList<ShelfPut> items)
    {
        ArgumentNullException.ThrowIfNull(items);
        using var connection = database.Open();
        using var transaction = connection.BeginTransaction();
        var befores = new List<ShelfBefore>();
        foreach (var item in items)
        {
            var before = Before(connection, transaction, item.Kind, item.Id);
            befores.Add(new ShelfBefore(item.Kind, item.Id, (before?.Revision ?? 0) + 1, before));
            Put(connection, transaction, item.Kind, item.Id, item.Name, "own", (before?.Revision ?? 0) + 1,
                JsonSerializer.Serialize(item.Body, item.Body.GetType(), JsonRules.Strict));
        }

        transaction.Commit();
        return befores;
    }

    /// <summary>Takes an import back, all or none.</summary>
    /// <exception cref="RevisionConflictException">Something that was imported has been changed since.</exception>
    public void Undo(IReadOnlyList<ShelfBefore> befores)
    {
        ArgumentNullException.ThrowIfNull(befores);
        using var connection = database.Open();
        using var transaction = connection.BeginTransaction();
        foreach (var item in befores)
        {
            var actual = Before(connection, transaction, item.Kind, item.Id)?.Revision ?? 0;
            if (actual != item.ImportedRevision)
            {
                throw new RevisionConflictException(item.Id, item.ImportedRevision, actual);
            }

            if (item.Was is { } was)
            {
                connection.Execute("UPDATE shelf_item SET name = @Name, origin = @Origin, revision = @revision, archived = @Archived, version = @Version, " +
                    "body = @Body WHERE kind = @Kind AND id = @Id",
                    new { was.Name, was.Origin, revision = item.ImportedRevision + 1, was.Archived, was.Version, was.Body, item.Kind, item.Id }, transaction);
            }
            else
            {
                connection.Execute("DELETE FROM shelf_item WHERE kind = @Kind AND id = @Id", new { item.Kind, item.Id }, transaction);
            }
        }

        transaction.Commit();
    }

    /// <summary>Puts the demo items on the shelf, over older versions of themselves.</summary>
    public void LoadDemo()
    {
        using var connection = database.Open();
        using var transaction = connection.BeginTransaction();
        var shown = new List<string>();
        foreach (var kind in Kinds)
        {
            using var stream = typeof(ShelfStore).Assembly.GetManifestResourceStream($"Rimrock.Storage.Demo.{kind}.json")
                ?? throw new InvalidOperationException($"The demo data {kind} is missing from the build.");
            using var rows = JsonDocument.Parse(stream);
            foreach (var row in rows.RootElement.EnumerateArray())
            {
                var body = row.GetProperty("body");
                var named = kind == "cars" ? body.GetProperty("car") : body;
                shown.Add($"{kind} {row.GetProperty("id").GetString()}");
                Put(connection, transaction, kind, row.GetProperty("id").GetString()!, named.GetProperty("name").GetString()!, "demo", 1, body.GetRawText());
            }
        }

        // What the demo no longer holds goes, unless a person has changed it.
        connection.Execute("DELETE FROM shelf_item WHERE origin = 'demo' AND revision = 1 AND kind || ' ' || id NOT IN @shown", new { shown }, transaction);
        transaction.Commit();
    }

    private static ShelfRow? Before(SqliteConnection connection, SqliteTransaction? transaction, string kind, string id) =>
        connection.QuerySingleOrDefault<ShelfRow>("SELECT name, origin, revision, archived, body, version FROM shelf_item WHERE kind = @kind AND id = @id",
            new { kind, id }, transaction);

    private static List<ShelfItem<T>> Items<T>(SqliteConnection connection, string kind)
        where T : class
    {
        var items = new List<ShelfItem<T>>();
        foreach (var row in connection.Query<Row>("SELECT id, origin, revision, archived, version, saved, body FROM shelf_item WHERE kind = @kind " +
            "ORDER BY origin, name COLLATE NOCASE", new { kind }))
        {
            if (BodyText.Read(BodyKind.Of<T>(), (int)row.Version, row.Body, []) is T body)
            {
                items.Add(new ShelfItem<T>(row.Id, row.Origin, (int)row.Revision, body, row.Archived == 1, row.Saved));
            }
        }

        return items;
    }

    // What a person has changed or taken off is no longer the demo's to write.
    private static void Put(SqliteConnection connection, SqliteTransaction transaction, string kind, string id, string name, string origin, long revision,
        string body) =>
        connection.Execute(
            $"""
            INSERT INTO shelf_item (kind, id, name, origin, revision, version, body, saved)
            VALUES (@kind, @id, @name, @origin, @revision, @Newest, @body, {Database.Now})
            ON CONFLICT (kind, id) DO UPDATE SET name = @name, origin = @origin, revision = @revision, archived = 0, version = @Newest, body = @body,
            saved = {Database.Now}
            WHERE @origin = 'own' OR (origin = 'demo' AND shelf_item.revision = 1)
            """,
            new { kind, id, name, origin, revision, BodyVersion.Newest, body }, transaction);

    private sealed record Row(string Id, string Origin, long Revision, long Archived, long Version, string? Saved, string Body);
}
