using Rimrock.Core.Numerics;

namespace Rimrock.Core.Logbook;

/// <summary>A thickness that was measured, or a mass.</summary>
/// <param name="Date">The day.</param>
/// <param name="Value">Thickness, mm, or mass, kg.</param>
/// <param name="PredictedLoss">What the engine says was worn off since the last one, in the middle of the band, in the same unit.</param>
/// <param name="HotLaps">Hot laps since the last one.</param>
public sealed record Measured(DateOnly Date, double Value, double PredictedLoss, int HotLaps);

/// <summary>
/// How fast a part really wears, and how long it lasts. What is believed of the wear factor (log-normal about 1, one sigma x1.7, docs/models/priors.md) meets what
/// was measured: each difference of two measurements over the predicted one is a reading of its logarithm with the gauge's error (normal-normal
/// conjugate update; Gelman et al., Bayesian Data Analysis, 3rd edition 2013, section 2.5; from memory).
/// </summary>
/// <param name="Part">Which part.</param>
/// <param name="Unit">mm of thickness or kg of mass.</param>
/// <param name="Factor">Wear over what the engine's middle says.</param>
/// <param name="Readings">Differences that stand behind it.</param>
/// <param name="Left">Left above the limit, in that unit.</param>
/// <param name="LapsLeft">Hot laps left; null where no lap wears it.</param>
public sealed record WearForecast(string Part, string Unit, Spread Factor, int Readings, double Left, Spread? LapsLeft)
{
    /// <summary>One sigma of the wear factor before anything was measured.</summary>
    public const double PriorSigmaFactor = 1.7;

    /// <summary>One sigma of a thickness by caliper gauge, mm (engineering judgement).</summary>
    public const double GaugeMm = 0.15;

    /// <summary>How much wear differs from day to day about the car's own factor, as a logarithm (engineering judgement).</summary>
    public const double DayToDay = 0.15;

    /// <summary>What is believed of a kind of part before anything was measured, and how well it is measured.</summary>
    /// <param name="PriorSigma">One sigma of the wear factor, as a factor.</param>
    /// <param name="Gauge">One sigma of a measurement, in the unit.</param>
    /// <param name="Unit">mm or kg.</param>
    /// <param name="Digits">Digits kept of what is left.</param>
    public sealed record Kind(double PriorSigma, double Gauge, string Unit, int Digits)
    {
        /// <summary>Pads, by caliper gauge.</summary>
        public static Kind Pads { get; } = new(PriorSigmaFactor, GaugeMm, "mm", 2);

        /// <summary>Rotors, by micrometer: known to a factor of two before, read to 0.02 mm (engineering judgement).</summary>
        public static Kind Rotors { get; } = new(2, 0.02, "mm", 2);

        /// <summary>Carbon rings, by a scale: known to a factor of three before, read to 5 g (engineering judgement).</summary>
        public static Kind RingsByMass { get; } = new(3, 0.005, "kg", 3);
    }

    /// <summary>Forecasts.</summary>
    /// <param name="part">Which part.</param>
    /// <param name="measured">Measurements in order of their days; the first is where counting begins.</param>
    /// <param name="limit">Where it is changed, in the kind's unit.</param>
    /// <param name="lossPerLap">Predicted wear of a hot lap in the middle of the band, in the same unit.</param>
    /// <param name="kind">What kind of part; pads where unsaid.</param>
    public static WearForecast Of(string part, IReadOnlyList<Measured> measured, double limit, double lossPerLap, Kind? kind = null)
    {
        var (priorSigma, gauge, unit, digits) = kind ?? Kind.Pads;
        ArgumentNullException.ThrowIfNull(measured);
        ArgumentOutOfRangeException.ThrowIfZero(measured.Count);
        var precision = 1 / Square(Math.Log(priorSigma));
        var sum = 0.0;
        var readings = 0;
        for (var i = 1; i < measured.Count; i++)
        {
            var worn = measured[i - 1].Value - measured[i].Value;
            var predicted = measured[i].PredictedLoss;
            if (predicted <= gauge / 8)
            {
                continue;
            }

            // A loss within the gauge's error says only that it is small: its logarithm is taken at the error, with the error as wide as itself.
            var counted = Math.Max(worn, gauge);
            var sigma = Math.Sqrt(Square(DayToDay) + (2 * Square(gauge / counted)));
            precision += 1 / Square(sigma);
            sum += Math.Log(counted / predicted) / Square(sigma);
            readings++;
        }

        var (mean, spread) = (sum / precision, Math.Sqrt(1 / precision));
        var factor = new Spread(Math.Round(Math.Exp(mean - (Spread.EdgeSigmas * spread)), 2), Math.Round(Math.Exp(mean), 2), Math.Round(Math.Exp(mean + (Spread.EdgeSigmas * spread)), 2));
        var left = Math.Max(0, measured[^1].Value - limit);
        double Laps(double at) => Math.Floor(left / (lossPerLap * at));
        return new WearForecast(part, unit, factor, readings, Math.Round(left, digits), lossPerLap > 0 ? new Spread(Laps(factor.P90), Laps(factor.P50), Laps(factor.P10)) : null);

        static double Square(double value) => value * value;
    }

    /// <summary>
    /// Fluid that worn pads hold, as the fall of the reservoir's level, mm: piston area of every caliper times what its pads have lost, over the
    /// reservoir's area (40 cm2; engineering judgement, +-30 %).
    /// </summary>
    public static double LevelFallMm(Vehicles.Car car, double frontWornMm, double rearWornMm)
    {
        ArgumentNullException.ThrowIfNull(car);
        const double reservoirCm2 = 40;
        double Cm3(Vehicles.AxleBrake brake, double mm) => brake.Discs * brake.OneSidePistonAreaM2() * 1e4 * 2 * mm / 10;
        return (Cm3(car.Front, frontWornMm) + Cm3(car.Rear, rearWornMm)) / reservoirCm2 * 10;
    }
}
