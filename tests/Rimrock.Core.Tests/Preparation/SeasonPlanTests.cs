using Rimrock.Core.Driving;
using Rimrock.Core.Fluids;
using Rimrock.Core.Preparation;
using Rimrock.Core.Quantities;
using Rimrock.Core.Rotors;
using Rimrock.Core.Runs;
using Rimrock.Core.Vehicles;

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

    /// <summary>A day starts on the pads that the days before it have left (common practice: thin pads pass more heat, and wear through).</summary>
    [Fact]
    public void Each_day_is_judged_on_the_pads_that_the_days_before_have_left()
    {
        SeasonEvent[] alike = [.. Enumerable.Range(0, 4).Select(i => Events[0] with { Date = Events[0].Date.AddDays(7 * i) })];
        var season = SeasonPlan.Of(Plan with { FrontPadMm = 8 }, alike, Today);
        var (pads, days) = (season.Parts[0], season.Policies[(int)FluidPolicy.EachEvent].Days);
        days[1].Damage.Share.ShouldBeGreaterThan(days[0].Damage.Share);

        // As after the first day alone, judged by itself.
        var worn = SeasonPlan.Of(Plan with { FrontPadMm = pads.LeftMm[0].P50, RearPadMm = season.Parts[1].LeftMm[0].P50 }, [alike[1]], Today);
        var alone = worn.Policies[(int)FluidPolicy.EachEvent].Days[0];
        days[1].Damage.Share.ShouldBe(alone.Damage.Share, 0.02);
        days[1].DemandC.P50.ShouldBe(alone.DemandC.P50, 1);

        // Where they would be below their limit in the morning, others are on.
        var changed = pads.LeftMm.ToList().FindIndex(mm => mm.P50 < pads.LimitMm) + 1;
        if (changed > 0 && changed < days.Count)
        {
            days[changed].Damage.Share.ShouldBeLessThan(days[changed - 1].Damage.Share);
        }
    }

    [Fact]
    public void Cracks_seals_and_hoses_add_up_over_the_season()
    {
        var drilled = Plan with { FrontRotor = Plan.FrontRotor with { Finish = new RotorFinish(RotorFace.Drilled) }, HoseYears = 9.8, Stint = new StintPlan(6, 30, 20) };
        var season = SeasonPlan.Of(drilled, Events, Today);
        var cracks = season.Lives.Single(life => life.Part.Code == "season-plan.crack-life");
        cracks.UsedPercent.Count.ShouldBe(Events.Length);
        double Alone(SeasonEvent item) => SeasonPlan.Of(drilled, [item], Today).Lives.Where(life => life.Part.Code == cracks.Part.Code)
            .Sum(life => life.UsedPercent[0].P50);
        cracks.UsedPercent[1].P50.ShouldBe(Alone(Events[0]) + Alone(Events[1]), 0.15 * cracks.UsedPercent[1].P50);

        // The life of a plain ring is known within three times either way (engineering judgement): so is what is used of it.
        (cracks.UsedPercent[0].P90 / cracks.UsedPercent[0].P50).ShouldBe(Math.Pow(3, 1.2816), 0.1);

        // Ten years after nine and eight tenths: 73 days from today, before the second event.
        var hoses = season.Lives.Single(life => life.Part.Code == "season-plan.hoses");
        (hoses.RunsOutAt, hoses.OrderBy).ShouldBe((2, Events[1].Date.AddDays(-14)));
        SeasonPlan.Of(Plan with { HoseYears = 3 }, Events, Today).Lives.ShouldNotContain(life => life.Part.Code == "season-plan.hoses");
    }

    [Fact]
    public void Events_out_of_order_or_in_the_past_are_refused_by_number()
    {
        SeasonEvent[] wrong = [Events[1], Events[0], new(new DateOnly(2026, 1, 1), "past", 90)];
        var faults = Should.Throw<InputFaultException>(() => SeasonPlan.Of(Plan, wrong, Today)).Faults;
        faults.Select(fault => fault.Field).ShouldBe(["events[1].date", "events[2].ambientC", "events[2].date"], ignoreOrder: true);
        Should.Throw<InputFaultException>(() => SeasonPlan.Of(Plan, [], Today)).Faults.Single().Field.ShouldBe("events");
    }

    [Fact]
    public void An_event_has_its_own_kind_of_day_and_its_own_height()
    {
        SeasonEvent[] kinds = [Events[0], Events[0] with { Kind = "commute" }, Events[0] with { Kind = "descent" }, Events[0] with { Kind = "autocross" }];
        var days = SeasonPlan.Of(Plan, kinds, Today).Policies[0].Days;
        var (track, commute, descent, autocross) = (days[0].DemandC.P50, days[1].DemandC.P50, days[2].DemandC.P50, days[3].DemandC.P50);
        commute.ShouldBeLessThan(track - 20, "a drive to work is no track day");
        autocross.ShouldBeLessThan(track - 20, "a minute on and minutes off heats little (common practice)");
        descent.ShouldBeGreaterThan(commute + 20);

        // What the plan says of such a day holds; the place is the event's.
        var towed = Plan with { Days = [.. Plan.Planned(), new PlannedDay("descent", 2, DropM: 2000, TrailerKg: 1500)] };
        var on = (Events[0] with { Kind = "descent", Circuit = Plan.Circuit with { AltitudeM = 1500 } }).On(towed);
        (on.Leading().DropM, on.Circuit.AltitudeM, on.Weather.AmbientC).ShouldBe((2000, 1500, 15));
        Should.Throw<InputFaultException>(() => SeasonPlan.Of(Plan, [Events[0] with { Kind = "sprint" }], Today)).Faults.Single().Field
            .ShouldBe("events[0].kind");
    }

    /// <summary>A heat source beside a line cooks fluid by distance ridden, not by months (common practice).</summary>
    [Fact]
    public void Fluid_beside_an_exhaust_is_older_than_its_months()
    {
        double LeftIn(OutsideHeat? beside) => SeasonPlan.Of(Plan with { OutsideHeat = beside }, [Events[2]], Today).Policies[(int)FluidPolicy.LeftIn].Days[^1].VapourC.P50;
        var none = LeftIn(null);
        LeftIn(new OutsideHeat(DistanceMm: 60)).ShouldBeLessThan(none - 2);
        LeftIn(new OutsideHeat(DistanceMm: 30)).ShouldBeLessThan(LeftIn(new OutsideHeat(DistanceMm: 60)));
        LeftIn(new OutsideHeat(DistanceMm: 60, KmAYear: 0)).ShouldBe(none, "parked, nothing is hot");
        LeftIn(new OutsideHeat(HeatedPlace.Caliper)).ShouldBe(none, 0.2);

        // Doubles for every 15 K above 40 C of the line while it is driven.
        // 12,000 km at 60 km/h are 200 h of a year's 8766.
        var near = new OutsideHeat(SourceC: 800, DistanceMm: 50);
        near.Uptake(20).ShouldBe(1 + (200 / 8766.0 * (Math.Pow(2, (near.LineC(20) - 40) / 15) - 1)), 1e-9);
        (near with { KmAYear = 24000 }).Uptake(20).ShouldBe(1 + (2 * (near.Uptake(20) - 1)), 1e-9);
    }

    [Fact]
    public void A_rear_caliper_is_heated_where_the_exhaust_runs()
    {
        var rear = (Plan with { OutsideHeat = new OutsideHeat(HeatedPlace.Caliper, 600, 20, Axle: Axle.Rear) }).Wheels();
        (rear.Front.CaliperSource, rear.Rear.CaliperSource is null).ShouldBe((null, false));
    }
}
