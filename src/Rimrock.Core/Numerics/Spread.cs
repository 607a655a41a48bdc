namespace Rimrock.Core.Numerics;

/// <summary>A band: a tenth lies below the first, half below the second, nine tenths below the third.</summary>
/// <param name="P10">P10.</param>
/// <param name="P50">P50.</param>
/// <param name="P90">P90.</param>
public sealed record Spread(double P10, double P50, double P90)
{
    /// <summary>Standard deviations from the middle of a normal distribution to either edge of eight tenths.</summary>
    public const double EdgeSigmas = 1.2816;

    /// <summary>A band of so large a share to either side of a middle.</summary>
    public static Spread Around(double middle, double share, int digits = 0) =>
        new(Math.Round(middle * (1 - share), digits), Math.Round(middle, digits), Math.Round(middle * (1 + share), digits));

    /// <summary>A normal band about a middle.</summary>
    /// <param name="middle">The middle.</param>
    /// <param name="sigma">One standard deviation, in its unit.</param>
    /// <param name="digits">Digits kept.</param>
    public static Spread Normal(double middle, double sigma, int digits) => new(Math.Round(middle - (EdgeSigmas * sigma), digits), Math.Round(middle, digits),
        Math.Round(middle + (EdgeSigmas * sigma), digits));

    /// <summary>A log-normal band about a middle.</summary>
    /// <param name="middle">The middle.</param>
    /// <param name="sigmaFactor">One standard deviation, as a factor.</param>
    /// <param name="digits">Digits kept.</param>
    public static Spread Times(double middle, double sigmaFactor, int digits)
    {
        var edge = Math.Pow(sigmaFactor, EdgeSigmas);
        return new Spread(Math.Round(middle / edge, digits), Math.Round(middle, digits), Math.Round(middle * edge, digits));
    }
}
