using Rimrock.Core.Driving;
using Rimrock.Core.Fitting;
using Rimrock.Core.Friction;
using Rimrock.Core.Limits;

namespace Rimrock.Core.Tests.Limits;

public class LimitFinderTests
{
    private static IReadOnlyList<Limit> Limits(PredictionPlan plan) => Predictor.Predict(plan).Limits;

    [Fact]
    public void Every_limit_says_what_it_asks_takes_and_leaves()
    {
        var limits = Limits(SampleParts.Plan());
        limits.Select(limit => limit.Code).Distinct().Count().ShouldBe(limits.Count);
        foreach (var limit in limits)
        {
            var left = limit.Unit == "mm" ? limit.Demand - limit.Capacity : limit.Code == "front-pad-cold"
                ? limit.Demand - limit.Capacity : limit.Capacity - limit.Demand;
            limit.Margin!.Value.ShouldBe(left!.Value, 1e-9, limit.Code);
            limit.Gives.ShouldBe(limit.When is not null, limit.Code);
            limit.Sentence.IsNothing.ShouldBeFalse(limit.Code);
            limit.Basis.IsNothing.ShouldBeFalse(limit.Code);
            if (limit.Gives)
            {
                limit.Change.ShouldNotBeNull(limit.Code).IsNothing.ShouldBeFalse(limit.Code);
            }
        }
    }

    [Fact]
    public void The_first_lap_that_spends_a_tenth_beyond_the_band_is_the_lap_it_gives()
    {
        var plan = SampleParts.Plan("track-sport", "track-sport") with { FrontPad = new Pad("narrow", "track-sport", StatedFromC: 50, StatedToC: 520) };
        var result = Predictor.Predict(plan);
        var fade = result.Limits.Single(limit => limit.Code == "front-pad-hot");
        fade.Gives.ShouldBeTrue();
        fade.When!.Lap.ShouldBeGreaterThan(1);
        fade.Capacity.ShouldBe(520);
        result.Strata[0].Overlap!.Label.Terms[^1].ShouldBe(fade.When.Lap);
    }

    [Fact]
    public void A_shorter_day_leaves_more_pad()
    {
        double Left(int sessions) => Limits(SampleParts.Plan("track-sport", "track-sport") with { Stint = new StintPlan(sessions, 10, 20) })
            .Single(limit => limit.Code == "front-wear").Demand!.Value;
        Left(1).ShouldBeGreaterThan(Left(2));
        Left(2).ShouldBeGreaterThan(Left(3));
    }

    [Fact]
    public void A_thin_pad_gives_before_the_day_is_over()
    {
        var worn = Limits(SampleParts.Plan("track-sport", "track-sport") with { FrontPadMm = 3.1, Stint = new StintPlan(2, 20, 20) })
            .Single(limit => limit.Code == "front-wear");
        worn.Gives.ShouldBeTrue();
        worn.Harm.ShouldBe(Harm.Damage);
        worn.Unit.ShouldBe("mm");
    }

    [Fact]
    public void A_day_without_a_hot_lap_is_judged_by_what_is_driven()
    {
        var short1 = SampleParts.Plan() with { Stint = new StintPlan(1, 3, 10, OutLapPace: 0.5) };
        var gentle = Limits(short1).Single(limit => limit.Code == LimitCode.FrontPadHot);
        gentle.Demand!.Value.ShouldBeInRange(60, 250, "a slow out lap warms the pads and no more");
        gentle.Gives.ShouldBeFalse();
        var fast = short1 with { Stint = short1.Stint with { CoolDownLaps = 3, CoolDownPace = 1 } };
        var cooked = Limits(fast).Single(limit => limit.Code == LimitCode.FrontPadHot);
        cooked.Demand!.Value.ShouldBeGreaterThan(gentle.Demand.Value + 100);
        cooked.Gives.ShouldBeTrue("three fast laps cook organic pads, whatever they are called");
    }

    [Fact]
    public void The_limits_of_the_edges_bracket_the_middle()
    {
        foreach (var limit in Limits(SampleParts.Plan("track-sport", "street-performance")))
        {
            limit.DemandLow!.Value.ShouldBeLessThanOrEqualTo(limit.DemandHigh!.Value);
            (limit.Gives && limit.MayGive).ShouldBeFalse();
        }
    }
}
