using Rimrock.Core.Driving;
using Rimrock.Core.Fitting;
using Rimrock.Core.Fluids;
using Rimrock.Core.Limits;
using Rimrock.Core.Preparation;

namespace Rimrock.Core.Tests.Preparation;

public class OrderSheetTests
{
    private static OrderSheet Of(PredictionPlan plan) => OrderSheet.Of(plan, Ensemble.Run(plan, settle: false));

    /// <summary>What may give is packed for (common practice): organic pads of an advanced driver fade, and old fluid boils.</summary>
    [Fact]
    public void What_may_give_is_packed_for_and_nothing_else()
    {
        Of(SampleParts.Plan()).Pack.Select(thing => thing.What.Code).ShouldContain("packed-thing.spare-front-pads");
        var wet = Of(SampleParts.Plan("race-carbon-metallic", "track-sport") with { Fluid = new BrakeFluid("low", "dot3", 205, 140), FluidState = new(40) });
        wet.Pack.Select(thing => thing.What.Code).ShouldContain("packed-thing.sealed-bottle-and-bleed-hose");
        var easy = Of(SampleParts.Plan("track-sport", "track-sport") with { Pace = "novice", Stint = new StintPlan(1, 10, 30), FluidState = new(1) });
        easy.Pack.Select(thing => thing.What.Code).ShouldNotContain("packed-thing.sealed-bottle-and-bleed-hose");
        easy.Pack.Select(thing => thing.What.Code).ShouldContain("packed-thing.jack-stands-torque-wrench");
    }

    [Fact]
    public void Nobody_packs_for_the_road()
    {
        var road = Of(SampleParts.Plan() with { Days = [new PlannedDay("weekday", 200)] });
        road.Pack.ShouldBeEmpty();
        road.Cautions.ShouldNotBeEmpty();
    }

    [Fact]
    public void The_guesses_that_decide_are_named_with_what_to_measure()
    {
        var sheet = Of(SampleParts.Plan());
        sheet.Guesses.Count.ShouldBeInRange(1, 3);
        sheet.Guesses.ShouldAllBe(guess => !guess.Measure.IsNothing && guess.Share >= 0.08);
        sheet.Guesses.Select(guess => guess.Factor).ShouldBeUnique();
    }

    [Fact]
    public void Aged_hoses_and_old_fluid_stand_on_the_sheet()
    {
        var sheet = Of(SampleParts.Plan() with { Lines = Core.Vehicles.BrakeLine.AgedRubber, FluidState = new(30) });
        sheet.Cautions.Select(caution => caution.Code).ShouldContain("due.rubber-hoses-old-ten");
        sheet.Cautions.Select(caution => caution.Code).ShouldContain("due.fluid-months-old-street");
    }

    /// <summary>Every limit that ruins or endangers has something that is taken along for it, or needs none: a missed stop is no spare part's.</summary>
    [Fact]
    public void Only_driving_mends_what_nothing_is_packed_for()
    {
        var plan = SampleParts.Plan();
        static LimitBand Sure(string code, Harm harm) => new(code, harm, new(1, 0, 1), true, null, null, null, null, [], DayKind.TrackDay);
        var packed = LimitTable.All.ToDictionary(row => row.Code, row => PackedThing.Of(plan, [Sure(row.Code, Harm.Danger)]).Count);
        var bare = PackedThing.Of(plan, []).Count;
        packed[LimitCode.FrontFluid].ShouldBe(bare + 1);
        packed[LimitCode.FrontWornThrough].ShouldBe(bare + 1);
        packed[LimitCode.FrontGrease].ShouldBe(bare + 1);
        packed[LimitCode.RearFace].ShouldBe(bare);
    }
}
