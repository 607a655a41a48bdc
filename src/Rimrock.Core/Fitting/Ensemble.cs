using Rimrock.Core.Beliefs;
using Rimrock.Core.Driving;
using Rimrock.Core.Judgement;
using Rimrock.Core.Numerics;
using Rimrock.Core.Runs;

namespace Rimrock.Core.Fitting;

/// <summary>
/// The honest answer: the same plan for 256 members of what is believed (low-discrepancy, the same every time). Bands are
/// P10, P50, P90 over members; chances are the judgement's (<see cref="Judge"/>) on the same runs;
/// contributions are squared rank correlations between a factor and a margin.
/// </summary>
public static class Ensemble
{
    /// <summary>Runs an ensemble.</summary>
    /// <param name="plan">The plan.</param>
    /// <param name="belief">What is believed about the car; null for the prior.</param>
    /// <param name="laid">The plan's day where it has been laid out already; parts do not change it.</param>
    /// <param name="settle">False to leave out the further members that a small danger asks for: the answer says that it is unsettled.</param>
    /// <param name="cancel">Stops between stretches of the day.</param>
    /// <exception cref="InputFaultException">Everything that is wrong with the plan.</exception>
    /// <exception cref="BeyondModelException">The band would lie out of the model's range.</exception>
    public static BandResult Run(PredictionPlan plan, Population? belief = null, Day? laid = null, bool settle = true, CancellationToken cancel = default)
    {
        ArgumentNullException.ThrowIfNull(plan);
        InputFaultException.ThrowIfAny(plan.Faults());
        var day = laid ?? new Day(plan);
        var population = belief ?? Population.Prior;
        var scores = population.Scores;
        var reader = new LimitReader([plan], scores.Length);
        var layers = Strata.LayerParts.ToDictionary(part => part, _ => new float[scores.Length]);
        float[][]? tracks = null;
        double[] times = [];
        var gate = new Lock();
        var ends = new ModelEnds.Tally(plan);
        MemberRuns.Each(day.Track, plan, scores, (run, places, cars) =>
        {
            ends.Add(run, [.. places.Select(same => same.Sum(member => population.Weights[member]))]);
            reader.Read(run, places, cars);
            for (var lane = 0; lane < places.Length; lane++)
            {
                foreach (var (part, peaks) in layers)
                {
                    var peak = (float)run.Phases.Max(phase => MemberLanes.At(in phase.Peak[(int)Strata.PeakPart(part)], lane));
                    foreach (var member in places[lane])
                    {
                        peaks[member] = peak;
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
        var judged = reader.Judged(population)[0];
        judged = settle ? Judge.Settled(judged, day, cancel) : judged;

        // What is drawn is drawn by members of one weight.
        var picks = population.EqualWeights ? null : population.Picks();
        var ranks = new FactorRanks(picks is null ? scores : [.. picks.Select(member => scores[member])]);
        var limitBands = new LimitBand[judged.Rows.Count];
        Parallel.For(0, limitBands.Length, i =>
        {
            limitBands[i] = LimitBandOf(judged, i, ranks, picks);
        });
        return new BandResult(judged.Members, Math.Round(judged.EffectiveMembers, 1), times,
            [.. DayRun.Sampled.Select((part, p) => Band(part, tracks![p], scores.Length, picks))],
            [.. layers.Select(layer => PeakBandOf(layer.Key, Picked(layer.Value, picks)))],
            [.. limitBands.OrderByDescending(limit => limit.Harm).ThenByDescending(limit => limit.Chance.Share)
                .ThenBy(limit => limit.Code, StringComparer.Ordinal)], edges,
            judged.Danger, judged.Damage, FittedVerdict.Of(judged), FittedVerdict.Names(judged), FittedVerdict.LookedAt, !settle && judged.Unsettled);
    }

    private static float[] Picked(float[] values, int[]? picks) => picks is null ? values : [.. picks.Select(member => values[member])];

    private static PeakBand PeakBandOf(BrakePart part, float[] peaks)
    {
        var band = Quantiles.Band(peaks);
        return new PeakBand(part, Math.Round(band.P10, 1), Math.Round(band.P50, 1), Math.Round(band.P90, 1));
    }

    private static PartBand Band(BrakePart part, float[] track, int members, int[]? picks)
    {
        // Whole degrees: finer than any drawing shows.
        var count = track.Length / members;
        int[] low = new int[count], middle = new int[count], high = new int[count];
        Parallel.For(0, count, i =>
        {
            var row = track.AsSpan(i * members, members);
            var band = Quantiles.Band(picks is null ? row : Picked(row.ToArray(), picks));
            low[i] = (int)Math.Round(band.P10);
            middle[i] = (int)Math.Round(band.P50);
            high[i] = (int)Math.Round(band.P90);
        });
        return new PartBand(part, low, middle, high);
    }

    private static LimitBand LimitBandOf(JudgedDay judged, int place, FactorRanks ranks, int[]? picks)
    {
        var row = judged.Rows[place];
        var chance = judged.Of(row.Code)!;
        var demand = judged.Demand(row.Code);
        var margins = judged.Course(place).Margins;
        return new LimitBand(row.Code, row.HarmOf(judged.Plan), chance, chance.WorthTelling(row.HarmOf(judged.Plan)), demand?.P10, demand?.P50, demand?.P90,
            judged.When(row.Code),
            demand is null ? [] : ranks.Contributions(picks is null ? margins : [.. picks.Select(member => margins[member])]));
    }
}
