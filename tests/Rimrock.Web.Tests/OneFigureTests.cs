using System.Globalization;
using System.Net.Http.Json;
using System.Text.Json.Nodes;

namespace Rimrock.Web.Tests;

/// <summary>One belief, one table of limits, one chance: the same limit of the same plan is the same figure in every answer of the server.</summary>
public sealed class OneFigureTests(RimrockHost host) : IClassFixture<RimrockHost>
{
    private static readonly JsonObject Free = new() { ["roadApprovalMust"] = false };

    private static JsonArray Year => [.. new[] { ("track-day", 2), ("commute", 200) }
        .Select(day => (JsonNode)new JsonObject { ["kind"] = day.Item1, ["daysAYear"] = day.Item2 })];

    [Fact]
    public async Task Band_match_fit_season_order_and_the_evening_before_say_the_same()
    {
        var client = host.CreateClient();
        var plan = await Plans.DemoAsync(client);
        plan["stint"] = new JsonObject { ["sessions"] = 1, ["minutesEach"] = 10 };
        plan["days"] = Year;

        // What is fitted: band and match.
        var band = await BandAsync(client, plan);
        var match = await PostAsync(client, "/api/matches", new JsonObject { ["plan"] = plan.DeepClone(), ["wishes"] = Free.DeepClone() });
        Same(band, match["fitted"]!, "fitted");
        Verdict(band).ShouldBe(Verdict(match));

        // A row and a step: what "fit this" puts on the car is what was judged.
        var row = match["shortlist"]![0]!;
        await FittedAsync(client, plan, row, "row");
        if (match["steps"]!.AsArray() is [var step, ..])
        {
            await FittedAsync(client, plan, step!["setup"]!, "step");
        }

        // The order that Ready writes for it.
        var after = await FitAsync(client, plan, (string)row["key"]!);
        var order = await PostAsync(client, "/api/ready/work", new JsonObject { ["before"] = plan.DeepClone(), ["after"] = after.DeepClone() });
        Share(order["then"]!["danger"]!).ShouldBe(Share(row["danger"]!));

        // An event of the season: its day is the plan in its air with its fluid. A week ahead there is a forecast; beyond, its air is less sure.
        var today = new DateOnly(2026, 6, 1);
        Task<JsonObject> SeasonAsync(int ahead) => PostAsync(client, "/api/ready/season", new JsonObject
        {
            ["plan"] = plan.DeepClone(),
            ["today"] = Iso(today),
            ["events"] = new JsonArray(new JsonObject { ["date"] = Iso(today.AddDays(ahead)), ["name"] = "Gullmouth", ["ambientC"] = 30 }),
        });
        var season = await SeasonAsync(7);
        foreach (var policy in season["policies"]!.AsArray())
        {
            var day = policy!["days"]![0]!;
            var then = (JsonObject)plan.DeepClone();
            then["weather"]!["ambientC"] = 30;
            then["fluidState"] = day["fluidState"]!.DeepClone();
            var that = await BandAsync(client, then);
            Share(day["danger"]!).ShouldBe(Share(that["danger"]!), (string)policy["policy"]!);
            Share(day["damage"]!).ShouldBe(Share(that["damage"]!), (string)policy["policy"]!);
        }

        double Damage(JsonObject of) => Share(of["policies"]![0]!["days"]![0]!["damage"]!);
        var far = await SeasonAsync(8);
        Damage(far).ShouldBe(Damage(season), 0.05, "air alone is less sure");

        // The evening before the first day that the log tells of.
        var car = $"one-figure-{Guid.NewGuid():n}";
        await DriveAsync(client, car, plan);
        var page = await PostAsync(client, $"/api/log/{car}/learning", plan);
        var evening = page["promises"]![0]!;
        Share(evening["danger"]!).ShouldBe(Share(band["danger"]!));
        foreach (var limit in evening["limits"]!.AsArray())
        {
            Share(limit!["chance"]!).ShouldBe(Share(Limit(band, (string)limit["code"]!)["chance"]!), (string)limit["code"]!);
        }
    }

    [Fact]
    public async Task An_entry_of_the_log_moves_a_chance_alike_in_every_room()
    {
        var client = host.CreateClient();
        var plan = await Plans.DemoAsync(client);
        plan["stint"] = new JsonObject { ["sessions"] = 1, ["minutesEach"] = 10 };
        var car = $"moved-{Guid.NewGuid():n}";
        var before = await BandAsync(client, plan);
        await DriveAsync(client, car, plan, new JsonObject { ["belowC"] = 380 });
        JsonObject Of(params (string Name, JsonNode? Value)[] more)
        {
            var asked = new JsonObject { ["plan"] = plan.DeepClone(), ["car"] = car };
            more.ToList().ForEach(one => asked[one.Name] = one.Value?.DeepClone());
            return asked;
        }

        // The Bench: more than its own sampling error, and what was believed before beside it.
        var answer = await PostAsync(client, "/api/predictions/band", Of());
        var band = answer["learnt"]!;
        Share(answer["prior"]!["damage"]!).ShouldBe(Share(before["damage"]!));
        var moved = before["limits"]!.AsArray().Select(limit => (string)limit!["code"]!).MaxBy(code =>
            Share(Limit(before, code)["chance"]!) - Share(Limit(band, code)["chance"]!))!;
        var (was, now) = (Limit(before, moved)["chance"]!, Limit(band, moved)["chance"]!);
        (Share(was) - Share(now)).ShouldBeGreaterThan(2 * Error(was) + 2 * Error(now), moved);

        // Choose, a row of its list with other parts, Ready, the season.
        var match = await PostAsync(client, "/api/matches?stage=first", Of(("wishes", Free)));
        Same(band, match["fitted"]!, "fitted");
        var row = match["shortlist"]![0]!;
        var after = await FitAsync(client, plan, (string)row["key"]!);
        Same((await PostAsync(client, "/api/predictions/band", new JsonObject { ["plan"] = after.DeepClone(), ["car"] = car }))["learnt"]!, row, "row");
        var order = await PostAsync(client, "/api/ready/work", new JsonObject { ["before"] = plan.DeepClone(), ["after"] = plan.DeepClone(), ["car"] = car });
        Share(order["then"]!["damage"]!).ShouldBe(Share(band["damage"]!));
        var season = await PostAsync(client, "/api/ready/season", Of(("today", "2026-06-01"),
            ("events", new JsonArray(new JsonObject { ["date"] = "2026-06-01", ["name"] = "Gullmouth", ["ambientC"] = 24 }))));
        Share(season["policies"]![0]!["days"]![0]!["damage"]!).ShouldBe(Share(band["damage"]!));

        // Without the car's name the log is left out.
        Share((await BandAsync(client, plan))["danger"]!).ShouldBe(Share(before["danger"]!));
    }

    [Fact]
    public async Task Pads_measured_twice_move_what_wears_in_every_room()
    {
        var client = host.CreateClient();
        var plan = await Plans.DemoAsync(client);
        plan["stint"] = new JsonObject { ["sessions"] = 1, ["minutesEach"] = 10 };
        plan["frontPadMm"] = 5;
        var car = $"worn-{Guid.NewGuid():n}";
        foreach (var (day, mm) in new[] { ("2026-05-01", 6.0), ("2026-05-20", 5.0) })
        {
            var note = new JsonObject
            {
                ["plan"] = plan.DeepClone(),
                ["inspection"] = new JsonObject
                {
                    ["date"] = day,
                    ["hotLapsSince"] = 200,
                    ["corners"] = new JsonArray(new JsonObject { ["corner"] = "leftFront", ["innerMm"] = mm }),
                },
            };
            var put = await client.PutAsJsonAsync(new Uri($"/api/log/{car}/inspections/{Guid.NewGuid():n}?day={day}&revision=0", UriKind.Relative), note);
            put.IsSuccessStatusCode.ShouldBeTrue(await put.Content.ReadAsStringAsync());
        }

        var answer = await PostAsync(client, "/api/predictions/band", new JsonObject { ["plan"] = plan.DeepClone(), ["car"] = car });
        double Left(JsonNode band) => (double)Limit(band, "front-wear")["p10"]!;
        Left(answer["learnt"]!).ShouldBeGreaterThan(Left(answer["prior"]!));
        JsonObject Season(string? named) => new()
        {
            ["plan"] = plan.DeepClone(),
            ["today"] = "2026-06-01",
            ["car"] = named,
            ["events"] = new JsonArray(new JsonObject { ["date"] = "2026-06-01", ["name"] = "Gullmouth", ["ambientC"] = 24 }),
        };
        async Task<double> WornAsync(string? named) => 5 - (double)(await PostAsync(client, "/api/ready/season", Season(named)))["parts"]![0]!["leftMm"]![0]!["p50"]!;
        (await WornAsync(car)).ShouldBeLessThan(0.8 * await WornAsync(null));
    }

    [Fact]
    public async Task A_sketch_has_no_word_and_another_part_is_judged_when_it_is_asked()
    {
        var client = host.CreateClient();
        var plan = await Plans.DemoAsync(client);
        plan["stint"] = new JsonObject { ["sessions"] = 1, ["minutesEach"] = 10 };
        var question = new JsonObject { ["plan"] = plan, ["wishes"] = Free.DeepClone() };
        var sketch = await PostAsync(client, "/api/matches?stage=sketch", question);
        ((string)sketch["outcome"]!).ShouldBe("settling");
        sketch["shortlist"]!.AsArray().ShouldAllBe(row => (int)row!["members"]! == 64 && row["holds"] == null);
        var whole = await PostAsync(client, "/api/matches", question);
        var open = whole["whyNot"]!.AsArray().First(one => one!["key"] is not null && (string)one["kind"]! == "frontPad")!;
        question["kind"] = "frontPad";
        question["part"] = open["part"]!["id"]!.DeepClone();
        var why = await PostAsync(client, "/api/matches/why", question);
        var fitted = await BandAsync(client, await FitAsync(client, plan, (string)why["key"]!));
        Share(why["danger"]!).ShouldBe(Share(fitted["danger"]!));
        var refused = await client.PostAsJsonAsync(new Uri("/api/matches?stage=soon", UriKind.Relative),
            new JsonObject { ["plan"] = plan.DeepClone(), ["wishes"] = Free.DeepClone() });
        ((int)refused.StatusCode).ShouldBe(400);
        (await refused.Content.ReadAsStringAsync()).ShouldContain("sketch, first or whole");
        var nothing = await client.PostAsJsonAsync(new Uri("/api/matches/fit", UriKind.Relative),
            new JsonObject { ["plan"] = plan.DeepClone(), ["wishes"] = Free.DeepClone(), ["key"] = "a|b|c|d|e|f" });
        ((int)nothing.StatusCode).ShouldBe(400);
    }

    private static async Task FittedAsync(HttpClient client, JsonObject plan, JsonNode judged, string what) =>
        Same(await BandAsync(client, await FitAsync(client, plan, (string)judged["key"]!)), judged, what);

    private static async Task<JsonObject> FitAsync(HttpClient client, JsonObject plan, string key) =>
        await PostAsync(client, "/api/matches/fit", new JsonObject { ["plan"] = plan.DeepClone(), ["wishes"] = Free.DeepClone(), ["key"] = key });

    private static async Task<JsonNode> BandAsync(HttpClient client, JsonObject plan) =>
        (await PostAsync(client, "/api/predictions/band", new JsonObject { ["plan"] = plan.DeepClone() }))["prior"]!;

    private static void Same(JsonNode band, JsonNode judged, string what)
    {
        foreach (var of in (string[])["danger", "damage"])
        {
            Share(judged[of]!).ShouldBe(Share(band[of]!), $"{of} of the {what}");
            ((double)judged[of]!["samplingError"]!).ShouldBe((double)band[of]!["samplingError"]!, $"{of} of the {what}");
        }

        foreach (var limit in judged["limits"]!.AsArray())
        {
            var code = (string)limit!["limit"]!["code"]!;
            Share(limit["chance"]!).ShouldBe(Share(Limit(band, code)["chance"]!), $"{code} of the {what}");
        }
    }

    /// <summary>A band's and a match's verdict on what is fitted, in words of both.</summary>
    private static string Verdict(JsonNode answer) => (string)answer["outcome"]! switch
    {
        "holds" or "nothingNeeded" => "nothing needed",
        "danger" or "damage" or "steps" or "nothingHelpsEnough" => "does not hold",
        var other => other,
    };

    private static JsonNode Limit(JsonNode band, string code) => band["limits"]!.AsArray().Single(limit => (string)limit!["code"]! == code)!;

    private static double Error(JsonNode chance) => (double)chance["samplingError"]!;

    private static double Share(JsonNode chance) => (double)chance["share"]!;

    private static string Iso(DateOnly day) => day.ToString("yyyy-MM-dd", CultureInfo.InvariantCulture);

    private static async Task DriveAsync(HttpClient client, string car, JsonObject plan, JsonObject? paint = null)
    {
        var body = new JsonObject
        {
            ["date"] = "2026-05-01",
            ["sessions"] = 1,
            ["laps"] = 5,
            ["plan"] = plan.DeepClone(),
            ["frontPaint"] = paint ?? new JsonObject { ["aboveC"] = 300, ["belowC"] = 700 }
        };
        var answer = await client.PutAsJsonAsync(new Uri($"/api/log/{car}/sessions/{Guid.NewGuid():n}?day=2026-05-01&revision=0", UriKind.Relative), body);
        answer.IsSuccessStatusCode.ShouldBeTrue(await answer.Content.ReadAsStringAsync());
    }

    private static async Task<JsonObject> PostAsync(HttpClient client, string path, JsonObject question)
    {
        var answer = await client.PostAsJsonAsync(new Uri(path, UriKind.Relative), question);
        answer.IsSuccessStatusCode.ShouldBeTrue($"{path}: {await answer.Content.ReadAsStringAsync()}");
        return (await answer.Content.ReadFromJsonAsync<JsonObject>())!;
    }
}
