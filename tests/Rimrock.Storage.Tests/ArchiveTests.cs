using System.IO.Compression;
using System.Text;
using System.Text.Json.Nodes;
using CsCheck;
using Dapper;
using Rimrock.Core.Preparation;
using Rimrock.Core.Quantities;

namespace Rimrock.Storage.Tests;

public sealed partial class ArchiveTests : IDisposable
{
    private readonly string folder = Directory.CreateTempSubdirectory("rimrock").FullName;
    private readonly Database database;
    private readonly LogStore log;
    private readonly Archive archive;
    private readonly Copies copies;

    public ArchiveTests()
    {
        database = new Database(Path.Combine(folder, "log.db"));
        (log, archive, copies) = (new LogStore(database), new Archive(database), new Copies(database));
    }

    public void Dispose()
    {
        Microsoft.Data.Sqlite.SqliteConnection.ClearAllPools();
        Directory.Delete(folder, recursive: true);
    }

    private static SeasonEvent Event(string name, int day = 1) => new(new DateOnly(2026, 5, day), name, 20);

    private void Save(string id, string name, int day = 1) => log.Save("car", "event", id, new DateOnly(2026, 5, day), Event(name, day), 0);

    private async Task<byte[]> WrittenAsync()
    {
        using var to = new MemoryStream();
        await archive.WriteAsync(to, "test");
        return to.ToArray();
    }

    private async Task RestoreAsync(byte[] file)
    {
        using var from = new MemoryStream(file);
        await using var reader = await ArchiveReader.OpenAsync(from, database, _ => null);
        await archive.RestoreAsync(reader.Document, reader.PhotoAsync);
    }

    private async Task<IReadOnlyList<InputFault>> FaultsAsync(byte[] file) => (await Should.ThrowAsync<InputFaultException>(() => RestoreAsync(file))).Faults;

    private async Task<byte[]> ChangedAsync(Action<JsonObject> change, Action<ZipArchive>? files = null)
    {
        using var to = new MemoryStream();
        to.Write(await WrittenAsync());
        using (var zip = new ZipArchive(to, ZipArchiveMode.Update, leaveOpen: true))
        {
            JsonObject document;
            using (var read = zip.GetEntry(ArchiveDocument.FileName)!.Open())
            {
                document = JsonNode.Parse(read)!.AsObject();
            }

            change(document);
            zip.GetEntry(ArchiveDocument.FileName)!.Delete();
            using (var write = zip.CreateEntry(ArchiveDocument.FileName).Open())
            {
                write.Write(Encoding.UTF8.GetBytes(document.ToJsonString()));
            }

            files?.Invoke(zip);
        }

        return to.ToArray();
    }

    private string Everything()
    {
        using var connection = database.Open();
        return string.Join('\n', connection.Query<string>("SELECT id || car || kind || day || revision || version || body FROM log_entry ORDER BY id")
            .Concat(connection.Query<string>("SELECT kind || id || name || origin || revision || archived || version || body FROM shelf_item ORDER BY kind, " +
                "id"))
            .Concat(connection.Query<string>("SELECT id || entry || name || hex(bytes) FROM log_photo ORDER BY id")));
    }

    /// <summary>Whatever was written goes out and comes in again to the letter.</summary>
    [Fact]
    public void An_archive_loses_nothing()
    {
        new ShelfStore(database).LoadDemo();
        Gen.Select(Gen.String[1, 40].Where(name => name.Trim().Length > 0 && Names.WellFormed(name) && !name.Any(char.IsControl)), Gen.Int[1, 28],
            Gen.Double[-10, 40], Gen.Byte.Array[0, 200]).Array[0, 8].Sample(
            rows =>
            {
                using (var connection = database.Open())
                {
                    connection.Execute("DELETE FROM log_photo; DELETE FROM log_entry");
                }

                for (var i = 0; i < rows.Length; i++)
                {
                    log.Save("car", "event", $"e{i}", new DateOnly(2026, 5, rows[i].Item2),
                        new SeasonEvent(new DateOnly(2026, 5, rows[i].Item2), rows[i].Item1, rows[i].Item3), 0);
                    log.AddPhoto($"e{i}", $"p{i}", "photo", rows[i].Item4);
                }

                var before = Everything();
                var file = WrittenAsync().GetAwaiter().GetResult();
                using (var connection = database.Open())
                {
                    connection.Execute("DELETE FROM log_photo; DELETE FROM log_entry; DELETE FROM shelf_item");
                }

                RestoreAsync(file).GetAwaiter().GetResult();
                Everything().ShouldBe(before);
            },
            iter: 25, threads: 1);
    }

    /// <summary>60 photos of 400 KB in every run; 600 and 5,000 days in the long form.</summary>
    [Fact]
    public async Task A_long_log_with_its_photos_goes_round_byte_for_byte()
    {
        var (photos, days) = Environment.GetEnvironmentVariable("RIMROCK_LONG") is null ? (60, 60) : (600, 5000);
        var random = new Random(1);
        using (var connection = database.Open())
        using (var transaction = connection.BeginTransaction())
        {
            var session = File.ReadAllText(Path.Combine(AppContext.BaseDirectory, "Bodies", "v1", "session.demo.json"));
            for (var i = 0; i < days; i++)
            {
                var day = new DateOnly(2010, 1, 1).AddDays(i).ToString("yyyy-MM-dd", System.Globalization.CultureInfo.InvariantCulture);
                var body = JsonNode.Parse(session)!;
                body["date"] = day;
                LogStore.Put(connection, transaction, new LogRow($"day-{i}", "car", "session", day, 1, body.ToJsonString(), 1));
            }

            transaction.Commit();
        }

        for (var i = 0; i < photos; i++)
        {
            var bytes = new byte[400_000];
            random.NextBytes(bytes);
            log.AddPhoto($"day-{i / LogStore.MostPhotos}", $"photo-{i}", "photo", bytes).ShouldBeTrue();
        }

        var before = Everything();
        var path = Path.Combine(folder, "archive.zip");
        await using (var file = File.Create(path))
        {
            await archive.WriteAsync(file, "test");
        }

        using (var connection = database.Open())
        {
            connection.Execute("DELETE FROM log_photo; DELETE FROM log_entry");
        }

        await using (var file = File.OpenRead(path))
        {
            await using var reader = await ArchiveReader.OpenAsync(file, database, _ => null);
            await archive.RestoreAsync(reader.Document, reader.PhotoAsync);
        }

        Everything().ShouldBe(before);
    }

    [Fact]
    public async Task An_archive_of_the_first_form_is_read()
    {
        const string first = """
            {"rimrock": "archive", "version": 1,
             "shelf": [{"kind": "fluids", "id": "mine", "name": "mine", "origin": "own", "revision": 2, "archived": 0, "body": {"name": "mine", "class": "dot4", "dryC": 260, "wetC": 170}}],
             "log": [{"id": "e", "car": "car", "kind": "event", "day": "2026-05-01", "revision": 1, "body": {"date": "2026-05-01", "name": "old", "ambientC": 20}}],
             "photos": [{"id": "p", "entry": "e", "name": "photo", "bytes": "AQID"}]}
            """;
        await RestoreAsync(Encoding.UTF8.GetBytes(first));
        log.Read<SeasonEvent>("car", "event").Items.Single().Body.Name.ShouldBe("old");
        new ShelfStore(database).Read().Fluids.Single().Revision.ShouldBe(2);
        log.Photo("p").ShouldBe([1, 2, 3]);
    }

    public static TheoryData<string, string> Broken => new()
    {
        { "shelf[0].body", "an empty pad" }, { "shelf[0].body.family", "an unknown family" }, { "shelf[0].name", "another name" },
            { "shelf[0].kind", "an unknown kind" }, { "shelf[1].id", "an id twice" },
        { "log[0].day", "another day" }, { "log[0].body.ambientC", "too warm" }, { "log[0].version", "a newer form" }, { "log[0].car", "no car" },
        { "log[0].revision", "revision 0" },
        { "photos[0].entry", "an entry that is not there" }, { "photos[0].sha256", "another hash" }, { "photos[0].file", "a file that is not there" },
    };

    [Theory]
    [MemberData(nameof(Broken))]
    public async Task What_cannot_be_is_refused_by_its_row_and_nothing_is_touched(string field, string what)
    {
        new ShelfStore(database).Save("pads", "a", "pad", new Core.Friction.Pad("pad", "organic"), 0);
        Save("e", "kept");
        log.AddPhoto("e", "p", "photo", [1, 2, 3]);
        var file = await ChangedAsync(document =>
        {
            var (shelf, entry, photo) = (document["shelf"]!.AsArray(), document["log"]![0]!, document["photos"]![0]!);
            switch (what)
            {
                case "an empty pad": shelf[0]!["body"] = new JsonObject(); break;
                case "an unknown family": shelf[0]!["body"]!["family"] = "cheese"; break;
                case "another name": shelf[0]!["name"] = "other"; break;
                case "an unknown kind": shelf[0]!["kind"] = "wheels"; break;
                case "an id twice": shelf.Add(shelf[0]!.DeepClone()); break;
                case "another day": entry["day"] = "2026-05-02"; break;
                case "too warm": entry["body"]!["ambientC"] = 400; break;
                case "a newer form": entry["version"] = 99; break;
                case "no car": entry["car"] = ""; break;
                case "revision 0": entry["revision"] = 0; break;
                case "an entry that is not there": photo["entry"] = "none"; break;
                case "another hash": photo["sha256"] = new string('0', 64); break;
                case "a file that is not there": photo["file"] = "photos/none.jpg"; break;
            }
        });
        var before = Everything();
        (await FaultsAsync(file)).Select(fault => fault.Field).ShouldContain(found => found.StartsWith(field, StringComparison.Ordinal), what);
        Everything().ShouldBe(before);
    }

    [Fact]
    public async Task Odd_names_newer_forms_and_what_is_no_archive_are_refused()
    {
        Save("e", "kept");
        (await FaultsAsync(await ChangedAsync(_ => { }, zip => zip.CreateEntry("../evil")))).Single().Value.ShouldBe("../evil");
        (await FaultsAsync(await ChangedAsync(_ => { }, zip => zip.CreateEntry("RIMROCK.json")))).Single().Message.ToString().ShouldContain("twice");
        (await FaultsAsync(await ChangedAsync(document => document["version"] = 9))).Single().Message.ToString().ShouldContain("newer Rimrock");
        (await FaultsAsync([(byte)'P', (byte)'K', 1, 2, 3])).Single().Field.ShouldBe("file");
        (await FaultsAsync("no archive"u8.ToArray())).Single().Field.ShouldBe("file");
        (await FaultsAsync("[1]"u8.ToArray())).ShouldNotBeEmpty();
        log.Read<SeasonEvent>("car", "event").Items.Single().Body.Name.ShouldBe("kept");
    }

    [Fact]
    public async Task More_than_the_disk_has_room_for_is_refused()
    {
        Save("e", "kept");
        log.AddPhoto("e", "p", "photo", new byte[2_000_000]);
        var file = await WrittenAsync();
        var small = new Database(Path.Combine(folder, "small.db"), mostPages: 300);
        using var from = new MemoryStream(file);
        (await Should.ThrowAsync<InputFaultException>(() => ArchiveReader.OpenAsync(from, small, _ => null))).Faults.Single().Message.ToString()
            .ShouldContain("no room");
    }
}
