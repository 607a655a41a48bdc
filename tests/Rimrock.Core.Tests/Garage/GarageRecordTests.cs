using CsCheck;
using Rimrock.Core.Driving;
using Rimrock.Core.Entries;
using Rimrock.Core.Fluids;
using Rimrock.Core.Garage;
using Rimrock.Core.Numerics;
using Rimrock.Core.Quantities;

namespace Rimrock.Core.Tests.Garage;

/// <summary>What is on the car is read off what was written down, whatever the order in which it was: common practice of a service book.</summary>
public class GarageRecordTests
{
    private static readonly PredictionPlan Street = SampleParts.Plan();
    private static readonly PredictionPlan Sport = SampleParts.Plan("track-sport", "track-sport") is var plan
        ? plan with { FrontPad = plan.FrontPad with { Name = "sport" }, RearPad = plan.RearPad with { Name = "sport rear" } } : plan;
    private static readonly DateOnly Today = Day(200);
    private static readonly Statement Described = new(null, KnownBy.Described, "", Fitment.Of(Street with { FluidState = new FluidState(12) }));

    [Fact]
    public void A_description_alone_is_the_car()
    {
        var car = Of(Described);
        car.Pads.Front.Pad.Name.ShouldBe(Street.FrontPad.Name);
        car.Fluid.State.AgeMonths.ShouldBe(12, "nobody knows the day on which that was said");
        car.Fitment().PadMm!.Value.Front.ShouldBeNull("nothing was measured, and nothing driven");
        GarageRecord.Of([], Today, _ => default).ShouldBeNull();
    }

    [Fact]
    public void A_measurement_stands_until_laps_are_driven_and_wears_on_from_there()
    {
        var car = Of(Described, Stands(100, Sport, 9), Driven(120, Sport, 50));
        car.Pads.Front.By.ShouldBe(KnownBy.Reckoned);
        car.Pads.Front.LeftMm.P50.ShouldBe(9 - (50 * 0.02), 1e-9);
        car.Pads.Front.LeftMm.P10.ShouldBeLessThan(car.Pads.Front.LeftMm.P50);
        car.Pads.Front.MeasuredOn.ShouldBe(Day(100));
        Of(Described, Stands(100, Sport, 9)).Pads.Front.By.ShouldBe(KnownBy.Measured);
        (car.Pads.Front.Hours, car.Pads.Front.Megajoules).ShouldBe((1.5, 600), "50 laps");

        // What was learnt of their wear flows into it.
        var slow = GarageRecord.Of([Described, Stands(100, Sport, 9), Driven(120, Sport, 50)], Today, _ => new(new LapUse(0.02, 0.03, 12), new LapUse(0.01)),
            (_, _) => new Spread(0.3, 0.35, 0.4))!;
        slow.Pads.Front.LeftMm.P50.ShouldBe(9 - (50 * 0.02 * 0.35), 1e-9);
        slow.Fitment().PadMm!.Value.Front.ShouldBe(8.6);
    }

    [Fact]
    public void Rotors_fluid_and_tyres_have_a_story_too()
    {
        var other = Sport with
        {
            FrontRotor = Sport.FrontRotor with { Name = "slotted" },
            Fluid = Sport.Fluid with { Name = "racing" },
            FluidState = new FluidState(0),
            Car = Sport.Car with { Tyre = "semi-slick" },
        };
        var car = Of(Described, Driven(100, Sport, 50), Driven(150, other, 20));
        var gone = car.PastRotors!.Value.Front.Single();
        (gone.Rotor.Name, gone.HotLaps, gone.Hours, gone.Megajoules, gone.Off).ShouldBe((Sport.FrontRotor.Name, 50, 1.5, 600, Day(150)));
        (car.Rotors.Front.Rotor.Name, car.Rotors.Front.HotLaps, car.Rotors.Front.Since).ShouldBe(("slotted", 20, Day(150)));
        car.PastRotors.Value.Rear.ShouldBeEmpty();
        car.Rotors.Rear.HotLaps.ShouldBe(70);
        var poured = car.PastFluids!.Single();
        (poured.Fluid.Name, poured.HotLaps, poured.Off).ShouldBe((Sport.Fluid.Name, 50, Day(150)));
        (car.Fluid.HotLaps, car.Tyre, car.TyreSince).ShouldBe((20, "semi-slick", Day(150)));
        car.On(Street).Car.Tyre.ShouldBe("semi-slick", "the sentence starts from what is on the car");
        Of(Described, Driven(100, Sport, 50)).PastFluids.ShouldBeEmpty("the same fill, of which nobody knew the day");

        // A later word of an older fill: the one before it came out when that was said, not before it was filled in.
        var older = other with { Fluid = Sport.Fluid with { Name = "older" }, FluidState = new FluidState(6) };
        Of(Described, Driven(150, other, 20), Driven(160, older, 5)).PastFluids![0].Off.ShouldBe(Day(160));
    }

    [Fact]
    public void Hoses_grow_old_from_the_day_on_which_their_age_was_said_and_new_ones_are_new()
    {
        var said = Sport with { HoseYears = 9.6 };
        Of(Described, Driven(-100, said, 5)).HoseYears!.Value.ShouldBe(9.6 + (300 / 365.25), 0.06);
        var renewed = Of(Described, Driven(-100, said, 5), Fitted(180, said with { HoseYears = 0 }, newFluid: true));
        (renewed.HoseYears, renewed.LinesSince).ShouldBe((0.1, Day(180)), "new rubber for old rubber");
        renewed.On(Street).HoseYears.ShouldBe(0.1);
        Of(Described).HoseYears.ShouldBeNull();
    }

    /// <summary>The thinnest corner decides, whoever was measured last: common practice.</summary>
    [Fact]
    public void A_corner_that_was_not_measured_again_is_as_thin_as_it_was()
    {
        Statement Front(int day, Corner corner, double mm) => Statement.Of($"{day}",
            new InspectionNote(new Inspection(Day(day), [new CornerLook(corner, mm, mm + 0.2)]), Sport));
        var car = Of(Described, Front(100, Corner.LeftFront, 3.5), Driven(120, Sport, 20), Front(130, Corner.RightFront, 6));
        car.Pads.Front.LeftMm.P50.ShouldBe(3.5 - (20 * 0.02), 1e-9);
        car.Pads.Front.Corners.ShouldBe([new CornerLeft(Corner.LeftFront, 3.1), new CornerLeft(Corner.RightFront, 6)]);
        car.Contradictions.ShouldBeEmpty("the right is not the left");
        // Pads that wore less than was feared did not grow.
        var slow = Of(Described, Front(100, Corner.LeftFront, 9), Driven(120, Sport, 200), Front(130, Corner.LeftFront, 8.4));
        (slow.Contradictions.Count, slow.Pads.Front.LeftMm.P50).ShouldBe((0, 8.4));
        Statement Disc(int day, Corner corner, double mm) => Statement.Of($"{day}",
            new InspectionNote(new Inspection(Day(day), [new CornerLook(corner, RotorMm: mm)]), Sport));
        Of(Described, Disc(100, Corner.LeftFront, 25.8), Disc(130, Corner.RightFront, 27.4)).Rotors.Front.ThicknessMm.ShouldBe(25.8);
        Of(Described, Disc(100, Corner.LeftFront, 25.8), Disc(120, Corner.RightFront, 25.9), Disc(130, Corner.LeftFront, 28)).Rotors.Front.ThicknessMm
            .ShouldBe(28, "one that grew is another, and so is its neighbour");
    }

    [Fact]
    public void Fluid_ages_from_the_day_that_its_age_was_said_and_starts_anew_when_it_is_changed()
    {
        var car = Of(Described, Driven(20, Sport with { FluidState = new FluidState(6) }, 10));
        car.Fluid.State.AgeMonths.ShouldBe(6 + (180 / Days.AMonth), 0.1);
        Of(Described, Driven(20, Sport with { FluidState = new FluidState(6) }, 10), Fitted(150, Sport, newFluid: true))
            .Fluid.State.AgeMonths.ShouldBe(50 / Days.AMonth, 0.1);
        var read = Of(Described, Stands(100, Sport with { FluidState = new FluidState(6) }, 9, water: 2.1));
        (read.Fluid.ReadOn, read.Fluid.ReadPercent).ShouldBe((Day(100), 2.1));
        read.Fluid.State.ReservoirWaterPercent.ShouldBeNull("a reading replaces nothing");
    }

    [Fact]
    public void What_comes_off_is_stock_and_goes_back_on_with_what_it_had_left()
    {
        var off = Of(Described, Stands(100, Sport, 9), Fitted(150, Street, newPads: true));
        off.Pads.Front.Pad.Name.ShouldBe(Street.FrontPad.Name);
        off.Pads.Front.By.ShouldBe(KnownBy.Fitted);
        off.Stock.Select(set => (set.Pad.Name, set.Axle, set.LeftMm.P50, set.Off)).ShouldContain((Sport.FrontPad.Name, Axle.Front, 9, Day(150)));
        var back = Of(Described, Stands(100, Sport, 9), Fitted(150, Street, newPads: true), Driven(170, Sport, 10));
        back.Pads.Front.LeftMm.P50.ShouldBe(9 - (10 * 0.02), 1e-9);
        back.Stock.ShouldContain(set => set.Pad.Name == Street.FrontPad.Name);
    }

    [Fact]
    public void What_does_not_go_together_is_shown()
    {
        Of(Described, Stands(100, Sport, 6), Stands(150, Sport, 10.5)).Contradictions.Select(one => one.Sentence.Code)
            .ShouldBe(["garage.pads-grew", "garage.pads-grew"], "front and rear");
        Of(Described, Stands(100, Sport, 6), Fitted(120, Sport, newPads: true), Stands(150, Sport, 10.5)).Contradictions
            .ShouldBeEmpty("a new set was written down");
        Of(Described, Stands(100, Sport, 25)).Contradictions[0].Sentence.Code.ShouldBe("garage.thicker-than-new");
    }

    /// <summary>Any order of arrival, and a deleted entry leaves no trace.</summary>
    [Fact]
    public void The_order_in_which_entries_arrive_does_not_matter()
    {
        var entry = Gen.Select(Gen.Int[0, 190], Gen.Int[0, 2], Gen.Bool, Gen.Double[3, 10.9], Gen.Int[0, 60]).Select((day, kind, sport, mm, laps) =>
        {
            var plan = (sport ? Sport : Street) with { FluidState = new FluidState(laps / 4.0) };
            return kind == 0 ? Driven(day, plan, laps, laps % 5 == 0 ? PedalFeel.SoftHot : PedalFeel.Firm) : kind == 1 ? Stands(day, plan, Math.Round(mm, 1)) : Fitted(day, plan, laps % 2 == 0, laps % 3 == 0);
        });
        Gen.Select(entry.List[1, 9], Gen.Int[0, 1000]).Sample((entries, seed) =>
        {
            List<Statement> all = [Described, .. entries.Select((one, i) => one with { Key = $"{i}" })];
            var expected = Told(Of([.. all]));
            var random = new Random(seed);
            Told(Of([.. all.OrderBy(_ => random.Next())])).ShouldBe(expected);

            // Written down and deleted again is the same as never written down.
            var without = all.Where((_, i) => i != 1 + (seed % entries.Count)).ToList();
            Told(Of([.. without])).ShouldBe(Told(Of([.. without.AsEnumerable().Reverse()])));
        }, iter: 300);
    }

    private static string Told(CarInGarage car) => string.Join('|', new[] { car.Pads.Front, car.Pads.Rear }.Concat(car.Stock)
        .Select(set => $"{set.Pad.Name} {set.Axle} {set.Since} {set.Off} {set.LeftMm} {set.By} {set.MeasuredOn} {set.HotLaps} {set.Bedded}")
        .Append($"{car.Fluid.Filled} {car.Fluid.State} {car.Fluid.ReadPercent} {car.Contradictions.Count} {car.Rotors.Front.ThicknessMm} {string.Join(',', car.Open)}"));

    private static CarInGarage Of(params Statement[] said) => GarageRecord.Of(said, Today, _ => new(new LapUse(0.02, 0.03, 12), new LapUse(0.01)))!;

    private static DateOnly Day(int day) => new DateOnly(2026, 1, 1).AddDays(day);

    [Fact]
    public void Air_that_is_led_otherwise_is_dated()
    {
        Of(Described, Driven(100, Street, 5)).DuctsSince!.Value.Front.ShouldBeNull();
        var ducted = Street with { FrontDuct = new Core.Vehicles.WheelDuct(76) };
        var car = Of(Described, Driven(100, Street, 5), Fitted(120, ducted), Driven(130, ducted, 5));
        (car.DuctsSince!.Value.Front, car.DuctsSince.Value.Rear, car.Ducts.Front!.HoseMm).ShouldBe((Day(120), null, 76));
    }

    [Fact]
    public void What_was_taken_off_keeps_the_calipers_that_it_came_out_of()
    {
        var other = Sport with { Car = Sport.Car with { Front = Sport.Car.Front with { PadShape = "K", PadAreaCm2 = 78 } }, FrontPad = Sport.FrontPad with { Name = "large" } };
        var car = Of(Described, Fitted(100, Sport, newPads: true), Fitted(120, other, newPads: true));
        car.Stock.First(set => set.Pad.Name == "sport").From.ShouldBe(Sport.Car.Front);
        car.Pads.Front.From!.PadShape.ShouldBe("K");
    }

    /// <summary>Two litres for a car that takes one: the next filling comes out of what is left, as old as that is, until its day is past.</summary>
    [Fact]
    public void What_is_left_of_a_bottle_serves_the_next_filling()
    {
        var two = Sport with { Fluid = Sport.Fluid with { Name = "two", BottleLitres = 2 } };
        Of(Described).Bottles!.ShouldBeEmpty();
        var opened = Of(Described, Fitted(100, two, newFluid: true));
        (opened.Bottles!.Single().Litres, opened.Bottles![0].Opened).ShouldBe((1, Day(100)));
        opened.Bottles![0].UseBy.ShouldBe(BottleLife.UseBy(two.Fluid, Day(100), two.FluidState.Climate));
        var drawn = Of(Described, Fitted(100, two, newFluid: true), Fitted(160, two, newFluid: true));
        (drawn.Bottles!.Count, drawn.Fluid.Filled).ShouldBe((0, Day(100)));
        var late = opened.Bottles![0].UseBy!.Value.DayNumber + 1 - Day(0).DayNumber;
        var anew = GarageRecord.Of([Described, Fitted(100, two, newFluid: true), Fitted(late, two, newFluid: true)], Day(late), _ => new(new LapUse(0.02), new LapUse(0.01)))!;
        (anew.Fluid.Filled, anew.Bottles!.Count).ShouldBe((Day(late), 2));
        Of(Described, Fitted(100, two, newFluid: true), Fitted(160, Sport, newFluid: true)).Bottles!.Count.ShouldBe(1, "another fluid");
    }

    private static Statement Driven(int day, PredictionPlan plan, int laps, PedalFeel pedal = PedalFeel.Unsaid) =>
        Statement.Of("", new LogSession(Day(day), 1, laps, plan, Pedal: pedal));

    private static Statement Stands(int day, PredictionPlan plan, double mm, double? water = null) => Statement.Of("", new InspectionNote(
        new Inspection(Day(day), [new CornerLook(Corner.LeftFront, mm, mm + 0.3), new CornerLook(Corner.LeftRear, mm)], water), plan));

    private static Statement Fitted(int day, PredictionPlan plan, bool newPads = false, bool newFluid = false) =>
        Statement.Of("", new WorkTicks([], [], new FinishedWork(Day(day), plan, newPads, newPads, newFluid)))!;
}
