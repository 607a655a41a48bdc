using System.Collections.Concurrent;
using Dapper;
using Rimrock.Contract;
using Rimrock.Core.Quantities;

namespace Rimrock.Storage;

/// <summary>A row that cannot be read: it is left where it lies, and the rest answers.</summary>
/// <param name="Table">shelf or log.</param>
/// <param name="Kind">Its kind.</param>
/// <param name="Id">Its id.</param>
/// <param name="Name">What is known of it: its name on the shelf, its day in the log.</param>
/// <param name="Why">What is wrong, by field.</param>
public sealed record AsideRow(string Table, string Kind, string Id, string Name, IReadOnlyList<InputFault> Why);

/// <summary>Finds rows that cannot be read, gives them out as they stand, and deletes them on request.</summary>
/// <param name="database">The database.</param>
public sealed class SetAside(Database database)
{
    // Rows that were read once need not be read again until they change: a log of years is looked through once.
    private readonly ConcurrentDictionary<(string Table, string Kind, string Id), (long Revision, long Version)> read = new();

    /// <summary>All of them.</summary>
    public IReadOnlyList<AsideRow> Find()
    {
        using var connection = database.Open();
        var found = new List<AsideRow>();
        foreach (var row in connection.Query<Row>("SELECT 'shelf' AS [table], kind, id, name, revision, version FROM shelf_item UNION ALL SELECT 'log', " +
            "kind, id, day, revision, version FROM log_entry").ToList())
        {
            var key = (row.Table, row.Kind, row.Id);
            if ((read.TryGetValue(key, out var known) && known == (row.Revision, row.Version)) || BodyKind.Find(row.Kind, row.Table == "log") is not { } kind
                || BodyOf(row.Table, row.Kind, row.Id) is not { } body)
            {
                continue;
            }

            var faults = new List<InputFault>();
            if (BodyText.Read(kind, (int)row.Version, body, faults) is null)
            {
                found.Add(new AsideRow(row.Table, row.Kind, row.Id, row.Name, faults));
            }
            else
            {
                read[key] = (row.Revision, row.Version);
            }
        }

        return found;
    }

    /// <summary>The body of a row as it stands, or null.</summary>
    public string? BodyOf(string table, string kind, string id)
    {
        using var connection = database.Open();
        return connection.QuerySingleOrDefault<string>(table == "log"
            ? "SELECT body FROM log_entry WHERE kind = @kind AND id = @id" : "SELECT body FROM shelf_item WHERE kind = @kind AND id = @id", new { kind, id });
    }

    /// <summary>Deletes a row that cannot be read; false where there is none, or where it can be read after all.</summary>
    public bool Delete(string table, string kind, string id)
    {
        if (!Find().Any(row => row.Table == table && row.Kind == kind && row.Id == id))
        {
            return false;
        }

        using var connection = database.Open();
        return connection.Execute(table == "log"
            ? "DELETE FROM log_entry WHERE kind = @kind AND id = @id" : "DELETE FROM shelf_item WHERE kind = @kind AND id = @id", new { kind, id }) == 1;
    }

    private sealed record Row(string Table, string Kind, string Id, string Name, long Revision, long Version);
}
