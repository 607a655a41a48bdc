using Rimrock.Core.Materials;

namespace Rimrock.Core.Vehicles;

/// <summary>How a caliper grips.</summary>
public enum CaliperKind
{
    /// <summary>Pistons on the inner side only; the body slides. All pistons count as one side.</summary>
    Sliding,

    /// <summary>Pistons on both sides; one side counts for torque.</summary>
    Fixed,

    /// <summary>Fixed and cut from one piece: stiffer.</summary>
    OnePiece,

    /// <summary>A drum's wheel cylinder, a leading and a trailing shoe.</summary>
    Drum,
}

/// <summary>What the pistons are made of.</summary>
public enum PistonMaterial
{
    /// <summary>Steel or aluminium, hollow.</summary>
    Metal,

    /// <summary>Metal with a vented nose: touches the plate on 0.6 of its rim.</summary>
    Vented,

    /// <summary>Titanium: passes 0.4 of the heat.</summary>
    Titanium,
}

/// <summary>What lies between plate and piston.</summary>
public enum Shim
{
    /// <summary>Nothing.</summary>
    None,

    /// <summary>A steel anti-noise shim with its layers: passes 0.8 of the heat.</summary>
    Steel,

    /// <summary>A titanium shim: passes 0.4 of the heat.</summary>
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
/// <param name="Shim">What lies between plate and piston.</param>
/// <param name="RubbedPercent">Share of the face under the pads that shows a bright, rubbed band, %; 80 where nobody looked (docs/models/priors.md).</param>
/// <param name="Discs">Discs of the axle: two, or one on a motorcycle's rear wheel.</param>
/// <param name="PadShape">Code of the pad shape that the calipers take; null where nobody looked.</param>
/// <param name="RotorMm">Diameter of the rotors that they are made for, mm; null where it is read off what is fitted.</param>
/// <param name="RotorThicknessMm">Thickness of these new, mm; null likewise.</param>
public sealed record AxleBrake(
    CaliperKind Caliper,
    IReadOnlyList<double> PistonsMm,
    double PadAreaCm2,
    double PadHeightMm,
    double PadNewMm = 11,
    double PadLimitMm = 3,
    double CaliperMassKg = 4.5,
    bool AluminiumCaliper = false,
    PistonMaterial Pistons = PistonMaterial.Metal,
    Shim Shim = Shim.None,
    double RubbedPercent = AxleBrake.UsualRubbedPercent,
    int Discs = 2,
    string? PadShape = null,
    double? RotorMm = null,
    double? RotorThicknessMm = null)
{
    /// <summary>A pad this far above its limit is watched, and no longer fitted from stock, mm (common practice).</summary>
    public const double WatchPadMm = 2;

    /// <summary>A caliper's bridge and its clearance need this much between rotor edge and wheel barrel, mm (common practice, +-5).</summary>
    public const double BridgeMm = 32;

    /// <summary>Rubbed share of the face where nobody looked, %.</summary>
    public const double UsualRubbedPercent = 80;

    private static readonly FieldRange Rubbed = new("axle.rubbedPercent", "%", 40, 100);
    private static readonly FieldRange Piston = new("axle.pistonsMm", "mm", 18, 80);
    private static readonly FieldRange Area = new("axle.padAreaCm2", "cm2", 12, 200);
    private static readonly FieldRange Height = new("axle.padHeightMm", "mm", 20, 90);
    private static readonly FieldRange New = new("axle.padNewMm", "mm", 4, 25);
    private static readonly FieldRange Limit = new("axle.padLimitMm", "mm", 1, 8);
    private static readonly FieldRange Mass = new("axle.caliperMassKg", "kg", 0.8, 15);
    private static readonly FieldRange MadeFor = new("axle.rotorMm", "mm", 180, 440);
    private static readonly FieldRange MadeForThick = new("axle.rotorThicknessMm", "mm", 3, 45);

    /// <summary>Ranges of the fields, for forms.</summary>
    public static IReadOnlyList<FieldRange> Ranges { get; } = [Piston, Area, Height, New, Limit, Mass, Rubbed, MadeFor, MadeForThick];

    private static readonly IReadOnlyList<double> NoPistons = [];

    /// <summary>True where pads that came out of these calipers go into others: of one shape where both name it, of one size where one does not.</summary>
    public bool TakesPadsOf(AxleBrake other)
    {
        ArgumentNullException.ThrowIfNull(other);
        return PadShape is { } shape && other.PadShape is { } its ? shape == its : PadAreaCm2 == other.PadAreaCm2 && PadHeightMm == other.PadHeightMm;
    }

    /// <summary>True for the same figures, whoever read them: lists are compared by what they hold.</summary>
    public bool IsSame(AxleBrake other)
    {
        ArgumentNullException.ThrowIfNull(other);
        return this with { PistonsMm = NoPistons } == other with { PistonsMm = NoPistons } && PistonsMm.SequenceEqual(other.PistonsMm);
    }

    /// <summary>Friction material that a volume worn off the axle takes off each pad, mm.</summary>
    /// <param name="mm3">Volume, mm3.</param>
    public double WornMm(double mm3) => mm3 / Mm3PerMm();

    /// <summary>Volume of one millimetre of all the axle's pads, mm3.</summary>
    public double Mm3PerMm() => 2 * Discs * PadAreaCm2 * 100;

    /// <summary>Piston area of one side, m2.</summary>
    public double OneSidePistonAreaM2() => PistonsMm.Sum(mm => Math.PI / 4 * mm * mm * 1e-6);

    /// <summary>Radius at which the friction force acts on a rotor, m.</summary>
    public double EffectiveRadiusM(Rotors.Rotor rotor)
    {
        ArgumentNullException.ThrowIfNull(rotor);
        return Brake().EffectiveRadiusM(rotor.OuterRadiusM(), PadHeightMm / 1000);
    }

    /// <summary>
    /// Share of a plain piston's heat that piston and shim let through (titanium from memory; vents and steel shims engineering judgement, +-0.15).
    /// </summary>
    public double HeatShareToPiston()
    {
        var piston = Pistons switch { PistonMaterial.Titanium => 0.4, PistonMaterial.Vented => 0.6, _ => 1.0 };
        return piston * Shim switch { Shim.Titanium => 0.4, Shim.Steel => 0.8, _ => 1.0 };
    }

    /// <summary>The friction at which a disc with these pistons would brake as hard: the friction itself but for a drum.</summary>
    public double DiscMu(double mu) => Brake().DiscMu(mu);

    /// <summary>What kind of brake it is.</summary>
    public Rotors.IFoundationBrake Brake() => Caliper == CaliperKind.Drum ? Rotors.DrumBrake.Kind : Rotors.DiscBrake.Kind;

    /// <summary>What the caliper is made of.</summary>
    public Solid CaliperMaterial() => AluminiumCaliper ? Solid.Aluminium : Solid.CastIron;

    /// <summary>Lists what is wrong.</summary>
    public void Check(string field, ICollection<InputFault> faults)
    {
        ArgumentNullException.ThrowIfNull(faults);
        if (PistonsMm.Count is < 1 or > 6)
        {
            faults.Add(new InputFault($"{field}.pistonsMm", Said.Of("axle-brake.pistons", PistonsMm.Count), Said.Of("axle-brake.1-6-one-side"),
                Said.Of("axle-brake.caliper-1-6-pistons")));
        }

        for (var i = 0; i < PistonsMm.Count && i < 6; i++)
        {
            Piston.Check(PistonsMm[i], faults, $"{field}.pistonsMm[{i}]");
        }

        if (Discs is < 1 or > 2)
        {
            faults.Add(new InputFault($"{field}.discs", $"{Discs}", Said.Of("axle-brake.1-2"), Said.Of("axle-brake.axle-one-two-discs")));
        }

        Area.Check(PadAreaCm2, faults, $"{field}.padAreaCm2");
        Height.Check(PadHeightMm, faults, $"{field}.padHeightMm");
        New.Check(PadNewMm, faults, $"{field}.padNewMm");
        Limit.Check(PadLimitMm, faults, $"{field}.padLimitMm");
        Rubbed.Check(RubbedPercent, faults, $"{field}.rubbedPercent");
        Mass.Check(CaliperMassKg, faults, $"{field}.caliperMassKg");
        if (PadShape is { } shape)
        {
            Names.Check(shape, $"{field}.padShape", faults);
        }

        if (RotorMm is { } diameter)
        {
            MadeFor.Check(diameter, faults, $"{field}.rotorMm");
        }

        if (RotorThicknessMm is { } thick)
        {
            MadeForThick.Check(thick, faults, $"{field}.rotorThicknessMm");
        }
    }
}
