
namespace Rimrock.Core.Rotors;

/// <summary>What runs between the two cheeks of a rotor.</summary>
public enum VaneKind
{
    /// <summary>A solid disc: no vanes.</summary>
    Solid,

    /// <summary>Straight radial vanes; the rotor fits either side.</summary>
    Straight,

    /// <summary>Pillars instead of vanes.</summary>
    Pillar,

    /// <summary>Curved vanes that sweep back from the hub; handed.</summary>
    Curved,
}

/// <summary>How the ring is held.</summary>
public enum RotorConstruction
{
    /// <summary>Ring and hat are one casting; one cheek hangs on the hat.</summary>
    OnePiece,

    /// <summary>The ring floats on an aluminium hat.</summary>
    TwoPiece,

    /// <summary>A brake drum: shoes rub inside a cylinder.</summary>
    Drum,
}

/// <summary>What the ring is made of.</summary>
public enum RingMaterial
{
    /// <summary>Grey cast iron.</summary>
    Iron,

    /// <summary>Carbon-fibre reinforced silicon carbide.</summary>
    CarbonCeramic,

    /// <summary>Carbon-carbon: race only.</summary>
    CarbonCarbon,
}

/// <summary>What iron it is.</summary>
public enum IronGrade
{
    /// <summary>Plain grey iron, as most rings are.</summary>
    Plain,

    /// <summary>High-carbon grey iron: it conducts better and cracks later.</summary>
    HighCarbon,

    /// <summary>Grey iron alloyed for the track (chromium, molybdenum, copper): later still.</summary>
    Alloyed,
}

/// <summary>A brake rotor, or a drum, by its geometry.</summary>
/// <param name="Name">Name in the plan sentence.</param>
/// <param name="OuterDiameterMm">Outer diameter, mm; of a drum the diameter that the shoes rub on.</param>
/// <param name="InnerDiameterMm">Inner diameter of the rubbing ring, mm; of a drum not used.</param>
/// <param name="ThicknessMm">Thickness today, mm; of a drum its wall.</param>
/// <param name="MinThicknessMm">The maker's service limit, mm.</param>
/// <param name="Vanes">What runs between the cheeks.</param>
/// <param name="VaneGapMm">Air gap between the cheeks, mm; 0 for a solid disc.</param>
/// <param name="VaneCount">Number of vanes or pillars; 0 for a solid disc.</param>
/// <param name="VaneThicknessMm">Thickness of a vane, mm.</param>
/// <param name="Construction">One or two pieces.</param>
/// <param name="RingMassKg">The ring's mass by the maker, kg; wins over geometry.</param>
/// <param name="Price">Price of one, in the driver's currency; null where unknown.</param>
/// <param name="Material">What the ring is made of.</param>
/// <param name="ReplacesCarbonCeramic">True for an iron ring made to take a carbon-ceramic disc's place.</param>
/// <param name="DrumWidthMm">Width of a drum's rubbing face, mm.</param>
/// <param name="Finish">Face, slots, ring price and hardware; null for a plain one.</param>
/// <param name="Grade">What iron it is; no matter for a carbon ring.</param>
/// <param name="BracketForMm">It comes with brackets, for calipers that are made for rotors of this diameter, mm; null where it comes without.</param>
/// <param name="HatOffsetMm">From the hub's face to the ring's middle, mm; null where nobody measured.</param>
/// <param name="BoltCircle">Holes and circle, as its maker writes it; null where unknown.</param>
/// <param name="Bracket">Brackets that are bought beside it; null where it comes with its own, or without.</param>
public sealed record Rotor(
    string Name,
    double OuterDiameterMm,
    double InnerDiameterMm,
    double ThicknessMm,
    double MinThicknessMm,
    VaneKind Vanes = VaneKind.Solid,
    double VaneGapMm = 0,
    int VaneCount = 0,
    double VaneThicknessMm = 5,
    RotorConstruction Construction = RotorConstruction.OnePiece,
    double? RingMassKg = null,
    double? Price = null,
    RingMaterial Material = RingMaterial.Iron,
    bool ReplacesCarbonCeramic = false,
    double DrumWidthMm = 45,
    RotorFinish? Finish = null,
    IronGrade Grade = IronGrade.Plain,
    double? BracketForMm = null,
    double? HatOffsetMm = null,
    string? BoltCircle = null,
    Bracket? Bracket = null)
{
    /// <summary>Allowed diameters.</summary>
    public static FieldRange OuterRange { get; } = new("rotor.outerDiameterMm", "mm", 180, 440);

    private static readonly FieldRange Inner = new("rotor.innerDiameterMm", "mm", 90, 380);
    private static readonly FieldRange Thickness = new("rotor.thicknessMm", "mm", 5, 45);
    private static readonly FieldRange MinThickness = new("rotor.minThicknessMm", "mm", 4, 44);
    private static readonly FieldRange Gap = new("rotor.vaneGapMm", "mm", 0, 22);
    private static readonly FieldRange Count = new("rotor.vaneCount", "", 0, 120);
    private static readonly FieldRange Vane = new("rotor.vaneThicknessMm", "mm", 1, 15);
    private static readonly FieldRange Wall = new("rotor.thicknessMm", "mm", 4, 20, "rotor.drum-wall");
    private static readonly FieldRange Width = new("rotor.drumWidthMm", "mm", 20, 120);
    private static readonly FieldRange Cost = new("rotor.price", "", 0, 20000);
    private static readonly FieldRange Mass = new("rotor.ringMassKg", "kg", 0.5, 25);
    private static readonly FieldRange CarriedFrom = new("rotor.bracketForMm", "mm", 180, 440);
    private static readonly FieldRange HatOffset = new("rotor.hatOffsetMm", "mm", 0, 120);

    /// <summary>Ranges of the fields, for forms.</summary>
    public static IReadOnlyList<FieldRange> Ranges { get; } =
        [OuterRange, Inner, Thickness, MinThickness, Gap, Count, Vane, Mass, Width, Cost, CarriedFrom, HatOffset, .. RotorFinish.Ranges];

    /// <summary>Outer radius, m.</summary>
    public double OuterRadiusM() => OuterDiameterMm / 2000;

    /// <summary>Inner radius of the ring, m.</summary>
    public double InnerRadiusM() => InnerDiameterMm / 2000;

    /// <summary>What the ring is made of, with its properties.</summary>
    public RotorMaterial MaterialOf() => Material switch
    {
        RingMaterial.CarbonCeramic => RotorMaterial.CarbonCeramic,
        RingMaterial.CarbonCarbon => RotorMaterial.CarbonCarbon,
        _ => Grade == IronGrade.Plain ? RotorMaterial.GreyIron : RotorMaterial.BetterIron,
    };

    /// <summary>Area of one rubbing face, m2; of a drum the inside of its cylinder.</summary>
    public double FaceAreaM2() => Brake().FaceAreaM2(OuterRadiusM(), InnerRadiusM(), DrumWidthMm / 1000);

    /// <summary>The same ring further out or further in.</summary>
    /// <param name="outerMm">Its outer diameter, mm.</param>
    public Rotor At(double outerMm) => this with { OuterDiameterMm = outerMm, InnerDiameterMm = InnerDiameterMm + outerMm - OuterDiameterMm };

    /// <summary>True where it is the rotor that is fitted with a new ring: its hats stay, and only rings, bolts and nuts are bought.</summary>
    /// <param name="fitted">The rotor that is on the car.</param>
    public bool HatsStay(Rotor fitted)
    {
        ArgumentNullException.ThrowIfNull(fitted);
        return Construction == RotorConstruction.TwoPiece && fitted.Construction == RotorConstruction.TwoPiece && Name == fitted.Name
            && OuterDiameterMm == fitted.OuterDiameterMm && ThicknessMm >= fitted.ThicknessMm;
    }

    /// <summary>What a pair costs in the place of what is fitted; null where unknown.</summary>
    /// <param name="fitted">The rotor that is on the car.</param>
    public double? PairPrice(Rotor fitted) => 2 * (HatsStay(fitted) ? Finish?.RingPrice ?? Price : Price);

    /// <summary>What the brackets beside it cost in the place of what is fitted; nothing where they are on the car already, null where unknown.</summary>
    /// <param name="fitted">The rotor that is on the car.</param>
    public double? BracketPrice(Rotor fitted)
    {
        ArgumentNullException.ThrowIfNull(fitted);
        return Bracket is null || Bracket.Name == fitted.Bracket?.Name ? 0 : Bracket.Price;
    }

    /// <summary>What kind of brake it belongs to.</summary>
    public IFoundationBrake Brake() => Construction == RotorConstruction.Drum ? DrumBrake.Kind : DiscBrake.Kind;

    /// <summary>Share of the gap's plan area that is vane, 0 to 0.6; 1 for a solid disc.</summary>
    public double VaneFill() => Vanes == VaneKind.Solid
        ? 1
        : Math.Min(0.6, VaneCount * VaneThicknessMm / 1000 * VaneLengthM() / FaceAreaM2());

    /// <summary>Length of the air channel between the vanes, m: the ring's radial width; curved vanes run 15 % longer (engineering judgement).</summary>
    public double VaneLengthM() => (OuterRadiusM() - InnerRadiusM()) * (Vanes == VaneKind.Curved ? 1.15 : 1);

    /// <summary>The same kind of ring of another diameter: as much of it is hole, and its mass follows from its size.</summary>
    /// <param name="outerMm">Diameter, mm.</param>
    public Rotor OfDiameter(double outerMm) => this with
    {
        OuterDiameterMm = outerMm,
        InnerDiameterMm = Math.Clamp(Math.Round(InnerDiameterMm * outerMm / OuterDiameterMm, 1), 90, 380),
        RingMassKg = null,
    };

    /// <summary>
    /// The ring's mass from geometry and the material's density, kg.
    /// </summary>
    public double GeometricMassKg() =>
        MaterialOf().DensityKgM3 * FaceAreaM2() * Brake().SolidMm(ThicknessMm, VaneGapMm * (1 - VaneFill()), OuterDiameterMm) / 1000;

    /// <summary>The maker's mass over the geometry's; null where the maker states none. Beyond +-15 % one of the two is probably wrong.</summary>
    public double? MassOverGeometry() => RingMassKg / GeometricMassKg();

    /// <summary>The mass that a hat is in proportion to, kg: an iron ring's of this geometry, since a carbon disc's hat carries the same torque.</summary>
    public double HatReferenceKg() => Material == RingMaterial.Iron ? MassKg() : MassKg() * RotorMaterial.GreyIron.DensityKgM3 / MaterialOf().DensityKgM3;

    /// <summary>Mass of the hat, kg: an iron hat weighs 0.3 of its ring, an aluminium one 0.15 (engineering judgement, +-0.05).</summary>
    public double HatKg() => (Construction == RotorConstruction.TwoPiece ? 0.15 : 0.3) * HatReferenceKg();

    /// <summary>Mass of ring and hat, kg.</summary>
    public double WithHatKg() => MassKg() + HatKg();

    /// <summary>The ring's mass, kg: the maker's where known, else from geometry.</summary>
    public double MassKg() => RingMassKg ?? GeometricMassKg();

    /// <summary>Lists what is wrong with the rotor.</summary>
    public void Check(string field, ICollection<InputFault> faults)
    {
        ArgumentNullException.ThrowIfNull(faults);
        Names.Check(Name, $"{field}.name", faults);
        Finish?.Check($"{field}.finish", faults);
        Bracket?.Check($"{field}.bracket", faults);
        if (Price is { } price)
        {
            Cost.Check(price, faults, $"{field}.price");
        }

        if (!Brake().RubsBothFaces)
        {
            CheckDrum(field, faults);
            return;
        }

        OuterRange.Check(OuterDiameterMm, faults, $"{field}.outerDiameterMm");
        Inner.Check(InnerDiameterMm, faults, $"{field}.innerDiameterMm");
        Thickness.Check(ThicknessMm, faults, $"{field}.thicknessMm");
        MinThickness.Check(MinThicknessMm, faults, $"{field}.minThicknessMm");
        Gap.Check(VaneGapMm, faults, $"{field}.vaneGapMm");
        Count.Check(VaneCount, faults, $"{field}.vaneCount");
        Vane.Check(VaneThicknessMm, faults, $"{field}.vaneThicknessMm");
        if (RingMassKg is { } mass)
        {
            Mass.Check(mass, faults, $"{field}.ringMassKg");
        }

        if (OuterDiameterMm - InnerDiameterMm < 30)
        {
            faults.Add(new InputFault($"{field}.innerDiameterMm", $"{InnerDiameterMm:0.#}", Said.Of("rotor.most", Units.Mm(OuterDiameterMm - 30)),
                Said.Of("rotor.rubbing-ring-least-15")));
        }

        if (Vanes == VaneKind.Solid ? VaneGapMm != 0 : !(VaneGapMm >= 3 && ThicknessMm - VaneGapMm >= 6 && VaneCount >= 6))
        {
            faults.Add(new InputFault($"{field}.vaneGapMm", Said.Of("rotor.vanes", Units.Mm(VaneGapMm), VaneCount),
                Vanes == VaneKind.Solid ? Said.Of("rotor.0-mm-solid-disc") : Said.Of("rotor.gap-3-mm-more"),
                Said.Of("rotor.vanes-gap-do-not")));
        }
    }

    private void CheckDrum(string field, ICollection<InputFault> faults)
    {
        OuterRange.Check(OuterDiameterMm, faults, $"{field}.outerDiameterMm");
        Inner.Check(InnerDiameterMm, faults, $"{field}.innerDiameterMm");
        if (OuterDiameterMm <= InnerDiameterMm)
        {
            faults.Add(new InputFault($"{field}.innerDiameterMm", $"{InnerDiameterMm:0.#}", Said.Of("rotor.below", Units.Mm(OuterDiameterMm)),
                Said.Of("rotor.drums-hat-narrower-rubbing")));
        }

        Wall.Check(ThicknessMm, faults, $"{field}.thicknessMm");
        Width.Check(DrumWidthMm, faults, $"{field}.drumWidthMm");
        if (RingMassKg is { } mass)
        {
            Mass.Check(mass, faults, $"{field}.ringMassKg");
        }

        if (Vanes != VaneKind.Solid || VaneGapMm != 0 || Material != RingMaterial.Iron)
        {
            faults.Add(new InputFault($"{field}.vanes", Said.Of("rotor.figure", $"{Vanes}", Units.Mm(VaneGapMm), $"{Material}"),
                Said.Of("rotor.solid-0-mm-iron"),
                Said.Of("rotor.drum-iron-no-vanes")));
        }
    }
}
