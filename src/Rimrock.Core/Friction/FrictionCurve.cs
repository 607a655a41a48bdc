using System.Globalization;
using Rimrock.Core.Numerics;

namespace Rimrock.Core.Friction;

/// <summary>
/// Friction coefficient against temperature: a shape-preserving curve through the chart's points.
/// Outside the chart it refuses to be a chart: below the first point the family's cold slope holds (+-0.05), beyond
/// the last one friction is unknown and counts as faded.
/// </summary>
public sealed class FrictionCurve
{
    private const int MostPoints = 200;

    /// <summary>What the simulation assumes beyond the chart: down to this within <see cref="BeyondFadeK"/> (ours, +-0.05).</summary>
    private const double BeyondMu = 0.08;

    /// <summary>Kelvins beyond the chart over which it falls so far.</summary>
    public const double BeyondFadeK = 250;

    /// <summary>Friction is never taken to be less.</summary>
    public const double LeastMu = 0.02;

    private readonly MonotoneCubic curve;
    private readonly double coldSlopePerK;

    /// <summary>Makes the curve.</summary>
    /// <param name="points">2 to 200 points, temperatures strictly rising, friction 0 to 1.2.</param>
    /// <param name="coldSlopePerK">Change of friction per kelvin below the first point.</param>
    /// <exception cref="InputFaultException">Every point out of range or out of order, by its number.</exception>
    public FrictionCurve(IReadOnlyList<CurvePoint> points, double coldSlopePerK)
    {
        ArgumentNullException.ThrowIfNull(points);
        var faults = new List<InputFault>();
        Check(points, "curve", faults);
        InputFaultException.ThrowIfAny(faults);
        this.coldSlopePerK = coldSlopePerK;
        curve = new MonotoneCubic([.. points.Select(point => point.TemperatureC)], [.. points.Select(point => point.Mu)]);
        Points = points;
    }

    /// <summary>The chart's points.</summary>
    public IReadOnlyList<CurvePoint> Points { get; }

    /// <summary>First temperature of the chart, C.</summary>
    public double FirstC => curve.First;

    /// <summary>Last temperature of the chart, C.</summary>
    public double LastC => curve.Last;

    /// <summary>Lists what is wrong with the points of a chart.</summary>
    /// <param name="points">The points.</param>
    /// <param name="field">Field that holds them.</param>
    /// <param name="faults">Receives the faults.</param>
    /// <param name="pointField">How a point is named where it came from a file; by its number in the field otherwise.</param>
    public static void Check(IReadOnlyList<CurvePoint> points, string field, ICollection<InputFault> faults, Func<int, string>? pointField = null)
    {
        ArgumentNullException.ThrowIfNull(points);
        ArgumentNullException.ThrowIfNull(faults);
        if (points.Count is < 2 or > MostPoints)
        {
            faults.Add(new InputFault(field, points.Count.ToString(CultureInfo.InvariantCulture), Said.Of("friction-curve.2-points", MostPoints),
                Said.Of("friction-curve.friction-curve-needs-2", MostPoints)));
        }

        for (var i = 0; i < points.Count && faults.Count < 20; i++)
        {
            CurvePoint.TemperatureRange.Check(points[i].TemperatureC, faults, pointField?.Invoke(i) ?? $"{field}[{i}].temperatureC");
            CurvePoint.MuRange.Check(points[i].Mu, faults, pointField?.Invoke(i) ?? $"{field}[{i}].mu");
            if (i > 0 && !(points[i].TemperatureC > points[i - 1].TemperatureC))
            {
                faults.Add(new InputFault(pointField?.Invoke(i) ?? $"{field}[{i}].temperatureC",
                    points[i].TemperatureC.ToString("0.##", CultureInfo.InvariantCulture),
                    Said.Of("friction-curve.above", Units.C(points[i - 1].TemperatureC)),
                    Said.Of("friction-curve.temperatures-friction-curve-must", i + 1)));
            }
        }
    }

    /// <summary>Friction on the chart, or null where the chart ends (hot side) and friction is unknown.</summary>
    public double? Charted(double celsius) =>
        celsius > LastC ? null : celsius < FirstC ? Cold(celsius) : curve.At(celsius);

    /// <summary>
    /// Friction the simulation goes on with: the chart, the cold slope, and beyond the chart a straight fall to 0.08
    /// within 250 K. The last part is an assumption (ours) and every use of it is reported as faded.
    /// </summary>
    public double Assumed(double celsius)
    {
        if (Charted(celsius) is { } charted)
        {
            return charted;
        }

        var last = curve.At(LastC);
        var floor = Math.Min(last, BeyondMu);
        return Math.Max(LeastMu, last - ((last - floor) * Math.Min(1, (celsius - LastC) / BeyondFadeK)));
    }

    private double Cold(double celsius) => Math.Max(LeastMu, curve.At(FirstC) - (coldSlopePerK * (FirstC - celsius)));
}
