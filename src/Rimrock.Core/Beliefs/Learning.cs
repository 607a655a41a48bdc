using Rimrock.Core.Driving;
using Rimrock.Core.Numerics;
using Rimrock.Core.Runs;

namespace Rimrock.Core.Beliefs;

/// <summary>
/// Learns about a car from what was seen: importance weights over the members, and where too few of them carry the weight,
/// new members drawn where the evidence points (adaptive importance sampling: Cappe et al., J. Comp. Graph. Stat. 13 (2004)
/// 907-929; from memory; see <see cref="Proposal"/>). Members of all rounds count, each by the mixture of all that was drawn from (Cornuet, Marin, Mira and
/// Robert, Scand. J. Stat. 39 (2012) 798-812; from memory). The weights undo the choice of where to draw. Never a single fit. Where not even
/// the best member can explain the evidence, it says so and keeps the prior.
/// </summary>
public static class Learning
{
    /// <summary>Effective members below which new ones are drawn.</summary>
    public const double EnoughMembers = 100;

    private const int MostRounds = 5;
    private const double NextToNothing = 1e-6;

    // Evidence that lies three and a half standard deviations from all that was believed, and half a unit for each further
    // observation, is explained by nothing: what the best member misses, and how far the members had to move to come so near.
    private const double HopelessLog = -6;
    private const double HopelessPerMore = -0.5;

    // A soft pedal of which boiling explains less than this says nothing of the heat (engineering judgement).
    private const double LeastExplained = 0.1;

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
        private readonly Observation[] seen = [.. days.SelectMany(day => day.Observations)];
        private readonly JointEvidence[] upTo = [.. Enumerable.Range(0, days.Count + 1).Select(most => new JointEvidence([.. days.Take(most)
            .Select(day => day.Observations)]))];

        private readonly ScopedBelief prior = ScopedBelief.PriorOf([.. days.Select(day => day.Plan)]);

        // What was noticed and is no reading: for each pedal the share of it that boiling fluid explains.
        private readonly Dictionary<int, double> explained = [];

        public Learnt Learn(Action<double>? progress, CancellationToken cancel)
        {
            var scores = prior.Rows;
            var before = Answers(scores, cancel);
            Explain(before);
            var (answers, all, rows) = (before, before, scores.ToList());
            var densities = new List<Func<double[], double>> { LogNormal };
            var rounds = 1;
            var best = Best(before);
            double[] nearest = [.. before.Log.Select(log => log.Max())];
            while (true)
            {
                progress?.Invoke((double)rounds / MostRounds);
                var weights = Normalized([.. rows.Select((row, i) => Together(all, i) + LogNormal(row) - LogMixture(densities, row))]);
                if (Population.EffectiveSizeOf(weights) >= EnoughMembers || rounds >= MostRounds)
                {
                    return Result(prior with { Rows = [.. rows], Weights = weights }, before, all, (rounds, best, nearest));
                }

                var proposal = Proposal.Towards(scores, answers.Predicted, seen, Sigmas(), prior.Moved);
                scores = proposal.DrawDefended(prior.Rows);
                rows.AddRange(scores);
                densities.Add(proposal.LogDefended);
                answers = Answers(scores, cancel);
                all = all.And(answers);
                best = Math.Max(best, Best(answers) + proposal.LogReach());
                nearest = [.. nearest.Zip(answers.Log, (so, log) => Math.Max(so, log.Max() + proposal.LogReach()))];
                rounds++;
            }
        }

        /// <summary>Log of the mean density at a row of all that members were drawn from so far.</summary>
        private static double LogMixture(List<Func<double[], double>> densities, double[] row)
        {
            double[] logs = [.. densities.Select(density => density(row))];
            var most = logs.Max();
            return most + Math.Log(logs.Sum(log => Math.Exp(log - most)) / logs.Length);
        }

        private Learnt Result(ScopedBelief learnt, MemberAnswers before, MemberAnswers after, (int Rounds, double Best, double[] Nearest) search)
        {
            var hopeless = search.Best < HopelessLog + (HopelessPerMore * (count - 1));
            var told = new List<SeenAndBelieved>();
            for (var o = 0; o < count; o++)
            {
                var prior = Quantiles.Weighted(before.Predicted[o], Population.Prior.Weights);
                var posterior = Quantiles.Weighted(after.Predicted[o], learnt.Weights);
                told.Add(new SeenAndBelieved(seen[o], prior, hopeless ? prior : posterior, search.Nearest[o] < HopelessLog || IsUnexplained(o),
                    explained.TryGetValue(o, out var share) ? share : null));
            }

            var evenings = EveningsBefore(before);
            var effective = Math.Round(Population.EffectiveSizeOf(learnt.Weights), 1);
            return new Learnt(hopeless ? ScopedBelief.Nothing : Kept(learnt), effective, search.Rounds, hopeless, told,
                [.. evenings.Select(evening => evening.Said)], [.. evenings.Select(evening => evening.Weights)]);
        }

        // Members that weigh next to nothing are not kept.
        private static ScopedBelief Kept(ScopedBelief learnt)
        {
            var least = learnt.Weights.Max() * NextToNothing;
            int[] kept = [.. Enumerable.Range(0, learnt.Weights.Length).Where(i => learnt.Weights[i] > least)];
            var sum = kept.Sum(i => learnt.Weights[i]);
            return learnt with { Rows = [.. kept.Select(i => learnt.Rows[i])], Weights = [.. kept.Select(i => learnt.Weights[i] / sum)] };
        }

        private List<(Spread Said, double[] Weights)> EveningsBefore(MemberAnswers answers)
        {
            var said = new List<(Spread Said, double[] Weights)>();
            for (var d = 0; d < days.Count; d++)
            {
                double[] weights = days.Take(d).All(day => day.Observations.Count == 0) ? []
                    : Normalized([.. prior.Rows.Select((_, member) => Together(answers, member, d))]);
                said.Add((Quantiles.Weighted(answers.RimC[d], weights.Length == 0 ? prior.Weights : weights), weights));
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

        /// <summary>Log-likelihood of all that was seen on the first days for a member, errors that are shared counted once.</summary>
        private double Together(MemberAnswers answers, int member, int? firstDays = null)
        {
            var most = firstDays ?? days.Count;
            var log = upTo[most].Log(place => answers.Predicted[place][member]);
            var places = days.Take(most).Sum(day => day.Observations.Count);
            for (var o = 0; o < places; o++)
            {
                log += seen[o].Kind == ObservationKind.PedalSoft && !IsUnexplained(o) ? answers.Log[o][member] : 0;
            }

            return log;
        }

        private double Best(MemberAnswers answers) => Enumerable.Range(0, answers.Log[0].Length).Max(member => Together(answers, member));

        /// <summary>
        /// How much of a soft pedal boiling explains: S / (S + c), S the chance of vapour first in that lap, c of all else that softens a pedal.
        /// </summary>
        private void Explain(MemberAnswers before)
        {
            for (var o = 0; o < count; o++)
            {
                if (seen[o] is { Kind: ObservationKind.PedalSoft, Lap: > 0 })
                {
                    var vapour = before.Log[o].Average(log => ObservationModel.VapourFirst(log));
                    explained[o] = vapour / (vapour + ObservationModel.OtherCauses);
                }
            }
        }

        /// <summary>By place what each is taken to be off by in a proposal; what is unexplained pulls at nothing.</summary>
        private Dictionary<int, double> Sigmas()
        {
            var sigmas = new Dictionary<int, double>(upTo[^1].IndependentSigmas());
            foreach (var place in explained.Keys.Where(IsUnexplained))
            {
                sigmas[place] = double.PositiveInfinity;
            }

            return sigmas;
        }

        private bool IsUnexplained(int place) => explained.TryGetValue(place, out var share) && share < LeastExplained;

        private MemberAnswers Answers(double[][] scores, CancellationToken cancel)
        {
            var answers = new MemberAnswers(days.Count, count, scores.Length);
            var first = 0;
            for (var d = 0; d < days.Count; d++)
            {
                var (day, from, rimC) = (days[d], first, answers.RimC[d]);
                MemberRuns.Each(cut[d], day.Plan, prior.RowsOf(scores, day.Plan), (run, places, cars) =>
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

            return answers;
        }

        private double LogNormal(double[] row) => -0.5 * row.Take(prior.Moved).Sum(z => z * z);
    }

    private sealed class MemberAnswers(int days, int observations, int members)
    {
        /// <summary>These and others, one after the other.</summary>
        public MemberAnswers And(MemberAnswers others)
        {
            var both = new MemberAnswers(RimC.Length, Log.Length, 0);
            static void Join<T>(T[][] into, T[][] first, T[][] then) => first.Zip(then).Select((pair, i) => (pair, i)).ToList()
                .ForEach(one => into[one.i] = [.. one.pair.First, .. one.pair.Second]);
            Join(both.RimC, RimC, others.RimC);
            Join(both.Log, Log, others.Log);
            Join(both.Predicted, Predicted, others.Predicted);
            return both;
        }

        public float[][] RimC { get; } = [.. Enumerable.Range(0, days).Select(_ => new float[members])];

        public double[][] Log { get; } = [.. Enumerable.Range(0, observations).Select(_ => new double[members])];

        public float[][] Predicted { get; } = [.. Enumerable.Range(0, observations).Select(_ => new float[members])];
    }
}
