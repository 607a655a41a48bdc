using System.Runtime.CompilerServices;

namespace Rimrock.Core.Judgement;

/// <summary>
/// Standard deviation of a weighted mean over members: sqrt(sum w^2 (x - mean)^2), less in each group what its mean is off. Where the members weigh alike and
/// the sampler holds the mean of every factor exactly, what goes
/// straight with the factors cannot be off, and for the three that matter most neither can squares and cubes: only the rest of the spread counts (regression on
/// the scores; Cochran, Sampling Techniques 1977,
/// chapter 7; from memory).
/// </summary>
internal static class MemberError
{
    private const int Curved = 3;

    // The factors at right angles to each other: the same for every limit.
    private static readonly ConditionalWeakTable<double[][], List<double[]>> Straight = [];

    /// <summary>The error.</summary>
    /// <param name="values">One for each member.</param>
    /// <param name="weights">Their weights, which sum to 1.</param>
    /// <param name="balanced">Scores of members that weigh alike; null for others.</param>
    /// <param name="drawnAlike">Members in the first of two groups that were drawn apart; 0 for one group.</param>
    public static double Of(double[] values, double[] weights, double[][]? balanced, int drawnAlike = 0)
    {
        var mean = values.Zip(weights, (value, weight) => value * weight).Sum();
        double[] rest = [.. values.Select(value => value - mean)];
        if (balanced is null || balanced.Length < 4 * (balanced[0].Length + (2 * Curved)))
        {
            double[] moved = [.. rest.Zip(weights, (off, weight) => weight * off)];
            return Math.Sqrt(SquaresAboutMean(moved.AsSpan(0, drawnAlike), drawnAlike > 0) + SquaresAboutMean(moved.AsSpan(drawnAlike), drawnAlike > 0));
        }

        if (rest.All(off => Math.Abs(off) < 1e-12))
        {
            return 0;
        }

        var straight = Straight.GetValue(balanced, scores => StraightOf(scores));
        var taken = new List<double[]>(straight);
        var along = new double[straight.Count];
        for (var j = 0; j < along.Length; j++)
        {
            along[j] = Dot(rest, straight[j]);
            Subtract(rest, straight[j], along[j]);
        }

        foreach (var j in Enumerable.Range(0, along.Length).OrderByDescending(j => Math.Abs(along[j])).Take(Curved))
        {
            Take(rest, Column(balanced, j, 2), taken);
            Take(rest, Column(balanced, j, 3), taken);
        }

        return Math.Sqrt(Dot(rest, rest) / (values.Length - 1 - taken.Count) / values.Length);
    }

    private static List<double[]> StraightOf(double[][] scores)
    {
        var taken = new List<double[]>();
        for (var j = 0; j < scores[0].Length; j++)
        {
            Take(new double[scores.Length], Column(scores, j, 1), taken);
        }

        return taken;
    }

    private static double SquaresAboutMean(ReadOnlySpan<double> values, bool aboutMean)
    {
        var (sum, squares) = (0.0, 0.0);
        foreach (var value in values)
        {
            sum += value;
            squares += value * value;
        }

        return squares - (aboutMean && values.Length > 0 ? sum * sum / values.Length : 0);
    }

    private static double[] Column(double[][] scores, int factor, int power)
    {
        double[] column = [.. scores.Select(row => Math.Pow(row[factor], power))];
        var mean = column.Average();
        return [.. column.Select(value => value - mean)];
    }

    /// <summary>Takes out of the rest what goes with a direction, less what the earlier ones took.</summary>
    private static void Take(double[] rest, double[] direction, List<double[]> taken)
    {
        foreach (var before in taken)
        {
            Subtract(direction, before, Dot(direction, before));
        }

        var length = Math.Sqrt(Dot(direction, direction));
        if (length < 1e-9)
        {
            return;
        }

        for (var i = 0; i < direction.Length; i++)
        {
            direction[i] /= length;
        }

        Subtract(rest, direction, Dot(rest, direction));
        taken.Add(direction);
    }

    private static void Subtract(double[] from, double[] direction, double times)
    {
        for (var i = 0; i < from.Length; i++)
        {
            from[i] -= times * direction[i];
        }
    }

    private static double Dot(double[] a, double[] b)
    {
        var sum = 0.0;
        for (var i = 0; i < a.Length; i++)
        {
            sum += a[i] * b[i];
        }

        return sum;
    }
}
