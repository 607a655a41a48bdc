using Rimrock.Core.Entries;
using Rimrock.Core.Fitting;
using Rimrock.Core.Fluids;
using Rimrock.Core.Logbook;
using Rimrock.Core.Quantities;

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

        Cause.All.Select(cause => cause.Symptom).Distinct().ShouldAllBe(code => Symptom.All.Any(symptom => symptom.Code == code));
    }

    [Fact]
    public void Judder_says_film_before_warp()
    {
        // Common practice: judder is nearly always uneven film, rarely a bent rotor; even where the rotor has been hot.
        var causes = Diagnosis.Of("judder", [new Clue("face-hot", "hot")]).Select(one => one.Cause.Code).ToList();
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

    [Fact]
    public void An_unknown_symptom_is_refused() =>
        Should.Throw<InputFaultException>(() => Diagnosis.Of("hiccups", [])).Faults.Single().Field.ShouldBe("symptom");
}
