using Rimrock.Core.Driving;
using Rimrock.Core.Fluids;
using Rimrock.Core.Friction;
using Rimrock.Core.Rotors;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Garage;

/// <summary>The parts of a plan that are on the car, without where and how it is driven.</summary>
/// <param name="Brakes">Caliper and pad sizes of each axle.</param>
/// <param name="Pads">Pads of each axle.</param>
/// <param name="Rotors">Rotors of each axle.</param>
/// <param name="Fluid">Fluid.</param>
/// <param name="FluidState">Its age on the day of which this is said.</param>
/// <param name="Ducts">Cooling air to each axle; null for none.</param>
/// <param name="Lines">Flexible lines.</param>
/// <param name="FrontKit">Caliper kit in front; null for the car's own calipers.</param>
/// <param name="PadMm">Friction material on that day where the plan says it, mm.</param>
/// <param name="Bedded">False for new pads that have not been bedded.</param>
/// <param name="HoseYears">Age of the flexible lines on that day, years; null where nobody said.</param>
/// <param name="RearKit">Caliper kit at the rear; null for the car's own calipers or drums.</param>
/// <param name="Cylinder">Master cylinder that was fitted; null for the car's own.</param>
/// <param name="Tyre">Code of the tyres; null where nothing is said of them.</param>
public sealed record Fitment(Axles<AxleBrake> Brakes, Axles<Pad> Pads, Axles<Rotor> Rotors, BrakeFluid Fluid, FluidState FluidState, Axles<WheelDuct?> Ducts,
    BrakeLine Lines = BrakeLine.Rubber, CaliperKit? FrontKit = null, Axles<double?>? PadMm = null, bool Bedded = true,
    string? Tyre = null, double? HoseYears = null, CaliperKit? RearKit = null, MasterCylinder? Cylinder = null)
{
    /// <summary>Of a plan.</summary>
    public static Fitment Of(PredictionPlan plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        return new Fitment(new(plan.Car.Front, plan.Car.Rear), new(plan.FrontPad, plan.RearPad), new(plan.FrontRotor, plan.RearRotor),
            plan.Fluid, plan.FluidState, new(plan.FrontDuct, plan.RearDuct), plan.Lines, plan.FrontKit, new(plan.FrontPadMm, plan.RearPadMm), plan.Bedded,
            plan.Car.Tyre, plan.HoseYears, plan.RearKit, plan.Cylinder);
    }

    /// <summary>A plan with these parts on the car.</summary>
    public PredictionPlan On(PredictionPlan plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        return plan with
        {
            Car = plan.Car with
            {
                Tyre = Tyre ?? plan.Car.Tyre,
                Front = FrontKit is null ? plan.Car.Front : Brakes.Front,
                Rear = RearKit is null ? plan.Car.Rear : Brakes.Rear,
                Hydraulics = Cylinder is { Replaces: { } own } ? Cylinder.On(own) : plan.Car.Hydraulics
            },
            FrontPad = Pads.Front,
            RearPad = Pads.Rear,
            FrontRotor = Rotors.Front,
            RearRotor = Rotors.Rear,
            Fluid = Fluid,
            FluidState = FluidState,
            FrontDuct = Ducts.Front,
            RearDuct = Ducts.Rear,
            Lines = Lines,
            FrontKit = FrontKit,
            FrontPadMm = PadMm?.Front,
            RearPadMm = PadMm?.Rear,
            Bedded = Bedded,
            HoseYears = HoseYears,
            RearKit = RearKit,
            Cylinder = Cylinder,
        };
    }
}
