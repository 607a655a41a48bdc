using System.Net;
using System.Net.Http.Json;
using System.Text.Json.Nodes;
using Microsoft.AspNetCore.Hosting;

namespace Rimrock.Web.Tests;

public sealed class FullDiskTests(RimrockHost host) : IClassFixture<RimrockHost>
{
    private static Uri At(string path) => new(path, UriKind.Relative);

    [Fact]
    public async Task A_full_disk_is_said_nothing_is_half_stored_and_what_was_there_stays()
    {
        // The database may grow to 220 pages of 4 KB; the demo takes about half of them.
        var folder = Directory.CreateTempSubdirectory("rimrock").FullName;
        using var small = host.WithWebHostBuilder(builder =>
        {
            builder.UseSetting("database", Path.Combine(folder, "small.db"));
            builder.UseSetting("database-pages", "220");
        });
        var client = small.CreateClient();
        var plan = await Plans.DemoAsync(client);
        HttpResponseMessage? refused = null;
        var stored = 0;
        for (; stored < 400 && refused is null; stored++)
        {
            var entry = new JsonObject
            {
                ["date"] = "2026-05-01",
                ["sessions"] = 1,
                ["laps"] = 8,
                ["plan"] = plan.DeepClone(),
                ["note"] = new string('n', 1900)
            };
            var answer = await client.PutAsJsonAsync(At($"/api/log/full-car/sessions/day-{stored}?revision=0&day=2026-05-01"), entry);
            refused = answer.IsSuccessStatusCode ? null : answer;
        }

        refused.ShouldNotBeNull().StatusCode.ShouldBe(HttpStatusCode.InsufficientStorage);
        var problem = await refused.Content.ReadFromJsonAsync<JsonObject>();
        ((string)problem!["title"]!).ShouldBe("The disk is full.");
        ((string)problem["detail"]!).ShouldContain("Nothing was stored");
        stored.ShouldBeGreaterThan(3);
        var there = await client.GetFromJsonAsync<JsonObject>(At("/api/log/full-car/sessions"));
        ((int)there!["total"]!).ShouldBe(stored - 1);

        // Once there is room again, it goes on.
        (await client.DeleteAsync(At("/api/log/entries/day-0?revision=1"))).StatusCode.ShouldBe(HttpStatusCode.NoContent);
        (await client.GetFromJsonAsync<JsonObject>(At("/api/log/full-car/sessions")))!["total"]!.GetValue<int>().ShouldBe(stored - 2);
    }
}
