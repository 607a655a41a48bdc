using Rimrock.Core.Driving;
using Rimrock.Core.Fluids;
using Rimrock.Core.Friction;
using Rimrock.Core.Preparation;
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
            "rotors-on", "rotor-bolts", "pads-in", "fill", "bleed", "abs", "level", "leaks", "pedal", "wheels", "bed", "waste"];
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
}
