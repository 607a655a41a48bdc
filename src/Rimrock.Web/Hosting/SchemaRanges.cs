using System.Text.Json.Nodes;
using Microsoft.AspNetCore.OpenApi;
using Microsoft.OpenApi;
using Rimrock.Core.Beliefs;
using Rimrock.Core.Circuits;
using Rimrock.Core.Driving;
using Rimrock.Core.Entries;
using Rimrock.Core.Fitting;
using Rimrock.Core.Fluids;
using Rimrock.Core.Friction;
using Rimrock.Core.Preparation;
using Rimrock.Core.Quantities;
using Rimrock.Core.Rotors;
using Rimrock.Core.Vehicles;
using Rimrock.Telling;
using Rimrock.Web.Bench;

namespace Rimrock.Web.Hosting;

/// <summary>Brings the ranges that Core checks into the OpenAPI document, so that nobody types them in twice.</summary>
public static class SchemaRanges
{
    // Which type a range's path begins in; the rest of the path is the property.
    private static readonly Dictionary<Type, string> Owners = new()
    {
        [typeof(Car)] = "car.",
        [typeof(Hydraulics)] = "car.hydraulics.",
        [typeof(AxleBrake)] = "axle.",
        [typeof(Rotor)] = "rotor.",
        [typeof(RotorFinish)] = "rotor.finish.",
        [typeof(Pad)] = "pad.",
        [typeof(PadTraits)] = "pad.traits.",
        [typeof(CurvePoint)] = "curve.",
        [typeof(BrakeFluid)] = "fluid.",
        [typeof(FluidState)] = "fluidState.",
        [typeof(WheelDuct)] = "duct.",
        [typeof(DuctKit)] = "duct.",
        [typeof(CaliperKit)] = "caliper.",
        [typeof(MasterCylinder)] = "cylinder.",
        [typeof(Bracket)] = "bracket.",
        [typeof(LineKit)] = "line.",
        [typeof(StintPlan)] = "stint.",
        [typeof(Weather)] = "weather.",
        [typeof(Circuit)] = "circuit.",
        [typeof(CircuitSegment)] = "circuit.segments.",
        [typeof(BrakingZone)] = "zone.",
        [typeof(BendQuestion)] = "ribbon.",
        [typeof(OutsideHeat)] = "outsideHeat.",
        [typeof(PredictionPlan)] = "",
        [typeof(PlannedDay)] = "days.",
        [typeof(Observation)] = "observation.",
        [typeof(Wishes)] = "wishes.",
        [typeof(LogSession)] = "session.",
        [typeof(CornerLook)] = "corner.",
        [typeof(Inspection)] = "inspection.",
        [typeof(Mark)] = "kit.",
        [typeof(SeasonEvent)] = "events.",
    };

    /// <summary>
    /// Every range that a form or a script meets, by its path; a field with several (a car's and a motorcycle's mass) has them in the order of use.
    /// </summary>
    public static IReadOnlyList<IReadOnlyList<FieldRange>> All { get; } =
    [
        .. new IEnumerable<FieldRange>[]
            {
                PredictionPlan.Ranges, Observation.Ranges, Wishes.Ranges, Pad.Ranges, BrakeFluid.Ranges, LineKit.Ranges, DuctKit.Ranges, CaliperKit.Ranges,
                    MasterCylinder.Ranges,
                    Bracket.Ranges,
                    LogSession.Ranges,
                    Inspection.Ranges, PaintKit.Ranges, SeasonEvent.Ranges, [Car.MotorcycleMassRange, LapRibbon.SpeedRange, LapRibbon.LongerRange],
            }
            .SelectMany(ranges => ranges).GroupBy(range => range.Field).Select(same => same.Distinct().ToList()),
    ];

    private static readonly string[] ReadOff = ["told", "code", "beds"];

    /// <summary>Adds minimum, maximum, unit and name of the range to a field's schema.</summary>
    public static Task Describe(OpenApiSchema schema, OpenApiSchemaTransformerContext context, CancellationToken cancel)
    {
        ArgumentNullException.ThrowIfNull(schema);
        ArgumentNullException.ThrowIfNull(context);
        // Numbers are read by a rule of our own (no infinity), of which the document's writer knows nothing.
        if (context.JsonTypeInfo.Type == typeof(double) || context.JsonTypeInfo.Type == typeof(double?))
        {
            schema.Type = JsonSchemaType.Number | (context.JsonTypeInfo.Type == typeof(double?) ? JsonSchemaType.Null : 0);
            schema.Format = "double";
        }

        if (context.JsonTypeInfo.ElementType == typeof(double))
        {
            schema.Items = new OpenApiSchema { Type = JsonSchemaType.Number, Format = "double" };
        }

        // What is read off the figures is always sent with them.
        foreach (var name in ReadOff.Where(name => schema.Properties?.ContainsKey(name) == true))
        {
            (schema.Required ??= new HashSet<string>()).Add(name);
        }

        if (Owners.TryGetValue(context.JsonTypeInfo.Type, out var prefix) && schema.Properties is { } properties)
        {
            foreach (var (name, property) in properties)
            {
                if (All.FirstOrDefault(ranges => ranges[0].Field == prefix + name) is { } ranges && property is OpenApiSchema found)
                {
                    Put((found.Items as OpenApiSchema) ?? found, ranges);
                }
            }
        }

        return Task.CompletedTask;
    }

    private static void Put(OpenApiSchema schema, IReadOnlyList<FieldRange> ranges)
    {
        var (invariant, range) = (System.Globalization.CultureInfo.InvariantCulture, ranges[0]);
        (schema.Minimum, schema.Maximum) = (ranges.Min(one => one.Min).ToString(invariant), ranges.Max(one => one.Max).ToString(invariant));
        schema.Extensions ??= new Dictionary<string, IOpenApiExtension>();
        schema.Extensions["x-range"] = new JsonNodeExtension(JsonValue.Create(range.Field));
        schema.Extensions["x-unit"] = new JsonNodeExtension(JsonValue.Create(range.Unit));
        schema.Extensions["x-ranges"] = new JsonNodeExtension(new JsonArray([.. ranges.Select(one =>
            new JsonObject { ["label"] = Teller.Text(one.Label), ["unit"] = one.Unit, ["min"] = one.Min, ["max"] = one.Max })]));
    }
}
