using Rimrock.Core.Fitting;
using Rimrock.Core.Friction;
using Rimrock.Telling;

namespace Rimrock.Scenario.Tests;

public class CustomerTests
{
    public static TheoryData<string> Files => [.. Customer.Files()];

    [Theory]
    [MemberData(nameof(Files))]
    public void A_technician_would_sign_the_advice(string file)
    {
        var customer = Customer.Read(file);
        customer.Source.ShouldNotBeNullOrWhiteSpace();
        customer.Must.ShouldNotBeEmpty();
        var advice = new Advice(customer);
        var wrong = customer.Must.Where(one => !advice.Says(one)).Select(one => $"must: {one}")
            .Concat(customer.MustNot.Where(advice.Says).Select(one => $"must not: {one}"))
            .Concat(advice.Impossible().Select(one => $"cannot be driven: {one}")).ToList();
        wrong.ShouldBeEmpty($"{customer.Who}\n{advice}");
    }

    /// <summary>Who comes in early on faded pads heats nothing; nobody fits them for that, and the rear has no more than the front (common practice).</summary>
    [Fact]
    public void A_fast_hatch_is_not_sold_pads_that_fade()
    {
        var plan = Customer.Read("hatch.json").Plan();
        plan = plan with { FrontPad = new Pad("street", "organic"), RearPad = new Pad("street", "organic") };
        var offer = TypicalShelf.With(plan, new Offer([], [], [], [], []), new Wishes(), said => Teller.Text(said));
        var answer = Matcher.Match(plan, offer, new Wishes());
        Selection.OfKey(answer.Shortlist[0].Key, plan, offer)!.FrontPad.Body.Family.ShouldBe("track-sport");
        answer.Shortlist.ShouldAllBe(row => row.EnergyInBand.Below >= 0 && row.EnergyInBand.Below <= 1
            && Math.Abs(row.EnergyInBand.Below + row.EnergyInBand.Inside + row.EnergyInBand.Above - 1) < 0.005);
        answer.Steps[0].Setup.Key.ShouldStartWith("typical:track-sport|typical:track-sport|");
        foreach (var setup in answer.Shortlist.Select(row => Selection.OfKey(row.Key, plan, offer)!))
        {
            setup.FrontPad.Body.Family.ShouldBeOneOf("organic", "track-sport", "race-sintered", "race-carbon-metallic");
            (setup.FrontPad.Body.Family == "track-sport" && setup.RearPad.Body.Family.StartsWith("race")).ShouldBeFalse(setup.Key());
        }
    }

    /// <summary>Where a car holds and its fluid is due, the fluid is changed; whatever else suits better is no work that is needed (common practice).</summary>
    [Fact]
    public void What_is_due_is_all_that_is_done()
    {
        var plan = Customer.Read("due-motorcycle.json").Plan();
        var offer = TypicalShelf.With(plan, new Offer([], [], [], [], []), new Wishes(), said => Teller.Text(said));
        var answer = Matcher.Match(plan, offer, new Wishes());
        answer.Outcome.ShouldBe(MatchOutcome.Due);
        answer.Shortlist[0].Key.ShouldNotStartWith("fitted|", Case.Sensitive, "pads with road approval suit the wish better");
        answer.Steps.Single().Setup.Key.ShouldStartWith("fitted|fitted|fitted|fitted|typical:");
        answer.StepsEnd!.Code.ShouldBe("step-walk.rest-is-taste");
    }

    /// <summary>
    /// Pads and fluid first; calipers only where they take danger away that nothing else does, and after all else (judged for a car that is driven hard, and
    /// for a light one that is not).
    /// </summary>
    [Theory]
    [InlineData("hatch.json", true)]
    [InlineData("roadster.json", false)]
    public void Other_calipers_come_last_or_not_at_all(string file, bool come)
    {
        var plan = Customer.Read(file).Plan();
        plan = plan with { FrontPad = new Pad("street", "organic"), RearPad = new Pad("street", "organic") };
        var offer = TypicalShelf.With(plan, new Offer([], [], [], [], []), new Wishes(), said => Teller.Text(said));
        var answer = Matcher.Match(plan, offer, new Wishes());
        bool HasKit(string key) => key.Contains("kit:", StringComparison.Ordinal);
        HasKit(answer.Shortlist[0].Key).ShouldBe(come, $"{answer.Shortlist[0].Key}");
        answer.Steps.Count(step => HasKit(step.Setup.Key)).ShouldBe(come ? 1 : 0, "in one go, and last");
        answer.Steps.Count.ShouldBeGreaterThan(1);
        answer.Steps.ShouldAllBe(step => step.DangerAfter.Share <= step.DangerBefore.Share);
    }
}
