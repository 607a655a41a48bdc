using Rimrock.Core.Beliefs;
using Rimrock.Core.Circuits;
using Rimrock.Core.Driving;
using Rimrock.Core.Fitting;
using Rimrock.Core.Fluids;
using Rimrock.Core.Friction;
using Rimrock.Core.Quantities;
using Rimrock.Core.Vehicles;

namespace Rimrock.Devices.Tests;

public class SimulatedLoggerTests
{
    private static readonly PredictionPlan Plan = SamplePlan();

    private static PredictionPlan SamplePlan()
    {
        var guess = CarGuess.From("made-up car", 1400, 120, "sport");
        var circuit = new Circuit("made-up circuit", Segments: [new(700), new(150, 60), new(500), new(200, 90), new(300), new(120, 45)]);
        var pad = new Pad("made-up pad", "track-sport");
        return new PredictionPlan(guess.Car, circuit, "regular", new StintPlan(1, 8, 15), new Weather(), pad, pad, guess.FrontRotor, guess.RearRotor,
            new BrakeFluid("made-up fluid", "dot4", 250, 165), new FluidState(6));
    }

    [Fact]
    public void The_same_seed_gives_the_same_log_and_another_seed_another_car()
    {
        var one = new SimulatedLogger(Plan, 7);
        new SimulatedLogger(Plan, 7).Frames.ShouldBe(one.Frames);
        new SimulatedLogger(Plan, 8).TrueRotorPeakC.ShouldNotBe(one.TrueRotorPeakC);
    }

    [Fact]
    public void Sensors_follow_the_car_with_noise_drop_outs_and_clock_jumps()
    {
        var logs = Enumerable.Range(0, 6).Select(seed => new SimulatedLogger(Plan, seed)).ToArray();
        foreach (var log in logs)
        {
            log.Frames.Max(frame => frame.RotorC ?? 0).ShouldBe(log.TrueRotorPeakC, 0.03 * log.TrueRotorPeakC + 25);
            log.Frames.ShouldAllBe(frame => frame.SpeedKmh == null || (frame.SpeedKmh >= 0 && frame.SpeedKmh < 300));
            log.Frames.Max(frame => frame.PressureBar ?? 0).ShouldBeInRange(15, 160);
        }

        logs.SelectMany(log => log.Frames).Count(frame => frame.RotorC is null).ShouldBeGreaterThan(0, "channels drop out");
        logs.Any(log => log.Frames.Zip(log.Frames.Skip(1)).Any(pair => pair.Second.TimeS < pair.First.TimeS)).ShouldBeTrue("a clock jumps back");
    }

    /// <summary>Watched against a "real" car: what the logger saw closes the band round the hidden peak.</summary>
    [Fact]
    public void A_log_narrows_the_band_round_the_hidden_car()
    {
        var log = new SimulatedLogger(Plan, 21);
        var seen = new Observation(ObservationKind.RotorPeak, Value: log.Frames.Max(frame => frame.RotorC ?? 0), Error: 10);
        var before = Face(Ensemble.Run(Plan));
        var after = Face(Ensemble.Run(Plan, Learning.From([new EvidenceDay(Plan, [seen])]).Belief));
        (after.P90 - after.P10)!.Value.ShouldBeLessThan(0.5 * (before.P90 - before.P10)!.Value);
        log.TrueRotorPeakC.ShouldBeInRange(after.P10!.Value - 20, after.P90!.Value + 20);

        static LimitBand Face(BandResult band) => band.Limits.Single(limit => limit.Code == "front-face");
    }

    [Fact]
    public void A_plan_with_faults_gets_no_logger() =>
        Should.Throw<InputFaultException>(() => new SimulatedLogger(Plan with { Pace = "none" }, 1));
}
