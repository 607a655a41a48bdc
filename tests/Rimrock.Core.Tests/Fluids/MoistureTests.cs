using Rimrock.Core.Fluids;
using Rimrock.Core.Quantities;

namespace Rimrock.Core.Tests.Fluids;

public class MoistureTests
{
    [Fact]
    public void Water_comes_in_faster_on_the_coast_and_slower_through_new_hoses()
    {
        double Water(Climate climate, bool tight) => MoistureUptake.AtCaliperPercent(24, climate, tight);
        Water(Climate.Humid, false).ShouldBeGreaterThan(Water(Climate.Temperate, false));
        Water(Climate.Temperate, true).ShouldBeLessThan(Water(Climate.Temperate, false));
        Water(Climate.Dry, false).ShouldBeLessThan(Water(Climate.Temperate, false));
    }

    /// <summary>Common practice: some say a year of use gets to the wet point, others two; the estimate lies in that band and never above the cap.</summary>
    [Fact]
    public void The_estimate_lies_within_what_people_report()
    {
        MoistureUptake.AtCaliperPercent(12, Climate.Temperate, false).ShouldBeInRange(1.0, 3.7);
        MoistureUptake.AtCaliperPercent(24, Climate.Temperate, false).ShouldBeInRange(2.0, 3.7);
        MoistureUptake.AtCaliperPercent(1200, Climate.Humid, false).ShouldBeLessThanOrEqualTo(6.51);
        MoistureUptake.AtCaliperPercent(0, Climate.Humid, false).ShouldBe(0);
    }

    /// <summary>
    /// By hand: half of dry above wet is gone at w = -2 ln((1 + e^-1.85) / 2) = 1.09 %; at 1.6 %/a x 1.97 (the wet edge) towards 6 % that takes 4.6 months.
    /// </summary>
    [Fact]
    public void An_opened_bottle_has_its_day()
    {
        var glycol = new BrakeFluid("glycol", "dot4", 250, 165);
        BottleLife.Months(glycol, Climate.Temperate)!.Value.ShouldBe(4.6, 0.25);
        BottleLife.Months(glycol, Climate.Humid)!.Value.ShouldBeLessThan(4);
        BottleLife.Months(glycol, Climate.Dry)!.Value.ShouldBeGreaterThan(5);
        BottleLife.Months(new BrakeFluid("silicone", "dot5", 260, 180), Climate.Humid).ShouldBeNull();
        var day = new DateOnly(2026, 1, 1);
        (glycol with { OpenedOn = day }).AsOf(day.AddDays(61)).OpenedMonths.ShouldBe(2);
        (glycol with { OpenedMonths = 3 }).AsOf(day).OpenedMonths.ShouldBe(3, "nobody knows its day");
    }

    [Fact]
    public void Fluid_loses_its_boiling_point_month_by_month_but_silicone_does_not()
    {
        var glycol = new BrakeFluid("glycol", "dot4", 250, 165);
        var before = 251.0;
        for (var months = 0; months <= 48; months += 6)
        {
            var now = glycol.BoilingWith(new FluidState(months).WaterAtCaliperPercent()).Celsius;
            now.ShouldBeLessThan(before);
            before = now;
        }

        new BrakeFluid("silicone", "dot5", 265, 185).BoilingWith(3).ShouldBe(new Temperature(265));
    }

    [Fact]
    public void A_reading_replaces_the_estimate()
    {
        new FluidState(120, ReservoirWaterPercent: 0.5).WaterAtCaliperPercent().ShouldBeInRange(0.5, 1.0);
    }

    [Fact]
    public void Vapour_shows_below_boiling_and_earlier_in_the_mountains()
    {
        VapourPoint.Of(new Temperature(210), 0).Celsius.ShouldBe(202, 1e-12);
        VapourPoint.Of(new Temperature(210), 2000).Celsius.ShouldBe(192, 1e-12);
    }

    [Theory]
    [InlineData(-0.1)]
    [InlineData(8.1)]
    public void Water_that_cannot_be_is_refused(double percent) =>
        Should.Throw<ArgumentOutOfRangeException>(() => BoilingPoint.At(new Temperature(250), new Temperature(160), percent));
}
