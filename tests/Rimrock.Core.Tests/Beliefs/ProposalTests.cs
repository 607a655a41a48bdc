using MathNet.Numerics.LinearAlgebra;
using Rimrock.Core.Beliefs;

namespace Rimrock.Core.Tests.Beliefs;

/// <summary>
/// Where predictions are linear in the scores, the answer is known in closed form (conjugate normal update; Gelb 1974, section 4.2, from memory).
/// </summary>
public class ProposalTests
{
    private static readonly double[][] Scores = Population.Prior.Scores;

    private static float[] Linear(double middle, params (int Score, double Slope)[] slopes) =>
        [.. Scores.Select(row => (float)(middle + slopes.Sum(slope => slope.Slope * row[slope.Score])))];

    private static (double Mean, double Variance) Drawn(Proposal proposal, int score)
    {
        var values = proposal.Draw(Population.Prior.Scores).Select(row => row[score]).ToArray();
        var mean = values.Average();
        return (mean, values.Average(value => (value - mean) * (value - mean)));
    }

    [Fact]
    public void One_number_moves_and_narrows_as_the_closed_form_says()
    {
        var seen = new Observation(ObservationKind.RotorPeak, Value: 460, Error: 5);
        var proposal = Proposal.Towards(Scores, [Linear(400, (0, 30), (3, 40))], [seen]);

        // Gain = slope / (sum of slopes squared + sigma squared), sigma squared = 25 + 144; the drawn cloud is 1.15 wider in variance.
        var whole = (30.0 * 30) + (40 * 40) + 169;
        var (mean, variance) = Drawn(proposal, 0);
        mean.ShouldBe(30 * 60 / whole, 0.02);
        variance.ShouldBe(1.15 * (1 - (30 * 30 / whole)), 0.05);
        Drawn(proposal, 3).Mean.ShouldBe(40 * 60 / whole, 0.02);
        Drawn(proposal, 7).Mean.ShouldBe(0, 0.02, "a factor that does not matter stays where it was");
        Drawn(proposal, 7).Variance.ShouldBe(1.15, 0.06);
        proposal.LogReach().ShouldBe(-0.5 * ((30 * 60 / whole * (30 * 60 / whole)) + (40 * 60 / whole * (40 * 60 / whole))), 0.02);
    }

    /// <summary>Two readings of one instrument, against the same closed form with its matrices (MathNet.Numerics).</summary>
    [Fact]
    public void What_readings_share_is_no_second_witness()
    {
        Observation[] seen = [new(ObservationKind.RotorPeak, Value: 460, Error: 5), new(ObservationKind.RotorPeak, Value: 430, Error: 5)];
        var proposal = Proposal.Towards(Scores, [Linear(400, (0, 30), (3, 40)), Linear(410, (0, 25), (3, -10))], seen, new JointEvidence([[seen[0]], [seen[1]]]));
        var build = Matrix<double>.Build;
        var slopes = build.DenseOfArray(new double[,] { { 30, 40 }, { 25, -10 } });
        var errors = build.DenseOfArray(new double[,] { { 25 + 25 + 100, 100 }, { 100, 25 + 25 + 100 } });
        var covariance = (build.DenseIdentity(2) + (slopes.Transpose() * errors.Inverse() * slopes)).Inverse();
        var mean = covariance * slopes.Transpose() * errors.Inverse() * Vector<double>.Build.Dense([60, 20]);
        Drawn(proposal, 0).Mean.ShouldBe(mean[0], 0.02);
        Drawn(proposal, 3).Mean.ShouldBe(mean[1], 0.02);
        Drawn(proposal, 0).Variance.ShouldBe(1.15 * covariance[0, 0], 0.02);
        Drawn(proposal, 3).Variance.ShouldBe(1.15 * covariance[1, 1], 0.02);
    }

    /// <summary>Where members count unequally, the line is that of those that count.</summary>
    [Fact]
    public void A_line_is_laid_where_members_count()
    {
        float[] bent = [.. Scores.Select(row => (float)(400 + (row[0] > 0 ? 30 * row[0] : 0)))];
        var upper = Proposal.Towards(Scores, [bent], [new Observation(ObservationKind.RotorPeak, Value: 430, Error: 5)],
            near: [.. Scores.Select(row => row[0] > 0 ? 1.0 : 0)]);
        Drawn(upper, 0).Mean.ShouldBe(30 * 30.0 / ((30 * 30) + 150), 0.03);
    }

    [Fact]
    public void A_bound_that_already_holds_asks_for_nothing()
    {
        var predicted = Linear(400, (0, 30));
        var far = Proposal.Towards(Scores, [predicted], [new Observation(ObservationKind.RotorPaint, AboveC: 300)]);
        Drawn(far, 0).Mean.ShouldBe(0, 0.02);
        var near = Proposal.Towards(Scores, [predicted], [new Observation(ObservationKind.RotorPaint, AboveC: 450)]);
        Drawn(near, 0).Mean.ShouldBeGreaterThan(1);
        var firm = Proposal.Towards(Scores, [Linear(-50, (0, 30))], [new Observation(ObservationKind.PedalSoft, Lap: 0)]);
        Drawn(firm, 0).Mean.ShouldBe(0, 0.02);
        var soft = Proposal.Towards(Scores, [Linear(-50, (0, 30))], [new Observation(ObservationKind.PedalSoft, Lap: 4)]);
        Drawn(soft, 0).Mean.ShouldBeGreaterThan(1);
    }

    [Fact]
    public void Its_density_is_highest_at_its_centre_and_falls_as_a_normal_one()
    {
        var proposal = Proposal.Towards(Scores, [Linear(400, (0, 30))], [new Observation(ObservationKind.RotorPeak, Value: 430, Error: 5)]);
        var centre = new double[Scores[0].Length];
        centre[0] = Drawn(proposal, 0).Mean;
        double Off(double by)
        {
            var row = (double[])centre.Clone();
            row[5] += by;
            return proposal.LogDensity(centre) - proposal.LogDensity(row);
        }

        Off(1).ShouldBe(0.5 / 1.15, 0.02);
        Off(2).ShouldBe(4 * Off(1), 0.05);
    }
}
