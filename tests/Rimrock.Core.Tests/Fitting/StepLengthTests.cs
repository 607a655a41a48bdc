using Rimrock.Core.Circuits;
using Rimrock.Core.Driving;
using Rimrock.Core.Fitting;
using Rimrock.Core.Fluids;
using Rimrock.Core.Friction;
using Rimrock.Core.Heat;
using Rimrock.Core.Numerics;
using Rimrock.Core.Quantities;
using Rimrock.Core.Runs;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Tests.Fitting;

/// <summary>What is told hangs on no step of the reckoning.</summary>
public class StepLengthTests
{
    [Fact]
    public void Steps_are_small_enough()
    {
        var plan = SampleParts.Plan("track-sport", "street-performance");
        double[] Peaks(BrakePart part, DayRun run) => [.. run.Phases.Select(phase => phase.Peak[(int)part][0])];
        DayRun Run(double share)
        {
            var run = new DayRun(plan, [CarFactors.Median]);
            foreach (var phase in new Day(plan, share).Phases)
            {
                run.Run(phase);
            }

            return run;
        }

        var (coarse, fine) = (Run(1), Run(0.125));
        foreach (var (part, dayK, lapK) in new[] { (BrakePart.FrontFace, 2, 2), (BrakePart.RearFace, 2, 2), (BrakePart.FrontFluid, 1, 1),
            (BrakePart.FrontRotor, 1, 1.5), (BrakePart.FrontPadCore, 5, 5) })
        {
            Peaks(part, coarse).Max().ShouldBe(Peaks(part, fine).Max(), dayK, $"{part} over the day");
            Peaks(part, coarse).Zip(Peaks(part, fine), (a, b) => Math.Abs(a - b)).Max().ShouldBeLessThan(lapK, $"{part} in any stretch");
        }
    }

    [Fact]
    public void A_stop_on_a_chart_of_initial_temperatures_spends_its_energy_at_its_own()
    {
        var pad = new Pad("initial", "track-sport", Basis: ChartBasis.InitialEmbedded);
        var axle = new AxleRun(SampleParts.Wheel(), new(pad), [WheelFactors.Median], PadFactors.None, 20, Core.Materials.Air.SeaLevelPressurePa);
        for (var stop = 0; stop < 3; stop++)
        {
            axle.BeginStop();
            var atC = axle.Wheel.EmbeddedC[0];
            axle.Step(0.3, 40, Lanes.Create(60_000.0), braking: true);
            axle.ChartBeforeC[0].ShouldBe(atC, 1e-9);
            axle.ChartC[0].ShouldBe(atC, 1e-9);
            axle.Step(7, 40, Lane.Zero, braking: false);
        }

        axle.ChartC[0].ShouldBeGreaterThan(25, "later stops begin warmer");
    }

    [Theory]
    [InlineData(ChartBasis.Unknown)]
    [InlineData(ChartBasis.InitialEmbedded)]
    [InlineData(ChartBasis.InStopEmbedded)]
    [InlineData(ChartBasis.Rubbing)]
    public void What_the_pads_are_asked_for_does_not_hang_on_the_steps(ChartBasis basis)
    {
        var plan = SampleParts.Plan("track-sport", "street-performance");
        plan = plan with { FrontPad = plan.FrontPad with { Basis = basis }, RearPad = plan.RearPad with { Basis = basis } };
        double?[] Demands(double share) =>
            [.. Predictor.Predict(plan, new Year(new Day(plan, share))).Limits.Where(limit => limit.Code is "front-pad-hot" or "rear-pad-hot")
                .OrderBy(limit => limit.Code).Select(limit => limit.Demand)];
        var (coarse, fine) = (Demands(1), Demands(0.1));
        coarse[0]!.Value.ShouldBe(fine[0]!.Value, 2);
        coarse[1]!.Value.ShouldBe(fine[1]!.Value, 2);
    }

    [Fact]
    public void Wear_is_read_where_the_step_is_and_not_at_its_hot_end()
    {
        var plan = SampleParts.Plan("street-performance", "organic");
        (double Front, double Rear) Worn(double share)
        {
            var run = new DayRun(plan, [CarFactors.Median]);
            foreach (var phase in new Day(plan, share).Phases)
            {
                run.Run(phase);
            }

            return (run.Front.WornMm3[0], run.Rear.WornMm3[0]);
        }

        var (coarse, fine) = (Worn(1), Worn(0.1));
        (coarse.Front / fine.Front).ShouldBe(1, 0.03);
        (coarse.Rear / fine.Rear).ShouldBe(1, 0.03);
    }

    [Fact]
    public void Parked_steps_find_the_fluids_peak_as_fine_ones_do()
    {
        var plan = SampleParts.Plan("track-sport", "street-performance") with { Stint = new StintPlan(1, 15, 40, CoolDownLaps: 0) };
        (double C, double AtS) Peak(double share)
        {
            var run = new DayRun(plan, [CarFactors.Median]);
            foreach (var phase in new Day(plan, share).Phases)
            {
                run.Run(phase);
            }

            var parked = run.Phases[^1];
            return (parked.Peak[(int)BrakePart.FrontFluid][0], parked.PeakAtS[(int)BrakePart.FrontFluid][0] - parked.StartS);
        }

        var (coarse, fine) = (Peak(1), Peak(0.1));
        fine.AtS.ShouldBeInRange(30, 1200, "heat soaks through after stopping");
        coarse.C.ShouldBe(fine.C, 1);
        coarse.AtS.ShouldBe(fine.AtS, 30, "the page says it in whole minutes");
    }

    [Fact]
    public void Longer_steps_on_the_road_move_its_demand_by_a_fraction_of_a_bin()
    {
        var plan = SampleParts.Plan("track-sport", "street-performance") with { Days = [new("weekday", 200)] };
        (double, double, double) Quantiles(double share)
        {
            var run = new DayRun(plan, [CarFactors.Median]);
            foreach (var phase in new Day(plan, share).Phases)
            {
                run.Run(phase);
            }

            var sum = new EnergyHistogram();
            foreach (var phase in run.Phases)
            {
                sum.Add(phase.FrontEnergy);
            }

            return (sum.Quantile(0.1, 0), sum.Quantile(0.9, 0), run.FrontFluidTime.Quantile(0.9, 0));
        }

        var (coarse, fine) = (Quantiles(1), Quantiles(0.1));
        coarse.Item1.ShouldBe(fine.Item1, 3);
        coarse.Item2.ShouldBe(fine.Item2, 3);
        coarse.Item3.ShouldBe(fine.Item3, 1);
    }
}
