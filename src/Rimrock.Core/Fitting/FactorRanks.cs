using Rimrock.Core.Runs;

namespace Rimrock.Core.Fitting;

/// <summary>
/// Which guessed factors a result depends on: the square of Spearman's rank correlation (Spearman 1904; from memory). The
/// factors are put in order once for all results.
/// </summary>
public sealed class FactorRanks
{
    private const double LeastShare = 0.05;
    private const int Most = 4;
    private readonly double[][] columns;

    /// <summary>Puts every factor in order.</summary>
    /// <param name="scores">One row of scores a member.</param>
    public FactorRanks(double[][] scores)
    {
        ArgumentNullException.ThrowIfNull(scores);
        columns = [.. PriorFactor.All.Select((_, column) => Ranks([.. scores.Select(row => row[column])]))];
    }

    /// <summary>The factors that matter most for a result, most first.</summary>
    /// <param name="results">One result a member.</param>
    public IReadOnlyList<Contribution> Contributions(double[] results)
    {
        ArgumentNullException.ThrowIfNull(results);
        var ranks = Ranks(results);
        return [.. PriorFactor.All
            .Select((factor, column) => new Contribution(factor.Code, factor.Name, Math.Round(Squared(ranks, columns[column]), 3), factor.Measure))
            .Where(found => found.Share >= LeastShare)
            .OrderByDescending(found => found.Share)
            .Take(Most)];
    }

    private static double Squared(double[] a, double[] b)
    {
        // Ranks of n values sum to the same whatever is tied, so that both have the mean (n - 1) / 2.
        double mean = 0.5 * (a.Length - 1), ab = 0, aa = 0, bb = 0;
        for (var i = 0; i < a.Length; i++)
        {
            ab += (a[i] - mean) * (b[i] - mean);
            aa += (a[i] - mean) * (a[i] - mean);
            bb += (b[i] - mean) * (b[i] - mean);
        }

        return aa > 0 && bb > 0 ? ab * ab / (aa * bb) : 0;
    }

    /// <summary>Ranks from 0; equal values share the mean of theirs.</summary>
    private static double[] Ranks(double[] values)
    {
        var sorted = (double[])values.Clone();
        int[] order = [.. Enumerable.Range(0, values.Length)];
        Array.Sort(sorted, order);
        var ranks = new double[values.Length];
        for (var from = 0; from < order.Length;)
        {
            var to = from;
            while (to + 1 < order.Length && sorted[to + 1].Equals(sorted[from]))
            {
                to++;
            }

            for (var i = from; i <= to; i++)
            {
                ranks[order[i]] = 0.5 * (from + to);
            }

            from = to + 1;
        }

        return ranks;
    }
}
