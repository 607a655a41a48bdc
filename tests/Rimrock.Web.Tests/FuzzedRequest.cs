using System.Globalization;
using System.Net.Http.Headers;
using System.Text;
using System.Text.Json.Nodes;

namespace Rimrock.Web.Tests;

/// <summary>Requests made from the OpenAPI document: a good one, with something wrong in it.</summary>
internal static class FuzzedRequest
{
    private static readonly string?[] OddTexts = [null, "", " ", "\uD800", "\u0000", "a\u202Eb", "💥", new('x', 200), "../../etc", "'; DROP TABLE", "NaN",
        "1e400", "-1", "null", "{}", "%00", "9999-12-31", "0001-01-01"];
    internal static readonly string[] OddJson = ["null", "1e400", "-1e400", "1e-400", "\"\\ud800\"", "[]", "[null]", "{}", "true", "\"\"", "0", "-1",
        "99999999999999999999", "\"0001-01-01\"", "\"9999-12-31\"", "[[[[[[]]]]]]", "0.1e1", "\"\\u0000\""];

    /// <summary>A request of an operation, with something odd in it, and what was said that is odd.</summary>
    public static HttpRequestMessage? Of(string path, string method, JsonObject operation, JsonObject schemas, JsonObject plan, Random random,
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
