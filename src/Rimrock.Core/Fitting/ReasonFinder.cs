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
        return [.. Fixed(fitted, setup), .. StillFirst(setup), .. Costs(fitted, setup), .. Notes(setup, on)];
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
                ? Text($": {Math.Abs(margin):0} K {(margin >= 0 ? "to spare" : "too little")} in the middle of the band") : "";
            yield return new Reason(ReasonKind.Fixes, after.Limit.Code, before.Chance.Share, after.Chance.Share, "chance",
                Text($"{what}: {ChanceWords.Percent(before.Chance)} of likely days now, {ChanceWords.Percent(after.Chance)} with this{how}."));
        }
    }

    private static IEnumerable<Reason> StillFirst(Suggestion setup)
    {
        // Limits come danger first: the first that is not rare is the one to name.
        var first = setup.Limits.FirstOrDefault(limit => limit.Limit.Code is not (LimitCode.StreetCold or LimitCode.FrontPadCold) && limit.WorthTelling);
        if (first is null)
        {
            yield return new Reason(ReasonKind.StillFirst, "none", null, null, "", "Nothing gives on more than a few likely days in a hundred.");
            yield break;
        }

        yield return new Reason(ReasonKind.StillFirst, first.Limit.Code, null, first.Chance.Share, "chance",
            first.Chance.Share >= Likely && first.Limit.Change is { } change
                ? Text($"{first.Limit.Title} still ({ChanceWords.Percent(first.Chance)}). {change}")
                : Text($"What still gives first: {Lower(first.Limit.Title)}, {ChanceWords.Percent(first.Chance)} of likely days."));
    }

    private static IEnumerable<Reason> Costs(Suggestion fitted, Suggestion setup)
    {
        if (setup.Cost.BuyNow is null || setup.Cost.BuyNow > 0)
        {
            yield return new Reason(ReasonKind.Costs, "money", fitted.Cost.PerSeason, setup.Cost.PerSeason, "per season",
                Text($"{Money(setup.Cost.BuyNow)} to buy; {Money(setup.Cost.PerEvent)} for each event and {Money(setup.Cost.PerSeason)} for a season, worn " +
                    $"parts counted ({Money(fitted.Cost.PerSeason)} " +
                    $"now).{(setup.Cost.Unknown.Count > 0 ? $" No price is known of {string.Join(", ", setup.Cost.Unknown)}." : "")}"));
        }

        var metres = setup.Street.ExtraMetres - fitted.Street.ExtraMetres;
        if (Math.Abs(metres) >= 0.3)
        {
            yield return new Reason(ReasonKind.Costs, "cold-stop", fitted.ColdStops[0].Metres.P50, setup.ColdStops[0].Metres.P50, "m",
                Text($"First stop from 50 km/h on a cold morning: {setup.ColdStops[0].Metres.P50:0.0} m, {Math.Abs(metres):0.0} m " +
                    $"{(metres > 0 ? "longer" : "shorter")} than now at the same pedal " +
                    $"force{(setup.ColdStops[2].ReachesAbs ? "; in a panic stop both reach ABS" : "")}."));
        }

        var dust = setup.Street.DustAndNoise - fitted.Street.DustAndNoise;
        if (Math.Abs(dust) >= 1)
        {
            yield return new Reason(ReasonKind.Costs, "dust-noise", fitted.Street.DustAndNoise, setup.Street.DustAndNoise, "of 10",
                Text($"{(dust > 0 ? "More" : "Less")} dust and noise: {setup.Street.DustAndNoise:0.#} of 10, {fitted.Street.DustAndNoise:0.#} now."));
        }
    }

    private static IEnumerable<Reason> Notes(Suggestion setup, PredictionPlan on)
    {
        var shift = setup.FrontShare - setup.EqualPadShare;
        if (Math.Abs(shift) >= FeltShare)
        {
            yield return new Reason(ReasonKind.Note, "balance", setup.EqualPadShare, setup.FrontShare, "front share",
                shift > 0 ? Text($"The front works harder: {100 * setup.FrontShare:0} % against {100 * setup.EqualPadShare:0} % with equal pads; the rear " +
                    $"pads idle, ABS comes in front first.")
                    : Text($"The rear works harder: {100 * setup.FrontShare:0} % front against {100 * setup.EqualPadShare:0} % with equal pads; the " +
                        $"electronics hold the rear back in hard stops."));
        }

        if (on.FrontPad.Traits?.CorrosiveDust == true || on.RearPad.Traits?.CorrosiveDust == true)
        {
            yield return new Reason(ReasonKind.Note, "corrosive-dust", null, null, "", "Its dust pits wheels: wash them the same evening.");
        }

        if (!on.FrontPad.RoadApproved || !on.RearPad.RoadApproved)
        {
            yield return new Reason(ReasonKind.Note, "approval", null, null, "",
                "No road approval: change pads at the track, or type approval and insurance may be gone.");
        }

        if (setup.Parts.Fluid.Id != Setup.FittedId && on.Car.Electronics && on.Fluid.ViscosityMm2S > ThickFluidMm2S)
        {
            yield return new Reason(ReasonKind.Note, "viscosity", ThickFluidMm2S, on.Fluid.ViscosityMm2S, "mm2/s",
                Text($"{on.Fluid.Name} is thicker when cold than ABS likes ({on.Fluid.ViscosityMm2S:0} against {ThickFluidMm2S:0} mm2/s at -40 °C): " +
                    $"stability control answers slower in frost."));
        }

        if (on.Lines == Vehicles.BrakeLine.Braided && setup.Parts.Lines is not null)
        {
            yield return new Reason(ReasonKind.Note, "lines", null, null, "",
                "Braided lines give a firmer pedal, most of all when hot; they do not cool anything. Check their approval.");
        }

        if (on.FrontRotor.Finish is { Face: RotorFace.Slotted or RotorFace.HookSlotted } && setup.EnergyInBand.Above < 0.01 && on.RoadPercent >= 95)
        {
            yield return new Reason(ReasonKind.Note, "slots", null, null, "", "Slots do nothing for a commuter but wear pads and hum.");
        }

        if (setup.Parts.Rotor.Id != Setup.FittedId && on.FrontRotor.Finish?.Hardware is { } hardware)
        {
            yield return new Reason(ReasonKind.Note, "hardware", null, null, "", $"Order with the rotors: {hardware}.");
        }
    }

    private static string Money(double? sum) => sum is { } known ? Text($"{known:0}") : "an unknown sum";

    private static string Lower(string title) => char.ToLowerInvariant(title[0]) + title[1..];
}
