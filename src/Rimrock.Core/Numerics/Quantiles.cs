namespace Rimrock.Core.Numerics;

/// <summary>
/// P10, P50 and P90 of a sample by selection: only the places needed are put in order (Hoare, Comm. ACM 4 (1961) 321, "Find";
/// from memory), a fraction of the work of sorting. Between two order statistics it is linear at p (n - 1) (Hyndman and Fan,
/// The American Statistician 50 (1996) 361, definition 7; from memory).
/// </summary>
public static class Quantiles
{
    /// <summary>One quantile; puts the values partly in order.</summary>
    /// <param name="values">At least one value, no NaN.</param>
    /// <param name="share">0 to 1.</param>
    public static double Of(Span<float> values, double share)
    {
        ArgumentOutOfRangeException.ThrowIfZero(values.Length);
        var at = share * (values.Length - 1);
        var low = (int)at;
        Select(values, low);
        if (low + 1 == values.Length)
        {
            return values[low];
        }

        var next = float.PositiveInfinity;
        foreach (var value in values[(low + 1)..])
        {
            next = Math.Min(next, value);
        }

        return values[low] + ((at - low) * (next - values[low]));
    }

    /// <summary>P10, P50 and P90; puts the values partly in order.</summary>
    public static (double P10, double P50, double P90) Band(Span<float> values)
    {
        var middle = Of(values, 0.5);

        // After that the lower half holds the lower values, so each outer quantile is found in its half.
        var half = (int)(0.5 * (values.Length - 1)) + 1;
        var lowAt = 0.1 * (values.Length - 1);
        var highAt = 0.9 * (values.Length - 1);
        if (lowAt + 1 >= half || highAt < half)
        {
            return (Of(values, 0.1), middle, Of(values, 0.9));
        }

        var low = Of(values[..half], lowAt / (half - 1));
        var upper = values[half..];
        return (low, middle, Of(upper, (highAt - half) / (upper.Length - 1)));
    }

    /// <summary>
    /// P10, P50 and P90 of weighted values: the value at which the weights, summed from below, reach the share; rounded to hundredths unless said otherwise.
    /// </summary>
    /// <param name="values">At least one value.</param>
    /// <param name="weights">As many weights, which sum to 1.</param>
    /// <param name="digits">Digits kept.</param>
    public static Spread Weighted(float[] values, double[] weights, int digits = 2)
    {
        ArgumentNullException.ThrowIfNull(values);
        ArgumentNullException.ThrowIfNull(weights);
        var order = Enumerable.Range(0, values.Length).OrderBy(i => values[i]).ToArray();
        return new Spread(At(0.1), At(0.5), At(0.9));

        double At(double share)
        {
            var sum = 0.0;
            foreach (var i in order)
            {
                sum += weights[i];
                if (sum >= share)
                {
                    return Math.Round(values[i], digits);
                }
            }

            return Math.Round(values[order[^1]], digits);
        }
    }

    private static void Select(Span<float> values, int place)
    {
        int from = 0, to = values.Length - 1;
        while (from < to)
        {
            var pivot = values[(from + to) / 2];
            int i = from, j = to;
            while (i <= j)
            {
                while (values[i] < pivot)
                {
                    i++;
                }

                while (values[j] > pivot)
                {
                    j--;
                }

                if (i <= j)
                {
                    (values[i], values[j]) = (values[j], values[i]);
                    i++;
                    j--;
                }
            }

            if (place <= j)
            {
                to = j;
            }
            else if (place >= i)
            {
                from = i;
            }
            else
            {
                return;
            }
        }
    }
}
