using Microsoft.Extensions.DependencyInjection;
using Rimrock.Web.Bench;
using Rimrock.Web.Hosting;

namespace Rimrock.Web.Tests;

public sealed class AnswerCacheTests : IDisposable
{
    private readonly ServiceProvider services;
    private readonly AnswerCache cache;

    public AnswerCacheTests()
    {
        var collection = new ServiceCollection();
        collection.AddAnswers();
        collection.AddLogging();
        services = collection.BuildServiceProvider();
        cache = services.GetRequiredService<AnswerCache>();
    }

    public void Dispose() => services.Dispose();

    private sealed record Question(string Name, IReadOnlyList<double> Figures);

    private Task<int> Ask(string kind, double figure, Func<CancellationToken, Task<int>> compute, CancellationToken cancel = default) =>
        cache.RememberAsync(kind, new Question("a", [figure]), compute, cancel);

    [Fact]
    public async Task The_same_question_is_computed_once_by_its_content_and_another_kind_is_another_question()
    {
        var computed = 0;
        Task<int> Next(CancellationToken cancel) => Task.FromResult(++computed);
        (await Ask("plan", 2, Next)).ShouldBe(1);
        (await Ask("plan", 2, Next)).ShouldBe(1);
        (await Ask("plan", 2.0000001, Next)).ShouldBe(2);
        (await Ask("band", 2, Next)).ShouldBe(3);
        computed.ShouldBe(3);
    }

    [Fact]
    public async Task Six_who_ask_at_once_share_one_computation_and_one_of_them_may_hang_up()
    {
        var (computed, gate) = (0, new TaskCompletionSource());
        async Task<int> Slow(CancellationToken cancel)
        {
            Interlocked.Increment(ref computed);
            await gate.Task.WaitAsync(cancel);
            return 7;
        }

        using var impatient = new CancellationTokenSource();
        var asked = Enumerable.Range(0, 6).Select(i => Ask("band", 1, Slow, i == 0 ? impatient.Token : CancellationToken.None)).ToList();
        await Task.Delay(100);
        await impatient.CancelAsync();
        await Should.ThrowAsync<OperationCanceledException>(() => asked[0]);
        gate.SetResult();
        (await Task.WhenAll(asked.Skip(1))).ShouldAllBe(answer => answer == 7);
        computed.ShouldBe(1);
    }

    [Fact]
    public async Task When_all_hang_up_the_work_stops_and_nothing_is_kept()
    {
        var stopped = new TaskCompletionSource();
        async Task<int> Endless(CancellationToken cancel)
        {
            try
            {
                await Task.Delay(Timeout.Infinite, cancel);
            }
            finally
            {
                stopped.SetResult();
            }

            return 0;
        }

        using var hangUp = new CancellationTokenSource();
        var asked = Enumerable.Range(0, 3).Select(_ => Ask("band", 1, Endless, hangUp.Token)).ToList();
        await Task.Delay(50);
        await hangUp.CancelAsync();
        foreach (var one in asked)
        {
            await Should.ThrowAsync<OperationCanceledException>(() => one);
        }

        await stopped.Task.WaitAsync(TimeSpan.FromSeconds(5));
        (await Ask("band", 1, _ => Task.FromResult(5))).ShouldBe(5);
    }

    /// <summary>What is asked in stages is gone on with, however much was asked before.</summary>
    [Fact]
    public async Task The_newest_is_kept_whatever_has_to_go_for_it()
    {
        var computed = 0;
        for (var question = 0; question < 40; question++)
        {
            for (var stage = 0; stage < 3; stage++)
            {
                (await cache.RememberAsync("matcher", new Question("a", [question]), _ => Task.FromResult(computed++), CancellationToken.None, 20_000))
                    .ShouldBe(question);
                await Ask("match", (10 * question) + stage, _ => Task.FromResult(0));
            }
        }
    }

    [Fact]
    public async Task What_cannot_be_computed_is_not_kept()
    {
        var asked = 0;
        Task<int> Fail(CancellationToken cancel) => ++asked == 1 ? throw new InvalidOperationException("once") : Task.FromResult(asked);
        await Should.ThrowAsync<InvalidOperationException>(() => Ask("plan", 0, Fail));
        (await Ask("plan", 0, Fail)).ShouldBe(2);
    }
}

public class RunProgressTests
{
    private readonly RunProgress progress = new();

    [Fact]
    public void A_ticket_is_followed_while_it_runs_and_forgotten_after()
    {
        progress.ShareOf("mine").ShouldBeNull();
        using (var report = progress.Begin("mine"))
        {
            progress.ShareOf("mine").ShouldBe(0);
            report.Tell(0.4);
            progress.ShareOf("mine").ShouldBe(0.4);
            progress.ShareOf("other").ShouldBeNull();
        }

        progress.ShareOf("mine").ShouldBeNull();
    }

    [Theory]
    [InlineData(null)]
    [InlineData("")]
    [InlineData("a ticket that is far longer than any that a page would ever draw, and so not kept")]
    public void Without_a_ticket_nothing_is_kept(string? ticket)
    {
        using var report = progress.Begin(ticket);
        report.Tell(0.5);
        progress.ShareOf(ticket ?? "").ShouldBeNull();
    }
}
