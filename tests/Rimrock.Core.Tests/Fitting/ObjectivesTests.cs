using CsCheck;
using Rimrock.Core.Fitting;

namespace Rimrock.Core.Tests.Fitting;

public class ObjectivesTests
{
    private static readonly Wishes Usual = new();
    private static readonly Gen<Objectives> Any = Gen.Select(Gen.Double[0, 1], Gen.Double[0, 10], Gen.Double[0, 2000], Gen.Double[0, 12],
        (danger, street, cost, effort) => new Objectives(new Screened(danger, 0.5 * danger, 0.3), street, cost, effort, 0, 0));

    [Fact]
    public void Domination_is_a_partial_order() =>
        Gen.Select(Any, Any, Any).Sample((a, b, c) =>
        {
            var (x, y, z) = (a.Rounded(Usual), b.Rounded(Usual), c.Rounded(Usual));
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
            var forward = new ParetoSet(Usual);
            var backward = new ParetoSet(Usual);
            for (var i = 0; i < all.Length; i++)
            {
                forward.Offer(all[i], new SetupIndex((short)i, 0, 0, 0, 0));
                backward.Offer(all[^(i + 1)], new SetupIndex((short)(all.Length - 1 - i), 0, 0, 0, 0));
            }

            var best = all.Select(one => one.Rounded(Usual)).Where(one => !all.Any(other => other.Rounded(Usual).Dominates(one))).ToHashSet();
            forward.Kept.Select(kept => kept.Steps).ToHashSet().SetEquals(best).ShouldBeTrue();
            backward.Kept.Select(kept => kept.Steps).ToHashSet().SetEquals(best).ShouldBeTrue();
        });

    [Fact]
    public void Less_of_anything_scores_no_worse() =>
        Gen.Select(Any, Gen.Double[0, 0.5]).Sample((one, less) =>
        {
            var wishes = new Wishes();
            (one with { Chances = one.Chances with { Danger = one.Chances.Danger * less } }).Score(wishes).ShouldBeLessThanOrEqualTo(one.Score(wishes));
            (one with { Street = one.Street * less }).Score(wishes).ShouldBeLessThanOrEqualTo(one.Score(wishes));
            (one with { CostPerSeason = one.CostPerSeason * less }).Score(wishes).ShouldBeLessThanOrEqualTo(one.Score(wishes));
            (one with { EffortHours = one.EffortHours * less }).Score(wishes).ShouldBeLessThanOrEqualTo(one.Score(wishes));
        });

    [Fact]
    public void What_does_not_matter_to_the_driver_weighs_nothing()
    {
        var cheap = new Objectives(new Screened(0.3, 0, 0), 2, 100, 1, 0, 0);
        var dear = cheap with { CostPerSeason = 1500 };
        cheap.Score(new Wishes(Cost: 0)).ShouldBe(dear.Score(new Wishes(Cost: 0)));
        cheap.Score(new Wishes(Cost: 3)).ShouldBeLessThan(dear.Score(new Wishes(Cost: 1)));
    }

    /// <summary>A danger over what counts as none outweighs whatever else the driver asks for; below it nothing is paid for less.</summary>
    [Fact]
    public void Danger_outweighs_the_scales_and_what_counts_as_none_weighs_nothing()
    {
        var safe = new Objectives(new Screened(0.005, 0.03, 0), 5, 1000, 6, 0.05, 0.5);
        var comfortable = new Objectives(new Screened(0.2, 0.05, 0), 0, 0, 0, 0, 0);
        safe.Score(Usual).ShouldBeLessThan(comfortable.Score(Usual));
        (safe with { Chances = safe.Chances with { Danger = 0.001 } }).Score(Usual).ShouldBe(safe.Score(Usual));
    }
}
