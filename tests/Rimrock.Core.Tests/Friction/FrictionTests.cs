using Rimrock.Core.Friction;
using Rimrock.Core.Quantities;

namespace Rimrock.Core.Tests.Friction;

public class FrictionTests
{
    private static FrictionCurve CurveOf(string family) => new Pad("sample", family).FrictionCurveOf();

    [Fact]
    public void Beyond_the_chart_friction_is_unknown_and_assumed_to_fade()
    {
        var curve = CurveOf("organic");
        curve.Charted(600).ShouldNotBeNull();
        curve.Charted(601).ShouldBeNull();
        curve.Assumed(650).ShouldBeLessThan(curve.Assumed(600));
        curve.Assumed(1200).ShouldBe(0.08, 1e-9);
    }

    [Fact]
    public void Below_the_chart_the_familys_cold_slope_holds()
    {
        var family = PadFamilies.Find("race-sintered");
        CurveOf("race-sintered").Charted(-20)!.Value.ShouldBe(0.26 - (20 * family.ColdSlopePerK), 1e-12);
        family.ColdSlopePerK.ShouldBe((0.30 - 0.26) / 50, 1e-12);
    }

    /// <summary>Common practice: street organics fade from about 260 C, semi-metallics from 400-450 C, race pads work far above.</summary>
    [Theory]
    [InlineData("organic", 240, 300)]
    [InlineData("semi-metallic", 380, 450)]
    [InlineData("track-sport", 500, 620)]
    [InlineData("race-carbon-metallic", 620, 760)]
    public void Families_fade_where_the_trade_says(string family, double from, double to) =>
        new Pad("sample", family).WorkingBandOf().ToC.ShouldBeInRange(from, to);

    [Fact]
    public void A_cold_race_pad_grips_half_to_two_thirds_of_its_hot_friction()
    {
        // Common practice: half to two thirds below 95-150 C, less for carbon compounds.
        var curve = CurveOf("race-sintered");
        (curve.Assumed(20) / new Pad("sample", "race-sintered").WorkingBandOf().PlateauMu).ShouldBeInRange(0.5, 0.67);
    }

    [Fact]
    public void A_working_band_is_where_friction_holds_nine_tenths()
    {
        var pad = new Pad("sample", "track-sport");
        var curve = pad.FrictionCurveOf();
        var band = pad.WorkingBandOf();
        curve.Charted(band.FromC)!.Value.ShouldBeGreaterThanOrEqualTo(0.9 * band.PlateauMu);
        curve.Charted(band.ToC)!.Value.ShouldBeGreaterThanOrEqualTo(0.9 * band.PlateauMu);
        curve.Charted(band.FromC - 1.5)!.Value.ShouldBeLessThan(0.9 * band.PlateauMu);
        curve.Charted(band.ToC + 1.5)!.Value.ShouldBeLessThan(0.9 * band.PlateauMu);
        (pad with { StatedFromC = 100, StatedToC = 560 }).WorkingBandOf().ShouldBe(new WorkingBand(100, 560, band.PlateauMu, band.PlateauC, Stated: true));
    }

    /// <summary>
    /// A claim never beats the pad's own chart: of both the narrower edge counts on each side, and a claim that the chart does not bear out is named.
    /// </summary>
    [Fact]
    public void Of_a_claim_and_the_pads_own_chart_the_narrower_edge_counts()
    {
        var chart = PadFamilies.Find("track-sport").Curve;
        var pad = new Pad("charted", "track-sport", chart);
        var own = pad.WorkingBandOf();
        var bold = pad with { StatedFromC = own.FromC - 80, StatedToC = own.ToC + 120 };
        (bold.WorkingBandOf().FromC, bold.WorkingBandOf().ToC).ShouldBe((own.FromC, own.ToC));
        bold.RangeConflict()!.ToC.ShouldBe(own.ToC + 120);
        var modest = pad with { StatedFromC = own.FromC + 30, StatedToC = own.ToC - 40 };
        (modest.WorkingBandOf().FromC, modest.WorkingBandOf().ToC).ShouldBe((own.FromC + 30, own.ToC - 40));
        modest.RangeConflict().ShouldBeNull();
        var familyOnly = pad with { Curve = null, StatedFromC = 50, StatedToC = 900 };
        familyOnly.WorkingBandOf().ToC.ShouldBe(900, "without a chart of its own its maker's range is all there is");
    }

    [Fact]
    public void Wear_follows_its_law_and_its_jumps()
    {
        PadFamilies.Find("track-sport").WearMm3PerMJ(150 + 130).ShouldBe(120, 1e-9);
        PadFamilies.Find("organic").WearMm3PerMJ(401).ShouldBe(3 * 25 * Math.Pow(2, 251.0 / 75), 1e-6);
        PadFamilies.Find("race-sintered").WearMm3PerMJ(100).ShouldBe(2.5 * 50, 1e-9);

        // Worked out by hand from a long-lived front set: 208 cm3 over 125 hard laps at 4.3 MJ = 387 mm3/MJ, a sport pad at 500 C.
        PadFamilies.Find("track-sport").WearMm3PerMJ(500).ShouldBe(387, 60);
    }

    [Fact]
    public void A_chart_is_read_at_what_it_means()
    {
        Read(ChartBasis.InitialEmbedded).ShouldBe(200);
        Read(ChartBasis.InStopEmbedded).ShouldBe(400);
        Read(ChartBasis.Rubbing).ShouldBe(500);
        Read(ChartBasis.Unknown).ShouldBe(430);

        static double Read(ChartBasis basis) =>
            ChartTemperature.Read(basis, Lanes.Create(200.0), Lanes.Create(400.0), Lanes.Create(500.0), Lanes.Create(ChartTemperature.UnknownBasisK))[2];
    }

    [Fact]
    public void Friction_falls_a_little_with_speed_and_pressure()
    {
        SpeedAndPressure.Factor(80, 30).ShouldBe(1, 1e-12);
        SpeedAndPressure.Factor(180, 30).ShouldBe(0.94, 1e-12);
        SpeedAndPressure.Factor(80, 60).ShouldBe(Math.Pow(2, -0.05), 1e-12);
    }

    [Fact]
    public void Bad_charts_are_refused_point_by_point()
    {
        var faults = new List<InputFault>();
        FrictionCurve.Check([new(0, 0.3), new(100, 1.4), new(90, 0.4), new(double.NaN, 0.4)], "frontPad.curve", faults);
        faults.Select(fault => fault.Field).ShouldBe(["frontPad.curve[1].mu", "frontPad.curve[2].temperatureC", "frontPad.curve[3].temperatureC",
            "frontPad.curve[3].temperatureC"]);
        faults[0].Allowed.Terms.ShouldBe([Core.Quantities.Figure.Range(0, 1.2, "")]);
        Should.Throw<InputFaultException>(() => new FrictionCurve([new(0, 0.3)], 0));
    }
}
