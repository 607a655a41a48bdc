namespace Rimrock.Core.Logbook;

/// <summary>A clue in this car's own log or prediction.</summary>
/// <param name="Code">Stable code, as causes name it.</param>
/// <param name="Sentence">What it is.</param>
public sealed record Clue(string Code, Said Sentence);
