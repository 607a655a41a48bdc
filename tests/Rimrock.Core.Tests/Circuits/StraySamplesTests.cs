using Rimrock.Core.Circuits;
using Rimrock.Core.Driving;
using Rimrock.Core.Quantities;

namespace Rimrock.Core.Tests.Circuits;

public class StraySamplesTests
{
    private static readonly double[] TimeS = [.. Enumerable.Range(0, 601).Select(i => i * 0.1)];

    private static double[] Clean() => [.. TimeS.Select(t => Math.Round(120 + (60 * Math.Sin(t / 3)), 1))];

    private static List<InputFault> Faults(IReadOnlyList<double> speed, IReadOnlyList<double>? time = null)
    {
        var faults = new List<InputFault>();
        RecordedTrace.Check(time ?? TimeS, speed, i => $"line {i + 2}", faults);
        return faults;
    }

    [Fact]
    public void A_clean_trace_has_none()
    {
        Faults(Clean()).ShouldBeEmpty();
        Faults([.. Clean().Select((kmh, i) => kmh + (i % 2 == 0 ? 1.5 : -1.5))]).ShouldBeEmpty("a jittering instrument is no stray sample");
    }

    [Theory]
    [InlineData(0)]
    [InlineData(1)]
    [InlineData(300)]
    [InlineData(599)]
    [InlineData(600)]
    public void One_sample_of_nothing_is_named_and_mended(int at)
    {
        var speed = Clean();
        speed[at] = 0;
        Faults(speed).Single().Field.ShouldBe($"line {at + 2}");
        var mended = new List<MendedSample>();
        var kept = StraySamples.Mend(TimeS, speed, i => $"line {i + 2}", mended);
        mended.Single().At.ShouldBe($"line {at + 2}");
        kept[at].ShouldBe(Clean()[at], 3);
        Faults(kept).ShouldBeEmpty();
        kept.Where((_, i) => i != at).ShouldBe(Clean().Where((_, i) => i != at));
    }

    [Fact]
    public void A_jump_that_stays_is_no_stray_sample()
    {
        double[] speed = [.. Clean().Select((kmh, i) => i >= 300 ? kmh + 150 : kmh)];
        Faults(speed).ShouldHaveSingleItem().Message.Code.ShouldBe("stray-samples.no-car-does-samples");
        StraySamples.Mend(TimeS, speed, i => $"{i}", []).ShouldBe(speed);
    }

    [Fact]
    public void Unequal_lengths_are_refused() => Faults([50, 60], [0, 1, 2]).Single().Value.Terms.ShouldBe([3, 2]);

    [Fact]
    public void A_zone_that_the_car_cannot_reach_is_named()
    {
        PredictionPlan Plan(params BrakingZone[] zones) => SampleParts.Plan() with { Circuit = new Circuit("zones", Zones: zones) };
        Plan(new(165, 80, 18), new(140, 95, 14)).Faults().ShouldBeEmpty();
        var faults = Plan(new(400, 20, 1), new(400, 20, 1)).Faults();
        faults.Select(fault => fault.Field).ShouldBe(["circuit.zones[0].secondsToNext", "circuit.zones[1].secondsToNext"]);
        faults[0].Message.Terms.ShouldBe([1, Units.Kmh(20), 2, Units.Kmh(400), Units.S(1)]);

        // Slower at the next zone than at the end of the last one, in no time: that would be braking, and belongs into a zone.
        Plan(new(200, 190, 1), new(90, 60, 60)).Faults().ShouldHaveSingleItem().Field.ShouldBe("circuit.zones[0].secondsToNext");
    }
}
