using BenchmarkDotNet.Attributes;
using Dapper;
using Rimrock.Core.Entries;
using Rimrock.Core.Preparation;
using Rimrock.Core.Quantities;
using Rimrock.Storage;

namespace Rimrock.Benchmarks;

/// <summary>What the rooms ask of a log with 20,000 days in it.</summary>
public class LogBenchmark
{
    private const int Days = 20_000;
    private string path = "";
    private LogStore log = null!;

    /// <summary>Twenty thousand copies of a demo day.</summary>
    [GlobalSetup]
    public void Prepare()
    {
        path = Path.Combine(Path.GetTempPath(), $"rimrock-bench-{Guid.NewGuid():n}.db");
        var database = new Database(path);
        var shelf = new ShelfStore(database);
        shelf.LoadDemo();
        log = new LogStore(database);
        log.LoadDemo(shelf.Read(), new DateOnly(2026, 6, 1));
        using var connection = database.Open();
        using var transaction = connection.BeginTransaction();
        var body = connection.ExecuteScalar<string>("SELECT body FROM log_entry WHERE kind = 'session' LIMIT 1", transaction: transaction);
        for (var i = 0; i < Days; i++)
        {
            connection.Execute("INSERT INTO log_entry (id, car, kind, day, revision, body) VALUES (@id, 'harrow', 'session', @day, 1, @body)",
                new
                {
                    id = $"bench-{i}",
                    day = new DateOnly(1980, 1, 1).AddDays(i % 15000)
                    .ToString("yyyy-MM-dd", System.Globalization.CultureInfo.InvariantCulture),
                    body
                }, transaction);
        }

        transaction.Commit();
    }

    /// <summary>Removes the file.</summary>
    [GlobalCleanup]
    public void Remove()
    {
        Microsoft.Data.Sqlite.SqliteConnection.ClearAllPools();
        File.Delete(path);
    }

    /// <summary>The Log's first page.</summary>
    [Benchmark]
    public LogPage<LogSession> FirstPage() => log.Read<LogSession>("harrow", "session", take: 30);

    /// <summary>The days that learning looks through.</summary>
    [Benchmark]
    public LogPage<LogSession> ForLearning() => log.Read<LogSession>("harrow", "session", take: 60);

    /// <summary>The events of the season.</summary>
    [Benchmark]
    public LogPage<SeasonEvent> Events() => log.Read<SeasonEvent>("harrow", "event", take: 60);
}
