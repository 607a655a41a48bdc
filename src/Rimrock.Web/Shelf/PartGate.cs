using Rimrock.Contract;
using Rimrock.Core.Fitting;
using Rimrock.Core.Fluids;
using Rimrock.Core.Friction;
using Rimrock.Core.Quantities;
using Rimrock.Core.Rotors;
using Rimrock.Core.Vehicles;

namespace Rimrock.Web.Shelf;

/// <summary>Asks the one gate whether a part of a catalogue goes on a car at all, on either axle.</summary>
internal static class PartGate
{
    /// <summary>Why it does not, or null.</summary>
    public static HardStop? Of(object body, CarEntry entry)
    {
        var car = entry.Car;
        return body switch
        {
            Pad pad => FitRules.Of(pad, Axle.Rear, car) is null ? null : FitRules.Of(pad, Axle.Front, car),
            Rotor rotor => FitRules.Of(rotor, car.Rear, entry.RearRotor, car.Kind) is null ? null
                : FitRules.Of(rotor, car.Front, entry.FrontRotor, car.Kind),
            BrakeFluid fluid => FitRules.Of(fluid, car.AsksFluid, isOffered: true),
            LineKit lines => FitRules.Of(lines, car),
            DuctKit => FitRules.OfDuct(car),
            CaliperKit kit => kit.Rear ? FitRules.Of(kit, car, car.Rear, entry.RearRotor) : FitRules.Of(kit, car, car.Front, entry.FrontRotor),
            Bracket pair => FitRules.Of(pair, car.Rear, entry.RearRotor, car.Kind) is null ? null : FitRules.Of(pair, car.Front, entry.FrontRotor, car.Kind),
            MasterCylinder cylinder => FitRules.OfKind(cylinder, car),
            _ => null,
        };
    }
}
