using Dapper;
using Microsoft.Data.Sqlite;

namespace Rimrock.Storage.Tests;

public sealed class DatabaseTests : IDisposable
{
    private readonly string folder = Directory.CreateTempSubdirectory("rimrock").FullName;

    private string At(string name) => Path.Combine(folder, name);

    public void Dispose()
    {
        SqliteConnection.ClearAllPools();
        Directory.Delete(folder, recursive: true);
    }

    private static string Refusal(string path) => Should.Throw<DatabaseRefusedException>(() => new Database(path)).Message;

    [Fact]
    public void What_cannot_be_used_is_told_in_one_sentence_and_left_as_it_is()
    {
        Directory.CreateDirectory(At("a-folder"));
        Refusal(At("a-folder")).ShouldContain("is a folder");

        File.WriteAllText(At("text.db"), new string('x', 5000));
        Refusal(At("text.db")).ShouldContain("damaged or no database");
        File.ReadAllText(At("text.db")).ShouldBe(new string('x', 5000));

        using (var other = new SqliteConnection($"Data Source={At("other.db")};Pooling=False"))
        {
            other.Open();
            other.Execute("CREATE TABLE recipes (name TEXT)");
        }

        Refusal(At("other.db")).ShouldContain("another program");
        var newer = new Database(At("newer.db"));
        using (var connection = newer.Open())
        {
            connection.Execute("INSERT INTO SchemaVersions (ScriptName, Applied) VALUES ('Rimrock.Storage.Migrations.999_later.sql', '2030-01-01'); PRAGMA " +
                "wal_checkpoint(TRUNCATE)");
        }

        SqliteConnection.ClearAllPools();
        Refusal(At("newer.db")).ShouldContain("newer Rimrock");

        new Database(At("hurt.db")).Path.ShouldBe(At("hurt.db"));
        SqliteConnection.ClearAllPools();
        var bytes = File.ReadAllBytes(At("hurt.db"));
        bytes.AsSpan(4096, 2000).Fill(0x5A);
        File.WriteAllBytes(At("hurt.db"), bytes);
        Refusal(At("hurt.db")).ShouldContain("damaged");
        File.ReadAllBytes(At("hurt.db")).ShouldBe(bytes);
    }

    [Fact]
    public void Many_that_start_at_once_on_a_fresh_file_all_end_well()
    {
        Parallel.For(0, 6, _ => new LogStore(new Database(At("fresh.db"))).Read<Core.Preparation.SeasonEvent>("car", "event").Total.ShouldBe(0));
        using var connection = new Database(At("fresh.db")).Open();
        connection.ExecuteScalar<int>("SELECT count(*) - count(DISTINCT ScriptName) FROM SchemaVersions").ShouldBe(0);
    }

    [Fact]
    public void What_a_killed_server_left_is_swept_at_the_next_start()
    {
        var database = new Database(At("swept.db"));
        File.WriteAllText(At("swept.db.spool-archive-1"), "left");
        var day = new Copies(database);
        day.Daily(new DateOnly(2026, 5, 1));
        new Database(At("swept.db")).Path.ShouldBe(At("swept.db"));
        Directory.EnumerateFiles(folder, "*.spool-*").ShouldBeEmpty();
        Directory.EnumerateFiles(folder, "*.daily").ShouldNotBeEmpty("copies stay");
    }
}
