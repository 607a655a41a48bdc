using Rimrock.Core.Circuits;
using Rimrock.Core.Driving;
using Rimrock.Core.Logbook;
using Rimrock.Core.Quantities;
using Rimrock.Core.Runs;

namespace Rimrock.Core.Tests.Logbook;

public class DrivenDayTests
{
    private const int Laps = 4;
    private static readonly PredictionPlan Plan = SampleParts.Plan("track-sport", "track-sport") with { Stint = new StintPlan(1, 20, 30) };
    private static readonly DrivenRecording Median = Driven(CarFactors.Median);

    /// <summary>A hidden car drives hot laps from cold; its front face is what the sensor sees, to the degree.</summary>
    private static DrivenRecording Driven(CarFactors car, bool numbered = true)
    {
        var day = new Day(Plan);
        var lap = day.HotLap;
        var run = new DayRun(Plan, [car], demands: false);
        List<double> time = [], speed = [], rotor = [];
        List<int> laps = [];
        var schedule = DrivingSchedule.Of(lap, Plan.DrivenCar(), day.AirDensityKgM3);
        for (var i = 0; i < Laps; i++)
        {
            run.Run(new DayPhase(1, PhaseKind.HotLap, i + 1, schedule));
        }

        for (var t = 0.0; t < Laps * lap.DurationS; t += 0.25)
        {
            var within = t % lap.DurationS;
            var at = Array.FindLastIndex(lap.TimeS, start => start <= within);
            var next = Math.Min(at + 1, lap.TimeS.Length - 1);
            var share = next == at ? 0 : (within - lap.TimeS[at]) / (lap.TimeS[next] - lap.TimeS[at]);
            time.Add(100 + t);
            speed.Add(Speed.ToKmh(lap.SpeedMS[at] + (share * (lap.SpeedMS[next] - lap.SpeedMS[at]))));
            rotor.Add(run.SampledC(BrakePart.FrontFace, t, 0));
            laps.Add(3 + (int)(t / lap.DurationS));
        }

        return new DrivenRecording(new SpeedRecording([.. time.Select(t => t - time[0])], speed), rotor, numbered ? laps : null);
    }

    [Fact]
    public void A_car_as_expected_lies_in_the_band_lap_by_lap()
    {
        var day = DrivenDay.Of(Plan, Median, "own");
        day.Laps.Select(lap => lap.Lap).ShouldBe([3, 4, 5, 6]);
        day.Laps.ShouldAllBe(lap => lap.InBand == true);
        // The same physics on a trace that was sampled and smoothed: the middle is met within the band's own blur.
        day.Laps.ShouldAllBe(lap => Math.Abs(lap.MeasuredC!.Value - lap.PredictedC.P50) < 0.35 * (lap.PredictedC.P90 - lap.PredictedC.P10));
        day.Laps[3].PredictedC.P50.ShouldBeGreaterThan(day.Laps[0].PredictedC.P50);
        day.Verdict.Terms.Take(2).ShouldBe([4, 4]);
    }

    [Fact]
    public void A_driver_who_puts_in_far_more_heat_is_found_hotter()
    {
        var hot = DrivenDay.Of(Plan, Driven(CarFactors.Median with { Energy = 1.35 }), "own");
        hot.Laps.ShouldAllBe(lap => lap.MeasuredC > lap.PredictedC.P50);
        hot.Laps.Count(lap => lap.InBand == false).ShouldBeGreaterThan(1);
        hot.Verdict.Terms[^1].Part!.Code.ShouldBe("driven-day.hotter");
    }

    [Fact]
    public void Laps_are_told_by_distance_where_no_column_numbers_them()
    {
        var day = DrivenDay.Of(Plan, Median with { Lap = null }, "own");
        var lapS = new Day(Plan).HotLap.DurationS;
        day.Laps.Count.ShouldBe(Laps);
        day.Laps.Take(Laps - 1).ShouldAllBe(lap => Math.Abs(lap.DurationS - lapS) < 0.02 * lapS);
        day.Circuit.Recording!.TimeS[^1].ShouldBe(lapS, 0.02 * lapS);
        day.Zones.Count.ShouldBe(ZoneDetection.Find(new Day(Plan).HotLap).Count);
    }

    [Fact]
    public void Drop_outs_and_one_stray_sample_are_no_peak_and_no_sensor_is_said()
    {
        var rotor = Median.RotorC!.ToArray();
        var honest = DrivenDay.Of(Plan, Median, "own").Laps[1].MeasuredC!.Value;
        var place = Median.Lap!.ToList().IndexOf(4) + 20;
        rotor[place] = 1300;
        rotor[place + 9] = double.NaN;
        DrivenDay.Of(Plan, Median with { RotorC = rotor }, "own").Laps[1].MeasuredC!.Value.ShouldBe(honest, 3);
        var without = DrivenDay.Of(Plan, Median with { RotorC = null }, "own");
        without.Laps.ShouldAllBe(lap => lap.MeasuredC == null && lap.InBand == null);
        without.Verdict.Code.ShouldStartWith("driven-day.no-rotor-temperature");
    }

    [Fact]
    public void More_laps_than_a_day_are_refused()
    {
        var time = Enumerable.Range(0, 7000).Select(i => (double)i).ToArray();
        var many = new DrivenRecording(new SpeedRecording(time, [.. time.Select(t => 80 + (20 * Math.Sin(t)))]), Lap: [.. time.Select(t => (int)(t / 16))]);
        Should.Throw<InputFaultException>(() => DrivenDay.Of(Plan, many, "own")).Faults.Single().Allowed.Terms[0].ShouldBe(120);
    }
}
