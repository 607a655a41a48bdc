using MathNet.Numerics.Distributions;
using Rimrock.Core.Friction;
using Rimrock.Core.Heat;
using Rimrock.Core.Materials;
using Rimrock.Core.Numerics;
using Rimrock.Core.Rotors;
using Rimrock.Core.Vehicles;

namespace Rimrock.Reference.Tests;

/// <summary>Radiation alone and steady states against closed forms; the normal quantile against a mathematics library.</summary>
public class RadiationAndSteadyStateTests
{
    [Fact]
    public void A_lump_that_only_radiates_to_deep_cold_cools_by_the_inverse_cube()
    {
        // dT/dt = -e s A T^4 / C has 1/T^3 = 1/T0^3 + 3 e s A t / C (Incropera, section 5.3, from memory); surroundings at 0 K.
        const double area = 0.1, capacity = 4000, emissivity = 0.65, seconds = 600, step = 0.5;
        var lump = new ChainSolver(3, 800 - 273.15);
        lump.Capacity[1] = Lanes.Create(capacity);
        lump.Capacity[0] = lump.Capacity[2] = Lanes.Create(1e-9);
        lump.Link[0] = lump.Link[1] = Lanes.Create(1e-12);
        var cold = Lanes.Create(-273.15);
        var before = lump.Temperature[1];
        for (var i = 0; i < seconds / step; i++)
        {
            var ahead = lump.Temperature[1] + ((lump.Temperature[1] - before) * 0.5);
            before = lump.Temperature[1];
            var g = GreyBody.CoefficientWM2K(ahead, cold, Lanes.Create(emissivity)) * area;
            lump.Sink[1] = g;
            lump.Source[1] = g * cold;
            lump.Step(step);
        }

        var exact = Math.Pow(Math.Pow(800, -3) + (3 * emissivity * 5.670374419e-8 * area * seconds / capacity), -1.0 / 3);
        (lump.Temperature[1][0] + 273.15).ShouldBe(exact, 0.05);
    }

    [Fact]
    public void The_radiation_coefficient_is_the_fourth_power_law()
    {
        var g = GreyBody.CoefficientWM2K(Lanes.Create(600.0), Lanes.Create(25.0), Lanes.Create(0.65))[0];
        (g * 575).ShouldBe(0.65 * 5.670374419e-8 * (Math.Pow(873.15, 4) - Math.Pow(298.15, 4)), 1e-6);
    }

    [Fact]
    public void A_wall_between_two_temperatures_settles_to_a_straight_line()
    {
        var wall = new ChainSolver(9, 20);
        wall.Capacity.Fill(Lanes.Create(50.0));
        wall.Link.Fill(Lanes.Create(8.0));
        wall.Sink[0] = wall.Sink[8] = Lanes.Create(1e6);
        wall.Source[0] = Lanes.Create(1e6 * 500);
        wall.Source[8] = Lanes.Create(1e6 * 100);
        for (var i = 0; i < 400; i++)
        {
            wall.Step(20);
        }

        for (var i = 0; i < 9; i++)
        {
            wall.Temperature[i][0].ShouldBe(500 - (i * 50), 0.01);
        }
    }

    [Fact]
    public void A_wheel_held_at_constant_power_loses_in_the_end_what_it_gets()
    {
        var ring = new Rotor("ring", 320, 210, 28, 26, VaneKind.Straight, 8, 37, 5.5);
        var parts = new WheelParts(ring, new AxleBrake(CaliperKind.Sliding, [57], 58, 50), PadFamilies.Find("organic"), 10, new WheelDuct(), 0.315);
        var wheel = new WheelNetwork(parts, [.. Enumerable.Repeat(WheelFactors.Median, 4)], 20, 101325);
        for (var i = 0; i < 60000; i++)
        {
            wheel.Step(0.5, 30, Lanes.Create(6000.0), braking: true);
        }

        var before = wheel.Paths.Out[0];
        for (var i = 0; i < 200; i++)
        {
            wheel.Step(0.5, 30, Lanes.Create(6000.0), braking: true);
        }

        (wheel.Paths.Out[0] - before).ShouldBe(600e3, 60);
    }

    [Theory]
    [InlineData(1e-6)]
    [InlineData(0.001)]
    [InlineData(0.02)]
    [InlineData(0.1)]
    [InlineData(0.5)]
    [InlineData(0.93)]
    [InlineData(0.9999)]
    public void The_normal_quantile_is_the_librarys(double probability) =>
        NormalQuantile.At(probability).ShouldBe(Normal.InvCDF(0, 1, probability), 1e-7);
}
