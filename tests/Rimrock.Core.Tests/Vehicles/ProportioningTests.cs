using Rimrock.Core.Quantities;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Tests.Vehicles;

public class ProportioningTests
{
    private static readonly Car Plain = SampleParts.Estate with { Electronics = false };

    /// <summary>Knee 30 bar, slope 0.37 (common practice; Limpert 2011, from memory): 80 bar at the front are 48.5 behind, by hand.</summary>
    [Fact]
    public void A_valve_holds_the_rear_back_beyond_its_knee()
    {
        var valve = ProportioningValve.Of(Plain);
        valve.RearPa(25e5).ShouldBe(25e5);
        valve.RearPa(80e5).ShouldBe(48.5e5, 1);
        ProportioningValve.Of(Plain with { RearValve = RearValve.Limiter }).RearPa(80e5).ShouldBe(30e5);
        ProportioningValve.Of(Plain with { RearValve = RearValve.LoadSensing }, 1.5).RearPa(80e5).ShouldBe((45 + (0.37 * 35)) * 1e5, 1);
        ProportioningValve.Of(Plain with { RearValve = RearValve.None }).ShouldBe(ProportioningValve.None);
        ProportioningValve.Of(SampleParts.Estate).ShouldBe(ProportioningValve.None, "electronics do the valve's work");
    }

    [Theory]
    [InlineData(500)]
    [InlineData(3000)]
    [InlineData(6000)]
    public void The_pressure_for_a_torque_gives_that_torque(double torqueNM)
    {
        var valve = ProportioningValve.Of(Plain);
        var (front, rear) = (6e-4, 2.5e-4);
        var pascal = valve.FrontPa(Lanes.Create(torqueNM), Lanes.Create(front), Lanes.Create(rear), Lane.One)[0];
        ((front * pascal) + (rear * valve.RearPa(pascal))).ShouldBe(torqueNM, 1e-6);
    }

    /// <summary>Common practice: a tenth of an engine's power is gone for each 1000 m unless it is charged.</summary>
    [Fact]
    public void Thin_air_takes_power_from_an_engine_that_breathes_freely()
    {
        (Plain.At(1500).PowerKw / Plain.PowerKw).ShouldBe(0.85, 1e-12);
        (Plain with { Charged = true }).At(1500).PowerKw.ShouldBe(Plain.PowerKw);
        (Plain with { RegenerationMS2 = 1 }).At(1500).PowerKw.ShouldBe(Plain.PowerKw, "an electric motor does not breathe");
        Plain.At(0).ShouldBe(Plain);
    }

    /// <summary>A motor brakes the axle that it drives; where it drives both, as they are loaded (common practice). 1.96 m/s2 are 0.2 g.</summary>
    [Theory]
    [InlineData(RegeneratingAxle.Front, 1)]
    [InlineData(RegeneratingAxle.Rear, 0)]
    [InlineData(RegeneratingAxle.Both, 0.6)]
    public void Recuperation_takes_grip_of_its_own_axle(RegeneratingAxle axle, double frontShare)
    {
        var car = SampleParts.Estate with { RegenerationMS2 = 0.2 * Speed.StandardGravityMS2, RegeneratesAt = axle, EngineBrakingMS2 = 0, StaticFrontShare = 0.6 };
        var taken = BrakeBalance.RetardersG(car);
        taken.Front.ShouldBe(0.2 * frontShare, 1e-12);
        taken.Rear.ShouldBe(0.2 * (1 - frontShare), 1e-12);
    }

    /// <summary>By hand: 1.2 kg/m3, 1 m2 of it, 60 m/s are 2160 N, 0.141 of 1560 kg.</summary>
    [Fact]
    public void Downforce_loads_the_tyres_with_the_square_of_the_speed()
    {
        var winged = SampleParts.Estate with { DownforceAreaM2 = 1 };
        winged.AirLoadG(60, 1.2).ShouldBe(2160 / (1560 * 9.81), 1e-9);
        var fast = new Core.Driving.Day(SampleParts.Plan() with { Car = winged }).HotLap.DurationS;
        fast.ShouldBeLessThan(new Core.Driving.Day(SampleParts.Plan()).HotLap.DurationS - 0.3);
    }

    /// <summary>A guessed pedal: the original pads, warm, give 1 g at 200 N (common practice, x1.3); figures typed in scatter less.</summary>
    [Theory]
    [InlineData(980, 95)]
    [InlineData(1560, 125)]
    [InlineData(2300, 150)]
    public void A_guessed_pedal_gives_one_g_at_200_N(double massKg, double powerKw)
    {
        var guess = CarGuess.From("car", massKg, powerKw, "sport");
        var (car, hydraulics) = (guess.Car, guess.Car.Hydraulics);
        var perPascal = (hydraulics.AxleTorquePerPascal(car.Front, car.Front.EffectiveRadiusM(guess.FrontRotor)) * 0.38)
            + (hydraulics.AxleTorquePerPascal(car.Rear, car.Rear.EffectiveRadiusM(guess.RearRotor)) * 0.38);
        var g = perPascal * hydraulics.EffectivePascal(hydraulics.PressureBar(200)) / car.TyreRadiusM / car.EffectiveMassKg() / 9.80665;
        g.ShouldBe(1, 0.12);
        hydraulics.SpreadFactor().ShouldBe(1.3);
        (hydraulics with { Guessed = false }).SpreadFactor().ShouldBe(1.05);
    }
}
