using Rimrock.Core.Driving;

namespace Rimrock.Core.Runs;

/// <summary>What one stop did.</summary>
/// <param name="PhaseIndex">Index of its stretch.</param>
/// <param name="Stop">The stop itself.</param>
/// <param name="AtS">Start in the day, s.</param>
/// <param name="FrontMu">Energy-weighted mean of front friction by the chart.</param>
/// <param name="RearMu">The same at the rear.</param>
/// <param name="FrontShare">Energy-weighted front share.</param>
/// <param name="FrontEndC">Front chart temperature at its end, C.</param>
/// <param name="RearEndC">Rear chart temperature at its end, C.</param>
public sealed record StopRecord(int PhaseIndex, BrakeStop Stop, double AtS, Lane FrontMu, Lane RearMu, Lane FrontShare, Lane FrontEndC, Lane RearEndC);
