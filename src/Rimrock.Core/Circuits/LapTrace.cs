
namespace Rimrock.Core.Circuits;

/// <summary>
/// Speed over one lap: the one form that a circuit, a table of braking zones and a recording all become.
/// </summary>
/// <param name="TimeS">Strictly rising times from 0, s; the last is the lap time.</param>
/// <param name="SpeedMS">Speeds at these times, m/s.</param>
/// <param name="Slope">Rise per metre of road in the interval that begins at each time; empty for a flat lap.</param>
/// <param name="Origin">Where the lap comes from, for people.</param>
public sealed record LapTrace(double[] TimeS, double[] SpeedMS, double[] Slope, Said Origin)
{
    /// <summary>Lap time, s.</summary>
    public double DurationS => TimeS[^1];

    /// <summary>Distance, m (trapezium rule, exact for a constant acceleration between samples).</summary>
    public double LengthM() => DistancesM()[^1];

    /// <summary>Distance from the start at each of the times, m.</summary>
    public double[] DistancesM()
    {
        var metres = new double[TimeS.Length];
        for (var i = 1; i < metres.Length; i++)
        {
            metres[i] = metres[i - 1] + (0.5 * (SpeedMS[i] + SpeedMS[i - 1]) * (TimeS[i] - TimeS[i - 1]));
        }

        return metres;
    }

    /// <summary>Mean speed, m/s.</summary>
    public double MeanSpeedMS() => LengthM() / DurationS;

    /// <summary>Slope of an interval.</summary>
    public double SlopeAt(int interval) => Slope.Length == 0 ? 0 : Slope[interval];

    /// <summary>The same road driven at a share of the speed: an out lap or a cool-down lap.</summary>
    /// <param name="share">Share of the speed, above 0 and at most 1.</param>
    public LapTrace AtPace(double share)
    {
        ArgumentOutOfRangeException.ThrowIfLessThanOrEqual(share, 0);
        ArgumentOutOfRangeException.ThrowIfGreaterThan(share, 1);
        return share == 1 ? this : this with
        {
            TimeS = [.. TimeS.Select(t => t / share)],
            SpeedMS = [.. SpeedMS.Select(v => v * share)],
        };
    }
}

/// <summary>One braking zone as a driver would write it down.</summary>
/// <param name="EntryKmh">Speed where the brakes go on, km/h.</param>
/// <param name="ExitKmh">Speed where they come off, km/h.</param>
/// <param name="SecondsToNext">Seconds from there to the next braking point.</param>
public sealed record BrakingZone(double EntryKmh, double ExitKmh, double SecondsToNext)
{
    /// <summary>Allowed entry speeds.</summary>
    public static FieldRange EntryRange { get; } = new("zone.entryKmh", "km/h", 20, 400);

    /// <summary>Allowed exit speeds.</summary>
    public static FieldRange ExitRange { get; } = new("zone.exitKmh", "km/h", 0, 380);

    /// <summary>Allowed times to the next zone.</summary>
    public static FieldRange NextRange { get; } = new("zone.secondsToNext", "s", 1, 300);
}
