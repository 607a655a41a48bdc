using Rimrock.Core.Driving;
using Rimrock.Core.Heat;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Runs;

/// <summary>The wheels of a plan, put together.</summary>
public static class PlanWheels
{
    /// <summary>Parts of a wheel of each axle.</summary>
    public static Axles<WheelParts> Wheels(this PredictionPlan plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        var (car, setup) = (plan.Car, plan.Setup());
        return Axles.Of(axle => new WheelParts(setup.Axles[axle].Rotors.Rotor, setup.Axles[axle].Brake, setup.Axles[axle].Pads.Pad.FamilyOf(),
            setup.Axles[axle].PadMm, Air(car, setup.Axles[axle].Duct), car.TyreRadiusM, setup.Axles[axle].Rotors.WrongSide,
            plan.OutsideHeat is { Place: HeatedPlace.Caliper } source && source.Axle == axle ? source : null, plan.Weather.Rain));
    }

    private static WheelDuct Air(Car car, WheelDuct? duct)
    {
        var air = duct ?? new WheelDuct();
        return car.Kind == VehicleKind.Motorcycle ? air with { Wheel = WheelOpenness.Bare, Shield = Shield.Removed } : air;
    }
}
