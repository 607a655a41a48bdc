using Rimrock.Core.Driving;
using Rimrock.Core.Fitting;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Tests.Fitting;

/// <summary>What nobody looked up and what it would change: signs and sizes as heat in a ring of another mass has them.</summary>
public class DecidingGuessTests
{
    private static readonly CarGuess Guess = CarGuess.From("guessed", 1450, 150, Tyre.All[1].Code);

    [Fact]
    public void What_was_filled_in_is_named_with_what_it_moves()
    {
        var plan = Of(Guess);
        var found = DecidingGuesses.Of(plan);
        found[0].Code.ShouldBe("rotor-diameter", "nothing else moves a face as far");
        found[0].FaceK.ShouldBeInRange(15, 120);
        found.Select(one => one.FaceK + (3 * one.FluidK)).ShouldBeInOrder(SortDirection.Descending);
    }

    /// <summary>A ring that is heavier by a fifth rises a sixth less by the same heat: the move lies below that of a ring that never cools.</summary>
    [Fact]
    public void A_diameter_moves_less_than_the_heat_that_its_ring_holds()
    {
        var plan = Of(Guess);
        var hottest = Predictor.Predict(plan).Limits.First(limit => limit.Code == "front-face").Demand!.Value;
        DecidingGuesses.Of(plan)[0].FaceK.ShouldBeLessThan((hottest - 20) * (1 - (1 / 1.2)));
    }

    [Fact]
    public void What_was_looked_up_is_not_asked_again()
    {
        var stamped = CarGuess.From("guessed", 1450, 150, Tyre.All[1].Code, CarLayout.FrontDrive, CarBody.Saloon, 300);
        DecidingGuesses.Of(Of(stamped)).ShouldAllBe(one => one.Code == "pad-area");
        DecidingGuesses.Of(SampleParts.Plan()).ShouldBeEmpty("that car was measured");
    }

    private static PredictionPlan Of(CarGuess guess)
    {
        var plan = SampleParts.Plan("track-sport", "track-sport");
        return plan with { Car = guess.Car, FrontRotor = guess.FrontRotor, RearRotor = guess.RearRotor };
    }
}
