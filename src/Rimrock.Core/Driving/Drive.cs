using Rimrock.Core.Circuits;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Driving;

/// <summary>
/// What a laid-out day depends on, and nothing else: two plans with the same drive share a day, whatever brakes are fitted. The value itself is the key.
/// </summary>
/// <param name="Car">The car.</param>
/// <param name="Circuit">Where it is driven.</param>
/// <param name="Pace">Pace code.</param>
/// <param name="Stint">The day's sessions.</param>
/// <param name="Weather">The day's weather.</param>
/// <param name="BatteryFull">True where a full battery takes no recuperation.</param>
/// <param name="Planned">What kind of day it is.</param>
public sealed record Drive(Car Car, Circuit Circuit, string Pace, StintPlan Stint, Weather Weather, bool BatteryFull, PlannedDay Planned)
{
    /// <summary>Tyre grip of the day, g: the tyre's, less in rain.</summary>
    public double GripG() => Tyre.Find(Car.Tyre).Grip * (Weather.Rain ? Tyre.WetFactor : 1);

    /// <summary>
    /// The car as it is driven on the day: a full battery recuperates nothing, thin air takes power, and on the road it has its trailer behind and its gear in.
    /// </summary>
    public Car DrivenCar()
    {
        var car = Car.At(Circuit.AltitudeM);
        return Planned.Loaded(BatteryFull ? car with { RegenerationMS2 = 0 } : car);
    }
}
