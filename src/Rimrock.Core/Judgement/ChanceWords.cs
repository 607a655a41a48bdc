namespace Rimrock.Core.Judgement;

/// <summary>A chance as it is said in a sentence.</summary>
public static class ChanceWords
{
    /// <summary>In per cent.</summary>
    public static Said Percent(Chance chance)
    {
        ArgumentNullException.ThrowIfNull(chance);
        var told = chance.Told;
        var figure = Units.Percent(told.Percent) with { Digits = told.Digits };
        return told.Edge switch
        {
            ChanceEdge.Below => Said.Of("chance-words.below", figure),
            ChanceEdge.Above => Said.Of("chance-words.above", figure),
            _ => Said.Of("chance-words.figure", figure),
        };
    }

    /// <summary>With its sampling error.</summary>
    public static Said WithError(Chance chance)
    {
        ArgumentNullException.ThrowIfNull(chance);
        return chance.Told is { Edge: not ChanceEdge.Below } told ? Said.Of("chance-words.figure-2", Percent(chance),
            new Figure(told.ErrorPoints, "", Digits: told.ErrorDigits))
            : Percent(chance);
    }
}
