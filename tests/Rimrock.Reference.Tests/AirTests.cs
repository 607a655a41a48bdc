using Rimrock.Core.Heat;
using Rimrock.Core.Materials;
using Rimrock.Core.Rotors;

namespace Rimrock.Reference.Tests;

/// <summary>Air against Incropera, Fundamentals of Heat and Mass Transfer, table A.4 (from memory); correlations against their own sources.</summary>
public class AirTests
{
    [Theory]
    [InlineData(300, 184.6e-7, 26.3e-3)]
    [InlineData(400, 230.1e-7, 33.8e-3)]
    [InlineData(500, 270.1e-7, 40.7e-3)]
    [InlineData(600, 305.8e-7, 46.9e-3)]
    [InlineData(800, 369.8e-7, 57.3e-3)]
    public void Viscosity_and_conductivity_follow_the_table(double kelvin, double viscosityPaS, double conductivityWMK)
    {
        // Sutherland's law is quoted within 2 % (viscosity) and 4 % (conductivity); the table's last digit adds half a percent.
        var celsius = Lanes.Create(kelvin - 273.15);
        var kinematic = Air.KinematicViscosityM2S(celsius, Air.SeaLevelPressurePa)[0];
        (kinematic * Air.DensityKgM3(kelvin, Air.SeaLevelPressurePa)).ShouldBe(viscosityPaS, 0.025 * viscosityPaS);
        Air.ConductivityWMK(celsius)[0].ShouldBe(conductivityWMK, 0.04 * conductivityWMK);
    }

    [Fact]
    public void Density_and_pressure_follow_the_standard_atmosphere()
    {
        // US Standard Atmosphere 1976 (from memory): 1.225 kg/m3 at sea level, 79495 Pa at 2000 m.
        Air.DensityKgM3(288.15, Air.SeaLevelPressurePa).ShouldBe(1.225, 0.001);
        Air.PressurePa(2000).ShouldBe(79495, 20);
    }

    [Fact]
    public void The_road_correlation_joins_both_branches()
    {
        RoadDisc.Nusselt(1e5).ShouldBe(0.70 * Math.Pow(1e5, 0.55), 1e-9);
        RoadDisc.Nusselt(1e6).ShouldBe(0.04 * Math.Pow(1e6, 0.8), 1e-9);
        var before = RoadDisc.Nusselt(1e5);
        for (var re = 1.05e5; re < 6e5; re *= 1.05)
        {
            var now = RoadDisc.Nusselt(re);
            now.ShouldBeGreaterThan(before);
            (now / before).ShouldBeLessThan(1.12);
            before = now;
        }
    }

    [Fact]
    public void Vane_heat_transfer_is_the_published_one_on_both_sides()
    {
        // Sieder-Tate for a short laminar channel, and Gnielinski with entrance factor, both by hand.
        VaneFlow.Nusselt(1000, 0.2).ShouldBe(1.86 * Math.Pow(1000 * 0.7 * 0.2, 1.0 / 3), 1e-9);
        const double re = 8000;
        var f8 = 1 / Math.Pow((0.79 * Math.Log(re)) - 1.64, 2) / 8;
        var developed = f8 * (re - 1000) * 0.7 / (1 + (12.7 * Math.Sqrt(f8) * (Math.Pow(0.7, 2.0 / 3) - 1)));
        VaneFlow.Nusselt(re, 0.2).ShouldBe(developed * (1 + Math.Pow(0.2, 2.0 / 3)), 1e-9);
    }

    [Fact]
    public void Iron_holds_the_heat_that_its_specific_heat_sums_to()
    {
        foreach (var to in new[] { 100.0, 400, 640, 700, 760, 900 })
        {
            const int steps = 20000;
            var sum = Enumerable.Range(0, steps).Sum(i => RotorMaterial.GreyIron.SpecificHeatJKgK((i + 0.5) * to / steps)) * to / steps;
            RotorMaterial.GreyIron.EnthalpyJKg(to).ShouldBe(sum, 1e-5 * sum);
            RotorMaterial.GreyIron.EnthalpyJKg(Lanes.Create(to))[2].ShouldBe(sum, 1e-5 * sum);
        }

        // Typical grey iron (from memory): 50, 48, 46, 44, 42, 40 W/mK from 20 to 500 C.
        foreach (var (c, k) in new[] { (20.0, 50.0), (100, 48), (200, 46), (300, 44), (400, 42), (500, 40) })
        {
            RotorMaterial.GreyIron.ConductivityWMK(c).ShouldBe(k, 0.6);
        }
    }
}
