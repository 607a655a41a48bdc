using System.Text.Json;
using System.Text.Json.Nodes;
using Rimrock.Telling;

namespace Rimrock.Web.Tests;

/// <summary>Told text as it was sent, joined as a page in kept units would.</summary>
internal static class ToldJson
{
    public static string Text(JsonNode? pieces) => string.Concat(pieces!.AsArray().Select(piece => (string?)piece!["words"]
        ?? Teller.Shown(piece["figure"]!.Deserialize<ToldFigure>(JsonSerializerOptions.Web)!, UnitSystem.Metric)));
}
