using Rimrock.Core.Driving;
using Rimrock.Core.Friction;
using Rimrock.Core.Limits;
using Rimrock.Core.Runs;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Tests.Vehicles;

/// <summary>Which axle locks first, against the closed form, and against what the trade knows (common practice).</summary>
public class LockOrderTests
{
    private static readonly Car Old = SampleParts.Plan().Car with { Electronics = false, RearValve = RearValve.None };

    [Theory]
    [InlineData(0.66, 0.55)]
    [InlineData(0.70, 0.50)]
    [InlineData(0.74, 0.60)]
    public void Without_a_valve_it_is_where_hydraulic_and_ideal_share_meet(double share, double height)
    {
        // Limpert 2011, chapter 7 (from memory): share = static + z h / L.
        var expected = (share - Old.StaticFrontShare) * Old.WheelbaseM / height;
        var critical = LockOrder.CriticalG(Old, share, 1 - share, height, 1.2);
        if (expected > LockOrder.MostG)
        {
            critical.ShouldBe(double.PositiveInfinity);
        }
        else
        {
            critical.ShouldBeInRange(expected, expected + 0.0101);
        }
    }

    [Fact]
    public void A_valve_keeps_the_rear_from_locking_at_forces_beyond_its_knee()
    {
        var valve = Old with { RearValve = RearValve.Limiter };
        var (front, rear) = (0.66 * PerPascal, 0.34 * PerPascal);
        LockOrder.CriticalG(Old, front, rear, 0.55, 1).ShouldBeLessThan(0.5);
        LockOrder.CriticalG(valve, front, rear, 0.55, 1).ShouldBe(double.PositiveInfinity);
    }

    [Theory]
    [InlineData("organic", "organic", false)]
    [InlineData("organic", "race-carbon-metallic", true)]
    [InlineData("race-carbon-metallic", "race-carbon-metallic", false)]
    [InlineData("race-carbon-metallic", "organic", true)]
    public void Pads_that_do_not_fit_each_other_are_a_danger_where_nothing_holds_the_rear_back(string front, string rear, bool gives)
    {
        // Race pads in front alone grip less than street pads behind while they are cold.
        var plan = SampleParts.Plan() with { Car = Old, FrontPad = new Pad("front", front), RearPad = new Pad("rear", rear) };
        var run = new DayRun(plan, [CarFactors.Median], demands: true);
        run.Run(new Day(plan).Phases[0]);
        MemberDay.Of(plan, run, 0, CarFactors.Median, []).RearLocks().Gives.ShouldBe(gives);
        LimitTable.Of(plan).ShouldContain(row => row.Code == LimitCode.RearLocksFirst && row.HarmOf(plan) == Harm.Danger);
    }

    [Fact]
    public void Electronics_hold_the_rear_back_themselves() =>
        LimitTable.Of(SampleParts.Plan() with { Car = Old with { Electronics = true } }).ShouldNotContain(row => row.Code == LimitCode.RearLocksFirst);

    // A pascal that makes the knee of 30 bar some 0.3 g.
    private static double PerPascal => 0.3 * Old.MassKg * 9.80665 * Old.TyreRadiusM / 30e5;
}
