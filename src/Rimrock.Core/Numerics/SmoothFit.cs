using System.Runtime.CompilerServices;

namespace Rimrock.Core.Numerics;

/// <summary>
/// A smooth function as a polynomial of degree 5 through its values at the Chebyshev points of a range: the fast form of a
/// property that would cost roots and divisions in a step loop (Chebyshev interpolation; Press et al., Numerical Recipes,
/// 3rd edition 2007, section 5.8; from memory). For use inside the range only.
/// </summary>
public sealed class SmoothFit
{
    private const int Terms = 6;
    private readonly double middle;
    private readonly double perHalf;
    private readonly double[] power = new double[Terms];

    /// <summary>Fits a function.</summary>
    /// <param name="from">Start of the range.</param>
    /// <param name="to">End of the range, above the start.</param>
    /// <param name="function">The function.</param>
    public SmoothFit(double from, double to, Func<double, double> function)
    {
        ArgumentNullException.ThrowIfNull(function);
        ArgumentOutOfRangeException.ThrowIfLessThanOrEqual(to, from);
        middle = 0.5 * (from + to);
        perHalf = 2 / (to - from);

        // Newton's divided differences at the points, then multiplied out to powers.
        var points = new double[Terms];
        var divided = new double[Terms];
        for (var i = 0; i < Terms; i++)
        {
            points[i] = Math.Cos(Math.PI * (i + 0.5) / Terms);
            divided[i] = function(middle + (points[i] / perHalf));
        }

        for (var order = 1; order < Terms; order++)
        {
            for (var i = Terms - 1; i >= order; i--)
            {
                divided[i] = (divided[i] - divided[i - 1]) / (points[i] - points[i - order]);
            }
        }

        for (var i = Terms - 1; i >= 0; i--)
        {
            for (var j = Terms - 1; j > 0; j--)
            {
                power[j] = power[j - 1] - (points[i] * power[j]);
            }

            power[0] = divided[i] - (points[i] * power[0]);
        }
    }

    /// <summary>The function's value for each member.</summary>
    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    public Lane At(Lane position)
    {
        var x = (position - Lanes.Create(middle)) * perHalf;
        var sum = Lanes.Create(power[Terms - 1]);
        for (var i = Terms - 2; i >= 0; i--)
        {
            sum = Lanes.MultiplyAddEstimate(sum, x, Lanes.Create(power[i]));
        }

        return sum;
    }
}
