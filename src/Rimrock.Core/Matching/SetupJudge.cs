using Rimrock.Core.Fluids;
using Rimrock.Core.Limits;
using Rimrock.Core.Numerics;
using Rimrock.Core.Prediction;
using Rimrock.Core.Priors;
using Rimrock.Core.Rotors;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Matching;

/// <summary>Looks at one setup closely: the whole day with it, three members side by side, every limit with its chance.</summary>
internal sealed class SetupJudge(PredictionPlan plan, Wishes wishes, Day day)
{
    private const int Middle = 0;
    private const double PanicPedalN = 500;
    private static readonly CarFactors[] Members = [CarFactors.Corners[0], CarFactors.Corners[1], CarFactors.Corners[2]];
    private static readonly HashSet<string> NotOfTheDay = ["street-cold", "front-pad-cold"];
    private readonly double equalShare = SetupSearch.EqualPadShare(plan);

    /// <summary>Judges a setup; reasons are against the fitted one where it is given.</summary>
    public Suggestion Judge(Setup setup, Suggestion? fitted)
    {
        var on = setup.On(plan, wishes);
        var run = new DayRun(on, Members, demands: true);
        foreach (var phase in day.Track)
        {
            run.Run(phase);
        }

        ModelEnds.ThrowIfPassed(on, run, Middle);

        var pedal = ColdStop.EverydayPedalN(on);
        ColdStopResult[] cold = [ColdStop.Compare(on, 50, 5, pedal), ColdStop.Compare(on, 100, 5, pedal), ColdStop.Compare(on, 100, 5, PanicPedalN)];
        var fluid = Predictor.FluidOf(on);
        var found = LimitFinder.FindWithBand(on, run, fluid, cold, (Middle, 1, 2));
        var vapour = FluidSeason.Vapour(on.Fluid, on.FluidState, on.Circuit.AltitudeM);
        var limits = found.Select(limit => new LimitChance(limit, ChanceOf(limit, on, run, vapour))).OrderByDescending(limit => limit.Chance * ScreenChance.Weight(limit.Limit.Harm)).ToList();
        var street = StreetManners.Of(cold[0].Metres.P50 - cold[0].OriginalMetres, on.FrontPad, on.RearPad, wishes, on.RoadPercent / 100);
        var over = run.Phases.Max(phase => phase.Shape.FaceOverMeanK[Middle]);
        var hours = day.Track.Where(phase => phase.Kind != PhaseKind.Parked).Sum(phase => phase.Schedule.TotalS()) / 3600;
        var scrape = on.FrontRotor.Finish?.PadWearFactor() ?? 1;
        var cost = RunningCost.Of(setup, on, wishes,
            new HourlyWear(run.Front.WornMm3[Middle] * scrape / hours, run.Rear.WornMm3[Middle] / hours, run.Front.EnergyJ[Middle] / (on.Car.Front.Discs * hours), over));
        var share = ShareOf(on, run);
        var objectives = new Objectives(
            1 - limits.Where(limit => !NotOfTheDay.Contains(limit.Limit.Code)).Aggregate(1.0, (left, limit) => left * (1 - (ScreenChance.Weight(limit.Limit.Harm) * limit.Chance))),
            street.Penalty, Math.Round(cost.PerHour + (cost.BuyNow / (Objectives.OutlaySeasons * RunningCost.SeasonHours(plan, wishes))), 1), Effort.Hours(setup, plan.FrontRotor), Math.Abs(share - equalShare), SetupSearch.Roughness(on.FrontPad, on.RearPad));
        var none = new DayRun(on, [CarFactors.Median]);
        var layers = Strata.Layers(on, run, none, fluid, (Middle, 1, 2)).Where(layer => layer.Part is BrakePart.FrontFace or BrakePart.RearFace or BrakePart.FrontFluid).ToList();
        var judged = new Suggestion(setup.Key(), SetupNames.Of(setup), objectives, limits, layers, cold, street, Season(setup, on, run), cost, Math.Round(share, 3), Math.Round(equalShare, 3),
            Energy(on, run), Math.Round(CrackLife.Index(on.FrontRotor, over), 2), Math.Round(2 * (Unsprung(on.FrontRotor) - Unsprung(plan.FrontRotor)), 1), []);
        return judged with { Reasons = fitted is null ? [] : Reasons.Of(fitted, judged, on) };
    }

    /// <summary>Judges a setup; null where its day leads out of the model's range.</summary>
    public Suggestion? Known(Setup setup, Suggestion fitted)
    {
        try
        {
            return Judge(setup, fitted);
        }
        catch (BeyondModelException)
        {
            return null;
        }
    }

    private static double ChanceOf(Limit limit, PredictionPlan on, DayRun run, Spread vapour)
    {
        if (limit.Code is "front-wear" or "rear-wear")
        {
            var front = limit.Code == "front-wear";
            var brake = front ? on.Car.Front : on.Car.Rear;
            var start = (front ? on.FrontPadMm : on.RearPadMm) ?? brake.PadNewMm;
            var worn = (front ? run.Front : run.Rear).WornMm3[Middle] / (2 * brake.Discs * brake.PadAreaCm2 * 100);
            return ScreenChance.WearsThrough(worn, start - brake.PadLimitMm);
        }

        if (limit is not { Margin: { } margin, Demand: not null })
        {
            return 0;
        }

        var sigma = ((limit.DemandHigh ?? 0) - (limit.DemandLow ?? 0)) / ScreenChance.EightTenthsWidth;
        var capacity = limit.Code is "front-fluid" or "rear-fluid" or "line-fluid" ? (vapour.P90 - vapour.P10) / ScreenChance.EightTenthsWidth
            : limit.Code is "front-pad-hot" && on.FrontPad.Basis == Friction.ChartBasis.Unknown || limit.Code is "rear-pad-hot" && on.RearPad.Basis == Friction.ChartBasis.Unknown ? PriorSpread.ChartBasisK : 0;
        return limit.Code == "street-cold" ? (limit.Gives ? 1 : 0) : ScreenChance.Exceeds(-margin, 0, Math.Sqrt((sigma * sigma) + (capacity * capacity)));
    }

    private static double ShareOf(PredictionPlan on, DayRun run)
    {
        var perPascal = ColdStop.TorquePerPascal(on);
        double Mean(Func<StopRecord, double> of) => run.Stops.Count == 0 ? 0.4 : run.Stops.Average(of);
        return BrakeBalance.HydraulicFrontShare(perPascal.Front, perPascal.Rear, on.Car.Front.DiscMu(Mean(stop => stop.FrontMu[Middle])), on.Car.Rear.DiscMu(Mean(stop => stop.RearMu[Middle])));
    }

    private static EnergyShares Energy(PredictionPlan on, DayRun run)
    {
        var sum = new EnergyHistogram();
        foreach (var phase in run.Phases)
        {
            sum.Add(phase.FrontEnergy);
        }

        var band = Friction.PadTables.Of(on.FrontPad).Band;
        var above = sum.ShareAbove(band.ToC, Middle);
        var below = 1 - sum.ShareAbove(band.FromC, Middle);
        var mus = run.Stops.Select(stop => stop.FrontMu[Middle]).ToList();
        var mean = mus.Count == 0 ? 0 : mus.Average();
        var spread = mus.Count == 0 ? 0 : Math.Sqrt(mus.Average(mu => (mu - mean) * (mu - mean)));
        return new EnergyShares(Math.Round(1 - above - below, 3), Math.Round(below, 3), Math.Round(above, 3), Math.Round(mean, 3), Math.Round(spread, 3));
    }

    /// <summary>Ring and hat: an iron hat weighs 0.3 of its ring, an aluminium one 0.15 (engineering judgement, +-0.05).</summary>
    private static double Unsprung(Rotor rotor) => rotor.MassKg() + (rotor.HatReferenceKg() * (rotor.Construction == RotorConstruction.TwoPiece ? 0.15 : 0.3));

    private List<EventDay> Season(Setup setup, PredictionPlan on, DayRun run)
    {
        double Peak(int member) => run.Phases.Max(phase => Math.Max(phase.Peak[(int)BrakePart.FrontFluid][member], phase.Peak[(int)BrakePart.RearFluid][member]));
        var demand = new Spread(Math.Round(Math.Min(Peak(1), Peak(2)), 1), Math.Round(Peak(Middle), 1), Math.Round(Math.Max(Peak(1), Peak(2)), 1));
        // Fluid that stays in starts the season as old as it is; new fluid starts it new.
        var atStart = setup.Fluid.Id == Setup.FittedId ? on.FluidState : on.FluidState with { AgeMonths = 0 };
        var fresh = wishes.FreshFluidEachEvent && setup.Fluid.Id != Setup.FittedId;
        return [.. FluidSeason.Days(on.Fluid, atStart, fresh, wishes.EventsAYear, on.Circuit.AltitudeM).Select(then =>
        {
            var sigma = Math.Sqrt(Square((demand.P90 - demand.P10) / ScreenChance.EightTenthsWidth) + Square((then.VapourC.P90 - then.VapourC.P10) / ScreenChance.EightTenthsWidth));
            return new EventDay(then, demand, Math.Round(then.VapourC.P50 - demand.P50, 1), Math.Round(ScreenChance.Exceeds(demand.P50, then.VapourC.P50, sigma), 3));
        })];

        static double Square(double value) => value * value;
    }
}
