
namespace Rimrock.Core.Friction;

/// <summary>Which discs a pad may rub on.</summary>
public enum PadDiscs
{
    /// <summary>Iron discs only.</summary>
    Iron,

    /// <summary>Carbon-ceramic discs only.</summary>
    CarbonCeramic,

    /// <summary>Both, by its maker's list.</summary>
    Both,
}

/// <summary>What a pad is like beside its friction curve. Indices run from 0 (none, worst) to 10; null where only the family is known.</summary>
/// <param name="Discs">Discs that the maker lists it for.</param>
/// <param name="Bite">How firmly it takes hold, 0 to 10.</param>
/// <param name="Release">How smoothly it lets go, 0 to 10: a pad that lets go smoothly can be held at the ABS threshold.</param>
/// <param name="Dust">Dust, 0 to 10.</param>
/// <param name="Noise">Noise, 0 to 10.</param>
/// <param name="RotorWear">Rotor wear, 0 to 10.</param>
/// <param name="CorrosiveDust">True where the dust pits wheels.</param>
/// <param name="PreBedded">True where pads come bedded from a rig.</param>
/// <param name="CompressibilityUm">How far a pad gives at 160 bar, micrometres; null where unknown.</param>
/// <param name="EdgeCode">Two letters of SAE J866 from the pad's edge, such as FF; null where none.</param>
public sealed record PadTraits(
    PadDiscs Discs = PadDiscs.Iron,
    int? Bite = null,
    int? Release = null,
    int? Dust = null,
    int? Noise = null,
    int? RotorWear = null,
    bool CorrosiveDust = false,
    bool PreBedded = false,
    double? CompressibilityUm = null,
    string? EdgeCode = null)
{
    private static readonly FieldRange Index = new("pad.traits", "", 0, 10);
    private static readonly FieldRange Compressibility = new("pad.traits.compressibilityUm", "µm", 20, 400);

    /// <summary>Ranges of the fields, for forms.</summary>
    public static IReadOnlyList<FieldRange> Ranges { get; } = [Index, Compressibility];

    /// <summary>Lists what is wrong.</summary>
    public void Check(string field, ICollection<InputFault> faults)
    {
        ArgumentNullException.ThrowIfNull(faults);
        foreach (var (name, value) in new[] { ("bite", Bite), ("release", Release), ("dust", Dust), ("noise", Noise), ("rotorWear", RotorWear) })
        {
            if (value is { } index)
            {
                Index.Check(index, faults, $"{field}.{name}");
            }
        }

        if (CompressibilityUm is { } um)
        {
            Compressibility.Check(um, faults, $"{field}.compressibilityUm");
        }

        if (EdgeCode is { } code && Friction.EdgeCode.Read(code) is null)
        {
            faults.Add(new InputFault($"{field}.edgeCode", code.Length > 12 ? code[..12] : code, Said.Of("pad-traits.two-letters-c-d"),
                Said.Of("pad-traits.edge-code-two-letters")));
        }
    }
}
