using Rimrock.Core.Numerics;
using Rimrock.Core.Priors;

namespace Rimrock.Core.Fitting;

/// <summary>Probabilities from a middle and a spread, for the search that only screens: nothing of it is shown.</summary>
internal static class ScreenChance
{
    /// <summary>Standard deviations between the edges of eight tenths of a normal distribution.</summary>
    public const double EightTenthsWidth = 2 * Spread.EdgeSigmas;

    private static readonly UniformTable Normal = new(-6, 6, 1201, NormalDistribution.Below);

    /// <summary>Probability that a demand passes a capacity, both normal.</summary>
    public static double Exceeds(double demand, double capacity, double sigma) =>
        sigma > 1e-9 ? Normal.At((demand - capacity) / sigma) : demand > capacity ? 1 : 0;

    private static readonly double LogWearSigma = Math.Log(PriorSpread.Wear);

    /// <summary>Probability that wear passes what is there, with x1.7 on wear.</summary>
    public static double WearsThrough(double wornMm, double spareMm) =>
        wornMm <= 0 ? 0 : spareMm <= 0 ? 1 : Normal.At(Math.Log(wornMm / spareMm) / LogWearSigma);
}
