namespace Rimrock.Core.Vehicles;

/// <summary>A master cylinder as a driver would order it: one for both circuits, or a pair of one bore behind a balance bar.</summary>
/// <param name="Name">Name in lists.</param>
/// <param name="BoreMm">Bore, mm.</param>
/// <param name="BalanceBarFrontShare">Share of the force that its balance bar is set to give the front; null for one cylinder for both.</param>
/// <param name="PedalRatio">Lever ratio of the pedal that comes with it; null where the car's own stays.</param>
/// <param name="Price">Price, of both where there are two, in the driver's currency; null where unknown.</param>
/// <param name="Replaces">The hydraulics before it was fitted; null on the shelf.</param>
public sealed record MasterCylinder(string Name, double BoreMm, double? BalanceBarFrontShare = null, double? PedalRatio = null, double? Price = null,
    Hydraulics? Replaces = null)
{
    private static readonly FieldRange Bore = new("cylinder.boreMm", "mm", 12, 40);
    private static readonly FieldRange Share = new("cylinder.balanceBarFrontShare", "", 0.3, 0.75);
    private static readonly FieldRange Ratio = new("cylinder.pedalRatio", "", 2, 8);
    private static readonly FieldRange Cost = new("cylinder.price", "", 0, 5000);

    /// <summary>Ranges of the fields, for forms.</summary>
    public static IReadOnlyList<FieldRange> Ranges { get; } = [Bore, Share, Ratio, Cost];

    /// <summary>A car's hydraulics with it; a balance bar has no booster in front of it (common practice).</summary>
    /// <param name="own">The car's own.</param>
    public Hydraulics On(Hydraulics own)
    {
        ArgumentNullException.ThrowIfNull(own);
        var with = own with { MasterCylinderMm = BoreMm, BalanceBarFrontShare = BalanceBarFrontShare, PedalRatio = PedalRatio ?? own.PedalRatio };
        return BalanceBarFrontShare is null ? with : with.WithoutBooster();
    }

    /// <summary>Lists what is wrong.</summary>
    public void Check(string field, ICollection<InputFault> faults)
    {
        ArgumentNullException.ThrowIfNull(faults);
        Names.Check(Name, $"{field}.name", faults);
        Bore.Check(BoreMm, faults, $"{field}.boreMm");
        if (BalanceBarFrontShare is { } share)
        {
            Share.Check(share, faults, $"{field}.balanceBarFrontShare");
        }

        if (PedalRatio is { } ratio)
        {
            Ratio.Check(ratio, faults, $"{field}.pedalRatio");
        }

        if (Price is { } price)
        {
            Cost.Check(price, faults, $"{field}.price");
        }

        Replaces?.Check(faults);
    }
}
