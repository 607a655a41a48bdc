using System.Collections;
using System.Text.Json;
using System.Text.Json.Serialization;
using System.Text.Json.Serialization.Metadata;

namespace Rimrock.Contract;

/// <summary>How everything is read from JSON and written: strictly, by names as they stand in the types.</summary>
public static class JsonRules
{
    /// <summary>For bodies in the database, in archives and in catalogues.</summary>
    public static JsonSerializerOptions Strict { get; } = Applied(new JsonSerializerOptions(JsonSerializerDefaults.Web));

    /// <summary>Numbers are numbers, nothing required may be missing, nothing unknown may be there, nothing may stand twice, no list holds a null.</summary>
    public static JsonSerializerOptions Applied(JsonSerializerOptions options)
    {
        ArgumentNullException.ThrowIfNull(options);
        options.NumberHandling = JsonNumberHandling.Strict;
        options.RespectNullableAnnotations = true;
        options.RespectRequiredConstructorParameters = true;
        options.UnmappedMemberHandling = JsonUnmappedMemberHandling.Disallow;
        options.AllowDuplicateProperties = false;
        options.DefaultIgnoreCondition = JsonIgnoreCondition.WhenWritingNull;
        options.MaxDepth = 32;
        options.Converters.Add(new JsonStringEnumConverter(JsonNamingPolicy.CamelCase, allowIntegerValues: false));
        options.Converters.Add(new FiniteNumber());
        options.TypeInfoResolver = new DefaultJsonTypeInfoResolver { Modifiers = { RefuseNullsInLists } };
        return options;
    }

    /// <summary>Digits beyond what a number can hold are refused, not read as infinite.</summary>
    private sealed class FiniteNumber : JsonConverter<double>
    {
        public override double Read(ref Utf8JsonReader reader, Type typeToConvert, JsonSerializerOptions options) =>
            reader.TokenType == JsonTokenType.Number && reader.TryGetDouble(out var value) && double.IsFinite(value)
                ? value : throw new JsonException("could not be converted to a number");

        public override void Write(Utf8JsonWriter writer, double value, JsonSerializerOptions options) => writer.WriteNumberValue(value);
    }

    private static void RefuseNullsInLists(JsonTypeInfo info)
    {
        if (info is { Kind: JsonTypeInfoKind.Enumerable, ElementType.IsValueType: false })
        {
            info.OnDeserialized = read =>
            {
                if (read is IEnumerable items && items.Cast<object?>().Any(item => item is null))
                {
                    throw new JsonException("A list holds nothing in a place where something must stand.");
                }
            };
        }
    }
}
