using Rimrock.Core.Driving;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Fitting;

/// <summary>
/// The second stage of a search: caliper kits, each with pads of its own shape, new fluid (its lines are opened) and what else the search finds for the car
/// with that kit. Asked for only where nothing else makes the car hold.
/// </summary>
/// <param name="plan">The plan.</param>
/// <param name="offer">Everything on offer.</param>
/// <param name="wishes">What matters.</param>
/// <param name="worst">Place of the day that asks most.</param>
/// <param name="day">That day, laid out.</param>
internal sealed class KitSearch(PredictionPlan plan, Offer offer, Wishes wishes, int worst, Day day)
{
    private const int EachKit = 4;

    /// <summary>The best setups with every front kit that goes on, each with every fluid; in the driver's currency, within what may be spent.</summary>
    public IReadOnlyList<Selection> Nominees() => Nominees(null);

    /// <summary>The same with every rear kit that goes on: what is best without stays in front.</summary>
    /// <param name="best">The best setup without other calipers behind; null for the front's kits.</param>
    public IReadOnlyList<Selection> Nominees(Selection? best)
    {
        var (_, reckoned) = ReckonedPrices.Of(plan, offer);
        return [.. (reckoned.Kits ?? []).Where(kit => kit.Body.Rear == best is not null && HardStops.Of(kit.Body, plan, wishes) is null)
            .SelectMany(kit => With(kit, reckoned, best)).Select(one => Selection.OfKey(one.Key(), plan, offer)).OfType<Selection>()];
    }

    private IEnumerable<Selection> With(Part<CaliperKit> kit, Offer reckoned, Selection? best)
    {
        // What the best has in front, and whatever goes on the kit's own axle.
        var start = OnTopOf(Selection.Fitted(plan)).With(kit);
        var others = reckoned with
        {
            Pads = [.. reckoned.Pads.Where(pad => best is null ? pad.At != Axle.Front : pad.At is null || pad.Id == best.FrontPad.Id)],
            Rotors = [],
            Ducts = best is null ? reckoned.Ducts : [],
            Kits = null,
        };
        var found = new SetupSearch(start.On(plan.On(plan.Planned()[worst]), wishes), others, wishes, day).Run(null, CancellationToken.None);

        // The pads that are on the car sit in other calipers, and the fluid runs out when those come off.
        var setups = found.Front.OrderBy(one => one.Objectives.Score(wishes)).Select(one => one.Selection)
            .Where(one => best is null ? one.FrontPad.Id != Selection.FittedId : one.RearPad.Id != Selection.FittedId && one.FrontPad.Id == best.FrontPad.Id)
            .Select(OnTopOf)
            .DistinctBy(one => (one.FrontPad.Id, one.RearPad.Id, one.Duct?.Id)).Take(EachKit);
        return setups.SelectMany(one => found.Fillings.Where(filling => filling.Fluid.Id != Selection.FittedId)
            .Select(filling => (one with { Fluid = filling.Fluid, Lines = filling.Lines }).With(kit)))
            .Where(one => wishes.MostToBuy is not { } most || (RunningCost.BuyNowOf(one, plan) ?? 0) <= most);

        Selection OnTopOf(Selection one) => best is null ? one : one with { Kit = best.Kit, FrontRotor = best.FrontRotor, Duct = best.Duct };
    }
}
