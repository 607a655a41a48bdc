using Rimrock.Core.Driving;

namespace Rimrock.Core.Limits;

/// <summary>When in the day something happens.</summary>
/// <param name="Session">Session from 1.</param>
/// <param name="Kind">What kind of stretch.</param>
/// <param name="Lap">Lap in its session.</param>
/// <param name="Minutes">Minutes into the stretch.</param>
public sealed record Moment(int Session, PhaseKind Kind, int Lap, double Minutes);

/// <summary>How bad it is when a limit is passed, the worst last.</summary>
public enum Harm
{
    /// <summary>Slower, over early, dustier, dearer.</summary>
    Nuisance = 1,

    /// <summary>A part is ruined.</summary>
    Damage = 2,

    /// <summary>Someone can be hurt.</summary>
    Danger = 3,
}

/// <summary>What a limit can be moved by.</summary>
[Flags]
public enum Lever
{
    /// <summary>Nothing.</summary>
    None = 0,

    /// <summary>Fluid.</summary>
    Fluid = 1,

    /// <summary>Front pads.</summary>
    FrontPad = 2,

    /// <summary>Rear pads.</summary>
    RearPad = 4,

    /// <summary>Front rotors.</summary>
    FrontRotor = 8,

    /// <summary>Air to the front rotors.</summary>
    FrontAir = 16,

    /// <summary>Fewer laps in a row, a slower pace, a longer rest.</summary>
    Driving = 32,

    /// <summary>Pistons and shims.</summary>
    Pistons = 64,

    /// <summary>A shield beside something hot.</summary>
    Shield = 128,

    /// <summary>Rear rotors.</summary>
    RearRotor = 256,

    /// <summary>Air to the rear rotors.</summary>
    RearAir = 512,
}

/// <summary>A demand beside a capacity on one member's day.</summary>
/// <param name="Demand">What the day asks; NaN where the plan never gets there.</param>
/// <param name="Capacity">What the part can take.</param>
/// <param name="Margin">What is left; negative where it gives; NaN where the plan never gets there.</param>
/// <param name="Gives">True where demand meets capacity.</param>
/// <param name="When">When it first gives; null where it holds.</param>
public readonly record struct Reading(double Demand, double Capacity, double Margin, bool Gives, Moment? When)
{
    /// <summary>A limit that the plan never comes near.</summary>
    public static Reading Never(double capacity) => new(double.NaN, capacity, double.NaN, false, null);
}

/// <summary>One thing that can give: what the day asks, what the part can take, what is left.</summary>
/// <param name="Code">Stable code.</param>
/// <param name="Title">What happens, in a few words.</param>
/// <param name="Unit">Unit of demand, capacity and margin: C, mm or m; a margin in C is a difference.</param>
/// <param name="Demand">What the day asks; null where the plan never gets there.</param>
/// <param name="Capacity">What the part can take.</param>
/// <param name="Margin">What is left; negative where it gives.</param>
/// <param name="Gives">True where the margin is negative.</param>
/// <param name="When">When it first gives; null where it holds.</param>
/// <param name="Harm">How bad that is.</param>
/// <param name="Sentence">Why, in one plain sentence.</param>
/// <param name="Change">What moves it; null where none is needed.</param>
/// <param name="DemandLow">Lower edge of the demand's band (8 in 10).</param>
/// <param name="DemandHigh">Upper edge of the demand's band.</param>
/// <param name="MayGive">True where it holds in the middle of the band but gives at its edge.</param>
/// <param name="Basis">How the figures came about: equation and source.</param>
/// <param name="Day">Code of the kind of day that it is told of: of several the one where least is left.</param>
public sealed record Limit(string Code, Said Title, string Unit, double? Demand, double Capacity, double? Margin, bool Gives, Moment? When, Harm Harm,
    Said Sentence, Said? Change, Said Basis, double? DemandLow = null, double? DemandHigh = null, bool MayGive = false,
    string Day = DayKind.TrackDay);
