using System.Text.Json;
using System.Text.Json.Serialization;
using Microsoft.AspNetCore.OpenApi;

namespace Rimrock.Web.Hosting;

/// <summary>How plans and predictions look as JSON, and how the OpenAPI document describes them.</summary>
public static class JsonContract
{
    /// <summary>Strict reading: numbers are numbers, nothing required may be missing, nothing unknown may be there.</summary>
    public static void Configure(JsonSerializerOptions options)
    {
        ArgumentNullException.ThrowIfNull(options);
        options.NumberHandling = JsonNumberHandling.Strict;
        options.RespectNullableAnnotations = true;
        options.RespectRequiredConstructorParameters = true;
        options.UnmappedMemberHandling = JsonUnmappedMemberHandling.Disallow;
        options.DefaultIgnoreCondition = JsonIgnoreCondition.WhenWritingNull;
        options.Converters.Add(new JsonStringEnumConverter(JsonNamingPolicy.CamelCase, allowIntegerValues: false));
    }

    /// <summary>Title and version without the address of the machine that served it.</summary>
    public static void Describe(OpenApiOptions options)
    {
        ArgumentNullException.ThrowIfNull(options);
        options.AddDocumentTransformer((document, _, _) =>
        {
            document.Info.Title = "Rimrock";
            document.Info.Version = "1";
            document.Servers?.Clear();
            return Task.CompletedTask;
        });
    }
}
