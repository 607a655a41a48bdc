using System.Net;
using System.Net.Http.Json;
using System.Text;
using System.Text.Json.Nodes;

namespace Rimrock.Web.Tests;

public sealed class ApiTests(RimrockHost host) : IClassFixture<RimrockHost>
{
    private readonly HttpClient client = host.CreateClient();

    private async Task<(HttpStatusCode Status, JsonObject Body)> PostAsync(string json)
    {
        var answer = await client.PostAsync(new Uri("/api/predictions", UriKind.Relative), new StringContent(json, Encoding.UTF8, "application/json"));
        return (answer.StatusCode, (await answer.Content.ReadFromJsonAsync<JsonObject>())!);
    }

    [Fact]
    public async Task A_plan_is_answered_with_everything_the_page_shows()
    {
        var (status, body) = await PostAsync((await Plans.DemoAsync(client)).ToJsonString());
        status.ShouldBe(HttpStatusCode.OK);
        foreach (var part in new[] { "summary", "phases", "parked", "course", "strata", "cooling", "limits", "coldStops", "fluid", "faces", "pedal",
            "ringMasses", "cautions" })
        {
            body.ContainsKey(part).ShouldBeTrue(part);
        }

        ((bool)body["limits"]![0]!["gives"]!).ShouldBeTrue();
    }

    [Fact]
    public async Task The_course_of_a_day_can_be_left_out_and_asked_for_by_itself()
    {
        var plan = await Plans.DemoAsync(client);
        async Task<JsonObject> AskAsync(string path) => (await (await client.PostAsJsonAsync(path, plan)).Content.ReadFromJsonAsync<JsonObject>())!;
        var whole = await AskAsync("/api/predictions");
        var course = whole["course"]!.DeepClone().AsObject();
        course["stops"]!.AsArray().Count.ShouldBeGreaterThan(30);
        course["sessions"]!.AsArray().Count.ShouldBe(1);
        JsonNode.DeepEquals(await AskAsync("/api/predictions/course"), course).ShouldBeTrue();
        whole.Remove("course");
        JsonNode.DeepEquals(await AskAsync("/api/predictions?course=false"), whole).ShouldBeTrue();
        plan["pace"] = "warp";
        (await client.PostAsJsonAsync("/api/predictions/course", plan)).StatusCode.ShouldBe(HttpStatusCode.BadRequest);
    }

    [Fact]
    public async Task A_band_comes_with_a_probability_for_every_limit()
    {
        var answer = await client.PostAsJsonAsync("/api/predictions/band", new JsonObject { ["plan"] = await Plans.DemoAsync(client) });
        answer.StatusCode.ShouldBe(HttpStatusCode.OK);
        var body = (await answer.Content.ReadFromJsonAsync<JsonObject>())!["prior"]!;
        ((int)body["members"]!).ShouldBeGreaterThanOrEqualTo(256);
        body["peaks"]!.AsArray().Count.ShouldBe(9, "five layers, and the way from the front pad to its caliper");
        body["limits"]!.AsArray().Count.ShouldBe(Core.Limits.LimitTable.All.Count - 4,
            "all but the line beside something hot, what carbon rings have, a rear that nothing holds back and the cold morning of a road day");
        body["limits"]!.AsArray().ShouldAllBe(limit => (double)limit!["chance"]!["share"]! >= 0 && (double)limit["chance"]!["share"]! <= 1);
    }

    [Theory]
    [InlineData("""{}""", "car")]
    [InlineData("not json at all", "")]
    [InlineData("""{"car": 5}""", "car")]
    [InlineData("""[]""", "")]
    public async Task What_is_no_plan_is_a_problem_and_never_a_crash(string json, string mentioned)
    {
        var (status, body) = await PostAsync(json);
        status.ShouldBe(HttpStatusCode.BadRequest);
        ((int)body["status"]!).ShouldBe(400);
        body["faults"]!.ToJsonString().ShouldContain(mentioned);
    }

    [Fact]
    public async Task A_figure_out_of_range_names_field_value_and_range()
    {
        var plan = await Plans.DemoAsync(client);
        plan["car"]!["massKg"] = 90;
        plan["weather"]!["ambientC"] = 99;
        var (status, body) = await PostAsync(plan.ToJsonString());
        status.ShouldBe(HttpStatusCode.BadRequest);
        var faults = body["faults"]!.AsArray();
        faults.Select(fault => (string)fault!["field"]!).ShouldBe(["car.massKg", "weather.ambientC"]);
        ((string)faults[0]!["value"]!).ShouldBe("90");
        ((string)faults[0]!["allowed"]!).ShouldBe("350 to 4000 kg");
    }

    [Fact]
    public async Task An_unknown_field_a_number_as_text_and_a_falling_curve_are_refused()
    {
        var plan = await Plans.DemoAsync(client);
        plan["colour"] = "red";
        (await PostAsync(plan.ToJsonString())).Body["faults"]!.ToJsonString().ShouldContain("colour");

        plan = await Plans.DemoAsync(client);
        plan["car"]!["massKg"] = "1560";
        (await PostAsync(plan.ToJsonString())).Body["faults"]!.ToJsonString().ShouldContain("car.massKg");

        plan = await Plans.DemoAsync(client);
        plan["frontPad"]!["curve"]!.AsArray().Add(new JsonObject { ["temperatureC"] = 50, ["mu"] = 0.3 });
        (await PostAsync(plan.ToJsonString())).Body["faults"]!.ToJsonString().ShouldContain("frontPad.curve[8].temperatureC");
    }

    [Fact]
    public async Task A_recording_is_previewed_and_not_stored()
    {
        var rows = string.Join('\n', Enumerable.Range(0, 300).Select(i =>
            FormattableString.Invariant($"{i * 0.1:0.0};{(i % 100 < 60 ? 100 + (i % 100) : 160 - (((i % 100) - 60) * 2)):0}")));
        var answer = await client.PostAsync(new Uri("/api/recordings?name=lap", UriKind.Relative),
            new StringContent("time_s;speed_kmh\n" + rows, Encoding.UTF8, "text/csv"));
        var body = (await answer.Content.ReadFromJsonAsync<JsonObject>())!;
        body["zones"]!.AsArray().Count.ShouldBe(3);
        var shelf = (await client.GetFromJsonAsync<JsonObject>("/api/shelf"))!;
        shelf["content"]!["circuits"]!.AsArray().Count.ShouldBe(2);
    }

    [Fact]
    public async Task Bad_recordings_name_the_line_and_huge_ones_the_limit()
    {
        var uri = new Uri("/api/recordings?name=lap", UriKind.Relative);
        var bad = await client.PostAsync(uri, new StringContent("time_s,speed_kmh\n0,50\n1,fast", Encoding.UTF8, "text/csv"));
        (await bad.Content.ReadAsStringAsync()).ShouldContain("line 3");
        var huge = await client.PostAsync(uri, new StringContent(new string('x', 10_000_000), Encoding.UTF8, "text/csv"));
        huge.StatusCode.ShouldBe(HttpStatusCode.BadRequest);
        (await huge.Content.ReadAsStringAsync()).ShouldContain("at most 8 MB");
    }

    [Fact]
    public async Task Saving_a_car_checks_it_and_its_revision()
    {
        var shelf = (await client.GetFromJsonAsync<JsonObject>("/api/shelf"))!["content"]!;
        var entry = shelf["cars"]![0]!["body"]!.DeepClone();
        (await client.PutAsJsonAsync("/api/shelf/cars/mine?revision=0", entry)).StatusCode.ShouldBe(HttpStatusCode.OK);
        (await client.PutAsJsonAsync("/api/shelf/cars/mine?revision=0", entry)).StatusCode.ShouldBe(HttpStatusCode.Conflict);
        entry["car"]!["wheelbaseM"] = 44;
        var refused = await client.PutAsJsonAsync("/api/shelf/cars/other?revision=0", entry);
        refused.StatusCode.ShouldBe(HttpStatusCode.BadRequest);
        (await client.GetStringAsync(new Uri("/api/shelf", UriKind.Relative))).ShouldNotContain("\"other\"");
    }

    [Fact]
    public async Task Other_hosts_and_origins_are_turned_away()
    {
        using var otherHost = new HttpRequestMessage(HttpMethod.Get, "/api/shelf");
        otherHost.Headers.Host = "elsewhere.example";
        (await client.SendAsync(otherHost)).StatusCode.ShouldBe(HttpStatusCode.BadRequest);
        using var otherOrigin = new HttpRequestMessage(HttpMethod.Get, "/api/shelf");
        otherOrigin.Headers.Add("Origin", "http://elsewhere.example");
        (await client.SendAsync(otherOrigin)).StatusCode.ShouldBe(HttpStatusCode.Forbidden);
    }

    [Fact]
    public async Task Every_answer_carries_the_policy_and_unknown_addresses_are_problems()
    {
        var answer = await client.GetAsync(new Uri("/api/nowhere", UriKind.Relative));
        answer.StatusCode.ShouldBe(HttpStatusCode.NotFound);
        answer.Headers.GetValues("Content-Security-Policy").Single().ShouldContain("default-src 'none'");
        answer.Content.Headers.ContentType!.MediaType.ShouldBe("application/problem+json");
    }

    [Fact]
    public async Task The_checked_in_description_of_the_api_is_the_served_one()
    {
        var served = await client.GetStringAsync(new Uri("/openapi/v1.json", UriKind.Relative));
        var file = Path.Combine(Repository.Root, "web", "openapi", "rimrock.json");
        if (Environment.GetEnvironmentVariable("RIMROCK_WRITE_OPENAPI") == "1")
        {
            await File.WriteAllTextAsync(file, served);
        }

        (await File.ReadAllTextAsync(file)).ReplaceLineEndings("\n").ShouldBe(served.ReplaceLineEndings("\n"),
            "run scripts/types.sh and commit what it writes");
    }
}
