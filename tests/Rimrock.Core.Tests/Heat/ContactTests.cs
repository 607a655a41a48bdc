using Rimrock.Core.Driving;
using Rimrock.Core.Friction;
using Rimrock.Core.Heat;
using Rimrock.Core.Rotors;
using Rimrock.Core.Runs;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Tests.Heat;

/// <summary>What rubs is hardly hotter than what it rubs on: half the friction's flux through the contact, no more.</summary>
public class ContactTests
{
    public static TheoryData<string> Families => [.. PadFamilies.All.Select(family => family.Code)];

    [Theory]
    [MemberData(nameof(Families))]
    public void A_pads_surface_is_no_hotter_than_the_face_and_the_jump_that_its_flux_makes(string family)
    {
        var parts = SampleParts.Wheel(pad: family);
        WheelFactors[] members = [WheelFactors.Median, new(ContactWM2K: 1.5e5), new(ContactWM2K: 0.66e5), new(PadConductivity: 1.96), new(PadConductivity: 0.5),
            new(RubbedShare: 0.55), new(PlateToPistonWM2K: 3000), new(GapWM2K: 900)];
        var wheel = new WheelNetwork(parts, members, 20, Core.Materials.Air.SeaLevelPressurePa);
        var hottest = Lanes.Create(20.0);
        double most = 0;
        for (var lap = 0; lap < 12; lap++)
        {
            for (var i = 0; i < 30; i++)
            {
                // 4 s from 130 kW down to 40: a hard stop of a fast car's front wheel.
                var watts = 130e3 - (i * 3e3);
                wheel.Step(0.13, 50 - i, Lanes.Create(watts), braking: true);
                var surface = wheel.PadSurfaceC;
                hottest = Lanes.MaxNative(hottest, surface);
                for (var lane = 0; lane < members.Length; lane++)
                {
                    var flux = watts / 2 / parts.PadAreaM2();
                    var jump = surface[lane] - wheel.HotterFaceC[lane];
                    jump.ShouldBeLessThanOrEqualTo((flux / (2 * members[lane].ContactWM2K)) + 5, $"lane {lane} lap {lap}");
                    most = lane == 0 ? Math.Max(most, jump) : most;
                    wheel.PadCoreC[lane].ShouldBeLessThanOrEqualTo(hottest[lane] + 1e-6, "no core is hotter than any surface was");
                }
            }

            for (var i = 0; i < 20; i++)
            {
                wheel.Step(1, 45, Lane.Zero, braking: false);
                hottest = Lanes.MaxNative(hottest, wheel.PadSurfaceC);
            }
        }

        most.ShouldBeLessThan(120, "the median's jump at its peak");
    }

    /// <summary>Common practice: backing plates of hard driven cars reach 200 to 400 C; sintered pads, which pass far more heat, run hotter ones.</summary>
    [Theory]
    [InlineData("street-performance")]
    [InlineData("track-sport")]
    [InlineData("race-carbon-metallic")]
    public void Plates_run_as_hot_as_the_trade_finds_them(string family)
    {
        var plan = SampleParts.Plan(family, family);
        var run = new DayRun(plan, [CarFactors.Median]);
        foreach (var phase in new Day(plan).Phases)
        {
            run.Run(phase);
        }

        run.Phases.Max(phase => phase.Peak[(int)BrakePart.FrontPlate][0]).ShouldBeInRange(200, 400);
    }

    /// <summary>A motorcycle's sintered pads: their middle was 359 K hotter than the face that they rub on, which no contact allows.</summary>
    [Fact]
    public void A_thin_sintered_pad_is_no_hotter_inside_than_its_disc()
    {
        var guess = CarGuess.Motorcycle("naked", 270, 90, "track-day");
        var plan = SampleParts.Plan("race-sintered", "race-sintered") with { Car = guess.Car, FrontRotor = guess.FrontRotor, RearRotor = guess.RearRotor };
        var run = new DayRun(plan, [CarFactors.Median]);
        foreach (var phase in new Day(plan).Phases)
        {
            run.Run(phase);
        }

        double Peak(BrakePart part) => run.Phases.Max(phase => phase.Peak[(int)part][0]);
        Peak(BrakePart.FrontPadCore).ShouldBeLessThan(Peak(BrakePart.FrontFace));
    }

    /// <summary>Spray cools a wet disc more (own judgement, x1.3), and its spread adds to the axle's own.</summary>
    [Fact]
    public void Spray_cools_in_rain()
    {
        var dry = new WheelFactors(Cooling: 1.1, OwnCooling: 1.15);
        dry.ForcedCooling(rain: false).ShouldBe(1.1 * 1.15, 1e-12);
        WheelFactors.Median.ForcedCooling(rain: true).ShouldBe(1.3, 1e-12);
        Math.Log(dry.ForcedCooling(rain: true) / 1.1 / 1.3).ShouldBe(Math.Sqrt(Math.Pow(Math.Log(1.15), 2) + Math.Pow(Math.Log(1.2), 2)), 1e-9);
    }

    /// <summary>From memory: 20 h at 180 C, half for each 12 K; carbon burns some 0.03 % an hour at 600 C, 0.6 at 800, 1.0 at 1000.</summary>
    [Fact]
    public void Seals_age_and_carbon_burns_by_temperature()
    {
        SealLife.Hours(180).ShouldBe(20);
        SealLife.Hours(204).ShouldBe(5);
        (SealLife.UsedPerSecond(Lanes.Create(192.0))[0] * 36_000).ShouldBe(1, 1e-3, "10 h at 192 C");
        CarbonOxidation.PercentPerHour(600).ShouldBe(0.03, 0.01);
        CarbonOxidation.PercentPerHour(800).ShouldBe(0.6, 0.12);
        CarbonOxidation.PercentPerHour(1000).ShouldBe(1.0, 0.12);
        (CarbonOxidation.SharePerSecond(Lanes.Create(900.0))[0] * 3600 * 100).ShouldBe(CarbonOxidation.PercentPerHour(900), 1e-3);
    }
}
