using Rimrock.Core.Beliefs;
using Rimrock.Core.Driving;
using Rimrock.Core.Friction;
using Rimrock.Core.Judgement;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Fitting;

/// <summary>What a leaflet's figures come to on this car.</summary>
public enum LeafletOutcome
{
    /// <summary>The year's days hold with it, and nothing on the car is due.</summary>
    Fits,

    /// <summary>They hold with it and something else.</summary>
    Nearly,

    /// <summary>They do not hold with it, or it may not be fitted.</summary>
    No,
}

/// <summary>Something that makes a part hold which does not alone.</summary>
/// <param name="What">In words.</param>
/// <param name="Danger">Danger with both.</param>
/// <param name="Damage">Damage with both.</param>
public sealed record MakesItHold(Said What, Chance Danger, Chance Damage);

/// <summary>A pad off a leaflet, held against the car and its days: judged like everything else.</summary>
/// <param name="Outcome">What it comes to.</param>
/// <param name="Danger">Danger with it; null where it may not be fitted.</param>
/// <param name="Damage">Damage with it.</param>
/// <param name="Fades">Chance that it fades, or stops badly while cold.</param>
/// <param name="Gives">Code of the likeliest limit of what it comes to; null where nothing gives.</param>
/// <param name="Stop">Why it may not be fitted; null where it may.</param>
/// <param name="With">What would make it hold; empty where nothing does, or nothing has to.</param>
public sealed record LeafletAnswer(LeafletOutcome Outcome, Chance? Danger, Chance? Damage, Chance? Fades, string? Gives, HardStop? Stop,
    IReadOnlyList<MakesItHold> With);

/// <summary>Holds a leaflet against a car.</summary>
public static class Leaflet
{
    private const double DuctHoseMm = 76;

    /// <summary>Judges a pad on an axle, with a fluid beside it where one is given.</summary>
    /// <param name="plan">The plan with what is on the car.</param>
    /// <param name="pad">The pad by its leaflet.</param>
    /// <param name="axle">Where it goes.</param>
    /// <param name="fluid">A fluid by its bottle; null for what is in the car.</param>
    /// <param name="wishes">What the driver wishes.</param>
    /// <param name="belief">What is believed of the car; null for the prior.</param>
    /// <param name="cancel">Stops between runs.</param>
    /// <exception cref="InputFaultException">What is wrong with plan or pad.</exception>
    public static LeafletAnswer Of(PredictionPlan plan, Pad pad, Axle axle, Fluids.BrakeFluid? fluid, Wishes wishes, ScopedBelief? belief = null,
        CancellationToken cancel = default)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(pad);
        ArgumentNullException.ThrowIfNull(wishes);
        var faults = plan.Faults().ToList();
        pad.Check("pad", faults);
        fluid?.Check("fluid", faults);
        InputFaultException.ThrowIfAny(faults);
        wishes = wishes.For(plan);
        var rotor = plan.At(axle).Rotors.Rotor;
        if ((HardStops.Of(pad, axle, rotor, plan, wishes) ?? (fluid is null ? null : HardStops.Of(fluid, plan, wishes))) is { } stop)
        {
            return new LeafletAnswer(LeafletOutcome.No, null, null, null, null, stop, []);
        }

        var fitted = Selection.Fitted(plan);
        Part<Pad> part = new("leaflet", pad);
        var selection = axle == Axle.Front ? fitted with { FrontPad = part } : fitted with { RearPad = part };
        var on = (fluid is null ? selection : selection with { Fluid = new("leaflet", fluid) }).On(plan, wishes);
        var known = belief ?? ScopedBelief.Nothing;
        var life = Judged(on, known, cancel);
        var fades = life.Together(Limits.LimitTable.Disappoints);
        var named = FittedVerdict.Names(life)?.Limit;
        var isReady = Due.Of(on).Count == 0 && on.Open is null;
        List<MakesItHold> with = life.Holds == true && isReady ? [] : Ways(on, life, known, cancel);
        var outcome = life.Holds == true && isReady ? LeafletOutcome.Fits : with.Count > 0 ? LeafletOutcome.Nearly : LeafletOutcome.No;
        return new LeafletAnswer(outcome, life.Danger, life.Damage, fades, named, null, with);
    }

    private static List<MakesItHold> Ways(PredictionPlan on, JudgedLife life, ScopedBelief belief, CancellationToken cancel)
    {
        if (life.Holds == true)
        {
            // The days hold, and the car is not ready for them.
            return [new(Readied(on), life.Danger, life.Damage)];
        }

        var worst = life.Days.ToList().IndexOf(life.Danger.Share > 0 ? life.MostDangerous : life.MostDamaging);
        List<(Said What, PredictionPlan On)> tried = [.. DrivingWays.For(on, worst).Where(way => way.Code != DrivingWays.Together)
            .Select(way => (way.What, way.Of(on)))];
        if (FitRules.OfDuct(on.Car) is null && on.FrontDuct is not { HoseMm: >= DuctHoseMm })
        {
            tried.Add((Said.Of("leaflet.with-duct", Units.Mm(DuctHoseMm)), on with { FrontDuct = new WheelDuct(DuctHoseMm, Shield.Trimmed) }));
        }

        if (Due.IsFluid(on))
        {
            tried.Insert(0, (Said.Of("leaflet.with-fresh-fluid"), on with { FluidState = on.FluidState with { AgeMonths = 0, ReservoirWaterPercent = null } }));
        }

        return [.. tried.Select(way => (way.What, Life: Judged(way.On, belief, cancel))).Where(way => way.Life.Holds == true)
            .Select(way => new MakesItHold(way.What, way.Life.Danger, way.Life.Damage))];
    }

    private static Said Readied(PredictionPlan on) => (on.Open, Due.IsFluid(on), Due.IsHoses(on)) switch
    {
        (not null, _, _) => Said.Of("leaflet.with-a-bleed"),
        (_, true, true) => Said.Of("leaflet.with-what-is-due"),
        (_, true, _) => Said.Of("leaflet.with-fresh-fluid"),
        _ => Said.Of("leaflet.with-new-hoses"),
    };

    private static JudgedLife Judged(PredictionPlan on, ScopedBelief belief, CancellationToken cancel)
    {
        var (year, population) = (new Year(on), belief.Of(on));
        return Judge.Settled(new JudgedLife([.. on.EachDay().Select((day, i) => Judge.Sharing([day], population, year.Days[i], cancel)[0])]), year, cancel);
    }
}
