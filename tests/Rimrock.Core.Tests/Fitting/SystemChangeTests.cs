using Rimrock.Core.Driving;
using Rimrock.Core.Entries;
using Rimrock.Core.Fitting;
using Rimrock.Core.Garage;
using Rimrock.Core.Preparation;
using Rimrock.Core.Quantities;
using Rimrock.Core.Rotors;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Tests.Fitting;

/// <summary>The whole system: rear calipers, master cylinders, a balance bar (Limpert 2011, chapter 5, from memory; the rest common practice).</summary>
public class SystemChangeTests
{
    private static readonly PredictionPlan Plan = SampleParts.Plan("track-sport", "track-sport") with
    {
        Car = SampleParts.Estate with { WheelBarrelMm = 412, ParkingBrake = ParkingBrake.InCaliper },
    };

    private static readonly PredictionPlan Bare = Plan with
    {
        Car = Plan.Car with { Electronics = false, Hydraulics = new Hydraulics(19.05, 5, 1, 0) },
    };

    private static readonly CaliperKit Rear = new("rear kit", new AxleBrake(CaliperKind.Fixed, [36], 44, 44, 12, PadShape: "K", RotorMm: 316),
        new Rotor("rear ring", 316, 220, 20, 18.4, VaneKind.Straight, 7, 40, 5, Price: 300), Price: 1300, Rear: true, HoldsParked: true, StandsOutMm: 22);

    private static readonly MasterCylinder Larger = new("25.4", 25.4, Price: 190);
    private static readonly MasterCylinder Bar = new("bar", 15.875, 0.6, 5.2, 640);

    /// <summary>450 N x 5 on a bore of 15.875 mm (197.9 mm2), of which the front gets 0.6: 68.2 bar by hand, and two thirds of that behind.</summary>
    [Fact]
    public void A_balance_bar_shares_the_force_between_two_cylinders()
    {
        var bar = new Hydraulics(15.875, 5, 1, 0, BalanceBarFrontShare: 0.6);
        bar.PressureBar(450).ShouldBe(68.2, 0.1);
        bar.PedalForceN(bar.PressureBar(450)).ShouldBe(450, 1e-9);
        bar.RearPressureShare.ShouldBe(2.0 / 3, 1e-12);
        var (with, without) = (Bare with { Car = Bare.Car with { Hydraulics = bar } }, Bare with { Car = Bare.Car with { Hydraulics = bar with { BalanceBarFrontShare = null } } });
        var (front, rear) = (Of(with), Of(without));
        front.Front.ShouldBe(rear.Front, 1e-12);
        front.Rear.ShouldBe(rear.Rear * 2 / 3, 1e-9);

        // In the middle of the bar both cylinders take half the fluid each: half the way of one for both.
        double Way(double? share) => PedalTravel.Mm(Bare.Car with { Hydraulics = bar with { BalanceBarFrontShare = share } }, BrakeLine.Rubber, 60, 20, 20);
        Way(0.5).ShouldBe(Way(null) / 2, 1e-9);
        ProportioningValve.Of(with.Car).ShouldBe(ProportioningValve.None, "the bar does the valve's work");

        static Axles<double> Of(PredictionPlan plan) => plan.Setup().Axles.Map(axle => axle.TorquePerPascal(plan.Car.Hydraulics));
    }

    [Fact]
    public void More_of_the_force_in_front_lets_the_rear_lock_later()
    {
        double Locks(double share) => CaliperSwap.Between(Bare.Car, (Bare with { }).With(Bar with { BalanceBarFrontShare = share }).Car,
            new(Bare.FrontRotor, Bare.RearRotor), new(Bare.FrontRotor, Bare.RearRotor), BrakeLine.Rubber).LocksG ?? double.PositiveInfinity;
        Locks(0.4).ShouldBeLessThan(Locks(0.5));
        Locks(0.5).ShouldBeLessThanOrEqualTo(Locks(0.7));
    }

    [Fact]
    public void A_larger_cylinder_takes_more_force_and_less_way()
    {
        var read = SystemChange.Of(Plan, Larger, new Wishes()).Reading;
        (read.ForceN / read.ForceBeforeN).ShouldBe(25.4 * 25.4 / (23.81 * 23.81), 0.01);
        read.PedalMm.P50.ShouldBe(read.PedalBeforeMm.P50 * 23.81 * 23.81 / (25.4 * 25.4), 1);
        var judged = LimitsRun(Plan.With(Larger));
        judged.ShouldBeGreaterThan(LimitsRun(Plan), "the foot feels it in every stop");

        static double LimitsRun(PredictionPlan plan) => Predictor.Predict(plan).Course!.Stops.Max(stop => stop.PedalN);
    }

    [Fact]
    public void The_gate_says_what_cannot_be()
    {
        string? OfKit(CaliperKit kit, PredictionPlan plan) => SystemChange.Of(plan, kit, new Wishes()).Refused?.Code;
        OfKit(Rear, Plan).ShouldBeNull();
        OfKit(Rear with { HoldsParked = false }, Plan).ShouldBe("parking-brake");
        OfKit(Rear, Plan with { Car = Plan.Car with { SpokeRoomMm = 24 } }).ShouldBe("spoke-clearance");
        OfKit(Rear, Plan with { Car = Plan.Car with { SpokeRoomMm = 25 } }).ShouldBeNull();
        OfKit(Rear with { Brake = Rear.Brake with { PistonsMm = [50] } }, Plan).ShouldBe("kit-pistons");
        OfKit(Rear with { Mounts = ["B"] }, Plan with { Car = Plan.Car with { Rear = Plan.Car.Rear with { PadShape = "A" } } }).ShouldBe("kit-mount");
        var drums = Plan with { Car = Plan.Car with { Rear = new AxleBrake(CaliperKind.Drum, [20], 90, 40, 5, 1.5) }, RearRotor = new Rotor("drum", 228, 184, 40, 38) };
        OfKit(Rear, drums).ShouldBeNull("a kit of discs takes the place of drums behind");
        OfKit(Rear with { Rear = false, Brake = Plan.Car.Front, Rotor = Plan.FrontRotor }, Plan).ShouldBeNull();

        string? OfCylinder(MasterCylinder cylinder, PredictionPlan plan, Wishes? wishes = null) =>
            SystemChange.Of(plan, cylinder, wishes ?? new Wishes()).Refused?.Code;
        OfCylinder(Larger, Plan).ShouldBeNull();
        OfCylinder(Larger with { BoreMm = 19 }, Plan).ShouldBe("cylinder-bore");
        OfCylinder(Larger with { BoreMm = 34 }, Plan).ShouldBe("cylinder-bore");
        OfCylinder(Bar, Plan).ShouldBe("bar-electronics");
        OfCylinder(Larger, Plan, new Wishes(ClassKeeps: [ClassPart.Calipers])).ShouldBe("class-rules");
        FitRules.OfKind(Larger, Plan.Car with { Kind = VehicleKind.Motorcycle })!.Code.ShouldBe("vehicle-kind");
    }

    [Fact]
    public void What_is_fitted_is_ordered_timed_and_remembered()
    {
        var after = Plan.With(Rear).With(Larger) with { RearPad = Plan.RearPad with { Name = "rear sport", Shapes = ["K"], PriceAxleSet = 120 } };
        (after.Car.Rear, after.RearRotor, after.RearKit!.Replaces, after.RearKit.ReplacesRotor).ShouldBe((Rear.Brake, Rear.Rotor, Plan.Car.Rear, Plan.RearRotor));
        (after.Car.Hydraulics.MasterCylinderMm, after.Cylinder!.Replaces).ShouldBe((25.4, Plan.Car.Hydraulics));
        after.Faults().ShouldBeEmpty();
        var order = WorkOrder.Of(Plan, after, freshFluid: false);
        order.Refused.ShouldBeEmpty();
        order.Order.Sum(item => item.Price ?? 0).ShouldBe(1300 + 190 + 120 + (Plan.Fluid.PriceLitre ?? 0), "the kit's rotors come with it");
        order.Hours.P50.ShouldBe(2.5 + 1.5 + 0.8 + 0.6 + 2 + 1, 0.05);
        string[] codes = [.. order.Steps.Select(step => step.Code)];
        foreach (var code in new[] { "parking-wind", "caliper-trial", "cylinder-bench", "cylinder-rod", "bleed" })
        {
            codes.ShouldContain(code);
        }

        codes.ShouldNotContain("balance-bar");
        WorkOrder.Of(Bare, Bare.With(Bar), freshFluid: false).Steps.Select(step => step.Code).ShouldContain("balance-bar");
        WorkOrder.Of(Plan, Plan.With(Bar), freshFluid: false).Refused.ShouldContain(stop => stop.Code == "bar-electronics");

        // A pad of the old shape does not go into the new calipers, and is said.
        SystemChange.Of(Plan with { RearPad = Plan.RearPad with { Shapes = ["A"] } }, Rear, new Wishes()).Then.Single().Code.ShouldBe("pad-shape");

        var day = new DateOnly(2026, 5, 1);
        Statement[] said = [new(null, KnownBy.Described, "", Fitment.Of(Plan)), Statement.Of("w", new WorkTicks([], [], new FinishedWork(day, after, false, true, true)))!];
        var on = GarageRecord.Of(said, day, _ => default)!.On(Plan);
        (on.Car.Rear, on.RearRotor, on.Car.Hydraulics, on.RearKit!.Name, on.Cylinder!.Name).ShouldBe((Rear.Brake, Rear.Rotor, after.Car.Hydraulics, "rear kit", "25.4"));
    }

    [Fact]
    public void Kit_after_kit_remembers_the_cars_own()
    {
        var twice = Plan.With(Rear).With(Rear with { Name = "other" });
        (twice.RearKit!.Replaces, twice.RearKit.ReplacesRotor).ShouldBe((Plan.Car.Rear, Plan.RearRotor));
        Plan.With(Larger).With(Larger with { Name = "26", BoreMm = 26 }).Cylinder!.Replaces.ShouldBe(Plan.Car.Hydraulics);
    }
}
