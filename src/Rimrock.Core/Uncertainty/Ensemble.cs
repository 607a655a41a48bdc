using Rimrock.Core.Limits;
using Rimrock.Core.Matching;
using Rimrock.Core.Numerics;
using Rimrock.Core.Prediction;
using Rimrock.Core.Quantities;

namespace Rimrock.Core.Uncertainty;

/// <summary>
/// The honest answer: the same plan for 256 members of what is believed (low-discrepancy, the same every time). Bands are
/// P10, P50, P90 over members; a probability is the share of members in which a limit gives, with its sampling error;
/// contributions are squared rank correlations between a factor and a margin.
/// </summary>
public static class Ensemble
{
    // No more threads than cores: one that stands back must not make the pool start another that stands back too.
    private static readonly ParallelOptions Cores = new() { MaxDegreeOfParallelism = Environment.ProcessorCount };

    /// <summary>Runs an ensemble.</summary>
    /// <param name="plan">The plan.</param>
    /// <param name="belief">What is believed about the car; null for the prior.</param>
    /// <param name="laid">The plan's day where it has been laid out already; parts do not change it.</param>
    /// <param name="cancel">Stops between stretches of the day.</param>
    /// <exception cref="InputFaultException">Everything that is wrong with the plan.</exception>
    /// <exception cref="BeyondModelException">The band would lie out of the model's range.</exception>
    public static BandResult Run(PredictionPlan plan, Population? belief = null, Day? laid = null, CancellationToken cancel = default)
    {
        ArgumentNullException.ThrowIfNull(plan);
        InputFaultException.ThrowIfAny(plan.Faults());
        var day = laid ?? new Day(plan);
        var population = belief ?? Population.Prior;
        var scores = population.EffectiveSize() < population.Scores.Length - 0.5 ? population.Resampled().Scores : population.Scores;
        var coldStops = new Lazy<ColdStopResult[]>(() => ColdStop.ComparedAtEverydayPedal(plan));
        var rows = LimitTable.Of(plan);
        var limits = new Reading[scores.Length][];
        var layers = Strata.LayerParts.ToDictionary(part => part, _ => new float[scores.Length]);
        float[][]? tracks = null;
        double[] times = [];
        var gate = new Lock();
        var ends = new ModelEnds.Tally(plan);
        MemberRuns.Each(day.Track, plan, scores, (run, places, cars) =>
        {
            ends.Add(run, [.. places.Select(same => (double)same.Length)]);
            Precedence.StandBack();
            for (var lane = 0; lane < places.Length; lane++)
            {
                var day_ = MemberDay.Of(plan, run, lane, cars[lane], coldStops.Value);
                Reading[] found = [.. rows.Select(row => row.Read(day_))];
                foreach (var member in places[lane])
                {
                    limits[member] = found;
                    foreach (var (part, peaks) in layers)
                    {
                        peaks[member] = (float)run.Phases.Max(phase => MemberLanes.At(in phase.Peak[(int)Strata.PeakPart(part)], lane));
                    }
                }
            }

            lock (gate)
            {
                tracks ??= [.. DayRun.Sampled.Select(_ => new float[run.SampleTimesS.Count * scores.Length])];
                times = [.. run.SampleTimesS];
            }

            for (var part = 0; part < DayRun.Sampled.Length; part++)
            {
                for (var i = 0; i < run.SampleTimesS.Count; i++)
                {
                    var sample = run.Sample(i, part);
                    var row = tracks[part].AsSpan(i * scores.Length, scores.Length);
                    for (var lane = 0; lane < places.Length; lane++)
                    {
                        foreach (var member in places[lane])
                        {
                            row[member] = (float)sample[lane];
                        }
                    }
                }
            }
        }, cancel);
        var edges = ends.Edges();
        var ranks = new FactorRanks(scores);

        // Every member has the same limits in the same order.
        var limitBands = new LimitBand[rows.Count];
        Parallel.For(0, limitBands.Length, Cores, i =>
        {
            Precedence.StandBack();
            limitBands[i] = LimitBandOf(rows[i].Code, [.. limits.Select(all => all[i])], ranks);
        });
        return new BandResult(scores.Length, Math.Round(population.EffectiveSize(), 1), times,
            [.. DayRun.Sampled.Select((part, p) => Band(part, tracks![p], scores.Length))],
            [.. layers.Select(layer => PeakBandOf(layer.Key, layer.Value))],
            [.. limitBands.OrderBy(limit => limit.Code, StringComparer.Ordinal)], edges);
    }

    private static PeakBand PeakBandOf(BrakePart part, float[] peaks)
    {
        var band = Quantiles.Band(peaks);
        return new PeakBand(part, Math.Round(band.P10, 1), Math.Round(band.P50, 1), Math.Round(band.P90, 1));
    }

    private static PartBand Band(BrakePart part, float[] track, int members)
    {
        // Whole degrees: finer than any drawing shows.
        var count = track.Length / members;
        int[] low = new int[count], middle = new int[count], high = new int[count];
        Parallel.For(0, count, Cores, i =>
        {
            Precedence.StandBack();
            var band = Quantiles.Band(track.AsSpan(i * members, members));
            low[i] = (int)Math.Round(band.P10);
            middle[i] = (int)Math.Round(band.P50);
            high[i] = (int)Math.Round(band.P90);
        });
        return new PartBand(part, low, middle, high);
    }

    private static LimitBand LimitBandOf(string code, Reading[] members, FactorRanks ranks)
    {
        var giving = members.Where(limit => limit.Gives).Select(limit => limit.When!).OrderBy(when => (when.Session, when.Lap)).ToArray();
        var share = (double)giving.Length / members.Length;
        var error = Math.Sqrt(share * (1 - share) / members.Length);
        var demands = members.Select(limit => limit.Demand).ToArray();
        if (demands.Any(double.IsNaN))
        {
            return new LimitBand(code, share, error, null, null, null, null, []);
        }

        var band = Quantiles.Band([.. demands.Select(demand => (float)demand)]);
        var margins = members.Select(limit => limit.Margin).ToArray();
        return new LimitBand(code, share, error, Math.Round(band.P10, 1), Math.Round(band.P50, 1), Math.Round(band.P90, 1),
            giving.Length == 0 ? null : giving[giving.Length / 2], ranks.Contributions(margins));
    }
}
