using Rimrock.Core.Beliefs;
using Rimrock.Core.Runs;

namespace Rimrock.Core.Tests.Beliefs;

/// <summary>A paint that went with none above it, a sticker that did not turn: the commonest evidence says "more than" or "less than" and no figure.</summary>
public class OneSidedTests
{
    /// <summary>By numerical integration of the prior times the chance that the threshold is passed: the reading leaves the same mean and variance.</summary>
    [Theory]
    [InlineData(500, 90, 520, 15)]
    [InlineData(500, 90, 400, 15)]
    [InlineData(120, 30, 132, 14)]
    [InlineData(120, 30, 210, 14)]
    public void The_reading_leaves_what_the_cut_leaves(double mean, double spread, double threshold, double sigma)
    {
        double weight = 0, first = 0, second = 0;
        for (var i = -8000; i <= 8000; i++)
        {
            var y = mean + (spread * i / 1000.0);
            var w = Math.Exp(-0.5 * i * i / 1e6) * Core.Numerics.NormalDistribution.Below((y - threshold) / sigma);
            (weight, first, second) = (weight + w, first + (w * y), second + (w * y * y));
        }

        var (cutMean, cutVariance) = (first / weight, (second / weight) - (first / weight * (first / weight)));
        var reading = Proposal.OneSided(mean, spread * spread, threshold, sigma)!.Value;
        var perVariance = (1 / (spread * spread)) + (1 / (reading.Sigma * reading.Sigma));
        (((mean / (spread * spread)) + (reading.Value / (reading.Sigma * reading.Sigma))) / perVariance).ShouldBe(cutMean, 0.02);
        (1 / perVariance).ShouldBe(cutVariance, 0.005 * cutVariance);
    }

    [Fact]
    public void A_threshold_that_everything_passes_says_nothing() => Proposal.OneSided(500, 900, 100, 10).ShouldBeNull();

    /// <summary>"More than so much" leaves a band that reaches far above the threshold: it is no reading at it.</summary>
    [Fact]
    public void More_than_a_threshold_does_not_mean_at_it()
    {
        var plan = SampleParts.Plan("track-sport", "street-performance") with { Stint = new Core.Driving.StintPlan(1, 10, 15) };
        var prior = Core.Fitting.Ensemble.Run(plan).Peaks.Single(peak => peak.Part == BrakePart.FrontFluid);
        var caliper = new Observation(ObservationKind.CaliperSticker, AboveC: 100);
        var belief = Learning.From([new EvidenceDay(plan, [caliper])]).Belief;
        var learnt = Core.Fitting.Ensemble.Run(plan, belief).Peaks.Single(peak => peak.Part == BrakePart.FrontFluid);
        learnt.P50C.ShouldBeGreaterThan(prior.P50C);
        learnt.P90C.ShouldBeGreaterThan(prior.P90C - 1, "what is hotter than a threshold may be much hotter");
    }
}
