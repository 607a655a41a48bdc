using Rimrock.Core.Driving;
using Rimrock.Core.Friction;
using Rimrock.Core.Rotors;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Preparation;

/// <summary>What differs between two plans, as far as spanners are concerned.</summary>
internal sealed record Change(PredictionPlan Before, PredictionPlan After, bool FreshFluid)
{
    public bool FrontPads => Before.FrontPad.Name != After.FrontPad.Name;

    public bool RearPads => Before.RearPad.Name != After.RearPad.Name;

    public bool Pads => FrontPads || RearPads;

    public bool FrontRotor => Before.FrontRotor != After.FrontRotor;

    public bool RearRotor => Before.RearRotor != After.RearRotor;

    public bool Rotors => FrontRotor || RearRotor;

    public bool Lines => Before.Lines != After.Lines && After.Lines != BrakeLine.AgedRubber;

    public bool Fluid => FreshFluid || Lines || Before.Fluid.Name != After.Fluid.Name;

    /// <summary>True where the hydraulics are opened.</summary>
    public bool Opened => Fluid;

    public bool Duct => (After.FrontDuct?.HoseMm ?? 0) > (Before.FrontDuct?.HoseMm ?? 0);

    public bool Nothing => !Pads && !Rotors && !Fluid && !Duct;

    public IEnumerable<(Pad Pad, string Axle)> NewPads()
    {
        if (FrontPads)
        {
            yield return (After.FrontPad, "front");
        }

        if (RearPads)
        {
            yield return (After.RearPad, "rear");
        }
    }

    public IEnumerable<string> Words()
    {
        if (FrontPads)
        {
            yield return $"{Before.FrontPad.Name} to {After.FrontPad.Name} at the front";
        }

        if (RearPads)
        {
            yield return $"{Before.RearPad.Name} to {After.RearPad.Name} at the rear";
        }

        if (FrontRotor)
        {
            yield return $"{After.FrontRotor.Name} rotors at the front";
        }

        if (RearRotor)
        {
            yield return $"{After.RearRotor.Name} rotors at the rear";
        }

        if (Lines)
        {
            yield return After.Lines == BrakeLine.Braided ? "braided lines" : "new rubber lines";
        }

        if (Duct)
        {
            yield return Text($"{After.FrontDuct!.HoseMm:0} mm ducts");
        }

        if (Fluid)
        {
            yield return $"new {After.Fluid.Name} fluid";
        }
    }
}
