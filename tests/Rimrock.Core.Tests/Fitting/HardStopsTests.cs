using Rimrock.Core.Driving;
using Rimrock.Core.Fitting;
using Rimrock.Core.Fluids;
using Rimrock.Core.Friction;
using Rimrock.Core.Rotors;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Tests.Fitting;

/// <summary>Each reason for which a part is never ranked; each must come, and must not come where nothing speaks for it.</summary>
public class HardStopsTests
{
    private static readonly PredictionPlan Plan = SampleParts.Plan();
    private static readonly Wishes Free = new(RoadApprovalMust: false);
    private static readonly Rotor Ring = SampleParts.FrontRing;

    public static TheoryData<string, Rotor, string?> Rotors => new()
    {
        { "the same ring", Ring, null },
        { "a bigger one without brackets", Ring with { OuterDiameterMm = 345, InnerDiameterMm = 229 }, "rotor-diameter" },
        { "a bigger one with brackets", Ring with { OuterDiameterMm = 345, InnerDiameterMm = 229, BracketForMm = 320 }, null },
        { "a bigger one with another car's brackets", Ring with { OuterDiameterMm = 345, InnerDiameterMm = 229, BracketForMm = 300 }, "rotor-diameter" },
        { "smaller than the calipers", Ring with { OuterDiameterMm = 300 }, "rotor-diameter" },
        { "thicker than the calipers take", Ring with { ThicknessMm = 30 }, "rotor-thickness" },
        { "so thin that pistons come out", Ring with { ThicknessMm = 24, MinThicknessMm = 22 }, "rotor-thickness" },
        { "a motorcycle's disc", Ring with { ThicknessMm = 5, MinThicknessMm = 4 }, "vehicle-kind" },
        { "thinner than its limit", Ring with { ThicknessMm = 25.5 }, "rotor-worn" },
        { "a ring too low for the pads", Ring with { InnerDiameterMm = 240 }, "rotor-ring" },
        { "drilled after casting", Ring with { Finish = new RotorFinish(RotorFace.Drilled) }, "drilled" },
        { "drilled by its maker, by school", Ring with { Finish = new RotorFinish(RotorFace.FactoryDrilled) }, "drilled" },
        { "slotted", Ring with { Finish = new RotorFinish(RotorFace.Slotted) }, null },
        { "a drum on a disc brake", Ring with { Construction = RotorConstruction.Drum }, "rotor-kind" },
    };

    [Theory]
    [MemberData(nameof(Rotors))]
    public void A_rotor_is_out_for_its_reason(string which, Rotor rotor, string? code) => (HardStops.Of(rotor, Plan, Free)?.Code).ShouldBe(code, which);

    [Fact]
    public void Only_what_is_out_has_a_reason()
    {
        HardStops.Of(Ring, Plan, Free).ShouldBeNull();
        HardStops.Of(Ring with { OuterDiameterMm = 300 }, Plan, Free).ShouldNotBeNull();
    }

    [Theory]
    [InlineData(408, null)]
    [InlineData(380, "rotor-clearance")]
    public void A_rotor_with_its_caliper_must_clear_the_wheel(double barrelMm, string? code)
    {
        // 345 mm and 32 mm of caliper on either side are 409 mm; 320 mm are 384 mm.
        var plan = Plan with { Car = Plan.Car with { WheelBarrelMm = barrelMm } };
        (HardStops.Of(Ring, plan, Free)?.Code).ShouldBe(code);
        HardStops.Of(Ring with { OuterDiameterMm = 345, InnerDiameterMm = 229, BracketForMm = 320 }, plan, Free)!.Code.ShouldBe("rotor-clearance");
    }

    /// <summary>A carbon disc is worn by its weight, on the car and on offer; at the stamped weight it may still be driven.</summary>
    [Theory]
    [InlineData(4.99, "rotor-worn")]
    [InlineData(5.01, null)]
    public void A_carbon_disc_is_worn_by_its_weight(double kg, string? code)
    {
        var disc = Ring with { Material = RingMaterial.CarbonCeramic, RingMassKg = kg, Finish = new RotorFinish(MinRingMassKg: 5) };
        (HardStops.Of(disc, Plan, Free)?.Code).ShouldBe(code);
        HardStops.OfFitted(Plan with { FrontRotor = disc, FrontPad = new Pad("carbon's", PadFamilies.CarbonCeramicCode) }).Select(stop => stop.Code)
            .ShouldBe(code is null ? [] : [code]);
    }

    [Theory]
    [InlineData(RotorSchool.Blanks, RotorConstruction.TwoPiece, "rotor-school")]
    [InlineData(RotorSchool.Blanks, RotorConstruction.OnePiece, null)]
    [InlineData(RotorSchool.TwoPiece, RotorConstruction.OnePiece, "rotor-school")]
    [InlineData(RotorSchool.TwoPiece, RotorConstruction.TwoPiece, null)]
    [InlineData(RotorSchool.Either, RotorConstruction.TwoPiece, null)]
    public void A_school_is_the_drivers_own_word(RotorSchool school, RotorConstruction construction, string? code)
    {
        var stop = HardStops.Of(Ring with { Construction = construction }, Plan, Free with { Rotors = school });
        stop?.Code.ShouldBe(code);
        (stop is null).ShouldBe(code is null);
        stop?.Own.ShouldBeTrue();
    }

    [Theory]
    [InlineData(PadDiscs.Iron, RingMaterial.Iron, null)]
    [InlineData(PadDiscs.Iron, RingMaterial.CarbonCeramic, "pad-discs")]
    [InlineData(PadDiscs.CarbonCeramic, RingMaterial.Iron, "pad-discs")]
    [InlineData(PadDiscs.CarbonCeramic, RingMaterial.CarbonCeramic, null)]
    [InlineData(PadDiscs.Both, RingMaterial.Iron, null)]
    [InlineData(PadDiscs.Both, RingMaterial.CarbonCeramic, null)]
    public void A_pad_goes_on_the_discs_it_is_listed_for(PadDiscs listed, RingMaterial material, string? code)
    {
        var stop = HardStops.Of(new Pad("pad", "track-sport", Traits: new PadTraits(listed)), Ring with { Material = material }, Free);
        stop?.Code.ShouldBe(code);
        (stop is null).ShouldBe(code is null);
    }

    [Fact]
    public void Approval_and_bedding_are_asked_for_only_by_the_driver()
    {
        var pad = new Pad("pad", "track-sport", RoadApproved: false);
        HardStops.OfPad(pad, Free).ShouldBeNull();
        HardStops.OfPad(pad, Free with { RoadApprovalMust = true })!.Code.ShouldBe("road-approval");
        HardStops.OfPad(pad, Free with { PreBedded = true })!.Code.ShouldBe("pre-bedded");
        HardStops.OfPad(pad with { Traits = new PadTraits(PreBedded: true) }, Free with { PreBedded = true }).ShouldBeNull();
        HardStops.Of(new LineKit("lines", BrakeLine.Braided, RoadApproved: false), Plan.Car, Free with { RoadApprovalMust = true })!.Own.ShouldBeTrue();
    }

    [Theory]
    [InlineData(true, "dot4", "dot5", "silicone-abs")]
    [InlineData(false, "dot4", "dot5", "silicone-mix")]
    [InlineData(false, "dot5", "dot4", "silicone-mix")]
    [InlineData(false, "dot5", "dot5", null)]
    [InlineData(true, "dot4", "dot5.1", null)]
    [InlineData(true, "dot3", "dot4", null)]
    public void Silicone_never_mixes_and_is_not_for_abs(bool electronics, string now, string next, string? code)
    {
        var plan = Plan with
        {
            Car = Plan.Car with { Electronics = electronics },
            Fluid = new BrakeFluid("now", FluidClass.All.First(row => row.Code == now || row.Code == now.Replace(".", "", StringComparison.Ordinal)).Code, 280,
            190)
        };
        var fluidClass = FluidClass.All.First(row =>
            row.Code == next || row.Code.Replace(".", "", StringComparison.Ordinal) == next.Replace(".", "", StringComparison.Ordinal));
        var stop = HardStops.Of(new BrakeFluid("next", fluidClass.Code, 290, 200), plan);
        stop?.Code.ShouldBe(code);
        (stop is null).ShouldBe(code is null);
    }

    [Fact]
    public void Class_rules_are_kept_where_they_are_stated()
    {
        var big = Ring with { OuterDiameterMm = 345, InnerDiameterMm = 229, BracketForMm = 320 };
        HardStops.Of(big, Plan, Free with { ClassKeepsRotorSize = true })!.Code.ShouldBe("class-rules");
        HardStops.Of(Ring, Plan, Free with { ClassKeepsRotorSize = true }).ShouldBeNull();
        var duct = new DuctKit("duct", new WheelDuct(76, Shield.Trimmed));
        HardStops.Of(duct, Plan, Free).ShouldBeNull();
        HardStops.Of(duct, Plan, Free with { ClassForbidsDucts = true })!.Code.ShouldBe("class-rules");
        HardStops.Of(duct with { Duct = new WheelDuct(76, Shield.Closed) }, Plan, Free)!.Code.ShouldBe("duct-closed");
    }

    [Fact]
    public void Bench_bedding_and_order_ask_what_Choose_asks()
    {
        var plan = SampleParts.Plan("track-sport");
        Core.Fitting.Predictor.Predict(plan).HardStops.ShouldBeEmpty();
        var carbon = plan with { FrontRotor = plan.FrontRotor with { Material = RingMaterial.CarbonCeramic, Construction = RotorConstruction.TwoPiece } };
        Core.Fitting.Predictor.Predict(carbon).HardStops.Single().Code.ShouldBe("pad-discs");
        Should.Throw<Core.Quantities.InputFaultException>(() => Core.Preparation.BeddingPlan.Of(carbon, Core.Preparation.BeddingPlace.ClosedCourse));
        var order = Core.Preparation.WorkOrder.Of(plan, carbon, false);
        (order.Order.Count, order.Steps.Count, order.Refused.Single().Code).ShouldBe((0, 0, "pad-discs"));
        var silicone = plan with { Fluid = new Core.Fluids.BrakeFluid("silicone", "dot5", 284, 250) };
        Core.Preparation.WorkOrder.Of(plan, silicone, false).Refused.Select(stop => stop.Code).ShouldBe(["silicone-abs", "silicone-mix"]);
        var match = Core.Fitting.Matcher.Match(carbon, new Offer([new("ceramic", new Core.Friction.Pad("made for it", "carbon-ceramic-disc"))], [], [], [], []),
            new Wishes());
        match.Verdict.Code.ShouldBe("match-words.do-not-drive-fitted");
        match.Stops!.Single().Code.ShouldBe("pad-discs");
        match.Shortlist.ShouldNotBeEmpty();
        match.Shortlist.ShouldAllBe(row => row.Parts.FrontPad.Id == "ceramic");
        Core.Fitting.Predictor.Predict(plan with { FrontPadMm = 2.5 }).HardStops.Single().Code.ShouldBe("pad-worn");
        Core.Fitting.Predictor.Predict(plan with { RearRotor = plan.RearRotor with { ThicknessMm = 9.5 } }).HardStops.Single().Code.ShouldBe("rotor-worn");
    }
}
