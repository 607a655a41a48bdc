using Rimrock.Core.Circuits;
using Rimrock.Core.Driving;
using Rimrock.Core.Quantities;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Tests.Driving;

public class LapSimulationTests
{
    private const double AirKgM3 = 1.2;
    private static readonly Car Bare = SampleParts.Estate with { DragAreaM2 = 0, RollingResistance = 0, EngineBrakingMS2 = 0, RotatingMassFactor = 1 };

    [Fact]
    public void A_circle_is_driven_at_the_speed_that_grip_allows()
    {
        var ring = new Circuit("ring", Segments: [new(200, 50), new(114, 50)]);
        var lap = new LapSimulation(ring, Bare, 1.0, AirKgM3).Lap(1);
        lap.SpeedMS.ShouldAllBe(v => Math.Abs(v - Math.Sqrt(9.81 * 50)) < 1e-6);
    }

    [Fact]
    public void A_straight_stop_is_as_long_as_v_squared_over_two_mu_g()
    {
        var circuit = new Circuit("there and back", Segments: [new(2000), new(60, 20)]);
        var lap = new LapSimulation(circuit, Bare, 1.0, AirKgM3, 0.25).Lap(1);
        var top = Array.IndexOf(lap.SpeedMS, lap.SpeedMS.Max());
        var corner = Math.Sqrt(9.81 * 20);
        var metres = 0.0;
        for (var i = top; lap.SpeedMS[i] > corner + 1e-6; i++)
        {
            metres += 0.5 * (lap.SpeedMS[i] + lap.SpeedMS[i + 1]) * (lap.TimeS[i + 1] - lap.TimeS[i]);
        }

        var expected = ((lap.SpeedMS[top] * lap.SpeedMS[top]) - (corner * corner)) / (2 * 9.81);
        metres.ShouldBe(expected, 0.5);
    }

    [Fact]
    public void Halving_the_distance_step_hardly_moves_the_braking_energy()
    {
        double Energy(double step) =>
            BrakingWork.LapJoules(new LapSimulation(SampleParts.Coastal, SampleParts.Estate, 1.05, AirKgM3, step).Lap(1), SampleParts.Estate, AirKgM3);
        var fine = Energy(0.25);
        Energy(1).ShouldBe(fine, 0.006 * fine);
        Energy(0.5).ShouldBe(fine, 0.003 * fine);
    }

    [Theory]
    [InlineData("regular")]
    [InlineData("advanced")]
    public void The_lap_that_is_driven_has_the_braking_energy_of_one_on_a_grid_eight_times_finer(string pace)
    {
        double Energy(LapTrace lap) => BrakingWork.LapJoules(lap, SampleParts.Estate, AirKgM3);
        var fine = Energy(LapSimulation.Drive(SampleParts.Coastal, SampleParts.Estate, Pace.Find(pace), 1.05, AirKgM3, 0.25));
        Energy(LapSimulation.Drive(SampleParts.Coastal, SampleParts.Estate, Pace.Find(pace), 1.05, AirKgM3)).ShouldBe(fine, 0.006 * fine);
    }

    [Fact]
    public void Kinetic_energy_gained_and_lost_over_a_closed_lap_balance()
    {
        var lap = new LapSimulation(SampleParts.Coastal, SampleParts.Estate, 1.05, AirKgM3).Lap(1);
        lap.SpeedMS[^1].ShouldBe(lap.SpeedMS[0], 1e-9);
        lap.LengthM().ShouldBe(SampleParts.Coastal.Segments!.Sum(segment => segment.LengthM), 1);
    }

    [Theory]
    [InlineData("novice")]
    [InlineData("regular")]
    [InlineData("advanced")]
    public void A_pace_uses_its_share_of_the_limit_laps_energy(string code)
    {
        var pace = Pace.Find(code);
        var limit = BrakingWork.LapJoules(LapSimulation.Drive(SampleParts.Coastal, SampleParts.Estate, Pace.Limit, 1.05, AirKgM3), SampleParts.Estate, AirKgM3);
        var driven = BrakingWork.LapJoules(LapSimulation.Drive(SampleParts.Coastal, SampleParts.Estate, pace, 1.05, AirKgM3), SampleParts.Estate, AirKgM3);
        (driven / limit).ShouldBe(pace.EnergyShare, 0.005);
    }

    [Fact]
    public void More_power_and_less_grip_both_cost_what_they_should()
    {
        double Seconds(Car car, double grip) => new LapSimulation(SampleParts.Coastal, car, grip, AirKgM3).Lap(1).DurationS;
        var usual = Seconds(SampleParts.Estate, 1.05);
        Seconds(SampleParts.Estate with { PowerKw = 180 }, 1.05).ShouldBeLessThan(usual);
        Seconds(SampleParts.Estate, 0.7).ShouldBeGreaterThan(usual);
    }

    [Fact]
    public void A_table_of_zones_becomes_the_lap_it_describes()
    {
        BrakingZone[] zones = [new(165, 80, 18), new(140, 95, 14)];
        var lap = BrakingZoneTable.Lap(zones, 9);
        lap.DurationS.ShouldBe(18 + 14 + ((85 + 45) / 3.6 / 9), 1e-9);
        var found = ZoneDetection.Find(lap);
        found.Count.ShouldBe(2);
        found[0].EntryKmh.ShouldBe(165, 2);
        found[1].ExitKmh.ShouldBe(95, 2);
        found[0].SecondsToNext.ShouldBe(18, 0.2);

        // By hand: 85 km/h at 9 m/s2 take 2.623 s, over the mean of 165 and 80 km/h 89.3 m.
        found[0].Seconds.ShouldBe(85 / 3.6 / 9, 0.06);
        found[0].Metres.ShouldBe(89.3, 2);
        found[1].Metres.ShouldBe(45 / 3.6 / 9 * (140 + 95) / 2 / 3.6, 2);
        found[0].MeanG.ShouldBe(9 / 9.80665, 0.02);
        // From 80 to 140 km/h in 18 s with v squared linear in time: 2/3 x 18 s x (38.89^3 - 22.22^3) / (38.89^2 - 22.22^2) = 563.6 m.
        (found[1].AtM - found[0].AtM - found[0].Metres).ShouldBe(563.6, 4);
    }

    [Fact]
    public void A_recording_of_that_lap_has_the_same_zones_and_energy()
    {
        var lap = BrakingZoneTable.Lap([new(165, 80, 18), new(140, 95, 14)], 9);
        var recorded = RecordedTrace.Lap(lap.TimeS, [.. lap.SpeedMS.Select(Speed.ToKmh)]);
        var found = ZoneDetection.Find(recorded);
        found.Select(zone => Math.Round(zone.EntryKmh / 10) * 10).ShouldBe([160, 140], ignoreOrder: false, "smoothing rounds the first sample");
        var original = BrakingWork.LapJoules(lap, SampleParts.Estate, AirKgM3);
        BrakingWork.LapJoules(recorded, SampleParts.Estate, AirKgM3).ShouldBe(original, 0.02 * original);
    }

    [Fact]
    public void Cutting_a_lap_into_steps_keeps_its_energy_time_and_distance()
    {
        var lap = LapSimulation.Drive(SampleParts.Coastal, SampleParts.Estate, Pace.Find("advanced"), 1.05, AirKgM3);
        var cut = DrivingSchedule.Of(lap, SampleParts.Estate, AirKgM3);
        cut.EnergyJ.Sum().ShouldBe(BrakingWork.LapJoules(lap, SampleParts.Estate, AirKgM3), 1);
        cut.Stops.Sum(stop => stop.EnergyJ).ShouldBe(cut.EnergyJ.Sum(), 1);
        cut.TotalS().ShouldBe(lap.DurationS, 1e-6);
        cut.DurationS.Zip(cut.SpeedMS, (s, v) => s * v).Sum().ShouldBe(lap.LengthM(), 0.01);
        cut.DurationS.Zip(cut.Stop).ShouldAllBe(step => step.First <= (step.Second >= 0 ? DrivingSchedule.BrakingStepS : DrivingSchedule.CoastingStepS)
            * (1 + 1e-9));
    }

    [Fact]
    public void Steps_grow_with_the_time_since_the_last_stop_also_past_the_start_line()
    {
        var endsOnTheBrakes = DrivingSchedule.Of(new LapTrace([0, 60, 64], [30, 30, 5], [], "ends braking"), SampleParts.Estate, AirKgM3);
        endsOnTheBrakes.DurationS[0].ShouldBe(DrivingSchedule.FirstCoastingStepS, 1e-9);
        double[] off = [.. endsOnTheBrakes.DurationS.Where((_, i) => endsOnTheBrakes.Stop[i] < 0)];
        off[..^1].Zip(off[1..^1]).ShouldAllBe(pair => pair.Second > pair.First, "each longer than the one before, the rest of the straight apart");
        off.Length.ShouldBeLessThan(8);

        var endsRolling = DrivingSchedule.Of(new LapTrace([0, 40, 44, 104], [30, 30, 5, 30], [], "ends rolling"), SampleParts.Estate, AirKgM3);
        endsRolling.DurationS[0].ShouldBe(DrivingSchedule.CoastingStepS, 1e-9, "a minute since the last stop of the lap before");
        endsRolling.Stop.Zip(endsRolling.DurationS).SkipWhile(step => step.First < 0)
            .First(step => step.First < 0).Second.ShouldBe(DrivingSchedule.FirstCoastingStepS, 1e-9);
        DrivingSchedule.Of(new LapTrace([0, 60, 64], [30, 30, 5], [], "watched"), SampleParts.Estate, AirKgM3, longestS: 0.2).DurationS.Max()
            .ShouldBeLessThan(0.2 + 1e-9);
        DrivingSchedule.Parked(40, longestS: 0.5).DurationS.Max().ShouldBe(0.5);
    }

    [Theory]
    [InlineData(new double[] { 0, 1, 1, 20 }, "sample[3]", "recorded-trace.time-runs-backwards-stands")]
    [InlineData(new double[] { 0, 1, 8, 20 }, "sample[3]", "recorded-trace.recording-gap")]
    [InlineData(new double[] { 0, 1, 2, 3 }, "trace", "recorded-trace.recording-lasts-between-ten")]
    public void Bad_recordings_are_refused_by_sample(double[] time, string field, string message)
    {
        var fault = Should.Throw<InputFaultException>(() => RecordedTrace.Lap(time, [50, 50, 50, 50])).Faults[0];
        (fault.Field, fault.Message.Code).ShouldBe((field, message));
    }
}
