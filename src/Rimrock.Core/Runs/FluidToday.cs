using Rimrock.Core.Driving;
using Rimrock.Core.Fluids;

namespace Rimrock.Core.Runs;

/// <summary>The fluid as it is today.</summary>
/// <param name="WaterPercent">Water at the caliper, %.</param>
/// <param name="BoilsC">Boiling point at sea level, C.</param>
/// <param name="VapourC">Where vapour first shows, at the circuit's altitude, C.</param>
/// <param name="DryC">Dry boiling point, C.</param>
/// <param name="WetC">Wet boiling point, C.</param>
public sealed record FluidToday(double WaterPercent, double BoilsC, double VapourC, double DryC, double WetC)
{
    /// <summary>The fluid of a plan as it is today.</summary>
    /// <param name="plan">The plan.</param>
    /// <param name="member">Whose water, chemistry and vapour; null for the middle.</param>
    public static FluidToday Of(PredictionPlan plan, CarFactors? member = null)
    {
        ArgumentNullException.ThrowIfNull(plan);
        var car = member ?? CarFactors.Median;
        var water = plan.Fluid.ClassOf() is { Silicone: true } ? 0
            : plan.FluidState.WaterAtCaliperPercent(car.WaterRate * plan.FluidUptake(), car.Lesser.CaliperWater);
        var boils = plan.Fluid.BoilingWith(water, car.BoilingDecay);
        var vapour = VapourPoint.Of(boils, plan.Circuit.AltitudeM).Celsius + (VapourPoint.SpreadK(plan.Circuit.AltitudeM) * car.Capacities.Vapour);
        return new FluidToday(water, boils.Celsius, vapour, plan.Fluid.DryC, plan.Fluid.WetC);
    }
}
