using Rimrock.Core.Numerics;

namespace Rimrock.Core.Beliefs;

/// <summary>
/// How likely all that was seen is together: readings that share an error are no independent witnesses. What a kind of instrument shares is integrated over,
/// within it what a part on a day shares (in closed form for readings, on a grid for several intervals). Logarithms are 0 for a perfect match.
/// </summary>
internal sealed class JointEvidence
{
    // A grid of a quarter of a standard deviation to three of them: the trapezium rule is exact to 1e-3 for normal densities no narrower than half a step.
    private const double ReachSigmas = 3;
    private const double StepSigmas = 0.25;
    private static readonly double[] Nodes = [.. Enumerable.Range(0, (int)(2 * ReachSigmas / StepSigmas) + 1).Select(i => -ReachSigmas + (i * StepSigmas))];
    private static readonly double[] LogWeights = Normal(Nodes);
    private readonly (Observation Seen, EvidenceError Error, int Place)[][][] instruments;
    private readonly double perfect;
    private readonly Sharing?[] shared;

    /// <summary>Sorts what was seen by instrument, part and day; pedals are not measured and have their own law.</summary>
    /// <param name="days">For each day what was seen on it, in the order of the predictions.</param>
    public JointEvidence(IReadOnlyList<IReadOnlyList<Observation>> days)
    {
        var all = days.SelectMany((day, d) => day.Select(seen => (Day: d, Seen: seen))).Select((one, place) => (one.Day, one.Seen, place))
            .Where(one => one.Seen.Kind != ObservationKind.PedalSoft);
        instruments = [.. all.GroupBy(one => InstrumentOf(one.Seen.Kind)).Select(instrument => instrument
            .GroupBy(one => (one.Day, one.Seen.Kind, one.Seen.Rear))
            .Select(group => group.Select(one => (one.Seen, EvidenceError.Of(one.Seen), one.place)).ToArray()).ToArray())];
        var matching = new double[days.Sum(day => day.Count)];
        foreach (var (seen, error, place) in instruments.SelectMany(groups => groups).SelectMany(group => group))
        {
            matching[place] = Matching(seen, error);
        }

        perfect = Sum(place => matching[place]);
        shared = new Sharing?[matching.Length];
        for (var instrument = 0; instrument < instruments.Length; instrument++)
        {
            for (var group = 0; group < instruments[instrument].Length; group++)
            {
                foreach (var (_, error, place) in instruments[instrument][group])
                {
                    shared[place] = new Sharing(instrument, group, error);
                }
            }
        }
    }

    /// <summary>Log-likelihood of all that was measured for one member.</summary>
    /// <param name="predicted">What it predicts, by place.</param>
    public double Log(Func<int, double> predicted) => Math.Min(0, Sum(predicted) - perfect);

    /// <summary>The variance that the errors of two observations share; of one with itself all that it shares with any.</summary>
    public double Shared(int place, int other)
    {
        var (one, two) = (shared[place], shared[other]);
        return one is null || two is null || one.Instrument != two.Instrument ? 0
            : (one.Error.Instrument * two.Error.Instrument) + (one.Group == two.Group ? one.Error.PartAndDay * two.Error.PartAndDay : 0);
    }

    private sealed record Sharing(int Instrument, int Group, EvidenceError Error);

    private static ObservationKind InstrumentOf(ObservationKind kind) => kind == ObservationKind.CaliperPeak ? ObservationKind.RotorPeak : kind;

    private static double Matching(Observation seen, EvidenceError error) => seen.IsInterval()
        ? seen is { AboveC: { } above, BelowC: { } below } ? 0.5 * (above + below)
            : seen.AboveC is { } least ? least + (10 * error.Total) : (seen.BelowC ?? 0) - (10 * error.Total)
        : (seen.Value ?? 0) - error.Bias;

    private double Sum(Func<int, double> predicted)
    {
        var log = 0.0;
        foreach (var groups in instruments)
        {
            var shared = groups[0][0].Error;
            log += groups.Length == 1
                ? Group(groups[0], predicted, 0, Math.Sqrt((shared.PartAndDay * shared.PartAndDay) + (shared.Instrument * shared.Instrument)))
                : Over(shared.Instrument, shift => groups.Sum(group => Group(group, predicted, shift, shared.PartAndDay)));
        }

        return log;
    }

    /// <summary>Log-likelihood of what was seen of one part on one day, all shifted alike and by what they share.</summary>
    private static double Group((Observation Seen, EvidenceError Error, int Place)[] group, Func<int, double> predicted, double shift, double shared)
    {
        if (!group[0].Seen.IsInterval())
        {
            return Readings(group, predicted, shift, shared);
        }

        if (group is [var (seen, error, place)])
        {
            // What both edges share leaves the width of the interval as it is.
            var (at, sigma) = (predicted(place) + shift, Math.Sqrt((error.Own * error.Own) + (shared * shared)));
            var below = seen.BelowC is { } high ? NormalDistribution.Below((high - at) / sigma) : 1;
            var tooLow = seen.AboveC is { } low ? NormalDistribution.Below((low - at) / sigma) : 0;
            return Math.Log(Math.Max(1e-300, below - tooLow));
        }

        return Over(shared, more => group.Sum(one => Interval(one.Seen, one.Error.Own, predicted(one.Place) + shift + more)));
    }

    private static double Interval(Observation seen, double own, double at)
    {
        var above = seen.AboveC is { } low ? NormalDistribution.Below((at - low) / own) : 1;
        var below = seen.BelowC is { } high ? NormalDistribution.Below((high - at) / own) : 1;
        return Math.Log(Math.Max(1e-300, above * below));
    }

    /// <summary>Normal errors, of which one is shared: the determinant and the inverse of a diagonal plus a constant (Sherman and Morrison).</summary>
    private static double Readings((Observation Seen, EvidenceError Error, int Place)[] group, Func<int, double> predicted, double shift, double shared)
    {
        double squares = 0, pull = 0, weight = 0;
        foreach (var (seen, error, place) in group)
        {
            var off = seen.Value is { } value ? value - (predicted(place) + error.Bias + shift) : 0;
            var perVariance = 1 / (error.Own * error.Own);
            (squares, pull, weight) = (squares + (off * off * perVariance), pull + (off * perVariance), weight + perVariance);
        }

        var variance = shared * shared;
        return (-0.5 * (squares - (variance * pull * pull / (1 + (variance * weight))))) - (0.5 * Math.Log(1 + (variance * weight)));
    }

    private static double Over(double sigma, Func<double, double> log)
    {
        if (sigma <= 0)
        {
            return log(0);
        }

        Span<double> logs = stackalloc double[Nodes.Length];
        var most = double.NegativeInfinity;
        for (var i = 0; i < Nodes.Length; i++)
        {
            logs[i] = LogWeights[i] + log(sigma * Nodes[i]);
            most = Math.Max(most, logs[i]);
        }

        var sum = 0.0;
        foreach (var one in logs)
        {
            sum += Math.Exp(one - most);
        }

        return most + Math.Log(sum);
    }

    private static double[] Normal(double[] nodes)
    {
        double[] density = [.. nodes.Select(z => Math.Exp(-0.5 * z * z))];
        var sum = density.Sum();
        return [.. density.Select(one => Math.Log(one / sum))];
    }
}
