using Rimrock.Core.Beliefs;
using Rimrock.Core.Driving;
using Rimrock.Core.Fitting;
using Rimrock.Core.Judgement;
using Rimrock.Core.Limits;

namespace Rimrock.Core.Tests.Judgement;

/// <summary>The order of ranking, on days whose chances are set.</summary>
public class RankingTests
{
    private static readonly PredictionPlan Plan = SampleParts.Plan();
    private static readonly LimitRow[] Rows = [LimitTable.Find(LimitCode.FrontFluid), LimitTable.Find(LimitCode.FrontFace)];

    [Fact]
    public void A_family_car_does_not_get_race_pads_for_a_danger_that_counts_as_none()
    {
        var (street, race) = (Of("street", 3, 0, 1), Of("race", 0, 0, 5));
        Ordered(race, street).ShouldBe(["street", "race"]);
    }

    [Fact]
    public void Danger_goes_before_damage_and_damage_before_the_scales()
    {
        Ordered(Of("ruins", 1, 120, 0), Of("hurts", 60, 0, 0), Of("dear", 1, 2, 9)).ShouldBe(["dear", "ruins", "hurts"]);
    }

    /// <summary>A chain of which each is about equal to the next, the last far from the first: a pairwise comparer has no order there, groups have.</summary>
    [Fact]
    public void A_chain_of_about_equals_is_cut_at_the_best_of_those_left()
    {
        // Nested members, so that paired errors are small: 40, 48, 57 and 68 of 256 lie within 0.3 in log-odds of their neighbour only.
        var chain = new[] { Of("a", 40, 0, 4), Of("b", 48, 0, 3), Of("c", 57, 0, 2), Of("d", 80, 0, 1) };
        foreach (var order in new[] { chain, [.. chain.Reverse()] })
        {
            Ordered(order).ShouldBe(["b", "a", "c", "d"]);
        }
    }

    [Fact]
    public void Within_twice_the_paired_error_counts_as_equal()
    {
        Ranking.Equal(Day(12, 0, 0), Day(10, 0, 100), Harm.Danger).ShouldBeTrue();
        Ranking.Equal(Day(12, 0, 0), Day(60, 0, 0), Harm.Danger).ShouldBeFalse();
    }

    /// <summary>Where somebody has to look whether a part goes on at all, what surely does comes first among equals; never before what is safer.</summary>
    [Fact]
    public void What_surely_goes_on_comes_first_among_equals_only()
    {
        var all = new[] { Of("unsure", 1, 0, 1), Of("sure", 2, 0, 9), Of("dangerous and sure", 120, 0, 0) };
        Ranking.Order(all, one => one.Day, one => one.Scale, one => one.Name, one => one.Name != "unsure").Select(one => one.Name)
            .ShouldBe(["sure", "unsure", "dangerous and sure"]);
        Ordered(all).ShouldBe(["unsure", "sure", "dangerous and sure"]);
    }

    private static IReadOnlyList<string> Ordered(params (string Name, JudgedLife Day, double Scale)[] all) =>
        [.. Ranking.Order(all, one => one.Day, one => one.Scale, one => one.Name).Select(one => one.Name)];

    private static (string Name, JudgedLife Day, double Scale) Of(string name, int dangers, int damages, double scale, int from = 0) =>
        (name, Day(dangers, damages, from), scale);

    private static JudgedLife Day(int dangers, int damages, int from)
    {
        static Reading Read(bool gives) => new(gives ? 2 : 0, 1, gives ? -1 : 1, gives, gives ? new Moment(1, PhaseKind.HotLap, 1, 0) : null);
        var scores = Population.Prior.Scores;
        return new JudgedLife([new JudgedDay(Plan, Rows, Population.Prior, [.. Enumerable.Range(0, 256)
            .Select(i => new[] { Read(i >= from && i < from + dangers), Read(i < damages) })], scores, Population.Prior.Weights)]);
    }
}
