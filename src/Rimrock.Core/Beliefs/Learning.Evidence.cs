using Rimrock.Core.Driving;
using Rimrock.Core.Numerics;
using Rimrock.Core.Runs;

namespace Rimrock.Core.Beliefs;

public static partial class Learning
{
    /// <summary>The members' answers to the evidence, round after round.</summary>
    private sealed class Evidence(IReadOnlyList<EvidenceDay> days, LearningMemory? memory, Action<double>? progress)
    {
        private readonly IReadOnlyList<DayPhase>[] cut = [.. days.Select(Asked)];
        private readonly int count = days.Sum(day => day.Observations.Count);
        private readonly Observation[] seen = [.. days.SelectMany(day => day.Observations)];
        private readonly JointEvidence[] upTo = [.. Enumerable.Range(0, days.Count + 1).Select(most => new JointEvidence([.. days.Take(most)
            .Select(day => day.Observations)]))];

        private readonly ScopedBelief prior = ScopedBelief.PriorOf([.. days.Select(day => day.Plan)]);

        // What was noticed and is no reading: for each pedal the share of it that boiling fluid explains.
        private readonly Dictionary<int, double> explained = [];

        private int done;

        public Learnt Learn(CancellationToken cancel)
        {
            var scores = prior.Rows;
            var before = Answers(scores, null, cancel);
            Explain(before);
            var (all, rows) = (before, scores.ToList());
            var logs = Togethers(before).ToList();
            var densities = new List<(int Members, Func<double[], double> Log)> { (scores.Length, LogNormal) };
            var rounds = 1;
            var best = logs.Max();
            double[] nearest = [.. before.Log.Select(log => log.Max())];
            while (true)
            {
                var weights = Normalized([.. rows.Select((row, i) => logs[i] + LogNormal(row) - LogMixture(densities, row))]);
                if (Population.EffectiveSizeOf(weights) >= EnoughMembers || rounds >= MostRounds)
                {
                    return Result(prior with { Rows = [.. rows], Weights = weights }, before, all, (rounds, best, nearest));
                }

                var proposal = Proposal.Towards([.. rows], all.Predicted, seen, upTo[^1], place => !IsUnexplained(place), prior.Moved, Near(weights));
                // The second round is there to see what is bent near the evidence: a few are enough.
                scores = proposal.DrawDefended(rounds == 1 ? prior.Rows[..Population.LookAhead] : prior.Rows);
                rows.AddRange(scores);
                densities.Add((scores.Length, proposal.LogDefended));
                var answers = Answers(scores, before, cancel);
                all = all.And(answers);
                var more = Togethers(answers);
                logs.AddRange(more);
                best = Math.Max(best, more.Max() + proposal.LogReach());
                nearest = [.. nearest.Zip(answers.Log, (so, log) => Math.Max(so, log.Max() + proposal.LogReach()))];
                rounds++;
            }
        }

        // Members count where a line is laid through what they predict by a power of their weights: the highest that leaves three for each score.
        private double[] Near(double[] weights)
        {
            var most = weights.Max();
            for (var power = 1.0; power > LeastPower; power *= 0.7)
            {
                double[] near = [.. weights.Select(weight => Math.Pow(weight / most, power))];
                if (Population.EffectiveSizeOf([.. near.Select(one => one / near.Sum())]) >= FitPerScore * (prior.Moved + 1))
                {
                    return near;
                }
            }

            return [.. weights.Select(_ => 1.0)];
        }

        /// <summary>Log of the mean density at a row of all that members were drawn from so far.</summary>
        private static double LogMixture(List<(int Members, Func<double[], double> Log)> densities, double[] row)
        {
            double[] logs = [.. densities.Select(density => density.Log(row))];
            var most = logs.Max();
            var all = densities.Sum(density => density.Members);
            return most + Math.Log(logs.Zip(densities, (log, density) => density.Members * Math.Exp(log - most)).Sum() / all);
        }

        private Learnt Result(ScopedBelief learnt, MemberAnswers before, MemberAnswers after, (int Rounds, double Best, double[] Nearest) search)
        {
            var hopeless = search.Best < HopelessLogOf(count);
            var told = new List<SeenAndBelieved>();
            for (var o = 0; o < count; o++)
            {
                var prior = Quantiles.Weighted(before.Predicted[o], Population.Prior.Weights);
                var posterior = Quantiles.Weighted(after.Predicted[o], learnt.Weights);
                told.Add(new SeenAndBelieved(seen[o], prior, hopeless ? prior : posterior, search.Nearest[o] < HopelessLogOf(1) || IsUnexplained(o),
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
                var before = d;
                double[] weights = days.Take(d).All(day => day.Observations.Count == 0) ? []
                    : Normalized(InPieces(prior.Rows.Length, member => Together(answers, member, before)));
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

        private double[] Togethers(MemberAnswers answers) => InPieces(answers.Log[0].Length, member => Together(answers, member));

        // On the scheduler that this is run on, as members' runs are.
        private static double[] InPieces(int members, Func<int, double> of)
        {
            var all = new double[members];
            Task.WaitAll([.. Enumerable.Range(0, Pieces).Select(piece => Task.Factory.StartNew(() =>
            {
                for (var member = piece; member < members; member += Pieces)
                {
                    all[member] = of(member);
                }
            }, CancellationToken.None, TaskCreationOptions.None, TaskScheduler.Current))]);
            return all;
        }

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

        private bool IsUnexplained(int place) => explained.TryGetValue(place, out var share) && share < LeastExplained;

        // The prior's own rows among later ones have answered already: only the others are run.
        private MemberAnswers Answers(double[][] scores, MemberAnswers? before, CancellationToken cancel)
        {
            var answers = new MemberAnswers(days.Count, count, scores.Length);
            var places = Enumerable.Range(0, scores.Length).ToLookup(i => before is not null && ReferenceEquals(scores[i], prior.Rows[i]));
            int[] asked = [.. places[false]];
            answers.Copy(before, [.. places[true]]);
            double[][] rows = [.. asked.Select(i => scores[i])];
            var first = 0;
            for (var d = 0; d < days.Count; d++)
            {
                var (day, from, rimC) = (days[d], first, answers.RimC[d]);
                var key = ReferenceEquals(scores, prior.Rows) ? memory?.KeyOf(day, prior.AgesOf(day.Plan)) : null;
                first += day.Observations.Count;
                if (key is not null && memory!.Find(key) is { } known)
                {
                    answers.Take(d, from, known);
                    Done();
                    continue;
                }

                MemberRuns.Each(cut[d], day.Plan, prior.RowsOf(rows, day.Plan), (run, lanes, cars) =>
                {
                    for (var lane = 0; lane < lanes.Length; lane++)
                    {
                        var members = lanes[lane].Select(place => asked[place]).ToArray();
                        var peak = (float)run.Phases.Max(phase => phase.Peak[(int)BrakePart.FrontRotor][lane]);
                        foreach (var member in members)
                        {
                            rimC[member] = peak;
                        }

                        for (var o = 0; o < day.Observations.Count; o++)
                        {
                            var predicted = (float)ObservationModel.Predicted(day.Observations[o], day.Plan, run, lane, cars[lane]);
                            var log = ObservationModel.LogLikelihood(day.Observations[o], day.Plan, run, lane, cars[lane]);
                            foreach (var member in members)
                            {
                                (answers.Predicted[from + o][member], answers.Log[from + o][member]) = (predicted, log);
                            }
                        }
                    }
                }, cancel, day.Plan.Circuit.Recording is null ? DrivenBy.Driver : DrivenBy.Recording);
                if (key is not null)
                {
                    memory!.Keep(key, answers.Of(d, from, day.Observations.Count));
                }

                Done();
            }

            return answers;
        }

        private void Done() => progress?.Invoke((double)++done / (MostRounds * days.Count));

        private double LogNormal(double[] row) => -0.5 * row.Take(prior.Moved).Sum(z => z * z);
    }
}
