using Rimrock.Core.Beliefs;
using Rimrock.Core.Driving;
using Rimrock.Core.Judgement;
using Rimrock.Core.Quantities;

namespace Rimrock.Core.Fitting;

/// <summary>What is nominated, and what of it is shown.</summary>
public sealed partial class Matcher
{
    // Where nothing that was found mends a car, so many of the best are looked at with other parts, part after part.
    private const int MendedOf = 8;
    private const int MendingRounds = 4;

    /// <summary>What was nominated; where what is fitted must not be driven on, only what mends that, if anything does.</summary>
    private List<Selection> Mending()
    {
        // In turns by doubting what was reckoned and by believing it: the safest and the handiest are both looked at.
        var doubting = found.Front.OrderBy(one => one.Objectives.Score(wishes));
        var believing = found.Front.OrderBy(one => one.Objectives.Score(wishes, 1));
        var front = doubting.Zip(believing).SelectMany(pair => new[] { pair.First.Selection.Key(), pair.Second.Selection.Key() })
            .Concat(found.BestWith.Values.OrderBy(one => one.Objectives.Score(wishes)).Select(one => one.Selection.Key())).Distinct()
                .Select(key => Selection.OfKey(key, plan, offer)).OfType<Selection>().ToList();
        // Rear rotors that must not be driven on are changed whatever else is.
        var must = behind.Musts();
        front = front.SelectMany(one => must.Select(rotor => one with { RearRotor = rotor }))
            .Where(one => one.RearRotor is not { } rotor || (HardStops.Of(one.RearPad.Body, rotor.Body, wishes) is null && IsAffordable(one))).ToList()
            is { Count: > 0 } behindToo ? behindToo : front;
        return stops.Count > 0 && Mended(front) is { Count: > 0 } mended ? mended : front;
    }

    /// <summary>What the cheapest costs that leaves no stop; null where nothing does.</summary>
    private double? CheapestMended() =>
        Mending().Where(one => HardStops.OfFitted(one.On(plan, wishes)).Count == 0).Select(one => (double?)Reckoned(one)).Min();

    // What leaves no stop; where nothing does, the first few with other parts besides, each of which takes a stop away.
    private List<Selection> Mended(List<Selection> some)
    {
        int Left(Selection one) => HardStops.LeftOf(one.On(plan, wishes));
        var parts = found.BestWith.Values.OrderBy(one => one.Objectives.Score(wishes)).Select(one => one.Selection).ToList();
        IEnumerable<Selection> Others(Selection one) => parts
            .SelectMany(part => new[] { one with { FrontPad = part.FrontPad }, one with { RearPad = part.RearPad }, one with { FrontRotor = part.FrontRotor } })
            .Where(other => PadPair.IsUsual(other.FrontPad.Body, other.RearPad)
                && HardStops.Of(other.FrontPad.Body, other.FrontRotor.Body, wishes) is null
                && HardStops.Of(other.RearPad.Body, other.RearRotor?.Body ?? plan.RearRotor, wishes) is null && IsAffordable(other));
        for (var round = 0; ; round++)
        {
            if (some.FindAll(one => Left(one) == 0) is { Count: > 0 } mended)
            {
                return mended;
            }

            if (round == MendingRounds)
            {
                return [];
            }

            some = [.. some.Take(MendedOf).SelectMany(one => Others(one).Where(other => Left(other) < Left(one))).DistinctBy(one => one.Key()).OrderBy(Left)];
        }
    }

    /// <summary>The best by heat, no more than four with the same front pads on the same rotors.</summary>
    private List<Selection> Varied(List<Selection> front)
    {
        var chosen = new List<Selection>();

        // A new set of what is on the car as good as new is no change.
        string Id(Part<Friction.Pad> pad, Friction.Pad kept, double? leftMm, Vehicles.AxleBrake brake) =>
            plan.Bedded && !(leftMm < brake.PadNewMm) && pad.Body.IsSame(kept) ? Selection.FittedId : pad.Id;
        foreach (var setup in front.DistinctBy(one => (Id(one.FrontPad, plan.FrontPad, plan.FrontPadMm, plan.Car.Front),
            Id(one.RearPad, plan.RearPad, plan.RearPadMm, plan.Car.Rear), one.FrontRotor.Id, one.Duct?.Id, one.RearRotor?.Id)))
        {
            if (chosen.Count(other => other.FrontPad.Id == setup.FrontPad.Id && other.FrontRotor.Id == setup.FrontRotor.Id) < MostNominatedOfOneKind)
            {
                chosen.Add(setup);
            }

            if (chosen.Count == Nominated)
            {
                break;
            }
        }

        return chosen;
    }

    /// <summary>Setups with every fluid; where fluid or hoses are due by their age, those that keep them are no answer.</summary>
    private IEnumerable<Selection> Fillings(Selection setup)
    {
        var all = EveryFilling(setup).ToList();
        if (Due.IsFluid(plan) && all.Exists(one => one.Fluid.Id != Selection.FittedId))
        {
            all = [.. all.Where(one => one.Fluid.Id != Selection.FittedId)];
        }

        return Due.IsHoses(plan) && all.Exists(one => one.Lines is not null) ? all.Where(one => one.Lines is not null) : all;
    }

    /// <summary>
    /// A setup with every fluid and hose that the search kept and the purse allows: they share its runs, so that judging them costs next to nothing.
    /// </summary>
    private IEnumerable<Selection> EveryFilling(Selection setup)
    {
        return found.Fillings.Select(filling => setup with { Fluid = filling.Fluid, Lines = filling.Lines }).Append(setup).Select(one => one.Key()).Distinct()
            .Where(key => key == setup.Key() || IsAffordable(Selection.OfKey(key, plan, offer)!))
            .Select(key => Selection.OfKey(key, plan, offer)).OfType<Selection>()
                .Where(one => stops.Count == 0 || HardStops.OfFitted(one.On(plan, wishes)).Count == 0 || one.Key() == setup.Key());
    }

    /// <summary>
    /// The rows that are shown: of setups that differ in fluid alone the best, and no more than two with the same front pads on the same rotors.
    /// </summary>
    private static List<DrawnSetup> Listed(IEnumerable<DrawnSetup> ranked)
    {
        var rows = new List<DrawnSetup>();
        foreach (var one in ranked)
        {
            if (rows.Count < Shown && !rows.Exists(row => SameHeat(row.Selection, one.Selection))
                && rows.Count(row => row.Selection.FrontPad.Id == one.Selection.FrontPad.Id
                    && row.Selection.FrontRotor.Id == one.Selection.FrontRotor.Id) < MostOfOneKind)
            {
                rows.Add(one);
            }
        }

        return rows;
    }

    private sealed record Faded(DrawnSetup Setup, JudgedLife Life, Axles<Chance> Fades);

    /// <summary>
    /// Without those whose pads fade at an axle on more days than not, where others that are no more dangerous surely fade less there and no more at the
    /// other: who comes in early on faded pads heats nothing, and nobody fits them for that (common practice). Pads for other calipers are no reason to leave
    /// those for the car's own out. What is on the car stays to be looked at.
    /// </summary>
    private List<DrawnSetup> InRange(List<DrawnSetup> all, Func<DrawnSetup, JudgedLife> judged)
    {
        // How sure a chance is takes longest to tell: asked only where something fades.
        if (!all.Exists(one => Axles.Both.Any(axle => judged(one).ShareTogether(row => Limits.LimitTable.IsPastRange(row, axle)) > Thresholds.LikelyNuisance)))
        {
            return all;
        }

        var each = all.Select(one => new Faded(one, judged(one),
            Axles.Of(axle => judged(one).Together(row => Limits.LimitTable.IsPastRange(row, axle))))).ToList();
        return [.. each.Where(one => one.Setup.Key == fitted.Key
            || !Axles.Both.Any(axle => IsLikely(one.Fades[axle]) && each.Exists(other => IsBetter(other, one, axle)))).Select(one => one.Setup)];

        static bool IsLikely(Chance fades) => fades.Share > Thresholds.LikelyNuisance;
        static bool IsSurely(Chance less, Chance more) => more.Share - less.Share > Thresholds.EqualPairedSigmas
            * Math.Sqrt((less.SamplingError * less.SamplingError) + (more.SamplingError * more.SamplingError));
        static bool IsNoWorse(JudgedLife other, JudgedLife one) => other.Danger.Share < Thresholds.MostDanger
            || other.Danger.LogOdds(other.Members) <= one.Danger.LogOdds(one.Members) + Thresholds.EqualLogOdds;
        static bool IsBetter(Faded other, Faded one, Axle axle)
        {
            double Odds(Axles<Chance> fades, Axle at) => fades[at].LogOdds(one.Life.Members);
            var behind = axle == Axle.Front ? Axle.Rear : Axle.Front;
            return Odds(other.Fades, axle) < Odds(one.Fades, axle) - Thresholds.SurelyLogOdds && IsSurely(other.Fades[axle], one.Fades[axle])
                && (!other.Setup.Selection.HasKit || one.Setup.Selection.HasKit)
                && (!IsLikely(other.Fades[behind]) || Odds(other.Fades, behind) <= Odds(one.Fades, behind)) && IsNoWorse(other.Life, one.Life);
        }
    }

    /// <summary>
    /// Without other calipers where they do not surely take away much of the danger that is left with the car's own (odds some three times as long) on a
    /// kind of day that comes often enough to pay for them, unless they alone make the car hold; never for the road, where the gear, the trailer or the
    /// pace are the answer: keeping the original kit is one (common practice).
    /// </summary>
    private static List<DrawnSetup> WorthIt(List<DrawnSetup> all, Func<DrawnSetup, JudgedLife> judged)
    {
        if (all.Where(one => !one.Selection.HasKit).MinBy(one => judged(one).Danger.LogOdds(judged(one).Members)) is not { } own)
        {
            return all;
        }

        var best = judged(own);
        static bool IsTimed(JudgedDay day) => day.Plan.Leading().KindOf().IsTimed;
        var isOften = IsTimed(best.MostDangerous) && best.Plan.Leading().DaysAYear >= LeastDaysForCalipers;
        var isTrackThatGives = best.Days.Any(day => day.Holds != true && IsTimed(day));
        bool IsSafer(JudgedLife life) => isOften && life.Danger.LogOdds(life.Members) < best.Danger.LogOdds(best.Members) - Thresholds.SurelyLogOdds
            && !Ranking.Equal(life, best, Limits.Harm.Danger);
        return [.. all.Where(one => !one.Selection.HasKit || IsSafer(judged(one)) || (judged(one).Holds == true && isTrackThatGives))];
    }

    /// <summary>
    /// What to do before other calipers come: the best with the car's own and its own rotors, where that surely takes danger away; null where it does not.
    /// </summary>
    private DrawnSetup? Until(DrawnSetup first, List<DrawnSetup> all)
    {
        if (!first.Selection.HasKit)
        {
            return null;
        }

        double Odds(DrawnSetup one) => Of(one, sketch: true).Danger.LogOdds(Of(one, sketch: true).Members);
        var own = all.Where(one => !one.Selection.HasKit && one.Key != fitted.Key && Has(one, sketch: true)
            && (one.Selection.FrontRotor.Id == Selection.FittedId
                || (first.Selection.Kit is null && one.Selection.FrontRotor.Id == first.Selection.FrontRotor.Id))).ToList();

        // What stays on the car with other calipers is bought once.
        bool IsKept(DrawnSetup one) => (one.Selection.RearRotor is null || one.Selection.RearRotor.Id == first.Selection.RearRotor?.Id)
            && (one.Selection.RearDuct is null || one.Selection.RearDuct.Id == first.Selection.RearDuct?.Id)
            && (first.Selection.RearKit is null ? one.Selection.RearPad.Id == first.Selection.RearPad.Id
                : one.Selection.FrontPad.Id == first.Selection.FrontPad.Id) && one.Selection.Fluid.Id == first.Selection.Fluid.Id
            && one.Selection.Lines?.Id == first.Selection.Lines?.Id;
        return BestOf(own.Where(IsKept)) ?? BestOf(own);

        DrawnSetup? BestOf(IEnumerable<DrawnSetup> some) => Ranked(some, one => Of(one, sketch: true)) is [var best, ..]
            && Odds(best) < Odds(fitted) - Thresholds.SurelyLogOdds ? best : null;
    }

    /// <summary>
    /// What is done where the car holds and something on it is due by its age: that alone, on the parts that are on it. Null where more is to be done.
    /// </summary>
    private DrawnSetup? DueAlone(JudgedLife asItStands, List<DrawnSetup> all) =>
        FittedVerdict.Of(asItStands) == DayOutcome.Due && !FittedVerdict.Fades(asItStands)
            && Ranked(all.Where(one => SameHeat(one.Selection, fitted.Selection) && one.Key != fitted.Key && Has(one, sketch: true)),
                one => Of(one, sketch: true)) is [var best, ..] ? best : null;

    /// <summary>
    /// Without fillings where another one of the same parts surely takes danger away that counts: nobody spares a bottle there. Of a car that holds, without
    /// those that are more dangerous than what is fitted: better pads send more heat to the fluid, and come with the fluid that bears it (common practice).
    /// </summary>
    private List<DrawnSetup> FilledForIt(List<DrawnSetup> all, Func<DrawnSetup, JudgedLife> judged)
    {
        var holds = FittedVerdict.Of(judged(fitted)) is DayOutcome.Due or DayOutcome.Fades;
        bool IsSafe(DrawnSetup one) => judged(one).Danger.Share <= judged(fitted).Danger.Share;
        bool IsSpared(DrawnSetup one, DrawnSetup other)
        {
            // How sure a difference is takes longest to tell: asked only where it counts.
            return judged(one).Difference(judged(other), Limits.Harm.Danger) >= Thresholds.MostDanger
                && judged(one).Against(judged(other), Limits.Harm.Danger) is var (difference, error) && difference > Thresholds.EqualPairedSigmas * error;
        }

        bool IsBetter(DrawnSetup other, DrawnSetup one) => (holds && IsSafe(other) && !IsSafe(one)) || IsSpared(one, other);
        return [.. all.GroupBy(one => one.Selection.HeatKey()).SelectMany(same =>
            same.Where(one => one.Key == fitted.Key || !same.Any(other => IsBetter(other, one))))];
    }

    /// <summary>The safest by a sketch that are not listed already.</summary>
    private List<DrawnSetup> Safest(IEnumerable<DrawnSetup> all, List<DrawnSetup> listed) =>
        [.. all.Where(one => Has(one, sketch: true) && !listed.Exists(row => SameHeat(row.Selection, one.Selection)))
            .OrderBy(one => Of(one, sketch: true).Danger.Share).ThenBy(one => Of(one, sketch: true).Damage.Share)
            .ThenBy(one => judge.Scales(one, Of(one, sketch: true))).ThenBy(one => one.Key, StringComparer.Ordinal)
            .DistinctBy(one => one.Selection.HeatKey()).Take(SafestBeside)];

    private static bool SameHeat(Selection one, Selection other) => one.HeatKey() == other.HeatKey();
}
