using Rimrock.Core.Fitting;
using Rimrock.Core.Fluids;
using Rimrock.Core.Friction;
using Rimrock.Core.Rotors;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Tests.Fitting;

/// <summary>A small shelf for the matching tests; prices and figures are round numbers of the trade's order, nobody's data.</summary>
internal static class ShelfSamples
{
    private static Part<Pad> Pad(string family, double price, bool road = true, int release = 5) =>
        new(family, new Pad(family, family, Basis: ChartBasis.InStopEmbedded, PriceAxleSet: price, RoadApproved: road,
            Traits: new PadTraits(Release: release)));

    public static readonly Offer Small = new(
        [Pad("semi-metallic", 70), Pad("street-performance", 120, release: 6), Pad("track-sport", 210, release: 7),
            Pad("race-carbon-metallic", 320, road: false, release: 8)],
        [new("big", new Rotor("big", 345, 229, 28, 26, VaneKind.Straight, 8, 40, 5.5, Price: 100, BracketForMm: 320))],
        [new("duct", new DuctKit("duct", new WheelDuct(76, Shield.Trimmed), 110))],
        [new("wet-high", new BrakeFluid("wet high", "dot4", 270, 198, 30, 700)), new("dry-high", new BrakeFluid("dry high", "dot4", 320, 200, 55, 1500)),
            new("plain", new BrakeFluid("plain", "dot4", 240, 160, 12, 1400))],
        [new("braid", new LineKit("braid", BrakeLine.Braided, true, 120))]);

    /// <summary>Every setup of a shelf, one by one.</summary>
    public static IEnumerable<Selection> All(Core.Driving.PredictionPlan plan, Offer offer, Wishes wishes)
    {
        var fitted = Selection.Fitted(plan);
        foreach (var front in offer.Pads.Where(pad => HardStops.OfPad(pad.Body, wishes) is null).Prepend(fitted.FrontPad))
            foreach (var rear in offer.Pads.Where(pad => HardStops.Of(pad.Body, plan.RearRotor, wishes) is null).Prepend(fitted.RearPad))
                foreach (var rotor in offer.Rotors.Where(rotor => HardStops.Of(rotor.Body, plan, wishes) is null).Prepend(fitted.FrontRotor))
                    foreach (var duct in offer.Ducts.Where(duct => HardStops.Of(duct.Body, plan, wishes) is null).Prepend(null))
                        foreach (var fluid in offer.Fluids.Append(new(Selection.FreshId, plan.Fluid)).Where(fluid => HardStops.Of(fluid.Body, plan) is null)
                            .Prepend(fitted.Fluid))
                            foreach (var lines in offer.Lines.Where(kit => HardStops.Of(kit.Body, plan.Car, wishes) is null).Prepend(null))
                            {
                                yield return new Selection(front, rear, rotor, duct, fluid, lines);
                            }
    }
}
