namespace Rimrock.Core.Numerics;

/// <summary>
/// Low-discrepancy points in the unit cube: x_n = (1/2 + n alpha) mod 1 with alpha_j = g^-j, g the real root of
/// g^(d+1) = g + 1 (a Kronecker sequence; the golden ratio's generalisation to d dimensions, Roberts 2018, from memory). The
/// same points every time: there is no random number in it.
/// </summary>
public static class KroneckerSequence
{
    /// <summary>The first points.</summary>
    /// <param name="count">Number of points.</param>
    /// <param name="dimensions">Dimensions, 1 or more.</param>
    /// <returns>One array of <paramref name="dimensions"/> coordinates, each above 0 and below 1, for each point.</returns>
    public static double[][] Points(int count, int dimensions)
    {
        ArgumentOutOfRangeException.ThrowIfLessThan(dimensions, 1);
        var root = 1.5;
        for (var i = 0; i < 60; i++)
        {
            root = Math.Pow(1 + root, 1.0 / (dimensions + 1));
        }

        var points = new double[count][];
        for (var n = 0; n < count; n++)
        {
            points[n] = new double[dimensions];
            for (var j = 0; j < dimensions; j++)
            {
                var value = 0.5 + ((n + 1) * Math.Pow(root, -(j + 1)));
                points[n][j] = Math.Clamp(value - Math.Floor(value), 1e-9, 1 - 1e-9);
            }
        }

        return points;
    }
}
