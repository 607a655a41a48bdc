using Rimrock.Core.Driving;
using Rimrock.Core.Fitting;
using Rimrock.Core.Preparation;
using Rimrock.Core.Quantities;
using Rimrock.Core.Rotors;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Tests.Fitting;

/// <summary>Brackets that are bought beside a larger rotor: the car's own calipers sit further out (common practice).</summary>
public class BracketPairsTests
{
    private static readonly Wishes Free = new(RoadApprovalMust: false);

    private static readonly PredictionPlan Plan = SampleParts.Plan() with
    {
        Car = SampleParts.Plan().Car with { Front = SampleParts.Plan().Car.Front with { PadShape = "A", RotorMm = 320, RotorThicknessMm = 28 } },
        FrontRotor = SampleParts.Plan().FrontRotor with { OuterDiameterMm = 320, InnerDiameterMm = 210, ThicknessMm = 28, MinThicknessMm = 26 },
    };

    private static readonly Part<Rotor> Larger = new("345", Plan.FrontRotor.OfDiameter(345) with { Name = "larger", Price = 100 });
    private static readonly Part<Bracket> Pair = new("b", new Bracket("brackets", 320, 345, ["A"], 140));

    private static Offer Offered(Bracket pair) =>
        BracketPairs.Offered(new Offer([], [Larger], [], [], []), [Pair with { Body = pair }], Plan, said => said.Code);

    [Fact]
    public void A_larger_rotor_goes_on_with_brackets_for_these_calipers_alone()
    {
        HardStops.Of(Larger.Body, Plan, Free)!.Code.ShouldBe("rotor-diameter");
        var part = Offered(Pair.Body).Rotors.Single(rotor => rotor.Id == "345+b");
        HardStops.Of(part.Body, Plan, Free).ShouldBeNull();

        // Other calipers, other diameters, drums: none is offered, and the gate says why.
        Offered(Pair.Body with { Mounts = ["B"] }).Rotors.Count.ShouldBe(1);
        Offered(Pair.Body with { FromMm = 280 }).Rotors.Count.ShouldBe(1);
        Offered(Pair.Body with { ToMm = 360 }).Rotors.Count.ShouldBe(1);
        Offered(Pair.Body with { Mounts = null }).Rotors.Count.ShouldBe(2);
        FitRules.Of(Pair.Body with { Mounts = ["B"] }, Plan, Axle.Front)!.Code.ShouldBe("kit-mount");
        FitRules.Of(Pair.Body, Plan with { Car = Plan.Car with { Kind = VehicleKind.Motorcycle } }, Axle.Front)!.Code.ShouldBe("vehicle-kind");
        var (faults, inwards) = (new List<InputFault>(), Pair.Body with { ToMm = 310 });
        inwards.Check("bracket", faults);
        faults.Single().Field.ShouldBe("bracket.toMm");
    }

    [Fact]
    public void Ready_orders_the_brackets_beside_the_rotors_as_choose_counted_them_and_once()
    {
        var offer = Offered(Pair.Body);
        var setup = Selection.Fitted(Plan) with { FrontRotor = offer.Rotors[1] };
        Selection.OfKey(setup.Key(), Plan, offer).ShouldBe(setup);
        RunningCost.BuyNowOf(setup, Plan).ShouldBe(340.0);
        var on = setup.On(Plan, Free);
        on.Faults().ShouldBeEmpty();
        var order = WorkOrder.Of(Plan, on, freshFluid: false);
        order.Refused.ShouldBeEmpty();
        order.Order.Sum(item => item.Price ?? 0).ShouldBe(340);
        order.Hours.P50.ShouldBe(Effort.Hours(setup, Plan), 0.05);
        order.Steps.ShouldContain(step => step.Code == "bracket-trial");

        // The next pair of rotors goes on the same brackets.
        var worn = on with { FrontRotor = on.FrontRotor with { ThicknessMm = 26.1 } };
        RunningCost.BuyNowOf(Selection.Fitted(worn) with { FrontRotor = offer.Rotors[1] }, worn).ShouldBe(200.0);
        WorkOrder.Of(worn, on, freshFluid: false).Order.Sum(item => item.Price ?? 0).ShouldBe(200);

        // Nobody looked which calipers they carry: that is asked first.
        var unknown = (Selection.Fitted(Plan) with { FrontRotor = Offered(Pair.Body with { Mounts = null }).Rotors[1] }).On(Plan, Free);
        WorkOrder.Of(Plan, unknown, freshFluid: false).Order[0].What.Code.ShouldBe("work-order.check-mount");
    }

    [Fact]
    public void The_same_brake_force_comes_of_less_pressure_on_a_larger_rotor()
    {
        var on = (Selection.Fitted(Plan) with { FrontRotor = Offered(Pair.Body).Rotors[1] }).On(Plan, Free);
        static double Torque(PredictionPlan of) => of.At(Axle.Front).TorquePerPascal(of.Car.Hydraulics);

        // The pad's middle moves out by half of what the diameter grows.
        (Torque(on) / Torque(Plan)).ShouldBeGreaterThan(1.05);
    }
}
