using System.Globalization;
using System.Net;
using System.Net.Http.Headers;
using System.Net.Http.Json;
using System.Text;
using System.Text.Json;
using System.Text.Json.Nodes;

namespace Rimrock.Web.Tests;

/// <summary>
/// Some 3,000 requests made from the OpenAPI document with fixed seeds, each a good one with something wrong in it: every answer is an answer or a refusal that
/// a person can
/// act on, nothing is half-stored, no room is taken away. RIMROCK_SERVER names a running server to throw them at instead, such as the published one.
/// </summary>
public sealed class FuzzTests : IDisposable
{
    private const int Requests = 3000;
    private static readonly string[] NeverWhole =
        ["/api/progress/{ticket}", "/api/devices/loggers/{id}/stream", "/api/archive", "/api/archive/database", "/api/archive/undo"];

    // Long answers, of which a few are enough.
    private static readonly string[] Long =
        ["/api/matches", "/api/predictions/band", "/api/log/{car}/learning", "/api/ready/season", "/api/devices/loggers", "/api/log/recorded"];

    private readonly RimrockHost? host;
    private readonly HttpClient client;

    public FuzzTests()
    {
        if (Environment.GetEnvironmentVariable("RIMROCK_SERVER") is { } server)
        {
            client = new HttpClient { BaseAddress = new Uri(server) };
        }
        else
        {
            host = new RimrockHost();
            client = host.CreateClient();
        }

        client.Timeout = TimeSpan.FromSeconds(60);
    }

    public void Dispose()
    {
        client.Dispose();
        host?.Dispose();
    }

    [Fact]
    public async Task No_request_breaks_anything_and_every_refusal_can_be_acted_on()
    {
        var document = (await client.GetFromJsonAsync<JsonObject>("/openapi/v1.json"))!;
        var plan = await Plans.DemoAsync(client);
        var operations = document["paths"]!.AsObject().Where(path => !NeverWhole.Contains(path.Key))
            .SelectMany(path => path.Value!.AsObject().Select(method => (Path: path.Key, Method: method.Key, What: method.Value!.AsObject()))).ToList();
        var schemas = document["components"]!["schemas"]!.AsObject();
        var random = new Random(13);
        var failures = new List<string>();
        var statuses = new Dictionary<int, int>();
        for (var i = 0; i < Requests && failures.Count < 20; i++)
        {
            var operation = operations[random.Next(operations.Count)];
            if (Long.Contains(operation.Path) && random.Next(8) > 0)
            {
                continue;
            }

            using var request = FuzzedRequest.Of(operation.Path, operation.Method, operation.What, schemas, plan, random, out var said);
            if (request is null)
            {
                continue;
            }

            using var answer = await client.SendAsync(request);
            var text = await answer.Content.ReadAsStringAsync();
            var status = (int)answer.StatusCode;
            statuses[status] = statuses.GetValueOrDefault(status) + 1;
            if (Wrong(answer, text) is { } wrong)
            {
                failures.Add($"{i}: {operation.Method} {operation.Path} {said}: {status} {wrong}: {(text.Length > 300 ? text[..300] : text)}");
            }
        }

        failures.ShouldBeEmpty();
        statuses.GetValueOrDefault(200).ShouldBeGreaterThan(100, "good requests are among them");
        statuses.GetValueOrDefault(400).ShouldBeGreaterThan(500);

        // Every room still answers, and what was stored can be read.
        (await client.GetFromJsonAsync<JsonArray>("/api/archive/aside"))!.ShouldBeEmpty();
        (await client.PostAsJsonAsync("/api/predictions", plan)).StatusCode.ShouldBe(HttpStatusCode.OK);
        (await client.GetAsync("/api/log/harrow/sessions")).StatusCode.ShouldBe(HttpStatusCode.OK);
    }

    public static TheoryData<string> Bodies => [.. FuzzedRequest.OddJson];

    [Theory]
    [MemberData(nameof(Bodies))]
    public async Task A_body_that_is_no_plan_is_refused_by_field(string body)
    {
        using var answer = await client.PostAsync(new Uri("/api/predictions", UriKind.Relative), new StringContent(body, Encoding.UTF8, "application/json"));
        answer.StatusCode.ShouldBe(HttpStatusCode.BadRequest);
        Wrong(answer, await answer.Content.ReadAsStringAsync()).ShouldBeNull();
    }

    [Theory]
    [InlineData("POST", "/api/predictions", "text/plain", HttpStatusCode.UnsupportedMediaType)]
    [InlineData("POST", "/api/predictions", "application/json; charset=nonsense", HttpStatusCode.UnsupportedMediaType)]
    [InlineData("POST", "/api/predictions", "application/json; charset=utf-16", HttpStatusCode.UnsupportedMediaType)]
    [InlineData("DELETE", "/api/predictions", "application/json", HttpStatusCode.MethodNotAllowed)]
    [InlineData("GET", "/api/nothing/here", "application/json", HttpStatusCode.NotFound)]
    [InlineData("GET", "/api/shelf/cars/guess?name=a&massKg=NaN&powerKw=100&tyre=sport", "application/json", HttpStatusCode.BadRequest)]
    [InlineData("GET", "/api/shelf/cars/guess?name=a&powerKw=100&tyre=sport", "application/json", HttpStatusCode.BadRequest)]
    [InlineData("GET", "/api/log/moisture?ageMonths=NaN", "application/json", HttpStatusCode.BadRequest)]
    [InlineData("GET", "/api/log/moisture?ageMonths=1e400", "application/json", HttpStatusCode.BadRequest)]
    [InlineData("DELETE", "/api/log/entries/a?revision=two", "application/json", HttpStatusCode.BadRequest)]
    public async Task Refusals_have_title_detail_faults_and_headers(string method, string address, string type, HttpStatusCode expected)
    {
        using var request = new HttpRequestMessage(new HttpMethod(method), new Uri(address, UriKind.Relative));
        if (method is not "GET")
        {
            request.Content = new ByteArrayContent("{}"u8.ToArray());
            request.Content.Headers.ContentType = MediaTypeHeaderValue.Parse(type);
        }

        using var answer = await client.SendAsync(request);
        answer.StatusCode.ShouldBe(expected);
        Wrong(answer, await answer.Content.ReadAsStringAsync()).ShouldBeNull();
    }

    [Fact]
    public async Task Another_host_is_refused()
    {
        using var request = new HttpRequestMessage(HttpMethod.Get, new Uri("/api/shelf", UriKind.Relative));
        request.Headers.Host = "elsewhere.example";
        using var answer = await client.SendAsync(request);
        answer.StatusCode.ShouldBe(HttpStatusCode.BadRequest);
        Wrong(answer, await answer.Content.ReadAsStringAsync()).ShouldBeNull();
    }

    [Fact]
    public async Task The_page_itself_is_asked_again_each_time()
    {
        foreach (var address in new[] { "/", "/bench", "/index.html" })
        {
            using var answer = await client.GetAsync(new Uri(address, UriKind.Relative));
            if (answer.StatusCode == HttpStatusCode.OK)
            {
                answer.Headers.CacheControl!.NoCache.ShouldBeTrue(address);
            }

            answer.Headers.Contains("Content-Security-Policy").ShouldBeTrue(address);
        }
    }

    /// <summary>What is wrong with an answer, or null.</summary>
    private static string? Wrong(HttpResponseMessage answer, string text)
    {
        if (!answer.Headers.Contains("Content-Security-Policy") || !answer.Headers.Contains("X-Content-Type-Options"))
        {
            return "no security headers";
        }

        var status = (int)answer.StatusCode;
        if (status < 400)
        {
            return null;
        }

        if (status >= 500)
        {
            return "an error of ours";
        }

        try
        {
            var problem = JsonNode.Parse(text)!;
            if (string.IsNullOrWhiteSpace((string?)problem["title"]) || string.IsNullOrWhiteSpace((string?)problem["detail"]))
            {
                return "no title or no detail";
            }

            if (problem["faults"] is not JsonArray { Count: > 0 } faults
                || faults.Any(fault => fault!["field"] is null || fault["value"] is null || fault["allowed"] is null))
            {
                return "no faults";
            }

            return text.Contains("Rimrock.Core", StringComparison.Ordinal) || text.Contains("System.", StringComparison.Ordinal)
                || text.Contains("Exception", StringComparison.Ordinal) ? "names of types" : null;
        }
        catch (JsonException)
        {
            return "no problem details";
        }
    }
}
