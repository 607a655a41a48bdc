
namespace Rimrock.Core.Entries;

/// <summary>A wheel of the car.</summary>
public enum Corner
{
    /// <summary>Left front.</summary>
    LeftFront,

    /// <summary>Right front.</summary>
    RightFront,

    /// <summary>Left rear.</summary>
    LeftRear,

    /// <summary>Right rear.</summary>
    RightRear,
}

/// <summary>How far a crack goes.</summary>
public enum CrackReach
{
    /// <summary>No crack, or hairlines only.</summary>
    None,

    /// <summary>It reaches a hole.</summary>
    Hole,

    /// <summary>It reaches the end of a slot.</summary>
    SlotEnd,

    /// <summary>It reaches the edge.</summary>
    Edge,
}

/// <summary>How the film looks.</summary>
public enum Film
{
    /// <summary>Nobody looked.</summary>
    Unsaid,

    /// <summary>Even, grey to blue.</summary>
    Even,

    /// <summary>Patchy.</summary>
    Patchy,

    /// <summary>Spots.</summary>
    Spots,

    /// <summary>Deep blue or purple all over.</summary>
    Overheated,
}

/// <summary>One corner on the stands; whatever was not measured is null.</summary>
/// <param name="Corner">Which.</param>
/// <param name="InnerMm">Inner pad, mm of friction material.</param>
/// <param name="OuterMm">Outer pad, mm.</param>
/// <param name="LeadingMm">Leading edge of the thinner pad, mm.</param>
/// <param name="TrailingMm">Trailing edge of it, mm.</param>
/// <param name="RotorMm">Rotor thickness, mm.</param>
/// <param name="RotorKg">Rotor ring's mass, kg, for carbon.</param>
/// <param name="CrackMm">Longest heat check, mm.</param>
/// <param name="Reach">How far a crack goes.</param>
/// <param name="Film">The film.</param>
/// <param name="BootTorn">True where a dust boot is torn or burnt.</param>
/// <param name="Marks">What else was found, or looked at and sound; null for nothing.</param>
public sealed record CornerLook(
    Corner Corner, double? InnerMm = null, double? OuterMm = null, double? LeadingMm = null, double? TrailingMm = null, double? RotorMm = null,
    double? RotorKg = null,
    double? CrackMm = null, CrackReach Reach = CrackReach.None, Film Film = Film.Unsaid, bool BootTorn = false,
    IReadOnlyList<CornerMark>? Marks = null)
{
    /// <summary>True at the front.</summary>
    public bool Front => AxleOf() == Axle.Front;

    /// <summary>The corner's axle.</summary>
    public Axle AxleOf() => AxleOf(Corner);

    /// <summary>A corner's axle.</summary>
    public static Axle AxleOf(Corner corner) => corner is Corner.LeftFront or Corner.RightFront ? Axle.Front : Axle.Rear;

    /// <summary>A heat check longer than this is no hairline, mm (common practice, makers say 5 to 10).</summary>
    public const double LongCrackMm = 8;

    /// <summary>True where a crack ends the rotor's life: it reaches a hole, a slot's end or the edge, or is longer than a hairline.</summary>
    public bool IsDiscarded() => Reach != CrackReach.None || CrackMm > LongCrackMm;

    /// <summary>The thinnest that was measured on the corner's pads, mm; null where none was.</summary>
    public double? ThinnestMm() => new[] { InnerMm, OuterMm, LeadingMm, TrailingMm }.Min();
}

/// <summary>The car on stands between two events.</summary>
/// <param name="Date">The day.</param>
/// <param name="Corners">The corners that were looked at.</param>
/// <param name="MoisturePercent">Water in the reservoir by a tester, %.</param>
/// <param name="FluidLevelMm">Level below the upper mark, mm.</param>
/// <param name="HotLapsSince">Hot laps since the pads were new or last measured; null where unknown.</param>
/// <param name="Note">Anything else.</param>
/// <param name="Bled">True where the brakes were bled, and the pedal is firm.</param>
public sealed record Inspection(DateOnly Date, IReadOnlyList<CornerLook> Corners, double? MoisturePercent = null, double? FluidLevelMm = null,
    int? HotLapsSince = null, string? Note = null, bool Bled = false)
{
    private static readonly FieldRange Pad = new("corner.innerMm", "mm", 0, 30);
    private static readonly FieldRange Rotor = new("corner.rotorMm", "mm", 4, 50);
    private static readonly FieldRange Mass = new("corner.rotorKg", "kg", 0.3, 30);
    private static readonly FieldRange Crack = new("corner.crackMm", "mm", 0, 120);
    private static readonly FieldRange Moisture = new("inspection.moisturePercent", "%", 0, 7);
    private static readonly FieldRange Level = new("inspection.fluidLevelMm", "mm", 0, 80);
    private static readonly FieldRange Laps = new("inspection.hotLapsSince", "", 0, 2000);

    /// <summary>Ranges of the fields, for forms.</summary>
    public static IReadOnlyList<FieldRange> Ranges { get; } = [Pad, Rotor, Mass, Crack, Moisture, Level, Laps];

    /// <summary>Lists what is wrong.</summary>
    public IReadOnlyList<InputFault> Faults()
    {
        var faults = new List<InputFault>();
        Days.Check(Date, "inspection.date", faults);
        void Check(FieldRange range, double? value, string field)
        {
            if (value is { } known)
            {
                range.Check(known, faults, field);
            }
        }

        if (Corners.Select(look => look.Corner).Distinct().Count() != Corners.Count)
        {
            faults.Add(new InputFault("inspection.corners", Said.Of("inspection.corner-twice"), Said.Of("inspection.each-corner-once"),
                Said.Of("inspection.corner-stands-inspection-twice")));
        }

        for (var i = 0; i < Corners.Count; i++)
        {
            var look = Corners[i];
            foreach (var (name, mm) in new[] { ("innerMm", look.InnerMm), ("outerMm", look.OuterMm), ("leadingMm", look.LeadingMm),
                ("trailingMm", look.TrailingMm) })
            {
                Check(Pad, mm, $"corners[{i}].{name}");
            }

            Check(Rotor, look.RotorMm, $"corners[{i}].rotorMm");
            Check(Mass, look.RotorKg, $"corners[{i}].rotorKg");
            Check(Crack, look.CrackMm, $"corners[{i}].crackMm");
        }

        Check(Moisture, MoisturePercent, "inspection.moisturePercent");
        Check(Level, FluidLevelMm, "inspection.fluidLevelMm");
        Check(Laps, HotLapsSince, "inspection.hotLapsSince");
        Names.CheckNote(Note, "inspection.note", faults);

        return faults;
    }
}
