using System.Net;
using System.Net.Http.Json;
using System.Text;
using System.Text.Json.Nodes;

namespace Rimrock.Web.Tests;

public sealed class ShelfTests(RimrockHost host) : IClassFixture<RimrockHost>
{
    private readonly HttpClient client = host.CreateClient();

    private static Uri At(string path) => new(path, UriKind.Relative);

    private Task<HttpResponseMessage> SendTextAsync(string path, string text, string type) =>
        client.PostAsync(At(path), new StringContent(text, Encoding.UTF8, type));

    private static async Task<JsonObject> BodyAsync(HttpResponseMessage answer) => (await answer.Content.ReadFromJsonAsync<JsonObject>())!;

    [Fact]
    public async Task A_pad_is_read_while_it_is_edited_and_refused_by_point()
    {
        var good = await client.PostAsJsonAsync(At("/api/readings/pad"),
            JsonNode.Parse("""{"name": "p", "family": "organic", "curve": [{"temperatureC": 0, "mu": 0.3}, {"temperatureC": 400, "mu": 0.4}]}"""));
        good.StatusCode.ShouldBe(HttpStatusCode.OK);
        ((double)(await BodyAsync(good))["band"]!["plateauMu"]!).ShouldBe(0.4, 1e-6);
        var bad = await client.PostAsJsonAsync(At("/api/readings/pad"),
            JsonNode.Parse("""{"name": "p", "family": "organic", "curve": [{"temperatureC": 400, "mu": 0.3}, {"temperatureC": 400, "mu": 2}]}"""));
        bad.StatusCode.ShouldBe(HttpStatusCode.BadRequest);
        (await BodyAsync(bad))["faults"]!.ToJsonString().ShouldContain("pad.curve[1].mu");
    }

    /// <summary>Layouts and bodies go by the names that the page sends, and are refused by those that they have.</summary>
    [Fact]
    public async Task A_car_is_guessed_by_every_layout_and_body()
    {
        const string asked = "/api/shelf/cars/guess?name=a&massKg=1850&powerKw=350&tyre=sport";
        foreach (var layout in new[] { "frontDrive", "rearDrive", "allWheel", "midEngine", "rearEngine", "electric", "electricFront" })
        {
            var guess = await BodyAsync(await client.GetAsync(At($"{asked}&layout={layout}")));
            ((double?)guess["car"]!["regenerationMS2"] > 0).ShouldBe(layout.StartsWith("electric", StringComparison.Ordinal), layout);
        }

        foreach (var body in new[] { "roadster", "saloon", "tall" })
        {
            (await client.GetAsync(At($"{asked}&body={body}&rearDrums=true&carbonDiscs=true"))).StatusCode.ShouldBe(HttpStatusCode.OK, body);
        }

        var refused = await client.GetAsync(At($"{asked}&layout=sideways"));
        refused.StatusCode.ShouldBe(HttpStatusCode.BadRequest);
        (await BodyAsync(refused))["faults"]!.ToJsonString().ShouldContain("electricFront");
    }

    /// <summary>What is typical goes on the shelf as it comes, and is the driver's own from then on.</summary>
    [Fact]
    public async Task Typical_parts_can_be_copied_as_they_are()
    {
        var plan = await Plans.DemoAsync(client);
        var typical = await BodyAsync(await client.PostAsJsonAsync(At("/api/shelf/typical"), plan));
        foreach (var (kind, least) in new[] { ("pads", 7), ("rotors", 3), ("fluids", 7), ("lines", 2), ("ducts", 1), ("calipers", 1) })
        {
            var bodies = typical[kind]!.AsArray();
            bodies.Count.ShouldBeGreaterThanOrEqualTo(least, kind);
            bodies.Select(body => (string)body!["name"]!).ShouldBeUnique();
            for (var i = 0; i < bodies.Count; i++)
            {
                var saved = await client.PutAsJsonAsync(At($"/api/shelf/{kind}/copied-{i}?revision=0"), bodies[i]);
                saved.StatusCode.ShouldBe(HttpStatusCode.OK, $"{kind} {bodies[i]}");
            }
        }

        plan["car"]!["massKg"] = 5;
        (await client.PostAsJsonAsync(At("/api/shelf/typical"), plan)).StatusCode.ShouldBe(HttpStatusCode.BadRequest);
    }

    [Fact]
    public async Task The_dynamometers_file_is_read_back()
    {
        var csv = await client.GetStringAsync(At("/api/devices/dynamometers/7"));
        var read = await SendTextAsync("/api/readings/friction", csv, "text/csv");
        read.StatusCode.ShouldBe(HttpStatusCode.OK);
        (await BodyAsync(read))["stops"]!.AsArray().Count.ShouldBe(36);
        (await client.GetAsync(At("/api/devices/dynamometers/0"))).StatusCode.ShouldBe(HttpStatusCode.BadRequest);
    }

    [Fact]
    public async Task A_catalogue_goes_out_comes_in_and_is_taken_back()
    {
        var text = await client.GetStringAsync(At("/api/shelf/catalogue"));
        var again = await BodyAsync(await SendTextAsync("/api/shelf/catalogue?preview=true", text, "application/json"));
        again["changes"]!.AsArray().ShouldAllBe(change => (string)change!["change"]! == "same");
        var more = """{"rimrock": "catalogue", "version": 1, "fluids": [{"id": "import-1", "body": {"name": "Import 1", "class": "dot4", "dryC": 260, "wetC": 170}}]}""";
        var taken = await BodyAsync(await SendTextAsync("/api/shelf/catalogue", more, "application/json"));
        (await client.GetStringAsync(At("/api/shelf"))).ShouldContain("Import 1");
        (await client.PostAsync(At($"/api/shelf/catalogue/undo/{taken["ticket"]}"), null)).StatusCode.ShouldBe(HttpStatusCode.NoContent);
        (await client.GetStringAsync(At("/api/shelf"))).ShouldNotContain("Import 1");
        (await client.PostAsync(At($"/api/shelf/catalogue/undo/{taken["ticket"]}"), null)).StatusCode.ShouldBe(HttpStatusCode.NotFound);
    }

    /// <summary>A catalogue is read for a car: what would not go on it is marked by the one gate, and may be put on the shelf all the same.</summary>
    [Fact]
    public async Task A_catalogue_is_marked_by_what_goes_on_the_car()
    {
        var text = """
            {"rimrock": "catalogue", "version": 1,
             "pads": [{"id": "shape-1", "body": {"name": "Shape 1", "family": "organic", "shapes": ["none of ours"]}}],
             "fluids": [{"id": "good-1", "body": {"name": "Good 1", "class": "dot4", "dryC": 260, "wetC": 170}},
                        {"id": "low-1", "body": {"name": "Low 1", "class": "dot3", "dryC": 205, "wetC": 140}}]}
            """;
        var marked = await BodyAsync(await SendTextAsync("/api/shelf/catalogue?preview=true&car=harrow", text, "application/json"));
        marked["misfits"]!.AsArray().Select(row => (string)row!["id"]!).ShouldBe(["shape-1", "low-1"]);
        marked["misfits"]!.AsArray().ShouldAllBe(row => ToldJson.Text(row!["reason"]).Length > 10);
        (await BodyAsync(await SendTextAsync("/api/shelf/catalogue?preview=true", text, "application/json")))["misfits"].ShouldBeNull();
    }

    [Fact]
    public async Task A_catalogue_with_one_bad_row_changes_nothing()
    {
        var mixed = """{"rimrock": "catalogue", "version": 1, "fluids": [{"id": "half-1", "body": {"name": "Half 1", "class": "dot4", "dryC": 260, "wetC": 170}}, {"id": "half-2", "body": {"name": "Half 2", "class": "dot4", "dryC": 190, "wetC": 170}}]}""";
        (await SendTextAsync("/api/shelf/catalogue", mixed, "application/json")).StatusCode.ShouldBe(HttpStatusCode.BadRequest);
        (await client.GetStringAsync(At("/api/shelf"))).ShouldNotContain("Half 1");
    }

    [Fact]
    public async Task Two_windows_that_edit_one_part_do_not_overwrite_each_other()
    {
        static JsonNode Fluid(int dry) => JsonNode.Parse($$"""{"name": "Shared", "class": "dot4", "dryC": {{dry}}, "wetC": 170}""")!;
        (await client.PutAsJsonAsync(At("/api/shelf/fluids/shared?revision=0"), Fluid(260))).StatusCode.ShouldBe(HttpStatusCode.OK);
        (await client.PutAsJsonAsync(At("/api/shelf/fluids/shared?revision=1"), Fluid(265))).StatusCode.ShouldBe(HttpStatusCode.OK);
        var second = await client.PutAsJsonAsync(At("/api/shelf/fluids/shared?revision=1"), Fluid(270));
        second.StatusCode.ShouldBe(HttpStatusCode.Conflict);
        ((string)(await BodyAsync(second))["title"]!).ShouldContain("changed this first");
    }

    [Fact]
    public async Task The_whole_shelf_is_matched_and_archived_parts_are_not_offered()
    {
        (await client.PostAsync(At("/api/shelf/pads/gorse-m/archive?revision=1&archived=true"), null)).StatusCode.ShouldBe(HttpStatusCode.OK);
        var answer = await client.PostAsJsonAsync(At("/api/matches"), new JsonObject
        {
            ["plan"] = await Plans.DemoAsync(client),
            ["wishes"] = new JsonObject()
        });
        answer.StatusCode.ShouldBe(HttpStatusCode.OK);
        var body = await BodyAsync(answer);
        body["shortlist"]!.AsArray().Count.ShouldBeGreaterThan(3);
        body["whyNot"]!.AsArray().ShouldNotContain(row => (string)row!["part"]!["id"]! == "gorse-m");
        await client.PostAsync(At("/api/shelf/pads/gorse-m/archive?revision=2&archived=false"), null);
    }

    [Fact]
    public async Task Another_caliper_is_read_against_the_cars_own()
    {
        var plan = await Plans.DemoAsync(client);
        var front = plan["car"]!["front"]!.DeepClone().AsObject();
        front["pistonsMm"] = new JsonArray(44, 40);
        front["caliper"] = "fixed";
        var body = await BodyAsync(await client.PostAsJsonAsync(At("/api/readings/caliper"), new JsonObject { ["plan"] = plan, ["front"] = front }));
        ((double)body["areaRatio"]!).ShouldBe(((44.0 * 44) + (40 * 40)) / (57 * 57), 1e-3);
    }
}
