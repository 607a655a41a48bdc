using Rimrock.Core.Driving;
using Rimrock.Core.Fitting;
using Rimrock.Core.Fluids;
using Rimrock.Core.Limits;
using Rimrock.Core.Numerics;
using Rimrock.Core.Runs;

namespace Rimrock.Core.Tests.Fitting;

public class EnsembleTests
{
    private static readonly PredictionPlan Plan = SampleParts.Plan("track-sport", "street-performance") with { Stint = new StintPlan(1, 10, 15) };

    [Fact]
    public void The_same_plan_gives_the_same_bands_in_order_round_the_median_run()
    {
        var one = Ensemble.Run(Plan);
        var two = Ensemble.Run(Plan);
        one.Parts[0].P50C.ShouldBe(two.Parts[0].P50C);
        one.Limits.Select(limit => limit.Chance.Share).ShouldBe(two.Limits.Select(limit => limit.Chance.Share));
        foreach (var part in one.Parts)
        {
            for (var i = 0; i < part.P50C.Length; i++)
            {
                part.P10C[i].ShouldBeLessThanOrEqualTo(part.P50C[i]);
                part.P50C[i].ShouldBeLessThanOrEqualTo(part.P90C[i]);
            }
        }

        var median = Predictor.Predict(Plan).Limits.Single(limit => limit.Code == "front-face").Demand!.Value;
        one.Limits.Single(limit => limit.Code == "front-face").P50!.Value.ShouldBe(median, 0.06 * median);
    }

    /// <summary>
    /// Simulated truth: hidden cars drawn at random from the prior must fall into the 80 % band at its nominal rate: 1000
    /// draws, 72 to 88 %.
    /// </summary>
    [Fact]
    public void Hidden_cars_fall_into_the_band_as_often_as_it_says()
    {
        var band = Ensemble.Run(Plan);
        var day = new Day(Plan);
        var random = new Random(20261123);
        int face = 0, fluid = 0;
        var faceBand = band.Limits.Single(limit => limit.Code == "front-face");
        var fluidBand = band.Limits.Single(limit => limit.Code == "front-fluid");
        for (var group = 0; group < 250; group++)
        {
            var run = new DayRun(Plan, [.. Enumerable.Range(0, 4).Select(_ => PriorFactor.CarOf(
                [.. PriorFactor.All.Select(_ => NormalQuantile.At(Math.Clamp(random.NextDouble(), 1e-9, 1 - 1e-9)))]))]);
            foreach (var phase in day.Phases)
            {
                run.Run(phase);
            }

            for (var lane = 0; lane < 4; lane++)
            {
                face += Inside(faceBand, run, BrakePart.FrontFace, lane);
                fluid += Inside(fluidBand, run, BrakePart.FrontFluid, lane);
            }
        }

        (face / 1000.0).ShouldBeInRange(0.72, 0.88);
        (fluid / 1000.0).ShouldBeInRange(0.72, 0.88);

        static int Inside(LimitBand limit, DayRun run, BrakePart part, int lane)
        {
            var peak = run.Phases.Max(phase => phase.Peak[(int)part][lane]);
            return peak >= limit.P10 && peak <= limit.P90 ? 1 : 0;
        }
    }

    [Fact]
    public void Chances_carry_their_error_and_come_danger_first()
    {
        var first = Ensemble.Run(Plan, settle: false);
        first.Members.ShouldBe(256);
        foreach (var limit in first.Limits)
        {
            (limit.Chance.Share * 256 % 1).ShouldBe(0, 1e-9);
            limit.Chance.SamplingError.ShouldBeLessThanOrEqualTo(Math.Sqrt(limit.Chance.Share * (1 - limit.Chance.Share) / 256) + 1e-3);
            (limit.When is null).ShouldBe(limit.Chance.Share == 0);
        }

        first.Limits.Select(limit => (-(int)limit.Harm, -limit.Chance.Share)).ShouldBeInOrder();
        var settled = Ensemble.Run(Plan);
        settled.Members.ShouldBe(first.Settling ? 1024 : 256);
        settled.Settling.ShouldBeFalse();
        settled.Danger.Share.ShouldBe(first.Danger.Share, (3 * first.Danger.SamplingError) + 0.004);
    }

    [Fact]
    public void A_band_brings_the_verdict_and_the_limit_that_it_names()
    {
        var hard = Ensemble.Run(SampleParts.Plan() with { Stint = Plan.Stint }, settle: false);
        hard.Outcome.ShouldBe(DayOutcome.Danger);
        hard.Names.ShouldBe(hard.Limits.First(limit => limit.Harm == Harm.Danger).Code);
        var gentle = SampleParts.Plan("track-sport", "track-sport") with { Pace = "novice", Stint = new Core.Driving.StintPlan(1, 8, 30) };
        var easy = Ensemble.Run(gentle);
        (easy.Outcome, easy.Names).ShouldBe((DayOutcome.Holds, null));
        Ensemble.Run(gentle with { FluidState = new Core.Fluids.FluidState(30) }).Outcome.ShouldBe(DayOutcome.Due);
        var fading = Ensemble.Run(gentle with { FrontPad = gentle.FrontPad with { StatedFromC = 20, StatedToC = 150 } });
        fading.Limits.Where(limit => limit.Code.EndsWith("pad-hot", StringComparison.Ordinal)).Max(limit => limit.Chance.Share).ShouldBeGreaterThan(0.5);
        (fading.Outcome, fading.Names).ShouldBe((DayOutcome.Fades, LimitCode.FrontPadHot));
    }

    [Fact]
    public void What_matters_most_is_what_an_engineer_would_name()
    {
        var limits = Ensemble.Run(Plan).Limits;
        limits.Single(limit => limit.Code == "front-face").Contributions.Take(3).Select(item => item.Factor).ShouldContain("cooling");
        limits.Single(limit => limit.Code == "front-face").Contributions.Take(3).Select(item => item.Factor).ShouldContain("energy");
        limits.Single(limit => limit.Code == "rear-wear").Contributions[0].Factor.ShouldBe("wear");
        limits.Single(limit => limit.Code == "front-fluid").Contributions.Select(item => item.Factor)
            .ShouldContain(code => code == "pad-conductivity" || code == "boiling-curve" || code == "water" || code == "plate-to-piston");
    }

    [Fact]
    public void Work_in_progress_can_be_cancelled()
    {
        using var cancel = new CancellationTokenSource();
        cancel.Cancel();
        Should.Throw<OperationCanceledException>(() => Ensemble.Run(Plan, cancel: cancel.Token));
    }
}
