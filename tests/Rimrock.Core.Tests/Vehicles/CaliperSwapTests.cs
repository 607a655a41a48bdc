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

    /// <summary>
    /// By hand: force for 1 g goes with one over what a pascal gives; a ring 1.1 times as far out gives as much more torque at the front alone; the pedal's way
    /// goes with one over the square of the bore.
    /// </summary>
    [Fact]
    public void A_larger_lever_a_master_cylinder_and_rear_pistons_do_what_arithmetic_says()
    {
        CaliperSwap With(OtherParts with) =>
            CaliperSwap.Of(SampleParts.Estate, SampleParts.FrontBrake, SampleParts.FrontRing, SampleParts.RearRing, BrakeLine.Rubber, with);
        var same = With(new OtherParts());
        (same.LeverRatio, same.ForceN, same.RestoringMm).ShouldBe((1, same.ForceBeforeN, 23.81));
        var lever = With(new OtherParts(FrontRotorMm: 345));
        var radius = SampleParts.FrontBrake.EffectiveRadiusM(SampleParts.FrontRing);
        lever.LeverRatio.ShouldBe((radius + 0.0125) / radius, 1e-3);
        lever.ForceN.ShouldBeLessThan(same.ForceN);
        lever.PedalMm.ShouldBe(same.PedalMm, "the same pistons move the same fluid");
        var bore = With(new OtherParts(MasterCylinderMm: 25.4));
        (bore.PedalMm.P50 / same.PedalMm.P50).ShouldBe(23.81 * 23.81 / (25.4 * 25.4), 0.012, "told in whole millimetres");
        bore.ForceN.ShouldBeGreaterThan(same.ForceN);
        With(new OtherParts(RearPistonMm: 44)).FrontShare.ShouldBeLessThan(same.FrontShare);
    }

    [Fact]
    public void The_master_cylinder_that_restores_the_way_is_one_that_is_made()
    {
        var big = Of(SampleParts.FrontBrake with { Caliper = CaliperKind.Fixed, PistonsMm = [44, 44, 38] });
        big.RestoringMm.ShouldBeGreaterThan(23.81);
        (big.RestoringMm / CaliperSwap.BoreStepMm).ShouldBe(Math.Round(big.RestoringMm / CaliperSwap.BoreStepMm), 0.01);
    }

    [Fact]
    public void Without_electronics_a_rear_that_locks_first_is_told_in_g()
    {
        var bare = SampleParts.Estate with { Electronics = false, RearValve = RearValve.None };
        var rear = CaliperSwap.Of(bare, SampleParts.FrontBrake with { PistonsMm = [40] }, SampleParts.FrontRing, SampleParts.RearRing, BrakeLine.Rubber,
            new OtherParts(RearPistonMm: 48));
        rear.LocksG.ShouldNotBeNull();
        rear.Notes.ShouldContain(note => note.Code == "caliper-swap.rear-locks-from");
        Of(SampleParts.FrontBrake with { PistonsMm = [40] }).LocksG.ShouldBeNull("electronics let it turn");
    }
}
