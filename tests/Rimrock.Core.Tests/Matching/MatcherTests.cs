using Rimrock.Core.Limits;
using Rimrock.Core.Matching;
using Rimrock.Core.Prediction;
using Rimrock.Core.Quantities;

namespace Rimrock.Core.Tests.Matching;

public class MatcherTests
{
    private static readonly PredictionPlan Plan = SampleParts.Plan();
    private static readonly Wishes Free = new(RoadApprovalMust: false);
    private static readonly MatchAnswer Answer = Matcher.Match(Plan, ShelfSamples.Small, Free);

    [Fact]
    public void Every_suggestion_carries_its_reasons_as_data_and_words()
    {
        Answer.Shortlist.ShouldNotBeEmpty();
        foreach (var setup in Answer.Shortlist)
        {
            setup.Reasons.ShouldContain(reason => reason.Kind == ReasonKind.StillFirst);
            setup.Reasons.ShouldAllBe(reason => reason.Sentence.EndsWith('.') && reason.Code.Length > 0);
            foreach (var reason in setup.Reasons.Where(reason => reason.Kind == ReasonKind.Fixes))
            {
                reason.After!.Value.ShouldBeLessThanOrEqualTo(0.5 * reason.Before!.Value);
                setup.Limits.Single(limit => limit.Limit.Code == reason.Code).Chance.ShouldBe(reason.After.Value);
            }
        }
    }

    [Fact]
    public void Every_part_that_is_not_in_the_best_setup_answers_why_not()
    {
        var best = Answer.Shortlist[0].Parts;
        foreach (var pad in ShelfSamples.Small.Pads.Where(pad => pad.Id != best.FrontPad.Id))
        {
            Answer.WhyNot.ShouldContain(why => why.Kind == "frontPad" && why.Part.Id == pad.Id && why.Sentence.Length > 20);
        }

        var must = Matcher.Match(Plan, ShelfSamples.Small, new Wishes(RoadApprovalMust: true));
        must.WhyNot.Single(why => why.Kind == "frontPad" && why.Part.Id == "race-carbon-metallic").HardStop!.Code.ShouldBe("road-approval");
        must.Shortlist.ShouldAllBe(setup => setup.Parts.FrontPad.Id != "race-carbon-metallic" && setup.Parts.RearPad.Id != "race-carbon-metallic");
    }

    [Fact]
    public void Steps_take_the_risk_down_and_cost_what_they_say()
    {
        Answer.Steps.ShouldNotBeEmpty();
        Answer.Steps[^1].RiskAfter.ShouldBeLessThan(Answer.Fitted.Objectives.Risk);
        Answer.Steps.Sum(step => step.Buy).ShouldBe(Answer.Steps[^1].Setup.Cost.BuyNow, 1e-6);
        for (var i = 1; i < Answer.Steps.Count; i++)
        {
            Answer.Steps[i].RiskBefore.ShouldBe(Answer.Steps[i - 1].RiskAfter, 1e-9);
        }
    }

    [Fact]
    public void Fluid_comes_first_where_fluid_is_what_gives()
    {
        // Good pads, old wet fluid (common practice: flush first).
        var wet = SampleParts.Plan("track-sport", "track-sport") with
        {
            Fluid = new Core.Fluids.BrakeFluid("old", "dot3", 206, 141),
            FluidState = new Core.Fluids.FluidState(60, ReservoirWaterPercent: 5.5),
            Stint = new Core.Circuits.StintPlan(1, 40, 10, CoolDownLaps: 0),
        };
        var answer = Matcher.Match(wet, ShelfSamples.Small, Free);
        var boils = answer.Fitted.Limits.Where(limit => limit.Limit.Code is "front-fluid" or "rear-fluid").Max(limit => limit.Chance);
        boils.ShouldBeGreaterThan(0.3);
        answer.Steps[0].What.ShouldStartWith("flush with");
    }

    [Fact]
    public void A_day_that_holds_needs_nothing()
    {
        var gentle = SampleParts.Plan("track-sport", "track-sport") with { Pace = "novice", Stint = new Core.Circuits.StintPlan(1, 8, 30) };
        var answer = Matcher.Match(gentle, ShelfSamples.Small, Free);
        answer.Fitted.Objectives.Risk.ShouldBeLessThanOrEqualTo(0.05);
        answer.Steps.ShouldBeEmpty();
        answer.Verdict.ShouldContain("Nothing needed");
    }

    [Fact]
    public void Bounds_of_the_wishes_are_kept()
    {
        var narrow = Matcher.Match(Plan, ShelfSamples.Small, Free with { MostToBuy = 200, MostColdMetres = 1 });
        narrow.Shortlist.ShouldAllBe(setup => setup.Cost.BuyNow <= 200 && setup.Street.ExtraMetres <= 1.4);
    }

    [Fact]
    public void Every_wish_out_of_range_is_refused_by_name()
    {
        var faults = Should.Throw<InputFaultException>(() => Matcher.Match(Plan, ShelfSamples.Small, new Wishes(Consistency: 9, EventsAYear: 0, MostRisk: 2))).Faults;
        faults.Select(fault => fault.Field).ShouldBe(["wishes.consistency", "wishes.eventsAYear", "wishes.mostRisk"], ignoreOrder: true);
    }
}
