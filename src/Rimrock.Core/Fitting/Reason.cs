namespace Rimrock.Core.Fitting;

/// <summary>What kind of reason.</summary>
public enum ReasonKind
{
    /// <summary>Something that gave, and gives no longer.</summary>
    Fixes,

    /// <summary>What it costs: money, work, cold metres, dust.</summary>
    Costs,

    /// <summary>What still gives first.</summary>
    StillFirst,

    /// <summary>Something that is worth knowing.</summary>
    Note,
}

/// <summary>Why a setup stands where it does, as data and as a sentence.</summary>
/// <param name="Kind">What kind of reason.</param>
/// <param name="Code">Limit or objective that it speaks of.</param>
/// <param name="Before">Figure with what is fitted; null where there is none.</param>
/// <param name="After">Figure with this setup.</param>
/// <param name="Unit">Unit of both.</param>
/// <param name="Sentence">In words.</param>
public sealed record Reason(ReasonKind Kind, string Code, double? Before, double? After, string Unit, Said Sentence);
