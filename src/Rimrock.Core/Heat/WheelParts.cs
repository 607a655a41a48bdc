using Rimrock.Core.Friction;
using Rimrock.Core.Materials;
using Rimrock.Core.Rotors;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Heat;

/// <summary>The parts of one wheel's brake, put together.</summary>
/// <param name="Rotor">The rotor.</param>
/// <param name="Brake">Caliper and pad sizes.</param>
/// <param name="Pad">The pad's family, for its heat properties.</param>
/// <param name="PadMm">Friction material left on each pad, mm.</param>
/// <param name="Duct">Cooling air.</param>
/// <param name="TyreRadiusM">Rolling radius, m.</param>
/// <param name="WrongSide">True where a handed rotor sits on the other side of the car.</param>
/// <param name="CaliperSource">A hot thing beside the caliper.</param>
/// <param name="Rain">True on a wet track: spray cools.</param>
public sealed record WheelParts(Rotor Rotor, AxleBrake Brake, PadFamily Pad, double PadMm, WheelDuct Duct, double TyreRadiusM, bool WrongSide = false,
    OutsideHeat? CaliperSource = null, bool Rain = false)
{
    /// <summary>Thickness of a steel backing plate, m (common practice).</summary>
    public const double PlateM = 0.0055;

    // Geometry of calipers that nobody measures; engineering judgement, +-30 %.
    private const double RimShareOfPiston = 0.22;
    private const double FingerShareOfPad = 0.12;
    private const double PistonLengthM = 0.040;
    private const double PistonFill = 0.35;
    private const double FluidDepthM = 0.018;
    private const double WallOverPistonArea = 1.5;
    private const double PistonToBodyWM2K = 200;
    private const double CaliperViewOverPad = 4;
    private const double OpenShareOfPlate = 0.6;
    private const double AbutmentWM2K = 2000;
    private const double AbutmentM = 0.015;
    private const double ShutInShare = 0.05;

    /// <summary>What kind of brake they make.</summary>
    public IFoundationBrake Kind => Rotor.Brake();

    /// <summary>Area of what rubs on one face, m2.</summary>
    public double PadAreaM2() => Brake.PadAreaCm2 * 1e-4 * Kind.LiningsOnAFace;

    /// <summary>Flow through handed vanes that turn the wrong way (common practice: 10 to 30 % less; they still pump).</summary>
    public double HandFactor() => WrongSide && Rotor.Vanes == VaneKind.Curved ? 0.8 : 1;

    /// <summary>Share of a free face's convection and radiation that the inner rubbing side has: a drum's is shut in.</summary>
    public double InnerFaceShare() => Kind.Open ? Duct.InboardShare() : ShutInShare;

    /// <summary>Thickness of one cheek, m; half the disc when solid.</summary>
    public double CheekM() => (Rotor.ThicknessMm - Rotor.VaneGapMm) / 2000;

    /// <summary>Density that gives the ring the mass stated for it, kg/m3.</summary>
    public double RingDensityKgM3() => Rotor.MaterialOf().DensityKgM3 * Rotor.MassKg() / Rotor.GeometricMassKg();

    /// <summary>Share of both faces that pads and caliper cover.</summary>
    public double CoveredShare() => Kind.CoveredShare(PadAreaM2(), Rotor.FaceAreaM2());

    /// <summary>Heat capacity of a backing plate, J/K.</summary>
    public double PlateCapacityJK() => Solid.Steel.DensityKgM3 * Solid.Steel.SpecificHeatJKgK * PadAreaM2() * PlateM;

    /// <summary>Edge of pad and plate, and the part of the plate's back that no piston covers, open to the air, m2.</summary>
    public double PlateOpenM2() => (4 * Math.Sqrt(PadAreaM2()) * ((PadMm / 1000 / 2) + PlateM)) + (OpenShareOfPlate * PadAreaM2());

    /// <summary>Conductance from a plate's ends through their abutments to the caliper's carrier, W/K.</summary>
    public static double PlateToCarrierWK() => AbutmentWM2K * 2 * PlateM * AbutmentM;

    /// <summary>Conductance backing plate to piston rims, W/K.</summary>
    public double PlateToPistonWK(double wm2k) =>
        wm2k * RimShareOfPiston * Brake.OneSidePistonAreaM2() * Brake.HeatShareToPiston() * Kind.PlateToPistonShare;

    /// <summary>Conductance of the outer plate of a sliding caliper to the fingers that press it, W/K.</summary>
    public double PlateToFingersWK(double wm2k) => wm2k * FingerShareOfPad * PadAreaM2();

    /// <summary>Heat capacity of the pistons of one side, J/K.</summary>
    public double PistonCapacityJK() =>
        Solid.Steel.DensityKgM3 * Solid.Steel.SpecificHeatJKgK * Brake.OneSidePistonAreaM2() * PistonLengthM * PistonFill;

    /// <summary>Conductance pistons to fluid, W/K.</summary>
    public double PistonToFluidWK(double wm2k) => wm2k * Brake.OneSidePistonAreaM2();

    /// <summary>Conductance pistons to caliper body through seals and clearance, W/K.</summary>
    public double PistonToBodyWK() => PistonToBodyWM2K * Brake.OneSidePistonAreaM2();

    /// <summary>Conductance fluid to the walls of its bore, W/K.</summary>
    public double FluidToBodyWK(double wm2k) => wm2k * WallOverPistonArea * Brake.OneSidePistonAreaM2();

    /// <summary>Heat capacity of the fluid behind the pistons of one side, J/K; a worn pad has more fluid behind it.</summary>
    public double FluidCapacityJK() => Solid.BrakeFluid.DensityKgM3 * Solid.BrakeFluid.SpecificHeatJKgK
        * Brake.OneSidePistonAreaM2() * (FluidDepthM + ((Brake.PadNewMm - PadMm) / 1000));

    /// <summary>Heat capacity of the caliper body, J/K.</summary>
    public double CaliperCapacityJK() => Brake.CaliperMassKg * Brake.CaliperMaterial().SpecificHeatJKgK;

    /// <summary>Rotor area that looks at the caliper, m2.</summary>
    public double CaliperViewM2() => Kind.Open ? CaliperViewOverPad * PadAreaM2() : 0;

    /// <summary>
    /// Conductance ring to hat, W/K: a neck 7 mm thick and 30 mm long at the ring's inner edge; floating bobbins pass a quarter of it (engineering judgement).
    /// </summary>
    public double RingToHatWK()
    {
        var neck = 2 * Math.PI * (Rotor.InnerRadiusM() - 0.025) * 0.007 / 0.030 * RotorMaterial.GreyIron.ConductivityWMK(200);
        return Rotor.Construction == RotorConstruction.TwoPiece ? neck / 4 : neck;
    }

    /// <summary>Outer area of the hat, m2.</summary>
    public double HatAreaM2() => Math.PI * Rotor.InnerRadiusM() * Rotor.InnerRadiusM() * 1.4;

    /// <summary>Heat capacity of the hat, J/K: 0.3 of an iron ring's, less for an aluminium hat (engineering judgement).</summary>
    public double HatCapacityJK() => Rotor.HatKg() * 500;
}
