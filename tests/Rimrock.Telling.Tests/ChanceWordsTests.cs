using Rimrock.Core.Judgement;

namespace Rimrock.Telling.Tests;

public sealed class ChanceWordsTests
{
    [Theory]
    [InlineData(0, 0, 0.0064, "< 1 %", "< 1 %")]
    [InlineData(0, 0, 0.014, "< 1.4 %", "< 1.4 %")] // None of 116 is not none.
    [InlineData(0.004, 0.004, 0.009, "< 1 %", "< 1 %")]
    [InlineData(0.004, 0.006, 0.012, "0.4 %", "0.4 % (± 0.6)")] // One of 256 is no less than one in a hundred: it may well be more.
    [InlineData(0.0125, 0.0001, 0.013, "1.3 %", "1.3 % (± 0.1)")]
    [InlineData(0.384, 0.02, 0.41, "38 %", "38 % (± 2)")]
    [InlineData(0.99, 0.005, 0.996, "99 %", "99 % (± 0.5)")]
    [InlineData(1, 0, 1, "> 99 %", "> 99 % (± 0.1)")]
    public void A_chance_says_no_more_than_the_number_of_members_allows(double share, double error, double upper, string percent, string withError)
    {
        var chance = new Chance(share, error, upper);
        Teller.Text(ChanceWords.Percent(chance)).ShouldBe(percent);
        Teller.Text(ChanceWords.WithError(chance)).ShouldBe(withError);
    }
}
