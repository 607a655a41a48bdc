using Rimrock.Core.Driving;

namespace Rimrock.Core.Fitting;

/// <summary>
/// Prices for ranking where nobody entered one: the middle of those of its kind on offer, so that a part is neither free nor out of reach for want of a figure.
/// Never shown: what is unknown stays
/// unknown on every page.
/// </summary>
internal static class ReckonedPrices
{
    /// <summary>Plan and offer with every price there.</summary>
    public static (PredictionPlan Plan, Offer Offer) Of(PredictionPlan plan, Offer offer)
    {
        var pad = Middle(offer.Pads.Select(part => part.Body.PriceAxleSet));
        var rotor = Middle(offer.Rotors.Select(part => part.Body.Price));
        var duct = Middle(offer.Ducts.Select(part => part.Body.Price));
        var fluid = Middle(offer.Fluids.Select(part => part.Body.PriceLitre));
        var kit = Middle((offer.Kits ?? []).Select(part => part.Body.Price));
        var lines = Middle(offer.Lines.Select(part => part.Body.Price));
        return (
            plan with
            {
                FrontPad = plan.FrontPad with { PriceAxleSet = plan.FrontPad.PriceAxleSet ?? pad },
                RearPad = plan.RearPad with { PriceAxleSet = plan.RearPad.PriceAxleSet ?? pad },
                FrontRotor = plan.FrontRotor with { Price = plan.FrontRotor.Price ?? rotor },
                Fluid = plan.Fluid with { PriceLitre = plan.Fluid.PriceLitre ?? fluid },
            },
            new Offer(
                [.. offer.Pads.Select(part => part with { Body = part.Body with { PriceAxleSet = part.Body.PriceAxleSet ?? pad } })],
                [.. offer.Rotors.Select(part => part with { Body = part.Body with { Price = part.Body.Price ?? rotor } })],
                [.. offer.Ducts.Select(part => part with { Body = part.Body with { Price = part.Body.Price ?? duct } })],
                [.. offer.Fluids.Select(part => part with { Body = part.Body with { PriceLitre = part.Body.PriceLitre ?? fluid } })],
                [.. offer.Lines.Select(part => part with { Body = part.Body with { Price = part.Body.Price ?? lines } })],
                [.. (offer.Kits ?? []).Select(part => part with { Body = part.Body with { Price = part.Body.Price ?? kit } })]));
    }

    private static double Middle(IEnumerable<double?> prices)
    {
        double[] known = [.. prices.OfType<double>().Order()];
        return known.Length == 0 ? 0 : known[known.Length / 2];
    }
}
