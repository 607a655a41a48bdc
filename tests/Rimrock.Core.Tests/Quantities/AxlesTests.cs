using Rimrock.Core.Quantities;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Tests.Quantities;

public class AxlesTests
{
    [Fact]
    public void Front_and_rear_stay_what_they_are()
    {
        var axles = Axles.Of(axle => axle == Axle.Front ? 2 : 3);
        (axles[Axle.Front], axles[Axle.Rear]).ShouldBe((2, 3));
        axles.Map(one => one * one).ShouldBe(new Axles<int>(4, 9));
        Axles.Both.ShouldBe([Axle.Front, Axle.Rear]);
    }

    [Fact]
    public void A_plan_is_fitted_axle_by_axle()
    {
        var plan = SampleParts.Plan() with { FrontPadMm = 7, RearWrongSide = true, Bedded = false, RearDuct = new WheelDuct(60) };
        var setup = plan.Setup();
        setup.Axles.Front.PadMm.ShouldBe(7);
        setup.Axles.Rear.PadMm.ShouldBe(plan.Car.Rear.PadNewMm, "nobody measured: new");
        (setup.Axles.Front.Rotors.WrongSide, setup.Axles.Rear.Rotors.WrongSide).ShouldBe((false, true));
        (setup.Axles.Front.Duct, setup.Axles.Rear.Duct?.HoseMm).ShouldBe((null, 60));
        setup.Axles.Map(axle => axle.Pads.Bedded).ShouldBe(new Axles<bool>(false, false));
        (setup.Axles.Front.Rotors.Rotor, setup.Axles.Rear.Pads.Pad).ShouldBe((plan.FrontRotor, plan.RearPad));
        (setup.Fluid.Fluid, setup.Hoses.Kind, setup.MasterCylinderMm).ShouldBe((plan.Fluid, plan.Lines, plan.Car.Hydraulics.MasterCylinderMm));
        plan.At(Axle.Rear).TorquePerPascal(plan.Car.Hydraulics).ShouldBe(
            2 * 2 * plan.Car.Rear.OneSidePistonAreaM2() * plan.Car.Rear.EffectiveRadiusM(plan.RearRotor) * plan.Car.Hydraulics.Efficiency, 1e-12);
    }

    [Theory]
    [InlineData(6.0, 8.0, 6.0)]
    [InlineData(9.0, 5.5, 5.5)]
    [InlineData(null, 8.0, 8.0)]
    [InlineData(7.0, null, 7.0)]
    [InlineData(null, null, null)]
    public void The_thinner_side_counts(double? left, double? right, double? thinnest) =>
        new FittedPads(SampleParts.Plan().FrontPad, left, right).ThinnestMm.ShouldBe(thinnest);
}
