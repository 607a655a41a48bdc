using Rimrock.Core.Beliefs;
using Rimrock.Core.Driving;
using Rimrock.Core.Numerics;
using Rimrock.Core.Runs;

namespace Rimrock.Core.Tests.Beliefs;

public class PriorScoresTests
{
    private static readonly BrakePart[] Outputs = [BrakePart.FrontFace, BrakePart.RearFace, BrakePart.FrontFluid, BrakePart.FrontSeals, BrakePart.FrontPadCore];

    [Theory]
    [InlineData(64, 0.04, 0.08)]
    [InlineData(256, 0.01, 0.03)]
    [InlineData(1024, 0.005, 0.01)]
    public void Margins_are_standard_normal_and_no_two_factors_go_together(int members, double mean, double spread)
    {
        var rows = Rows(members);
        var columns = Enumerable.Range(0, PriorFactor.All.Count).Select(j => rows.Select(row => row[j]).ToArray()).ToArray();
        foreach (var column in columns)
        {
            column.Average().ShouldBe(0, mean);
            Math.Sqrt(column.Average(z => z * z)).ShouldBe(1, spread);
            ((double)column.Count(z => Math.Abs(z) < 1.2816) / members).ShouldBe(0.8, 2.5 / members);
        }

        for (var a = 0; a < columns.Length; a++)
        {
            for (var b = 0; b < a; b++)
            {
                Math.Abs(Correlation(columns[a], columns[b])).ShouldBeLessThanOrEqualTo(0.1, $"{PriorFactor.All[a].Code} and {PriorFactor.All[b].Code}");
            }
        }
    }

    /// <summary>Sobol: of the first 2^m points each coordinate has exactly one in every interval of length 2^-m, scrambled or not.</summary>
    [Fact]
    public void Every_margin_of_all_64_dimensions_is_even_at_64_and_at_256()
    {
        var points = ScrambledSobol.Points(256, ScrambledSobol.MostDimensions);
        foreach (var count in (int[])[64, 256])
        {
            for (var j = 0; j < ScrambledSobol.MostDimensions; j++)
            {
                points.Take(count).Select(point => (int)(point[j] * count)).Distinct().Count().ShouldBe(count);
            }
        }
    }

    /// <summary>The first coordinates without a scramble fill elementary boxes (Sobol, from memory): here the first two, whose scramble keeps that.</summary>
    [Fact]
    public void The_first_two_dimensions_are_a_net()
    {
        var points = ScrambledSobol.Points(256, 2);
        points.Select(point => ((int)(point[0] * 16), (int)(point[1] * 16))).Distinct().Count().ShouldBe(256);
    }

    [Fact]
    public void A_sketch_is_the_beginning_of_the_prior_and_a_learnt_belief_is_resampled()
    {
        Population.Prior.Sketched().Scores.ShouldBe(Population.Prior.Scores[..64]);
        double[] weights = [.. Enumerable.Range(0, 256).Select(i => i < 8 ? 0.125 : 0)];
        var learnt = new Population(Population.Prior.Scores, weights).Sketched();
        learnt.Scores.Length.ShouldBe(64);
        learnt.Scores.GroupBy(row => row).Select(group => group.Count()).ShouldAllBe(count => count == 8);
        learnt.Weights.Sum().ShouldBe(1, 1e-12);
    }

    /// <summary>
    /// Mean and spread of five temperatures against plain random members (16,384 in the long form), by their sampling error: three standard errors of both.
    /// </summary>
    [Fact]
    public void Outputs_have_the_mean_and_spread_of_many_random_members()
    {
        var plan = SampleParts.Plan("track-sport", "street-performance") with { Stint = new StintPlan(1, 5, 5) };
        var many = Environment.GetEnvironmentVariable("RIMROCK_LONG") is null ? 2048 : 16_384;
        var random = new Random(20261128);
        double[][] drawn = [.. Enumerable.Range(0, many).Select(_ => PriorFactor.All.Select(_ =>
            NormalQuantile.At(Math.Clamp(random.NextDouble(), 1e-9, 1 - 1e-9))).ToArray())];
        var oracle = Peaks(plan, drawn);
        foreach (var members in (int[])[64, 256])
        {
            var sample = Peaks(plan, Rows(members));
            for (var o = 0; o < Outputs.Length; o++)
            {
                var (mean, spread) = Moments(oracle[o]);
                var (found, width) = Moments(sample[o]);
                found.ShouldBe(mean, 3 * spread * Math.Sqrt((0.25 / members) + (1.0 / many)), $"mean of {Outputs[o]} with {members}");
                width.ShouldBe(spread, 3 * spread * Math.Sqrt((0.5 / members) + (0.5 / many)), $"spread of {Outputs[o]} with {members}");
            }
        }
    }

    private static double[][] Rows(int members) => [.. Population.Prior.Scores.Concat(Population.Further).Take(members)];

    private static double[][] Peaks(PredictionPlan plan, double[][] scores)
    {
        double[][] peaks = [.. Outputs.Select(_ => new double[scores.Length])];
        MemberRuns.Each(new Day(plan).Phases, plan, scores, (run, places, _) =>
        {
            for (var lane = 0; lane < places.Length; lane++)
            {
                for (var o = 0; o < Outputs.Length; o++)
                {
                    peaks[o][places[lane][0]] = run.Phases.Max(phase => phase.Peak[(int)Outputs[o]][lane]);
                }
            }
        }, CancellationToken.None);
        return peaks;
    }

    private static (double Mean, double Spread) Moments(double[] values)
    {
        var mean = values.Average();
        return (mean, Math.Sqrt(values.Average(value => (value - mean) * (value - mean))));
    }

    private static double Correlation(double[] a, double[] b)
    {
        var (ma, sa) = Moments(a);
        var (mb, sb) = Moments(b);
        return a.Zip(b, (x, y) => (x - ma) * (y - mb)).Average() / (sa * sb);
    }
}
