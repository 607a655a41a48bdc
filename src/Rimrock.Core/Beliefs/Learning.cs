using Rimrock.Core.Driving;

namespace Rimrock.Core.Beliefs;

/// <summary>
/// Learns about a car from what was seen: importance weights over the members, and where too few of them carry the weight,
/// new members drawn where the evidence points (adaptive importance sampling: Cappe et al., J. Comp. Graph. Stat. 13 (2004)
/// 907-929; from memory; see <see cref="Proposal"/>). Members of all rounds count, each by the mixture of all that was drawn from (Cornuet, Marin, Mira and
/// Robert, Scand. J. Stat. 39 (2012) 798-812; from memory). The weights undo the choice of where to draw. Never a single fit. Where not even
/// the best member can explain the evidence, it says so and keeps the prior.
/// </summary>
public static partial class Learning
{
    /// <summary>Effective members below which new ones are drawn.</summary>
    public const double EnoughMembers = 100;

    private const int MostRounds = 5;
    // Members for each score where lines are laid (engineering judgement).
    private const double FitPerScore = 3;
    private const double LeastPower = 1e-3;
    private const double NextToNothing = 1e-6;
    private const int Pieces = 8;

    // Evidence that lies three and a half standard deviations from all that was believed is explained by nothing: what the best member misses, and how far
    // the members had to move to come so near. Of several observations the two together are half of a chi-square of as many degrees, where the model is
    // right and nearly linear; its upper quantile at about that chance by Wilson and Hilferty (Proc. Nat. Acad. Sci. 17 (1931) 684-688; from memory).
    private const double HopelessSigmas = 3.2;

    private static double HopelessLogOf(int count) =>
        -0.5 * count * Math.Pow(1 - (2.0 / (9 * count)) + (HopelessSigmas * Math.Sqrt(2.0 / (9 * count))), 3);

    // A soft pedal of which boiling explains less than this says nothing of the heat (engineering judgement).
    private const double LeastExplained = 0.1;

    /// <summary>Learns.</summary>
    /// <param name="days">The evidence; at least one observation in all.</param>
    /// <param name="progress">Told after each day of each round the share of the work that may be needed.</param>
    /// <param name="memory">What the prior's members did on days that were learnt from before; null where nobody remembers.</param>
    /// <param name="cancel">Stops between groups of members.</param>
    /// <exception cref="InputFaultException">Everything that is wrong with plans and observations.</exception>
    public static Learnt From(IReadOnlyList<EvidenceDay> days, Action<double>? progress = null, LearningMemory? memory = null,
        CancellationToken cancel = default)
    {
        ArgumentNullException.ThrowIfNull(days);
        Check(days);
        return new Evidence(days, memory, progress).Learn(cancel);
    }

    /// <summary>Weights that sum to 1 from their logarithms.</summary>
    private static double[] Normalized(double[] logWeights)
    {
        var most = logWeights.Max();
        var weights = logWeights.Select(log => Math.Exp(log - most)).ToArray();
        var sum = weights.Sum();
        return [.. weights.Select(weight => weight / sum)];
    }

    private static void Check(IReadOnlyList<EvidenceDay> days)
    {
        var faults = new List<InputFault>();
        if (!days.Any(day => day.Observations.Count > 0))
        {
            faults.Add(new InputFault("evidence", Said.Of("learning.0-observations"), Said.Of("learning.least-one"), Said.Of("learning.nothing-learn")));
        }

        foreach (var day in days)
        {
            faults.AddRange(day.Plan.Faults());
            for (var i = 0; i < day.Observations.Count; i++)
            {
                day.Observations[i].Check($"observations[{i}]", day.Plan, faults);
            }
        }

        InputFaultException.ThrowIfAny(faults);
    }
}
