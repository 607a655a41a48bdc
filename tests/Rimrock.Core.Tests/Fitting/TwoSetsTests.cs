using Rimrock.Core.Driving;
using Rimrock.Core.Fitting;
using Rimrock.Core.Friction;
using Rimrock.Core.Quantities;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Tests.Fitting;

/// <summary>One set that does it all, or two that are swapped (common practice).</summary>
public class TwoSetsTests
{
    private static readonly Pad Street = new("street", "organic", PriceAxleSet: 60, RoadApproved: true);
    private static readonly Pad Track = new("track", "track-sport", PriceAxleSet: 250, RoadApproved: true);

    private static readonly PredictionPlan Plan = SampleParts.Plan() with
    {
        FrontPad = Street,
        RearPad = Street,
        Days = [new(DayKind.TrackDay, 4), new("weekday", 200)],
    };

    private static MatchAnswer Of(Pad pad, PredictionPlan? plan = null) =>
        Matcher.Match(plan ?? Plan, new Offer([new("pad", pad)], [], [], [new("fresh", new("fresh", "dot4", 310, 195, PriceLitre: 40))], []),
            new Wishes(RoadApprovalMust: false, MostColdMetres: null));

    private static Said? Told(MatchAnswer answer, string code) => answer.Remarks.FirstOrDefault(remark => remark.Code == code);

    [Fact]
    public void Track_pads_for_four_days_are_set_against_a_swap_for_each_of_them()
    {
        var answer = Of(Track);
        answer.Shortlist[0].Parts.FrontPad.Name.ShouldBe("track");
        Told(answer, "two-sets.left-on-all-year").ShouldNotBeNull();
        var swap = Told(answer, "two-sets.swapped-for-each-event").ShouldNotBeNull();
        swap.Terms[0].Part!.Terms.ShouldNotBeNull();

        // Both axles take 1.6 h (0.8 h each), there and back four times: 12.8 h.
        swap.Terms[1].Figure!.Value.Value.ShouldBe(1.6, 1e-9);
        swap.Terms[2].Figure!.Value.Value.ShouldBe(12.8, 1e-9);
    }

    [Fact]
    public void Pads_without_approval_are_swapped_at_the_circuit()
    {
        var answer = Of(Track with { RoadApproved = false });
        Told(answer, "two-sets.not-for-the-road").ShouldNotBeNull();
        Told(answer, "two-sets.left-on-all-year").ShouldBeNull();
        Told(answer, "two-sets.swapped-for-each-event")!.Terms[^1].Part!.Code.ShouldBe("two-sets.swap-at-the-circuit");
    }

    [Fact]
    public void One_set_is_enough_where_the_road_is_not_driven_or_the_pads_brake_cold()
    {
        Of(Track, Plan with { Days = [new(DayKind.TrackDay, 4)] }).Remarks.ShouldAllBe(remark => !remark.Code.StartsWith("two-sets", StringComparison.Ordinal));
        Of(Street with { Name = "other street" }).Remarks.ShouldAllBe(remark => !remark.Code.StartsWith("two-sets", StringComparison.Ordinal));
    }

    /// <summary>Firm lines count where the driver asks for confidence most, and cost more than they give where nobody asks (common practice).</summary>
    [Theory]
    [InlineData(3, true)]
    [InlineData(0, false)]
    public void Braided_lines_win_on_a_firm_pedal(int confidence, bool bought)
    {
        var offer = new Offer([new("sport", new Pad("sport", "track-sport", PriceAxleSet: 150))], [], [],
            [new("fresh", new("fresh", "dot4", 310, 195, PriceLitre: 40))], [new("braided", new LineKit("braided", BrakeLine.Braided, Price: 90))]);
        var answer = Matcher.Match(SampleParts.Plan(), offer, new Wishes(Confidence: confidence, Cost: 1, RoadApprovalMust: false, FreshFluidEachEvent: true));
        (answer.Shortlist[0].Parts.Lines is not null).ShouldBe(bought);
    }

    /// <summary>Hoses of ten years come off first, whatever the heat says (common practice).</summary>
    [Fact]
    public void Aged_hoses_are_a_first_step()
    {
        var offer = new Offer([new("sport", new Pad("sport", "track-sport", PriceAxleSet: 150))], [], [],
            [new("fresh", new("fresh", "dot4", 310, 195, PriceLitre: 40))], [new("rubber", new LineKit("new rubber", BrakeLine.Rubber, Price: 60))]);
        var answer = Matcher.Match(SampleParts.Plan() with { Lines = BrakeLine.AgedRubber }, offer, new Wishes(RoadApprovalMust: false));
        answer.Steps[0].Setup.Parts.Lines!.Name.ShouldBe("new rubber");
    }

    /// <summary>What the class keeps is refused with that reason, and everything else is still offered.</summary>
    [Theory]
    [InlineData(ClassPart.Pads)]
    [InlineData(ClassPart.Fluid)]
    [InlineData(ClassPart.Lines)]
    [InlineData(ClassPart.Rotors)]
    [InlineData(ClassPart.Ducts)]
    public void A_class_keeps_each_part(ClassPart kept)
    {
        var wishes = new Wishes(RoadApprovalMust: false, ClassKeeps: [kept]);
        var plan = SampleParts.Plan();
        (ClassPart Part, HardStop? Stop)[] stops =
        [
            (ClassPart.Pads, HardStops.Of(new Pad("sport", "track-sport"), Axle.Front, plan.FrontRotor, plan, wishes)),
            (ClassPart.Fluid, HardStops.Of(new Core.Fluids.BrakeFluid("other", "dot4", 310, 195), plan, wishes)),
            (ClassPart.Lines, HardStops.Of(new LineKit("braided", BrakeLine.Braided), plan.Car, wishes)),
            (ClassPart.Rotors, HardStops.Of(plan.FrontRotor with { Name = "slotted" }, plan, wishes)),
            (ClassPart.Ducts, HardStops.Of(new DuctKit("duct", new WheelDuct(76, Shield.Trimmed)), plan, wishes)),
        ];
        foreach (var (part, stop) in stops)
        {
            (stop?.Code).ShouldBe(part == kept ? "class-rules" : null, $"{part}");
        }

        HardStops.Of(plan.Fluid, plan, wishes).ShouldBeNull("the same fluid, fresh, is always allowed");
    }
}
