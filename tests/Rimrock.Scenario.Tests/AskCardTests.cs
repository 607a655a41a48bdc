using Rimrock.Core.Driving;
using Rimrock.Core.Fitting;
using Rimrock.Core.Fluids;
using Rimrock.Core.Judgement;
using Rimrock.Core.Quantities;

namespace Rimrock.Scenario.Tests;

/// <summary>
/// The card against the judgement: parts that just meet what it tells hold on that very car. Twelve cars in every run, two hundred in the long form
/// (RIMROCK_LONG=1).
/// </summary>
public class AskCardTests
{
    private const int FewCars = 12;
    private const int ManyCars = 200;

    public static TheoryData<int> Seeds =>
        [.. Enumerable.Range(1, Environment.GetEnvironmentVariable("RIMROCK_LONG") == "1" ? ManyCars : FewCars)];

    /// <summary>A street car that is driven gently asks for what any counter has (common practice).</summary>
    [Fact]
    public void A_commuter_asks_for_what_any_counter_has()
    {
        var plan = AnyCarTests.Drawn(1) with { Days = [new("commute", 200)], Pace = "novice" };
        var card = AskCards.Of(plan, new Wishes());
        card.Holds.ShouldBeTrue($"{card}");
        card.Pads.Front.ToFaceC.ShouldBeLessThan(400);
        card.DryC.ShouldBeInRange(230, 265, "a usual bottle, and no less than the class that cars ask for (FMVSS 116: 230 dry, 155 wet)");
        card.WetC.ShouldBeGreaterThanOrEqualTo(155);
    }

    [Theory]
    [MemberData(nameof(Seeds))]
    public void A_part_that_just_meets_the_card_holds(int seed)
    {
        var plan = AnyCarTests.Drawn(seed);
        var wishes = new Wishes(FreshFluidEachEvent: true);
        var card = AskCards.Of(plan, wishes);
        var which = $"{plan.Car.MassKg} kg, {plan.Car.PowerKw} kW, {plan.Pace}: {card}";
        foreach (var axle in Axles.Both)
        {
            card.Pads[axle].ToFaceC.ShouldBeGreaterThanOrEqualTo(card.Pads[axle].ToEmbeddedC, which);
            card.Pads[axle].LeastMu.ShouldBeInRange(0.3, 0.56, which);
        }

        if (!card.Holds)
        {
            // Pads and fluid alone are not enough: it says what still gives.
            card.StillGives.ShouldNotBeNull(which);
            (card.StillGives is "front-fluid" or "rear-fluid" && !card.IsRareBottle).ShouldBeFalse($"a better bottle is sold: {which}");
            return;
        }

        var (front, rear) = (card.Pads.Front, card.Pads.Rear);
        var on = plan with
        {
            FrontPad = AskCards.JustMeets(front.LeastMu, front.ColdMu, front.FromC, front.ToFaceC),
            RearPad = AskCards.JustMeets(rear.LeastMu, rear.ColdMu, rear.FromC, rear.ToFaceC),
            FrontPadMm = null,
            RearPadMm = null,
            Fluid = new BrakeFluid("as told", plan.Car.AsksFluid ?? "dot4", card.DryC, Math.Clamp(card.DryC - 90, 155, 250)),
            FluidState = plan.FluidState with { AgeMonths = FluidSeason.OldestMonths(freshEachEvent: true), ReservoirWaterPercent = null },
        };
        var year = new Year(on);
        var life = new JudgedLife([.. on.EachDay().Select((day, i) => Judge.Of(day, Core.Beliefs.Population.Prior, year.Days[i]))]);
        life.Holds.ShouldBe(true, $"{which}; danger {life.Danger.Share:0.000}, damage {life.Damage.Share:0.000}");
    }
}
