using System.Diagnostics;
using System.Globalization;
using Dapper;

namespace Rimrock.Storage.Tests;

public sealed class KilledWriterTests : IDisposable
{
    private const int Halves = 2;
    private const int KillsOfAHalf = 100;
    private readonly string folder = Directory.CreateTempSubdirectory("rimrock").FullName;

    public void Dispose()
    {
        Microsoft.Data.Sqlite.SqliteConnection.ClearAllPools();
        Directory.Delete(folder, recursive: true);
    }

    /// <summary>A writer is killed in the middle of its writing, 200 times: nothing that it confirmed is lost, and the file is whole.</summary>
    [Fact]
    public async Task Nothing_confirmed_is_lost_when_the_writer_is_killed() =>
        await Task.WhenAll(Enumerable.Range(1, Halves).Select(half => Task.Factory.StartNew(() => KillAgainAndAgain(half), TaskCreationOptions.LongRunning)));

    private void KillAgainAndAgain(int half)
    {
        var path = Path.Combine(folder, $"killed-{half}.db");
        _ = new Database(path);
        var random = new Random(half);
        var confirmed = 0;
        for (var kill = 0; kill < KillsOfAHalf; kill++)
        {
            using var writer = Start(path, confirmed + 1);
            var enough = confirmed + 1 + random.Next(6);
            while (writer.StandardOutput.ReadLine() is { } line)
            {
                confirmed = int.Parse(line, CultureInfo.InvariantCulture);
                if (confirmed >= enough)
                {
                    // Somewhere within the next write or two.
                    Thread.SpinWait(random.Next(200_000));
                    writer.Kill();
                    break;
                }
            }

            while (writer.StandardOutput.ReadLine() is { Length: > 0 } late && int.TryParse(late, CultureInfo.InvariantCulture, out var number))
            {
                confirmed = number;
            }

            writer.WaitForExit();
            confirmed = Held(path, confirmed);
        }

        using var connection = new Database(path).Open();
        connection.ExecuteScalar<string>("PRAGMA integrity_check").ShouldBe("ok");
        confirmed.ShouldBeGreaterThanOrEqualTo(KillsOfAHalf);
    }

    /// <summary>Every confirmed entry is there; returns the last one that is, since the write that was killed may have been through.</summary>
    private static int Held(string path, int confirmed)
    {
        using var connection = new Database(path).Open();
        var count = connection.ExecuteScalar<int>("SELECT count(*) FROM log_entry");
        count.ShouldBeInRange(confirmed, confirmed + 1);
        return count;
    }

    private static Process Start(string path, int first) => Process.Start(new ProcessStartInfo(Path.Combine(AppContext.BaseDirectory, "Rimrock.Storage.Writer"),
        [path, first.ToString(CultureInfo.InvariantCulture)])
    { RedirectStandardOutput = true, UseShellExecute = false })!;
}
