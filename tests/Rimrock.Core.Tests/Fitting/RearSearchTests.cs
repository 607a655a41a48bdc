using Rimrock.Core.Driving;
using Rimrock.Core.Fitting;
using Rimrock.Core.Judgement;
using Rimrock.Core.Preparation;
using Rimrock.Core.Quantities;
using Rimrock.Core.Rotors;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Tests.Fitting;

/// <summary>What goes on the rear axle: its rotors where they are worn, its air where it gives, and nothing where it does neither (common practice).</summary>
public class RearSearchTests
{
    private static readonly Wishes Free = new(RoadApprovalMust: false);
    private static readonly PredictionPlan Plan = SampleParts.Plan() with { Stint = new StintPlan(1, 20, 20) };
    private static readonly Rotor Own = Plan.RearRotor;
    private static readonly Part<Rotor> Ring = new("ring", Own with { Name = "rear ring", ThicknessMm = FitRules.MadeMm(Plan.Car.Rear, Own), Price = 55 });
    private static readonly Part<DuctKit> Duct = ShelfSamples.Small.Ducts[0];
    private static readonly Offer Offer = ShelfSamples.Small with { Rotors = [Ring] };

    [Fact]
    public void Rear_rotors_that_are_worn_out_are_the_first_step()
    {
        var worn = Plan with { RearRotor = Own with { ThicknessMm = Own.MinThicknessMm - 0.2 } };
        var answer = Matcher.Search(worn, Offer, Free).Answer(MatchStage.First);
        answer.Outcome.ShouldBe(MatchOutcome.Stop);
        answer.Shortlist.ShouldNotBeEmpty();
        answer.Shortlist.ShouldAllBe(row => row.Parts.RearRotor!.Id == "ring");
        answer.Steps[0].Setup.Parts.RearRotor!.Id.ShouldBe("ring");
        HardStops.OfFitted(Selection.OfKey(answer.Shortlist[0].Key, worn, Offer)!.On(worn, Free)).ShouldBeEmpty();

        // Nobody has one: rings as they came with the car stand in.
        var typical = TypicalShelf.With(worn, new Offer([], [], [], [], []), Free, said => said.Name);
        var plain = typical.Rotors.Single(rotor => rotor.Id == TypicalShelf.Mark + "rear-plain").Body;
        plain.ThicknessMm.ShouldBeGreaterThan(Own.MinThicknessMm);
        HardStops.Of(plain, worn, Free, Axle.Rear).ShouldBeNull();
        TypicalShelf.With(Plan, new Offer([], [], [], [], []), Free, said => said.Name).Rotors
            .ShouldNotContain(rotor => rotor.Id == TypicalShelf.Mark + "rear-plain", "those on the car are as good");
    }

    /// <summary>A purse is no reason to drive on what must not be driven on: the cheapest that may is named, and that it costs more than was to be spent.</summary>
    [Fact]
    public void What_must_be_changed_is_not_held_against_the_purse()
    {
        var worn = Plan with { RearRotor = Own with { ThicknessMm = Own.MinThicknessMm - 0.2 } };
        bool IsSaid(MatchAnswer answer) => answer.Remarks.Any(said => said.Code == "match-words.beyond-purse");
        var tight = Matcher.Search(worn, Offer, Free with { MostToBuy = 40 }).Answer(MatchStage.First);
        tight.Shortlist.ShouldNotBeEmpty();
        tight.Shortlist.ShouldAllBe(row => HardStops.OfFitted(Selection.OfKey(row.Key, worn, Offer)!.On(worn, Free)).Count == 0);
        tight.Shortlist.ShouldAllBe(row => row.Cost.BuyNow <= 111);
        IsSaid(tight).ShouldBeTrue();
        var wide = Matcher.Search(worn, Offer, Free with { MostToBuy = 130 }).Answer(MatchStage.First);
        wide.Shortlist.ShouldAllBe(row => row.Parts.RearRotor!.Id == "ring" && row.Cost.BuyNow <= 130);
        IsSaid(wide).ShouldBeFalse();
        IsSaid(Matcher.Search(Plan, Offer, Free with { MostToBuy = 1 }).Answer(MatchStage.Sketch)).ShouldBeFalse("nothing must be changed");
    }

    [Fact]
    public void Rear_rotors_that_burnt_or_cracked_are_changed_first()
    {
        foreach (var trouble in new[] { Trouble.BurntRotor, Trouble.CrackedRotor })
        {
            var burnt = Plan with { Open = [new OpenSign(new DateOnly(2026, 5, 1), trouble, Axle.Rear)] };
            var answer = Matcher.Search(burnt, TypicalShelf.With(burnt, new Offer([], [], [], [], []), Free, said => said.Name), Free).Answer(MatchStage.First);
            answer.Steps[0].Setup.Parts.RearRotor!.Id.ShouldBe(TypicalShelf.Mark + "rear-plain");
            answer.Shortlist.ShouldAllBe(row => row.Parts.RearRotor != null);
        }
    }

    /// <summary>Nobody knows at which axle: other parts of one alone are no answer, and what is offered answers for both.</summary>
    [Theory]
    [InlineData(Trouble.CrackedRotor)]
    [InlineData(Trouble.WornPads)]
    public void What_may_be_at_either_axle_is_mended_at_both(Trouble trouble)
    {
        var worn = Plan with { Open = [new OpenSign(new DateOnly(2026, 5, 1), trouble)] };
        var offer = TypicalShelf.With(worn, new Offer([], [], [], [], []), Free, said => said.Name);
        var answer = Matcher.Search(worn, offer, Free).Answer(MatchStage.First);
        answer.Outcome.ShouldBe(MatchOutcome.Stop);
        answer.Shortlist.ShouldNotBeEmpty();
        answer.Shortlist.ShouldAllBe(row => HardStops.OfFitted(Selection.OfKey(row.Key, worn, offer)!.On(worn, Free)).Count == 0);
        var front = Selection.Fitted(worn) with { FrontPad = new("p", worn.FrontPad), FrontRotor = new("r", worn.FrontRotor) };
        HardStops.OfFitted(front.On(worn, Free)).Single().Sentence.Code.ShouldBe("hard-stops.rear");
    }

    [Fact]
    public void Where_the_rear_gives_its_rotors_and_its_air_are_looked_at()
    {
        // A light rear disc of the same size, under street pads.
        var light = Own with { RingMassKg = 1.6 };
        var plan = SampleParts.Plan("race-sintered", "organic") with { RearRotor = light, Pace = "advanced", FluidState = Plan.FluidState with { AgeMonths = 1 } };
        var heavier = new Part<Rotor>("heavier", light with { Name = "heavier", RingMassKg = 4.5, Price = 60 });
        var offer = new Offer([], [heavier], [Duct], [], []);
        RearSearch.Gives(Life(plan)).ShouldBeTrue();
        var answer = Matcher.Search(plan, offer, Free).Answer(MatchStage.First);
        answer.Shortlist.ShouldContain(row => row.Parts.RearRotor != null || row.Parts.RearDuct != null);

        // Where it does not, nothing there is touched, and who asks is answered.
        var calm = Plan with { Pace = "novice", Days = [new PlannedDay("weekday", 200)] };
        RearSearch.Gives(Life(calm)).ShouldBeFalse();
        var matcher = Matcher.Search(calm, offer, Free);
        matcher.Answer(MatchStage.First).Shortlist.ShouldAllBe(row => row.Parts.RearRotor == null && row.Parts.RearDuct == null);
        matcher.Why("rearRotor", "heavier")!.Danger.ShouldNotBeNull();

    }

    [Fact]
    public void Where_nothing_else_holds_rear_calipers_are_looked_at_and_come_last()
    {
        var (sample, light) = (SampleParts.Plan("race-sintered", "organic"), Own with { RingMassKg = 1.2 });
        var plan = sample with { RearRotor = light, Pace = "advanced", Car = sample.Car with { Rear = sample.Car.Rear with { PadShape = "A" } } };
        var kit = new Part<CaliperKit>("behind", new CaliperKit("rear kit", sample.Car.Rear with { PadShape = "R", PadAreaCm2 = 60 },
            light with { Name = "its ring", RingMassKg = 6 }, Price: 700, Rear: true, HoldsParked: true));
        var pad = new Part<Core.Friction.Pad>("p", sample.FrontPad with { Name = "rear race", Shapes = ["R"], PriceAxleSet = 90 });
        var offer = new Offer([pad], [], [], [new("f", plan.Fluid with { Name = "good", DryC = 330, WetC = 210, PriceLitre = 50 })], [], [kit]);
        var setup = (Selection.Fitted(plan) with { RearPad = pad, Fluid = offer.Fluids[0] }).With(kit);
        Selection.OfKey(setup.Key(), plan, offer).ShouldBe(setup);
        var on = setup.On(plan, Free);
        (on.Car.Rear, on.RearRotor, on.RearKit!.Replaces, on.Car.Front).ShouldBe((kit.Body.Brake, kit.Body.Rotor, plan.Car.Rear, plan.Car.Front));
        on.Faults().ShouldBeEmpty();

        // Ready orders and times it as Choose counted it.
        var order = WorkOrder.Of(plan, on, freshFluid: false);
        order.Refused.ShouldBeEmpty();
        order.Order.Sum(item => item.Price ?? 0).ShouldBe(RunningCost.BuyNowOf(setup, plan)!.Value, 0.01);
        order.Hours.P50.ShouldBe(Effort.Hours(setup, plan), 0.05);

        // The front gives too, and no rear kit mends that: it is looked at, and not offered.
        var matcher = Matcher.Search(plan, offer, Free);
        matcher.Answer(MatchStage.First).Shortlist.ShouldAllBe(row => !row.Key.Contains("kit:"));
        matcher.Why("caliper", "behind")!.Danger.ShouldNotBeNull();

        // On the way to it fluid comes first, the calipers with their own pads last, and the front stays.
        var judge = new SetupJudge(plan, offer, Free, new Year(plan), Core.Beliefs.ScopedBelief.Nothing);
        var counted = new Dictionary<string, CountedSetup>();
        void Count(DrawnSetup one) => counted.TryAdd(one.Key, judge.Judged([one], sketch: true, null, CancellationToken.None)[one.Key]);
        var (fitted, target) = (judge.Known(Selection.Fitted(plan))!, judge.Known(setup)!);
        Count(fitted);
        Count(target);
        var walk = new StepWalk(plan, Free, judge, one => RunningCost.BuyNowOf(one, plan) ?? 0, one => counted[one.Key], (one, _) => Count(one));
        var steps = walk.To(fitted, SetupJudge.Told(fitted, counted[fitted.Key], null), target).Steps;
        steps[^1].Setup.Key.ShouldBe(setup.Key());
        steps.SkipLast(1).ShouldAllBe(step => !step.Setup.Key.Contains("kit:"));
        steps.Sum(step => step.Buy ?? 0).ShouldBeGreaterThanOrEqualTo(RunningCost.BuyNowOf(setup, plan)!.Value - 0.01);

        // Where the rear does nothing, its calipers are left alone.
        var calm = Plan with { Pace = "novice", Days = [new PlannedDay("weekday", 200)] };
        Matcher.Search(calm, offer, Free).Answer(MatchStage.First).Shortlist.ShouldAllBe(row => !row.Key.Contains("kit:"));
    }

    private static JudgedLife Life(PredictionPlan of)
    {
        var judge = new SetupJudge(of, new Offer([], [], [], [], []), Free, new Year(of), Core.Beliefs.ScopedBelief.Nothing);
        var fitted = judge.Draw(Selection.Fitted(of));
        return judge.Judged([fitted], sketch: true, null, CancellationToken.None)[fitted.Key].Life;
    }

    [Fact]
    public void Ready_orders_and_times_rear_parts_as_choose_counted_them()
    {
        var setup = Selection.Fitted(Plan) with { RearRotor = Ring, RearDuct = Duct, Duct = Duct };
        Selection.OfKey(setup.Key(), Plan, Offer).ShouldBe(setup);
        Selection.OfKey(setup.Key(), Plan, Offer with { Rotors = [] }).ShouldBeNull();
        var on = setup.On(Plan, Free);
        (on.RearRotor, on.RearDuct!.HoseMm, on.DuctPrice).ShouldBe((Ring.Body, Duct.Body.Duct.HoseMm, 220));
        var order = WorkOrder.Of(Plan, on, freshFluid: false);
        order.Refused.ShouldBeEmpty();
        order.Order.Sum(item => item.Price ?? 0).ShouldBe(110 + 220);
        RunningCost.BuyNowOf(setup, Plan).ShouldBe(110 + 220);
        order.Hours.P50.ShouldBe(Effort.Hours(setup, Plan), 0.051);
        order.Steps.ShouldContain(step => step.Code == "rear-ducts");

        // What goes on behind is gated by the rear calipers.
        HardStops.Of(Plan.FrontRotor with { OuterDiameterMm = Own.OuterDiameterMm + 20, BracketForMm = null }, Plan, Free, Axle.Rear)!.Code.ShouldBe("rotor-diameter");
    }
}
