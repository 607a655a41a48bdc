using Rimrock.Core.Circuits;
using Rimrock.Core.Driving;
using Rimrock.Core.Fitting;
using Rimrock.Core.Friction;
using Rimrock.Core.Heat;
using Rimrock.Core.Limits;
using Rimrock.Core.Quantities;
using Rimrock.Core.Rotors;
using Rimrock.Core.Runs;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Tests.Runs;

/// <summary>Every kind of brake and every use that the trade knows (common practice), as whole predictions of one session.</summary>
public partial class PartsAndUseTests
{
    private static readonly PredictionPlan Sport = SampleParts.Plan("track-sport", "track-sport") with { Stint = new StintPlan(1, 12, 15) };
    private static readonly Rotor Curved = SampleParts.FrontRing with { Vanes = VaneKind.Curved };

    private static double Peak(PredictionResult result, BrakePart part) => result.Ranges.Single(range => range.Part == part).PeakC.Max();

    private static double Face(PredictionPlan plan) => Peak(Predictor.Predict(plan), BrakePart.FrontFace);

    private static double Fluid(PredictionPlan plan) => Peak(Predictor.Predict(plan), BrakePart.FrontFluid);

    [Fact]
    public void Handed_rotors_on_the_wrong_side_run_hotter_and_straight_ones_do_not_care()
    {
        Face(Sport with { FrontRotor = Curved, FrontWrongSide = true }).ShouldBeGreaterThan(Face(Sport with { FrontRotor = Curved }) + 5);
        Face(Sport with { FrontWrongSide = true }).ShouldBe(Face(Sport), 0.01);
        Predictor.Predict(Sport with { FrontRotor = Curved, FrontWrongSide = true }).Cautions.ShouldContain(text => text.Code.Contains("wrong-side"));
    }

    /// <summary>Common practice: drilled rotors are said on the first screen, front or rear, by whomever the holes were made.</summary>
    [Fact]
    public void Drilled_and_wrongly_handed_rotors_are_said_before_any_figure()
    {
        static Rotor Faced(Rotor rotor, RotorFace face) => rotor with { Finish = new RotorFinish(face) };
        IEnumerable<string> First(PredictionPlan plan) => Cautions.First(plan).Select(said => said.Code);
        First(Sport).ShouldBeEmpty();
        First(Sport with { FrontRotor = Faced(Sport.FrontRotor, RotorFace.Slotted) }).ShouldBeEmpty();
        First(Sport with { FrontRotor = Faced(Sport.FrontRotor, RotorFace.FactoryDrilled) }).ShouldBe(["predictor.drilled-first"]);
        First(Sport with { RearRotor = Faced(Sport.RearRotor, RotorFace.Drilled) }).ShouldBe(["predictor.drilled-first"]);
        First(Sport with { FrontRotor = Curved, FrontWrongSide = true }).ShouldBe(["predictor.wrong-side-first"]);
    }

    [Fact]
    public void A_one_piece_ring_cones_more_than_a_floating_one()
    {
        var onePiece = Predictor.Predict(Sport).Faces;
        var floating = Predictor.Predict(Sport with { FrontRotor = SampleParts.FrontRing with { Construction = RotorConstruction.TwoPiece } }).Faces;
        onePiece.EdgeMm.P50.ShouldBeInRange(0.05, 0.4, "common practice: a hot one-piece ring stands off some tenths of a millimetre");
        floating.EdgeMm.P50.ShouldBeLessThan(0.6 * onePiece.EdgeMm.P50);
        onePiece.EdgeMm.P10.ShouldBeLessThanOrEqualTo(onePiece.EdgeMm.P50);
        onePiece.EdgeMm.P90.ShouldBeGreaterThanOrEqualTo(onePiece.EdgeMm.P50);
    }

    [Fact]
    public void The_inner_pad_wears_first_behind_a_shield_and_the_difference_goes_with_the_shield()
    {
        var shut = Predictor.Predict(Sport).Faces;
        shut.InnerWornMm.P50.ShouldBeGreaterThan(shut.OuterWornMm.P50);
        shut.DifferenceK.P50.ShouldBeGreaterThan(0);
        var even = Predictor.Predict(Sport with
        {
            FrontRotor = SampleParts.FrontRing with { Construction = RotorConstruction.TwoPiece },
            FrontDuct = new WheelDuct(0, Shield.Removed),
            Car = Sport.Car with { Front = Sport.Car.Front with { Caliper = CaliperKind.Fixed } },
        }).Faces;
        even.DifferenceK.P50.ShouldBe(0, 1e-6, "symmetric parts, symmetric heat");
        even.InnerWornMm.P50.ShouldBe(even.OuterWornMm.P50, 0.011);
    }

    [Fact]
    public void A_duct_at_the_face_cools_less_than_one_into_the_eye_and_unevenly()
    {
        WheelDuct Duct(DuctAim aim) => new(76, Shield.Trimmed, aim);
        Face(Sport with { FrontDuct = Duct(DuctAim.Eye) }).ShouldBeLessThan(Face(Sport with { FrontDuct = Duct(DuctAim.Face) }));
        Predictor.Predict(Sport with { FrontDuct = Duct(DuctAim.Face) }).Faces.DifferenceK.P50
            .ShouldBeLessThan(Predictor.Predict(Sport with { FrontDuct = Duct(DuctAim.Eye) }).Faces.DifferenceK.P50,
                "the inner face is the one that it blows on");
        new WheelDuct(76, Shield.Trimmed, LengthM: 3).Gain().ShouldBeLessThan(new WheelDuct(76, Shield.Trimmed).Gain());
        new WheelDuct(76, Shield.Trimmed).Gain().ShouldBe(0.30, 1e-12);
        new WheelDuct(76).Gain().ShouldBe(0.03, 1e-12, "a closed shield leaves a tenth");
    }

    [Fact]
    public void Open_wheels_run_cooler_than_closed_ones()
    {
        var open = Face(Sport with { FrontDuct = new WheelDuct(Wheel: WheelOpenness.Open) });
        var closed = Face(Sport with { FrontDuct = new WheelDuct(Wheel: WheelOpenness.Closed) });
        open.ShouldBeLessThan(Face(Sport));
        closed.ShouldBeGreaterThan(Face(Sport));
    }

    [Fact]
    public void A_carbon_ceramic_disc_is_light_and_its_face_is_hot()
    {
        var ceramic = SampleParts.FrontRing with { Material = RingMaterial.CarbonCeramic, Construction = RotorConstruction.TwoPiece };
        (ceramic.MassKg() / SampleParts.FrontRing.MassKg()).ShouldBe(2350.0 / 7200, 0.001, "a third of iron's density");
        var plan = Sport with { FrontPad = new Pad("pad for carbon-ceramic", "carbon-ceramic-disc"), FrontRotor = ceramic };
        var iron = Sport with { FrontPad = plan.FrontPad, FrontRotor = ceramic with { Material = RingMaterial.Iron } };
        Face(plan).ShouldBeGreaterThan(Face(iron) + 40, "heats faster: it must be bigger");
        SampleParts.LimitsOf(plan)["front-face"].Capacity.ShouldBeGreaterThan(SampleParts.LimitsOf(iron)["front-face"].Capacity);
        var replacement = Predictor.Predict(iron with { FrontRotor = iron.FrontRotor with { ReplacesCarbonCeramic = true } });
        replacement.Cautions.ShouldContain(text => text.Code.Contains("iron-ring"));
        var carbon = Predictor.Predict(plan with { FrontRotor = ceramic with { Material = RingMaterial.CarbonCarbon } });
        Math.Abs(carbon.Cooling[0].BalanceError).ShouldBeLessThan(1e-3);
    }

    [Fact]
    public void A_drum_sheds_little_heat_and_brakes_more_for_its_piston()
    {
        var drum = new Rotor("drum", 228, 100, 7, 5, Construction: RotorConstruction.Drum, DrumWidthMm: 42);
        var brake = new AxleBrake(CaliperKind.Drum, [20.6], 75, 42, 5, 1.5, 2.5);
        var plan = Sport with { RearRotor = drum, Car = Sport.Car with { Rear = brake }, RearPad = new Pad("lining", "organic") };
        plan.Faults().ShouldBeEmpty();
        var result = Predictor.Predict(plan);
        result.Summary.FrontShare.P50.ShouldBeInRange(0.6, 0.9);
        Math.Abs(result.Cooling[1].BalanceError).ShouldBeLessThan(1e-3);
        result.Cooling[1].VanesShare.ShouldBe(0);
        brake.DiscMu(0.38).ShouldBe(0.5 * DrumGain.Of(0.38));
        ColdStop.EverydayPedalN(plan).ShouldBeLessThan(ColdStop.EverydayPedalN(plan
            with
        { Car = plan.Car with { Rear = brake with { Caliper = CaliperKind.Sliding } } }) * 0.95, "the shoes pull themselves on");
        result.Limits.Single(limit => limit.Code == "rear-face").Capacity.ShouldBe(DrumBrake.LimitC);
        Kept(plan.Wheels().Rear).ShouldBeGreaterThan(1.15 * Kept(SampleParts.Wheel(SampleParts.FrontRing with { RingMassKg = drum.MassKg() })),
            "poor at shedding heat");

        static double Kept(WheelParts parts)
        {
            var wheel = SampleParts.Network(parts);
            for (var i = 0; i < 60; i++)
            {
                wheel.Step(0.1, 30, Lanes.Create(40e3), braking: true);
            }

            for (var i = 0; i < 30; i++)
            {
                wheel.Step(1, 27.8, Lane.Zero, braking: false);
            }

            var hot = wheel.BulkC[0] - 20;
            for (var i = 0; i < 200; i++)
            {
                wheel.Step(1, 27.8, Lane.Zero, braking: false);
            }

            return (wheel.BulkC[0] - 20) / hot;
        }

        (Sport with { RearRotor = drum }).Faults().ShouldContain(fault => fault.Field == "rearRotor.construction");
        (plan with { RearRotor = drum with { DrumWidthMm = 5 } }).Faults().ShouldContain(fault => fault.Field == "rearRotor.drumWidthMm");
    }

    [Fact]
    public void Titanium_between_plate_and_piston_spares_the_fluid()
    {
        PredictionPlan With(PistonMaterial piston, Shim shim) =>
            Sport with { Car = Sport.Car with { Front = Sport.Car.Front with { Pistons = piston, Shim = shim } } };
        var plain = Fluid(With(PistonMaterial.Metal, Shim.None));
        Fluid(With(PistonMaterial.Metal, Shim.Titanium)).ShouldBeLessThan(plain - 1);
        Fluid(With(PistonMaterial.Vented, Shim.None)).ShouldBeLessThan(plain);
        Fluid(With(PistonMaterial.Titanium, Shim.Titanium)).ShouldBeLessThan(Fluid(With(PistonMaterial.Titanium, Shim.None)));
    }

    [Fact]
    public void An_exhaust_beside_the_caliper_warms_it_and_one_beside_a_line_boils_it()
    {
        Fluid(Sport with { OutsideHeat = new OutsideHeat(HeatedPlace.Caliper, 600, 30) }).ShouldBeGreaterThan(Fluid(Sport) + 3);
        var line = SampleParts.LimitsOf(Sport with { OutsideHeat = new OutsideHeat(HeatedPlace.Line, 700, 15) })["line-fluid"];
        line.Gives.ShouldBeTrue();
        line.Change.ShouldNotBeNull();
        SampleParts.LimitsOf(Sport with { OutsideHeat = new OutsideHeat(HeatedPlace.Line, 300, 200) })["line-fluid"].Gives.ShouldBeFalse();
    }

    [Fact]
    public void Pedal_travel_grows_with_soft_lines_soft_calipers_and_heat()
    {
        double Travel(BrakeLine lines, CaliperKind caliper, double celsius) =>
            PedalTravel.Mm(Sport.Car with { Front = Sport.Car.Front with { Caliper = caliper } }, lines, 60, celsius, celsius);
        Travel(BrakeLine.Braided, CaliperKind.Fixed, 20).ShouldBeLessThan(Travel(BrakeLine.Rubber, CaliperKind.Fixed, 20));
        Travel(BrakeLine.Rubber, CaliperKind.Fixed, 20).ShouldBeLessThan(Travel(BrakeLine.AgedRubber, CaliperKind.Fixed, 20));
        Travel(BrakeLine.Rubber, CaliperKind.OnePiece, 20).ShouldBeLessThan(Travel(BrakeLine.Rubber, CaliperKind.Fixed, 20));
        Travel(BrakeLine.Rubber, CaliperKind.Fixed, 20).ShouldBeLessThan(Travel(BrakeLine.Rubber, CaliperKind.Sliding, 20));
        var heat = Travel(BrakeLine.Rubber, CaliperKind.Fixed, 120) - Travel(BrakeLine.Rubber, CaliperKind.Fixed, 20);
        heat.ShouldBeGreaterThan(Travel(BrakeLine.Braided, CaliperKind.Fixed, 120) - Travel(BrakeLine.Braided, CaliperKind.Fixed, 20), "feel mostly when hot");
        Travel(BrakeLine.Rubber, CaliperKind.Sliding, 20).ShouldBeInRange(30, 130, "common practice: a third to all of a pedal's way");
    }

    [Fact]
    public void Cooling_shares_show_that_vanes_lead_when_moving_and_radiation_counts_when_hot_or_parked()
    {
        var cooling = Predictor.Predict(Sport).Course!.Sessions[0].Cooling;
        var series = Predictor.Predict(Sport).Course!.Sessions[0];
        var moving = cooling.TimeS.Select((time, i) => (time, i)).Last(sample => sample.time < series.ParkedS - 60).i;
        var parked = cooling.TimeS.Select((time, i) => (time, i)).First(sample => sample.time > series.ParkedS + 30).i;
        cooling.Vanes[moving].ShouldBeGreaterThan(cooling.Radiation[moving]);
        cooling.Vanes[moving].ShouldBeGreaterThan(30);
        cooling.Radiation[parked].ShouldBeGreaterThan(cooling.Radiation[moving]);
        for (var i = 0; i < cooling.TimeS.Length; i++)
        {
            (cooling.Vanes[i] + cooling.Faces[i] + cooling.Radiation[i] + cooling.Conduction[i]).ShouldBeInRange(0, 102);
        }
    }

    [Fact]
    public void A_stated_mass_wins_and_the_geometry_says_how_far_off_it_was()
    {
        var stated = SampleParts.FrontRing with { RingMassKg = 1.2 * SampleParts.FrontRing.GeometricMassKg() };
        Predictor.Predict(Sport with { FrontRotor = stated }).RingMasses[0].OffPercent!.Value.ShouldBe(20, 0.1);
        Predictor.Predict(Sport).RingMasses[0].OffPercent.ShouldBeNull();
        Face(Sport with { FrontRotor = stated }).ShouldBeLessThan(Face(Sport) - 10);
    }
}
