using Rimrock.Core.Fluids;
using Rimrock.Core.Quantities;

namespace Rimrock.Reference.Tests;

/// <summary>Fluid figures against FMVSS 116 (49 CFR 571.116) S5.1 and ISO 4925:2020 table 1, both from memory.</summary>
public class FluidTests
{
    [Fact]
    public void Two_percent_of_water_takes_270_down_to_195()
    {
        BoilingPoint.At(new Temperature(270), new Temperature(170), 2.0).Celsius.ShouldBe(195.0, 0.05);
        (270 - ((270 - 170) * 2.0 / 3.7)).ShouldBe(215.9, 0.05, "a straight line would flatter the fluid by 21 K");
    }

    [Fact]
    public void The_curve_meets_the_bottles_two_figures()
    {
        BoilingPoint.At(new Temperature(255), new Temperature(165), 0).Celsius.ShouldBe(255, 1e-9);
        BoilingPoint.At(new Temperature(255), new Temperature(165), 3.7).Celsius.ShouldBe(165, 1e-9);
    }

    [Theory]
    [InlineData("dot3", 205, 140, 1500)]
    [InlineData("dot4", 230, 155, 1800)]
    [InlineData("dot5", 260, 180, 900)]
    [InlineData("dot5.1", 260, 180, 900)]
    [InlineData("iso3", 205, 140, 1500)]
    [InlineData("iso4", 230, 155, 1500)]
    [InlineData("iso5-1", 260, 180, 900)]
    [InlineData("iso6", 250, 165, 750)]
    [InlineData("iso7", 260, 180, 750)]
    public void Classes_have_the_standards_minima(string code, double dry, double wet, double viscosity)
    {
        var row = FluidClass.Find(code)!;
        (row.DryC, row.WetC, row.ViscosityMm2S).ShouldBe((dry, wet, viscosity));
    }

    [Theory]
    [InlineData("dot4", 229, 160, true)]
    [InlineData("dot4", 230, 155, false)]
    [InlineData("dot5.1", 258, 185, true)]
    public void A_fluid_that_claims_a_class_it_does_not_meet_is_named(string code, double dry, double wet, bool refused)
    {
        var faults = new List<InputFault>();
        new BrakeFluid("sample", code, dry, wet).Check("fluid", faults);
        faults.Any(fault => fault.Field == "fluid.class").ShouldBe(refused);
    }
}
