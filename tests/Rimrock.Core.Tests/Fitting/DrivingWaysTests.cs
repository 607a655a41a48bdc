using Rimrock.Core.Driving;
using Rimrock.Core.Fitting;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Tests.Fitting;

/// <summary>What costs nothing: which ways a kind of day has, and what they change (common practice).</summary>
public class DrivingWaysTests
{
    private static readonly Wishes Free = new(RoadApprovalMust: false);

    [Theory]
    [InlineData("track-day", "cool-down-lap,shorter-sessions,longer-rest,slower-pace,together")]
    [InlineData("endurance", "cool-down-lap,shorter-sessions,slower-pace,together")]
    [InlineData("flying-lap", "longer-rest,slower-pace,together")]
    [InlineData("autocross", "longer-rest,slower-pace,together")]
    [InlineData("descent", "lower-gear,stop-halfway,together")]
    [InlineData("commute", "")]
    public void A_kind_of_day_has_its_own_ways(string kind, string codes)
    {
        var plan = SampleParts.Plan() with { Days = [new("weekday", 100), new(kind, 4)], Stint = new StintPlan(3, 20, 40) };
        DrivingWays.For(plan, 1).Select(way => way.Code).ShouldBe(codes.Split(',', StringSplitOptions.RemoveEmptyEntries));
    }

    [Fact]
    public void A_way_changes_its_day_and_no_other()
    {
        var plan = SampleParts.Plan() with { Days = [new("weekday", 100), new("descent", 4, TrailerKg: 1500, TrailerBraked: true)] };
        var ways = DrivingWays.For(plan, 1).ToDictionary(way => way.Code, way => way.Of(plan).Planned());
        ways.Values.ShouldAllBe(days => days[0] == plan.Planned()[0]);
        ways["lower-gear"][1].Gear.ShouldBe(DescentGear.Second);
        ways["stop-halfway"][1].DropM.ShouldBe(500);
        ways["lighter-trailer"][1].TrailerKg.ShouldBe(1000);
        ways["together"][1].ShouldBe(plan.Planned()[1] with { Gear = DescentGear.Second, DropM = 500, TrailerKg = 1000 });
    }

    [Theory]
    [InlineData("track-day", "less-heat.fewer-laps")]
    [InlineData("endurance", "less-heat.fewer-laps")]
    [InlineData("flying-lap", "less-heat.less-speed")]
    [InlineData("hill", "less-heat.longer-waits")]
    [InlineData("autocross", "less-heat.longer-waits")]
    [InlineData("descent", "less-heat.lower-gear")]
    [InlineData("towing", "less-heat.less-speed")]
    public void Heat_is_taken_out_by_what_such_a_day_has(string kind, string code)
    {
        var on = SampleParts.Plan() with { Days = [new(kind, 4)] };
        LessHeat.Of(on).Code.ShouldBe(code);

        // Air cools where laps follow one another.
        LessHeat.WithAir(on).Code.ShouldBe(code == "less-heat.fewer-laps" ? "less-heat.air" : code);
    }

    [Fact]
    public void What_has_no_engine_that_holds_it_is_sent_to_no_lower_gear()
    {
        var petrol = SampleParts.Plan() with { Days = [new("descent", 4)] };
        var electric = petrol with { Car = petrol.Car with { EngineBrakingMS2 = 0, RegenerationMS2 = 2 } };
        LessHeat.Of(electric).Code.ShouldBe("less-heat.less-speed");
        DrivingWays.For(electric, 0).ShouldNotContain(way => way.Code == "lower-gear");
        UseRemarks.Of(petrol).ShouldContain(said => said.Code == "use-remarks.low-gear-first");
        UseRemarks.Of(electric).ShouldNotContain(said => said.Code == "use-remarks.low-gear-first");
    }

    [Theory]
    [InlineData("autocross", true)]
    [InlineData("strip", true)]
    [InlineData("hill", false)]
    public void Runs_that_never_get_hot_are_between_cones_and_down_a_strip(string kind, bool isCold) =>
        UseRemarks.Of(SampleParts.Plan() with { Days = [new(kind, 4)] }).Any(said => said.Code == "use-remarks.short-runs-bite-and-lines").ShouldBe(isCold);

    [Fact]
    public void Ducts_are_offered_where_there_is_time_to_cool_and_never_on_a_motorcycle()
    {
        var duct = new DuctKit("duct", new WheelDuct(76, Shield.Trimmed));
        string? Of(string kind) => HardStops.Of(duct, SampleParts.Plan() with { Days = [new(kind, 4)] }, Free)?.Code;
        Of("track-day").ShouldBeNull();
        Of("endurance").ShouldBeNull();
        foreach (var kind in new[] { "flying-lap", "autocross", "weekday", "descent" })
        {
            Of(kind).ShouldBe("duct-no-use");
        }

        HardStops.Of(duct, SampleParts.Plan() with { Car = CarGuess.Motorcycle("m", 210, 90, "sport").Car }, Free)!.Code.ShouldBe("vehicle-kind");
        FitRules.Of(new LineKit("lines", BrakeLine.Braided), CarGuess.Motorcycle("m", 210, 90, "sport").Car)!.Code.ShouldBe("vehicle-kind");
    }

    [Theory]
    [InlineData(500.0, 100.0, 1200.0, 3)]
    [InlineData(500.0, 499.0, 1200.0, 1200)]
    [InlineData(100.0, 100.0, 1200.0, null)]
    [InlineData(500.0, 100.0, null, null)]
    public void Iron_rings_pay_once_what_an_event_saves_adds_up_to_their_price(double carbon, double iron, double? outlay, int? events)
    {
        static RunningCost Cost(double perEvent, double? buy) => new([], null, perEvent, null, buy, []);
        UseRemarks.BreakEvenEvents(Cost(carbon, 0), Cost(iron, outlay)).ShouldBe(events);
    }
}
