using Rimrock.Core.Driving;
using Rimrock.Core.Judgement;
using Rimrock.Core.Limits;
using Rimrock.Core.Rotors;

namespace Rimrock.Core.Fitting;

/// <summary>Turns the difference between what is fitted and a setup into reasons.</summary>
internal static class ReasonFinder
{
    private const double Likely = 0.5;
    private const double Rare = 0.1;
    private const double Half = 0.5;
    private const double FeltShare = 0.04;
    private const double ThickFluidMm2S = Fluids.BrakeFluid.ThinEnoughForAbsMm2S;

    /// <summary>All reasons, what it fixes first.</summary>
    public static IReadOnlyList<Reason> Of(Suggestion fitted, Suggestion setup, PredictionPlan on)
    {
        ArgumentNullException.ThrowIfNull(fitted);
        ArgumentNullException.ThrowIfNull(setup);
        return [.. Fixed(fitted, setup), .. StillFirst(setup), .. Costs(fitted, setup, on.Car.Electronics), .. Notes(setup, on)];
    }

    private static IEnumerable<Reason> Fixed(Suggestion fitted, Suggestion setup)
    {
        foreach (var before in fitted.Limits.Where(limit => limit.Chance.Share >= Rare))
        {
            var after = setup.Limits.FirstOrDefault(limit => limit.Limit.Code == before.Limit.Code);
            if (after is null || after.Chance.Share > before.Chance.Share * Half)
            {
                continue;
            }

            var what = after.Limit.Title;
            var how = after.Limit is { Unit: "C", Margin: { } margin }
                ? Said.Of("reason-finder.middle-band", Units.K(Math.Abs(margin)), margin >= 0
                    ? Said.Of("reason-finder.spare") : Said.Of("reason-finder.too-little")) : Said.Nothing;
            yield return new Reason(ReasonKind.Fixes, after.Limit.Code, before.Chance.Share, after.Chance.Share, "chance",
                Said.Of("reason-finder.likely-days-now", what, ChanceWords.Percent(before.Chance), ChanceWords.Percent(after.Chance), how));
        }
    }

    private static IEnumerable<Reason> StillFirst(Suggestion setup)
    {
        // Limits come danger first: the first that is not rare is the one to name.
        var first = setup.Limits.FirstOrDefault(limit => limit.Limit.Code is not (LimitCode.StreetCold or LimitCode.FrontPadCold) && limit.WorthTelling);
        if (first is null)
        {
            yield return new Reason(ReasonKind.StillFirst, "none", null, null, "", Said.Of("reason-finder.nothing-gives-more-few"));
            yield break;
        }

        yield return new Reason(ReasonKind.StillFirst, first.Limit.Code, null, first.Chance.Share, "chance",
            first.Chance.Share >= Likely && first.Limit.Change is { } change
                ? Said.Of("reason-finder.still", first.Limit.Title, ChanceWords.Percent(first.Chance), change)
                : Said.Of("reason-finder.still-gives-first-likely", Lower(first.Limit.Title), ChanceWords.Percent(first.Chance)));
    }

    private static IEnumerable<Reason> Costs(Suggestion fitted, Suggestion setup, bool hasAbs)
    {
        if (setup.Cost.BuyNow is null || setup.Cost.BuyNow > 0)
        {
            yield return new Reason(ReasonKind.Costs, "money", fitted.Cost.PerSeason, setup.Cost.PerSeason, "season",
                Said.Of("reason-finder.buy-each-event-season", Money(setup.Cost.BuyNow), Money(setup.Cost.PerEvent), Money(setup.Cost.PerSeason),
                    Money(fitted.Cost.PerSeason), setup.Cost.Unknown.Count > 0
                    ? Said.Of("reason-finder.no-price-known", Said.Joined(Said.Listed, setup.Cost.Unknown)) : Said.Nothing));
        }

        var metres = setup.Street.ExtraMetres - fitted.Street.ExtraMetres;
        if (Math.Abs(metres) >= 0.3)
        {
            yield return new Reason(ReasonKind.Costs, "cold-stop", fitted.ColdStops[0].Metres.P50, setup.ColdStops[0].Metres.P50, "m",
                Said.Of("reason-finder.first-stop-50-km", Units.M(setup.ColdStops[0].Metres.P50), Units.M(Math.Abs(metres)), metres > 0
                    ? Said.Of("reason-finder.longer") : Said.Of("reason-finder.shorter"), setup.ColdStops[2].ReachesAbs
                    ? hasAbs ? Said.Of("reason-finder.panic-stop-both-reach") : Said.Of("reason-finder.panic-stop-both-lock") : Said.Nothing));
        }

        var dust = setup.Street.DustAndNoise - fitted.Street.DustAndNoise;
        if (Math.Abs(dust) >= 1)
        {
            yield return new Reason(ReasonKind.Costs, "dust-noise", fitted.Street.DustAndNoise, setup.Street.DustAndNoise, "of-ten",
                Said.Of("reason-finder.dust-noise-10-now", dust > 0 ? Said.Of("reason-finder.more") : Said.Of("reason-finder.less"), setup.Street.DustAndNoise,
                    fitted.Street.DustAndNoise));
        }
    }

    private static IEnumerable<Reason> Notes(Suggestion setup, PredictionPlan on)
    {
        var shift = setup.FrontShare - setup.EqualPadShare;
        if (Math.Abs(shift) >= FeltShare)
        {
            yield return new Reason(ReasonKind.Note, "balance", setup.EqualPadShare, setup.FrontShare, "front-share",
                Balance(shift > 0, setup, on.Car.Electronics));
        }

        if (on.FrontPad.Traits?.CorrosiveDust == true || on.RearPad.Traits?.CorrosiveDust == true)
        {
            yield return new Reason(ReasonKind.Note, "corrosive-dust", null, null, "", Said.Of("reason-finder.dust-pits-wheels-wash"));
        }

        if (on.IsOnRoad() && (!on.FrontPad.RoadApproved || !on.RearPad.RoadApproved))
        {
            yield return new Reason(ReasonKind.Note, "approval", null, null, "",
                Said.Of("reason-finder.no-road-approval-change"));
        }

        if (setup.Parts.Fluid.Id != Selection.FittedId && on.Car.Electronics && on.Fluid.ViscosityMm2S > ThickFluidMm2S)
        {
            yield return new Reason(ReasonKind.Note, "viscosity", ThickFluidMm2S, on.Fluid.ViscosityMm2S, "mm2/s",
                Said.Of("reason-finder.thicker-when-cold-abs", on.Fluid.Name, Units.Mm2S(on.Fluid.ViscosityMm2S.Value), Units.Mm2S(ThickFluidMm2S)));
        }

        if (on.Lines == Vehicles.BrakeLine.Braided && setup.Parts.Lines is not null)
        {
            yield return new Reason(ReasonKind.Note, "lines", null, null, "",
                Said.Of("reason-finder.braided-lines-give-firmer"));
        }

        if (on.FrontRotor.Finish is { Face: RotorFace.Slotted or RotorFace.HookSlotted } && setup.EnergyInBand.Above < 0.01 && on.RoadShare() >= 0.95)
        {
            yield return new Reason(ReasonKind.Note, "slots", null, null, "", Said.Of("reason-finder.slots-do-nothing-commuter"));
        }

        if (setup.Parts.Rotor.Id != Selection.FittedId && on.FrontRotor.Finish?.Treatment == RotorTreatment.Frozen)
        {
            yield return new Reason(ReasonKind.Note, "frozen", null, null, "", Said.Of("rotor-reading.frozen-not-worth"));
        }

        if (setup.Parts.Rotor.Id != Selection.FittedId && on.FrontRotor.Finish?.Hardware is { } hardware)
        {
            yield return new Reason(ReasonKind.Note, "hardware", null, null, "", Said.Of("reason-finder.order-rotors", hardware));
        }
    }

    private static Said Balance(bool toFront, Suggestion setup, bool hasAbs)
    {
        var (share, equal) = (Units.Percent(100 * setup.FrontShare), Units.Percent(100 * setup.EqualPadShare));
        return toFront
            ? hasAbs ? Said.Of("reason-finder.front-works-harder-against", share, equal) : Said.Of("reason-finder.front-locks-first", share, equal)
            : hasAbs ? Said.Of("reason-finder.rear-works-harder-front", share, equal) : Said.Of("reason-finder.rear-may-lock-first", share, equal);
    }

    private static Said Money(double? sum) => sum is { } known ? Said.Of("reason-finder.figure", known) : Said.Of("reason-finder.unknown-sum");

    private static Said Lower(Said title) => Said.Of(Said.Within, title);
}
