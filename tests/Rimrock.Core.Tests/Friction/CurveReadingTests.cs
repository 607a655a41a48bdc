using Rimrock.Core.Friction;
using Rimrock.Core.Quantities;

namespace Rimrock.Core.Tests.Friction;

public class CurveReadingTests
{
    [Theory]
    // SAE J866: C up to 0.15, D to 0.25, E to 0.35, F to 0.45, G to 0.55, H above; from memory.
    [InlineData(0.10, 'C')]
    [InlineData(0.15, 'C')]
    [InlineData(0.16, 'D')]
    [InlineData(0.30, 'E')]
    [InlineData(0.45, 'F')]
    [InlineData(0.50, 'G')]
    [InlineData(0.56, 'H')]
    public void Edge_letters_are_the_standards(double mu, char letter) => EdgeCode.Of(mu).ShouldBe(letter);

    [Fact]
    public void An_edge_code_says_nothing_above_343_degrees()
    {
        EdgeCode.Read("fg")!.Words().ToString().ShouldContain("0.45");
        EdgeCode.Read("FX").ShouldBeNull();
        EdgeCode.Read("F").ShouldBeNull();
    }

    [Fact]
    public void A_flat_curve_earns_its_letter_twice_and_a_code_far_from_it_is_told()
    {
        CurvePoint[] flat = [new(0, 0.4), new(400, 0.4)];
        var reading = CurveReading.Of(new Pad("flat", "organic", flat, Traits: new PadTraits(EdgeCode: "FF")));
        reading.Letters.ShouldBe("FF");
        reading.EdgeCodeFits.ShouldBeTrue();
        CurveReading.Of(new Pad("flat", "organic", flat, Traits: new PadTraits(EdgeCode: "DD"))).EdgeCodeFits.ShouldBeFalse();
        CurveReading.Of(new Pad("short", "organic", [new(0, 0.4), new(250, 0.4)])).Letters.ShouldBeNull("the chart does not reach 343");
    }

    [Fact]
    public void A_familys_curve_is_marked_and_banded_wider()
    {
        var family = CurveReading.Of(new Pad("kind only", "track-sport"));
        var own = CurveReading.Of(new Pad("own", "track-sport", PadFamilies.Find("track-sport").Curve, ChartBasis.Rubbing));
        family.Typical.ShouldBeTrue();
        own.Typical.ShouldBeFalse();
        family.BandSpreadK.ShouldBeGreaterThan(own.BandSpreadK + 50);
    }

    [Fact]
    public void A_fit_goes_through_stops_that_lie_on_a_line()
    {
        var stops = Enumerable.Range(0, 20).Select(i => new DynamometerStop(50 + (25 * i), 0.3 + (0.0002 * (50 + (25 * i))))).ToList();
        var fit = DynamometerFit.Of(stops);
        fit.ScatterMu.ShouldBeLessThan(1e-3);
        fit.Points.ShouldAllBe(point => Math.Abs(point.Mu - (0.3 + (0.0002 * point.TemperatureC))) < 1e-3);
    }

    [Fact]
    public void A_fit_reports_the_scatter_that_was_put_in()
    {
        var random = new Random(3);
        double Normal() => Math.Sqrt(-2 * Math.Log(1 - random.NextDouble())) * Math.Cos(2 * Math.PI * random.NextDouble());
        var stops = Enumerable.Range(0, 200).Select(i => new DynamometerStop(40 + (3 * i), 0.4 + (0.02 * Normal()))).ToList();
        DynamometerFit.Of(stops).ScatterMu.ShouldBe(0.02, 0.003);
    }

    [Fact]
    public void Too_few_or_too_narrow_stops_are_refused()
    {
        Should.Throw<InputFaultException>(() =>
            DynamometerFit.Of([new(100, 0.4), new(200, 0.4)])).Faults.Single().Allowed.Terms[0].Figure!.Value.Value.ShouldBe(6);
        Should.Throw<InputFaultException>(() =>
            DynamometerFit.Of([.. Enumerable.Range(0, 8).Select(i => new DynamometerStop(100 + i,
                0.4))])).Faults.Single().Message.Code.ShouldContain("close-together");
        Should.Throw<InputFaultException>(() => DynamometerFit.Of([.. Enumerable.Range(0, 8)
            .Select(i => new DynamometerStop(100 + (50 * i), i == 3 ? 4 : 0.4))])).Faults.Single().Field.ShouldBe("stops[3].meanMu");
    }
}
