using Rimrock.Core.Driving;
using Rimrock.Core.Fitting;
using Rimrock.Core.Garage;
using Rimrock.Core.Preparation;
using Rimrock.Core.Quantities;
using Rimrock.Core.Tests.Fitting;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Tests.Preparation;

/// <summary>Pads that lie in the garage are paid for, and as thick as they are, in Choose as in Ready.</summary>
public class StockInChooseTests
{
    private static readonly Wishes Free = new(RoadApprovalMust: false);
    private static readonly PredictionPlan Plan = SampleParts.Plan() with { Stint = new StintPlan(1, 20, 20) };
    private static readonly StockSet Lying = new("track-sport", Axle.Front, 7.5);

    private static Stock Of(params StockSet[] sets) => new(sets, [], null);

    [Fact]
    public void What_lies_in_the_garage_is_chosen_and_ordered_for_nothing()
    {
        var offer = StockSet.Offered(ShelfSamples.Small, Plan, Of(Lying, Lying with { LeftMm = 6 }));
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
        var answer = Matcher.Search(Plan, StockSet.Offered(ShelfSamples.Small with { Pads = [ShelfSamples.Small.Pads[2]] }, Plan, Of(Lying with { LeftMm = Plan.Car.Front.PadNewMm })),
            Free with { Cost = 3 }).Answer(MatchStage.Sketch);
        answer.Shortlist[0].Parts.FrontPad.Id.ShouldBe("stock:front:track-sport");
        answer.Shortlist.ShouldAllBe(row => row.Parts.RearPad.Id != "stock:front:track-sport", "a front set is no rear one");
    }

    [Fact]
    public void An_opened_bottle_is_drawn_from_for_nothing_and_brings_its_months()
    {
        var wanted = ShelfSamples.Small.Fluids[0];
        var open = new OpenedBottle(wanted.Body.Name, new DateOnly(2026, 5, 1), 2, RunningCost.FlushLitres(Plan.Car), new DateOnly(2026, 9, 1));
        Stock On(DateOnly? today) => new([], [open], today);
        var stock = On(new DateOnly(2026, 7, 1));
        var offer = StockSet.Offered(ShelfSamples.Small, Plan, stock);
        var part = offer.Fluids.Single(fluid => fluid.Body.Name == wanted.Body.Name);
        (part.Id, part.LeftLitres).ShouldBe(($"stock:{wanted.Id}", open.Litres));
        var setup = Selection.Fitted(Plan) with { Fluid = part };
        Selection.OfKey(setup.Key(), Plan, offer).ShouldBe(setup);
        RunningCost.BuyNowOf(setup, Plan).ShouldBe(0.0);
        var (on, sealedOne) = (setup.On(Plan, Free), (setup with { Fluid = wanted }).On(Plan, Free));
        (on.FluidState.AgeMonths - sealedOne.FluidState.AgeMonths).ShouldBe(2, 1e-9);

        // Ready draws from the same bottle, for nothing too, and counts its months once.
        WorkOrder.Of(Plan, on, freshFluid: false, stock: stock).Order.Sum(item => item.Price ?? 0).ShouldBe(0);
        WorkOrder.Finished(Plan, on, freshFluid: false, stock).FluidState.AgeMonths.ShouldBe(on.FluidState.AgeMonths, 1e-9);
        WorkOrder.Finished(Plan, sealedOne, freshFluid: false, stock).FluidState.AgeMonths.ShouldBe(on.FluidState.AgeMonths, 1e-9);

        // Past its day, or where nobody says which day it is, or with too little left, a new one is bought.
        foreach (var none in new[] { On(new DateOnly(2026, 9, 2)), On(null), new Stock([], [open with { Litres = 0.2 }], stock.Today) })
        {
            StockSet.Offered(ShelfSamples.Small, Plan, none).Fluids.ShouldBe(ShelfSamples.Small.Fluids);
        }

        // Hoses open the lines: the car's own fluid out of its opened bottle costs nothing either, even where it is on no shelf.
        var own = open with { Fluid = Plan.Fluid.Name };
        var shelf = ShelfSamples.Small with { Fluids = [], Lines = [new("hoses", new LineKit("steel", BrakeLine.Braided, true, 90))] };
        var with = StockSet.Offered(shelf, Plan, stock with { Bottles = [own] });
        var hoses = Selection.OfKey("fitted|fitted|fitted|fitted|fitted|hoses", Plan, with)!;
        RunningCost.BuyNowOf(hoses, Plan).ShouldBe(90.0);

        // Bled with what is in the reservoir, in both rooms: it stays as old as it was.
        WorkOrder.Finished(Plan, hoses.On(Plan, Free), freshFluid: false, stock with { Bottles = [own] }).FluidState.AgeMonths
            .ShouldBe(hoses.On(Plan, Free).FluidState.AgeMonths);
        RunningCost.BuyNowOf(Selection.OfKey("fitted|fitted|fitted|fitted|fitted|hoses", Plan, shelf)!, Plan).ShouldNotBe(90.0);
    }

    [Fact]
    public void What_is_nearly_worn_or_of_other_calipers_stays_where_it_lies()
    {
        Offer Of(StockSet set) => StockSet.Offered(ShelfSamples.Small, Plan, new Stock([set], [], null));
        bool HasStock(Offer offer) => offer.Pads.Any(pad => pad.LeftMm is not null);
        HasStock(Of(Lying)).ShouldBeTrue();
        HasStock(Of(Lying with { LeftMm = Plan.Car.Front.PadLimitMm + 1 })).ShouldBeFalse();
        HasStock(Of(Lying with { From = Plan.Car.Front with { PadShape = "other", PadHeightMm = 80 } })).ShouldBeFalse();
        HasStock(Of(Lying with { Pad = "of which nobody knows the figures" })).ShouldBeFalse();
    }
}
