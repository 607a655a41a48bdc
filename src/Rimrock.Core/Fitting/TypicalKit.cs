using Rimrock.Core.Driving;
using Rimrock.Core.Rotors;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Fitting;

/// <summary>
/// Calipers one size up with the brackets that carry them, as they are usually sold for such a car: four pistons of as much area as the car's own, so that
/// pedal and balance stay, a floating ring that the car's usual wheels still clear, pads with more area (typical, common practice). It stands for what a
/// counter can be asked for, never for a product.
/// </summary>
internal static class TypicalKit
{
    // What usual wheels leave free over the car's own rotors, and no more (FitRules).
    private const double LargerMm = 25;
    private const double ThickestMm = 32;
    private const double LeastThickMm = 26;
    private const double MorePadArea = 1.25;

    // The leading piston of a pair is a little smaller, against taper (common practice).
    private const double Stagger = 0.05;

    /// <summary>A kit for a car's front; null where there is none to be had: motorcycles, drums, carbon discs.</summary>
    /// <param name="plan">The car as it stands.</param>
    /// <param name="name">Its name in lists.</param>
    /// <param name="price">Its price; null where nothing gives the scale.</param>
    public static CaliperKit? For(PredictionPlan plan, string name, double? price)
    {
        var (own, fitted) = (plan.Car.Front, plan.FrontRotor);
        if (plan.Car.Kind == VehicleKind.Motorcycle || own.Brake() == DrumBrake.Kind || fitted.Material != RingMaterial.Iron || plan.FrontKit is not null)
        {
            return null;
        }

        var thick = Math.Clamp(fitted.ThicknessMm + 2, LeastThickMm, ThickestMm);
        var larger = fitted.OfDiameter(fitted.OuterDiameterMm + LargerMm);
        var ring = new Rotor(name, larger.OuterDiameterMm, larger.InnerDiameterMm, thick, thick - 2, VaneKind.Curved, Math.Round(thick * 0.35, 1), 48, 5,
            RotorConstruction.TwoPiece, Finish: new RotorFinish(RotorFace.Slotted), Grade: IronGrade.HighCarbon);
        var pistonMm = Math.Sqrt(own.OneSidePistonAreaM2() * 1e6 / 2 * 4 / Math.PI);
        var height = Math.Min(own.PadHeightMm, Math.Floor((ring.OuterDiameterMm - ring.InnerDiameterMm) / 2));
        var brake = own with
        {
            Caliper = CaliperKind.Fixed,
            PistonsMm = [Math.Round(pistonMm * (1 - Stagger)), Math.Round(pistonMm * (1 + Stagger))],
            PadAreaCm2 = Math.Round(own.PadAreaCm2 * MorePadArea),
            PadHeightMm = height,
            PadNewMm = Math.Max(own.PadNewMm, 14),
            CaliperMassKg = Math.Round(own.CaliperMassKg * 0.7, 1),
            AluminiumCaliper = true,
            PadShape = null,
            RotorMm = ring.OuterDiameterMm,
            RotorThicknessMm = thick,
        };
        return new CaliperKit(name, brake, ring, null, price);
    }
}
