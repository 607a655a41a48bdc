using Rimrock.Core.Beliefs;
using Rimrock.Core.Driving;
using Rimrock.Core.Fluids;
using Rimrock.Core.Friction;
using Rimrock.Core.Judgement;
using Rimrock.Core.Limits;
using Rimrock.Core.Runs;

namespace Rimrock.Core.Tests.Judgement;

/// <summary>What was begun for a sketch and is gone on with comes out as if it had never stopped.</summary>
public class BegunDayTests
{
    private static readonly PredictionPlan Plan = SampleParts.Plan() with { Stint = new StintPlan(1, 20, 20) };

    // Of a belief that was learnt some members stand for the same row, and weigh differently.
    private static readonly Population Learnt = new([.. Population.Prior.Scores.Select((_, i) => Population.Prior.Scores[i * i % 200])],
        [.. Enumerable.Range(1, Population.Size).Select(i => 2.0 * i / Population.Size / (Population.Size + 1))]);

    [Theory]
    [InlineData(false)]
    [InlineData(true)]
    public void A_day_gone_on_with_is_judged_as_one_that_never_stopped(bool isLearnt)
    {
        var belief = isLearnt ? Learnt : Population.Prior;
        PredictionPlan[] plans = [Plan, Plan with { Fluid = new BrakeFluid("weak", "dot3", 205, 140, 15), FluidState = new FluidState(24) }];
        var day = new Day(Plan);
        var begun = new BegunDay([.. plans.Select(one => new Believed(one, belief))], day, CancellationToken.None);
        AreEqual(begun.Few, Judge.Sharing(plans, belief.Sketched(), day));
        AreEqual(begun.All(CancellationToken.None), Judge.Sharing(plans, belief, day));
    }

    /// <summary>What is believed of their fluids alone sets them apart: they share their runs, and each is judged as if it stood alone.</summary>
    [Fact]
    public void Plans_whose_fluids_are_known_otherwise_are_judged_together_as_each_alone()
    {
        var column = PriorFactor.All.ToList().FindIndex(factor => factor.Scope == FactorScope.Fluid);
        double[] Dealt(double[] row, int i) => [.. row[..column], Population.Prior.Scores[i][column], .. row[(column + 1)..]];
        var unknown = new Population([.. Learnt.Scores.Select(Dealt)], Learnt.Weights);
        var hot = Plan with { Fluid = new BrakeFluid("weak", "dot3", 150, 105, 15), FluidState = new FluidState(8) };
        Believed[] each = [new(hot, Learnt), new(Plan, unknown), new(hot, unknown)];
        var day = new Day(Plan);
        AreEqual(Judge.Sharing(each, day), Alone(one => one));
        var begun = new BegunDay(each, day, CancellationToken.None);
        AreEqual(begun.Few, Alone(belief => belief.Sketched()));
        var all = begun.All(CancellationToken.None);
        AreEqual(all, Alone(one => one));
        all[0].GivesAny(LimitTable.Boils).ShouldNotBe(all[2].GivesAny(LimitTable.Boils));

        List<JudgedDay> Alone(Func<Population, Population> of) => [.. each.Select(one => Judge.Sharing([one.Plan], of(one.Belief), day)[0])];
    }

    [Fact]
    public void What_belongs_to_the_fluid_heats_nothing()
    {
        double[][] rows = [.. PriorFactor.All.Select((_, moved) =>
            PriorFactor.All.Select((factor, i) => i == moved && factor.Scope == FactorScope.Fluid ? 2.0 : 0).ToArray())];
        rows.Distinct(HeatRows.Alike).Count().ShouldBe(1);
        rows.Count(row => row.Any(score => score != 0)).ShouldBePositive();
        MemberRuns.Each(new Day(Plan).Phases, Plan, rows, (run, places, _) => run.Phases.ShouldAllBe(phase => phase.Peak
            .All(peak => Enumerable.Range(0, places.Length).All(lane => peak[lane].Equals(peak[0])))), CancellationToken.None);
    }

    /// <summary>Pads from the mildest to the hottest, so that days lie on both sides.</summary>
    [Fact]
    public void What_may_not_hold_by_a_few_does_not_hold_by_all()
    {
        bool[] may = [.. new[] { ("organic", "advanced"), ("street-performance", "novice"), ("track-sport", "novice") }.Select(one =>
        {
            var pad = new Pad("any", one.Item1);
            var plan = Plan with { FrontPad = pad, RearPad = pad, Pace = one.Item2 };
            var begun = new BegunDay([new(plan, Population.Prior)], new Day(plan), CancellationToken.None);
            var all = begun.All(CancellationToken.None)[0];
            if (!begun.MayHold())
            {
                all.Holds.ShouldBe(false, one.ToString());
            }

            return begun.MayHold();
        })];
        may.ShouldContain(true);
        may.ShouldContain(false);
    }

    private static void AreEqual(IReadOnlyList<JudgedDay> found, IReadOnlyList<JudgedDay> expected)
    {
        foreach (var (one, other) in found.Zip(expected))
        {
            (one.Members, one.Danger, one.Damage).ShouldBe((other.Members, other.Danger, other.Damage));
            foreach (var row in other.Rows)
            {
                one.Of(row.Code).ShouldBe(other.Of(row.Code), row.Code);
                one.When(row.Code).ShouldBe(other.When(row.Code), row.Code);
                one.Demand(row.Code).ShouldBe(other.Demand(row.Code), row.Code);
            }
        }
    }
}
