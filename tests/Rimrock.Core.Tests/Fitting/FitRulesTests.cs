using Rimrock.Core.Driving;
using Rimrock.Core.Fitting;
using Rimrock.Core.Fluids;
using Rimrock.Core.Friction;
using Rimrock.Core.Preparation;
using Rimrock.Core.Quantities;
using Rimrock.Core.Rotors;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Tests.Fitting;

/// <summary>What can be bolted to a car, and that every room asks the same gate. Figures are common practice.</summary>
public class FitRulesTests
{
    private static readonly PredictionPlan Plan = Known(SampleParts.Plan());
    private static readonly Wishes Free = new(RoadApprovalMust: false);
    private static readonly Pad Fits = new("fits", "track-sport", Shapes: ["F-58", "R-38"]);
    private static readonly Rotor Big = SampleParts.FrontRing with { Name = "big", OuterDiameterMm = 345, InnerDiameterMm = 235, Price = 90 };

    private static PredictionPlan Known(PredictionPlan plan) => plan with
    {
        Car = plan.Car with { Front = plan.Car.Front with { PadShape = "F-58" }, Rear = plan.Car.Rear with { PadShape = "R-38" } },
    };

    private static Offer OfferOf(Pad[] pads, params Rotor[] rotors) =>
        new([.. pads.Select(pad => new Part<Pad>(pad.Name, pad))], [.. rotors.Select(rotor => new Part<Rotor>(rotor.Name, rotor))], [], [], []);

    [Fact]
    public void Ready_asks_the_gate_of_two_plans_that_were_read_apart()
    {
        // As the server reads them: equal figures in lists of their own.
        static AxleBrake Read(AxleBrake brake) => brake with { PistonsMm = [.. brake.PistonsMm] };
        var (before, car) = (SampleParts.Plan(), SampleParts.Plan().Car);
        var after = before with
        {
            Car = car with { Front = Read(car.Front), Rear = Read(car.Rear) },
            FrontRotor = before.FrontRotor with { Name = "larger", OuterDiameterMm = before.FrontRotor.OuterDiameterMm + 30 },
        };
        HardStops.OfChange(before, after).ShouldContain(stop => stop.Code == "rotor-diameter");
    }

    [Fact]
    public void A_pad_goes_where_its_shape_goes()
    {
        FitRules.Of(Fits, Axle.Front, Plan.Car).ShouldBeNull();
        FitRules.Of(Fits with { Shapes = ["R-38"] }, Axle.Front, Plan.Car)!.Code.ShouldBe("pad-shape");
        FitRules.Of(Fits with { Shapes = ["R-38"] }, Axle.Rear, Plan.Car).ShouldBeNull();
        FitRules.Of(Fits with { Shapes = null }, Axle.Front, Plan.Car).ShouldBeNull("nobody knows: it is looked at before it is ordered");
        FitRules.IsShapeKnown(Fits with { Shapes = null }, Plan.Car.Front).ShouldBeFalse();
        FitRules.IsShapeKnown(Fits, SampleParts.FrontBrake).ShouldBeFalse();
    }

    [Fact]
    public void A_motorcycle_never_gets_a_cars_part_and_a_drum_no_pad()
    {
        var motorcycle = Plan.Car with { Kind = VehicleKind.Motorcycle };
        FitRules.Of(Fits, Axle.Front, motorcycle)!.Code.ShouldBe("vehicle-kind");
        FitRules.Of(Fits with { ForMotorcycle = true }, Axle.Front, motorcycle).ShouldBeNull();
        FitRules.Of(Fits with { ForMotorcycle = true }, Axle.Front, Plan.Car)!.Code.ShouldBe("vehicle-kind");
        var disc = new Rotor("disc", 310, 240, 5, 4.5);
        FitRules.Of(SampleParts.FrontRing, SampleParts.FrontBrake, disc, VehicleKind.Motorcycle)!.Code.ShouldBe("vehicle-kind");
        FitRules.Of(disc with { Name = "other" }, SampleParts.FrontBrake, disc, VehicleKind.Motorcycle).ShouldBeNull();
        var drums = Plan.Car with { Rear = Plan.Car.Rear with { Caliper = CaliperKind.Drum } };
        FitRules.Of(Fits with { Shapes = null }, Axle.Rear, drums)!.Code.ShouldBe("pad-shape");
        FitRules.Of(Fits, Axle.Rear, drums).ShouldBeNull("shoes that are sold for these drums");
    }

    /// <summary>A caliper sits where its bracket holds it: 12.5 mm too far in for a ring of 345 where 320 is its own.</summary>
    [Fact]
    public void Another_diameter_brings_its_brackets_or_stays_out()
    {
        var own = SampleParts.FrontRing;
        HardStop? Of(Rotor rotor, Rotor? fitted = null, AxleBrake? brake = null) =>
            FitRules.Of(rotor, brake ?? SampleParts.FrontBrake, fitted ?? own, VehicleKind.Car);
        Of(Big)!.Code.ShouldBe("rotor-diameter");
        var kit = Big with { BracketForMm = 320 };
        Of(kit).ShouldBeNull();
        Of(own, kit).ShouldBeNull("brackets come off again");
        Of(Big, kit)!.Code.ShouldBe("rotor-diameter", "without its own brackets, whatever is on now");
        Of(kit, brake: SampleParts.FrontBrake with { RotorMm = 300 })!.Code.ShouldBe("rotor-diameter", "what is stated wins");
        Of(own with { ThicknessMm = 28.5 }).ShouldBeNull();
        Of(own, own with { ThicknessMm = 26.2 }).ShouldBeNull("a worn ring is replaced by a new one of its kind");
        Of(own with { ThicknessMm = 30 })!.Code.ShouldBe("rotor-thickness");
        Of(own with { ThicknessMm = 30 }, brake: SampleParts.FrontBrake with { RotorThicknessMm = 30 }).ShouldBeNull();
        Of(own with { BoltCircle = "5 x 112" }, own with { BoltCircle = "5 x 108" })!.Code.ShouldBe("bolt-circle");
        Of(own with { BoltCircle = "5 x 112" }).ShouldBeNull("nobody knows the hub's");
        Of(own with { HatOffsetMm = 48 }, own with { HatOffsetMm = 45 })!.Code.ShouldBe("hat-offset");
        FitRules.OfFitted(Big, SampleParts.FrontBrake, VehicleKind.Car).ShouldBeNull("nobody said what the calipers are made for");
        FitRules.OfFitted(Big, SampleParts.FrontBrake with { RotorMm = 320 }, VehicleKind.Car)!.Code.ShouldBe("rotor-diameter");
    }

    /// <summary>By the figures, never by the number: a class 6 fluid of 250 and 165 goes where 230 and 155 are asked, and not where 260 and 180 are.</summary>
    [Fact]
    public void A_fluid_is_held_against_what_the_car_asks_by_its_figures()
    {
        var dot3 = new BrakeFluid("three", "dot3", 215, 145);
        var six = new BrakeFluid("six", "iso6", 250, 165);
        FitRules.Of(dot3, "dot4", isOffered: true)!.Code.ShouldBe("fluid-figures");
        FitRules.Of(dot3, "dot3", isOffered: true).ShouldBeNull();
        FitRules.Of(dot3, null, isOffered: true)!.Code.ShouldBe("fluid-figures", "nearly every car asks for more");
        FitRules.Of(dot3, null, isOffered: false).ShouldBeNull("nobody looked: what is in the car is not called wrong");
        FitRules.Of(six, "dot4", isOffered: true).ShouldBeNull();
        FitRules.Of(six, "dot5.1", isOffered: true)!.Code.ShouldBe("fluid-figures");
        FitRules.Of(new BrakeFluid("wetter", "dot3", 240, 150), "dot4", isOffered: true)!.Code.ShouldBe("fluid-figures", "wet counts as dry does");
    }

    [Fact]
    public void Choose_refuses_with_the_reason_and_suggests_nothing_that_does_not_go_on()
    {
        var offer = OfferOf([Fits, Fits with { Name = "others", Shapes = ["X-1"] }, Fits with { Name = "motorcycle", ForMotorcycle = true }],
            Big, Big with { Name = "kit", BracketForMm = 320 });
        var answer = Matcher.Match(Plan, offer, Free);
        answer.WhyNot.Single(one => one is { Kind: "frontPad", Part.Id: "others" }).HardStop!.Code.ShouldBe("pad-shape");
        answer.WhyNot.Single(one => one is { Kind: "rearPad", Part.Id: "motorcycle" }).HardStop!.Code.ShouldBe("vehicle-kind");
        answer.WhyNot.Single(one => one is { Kind: "rotor", Part.Id: "big" }).HardStop!.Code.ShouldBe("rotor-diameter");
        foreach (var row in answer.Shortlist.Concat(answer.Steps.Select(step => step.Setup)))
        {
            HardStops.OfChange(Plan, Selection.OfKey(row.Key, Plan, offer)!.On(Plan, Free)).ShouldBeEmpty(row.Key);
        }
    }

    [Fact]
    public void Bench_warns_and_ready_orders_nothing_that_does_not_go_on()
    {
        var odd = Plan with { FrontPad = Fits with { Shapes = ["X-1"] } };
        Predictor.Predict(odd).HardStops.ShouldContain(stop => stop.Code == "pad-shape");
        var refused = WorkOrder.Of(Plan, odd, freshFluid: false);
        refused.Refused.ShouldContain(stop => stop.Code == "pad-shape");
        refused.Order.ShouldBeEmpty();
        WorkOrder.Of(Plan, odd with { RearPad = odd.FrontPad }, freshFluid: false).Refused.Count(stop => stop.Code == "pad-shape")
            .ShouldBe(2, "front and rear are told each");
        WorkOrder.Of(Plan, Plan with { FrontRotor = Big }, freshFluid: false).Refused.ShouldContain(stop => stop.Code == "rotor-diameter");
        WorkOrder.Of(Plan, Plan with { Fluid = new BrakeFluid("three", "dot3", 215, 145) }, freshFluid: false).Refused
            .ShouldContain(stop => stop.Code == "fluid-figures");
    }

    [Fact]
    public void What_nobody_could_tell_is_looked_at_before_anything_is_ordered_and_brackets_come_with_their_bolts()
    {
        var unknown = WorkOrder.Of(Plan, Plan with { FrontPad = Fits with { Shapes = null } }, freshFluid: false);
        unknown.Order[0].What.Code.ShouldBe("work-order.check-shape");
        var known = WorkOrder.Of(Plan, Plan with { FrontPad = Fits, FrontRotor = Big with { BracketForMm = 320 } }, freshFluid: false);
        known.Order.Select(item => item.What.Code).ShouldNotContain("work-order.check-shape");
        known.Order.Select(item => item.What.Code).ShouldContain("work-order.brackets");
        known.Order.Select(item => item.What.Code).ShouldContain("work-order.bracket-bolts");
        known.Steps.Select(step => step.Code).ShouldContain("bracket-trial");
        var stays = WorkOrder.Of(Plan, Plan with { FrontPad = Fits }, freshFluid: false);
        stays.Steps.Select(step => step.Code).ShouldNotContain("bracket-trial");
    }

    [Theory]
    [InlineData(ParkingBrake.Electric, "parking-service")]
    [InlineData(ParkingBrake.InCaliper, "parking-wind")]
    [InlineData(ParkingBrake.Unknown, null)]
    public void Rear_pads_mind_the_parking_brake(ParkingBrake brake, string? step)
    {
        var plan = Plan with { Car = Plan.Car with { ParkingBrake = brake } };
        var codes = WorkOrder.Of(plan, plan with { RearPad = Fits }, freshFluid: false).Steps.Select(one => one.Code).ToList();
        codes.FirstOrDefault(code => code.StartsWith("parking", StringComparison.Ordinal)).ShouldBe(step);
        WorkOrder.Of(plan, plan with { FrontPad = Fits }, freshFluid: false).Steps
            .ShouldAllBe(one => !one.Code.StartsWith("parking", StringComparison.Ordinal));
    }

    /// <summary>
    /// Three hundred random cars with random parts: what Choose lets through Ready orders, what Choose refuses Ready never orders, and what was fitted is no stop
    /// on the Bench. Two rooms, one gate.
    /// </summary>
    [Fact]
    public void What_choose_lets_through_ready_orders_and_nothing_else()
    {
        var random = new Random(300);
        T One<T>(params T[] all) => all[random.Next(all.Length)];
        var (through, refused) = (0, 0);
        for (var i = 0; i < 300; i++)
        {
            var own = One(258.0, 280, 300, 320, 345);
            var ring = new Rotor("own", own, own - 104, One(20.0, 24, 28), 18, VaneKind.Straight, 6, 36, 5);
            var front = SampleParts.FrontBrake with { PadShape = One("A", "B", null), RotorMm = One(own, (double?)null) };
            var car = Plan.Car with { Front = front, AsksFluid = One("dot3", "dot4", "dot5.1", null), Electronics = One(true, false) };
            var plan = Plan with { Car = car, FrontRotor = ring };
            var rotor = ring with
            {
                Name = "offered",
                OuterDiameterMm = own + One(0, 1.5, 12, -20),
                ThicknessMm = ring.ThicknessMm + One(0.0, 2, -1),
                BracketForMm = One(own, 300, (double?)null),
            };
            var pad = new Pad("offered", "track-sport", Shapes: One<string[]?>(["A"], ["B", "C"], null), ForMotorcycle: random.Next(10) == 0);
            var fluid = One(new BrakeFluid("three", "dot3", 215, 145), new BrakeFluid("four", "dot4", 250, 165), new BrakeFluid("five", "dot5", 270, 190));
            var chosen = HardStops.Of(rotor, plan, Free) ?? HardStops.Of(pad, Axle.Front, rotor, plan, Free) ?? HardStops.Of(fluid, plan);
            var after = (Selection.Fitted(plan) with { FrontPad = new("pad", pad), FrontRotor = new("rotor", rotor), Fluid = new("fluid", fluid) })
                .On(plan, Free);
            var order = WorkOrder.Of(plan, after, freshFluid: false);
            (order.Refused.Count == 0).ShouldBe(chosen is null,
                $"car {i}: Choose says {chosen?.Code ?? "yes"}, Ready {string.Join(", ", order.Refused.Select(stop => stop.Code))}");
            (through, refused) = chosen is null ? (through + 1, refused) : (through, refused + 1);
        }

        through.ShouldBeGreaterThan(20);
        refused.ShouldBeGreaterThan(100);
    }

    /// <summary>Nothing is said of electronics on a car that has none: told words are read through for it in both rooms.</summary>
    [Fact]
    public void No_word_of_electronics_on_a_car_without_them()
    {
        var plain = Plan with { Car = Plan.Car with { Electronics = false } };
        string[] ofElectronics = ["work-steps.air-master-cylinder-abs", "work-steps.hottest-oldest-fluid-sits", "reason-finder.panic-stop-both-reach",
            "reason-finder.front-works-harder-against", "reason-finder.rear-works-harder-front", "caliper-swap.piston-area-stays-near"];
        var fluid = new BrakeFluid("fresh", "dot4", 270, 170);
        static IEnumerable<string> Codes(Said said) => [said.Code, .. said.Terms.Select(term => term.Part).OfType<Said>().SelectMany(Codes)];
        IEnumerable<string> Told(PredictionPlan plan)
        {
            var order = WorkOrder.Of(plan, plan with { FrontPad = Fits, Fluid = fluid }, freshFluid: true);
            var answer = Matcher.Match(plan, OfferOf([Fits, Fits with { Name = "race", Family = "race-sintered" }]), Free);
            var swap = CaliperSwap.Of(plan.Car, plan.Car.Front, plan.FrontRotor, plan.RearRotor, BrakeLine.Rubber);
            return [.. order.Steps.SelectMany(step => Codes(step.Title).Concat(Codes(step.Reason))), .. swap.Notes.SelectMany(Codes),
                .. answer.Shortlist.SelectMany(row => row.Reasons).SelectMany(reason => Codes(reason.Sentence))];
        }

        Told(plain).ShouldAllBe(code => !ofElectronics.Contains(code));
        Told(Plan).ShouldContain(code => ofElectronics.Contains(code));
    }

    /// <summary>The order costs and takes what Choose said: rebuilt from the same change, to the unit.</summary>
    [Fact]
    public void Ready_orders_and_times_what_choose_counted()
    {
        var pad = Fits with { PriceAxleSet = 120 };
        var parts = new Selection(new("pad", pad), new("pad", pad), new("kit", Big with { BracketForMm = 320 }),
            new("duct", new DuctKit("duct", new WheelDuct(76, Shield.Trimmed), 140)),
            new("fluid", new BrakeFluid("fresh", "dot4", 270, 170, PriceLitre: 30, BottleLitres: 0.5)),
            new("lines", new LineKit("braided", BrakeLine.Braided, Price: 95)));
        var order = WorkOrder.Of(Plan, parts.On(Plan, Free), freshFluid: false);
        order.Refused.ShouldBeEmpty();
        order.Order.Sum(item => item.Price ?? 0).ShouldBe(RunningCost.BuyNowOf(parts, Plan)!.Value, 0.01);
        order.Hours.P50.ShouldBe(Effort.Hours(parts, Plan), 0.051);
    }
}
