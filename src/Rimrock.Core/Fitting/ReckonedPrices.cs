using Rimrock.Core.Driving;

namespace Rimrock.Core.Fitting;

/// <summary>
/// Prices for ranking where nobody entered one: a typical part by what it usually costs beside a street set, anything else by the middle of those of its kind
/// on offer, so that a part is neither free nor out of reach for want of a figure. Never shown: what is unknown stays unknown on every page.
/// </summary>
internal static class ReckonedPrices
{
    // A plain street set for an axle where no price gives the scale, in whatever currency (engineering judgement, x2).
    internal const double StreetSet = 60;

    /// <summary>True where nobody entered any price.</summary>
    public static bool AreNone(PredictionPlan plan, Offer offer) => plan.FrontPad.PriceAxleSet is null && plan.FrontRotor.Price is null
        && plan.Fluid.PriceLitre is null && offer.Pads.All(part => part.Body.PriceAxleSet is null) && offer.Rotors.All(part => part.Body.Price is null)
        && offer.Fluids.All(part => part.Body.PriceLitre is null);

    /// <summary>Plan and offer with every price there.</summary>
    public static (PredictionPlan Plan, Offer Offer) Of(PredictionPlan plan, Offer offer)
    {
        var pad = Middle(offer.Pads.Select(part => part.Body.PriceAxleSet));
        var rotor = Middle(offer.Rotors.Select(part => part.Body.Price));
        var fluid = Middle(offer.Fluids.Select(part => part.Body.PriceLitre));
        double Or(string id, double? price, double? middle) => price ?? (TypicalShelf.StreetSets(id) * StreetSet) ?? middle ?? 0;
        IReadOnlyList<Part<T>> Priced<T>(IReadOnlyList<Part<T>> parts, Func<T, double?> price, Func<T, double, T> with)
            where T : class
        {
            var middle = Middle(parts.Select(part => price(part.Body)));
            return [.. parts.Select(part => part with { Body = with(part.Body, Or(part.Id, price(part.Body), middle)) })];
        }

        double PadOr(Friction.Pad fitted) => fitted.PriceAxleSet ?? pad ?? (TypicalShelf.PadSets(fitted.Family) * StreetSet);
        return (
            plan with
            {
                FrontPad = plan.FrontPad with { PriceAxleSet = PadOr(plan.FrontPad) },
                RearPad = plan.RearPad with { PriceAxleSet = PadOr(plan.RearPad) },
                FrontRotor = plan.FrontRotor with { Price = plan.FrontRotor.Price ?? rotor ?? (TypicalShelf.PlainRotorSets * StreetSet) },
                Fluid = plan.Fluid with { PriceLitre = plan.Fluid.PriceLitre ?? fluid ?? (TypicalShelf.LitreSets(plan.Fluid.Class) * StreetSet) },
            },
            new Offer(
                Priced(offer.Pads, one => one.PriceAxleSet, (one, price) => one with { PriceAxleSet = price }),
                Priced(offer.Rotors, one => one.Price, (one, price) => one with { Price = price }),
                Priced(offer.Ducts, one => one.Price, (one, price) => one with { Price = price }),
                Priced(offer.Fluids, one => one.PriceLitre, (one, price) => one with { PriceLitre = price }),
                Priced(offer.Lines, one => one.Price, (one, price) => one with { Price = price }),
                Priced(offer.Kits ?? [], one => one.Price, (one, price) => one with { Price = price })));
    }

    private static double? Middle(IEnumerable<double?> prices)
    {
        double[] known = [.. prices.OfType<double>().Order()];
        return known.Length == 0 ? null : known[known.Length / 2];
    }
}
