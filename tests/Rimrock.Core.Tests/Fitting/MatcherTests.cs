using Rimrock.Core.Beliefs;
using Rimrock.Core.Driving;
using Rimrock.Core.Fitting;
using Rimrock.Core.Fluids;
using Rimrock.Core.Judgement;
using Rimrock.Core.Quantities;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Tests.Fitting;

public class MatcherTests
{
    private static readonly PredictionPlan Plan = SampleParts.Plan() with { Stint = new Core.Driving.StintPlan(1, 20, 20) };
    private static readonly Wishes Free = new(RoadApprovalMust: false);
    private static readonly MatchAnswer Answer = Matcher.Match(Plan, ShelfSamples.Small, Free);

    [Fact]
    public void Every_suggestion_carries_its_reasons_as_data_and_words()
    {
        Answer.Shortlist.ShouldNotBeEmpty();
        foreach (var setup in Answer.Shortlist)
        {
            setup.Reasons.ShouldContain(reason => reason.Kind == ReasonKind.StillFirst);
            setup.Reasons.ShouldAllBe(reason => !reason.Sentence.IsNothing && reason.Code.Length > 0);
            foreach (var reason in setup.Reasons.Where(reason => reason.Kind == ReasonKind.Fixes))
            {
                reason.After!.Value.ShouldBeLessThanOrEqualTo(0.5 * reason.Before!.Value);
                setup.Limits.Single(limit => limit.Limit.Code == reason.Code).Chance.Share.ShouldBe(reason.After.Value);
            }

            setup.Limits.Select(limit => (-(int)limit.Limit.Harm, -limit.Chance.Share)).ShouldBeInOrder();
            setup.Season.ShouldAllBe(day => day.Boils != null);
        }
    }

    /// <summary>One plan has one chance: what Choose says of a setup is what the judgement says of the plan that "fit this" puts on the car.</summary>
    [Fact]
    public void What_is_told_of_a_row_is_the_judgement_of_the_plan_that_is_fitted()
    {
        foreach (var told in Answer.Shortlist.Take(3).Append(Answer.Fitted).Concat(Answer.Steps.Select(step => step.Setup)))
        {
            var fitted = Selection.OfKey(told.Key, Plan, ShelfSamples.Small)!.On(Plan, Free);
            var judged = Judge.Of(fitted, Population.Prior, new Day(fitted));
            told.Danger.ShouldBe(judged.Danger);
            told.Damage.ShouldBe(judged.Damage);
            told.Holds.ShouldBe(judged.Holds);
            told.Limits.ShouldAllBe(limit => limit.Chance == judged.Of(limit.Limit.Code));
        }
    }

    /// <summary>Pads that wear more slowly than was feared cost less by as much, and the band of their price closes with what is known.</summary>
    [Fact]
    public void Wear_that_was_learnt_is_what_is_paid_for()
    {
        var priced = Plan with { FrontPad = Plan.FrontPad with { PriceAxleSet = 5000 } };
        var belief = Learning.From([new EvidenceDay(priced, [new Observation(ObservationKind.PadWear, Value: 0.05, Error: 0.03)])]).Scoped;
        CostLine Front(ScopedBelief? by) => Matcher.Search(priced, ShelfSamples.Small, Free, belief: by).Answer(MatchStage.Sketch).Fitted.Cost.Lines[0];
        var (before, after, learnt) = (Front(null), Front(belief), belief.WearOf(priced));
        learnt.P50.ShouldBeLessThan(0.7);
        (after.PerHour!.Value / before.PerHour!.Value).ShouldBe(learnt.P50, 0.01);
        (after.HighPerHour!.Value / after.PerHour.Value).ShouldBe(learnt.P90 / learnt.P50, 0.02);
        after.LastsHours!.Value.ShouldBeGreaterThan(before.LastsHours!.Value);
    }

    [Fact]
    public void A_sketch_has_figures_and_no_word()
    {
        var matcher = Matcher.Search(Plan, ShelfSamples.Small, Free);
        var sketch = matcher.Answer(MatchStage.Sketch);
        sketch.Shortlist.ShouldAllBe(setup => setup.Members == 64 && setup.Holds == null);
        (sketch.Outcome, sketch.Verdict).ShouldBe((MatchOutcome.Settling, ""));
        var first = matcher.Answer(MatchStage.First);
        first.Shortlist.Take(3).ShouldAllBe(setup => setup.Members >= 256);
        first.Fitted.Members.ShouldBeGreaterThanOrEqualTo(256);
        first.Steps.ShouldAllBe(step => step.Setup.Members >= 256);
        var whole = matcher.Answer(MatchStage.Whole);
        whole.Shortlist.Select(setup => setup.Key).ShouldBe(Answer.Shortlist.Select(setup => setup.Key),
            "the same question has the same answer, by stages or at once");
    }

    [Fact]
    public void Why_not_that_is_judged_when_it_is_asked()
    {
        var matcher = Matcher.Search(Plan, ShelfSamples.Small, Free);
        var best = matcher.Answer(MatchStage.First).Shortlist[0].Parts.FrontPad.Id;
        var other = ShelfSamples.Small.Pads.First(pad => pad.Id != best && pad.Id != "race-carbon-metallic").Id;
        var why = matcher.Why("frontPad", other)!;
        var fitted = Selection.OfKey(why.Key!, Plan, ShelfSamples.Small)!.On(Plan, Free);
        why.Danger.ShouldBe(Judge.Of(fitted, Population.Prior, new Day(fitted)).Danger);
        (why.Sentence.Code, why.Sentence.Terms[0].Name).ShouldBe(("match-words.with", other));
        matcher.Why("frontPad", "nothing of the kind").ShouldBeNull();
    }

    [Fact]
    public void A_price_that_nobody_entered_is_unknown_and_never_nought()
    {
        var unpriced = ShelfSamples.Small with { Pads = [.. ShelfSamples.Small.Pads.Select(pad => pad with { Body = pad.Body with { PriceAxleSet = null } })] };
        var answer = Matcher.Search(Plan, unpriced, Free).Answer(MatchStage.Sketch);
        var bought = answer.Shortlist.First(setup => setup.Parts.FrontPad.Id != Selection.FittedId);
        bought.Cost.BuyNow.ShouldBeNull();
        bought.Cost.PerSeason.ShouldBeNull();
        bought.Cost.Unknown.ShouldContain(what => what.Code == "running-cost.front-pads");
        bought.Reasons.Single(reason => reason.Code == "money").Sentence.ToString().ShouldContain("reason-finder.unknown-sum");
    }

    [Fact]
    public void The_same_fluid_fresh_is_a_candidate()
    {
        var old = SampleParts.Plan("track-sport", "track-sport") with
        {
            Fluid = new Core.Fluids.BrakeFluid("good", "dot4", 320, 155, 20),
            FluidState = new Core.Fluids.FluidState(60, ReservoirWaterPercent: 6),
            Pace = "novice",
            Stint = new Core.Driving.StintPlan(1, 25, 30)
        };
        var answer = Matcher.Match(old, new Offer([], [], [], [], []), Free with { FreshFluidEachEvent = true });
        answer.Outcome.ShouldBe(MatchOutcome.Steps);
        answer.Shortlist[0].Parts.Fluid.Id.ShouldBe(Selection.FreshId);
        answer.Steps.Single().What.ToString().ShouldContain("step-walk.flush-fresh(good)");
        answer.Steps[0].DangerAfter.UpperBound.ShouldBeLessThan(Thresholds.MostDanger);
    }

    [Fact]
    public void Where_nothing_helps_enough_the_best_and_what_else_would_do_it_are_told()
    {
        var hopeless = SampleParts.Plan() with
        {
            Car = SampleParts.Plan().Car with { MassKg = 2400 },
            Stint = new Core.Driving.StintPlan(2, 30, 10, CoolDownLaps: 0)
        };
        var answer = Matcher.Match(hopeless, new Offer([], [], [], ShelfSamples.Small.Fluids, []), Free);
        answer.Outcome.ShouldBe(MatchOutcome.NothingHelpsEnough);
        answer.Shortlist.ShouldNotBeEmpty();
        // What is said to do it was judged to; where nothing does, that is said.
        var holds = answer.Driving!.Ways.Where(way => way.Holds == true).ToList();
        answer.Verdict.Code.ShouldBe(holds.Count > 0 ? "match-words.nothing-shelf-helps-enough" : "match-words.nothing-does-it-these-help");
        foreach (var way in answer.Driving.Ways)
        {
            answer.Verdict.ToString().Contains(way.What.Code, StringComparison.Ordinal).ShouldBe(holds.Count == 0 || holds.Contains(way), way.Code);
        }

        // The least that is left is told, whichever of the steps and the first row leaves it: the Bench tells the steps.
        var left = answer.Steps.Select(step => step.Setup.Danger).Append(answer.Shortlist[0].Danger).MinBy(danger => danger.Share)!;
        answer.Verdict.ToString().ShouldContain(ChanceWords.WithError(left).ToString());

        // Every way that is told was judged, and helps.
        answer.Driving!.Ways.ShouldAllBe(way => way.Danger.Share <= answer.Shortlist[0].Danger.Share && way.Damage.Share <= answer.Shortlist[0].Damage.Share);
        answer.Driving.Ways[0].Danger.Share.ShouldBeLessThan(answer.Shortlist[0].Danger.Share);
    }

    [Fact]
    public void A_new_set_of_what_is_fitted_is_no_row_of_its_own()
    {
        var plan = SampleParts.Plan("street-performance", "street-performance");
        var again = new Part<Core.Friction.Pad>("again", plan.FrontPad with { Shapes = [], PriceAxleSet = 90 });
        var offer = ShelfSamples.Small with { Pads = [again, .. ShelfSamples.Small.Pads] };
        var rows = Matcher.Search(plan, offer, Free).Answer(MatchStage.Sketch).Shortlist;
        rows.ShouldNotBeEmpty();
        rows.Select(row => row.Key.Replace("again", Selection.FittedId, StringComparison.Ordinal)).ShouldBeUnique();
    }

    [Fact]
    public void Few_track_hours_do_not_make_keeping_everything_first()
    {
        var once = Plan with { Days = [new(DayKind.TrackDay, 1)] };
        var seldom = Matcher.Search(once, ShelfSamples.Small, Free with { Cost = 3 }).Answer(MatchStage.First);
        seldom.Fitted.Danger.Share.ShouldBeGreaterThan(0.1);
        seldom.Shortlist[0].Key.ShouldNotBe(seldom.Fitted.Key);
        seldom.Shortlist[0].Danger.Share.ShouldBeLessThan(0.5 * seldom.Fitted.Danger.Share);
    }

    [Fact]
    public void Every_part_that_is_not_in_the_best_setup_answers_why_not()
    {
        var best = Answer.Shortlist[0].Parts;
        foreach (var pad in ShelfSamples.Small.Pads.Where(pad => pad.Id != best.FrontPad.Id))
        {
            Answer.WhyNot.ShouldContain(why => why.Kind == "frontPad" && why.Part.Id == pad.Id && !why.Sentence.IsNothing);
        }

        var must = Matcher.Search(Plan, ShelfSamples.Small, new Wishes(RoadApprovalMust: true)).Answer(MatchStage.Sketch);
        must.WhyNot.Single(why => why.Kind == "frontPad" && why.Part.Id == "race-carbon-metallic").HardStop!.Code.ShouldBe("road-approval");
        must.Shortlist.ShouldAllBe(setup => setup.Parts.FrontPad.Id != "race-carbon-metallic" && setup.Parts.RearPad.Id != "race-carbon-metallic");
    }

    [Fact]
    public void Steps_never_raise_the_danger_cost_what_they_say_and_end_at_the_first_row_or_say_why()
    {
        Answer.Steps.ShouldNotBeEmpty();
        Answer.Steps[^1].DangerAfter.Share.ShouldBeLessThan(Answer.Fitted.Danger.Share);
        Answer.Steps.Sum(step => step.Buy)!.Value.ShouldBe(Answer.Steps[^1].Setup.Cost.BuyNow!.Value, 1e-6);
        Answer.Steps.ShouldAllBe(step => step.DangerAfter.Share <= step.DangerBefore.Share);
        for (var i = 1; i < Answer.Steps.Count; i++)
        {
            Answer.Steps[i].DangerBefore.ShouldBe(Answer.Steps[i - 1].DangerAfter);
        }

        (Answer.StepsEnd is null).ShouldBe(Answer.Steps[^1].Setup.Key == Answer.Shortlist[0].Key);
    }

    [Fact]
    public void Fluid_comes_first_where_fluid_is_what_gives()
    {
        // Good pads, old wet fluid (common practice: flush first).
        var wet = SampleParts.Plan("track-sport", "track-sport") with
        {
            Fluid = new Core.Fluids.BrakeFluid("old", "dot3", 206, 141),
            FluidState = new Core.Fluids.FluidState(60, ReservoirWaterPercent: 5.5),
            Stint = new Core.Driving.StintPlan(1, 40, 10, CoolDownLaps: 0),
        };
        var answer = Matcher.Search(wet, ShelfSamples.Small, Free).Answer(MatchStage.First);
        var boils = answer.Fitted.Limits.Where(limit => limit.Limit.Code is "front-fluid" or "rear-fluid").Max(limit => limit.Chance.Share);
        boils.ShouldBeGreaterThan(0.3);
        answer.Steps[0].What.ToString().ShouldContain("step-walk.flush");
    }

    [Fact]
    public void A_day_that_holds_needs_nothing()
    {
        var gentle = SampleParts.Plan("track-sport", "track-sport") with { Pace = "novice", Stint = new Core.Driving.StintPlan(1, 8, 30) };
        var answer = Matcher.Match(gentle, ShelfSamples.Small, Free);
        answer.Fitted.Danger.UpperBound.ShouldBeLessThan(Thresholds.MostDanger);
        answer.Fitted.Damage.Share.ShouldBeLessThan(Thresholds.MostDamage);
        answer.Outcome.ShouldBe(MatchOutcome.NothingNeeded);
        answer.Steps.ShouldBeEmpty();
        answer.Verdict.Code.ShouldBe("match-words.nothing-needed-day-like");
        answer.Verdict.ToString().ShouldContain("fitted-verdict.looked");
        var old = Matcher.Match(gentle with { FluidState = new Core.Fluids.FluidState(30) }, ShelfSamples.Small, Free);
        (old.Outcome, old.Due.Single().Code).ShouldBe((MatchOutcome.Due, "fluid-age"));
        old.Shortlist.ShouldNotBeEmpty();
        old.Shortlist.ShouldAllBe(row => row.Parts.Fluid.Id != Selection.FittedId, "what is due is changed first (common practice)");
        old.Steps[0].Setup.Parts.Fluid.Id.ShouldNotBe(Selection.FittedId);
    }

    /// <summary>Slots clear gas, dust and water and keep the bite, and hum; on the road they do nothing (common practice).</summary>
    [Fact]
    public void Slots_win_on_their_merits_where_they_have_any()
    {
        var worn = SampleParts.Plan("track-sport", "track-sport") with { Pace = "novice", Stint = new Core.Driving.StintPlan(1, 8, 30) };
        worn = worn with { FrontRotor = worn.FrontRotor with { ThicknessMm = worn.FrontRotor.MinThicknessMm - 0.1 } };
        var plain = SampleParts.FrontRing with { Name = "plain", Price = 90, Finish = null };
        var slotted = plain with { Name = "slotted", Finish = new Core.Rotors.RotorFinish(Core.Rotors.RotorFace.Slotted) };
        var offer = new Offer([], [new("plain", plain), new("slotted", slotted)], [], [], []);
        string First(Core.Driving.PredictionPlan plan) => Matcher.Search(plan, offer, Free with { Confidence = 3, Cost = 0 }).Answer(MatchStage.Sketch)
            .Shortlist[0].Parts.Rotor.Id;
        First(worn with { Weather = worn.Weather with { Rain = true } }).ShouldBe("slotted");
        First(worn with { Days = [new Core.Driving.PlannedDay("weekday", 200)] }).ShouldBe("plain");
    }

    [Fact]
    public void Bounds_of_the_wishes_are_kept()
    {
        var narrow = Matcher.Search(Plan, ShelfSamples.Small, Free with { MostToBuy = 200, MostColdMetres = 1 }).Answer(MatchStage.Sketch);
        narrow.Shortlist.ShouldAllBe(setup => (setup.Cost.BuyNow ?? 0) <= 200 && setup.Street.ExtraMetres <= 1.4);
    }

    [Fact]
    public void Every_wish_out_of_range_is_refused_by_name()
    {
        var faults = Should.Throw<InputFaultException>(() =>
            Matcher.Match(Plan, ShelfSamples.Small, new Wishes(Consistency: 9, MostDanger: 2))).Faults;
        faults.Select(fault => fault.Field).ShouldBe(["wishes.consistency", "wishes.mostDanger"], ignoreOrder: true);
    }
}
