using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Tests.Vehicles;

public class CaliperSwapTests
{
    private static CaliperSwap Of(AxleBrake front, Car? car = null) =>
        CaliperSwap.Of(car ?? SampleParts.Estate, front, SampleParts.FrontRing, SampleParts.RearRing, BrakeLine.Rubber);

    [Fact]
    public void The_same_caliper_changes_nothing()
    {
        var same = Of(SampleParts.FrontBrake);
        same.AreaRatio.ShouldBe(1);
        same.FrontShare.ShouldBe(same.FrontShareBefore);
        same.PedalMm.ShouldBe(same.PedalBeforeMm);
    }

    [Fact]
    public void A_fixed_caliper_counts_one_side()
    {
        // 40 and 38 mm on one side: (40^2 + 38^2) / 57^2 = 0.937 of a sliding 57 mm piston, by hand.
        Of(SampleParts.FrontBrake with { Caliper = CaliperKind.Fixed, PistonsMm = [40, 38] }).AreaRatio.ShouldBe(((40.0 * 40) + (38 * 38)) / (57 * 57), 1e-3);
    }

    [Fact]
    public void A_big_front_kit_on_a_stock_rear_upsets_the_balance_and_lengthens_the_pedal()
    {
        // Common practice: piston area near the original, or ABS and balance suffer.
        var big = Of(SampleParts.FrontBrake with { Caliper = CaliperKind.Fixed, PistonsMm = [44, 44, 38] });
        big.FrontShare.ShouldBeGreaterThan(big.FrontShareBefore + CaliperSwap.FeltShare);
        big.PedalMm.P50.ShouldBeGreaterThan(big.PedalBeforeMm.P50);
        big.Notes.ShouldContain(note => note.Code == "caliper-swap.front-works-harder-points");
    }

    [Fact]
    public void A_wheel_that_is_too_small_is_told()
    {
        Of(SampleParts.FrontBrake, SampleParts.Estate with { WheelBarrelMm = 370 }).Clears.ShouldBe(false);
        Of(SampleParts.FrontBrake).Clears.ShouldBeNull();
    }
}
