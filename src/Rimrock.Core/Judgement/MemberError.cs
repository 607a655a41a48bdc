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

    // What goes with the factors is the same for every limit.
    private static readonly ConditionalWeakTable<double[][], Directions> Known = [];

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

        var known = Known.GetValue(balanced, scores => new Directions(scores));
        var straight = known.Straight;
        var curved = new List<double[]>(2 * Curved);
        var along = new double[straight.Count];
        for (var j = 0; j < along.Length; j++)
        {
            along[j] = Dot(rest, straight[j]);
            Subtract(rest, straight[j], along[j]);
        }

        foreach (var j in Enumerable.Range(0, along.Length).OrderByDescending(j => Math.Abs(along[j])).Take(Curved))
        {
            Take(rest, known.Curve(j, 2), curved);
            Take(rest, known.Curve(j, 3), curved);
        }

        return Math.Sqrt(Dot(rest, rest) / (values.Length - 1 - straight.Count - curved.Count) / values.Length);
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
        var lanes = Lane.Zero;
        var i = 0;
        for (; i <= a.Length - Lane.Count; i += Lane.Count)
        {
            lanes += Lanes.Create(a, i) * Lanes.Create(b, i);
        }

        var sum = Lanes.Sum(lanes);
        for (; i < a.Length; i++)
        {
            sum += a[i] * b[i];
        }

        return sum;
    }

    /// <summary>What goes with each factor over the members, at right angles to what goes straight with the others.</summary>
    private sealed class Directions
    {
        private const int Powers = 3;
        private readonly double[][] scores;
        private readonly double[]?[] curves;

        public Directions(double[][] scores)
        {
            this.scores = scores;
            curves = new double[]?[scores[0].Length * Powers];
            for (var j = 0; j < scores[0].Length; j++)
            {
                Take(new double[scores.Length], Column(j, 1), Straight);
            }
        }

        /// <summary>Straight with the factors, of length 1.</summary>
        public List<double[]> Straight { get; } = [];

        /// <summary>A factor's square or cube less what goes straight with any: the caller's own. Two that ask at once find the same.</summary>
        public double[] Curve(int factor, int power)
        {
            ref var kept = ref curves[(factor * Powers) + power - 1];
            if (kept is null)
            {
                var column = Column(factor, power);
                foreach (var straight in Straight)
                {
                    Subtract(column, straight, Dot(column, straight));
                }

                kept = column;
            }

            return [.. kept];
        }

        private double[] Column(int factor, int power)
        {
            double[] column = [.. scores.Select(row => Math.Pow(row[factor], power))];
            var mean = column.Average();
            return [.. column.Select(value => value - mean)];
        }
    }
}
