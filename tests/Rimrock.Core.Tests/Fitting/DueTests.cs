using Rimrock.Core.Driving;
using Rimrock.Core.Fitting;
using Rimrock.Core.Preparation;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Tests.Fitting;

/// <summary>What is due by its age: fluid at two years on the street, hoses at ten, looked at from six (common practice).</summary>
public class DueTests
{
    private static readonly PredictionPlan Plan = SampleParts.Plan();

    [Theory]
    [InlineData(BrakeLine.Rubber, null, false)]
    [InlineData(BrakeLine.Rubber, 9.9, false)]
    [InlineData(BrakeLine.Rubber, 10.0, true)]
    [InlineData(BrakeLine.Braided, 12.0, true)]
    [InlineData(BrakeLine.AgedRubber, null, true)]
    public void Hoses_are_due_at_ten_years_whatever_they_are(BrakeLine lines, double? years, bool due)
    {
        var plan = Plan with { Lines = lines, HoseYears = years };
        Due.IsHoses(plan).ShouldBe(due);
        Due.Of(plan).Any(one => one.Code == "hose-age").ShouldBe(due);
        Cautions.Of(plan).Any(said => said.Code == "predictor.aged-hoses-swell-and-burst").ShouldBe(due);
    }

    [Fact]
    public void Old_rubber_swells_like_old_rubber_and_from_six_years_on_somebody_looks()
    {
        (Plan with { HoseYears = 11 }).Hoses().ShouldBe(BrakeLine.AgedRubber);
        (Plan with { HoseYears = 11, Lines = BrakeLine.Braided }).Hoses().ShouldBe(BrakeLine.Braided, "its liner ages, its braid does not give");
        Cautions.Of(Plan with { HoseYears = 5 }).ShouldNotContain(said => said.Code == "predictor.hoses-to-look-at");
        Cautions.Of(Plan with { HoseYears = 7 }).ShouldContain(said => said.Code == "predictor.hoses-to-look-at");
        (Plan with { HoseYears = 41 }).Faults().Single().Field.ShouldBe("hoseYears");
    }

    [Fact]
    public void New_rubber_for_old_rubber_is_ordered_and_is_new()
    {
        var old = Plan with { HoseYears = 12 };
        var setup = Selection.Fitted(old) with { Lines = new("new", new LineKit("new rubber", BrakeLine.Rubber, true, 60)) };
        var on = setup.On(old, new Wishes());
        (on.HoseYears, Due.IsHoses(on)).ShouldBe((0, false));
        WorkOrder.Of(old, on, false).Order.ShouldContain(item => item.What.Code == "work-order.new-rubber-lines");
        WorkOrder.Of(old, old, true).Order.ShouldNotContain(item => item.What.Code == "work-order.new-rubber-lines");
    }
}
