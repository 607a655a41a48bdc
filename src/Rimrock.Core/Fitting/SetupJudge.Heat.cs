using Rimrock.Core.Driving;
using Rimrock.Core.Limits;
using Rimrock.Core.Numerics;
using Rimrock.Core.Runs;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Fitting;

/// <summary>What a setup's days are in the middle of the band.</summary>
internal sealed partial class SetupJudge
{
    private DayRun Run(PredictionPlan on) => Run(on, day);

    private static DayRun Run(PredictionPlan on, Day day)
    {
        var run = new DayRun(on, Members, demands: true);
        foreach (var phase in day.Phases)
        {
            run.Run(phase);
        }

        return run;
    }

    /// <summary>What of a setup's day no fluid and no hose moves; null where it leads out of the model's range.</summary>
    private Heated? Heat(PredictionPlan on)
    {
        var run = Run(on);
        if (!ModelEnds.IsWithin(on, run, Middle))
        {
            return null;
        }

        var pedal = ColdStop.EverydayPedalN(on);
        ColdStopResult[] cold = [ColdStop.Compare(on, 50, 5, pedal), ColdStop.Compare(on, 100, 5, pedal), ColdStop.Compare(on, 100, 5, LegForce.PanicN)];
        var over = run.Phases.Max(phase => phase.Shape.FaceOverMeanK[Middle]);
        var hours = day.DrivenHours();
        var scrape = on.FrontRotor.Finish?.PadWearFactor() ?? 1;
        return new Heated(cold, StreetManners.Of(cold[0].Metres.P50 - cold[0].OriginalMetres, on.FrontPad, on.RearPad, wishes, on.RoadShare(),
            on.FrontRotor.Finish?.HumPoints() ?? 0), over,
            new HourlyWear(run.Front.WornMm3[Middle] * scrape / hours, run.Rear.WornMm3[Middle] / hours,
                run.Front.EnergyJ[Middle] / (on.Car.Front.Discs * hours), over, run.Front.BurntShare[Middle] / hours,
                run.Rear.EnergyJ[Middle] / (on.Car.Rear.Discs * hours), run.Rear.BurntShare[Middle] / hours)
            { Learnt = wears.GetOrAdd(belief.KeyOf(on), _ => belief.WearOf(on)) }, Others(on, scrape), ShareOf(on, run));
    }

    // Slots have something to clear where the pad is worked against the clock, twice as much in rain, and nothing on the road (common practice).
    private static double SlotPoints(PredictionPlan on) => on.RoadShare() >= 1 ? 0
        : (on.Weather.Rain ? 2 : 1) * (on.FrontRotor.Finish?.BitePoints() ?? 0);

    // What the year's other kinds of day wear, in the middle of the band; null where the plan has one kind.
    private YearlyWear? Others(PredictionPlan on, double scrape)
    {
        var sum = new YearlyWear(0, 0, 0);
        for (var i = 0; i < year.Days.Count; i++)
        {
            if (!ReferenceEquals(year.Days[i], day))
            {
                var (planned, run) = (on.Planned()[i], new DayRun(on.On(on.Planned()[i]), [CarFactors.Median]));
                foreach (var phase in year.Days[i].Phases)
                {
                    run.Run(phase);
                }

                var times = planned.DaysAYear;
                sum = new YearlyWear(sum.FrontPadMm3 + (times * run.Front.WornMm3[Middle] * scrape), sum.RearPadMm3 + (times * run.Rear.WornMm3[Middle]),
                    sum.FrontDiscJ + (times * run.Front.EnergyJ[Middle] / on.Car.Front.Discs),
                    sum.RearDiscJ + (times * run.Rear.EnergyJ[Middle] / on.Car.Rear.Discs));
            }
        }

        return year.Days.Count > 1 ? sum : null;
    }

    private static double ShareOf(PredictionPlan on, DayRun run)
    {
        var perPascal = ColdStop.TorquePerPascal(on);
        double Mean(Func<StopRecord, double> of) => run.Stops.Count == 0 ? 0.4 : run.Stops.Average(of);
        return BrakeBalance.HydraulicFrontShare(perPascal.Front, perPascal.Rear, on.Car.Front.DiscMu(Mean(stop => stop.FrontMu[Middle])),
            on.Car.Rear.DiscMu(Mean(stop => stop.RearMu[Middle])));
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
}
