using Rimrock.Core.Driving;
using Rimrock.Core.Fitting;
using Rimrock.Core.Friction;
using Rimrock.Core.Rotors;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Preparation;

/// <summary>Something to order.</summary>
/// <param name="What">What.</param>
/// <param name="Count">How many.</param>
/// <param name="Unit">Of what: sets, rotors, bottles.</param>
/// <param name="Price">For all of them, in the driver's currency; null where unknown.</param>
/// <param name="Note">What to mind.</param>
public sealed record OrderItem(string What, double Count, string Unit, double? Price, string? Note = null);

/// <summary>
/// The work of a change of parts in the trade's order (common practice throughout): fluid out, lines one side first, pads out, rotors, pads in, fill, bleed,
/// check, bed. The car maker's manual comes first, and says so.
/// </summary>
/// <param name="Changes">What changes, in words; empty where nothing does.</param>
/// <param name="Order">What to order.</param>
/// <param name="Tools">Tools.</param>
/// <param name="Steps">Steps in order.</param>
/// <param name="Hours">Work, h (common practice, x1.5).</param>
/// <param name="Refused">Why nothing of it is ordered; empty where nothing stands against it.</param>
/// <param name="Then">The plan's day with the car as it should be, judged; null where nobody asked.</param>
public sealed record WorkOrder(IReadOnlyList<string> Changes, IReadOnlyList<OrderItem> Order, IReadOnlyList<string> Tools, IReadOnlyList<WorkStep> Steps,
    double Hours, IReadOnlyList<HardStop> Refused, DayVerdict? Then = null)
{
    /// <summary>Fluid that filling and bleeding a whole car takes, l (common practice).</summary>
    public const double FlushLitres = RunningCost.FlushLitres;

    /// <summary>Makes the work order of a change.</summary>
    /// <param name="before">The car as it stands.</param>
    /// <param name="after">The car as it should be.</param>
    /// <param name="freshFluid">True to flush with the same fluid too.</param>
    /// <param name="otherCars">Names of other cars that leftover fluid could serve.</param>
    public static WorkOrder Of(PredictionPlan before, PredictionPlan after, bool freshFluid, IReadOnlyList<string>? otherCars = null)
    {
        ArgumentNullException.ThrowIfNull(before);
        ArgumentNullException.ThrowIfNull(after);
        // Fluid that is younger afterwards is new, though its name be the same.
        var change = new Change(before, after, freshFluid || after.FluidState.AgeMonths < before.FluidState.AgeMonths);
        var refused = HardStops.OfChange(before, after);
        return refused.Count > 0 ? new WorkOrder([.. change.Words()], [], [], [], 0, refused)
            : new WorkOrder([.. change.Words()], [.. Items(change, otherCars ?? [])], [.. ToolsFor(change)], [.. WorkSteps.Of(change)],
                Math.Round(HoursFor(change), 1), []);
    }

    private static IEnumerable<OrderItem> Items(Change change, IReadOnlyList<string> others)
    {
        foreach (var (pad, axle) in change.NewPads())
        {
            yield return new OrderItem($"{pad.Name}, {axle}", 1, "axle set", pad.PriceAxleSet, pad.Traits?.PreBedded == true ? "comes bedded" : null);
        }

        if (change.FrontRotor)
        {
            foreach (var item in RotorItems(change.After.FrontRotor, "front"))
            {
                yield return item;
            }
        }

        if (change.RearRotor)
        {
            foreach (var item in RotorItems(change.After.RearRotor, "rear"))
            {
                yield return item;
            }
        }

        if (change.Lines)
        {
            yield return new OrderItem(change.After.Lines == BrakeLine.Braided ? "braided lines" : "new rubber lines", 1, "set for four corners", null,
                "with new sealing washers; road approval by its papers");
        }

        if (change.Duct)
        {
            var duct = change.After.FrontDuct!;
            yield return new OrderItem(Text($"duct hose, {duct.HoseMm:0} mm"), Math.Ceiling(2 * duct.LengthM), "m", null,
                "with clamps and a piece that aims it into the rotor's eye");
        }

        if (change.Fluid)
        {
            yield return Bottles(change, others);
        }
    }

    private static OrderItem Bottles(Change change, IReadOnlyList<string> others)
    {
        var fluid = change.After.Fluid;
        var bottles = Math.Ceiling((FlushLitres - 1e-9) / fluid.BottleLitres);
        var left = (bottles * fluid.BottleLitres) - FlushLitres;
        var note = left < 0.1 ? "an opened bottle ages on the shelf: none is left over"
            : others.Count > 0 && left >= FlushLitres * 0.9
                ? Text($"{left:0.0} l left over, enough for {others[0]} on the same evening; an opened bottle ages on the shelf")
            : Text($"{left:0.0} l left over; it ages once opened, so use it within weeks or give it away");
        return new OrderItem(fluid.Name, bottles, Text($"{(bottles > 1 ? "bottles" : "bottle")} of {fluid.BottleLitres:0.##} l"),
            fluid.PriceLitre * bottles * fluid.BottleLitres, note);
    }

    private static IEnumerable<OrderItem> RotorItems(Rotor rotor, string axle)
    {
        yield return new OrderItem($"{rotor.Name}, {axle}", 2, rotor.Vanes == VaneKind.Curved ? "rotors, one left and one right" : "rotors", 2 * rotor.Price);
        if (rotor.Construction == RotorConstruction.TwoPiece)
        {
            yield return new OrderItem($"bolts and one-time nuts, {axle} rotors", 2, "sets", null,
                rotor.Finish?.Hardware ?? "grade and torque as the rotor's maker says; nuts are for one use");
        }
    }

    private static IEnumerable<string> ToolsFor(Change change)
    {
        yield return "axle stands on level ground, wheel chocks, torque wrench";
        if (change.Pads || change.Rotors)
        {
            yield return "piston retractor, brake cleaner, wire brush, high-temperature grease for the sliders";
        }

        if (change.Rotors)
        {
            yield return "caliper gauge or micrometer; a dial gauge for run-out";
        }

        if (change.Opened)
        {
            yield return "bleed hose and bottle, ring spanner for the nipples, syringe for the reservoir, rags and water, gloves and goggles";
        }

        if (change.Lines)
        {
            yield return "flare-nut spanner, caps for open pipes";
        }

        if (change.Opened && change.After.Car.Electronics)
        {
            yield return "a service tool that can run the ABS pump, if your car's manual asks for it";
        }
    }

    private static double HoursFor(Change change) =>
        (change.FrontPads ? 0.8 : 0) + (change.RearPads ? 0.8 : 0) + (change.FrontRotor ? 0.6 : 0) + (change.RearRotor ? 0.6 : 0) + (change.Opened ? 1 : 0)
            + (change.Lines ? 1 : 0) + (change.Duct ? 3 : 0);
}
