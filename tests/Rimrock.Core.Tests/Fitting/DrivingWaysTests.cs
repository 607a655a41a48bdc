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
