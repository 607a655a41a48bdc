using System.Net.Http.Json;
using System.Text.Json.Nodes;

namespace Rimrock.Web.Tests;

/// <summary>Plans as a client would send them.</summary>
internal static class Plans
{
    public static async Task<JsonObject> DemoAsync(HttpClient client)
    {
        var shelf = (await client.GetFromJsonAsync<JsonObject>("/api/shelf"))!["content"]!;
        JsonNode Body(string kind, string id) => shelf[kind]!.AsArray().Single(item => (string)item!["id"]! == id)!["body"]!.DeepClone();
        var entry = Body("cars", "harrow");
        return new JsonObject
        {
            ["car"] = entry["car"]!.DeepClone(),
            ["circuit"] = Body("circuits", "gullmouth"),
            ["pace"] = "advanced",
            ["stint"] = new JsonObject { ["sessions"] = 1 },
            ["weather"] = new JsonObject { ["ambientC"] = 24 },
            ["frontPad"] = Body("pads", "tern-daily"),
            ["rearPad"] = Body("pads", "tern-daily"),
            ["frontRotor"] = entry["frontRotor"]!.DeepClone(),
            ["rearRotor"] = entry["rearRotor"]!.DeepClone(),
            ["fluid"] = Body("fluids", "cairn-4"),
            ["fluidState"] = new JsonObject { ["ageMonths"] = 7 },
        };
    }
}
