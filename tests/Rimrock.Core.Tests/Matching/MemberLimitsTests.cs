using Rimrock.Core.Matching;
using Rimrock.Core.Prediction;

namespace Rimrock.Core.Tests.Matching;

public class MemberLimitsTests
{
    [Theory]
    [InlineData("organic")]
    [InlineData("track-sport")]
    public void Without_words_the_figures_are_the_same(string pad)
    {
        var plan = SampleParts.Plan(pad, "street-performance");
        var run = new DayRun(plan, [CarFactors.Median]);
        foreach (var phase in new Day(plan).Track)
        {
            run.Run(phase);
        }

        var (fluid, cold) = (Predictor.FluidOf(plan), ColdStop.ComparedAtEverydayPedal(plan));
        var told = LimitFinder.Find(plan, run, fluid, cold, 0).ToDictionary(limit => limit.Code);
        var bare = LimitFinder.Find(plan, run, fluid, cold, 0, words: false);
        bare.Count.ShouldBe(told.Count);
        foreach (var limit in bare)
        {
            var other = told[limit.Code];
            (limit.Demand, limit.Capacity, limit.Margin, limit.Gives, limit.When).ShouldBe((other.Demand, other.Capacity, other.Margin, other.Gives, other.When));
            other.Sentence.ShouldNotBeEmpty();
        }

        told["front-face"].Demand.ShouldBe(run.Phases.Max(phase => phase.Peak[(int)BrakePart.FrontFace][0]));
        told["front-pad-hot"].Sentence.ShouldContain($"works to {told["front-pad-hot"].Capacity:0} °C");
    }
}
