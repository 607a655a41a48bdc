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

    private static readonly string?[] OddTexts = [null, "", " ", "\uD800", "\u0000", "a\u202Eb", "💥", new('x', 200), "../../etc", "'; DROP TABLE", "NaN",
        "1e400", "-1", "null", "{}", "%00", "9999-12-31", "0001-01-01"];
    private static readonly string[] OddJson = ["null", "1e400", "-1e400", "1e-400", "\"\\ud800\"", "[]", "[null]", "{}", "true", "\"\"", "0", "-1",
        "99999999999999999999", "\"0001-01-01\"", "\"9999-12-31\"", "[[[[[[]]]]]]", "0.1e1", "\"\\u0000\""];

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

            using var request = Made(operation.Path, operation.Method, operation.What, schemas, plan, random, out var said);
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

    public static TheoryData<string> Bodies => [.. OddJson];

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

    private static HttpRequestMessage? Made(string path, string method, JsonObject operation, JsonObject schemas, JsonObject plan, Random random,
        out string said)
    {
        var query = new StringBuilder();
        said = "";
        foreach (var parameter in operation["parameters"]?.AsArray() ?? [])
        {
            var name = (string)parameter!["name"]!;
            var odd = random.Next(4) == 0;
            var value = odd ? OddTexts[random.Next(OddTexts.Length)] : Usual(name, random);
            said += odd ? $"{name}={value} " : "";
            if ((string)parameter["in"]! == "path")
            {
                path = path.Replace($"{{{name}}}", Uri.EscapeDataString(Paired(value) is { Length: > 0 } kept ? kept : "x"), StringComparison.Ordinal);
            }
            else if (value is not null)
            {
                query.Append(query.Length == 0 ? '?' : '&').Append(name).Append('=').Append(Uri.EscapeDataString(Paired(value)!));
            }
        }

        var request = new HttpRequestMessage(new HttpMethod(method.ToUpperInvariant()), new Uri(path + query, UriKind.Relative));
        if (operation["requestBody"]?["content"]?.AsObject() is { } content)
        {
            var (type, schema) = (content.First().Key, content.First().Value!["schema"]);
            var body = type == "application/json" ? Body(schema, schemas, plan, random, 0)?.ToJsonString() ?? "null" : Text(random);
            if (type == "application/json" && random.Next(3) > 0)
            {
                body = Broken(body, random, ref said);
            }

            request.Content = new StringContent(body, Encoding.UTF8);
            request.Content.Headers.ContentType = MediaTypeHeaderValue.Parse(type.Contains('*', StringComparison.Ordinal) ? "text/csv" : type);
        }

        return request;
    }

    // Half a surrogate pair cannot stand in an address, and a null ends it before it reaches us.
    private static string? Paired(string? text) =>
        text?.Replace("\uD800", "%ED%A0%80", StringComparison.Ordinal).Replace("\0", "%00", StringComparison.Ordinal);

    private static string Usual(string name, Random random) => name switch
    {
        "revision" => "0",
        "day" => "2026-05-01",
        "massKg" => "1500",
        "powerKw" => "110",
        "tyre" => "sport",
        "seed" => "1",
        "skip" or "take" => "5",
        "kind" => "pads",
        "table" => "shelf",
        "ageMonths" => "12",
        "course" or "preview" or "archived" or "mend" or "motorcycle" => random.Next(2) == 0 ? "true" : "false",
        _ => $"fuzz-{random.Next(5)}",
    };

    private static string Text(Random random) => random.Next(4) switch
    {
        0 => "time_s,speed_kmh\n" + string.Join('\n', Enumerable.Range(0, 120)
            .Select(i => string.Create(CultureInfo.InvariantCulture, $"{i * 0.1:0.0},{(random.Next(60) == 0 ? 0 : 120)}"))),
        1 => "temperature_c,mu\n20,0.3\n100,0.4\n300,0.42\n500,abc",
        2 => "<gpx xmlns=\"http://www.topografix.com/GPX/1/1\"><trk><trkseg><trkpt lat=\"1e400\" " +
            "lon=\"7\"><time>2026-05-01T10:00:00Z</time></trkpt></trkseg></trk></gpx>",
        _ => "{\"rimrock\": \"catalogue\", \"version\": 1, \"pads\": [{\"id\": \"a\", \"body\": {\"name\": \"a\", \"family\": \"organic\", \"curve\": " +
            "[null]}}]}",
    };

    /// <summary>A body as the document describes it; a plan is the demo's.</summary>
    private static JsonNode? Body(JsonNode? schema, JsonObject schemas, JsonObject plan, Random random, int depth)
    {
        var found = schema?["$ref"] is { } reference ? schemas[((string)reference!).Split('/')[^1]]! : schema;
        if (found is null || depth > 6)
        {
            return null;
        }

        if ((schema?["$ref"] is { } named && ((string)named!).EndsWith("/PredictionPlan", StringComparison.Ordinal)) || depth > 6)
        {
            return plan.DeepClone();
        }

        if (found["oneOf"] is JsonArray one)
        {
            return Body(one.FirstOrDefault(each => (string?)each?["type"] != "null"), schemas, plan, random, depth);
        }

        if (found["enum"] is JsonArray words)
        {
            return words[random.Next(words.Count)]?.DeepClone();
        }

        var type = found["type"] is JsonArray types ? (string)types.First(each => (string)each! != "null")! : (string?)found["type"];
        switch (type)
        {
            case "object":
                var made = new JsonObject();
                var required = found["required"]?.AsArray().Select(name => (string)name!).ToHashSet() ?? [];
                foreach (var (name, property) in found["properties"]?.AsObject() ?? [])
                {
                    if (required.Contains(name) || random.Next(4) == 0)
                    {
                        made[name] = Body(property, schemas, plan, random, depth + 1);
                    }
                }

                return made;
            case "array":
                return new JsonArray([.. Enumerable.Range(0, random.Next(1, 4)).Select(_ => Body(found["items"], schemas, plan, random, depth + 1))]);
            case "integer" or "number":
                var (low, high) = (Bound(found["minimum"]) ?? 0, Bound(found["maximum"]) ?? 10);
                var value = low + (random.NextDouble() * (high - low));
                return type == "integer" ? JsonValue.Create((long)value) : JsonValue.Create(Math.Round(value, 3));
            case "boolean":
                return JsonValue.Create(random.Next(2) == 0);
            default:
                return JsonValue.Create((string?)found["format"] == "date" ? "2026-05-01" : "fuzz");
        }
    }

    private static double? Bound(JsonNode? node) => node is null ? null : double.Parse(node.ToString(), CultureInfo.InvariantCulture);

    /// <summary>One thing wrong somewhere: a value of another kind, a field too many, or the text cut.</summary>
    private static string Broken(string body, Random random, ref string said)
    {
        if (random.Next(12) == 0)
        {
            said += "cut ";
            return body[..random.Next(body.Length)];
        }

        var root = JsonNode.Parse(body);
        var holders = new List<JsonObject>();
        void Walk(JsonNode? node)
        {
            if (node is JsonObject holder)
            {
                holders.Add(holder);
                holder.ToList().ForEach(each => Walk(each.Value));
            }
            else if (node is JsonArray list)
            {
                list.ToList().ForEach(Walk);
            }
        }

        Walk(root);
        if (holders.Count == 0 || holders.All(holder => holder.Count == 0))
        {
            return OddJson[random.Next(OddJson.Length)];
        }

        var chosen = holders.Where(holder => holder.Count > 0).ElementAt(random.Next(holders.Count(holder => holder.Count > 0)));
        var key = chosen.ElementAt(random.Next(chosen.Count)).Key;
        var odd = OddJson[random.Next(OddJson.Length)];
        said += $"{key}: {odd} ";
        chosen[key] = "@@here@@";
        return root!.ToJsonString().Replace("\"@@here@@\"", odd, StringComparison.Ordinal);
    }
}
