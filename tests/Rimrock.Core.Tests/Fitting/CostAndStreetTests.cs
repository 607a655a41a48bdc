using Rimrock.Core.Driving;
using Rimrock.Core.Fitting;
using Rimrock.Core.Fluids;
using Rimrock.Core.Friction;
using Rimrock.Core.Quantities;
using Rimrock.Core.Rotors;
using Rimrock.Core.Runs;

namespace Rimrock.Core.Tests.Fitting;

public class CostAndStreetTests
{
    private static readonly PredictionPlan Plan = SampleParts.Plan();

    [Fact]
    public void What_is_bought_is_counted_in_pairs_sets_and_whole_bottles()
    {
        var fitted = Selection.Fitted(Plan);
        RunningCost.BuyNowOf(fitted, Plan).ShouldBe(0.0);
        var fluid = new Part<BrakeFluid>("f", new BrakeFluid("f", "dot4", 260, 170, PriceLitre: 40, BottleLitres: 0.5));
        var setup = fitted with
        {
            FrontPad = new("p", new Pad("p", "track-sport", PriceAxleSet: 200)),
            FrontRotor = new("r", SampleParts.FrontRing with { Price = 90 }),
            Fluid = fluid,
        };
        // 200 for a set, two rotors at 90, a litre as two bottles of half a litre at 40 a litre.
        RunningCost.BuyNowOf(setup, Plan)!.Value.ShouldBe(200 + 180 + 40, 1e-9);
        var large = setup with { Fluid = new("g", fluid.Body with { BottleLitres = 5 }) };
        RunningCost.BuyNowOf(large, Plan)!.Value.ShouldBe(200 + 180 + 200, 1e-9);
        var motorcycle = Plan with { Car = Plan.Car with { Kind = Core.Vehicles.VehicleKind.Motorcycle } };
        RunningCost.BuyNowOf(setup, motorcycle)!.Value.ShouldBe(200 + 180 + 20, 1e-9, "one small bottle is enough for two levers");
        RunningCost.BuyNowOf(setup with { FrontPad = new("q", new Pad("q", "track-sport")) }, Plan)
            .ShouldBeNull("a price that nobody entered is unknown, never nought");
    }

    [Fact]
    public void A_year_costs_what_its_other_days_wear_too()
    {
        var rotor = SampleParts.FrontRing with { Price = 90 };
        var setup = Selection.Fitted(Plan) with
        {
            FrontPad = new("p", new Pad("p", "track-sport", PriceAxleSet: 200)),
            RearPad = new("q", new Pad("q", "organic", PriceAxleSet: 80)),
            FrontRotor = new("r", rotor),
            Fluid = new("f", new BrakeFluid("f", "dot4", 260, 170, PriceLitre: 40)),
        };
        var on = setup.On(Plan, new Wishes());
        double Year(YearlyWear? others) => RunningCost.Of(setup, on, new Wishes(), new HourlyWear(0, 0, 0, 0), Plan, others).PerSeason!.Value;

        // Half a front set, a quarter of a rear one and a tenth of a pair of rings on the other days: 100 + 20 + 18.
        var usable = on.At(Axle.Front).Brake.Mm3PerMm() * (on.Car.Front.PadNewMm - on.Car.Front.PadLimitMm);
        var rear = on.At(Axle.Rear).Brake.Mm3PerMm() * (on.Car.Rear.PadNewMm - on.Car.Rear.PadLimitMm);
        var tenth = 0.1 * (rotor.ThicknessMm - rotor.MinThicknessMm) / RingWear.WornMm(rotor, setup.FrontPad.Body, 1);
        (Year(new YearlyWear(usable / 2, rear / 4, tenth)) - Year(null)).ShouldBe(138, 1);
        var unknown = setup with { FrontPad = new("u", new Pad("u", "track-sport")) };
        RunningCost.Of(unknown, on, new Wishes(), new HourlyWear(0, 0, 0, 0), Plan, new YearlyWear(1, 1, 1)).PerSeason.ShouldBeNull();
    }

    [Fact]
    public void Rear_rings_cost_by_what_they_wear()
    {
        var rotor = SampleParts.RearRing with { Price = 70 };
        var setup = Selection.Fitted(Plan) with { RearRotor = new("r", rotor) };
        var on = setup.On(Plan, new Wishes());
        // A tenth of what may be worn in an hour, and two tenths on the year's other days: a pair at 140.
        var tenth = 0.1 * (rotor.ThicknessMm - rotor.MinThicknessMm) / RingWear.WornMm(rotor, setup.RearPad.Body, 1);
        RunningCost Of(double discJ, YearlyWear? others = null) =>
            RunningCost.Of(setup, on, new Wishes(), new HourlyWear(0, 0, 0, 0, RearDiscJ: discJ), Plan, others);
        var line = Of(tenth).Lines.Single(line => line.Code == "rear-rotors");
        line.PerHour!.Value.ShouldBe(14, 0.1);
        line.LastsHours!.Value.ShouldBe(10, 0.1);
        Of(0).Lines.Single(line => line.Code == "rear-rotors").PerHour.ShouldBe(0);
        var unpriced = setup with { RearRotor = new("u", rotor with { Price = null }) };
        RunningCost.Of(unpriced, unpriced.On(Plan, new Wishes()), new Wishes(), new HourlyWear(0, 0, 0, 0), Plan).Unknown.Select(said => said.Name)
            .ShouldContain("rear-rotors");
    }

    [Fact]
    public void A_cold_race_pad_is_worse_on_the_street_than_an_organic_one()
    {
        var pedal = ColdStop.EverydayPedalN(Plan);
        var race = new Pad("race", "race-carbon-metallic");
        var organic = new Pad("organic", "organic");
        var wishes = new Wishes();
        double Penalty(Pad pad) => StreetManners.Of(StreetManners.QuickExtraMetres(Plan, pad, pad, pedal), pad, pad, wishes, 0.8).Penalty;
        Penalty(race).ShouldBeGreaterThan(Penalty(organic) + 3);
        StreetManners.Of(3, race, race, wishes, 0).Penalty.ShouldBe(0, "a car that never sees the road has no street manners");
    }

    [Theory]
    [InlineData("organic")]
    [InlineData("semi-metallic")]
    [InlineData("race-carbon-metallic")]
    public void The_quick_cold_stop_is_near_the_integrated_one(string family)
    {
        var plan = SampleParts.Plan(family, family);
        var pedal = ColdStop.EverydayPedalN(plan);
        var whole = ColdStop.Compare(plan, 50, 5, pedal);
        StreetManners.QuickExtraMetres(plan, plan.FrontPad, plan.RearPad, pedal).ShouldBe(whole.Metres.P50 - whole.OriginalMetres, 0.4);
    }

    [Fact]
    public void Fluid_left_in_for_a_season_falls_event_by_event_and_a_fresh_one_does_not()
    {
        var fluid = new BrakeFluid("f", "dot4", 300, 190);
        var left = FluidSeason.Days(fluid, new FluidState(0), freshEachEvent: false, 5, 0).Select(day => day.VapourC.P50).ToList();
        left.ShouldBe(left.OrderDescending());
        (left[0] - left[^1]).ShouldBeGreaterThan(15);
        var fresh = FluidSeason.Days(fluid, new FluidState(0), freshEachEvent: true, 5, 0).Select(day => day.VapourC.P50).ToList();
        (fresh.Max() - fresh.Min()).ShouldBeLessThan(1);
        fresh[^1].ShouldBeGreaterThan(left[^1] + 10);
    }

    [Fact]
    public void A_hole_shortens_a_rings_life_and_heat_more_so()
    {
        var plain = SampleParts.FrontRing;
        var drilled = plain with { Finish = new RotorFinish(RotorFace.Drilled) };
        CrackLife.Index(drilled, 100).ShouldBe(2.4 * CrackLife.Index(plain, 100), 0.02, "Kirsch: between 2 and 3");
        CrackLife.Index(plain, 200).ShouldBeGreaterThan(1.9 * CrackLife.Index(plain, 100));
    }

    [Fact]
    public void Chances_are_those_of_the_normal_table()
    {
        // Standard normal table: P(z > 1) = 0.1587.
        ScreenChance.Exceeds(110, 100, 10).ShouldBe(0.8413, 1e-3);
        ScreenChance.Exceeds(100, 100, 10).ShouldBe(0.5, 1e-6);
    }
}
