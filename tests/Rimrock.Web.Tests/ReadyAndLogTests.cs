using System.Net;
using System.Net.Http.Json;
using System.Text;
using System.Text.Json.Nodes;

namespace Rimrock.Web.Tests;

public sealed class ReadyAndLogTests(RimrockHost host) : IClassFixture<RimrockHost>
{
    private readonly HttpClient client = host.CreateClient();

    private static Uri At(string path) => new(path, UriKind.Relative);

    private static async Task<JsonObject> BodyAsync(HttpResponseMessage answer) => (await answer.Content.ReadFromJsonAsync<JsonObject>())!;

    private static JsonObject Session(JsonNode plan) => new JsonObject
    {
        ["date"] = "2026-05-01",
        ["sessions"] = 1,
        ["laps"] = 8,
        ["plan"] = plan.DeepClone(),
        ["pedal"] = "softHot",
        ["pedalLap"] = 4,
        ["frontPaint"] = new JsonObject { ["aboveC"] = 430, ["belowC"] = 560 }
    };

    [Fact]
    public async Task A_change_becomes_a_work_order_and_a_bedding()
    {
        var plan = await Plans.DemoAsync(client);
        var after = plan.DeepClone();
        after["frontPad"] = JsonNode.Parse("""{"name": "new pad", "family": "track-sport"}""");
        var order = await BodyAsync(await client.PostAsJsonAsync(At("/api/ready/work"),
            new JsonObject { ["before"] = plan.DeepClone(), ["after"] = after.DeepClone() }));
        order["changes"]!.AsArray().Count.ShouldBe(1);
        order["steps"]!.AsArray().Count.ShouldBeGreaterThan(5);
        var bed = await BodyAsync(await client.PostAsJsonAsync(At("/api/ready/bedding"),
            new JsonObject { ["plan"] = after.DeepClone(), ["place"] = "closedCourse" }));
        ((bool)bed["reached"]!).ShouldBeTrue();
    }

    /// <summary>What a driver wrote into the note of a day stops the car in every room, not on that day's own page alone.</summary>
    [Fact]
    public async Task A_leak_that_was_only_written_down_stops_the_car()
    {
        var plan = await Plans.DemoAsync(client);
        async Task<JsonObject> GarageAsync(string car) => await BodyAsync(await client.PostAsJsonAsync(At($"/api/log/{car}/garage"),
            new JsonObject { ["described"] = plan.DeepClone(), ["describedOn"] = null, ["today"] = "2026-05-02" }));
        async Task WriteAsync(string car, string note, JsonArray? seen = null)
        {
            var session = Session(plan);
            (session["pedal"], session["pedalLap"], session["note"], session["seen"]) = ("firm", null, note, seen);
            (await client.PutAsJsonAsync(At($"/api/log/{car}/sessions/s-{car}?revision=0&day=2026-05-01"), session)).StatusCode.ShouldBe(HttpStatusCode.OK);
        }

        await WriteAsync("dry", "no leak, nothing to see");
        (await GarageAsync("dry"))["stops"]!.AsArray().ShouldBeEmpty();
        await WriteAsync("wet", "brake fluid dripping from the left front caliper");
        var wet = await GarageAsync("wet");
        wet["stops"]!.AsArray().Count.ShouldBe(1);
        var bench = await BodyAsync(await client.PostAsJsonAsync(At("/api/predictions/band"), new JsonObject { ["plan"] = wet["plan"]!.DeepClone() }));
        ((string)bench["prior"]!["outcome"]!).ShouldBe("stop");

        // The same of what was entered as seen, on the Bench or in the paddock.
        await WriteAsync("soft", "", [new JsonObject { ["kind"] = "pedalSoft", ["rear"] = false, ["lap"] = 5 }]);
        (await GarageAsync("soft"))["stops"]!.AsArray().Count.ShouldBe(1);
        await WriteAsync("burnt", "", [new JsonObject { ["kind"] = "rotorPaint", ["rear"] = true, ["aboveC"] = 910 }]);
        ((string)(await GarageAsync("burnt"))["plan"]!["open"]![0]!["trouble"]!).ShouldBe("burntRotor");
    }

    [Fact]
    public async Task A_season_comes_as_plan_calendar_and_table_and_refuses_the_past()
    {
        JsonObject Question(JsonNode plan, string date) => new()
        {
            ["plan"] = plan.DeepClone(),
            ["today"] = "2026-03-01",
            ["events"] = new JsonArray(new JsonObject { ["date"] = date, ["name"] = "day", ["ambientC"] = 20 }),
            ["car"] = "nobody"
        };
        var plan = await Plans.DemoAsync(client);
        (await BodyAsync(await client.PostAsJsonAsync(At("/api/ready/season"), Question(plan, "2026-05-01"))))["policies"]!.AsArray().Count.ShouldBe(4);
        (await (await client.PostAsJsonAsync(At("/api/ready/season/calendar"), Question(plan, "2026-05-01"))).Content.ReadAsStringAsync())
            .ShouldStartWith("BEGIN:VCALENDAR");
        (await (await client.PostAsJsonAsync(At("/api/ready/season/table"), Question(plan, "2026-05-01"))).Content.ReadAsStringAsync())
            .ShouldStartWith("date,event");
        foreach (var units in new[] { "metric", "imperial", "Imperial" })
        {
            (await client.PostAsJsonAsync(At($"/api/ready/season/calendar?units={units}"), Question(plan, "2026-05-01"))).StatusCode.ShouldBe(HttpStatusCode.OK);
            (await (await client.PostAsJsonAsync(At($"/api/ready/season/table?units={units}"), Question(plan, "2026-05-01"))).Content.ReadAsStringAsync())
                .ShouldContain(units == "metric" ? "_c," : "_f,");
        }

        (await (await client.PostAsJsonAsync(At("/api/ready/season/table?units=cubits"), Question(plan, "2026-05-01"))).Content.ReadAsStringAsync())
            .ShouldContain("metric, imperial");
        var past = await client.PostAsJsonAsync(At("/api/ready/season"), Question(plan, "2026-01-01"));
        past.StatusCode.ShouldBe(HttpStatusCode.BadRequest);
        (await BodyAsync(past))["faults"]!.ToJsonString().ShouldContain("events[0].date");
    }

    [Fact]
    public async Task A_day_is_written_with_its_findings_read_corrected_in_turn_and_deleted()
    {
        var plan = await Plans.DemoAsync(client);
        var put = await client.PutAsJsonAsync(At("/api/log/web-car/sessions/one?revision=0&day=2026-05-01"), Session(plan));
        put.StatusCode.ShouldBe(HttpStatusCode.OK);
        (await BodyAsync(put))["findings"]!.ToJsonString().ShouldContain("false comfort");
        (await client.PutAsJsonAsync(At("/api/log/web-car/sessions/one?revision=0&day=2026-05-01"),
            Session(plan))).StatusCode.ShouldBe(HttpStatusCode.Conflict);
        ((int)(await BodyAsync(await client.GetAsync(At("/api/log/web-car/sessions"))))["total"]!).ShouldBe(1);
        (await client.GetStringAsync(At("/api/log/web-car/table"))).ShouldContain("2026-05-01");
        (await client.GetStringAsync(At("/api/log/web-car/table?units=imperial"))).ShouldContain("ambient_f");
        (await client.DeleteAsync(At("/api/log/entries/one?revision=1"))).StatusCode.ShouldBe(HttpStatusCode.NoContent);
        ((int)(await BodyAsync(await client.GetAsync(At("/api/log/web-car/sessions"))))["total"]!).ShouldBe(0);
    }

    [Fact]
    public async Task Bad_entries_store_nothing()
    {
        var bad = Session(await Plans.DemoAsync(client));
        bad["laps"] = 5000;
        (await client.PutAsJsonAsync(At("/api/log/bad-car/sessions/x?revision=0&day=2026-05-01"), bad)).StatusCode.ShouldBe(HttpStatusCode.BadRequest);
        (await client.PutAsJsonAsync(At("/api/log/bad-car/sessions/x?revision=0&day=yesterday"),
            Session(await Plans.DemoAsync(client)))).StatusCode.ShouldBe(HttpStatusCode.BadRequest);
        ((int)(await BodyAsync(await client.GetAsync(At("/api/log/bad-car/sessions"))))["total"]!).ShouldBe(0);
    }

    [Fact]
    public async Task The_demos_log_teaches_forecasts_and_diagnoses()
    {
        var plan = await Plans.DemoAsync(client);
        var learnt = await client.PostAsJsonAsync(At("/api/log/harrow/learning"), plan);
        learnt.StatusCode.ShouldBe(HttpStatusCode.OK);
        var page = await BodyAsync(learnt);
        ((double)page["after"]!["p90"]! - (double)page["after"]!["p10"]!)
            .ShouldBeLessThan(0.6 * ((double)page["before"]!["p90"]! - (double)page["before"]!["p10"]!));
        (await client.PostAsJsonAsync(At("/api/log/nobody/learning"), plan)).StatusCode.ShouldBe(HttpStatusCode.NoContent);
        var wear = await BodyAsync(await client.PostAsJsonAsync(At("/api/log/harrow/wear"), plan));
        wear["parts"]!.AsArray().Select(part => ToldJson.Text(part!["part"])).ShouldBe(["front pads", "rear pads", "front rotors"]);
        ((double)wear["cost"]!["perHour"]!).ShouldBeGreaterThan(0);
        var causes = (await (await client.PostAsJsonAsync(At("/api/log/harrow/diagnosis"),
            new JsonObject { ["symptom"] = "judder", ["plan"] = plan.DeepClone() })).Content.ReadFromJsonAsync<JsonArray>())!;
        ((bool)causes[0]!["cause"]!["first"]!).ShouldBeTrue();
        ((string)causes.First(cause => !(bool)cause!["cause"]!["first"]!)!["cause"]!["code"]!).ShouldBe("film");
    }

    [Fact]
    public async Task Photos_lose_their_metadata_and_what_is_none_is_refused()
    {
        await client.PutAsJsonAsync(At("/api/log/photo-car/sessions/pictured?revision=0&day=2026-05-01"), Session(await Plans.DemoAsync(client)));
        using var drawn = new MemoryStream();
        using (var image = new SixLabors.ImageSharp.Image<SixLabors.ImageSharp.PixelFormats.Rgb24>(16, 16))
        {
            SixLabors.ImageSharp.ImageExtensions.SaveAsJpeg(image, drawn);
        }

        // A place before the picture, another inside it between tables and scan, and a film after its end.
        var plain = drawn.ToArray();
        var scan = plain.AsSpan().IndexOf([(byte)0xFF, (byte)0xDA]);
        byte[] place = [0xFF, 0xE1, 0, 8, .. "secret"u8];
        byte[] picture = [.. plain[..2], .. place, .. plain[2..scan], .. place, .. plain[scan..], .. "secret film"u8];
        using var content = new ByteArrayContent(picture);
        content.Headers.ContentType = new("image/jpeg");
        (await client.PostAsync(At("/api/log/entries/pictured/photos?name=rotor"), content)).StatusCode.ShouldBe(HttpStatusCode.OK);
        var id = (string)(await client.GetFromJsonAsync<JsonArray>(At("/api/log/entries/pictured/photos")))![0]!;
        Encoding.Latin1.GetString(await client.GetByteArrayAsync(At($"/api/log/photos/{id}"))).ShouldNotContain("secret");
        using var broken = new ByteArrayContent([.. plain[..(scan / 2)], .. plain[scan..]]);
        broken.Headers.ContentType = new("image/jpeg");
        (await client.PostAsync(At("/api/log/entries/pictured/photos?name=x"), broken)).StatusCode.ShouldBe(HttpStatusCode.BadRequest,
            "what does not decode is no photo");
        using var none = new ByteArrayContent([1, 2, 3, 4]);
        none.Headers.ContentType = new("image/jpeg");
        (await client.PostAsync(At("/api/log/entries/pictured/photos?name=x"), none)).StatusCode.ShouldBe(HttpStatusCode.BadRequest);
    }

    [Fact]
    public async Task An_archive_goes_out_is_looked_at_and_what_is_none_is_refused()
    {
        using var file = new ByteArrayContent(await client.GetByteArrayAsync(At("/api/archive")));
        file.Headers.ContentType = new("application/zip");
        var preview = await BodyAsync(await client.PostAsync(At("/api/archive?preview=true"), file));
        ((int)preview["newLog"]!).ShouldBe(0);
        (await client.GetFromJsonAsync<JsonObject>(At("/api/archive/state")))!["savedOutside"].ShouldNotBeNull();
        foreach (var (bad, said) in new[] { ("{}", "archive"), ("[]", "archive"),
            ("""{"rimrock": "archive", "version": 9, "shelf": [], "log": [], "photos": []}""", "newer Rimrock"),
            ("""{"rimrock": "archive", "version": 1, "shelf": [], "log": [{"id": "a", "car": "c", "kind": "nothing", "day": "today", "revision": 1, "body": {}}], "photos": []}""", "log[0].kind") })
        {
            var answer = await client.PostAsync(At("/api/archive"), new StringContent(bad, Encoding.UTF8, "application/json"));
            answer.StatusCode.ShouldBe(HttpStatusCode.BadRequest, bad);
            (await answer.Content.ReadAsStringAsync()).ShouldContain(said);
        }

        (await client.GetByteArrayAsync(At("/api/archive/database")))[..15].ShouldBe([.. "SQLite format 3"u8]);
    }

    [Fact]
    public async Task Two_recordings_are_compared_and_faults_name_the_file()
    {
        static string Trace(double decel)
        {
            var text = new StringBuilder("time_s,speed_kmh\n");
            double v = 180;
            for (var i = 0; i < 300; i++)
            {
                v = i > 100 && v > 80 ? v - (decel * 0.36) : v;
                text.Append(System.Globalization.CultureInfo.InvariantCulture, $"{i * 0.1:0.0},{v:0.00}\n");
            }

            return text.ToString();
        }

        var body = await BodyAsync(await client.PostAsJsonAsync(At("/api/log/traces"), new JsonObject { ["first"] = Trace(7), ["second"] = Trace(8) }));
        ((double)body["zones"]![0]!["secondM"]!).ShouldBeLessThan((double)body["zones"]![0]!["firstM"]!);
        var bad = await client.PostAsJsonAsync(At("/api/log/traces"), new JsonObject { ["first"] = Trace(7), ["second"] = "time_s\n1" });
        (await bad.Content.ReadAsStringAsync()).ShouldContain("second, line 1");
    }
}
