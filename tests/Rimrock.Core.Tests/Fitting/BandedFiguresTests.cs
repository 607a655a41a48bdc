using Rimrock.Core.Driving;
using Rimrock.Core.Fitting;
using Rimrock.Core.Numerics;
using Rimrock.Core.Runs;
using Rimrock.Core.Vehicles;
using Shouldly;

namespace Rimrock.Core.Tests.Fitting;

public class BandedFiguresTests
{
    private static readonly PredictionResult Day = Predictor.Predict(SampleParts.Plan());

    [Fact]
    public void A_log_normal_band_holds_eight_tenths()
    {
        // 1.2816 standard deviations: standard normal table, P(|z| < 1.2816) = 0.8.
        var band = Spread.Times(100, 1.15, 3);
        (band.P50 / band.P10).ShouldBe(band.P90 / band.P50, 1e-4);
        Math.Log(band.P90 / band.P50).ShouldBe(1.2816 * Math.Log(1.15), 1e-4);
    }

    [Fact]
    public void Effort_of_every_stop_has_a_band_round_its_middle() =>
        Day.Course!.Stops.ShouldAllBe(stop => stop.Effort.P10 < stop.Effort.P50 && stop.Effort.P50 < stop.Effort.P90);

    [Fact]
    public void A_cold_stop_bands_by_the_scatter_of_friction_and_no_shorter_than_the_tyres_allow()
    {
        var plan = SampleParts.Plan();
        var stop = ColdStop.Compare(plan, 100, 5, ColdStop.EverydayPedalN(plan));
        // Beyond the build-up of 0.36 s a tenth less friction is a tenth more metres.
        var buildUp = 0.36 * 100 / 3.6;
        ((stop.Metres.P90 - buildUp) / (stop.Metres.P50 - buildUp)).ShouldBe(Math.Pow(1.08, 1.2816), 1e-3);
        var panic = ColdStop.Compare(plan, 100, 20, 900);
        panic.Metres.P10.ShouldBeInRange(0.95 * panic.Metres.P50, panic.Metres.P50);
    }

    [Fact]
    public void A_narrower_rubbed_band_makes_a_hotter_face()
    {
        var plan = SampleParts.Plan("race-sintered", "race-sintered");
        var narrow = plan with { Car = plan.Car with { Front = plan.Car.Front with { RubbedPercent = 55 } } };
        double Face(PredictionPlan of) => Predictor.Predict(of).Ranges.Single(range => range.Part == BrakePart.FrontFace).PeakC.Max();
        Face(narrow).ShouldBeGreaterThan(Face(plan) + 5);
    }
}
