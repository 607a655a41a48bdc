using System.Text.Json;
using System.Text.Json.Serialization;
using Rimrock.Core.Fluids;
using Rimrock.Core.Friction;
using Rimrock.Core.Quantities;
using Rimrock.Core.Rotors;
using Rimrock.Core.Vehicles;

namespace Rimrock.Formats;

/// <summary>One part of a catalogue file.</summary>
/// <typeparam name="T">What it is.</typeparam>
/// <param name="Id">Its id.</param>
/// <param name="Body">The part.</param>
public sealed record CatalogueRow<T>(string Id, T Body)
    where T : class;

/// <summary>A catalogue of parts as a file: <c>{"rimrock": "catalogue", "version": 1, "pads": [{"id": ..., "body": {...}}], ...}</c>.</summary>
/// <param name="Pads">Pads.</param>
/// <param name="Rotors">Rotors.</param>
/// <param name="Fluids">Fluids.</param>
/// <param name="Lines">Lines.</param>
/// <param name="Ducts">Ducts.</param>
/// <param name="Calipers">Caliper kits.</param>
/// <param name="Cylinders">Master cylinders.</param>
/// <param name="Brackets">Brackets.</param>
public sealed record Catalogue(
    IReadOnlyList<CatalogueRow<Pad>> Pads, IReadOnlyList<CatalogueRow<Rotor>> Rotors, IReadOnlyList<CatalogueRow<BrakeFluid>> Fluids,
    IReadOnlyList<CatalogueRow<LineKit>> Lines, IReadOnlyList<CatalogueRow<DuctKit>> Ducts,
    IReadOnlyList<CatalogueRow<CaliperKit>> Calipers, IReadOnlyList<CatalogueRow<MasterCylinder>> Cylinders,
    IReadOnlyList<CatalogueRow<Bracket>> Brackets)
{
    /// <summary>The word that says what the file is.</summary>
    public string Rimrock { get; } = CatalogueJson.Word;

    /// <summary>Version of the form.</summary>
    public int Version { get; } = 1;
}

/// <summary>Reads and writes catalogues; reading is strict and tells every row that is wrong.</summary>
public static class CatalogueJson
{
    /// <summary>Largest file, bytes.</summary>
    public const int MostBytes = 4_000_000;

    /// <summary>Most rows of all kinds.</summary>
    public const int MostRows = 2000;

    internal const string Word = "catalogue";
    private const int MostFaults = 20;
    private static readonly string[] Known = ["rimrock", "version", "pads", "rotors", "fluids", "lines", "ducts", "calipers", "cylinders", "brackets"];

    private static readonly JsonSerializerOptions Strict = new(JsonSerializerDefaults.Web)
    {
        NumberHandling = JsonNumberHandling.Strict,
        RespectNullableAnnotations = true,
        RespectRequiredConstructorParameters = true,
        UnmappedMemberHandling = JsonUnmappedMemberHandling.Disallow,
        DefaultIgnoreCondition = JsonIgnoreCondition.WhenWritingNull,
        Converters = { new JsonStringEnumConverter(JsonNamingPolicy.CamelCase, allowIntegerValues: false) },
        WriteIndented = true,
    };

    /// <summary>A catalogue as text.</summary>
    public static string Write(Catalogue catalogue) => JsonSerializer.Serialize(catalogue, Strict);

    /// <summary>Reads a catalogue.</summary>
    /// <param name="text">The file.</param>
    /// <exception cref="InputFaultException">What is no catalogue, and every row that is wrong, by its kind and number, up to twenty.</exception>
    public static Catalogue Read(string text)
    {
        ArgumentNullException.ThrowIfNull(text);
        if (System.Text.Encoding.UTF8.GetByteCount(text) > MostBytes)
        {
            throw new InputFaultException([new InputFault("file", $"{text.Length / 1_000_000} MB", $"at most {MostBytes / 1_000_000} MB",
                "The file is too large for a catalogue.")]);
        }

        var faults = new List<InputFault>();
        using var document = Parse(text);
        var root = document.RootElement;
        if (root.ValueKind != JsonValueKind.Object || !root.TryGetProperty("rimrock", out var word) || word.ValueKind != JsonValueKind.String
            || word.GetString() != Word
            || !root.TryGetProperty("version", out var version) || version.ValueKind != JsonValueKind.Number || version.GetRawText() != "1")
        {
            throw new InputFaultException([new InputFault("file", "another form", $"\"rimrock\": \"{Word}\", \"version\": 1",
                "The file does not say that it is a catalogue of this version.")]);
        }

        foreach (var member in root.EnumerateObject().Where(member => !Known.Contains(member.Name)))
        {
            faults.Add(new InputFault(Short(member.Name), "unknown", string.Join(", ", Known), "A catalogue has no such part."));
        }

        var rows = 0;
        var catalogue = new Catalogue(
            Rows<Pad>("pads", (body, field) => body.Check(field, faults)), Rows<Rotor>("rotors", (body, field) => body.Check(field, faults)),
            Rows<BrakeFluid>("fluids", (body, field) => body.Check(field, faults)), Rows<LineKit>("lines", (body, field) => body.Check(field, faults)),
            Rows<DuctKit>("ducts", (body, field) => body.Check(field, faults)), Rows<CaliperKit>("calipers", (body, field) => body.Check(field, faults)),
            Rows<MasterCylinder>("cylinders", (body, field) => body.Check(field, faults)),
            Rows<Bracket>("brackets", (body, field) => body.Check(field, faults)));
        if (rows > MostRows)
        {
            faults.Insert(0, new InputFault("file", $"{rows} rows", $"at most {MostRows} rows", "That is more than a shelf can hold."));
        }

        InputFaultException.ThrowIfAny([.. faults.Take(MostFaults)]);
        return catalogue;

        List<CatalogueRow<T>> Rows<T>(string kind, Action<T, string> check)
            where T : class
        {
            var read = new List<CatalogueRow<T>>();
            if (!root.TryGetProperty(kind, out var list))
            {
                return read;
            }

            if (list.ValueKind != JsonValueKind.Array)
            {
                faults.Add(new InputFault(kind, list.ValueKind.ToString(), "a list", $"{kind} must be a list."));
                return read;
            }

            var seen = new HashSet<string>(StringComparer.Ordinal);
            foreach (var element in list.EnumerateArray())
            {
                rows++;
                var field = $"{kind}[{read.Count}]";
                var row = One<T>(element, field);
                read.Add(row ?? new CatalogueRow<T>("", null!));
                if (row is null)
                {
                    continue;
                }

                Names.Check(row.Id, $"{field}.id", faults);
                if (!seen.Add(row.Id))
                {
                    faults.Add(new InputFault($"{field}.id", Short(row.Id), "every id once", "This id stands in the file twice."));
                }

                check(row.Body, field);
            }

            return read;
        }

        CatalogueRow<T>? One<T>(JsonElement element, string field)
            where T : class
        {
            try
            {
                return element.Deserialize<CatalogueRow<T>>(Strict);
            }
            catch (JsonException error)
            {
                var inside = error.Path is { Length: > 1 } path ? path[1..] : "";
                faults.Add(new InputFault(field + inside, Short(element.GetRawText()), "the form of an exported catalogue", error.Message.Split(" Path:")[0]));
                return null;
            }
        }
    }

    private static JsonDocument Parse(string text)
    {
        try
        {
            return JsonDocument.Parse(text, new JsonDocumentOptions { MaxDepth = 24, AllowDuplicateProperties = false });
        }
        catch (JsonException error)
        {
            throw new InputFaultException([new InputFault($"line {(error.LineNumber ?? 0) + 1}", "unreadable", "JSON", "The file is no JSON.")]);
        }
    }

    private static string Short(string text) => text.Length > 40 ? text[..40] : text;
}
