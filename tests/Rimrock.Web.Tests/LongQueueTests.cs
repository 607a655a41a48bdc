using Rimrock.Web.Hosting;

namespace Rimrock.Web.Tests;

/// <summary>Long work gives short answers the way, and never waits for itself.</summary>
public sealed class LongQueueTests
{
    private static readonly TimeSpan AtMost = TimeSpan.FromSeconds(20);
    private static readonly TimeSpan Tick = TimeSpan.FromMilliseconds(10);

    [Theory]
    [InlineData(1)]
    [InlineData(2)]
    [InlineData(4)]
    public async Task Pieces_of_pieces_are_all_run_and_no_more_at_once_than_there_are_lanes(int processors)
    {
        var queue = new LongQueue(processors);
        var (now, most, done) = (0, 0, 0);
        void Piece(int depth)
        {
            if (depth > 0)
            {
                Task.WaitAll([.. Enumerable.Range(0, 3).Select(_ => Begun(() => Piece(depth - 1)))]);
                return;
            }

            InterlockedMax(ref most, Interlocked.Increment(ref now));
            Thread.Sleep(2);
            Interlocked.Decrement(ref now);
            Interlocked.Increment(ref done);
        }

        await queue.RunAsync(async () =>
        {
            Piece(2);
            await Task.Yield();
            TaskScheduler.Current.ShouldBe(queue, "what follows an await is a piece, too");
            Piece(1);
            return 0;
        }).WaitAsync(AtMost);
        done.ShouldBe(12);
        most.ShouldBeLessThanOrEqualTo(processors);
    }

    [Fact]
    public async Task While_a_short_answer_is_computed_a_lane_stays_free_and_the_others_go_on()
    {
        // As the server has them: a lane that should not be there needs a thread to show itself.
        ThreadPool.SetMinThreads(16, 16).ShouldBeTrue();
        var queue = new LongQueue(2);
        var (now, most, done) = (0, 0, 0);
        using var way = queue.ShortAnswer();
        var work = queue.RunAsync(() =>
        {
            Task.WaitAll([.. Enumerable.Range(0, 400).Select(_ => Begun(() =>
            {
                InterlockedMax(ref most, Interlocked.Increment(ref now));
                Thread.Sleep(5);
                Interlocked.Decrement(ref now);
                Interlocked.Increment(ref done);
            }))]);
            return Task.FromResult(0);
        });
        for (var waited = TimeSpan.Zero; Volatile.Read(ref done) < 20; waited += Tick)
        {
            waited.ShouldBeLessThan(AtMost, "one lane always goes on");
            await Task.Delay(Tick);
        }

        most.ShouldBe(1);

        // Given back twice counts once.
        way.Dispose();
        way.Dispose();
        await work.WaitAsync(AtMost);
        (done, most).ShouldBe((400, 2));
    }

    /// <summary>Two that wait for pieces of their own, as two setups that are judged side by side do, give a short answer its lane all the same.</summary>
    [Fact]
    public async Task What_waits_for_its_pieces_holds_no_lane()
    {
        ThreadPool.SetMinThreads(16, 16).ShouldBeTrue();
        var queue = new LongQueue(2);
        var (now, most, done) = (0, 0, 0);
        var asked = new TaskCompletionSource(TaskCreationOptions.RunContinuationsAsynchronously);
        void Piece()
        {
            InterlockedMax(ref most, Interlocked.Increment(ref now));
            Thread.Sleep(5);
            Interlocked.Decrement(ref now);
            if (Interlocked.Increment(ref done) == 40)
            {
                asked.SetResult();
            }
        }

        var work = queue.RunAsync(() =>
        {
            Parallel.For(0, 2, new ParallelOptions { TaskScheduler = TaskScheduler.Current }, _ =>
                Task.WaitAll([.. Enumerable.Range(0, 200).Select(_ => Begun(Piece))]));
            return Task.FromResult(0);
        });
        await asked.Task.WaitAsync(AtMost);
        most.ShouldBe(2);
        using (queue.ShortAnswer())
        {
            // What is under way is finished; from then on one lane goes on.
            var before = Volatile.Read(ref done);
            for (var waited = TimeSpan.Zero; Volatile.Read(ref done) < before + 4; waited += Tick)
            {
                waited.ShouldBeLessThan(AtMost, "one lane always goes on");
                await Task.Delay(Tick);
            }

            most = 0;
            await Task.Delay(20 * Tick);
            most.ShouldBe(1);
        }

        await work.WaitAsync(AtMost);
        done.ShouldBe(400);
    }

    [Fact]
    public async Task What_fails_fails_for_whoever_asked()
    {
        var queue = new LongQueue(2);
        var failed = await Should.ThrowAsync<AggregateException>(() => queue.RunAsync(() =>
        {
            Task.WaitAll(Begun(() => throw new InvalidOperationException("a piece")));
            return Task.FromResult(0);
        }).WaitAsync(AtMost));
        failed.InnerException!.Message.ShouldBe("a piece");
    }

    private static Task Begun(Action piece) => Task.Factory.StartNew(piece, CancellationToken.None, TaskCreationOptions.None, TaskScheduler.Current);

    private static void InterlockedMax(ref int most, int now)
    {
        for (var seen = Volatile.Read(ref most); now > seen; seen = Volatile.Read(ref most))
        {
            Interlocked.CompareExchange(ref most, now, seen);
        }
    }
}
