
namespace Rimrock.Core.Rotors;

/// <summary>The rubbing face.</summary>
public enum RotorFace
{
    /// <summary>Plain: quiet, right for the street.</summary>
    Plain,

    /// <summary>Slotted: clears gas and dust, keeps the pad fresh, wears it faster.</summary>
    Slotted,

    /// <summary>Hooked or segmented slots: even pad coverage.</summary>
    HookSlotted,

    /// <summary>Holes drilled after casting: cracks start there.</summary>
    Drilled,

    /// <summary>Holes cast in or drilled and chamfered by the maker.</summary>
    FactoryDrilled,
}

/// <summary>What was done to the iron after casting.</summary>
public enum RotorTreatment
{
    /// <summary>Nothing, or what every casting gets.</summary>
    None,

    /// <summary>Frozen: no difference found that is worth its money (common practice).</summary>
    Frozen,
}

/// <summary>What a rotor is beside its geometry.</summary>
/// <param name="Face">The rubbing face.</param>
/// <param name="SlotsReachEdge">True where slots run out through the edge: a crack's way out.</param>
/// <param name="RingPrice">Price of a replacement ring of a two-piece rotor; null where unknown.</param>
/// <param name="Hardware">Grade of bolts and nuts and whether they are for one use; null where none are needed.</param>
/// <param name="MinRingMassKg">Service limit of a carbon disc by mass, kg; null for iron.</param>
/// <param name="Treatment">What was done to the iron; null for nothing known. It changes no figure.</param>
public sealed record RotorFinish(RotorFace Face = RotorFace.Plain, bool SlotsReachEdge = false, double? RingPrice = null, string? Hardware = null,
    double? MinRingMassKg = null, RotorTreatment? Treatment = null)
{
    private const int LongestHardware = 120;
    private static readonly FieldRange Ring = new("rotor.finish.ringPrice", "", 0, 20000);
    private static readonly FieldRange Mass = new("rotor.finish.minRingMassKg", "kg", 0.3, 25);

    /// <summary>Ranges of the fields, for forms.</summary>
    public static IReadOnlyList<FieldRange> Ranges { get; } = [Ring, Mass];

    /// <summary>
    /// By how much a hole or slot raises the stress at the face: a round hole 2.4, between 2 (equal in both directions) and 3 (in one;
    /// Kirsch, Zeitschrift des VDI 42 (1898) 797, from memory); a maker's chamfered hole 2.0; slots 1.3, 1.8 where they
    /// reach the edge (engineering judgement, +-0.3).
    /// </summary>
    public double StressRaiser() => Face switch
    {
        RotorFace.Drilled => 2.4,
        RotorFace.FactoryDrilled => 2.0,
        RotorFace.Slotted or RotorFace.HookSlotted => SlotsReachEdge ? 1.8 : 1.3,
        _ => 1,
    };

    /// <summary>
    /// What slots do for bite where a pad is worked hard, in points of ten of bite and release: gas, dust and water go, and the pad's face stays fresh, the
    /// more evenly the more and shorter they are (common practice; the figures are engineering judgement, +-0.5).
    /// </summary>
    public double BitePoints() => Face switch
    {
        RotorFace.Slotted => 1,
        RotorFace.HookSlotted => 1.5,
        RotorFace.Drilled or RotorFace.FactoryDrilled => 0.5,
        _ => 0,
    };

    /// <summary>
    /// Hum that slots and holes add to a pad's noise, in points of ten (engineering judgement, +-0.5): many short slots less than straight ones.
    /// </summary>
    public double HumPoints() => Face switch { RotorFace.Plain => 0, RotorFace.Slotted => 1, _ => 0.5 };

    /// <summary>On pad wear: edges scrape (engineering judgement, +-0.1).</summary>
    public double PadWearFactor() => Face switch { RotorFace.Plain => 1, RotorFace.FactoryDrilled => 1.1, _ => 1.15 };

    /// <summary>Lists what is wrong.</summary>
    public void Check(string field, ICollection<InputFault> faults)
    {
        ArgumentNullException.ThrowIfNull(faults);
        if (RingPrice is { } price)
        {
            Ring.Check(price, faults, $"{field}.ringPrice");
        }

        if (MinRingMassKg is { } kg)
        {
            Mass.Check(kg, faults, $"{field}.minRingMassKg");
        }

        if (Hardware is { Length: > LongestHardware })
        {
            faults.Add(new InputFault($"{field}.hardware", Said.Of("rotor-finish.characters", Hardware.Length),
                Said.Of("rotor-finish.most-characters", LongestHardware),
                Said.Of("rotor-finish.note-bolts-nuts-too")));
        }
    }
}
