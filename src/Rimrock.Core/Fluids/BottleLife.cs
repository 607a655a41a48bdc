using Rimrock.Core.Numerics;
using Rimrock.Core.Priors;

namespace Rimrock.Core.Fluids;

/// <summary>
/// How long an opened bottle keeps what it was bought for. It takes up water as a reservoir does; it is used up by the day on which, at the wet edge of the
/// band (8 in 10), half of what dry fluid boils above wet is gone, and within a year whatever the reckoning says (common practice). The half is ours.
/// </summary>
public static class BottleLife
{
    private const double MostMonths = 12;
    private const double StepMonths = 0.25;

    /// <summary>Months until it is used up, 0 to 12; null for silicone, which takes up almost none.</summary>
    /// <param name="fluid">The fluid.</param>
    /// <param name="climate">Where it stands.</param>
    public static double? Months(BrakeFluid fluid, Climate climate)
    {
        ArgumentNullException.ThrowIfNull(fluid);
        if (fluid.ClassOf() is { Silicone: true })
        {
            return null;
        }

        var (half, wetEdge) = ((fluid.DryC + fluid.WetC) / 2, Math.Pow(PriorSpread.Water, Spread.EdgeSigmas));
        var months = 0.0;
        while (months < MostMonths && fluid.BoilingWith(MoistureUptake.InReservoirPercent(months + StepMonths, climate, false, wetEdge)).Celsius > half)
        {
            months += StepMonths;
        }

        return months;
    }

    /// <summary>The day by which a bottle is used up; null for one that keeps.</summary>
    /// <param name="fluid">The fluid.</param>
    /// <param name="opened">The day on which it was opened.</param>
    /// <param name="climate">Where it stands.</param>
    public static DateOnly? UseBy(BrakeFluid fluid, DateOnly opened, Climate climate) =>
        Months(fluid, climate) is { } months ? opened.AddDays((int)(months * Days.AMonth)) : null;
}
