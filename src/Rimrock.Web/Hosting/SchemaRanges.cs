using System.Text.Json.Nodes;
using Microsoft.AspNetCore.OpenApi;
using Microsoft.OpenApi;
using Rimrock.Core.Circuits;
using Rimrock.Core.Fluids;
using Rimrock.Core.Friction;
using Rimrock.Core.Heat;
using Rimrock.Core.Logbook;
using Rimrock.Core.Matching;
using Rimrock.Core.Prediction;
using Rimrock.Core.Preparation;
using Rimrock.Core.Quantities;
using Rimrock.Core.Rotors;
using Rimrock.Core.Uncertainty;
using Rimrock.Core.Vehicles;

namespace Rimrock.Web.Hosting;

/// <summary>Brings the ranges that Core checks into the OpenAPI document, so that nobody types them in twice.</summary>
public static class SchemaRanges
{
    // Which type a range's path begins in; the rest of the path is the property.
    private static readonly Dictionary<Type, string> Owners = new()
    {
        [typeof(Car)] = "car.", [typeof(Hydraulics)] = "car.hydraulics.", [typeof(AxleBrake)] = "axle.", [typeof(Rotor)] = "rotor.", [typeof(RotorFinish)] = "rotor.finish.",
        [typeof(Pad)] = "pad.", [typeof(PadTraits)] = "pad.traits.", [typeof(CurvePoint)] = "curve.", [typeof(BrakeFluid)] = "fluid.", [typeof(FluidState)] = "fluidState.", [typeof(WheelDuct)] = "duct.",
        [typeof(DuctKit)] = "duct.", [typeof(LineKit)] = "line.", [typeof(StintPlan)] = "stint.", [typeof(Weather)] = "weather.", [typeof(Circuit)] = "circuit.", [typeof(CircuitSegment)] = "circuit.segments.",
        [typeof(BrakingZone)] = "zone.", [typeof(OutsideHeat)] = "outsideHeat.", [typeof(PredictionPlan)] = "", [typeof(Observation)] = "observation.", [typeof(Wishes)] = "wishes.",
        [typeof(LogSession)] = "session.", [typeof(CornerLook)] = "corner.", [typeof(Inspection)] = "inspection.", [typeof(Mark)] = "kit.", [typeof(SeasonEvent)] = "events.",
    };

    /// <summary>Every range that a form or a script meets; a field with two (a car's and a motorcycle's mass) spans both.</summary>
    public static IReadOnlyList<FieldRange> All { get; } =
    [
        .. new IEnumerable<FieldRange>[]
            {
                PredictionPlan.Ranges, Observation.Ranges, Wishes.Ranges, Pad.Ranges, BrakeFluid.Ranges, LineKit.Ranges, DuctKit.Ranges, LogSession.Ranges, Inspection.Ranges, PaintKit.Ranges, SeasonEvent.Ranges,
            }
            .SelectMany(ranges => ranges).GroupBy(range => range.Field).Select(same => same.First() with { Min = same.Min(range => range.Min), Max = same.Max(range => range.Max) }),
    ];

    /// <summary>Adds minimum, maximum, unit and name of the range to a field's schema.</summary>
    public static Task Describe(OpenApiSchema schema, OpenApiSchemaTransformerContext context, CancellationToken cancel)
    {
        ArgumentNullException.ThrowIfNull(schema);
        ArgumentNullException.ThrowIfNull(context);
        if (Owners.TryGetValue(context.JsonTypeInfo.Type, out var prefix) && schema.Properties is { } properties)
        {
            foreach (var (name, property) in properties)
            {
                if (All.FirstOrDefault(range => range.Field == prefix + name) is { } range && property is OpenApiSchema found)
                {
                    Put((found.Items as OpenApiSchema) ?? found, range);
                }
            }
        }

        return Task.CompletedTask;
    }

    private static void Put(OpenApiSchema schema, FieldRange range)
    {
        (schema.Minimum, schema.Maximum) = (range.Min.ToString(System.Globalization.CultureInfo.InvariantCulture), range.Max.ToString(System.Globalization.CultureInfo.InvariantCulture));
        schema.Extensions ??= new Dictionary<string, IOpenApiExtension>();
        schema.Extensions["x-range"] = new JsonNodeExtension(JsonValue.Create(range.Field));
        schema.Extensions["x-label"] = new JsonNodeExtension(JsonValue.Create(range.Label));
        schema.Extensions["x-unit"] = new JsonNodeExtension(JsonValue.Create(range.Unit));
    }
}
