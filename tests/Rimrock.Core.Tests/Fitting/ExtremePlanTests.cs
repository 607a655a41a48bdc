using System.Text.Json;
using System.Text.Json.Nodes;
using System.Text.Json.Serialization;
using Rimrock.Core.Circuits;
using Rimrock.Core.Driving;
using Rimrock.Core.Friction;
using Rimrock.Core.Quantities;
using Rimrock.Core.Rotors;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Tests.Fitting;

/// <summary>
/// Both ends of every range, one at a time and in random pairs: whatever is accepted is computed, finite, closed in energy and bounded. No guard stands before
/// these.
/// </summary>
public class ExtremePlanTests
{
    private const int Pairs = 160;

    private static readonly JsonSerializerOptions Json =
        new(JsonSerializerDefaults.Web) { Converters = { new JsonStringEnumConverter(JsonNamingPolicy.CamelCase) } };

    private static readonly IReadOnlyDictionary<string, PredictionPlan> Bases = new Dictionary<string, PredictionPlan>
    {
        ["estate"] = Whole(SampleParts.Plan()),
        ["zones"] = Whole(SampleParts.Plan("race-sintered")) with
        {
            Circuit = new Circuit("zones", Zones: [new(180, 80, 20), new(140, 60, 15)], ZoneG: 0.8),
            Days = [new(DayKind.TrackDay, 5), new(DayKind.Descent, 4, TrailerKg: 500)],
        },
        ["drums"] = Whole(SampleParts.Plan()) with
        {
            Car = SampleParts.Estate with { Rear = SampleParts.RearBrake with { Caliper = CaliperKind.Drum, PistonsMm = [20] } },
            RearRotor = new Rotor("drum", 230, 190, 8, 6, Construction: RotorConstruction.Drum),
        },
        ["motorcycle"] = Motorcycle(),
        ["carbon"] = Whole(SampleParts.Plan("carbon-ceramic-disc")) with
        {
            FrontRotor = SampleParts.FrontRing
            with
            { Material = RingMaterial.CarbonCeramic, Construction = RotorConstruction.TwoPiece }
        },
    };

    public static TheoryData<string> Names => [.. Bases.Keys];

    public static TheoryData<int> Seeds => [.. Enumerable.Range(0, 4)];

    [Theory]
    [MemberData(nameof(Names))]
    public void Both_ends_of_every_range_are_computed(string name)
    {
        var (tried, refused) = (0, 0);
        foreach (var (path, range) in Fields())
        {
            foreach (var end in new[] { range.Min, range.Max })
            {
                tried++;
                refused += Try(name, [(path, end)]) ? 0 : 1;
            }
        }

        // Some ends cannot stand with the rest of a plan: they are refused as such, and they are few.
        refused.ShouldBeLessThan(tried / 3);
    }

    [Theory]
    [MemberData(nameof(Seeds))]
    public void Pairs_of_ends_are_computed(int seed)
    {
        var random = new Random(seed);
        var fields = Fields().ToList();
        var computed = 0;
        for (var i = 0; i < Pairs / 4; i++)
        {
            var (one, other) = (fields[random.Next(fields.Count)], fields[random.Next(fields.Count)]);
            computed += Try(Bases.Keys.ElementAt(random.Next(Bases.Count)),
                [(one.Path, random.Next(2) == 0 ? one.Range.Min : one.Range.Max), (other.Path, random.Next(2) == 0 ? other.Range.Min : other.Range.Max)])
                ? 1 : 0;
        }

        computed.ShouldBeGreaterThan(Pairs / 4 / 3);
    }

    [Fact]
    public void Large_pistons_in_a_light_caliper_do_not_run_away()
    {
        var plan = SampleParts.Plan("track-sport");
        WholeAnswer.Holds(plan with
        {
            Car = plan.Car with
            {
                Front = plan.Car.Front
            with
                { Caliper = CaliperKind.Fixed, PistonsMm = [40, 40, 40, 40, 40, 40], CaliperMassKg = 0.8 }
            },
            Stint = new StintPlan(3, 20, 240)
        });
    }

    private static bool Try(string name, (string Path, double Value)[] changes)
    {
        var body = JsonSerializer.SerializeToNode(Bases[name], Json)!;
        foreach (var (path, value) in changes)
        {
            if (!Set(body, path, value))
            {
                return false;
            }
        }

        var plan = body.Deserialize<PredictionPlan>(Json)!;
        if (plan.Faults().Count > 0)
        {
            return false;
        }

        try
        {
            WholeAnswer.Holds(plan);
        }
        catch (Exception failed)
        {
            var changed = string.Join(", ", changes.Select(change => FormattableString.Invariant($"{change.Path} = {change.Value}")));
            throw new InvalidOperationException($"{name} with {changed}: {failed.Message}", failed);
        }

        return true;
    }

    private static IEnumerable<(string Path, FieldRange Range)> Fields() =>
        PredictionPlan.Ranges.SelectMany(range => Paths(range.Field).Select(path => (path, range)));

    private static IEnumerable<string> Paths(string field) => field.Split('.') switch
    {
        ["axle", var last] => [$"car.front.{last}", $"car.rear.{last}"],
        ["rotor", .. var rest] => [$"frontRotor.{string.Join('.', rest)}", $"rearRotor.{string.Join('.', rest)}"],
        ["duct", var last] => [$"frontDuct.{last}", $"rearDuct.{last}"],
        ["zone", var last] => [$"circuit.zones.0.{last}"],
        ["circuit", "segments", var last] => [$"circuit.segments.1.{last}"],
        ["curve", var last] => [$"frontPad.curve.4.{last}", $"rearPad.curve.4.{last}"],
        _ => [field],
    };

    private static bool Set(JsonNode body, string path, double value)
    {
        var steps = path.Split('.');
        JsonNode? at = body;
        foreach (var step in steps[..^1])
        {
            at = at is JsonArray list ? int.Parse(step, System.Globalization.CultureInfo.InvariantCulture) is var i && i < list.Count
                ? list[i] : null : at?[step];
        }

        if (at is not JsonObject holder)
        {
            return false;
        }

        var whole = holder[steps[^1]] is JsonValue before && before.ToJsonString() is var text && !text.Contains('.', StringComparison.Ordinal)
            && value == Math.Round(value);
        holder[steps[^1]] = steps[^1] == "pistonsMm" ? new JsonArray(value, value, value, value) : whole
            ? JsonValue.Create((long)value) : JsonValue.Create(value);
        return true;
    }

    private static PredictionPlan Whole(PredictionPlan plan) => plan with
    {
        FrontPad = plan.FrontPad with { Curve = Curve },
        RearPad = plan.RearPad with { Curve = Curve },
        FrontDuct = new WheelDuct(60, Shield.Trimmed),
        RearDuct = new WheelDuct(),
        OutsideHeat = new OutsideHeat(HeatedPlace.Caliper),
        FrontPadMm = 8,
        RearPadMm = 7,
        Stint = new StintPlan(1, 6, 10),
    };

    private static IReadOnlyList<CurvePoint> Curve { get; } = [new(0, 0.3), new(100, 0.36), new(200, 0.4), new(350, 0.42), new(500, 0.36)];

    private static PredictionPlan Motorcycle()
    {
        var guess = CarGuess.Motorcycle("motorcycle", 230, 100, "sport");
        return SampleParts.Plan("race-sintered", "race-sintered") with { Car = guess.Car, FrontRotor = guess.FrontRotor, RearRotor = guess.RearRotor };
    }
}
