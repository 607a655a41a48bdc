using Rimrock.Core.Beliefs;
using Rimrock.Core.Driving;
using Rimrock.Core.Friction;
using Rimrock.Core.Numerics;
using Rimrock.Core.Priors;
using Rimrock.Core.Runs;

namespace Rimrock.Core.Tests.Beliefs;

/// <summary>What was learnt of one part, one driver or one circuit is not believed of another; what belongs to the car goes with the car.</summary>
public class ScopedBeliefTests
{
    private static readonly PredictionPlan Plan = SampleParts.Plan("track-sport", "street-performance")
        with
    { Stint = new StintPlan(1, 20, 6, CoolDownLaps: 0) };

    private static readonly Pad Others = new("other pads", "track-sport");

    private static readonly double UsualMm = Learning.From([new EvidenceDay(Plan, [new Observation(ObservationKind.PadWear, Value: 1, Error: 0.2)])])
        .Seen[0].Before.P50;

    // Pads that wear four times as fast as such pads do in the middle; a paint that went far up.
    private static readonly Learnt Seen = Learning.From(
    [
        new EvidenceDay(Plan,
            [new Observation(ObservationKind.PadWear, Value: 4 * UsualMm, Error: 0.05), new Observation(ObservationKind.RotorPaint, AboveC: 560)]),
    ]);

    private static Spread Band(Population belief, string code)
    {
        var column = PriorFactor.All.Select((factor, i) => (factor.Code, i)).First(one => one.Code == code).i;
        return Quantiles.Weighted([.. belief.Scores.Select(row => (float)row[column])], belief.Weights);
    }

    [Fact]
    public void Every_guess_belongs_to_something_and_parts_and_drivers_are_told_apart()
    {
        PriorFactor.All.Where(factor => factor.Scope == FactorScope.FrontPad).Select(factor => factor.Code)
            .ShouldBe(["pad-conductivity", "front-friction", "chart-basis", "wear"]);
        PriorFactor.All.Single(factor => factor.Scope == FactorScope.Driver).Code.ShouldBe("energy");
        PriorFactor.All.Single(factor => factor.Scope == FactorScope.RearPad).Code.ShouldBe("rear-friction");
        PriorFactor.All.Single(factor => factor.Scope == FactorScope.Fluid).Code.ShouldBe("boiling-curve");
    }

    [Fact]
    public void Wear_learnt_of_one_pad_is_not_believed_of_another()
    {
        Band(Seen.Of(Plan), "wear").P50.ShouldBeGreaterThan(0.7, "so much was measured");
        var others = Band(Seen.Of(Plan with { FrontPad = Others }), "wear");
        others.P50.ShouldBe(0, 0.02, "nobody measured those");
        (others.P90 - others.P10).ShouldBe(2 * Spread.EdgeSigmas, 0.05);
    }

    [Fact]
    public void What_belongs_to_the_car_goes_with_it_and_the_driver_stays_on_his_circuit()
    {
        var elsewhere = Plan with { FrontPad = Others, Circuit = Plan.Circuit with { Name = "elsewhere" } };
        Band(Seen.Of(elsewhere), "cooling").P50.ShouldBe(Band(Seen.Of(Plan), "cooling").P50, 0.1);
        Band(Seen.Of(Plan), "cooling").P50.ShouldBeLessThan(-0.2, "hotter than was thought");
        Band(Seen.Of(Plan), "energy").P50.ShouldBeGreaterThan(0.1);
        Band(Seen.Of(elsewhere), "energy").P50.ShouldBe(0, 0.02);
        Band(Seen.Of(Plan with { Pace = "novice" }), "energy").P50.ShouldBe(0, 0.02, "another driver");
    }

    /// <summary>Two days with two sets of pads, one that wears fast and one that wears slowly: each is learnt for itself, from both days at once.</summary>
    [Fact]
    public void Two_sets_are_learnt_apart()
    {
        var worn = new Observation(ObservationKind.PadWear, Error: 0.02);
        var learnt = Learning.From(
        [
            new EvidenceDay(Plan with { FrontPad = Others }, [worn with { Value = 2.2 * UsualMm }]),
            new EvidenceDay(Plan, [worn with { Value = 0.45 * UsualMm }]),
        ]);
        learnt.Contradicted.ShouldBeFalse();
        Band(learnt.Of(Plan), "wear").P90.ShouldBeLessThan(0);
        Band(learnt.Of(Plan with { FrontPad = Others }), "wear").P10.ShouldBeGreaterThan(0);
        Band(learnt.Of(Plan), "cooling").P50.ShouldBe(Band(learnt.Belief, "cooling").P50, 0.2, "the last day's parts are the car's");
    }

    [Fact]
    public void Nothing_seen_is_the_prior_for_every_plan()
    {
        ScopedBelief.Nothing.Of(Plan).ShouldBeSameAs(Population.Prior);
        ScopedBelief.Nothing.Newest().ShouldBeSameAs(Population.Prior);
        var prior = ScopedBelief.PriorOf([Plan, Plan with { FrontPad = Others }]);
        prior.Moved.ShouldBe(PriorFactor.Learnable + 4, "the second pads have four guesses of their own");
        prior.Of(Plan).Scores.ShouldBe(Population.Prior.Scores, "what was there first keeps its members, whatever comes after");
        var wear = PriorFactor.All.Select((factor, i) => (factor.Code, i)).First(one => one.Code == "wear").i;
        var newer = prior.Of(Plan with { FrontPad = Others }).Scores.Select(row => row[wear]).ToArray();
        newer.Average().ShouldBe(0, 0.01);
        newer.Average(z => z * z).ShouldBe(1, 0.02);
    }
}
