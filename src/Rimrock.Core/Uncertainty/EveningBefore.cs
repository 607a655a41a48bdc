using Rimrock.Core.Numerics;
using Rimrock.Core.Prediction;

namespace Rimrock.Core.Uncertainty;

/// <summary>
/// What was believed on the evening before each of a row of days: the prior's members, weighted by what the days before had shown. One run a day,
/// without drawing new members: enough for a look back, where <see cref="Learning"/> would run the same days again and again.
/// </summary>
public static class EveningBefore
{
    /// <summary>A part's peak of each day, as believed before that day.</summary>
    /// <param name="days">Days in order, each with its observations.</param>
    /// <param name="part">The part.</param>
    /// <param name="progress">Told the share done after each day.</param>
    /// <param name="cancel">Stops between stretches.</param>
    public static IReadOnlyList<Spread> PeaksOf(IReadOnlyList<EvidenceDay> days, BrakePart part, Action<double>? progress = null, CancellationToken cancel = default)
    {
        ArgumentNullException.ThrowIfNull(days);
        var members = Population.Prior.Scores.Length;
        var log = new double[members];
        var said = new List<Spread>();
        foreach (var day in days)
        {
            var peaks = new float[members];
            var seen = new double[members];
            MemberRuns.Each(new Day(day.Plan).Track, day.Plan, Population.Prior.Scores, (run, places, cars) =>
            {
                for (var lane = 0; lane < places.Length; lane++)
                {
                    var peak = (float)run.Phases.Max(phase => phase.Peak[(int)part][lane]);
                    var likelihood = day.Observations.Sum(observation => ObservationModel.LogLikelihood(observation, day.Plan, run, lane, cars[lane]));
                    foreach (var member in places[lane])
                    {
                        (peaks[member], seen[member]) = (peak, likelihood);
                    }
                }
            }, cancel);
            said.Add(Quantiles.Weighted(peaks, Learning.Normalized(log)));
            for (var member = 0; member < members; member++)
            {
                log[member] += seen[member];
            }

            progress?.Invoke((double)said.Count / days.Count);
        }

        return said;
    }
}
