using Rimrock.Core.Beliefs;
using Rimrock.Core.Fitting;
using Rimrock.Core.Judgement;
using Rimrock.Core.Limits;
using Rimrock.Core.Numerics;
using Rimrock.Core.Runs;

namespace Rimrock.Core.Tests.Judgement;

/// <summary>
/// Chances that are known beforehand: a straight line in the scores passes c standard deviations with the chance of the normal distribution's tail.
/// </summary>
public class ChanceTests
{
    private static readonly Dictionary<JudgedDay, (double[] Along, double Capacity)> Lines = [];
    private static readonly LimitRow Row = LimitTable.Find(LimitCode.FrontFluid);

    /// <summary>Errors are neither too small nor too large: over many known cases the error made, in standard errors told, spreads by about one.</summary>
    [Theory]
    [InlineData(false)]
    [InlineData(true)]
    public void What_is_told_as_the_error_is_the_error(bool further)
    {
        var random = new Random(7);
        var made = new List<double>();
        foreach (var share in (double[])[0.01, 0.02, 0.03, 0.05, 0.08])
        {
            for (var i = 0; i < 60; i++)
            {
                var judged = Known(Direction(random), share);
                var chance = further ? Settled(judged).Danger : judged.Danger;
                if (chance.Share > 0)
                {
                    made.Add((chance.Share - share) / chance.SamplingError);
                }
            }
        }

        made.Average().ShouldBe(0, 0.3);
        Math.Sqrt(made.Average(z => z * z)).ShouldBeInRange(0.8, 1.2);
    }

    /// <summary>Four times the members, half of them aimed, tell a small danger at least twice as well.</summary>
    [Fact]
    public void Aimed_members_tell_a_small_danger_better()
    {
        var random = new Random(3);
        double few = 0, many = 0;
        for (var i = 0; i < 60; i++)
        {
            var judged = Known(Direction(random), 0.02);
            few += Math.Pow(judged.Danger.Share - 0.02, 2);
            many += Math.Pow(Settled(judged).Danger.Share - 0.02, 2);
        }

        many.ShouldBeLessThan(0.25 * few);
    }

    /// <summary>A learnt belief: weights of members that were drawn from elsewhere. The error comes from them, not from their number.</summary>
    [Fact]
    public void Errors_of_a_weighted_belief_come_from_its_weights()
    {
        var random = new Random(11);
        var made = new List<double>();
        for (var i = 0; i < 200; i++)
        {
            double[] aim = [.. Direction(random).Select(a => 0.6 * a)];
            double[][] scores = [.. Enumerable.Range(0, 256).Select(_ => Direction(random, scaled: false).Zip(aim, (z, by) => z + by).ToArray())];
            double[] raw = [.. scores.Select(row => Math.Exp(-row.Zip(aim, (z, a) => z * a).Sum() + (0.5 * aim.Sum(a => a * a))))];
            double[] weights = [.. raw.Select(weight => weight / raw.Sum())];
            var along = Direction(random);
            var chance = Chance.Of([.. scores.Select(row => Along(row, along) > 0.8416)], weights, null);
            chance.SamplingError.ShouldBeGreaterThan(Math.Sqrt(chance.Share * (1 - chance.Share) / 256) * 0.8);
            made.Add((chance.Share - 0.2) / chance.SamplingError);
        }

        Math.Sqrt(made.Average(z => z * z)).ShouldBeInRange(0.8, 1.2);
    }

    [Fact]
    public void None_of_256_is_less_than_one_in_a_hundred_and_none_of_64_is_not()
    {
        Chance.Of(new bool[256], Equal(256), null).UpperBound.ShouldBeLessThan(Thresholds.Rare);
        Chance.Of(new bool[64], Equal(64), null).UpperBound.ShouldBeGreaterThan(Thresholds.MostDanger);
        Chance.Of(new bool[256], Equal(256), Population.Prior.Scores).SamplingError.ShouldBe(0);
    }

    /// <summary>Weights add up to one within rounding only, however they were learnt.</summary>
    [Fact]
    public void All_and_none_of_unequal_members_are_told_as_figures()
    {
        var random = new Random(11);
        for (var i = 0; i < 200; i++)
        {
            double[] raw = [.. Enumerable.Range(0, 320).Select(_ => Math.Exp(8 * random.NextDouble()))];
            double[] weights = [.. raw.Select(weight => weight / raw.Sum())];
            foreach (var gives in new[] { true, false })
            {
                var chance = Chance.Of([.. raw.Select(_ => gives)], weights, null);
                double.IsFinite(chance.UpperBound).ShouldBeTrue();
                chance.UpperBound.ShouldBeInRange(chance.Share, 1);
                chance.Share.ShouldBe(gives ? 1 : 0, 1e-12);
            }
        }
    }

    [Fact]
    public void Odds_are_floored_at_half_a_member() =>
        Chance.Of(new bool[256], Equal(256), null).LogOdds(256).ShouldBe(Math.Log(0.5 / 255.5), 1e-9);

    /// <summary>Two limits that give in the same members give together no oftener than one of them.</summary>
    [Theory]
    [InlineData(1.2816, 1.0364)]
    [InlineData(1.0364, 1.2816)]
    public void Together_is_counted_over_members_and_not_multiplied(double front, double rear)
    {
        var random = new Random(5);
        var along = Direction(random);
        var rows = (LimitRow[])[Row, LimitTable.Find(LimitCode.RearFluid)];
        var scores = Population.Prior.Scores;
        Reading[][] readings = [.. scores.Select(row => new[] { Read(Along(row, along), front), Read(Along(row, along), rear) })];
        var judged = new JudgedDay(SampleParts.Plan(), rows, Population.Prior, readings, scores, Population.Prior.Weights);
        judged.Danger.Share.ShouldBe(Math.Max(judged.Of(Row.Code)!.Share, judged.Of(LimitCode.RearFluid)!.Share));
        judged.Of(Row.Code)!.Share.ShouldNotBe(judged.Of(LimitCode.RearFluid)!.Share);
        judged.Damage.Share.ShouldBe(0);
        judged.Of("no such limit").ShouldBeNull();
    }

    private static double[] Equal(int members) => [.. Enumerable.Repeat(1.0 / members, members)];

    private static double[] Direction(Random random, bool scaled = true)
    {
        double[] drawn = [.. Enumerable.Range(0, PriorFactor.All.Count).Select(_ => NormalQuantile.At(Math.Clamp(random.NextDouble(), 1e-9, 1 - 1e-9)))];
        var length = scaled ? Math.Sqrt(drawn.Sum(one => one * one)) : 1;
        return [.. drawn.Select(one => one / length)];
    }

    private static double Along(double[] row, double[] along) => row.Zip(along, (z, a) => z * a).Sum();

    private static Reading Read(double demand, double capacity) =>
        new(demand, capacity, capacity - demand, demand >= capacity, demand >= capacity ? new Moment(1, Core.Driving.PhaseKind.HotLap, 1, 0) : null);

    private static JudgedDay Known(double[] along, double share)
    {
        var capacity = -NormalQuantile.At(share);
        var scores = Population.Prior.Scores;
        var judged = new JudgedDay(SampleParts.Plan(), [Row], Population.Prior, [.. scores.Select(row => new[] { Read(Along(row, along), capacity) })], scores,
            Population.Prior.Weights);
        Lines[judged] = (along, capacity);
        return judged;
    }

    private static JudgedDay Settled(JudgedDay judged)
    {
        var further = FurtherMembers.For(judged);
        further.Weights.Sum().ShouldBe(1, 1e-9);
        var (along, capacity) = Lines[judged];
        return judged.With([.. further.Scores.Select(row => new[] { Read(Along(row, along), capacity) })], further.Scores, further.Weights, further.DrawnAlike);
    }
}
