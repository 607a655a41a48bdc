using Rimrock.Core.Driving;
using Rimrock.Core.Fitting;
using Rimrock.Core.Preparation;
using Rimrock.Core.Runs;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Tests.Runs;

public class ModelEndsTests
{
    /// <summary>Three tonnes and 700 kW on the sample's 320 mm rings: no such car is.</summary>
    private static readonly PredictionPlan TooMuch = SampleParts.Plan("race-sintered", "race-sintered")
        with
    { Car = SampleParts.Estate with { MassKg = 3000, PowerKw = 700, Tyre = "slick" } };

    [Fact]
    public void Beyond_the_model_no_room_gives_a_figure()
    {
        Should.Throw<BeyondModelException>(() =>
            Predictor.Predict(TooMuch)).Faults.ShouldAllBe(fault =>
                fault.Field == "frontFace" && fault.Message.ToString().Contains("900C", StringComparison.Ordinal));
        Should.Throw<BeyondModelException>(() => Ensemble.Run(TooMuch));
        Should.Throw<BeyondModelException>(() => SeasonPlan.Of(TooMuch, [new SeasonEvent(new DateOnly(2027, 5, 1), "event", 20)], new DateOnly(2027, 4, 1)));
        Should.Throw<BeyondModelException>(() => Core.Logbook.WornPerLap.Of(TooMuch));
    }

    /// <summary>Whoever is refused is told what would do, and it does.</summary>
    [Fact]
    public void A_plan_beyond_the_model_is_told_what_brings_it_back()
    {
        static string? Told(PredictionPlan plan) =>
            (Record.Exception(() => Predictor.Predict(plan)) as BeyondModelException)?.Faults.ShouldHaveSingleItem().Message.ToString();
        var hard = SampleParts.Plan("street-performance", "street-performance") with
        {
            FrontRotor = SampleParts.FrontRing with { OuterDiameterMm = 316, ThicknessMm = 26, MinThicknessMm = 24, VaneGapMm = 10 },
        };
        var slower = Pace.All.TakeWhile(pace => pace.Code != hard.Pace).Last().Code;

        // The heavier the car the more it takes: nothing, less pace, and at last not even that.
        PredictionPlan[] cars = [.. new double[] { 1000, 1150, 1300, 1450, 1600, 1750, 1900, 2050 }.Select(kg => hard with
        {
            Car = SampleParts.Estate with { MassKg = kg, PowerKw = kg / 6, Tyre = "semi-slick" },
        })];
        var told = cars.Select(Told).ToList();
        told[0].ShouldBeNull();
        told.ShouldContain(text => text != null && text.Contains("slower-pace", StringComparison.Ordinal));
        told[^1].ShouldNotBeNull().ShouldContain("way-back.none");
        foreach (var (plan, text) in cars.Zip(told).Where(one => one.Second?.Contains("slower-pace", StringComparison.Ordinal) == true))
        {
            Should.NotThrow(() => Predictor.Predict(plan with { Pace = slower }), text);
        }

        Should.Throw<BeyondModelException>(() => Core.Fitting.Matcher.Search(cars[^1], new Core.Fitting.Offer([], [], [], [], []), new Core.Fitting.Wishes()))
            .Faults[0].Message.ToString().ShouldContain("way-back.");
    }

    [Fact]
    public void A_setup_beyond_the_model_is_not_offered()
    {
        var hard = SampleParts.Plan("street-performance", "street-performance")
            with
        { Car = SampleParts.Estate with { MassKg = 1800, PowerKw = 300, Tyre = "semi-slick" } };
        var small = SampleParts.FrontRing with { Name = "small", OuterDiameterMm = 316, ThicknessMm = 15, MinThicknessMm = 13, VaneGapMm = 8 };
        Should.Throw<BeyondModelException>(() => Predictor.Predict(hard with { FrontRotor = small }));
        var answer = Core.Fitting.Matcher.Match(hard with
        {
            FrontRotor = SampleParts.FrontRing
            with
            { OuterDiameterMm = 420, InnerDiameterMm = 300, ThicknessMm = 40, MinThicknessMm = 38 }
        },
            new Core.Fitting.Offer([], [new("small", small)], [], [], []), new Core.Fitting.Wishes());
        answer.Shortlist.ShouldNotBeEmpty();
        answer.Shortlist.ShouldAllBe(row => row.Parts.Rotor.Id != "small");
    }

    [Fact]
    public void The_sample_lies_within() => Predictor.Predict(SampleParts.Plan("track-sport")).Limits.ShouldNotBeEmpty();
}
