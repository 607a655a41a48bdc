using Rimrock.Core.Driving;

namespace Rimrock.Core.Runs;

/// <summary>Holds runs against the ends of the model, see <see cref="ModelEnd"/>.</summary>
public static class ModelEnds
{
    /// <summary>Share of members beyond an end from which the middle of the band itself lies beyond it.</summary>
    private const double Middle = 0.5;

    /// <summary>Share from which its upper edge (P90) does.</summary>
    private const double UpperEdge = 0.1;

    /// <summary>Refuses a run whose member passes an end.</summary>
    /// <exception cref="BeyondModelException">It does.</exception>
    public static void ThrowIfPassed(PredictionPlan plan, DayRun run, int member)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(run);
        for (var end = 0; end < ModelEnd.All.Count; end++)
        {
            if (Passes(plan, run, end, member))
            {
                throw Beyond(plan, end);
            }
        }
    }

    /// <summary>True where a run's member stays where the laws hold.</summary>
    public static bool IsWithin(PredictionPlan plan, DayRun run, int member)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(run);
        return !Enumerable.Range(0, ModelEnd.All.Count).Any(end => Passes(plan, run, end, member));
    }

    /// <summary>What is to be said of a band whose edge lies beyond an end: it is drawn to there and no further.</summary>
    public static IEnumerable<Said> EdgesPassed(PredictionPlan plan, DayRun run, params int[] members)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(run);
        ArgumentNullException.ThrowIfNull(members);
        return Enumerable.Range(0, ModelEnd.All.Count).Where(end => members.Any(member => Passes(plan, run, end, member))).Select(end => EdgeOf(plan, end));
    }

    private static Said EdgeOf(PredictionPlan plan, int end) =>
        Said.Of("model-ends.beyond-model-upper-edge", ModelEnd.All[end].Name, Units.C(ModelEnd.All[end].EndC(plan)));

    // A run keeps no temperature beyond an end, only that it was reached.
    private static bool Passes(PredictionPlan plan, DayRun run, int end, int member, Axles<Lane>? heldJ = null)
    {
        var (part, _, endC) = ModelEnd.All[end];
        var stored = heldJ ?? new(run.Front.Wheel.StoredJ(), run.Rear.Wheel.StoredJ());
        var endsC = endC(plan);
        return !double.IsFinite(stored[(int)part % 2 == 1 ? Axle.Rear : Axle.Front][member])
            || run.Phases.Exists(phase => !(phase.Peak[(int)part][member] < endsC));
    }

    private static BeyondModelException Beyond(PredictionPlan plan, int end)
    {
        var (_, name, endC) = ModelEnd.All[end];
        var limit = Said.Of("model-ends.figure", Units.C(endC(plan)));
        return new BeyondModelException([new InputFault(FieldOf(ModelEnd.All[end].Part), Said.Of("model-ends.beyond-model"), Said.Of("model-ends.up", limit),
            Said.Of("model-ends.would-pass-where-laws", name, limit))]);
    }

    // As parts are written in every answer.
    private static string FieldOf(BrakePart part) => char.ToLowerInvariant($"{part}"[0]) + $"{part}"[1..];

    /// <summary>Counts members beyond the ends over many runs; may be told from several threads.</summary>
    /// <param name="plan">The plan.</param>
    public sealed class Tally(PredictionPlan plan)
    {
        private readonly double[] beyond = new double[ModelEnd.All.Count];
        private readonly Lock gate = new();
        private double all;

        /// <summary>Counts a run's members.</summary>
        /// <param name="run">The run.</param>
        /// <param name="weights">Weight of each of its lanes.</param>
        public void Add(DayRun run, ReadOnlySpan<double> weights)
        {
            Axles<Lane> stored = new(run.Front.Wheel.StoredJ(), run.Rear.Wheel.StoredJ());
            lock (gate)
            {
                for (var lane = 0; lane < weights.Length; lane++)
                {
                    all += weights[lane];
                    for (var end = 0; end < ModelEnd.All.Count; end++)
                    {
                        beyond[end] += Passes(plan, run, end, lane, stored) ? weights[lane] : 0;
                    }
                }
            }
        }

        /// <summary>Refuses a band of which more than half lies beyond an end; says which upper edges do.</summary>
        /// <exception cref="BeyondModelException">More than half of the members pass one.</exception>
        public IReadOnlyList<Said> Edges()
        {
            var end = Array.FindIndex(beyond, share => share > Middle * all);
            return end >= 0 ? throw Beyond(plan, end) : [.. Enumerable.Range(0, beyond.Length).Where(i => beyond[i] > UpperEdge * all)
                .Select(i => EdgeOf(plan, i))];
        }
    }
}
