using System.Text.Json;
using System.Text.Json.Serialization;
using Microsoft.AspNetCore.OpenApi;
using Microsoft.OpenApi;
using Rimrock.Core.Quantities;
using Rimrock.Telling;

namespace Rimrock.Web.Hosting;

/// <summary>A fault as it is sent: its texts as they stand in kept units, and in pieces for a page that shows others.</summary>
/// <param name="Field">The field's path or the line.</param>
/// <param name="Value">What was given.</param>
/// <param name="Allowed">The allowed range or form.</param>
/// <param name="Message">A sentence for the person who typed it.</param>
/// <param name="Told">The sentence in pieces.</param>
public sealed record ToldFault(string Field, string Value, string Allowed, string Message, IReadOnlyList<Piece> Told)
{
    private const int LongestValue = 80;

    /// <summary>Tells one.</summary>
    public static ToldFault Of(InputFault fault)
    {
        ArgumentNullException.ThrowIfNull(fault);
        var value = Teller.Text(fault.Value);
        return new ToldFault(fault.Field, value.Length > LongestValue ? value[..LongestValue] : value, Teller.Text(fault.Allowed), Teller.Text(fault.Message),
            Teller.Pieces(fault.Message));
    }
}

/// <summary>Sends what the engine says as pieces of words and figures. It is never read back.</summary>
public static class SaidJson
{
    /// <summary>Adds the writers.</summary>
    public static void Configure(JsonSerializerOptions options)
    {
        ArgumentNullException.ThrowIfNull(options);
        options.Converters.Add(new Writer<Said>(Teller.Pieces));
        options.Converters.Add(new Writer<InputFault>(ToldFault.Of));
    }

    /// <summary>Describes both as they are sent.</summary>
    public static async Task Describe(OpenApiSchema schema, OpenApiSchemaTransformerContext context, CancellationToken cancel)
    {
        ArgumentNullException.ThrowIfNull(schema);
        ArgumentNullException.ThrowIfNull(context);
        if (context.JsonTypeInfo.Type == typeof(Said))
        {
            schema.Type = JsonSchemaType.Array;
            schema.Items = await Component<Piece>(nameof(Piece), context, cancel);
        }

        // Of lists of what is written by a rule of our own the document's writer knows nothing either.
        if (context.JsonTypeInfo.ElementType == typeof(Said))
        {
            schema.Items = await Component<Said>(nameof(Said), context, cancel);
        }
        else if (context.JsonTypeInfo.ElementType == typeof(InputFault))
        {
            schema.Items = await Component<ToldFault>(nameof(InputFault), context, cancel);
        }
    }

    private static async Task<IOpenApiSchema> Component<T>(string name, OpenApiSchemaTransformerContext context, CancellationToken cancel)
    {
        var schema = await context.GetOrCreateSchemaAsync(typeof(T), null, cancel);
        context.Document?.AddComponent(name, schema);
        return new OpenApiSchemaReference(name, context.Document);
    }

    private sealed class Writer<T>(Func<T, object> told) : JsonConverter<T>
    {
        public override T Read(ref Utf8JsonReader reader, Type typeToConvert, JsonSerializerOptions options) =>
            throw new JsonException("told text is never read back");

        public override void Write(Utf8JsonWriter writer, T value, JsonSerializerOptions options) => JsonSerializer.Serialize(writer, told(value), options);
    }
}
