namespace Rimrock.Core.Friction;

/// <summary>The temperatures between which a pad does its work.</summary>
/// <param name="FromC">Lower edge, C.</param>
/// <param name="ToC">Upper edge, C.</param>
/// <param name="PlateauMu">Highest friction of the chart.</param>
/// <param name="PlateauC">Where that is, C.</param>
/// <param name="Stated">True where the maker's range is used, false where it is read off the curve.</param>
public sealed record WorkingBand(double FromC, double ToC, double PlateauMu, double PlateauC, bool Stated)
{
    /// <summary>Friction at the band's edges over the plateau's (engineering judgement: a tenth is felt).</summary>
    public const double EdgeShare = 0.9;

    /// <summary>
    /// A range stated further than this beyond the chart's is a claim that the chart does not bear out, K (a traced chart's edge is known to +-25 K;
    /// engineering judgement).
    /// </summary>
    public const double ConflictK = 25;

    private const double StepK = 1;

    /// <summary>
    /// The contiguous range round the plateau where friction stays at or above 0.9 of it. Where its maker states a range too, the narrower edge counts on each
    /// side:
    /// a claim never beats the pad's own chart. A family's typical chart is no chart of its own: there the stated range counts.
    /// </summary>
    public static WorkingBand Of(FrictionCurve curve, double? statedFromC = null, double? statedToC = null, bool ownChart = true)
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

        if (statedFromC is { } claimedFrom && statedToC is { } claimedTo && !ownChart)
        {
            return new WorkingBand(claimedFrom, claimedTo, plateau, plateauC, Stated: true);
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

        var (from, to) = (Math.Max(low, statedFromC ?? low), Math.Min(high, statedToC ?? high));

        // A range that does not even meet the chart's says nothing of this pad: the chart stands.
        return from < to ? new WorkingBand(from, to, plateau, plateauC, Stated: from > low || to < high)
            : new WorkingBand(low, high, plateau, plateauC, Stated: false);
    }
}
