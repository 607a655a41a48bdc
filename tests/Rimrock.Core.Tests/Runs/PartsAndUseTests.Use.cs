using Rimrock.Core.Circuits;
using Rimrock.Core.Driving;
using Rimrock.Core.Fitting;
using Rimrock.Core.Friction;
using Rimrock.Core.Heat;
using Rimrock.Core.Limits;
using Rimrock.Core.Quantities;
using Rimrock.Core.Rotors;
using Rimrock.Core.Runs;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Tests.Runs;

/// <summary>How and where a car is driven.</summary>
public partial class PartsAndUseTests
{
    [Fact]
    public void Stability_control_cooks_a_front_wheel_unseen()
    {
        var plain = Predictor.Predict(Sport);
        var held = Predictor.Predict(Sport with { StabilityControlPercent = 100 });
        Peak(held, BrakePart.FrontFace).ShouldBeGreaterThan(Peak(plain, BrakePart.FrontFace) + 15);
        held.Faces.QuieterSidePeakC.P50.ShouldBe(plain.Faces.QuieterSidePeakC.P50, 3, "the other wheel does not know");
        held.Faces.InnerWornMm.P50.ShouldBeGreaterThan(plain.Faces.InnerWornMm.P50);
    }

    [Fact]
    public void A_circuit_that_turns_one_way_works_one_front_wheel_harder()
    {
        var lefts = Sport with
        {
            Circuit = Sport.Circuit with
            {
                Segments = [.. Sport.Circuit.Segments!.Select(segment =>
            segment with { Left = segment.RadiusM > 0 ? true : null })]
            }
        };
        var turns = Predictor.Predict(lefts).Faces;
        (Peak(Predictor.Predict(lefts), BrakePart.FrontFace) - turns.QuieterSidePeakC.P50).ShouldBeGreaterThan(15);
        Predictor.Predict(Sport).Faces.QuieterSidePeakC.P50.ShouldBe(Face(Sport), 1, "nobody said which way it turns");
        SideLoad.Asymmetry(lefts.Circuit).ShouldBe(SideLoad.AllOneWay, 1e-12);
    }

    [Fact]
    public void Recuperation_spares_the_brakes_until_the_battery_is_full()
    {
        var electric = Sport with { Car = Sport.Car with { RegenerationMS2 = 1.5 } };
        Face(electric).ShouldBeLessThan(Face(Sport) - 10);
        Face(electric with { BatteryFull = true }).ShouldBe(Face(Sport), 1e-6);
    }

    [Fact]
    public void A_trailer_and_a_mountain_heat_the_brakes_on_the_road()
    {
        double Road(PlannedDay day) => Predictor.Predict(Sport with { Days = [new(DayKind.TrackDay, 5), day] }).Strata[0].Road!.P90C;
        var commute = Road(new("commute", 200));
        var descent = Road(new(DayKind.Descent, 4));
        descent.ShouldBeGreaterThan(commute + 40);
        var towing = Road(new(DayKind.Descent, 4, TrailerKg: 700));
        towing.ShouldBeGreaterThan(descent + 20);
        Road(new(DayKind.Descent, 4, TrailerKg: 700, TrailerBraked: true)).ShouldBeInRange(descent, towing);
    }

    [Fact]
    public void New_pads_brake_worse_the_first_three_hot_times()
    {
        var green = Predictor.Predict(Sport with { Bedded = false });
        var bedded = Predictor.Predict(Sport);
        var drops = green.Course!.Stops.Zip(bedded.Course!.Stops).Where(pair => pair.First.FrontMu < 0.97 * pair.Second.FrontMu).ToList();
        drops.Count.ShouldBeInRange(1, 5);
        green.Course!.Stops.Zip(bedded.Course!.Stops).Last().First.FrontMu.ShouldBe(bedded.Course!.Stops[^1].FrontMu, 0.02);
    }

    [Fact]
    public void Rain_lengthens_a_first_stop_by_the_film_and_only_that()
    {
        var dry = ColdStop.Compare(Sport, 50, 20, 60);
        var wet = ColdStop.Compare(Sport with { Weather = new Weather(20, Rain: true) }, 50, 20, 60);
        (wet.Metres.P50 - dry.Metres.P50).ShouldBeInRange(0.3, 0.4 * 50 / 3.6);
        RainFilm.Factor(0).ShouldBe(0.5);
        RainFilm.Factor(0.4).ShouldBe(1);
        RainFilm.Factor(5).ShouldBe(1);
    }

    [Fact]
    public void A_motorcycle_does_nearly_all_its_braking_in_front_and_no_more_than_keeps_its_rear_wheel_down()
    {
        var guess = CarGuess.Motorcycle("made-up motorcycle", 280, 110, "sport");
        var pad = new Pad("pad", "race-sintered");
        var plan = Sport with { Car = guess.Car, FrontRotor = guess.FrontRotor, RearRotor = guess.RearRotor, FrontPad = pad, RearPad = pad };
        plan.Faults().ShouldBeEmpty();
        var result = Predictor.Predict(plan);
        result.Summary.FrontShare.P50.ShouldBeGreaterThan(0.85);
        result.Course!.Stops.Max(stop => stop.MeanG).ShouldBeLessThanOrEqualTo(guess.Car.LiftG() + 0.15, "what air and rolling add");
        guess.Car.LiftG().ShouldBe(0.5 * 1.42 / 0.62, 1e-12);
        Peak(result, BrakePart.FrontFace).ShouldBeInRange(200, 700);
        result.Cooling.ShouldAllBe(wheel => Math.Abs(wheel.BalanceError) < 1e-3);
        Should.Throw<InputFaultException>(() =>
            CarGuess.Motorcycle("heavy", 1500, 110, "sport")).Faults.Single().Allowed.Terms.ShouldBe([Core.Quantities.Figure.Range(150, 600, "kg")]);
    }

    [Fact]
    public void Proving_grounds_are_plans_without_faults()
    {
        foreach (var place in ProvingGround.All)
        {
            (Sport with { Circuit = place }).Faults().ShouldBeEmpty();
        }

        Predictor.Predict(Sport with
        {
            Circuit = ProvingGround.FadeProcedure,
            Stint = new StintPlan(1, 11, 10, OutLapPace: 1)
        }).Course!.Stops[3].MeanG.ShouldBe(3 / 9.80665, 0.03);
        Face(Sport with { Circuit = ProvingGround.Autocross, Stint = new StintPlan(1, 3, 20, CoolDownLaps: 0) })
            .ShouldBeLessThan(Face(Sport), "autocross: feel, bite, hardly heat");
    }
}
