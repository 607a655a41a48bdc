using System.Text.Json;
using System.Text.Json.Serialization;
using Rimrock.Core.Beliefs;
using Rimrock.Core.Driving;
using Rimrock.Core.Fitting;
using Rimrock.Core.Quantities;

namespace Rimrock.Golden.Tests;

/// <summary>A question that is asked anew in every run: a whole plan, what was seen on its day, and whether the shelf is weighed.</summary>
/// <param name="Plan">The plan.</param>
/// <param name="Seen">What was seen; null for none.</param>
/// <param name="Match">True to weigh offer.json against it.</param>
public sealed record GoldenCase(PredictionPlan Plan, IReadOnlyList<Observation>? Seen = null, bool Match = false)
{
    internal static JsonSerializerOptions Json { get; } = new(JsonSerializerDefaults.Web)
    {
        WriteIndented = true,
        IndentSize = 1,
        NewLine = "\n",
        UnmappedMemberHandling = JsonUnmappedMemberHandling.Disallow,
        RespectRequiredConstructorParameters = true,
        Converters = { new JsonStringEnumConverter(JsonNamingPolicy.CamelCase) },
    };

    public static IEnumerable<string> Names() =>
        Directory.EnumerateFiles(Path.Combine(AppContext.BaseDirectory, "Plans"), "*.json").Select(Path.GetFileNameWithoutExtension).Order()!;

    public static GoldenCase Read(string name) =>
        JsonSerializer.Deserialize<GoldenCase>(File.ReadAllText(Path.Combine(AppContext.BaseDirectory, "Plans", name + ".json")), Json)!;

    public static Offer Offer { get; } = JsonSerializer.Deserialize<Offer>(File.ReadAllText(Path.Combine(AppContext.BaseDirectory, "offer.json")), Json)!;
}

/// <summary>What was answered when the file was written.</summary>
/// <param name="Temperatures">Highest of each part in each stretch, and its lowest, C, by part: unrounded.</param>
/// <param name="Figures">Other figures by name.</param>
/// <param name="Limits">Limits in the order shown, with their state.</param>
/// <param name="Chances">Share of 256 members in which each limit gives, before and (after a slash) after looking at what was seen.</param>
/// <param name="Bands">Edges of the layers' peaks over members, C.</param>
/// <param name="Shortlist">Keys of the short list in order; null where nothing was weighed.</param>
/// <param name="Refused">Parts of the shelf with the code of their refusal.</param>
public sealed record GoldenAnswer(
    IReadOnlyDictionary<string, double[]> Temperatures, IReadOnlyDictionary<string, double> Figures, IReadOnlyList<string> Limits, IReadOnlyDictionary<string,
    double> Chances,
    IReadOnlyDictionary<string, double[]> Bands, IReadOnlyList<string>? Shortlist, IReadOnlyList<string>? Refused);
