using System.Collections.Concurrent;
using Rimrock.Core.Beliefs;
using Rimrock.Core.Driving;
using Rimrock.Core.Fluids;
using Rimrock.Core.Judgement;
using Rimrock.Core.Limits;
using Rimrock.Core.Numerics;
using Rimrock.Core.Rotors;
using Rimrock.Core.Runs;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Fitting;

/// <summary>A setup with what its day is in the middle of the band, before its chances are counted.</summary>
/// <param name="Selection">The setup.</param>
/// <param name="On">The plan with it fitted: what is judged, and what "fit this" puts on the car.</param>
/// <param name="Scaled">What it is weighed by in the driver's scales, with reckoned prices; its nuisance is not counted yet.</param>
/// <param name="Bare">All that is shown but the chances; made when it is first asked for.</param>
internal sealed record DrawnSetup(Selection Selection, PredictionPlan On, Objectives Scaled, Lazy<Suggestion> Bare)
{
    /// <summary>Its key.</summary>
    public string Key { get; } = Selection.Key();
}

/// <summary>A setup's life, judged, and the year's events with its fluid as it ages.</summary>
/// <param name="Life">Each kind of day.</param>
/// <param name="Events">The events, counted when they are first told; none where they were not asked for.</param>
internal sealed record CountedSetup(JudgedLife Life, Lazy<IReadOnlyList<JudgedDay>> Events);

/// <summary>A setup with all that it is ranked by.</summary>
/// <param name="Told">What is told of it.</param>
/// <param name="Life">Its life.</param>
/// <param name="Scaled">What it is weighed by in the driver's scales.</param>
internal sealed record Weighed(Suggestion Told, JudgedLife Life, Objectives Scaled);

/// <summary>Looks at setups closely: the whole day with each in the middle and at two edges, then every limit's chance by the one judgement.</summary>
internal sealed partial class SetupJudge(PredictionPlan plan, Offer offer, Wishes wishes, Year year, ScopedBelief belief)
{
    private const int Middle = 0;
    private readonly Day day = year.Leading;
    private static readonly Chance Unknown = new(0, 0, 1);
    private static readonly CarFactors[] Members = [CarFactors.Corners[0], CarFactors.Corners[1], CarFactors.Corners[2]];
    private readonly double equalShare = SetupSearch.EqualPadShare(plan);
    private readonly (PredictionPlan Plan, Offer Offer) reckoned = ReckonedPrices.Of(plan, offer);

    private readonly ConcurrentDictionary<string, Spread> wears = new();
    private readonly ConcurrentDictionary<string, Heated?> heated = new();

    /// <summary>Draws a setup's day; null where it leads out of the model's range.</summary>
    public DrawnSetup? Known(Selection setup)
    {
        var on = setup.On(plan, wishes);
        return heated.GetOrAdd(setup.HeatKey(), _ => Heat(on)) is { } heat
            ? Draw(setup, on, heat) : null;
    }

    /// <summary>Draws a setup's day.</summary>
    /// <exception cref="BeyondModelException">It leads out of the model's range.</exception>
    public DrawnSetup Draw(Selection setup)
    {
        var on = setup.On(plan, wishes);
        if (Known(setup) is { } drawn)
        {
            return drawn;
        }

        ModelEnds.ThrowIfPassed(on, Run(on), Middle);
        throw new InvalidOperationException("Out of the model's range, and yet not.");
    }

    private DrawnSetup Draw(Selection setup, PredictionPlan on, Heated heat)
    {
        var effort = Effort.Hours(setup, plan);
        var cost = RunningCost.Of(Selection.OfKey(setup.Key(), reckoned.Plan, reckoned.Offer) ?? setup, on, wishes, heat.Wear, plan,
            heat.Others);
        var scaled = new Objectives(default, heat.Street.Penalty, (cost.PerSeason ?? 0) + ((cost.BuyNow ?? 0) / Objectives.OutlaySeasons), effort,
            Math.Abs(heat.Share - equalShare), SetupSearch.Roughness(on.FrontPad, on.RearPad, SlotPoints(on)),
            PedalTravel.SwellShare(on.Car, on.Hoses()));
        return new DrawnSetup(setup, on, scaled, new Lazy<Suggestion>(() =>
        {
            // Only a few of those weighed are shown: their day is run once more, instead of keeping every one.
            var run = Run(on);
            var fluid = FluidToday.Of(on);
            var found = year.Days.SelectMany((other, i) => LimitFinder.FindWithBand(on.On(on.Planned()[i]),
                ReferenceEquals(other, day) ? run : Run(on.On(on.Planned()[i]), other), fluid, heat.Cold, (Middle, 1, 2)));
            var layers = Strata.Layers(on, run, new DayRun(on, [CarFactors.Median]), fluid, (Middle, 1, 2))
                .Where(layer => layer.Part is BrakePart.FrontFace or BrakePart.RearFace or BrakePart.FrontFluid).ToList();
            return new Suggestion(setup.Key(), SetupNames.Of(setup), 0, Unknown, Unknown, null, effort,
                [.. found.Select(limit => new LimitChance(limit, Unknown, false))], layers, heat.Cold, heat.Street, Season(setup, on, run),
                RunningCost.Of(setup, on, wishes, heat.Wear, plan, heat.Others), Math.Round(heat.Share, 3), Math.Round(equalShare, 3),
                Energy(on, run),
                CrackLife.IndexBand(on.FrontRotor, heat.OverMeanK),
                Math.Round((plan.Car.Front.Discs * (on.FrontRotor.WithHatKg() - plan.FrontRotor.WithHatKg()))
                    + (plan.Car.Rear.Discs * (on.RearRotor.WithHatKg() - plan.RearRotor.WithHatKg())), 1),
                new AxleFigures(on.FrontPad.Traits?.Bite, on.RearPad.Traits?.Bite), []);
        }));
    }

    private sealed record Heated(ColdStopResult[] Cold, StreetManners Street, double OverMeanK, HourlyWear Wear, YearlyWear? Others,
        double Share);

    /// <summary>Makes what <see cref="Told"/> is put together from, which takes a run of its own: several may be made at once.</summary>
    public static void Prepare(DrawnSetup drawn, CountedSetup counted) => _ = (drawn.Bare.Value, counted.Events.Value);

    /// <summary>A drawn setup with its chances; reasons are against the fitted one where it is given.</summary>
    public static Suggestion Told(DrawnSetup drawn, CountedSetup counted, Suggestion? fitted)
    {
        var judged = counted.Life;

        // Of each limit what is told is of the kind of day where it is likeliest.
        var limits = drawn.Bare.Value.Limits.GroupBy(limit => limit.Limit.Code).Select(same =>
        {
            var likeliest = judged.Most(one => one.Of(same.Key));
            var limit = same.FirstOrDefault(one => one.Limit.Day == likeliest.Plan.Leading().Kind) ?? same.First();
            return likeliest.Of(same.Key) is { } chance ? new LimitChance(limit.Limit, chance, chance.WorthTelling(limit.Limit.Harm)) : limit;
        })
            .OrderByDescending(limit => limit.Limit.Harm).ThenByDescending(limit => limit.Chance.Share).ToList();
        var told = drawn.Bare.Value with { Members = judged.Members, Danger = judged.Danger, Damage = judged.Damage, Holds = judged.Holds, Limits = limits };
        told = counted.Events.Value.Count == 0 ? told : told with
        {
            Season = [.. told.Season.Zip(counted.Events.Value, (then, one) => then with { Boils = one.Together(LimitTable.Boils) })],
            YearDanger = JudgedDay.AnyDay([.. counted.Events.Value, .. judged.Days], Harm.Danger),
        };
        return told with { Reasons = fitted is null ? [] : ReasonFinder.Of(fitted, told, drawn.On) };
    }

    private static PredictionPlan[] Events(DrawnSetup drawn) =>
        [.. drawn.Bare.Value.Season.Select(then => drawn.On.OnLeading() with { FluidState = StateAt(drawn, then.Fluid) })];

    /// <summary>The driver's scales of a judged setup.</summary>
    public double Scales(DrawnSetup drawn, JudgedLife judged) => Scaled(drawn, judged).Scales(wishes);

    /// <summary>What a judged setup is weighed by in them.</summary>
    public static Objectives Scaled(DrawnSetup drawn, JudgedLife judged) =>
        drawn.Scaled with
        {
            Chances = new Screened(0, 0, judged.ShareTogether(row => IsNuisance(row, drawn.On)),
                LimitTable.All.Where(row => IsNuisance(row, drawn.On)).Sum(row => judged.ShareTogether(one => one.Code == row.Code))),
        };

    private static bool IsNuisance(LimitRow row, PredictionPlan on) => row.OfTrackDay && row.HarmOf(on) == Harm.Nuisance;

    private static FluidState StateAt(DrawnSetup drawn, FluidDay then) =>
        drawn.On.FluidState with { AgeMonths = Math.Min(FluidState.AgeRange.Max, then.MonthsOld), ReservoirWaterPercent = then.ReservoirWaterPercent };

    private List<EventDay> Season(Selection setup, PredictionPlan on, DayRun run)
    {
        double Peak(int member) =>
            run.Phases.Max(phase => Math.Max(phase.Peak[(int)BrakePart.FrontFluid][member], phase.Peak[(int)BrakePart.RearFluid][member]));
        var demand = new Spread(Math.Round(Math.Min(Peak(1), Peak(2)), 1), Math.Round(Peak(Middle), 1), Math.Round(Math.Max(Peak(1), Peak(2)), 1));

        // Fluid that stays in starts as old as it is; new fluid new, or as old as its opened bottle.
        var atStart = setup.Fluid.Id == Selection.FittedId ? on.FluidState : on.FluidState with { AgeMonths = setup.Fluid.Body.OpenedMonths ?? 0 };
        var fresh = wishes.FreshFluidEachEvent && setup.Fluid.Id != Selection.FittedId;
        return [.. FluidSeason.Days(on.Fluid, atStart, fresh, on.EventsAYear(), on.Circuit.AltitudeM, on.FluidUptake())
            .Select(then => new EventDay(then, demand, Math.Round(then.VapourC.P50 - demand.P50, 1), null))];
    }
}
