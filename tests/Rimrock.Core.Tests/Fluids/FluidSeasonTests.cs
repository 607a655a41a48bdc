using Rimrock.Core.Fluids;
using Rimrock.Core.Priors;

namespace Rimrock.Core.Tests.Fluids;

public class FluidSeasonTests
{
    private static readonly BrakeFluid Silicone = new("silicone", "dot5", 260, 180);
    private static readonly BrakeFluid Glycol = new("glycol", "dot4", 246, 168);

    [Fact]
    public void Where_no_water_gets_in_only_the_lag_of_vapour_is_unsure()
    {
        // Eight in ten of a normal lie within 1.2816 deviations.
        var vapour = FluidSeason.Vapour(Silicone, new FluidState(24), 0);
        (vapour.P90 - vapour.P50).ShouldBe(1.2816 * PriorSpread.VapourK, 0.2);
        (vapour.P50 - vapour.P10).ShouldBe(1.2816 * PriorSpread.VapourK, 0.2);
    }

    [Fact]
    public void The_band_of_a_drinking_fluid_grows_with_its_age_and_its_middle_falls()
    {
        var bands = new[] { 1.0, 12, 24, 36 }.Select(months => FluidSeason.Vapour(Glycol, new FluidState(months), 0)).ToList();
        for (var i = 1; i < bands.Count; i++)
        {
            bands[i].P50.ShouldBeLessThan(bands[i - 1].P50);
        }

        (bands[2].P90 - bands[2].P10).ShouldBeGreaterThan(bands[0].P90 - bands[0].P10);
        (bands[2].P90 - bands[2].P10).ShouldBeGreaterThan(2 * 1.2816 * PriorSpread.VapourK);
    }

    [Fact]
    public void A_season_ages_what_is_left_in_and_not_what_is_flushed()
    {
        var state = new FluidState(6);
        var left = FluidSeason.Days(Glycol, state, freshEachEvent: false, events: 3, altitudeM: 0);
        var flushed = FluidSeason.Days(Glycol, state, freshEachEvent: true, events: 3, altitudeM: 0);
        left.Select(day => day.MonthsOld).ShouldBe([6, 9.5, 13], "a season is seven months");
        flushed.Select(day => day.MonthsOld).Distinct().Single().ShouldBe(0.5, "a fortnight");
        flushed[2].VapourC.P50.ShouldBeGreaterThan(left[2].VapourC.P50);
    }
}
