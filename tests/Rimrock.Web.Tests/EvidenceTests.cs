using System.Net;
using System.Net.Http.Json;
using System.Text.Json.Nodes;

namespace Rimrock.Web.Tests;

/// <summary>Evidence over the wire, answers kept by their plan, and the simulated logger.</summary>
public sealed class EvidenceTests(RimrockHost host) : IClassFixture<RimrockHost>
{
    private readonly HttpClient client = host.CreateClient();

    private async Task<JsonObject> ShortPlanAsync()
    {
        var plan = await Plans.DemoAsync(client);
        plan["stint"]!["minutesEach"] = 5;
        plan["stint"]!["restMinutes"] = 10;
        return plan;
    }

    private async Task<(HttpStatusCode Status, JsonObject Body)> BandAsync(params JsonObject[] observations)
    {
        var answer = await client.PostAsJsonAsync("/api/predictions/band",
            new JsonObject { ["plan"] = await ShortPlanAsync(), ["observations"] = new JsonArray([.. observations]) });
        return (answer.StatusCode, (await answer.Content.ReadFromJsonAsync<JsonObject>())!);
    }

    [Fact]
    public async Task What_was_seen_closes_the_band_and_says_what_stands_behind_it()
    {
        var (status, body) = await BandAsync(new JsonObject { ["kind"] = "rotorPaint", ["aboveC"] = 330, ["belowC"] = 380 });
        status.ShouldBe(HttpStatusCode.OK);
        Width(body["learnt"]!).ShouldBeLessThan(0.8 * Width(body["prior"]!));
        ToldJson.Text(body["evidence"]!["statement"]).ShouldContain("ways this car could be");
        ((double)body["evidence"]!["effectiveMembers"]!).ShouldBeGreaterThan(25);
        var seen = body["evidence"]!["seen"]![0]!;
        ((double)seen["after"]!["p50"]!).ShouldBeInRange(310, 400);

        static double Width(JsonNode band)
        {
            var peak = band["peaks"]!.AsArray().Single(item => (string)item!["part"]! == "frontFace")!;
            return (double)peak["p90C"]! - (double)peak["p10C"]!;
        }
    }

    [Fact]
    public async Task Evidence_that_nothing_explains_leaves_the_band_alone_and_says_so()
    {
        var (_, body) = await BandAsync(new JsonObject { ["kind"] = "rotorPaint", ["belowC"] = 60 });
        ((bool)body["evidence"]!["contradicted"]!).ShouldBeTrue();
        body["learnt"]!["peaks"]!.ToJsonString().ShouldBe(body["prior"]!["peaks"]!.ToJsonString());
    }

    [Fact]
    public async Task An_observation_out_of_range_is_refused_by_name()
    {
        var (status, body) = await BandAsync(new JsonObject { ["kind"] = "rotorPaint", ["aboveC"] = 5000 });
        status.ShouldBe(HttpStatusCode.BadRequest);
        body["faults"]![0]!["field"]!.GetValue<string>().ShouldBe("observations[0].aboveC");
        body["faults"]![0]!["allowed"]!.GetValue<string>().ShouldContain("40 to 1000");
    }

    [Fact]
    public async Task The_same_question_gets_the_same_bytes()
    {
        var plan = await ShortPlanAsync();
        async Task<string> AskAsync()
        {
            var answer = await client.PostAsJsonAsync("/api/predictions", plan);
            return await answer.Content.ReadAsStringAsync();
        }

        var first = await AskAsync();
        (await AskAsync()).ShouldBe(first);
        plan["weather"]!["ambientC"] = 25;
        (await AskAsync()).ShouldNotBe(first);
    }

    [Fact]
    public async Task A_logger_streams_its_frames_and_gives_its_log_as_csv()
    {
        var started = await client.PostAsJsonAsync("/api/devices/loggers", new JsonObject { ["plan"] = await ShortPlanAsync(), ["seed"] = 5 });
        started.StatusCode.ShouldBe(HttpStatusCode.OK);
        var ready = (await started.Content.ReadFromJsonAsync<JsonObject>())!;
        var address = $"/api/devices/loggers/{(string)ready["id"]!}";
        var log = (await client.GetStringAsync(new Uri($"{address}/log", UriKind.Relative))).Split("\r\n", StringSplitOptions.RemoveEmptyEntries);
        log[0].ShouldBe("time_s,speed_kmh,pressure_bar,rotor_c,caliper_c");
        log.Length.ShouldBe((int)ready["frames"]! + 1);

        using var answer = await client.GetAsync(new Uri($"{address}/stream?speed=2000", UriKind.Relative), HttpCompletionOption.ResponseHeadersRead);
        answer.Content.Headers.ContentType!.MediaType.ShouldBe("text/event-stream");
        using var reader = new StreamReader(await answer.Content.ReadAsStreamAsync());
        var frames = 0;
        var ended = false;
        while (!ended && await reader.ReadLineAsync() is { } line)
        {
            ended = line == "event: end";
            frames += line.StartsWith("data: [{", StringComparison.Ordinal) ? JsonNode.Parse(line[6..])!.AsArray().Count : 0;
        }

        ended.ShouldBeTrue();
        frames.ShouldBe((int)ready["frames"]!);
    }

    [Fact]
    public async Task A_logger_that_is_not_there_or_too_fast_is_a_problem()
    {
        (await client.GetAsync(new Uri("/api/devices/loggers/none/stream", UriKind.Relative))).StatusCode.ShouldBe(HttpStatusCode.NotFound);
        (await client.GetAsync(new Uri("/api/devices/loggers/none/log", UriKind.Relative))).StatusCode.ShouldBe(HttpStatusCode.NotFound);
        (await client.GetAsync(new Uri("/api/devices/loggers/none/stream?speed=0", UriKind.Relative))).StatusCode.ShouldBe(HttpStatusCode.BadRequest);
    }

    [Fact]
    public async Task A_motorcycle_is_guessed_from_the_same_answers()
    {
        var guess = (await client.GetFromJsonAsync<JsonObject>("/api/shelf/cars/guess?name=bike&massKg=280&powerKw=110&tyre=sport&motorcycle=true"))!;
        ((string)guess["car"]!["kind"]!).ShouldBe("motorcycle");
        ((int)guess["car"]!["rear"]!["discs"]!).ShouldBe(1);
    }
}
