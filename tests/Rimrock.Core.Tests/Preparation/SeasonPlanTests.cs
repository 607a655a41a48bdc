using Rimrock.Core.Driving;
using Rimrock.Core.Fluids;
using Rimrock.Core.Preparation;
using Rimrock.Core.Quantities;

namespace Rimrock.Core.Tests.Preparation;

public class SeasonPlanTests
{
    private static readonly DateOnly Today = new(2026, 3, 1);

    private static readonly PredictionPlan Plan = SampleParts.Plan("track-sport", "track-sport")
        with
    { Fluid = new BrakeFluid("fluid", "dot4", 280, 180, 30, BottleLitres: 0.5), FluidState = new FluidState(20, Climate.Humid) };

    private static readonly SeasonEvent[] Events =
        [new(new DateOnly(2026, 4, 12), "first", 15), new(new DateOnly(2026, 6, 20), "hot", 30), new(new DateOnly(2026, 9, 6), "last", 20)];

    private static readonly SeasonPlan Season = SeasonPlan.Of(Plan, Events, Today);

    private static PolicySeason By(FluidPolicy policy) => Season.Policies.Single(one => one.Policy == policy);

    [Fact]
    public void Fresher_fluid_boils_higher_on_every_event()
    {
        for (var i = 0; i < Events.Length; i++)
        {
            By(FluidPolicy.EachEvent).Days[i].VapourC.P50.ShouldBeGreaterThanOrEqualTo(By(FluidPolicy.Yearly).Days[i].VapourC.P50);
            By(FluidPolicy.Yearly).Days[i].VapourC.P50.ShouldBeGreaterThan(By(FluidPolicy.LeftIn).Days[i].VapourC.P50 + 10);
        }

        By(FluidPolicy.EachEvent).Days.Select(day => day.VapourC.P50).Distinct().Count().ShouldBe(1);
    }

    [Fact]
    public void A_hotter_day_heats_the_fluid_more() =>
        By(FluidPolicy.Yearly).Days[1].DemandC.P50.ShouldBeGreaterThan(By(FluidPolicy.Yearly).Days[0].DemandC.P50 + 5);

    [Fact]
    public void Bleed_dates_lie_two_days_before_and_cost_whole_bottles()
    {
        By(FluidPolicy.EachEvent).Flushes.ShouldBe([new DateOnly(2026, 4, 10), new DateOnly(2026, 6, 18), new DateOnly(2026, 9, 4)]);
        By(FluidPolicy.EachEvent).Cost.ShouldBe(3 * 30);
        By(FluidPolicy.LeftIn).Cost.ShouldBe(0);
    }

    [Fact]
    public void The_line_drops_between_bleedings_and_jumps_at_one()
    {
        var line = By(FluidPolicy.Yearly).Line;
        var before = line.Single(point => point.Date == new DateOnly(2026, 4, 9)).VapourC;
        var after = line.Single(point => point.Date == new DateOnly(2026, 4, 10)).VapourC;
        after.ShouldBeGreaterThan(before + 20);
        var since = line.Where(point => point.Date >= new DateOnly(2026, 4, 10)).Select(point => point.VapourC).ToList();
        since.ShouldBe(since.OrderDescending());
    }

    [Fact]
    public void Pads_run_down_event_by_event_and_are_ordered_a_fortnight_before_they_are_gone()
    {
        var thin = SeasonPlan.Of(Plan with { FrontPadMm = 4.0 }, Events, Today).Parts.Single(part => part.Part.Code == "season-plan.front-pads");
        var left = thin.LeftMm.Select(mm => mm.P50).ToList();
        left.ShouldBe(left.OrderDescending());
        thin.RunsOutAt.ShouldNotBeNull();
        thin.OrderBy.ShouldBe(Events[thin.RunsOutAt!.Value - 1].Date.AddDays(-14));
    }

    /// <summary>Pads that last in the middle of the band and not at its edge are ordered: nobody is told that they last.</summary>
    [Fact]
    public void What_may_run_out_is_ordered_though_it_lasts_in_the_middle()
    {
        foreach (var mm in Enumerable.Range(5, 10).Select(whole => (double)whole))
        {
            var pads = SeasonPlan.Of(Plan with { FrontPadMm = mm }, Events, Today).Parts.Single(part => part.Part.Code == "season-plan.front-pads");
            (pads.RunsOutAt is null).ShouldBe(pads.LeftMm[^1].P10 >= pads.LimitMm);
            if (pads.LeftMm[^1].P50 > pads.LimitMm && pads.RunsOutAt is { } number)
            {
                pads.OrderBy.ShouldBe(Events[number - 1].Date.AddDays(-14));
                return;
            }
        }

        Assert.Fail("no thickness that lasts in the middle alone");
    }

    [Fact]
    public void Events_out_of_order_or_in_the_past_are_refused_by_number()
    {
        SeasonEvent[] wrong = [Events[1], Events[0], new(new DateOnly(2026, 1, 1), "past", 90)];
        var faults = Should.Throw<InputFaultException>(() => SeasonPlan.Of(Plan, wrong, Today)).Faults;
        faults.Select(fault => fault.Field).ShouldBe(["events[1].date", "events[2].ambientC", "events[2].date"], ignoreOrder: true);
        Should.Throw<InputFaultException>(() => SeasonPlan.Of(Plan, [], Today)).Faults.Single().Field.ShouldBe("events");
    }
}
