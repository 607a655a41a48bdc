using System.Reflection;
using Dapper;
using DbUp;
using DbUp.Engine;
using DbUp.Engine.Output;
using Microsoft.Data.Sqlite;

namespace Rimrock.Storage;

/// <summary>Raised for a database that cannot be used; says why in one sentence. Nothing in it was altered.</summary>
/// <param name="message">Why.</param>
/// <param name="inner">What was met.</param>
public sealed class DatabaseRefusedException(string message, Exception? inner = null) : Exception(message, inner);

/// <summary>A Rimrock database: one SQLite file, looked at before anything is altered, then brought to the newest schema.</summary>
public sealed class Database
{
    /// <summary>The present moment in a statement, UTC by ISO 8601.</summary>
    internal const string Now = "strftime('%Y-%m-%dT%H:%M:%SZ', 'now')";

    private const int BusyTimeoutMs = 5000;
    private const int PageBytes = 4096;
    private const int LockTries = 300;
    private static readonly TimeSpan BetweenTries = TimeSpan.FromMilliseconds(100);
    private readonly AsyncLocal<Database?> standIn = new();
    private readonly string connectionString;
    private readonly string path;
    private readonly int? mostPages;

    /// <summary>Opens or creates a database.</summary>
    /// <param name="path">Path of the file; its folder is made if missing.</param>
    /// <param name="mostPages">Largest file in pages of SQLite, for a disk that is shared; a write past it ends as on a full disk. Null for no limit.</param>
    /// <exception cref="DatabaseRefusedException">It cannot be used; nothing in it was altered.</exception>
    public Database(string path, int? mostPages = null)
    {
        this.mostPages = mostPages;
        this.path = System.IO.Path.GetFullPath(path);
        var folder = System.IO.Path.GetDirectoryName(Path);
        if (Directory.Exists(Path))
        {
            throw new DatabaseRefusedException($"{Path} is a folder, not a database.");
        }

        connectionString = new SqliteConnectionStringBuilder { DataSource = Path, ForeignKeys = true, DefaultTimeout = BusyTimeoutMs / 1000 }.ToString();
        try
        {
            Directory.CreateDirectory(folder!);

            // Two that start at once on the same file take turns.
            using var turn = TakeTurn();
            Look();
            Upgrade();
            PrivateFile.Sweep(Path);
        }
        catch (SqliteException error)
        {
            throw new DatabaseRefusedException(Why(error), error);
        }
        catch (Exception error) when (error is UnauthorizedAccessException or IOException)
        {
            throw new DatabaseRefusedException($"The database {Path} cannot be written: " +
                $"{(error is UnauthorizedAccessException ? "its folder or file does not allow it" : "the disk does not take it")}.", error);
        }
    }

    /// <summary>Full path of the file.</summary>
    public string Path => (standIn.Value ?? this).path;

    /// <summary>Until what is returned is disposed of, whatever this call leads to opens another database in place of this one.</summary>
    /// <param name="other">The other database.</param>
    public IDisposable StandIn(Database other)
    {
        standIn.Value = other;
        return new Leaving(this);
    }

    /// <summary>Opens a connection; the caller disposes of it.</summary>
    public SqliteConnection Open() => (standIn.Value ?? this).OpenOwn();

    private SqliteConnection OpenOwn()
    {
        var connection = new SqliteConnection(connectionString);
        connection.Open();
        connection.Execute($"PRAGMA busy_timeout = {BusyTimeoutMs}");
        if (mostPages is { } most)
        {
            connection.Execute($"PRAGMA max_page_count = {most}");
        }

        return connection;
    }

    /// <summary>Bytes that the database may still grow by: the disk's, or what its largest size leaves.</summary>
    public long FreeBytes() => (standIn.Value ?? this).OwnFreeBytes();

    private long OwnFreeBytes()
    {
        var disk = new DriveInfo(System.IO.Path.GetDirectoryName(Path)!).AvailableFreeSpace;
        return mostPages is { } most ? Math.Min(disk, ((long)most * PageBytes) - new FileInfo(Path).Length) : disk;
    }

    private static IReadOnlyList<string> Scripts() => [.. Assembly.GetExecutingAssembly().GetManifestResourceNames()
        .Where(name => name.EndsWith(".sql", StringComparison.Ordinal)).Order(StringComparer.Ordinal)];

    private FileStream TakeTurn()
    {
        for (var tried = 0; ; tried++)
        {
            try
            {
                return new FileStream(Path + ".lock", FileMode.OpenOrCreate, FileAccess.ReadWrite, FileShare.None, 1, FileOptions.DeleteOnClose);
            }
            catch (IOException) when (tried < LockTries && Directory.Exists(System.IO.Path.GetDirectoryName(Path)))
            {
                Thread.Sleep(BetweenTries);
            }
        }
    }

    // Whole, ours, and no newer than we are: asked before the first thing is written.
    private void Look()
    {
        if (!File.Exists(Path) || new FileInfo(Path).Length == 0)
        {
            return;
        }

        using var connection = Open();
        var found = connection.Query<string>("PRAGMA quick_check(1)").First();
        if (found != "ok")
        {
            throw new DatabaseRefusedException($"The database {Path} is damaged ({found}). Nothing was altered; a copy of an earlier day may lie beside it.");
        }

        var tables = connection.Query<string>("SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite_%'")
            .ToHashSet(StringComparer.Ordinal);
        if (tables.Count > 0 && !tables.Contains("SchemaVersions"))
        {
            throw new DatabaseRefusedException($"{Path} is the database of another program. Nothing was altered.");
        }

        var known = Scripts().ToHashSet(StringComparer.Ordinal);
        var applied = tables.Count == 0 ? [] : connection.Query<string>("SELECT ScriptName FROM SchemaVersions").ToList();
        if (applied.Any(script => !known.Contains(script)))
        {
            throw new DatabaseRefusedException($"The database {Path} was written by a newer Rimrock. Nothing was altered; start the newer one.");
        }

        connection.Execute("BEGIN IMMEDIATE; ROLLBACK");
        if (applied.Count > 0 && known.Except(applied).Order(StringComparer.Ordinal).FirstOrDefault() is { } next)
        {
            // Named after the first change that it is older than, such as 004.
            Copies.Make(this, $"{Path}.before-{next.Split('.')[^2][..3]}");
        }
    }

    private void Upgrade()
    {
        using (var connection = Open())
        {
            connection.Execute("PRAGMA journal_mode = WAL");
        }

        var result = DeployChanges.To.SqliteDatabase(connectionString)
            .WithScripts(Scripts().Select(name => SqlScript.FromStream(name, Assembly.GetExecutingAssembly().GetManifestResourceStream(name)!)))
            .WithTransactionPerScript()
            .LogTo(new NoOpUpgradeLog())
            .Build()
            .PerformUpgrade();
        if (!result.Successful)
        {
            throw new DatabaseRefusedException($"The database {Path} could not be brought to the newest schema and keeps its old one: {result.Error.Message}",
                result.Error);
        }
    }

    private string Why(SqliteException error) => error.SqliteErrorCode switch
    {
        5 or 6 => $"The database {Path} is in use by another program that does not let go of it.",
        8 or 14 or 23 => $"The database {Path} cannot be written: look at the permissions of its file and folder.",
        11 or 26 => $"{Path} is damaged or no database. Nothing was altered; a copy of an earlier day may lie beside it.",
        13 => $"The disk with the database {Path} is full.",
        _ => $"The database {Path} cannot be opened: {error.Message}",
    };

    private sealed class Leaving(Database left) : IDisposable
    {
        public void Dispose() => left.standIn.Value = null;
    }
}
