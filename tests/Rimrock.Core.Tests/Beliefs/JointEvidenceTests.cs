using MathNet.Numerics.LinearAlgebra;
using Rimrock.Core.Beliefs;
using Rimrock.Core.Driving;
using Rimrock.Core.Fitting;
using Rimrock.Core.Fluids;
using Rimrock.Core.Runs;

namespace Rimrock.Core.Tests.Beliefs;

/// <summary>Readings that share an error: of one instrument, of one part on one day.</summary>
public class JointEvidenceTests
{
    private static readonly PredictionPlan Plan = SampleParts.Plan("track-sport", "street-performance") with { Stint = new StintPlan(1, 3, 6, CoolDownLaps: 0) };

    private static Observation Logged(double c, bool rear = false) => new(ObservationKind.RotorPeak, Rear: rear, Value: c);

    /// <summary>Against the density of a multivariate normal distribution with the same errors (MathNet.Numerics, Cholesky).</summary>
    [Fact]
    public void Readings_are_as_likely_as_a_normal_distribution_with_shared_errors_says()
    {
        IReadOnlyList<Observation>[] days = [[Logged(512), Logged(540), Logged(300, rear: true)], [Logged(490)]];
        double[] predicted = [500, 520, 310, 505];
        var joint = new JointEvidence(days);
        var covariance = Matrix<double>.Build.Dense(4, 4, (i, j) =>
            (i == j ? 9 : 0) + (i == j || (i, j) is (0, 1) or (1, 0) ? 25 : 0) + 100);
        var off = Vector<double>.Build.Dense([12, 20, -10, -15]);
        joint.Log(place => predicted[place]).ShouldBe(-0.5 * off.DotProduct(covariance.Cholesky().Solve(off)), 0.01);
        double[] shifted = [12 + 500, 20 + 520, 300, 490];
        joint.Log(place => shifted[place]).ShouldBe(0, 1e-9, "a perfect match");
    }

    /// <summary>By numerical integration: both edges of a paint share what they share.</summary>
    [Fact]
    public void An_interval_keeps_its_width_whatever_its_edges_share()
    {
        var joint = new JointEvidence([[new Observation(ObservationKind.RotorPaint, AboveC: 430, BelowC: 560)]]);
        double Share(double at)
        {
            double inside = 0, all = 0;
            for (var z = -6.0; z <= 6; z += 0.01)
            {
                var w = Math.Exp(-0.5 * z * z);
                var seen = at + (Math.Sqrt(64 + 225 + 225) * z);
                (inside, all) = (inside + (seen > 430 && seen < 560 ? w : 0), all + w);
            }

            return inside / all;
        }

        foreach (var at in new[] { 380.0, 430, 500, 600 })
        {
            joint.Log(_ => at).ShouldBe(Math.Log(Share(at) / Share(495)), 0.02, $"{at}");
        }
    }

    [Fact]
    public void Eight_readings_of_one_sensor_say_little_more_than_two()
    {
        double Width(int count)
        {
            var seen = Enumerable.Repeat(Logged(430), count).ToList();
            var belief = Learning.From([new EvidenceDay(Plan, seen)]).Belief;
            var band = BelievedPeaks.Of(Plan, belief, [BrakePart.FrontFace])[0];
            return band.P90 - band.P10;
        }

        // Eight of their own error alone would leave half of what two leave; what they share (11 K) is left by any number: 28 K between the edges.
        var (two, eight) = (Width(2), Width(8));
        eight.ShouldBeInRange(0.7 * two, 1.15 * two);
        eight.ShouldBeGreaterThan(20);
    }

    [Fact]
    public void What_was_seen_twice_in_different_sessions_counts_once_where_it_sits()
    {
        var paint = new Observation(ObservationKind.RotorPaint, AboveC: 430, BelowC: 560);
        var (once, twice) = (new JointEvidence([[paint]]), new JointEvidence([[paint, paint]]));
        once.Log(_ => 380).ShouldBeLessThan(-2);
        twice.Log(_ => 380).ShouldBeGreaterThan(1.6 * once.Log(_ => 380), "two independent ones would be twice as unlikely");
    }

    /// <summary>A thermometer that reads low on oxidised iron (common practice) does not make a cool car of a usual one.</summary>
    [Fact]
    public void A_handheld_infrared_reading_is_taken_to_lie_low()
    {
        var seen = new Observation(ObservationKind.RotorReading, Value: 400, MinutesAfterStop: 1);
        var joint = new JointEvidence([[seen]]);
        joint.Log(_ => 420).ShouldBe(0, 1e-9);
        joint.Log(_ => 400).ShouldBeLessThan(-0.1);
    }

    /// <summary>Vapour in lap 1 of fresh fluid is next to impossible: whatever softened that pedal says nothing of the car's heat.</summary>
    [Fact]
    public void A_soft_pedal_that_boiling_does_not_explain_leaves_the_belief_as_it_was()
    {
        var fresh = Plan with { FluidState = new FluidState(0), Fluid = Plan.Fluid with { DryC = 320, WetC = 200 } };
        var learnt = Learning.From([new EvidenceDay(fresh, [new Observation(ObservationKind.PedalSoft, Lap: 1)])]);
        var seen = learnt.Seen.Single();
        seen.Boiling!.Value.ShouldBeLessThan(0.1);
        (seen.Unexplained, learnt.Contradicted).ShouldBe((true, false));
        learnt.Belief.Weights.ShouldAllBe(weight => Math.Abs(weight - (1.0 / 256)) < 1e-12);

        var old = fresh with { FluidState = new FluidState(40, Climate.Humid), Fluid = Plan.Fluid, Stint = new StintPlan(1, 15, 12) };
        Learning.From([new EvidenceDay(old, [new Observation(ObservationKind.PedalSoft, Lap: 5)])]).Seen.Single().Boiling!.Value.ShouldBeGreaterThan(0.1);
    }
}
