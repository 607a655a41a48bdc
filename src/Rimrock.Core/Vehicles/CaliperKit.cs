using Rimrock.Core.Rotors;

namespace Rimrock.Core.Vehicles;

/// <summary>Calipers of another kind for one axle as a driver would order them: with the brackets, bolts and rotors that carry them on this car.</summary>
/// <param name="Name">Name in lists.</param>
/// <param name="Brake">The calipers and their pads' sizes, with the shape of those pads.</param>
/// <param name="Rotor">The rotors that come with them.</param>
/// <param name="Mounts">Codes of the pad shapes of those calipers in whose place the brackets bolt; null where nobody looked.</param>
/// <param name="Price">Price of the kit for both sides without pads, in the driver's currency; null where unknown.</param>
/// <param name="Replaces">What was on the car before it was fitted; null on the shelf.</param>
/// <param name="Rear">True for the rear axle.</param>
/// <param name="HoldsParked">True where a rear kit has a parking brake of its own.</param>
/// <param name="StandsOutMm">How far the calipers stand out beyond the hub's face, towards the spokes, mm; null where unknown.</param>
/// <param name="ReplacesRotor">The rotors that it took the place of; null on the shelf.</param>
public sealed record CaliperKit(string Name, AxleBrake Brake, Rotor Rotor, IReadOnlyList<string>? Mounts = null, double? Price = null,
    AxleBrake? Replaces = null, bool Rear = false, bool HoldsParked = false, double? StandsOutMm = null, Rotor? ReplacesRotor = null)
{
    private const int MostMounts = 60;
    private static readonly FieldRange Cost = new("caliper.price", "", 0, 40000);
    private static readonly FieldRange Outwards = new("caliper.standsOutMm", "mm", 0, 150);

    /// <summary>Ranges of the fields, for forms.</summary>
    public static IReadOnlyList<FieldRange> Ranges { get; } = [Cost, Outwards];

    /// <summary>The axle that it is made for.</summary>
    public Axle AxleOf() => Rear ? Axle.Rear : Axle.Front;

    /// <summary>Piston area of one side over that of the calipers that they replace.</summary>
    /// <param name="own">Those calipers.</param>
    public double AreaRatio(AxleBrake own)
    {
        ArgumentNullException.ThrowIfNull(own);
        return Brake.OneSidePistonAreaM2() / own.OneSidePistonAreaM2();
    }

    /// <summary>Lists what is wrong with the kit.</summary>
    public void Check(string field, ICollection<InputFault> faults)
    {
        ArgumentNullException.ThrowIfNull(faults);
        Names.Check(Name, $"{field}.name", faults);
        Brake.Check($"{field}.brake", faults);
        Rotor.Check($"{field}.rotor", faults);
        Replaces?.Check($"{field}.replaces", faults);
        ReplacesRotor?.Check($"{field}.replacesRotor", faults);
        if (StandsOutMm is { } outwards)
        {
            Outwards.Check(outwards, faults, $"{field}.standsOutMm");
        }

        if (Brake.Caliper == CaliperKind.Drum)
        {
            faults.Add(new InputFault($"{field}.brake.caliper", $"{Brake.Caliper}",
                string.Join(", ", CaliperKind.Sliding, CaliperKind.Fixed, CaliperKind.OnePiece), Said.Of("caliper-kit.kits-are-for-discs")));
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
