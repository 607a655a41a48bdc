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

    public static TheoryData<WearForecast.Kind, double, double> Readings() => new()
    {
        { WearForecast.Kind.Pads, 2, 1 },
        { WearForecast.Kind.Pads, 1, 1 },
        { WearForecast.Kind.Pads, 0.2, 1 },
        { WearForecast.Kind.Pads, 0.02, 0.5 },
        { WearForecast.Kind.Pads, -0.1, 0.3 },
        { WearForecast.Kind.Rotors, 0.2, 0.1 },
        { WearForecast.Kind.RingsByMass, 0.06, 0.03 },
    };

    [Theory]
    [MemberData(nameof(Readings))]
    public void Measurements_pull_the_factor_as_Bayes_rule_says(WearForecast.Kind kind, double loss, double predicted)
    {
        // Against a library's quadrature of prior times likelihood: the share of the belief below each returned quantile is what it should be.
        double Density(double log)
        {
            var expected = predicted * Math.Exp(log);
            var sd = Math.Sqrt((0.15 * expected * 0.15 * expected) + (2 * kind.Gauge * kind.Gauge));
            return MathNet.Numerics.Distributions.Normal.PDF(0, Math.Log(kind.PriorSigma), log) * MathNet.Numerics.Distributions.Normal.PDF(expected, sd, loss);
        }

        double Below(double factor) => MathNet.Numerics.Integration.GaussLegendreRule.Integrate(Density, -5, Math.Log(factor), 256)
            / MathNet.Numerics.Integration.GaussLegendreRule.Integrate(Density, -5, 5, 256);
        var factor = WearForecast.Of("part", [At(0, 10, 0, 0), At(30, 10 - loss, predicted, 20)], 3, 0.05, kind).Factor;
        Below(factor.P10).ShouldBe(0.1, 0.015);
        Below(factor.P50).ShouldBe(0.5, 0.015);
        Below(factor.P90).ShouldBe(0.9, 0.015);
    }

    [Fact]
    public void Sure_readings_agree_with_the_conjugate_formula()
    {
        // By hand: prior precision 1/ln(1.7)^2 = 3.5515; twenty losses of 8 mm against 4 mm predicted, each with sigma 0.15 of itself and a gauge that hardly
        // counts:
        // sigma^2 = 0.0225 + 2 (0.15/8)^2 = 0.0232, precision 862; mean = 862 ln 2 / 866 = 0.690, factor 1.99; a loss of 15 % about itself is nearly
        // log-normal.
        var many = Enumerable.Range(0, 21).Select(i => At(10 * i, 200 - (8 * i), i == 0 ? 0 : 4, 20)).ToList();
        WearForecast.Of("front pads", many, 3, 0.05).Factor.P50.ShouldBe(1.99, 0.05);
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

        // Eight tenths; two losses that share a measurement share its error, so the band may hold a little less or more.
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
