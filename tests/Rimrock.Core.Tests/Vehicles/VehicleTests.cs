using CsCheck;
using Rimrock.Core.Quantities;
using Rimrock.Core.Rotors;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Tests.Vehicles;

public class VehicleTests
{
    [Fact]
    public void Pedal_force_and_pressure_are_inverse_above_and_below_the_knee()
    {
        var hydraulics = new Hydraulics();
        foreach (var pedal in new[] { 20.0, 150, 260, 261, 400, 900 })
        {
            hydraulics.PedalForceN(hydraulics.PressureBar(pedal)).ShouldBe(pedal, 1e-9);
        }

        hydraulics.PressureBar(400).ShouldBeLessThan(400.0 / 150 * hydraulics.PressureBar(150), "the booster has run out");
    }

    [Fact]
    public void A_failed_booster_leaves_the_pedal_ratio_only()
    {
        var failed = new Hydraulics().WithoutBooster();
        var area = Math.PI / 4 * 23.81 * 23.81e-6;
        failed.PressureBar(500).ShouldBe(500 * 3.5 / area / 1e5, 0.01);
    }

    [Fact]
    public void A_fixed_caliper_counts_one_side_and_a_sliding_one_all_of_its_pistons()
    {
        var single = new AxleBrake(CaliperKind.Sliding, [57], 58, 50).OneSidePistonAreaM2();
        single.ShouldBe(Math.PI / 4 * 0.057 * 0.057, 1e-12);
        new AxleBrake(CaliperKind.Fixed, [42, 38], 58, 50).OneSidePistonAreaM2().ShouldBe(Math.PI / 4 * ((0.042 * 0.042) + (0.038 * 0.038)), 1e-12);
    }

    [Fact]
    public void The_electronics_keep_the_rear_within_its_grip_and_hand_the_rest_forward()
    {
        var ideal = BrakeBalance.IdealFrontShare(0.58, 1.0, 0.56, 2.7);
        var (least, most) = BrakeBalance.FrontShareLimits(Lane.One, Lanes.Create(ideal), 1.05, default);
        least[0].ShouldBe(1 - (1.05 * (1 - ideal)), 1e-12);
        most[0].ShouldBe(1.05 * ideal, 1e-12);
        BrakeBalance.FrontShareLimits(Lane.One, Lanes.Create(ideal), 1.05, new(0, 0.02)).Least[0].ShouldBe(least[0] + 0.02, 1e-12,
            "recuperation at the rear takes of the rear's grip");
    }

    /// <summary>Common practice: a 370 x 33 mm vented iron ring weighs about 10 kg.</summary>
    [Fact]
    public void Geometry_gives_the_mass_that_scales_show()
    {
        new Rotor("large", 370, 244, 33, 31, VaneKind.Straight, 13, 48, 5).GeometricMassKg().ShouldBe(10, 1.2);
        SampleParts.FrontRing.GeometricMassKg().ShouldBe(7.2, 0.4);
        (SampleParts.FrontRing with { RingMassKg = 7.9 }).MassKg().ShouldBe(7.9);
    }

    [Fact]
    public void Any_car_in_range_can_be_guessed_and_is_without_fault()
    {
        (from mass in Gen.Double[350, 4000]
         from power in Gen.Double[15, 1200]
         from tyre in Gen.Int[0, Tyre.All.Count - 1].Select(i => Tyre.All[i].Code)
         select (mass, power, tyre)).Sample(sample =>
        {
            var guess = CarGuess.From("guess", sample.mass, sample.power, sample.tyre);
            var faults = new List<InputFault>();
            guess.Car.Check(faults);
            guess.FrontRotor.Check("frontRotor", faults);
            guess.RearRotor.Check("rearRotor", faults);
            faults.ShouldBeEmpty();
            (guess.FrontRotor.MassKg() / sample.mass).ShouldBeInRange(0.0039, 0.0081);
        });
    }

    [Fact]
    public void A_guess_out_of_range_names_every_field()
    {
        var faults = Should.Throw<InputFaultException>(() => CarGuess.From("", 5000, double.NaN, "bald")).Faults;
        faults.Select(fault => fault.Field).ShouldBe(["car.name", "car.massKg", "car.powerKw", "car.tyre"], ignoreOrder: true);
        faults.Single(fault => fault.Field == "car.massKg").Allowed.Terms.ShouldBe([Core.Quantities.Figure.Range(350, 4000, "kg")]);
    }

    [Fact]
    public void Temperatures_and_their_differences_do_not_mix()
    {
        var step = new Temperature(250) - new Temperature(180);
        step.ShouldBe(new TemperatureDifference(70));
        (new Temperature(20) + step).ShouldBe(new Temperature(90));
        (new Temperature(20) < new Temperature(21)).ShouldBeTrue();
    }
}
