using Rimrock.Core.Fluids;
using Rimrock.Core.Quantities;
using Rimrock.Core.Rotors;
using Rimrock.Core.Vehicles;

namespace Rimrock.Contract;

/// <summary>A car with what is fitted to it.</summary>
/// <param name="Car">The car.</param>
/// <param name="FrontRotor">Front rotors.</param>
/// <param name="RearRotor">Rear rotors.</param>
/// <param name="FrontPad">Id of the front pads.</param>
/// <param name="RearPad">Id of the rear pads.</param>
/// <param name="Fluid">Id of the fluid.</param>
/// <param name="FluidState">Its age or a reading.</param>
/// <param name="Lines">Flexible lines.</param>
/// <param name="HoseYears">Their age, years; null where nobody knows.</param>
/// <param name="OutsideHeat">Something hot beside a line or caliper; null for nothing.</param>
/// <param name="FrontDuct">Cooling air to the front; null for none.</param>
/// <param name="RearDuct">Cooling air to the rear; null for none.</param>
public sealed record CarEntry(Car Car, Rotor FrontRotor, Rotor RearRotor, string FrontPad, string RearPad, string Fluid, FluidState FluidState,
    BrakeLine Lines = BrakeLine.Rubber, double? HoseYears = null, OutsideHeat? OutsideHeat = null, WheelDuct? FrontDuct = null, WheelDuct? RearDuct = null)
{
    /// <summary>Lists what is wrong with the car and its rotors.</summary>
    public IReadOnlyList<InputFault> Faults()
    {
        var faults = new List<InputFault>();
        Car.Check(faults);
        FrontRotor.Check("frontRotor", faults);
        RearRotor.Check("rearRotor", faults);
        FluidState.Check(faults);
        BrakeLines.CheckAge(HoseYears, faults);
        OutsideHeat?.Check("outsideHeat", faults);
        FrontDuct?.Check("frontDuct", faults);
        RearDuct?.Check("rearDuct", faults);
        Names.Check(FrontPad, "frontPad", faults);
        Names.Check(RearPad, "rearPad", faults);
        Names.Check(Fluid, "fluid", faults);
        return faults;
    }
}
