using Dapper;
using Rimrock.Core.Entries;
using Rimrock.Core.Preparation;

namespace Rimrock.Storage.Tests;

public sealed class LogStoreTests : IDisposable
{
    private readonly string folder = Directory.CreateTempSubdirectory("rimrock").FullName;
    private readonly Database database;
    private readonly LogStore log;

    public LogStoreTests()
    {
        database = new Database(Path.Combine(folder, "log.db"));
        log = new LogStore(database);
    }

    public void Dispose()
    {
        Microsoft.Data.Sqlite.SqliteConnection.ClearAllPools();
        Directory.Delete(folder, recursive: true);
    }

    private static SeasonEvent Event(string name, int day = 1) => new(new DateOnly(2026, 5, day), name, 20);

    private void Save(string id, string name, int day = 1) => log.Save("car", "event", id, new DateOnly(2026, 5, day), Event(name, day), 0);

    [Fact]
    public void Entries_come_back_newest_first_page_by_page()
    {
        for (var day = 1; day <= 9; day++)
        {
            Save($"e{day}", $"day {day}", day);
        }

        var page = log.Read<SeasonEvent>("car", "event", skip: 2, take: 3);
        page.Total.ShouldBe(9);
        page.Items.Select(item => item.Body.Name).ShouldBe(["day 7", "day 6", "day 5"]);
        log.Read<SeasonEvent>("other", "event").Total.ShouldBe(0);
    }

    [Fact]
    public void The_second_of_two_windows_is_told_and_nothing_is_overwritten()
    {
        Save("e", "first");
        log.Save("car", "event", "e", new DateOnly(2026, 5, 1), Event("second"), 1).ShouldBe(2);
        Should.Throw<RevisionConflictException>(() => log.Save("car", "event", "e", new DateOnly(2026, 5, 1), Event("third"), 1));
        Should.Throw<RevisionConflictException>(() => log.Delete("e", 1));
        log.Read<SeasonEvent>("car", "event").Items.Single().Body.Name.ShouldBe("second");
    }

    [Fact]
    public void An_id_of_another_car_or_kind_is_no_overwrite()
    {
        Save("e", "kept");
        Should.Throw<IdTakenException>(() => log.Save("other", "event", "e", new DateOnly(2026, 5, 1), Event("thief"), 1));
        Should.Throw<IdTakenException>(() =>
            log.Save("car", "kit", "e", new DateOnly(2026, 5, 1), new PaintKit("kit", false, [new Mark(400, "red", "#ff0000")]), 1));
        log.Read<SeasonEvent>("car", "event").Items.Single().Body.Name.ShouldBe("kept");
    }

    [Fact]
    public void Photos_go_with_their_entry_and_are_counted()
    {
        Save("e", "day");
        for (var i = 0; i < LogStore.MostPhotos; i++)
        {
            log.AddPhoto("e", $"p{i}", "photo", [1, 2, (byte)i]).ShouldBeTrue();
        }

        log.AddPhoto("e", "one more", "photo", [1]).ShouldBeFalse();
        log.AddPhoto("none", "p", "photo", [1]).ShouldBeFalse();
        log.Photo("p3").ShouldBe([1, 2, 3]);
        log.Delete("e", 1);
        log.Photo("p3").ShouldBeNull();
    }

    [Theory]
    [InlineData(1)]
    [InlineData(2)]
    [InlineData(3)]
    public void A_database_of_every_earlier_schema_is_brought_up(int scripts)
    {
        var path = Path.Combine(folder, $"schema-{scripts}.db");
        var names = typeof(Database).Assembly.GetManifestResourceNames().Where(name => name.EndsWith(".sql", StringComparison.Ordinal))
            .Order(StringComparer.Ordinal).Take(scripts).ToList();
        using (var connection = new Microsoft.Data.Sqlite.SqliteConnection($"Data Source={path}"))
        {
            connection.Open();
            connection.Execute("CREATE TABLE SchemaVersions (SchemaVersionID INTEGER CONSTRAINT 'PK_SchemaVersions_SchemaVersionID' PRIMARY KEY " +
                "AUTOINCREMENT NOT NULL, ScriptName TEXT NOT NULL, Applied DATETIME NOT NULL)");
            foreach (var name in names)
            {
                using var reader = new StreamReader(typeof(Database).Assembly.GetManifestResourceStream(name)!);
                connection.Execute(reader.ReadToEnd());
                connection.Execute("INSERT INTO SchemaVersions (ScriptName, Applied) VALUES (@name, '2026-01-01')", new { name });
            }

            connection.Execute("INSERT INTO shelf_item (kind, id, name, origin, revision, body) VALUES ('fluids', 'mine', 'mine', 'own', 3, " +
                "'{\"name\":\"mine\",\"class\":\"dot4\",\"dryC\":260,\"wetC\":170}')");
        }

        var upgraded = new Database(path);
        var item = new ShelfStore(upgraded).Read().Fluids.Single();
        (item.Id, item.Revision, item.Body.DryC, item.Archived).ShouldBe(("mine", 3, 260, false));
        new LogStore(upgraded).Read<LogSession>("car", "session").Total.ShouldBe(0);

        // The file as it was lies beside it.
        var before = Directory.EnumerateFiles(folder, $"schema-{scripts}.db.before-*").Single();
        using var kept = new Microsoft.Data.Sqlite.SqliteConnection($"Data Source={before};Mode=ReadOnly");
        kept.Open();
        kept.ExecuteScalar<int>("SELECT count(*) FROM SchemaVersions").ShouldBe(scripts);
        kept.ExecuteScalar<int>("SELECT count(*) FROM shelf_item").ShouldBe(1);
    }

    [Fact]
    public void A_read_only_file_is_refused_by_sqlite_and_told()
    {
        Save("e", "kept");
        using var connection = database.Open();
        connection.Execute("PRAGMA query_only = ON");
        Should.Throw<Microsoft.Data.Sqlite.SqliteException>(() => connection.Execute("DELETE FROM log_entry")).SqliteErrorCode.ShouldBe(8);
    }

    [Fact]
    public void The_demos_season_lies_about_the_day_and_is_written_once()
    {
        var shelf = new ShelfStore(database);
        shelf.LoadDemo();
        log.LoadDemo(shelf.Read(), new DateOnly(2026, 6, 1));
        log.LoadDemo(shelf.Read(), new DateOnly(2026, 6, 1));
        var sessions = log.Read<LogSession>("harrow", "session");
        sessions.Total.ShouldBe(4);
        sessions.Items.ShouldAllBe(item => item.Day < new DateOnly(2026, 6, 1) && item.Body.Faults().Count == 0 && item.Body.Evidence() != null);
        log.Read<SeasonEvent>("harrow", "event").Items.ShouldAllBe(item => item.Day > new DateOnly(2026, 6, 1));
    }
}
