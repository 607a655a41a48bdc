using Rimrock.Core.Fitting;
using Rimrock.Core.Friction;
using Rimrock.Core.Quantities;
using Rimrock.Core.Rotors;

namespace Rimrock.Core.Tests.Fitting;

public class LargeShelfTests
{
    private static Offer Of(int pads, int rotors) => new(
        [.. Enumerable.Range(0, pads).Select(i => new Part<Pad>($"pad-{i}", new Pad($"pad {i}", "track-sport", PriceAxleSet: 50 + i)))],
        [.. Enumerable.Range(0, rotors).Select(i => new Part<Rotor>($"rotor-{i}", SampleParts.FrontRing with { Name = $"rotor {i}", Price = 50 + i }))], [], [],
        []);

    [Theory]
    [InlineData(1500, 1, "shelf.pads")]
    [InlineData(2000, 0, "shelf.pads")]
    [InlineData(10, 400, "shelf.rotors")]
    [InlineData(250, 200, "shelf")]
    public void More_than_can_be_weighed_in_one_answer_says_at_once_what_to_narrow(int pads, int rotors, string field)
    {
        var fault = Should.Throw<InputFaultException>(() => Matcher.Match(SampleParts.Plan(), Of(pads, rotors), new Wishes())).Faults[0];
        fault.Field.ShouldBe(field);
        fault.Message.Code.ShouldStartWith("setup-search.more-");
    }

    [Fact]
    public void A_search_that_nobody_waits_for_stops()
    {
        using var hangUp = new CancellationTokenSource();

        // On a thread of its own: who waits for one of a busy pool measures the pool.
        var search = Task.Factory.StartNew(() => Matcher.Match(SampleParts.Plan(), Of(200, 60), new Wishes(), cancel: hangUp.Token), hangUp.Token,
            TaskCreationOptions.LongRunning, TaskScheduler.Default);
        Thread.Sleep(100);
        hangUp.Cancel();

        // Five times the goal of a second.
        Should.Throw<Exception>(() => search.Wait(TimeSpan.FromSeconds(5)) ? 0 : throw new TimeoutException("still searching"))
            .ShouldNotBeOfType<TimeoutException>();
        search.IsCanceled.ShouldBeTrue();
    }
}
