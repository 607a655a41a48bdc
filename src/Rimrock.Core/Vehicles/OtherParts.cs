using Rimrock.Core.Rotors;

namespace Rimrock.Core.Vehicles;

/// <summary>What else is other beside the front calipers; null keeps what is on the car.</summary>
/// <param name="FrontRotorMm">Diameter of the front rotors, mm.</param>
/// <param name="RearPistonMm">Piston of the rear calipers, mm.</param>
/// <param name="MasterCylinderMm">Bore of the master cylinder, mm.</param>
/// <param name="BalanceBarFrontShare">Share of the force that a balance bar gives the front.</param>
public sealed record OtherParts(double? FrontRotorMm = null, double? RearPistonMm = null, double? MasterCylinderMm = null, double? BalanceBarFrontShare = null)
{
    /// <summary>The car with them, but for the rotors.</summary>
    public Car On(Car car)
    {
        ArgumentNullException.ThrowIfNull(car);
        return car with
        {
            Rear = RearPistonMm is { } piston ? car.Rear with { PistonsMm = [piston] } : car.Rear,
            Hydraulics = car.Hydraulics with
            {
                MasterCylinderMm = MasterCylinderMm ?? car.Hydraulics.MasterCylinderMm,
                BalanceBarFrontShare = BalanceBarFrontShare ?? car.Hydraulics.BalanceBarFrontShare,
            },
        };
    }

    /// <summary>The front rotors with them.</summary>
    public Rotor On(Rotor front)
    {
        ArgumentNullException.ThrowIfNull(front);
        return FrontRotorMm is { } mm ? front.At(mm) : front;
    }

    /// <summary>Lists what is wrong: each by the range of the part that it is.</summary>
    public void Check(Car car, Rotor front, ICollection<InputFault> faults)
    {
        var other = On(car);
        other.Hydraulics.Check(faults);
        other.Rear.Check("with.rear", faults);
        On(front).Check("with.frontRotor", faults);
    }
}
