namespace Rimrock.Core.Judgement;

/// <summary>Which end of the scale a chance is told by.</summary>
public enum ChanceEdge
{
    /// <summary>Neither: by its figure.</summary>
    None,

    /// <summary>Less than the least that is told.</summary>
    Below,

    /// <summary>More than the most that is told.</summary>
    Above,
}

/// <summary>A chance in the figures that are told of it, the same in every room and every sentence.</summary>
/// <param name="Edge">Whether it is told by an end of the scale instead of its figure.</param>
/// <param name="Percent">Its figure, or that end, per cent.</param>
/// <param name="Digits">Decimals of it.</param>
/// <param name="ErrorPoints">One standard deviation of its sampling error, in points of per cent, at least a tenth.</param>
/// <param name="ErrorDigits">Decimals of that.</param>
public sealed record ToldChance(ChanceEdge Edge, double Percent, int Digits, double ErrorPoints, int ErrorDigits)
{
    private const double FineBelow = 0.03;
    private const double FineErrorBelow = 0.0095;
    private const double Certain = 0.99;
    private const double ShownAsNone = 0.0005;

    /// <summary>
    /// "Less than one" only where the upper bound says so, tenths below three so that what counts as none can be seen. None of few members is no nought: it is
    /// told as less than its upper bound.
    /// </summary>
    /// <param name="share">The chance, 0 to 1.</param>
    /// <param name="samplingError">One standard deviation of it.</param>
    /// <param name="upperBound">One-sided upper bound of nine tenths.</param>
    public static ToldChance Of(double share, double samplingError, double upperBound)
    {
        var isNoneOfFew = share < ShownAsNone && upperBound >= Thresholds.Rare;
        var edge = upperBound < Thresholds.Rare || isNoneOfFew ? ChanceEdge.Below : share > Certain ? ChanceEdge.Above : ChanceEdge.None;
        var digits = (edge == ChanceEdge.None && share < FineBelow) || isNoneOfFew ? 1 : 0;
        var shown = edge switch { ChanceEdge.Below => isNoneOfFew ? Math.Min(1, upperBound) : Thresholds.Rare, ChanceEdge.Above => Certain, _ => share };
        var errorDigits = samplingError < FineErrorBelow ? 1 : 0;
        return new ToldChance(edge, Math.Round(100 * shown, digits, MidpointRounding.AwayFromZero), digits,
            Math.Round(Math.Max(0.1, 100 * samplingError), errorDigits, MidpointRounding.AwayFromZero), errorDigits);
    }
}
