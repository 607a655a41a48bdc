using Rimrock.Core.Driving;
using Rimrock.Core.Fitting;
using Rimrock.Core.Preparation;
using Rimrock.Core.Quantities;
using Rimrock.Core.Tests.Fitting;

namespace Rimrock.Core.Tests.Preparation;

/// <summary>Pads that lie in the garage are paid for, and as thick as they are, in Choose as in Ready.</summary>
public class StockInChooseTests
{
    private static readonly Wishes Free = new(RoadApprovalMust: false);
    private static readonly PredictionPlan Plan = SampleParts.Plan() with { Stint = new StintPlan(1, 20, 20) };
    private static readonly StockSet Lying = new("track-sport", Axle.Front, 7.5);

    [Fact]
    public void What_lies_in_the_garage_is_chosen_and_ordered_for_nothing()
    {
        var offer = StockSet.Offered(ShelfSamples.Small, Plan, [Lying, Lying with { LeftMm = 6 }]);
        var part = offer.Pads.Single(pad => pad.LeftMm is not null);
        (part.Id, part.LeftMm, part.At).ShouldBe(("stock:front:track-sport", 7.5, Axle.Front));
        var setup = Selection.Fitted(Plan) with { FrontPad = part };
        Selection.OfKey(setup.Key(), Plan, offer).ShouldBe(setup);
        var on = setup.On(Plan, Free);
        (on.FrontPad.Name, on.FrontPadMm).ShouldBe(("track-sport", 7.5));
        RunningCost.BuyNowOf(setup, Plan).ShouldBe(0.0);

        // Ready takes the same set, and leaves the same pads on the car.
        var stock = new Stock([Lying with { LeftMm = 6 }, Lying], [], null);
        WorkOrder.Of(Plan, on, freshFluid: false, stock: stock).Order.Sum(item => item.Price ?? 0).ShouldBe(0);
        WorkOrder.Finished(Plan, on, freshFluid: false, stock).FrontPadMm.ShouldBe(7.5);

        // Between the same pads bought and lying there, nobody buys.
        var answer = Matcher.Search(Plan, StockSet.Offered(ShelfSamples.Small with { Pads = [ShelfSamples.Small.Pads[2]] }, Plan, [Lying with { LeftMm = Plan.Car.Front.PadNewMm }]),
            Free with { Cost = 3 }).Answer(MatchStage.Sketch);
        answer.Shortlist[0].Parts.FrontPad.Id.ShouldBe("stock:front:track-sport");
        answer.Shortlist.ShouldAllBe(row => row.Parts.RearPad.Id != "stock:front:track-sport", "a front set is no rear one");
    }

    [Fact]
    public void What_is_nearly_worn_or_of_other_calipers_stays_where_it_lies()
    {
        Offer Of(StockSet set) => StockSet.Offered(ShelfSamples.Small, Plan, [set]);
        bool HasStock(Offer offer) => offer.Pads.Any(pad => pad.LeftMm is not null);
        HasStock(Of(Lying)).ShouldBeTrue();
        HasStock(Of(Lying with { LeftMm = Plan.Car.Front.PadLimitMm + 1 })).ShouldBeFalse();
        HasStock(Of(Lying with { From = Plan.Car.Front with { PadShape = "other", PadHeightMm = 80 } })).ShouldBeFalse();
        HasStock(Of(Lying with { Pad = "of which nobody knows the figures" })).ShouldBeFalse();
    }
}
