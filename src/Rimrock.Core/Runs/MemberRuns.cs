using System.Runtime.CompilerServices;
using System.Runtime.ExceptionServices;
using Rimrock.Core.Driving;
using Rimrock.Core.Numerics;

namespace Rimrock.Core.Runs;

/// <summary>Runs a plan for many members, eight side by side in each piece; equal rows of scores are run once.</summary>
internal static class MemberRuns
{
    // The same members are run for one setup after the other.
    private static readonly ConditionalWeakTable<double[], CarFactors> Cars = [];

    /// <summary>The car of a row of scores, made once.</summary>
    /// <param name="row">Scores in the order of <see cref="PriorFactor.All"/>.</param>
    public static CarFactors CarOf(double[] row) => Cars.GetValue(row, PriorFactor.CarOf);

    /// <summary>Does several things that run members, two side by side: what follows one's runs is done beside the other's.</summary>
    /// <param name="count">How many.</param>
    /// <param name="run">Does one of them.</param>
    /// <param name="cancel">Stops between them.</param>
    /// <exception cref="Exception">What the first of them that failed threw.</exception>
    public static void SideBySide(int count, Action<int> run, CancellationToken cancel)
    {
        var failed = new ExceptionDispatchInfo?[count];
        Parallel.For(0, count, new ParallelOptions { CancellationToken = cancel, MaxDegreeOfParallelism = 2, TaskScheduler = TaskScheduler.Current }, i =>
        {
            try
            {
                run(i);
            }
            catch (Exception thrown) when (thrown is not OperationCanceledException)
            {
                failed[i] = ExceptionDispatchInfo.Capture(thrown);
            }
        });
        failed.FirstOrDefault(one => one is not null)?.Throw();
    }

    /// <summary>Runs them.</summary>
    /// <param name="phases">The stretches to run.</param>
    /// <param name="plan">The plan.</param>
    /// <param name="scores">One row a member.</param>
    /// <param name="read">Told of every run once, with the members that its lanes carry: places, one array a lane, and their cars. Called from several
    /// threads.</param>
    /// <param name="cancel">Stops between stretches.</param>
    /// <param name="by">Who drives.</param>
    /// <param name="courses">False where no temperature over time is asked for.</param>
    /// <param name="alike">Which rows one run stands for; null for none but the same.</param>
    public static void Each(IReadOnlyList<DayPhase> phases, PredictionPlan plan, double[][] scores, Action<DayRun, int[][], CarFactors[]> read,
        CancellationToken cancel,
        DrivenBy by = DrivenBy.Driver, bool courses = true, IEqualityComparer<double[]>? alike = null)
    {
        var places = Enumerable.Range(0, scores.Length).GroupBy(i => scores[i], alike).Select(same => same.ToArray()).ToArray();
        var groups = (places.Length + MemberLanes.Count - 1) / MemberLanes.Count;
        var steps = phases.Sum(phase => phase.Schedule.Count);

        // Where and in which order the pieces run is the affair of whoever asked: they go to the scheduler that this is run on.
        Task[] pieces = [.. Enumerable.Range(0, groups).Select(group => Task.Factory.StartNew(() =>
        {
            var mine = places[(group * MemberLanes.Count)..Math.Min(places.Length, (group + 1) * MemberLanes.Count)];
            CarFactors[] cars = [.. mine.Select(place => CarOf(scores[place[0]]))];
            var run = new DayRun(plan, cars, demands: false, steps, by, courses);
            foreach (var phase in phases)
            {
                cancel.ThrowIfCancellationRequested();
                run.Run(phase);
            }

            read(run, mine, cars);
        }, cancel, TaskCreationOptions.None, TaskScheduler.Current))];
        try
        {
            Task.WaitAll(pieces, CancellationToken.None);
        }
        catch (AggregateException failed) when (cancel.IsCancellationRequested && failed.InnerExceptions.All(inner => inner is OperationCanceledException))
        {
            throw new OperationCanceledException(cancel);
        }
    }
}
