using System.Globalization;
using System.Net;
using System.Net.Http.Json;
using System.Text;
using System.Text.Json.Nodes;
using CsvHelper;

namespace Rimrock.Web.Tests;

public sealed class RecordedTests(RimrockHost host) : IClassFixture<RimrockHost>
{
    private readonly HttpClient client = host.CreateClient();

    private static Uri At(string path) => new(path, UriKind.Relative);

    /// <summary>A saw of 120 s laps between 190 and 80 km/h, twice around, with a rotor that reads 300 C.</summary>
    private static string Day() => "Clock;Velocity;Rotor FL;Lap\n" + string.Join('\n', Enumerable.Range(0, 480).Select(i =>
        string.Create(CultureInfo.InvariantCulture,
            $"{i * 0.5};{(i % 40 < 30 ? 80 + (110 * (i % 40) / 30.0) : 190 - (110 * ((i % 40) - 30) / 10.0)):0.0};300;{1 + (i / 240)}")));

    [Fact]
    public async Task Columns_are_shown_then_laps_are_set_against_the_prediction()
    {
        using var text = new StringContent(Day(), Encoding.UTF8, "text/csv");
        var preview = await (await client.PostAsync(At("/api/log/recorded/columns"), text)).Content.ReadFromJsonAsync<JsonObject>();
        preview!["columns"]!.AsArray().Select(name => (string)name!).ShouldBe(["clock", "velocity", "rotor fl", "lap"]);
        preview["guess"].ShouldBeNull("nothing says which column is the time");
        var question = new JsonObject
        {
            ["plan"] = await Plans.DemoAsync(client),
            ["name"] = "own day",
            ["text"] = Day(),
            ["columns"] = new JsonObject { ["time"] = "clock", ["speed"] = "velocity", ["rotor"] = "rotor fl", ["lap"] = "lap" },
        };
        var day = (await (await client.PostAsJsonAsync(At("/api/log/recorded"), question)).Content.ReadFromJsonAsync<JsonObject>())!;
        day["laps"]!.AsArray().Count.ShouldBe(2);
        ((double)day["laps"]![0]!["measuredC"]!).ShouldBe(300);
        ((double)day["laps"]![1]!["predictedC"]!["p50"]!).ShouldBeGreaterThan((double)day["laps"]![0]!["predictedC"]!["p10"]!);
        day["zones"]!.AsArray().Count.ShouldBeInRange(5, 6);

        question["columns"]!["speed"] = "swiftness";
        var refused = await client.PostAsJsonAsync(At("/api/log/recorded"), question);
        refused.StatusCode.ShouldBe(HttpStatusCode.BadRequest);
        (await refused.Content.ReadAsStringAsync()).ShouldContain("swiftness");
    }

    [Fact]
    public async Task Every_table_comes_as_csv_and_others_are_refused_by_name()
    {
        foreach (var kind in new[] { "cars", "circuits", "pads", "rotors", "fluids", "lines", "ducts", "session", "inspection", "event", "kit", "work" })
        {
            var answer = await client.GetAsync(At($"/api/archive/tables/{kind}"));
            answer.Content.Headers.ContentType!.MediaType.ShouldBe("text/csv");
            using var csv = new CsvReader(new StringReader(await answer.Content.ReadAsStringAsync()), CultureInfo.InvariantCulture);
            csv.Read();
            var empty = !csv.ReadHeader() || csv.HeaderRecord!.Length <= 1;
            empty.ShouldBe(kind is "kit" or "work", kind);
        }

        var pads = await client.GetStringAsync(At("/api/archive/tables/pads"));
        pads.ShouldContain("fell-3");
        var refused = await client.GetAsync(At("/api/archive/tables/secrets"));
        refused.StatusCode.ShouldBe(HttpStatusCode.BadRequest);
        (await refused.Content.ReadAsStringAsync()).ShouldContain("secrets");
    }

    [Fact]
    public async Task Progress_of_nothing_is_done()
    {
        using var answer = await client.GetAsync(At("/api/progress/nobody"));
        (await answer.Content.ReadAsStringAsync()).ShouldBe("data: 1\n\n");
    }
}
