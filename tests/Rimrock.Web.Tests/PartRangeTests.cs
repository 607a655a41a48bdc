using System.Net;
using System.Net.Http.Json;
using System.Text.Json.Nodes;

namespace Rimrock.Web.Tests;

/// <summary>
/// Every numeric field of a part, an inspection and a day refuses both sides of its stated range, by name, over the wire, and nothing is stored.
/// </summary>
public sealed class PartRangeTests(RimrockHost host) : IClassFixture<RimrockHost>
{
    private readonly HttpClient client = host.CreateClient();

    private static readonly Dictionary<string, string> Parts = new()
    {
        ["pads"] = """{"name": "p", "family": "organic", "statedFromC": 100, "statedToC": 400, "traits": {"bite": 5, "release": 5, "dust": 5, "noise": 5, "rotorWear": 5, "compressibilityUm": 100}}""",
        ["rotors"] = """{"name": "r", "outerDiameterMm": 320, "innerDiameterMm": 210, "thicknessMm": 28, "minThicknessMm": 26, "vanes": "straight", "vaneGapMm": 8, "vaneCount": 37, "vaneThicknessMm": 5.5, "ringMassKg": 8, "price": 90, "finish": {"ringPrice": 60, "minRingMassKg": 5}}""",
        ["fluids"] = """{"name": "f", "class": "dot4", "dryC": 260, "wetC": 170, "priceLitre": 20, "viscosityMm2S": 900, "bottleLitres": 1, "openedMonths": 2}""",
        ["lines"] = """{"name": "l", "kind": "braided", "price": 100}""",
        ["calipers"] = """{"name": "c", "brake": {"caliper": "fixed", "pistonsMm": [38, 34], "padAreaCm2": 60, "padHeightMm": 44}, "rotor": {"name": "r", "outerDiameterMm": 330, "innerDiameterMm": 220, "thicknessMm": 28, "minThicknessMm": 26}, "price": 900}""",
        ["ducts"] = """{"name": "d", "duct": {"hoseMm": 76, "lengthM": 1}, "price": 100}""",
    };

    public static TheoryData<string, string, string> Fields => new()
    {
        { "pads", "priceAxleSet", "pad.priceAxleSet" }, { "pads", "traits/compressibilityUm", "pad.traits.compressibilityUm" },
        { "rotors", "outerDiameterMm", "rotor.outerDiameterMm" }, { "rotors", "innerDiameterMm", "rotor.innerDiameterMm" },
        { "rotors", "thicknessMm", "rotor.thicknessMm" },
        { "rotors", "vaneThicknessMm", "rotor.vaneThicknessMm" }, { "rotors", "ringMassKg", "rotor.ringMassKg" }, { "rotors", "price", "rotor.price" },
        { "rotors", "finish/ringPrice", "rotor.finish.ringPrice" }, { "rotors", "finish/minRingMassKg", "rotor.finish.minRingMassKg" },
        { "fluids", "dryC", "fluid.dryC" }, { "fluids", "wetC", "fluid.wetC" }, { "fluids", "priceLitre", "fluid.priceLitre" },
        { "fluids", "viscosityMm2S", "fluid.viscosityMm2S" },
        { "fluids", "bottleLitres", "fluid.bottleLitres" }, { "fluids", "openedMonths", "fluid.openedMonths" },
        { "lines", "price", "line.price" }, { "ducts", "price", "duct.price" }, { "calipers", "price", "caliper.price" }, { "ducts", "duct/hoseMm", "duct.hoseMm" },
        { "ducts", "duct/lengthM", "duct.lengthM" },
    };

    [Theory]
    [MemberData(nameof(Fields))]
    public async Task Both_sides_of_a_parts_range_are_refused_by_name(string kind, string path, string range)
    {
        ArgumentNullException.ThrowIfNull(path);
        var shelf = (await client.GetFromJsonAsync<JsonObject>("/api/shelf"))!;
        var stated = shelf["ranges"]!.AsArray().First(row => (string)row!["field"]! == range)!;
        double min = (double)stated["min"]!, max = (double)stated["max"]!;
        foreach (var value in new[] { min - (0.01 * (max - min)), max + (0.01 * (max - min)) })
        {
            var body = JsonNode.Parse(Parts[kind])!;
            var keys = path.Split('/');
            var last = keys[^1];
            keys[..^1].Aggregate(body, (node, key) => node[key]!)[last] = value;
            var answer = await client.PutAsJsonAsync($"/api/shelf/{kind}/ranged?revision=0", body);
            answer.StatusCode.ShouldBe(HttpStatusCode.BadRequest, $"{path} = {value}");
            var faults = (await answer.Content.ReadFromJsonAsync<JsonObject>())!["faults"]!.AsArray();
            faults.ShouldContain(fault =>
                ((string)fault!["field"]!).EndsWith(last, StringComparison.Ordinal) && (string)fault["allowed"]! == ToldJson.Text(stated["allowed"]), path);
        }

        (await client.GetStringAsync("/api/shelf")).ShouldNotContain("\"ranged\"");
    }

    [Theory]
    [InlineData("pads")]
    [InlineData("rotors")]
    [InlineData("fluids")]
    [InlineData("lines")]
    [InlineData("ducts")]
    [InlineData("calipers")]
    public async Task A_good_part_is_stored_and_found_again(string kind)
    {
        (await client.PutAsJsonAsync($"/api/shelf/{kind}/good-{kind}?revision=0", JsonNode.Parse(Parts[kind]))).StatusCode.ShouldBe(HttpStatusCode.OK);
        var items = (await client.GetFromJsonAsync<JsonObject>("/api/shelf"))!["content"]![kind]!.AsArray();
        var mine = items.Single(item => (string)item!["id"]! == $"good-{kind}")!;
        ((string)mine["origin"]!).ShouldBe("own");
        ((int)mine["revision"]!).ShouldBe(1);
    }

    [Theory]
    [InlineData("innerMm", "corner.innerMm")]
    [InlineData("outerMm", "corner.innerMm")]
    [InlineData("leadingMm", "corner.innerMm")]
    [InlineData("trailingMm", "corner.innerMm")]
    [InlineData("rotorMm", "corner.rotorMm")]
    [InlineData("rotorKg", "corner.rotorKg")]
    [InlineData("crackMm", "corner.crackMm")]
    public async Task Both_sides_of_a_corners_range_are_refused_by_name(string field, string range)
    {
        var stated = (await client.GetFromJsonAsync<JsonObject>("/api/log/tables"))!["ranges"]!.AsArray().First(row => (string)row!["field"]! == range)!;
        double min = (double)stated["min"]!, max = (double)stated["max"]!;
        var plan = await Plans.DemoAsync(client);
        foreach (var value in new[] { min - (0.01 * (max - min)), max + (0.01 * (max - min)) })
        {
            var note = new JsonObject
            {
                ["plan"] = plan.DeepClone(),
                ["inspection"] = new JsonObject
                {
                    ["date"] = "2026-05-01",
                    ["corners"] = new JsonArray(new JsonObject { ["corner"] = "leftFront", [field] = value })
                },
            };
            var answer = await client.PutAsJsonAsync("/api/log/range-car/inspections/ranged?revision=0&day=2026-05-01", note);
            answer.StatusCode.ShouldBe(HttpStatusCode.BadRequest, $"{field} = {value}");
            (await answer.Content.ReadFromJsonAsync<JsonObject>())!["faults"]!.AsArray()
                .ShouldContain(fault => (string)fault!["field"]! == $"corners[0].{field}" && (string)fault["allowed"]! == ToldJson.Text(stated["allowed"]));
        }

        ((int)(await client.GetFromJsonAsync<JsonObject>("/api/log/range-car/inspections"))!["total"]!).ShouldBe(0);
    }

    [Theory]
    [InlineData("sessions", "session.sessions")]
    [InlineData("laps", "session.laps")]
    [InlineData("fluidLevelMm", "session.fluidLevelMm")]
    [InlineData("pressureBar", "session.pressureBar")]
    public async Task Both_sides_of_a_days_range_are_refused_by_name(string field, string range)
    {
        var stated = (await client.GetFromJsonAsync<JsonObject>("/api/log/tables"))!["ranges"]!.AsArray().First(row => (string)row!["field"]! == range)!;
        double min = (double)stated["min"]!, max = (double)stated["max"]!;
        var plan = await Plans.DemoAsync(client);
        foreach (var value in new[] { Math.Floor(min) - 1, Math.Ceiling(max) + 1 })
        {
            var session = new JsonObject { ["date"] = "2026-05-01", ["sessions"] = 1, ["laps"] = 8, ["plan"] = plan.DeepClone() };
            session[field] = (int)value;
            var answer = await client.PutAsJsonAsync("/api/log/range-car/sessions/ranged?revision=0&day=2026-05-01", session);
            answer.StatusCode.ShouldBe(HttpStatusCode.BadRequest, $"{field} = {value}");
            (await answer.Content.ReadFromJsonAsync<JsonObject>())!["faults"]!.AsArray()
                .ShouldContain(fault => (string)fault!["field"]! == range && (string)fault["allowed"]! == ToldJson.Text(stated["allowed"]));
        }

        ((int)(await client.GetFromJsonAsync<JsonObject>("/api/log/range-car/sessions"))!["total"]!).ShouldBe(0);
    }

    [Fact]
    public async Task Nonsense_for_every_new_door_is_a_problem_and_never_a_crash()
    {
        foreach (var path in new[] { "/api/ready/work", "/api/ready/bedding", "/api/ready/season", "/api/ready/season/calendar", "/api/log/findings",
            "/api/log/car/diagnosis", "/api/log/car/learning", "/api/log/car/wear", "/api/log/traces", "/api/archive", "/api/readings/pad",
            "/api/readings/rotor", "/api/readings/caliper", "/api/matches", "/api/shelf/catalogue" })
        {
            foreach (var text in new[] { "", "{}", "[]", "null", "5", "not json" })
            {
                var answer = await client.PostAsync(new Uri(path, UriKind.Relative), new StringContent(text, System.Text.Encoding.UTF8, "application/json"));
                ((int)answer.StatusCode).ShouldBeInRange(400, 499, $"{path} with '{text}'");
                answer.Content.Headers.ContentType!.MediaType.ShouldBe("application/problem+json", $"{path} with '{text}'");
            }
        }
    }
}
