using System.Globalization;
using Dapper;

namespace Rimrock.Storage;

/// <summary>How well the data are kept.</summary>
/// <param name="SavedOutside">When everything or a copy was last saved outside; null for never.</param>
/// <param name="Daily">Days of the copies that are made by themselves, newest first.</param>
/// <param name="BeforeRestore">When the data were replaced by an archive and the ones before were kept; null where there is nothing to bring back.</param>
public sealed record KeptState(DateTimeOffset? SavedOutside, IReadOnlyList<DateOnly> Daily, DateTimeOffset? BeforeRestore);

/// <summary>Copies of the database that lie beside it, readable by its owner only: one a day, one before each change of schema, one before a restore.</summary>
/// <param name="database">The database.</param>
public sealed class Copies(Database database)
{
    /// <summary>Daily copies that are kept.</summary>
    public const int MostDaily = 5;

    private const string Saved = "saved-outside";
    private static readonly string[] Tables = ["shelf_item", "log_entry", "log_photo", "fact"];

    private string BeforeRestorePath => database.Path + ".before-restore";

    /// <summary>Copies the file as it stands, safe while it is in use (SQLite's VACUUM INTO).</summary>
    /// <param name="database">The database.</param>
    /// <param name="path">Where to; what lies there is replaced once the copy is whole.</param>
    public static void Make(Database database, string path)
    {
        ArgumentNullException.ThrowIfNull(database);
        var part = path + ".part";
        File.Delete(part);
        PrivateFile.Create(part).Dispose();
        using (var connection = database.Open())
        {
            connection.Execute("VACUUM INTO @part", new { part });
        }

        File.Move(part, path, overwrite: true);
    }

    /// <summary>Makes the day's copy where there is none yet, and puts the oldest away.</summary>
    public void Daily(DateOnly today)
    {
        var path = DailyPath(today);
        if (!File.Exists(path))
        {
            Make(database, path);
        }

        foreach (var (_, old) in Dailies().Skip(MostDaily))
        {
            File.Delete(old);
        }
    }

    /// <summary>Remembers that the data were saved outside.</summary>
    public void NoteSaved(DateTimeOffset when)
    {
        using var connection = database.Open();
        connection.Execute("INSERT INTO fact (name, value) VALUES (@Saved, @when) ON CONFLICT (name) DO UPDATE SET value = @when",
            new { Saved, when = when.ToString("o", CultureInfo.InvariantCulture) });
    }

    /// <summary>How well the data are kept.</summary>
    public KeptState State()
    {
        using var connection = database.Open();
        var saved = connection.QuerySingleOrDefault<string>("SELECT value FROM fact WHERE name = @Saved", new { Saved });
        return new KeptState(
            saved is null ? null : DateTimeOffset.Parse(saved, CultureInfo.InvariantCulture), [.. Dailies().Select(copy => copy.Day)],
            File.Exists(BeforeRestorePath) ? new DateTimeOffset(File.GetLastWriteTimeUtc(BeforeRestorePath), TimeSpan.Zero) : null);
    }

    /// <summary>Keeps what a restore is about to replace.</summary>
    public void KeepBeforeRestore() => Make(database, BeforeRestorePath);

    /// <summary>Brings back what the last restore replaced, all or nothing; false where nothing is kept.</summary>
    public bool BringBack()
    {
        if (!File.Exists(BeforeRestorePath))
        {
            return false;
        }

        using (var connection = database.Open())
        {
            connection.Execute("ATTACH DATABASE @BeforeRestorePath AS kept", new { BeforeRestorePath });
            using var transaction = connection.BeginTransaction();
            foreach (var table in Tables.Reverse())
            {
                connection.Execute($"DELETE FROM main.{table}", transaction: transaction);
            }

            foreach (var table in Tables)
            {
                connection.Execute($"INSERT INTO main.{table} SELECT * FROM kept.{table}", transaction: transaction);
            }

            transaction.Commit();
            connection.Execute("DETACH DATABASE kept");
        }

        File.Delete(BeforeRestorePath);
        return true;
    }

    private string DailyPath(DateOnly day) => string.Create(CultureInfo.InvariantCulture, $"{database.Path}.{day:yyyy-MM-dd}.daily");

    private IEnumerable<(DateOnly Day, string Path)> Dailies()
    {
        var (folder, name) = (System.IO.Path.GetDirectoryName(database.Path)!, System.IO.Path.GetFileName(database.Path));
        return Directory.EnumerateFiles(folder, name + ".*.daily")
            .Select(path => (Known: DateOnly.TryParseExact(System.IO.Path.GetFileName(path)[(name.Length + 1)..^".daily".Length], "yyyy-MM-dd",
                CultureInfo.InvariantCulture, DateTimeStyles.None, out var day), Day: day, Path: path))
            .Where(copy => copy.Known).OrderByDescending(copy => copy.Day).Select(copy => (copy.Day, copy.Path));
    }
}
