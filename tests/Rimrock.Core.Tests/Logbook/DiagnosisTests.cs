using Rimrock.Core.Driving;
using Rimrock.Core.Entries;
using Rimrock.Core.Fitting;
using Rimrock.Core.Fluids;
using Rimrock.Core.Logbook;
using Rimrock.Core.Quantities;
using Rimrock.Core.Rotors;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Tests.Logbook;

public class DiagnosisTests
{
    [Fact]
    public void Every_symptom_has_causes_with_a_test_and_a_cure()
    {
        foreach (var symptom in Symptom.All)
        {
            var causes = Diagnosis.Of(symptom.Code, []);
            causes.Count.ShouldBeGreaterThan(1, symptom.Code);
            causes.Sum(cause => cause.Share).ShouldBe(1, 0.03);
            causes.ShouldAllBe(one => !one.Cause.Test.IsNothing && !one.Cause.Cure.IsNothing);
        }

        Cause.All.Select(cause => cause.Symptom).Distinct().ShouldAllBe(code => code == Cause.Any || Symptom.All.Any(symptom => symptom.Code == code));
    }

    [Fact]
    public void Judder_says_film_before_warp()
    {
        // Common practice: judder is nearly always uneven film, rarely a bent rotor; even where the rotor has been hot.
        var causes = Diagnosis.Of("judder", [new Clue("face-hot", "hot")]).Where(one => !one.Cause.First).Select(one => one.Cause.Code).ToList();
        causes[0].ShouldBe("film");
        causes.IndexOf("warp").ShouldBeGreaterThan(causes.IndexOf("run-out"));
    }

    [Fact]
    public void A_clue_brings_its_cause_up_and_is_told()
    {
        var without = Diagnosis.Of("soft-hot", []);
        var with = Diagnosis.Of("soft-hot", [new Clue("old-lines", "The rubber lines are old.")]);
        double Share(IReadOnlyList<RankedCause> causes) => causes.Single(one => one.Cause.Code == "rubber").Share;
        Share(with).ShouldBeGreaterThan(1.8 * Share(without));
        with.Single(one => one.Cause.Code == "rubber").Evidence.ShouldBe(["The rubber lines are old."]);
    }

    [Fact]
    public void Clues_come_from_the_prediction_the_stands_and_the_day()
    {
        var plan = SampleParts.Plan() with { Bedded = false, FluidState = new Core.Fluids.FluidState(30, Core.Fluids.Climate.Humid) };
        var inspection = new Inspection(new DateOnly(2026, 5, 1), [new(Corner.LeftFront, LeadingMm: 4, TrailingMm: 7, Film: Film.Spots)]);
        var session = new LogSession(new DateOnly(2026, 5, 1), 1, 8, plan, Signs: [Sign.Leak]);
        var codes = Diagnosis.CluesOf(plan, Predictor.Predict(plan), inspection, session).Select(clue => clue.Code).ToList();
        foreach (var code in new[] { "pads-beyond", "unbedded", "fluid-old", "wedge", "spots", "leak" })
        {
            codes.ShouldContain(code);
        }
    }

    public static TheoryData<string, Func<PredictionPlan, PredictionPlan>> Moved { get; } = new()
    {
        { "fluid-old", plan => plan with { FluidState = new FluidState(30) } },
        { "fluid-fresh", plan => plan with { FluidState = new FluidState(0.5) } },
        { "old-lines", plan => plan with { Lines = BrakeLine.AgedRubber } },
        { "unbedded", plan => plan with { Bedded = false } },
        { "mixed-pads", plan => plan with { RearPad = plan.RearPad with { Family = "ceramic" } } },
        { "stability", plan => plan with { StabilityControlPercent = 30 } },
        { "drums", plan => plan with
            {
                Car = plan.Car with { Rear = new AxleBrake(CaliperKind.Drum, [20.6], 75, 42, 5, 1.5, 2.5) },
                RearRotor = new Rotor("drum", 228, 100, 7, 5, Construction: RotorConstruction.Drum),
            }
        },
    };

    [Theory]
    [MemberData(nameof(Moved))]
    public void What_the_plan_says_is_a_clue_and_its_opposite_is_none(string code, Func<PredictionPlan, PredictionPlan> move)
    {
        var plain = SampleParts.Plan() with { FluidState = new FluidState(12) };
        bool Has(PredictionPlan plan) => Diagnosis.CluesOf(plan, Predictor.Predict(plan), null, null).Any(clue => clue.Code == code);
        Has(plain).ShouldBeFalse();
        Has(move(plain)).ShouldBeTrue();
    }

    [Fact]
    public void An_unknown_symptom_is_refused() =>
        Should.Throw<InputFaultException>(() => Diagnosis.Of("hiccups", [])).Faults.Single().Field.ShouldBe("symptom");

    /// <summary>What can hurt someone is ruled out before what is likely (common practice), with what the log says of it.</summary>
    [Fact]
    public void The_dangerous_is_ruled_out_first()
    {
        foreach (var symptom in Symptom.All)
        {
            var causes = Diagnosis.Of(symptom.Code, [new Clue("leak", "a leak")]);
            var first = causes.TakeWhile(one => one.Cause.First).ToList();
            first.ShouldAllBe(one => one.Cause.Stop);
            first.Select(one => one.Cause.Code).ShouldContain("loose-wheel");
            causes.Skip(first.Count).ShouldAllBe(one => !one.Cause.First);
            causes.Select(one => one.Cause.Code).ShouldBeUnique();
        }

        Diagnosis.Of("pull", [new Clue("leak", "a leak")])[1].Evidence.ShouldBe(["a leak"]);
    }

    [Fact]
    public void Nothing_is_offered_that_the_car_does_not_have()
    {
        var plan = SampleParts.Plan();
        static List<string> Of(string symptom, PredictionPlan plan) => [.. Diagnosis.Of(symptom, [], plan).Select(one => one.Cause.Code)];
        Of("long-then-fine", plan).ShouldNotContain("adjuster");
        Of("soft-again", plan with { Car = plan.Car with { Electronics = false } }).ShouldNotContain("unit");
        Of("soft-again", plan).ShouldContain("unit");
        Of("soft-hot", plan).ShouldNotContain("exhaust");
        Of("stuck-standing", plan with { Car = plan.Car with { ParkingBrake = ParkingBrake.Electric } }).ShouldNotContain("shoes");
        Of("judder", plan).ShouldNotContain("plugged");
        Of("judder", plan with { FrontRotor = plan.FrontRotor with { Finish = new RotorFinish(RotorFace.FactoryDrilled) } }).ShouldContain("plugged");
        Should.Throw<InputFaultException>(() => Diagnosis.Of(Cause.Any, []));
    }
}
