using System.Globalization;

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

    /// <summary>"Less than one" only where the upper bound says so, tenths below three so that what counts as none can be seen.</summary>
    public static ToldChance Of(Chance chance)
    {
        ArgumentNullException.ThrowIfNull(chance);
        var edge = chance.UpperBound < Thresholds.Rare ? ChanceEdge.Below : chance.Share > Certain ? ChanceEdge.Above : ChanceEdge.None;
        var digits = edge == ChanceEdge.None && chance.Share < FineBelow ? 1 : 0;
        var shown = edge switch { ChanceEdge.Below => Thresholds.Rare, ChanceEdge.Above => Certain, _ => chance.Share };
        var errorDigits = chance.SamplingError < FineErrorBelow ? 1 : 0;
        return new ToldChance(edge, Math.Round(100 * shown, digits, MidpointRounding.AwayFromZero), digits,
            Math.Round(Math.Max(0.1, 100 * chance.SamplingError), errorDigits, MidpointRounding.AwayFromZero), errorDigits);
    }
}

/// <summary>A chance as it is said in a sentence.</summary>
public static class Told
{
    /// <summary>In per cent.</summary>
    public static string Percent(Chance chance)
    {
        ArgumentNullException.ThrowIfNull(chance);
        var told = chance.Told;
        var sign = told.Edge switch { ChanceEdge.Below => "< ", ChanceEdge.Above => "> ", _ => "" };
        return $"{sign}{Figure(told.Percent, told.Digits)} %";
    }

    /// <summary>With its sampling error.</summary>
    public static string WithError(Chance chance)
    {
        ArgumentNullException.ThrowIfNull(chance);
        return chance.Told is { Edge: not ChanceEdge.Below } told ? $"{Percent(chance)} (± {Figure(told.ErrorPoints, told.ErrorDigits)})" : Percent(chance);
    }

    private static string Figure(double value, int digits) => value.ToString(digits == 0 ? "0" : "0.0", CultureInfo.InvariantCulture);
}
