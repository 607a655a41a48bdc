using Dapper;
using Rimrock.Contract;
using Rimrock.Core.Circuits;
using Rimrock.Core.Friction;
using Rimrock.Core.Quantities;
using Rimrock.Core.Rotors;

namespace Rimrock.Storage.Tests;

/// <summary>Bodies of every form that has ever been written are read, whatever comes later.</summary>
public sealed class BodiesTests : IDisposable
{
    private readonly string folder = Directory.CreateTempSubdirectory("rimrock").FullName;

    public static IEnumerable<object[]> Golden =>
        Directory.EnumerateFiles(Path.Combine(AppContext.BaseDirectory, "Bodies"), "*.json", SearchOption.AllDirectories).Order(StringComparer.Ordinal)
        .Select(file => new object[] { int.Parse(Path.GetFileName(Path.GetDirectoryName(file)!)[1..], System.Globalization.CultureInfo.InvariantCulture),
            Path.GetFileNameWithoutExtension(file) });

    public void Dispose()
    {
        Microsoft.Data.Sqlite.SqliteConnection.ClearAllPools();
        Directory.Delete(folder, recursive: true);
    }

    private static string TextOf(int version, string name) => File.ReadAllText(Path.Combine(AppContext.BaseDirectory, "Bodies", $"v{version}", name + ".json"));

    private static object? Read(int version, string name, List<InputFault> faults) =>
        BodyText.Read(BodyKind.All.Single(kind => kind.Code == name.Split('.')[0]), version, TextOf(version, name), faults);

    [Theory]
    [MemberData(nameof(Golden))]
    public void A_body_of_every_form_is_read(int version, string name)
    {
        var faults = new List<InputFault>();
        Read(version, name, faults).ShouldNotBeNull(string.Join("; ", faults.Select(fault => fault.Message)));
    }

    [Fact]
    public void Every_kind_has_a_body_of_every_form()
    {
        for (var version = 1; version <= BodyVersion.Newest; version++)
        {
            var held = Directory.EnumerateFiles(Path.Combine(AppContext.BaseDirectory, "Bodies", $"v{version}"))
                .Select(file => Path.GetFileName(file).Split('.')[0]).ToHashSet();
            BodyKind.All.Select(kind => kind.Code).Where(code => !held.Contains(code)).ShouldBeEmpty($"form {version}");
        }
    }

    [Fact]
    public void The_second_form_gives_a_drum_its_hat_and_mends_stray_samples()
    {
        var drum = (Rotor)Read(1, "rotors.drum-without-hat", [])!;
        (drum.InnerDiameterMm, drum.VaneGapMm).ShouldBe((184, 0));
        ((Circuit)Read(1, "circuits.stray-sample", [])!).Recording!.SpeedKmh.ShouldAllBe(kmh => kmh == 120);
        var faults = new List<InputFault>();
        BodyText.Read(BodyKind.Of<Rotor>(), BodyVersion.Newest, TextOf(1, "rotors.drum-without-hat"), faults).ShouldBeNull();
        faults.ShouldNotBeEmpty();
    }

    /// <summary>A plan of the second form was one track day and one road duty: it keeps both, with its trailer; where all miles are on the road, no track.</summary>
    [Theory]
    [InlineData("""{"roadPercent":80}""", "track-day 5, weekday 200")]
    [InlineData("""{"roadPercent":60,"roadDuty":"descent","trailerKg":1900,"trailerBraked":true}""", "track-day 5, descent 4 560 m 8 % 1900 kg braked")]
    [InlineData("""{"roadPercent":100,"roadDuty":"commute","trailerKg":0}""", "commute 220")]
    [InlineData("""{"roadPercent":0,"roadDuty":"country"}""", "track-day 5")]
    public void The_third_form_makes_kinds_of_day_of_a_road_duty(string plan, string days)
    {
        var node = System.Text.Json.Nodes.JsonNode.Parse(plan)!.AsObject();
        BodyVersion.UpgradePlan(2, node);
        node.ContainsKey("roadDuty").ShouldBeFalse();
        string.Join(", ", node["days"]!.AsArray().Select(day => $"{day!["kind"]} {day["daysAYear"]}"
            + (day["dropM"] is { } drop ? $" {drop} m {day["slopePercent"]} %" : "")
            + (day["trailerKg"] is { } kg ? $" {kg} kg {((bool)day["trailerBraked"]! ? "braked" : "unbraked")}" : ""))).ShouldBe(days);
    }

    [Fact]
    public void A_row_that_cannot_be_read_is_set_aside_and_the_rest_answers()
    {
        var database = new Database(Path.Combine(folder, "aside.db"));
        var shelf = new ShelfStore(database);
        shelf.Save("pads", "good", "good", new Pad("good", "organic"), 0);
        using (var connection = database.Open())
        {
            connection.Execute("""
                INSERT INTO shelf_item (kind, id, name, origin, revision, version, body) VALUES ('pads', 'empty', 'empty', 'own', 1, 2, '{}'), ('pads', 'newer', 'newer', 'own', 1, 77, '{"name":"newer","family":"organic"}'),
                  ('pads', 'cheese', 'cheese', 'own', 1, 2, '{"name":"cheese","family":"cheese"}');
                INSERT INTO log_entry (id, car, kind, day, revision, version, body) VALUES ('broken', 'car', 'session', '2026-05-01', 1, 2, '{"date": "2026-05-01"}');
                """);
        }

        shelf.Read().Pads.Select(item => item.Id).ShouldBe(["good"]);
        new LogStore(database).Read<Core.Entries.LogSession>("car", "session").Items.ShouldBeEmpty();
        var aside = new SetAside(database);
        aside.Find().Select(row => row.Id).Order().ShouldBe(["broken", "cheese", "empty", "newer"]);
        aside.Find().Single(row => row.Id == "newer").Why.Single().Message.ToString().ShouldContain("newer Rimrock");
        aside.BodyOf("shelf", "pads", "empty").ShouldBe("{}");
        aside.Delete("shelf", "pads", "good").ShouldBeFalse("what can be read is deleted elsewhere");
        aside.Delete("shelf", "pads", "empty").ShouldBeTrue();
        aside.Find().Count.ShouldBe(3);
    }

    [Fact]
    public void The_demo_keeps_what_a_person_changed_or_took_off_and_drops_what_it_no_longer_holds()
    {
        var database = new Database(Path.Combine(folder, "demo.db"));
        var shelf = new ShelfStore(database);
        shelf.LoadDemo();
        shelf.Archive("pads", "fell-3", true, 1);
        shelf.Save("pads", "fell-1", "mine now", new Pad("mine now", "organic"), 1);
        using (var connection = database.Open())
        {
            connection.Execute("INSERT INTO shelf_item (kind, id, name, origin, revision, version, body) VALUES ('pads', 'gone', 'gone', 'demo', 1, 2, " +
                "'{\"name\":\"gone\",\"family\":\"organic\"}')");
        }

        shelf.LoadDemo();
        var pads = shelf.Read().Pads;
        pads.Single(item => item.Id == "fell-3").Archived.ShouldBeTrue();
        pads.Single(item => item.Id == "fell-1").Body.Name.ShouldBe("mine now");
        pads.ShouldNotContain(item => item.Id == "gone");
    }
}
