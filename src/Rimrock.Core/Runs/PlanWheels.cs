using Rimrock.Core.Driving;
using Rimrock.Core.Heat;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Runs;

/// <summary>The wheels of a plan, put together.</summary>
public static class PlanWheels
{
    /// <summary>Parts of a front wheel.</summary>
    public static WheelParts FrontWheel(this PredictionPlan plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        var car = plan.Car;
        return new WheelParts(plan.FrontRotor, car.Front, plan.FrontPad.FamilyOf(), plan.FrontPadMm ?? car.Front.PadNewMm, Air(car, plan.FrontDuct),
            car.TyreRadiusM,
            plan.FrontWrongSide, plan.OutsideHeat is { Place: HeatedPlace.Caliper } source ? source : null);
    }

    /// <summary>Parts of a rear wheel.</summary>
    public static WheelParts RearWheel(this PredictionPlan plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        var car = plan.Car;
        return new WheelParts(plan.RearRotor, car.Rear, plan.RearPad.FamilyOf(), plan.RearPadMm ?? car.Rear.PadNewMm, Air(car, plan.RearDuct), car.TyreRadiusM,
            plan.RearWrongSide);
    }

    private static WheelDuct Air(Car car, WheelDuct? duct)
    {
        var air = duct ?? new WheelDuct();
        return car.Kind == VehicleKind.Motorcycle ? air with { Wheel = WheelOpenness.Bare, Shield = Shield.Removed } : air;
    }
}
