using Rimrock.Core.Driving;
using Rimrock.Core.Fitting;
using Rimrock.Core.Fluids;
using Rimrock.Core.Friction;
using Rimrock.Core.Runs;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Tests.Fitting;

/// <summary>What people who fit brakes know (common practice), as whole predictions.</summary>
public class TradeFactTests
{
    [Fact]
    public void Street_organics_fade_on_a_hard_track_day_and_a_sport_pad_mends_it()
    {
        var street = SampleParts.LimitsOf(SampleParts.Plan());
        street["front-pad-hot"].Gives.ShouldBeTrue();
        street["front-pad-hot"].When!.Lap.ShouldBeLessThanOrEqualTo(4);
        street["front-pad-hot"].Change.ShouldNotBeNull();
        var sport = SampleParts.LimitsOf(SampleParts.Plan("track-sport", "street-performance"));
        (sport["front-pad-hot"].Margin!.Value - street["front-pad-hot"].Margin!.Value).ShouldBeGreaterThan(20);
        street["pace-lost"].Demand!.Value.ShouldBeGreaterThan(sport["pace-lost"].Demand!.Value + 0.2, "who has less left brakes earlier");
        sport["front-wear"].Demand!.Value.ShouldBeGreaterThan(street["front-wear"].Demand!.Value);
    }

    [Fact]
    public void A_race_pad_hardly_stops_on_a_cold_morning()
    {
        var race = Predictor.Predict(SampleParts.Plan("race-carbon-metallic", "race-carbon-metallic")).ColdStops;
        var street = Predictor.Predict(SampleParts.Plan()).ColdStops;
        var cold = race.Single(stop => stop is { SpeedKmh: 50, StartC: 5 });
        (cold.Metres.P50 - cold.OriginalMetres).ShouldBeGreaterThan(3);
        street.ShouldAllBe(stop => Math.Abs(stop.Metres.P50 - stop.OriginalMetres) < 1);
        var commute = SampleParts.Plan("race-carbon-metallic", "race-carbon-metallic") with { Days = [new("commute", 200)] };
        var limit = SampleParts.LimitsOf(commute)["street-cold"];
        limit.Gives.ShouldBeTrue();

        // The sentence tells how much longer that is than with the original pads.
        limit.Sentence.Terms.Select(term => term.Figure?.Value).OfType<double>().ShouldContain(more => Math.Abs(more - (limit.Demand!.Value - cold.OriginalMetres)) < 0.1);
    }

    [Fact]
    public void A_cold_pad_warms_seventy_to_ninety_kelvins_in_one_stop_from_a_hundred() =>
        Predictor.Predict(SampleParts.Plan()).ColdStops.Single(stop => stop.SpeedKmh == 100).EndFaceC.ShouldBeInRange(5 + 60, 5 + 95);

    [Fact]
    public void Where_both_reach_the_tyres_grip_pads_make_no_difference()
    {
        var plan = SampleParts.Plan("track-sport", "track-sport") with { Weather = new Weather(5, Rain: true) };
        var panic = ColdStop.Compare(plan, 100, 5, 500);
        panic.ReachesAbs.ShouldBeTrue();
        panic.Metres.P50.ShouldBe(panic.OriginalMetres, 0.5);
    }

    [Fact]
    public void Wet_fluid_boils_where_fresh_fluid_holds()
    {
        var hard = SampleParts.Plan("race-sintered", "race-sintered") with { FrontPadMm = 4, Stint = new StintPlan(1, 30, 30, CoolDownLaps: 0) };
        var fresh = SampleParts.LimitsOf(hard with { Fluid = new BrakeFluid("dry", "dot5.1", 290, 185), FluidState = new FluidState(0) })["front-fluid"];
        var demand = fresh.Demand!.Value;
        var old = SampleParts.LimitsOf(hard with
        {
            Fluid = new BrakeFluid("plain", "dot3", 210, 142),
            FluidState = new FluidState(60, Climate.Humid)
        })["front-fluid"];
        old.Capacity.ShouldBeLessThan(fresh.Capacity - 60);
        old.Demand!.Value.ShouldBe(demand, 1e-9, "the fluid's figures do not change how hot it gets");
        fresh.Gives.ShouldBeFalse();
        old.Gives.ShouldBe(demand > old.Capacity);
        old.Gives.ShouldBeTrue();
        old.Change.ShouldNotBeNull();
    }

    [Fact]
    public void A_heavier_car_on_the_same_rotors_needs_a_hotter_pad()
    {
        // Pads that hold: with those that fade a driver brakes earlier and spares them.
        var plan = SampleParts.Plan("race-sintered", "race-sintered") with { Pace = "regular" };
        var heavy = plan with { Car = plan.Car with { MassKg = 1900 } };
        SampleParts.LimitsOf(heavy)["front-pad-hot"].Demand!.Value.ShouldBeGreaterThan(SampleParts.LimitsOf(plan)["front-pad-hot"].Demand!.Value + 40);
    }

    [Fact]
    public void A_light_car_cannot_heat_a_heavy_cars_pad()
    {
        var plan = SampleParts.Plan("race-carbon-metallic", "race-carbon-metallic");
        var light = plan with { Car = plan.Car with { MassKg = 700, PowerKw = 60 }, Pace = "novice" };
        SampleParts.LimitsOf(light)["front-pad-cold"].Gives.ShouldBeTrue();
    }

    [Fact]
    public void What_gives_is_listed_danger_first_in_the_order_of_the_day_and_before_what_holds()
    {
        var limits = Predictor.Predict(SampleParts.Plan()).Limits;
        limits.Select(limit => limit.Gives).ShouldBe(limits.Select(limit => limit.Gives).OrderByDescending(gives => gives));
        var order = limits.Where(limit => limit.Gives).Select(limit => (-(int)limit.Harm, (limit.When!.Session * 1000) + limit.When.Lap)).ToList();
        order.ShouldBe(order.Order());
    }

    [Fact]
    public void A_duct_helps_only_where_it_reaches_the_eye()
    {
        var plan = SampleParts.Plan("track-sport", "track-sport");
        double Face(WheelDuct? duct) => SampleParts.LimitsOf(plan with { FrontDuct = duct })["front-face"].Demand!.Value;
        var none = Face(null);
        (none - Face(new WheelDuct(76, Shield.Trimmed))).ShouldBeGreaterThan(40);
        (none - Face(new WheelDuct(76, Shield.Closed))).ShouldBeInRange(0, 20);
    }

    [Fact]
    public void A_pad_without_a_chart_uses_its_familys_typical_curve()
    {
        var plain = new Pad("plain", "track-sport");
        plain.FrictionCurveOf().Points.ShouldBe(PadFamilies.Find("track-sport").Curve);
    }
}
