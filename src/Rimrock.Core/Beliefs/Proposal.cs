using Rimrock.Core.Priors;
using Rimrock.Core.Runs;

namespace Rimrock.Core.Beliefs;

/// <summary>
/// A normal distribution of scores to draw new members from: the prior, bent to the evidence as if what the members predict were linear in their scores
/// (least squares over the members, then the update of a linear model with normal errors, as in the iterated Kalman filter: Gelb,
/// Applied Optimal Estimation 1974, section 6.1; from memory). Only a guide to where members are worth running: importance weights
/// make good what is not linear or not normal.
/// </summary>
/// <param name="mean">Mean of each score.</param>
/// <param name="root">Lower factor of the covariance.</param>
internal sealed class Proposal(double[] mean, double[][] root)
{
    /// <summary>Wider than the linear model says, so that no weight is far out (engineering judgement).</summary>
    private const double Inflation = 1.15;

    private const double Ridge = 1e-3;

    /// <summary>The proposal that a set of members and their predictions points to.</summary>
    /// <param name="scores">One row a member.</param>
    /// <param name="predicted">For each observation one prediction a member.</param>
    /// <param name="observations">The observations.</param>
    public static Proposal Towards(double[][] scores, float[][] predicted, IReadOnlyList<Observation> observations)
    {
        var dimensions = PriorFactor.Learnable;
        var precision = Identity(dimensions, 1);
        var pull = new double[dimensions];
        for (var o = 0; o < observations.Count; o++)
        {
            var (intercept, slope) = Line(scores, predicted[o]);
            if (Target(observations[o], intercept) is not { } target)
            {
                continue;
            }

            var perVariance = 1 / (target.Sigma * target.Sigma);
            for (var j = 0; j < dimensions; j++)
            {
                pull[j] += slope[j] * (target.Value - intercept) * perVariance;
                for (var k = 0; k < dimensions; k++)
                {
                    precision[j][k] += slope[j] * slope[k] * perVariance;
                }
            }
        }

        var covariance = Inverse(precision);
        double[] centre = [.. covariance.Select(row => row.Zip(pull, (c, p) => c * p).Sum())];
        return new Proposal(centre, LowerRoot([.. covariance.Select(row => row.Select(value => value * Inflation).ToArray())]));
    }

    /// <summary>256 members: the prior's scores moved and stretched; those that nothing seen can move stay as they are.</summary>
    public double[][] Draw() => [.. Population.Prior.Scores.Select(z => z.Select((own, j) => j < mean.Length ? Moved(z, j) : own).ToArray())];

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

    /// <summary>
    /// What an observation asks of its prediction, as a value and a standard deviation; null where it asks nothing of a member in the middle.
    /// </summary>
    private static (double Value, double Sigma)? Target(Observation observation, double middle)
    {
        var sigma = observation.Sigma();
        if (observation.Kind == ObservationKind.PedalSoft)
        {
            var soft = observation.Lap > 0;
            return soft == middle > 0 ? null : (0, PriorSpread.VapourK);
        }

        if (!observation.IsInterval())
        {
            return (observation.Value ?? middle, sigma);
        }

        if (observation is { AboveC: { } above, BelowC: { } below })
        {
            return (0.5 * (above + below), Math.Sqrt((sigma * sigma) + ((below - above) * (below - above) / 12)));
        }

        return middle < observation.AboveC ? (observation.AboveC.Value, sigma)
            : middle > observation.BelowC ? (observation.BelowC.Value, sigma) : null;
    }

    /// <summary>Least squares of predictions on scores; the intercept is the prediction at scores of zero.</summary>
    private static (double Intercept, double[] Slope) Line(double[][] scores, float[] values)
    {
        var width = PriorFactor.Learnable + 1;
        var normal = Identity(width, Ridge);
        var right = new double[width];
        for (var i = 0; i < scores.Length; i++)
        {
            for (var j = 0; j < width; j++)
            {
                var left = j == 0 ? 1 : scores[i][j - 1];
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
