using System.Text.Json;
using System.Text.Json.Nodes;
using Rimrock.Core.Circuits;
using Rimrock.Core.Rotors;

namespace Rimrock.Contract;

/// <summary>
/// The form of bodies: of things on the shelf, entries of the log and the plans inside them. Each form but the newest has a step that brings it to the next;
/// steps are never
/// edited once shipped. tests/Rimrock.Storage.Tests/Bodies holds golden bodies of every form.
/// </summary>
public static class BodyVersion
{
    /// <summary>The form that is written.</summary>
    public const int Newest = 3;

    // A drum's hat where nothing was asked for it, as a share of its rubbing diameter (common practice).
    private const double HatShare = 0.8;

    /// <summary>Brings a body to the newest form.</summary>
    /// <param name="kind">Its kind.</param>
    /// <param name="version">Its form.</param>
    /// <param name="body">The body; changed in place.</param>
    /// <exception cref="NewerBodyException">A form that only a newer Rimrock knows.</exception>
    public static void Upgrade(BodyKind kind, int version, JsonNode? body)
    {
        ArgumentNullException.ThrowIfNull(kind);
        if (version is < 1 or > Newest)
        {
            throw new NewerBodyException(version);
        }

        if (version < 2 && body is JsonObject whole)
        {
            FromFirst(kind, whole);
        }

        if (version < 3 && kind.Code is "session" or "inspection" && body?["plan"] is JsonObject plan)
        {
            PlanFromSecond(plan);
        }
    }

    /// <summary>Brings a plan to the newest form.</summary>
    /// <param name="version">Its form.</param>
    /// <param name="plan">The plan; changed in place.</param>
    /// <exception cref="NewerBodyException">A form that only a newer Rimrock knows.</exception>
    public static void UpgradePlan(int version, JsonObject plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        if (version is < 1 or > Newest)
        {
            throw new NewerBodyException(version);
        }

        if (version < 2)
        {
            PlanFromFirst(plan);
        }

        if (version < 3)
        {
            PlanFromSecond(plan);
        }
    }

    // 1 to 2: a drum had no range for its hat and could have a vane gap; a recording could hold stray samples.
    private static void FromFirst(BodyKind kind, JsonObject body)
    {
        switch (kind.Code)
        {
            case "cars":
                Rotor(body["frontRotor"]);
                Rotor(body["rearRotor"]);
                break;
            case "rotors":
                Rotor(body);
                break;
            case "circuits":
                Recording(body);
                break;
            case "event":
                Recording(body["circuit"]);
                break;
            case "session" or "inspection" when body["plan"] is JsonObject plan:
                PlanFromFirst(plan);
                break;
        }
    }

    private static void PlanFromFirst(JsonObject plan)
    {
        Rotor(plan["frontRotor"]);
        Rotor(plan["rearRotor"]);
        Recording(plan["circuit"]);
    }

    // 2 to 3: a plan was one track day and one road duty; it is a list of kinds of day.
    private static void PlanFromSecond(JsonObject plan)
    {
        var (duty, trailerKg) = (Text(plan["roadDuty"]) ?? "weekday", Number(plan["trailerKg"]) ?? 0);
        var days = new JsonArray();
        if (!(Number(plan["roadPercent"]) >= 100))
        {
            days.Add(new JsonObject { ["kind"] = "track-day", ["daysAYear"] = 5 });
        }

        if (!(Number(plan["roadPercent"]) <= 0) || days.Count == 0)
        {
            var road = new JsonObject { ["kind"] = duty, ["daysAYear"] = duty switch { "commute" => 220, "country" => 20, "descent" => 4, _ => 200 } };
            if (duty == "descent")
            {
                (road["dropM"], road["slopePercent"]) = (560, 8);
            }

            if (trailerKg > 0)
            {
                road["trailerKg"] = trailerKg;
                road["trailerBraked"] = plan["trailerBraked"]?.GetValueKind() == JsonValueKind.True;
            }

            days.Add(road);
        }

        plan.Remove("roadDuty");
        plan.Remove("trailerKg");
        plan.Remove("trailerBraked");
        plan["days"] = days;
    }

    private static void Rotor(JsonNode? node)
    {
        if (node is not JsonObject rotor || Text(rotor["construction"]) != "drum" || Number(rotor["outerDiameterMm"]) is not { } outer)
        {
            return;
        }

        if (!(Number(rotor["innerDiameterMm"]) is { } inner && inner >= 90 && inner < outer))
        {
            rotor["innerDiameterMm"] = Math.Max(90, Math.Round(outer * HatShare, 1));
        }

        rotor.Remove("vaneGapMm");
    }

    private static void Recording(JsonNode? circuit)
    {
        if (circuit is not JsonObject { } whole || whole["recording"] is not JsonObject recording || recording["timeS"] is not JsonArray time
            || recording["speedKmh"] is not JsonArray speed || time.Count != speed.Count)
        {
            return;
        }

        double?[] times = [.. time.Select(Number)], speeds = [.. speed.Select(Number)];
        if (times.Any(value => value is null) || speeds.Any(value => value is null))
        {
            return;
        }

        var mended = new List<MendedSample>();
        var kept = StraySamples.Mend([.. times.Select(value => value!.Value)], [.. speeds.Select(value => value!.Value)], _ => "", mended);
        if (mended.Count > 0)
        {
            recording["speedKmh"] = new JsonArray([.. kept.Select(value => (JsonNode)JsonValue.Create(value))]);
        }
    }

    private static double? Number(JsonNode? node) => node is JsonValue value && value.GetValueKind() == JsonValueKind.Number ? value.GetValue<double>() : null;

    private static string? Text(JsonNode? node) => node is JsonValue value && value.GetValueKind() == JsonValueKind.String ? value.GetValue<string>() : null;
}

/// <summary>Raised for a form that only a newer Rimrock knows.</summary>
/// <param name="version">The form.</param>
public sealed class NewerBodyException(int version)
    : Exception($"It was written by a newer Rimrock (form {version}; this one knows forms up to {BodyVersion.Newest}).");
