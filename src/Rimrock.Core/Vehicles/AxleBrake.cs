using Rimrock.Core.Materials;
using Rimrock.Core.Quantities;

namespace Rimrock.Core.Vehicles;

/// <summary>How a caliper grips.</summary>
public enum CaliperKind
{
    /// <summary>Pistons on the inner side only; the body slides. All pistons count as one side.</summary>
    Sliding,

    /// <summary>Pistons on both sides; one side counts for torque.</summary>
    Fixed,
}

/// <summary>What the pistons are made of.</summary>
public enum PistonMaterial
{
    /// <summary>Steel or aluminium, hollow.</summary>
    Metal,

    /// <summary>Titanium, or a titanium shim: passes 0.4 of the heat.</summary>
    Titanium,
}

/// <summary>Caliper and pads of one wheel of an axle.</summary>
/// <param name="Caliper">How it grips.</param>
/// <param name="PistonsMm">Piston diameters of one side, mm (a sliding caliper: all of them).</param>
/// <param name="PadAreaCm2">Rubbing area of one pad, cm2.</param>
/// <param name="PadHeightMm">Radial height of the pad, mm.</param>
/// <param name="PadNewMm">Friction material of a new pad, mm.</param>
/// <param name="PadLimitMm">Friction material at which the pad is changed, mm.</param>
/// <param name="CaliperMassKg">Mass of one caliper, kg.</param>
/// <param name="AluminiumCaliper">True for aluminium, false for iron.</param>
/// <param name="Pistons">Piston material.</param>
public sealed record AxleBrake(
    CaliperKind Caliper,
    IReadOnlyList<double> PistonsMm,
    double PadAreaCm2,
    double PadHeightMm,
    double PadNewMm = 11,
    double PadLimitMm = 3,
    double CaliperMassKg = 4.5,
    bool AluminiumCaliper = false,
    PistonMaterial Pistons = PistonMaterial.Metal)
{
    private static readonly FieldRange Piston = new("axle.pistonsMm", "Piston diameter", "mm", 18, 80);
    private static readonly FieldRange Area = new("axle.padAreaCm2", "Pad area", "cm2", 12, 200);
    private static readonly FieldRange Height = new("axle.padHeightMm", "Pad height", "mm", 20, 90);
    private static readonly FieldRange New = new("axle.padNewMm", "New pad thickness", "mm", 4, 25);
    private static readonly FieldRange Limit = new("axle.padLimitMm", "Pad limit", "mm", 1, 8);
    private static readonly FieldRange Mass = new("axle.caliperMassKg", "Caliper mass", "kg", 0.8, 15);

    /// <summary>Ranges of the fields, for forms.</summary>
    public static IReadOnlyList<FieldRange> Ranges { get; } = [Piston, Area, Height, New, Limit, Mass];

    /// <summary>Piston area of one side, m2.</summary>
    public double OneSidePistonAreaM2() => PistonsMm.Sum(mm => Math.PI / 4 * mm * mm * 1e-6);

    /// <summary>Radius at which the friction force acts, m: the middle of the pad, which reaches the rotor's edge.</summary>
    public double EffectiveRadiusM(Rotors.Rotor rotor)
    {
        ArgumentNullException.ThrowIfNull(rotor);
        return rotor.OuterRadiusM() - (PadHeightMm / 2000);
    }

    /// <summary>What the caliper is made of.</summary>
    public Solid CaliperMaterial() => AluminiumCaliper ? Solid.Aluminium : Solid.CastIron;

    /// <summary>Lists what is wrong.</summary>
    public void Check(string field, ICollection<InputFault> faults)
    {
        ArgumentNullException.ThrowIfNull(faults);
        if (PistonsMm.Count is < 1 or > 6)
        {
            faults.Add(new InputFault($"{field}.pistonsMm", $"{PistonsMm.Count} pistons", "1 to 6 on one side", "A caliper has 1 to 6 pistons on one side."));
        }

        for (var i = 0; i < PistonsMm.Count && i < 6; i++)
        {
            Piston.Check(PistonsMm[i], faults, $"{field}.pistonsMm[{i}]");
        }

        Area.Check(PadAreaCm2, faults, $"{field}.padAreaCm2");
        Height.Check(PadHeightMm, faults, $"{field}.padHeightMm");
        New.Check(PadNewMm, faults, $"{field}.padNewMm");
        Limit.Check(PadLimitMm, faults, $"{field}.padLimitMm");
        Mass.Check(CaliperMassKg, faults, $"{field}.caliperMassKg");
    }
}
