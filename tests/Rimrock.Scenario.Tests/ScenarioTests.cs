namespace Rimrock.Scenario.Tests;

public class ScenarioTests
{
    public static TheoryData<string> Files => [.. Scenario.Files()];

    [Theory]
    [MemberData(nameof(Files))]
    public void A_fact_of_the_trade_holds(string file)
    {
        var scenario = Scenario.Read(file);
        scenario.Source.ShouldNotBeNullOrWhiteSpace();
        scenario.Expect.ShouldNotBeEmpty();
        foreach (var expected in scenario.Expect)
        {
            if (expected.Part is { } part)
            {
                ScenarioDay.StopOf(part, expected.As!, scenario.Day)?.Code.ShouldBe(expected.Stop, $"{scenario.Fact}: {part}");
                (ScenarioDay.StopOf(part, expected.As!, scenario.Day) is null).ShouldBe(expected.Stop is null, $"{scenario.Fact}: {part}");
                continue;
            }

            (expected.AtLeast ?? expected.AtMost).ShouldNotBeNull("an expectation without a bound cannot fail");
            var value = ScenarioDay.Read(expected.Figure!, scenario.Day);
            if (expected.Against is { } other)
            {
                value -= ScenarioDay.Read(expected.Figure!, scenario.Day.With(other));
            }

            value.ShouldBeInRange(expected.AtLeast ?? double.MinValue, expected.AtMost ?? double.MaxValue, $"{scenario.Fact}: {expected.Figure}");
        }
    }
}
