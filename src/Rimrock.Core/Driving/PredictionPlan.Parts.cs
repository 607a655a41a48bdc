using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Driving;

/// <content>The same plan with other parts on the car, which remember what they took the place of.</content>
public sealed partial record PredictionPlan
{
    /// <summary>
    /// The same car with other calipers on an axle: its rotors come with them, the fluid runs out and is new. The pads stay what they are: of another shape
    /// they do not fit, and the gate says so.
    /// </summary>
    public PredictionPlan With(CaliperKit kit)
    {
        ArgumentNullException.ThrowIfNull(kit);
        var (was, rotor) = Original(kit.AxleOf());
        var fitted = kit with { Replaces = was, ReplacesRotor = rotor };
        var filled = this with { FluidState = FluidState with { AgeMonths = 0, ReservoirWaterPercent = null } };
        return kit.Rear ? filled with { Car = Car with { Rear = kit.Brake }, RearKit = fitted, RearRotor = kit.Rotor, RearWrongSide = false, RearPadMm = null }
            : filled with { Car = Car with { Front = kit.Brake }, FrontKit = fitted, FrontRotor = kit.Rotor, FrontWrongSide = false, FrontPadMm = null };
    }

    /// <summary>The calipers and the rotor that the car came with on an axle, whatever was put there since.</summary>
    public (AxleBrake Brake, Rotors.Rotor Rotor) Original(Axle axle) => axle == Axle.Front
        ? (FrontKit?.Replaces ?? Car.Front, FrontKit?.ReplacesRotor ?? FrontRotor) : (RearKit?.Replaces ?? Car.Rear, RearKit?.ReplacesRotor ?? RearRotor);

    /// <summary>The same car with another master cylinder; the fluid runs out and is new.</summary>
    public PredictionPlan With(MasterCylinder cylinder)
    {
        ArgumentNullException.ThrowIfNull(cylinder);
        var own = Cylinder?.Replaces ?? Car.Hydraulics;
        return this with
        {
            Car = Car with { Hydraulics = cylinder.On(own) },
            Cylinder = cylinder with { Replaces = own },
            FluidState = FluidState with { AgeMonths = 0, ReservoirWaterPercent = null },
        };
    }
}
