using Rimrock.Core.Driving;
using Rimrock.Core.Numerics;
using Rimrock.Core.Runs;

namespace Rimrock.Core.Beliefs;

/// <summary>
/// Learns about a car from what was seen: importance weights over the members, and where too few of them carry the weight,
/// new members drawn where the evidence points (adaptive importance sampling: Cappe et al., J. Comp. Graph. Stat. 13 (2004)
/// 907-929; from memory; see <see cref="Proposal"/>). The weights undo the choice of where to draw. Never a single fit. Where not even
/// the best member can explain the evidence, it says so and keeps the prior.
/// </summary>
public static class Learning
{
    /// <summary>Effective members below which new ones are drawn.</summary>
    public const double EnoughMembers = 80;

    private const int MostRounds = 5;

    // Evidence that lies three and a half standard deviations from all that was believed, and half a unit for each further
    // observation, is explained by nothing: what the best member misses, and how far the members had to move to come so near.
    private const double HopelessLog = -6;
    private const double HopelessPerMore = -0.5;

    /// <summary>Learns.</summary>
    /// <param name="days">The evidence; at least one observation in all.</param>
    /// <param name="progress">Told after each round the share of the rounds that may be needed.</param>
    /// <param name="cancel">Stops between groups of members.</param>
    /// <exception cref="InputFaultException">Everything that is wrong with plans and observations.</exception>
    public static Learnt From(IReadOnlyList<EvidenceDay> days, Action<double>? progress = null, CancellationToken cancel = default)
    {
        ArgumentNullException.ThrowIfNull(days);
        Check(days);
        return new Evidence(days).Learn(progress, cancel);
    }

    /// <summary>Weights that sum to 1 from their logarithms.</summary>
    private static double[] Normalized(double[] logWeights)
    {
        var most = logWeights.Max();
        var weights = logWeights.Select(log => Math.Exp(log - most)).ToArray();
        var sum = weights.Sum();
        return [.. weights.Select(weight => weight / sum)];
    }

    private static void Check(IReadOnlyList<EvidenceDay> days)
    {
        var faults = new List<InputFault>();
        if (!days.Any(day => day.Observations.Count > 0))
        {
            faults.Add(new InputFault("evidence", Said.Of("learning.0-observations"), Said.Of("learning.least-one"), Said.Of("learning.nothing-learn")));
        }

        foreach (var day in days)
        {
            faults.AddRange(day.Plan.Faults());
            for (var i = 0; i < day.Observations.Count; i++)
            {
                day.Observations[i].Check($"observations[{i}]", day.Plan, faults);
            }
        }

        InputFaultException.ThrowIfAny(faults);
    }

    /// <summary>The members' answers to the evidence, round after round.</summary>
    private sealed class Evidence(IReadOnlyList<EvidenceDay> days)
    {
        private readonly IReadOnlyList<DayPhase>[] cut = [.. days.Select(Asked)];
        private readonly int count = days.Sum(day => day.Observations.Count);

        public Learnt Learn(Action<double>? progress, CancellationToken cancel)
        {
            var scores = Population.Prior.Scores;
            var before = Answers(scores, cancel);
            var answers = before;
            var logProposal = scores.Select(LogNormal).ToArray();
            var rounds = 1;
            var best = before.LogLikelihood.Max();
            double[] nearest = [.. before.Log.Select(log => log.Max())];
            while (true)
            {
                progress?.Invoke((double)rounds / MostRounds);
                var logWeights = scores.Select((row, i) => answers.LogLikelihood[i] + LogNormal(row) - logProposal[i]).ToArray();
                var weights = Normalized(logWeights);
                var effective = Population.EffectiveSizeOf(weights);
                if (effective >= EnoughMembers || rounds >= MostRounds)
                {
                    return Result(new Population(scores, weights), before, answers, (rounds, best, nearest));
                }

                var proposal = Proposal.Towards(scores, answers.Predicted, [.. days.SelectMany(day => day.Observations)]);
                scores = proposal.DrawDefended();
                logProposal = [.. scores.Select(proposal.LogDefended)];
                answers = Answers(scores, cancel);
                best = Math.Max(best, answers.LogLikelihood.Max() + proposal.LogReach());
                nearest = [.. nearest.Zip(answers.Log, (so, log) => Math.Max(so, log.Max() + proposal.LogReach()))];
                rounds++;
            }
        }

        private Learnt Result(Population learnt, MemberAnswers before, MemberAnswers after, (int Rounds, double Best, double[] Nearest) search)
        {
            var hopeless = search.Best < HopelessLog + (HopelessPerMore * (count - 1));
            var seen = new List<SeenAndBelieved>();
            for (var o = 0; o < count; o++)
            {
                var prior = Quantiles.Weighted(before.Predicted[o], Population.Prior.Weights);
                var posterior = Quantiles.Weighted(after.Predicted[o], learnt.Weights);
                seen.Add(new SeenAndBelieved(Which(o), prior, hopeless ? prior : posterior, search.Nearest[o] < HopelessLog));
            }

            var evenings = EveningsBefore(before);
            return new Learnt(hopeless ? Population.Prior : learnt, Math.Round(learnt.EffectiveSize(), 1), search.Rounds, hopeless, seen,
                [.. evenings.Select(evening => evening.Said)], [.. evenings.Select(evening => evening.Belief)]);
        }

        private List<(Spread Said, Population Belief)> EveningsBefore(MemberAnswers prior)
        {
            var log = new double[Population.Prior.Scores.Length];
            var said = new List<(Spread Said, Population Belief)>();
            var first = 0;
            for (var d = 0; d < days.Count; d++)
            {
                var belief = first == 0 ? Population.Prior : new Population(Population.Prior.Scores, Normalized(log));
                said.Add((Quantiles.Weighted(prior.RimC[d], belief.Weights), belief));
                foreach (var seen in prior.Log.Skip(first).Take(days[d].Observations.Count))
                {
                    for (var member = 0; member < log.Length; member++)
                    {
                        log[member] += seen[member];
                    }
                }

                first += days[d].Observations.Count;
            }

            return said;
        }

        /// <summary>The stretches of a day that its observations ask about: nothing after the last session and lap that they name.</summary>
        private static IReadOnlyList<DayPhase> Asked(EvidenceDay day)
        {
            var last = day.Observations.Select(End).DefaultIfEmpty((0, 0)).Max();
            return [.. new Day(day.Plan).Phases
                .Where(phase => (phase.Session, phase.Kind == PhaseKind.Parked ? int.MaxValue : phase.Lap).CompareTo(last) <= 0)];
        }

        private static (int Session, int Lap) End(Observation seen) =>
            (seen.Session ?? int.MaxValue, seen is { Kind: not ObservationKind.PedalSoft, Lap: { } lap } ? lap : int.MaxValue);

        private Observation Which(int index) => days.SelectMany(day => day.Observations).ElementAt(index);

        private MemberAnswers Answers(double[][] scores, CancellationToken cancel)
        {
            var answers = new MemberAnswers(days.Count, count, scores.Length);
            var first = 0;
            for (var d = 0; d < days.Count; d++)
            {
                var (day, from, rimC) = (days[d], first, answers.RimC[d]);
                MemberRuns.Each(cut[d], day.Plan, scores, (run, places, cars) =>
                {
                    for (var lane = 0; lane < places.Length; lane++)
                    {
                        var peak = (float)run.Phases.Max(phase => phase.Peak[(int)BrakePart.FrontRotor][lane]);
                        foreach (var member in places[lane])
                        {
                            rimC[member] = peak;
                        }

                        for (var o = 0; o < day.Observations.Count; o++)
                        {
                            var predicted = (float)ObservationModel.Predicted(day.Observations[o], day.Plan, run, lane, cars[lane]);
                            var log = ObservationModel.LogLikelihood(day.Observations[o], day.Plan, run, lane, cars[lane]);
                            foreach (var member in places[lane])
                            {
                                (answers.Predicted[from + o][member], answers.Log[from + o][member]) = (predicted, log);
                            }
                        }
                    }
                }, cancel, day.Plan.Circuit.Recording is null ? DrivenBy.Driver : DrivenBy.Recording);
                first += day.Observations.Count;
            }

            for (var member = 0; member < scores.Length; member++)
            {
                answers.LogLikelihood[member] = answers.Log.Sum(log => log[member]);
            }

            return answers;
        }

        private static double LogNormal(double[] row) => -0.5 * row.Take(PriorFactor.Learnable).Sum(z => z * z);
    }

    private sealed class MemberAnswers(int days, int observations, int members)
    {
        public float[][] RimC { get; } = [.. Enumerable.Range(0, days).Select(_ => new float[members])];

        public double[] LogLikelihood { get; } = new double[members];

        public double[][] Log { get; } = [.. Enumerable.Range(0, observations).Select(_ => new double[members])];

        public float[][] Predicted { get; } = [.. Enumerable.Range(0, observations).Select(_ => new float[members])];
    }
}
