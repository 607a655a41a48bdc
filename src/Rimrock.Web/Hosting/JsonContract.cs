using System.Text.Json;
using Microsoft.AspNetCore.OpenApi;
using Microsoft.OpenApi;
using Rimrock.Contract;
using Rimrock.Telling;

namespace Rimrock.Web.Hosting;

/// <summary>How plans and predictions look as JSON, and how the OpenAPI document describes them.</summary>
public static class JsonContract
{
    /// <summary>Strict reading, as everywhere.</summary>
    public static void Configure(JsonSerializerOptions options) => SaidJson.Configure(JsonRules.Applied(options));

    /// <summary>Title and version without the address of the machine that served it; the range and unit of every field that has one.</summary>
    public static void Describe(OpenApiOptions options)
    {
        ArgumentNullException.ThrowIfNull(options);
        options.AddSchemaTransformer(SchemaRanges.Describe);
        options.AddSchemaTransformer(SaidJson.Describe);
        options.AddDocumentTransformer((document, _, _) =>
        {
            document.Info.Title = "Rimrock";
            document.Info.Version = "1";
            document.Servers?.Clear();
            document.Extensions ??= new Dictionary<string, IOpenApiExtension>();
            document.Extensions["x-units"] = new JsonNodeExtension(JsonSerializer.SerializeToNode(ShownUnit.All, JsonSerializerOptions.Web)!);
            return Task.CompletedTask;
        });
    }
}
