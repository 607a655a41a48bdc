namespace Rimrock.Core.Judgement;

/// <summary>The chance that something gives on a day like the plan's, counted over members of a belief.</summary>
/// <param name="Share">Weighted share of the members in which it gives, 0 to 1.</param>
/// <param name="SamplingError">One standard deviation of that share, from the members' weights.</param>
/// <param name="UpperBound">One-sided upper bound of nine tenths.</param>
public sealed record Chance(double Share, double SamplingError, double UpperBound)
{
    private const double LeastError = 1e-9;

    /// <summary>What is told of it.</summary>
    public ToldChance Told => ToldChance.Of(Share, SamplingError, UpperBound);

    /// <summary>
    /// Counts. The bound is Wilson's (JASA 22 (1927) 209-212; from memory) with as many members as the error is worth, so that none of 256 is not none at all.
    /// </summary>
    /// <param name="gives">One for each member.</param>
    /// <param name="weights">One for each member; they sum to 1.</param>
    /// <param name="balanced">The members' scores where each of them weighs the same and the sampler holds their means, else null.</param>
    /// <param name="drawnAlike">The first so many were drawn alike, and so were the others; 0 where all were.</param>
    /// <param name="repeated">How much less they say than as many that were drawn apart, at least 1.</param>
    public static Chance Of(IReadOnlyList<bool> gives, double[] weights, double[][]? balanced, int drawnAlike = 0, double repeated = 1)
    {
        ArgumentNullException.ThrowIfNull(gives);
        ArgumentNullException.ThrowIfNull(weights);
        var share = ShareOf(gives, weights);
        var error = MemberError.Of([.. gives.Select(give => give ? 1.0 : 0)], weights, balanced, drawnAlike) * Math.Sqrt(repeated);

        // Where all of them give, or none, what is left of the error is rounding.
        var worth = error > LeastError && share * (1 - share) > LeastError ? share * (1 - share) / (error * error)
            : 1 / (repeated * weights.Sum(weight => weight * weight));
        const double z = Thresholds.UpperBoundSigmas;
        var upper = (share + (z * z / (2 * worth)) + (z * Math.Sqrt((share * (1 - share) / worth) + (z * z / (4 * worth * worth))))) / (1 + (z * z / worth));
        return new Chance(share, error, Math.Clamp(upper, share, 1));
    }

    /// <summary>The share alone.</summary>
    internal static double ShareOf(IReadOnlyList<bool> gives, double[] weights)
    {
        var share = 0.0;
        for (var i = 0; i < weights.Length; i++)
        {
            share += gives[i] ? weights[i] : 0;
        }

        return Math.Clamp(share, 0, 1);
    }

    /// <summary>True where a limit of a harm with this chance is listed among what may give.</summary>
    public bool WorthTelling(Limits.Harm harm) => UpperBound >= Thresholds.Rare && Share >= Thresholds.WorthTelling(harm);

    /// <summary>Logarithm of the odds, the share floored at half a member.</summary>
    /// <param name="members">Members that it was counted over.</param>
    public double LogOdds(int members)
    {
        var floored = Math.Clamp(Share, 0.5 / members, 1 - (0.5 / members));
        return Math.Log(floored / (1 - floored));
    }
}
