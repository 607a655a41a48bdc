using Rimrock.Core.Fitting;
using Rimrock.Core.Preparation;
using Rimrock.Core.Rotors;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Tests.Fitting;

/// <summary>Other calipers as one part with their brackets and rotors (common practice).</summary>
public class CaliperKitTests
{
    private static readonly Wishes Free = new(RoadApprovalMust: false);

    private static readonly CaliperKit Kit = new("kit",
        new AxleBrake(CaliperKind.Fixed, [42, 38], 78, 52, 14, PadShape: "K", RotorMm: 345, RotorThicknessMm: 30),
        new Rotor("ring", 345, 228, 30, 28, VaneKind.Curved, 11, 54, 5, Price: 420, Finish: new RotorFinish(RingPrice: 230)), ["A"], 1890);

    private static readonly Part<CaliperKit> Part = new("k", Kit);

    private static readonly Core.Driving.PredictionPlan Plan = SampleParts.Plan() with
    {
        Car = SampleParts.Plan().Car with
        {
            Front = SampleParts.Plan().Car.Front with { PistonsMm = [57], PadShape = "A", RotorMm = null },
            WheelBarrelMm = 412,
        },
        FrontRotor = SampleParts.Plan().FrontRotor with { OuterDiameterMm = 320, InnerDiameterMm = 210 },
    };

    [Fact]
    public void A_kit_goes_where_its_brackets_its_wheel_and_its_pistons_go()
    {
        var car = Plan.Car;
        string? Of(CaliperKit kit, Car on) => FitRules.Of(kit, on, on.Front, Plan.FrontRotor)?.Code;
        Of(Kit, car).ShouldBeNull();
        Of(Kit with { Mounts = ["B"] }, car).ShouldBe("kit-mount");
        Of(Kit with { Mounts = null }, car).ShouldBeNull("nobody looked: the order begins with asking");
        Of(Kit, car with { WheelBarrelMm = 400 }).ShouldBe("rotor-clearance");
        Of(Kit, car with { WheelBarrelMm = null }).ShouldBeNull();
        Of(Kit with { Rotor = Kit.Rotor with { OuterDiameterMm = 360 } }, car with { WheelBarrelMm = null }).ShouldBe("rotor-clearance");
        Of(Kit, car with { Front = car.Front with { PistonsMm = [40] } }).ShouldBe("kit-pistons");
        Of(Kit, car with { Front = car.Front with { Caliper = CaliperKind.Drum } }).ShouldBe("rotor-kind");
        Of(Kit, car with { Kind = VehicleKind.Motorcycle }).ShouldBe("vehicle-kind");
    }

    [Fact]
    public void With_a_kit_the_car_has_its_calipers_its_rotors_and_new_pads_and_remembers_its_own()
    {
        var offer = ShelfSamples.Small with { Kits = [Part] };
        var setup = (Selection.Fitted(Plan) with { FrontPad = offer.Pads[0], Fluid = offer.Fluids[0] }).With(Part);
        Selection.OfKey(setup.Key(), Plan, offer)!.Key().ShouldBe(setup.Key());
        Selection.OfKey(setup.Key(), Plan, offer with { Kits = null }).ShouldBeNull();
        var on = setup.On(Plan, Free);
        on.Car.Front.ShouldBe(Kit.Brake);
        on.FrontRotor.ShouldBe(Kit.Rotor);
        on.FrontKit!.Replaces.ShouldBe(Plan.Car.Front);
        on.Faults().ShouldBeEmpty();

        // The larger lever gives more torque at the same pressure, nothing else of the hydraulics is changed.
        static double Torque(Core.Driving.PredictionPlan of) => of.At(Core.Quantities.Axle.Front).TorquePerPascal(of.Car.Hydraulics);
        Torque(on).ShouldBeGreaterThan(Torque(Plan));
    }

    [Fact]
    public void Ready_orders_and_times_a_kit_as_choose_counted_it()
    {
        var offer = ShelfSamples.Small with { Kits = [Part] };
        var pad = new Part<Core.Friction.Pad>("p", offer.Pads[0].Body with { Shapes = ["K"], PriceAxleSet = 150 });
        var setup = (Selection.Fitted(Plan) with { FrontPad = pad, Fluid = offer.Fluids[0] }).With(Part);
        var order = WorkOrder.Of(Plan, setup.On(Plan, Free), freshFluid: false);
        order.Refused.ShouldBeEmpty();
        order.Order.Sum(item => item.Price ?? 0).ShouldBe(RunningCost.BuyNowOf(setup, Plan)!.Value, 0.01);
        order.Hours.P50.ShouldBe(Effort.Hours(setup, Plan), 0.05);
        string[] codes = [.. order.Steps.Select(step => step.Code)];
        codes.ShouldContain("caliper-trial");
        Array.IndexOf(codes, "caliper-hoses").ShouldBeLessThan(Array.IndexOf(codes, "bleed"));
    }

    [Fact]
    public void Other_calipers_are_looked_at_only_where_nothing_else_holds()
    {
        var offer = ShelfSamples.Small with { Kits = [Part] };
        var gentle = Plan with { Pace = "novice", Stint = new Core.Driving.StintPlan(1, 10, 40) };
        var answer = Matcher.Search(gentle, offer, Free).Answer(MatchStage.Sketch);
        answer.Shortlist.ShouldNotBeEmpty();
        answer.Shortlist.ShouldAllBe(row => !row.Key.Contains("kit:"));
        answer.WhyNot.ShouldContain(why => why.Kind == "caliper" && why.HardStop == null);
    }
}
