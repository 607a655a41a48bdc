using System.Globalization;

namespace Rimrock.Core.Judgement;

/// <summary>A chance as it is said in a sentence.</summary>
public static class ChanceWords
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
