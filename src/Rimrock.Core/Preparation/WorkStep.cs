namespace Rimrock.Core.Preparation;

/// <summary>One step of the work.</summary>
/// <param name="Code">Stable code, to tick it off by.</param>
/// <param name="Title">What to do.</param>
/// <param name="Reason">Why.</param>
/// <param name="Check">How to know that it is done right.</param>
/// <param name="Caution">A short warning where harm is possible.</param>
public sealed record WorkStep(string Code, Said Title, Said Reason, Said Check, Said? Caution = null);
