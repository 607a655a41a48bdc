using Rimrock.Core.Heat;

namespace Rimrock.Core.Prediction;

/// <summary>What is guessed about the whole car: one member of an ensemble.</summary>
/// <param name="Front">Heat factors of a front wheel.</param>
/// <param name="Rear">Heat factors of a rear wheel.</param>
/// <param name="FrontFriction">Batch factor on front friction.</param>
/// <param name="RearFriction">Batch factor on rear friction.</param>
/// <param name="FrontShareShift">Added to the front share.</param>
/// <param name="Energy">Factor on all braking energy.</param>
/// <param name="Wear">Factor on pad wear.</param>
/// <param name="ChartShiftK">Added to the reading of charts whose basis is unknown, K.</param>
/// <param name="WaterRate">Factor on the fluid's water uptake.</param>
/// <param name="BoilingDecay">Factor on the a of the boiling curve.</param>
/// <param name="QuietSide">True for the front wheel that the circuit asks less of; every other member follows the busier one.</param>
public sealed record CarFactors(WheelFactors Front, WheelFactors Rear, double FrontFriction = 1, double RearFriction = 1, double FrontShareShift = 0, double Energy = 1,
    double Wear = 1, double ChartShiftK = 0, double WaterRate = 1, double BoilingDecay = 1, bool QuietSide = false)
{
    /// <summary>One sigma of the driver's energy and of a batch's friction, as factors (docs/models/priors.md).</summary>
    public const double EnergySigma = 1.15, FrictionSigma = 1.08;

    /// <summary>Every factor at its median.</summary>
    public static CarFactors Median { get; } = new(WheelFactors.Median, WheelFactors.Median);

    /// <summary>Runs that bracket a prediction: median, cool corner, hot corner, and the median of the quieter front wheel.</summary>
    public static IReadOnlyList<CarFactors> Corners { get; } = [Median, Corner(-CornerSigmas), Corner(CornerSigmas), Median with { QuietSide = true }];

    // 1.28 standard deviations bound eight tenths of a normal distribution; with about three factors that matter alike,
    // each moves by 1.28 / sqrt 3 when all move together (first-order, ours; spreads as in docs/models/priors.md).
    private const double CornerSigmas = 0.74;

    private static CarFactors Corner(double sigmas)
    {
        double Up(double spread) => Math.Pow(spread, sigmas);
        var wheel = WheelFactors.Median with
        {
            Cooling = Up(1 / 1.35),
            VaneFlow = Up(1 / 1.3),
            WheelAirRiseK = 15 + (8 * sigmas),
            RubbedShare = 0.8 * Up(1 / 1.2),
            PadConductivity = Up(1.4),
            PlateToPistonWM2K = 1500 * Up(1.5),
            PistonToFluidWM2K = 300 * Up(1.5),
            CaliperHeat = Up(1 / 1.5),
            EmissivityShift = -0.12 * sigmas,
        };
        return new CarFactors(wheel, wheel, Energy: Up(EnergySigma));
    }
}
