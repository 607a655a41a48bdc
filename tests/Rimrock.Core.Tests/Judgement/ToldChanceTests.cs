using Rimrock.Core.Judgement;

namespace Rimrock.Core.Tests.Judgement;

public class ToldChanceTests
{
    /// <summary>None of n is not none at all: by Wilson's bound (JASA 22 (1927), from memory) z^2 / (n + z^2), 1.64 / 65.6 of 64 members.</summary>
    [Fact]
    public void None_of_few_is_told_as_less_than_its_upper_bound()
    {
        double[] Alike(int members) => [.. Enumerable.Repeat(1.0 / members, members)];
        var few = Chance.Of(new bool[64], Alike(64), null).Told;
        (few.Edge, few.Percent, few.Digits).ShouldBe((ChanceEdge.Below, 2.5, 1));
        var many = Chance.Of(new bool[1024], Alike(1024), null).Told;
        (many.Edge, many.Percent).ShouldBe((ChanceEdge.Below, 1));

        // Members that stand for others say less than as many that were drawn apart.
        var repeated = Chance.Of(new bool[256], Alike(256), null, repeated: 4);
        repeated.UpperBound.ShouldBe(Chance.Of(new bool[64], Alike(64), null).UpperBound, 1e-12);
    }
}
