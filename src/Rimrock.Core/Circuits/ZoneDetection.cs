using Rimrock.Core.Quantities;

namespace Rimrock.Core.Circuits;

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
    public static IReadOnlyList<BrakingZone> Find(LapTrace lap)
    {
        ArgumentNullException.ThrowIfNull(lap);
        var spans = new List<(double StartS, double EndS, double EntryKmh, double ExitKmh)>();
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
        return [.. spans.Select((span, i) => new BrakingZone(span.EntryKmh, span.ExitKmh,
            i + 1 < spans.Count ? spans[i + 1].StartS - span.EndS : lap.DurationS - span.EndS + spans[0].StartS))];

        void Close(int end)
        {
            if (start >= 0)
            {
                var entry = Speed.ToKmh(lap.SpeedMS[start]);
                var exit = Speed.ToKmh(lap.SpeedMS[end]);
                if (entry - exit >= LeastDropKmh)
                {
                    spans.Add((lap.TimeS[start], lap.TimeS[end], entry, exit));
                }
            }

            start = -1;
        }
    }
}
