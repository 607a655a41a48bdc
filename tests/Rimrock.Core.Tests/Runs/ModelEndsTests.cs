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
