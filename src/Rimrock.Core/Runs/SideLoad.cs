using Rimrock.Core.Circuits;
using Rimrock.Core.Driving;

namespace Rimrock.Core.Runs;

/// <summary>What makes one front wheel work harder than the other.</summary>
public static class SideLoad
{
    /// <summary>
    /// Share by which the outer front wheel's work exceeds the mean when every corner turns the same way: drivers brake into
    /// the corner, and the inner wheel is unloaded (engineering judgement, 0.06 +-0.04).
    /// </summary>
    public const double AllOneWay = 0.06;

    /// <summary>
    /// Heat that stability control puts into one front wheel in each corner where it acts: 600 Nm for 0.7 s near 100 km/h (engineering judgement, x2).
    /// </summary>
    public const double StabilityJPerCorner = 35e3;

    /// <summary>
    /// Excess of the busier front wheel over the axle's mean: corners weighed by their angle; 0 where the circuit does not say which way they turn.
    /// </summary>
    public static double Asymmetry(Circuit circuit)
    {
        ArgumentNullException.ThrowIfNull(circuit);
        double turned = 0, all = 0;
        foreach (var segment in circuit.Segments ?? [])
        {
            if (segment is { Left: { } left, RadiusM: > 0 })
            {
                var angle = segment.LengthM / segment.RadiusM;
                turned += left ? -angle : angle;
                all += angle;
            }
        }

        return all > 0 ? AllOneWay * Math.Abs(turned) / all : 0;
    }

    /// <summary>Mean power of stability control at one front wheel over a lap, W: once for each stop's corner, in a share of the laps.</summary>
    /// <param name="percent">Laps in which it acts, %.</param>
    /// <param name="lap">The lap.</param>
    public static double StabilityW(double percent, DrivingSchedule lap)
    {
        ArgumentNullException.ThrowIfNull(lap);
        return percent > 0 ? percent / 100 * lap.Stops.Count * StabilityJPerCorner / lap.TotalS() : 0;
    }
}
