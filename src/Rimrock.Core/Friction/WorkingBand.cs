namespace Rimrock.Core.Friction;

/// <summary>The temperatures between which a pad does its work.</summary>
/// <param name="FromC">Lower edge, C.</param>
/// <param name="ToC">Upper edge, C.</param>
/// <param name="PlateauMu">Highest friction of the chart.</param>
/// <param name="Stated">True where the maker's range is used, false where it is read off the curve.</param>
public sealed record WorkingBand(double FromC, double ToC, double PlateauMu, bool Stated)
{
    /// <summary>Friction at the band's edges over the plateau's (engineering judgement: a tenth is felt).</summary>
    public const double EdgeShare = 0.9;

    private const double StepK = 1;

    /// <summary>
    /// The contiguous range round the plateau where friction stays at or above 0.9 of it; the maker's stated range
    /// where there is one. The upper edge never lies beyond the chart.
    /// </summary>
    public static WorkingBand Of(FrictionCurve curve, double? statedFromC = null, double? statedToC = null)
    {
        ArgumentNullException.ThrowIfNull(curve);
        double plateauC = curve.FirstC, plateau = 0;
        for (var c = curve.FirstC; c <= curve.LastC; c += StepK)
        {
            if (curve.Charted(c) is { } mu && mu > plateau)
            {
                plateau = mu;
                plateauC = c;
            }
        }

        if (statedFromC is { } from && statedToC is { } to)
        {
            return new WorkingBand(from, to, plateau, Stated: true);
        }

        var edge = EdgeShare * plateau;
        var low = plateauC;
        while (low - StepK >= curve.FirstC && curve.Charted(low - StepK) >= edge)
        {
            low -= StepK;
        }

        var high = plateauC;
        while (curve.Charted(high + StepK) is { } mu && mu >= edge)
        {
            high += StepK;
        }

        return new WorkingBand(low, high, plateau, Stated: false);
    }
}
