using Rimrock.Core.Driving;
using Rimrock.Core.Entries;
using Rimrock.Core.Fitting;
using Rimrock.Core.Fluids;
using Rimrock.Core.Logbook;
using Rimrock.Core.Rotors;

namespace Rimrock.Core.Tests.Logbook;

public class WearPageTests
{
    private static readonly WornPerLap Lap = new(new(new(0.04, 0.002, 0.0006), new(0.02, 0.001, 0.0003)), 0.04);

    private static readonly PredictionPlan Plan = SampleParts.Plan() with
    {
        FrontPad = SampleParts.Plan().FrontPad with { PriceAxleSet = 160 },
        FrontRotor = SampleParts.FrontRing with { Price = 75 },
    };

    private static InspectionNote Stands(int day, int laps, double? padMm = null, double? rotorMm = null, PredictionPlan? plan = null) =>
        new(new Inspection(new DateOnly(2026, 1, 1).AddDays(day), [new CornerLook(Corner.LeftFront, InnerMm: padMm, RotorMm: rotorMm)], HotLapsSince: laps),
            plan ?? Plan);

    private static WearPage Of(params InspectionNote[] notes) => WearPage.Of(notes, _ => Lap);

    [Fact]
    public void A_rotor_that_was_measured_twice_tells_its_factor()
    {
        // By hand: 50 laps at 0.002 mm predict 0.1 mm; 0.2 mm was lost: the factor lies between the prior's 1 and 2, nearer to what was seen, whose sigma is
        // sqrt(0.15^2 + 2 (0.02/0.2)^2) = 0.21 beside ln 2 = 0.69. 27.8 - 26 = 1.8 mm over 0.002 mm times the factor.
        var rotor = Of(Stands(0, 0, rotorMm: 28), Stands(30, 50, rotorMm: 27.8)).Parts.Single();
        rotor.Part.Code.ShouldBe("wear-page.front-rotors");
        rotor.Factor.P50.ShouldBe(1.89, 0.06);
        (rotor.Left, rotor.Unit).ShouldBe((1.8, "mm"));
        rotor.LapsLeft!.P50.ShouldBe(1.8 / (0.002 * rotor.Factor.P50), 3);
        rotor.LapsLeft.P10.ShouldBeLessThan(400);
    }

    [Fact]
    public void Cost_so_far_is_the_share_of_a_set_that_was_worn_off_over_the_hours_behind_it()
    {
        // By hand: 11 to 9 mm of 8 mm usable is a quarter of a set of 160; 25 laps of 0.04 h are one hour; planned 25 x 0.04 mm of 8 mm is an eighth.
        var cost = Of(Stands(0, 0, padMm: 11), Stands(30, 25, padMm: 9)).Cost.ShouldNotBeNull();
        var line = cost.Lines.Single();
        (line.What.Code, line.Spent, line.PerHour, line.Planned.P50).ShouldBe(("wear-page.front-pads", 40, 40, 20));
        line.Planned.P90.ShouldBe(20 * Math.Pow(1.7, 1.2816), 0.1);
        cost.PerHour.ShouldBe(40);

        // With a rotor beside it: 0.1 of 2 mm of a pair of 75 each in the same hour.
        var both = Of(Stands(0, 0, 11, 28), Stands(30, 25, 9, 27.9)).Cost!;
        both.PerHour.ShouldBe(47.5, 0.01);
        both.Lines.Count.ShouldBe(2);
    }

    [Fact]
    public void What_is_thrown_away_with_a_new_set_was_spent_and_counting_begins_anew()
    {
        // 11 to 9 mm driven, then a new set at 11 mm with 6 of 8 mm left on the old one, then 11 to 10 mm: 2/8 + 6/8 + 1/8 of 160.
        var page = Of(Stands(0, 0, 11), Stands(30, 25, 9), Stands(40, 0, 11), Stands(60, 25, 10));
        page.Cost!.Lines.Single().Spent.ShouldBe(180);
        page.Cost.PerHour.ShouldBe(90);
        page.Parts.Single().Readings.ShouldBe(1);
        page.Parts.Single().Left.ShouldBe(7);

        // The old set counts at its own price: a quarter of 160 driven and three quarters thrown away, then an eighth of 80.
        var cheap = Plan with { FrontPad = Plan.FrontPad with { PriceAxleSet = 80 } };
        Of(Stands(0, 0, 11), Stands(30, 25, 9), Stands(40, 0, 11, plan: cheap), Stands(60, 25, 10, plan: cheap)).Cost!.Lines.Single().Spent.ShouldBe(170);

        var other = Plan with { FrontPad = Plan.FrontPad with { Name = "another" } };
        Of(Stands(0, 0, 11), Stands(30, 25, 10.9, plan: other)).Parts.Single().Readings.ShouldBe(0);
    }

    [Fact]
    public void Nothing_measured_twice_costs_nothing_yet_and_unknown_prices_are_left_out()
    {
        Of().Parts.ShouldBeEmpty();
        Of(Stands(0, 0, 11)).Cost.ShouldBeNull();
        Of(Stands(0, 0, 11)).LevelFallMm.ShouldBeNull();
        var unknown = Plan with { FrontPad = Plan.FrontPad with { PriceAxleSet = null } };
        var page = Of(Stands(0, 0, 11, plan: unknown), Stands(30, 25, 9, plan: unknown));
        page.Cost.ShouldBeNull();
        page.LevelFallMm!.P50.ShouldBe(WearForecast.LevelFallMm(Plan.Car, 2, 0), 0.05);
    }

    [Fact]
    public void A_pad_that_is_hard_on_rotors_wears_them_faster_in_the_engine_too()
    {
        var gentle = WornPerLap.Of(SampleParts.Plan("organic", "organic"));
        var hard = WornPerLap.Of(SampleParts.Plan("race-sintered", "organic"));
        hard.Axles.Front.RotorMm.ShouldBeGreaterThan(2 * gentle.Axles.Front.RotorMm);
        gentle.Hours.ShouldBeInRange(0.02, 0.1);

        // A faster driver puts more energy into the same hour, and takes more off the ring.
        WornPerLap.Of(SampleParts.Plan("organic", "organic") with { Pace = "advanced" }).Axles.Front.RotorMm
            .ShouldBeGreaterThan(1.1 * WornPerLap.Of(SampleParts.Plan("organic", "organic") with { Pace = "novice" }).Axles.Front.RotorMm);
    }

    [Fact]
    public void A_carbon_ring_is_followed_by_its_mass_where_its_maker_states_the_least()
    {
        // By hand: 50 laps at 0.6 g predict 30 g; 60 g were lost, with a sigma of sqrt(0.15^2 + 2 (5/60)^2) = 0.19 beside the prior's ln 3 = 1.10: close to
        // twice.
        // 5.14 - 5.0 = 0.14 kg over 0.6 g times the factor.
        var carbon = Plan with
        {
            FrontRotor = Plan.FrontRotor with
            {
                Material = RingMaterial.CarbonCeramic,
                RingMassKg = 5.3,
                Finish = new RotorFinish(MinRingMassKg: 5.0)
            }
        };
        InspectionNote Weighed(int day, int laps, double kg, PredictionPlan on) =>
            new(new Inspection(new DateOnly(2026, 1, 1).AddDays(day), [new CornerLook(Corner.RightFront, RotorKg: kg)], HotLapsSince: laps), on);
        var page = Of(Weighed(0, 0, 5.2, carbon), Weighed(30, 50, 5.14, carbon));
        var ring = page.Parts.Single();
        (ring.Part.Code, ring.Unit, ring.Left).ShouldBe(("wear-page.front-rotors-mass", "kg", 0.14));
        ring.Factor.P50.ShouldBe(1.96, 0.06);
        ring.LapsLeft!.P50.ShouldBe(0.14 / (0.0006 * ring.Factor.P50), 1.5);
        // 60 of 300 usable grams of a pair of 75 each, in two hours.
        page.Cost!.Lines.Single().Spent.ShouldBe(30);
        page.Cost.PerHour.ShouldBe(15);
        Of(Weighed(0, 0, 5.2, Plan), Weighed(30, 50, 5.14, Plan)).Parts.ShouldBeEmpty();

        // Measured and weighed: paid for once.
        InspectionNote Both(int day, int laps, double mm, double kg) =>
            new(new Inspection(new DateOnly(2026, 1, 1).AddDays(day), [new CornerLook(Corner.RightFront, RotorMm: mm, RotorKg: kg)], HotLapsSince: laps),
            carbon);
        var both = Of(Both(0, 0, 28, 5.2), Both(30, 50, 27.9, 5.14));
        both.Parts.Count.ShouldBe(2);
        both.Cost!.Lines.Single().What.Code.ShouldBe("wear-page.front-rotors-mass");
    }

    [Fact]
    public void Fluid_that_is_younger_than_it_could_be_was_flushed_and_is_counted()
    {
        // 30 then 60 days later: 12, 1 and 3 months old; one flush in between, in two hours of 25 laps each.
        PredictionPlan Aged(double months) =>
            Plan with { Fluid = Plan.Fluid with { PriceLitre = 30 }, FluidState = Plan.FluidState with { AgeMonths = months } };
        var line = Of(Stands(0, 0, 11, plan: Aged(12)), Stands(30, 25, 10, plan: Aged(1)), Stands(90, 25, 9, plan: Aged(3))).Cost!.Lines.Single(one =>
            one.What.Code == "running-cost.fluid");
        (line.Spent, line.PerHour, line.Planned.P50).ShouldBe((30, 15, 15));
        Of(Stands(0, 0, 11, plan: Aged(12)), Stands(30, 25, 10, plan: Aged(13)),
            Stands(90, 25, 9, plan: Aged(15))).Cost!.Lines.ShouldHaveSingleItem().What.Code.ShouldBe("wear-page.front-pads");
    }
}
