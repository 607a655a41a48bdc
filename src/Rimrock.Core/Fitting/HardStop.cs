namespace Rimrock.Core.Fitting;

/// <summary>Why something is out before anything is ranked.</summary>
/// <param name="Code">Stable code.</param>
/// <param name="Sentence">Why, for the driver.</param>
/// <param name="Own">True where it is out by the driver's own word, false where it must not be fitted.</param>
public sealed record HardStop(string Code, Said Sentence, bool Own = false);
