using System.Text.Json;
using System.Text.Json.Serialization;

namespace Rimrock.Scenario.Tests;

/// <summary>A fact of the trade as a file: the demo's car and parts, what is changed, and what must come of it.</summary>
/// <param name="Fact">The fact in words.</param>
/// <param name="Source">Where it stands: a published source, or common practice.</param>
/// <param name="Day">The day it is about.</param>
/// <param name="Expect">What must come of it.</param>
public sealed record Scenario(string Fact, string Source, Setting Day, IReadOnlyList<Expectation> Expect)
{
    private static readonly JsonSerializerOptions Json = new(JsonSerializerDefaults.Web)
    {
        UnmappedMemberHandling = JsonUnmappedMemberHandling.Disallow,
        RespectRequiredConstructorParameters = true,
    };

    public static IEnumerable<string> Files() =>
        Directory.EnumerateFiles(Path.Combine(AppContext.BaseDirectory, "Scenarios"), "*.json").Select(Path.GetFileName).Order()!;

    public static Scenario Read(string file) =>
        JsonSerializer.Deserialize<Scenario>(File.ReadAllText(Path.Combine(AppContext.BaseDirectory, "Scenarios", file)), Json)!;
}

/// <summary>A day on the demo's shelf; what is left out is the demo's base case.</summary>
public sealed record Setting(
    string? Car = null, string? Circuit = null, string? Pace = null, int? Sessions = null, double? Minutes = null, string? FrontPad = null,
    string? RearPad = null, string? FrontRotor = null,
    string? Fluid = null, double? FluidMonths = null, double? WaterPercent = null, double? MassKg = null, double? RoadPercent = null, string? Duct = null,
    string? Shield = null, bool? BatteryFull = null)
{
    /// <summary>This setting with another's changes over it.</summary>
    public Setting With(Setting other) => new(
        other.Car ?? Car, other.Circuit ?? Circuit, other.Pace ?? Pace, other.Sessions ?? Sessions, other.Minutes ?? Minutes, other.FrontPad ?? FrontPad,
        other.RearPad ?? RearPad,
        other.FrontRotor ?? FrontRotor, other.Fluid ?? Fluid, other.FluidMonths ?? FluidMonths, other.WaterPercent ?? WaterPercent, other.MassKg ?? MassKg,
        other.RoadPercent ?? RoadPercent,
        other.Duct ?? Duct, other.Shield ?? Shield, other.BatteryFull ?? BatteryFull);
}

/// <summary>One thing that must come of a scenario.</summary>
/// <param name="Figure">What is read: limit.CODE.margin, limit.CODE.gives, peak.PART, cold.KMH.C.metres, cold.KMH.C.longer, fluid.vapour, suggest.steps,
/// suggest.risk.</param>
/// <param name="AtLeast">Least value; with <paramref name="Against"/> least difference.</param>
/// <param name="AtMost">Most.</param>
/// <param name="Against">Changes of another day that this one is set against: the figure is this day's less that one's.</param>
/// <param name="Part">A part of the shelf that must be refused.</param>
/// <param name="As">As what it is refused: frontPad, rearPad, rotor, fluid, duct.</param>
/// <param name="Stop">Code of the refusal.</param>
public sealed record Expectation(string? Figure = null, double? AtLeast = null, double? AtMost = null, Setting? Against = null, string? Part = null,
    string? As = null, string? Stop = null);
