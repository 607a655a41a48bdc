using Rimrock.Core.Driving;

namespace Rimrock.Core.Runs;

/// <summary>What one stop did.</summary>
/// <param name="PhaseIndex">Index of its stretch.</param>
/// <param name="Place">Its place in the stretch from 0.</param>
/// <param name="Stop">The stop as laid out.</param>
/// <param name="AtS">Start in the day, s.</param>
/// <param name="FrontMu">Energy-weighted mean of front friction by the chart.</param>
/// <param name="RearMu">The same at the rear.</param>
/// <param name="FrontShare">Energy-weighted front share.</param>
/// <param name="ForceFactor">Force of the brakes over that of the stop as laid out.</param>
/// <param name="OverKmh">How much too fast at its planned end with all that a leg gives, km/h; 0 where it was made.</param>
/// <param name="MissingM">How many metres more it took.</param>
/// <param name="TimeFactor">Its duration over that laid out.</param>
/// <param name="EarlierM">How much earlier its brakes went on than laid out, m.</param>
/// <param name="EntryMS">Speed at its start, m/s.</param>
/// <param name="FrontEndC">Front chart temperature at its end, C.</param>
/// <param name="RearEndC">Rear chart temperature at its end, C.</param>
public sealed record StopRecord(int PhaseIndex, int Place, BrakeStop Stop, double AtS, Lane FrontMu, Lane RearMu, Lane FrontShare, Lane ForceFactor,
    Lane OverKmh, Lane MissingM, Lane TimeFactor, Lane EarlierM, Lane EntryMS, Lane FrontEndC, Lane RearEndC);
