
namespace Rimrock.Core.Circuits;

/// <summary>A braking zone that was found in a lap.</summary>
/// <param name="AtM">Where it begins, m from the lap's start.</param>
/// <param name="Metres">Its length, m.</param>
/// <param name="Seconds">How long it lasts, s.</param>
/// <param name="EntryKmh">Speed at its start, km/h.</param>
/// <param name="ExitKmh">Speed at its end, km/h.</param>
/// <param name="SecondsToNext">Time to the next zone, s.</param>
public sealed record FoundZone(double AtM, double Metres, double Seconds, double EntryKmh, double ExitKmh, double SecondsToNext)
{
    /// <summary>Mean deceleration, g; drag and the engine's part included.</summary>
    public double MeanG => Speed.FromKmh(EntryKmh - ExitKmh) / Seconds / Speed.StandardGravityMS2;
}

/// <summary>
/// Finds braking zones in a lap: a zone begins where the car slows by more than 0.15 g and ends where it slows by less
/// than 0.08 g; zones that take off less than 8 km/h are lifts, not braking (engineering judgement).
/// </summary>
public static class ZoneDetection
{
    private const double OnMS2 = 0.15 * Speed.StandardGravityMS2;
    private const double OffMS2 = 0.08 * Speed.StandardGravityMS2;
    private const double LeastDropKmh = 8;

    /// <summary>The braking zones of a lap, in order; the time after the last zone runs on to the first.</summary>
    public static IReadOnlyList<FoundZone> Find(LapTrace lap)
    {
        ArgumentNullException.ThrowIfNull(lap);
        var spans = new List<(int Start, int End)>();
        var start = -1;
        for (var i = 0; i < lap.TimeS.Length - 1; i++)
        {
            var slowing = (lap.SpeedMS[i] - lap.SpeedMS[i + 1]) / (lap.TimeS[i + 1] - lap.TimeS[i]);
            if (start < 0 && slowing > OnMS2)
            {
                start = i;
            }
            else if (start >= 0 && slowing < OffMS2)
            {
                Close(i);
            }
        }

        Close(lap.TimeS.Length - 1);
        var at = lap.DistancesM();
        return [.. spans.Select((span, i) => new FoundZone(
            at[span.Start], at[span.End] - at[span.Start], lap.TimeS[span.End] - lap.TimeS[span.Start], Speed.ToKmh(lap.SpeedMS[span.Start]),
            Speed.ToKmh(lap.SpeedMS[span.End]),
            i + 1 < spans.Count ? lap.TimeS[spans[i + 1].Start] - lap.TimeS[span.End] : lap.DurationS - lap.TimeS[span.End] + lap.TimeS[spans[0].Start]))];

        void Close(int end)
        {
            if (start >= 0 && Speed.ToKmh(lap.SpeedMS[start] - lap.SpeedMS[end]) >= LeastDropKmh)
            {
                spans.Add((start, end));
            }

            start = -1;
        }
    }
}
