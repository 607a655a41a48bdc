using System.Net;
using System.Net.Http.Json;
using System.Text;

namespace Rimrock.Web.Tests;

/// <summary>The invented estate beside a person's own data: each answers for itself, and nothing passes between them.</summary>
public sealed class EstateTests(RimrockHost host) : IClassFixture<RimrockHost>
{
    private const string Part = """{"rimrock": "catalogue", "version": 1, "fluids": [{"id": "NAME", "body": {"name": "NAME", "class": "dot4", "dryC": 260, "wetC": 170}}]}""";
    private readonly HttpClient client = host.CreateClient();

    [Fact]
    public async Task What_is_put_in_one_is_not_in_the_other()
    {
        await PutAsync("", "own-fluid");
        await PutAsync("/estate", "estate-fluid");
        var (own, estate) = (await client.GetStringAsync(At("/api/shelf")), await client.GetStringAsync(At("/estate/api/shelf")));
        own.ShouldContain("own-fluid");
        own.ShouldNotContain("estate-fluid");
        estate.ShouldContain("estate-fluid");
        estate.ShouldNotContain("own-fluid");
        estate.ShouldContain("harrow");

        // The same with many at once, as a page asks.
        var asked = Enumerable.Range(0, 40).Select(i => client.GetStringAsync(At(i % 2 == 0 ? "/api/shelf" : "/estate/api/shelf")));
        var told = await Task.WhenAll(asked);
        told.Where((_, i) => i % 2 == 0).ShouldAllBe(text => text == own);
        told.Where((_, i) => i % 2 == 1).ShouldAllBe(text => text == estate);
    }

    [Fact]
    public async Task Its_log_and_its_archive_are_its_own()
    {
        var kit = new { name = "estate-kit", stickers = false, marks = new[] { new { celsius = 430, name = "green", colour = "#00aa00" } } };
        (await client.PutAsJsonAsync(At("/estate/api/log/harrow/kits/k1?day=2026-05-01&revision=0"), kit)).StatusCode.ShouldBe(HttpStatusCode.OK);
        (await client.GetStringAsync(At("/estate/api/log/harrow/kits"))).ShouldContain("estate-kit");
        (await client.GetStringAsync(At("/api/log/harrow/kits"))).ShouldNotContain("estate-kit");
        (await client.GetByteArrayAsync(At("/estate/api/archive"))).Length.ShouldBeGreaterThan(1000);
        using var near = await client.GetAsync(At("/estatewide/api/shelf"));
        (await near.Content.ReadAsStringAsync()).ShouldNotContain("harrow", Case.Sensitive, "only the estate's own address leads there");
    }

    private async Task PutAsync(string of, string name)
    {
        using var text = new StringContent(Part.Replace("NAME", name, StringComparison.Ordinal), Encoding.UTF8, "application/json");
        (await client.PostAsync(At($"{of}/api/shelf/catalogue"), text)).StatusCode.ShouldBe(HttpStatusCode.OK);
    }

    private static Uri At(string path) => new(path, UriKind.Relative);
}
