using Rimrock.Core.Driving;
using Rimrock.Core.Fluids;
using Rimrock.Core.Friction;
using Rimrock.Core.Garage;
using Rimrock.Core.Preparation;
using Rimrock.Core.Quantities;
using Rimrock.Core.Rotors;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Tests.Preparation;

public class WorkOrderTests
{
    private static readonly PredictionPlan Before = SampleParts.Plan();

    private static PredictionPlan Sport => Before with { FrontPad = new Pad("sport", "track-sport", PriceAxleSet: 210) };

    private static IReadOnlyList<string> Steps(PredictionPlan after, bool fresh = false) =>
        [.. WorkOrder.Of(Before, after, fresh).Steps.Select(step => step.Code)];

    [Fact]
    public void Nothing_changed_is_no_work()
    {
        var order = WorkOrder.Of(Before, Before, false);
        order.Changes.ShouldBeEmpty();
        order.Order.ShouldBeEmpty();
        order.Steps.ShouldBeEmpty();
        order.Hours.P90.ShouldBe(0);
    }

    [Fact]
    public void Pads_alone_leave_the_hydraulics_closed()
    {
        var steps = Steps(Sport);
        steps.ShouldNotContain("bleed");
        steps.ShouldNotContain("fluid-out");
        steps.ShouldContain("pads-in");
        steps[^1].ShouldBe("bed");
        var order = WorkOrder.Of(Before, Sport, false).Order;
        order.Select(item => item.Price).ShouldBe([0, 210], "its shape is looked at, then it is ordered");
    }

    [Fact]
    public void The_order_is_the_trades()
    {
        // Common practice: fluid out, lines one side first, pads out, rotors, pads in, fill, bleed, leaks, firm pedal, wheels, bed.
        var after = Sport with
        {
            Lines = BrakeLine.Braided,
            FrontRotor = SampleParts.FrontRing
            with
            { Name = "curved", Vanes = VaneKind.Curved, Construction = RotorConstruction.TwoPiece }
        };
        string[] expected = ["stands", "fluid-out", "lines-first-side", "lines-sweep", "lines-other-side", "pads-out", "pads-look", "hub-clean", "rotor-hand",
            "rotors-on", "rotor-bolts", "pads-in", "fill", "bleed-screws", "bleed", "clutch", "abs", "level", "leaks", "pedal", "wheels", "bed", "waste"];
        Steps(after).ShouldBe(expected);
    }

    [Fact]
    public void Straight_vanes_need_no_hand_check_and_one_piece_rotors_no_nuts()
    {
        var steps = Steps(Before with { FrontRotor = SampleParts.FrontRing with { Name = "new" } });
        steps.ShouldNotContain("rotor-hand");
        steps.ShouldNotContain("rotor-bolts");
    }

    [Fact]
    public void Fluid_comes_in_whole_bottles_and_leftovers_have_a_use()
    {
        var small = Before with { Fluid = new BrakeFluid("half litres", "dot4", 270, 190, 40, BottleLitres: 0.5) };
        var item = WorkOrder.Of(Before, small, false).Order.Single();
        (item.Count, item.Price).ShouldBe((2, 40));
        item.Note!.Code.ShouldStartWith("work-order.opened-bottle");
        var large = Before with { Fluid = new BrakeFluid("big", "dot4", 270, 190, 20, BottleLitres: 5) };
        WorkOrder.Of(Before, large, false, ["the coupe"]).Order.Single().Note!.Terms.ShouldContain("the coupe");
    }

    [Fact]
    public void Every_step_says_why_and_how_to_check_and_dangerous_ones_warn()
    {
        var order = WorkOrder.Of(Before, Sport with { Lines = BrakeLine.Braided }, true);
        order.Steps.ShouldAllBe(step => !step.Reason.IsNothing && !step.Check.IsNothing);
        order.Steps.Select(step => step.Code).Distinct().Count().ShouldBe(order.Steps.Count);
        foreach (var code in new[] { "stands", "fluid-out", "leaks", "pedal", "bed" })
        {
            order.Steps.Single(step => step.Code == code).Caution.ShouldNotBeNull(code);
        }
    }

    [Theory]
    [InlineData(BleedOrder.FurthestFirst, "right rear, left rear, right front, left front")]
    [InlineData(BleedOrder.Crosswise, "right rear, left front, left rear, right front")]
    [InlineData(BleedOrder.NearestFirst, "left front, right front, left rear, right rear")]
    public void The_bleed_order_is_the_cars(BleedOrder bleeding, string corners)
    {
        var after = Before with { Car = Before.Car with { Bleeding = bleeding } };
        WorkOrder.Of(Before, after, true).Steps.Single(step => step.Code == "bleed").Title.Terms.Single().Part!.Terms
            .Select(term => term.Part!.Code["bleed-corners.".Length..].Replace('-', ' ')).ShouldBe(corners.Split(", "));
    }

    /// <summary>What lies in the garage is not bought again, and what is nearly worn does not go on: common practice.</summary>
    [Fact]
    public void Pads_in_stock_go_on_before_new_ones_are_ordered()
    {
        StockSet Lying(double mm, string? name = null) => new(name ?? Sport.FrontPad.Name, Axle.Front, mm);
        WorkOrder With(StockSet set) => WorkOrder.Of(Before, Sport, false, stock: Stock.None with { Sets = [set] });
        static OrderItem Front(WorkOrder order) => order.Order.First(item => item.What.Code == "work-order.figure");
        var order = With(Lying(8));
        order.FromStock.ShouldBe(new Axles<bool>(true, false));
        (Front(order).Price, Front(order).Note!.Code).ShouldBe((0, "work-order.from-your-stock"));
        WorkOrder.Finished(Before, Sport, false, Stock.None with { Sets = [Lying(8)] }).FrontPadMm.ShouldBe(8);
        With(Lying(8, "others")).FromStock!.Value.Front.ShouldBeFalse();

        // What came out of calipers of another size or shape does not go into these.
        With(Lying(8) with { From = Before.Car.Front }).FromStock!.Value.Front.ShouldBeTrue();
        With(Lying(8) with { From = Before.Car.Front with { PadAreaCm2 = 78 } }).FromStock!.Value.Front.ShouldBeFalse();
        var kit = new CaliperKit("kit", Before.Car.Front with { PadShape = "K" }, Before.FrontRotor);
        var kitted = Sport.With(kit) with { FrontPad = Sport.FrontPad };
        foreach (var from in new[] { null, Before.Car.Front with { PadShape = "A" } })
        {
            WorkOrder.Of(Before, kitted, false, stock: Stock.None with { Sets = [Lying(8) with { From = from }] }).FromStock!.Value.Front.ShouldBeFalse();
        }
        With(Lying(Before.Car.Front.PadLimitMm + 1)).FromStock!.Value.Front.ShouldBeFalse("nearly worn");
        Front(WorkOrder.Of(Before, Sport, false)).Price.ShouldBe(Sport.FrontPad.PriceAxleSet);
    }

    /// <summary>What is left of a bottle is used up before another is opened, by its day, and brings its months along: common practice.</summary>
    [Fact]
    public void An_opened_bottle_is_drawn_from_before_another_is_bought()
    {
        var today = new DateOnly(2026, 5, 1);
        var name = Before.Fluid.Name;
        Stock With(double litres, DateOnly? useBy) => new([], [new OpenedBottle(name, today.AddDays(-60), 2, litres, useBy)], today);
        var drawn = WorkOrder.Of(Before, Before, true, stock: With(1, today)).Order.Single();
        (drawn.Price, drawn.Note!.Code).ShouldBe((0, "work-order.from-opened-bottle"));
        WorkOrder.Finished(Before, Before, true, With(1, today)).FluidState.AgeMonths.ShouldBe(2);
        foreach (var none in new[] { With(1, today.AddDays(-1)), With(0.5, today) })
        {
            WorkOrder.Of(Before, Before, true, stock: none).Order.Single().Note!.Code.ShouldNotBe("work-order.from-opened-bottle");
            WorkOrder.Finished(Before, Before, true, none).FluidState.AgeMonths.ShouldBe(0);
        }

        // What is left over is told with its day.
        var big = Before with { Fluid = Before.Fluid with { Name = "big", BottleLitres = 5 } };
        var left = WorkOrder.Of(Before, big, false, stock: Stock.None with { Today = today }).Order.Single().Note!;
        left.Terms.Select(term => term.Part?.Code).ShouldContain("work-order.use-it-by");
        WorkOrder.Of(Before, big, false).Order.Single().Note!.Terms.Select(term => term.Part?.Code).ShouldContain("work-order.use-it-within");
    }

    [Fact]
    public void A_new_set_of_the_same_pads_is_ordered_where_the_old_one_is_worn()
    {
        var worn = Before with { FrontPadMm = 2.4 };
        var order = WorkOrder.Of(worn, Before, false);
        order.Changes.Single().Code.ShouldBe("change.front-anew");
        order.Order.ShouldContain(item => item.What.Code == "work-order.figure");
        order.Steps.ShouldContain(step => step.Code == "bed");
        WorkOrder.Of(worn, worn, false).Order.ShouldBeEmpty();
    }

    [Fact]
    public void Worn_rings_are_ordered_without_the_hats_that_stay()
    {
        var ring = SampleParts.FrontRing with { Construction = RotorConstruction.TwoPiece, Price = 300, Finish = new RotorFinish(RingPrice: 170) };
        var items = WorkOrder.Of(Before with { FrontRotor = ring with { ThicknessMm = 26.2 } }, Before with { FrontRotor = ring }, false).Order;
        items.Single(item => item.What.Code == "work-order.figure").Price.ShouldBe(340);
        items.ShouldContain(item => item.What.Code == "work-order.bolts-one-time-nuts");
        WorkOrder.Of(Before, Before with { FrontRotor = ring }, false).Order.Single(item => item.What.Code == "work-order.figure").Price.ShouldBe(600);
    }

    /// <summary>A change of chemistry is a job of its own (common practice); into silicone nobody is helped.</summary>
    [Fact]
    public void Out_of_silicone_everything_is_stripped_and_sealed_anew()
    {
        var silicone = Before with { Fluid = new BrakeFluid("silicone", "dot5", 290, 255) };
        var order = WorkOrder.Of(silicone, Before, false);
        order.Refused.ShouldBeEmpty();
        order.Steps.Select(step => step.Code).ShouldBe(["stands", "fluid-out", "chemistry-strip", "chemistry-seals", "fill", "bleed-screws", "bleed", "clutch",
            "abs", "level", "leaks", "pedal", "wheels", "waste"]);
        order.Order.Single(item => item.What.Code == "work-order.seals-throughout").Price.ShouldBeNull();
        order.Hours.P50.ShouldBeGreaterThan(8);
        WorkOrder.Of(Before with { Car = Before.Car with { Electronics = false } },
            silicone with { Car = Before.Car with { Electronics = false } }, false).Refused.ShouldContain(stop => stop.Code == "silicone-mix");
    }

    [Theory]
    [InlineData(BleedWay.TwoPeople, "work-steps.two-press-hold-open", "work-order.second-person")]
    [InlineData(BleedWay.OnePerson, "work-steps.alone-slow-strokes", "work-order.one-way-valve")]
    [InlineData(BleedWay.Vacuum, "work-steps.vacuum-at-screw", "work-order.vacuum-pump")]
    public void Each_way_of_bleeding_has_its_own_words_and_tool(BleedWay way, string reason, string tool)
    {
        var order = WorkOrder.Of(Before, Before, true, bleed: way);
        order.Steps.Single(step => step.Code == "bleed").Reason.Code.ShouldBe(reason);
        order.Tools.Select(one => one.Code).ShouldContain(tool);
    }

    [Fact]
    public void A_motorcycle_has_no_clutch_on_the_brakes_and_one_rear_disc()
    {
        var guess = CarGuess.Motorcycle("motorcycle", 210, 90, "sport");
        var plan = Before with
        {
            Car = guess.Car,
            FrontRotor = guess.FrontRotor,
            RearRotor = guess.RearRotor with { Price = 80 },
        };
        var order = WorkOrder.Of(plan, plan with { RearRotor = plan.RearRotor with { Name = "other" }, Lines = BrakeLine.Braided }, true);
        order.Steps.ShouldNotContain(step => step.Code == "clutch");
        order.Steps[0].Title.Code.ShouldBe("work-steps.motorcycle-on-stands");
        var disc = order.Order.Single(item => item.What.Code == "work-order.figure");
        (disc.Count, disc.Price).ShouldBe((1, 80));
        order.Order.ShouldContain(item => item.Unit.Code == "work-order.set-both-levers");
    }
}
