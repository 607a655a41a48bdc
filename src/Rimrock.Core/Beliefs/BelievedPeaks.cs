using Rimrock.Core.Driving;
using Rimrock.Core.Numerics;
using Rimrock.Core.Runs;

namespace Rimrock.Core.Beliefs;

/// <summary>How hot parts are believed to get on a day: only the peaks, for pages that ask about many days.</summary>
public static class BelievedPeaks
{
    /// <summary>Peaks of parts over a day, by a belief.</summary>
    /// <param name="plan">A plan without faults.</param>
    /// <param name="belief">What is believed.</param>
    /// <param name="parts">Parts asked about.</param>
    /// <param name="cancel">Stops between stretches.</param>
    public static IReadOnlyList<Spread> Of(PredictionPlan plan, Population belief, IReadOnlyList<BrakePart> parts, CancellationToken cancel = default)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(belief);
        ArgumentNullException.ThrowIfNull(parts);
        var peaks = parts.Select(_ => new float[belief.Scores.Length]).ToArray();
        var ends = new ModelEnds.Tally(plan);
        MemberRuns.Each(new Day(plan).Phases, plan, belief.Scores, (run, places, _) =>
        {
            ends.Add(run, [.. places.Select(same => same.Sum(member => belief.Weights[member]))]);
            for (var lane = 0; lane < places.Length; lane++)
            {
                for (var part = 0; part < parts.Count; part++)
                {
                    var peak = (float)run.Phases.Max(phase => phase.Peak[(int)parts[part]][lane]);
                    foreach (var member in places[lane])
                    {
                        peaks[part][member] = peak;
                    }
                }
            }
        }, cancel);
        ends.Edges();
        return [.. peaks.Select(values => Quantiles.Weighted(values, belief.Weights))];
    }
}
