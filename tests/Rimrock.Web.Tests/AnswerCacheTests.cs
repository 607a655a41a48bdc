using Microsoft.AspNetCore.Http.Json;
using Microsoft.Extensions.Options;
using Rimrock.Web.Bench;
using Rimrock.Web.Hosting;

namespace Rimrock.Web.Tests;

public class AnswerCacheTests
{
    private readonly AnswerCache cache = new(Options.Create(new JsonOptions()));

    private sealed record Question(string Name, IReadOnlyList<double> Figures);

    [Fact]
    public void The_same_question_is_computed_once_by_its_content_and_another_kind_is_another_question()
    {
        var computed = 0;
        int Ask(string kind, double last) => cache.Remember(kind, new Question("a", [1, last]), () => ++computed);
        Ask("plan", 2).ShouldBe(1);
        Ask("plan", 2).ShouldBe(1);
        Ask("plan", 2.0000001).ShouldBe(2);
        Ask("band", 2).ShouldBe(3);
        computed.ShouldBe(3);
    }

    [Fact]
    public void The_oldest_answers_make_room_and_are_computed_again()
    {
        var computed = 0;
        for (var i = 0; i < 200; i++)
        {
            cache.Remember("plan", new Question("a", [i]), () => ++computed);
        }

        cache.Remember("plan", new Question("a", [199]), () => ++computed).ShouldBe(200);
        cache.Remember("plan", new Question("a", [0]), () => ++computed).ShouldBe(201);
    }

    [Fact]
    public void What_cannot_be_computed_is_not_kept()
    {
        var asked = 0;
        int Fail() => ++asked == 1 ? throw new InvalidOperationException("once") : asked;
        Should.Throw<InvalidOperationException>(() => cache.Remember("plan", new Question("a", []), Fail));
        cache.Remember("plan", new Question("a", []), Fail).ShouldBe(2);
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
