using Rimrock.Core.Logbook;

namespace Rimrock.Core.Tests.Logbook;

public class WearForecastTests
{
    private static Measured At(int day, double mm, double predicted, int laps) => new(new DateOnly(2026, 1, 1).AddDays(day), mm, predicted, laps);

    [Fact]
    public void One_measurement_leaves_the_prior()
    {
        var forecast = WearForecast.Of("front pads", [At(0, 10, 0, 0)], 3, 0.05);
        forecast.Readings.ShouldBe(0);
        forecast.Factor.P50.ShouldBe(1);
        forecast.Factor.P90.ShouldBe(Math.Pow(1.7, 1.2816), 0.01);
        forecast.LapsLeft!.P50.ShouldBe(140);
    }

    [Fact]
    public void Measurements_pull_the_factor_by_the_conjugate_formula()
    {
        // By hand: prior precision 1/ln(1.7)^2 = 3.5515; a loss of 2 mm against 1 mm predicted has sigma^2 = 0.15^2 + 2 (0.15/2)^2 = 0.03375, precision 29.63;
        // mean = 29.63 ln 2 / 33.18 = 0.6190, factor 1.857.
        WearForecast.Of("front pads", [At(0, 10, 0, 0), At(30, 8, 1, 20)], 3, 0.05).Factor.P50.ShouldBe(1.857, 0.005);
    }

    [Fact]
    public void A_hidden_factor_is_found_within_its_band_at_its_nominal_rate()
    {
        var random = new Random(11);
        double Normal() => Math.Sqrt(-2 * Math.Log(1 - random.NextDouble())) * Math.Cos(2 * Math.PI * random.NextDouble());
        var held = 0;
        const int cars = 400;
        for (var car = 0; car < cars; car++)
        {
            var truth = Math.Exp(Math.Log(1.7) * Normal());
            var mm = 11.0;
            var measured = new List<Measured> { At(0, mm + (WearForecast.GaugeMm * Normal()), 0, 0) };
            for (var day = 1; day <= 3; day++)
            {
                mm -= 0.9 * truth * Math.Exp(WearForecast.DayToDay * Normal());
                measured.Add(At(30 * day, mm + (WearForecast.GaugeMm * Normal()), 0.9, 15));
            }

            var factor = WearForecast.Of("front pads", measured, 3, 0.06).Factor;
            held += truth >= factor.P10 && truth <= factor.P90 ? 1 : 0;
        }

        // Eight tenths; the gauge's error in a small loss is no log-normal, so the band may hold a little less or more.
        ((double)held / cars).ShouldBeInRange(0.72, 0.9);
    }

    [Fact]
    public void A_long_lived_front_set_lasts_a_hundred_to_a_hundred_and_fifty_hard_laps()
    {
        // Common practice: 100 to 150 hard laps a set is a long-lived front pad. 8 mm usable at 0.065 mm a lap.
        WearForecast.Of("front pads", [At(0, 11, 0, 0)], 3, 0.065).LapsLeft!.P50.ShouldBeInRange(100, 150);
    }

    [Fact]
    public void The_level_falls_by_the_volume_that_worn_pads_hold()
    {
        // Front only, 57 mm sliding piston, both wheels, 3 mm off each of two pads: 2 x 25.52 cm2 x 0.6 cm = 30.6 cm3, over 40 cm2 is 7.7 mm.
        WearForecast.LevelFallMm(SampleParts.Estate, 3, 0).ShouldBe(7.66, 0.05);
        WearForecast.LevelFallMm(SampleParts.Estate, 0, 0).ShouldBe(0);
    }
}
