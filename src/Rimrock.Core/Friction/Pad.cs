using System.Collections.Concurrent;
using Rimrock.Core.Priors;

namespace Rimrock.Core.Friction;

/// <summary>A brake pad compound as a driver would order it.</summary>
/// <param name="Name">Name in the plan sentence.</param>
/// <param name="Family">Family code, see <see cref="PadFamilies"/>.</param>
/// <param name="Curve">Points of its friction chart; null where only the family is known, then the family's typical curve stands in.</param>
/// <param name="Basis">Temperature basis of the chart.</param>
/// <param name="StatedFromC">Lower edge of the maker's range, C, if stated.</param>
/// <param name="StatedToC">Upper edge of the maker's range, C, if stated.</param>
/// <param name="PriceAxleSet">Price of a set for one axle, in the driver's currency; null where unknown.</param>
/// <param name="RoadApproved">True where it may be used on the road.</param>
/// <param name="Traits">What else is known of it; null where only the family is known.</param>
/// <param name="Shapes">Codes of the pad shapes that it is sold in; null where nobody looked.</param>
/// <param name="ForMotorcycle">True for a motorcycle's pad.</param>
public sealed record Pad(
    string Name,
    string Family,
    IReadOnlyList<CurvePoint>? Curve = null,
    ChartBasis Basis = ChartBasis.Unknown,
    double? StatedFromC = null,
    double? StatedToC = null,
    double? PriceAxleSet = null,
    bool RoadApproved = true,
    PadTraits? Traits = null,
    IReadOnlyList<string>? Shapes = null,
    bool ForMotorcycle = false)
{
    private const int MostShapes = 60;
    private static readonly ConcurrentDictionary<string, Pad> Original = new(StringComparer.Ordinal);
    private static readonly FieldRange Stated = new("pad.statedFromC", "C", -40, 1100);
    private static readonly FieldRange Price = new("pad.priceAxleSet", "", 0, 20000);

    /// <summary>Ranges of the fields, for forms.</summary>
    public static IReadOnlyList<FieldRange> Ranges { get; } = [Stated, Price, .. PadTraits.Ranges];

    /// <summary>What a car was sold with, of which nothing but the family is known: one pad for each family, so that its tables are made once.</summary>
    /// <param name="family">Family code.</param>
    public static Pad OriginalOf(string family) => Original.GetOrAdd(family, code => new Pad("original", code));

    /// <summary>The pad's family.</summary>
    public PadFamily FamilyOf() => PadFamilies.Find(Family);

    /// <summary>True for the same compound, whatever it is sold for and in whatever shapes.</summary>
    public bool IsSame(Pad other)
    {
        ArgumentNullException.ThrowIfNull(other);
        return (Name, Family, Basis, StatedFromC, StatedToC) == (other.Name, other.Family, other.Basis, other.StatedFromC, other.StatedToC)
            && (Curve ?? []).SequenceEqual(other.Curve ?? []);
    }

    /// <summary>Dust, 0 to 10: its own index or the family's.</summary>
    public int DustIndex() => Traits?.Dust ?? FamilyOf().Dust;

    /// <summary>Noise, 0 to 10.</summary>
    public int NoiseIndex() => Traits?.Noise ?? FamilyOf().Noise;

    /// <summary>Rotor wear, 0 to 10.</summary>
    public int RotorWearIndex() => Traits?.RotorWear ?? FamilyOf().RotorWear;

    /// <summary>Discs it may rub on: its maker's list, else iron, or carbon-ceramic where its family says so.</summary>
    public PadDiscs DiscsOf() => Traits?.Discs ?? (Family == PadFamilies.CarbonCeramicCode ? PadDiscs.CarbonCeramic : PadDiscs.Iron);

    /// <summary>How far its hot edge may lie from where its chart has it, one standard deviation, K.</summary>
    public double EdgeSpreadK() => Curve is null ? PriorSpread.FamilyEdgeK : Basis == ChartBasis.Unknown ? PriorSpread.TracedEdgeK
        : PriorSpread.DynamometerEdgeK;

    /// <summary>A batch's factor on its friction: where it has no chart of its own, its level is uncertain too.</summary>
    /// <param name="batch">The batch's factor on a charted pad.</param>
    public double FrictionWith(double batch)
    {
        if (Curve is not null)
        {
            return batch;
        }

        var level = PriorSpread.FrictionLevel / FamilyOf().Curve.Max(point => point.Mu) / Math.Log(PriorSpread.Friction);
        return Math.Pow(batch, Math.Sqrt(1 + (level * level)));
    }

    /// <summary>The pad's friction curve: its own or the family's.</summary>
    public FrictionCurve FrictionCurveOf()
    {
        var family = FamilyOf();
        return new FrictionCurve(Curve ?? family.Curve, family.ColdSlopePerK);
    }

    /// <summary>
    /// The pad's working band: of its own chart and its maker's range the narrower edge on each side; where only the family is known, its maker's range.
    /// </summary>
    public WorkingBand WorkingBandOf() => WorkingBand.Of(FrictionCurveOf(), StatedFromC, StatedToC, ownChart: Curve is not null);

    /// <summary>Its maker's range where its own chart does not bear it out, by more than is felt; null where it does or nothing is stated.</summary>
    public WorkingBand? RangeConflict()
    {
        if (Curve is null || StatedFromC is not { } from || StatedToC is not { } to)
        {
            return null;
        }

        var own = WorkingBand.Of(FrictionCurveOf());
        return from < own.FromC - WorkingBand.ConflictK || to > own.ToC + WorkingBand.ConflictK ? own with { FromC = from, ToC = to, Stated = true } : null;
    }

    /// <summary>Lists what is wrong with the pad.</summary>
    public void Check(string field, ICollection<InputFault> faults)
    {
        ArgumentNullException.ThrowIfNull(faults);
        Names.Check(Name, $"{field}.name", faults);
        if (PadFamilies.All.All(family => family.Code != Family))
        {
            faults.Add(new InputFault($"{field}.family", Family, string.Join(", ", PadFamilies.All.Select(family => family.Code)),
                Said.Of("pad.no-such-pad-family")));
        }

        if (Curve is not null)
        {
            FrictionCurve.Check(Curve, $"{field}.curve", faults);
        }

        if (StatedFromC is { } from)
        {
            Stated.Check(from, faults, $"{field}.statedFromC");
        }

        if (StatedToC is { } to)
        {
            Stated.Check(to, faults, $"{field}.statedToC");
        }

        if (StatedFromC is null != StatedToC is null || StatedToC <= StatedFromC)
        {
            faults.Add(new InputFault($"{field}.statedToC", Said.Of("pad.to", Text($"{StatedFromC}"), Text($"{StatedToC}")),
                Said.Of("pad.both-edges-upper-above"),
                Said.Of("pad.stated-working-range-needs")));
        }

        if (Shapes is { Count: > MostShapes })
        {
            faults.Add(new InputFault($"{field}.shapes", $"{Shapes.Count}", Said.Of("pad.at-most", MostShapes), Said.Of("pad.shapes-that-it-is-sold-in")));
        }

        for (var i = 0; i < Math.Min(Shapes?.Count ?? 0, MostShapes); i++)
        {
            Names.Check(Shapes![i], $"{field}.shapes[{i}]", faults);
        }

        Traits?.Check($"{field}.traits", faults);
        if (PriceAxleSet is { } price)
        {
            Price.Check(price, faults, $"{field}.priceAxleSet");
        }
    }
}
