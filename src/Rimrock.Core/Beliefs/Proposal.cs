using Rimrock.Core.Priors;
using Rimrock.Core.Runs;

namespace Rimrock.Core.Beliefs;

/// <summary>
/// A normal distribution of scores to draw new members from: the prior, bent to the evidence as if what the members predict were linear in their scores
/// (least squares over the members, then the update of a linear model with normal errors, as in the iterated Kalman filter: Gelb,
/// Applied Optimal Estimation 1974, section 6.1; from memory). Evidence from one side enters as the reading that would leave the same mean and variance
/// as the cut distribution does (<see cref="OneSided"/>). A fifth of the members stay where the prior has them, so that no weight can run away
/// (defensive mixture: Hesterberg, Technometrics 37 (1995) 185-194; from memory). Only a guide to where members are worth running: importance weights
/// correct for what is not linear or not normal as far as members lie there.
/// </summary>
/// <param name="mean">Mean of each score.</param>
/// <param name="root">Lower factor of the covariance.</param>
internal sealed class Proposal(double[] mean, double[][] root)
{
    /// <summary>Wider than the linear model says, so that no weight is far out (engineering judgement).</summary>
    private const double Inflation = 1.15;

    /// <summary>Every so manieth member is the prior's own.</summary>
    private const int Defensive = 5;

    private const double Ridge = 1e-3;

    /// <summary>The proposal that a set of members and their predictions points to.</summary>
    /// <param name="scores">One row a member.</param>
    /// <param name="predicted">For each observation one prediction a member.</param>
    /// <param name="observations">The observations.</param>
    /// <param name="together">What their errors share; null for witnesses of their own.</param>
    /// <param name="says">False for an observation that is to pull at nothing; null where all do.</param>
    /// <param name="moved">Scores that evidence can move, the first of each row; those of one car with one set of parts where that is not said.</param>
    /// <param name="near">How much each member counts where predictions are taken for lines in the scores; null where all count alike.</param>
    public static Proposal Towards(double[][] scores, float[][] predicted, IReadOnlyList<Observation> observations,
        JointEvidence? together = null, Func<int, bool>? says = null, int? moved = null, double[]? near = null)
    {
        var dimensions = moved ?? PriorFactor.Learnable;
        var aims = new List<Aim>();
        for (var o = 0; o < observations.Count; o++)
        {
            if (says?.Invoke(o) == false)
            {
                continue;
            }

            var sigma = EvidenceError.Of(observations[o]).Total;
            var (values, seen, unit) = (predicted[o], observations[o], 1.0);
            if (IsProduct(seen))
            {
                // What is a product of factors goes straight in the scores as a logarithm.
                var floor = Math.Max(sigma / 2, 1e-6);
                var value = Math.Max(floor, seen.Value ?? floor);
                values = [.. values.Select(one => (float)Math.Log(Math.Max(floor / 4, one)))];
                seen = seen with { Value = Math.Log(value) };
                sigma /= value;
                unit = 1 / value;
            }

            var (intercept, slope) = Line(scores, values, dimensions, near);
            if (Target(seen, sigma, intercept, slope.Sum(one => one * one)) is { } target)
            {
                aims.Add(new Aim(o, unit, slope, target.Value - intercept, target.Sigma));
            }
        }

        var weights = Inverse([.. aims.Select(one => aims.Select(other => one == other ? one.Variance(together)
            : (together?.Shared(one.Place, other.Place) ?? 0) * one.Unit * other.Unit).ToArray())]);
        var precision = Identity(dimensions, 1);
        var pull = new double[dimensions];
        for (var a = 0; a < aims.Count; a++)
        {
            // Each by what is known of the others' errors.
            var (slope, weighted, off) = (aims[a].Slope, new double[dimensions], 0.0);
            for (var b = 0; b < aims.Count; b++)
            {
                var weight = weights[a][b];
                off += weight * aims[b].Off;
                for (var k = 0; k < dimensions; k++)
                {
                    weighted[k] += weight * aims[b].Slope[k];
                }
            }

            for (var j = 0; j < dimensions; j++)
            {
                pull[j] += slope[j] * off;
                for (var k = 0; k < dimensions; k++)
                {
                    precision[j][k] += slope[j] * weighted[k];
                }
            }
        }

        var covariance = Inverse(precision);
        double[] centre = [.. covariance.Select(row => row.Zip(pull, (c, p) => c * p).Sum())];
        return new Proposal(centre, LowerRoot([.. covariance.Select(row => row.Select(value => value * Inflation).ToArray())]));
    }

    // A reading that the members are to meet: where it stands among all observations, and the unit that it is reckoned in.
    private sealed record Aim(int Place, double Unit, double[] Slope, double Off, double Sigma)
    {
        private const double LeastOwn = 0.05;

        // What is shared is no more than nearly all of it (engineering judgement).
        public double Variance(JointEvidence? together) =>
            Math.Max(Sigma * Sigma, (1 + LeastOwn) * (together?.Shared(Place, Place) ?? 0) * Unit * Unit);
    }

    /// <summary>As many members as the prior has: its scores moved and stretched; those that nothing seen can move stay as they are.</summary>
    /// <param name="prior">The prior's scores.</param>
    public double[][] Draw(double[][] prior) => [.. prior.Select(z => z.Select((own, j) => j < mean.Length ? Moved(z, j) : own).ToArray())];

    /// <summary>The same with the prior's own members for a fifth of them.</summary>
    public double[][] DrawDefended(double[][] prior) => [.. Draw(prior).Select((row, i) => i % Defensive == 0 ? prior[i] : row)];

    private double Moved(double[] z, int j)
    {
        var sum = mean[j];
        for (var k = 0; k <= j; k++)
        {
            sum += root[j][k] * z[k];
        }

        return sum;
    }

    /// <summary>Log of how believable its centre was before: 0 at the prior's, less the further the evidence pulls.</summary>
    public double LogReach() => -0.5 * mean.Sum(z => z * z);

    /// <summary>Log of the density of such members at a row of scores, up to the same constant.</summary>
    public double LogDefended(double[] row)
    {
        var (bent, prior) = (LogDensity(row), -0.5 * row.Take(mean.Length).Sum(z => z * z));
        var most = Math.Max(bent, prior);
        return most + Math.Log(((1 - (1.0 / Defensive)) * Math.Exp(bent - most)) + (1.0 / Defensive * Math.Exp(prior - most)));
    }

    /// <summary>Log of the density at a row of scores, up to a constant.</summary>
    public double LogDensity(double[] row)
    {
        var solved = new double[mean.Length];
        var log = 0.0;
        for (var j = 0; j < mean.Length; j++)
        {
            var rest = row[j] - mean[j];
            for (var k = 0; k < j; k++)
            {
                rest -= root[j][k] * solved[k];
            }

            solved[j] = rest / root[j][j];
            log -= (0.5 * solved[j] * solved[j]) + Math.Log(root[j][j]);
        }

        return log;
    }

    private static bool IsProduct(Observation seen) => seen.Kind is ObservationKind.PadWear or ObservationKind.Moisture;

    /// <summary>
    /// What an observation asks of its prediction, as a value and a standard deviation; null where it asks nothing of a member in the middle.
    /// </summary>
    private static (double Value, double Sigma)? Target(Observation observation, double sigma, double middle, double variance)
    {
        if (observation.Kind == ObservationKind.PedalSoft)
        {
            var soft = observation.Lap > 0;
            return soft == middle > 0 ? null : (0, PriorSpread.VapourK);
        }

        if (!observation.IsInterval())
        {
            return ((observation.Value - EvidenceError.Of(observation).Bias) ?? middle, sigma);
        }

        if (observation is { AboveC: { } above, BelowC: { } below })
        {
            return (0.5 * (above + below), Math.Sqrt((sigma * sigma) + ((below - above) * (below - above) / 12)));
        }

        return observation.AboveC is { } least ? OneSided(middle, variance, least, sigma)
            : observation.BelowC is { } most && OneSided(-middle, variance, -most, sigma) is { } mirrored ? (-mirrored.Value, mirrored.Sigma) : null;
    }

    /// <summary>
    /// The reading that leaves the mean m_t and variance V_t of a normal prediction (m_p, V_p) cut from below by a threshold with a normal error:
    /// y = (m_t V_p - m_p V_t) / (V_p - V_t), variance V_p V_t / (V_p - V_t); null where the cut takes nothing away. Moments of the skew normal that such a
    /// cut leaves: Azzalini, Scand. J. Stat. 12 (1985) 171-178; from memory.
    /// </summary>
    /// <param name="mean">Mean of the prediction.</param>
    /// <param name="variance">Its variance.</param>
    /// <param name="threshold">What it lies above.</param>
    /// <param name="sigma">Error of the threshold.</param>
    internal static (double Value, double Sigma)? OneSided(double mean, double variance, double threshold, double sigma)
    {
        var scale = Math.Sqrt(variance + (sigma * sigma));
        var at = (mean - threshold) / scale;
        var inside = Numerics.NormalDistribution.Below(at);
        var ratio = inside > 1e-12 ? Math.Exp(-0.5 * at * at) / Math.Sqrt(2 * Math.PI) / inside : -at;
        var cutMean = mean + (variance / scale * ratio);
        var cutVariance = variance - (variance * variance / (scale * scale) * ratio * (ratio + at));
        var taken = variance - cutVariance;
        return taken > 1e-6 * variance
            ? (((cutMean * variance) - (mean * cutVariance)) / taken, Math.Sqrt(variance * cutVariance / taken)) : null;
    }

    /// <summary>Least squares of predictions on scores; the intercept is the prediction at scores of zero.</summary>
    private static (double Intercept, double[] Slope) Line(double[][] scores, float[] values, int dimensions, double[]? near)
    {
        var width = dimensions + 1;
        var normal = Identity(width, Ridge);
        var right = new double[width];
        for (var i = 0; i < scores.Length; i++)
        {
            for (var j = 0; j < width; j++)
            {
                var left = (j == 0 ? 1 : scores[i][j - 1]) * (near?[i] ?? 1);
                right[j] += left * values[i];
                for (var k = 0; k < width; k++)
                {
                    normal[j][k] += left * (k == 0 ? 1 : scores[i][k - 1]);
                }
            }
        }

        double[] solved = [.. Inverse(normal).Select(row => row.Zip(right, (c, r) => c * r).Sum())];
        return (solved[0], solved[1..]);
    }

    private static double[][] Identity(int size, double value) =>
        [.. Enumerable.Range(0, size).Select(j => Enumerable.Range(0, size).Select(k => j == k ? value : 0).ToArray())];

    /// <summary>Inverse of a symmetric positive matrix through its lower factor.</summary>
    private static double[][] Inverse(double[][] matrix)
    {
        var lower = LowerRoot(matrix);
        var size = matrix.Length;
        var columns = new double[size][];
        for (var c = 0; c < size; c++)
        {
            var column = new double[size];
            for (var j = 0; j < size; j++)
            {
                var rest = j == c ? 1.0 : 0;
                for (var k = 0; k < j; k++)
                {
                    rest -= lower[j][k] * column[k];
                }

                column[j] = rest / lower[j][j];
            }

            for (var j = size - 1; j >= 0; j--)
            {
                var rest = column[j];
                for (var k = j + 1; k < size; k++)
                {
                    rest -= lower[k][j] * column[k];
                }

                column[j] = rest / lower[j][j];
            }

            columns[c] = column;
        }

        return columns;
    }

    /// <summary>Cholesky's lower factor (Press et al., Numerical Recipes, 3rd edition 2007, section 2.9; from memory).</summary>
    private static double[][] LowerRoot(double[][] matrix)
    {
        double[][] lower = [.. matrix.Select(row => new double[row.Length])];
        for (var j = 0; j < matrix.Length; j++)
        {
            for (var k = 0; k <= j; k++)
            {
                var sum = matrix[j][k];
                for (var m = 0; m < k; m++)
                {
                    sum -= lower[j][m] * lower[k][m];
                }

                lower[j][k] = j == k ? Math.Sqrt(Math.Max(1e-12, sum)) : sum / lower[k][k];
            }
        }

        return lower;
    }
}
