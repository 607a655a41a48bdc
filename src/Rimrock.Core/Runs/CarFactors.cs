using Rimrock.Core.Heat;
using Rimrock.Core.Priors;

namespace Rimrock.Core.Runs;

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
/// <param name="Capacities">What its parts can take.</param>
/// <param name="Lesser">What matters less.</param>
/// <param name="QuietSide">True for the front wheel that the circuit asks less of; every other member follows the busier one.</param>
public sealed record CarFactors(WheelFactors Front, WheelFactors Rear, double FrontFriction = 1, double RearFriction = 1, double FrontShareShift = 0,
    double Energy = 1,
    double Wear = 1, double ChartShiftK = 0, double WaterRate = 1, double BoilingDecay = 1, MemberCapacities Capacities = default,
    LesserFactors Lesser = default, bool QuietSide = false)
{
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
            Cooling = Up(1 / PriorSpread.Cooling),
            OwnCooling = Up(1 / PriorSpread.OwnCooling),
            VaneFlow = Up(1 / PriorSpread.VaneFlow),
            WheelAirRiseK = WheelFactors.Median.WheelAirRiseK + (PriorSpread.WheelAirK * sigmas),
            RubbedShare = WheelFactors.Median.RubbedShare * Up(1 / PriorSpread.RubbedShare),
            PadConductivity = Up(PriorSpread.PadConductivity),
            PlateToPistonWM2K = WheelFactors.Median.PlateToPistonWM2K * Up(PriorSpread.PlateToPiston),
            PistonToFluidWM2K = WheelFactors.Median.PistonToFluidWM2K * Up(PriorSpread.PistonToFluid),
            CaliperHeat = Up(1 / PriorSpread.Caliper),
            EmissivityShift = -PriorSpread.Emissivity * sigmas,
        };
        return new CarFactors(wheel, wheel, Energy: Up(PriorSpread.Energy));
    }
}
