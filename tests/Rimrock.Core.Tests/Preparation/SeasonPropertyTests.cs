using CsCheck;
using Rimrock.Core.Fluids;
using Rimrock.Core.Logbook;

namespace Rimrock.Core.Tests.Preparation;

/// <summary>What must hold of fluid, wear and paints whatever the figures are.</summary>
public class SeasonPropertyTests
{
    [Fact]
    public void Older_fluid_never_boils_higher() =>
        Gen.Select(Gen.Double[0, 60], Gen.Double[0, 40], Gen.Double[220, 340], Gen.Double[0.55, 0.85]).Sample((age, more, dry, share) =>
        {
            var fluid = new BrakeFluid("fluid", "dot4", dry, dry * share);
            FluidSeason.Vapour(fluid, new FluidState(age + more), 0).P50.ShouldBeLessThanOrEqualTo(FluidSeason.Vapour(fluid, new FluidState(age), 0).P50
                + 0.11);
        });

    [Fact]
    public void A_band_of_the_vapour_point_holds_its_middle_and_altitude_lowers_it() =>
        Gen.Select(Gen.Double[0, 60], Gen.Double[0, 2500]).Sample((age, altitude) =>
        {
            var fluid = new BrakeFluid("fluid", "dot4", 280, 180);
            var band = FluidSeason.Vapour(fluid, new FluidState(age), altitude);
            band.P10.ShouldBeLessThan(band.P50);
            band.P90.ShouldBeGreaterThan(band.P50);
            band.P50.ShouldBeLessThanOrEqualTo(FluidSeason.Vapour(fluid, new FluidState(age), 0).P50);
        });

    [Fact]
    public void More_wear_than_predicted_never_leaves_more_laps() =>
        Gen.Select(Gen.Double[0.2, 3], Gen.Double[0.1, 2]).Sample((worn, more) =>
        {
            WearForecast Of(double loss) =>
                WearForecast.Of("pads", [new(new DateOnly(2026, 1, 1), 11, 0, 0), new(new DateOnly(2026, 2, 1), 11 - loss, 1, 20)], 3, 0.05);
            Of(worn + more).LapsLeft!.P50.ShouldBeLessThanOrEqualTo(Of(worn).LapsLeft!.P50);
            var band = Of(worn);
            (band.LapsLeft!.P10 <= band.LapsLeft.P50 && band.LapsLeft.P50 <= band.LapsLeft.P90).ShouldBeTrue();
            (band.Factor.P10 < band.Factor.P50 && band.Factor.P50 < band.Factor.P90).ShouldBeTrue();
        });

    [Fact]
    public void A_second_measurement_narrows_the_factor() =>
        Gen.Double[0.4, 2].Sample(worn =>
        {
            Measured At(int month, double mm, double predicted) => new(new DateOnly(2026, month, 1), mm, predicted, 20);
            double Width(WearForecast forecast) => Math.Log(forecast.Factor.P90 / forecast.Factor.P10);
            var once = WearForecast.Of("pads", [At(1, 12, 0), At(2, 12 - worn, 1)], 3, 0.05);
            var twice = WearForecast.Of("pads", [At(1, 12, 0), At(2, 12 - worn, 1), At(3, 12 - (2 * worn), 1)], 3, 0.05);
            Width(twice).ShouldBeLessThan(Width(once));
        });
}
