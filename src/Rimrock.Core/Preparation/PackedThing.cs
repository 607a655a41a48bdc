using Rimrock.Core.Driving;
using Rimrock.Core.Fitting;
using Rimrock.Core.Limits;
using Rimrock.Core.Rotors;
using Rimrock.Core.Runs;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Preparation;

/// <summary>Something to take along to a day on a circuit: what may give there decides (common practice).</summary>
/// <param name="What">What.</param>
/// <param name="Why">Why.</param>
public sealed record PackedThing(Said What, Said Why)
{
    /// <summary>A limit that gives on so many of the likely days is packed for: one in twenty.</summary>
    private const double WorthItsPlace = 0.05;

    private static readonly (Func<LimitRow, bool> For, Said What)[] Table =
    [
        (LimitTable.Boils, Said.Of("packed-thing.sealed-bottle-and-bleed-hose")),
        (row => row.Part is BrakePart.FrontChart or BrakePart.FrontPadCore && row.Moves.HasFlag(Lever.FrontPad), Said.Of("packed-thing.spare-front-pads")),
        (row => row.Part is BrakePart.RearChart or BrakePart.RearPadCore && row.Moves.HasFlag(Lever.RearPad), Said.Of("packed-thing.spare-rear-pads")),
        (row => row.Part == BrakePart.FrontFace, Said.Of("packed-thing.spare-front-rotors")),
        (row => row.Part is BrakePart.FrontSeals or BrakePart.FrontBoots, Said.Of("packed-thing.seals-and-boots")),
        (row => row.Part == BrakePart.FrontHub, Said.Of("packed-thing.bearing-looked-at")),
    ];

    private static readonly (Func<PredictionPlan, bool> If, Said What, Said Why)[] Always =
    [
        (plan => plan.Car.Kind == VehicleKind.Car, Said.Of("packed-thing.jack-stands-torque-wrench"), Said.Of("packed-thing.wheels-off-between-sessions")),
        (plan => plan.Car.Kind == VehicleKind.Motorcycle, Said.Of("packed-thing.paddock-stands-torque-wrench"),
            Said.Of("packed-thing.pads-seen-between-sessions")),
        (_ => true, Said.Of("packed-thing.pad-gauge-and-lamp"), Said.Of("packed-thing.thinnest-corner-decides")),
        (plan => plan.FrontRotor.Material == RingMaterial.Iron, Said.Of("packed-thing.paints-and-stickers"), Said.Of("packed-thing.what-was-hot-is-learnt")),
        (plan => plan.FrontRotor.Material != RingMaterial.Iron, Said.Of("packed-thing.gloves-for-carbon"), Said.Of("packed-thing.carbon-chips")),
        (plan => plan.Planned().Any(day => day.Kind == DayKind.Endurance) && plan.FrontRotor.Construction == RotorConstruction.TwoPiece,
            Said.Of("packed-thing.rings-on-second-hats"), Said.Of("packed-thing.ring-change-by-the-stint")),
    ];

    /// <summary>What to pack; nothing where no day is driven against the clock.</summary>
    /// <param name="plan">The plan.</param>
    /// <param name="limits">Its limits with their chances.</param>
    public static IReadOnlyList<PackedThing> Of(PredictionPlan plan, IReadOnlyList<LimitBand> limits)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(limits);
        if (!plan.Planned().Any(day => day.KindOf().IsTimed))
        {
            return [];
        }

        // Spare parts mend what is ruined or worn; what fades would fade again, and a slower lap is mended by none.
        var may = Table.Select(row => (row.What, Likeliest: limits.Where(limit => row.For(LimitTable.Find(limit.Code)) && limit.Harm >= Harm.Damage)
            .Select(limit => limit.Chance.Share).DefaultIfEmpty(0).Max())).Where(row => row.Likeliest >= WorthItsPlace)
            .OrderByDescending(row => row.Likeliest)
            .Select(row => new PackedThing(row.What, Said.Of("packed-thing.gives-on-so-many-days", Units.Percent(100 * row.Likeliest))));
        return [.. may, .. Always.Where(row => row.If(plan)).Select(row => new PackedThing(row.What, row.Why))];
    }
}
