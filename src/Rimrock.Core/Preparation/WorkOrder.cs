using Rimrock.Core.Driving;
using Rimrock.Core.Fitting;
using Rimrock.Core.Fluids;
using Rimrock.Core.Friction;
using Rimrock.Core.Garage;
using Rimrock.Core.Numerics;
using Rimrock.Core.Priors;
using Rimrock.Core.Rotors;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Preparation;

/// <summary>Something to order.</summary>
/// <param name="What">What.</param>
/// <param name="Count">How many.</param>
/// <param name="Unit">Of what: sets, rotors, bottles.</param>
/// <param name="Price">For all of them, in the driver's currency; null where unknown.</param>
/// <param name="Note">What to mind.</param>
/// <param name="Amount">What is told instead of count and unit, where it is a measure; null where it is a number of things.</param>
public sealed record OrderItem(Said What, double Count, Said Unit, double? Price, Said? Note = null, Said? Amount = null);

/// <summary>
/// The work of a change of parts in the trade's order (common practice throughout): fluid out, lines one side first, pads out, rotors, pads in, fill, bleed,
/// check, bed. The car maker's manual comes first, and says so.
/// </summary>
/// <param name="Changes">What changes, in words; empty where nothing does.</param>
/// <param name="Order">What to order.</param>
/// <param name="Tools">Tools.</param>
/// <param name="Steps">Steps in order.</param>
/// <param name="Hours">Work, h, with its band (common practice).</param>
/// <param name="Refused">Why nothing of it is ordered; empty where nothing stands against it.</param>
/// <param name="Then">The plan's day with the car as it should be, judged; null where nobody asked.</param>
/// <param name="Sheet">What the verdict rests on, what to mind and what to pack; null where nobody asked.</param>
/// <param name="FromStock">True for an axle whose pads come from stock: nothing new is paid for; null where nothing is ordered.</param>
public sealed record WorkOrder(IReadOnlyList<Said> Changes, IReadOnlyList<OrderItem> Order, IReadOnlyList<Said> Tools, IReadOnlyList<WorkStep> Steps,
    Spread Hours, IReadOnlyList<HardStop> Refused, DayVerdict? Then = null, OrderSheet? Sheet = null,
    Axles<bool>? FromStock = null)
{
    /// <summary>Whether there is something to bed.</summary>
    public bool Beds => Steps.Any(step => step.Code == "bed");

    /// <summary>Makes the work order of a change.</summary>
    /// <param name="before">The car as it stands.</param>
    /// <param name="after">The car as it should be.</param>
    /// <param name="freshFluid">True to flush with the same fluid too.</param>
    /// <param name="otherCars">Names of other cars that leftover fluid could serve.</param>
    /// <param name="bleed">How the fluid is drawn through.</param>
    /// <param name="stock">What lies in the garage; null for nothing.</param>
    public static WorkOrder Of(PredictionPlan before, PredictionPlan after, bool freshFluid, IReadOnlyList<string>? otherCars = null,
        BleedWay bleed = BleedWay.TwoPeople, Stock? stock = null)
    {
        ArgumentNullException.ThrowIfNull(before);
        ArgumentNullException.ThrowIfNull(after);
        var change = ChangeOf(before, after, freshFluid, stock);
        var refused = HardStops.OfChange(before, after);
        return refused.Count > 0 ? new WorkOrder([.. change.Words()], [], [], [], new Spread(0, 0, 0), refused)
            : new WorkOrder([.. change.Words()], [.. Items(change, otherCars ?? [])], [.. ToolsFor(change, bleed)], [.. WorkSteps.Of(change, bleed)],
                Spread.Times(HoursFor(change), PriorSpread.Work, 1), [],
                FromStock: Axles.Of(axle => change.FromStock(axle) is not null));
    }

    /// <summary>The plan once an order is finished.</summary>
    /// <param name="before">The car as it stands.</param>
    /// <param name="after">The car as it should be.</param>
    /// <param name="freshFluid">True to flush with the same fluid too.</param>
    /// <param name="stock">What lies in the garage; null for nothing.</param>
    public static PredictionPlan Finished(PredictionPlan before, PredictionPlan after, bool freshFluid, Stock? stock = null)
    {
        ArgumentNullException.ThrowIfNull(before);
        ArgumentNullException.ThrowIfNull(after);
        return ChangeOf(before, after, freshFluid, stock).Done();
    }

    // Fluid that is younger afterwards is new, though its name be the same; after a pedal that went soft it is flushed, whatever explains that.
    private static Change ChangeOf(PredictionPlan before, PredictionPlan after, bool freshFluid, Stock? stock) =>
        new(before, after, freshFluid || after.FluidState.AgeMonths < before.FluidState.AgeMonths
            || before.Open?.Any(sign => sign.IsOfHydraulics) == true, stock ?? Stock.None);

    private static IEnumerable<OrderItem> Items(Change change, IReadOnlyList<string> others)
    {
        // What nobody could tell from a code is looked at before anything is paid for.
        foreach (var (_, axle, brake, _) in change.NewPads().Where(one => one.FromStock is null && !FitRules.IsShapeKnown(one.Pad, one.Brake)))
        {
            yield return new OrderItem(Said.Of("work-order.check-shape", axle), 1, Said.Nothing, 0, brake.PadShape is { } shape
                ? Said.Of("work-order.calipers-take-shape", shape) : Said.Of("work-order.hold-old-pad-against"), Said.Of("work-order.before-you-order"));
        }

        foreach (var (pad, axle, _, stock) in change.NewPads())
        {
            yield return stock is not null ? new OrderItem(Said.Of("work-order.figure", pad.Name, axle), 1, Said.Of("work-order.axle-set"), 0,
                Said.Of("work-order.from-your-stock", Units.Mm(stock.LeftMm)))
                : new OrderItem(Said.Of("work-order.figure", pad.Name, axle), 1, Said.Of("work-order.axle-set"), pad.PriceAxleSet,
                pad.Traits?.PreBedded == true ? Said.Of("work-order.comes-bedded") : null);
        }

        foreach (var item in change.Kits.SelectMany(KitItems).Concat(CylinderItems(change)))
        {
            yield return item;
        }

        foreach (var axle in Axles.Both.Where(axle => (axle == Axle.Front ? change.FrontRotor : change.RearRotor) && !change.IsKitted(axle)))
        {
            foreach (var item in RotorItems(change, axle, axle == Axle.Front ? Said.Of("axle.front") : Said.Of("axle.rear")))
            {
                yield return item;
            }
        }

        if (change.Lines)
        {
            yield return new OrderItem(change.After.Lines == BrakeLine.Braided ? Said.Of("work-order.braided-lines") : Said.Of("work-order.new-rubber-lines"),
                1, change.After.Car.Kind == VehicleKind.Car ? Said.Of("work-order.set-four-corners") : Said.Of("work-order.set-both-levers"),
                change.After.LinesPrice,
                Said.Of("work-order.new-sealing-washers-road"));
        }

        // The price is that of all hoses together.
        double? price = change.After.DuctPrice;
        foreach (var hose in Axles.Both.Where(axle => change.Ducts[axle])
            .Select(axle => (Axle: axle, Duct: (axle == Axle.Front ? change.After.FrontDuct : change.After.RearDuct)!)).GroupBy(at => at.Duct.HoseMm))
        {
            var metres = Math.Ceiling(2 * hose.Sum(at => at.Duct.LengthM));
            var where = hose.Count() == 2 ? Said.Of("axle.both") : hose.First().Axle == Axle.Front ? Said.Of("axle.front") : Said.Of("axle.rear");
            yield return new OrderItem(Said.Of("work-order.duct-hose", Units.Mm(hose.Key), where), metres, Said.Nothing, price,
                Said.Of("work-order.clamps-piece-aims-into"), Said.Of("work-order.metres", Units.M(metres)));
            price = null;
        }

        if (change.Chemistry)
        {
            yield return new OrderItem(Said.Of("work-order.seals-throughout"), 1, Said.Of("work-order.set"), null,
                Said.Of("work-order.old-chemistry-in-rubber"));
            yield return new OrderItem(Said.Of("work-order.spirit-to-rinse"), 1, Said.Nothing, null, Said.Of("work-order.rinse-and-dry"),
                Said.Of("work-order.litres", Units.L(RunningCost.FlushLitres(change.After.Car))));
        }

        if (change.Fluid)
        {
            yield return Bottles(change, others);
        }
    }

    private static IEnumerable<OrderItem> KitItems(CaliperKit kit)
    {
        if (kit.Mounts is null || kit.Replaces?.PadShape is null)
        {
            yield return new OrderItem(Said.Of("work-order.check-mount", kit.Name), 1, Said.Nothing, 0, Said.Of("work-order.ask-kits-maker-for-car"),
                Said.Of("work-order.before-you-order"));
        }

        yield return new OrderItem(kit.Name, 1, Said.Of("work-order.kit"), kit.Price, Said.Of("work-order.kit-has-brackets-bolts-rotors"));
        yield return new OrderItem(Said.Of("work-order.sealing-washers", kit.Rear ? Said.Of("axle.rear") : Said.Of("axle.front")), 4, Said.Nothing, null,
            Said.Of("work-order.new-washers-each-banjo"));
    }

    private static IEnumerable<OrderItem> CylinderItems(Change change)
    {
        if (change.Cylinder is { } cylinder)
        {
            var bar = cylinder.BalanceBarFrontShare is not null;
            yield return new OrderItem(Said.Of("work-order.check-cylinder", cylinder.Name), 1, Said.Nothing, 0, Said.Of("work-order.flange-rod-and-ports"),
                Said.Of("work-order.before-you-order"));
            yield return new OrderItem(cylinder.Name, bar ? 2 : 1, bar ? Said.Of("work-order.cylinders-and-bar") : Said.Of("work-order.cylinder"),
                cylinder.Price, Said.Of("work-order.bore", Units.Mm(cylinder.BoreMm)));
        }
    }

    private static OrderItem Bottles(Change change, IReadOnlyList<string> others)
    {
        var fluid = change.After.Fluid;
        var litres = RunningCost.FlushLitres(change.After.Car);
        if (change.Bottle is { } open)
        {
            return new OrderItem(fluid.Name, 1, Said.Of("work-order.bottle"), 0,
                Said.Of("work-order.from-opened-bottle", Days.Iso(open.Opened), Units.L(open.Litres), Units.L(litres)));
        }

        var bottles = RunningCost.BottlesFor(change.After.Car, fluid);
        var left = (bottles * fluid.BottleLitres) - litres;
        var note = left < OpenedBottle.LeastLitres ? Said.Of("work-order.opened-bottle-ages-shelf")
            : others.Count > 0 && left >= litres * 0.9
                ? Said.Of("work-order.left-over-enough-same", Units.L(left), others[0], UseBy(change))
            : Said.Of("work-order.left-over-ages-once", Units.L(left), UseBy(change));
        return new OrderItem(fluid.Name, bottles, Said.Of("work-order.of", bottles > 1 ? Said.Of("work-order.bottles") : Said.Of("work-order.bottle"),
            Units.L(fluid.BottleLitres)),
            fluid.PriceLitre * bottles * fluid.BottleLitres, note);
    }

    private static Said UseBy(Change change) => BottleLife.Months(change.After.Fluid, change.After.FluidState.Climate) is not { } months
        ? Said.Of("work-order.it-keeps")
        : change.Stock.Today is { } today
            ? Said.Of("work-order.use-it-by", Days.Iso(BottleLife.UseBy(change.After.Fluid, today, change.After.FluidState.Climate)!.Value))
            : Said.Of("work-order.use-it-within", Math.Floor(months));

    private static IEnumerable<OrderItem> RotorItems(Change change, Axle at, Said axle)
    {
        var (rotor, fitted) = (change.After.At(at).Rotors.Rotor, change.Before.At(at).Rotors.Rotor);
        var alone = change.RingsAlone(at);
        var handed = rotor.Vanes == VaneKind.Curved;
        var count = change.After.At(at).Brake.Discs;
        if (rotor.Bracket is { Mounts: null } unasked)
        {
            yield return new OrderItem(Said.Of("work-order.check-mount", unasked.Name), 1, Said.Nothing, 0, Said.Of("work-order.ask-kits-maker-for-car"),
                Said.Of("work-order.before-you-order"));
        }

        yield return new OrderItem(Said.Of("work-order.figure", rotor.Name, axle), count, alone
            ? handed ? Said.Of("work-order.rings-one-left-one") : Said.Of("work-order.rings")
            : handed && count == 2 ? Said.Of("work-order.rotors-one-left-one") : Said.Of("work-order.rotors"), rotor.PairPrice(fitted) * count / 2,
            alone ? Said.Of("work-order.hats-stay") : null);
        if (rotor.Bracket is { } pair)
        {
            // On the car already, they stay.
            foreach (var item in pair.Name == fitted.Bracket?.Name ? [] : BracketItems(pair, axle))
            {
                yield return item;
            }
        }
        else if (rotor.BracketForMm is { } from)
        {
            yield return new OrderItem(Said.Of("work-order.brackets", axle), 2, Said.Of("work-order.brackets-unit"), 0,
                Said.Of("work-order.brackets-come-with-rotors", Units.Mm(from), Units.Mm(rotor.OuterDiameterMm)));
            yield return new OrderItem(Said.Of("work-order.bracket-bolts", axle), 4, Said.Of("work-order.bolts"), null,
                Said.Of("work-order.new-bolts-by-class"));
        }

        if (rotor.Construction == RotorConstruction.TwoPiece)
        {
            yield return new OrderItem(Said.Of("work-order.bolts-one-time-nuts", axle), 2, Said.Of("work-order.sets"), null,
                rotor.Finish?.Hardware ?? Said.Of("work-order.grade-torque-rotors-maker"));
        }
    }

    private static IEnumerable<OrderItem> BracketItems(Bracket pair, Said axle)
    {
        yield return new OrderItem(Said.Of("work-order.figure", pair.Name, axle), 2, Said.Of("work-order.brackets-unit"), pair.Price,
            Said.Of("work-order.brackets-carry", Units.Mm(pair.FromMm), Units.Mm(pair.ToMm)));
        yield return new OrderItem(Said.Of("work-order.bracket-bolts", axle), 4, Said.Of("work-order.bolts"), null, Said.Of("work-order.new-bolts-by-class"));
    }

    private static IEnumerable<Said> ToolsFor(Change change, BleedWay bleed)
    {
        yield return change.After.Car.Kind == VehicleKind.Motorcycle ? Said.Of("work-order.paddock-stands") : Said.Of("work-order.axle-stands-level-ground");
        if (change.Pads || change.Rotors)
        {
            yield return Said.Of("work-order.piston-retractor-brake-cleaner");
        }

        if (change.Rotors)
        {
            yield return Said.Of("work-order.caliper-gauge-micrometer-dial");
        }

        if (change.Opened)
        {
            yield return Said.Of("work-order.bleed-hose-bottle-ring");
            yield return bleed switch
            {
                BleedWay.OnePerson => Said.Of("work-order.one-way-valve"),
                BleedWay.Vacuum => Said.Of("work-order.vacuum-pump"),
                _ => Said.Of("work-order.second-person"),
            };
        }

        if (change.Lines)
        {
            yield return Said.Of("work-order.flare-nut-spanner-caps");
        }

        if (change.Opened && change.After.Car.Electronics)
        {
            yield return Said.Of("work-order.service-tool-can-run");
        }
    }

    private static double HoursFor(Change change) =>
        Effort.Hours(new Axles<bool>(change.FrontPads, change.RearPads),
            (change.FrontRotor ? Effort.OfRotors(change.After.FrontRotor, change.Before.FrontRotor) : 0)
                + (change.RearRotor ? Effort.OfRotors(change.After.RearRotor, change.Before.RearRotor) : 0),
            change.Opened, change.Lines, change.Ducts) + change.Kits.Sum(_ => Effort.OfKit(true))
            + Effort.OfCylinder(change.Cylinder is not null) + Effort.OfChemistry(change.Chemistry);
}
