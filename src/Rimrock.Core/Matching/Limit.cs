namespace Rimrock.Core.Matching;

/// <summary>When in the day something happens.</summary>
/// <param name="Session">Session from 1.</param>
/// <param name="Kind">What kind of stretch.</param>
/// <param name="Lap">Lap in its session.</param>
/// <param name="Minutes">Minutes into the stretch.</param>
public sealed record Moment(int Session, Prediction.PhaseKind Kind, int Lap, double Minutes);

/// <summary>How bad it is when a limit is passed; fluid and cracks far above wear.</summary>
public enum Harm
{
    /// <summary>Costs comfort or money.</summary>
    Nuisance = 1,

    /// <summary>The car stops worse and the driver feels it coming.</summary>
    Warning = 2,

    /// <summary>Parts are spoilt.</summary>
    Damage = 3,

    /// <summary>The brake can fail without warning.</summary>
    Danger = 4,
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
/// <param name="Change">The cheapest change that moves it; null where none is needed.</param>
/// <param name="DemandLow">Lower edge of the demand's band (8 in 10).</param>
/// <param name="DemandHigh">Upper edge of the demand's band.</param>
/// <param name="MayGive">True where it holds in the middle of the band but gives at its edge.</param>
/// <param name="Basis">How the figures came about: equation and source.</param>
public sealed record Limit(string Code, string Title, string Unit, double? Demand, double Capacity, double? Margin, bool Gives, Moment? When, Harm Harm,
    string Sentence, string? Change, string Basis, double? DemandLow = null, double? DemandHigh = null, bool MayGive = false);
