using CsCheck;
using Rimrock.Core.Heat;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Tests.Heat;

public class WheelNetworkTests
{
    private static readonly Lane Nothing = Lane.Zero;

    private static void Brake(WheelNetwork wheel, double seconds, double kw, double speedMS = 40)
    {
        for (var i = 0; i < seconds * 10; i++)
        {
            wheel.Step(0.1, speedMS, Lanes.Create(kw * 1000), braking: true);
        }
    }

    private static void Roll(WheelNetwork wheel, double seconds, double speedMS, double step = 1)
    {
        for (var i = 0; i < seconds / step; i++)
        {
            wheel.Step(step, speedMS, Nothing, braking: false);
        }
    }

    private static void Laps(WheelNetwork wheel, int stops = 40)
    {
        for (var i = 0; i < stops; i++)
        {
            Brake(wheel, 4, 90, 35);
            Roll(wheel, 26, 40);
        }
    }

    [Fact]
    public void What_goes_in_is_stored_or_lost()
    {
        (from mm in Gen.Double[3, 11]
         from kw in Gen.Double[10, 160]
         from seconds in Gen.Double[1, 6]
         from speed in Gen.Double[0, 60]
         from ambient in Gen.Double[-20, 45]
         select (mm, kw, seconds, speed, ambient)).Sample(
            sample =>
            {
                var wheel = SampleParts.Network(SampleParts.Wheel(padMm: sample.mm), sample.ambient);
                var cold = wheel.StoredJ()[0];
                for (var i = 0; i < 6; i++)
                {
                    Brake(wheel, sample.seconds, sample.kw, sample.speed);
                    Roll(wheel, 20, sample.speed);
                }

                var off = wheel.Paths.In[0] - wheel.Paths.Out[0] - (wheel.StoredJ()[0] - cold);
                Math.Abs(off).ShouldBeLessThan(0.001 * wheel.Paths.In[0]);
            },
            iter: 40);
    }

    [Fact]
    public void Nothing_gets_colder_than_the_air()
    {
        var wheel = SampleParts.Network(SampleParts.Wheel(), 30);
        Brake(wheel, 3, 100);
        Roll(wheel, 3600, 30);
        Roll(wheel, 36000, 0, 60);
        foreach (var c in new[] { wheel.BulkC, wheel.PlateC, wheel.FluidC, wheel.CaliperC, wheel.HatC, wheel.HubC, wheel.PadCoreC })
        {
            c[0].ShouldBeInRange(30 - 1e-6, 31);
        }
    }

    [Fact]
    public void Members_with_the_same_figures_stay_the_same_and_others_do_not_disturb_them()
    {
        var median = WheelFactors.Median;
        var mixed = new WheelNetwork(SampleParts.Wheel(), [median, median with { Cooling = 2 }, median, median with { PadConductivity = 3 }], 20, 101325);
        var alone = SampleParts.Network(SampleParts.Wheel());
        Laps(mixed, 5);
        Laps(alone, 5);
        mixed.FaceInC[0].ShouldBe(alone.FaceInC[0]);
        mixed.FaceInC[2].ShouldBe(alone.FaceInC[0]);
        mixed.BulkC[1].ShouldBeLessThan(alone.BulkC[0]);
        mixed.FluidC[3].ShouldBeGreaterThan(alone.FluidC[0]);
    }

    /// <summary>
    /// Common practice, taken together: a 7.5 kg vented 320 mm ring behind a closed shield cools from 400 to 200 C with a
    /// time constant near 230 s at 100 km/h (x1.35), parked in 900 to 1800 s; and at 10-12 kW mean power its bulk settles
    /// between 350 and 600 C.
    /// </summary>
    [Fact]
    public void Time_constants_and_mean_power_are_those_of_the_trade()
    {
        var parts = SampleParts.Wheel(SampleParts.FrontRing with { RingMassKg = 7.5 }, pad: "organic");
        TimeConstant(100 / 3.6).ShouldBeInRange(230 / 1.1, 230 * 1.1);
        TimeConstant(0).ShouldBeInRange(850, 1800);
        var wheel = SampleParts.Network(parts);
        for (var i = 0; i < 40; i++)
        {
            Brake(wheel, 3, 110, 35);
            Roll(wheel, 27, 36);
        }

        wheel.BulkC[0].ShouldBeInRange(350, 600, "mean power 11 kW");
        wheel.PlateC[0].ShouldBeInRange(150, 400);

        double TimeConstant(double speedMS)
        {
            var hot = SampleParts.Network(parts);
            while (hot.BulkC[0] < 430)
            {
                Brake(hot, 1, 60, 28);
            }

            while (hot.BulkC[0] > 400)
            {
                hot.Step(0.5, speedMS, Nothing, false);
            }

            double from = hot.BulkC[0], seconds = 0;
            while (hot.BulkC[0] > 200)
            {
                hot.Step(0.5, speedMS, Nothing, false);
                seconds += 0.5;
            }

            return seconds / Math.Log((from - 20) / (hot.BulkC[0] - 20));
        }
    }

    [Fact]
    public void More_mass_runs_cooler_and_more_air_too()
    {
        double Peak(WheelParts parts)
        {
            var wheel = SampleParts.Network(parts);
            Laps(wheel);
            Brake(wheel, 4, 90, 35);
            return wheel.FaceInC[0];
        }

        var usual = Peak(SampleParts.Wheel());
        Peak(SampleParts.Wheel(SampleParts.FrontRing with { RingMassKg = 9.5 })).ShouldBeLessThan(usual);
        var open = Peak(SampleParts.Wheel(duct: new WheelDuct(76, Shield.Trimmed)));
        var shut = Peak(SampleParts.Wheel(duct: new WheelDuct(76, Shield.Closed)));
        (usual - open).ShouldBeGreaterThan(40);
        (usual - shut).ShouldBeInRange(0.1, 15, "a duct behind a closed shield does next to nothing (common practice)");
    }

    /// <summary>Common practice: a worn pad hardly changes the face but passes far more heat to the fluid, which peaks sooner.</summary>
    [Fact]
    public void A_worn_pad_leaves_the_face_alone_and_heats_the_fluid()
    {
        (double Face, double Fluid) After(double mm)
        {
            var wheel = SampleParts.Network(SampleParts.Wheel(padMm: mm, pad: "organic"));
            Laps(wheel);
            return (wheel.FaceInC[0], wheel.FluidC[0]);
        }

        var fresh = After(10);
        var worn = After(4);
        Math.Abs(worn.Face - fresh.Face).ShouldBeLessThan(15);
        (worn.Fluid - fresh.Fluid).ShouldBeInRange(8, 60);
    }

    [Fact]
    public void After_parking_hot_the_fluid_goes_on_rising_for_minutes()
    {
        var wheel = SampleParts.Network(SampleParts.Wheel(pad: "organic"));
        Laps(wheel, 40);
        var stopped = wheel.FluidC[0];
        double peak = stopped, at = 0;
        for (var s = 1; s <= 1800; s++)
        {
            wheel.Step(1, 0, Nothing, false);
            if (wheel.FluidC[0] > peak)
            {
                (peak, at) = (wheel.FluidC[0], s);
            }
        }

        (peak - stopped).ShouldBeInRange(5, 60);
        (at / 60).ShouldBeInRange(1.5, 15);
    }

    [Fact]
    public void The_shielded_side_runs_hotter_and_a_one_piece_ring_unevenly()
    {
        var wheel = SampleParts.Network(SampleParts.Wheel());
        Laps(wheel, 10);
        wheel.FaceInC[0].ShouldBeGreaterThan(wheel.FaceOutC[0]);
    }
}
