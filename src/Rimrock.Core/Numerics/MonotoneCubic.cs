namespace Rimrock.Core.Numerics;

/// <summary>
/// Shape-preserving cubic interpolation: no new maxima between the points, monotone where they are.
/// Source: Fritsch and Carlson, SIAM J. Numer. Anal. 17 (1980) 238-246, with the slopes of Fritsch and Butland,
/// SIAM J. Sci. Stat. Comput. 5 (1984) 300-304 (weighted harmonic mean). Defined on the points' range only.
/// </summary>
public sealed class MonotoneCubic
{
    private readonly double[] x;
    private readonly double[] y;
    private readonly double[] slope;

    /// <summary>Makes the curve through at least two points.</summary>
    /// <param name="x">Strictly rising abscissae.</param>
    /// <param name="y">Ordinates, as many.</param>
    /// <exception cref="ArgumentException">Fewer than two points, unequal lengths, or abscissae that do not rise.</exception>
    public MonotoneCubic(IReadOnlyList<double> x, IReadOnlyList<double> y)
    {
        ArgumentNullException.ThrowIfNull(x);
        ArgumentNullException.ThrowIfNull(y);
        if (x.Count != y.Count || x.Count < 2)
        {
            throw new ArgumentException("A curve needs two or more points, and as many ordinates.", nameof(x));
        }

        for (var i = 1; i < x.Count; i++)
        {
            if (!(x[i] > x[i - 1]))
            {
                throw new ArgumentException($"Point {i} does not rise.", nameof(x));
            }
        }

        this.x = [.. x];
        this.y = [.. y];
        slope = Slopes(this.x, this.y);
    }

    /// <summary>First abscissa.</summary>
    public double First => x[0];

    /// <summary>Last abscissa.</summary>
    public double Last => x[^1];

    /// <summary>The curve's value; <see cref="double.NaN"/> outside the points, so that nobody takes a guess for a value.</summary>
    public double At(double position)
    {
        if (!(position >= x[0] && position <= x[^1]))
        {
            return double.NaN;
        }

        var i = Math.Clamp(Interval(position), 0, x.Length - 2);
        var h = x[i + 1] - x[i];
        var t = (position - x[i]) / h;
        var left = y[i] * (1 + (2 * t)) * (1 - t) * (1 - t) + (slope[i] * h * t * (1 - t) * (1 - t));
        var right = y[i + 1] * t * t * (3 - (2 * t)) + (slope[i + 1] * h * t * t * (t - 1));
        return left + right;
    }

    private int Interval(double position)
    {
        var found = Array.BinarySearch(x, position);
        return found >= 0 ? found : ~found - 1;
    }

    private static double[] Slopes(double[] x, double[] y)
    {
        var n = x.Length;
        var secant = new double[n - 1];
        for (var i = 0; i < n - 1; i++)
        {
            secant[i] = (y[i + 1] - y[i]) / (x[i + 1] - x[i]);
        }

        var slope = new double[n];
        slope[0] = secant[0];
        slope[n - 1] = secant[n - 2];
        for (var i = 1; i < n - 1; i++)
        {
            if (secant[i - 1] * secant[i] > 0)
            {
                var before = x[i] - x[i - 1];
                var after = x[i + 1] - x[i];
                var w1 = (2 * after) + before;
                var w2 = after + (2 * before);
                slope[i] = (w1 + w2) / ((w1 / secant[i - 1]) + (w2 / secant[i]));
            }
        }

        return slope;
    }
}
