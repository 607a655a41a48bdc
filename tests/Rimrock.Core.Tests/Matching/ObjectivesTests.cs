using CsCheck;
using Rimrock.Core.Matching;

namespace Rimrock.Core.Tests.Matching;

public class ObjectivesTests
{
    private static readonly Gen<Objectives> Any = Gen.Select(Gen.Double[0, 1], Gen.Double[0, 10], Gen.Double[0, 200], Gen.Double[0, 12], (risk, street, cost, effort) => new Objectives(risk, street, cost, effort, 0, 0));

    [Fact]
    public void Domination_is_a_partial_order() =>
        Gen.Select(Any, Any, Any).Sample((a, b, c) =>
        {
            var (x, y, z) = (a.Rounded(), b.Rounded(), c.Rounded());
            x.Dominates(x).ShouldBeFalse();
            (x.Dominates(y) && y.Dominates(x)).ShouldBeFalse();
            if (x.Dominates(y) && y.Dominates(z))
            {
                x.Dominates(z).ShouldBeTrue();
            }
        });

    [Fact]
    public void A_pareto_set_holds_what_nothing_beats_whatever_the_order() =>
        Any.Array[1, 40].Sample(all =>
        {
            var forward = new ParetoSet();
            var backward = new ParetoSet();
            for (var i = 0; i < all.Length; i++)
            {
                forward.Offer(all[i], new SetupIndex((short)i, 0, 0, 0, 0));
                backward.Offer(all[^(i + 1)], new SetupIndex((short)(all.Length - 1 - i), 0, 0, 0, 0));
            }

            var best = all.Select(one => one.Rounded()).Where(one => !all.Any(other => other.Rounded().Dominates(one))).ToHashSet();
            forward.Kept.Select(kept => kept.Steps).ToHashSet().SetEquals(best).ShouldBeTrue();
            backward.Kept.Select(kept => kept.Steps).ToHashSet().SetEquals(best).ShouldBeTrue();
        });

    [Fact]
    public void Less_of_anything_scores_no_worse() =>
        Gen.Select(Any, Gen.Double[0, 0.5]).Sample((one, less) =>
        {
            var wishes = new Wishes();
            (one with { Risk = one.Risk * less }).Score(wishes).ShouldBeLessThanOrEqualTo(one.Score(wishes));
            (one with { Street = one.Street * less }).Score(wishes).ShouldBeLessThanOrEqualTo(one.Score(wishes));
            (one with { CostPerHour = one.CostPerHour * less }).Score(wishes).ShouldBeLessThanOrEqualTo(one.Score(wishes));
            (one with { EffortHours = one.EffortHours * less }).Score(wishes).ShouldBeLessThanOrEqualTo(one.Score(wishes));
        });

    [Fact]
    public void What_does_not_matter_to_the_driver_weighs_nothing()
    {
        var cheap = new Objectives(0.3, 2, 10, 1, 0, 0);
        var dear = cheap with { CostPerHour = 150 };
        cheap.Score(new Wishes(Cost: 0)).ShouldBe(dear.Score(new Wishes(Cost: 0)));
        cheap.Score(new Wishes(Cost: 3)).ShouldBeLessThan(dear.Score(new Wishes(Cost: 1)));
    }
}
