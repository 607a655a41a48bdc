using System.Globalization;

namespace Rimrock.Core.Judgement;

/// <summary>A chance as it is said.</summary>
public static class Told
{
    private const double FineBelow = 0.03;

    /// <summary>In per cent: "less than one" only where the upper bound says so, tenths below three so that what counts as none can be seen.</summary>
    public static string Percent(Chance chance)
    {
        ArgumentNullException.ThrowIfNull(chance);
        return chance.UpperBound < Thresholds.Rare ? "< 1 %" : chance.Share > 0.99 ? "> 99 %" : string.Format(CultureInfo.InvariantCulture, chance.Share < FineBelow ? "{0:0.0} %" : "{0:0} %", 100 * chance.Share);
    }

    /// <summary>With its sampling error.</summary>
    public static string WithError(Chance chance)
    {
        ArgumentNullException.ThrowIfNull(chance);
        return chance.UpperBound < Thresholds.Rare ? "< 1 %" : string.Create(CultureInfo.InvariantCulture, $"{Percent(chance)} (±{Math.Max(0.1, 100 * chance.SamplingError):0.#})");
    }
}
