using Rimrock.Core.Rotors;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Tests.Vehicles;

public class CarGuessTests
{
    [Fact]
    public void Sizes_follow_the_cube_root_of_mass_and_areas_its_two_thirds_power()
    {
        var one = CarGuess.From("one", 1560, 125, "sport");
        var heavy = CarGuess.From("heavy", 2.0 * 1560, 250, "sport");
        one.Car.Front.PadAreaCm2.ShouldBe(56);
        heavy.Car.Front.PadAreaCm2.ShouldBe(56 * Math.Pow(2, 2.0 / 3), 0.1);
        heavy.Car.Rear.PadAreaCm2.ShouldBe(36 * Math.Pow(2, 2.0 / 3), 0.1);
        heavy.Car.Front.PistonsMm.Single().ShouldBe(57 * Math.Cbrt(2), 0.1);
        heavy.Car.WheelbaseM.ShouldBe(2.70 * Math.Cbrt(2), 0.01);
        heavy.Car.Front.CaliperMassKg.ShouldBe(9, 0.1, "a caliper weighs as the car does");
    }

    [Fact]
    public void A_strong_car_has_fixed_calipers_of_aluminium_and_larger_pads()
    {
        // Common practice: from about 0.16 kW to the kilogram on.
        CarGuess.From("tame", 1500, 0.159 * 1500, "sport").Car.Front.Caliper.ShouldBe(CaliperKind.Sliding);
        var strong = CarGuess.From("strong", 1500, 0.161 * 1500, "sport").Car.Front;
        strong.Caliper.ShouldBe(CaliperKind.Fixed);
        strong.AluminiumCaliper.ShouldBeTrue();
        strong.PistonsMm.Count.ShouldBe(2);
        strong.PadAreaCm2.ShouldBe(75 * Math.Pow(1500.0 / 1560, 2.0 / 3), 0.1);
    }

    [Theory]
    [InlineData(CarLayout.FrontDrive, 0.61)]
    [InlineData(CarLayout.RearDrive, 0.52)]
    [InlineData(CarLayout.AllWheel, 0.57)]
    [InlineData(CarLayout.MidEngine, 0.42)]
    [InlineData(CarLayout.RearEngine, 0.39)]
    [InlineData(CarLayout.Electric, 0.50)]
    [InlineData(CarLayout.ElectricFront, 0.57)]
    public void Layout_says_what_the_front_wheels_carry_and_the_brakes_follow(CarLayout layout, double frontShare)
    {
        // Weight shares: common practice. Where more stands on the rear, more is braked there: rear pistons grow as the front share shrinks.
        var (guess, usual) = (CarGuess.From("car", 1400, 150, "sport", layout, CarBody.Roadster), CarGuess.From("car", 1400, 150, "sport"));
        guess.Car.StaticFrontShare.ShouldBe(frontShare);
        guess.Car.CgHeightM.ShouldBe(0.47);
        var rear = guess.Car.Rear.PistonsMm.Single() - usual.Car.Rear.PistonsMm.Single();
        Math.Sign(rear).ShouldBe(Math.Sign(0.58 - frontShare));
        guess.RearRotor.MassKg().ShouldBeLessThan(guess.FrontRotor.MassKg());
        (guess.Car.RegenerationMS2 > 0).ShouldBe(layout is CarLayout.Electric or CarLayout.ElectricFront, "what recuperates");
    }

    [Fact]
    public void A_van_is_higher_than_a_saloon_and_that_higher_than_a_roadster() =>
        new[] { CarBody.Tall, CarBody.Saloon, CarBody.Roadster }.Select(body => CarGuess.From("car", 1800, 120, "summer", body: body).Car.CgHeightM)
            .ShouldBe([0.67, 0.54, 0.47]);

    [Theory]
    [InlineData(1560, 140, 7.8)]
    [InlineData(980, 95, 4.5)]
    [InlineData(1940, 250, 12)]
    [InlineData(2300, 150, 9.7)]
    public void A_guessed_ring_weighs_what_is_usual_for_the_car(double massKg, double powerKw, double ringKg)
    {
        // Common practice: half a kilogram of front ring for each hundred of car, more with more power (x1.2), a little over half of it behind.
        var guess = CarGuess.From("car", massKg, powerKw, "sport");
        guess.FrontRotor.MassKg().ShouldBeInRange(ringKg / 1.2, ringKg * 1.2);
        (guess.RearRotor.MassKg() / guess.FrontRotor.MassKg()).ShouldBe(0.55, 0.01);
        guess.FrontRotor.MassOverGeometry()!.Value.ShouldBe(1, 0.08);
        guess.RearRotor.Vanes.ShouldBe(guess.RearRotor.MassKg() > 4.2 ? VaneKind.Straight : VaneKind.Solid);
    }

    /// <summary>Drums behind a light car, and carbon in place of iron (common practice): both are cars that can be judged.</summary>
    [Fact]
    public void Drums_and_carbon_discs_are_guessed_with_what_belongs_to_them()
    {
        var light = CarGuess.From("light", 1050, 80, "summer");
        var drums = light.WithRearDrums();
        (drums.Car.Rear.Caliper, drums.RearRotor.Construction, drums.RearRotor.OuterDiameterMm).ShouldBe((CaliperKind.Drum, RotorConstruction.Drum, 228));
        var fast = CarGuess.From("fast", 1700, 330, "sport");
        var carbon = fast.WithCarbonDiscs();
        carbon.FrontRotor.MassKg().ShouldBeLessThan(0.7 * fast.FrontRotor.MassKg(), "carbon is a third as dense");
        carbon.FrontRotor.OuterDiameterMm.ShouldBe(Math.Min(420, 1.1 * fast.FrontRotor.OuterDiameterMm), 1);
        foreach (var (guess, family) in new[] { (drums, "organic"), (carbon, "carbon-ceramic-disc") })
        {
            var pad = SampleParts.Plan(family, family).FrontPad;
            var plan = SampleParts.Plan() with
            {
                Car = guess.Car,
                FrontRotor = guess.FrontRotor,
                RearRotor = guess.RearRotor,
                FrontPad = pad,
                RearPad = pad,
            };
            plan.Faults().ShouldBeEmpty();
            Core.Fitting.HardStops.OfFitted(plan).ShouldBeEmpty();
            Core.Fitting.Predictor.Predict(plan with { Pace = "novice" }).Limits.ShouldNotBeEmpty();
        }
    }

    [Theory]
    [InlineData(PistonMaterial.Metal, Shim.None, 1)]
    [InlineData(PistonMaterial.Titanium, Shim.None, 0.4)]
    [InlineData(PistonMaterial.Vented, Shim.None, 0.6)]
    [InlineData(PistonMaterial.Metal, Shim.Steel, 0.8)]
    [InlineData(PistonMaterial.Titanium, Shim.Titanium, 0.16)]
    public void Titanium_passes_two_fifths_of_the_heat_whether_piston_or_shim(PistonMaterial piston, Shim shim, double share) =>
        (SampleParts.FrontBrake with { Pistons = piston, Shim = shim }).HeatShareToPiston().ShouldBe(share, 1e-12);
}
