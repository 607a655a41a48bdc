using System.Reflection;
using Dapper;
using DbUp;
using DbUp.Engine.Output;
using Microsoft.Data.Sqlite;

namespace Rimrock.Storage;

/// <summary>A Rimrock database: one SQLite file, brought to the newest schema when opened.</summary>
public sealed class Database
{
    private const int BusyTimeoutMs = 5000;
    private readonly string connectionString;
    private readonly int? mostPages;

    /// <summary>Opens or creates a database.</summary>
    /// <param name="path">Path of the file; its folder is made if missing.</param>
    /// <param name="mostPages">Largest file in pages of SQLite, for a disk that is shared; a write past it ends as on a full disk. Null for no limit.</param>
    /// <exception cref="InvalidOperationException">A migration failed; the file keeps its old schema.</exception>
    public Database(string path, int? mostPages = null)
    {
        this.mostPages = mostPages;
        var folder = System.IO.Path.GetDirectoryName(System.IO.Path.GetFullPath(path));
        Directory.CreateDirectory(folder!);
        connectionString = new SqliteConnectionStringBuilder { DataSource = path, ForeignKeys = true, DefaultTimeout = BusyTimeoutMs / 1000 }.ToString();
        using (var connection = Open())
        {
            connection.Execute("PRAGMA journal_mode = WAL");
        }

        var result = DeployChanges.To.SqliteDatabase(connectionString)
            .WithScriptsEmbeddedInAssembly(Assembly.GetExecutingAssembly(), name => name.EndsWith(".sql", StringComparison.Ordinal))
            .WithTransactionPerScript()
            .LogTo(new NoOpUpgradeLog())
            .Build()
            .PerformUpgrade();
        if (!result.Successful)
        {
            throw new InvalidOperationException($"The database {path} could not be brought to the newest schema: {result.Error.Message}", result.Error);
        }
    }

    /// <summary>Opens a connection; the caller disposes of it.</summary>
    public SqliteConnection Open()
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
}
