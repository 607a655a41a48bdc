namespace Rimrock.Core.Rotors;

/// <summary>A pair of brackets that carry an axle's own calipers out over larger rotors, as a driver would order them.</summary>
/// <param name="Name">Name in lists.</param>
/// <param name="FromMm">Diameter of the rotors that the calipers are made for, mm.</param>
/// <param name="ToMm">Diameter of the rotors that they sit over with the brackets, mm.</param>
/// <param name="Mounts">Codes of the pad shapes of the calipers that bolt on; null where nobody looked.</param>
/// <param name="Price">Price of the pair with its bolts, in the driver's currency; null where unknown.</param>
public sealed record Bracket(string Name, double FromMm, double ToMm, IReadOnlyList<string>? Mounts = null, double? Price = null)
{
    private const int MostMounts = 60;
    private static readonly FieldRange From = new("bracket.fromMm", "mm", 180, 440);
    private static readonly FieldRange To = new("bracket.toMm", "mm", 180, 440);
    private static readonly FieldRange Cost = new("bracket.price", "", 0, 5000);

    /// <summary>Ranges of the fields, for forms.</summary>
    public static IReadOnlyList<FieldRange> Ranges { get; } = [From, To, Cost];

    /// <summary>Lists what is wrong with them.</summary>
    public void Check(string field, ICollection<InputFault> faults)
    {
        ArgumentNullException.ThrowIfNull(faults);
        Names.Check(Name, $"{field}.name", faults);
        From.Check(FromMm, faults, $"{field}.fromMm");
        To.Check(ToMm, faults, $"{field}.toMm");
        if (ToMm <= FromMm)
        {
            faults.Add(new InputFault($"{field}.toMm", $"{ToMm:0.#}", Said.Of("bracket.more-than", Units.Mm(FromMm)), Said.Of("bracket.carries-outwards")));
        }

        if (Mounts is { Count: > MostMounts })
        {
            faults.Add(new InputFault($"{field}.mounts", $"{Mounts.Count}", $"{MostMounts}", Said.Of("caliper-kit.too-many-mounts")));
        }

        foreach (var mount in Mounts ?? [])
        {
            Names.Check(mount, $"{field}.mounts", faults);
        }

        if (Price is { } price)
        {
            Cost.Check(price, faults, $"{field}.price");
        }
    }
}
