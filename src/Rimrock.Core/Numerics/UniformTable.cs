using System.Runtime.Intrinsics;

namespace Rimrock.Core.Numerics;

/// <summary>
/// A function sampled at equal steps, read by linear interpolation: the fast form of a correlation or a curve
/// inside a step loop. The maker of the table chooses a range that the loop cannot leave; beyond it the end
/// values are read, so callers must flag such states themselves.
/// </summary>
public sealed class UniformTable
{
    private readonly double start;
    private readonly double perStep;
    private readonly double[] values;

    /// <summary>Samples a function.</summary>
    /// <param name="start">First abscissa.</param>
    /// <param name="end">Last abscissa, above the first.</param>
    /// <param name="count">Number of samples, 2 or more.</param>
    /// <param name="function">The function.</param>
    public UniformTable(double start, double end, int count, Func<double, double> function)
    {
        ArgumentNullException.ThrowIfNull(function);
        ArgumentOutOfRangeException.ThrowIfLessThan(count, 2);
        ArgumentOutOfRangeException.ThrowIfLessThanOrEqual(end, start);
        this.start = start;
        var step = (end - start) / (count - 1);
        perStep = 1 / step;
        values = new double[count];
        for (var i = 0; i < count; i++)
        {
            values[i] = function(start + (i * step));
        }
    }

    /// <summary>The tabulated function.</summary>
    public double At(double position)
    {
        var scaled = (position - start) * perStep;
        if (!(scaled > 0))
        {
            return values[0];
        }

        if (scaled >= values.Length - 1)
        {
            return values[^1];
        }

        var i = (int)scaled;
        return values[i] + ((scaled - i) * (values[i + 1] - values[i]));
    }

    /// <summary>The tabulated function for four positions.</summary>
    public Vector256<double> At(Vector256<double> position) =>
        Vector256.Create(At(position[0]), At(position[1]), At(position[2]), At(position[3]));
}
