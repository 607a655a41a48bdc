using Rimrock.Core.Matching;
using Rimrock.Core.Numerics;
using Rimrock.Core.Prediction;
using Rimrock.Core.Quantities;

namespace Rimrock.Core.Uncertainty;

/// <summary>
/// The honest answer: the same plan for 256 members of the prior (low-discrepancy, the same every time). Bands are P10, P50, P90 over members; a probability is the share of members in which a limit gives, with its
/// sampling error; contributions are squared rank correlations between a factor and a demand.
/// </summary>
public static class Ensemble
{
    /// <summary>Members of an ensemble.</summary>
    public const int Members = KorobovLattice.Count;


    /// <summary>Runs an ensemble.</summary>
    /// <param name="plan">The plan.</param>
    /// <param name="cancel">Stops between groups of members.</param>
    /// <exception cref="InputFaultException">Everything that is wrong with the plan.</exception>
    public static BandResult Run(PredictionPlan plan, CancellationToken cancel = default)
    {
        ArgumentNullException.ThrowIfNull(plan);
        InputFaultException.ThrowIfAny(plan.Faults());
        var day = new Day(plan);
        var scores = Scores();
        var cars = scores.Select(Member).ToArray();
        var coldStops = ColdStop.ComparedAtEverydayPedal(plan);
        var limits = new IReadOnlyList<Limit>[Members];
        float[][][]? tracks = null;
        double[] times = [];
        var gate = new Lock();
        Parallel.For(0, Members / MemberLanes.Count, new ParallelOptions { CancellationToken = cancel }, group =>
        {
            var run = new DayRun(plan, cars[(group * MemberLanes.Count)..((group + 1) * MemberLanes.Count)], demands: false);
            foreach (var phase in day.Track)
            {
                run.Run(phase);
            }

            for (var lane = 0; lane < MemberLanes.Count; lane++)
            {
                var car = cars[(group * MemberLanes.Count) + lane];
                var fluid = Predictor.FluidOf(plan, car.WaterRate, car.BoilingDecay);
                limits[(group * MemberLanes.Count) + lane] = LimitFinder.Find(plan, run, fluid, coldStops, lane);
            }

            lock (gate)
            {
                tracks ??= [.. DayRun.Sampled.Select(_ => Enumerable.Range(0, run.Samples.Count).Select(_ => new float[Members]).ToArray())];
                times = [.. run.SampleTimesS];
            }

            for (var part = 0; part < DayRun.Sampled.Count; part++)
            {
                for (var i = 0; i < run.Samples.Count; i++)
                {
                    for (var lane = 0; lane < MemberLanes.Count; lane++)
                    {
                        tracks[part][i][(group * MemberLanes.Count) + lane] = (float)run.Samples[i][part][lane];
                    }
                }
            }
        });
        return new BandResult(Members, times,
            [.. DayRun.Sampled.Select((part, p) => Band(part, tracks![p]))],
            [.. limits[0].Select(limit => limit.Code).Order(StringComparer.Ordinal).Select(code => LimitBandOf(code, [.. limits.Select(all => all.First(limit => limit.Code == code))], scores))]);
    }

    /// <summary>Standard normal scores: one row a member, one column a factor.</summary>
    public static double[][] Scores() =>
        [.. KorobovLattice.Points(PriorFactor.All.Count).Select(point => point.Select(NormalQuantile.At).ToArray())];

    /// <summary>The member of a row of scores.</summary>
    public static CarFactors Member(double[] scores)
    {
        ArgumentNullException.ThrowIfNull(scores);
        var car = CarFactors.Median;
        for (var i = 0; i < scores.Length; i++)
        {
            car = PriorFactor.All[i].Move(car, scores[i]);
        }

        return car;
    }

    private static PartBand Band(BrakePart part, float[][] samples)
    {
        double[] low = new double[samples.Length], middle = new double[samples.Length], high = new double[samples.Length];
        Parallel.For(0, samples.Length, i =>
        {
            var band = Quantiles.Band(samples[i]);
            low[i] = Math.Round(band.P10, 1);
            middle[i] = Math.Round(band.P50, 1);
            high[i] = Math.Round(band.P90, 1);
        });
        return new PartBand(part, low, middle, high);
    }

    private static LimitBand LimitBandOf(string code, Limit[] members, double[][] scores)
    {
        var giving = members.Where(limit => limit.Gives).Select(limit => limit.When!).OrderBy(when => (when.Session, when.Lap)).ToArray();
        var share = (double)giving.Length / members.Length;
        var demands = members.Select(limit => limit.Demand ?? double.NaN).ToArray();
        if (demands.Any(double.IsNaN))
        {
            return new LimitBand(code, share, Math.Sqrt(share * (1 - share) / members.Length), null, null, null, null, []);
        }

        var band = Quantiles.Band([.. demands.Select(demand => (float)demand)]);
        var margins = members.Select(limit => limit.Margin ?? 0).ToArray();
        return new LimitBand(code, share, Math.Sqrt(share * (1 - share) / members.Length),
            Math.Round(band.P10, 1), Math.Round(band.P50, 1), Math.Round(band.P90, 1),
            giving.Length == 0 ? null : giving[giving.Length / 2], Contribution.Rank(margins, scores));
    }
}
