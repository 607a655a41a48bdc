using Rimrock.Core.Numerics;
using Rimrock.Core.Priors;

namespace Rimrock.Core.Logbook;

/// <summary>A thickness that was measured, or a mass.</summary>
/// <param name="Date">The day.</param>
/// <param name="Value">Thickness, mm, or mass, kg.</param>
/// <param name="PredictedLoss">What the engine says was worn off since the last one, in the middle of the band, in the same unit.</param>
/// <param name="HotLaps">Hot laps since the last one.</param>
public sealed record Measured(DateOnly Date, double Value, double PredictedLoss, int HotLaps);

/// <summary>
/// How fast a part really wears, and how long it lasts. What is believed of the wear factor (log-normal about 1, one sigma x1.7, docs/models/priors.md) meets
/// what
/// was measured, by Bayes' rule: a loss is the predicted one times the factor, off by 15 % from day to day and by the gauge's error twice. The error adds to
/// the loss
/// and not to its logarithm, so that a small loss is never taken for a sure one.
/// </summary>
/// <param name="Part">Which part.</param>
/// <param name="Unit">mm of thickness or kg of mass.</param>
/// <param name="Factor">Wear over what the engine's middle says.</param>
/// <param name="Readings">Differences that stand behind it.</param>
/// <param name="Left">Left above the limit, in that unit.</param>
/// <param name="LapsLeft">Hot laps left; null where no lap wears it.</param>
public sealed record WearForecast(Said Part, string Unit, Spread Factor, int Readings, double Left, Spread? LapsLeft)
{
    /// <summary>Stable code of the part.</summary>
    public string Code => Part.Name;

    /// <summary>One sigma of the wear factor before anything was measured.</summary>
    public const double PriorSigmaFactor = PriorSpread.Wear;

    /// <summary>One sigma of a thickness by caliper gauge, mm (engineering judgement).</summary>
    public const double GaugeMm = 0.15;

    /// <summary>How much wear differs from day to day about the car's own factor, as a logarithm (engineering judgement).</summary>
    public const double DayToDay = 0.15;

    // Losses that are predicted to lie so far below the gauge's error say nothing.
    private const double LeastOfGauge = 8;
    private const int GridPoints = 2001;
    private const double GridSigmas = 5;

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
    public static WearForecast Of(Said part, IReadOnlyList<Measured> measured, double limit, double lossPerLap, Kind? kind = null)
    {
        var (priorSigma, gauge, unit, digits) = kind ?? Kind.Pads;
        ArgumentNullException.ThrowIfNull(measured);
        ArgumentOutOfRangeException.ThrowIfZero(measured.Count);
        var readings = Enumerable.Range(1, measured.Count - 1)
            .Select(i => (Loss: measured[i - 1].Value - measured[i].Value, Predicted: measured[i].PredictedLoss))
                .Where(pair => pair.Predicted > gauge / LeastOfGauge).ToList();
        var factor = FactorOf(readings, Math.Log(priorSigma), gauge);
        var left = Math.Max(0, measured[^1].Value - limit);
        double Laps(double at) => Math.Floor(left / (lossPerLap * at));
        return new WearForecast(part, unit, factor, readings.Count, Math.Round(left, digits), lossPerLap > 0
            ? new Spread(Laps(factor.P90), Laps(factor.P50), Laps(factor.P10)) : null);
    }

    /// <summary>P10, P50 and P90 of the factor: prior times likelihood on an even grid of its logarithm.</summary>
    private static Spread FactorOf(List<(double Loss, double Predicted)> readings, double priorSigma, double gauge)
    {
        var logs = new double[GridPoints];
        for (var i = 0; i < GridPoints; i++)
        {
            var log = priorSigma * GridSigmas * ((2.0 * i / (GridPoints - 1)) - 1);
            logs[i] = -0.5 * Square(log / priorSigma);
            foreach (var (loss, predicted) in readings)
            {
                var expected = predicted * Math.Exp(log);
                var variance = Square(DayToDay * expected) + (2 * Square(gauge));
                logs[i] -= 0.5 * (Math.Log(variance) + (Square(loss - expected) / variance));
            }
        }

        var most = logs.Max();
        var weights = logs.Select(log => Math.Exp(log - most)).ToArray();
        return new Spread(At(0.1), At(0.5), At(0.9));

        // Between two points of the grid the share rises evenly.
        double At(double share)
        {
            var (target, sum, i) = (share * weights.Sum(), 0.0, 0);
            while (i < GridPoints - 1 && sum + weights[i] < target)
            {
                sum += weights[i++];
            }

            var place = i - 0.5 + ((target - sum) / weights[i]);
            return Math.Round(Math.Exp(priorSigma * GridSigmas * ((2 * place / (GridPoints - 1)) - 1)), 2);
        }

        static double Square(double value) => value * value;
    }

    /// <summary>How far the fall of the level may lie from what is reckoned, as a share of it (engineering judgement: reservoirs differ).</summary>
    public const double LevelFallSpread = 0.3;

    /// <summary>
    /// Fluid that worn pads hold, as the fall of the reservoir's level, mm: piston area of every caliper times what its pads have lost, over the
    /// reservoir's area (40 cm2; engineering judgement, by <see cref="LevelFallSpread"/> either way). A motorcycle's front lever has a reservoir of its own, of
    /// 15 cm2: that is the one that is looked at.
    /// </summary>
    public static double LevelFallMm(Vehicles.Car car, double frontWornMm, double rearWornMm)
    {
        ArgumentNullException.ThrowIfNull(car);
        const double reservoirCm2 = 40;
        const double leverCm2 = 15;
        double Cm3(Vehicles.AxleBrake brake, double mm) => brake.Discs * brake.OneSidePistonAreaM2() * 1e4 * 2 * mm / 10;
        return car.Kind == Vehicles.VehicleKind.Motorcycle ? Cm3(car.Front, frontWornMm) / leverCm2 * 10
            : (Cm3(car.Front, frontWornMm) + Cm3(car.Rear, rearWornMm)) / reservoirCm2 * 10;
    }
}
