using Rimrock.Core.Driving;

namespace Rimrock.Core.Fitting;

/// <summary>The school about rotors.</summary>
public enum RotorSchool
{
    /// <summary>Whatever costs least for each track hour.</summary>
    Either,

    /// <summary>Cheap one-piece rotors as consumables.</summary>
    Blanks,

    /// <summary>Two-piece rotors for the long run.</summary>
    TwoPiece,
}

/// <summary>What matters to the driver. Scales run from 0 (not at all) to 3 (most).</summary>
/// <param name="Consistency">The same brake in the last lap as in the first.</param>
/// <param name="Confidence">Balance, bite and release as the driver knows them.</param>
/// <param name="Convenience">Little work to change over.</param>
/// <param name="Cost">Money.</param>
/// <param name="ColdMornings">Stopping on a cold morning.</param>
/// <param name="DustAndNoise">Clean wheels and quiet brakes.</param>
/// <param name="RoadApprovalMust">True where parts without road approval are out.</param>
/// <param name="FreshFluidEachEvent">True to flush before every event, false for one filling a season.</param>
/// <param name="Rotors">The school about rotors.</param>
/// <param name="FactoryHolesAllowed">True where a maker's own drilled rotor is allowed, false for never drilled.</param>
/// <param name="PreBedded">True for pads that come bedded, false for bedding them oneself.</param>
/// <param name="MostToBuy">What may be spent at once, in the driver's currency; null for no bound.</param>
/// <param name="MostColdMetres">How much longer than the original pads the first cold stop from 50 km/h may be, m; null for no bound.</param>
/// <param name="MostDanger">Largest chance of danger worth showing, 0 to 1; null for all.</param>
/// <param name="ClassKeepsRotorSize">True where the class rules keep the rotor's diameter.</param>
/// <param name="ClassForbidsDucts">True where the class rules forbid ducts.</param>
/// <param name="ClassKeeps">What else the class rules keep as it is; null for nothing.</param>
public sealed record Wishes(
    int Consistency = 2,
    int Confidence = 2,
    int Convenience = 1,
    int Cost = 2,
    int ColdMornings = 2,
    int DustAndNoise = 1,
    bool RoadApprovalMust = true,
    bool FreshFluidEachEvent = false,
    RotorSchool Rotors = RotorSchool.Either,
    bool FactoryHolesAllowed = false,
    bool PreBedded = false,
    double? MostToBuy = null,
    double? MostColdMetres = null,
    double? MostDanger = null,
    bool ClassKeepsRotorSize = false,
    bool ClassForbidsDucts = false,
    IReadOnlyList<ClassPart>? ClassKeeps = null)
{
    private static readonly FieldRange Scale = new("wishes.scale", "", 0, 3);
    private static readonly FieldRange Budget = new("wishes.mostToBuy", "", 0, 100000);
    private static readonly FieldRange Metres = new("wishes.mostColdMetres", "m", 0, 50);
    private static readonly FieldRange Danger = new("wishes.mostDanger", "", 0, 1);

    /// <summary>Ranges of the fields, for forms.</summary>
    public static IReadOnlyList<FieldRange> Ranges { get; } = [Scale, Budget, Metres, Danger];

    /// <summary>What they come to on a car: what never drives on the road needs no road approval.</summary>
    public Wishes For(PredictionPlan plan) =>
        (plan ?? throw new ArgumentNullException(nameof(plan))).IsOnRoad() ? this : this with { RoadApprovalMust = false };

    /// <summary>True where the class rules keep a part as it is.</summary>
    public bool IsKept(ClassPart part) => (part == ClassPart.Ducts && ClassForbidsDucts) || ClassKeeps?.Contains(part) == true;

    /// <summary>Lists what is wrong.</summary>
    public void Check(ICollection<InputFault> faults)
    {
        foreach (var (name, value) in new[]
        {
            ("consistency", Consistency), ("confidence", Confidence), ("convenience", Convenience), ("cost", Cost), ("coldMornings", ColdMornings),
                ("dustAndNoise", DustAndNoise),
        })
        {
            Scale.Check(value, faults, $"wishes.{name}");
        }

        foreach (var (range, bound) in new[] { (Budget, MostToBuy), (Metres, MostColdMetres), (Danger, MostDanger) })
        {
            if (bound is { } value)
            {
                range.Check(value, faults);
            }
        }
    }
}
