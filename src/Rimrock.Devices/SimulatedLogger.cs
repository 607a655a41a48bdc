using Rimrock.Core.Driving;
using Rimrock.Core.Numerics;
using Rimrock.Core.Quantities;
using Rimrock.Core.Runs;

namespace Rimrock.Devices;

/// <summary>
/// Stands in for a logger on a real car: a hidden car, drawn from what is believed, drives the plan's day, and its sensors add noise, drop-outs and
/// clock jumps. The same plan and seed give the same log, so it can be played again. Noise is typical of club loggers
/// (engineering judgement): speed 0.5 km/h, pressure 0.8 bar, infrared 6 K and up to 3 % of scale, thermocouple 1.5 K.
/// </summary>
public sealed class SimulatedLogger
{
    private const double FrameS = 0.5;
    private const double DropOutChance = 0.002;
    private const double BackAgainChance = 0.15;
    private const double JumpChance = 0.0004;
    private readonly Random random;
    private readonly bool[] lost = new bool[4];
    private double clockOffsetS;

    /// <summary>Puts a logger on a hidden car and drives the day.</summary>
    /// <param name="plan">The plan.</param>
    /// <param name="seed">Which car and which noise.</param>
    /// <param name="cancel">Stops between stretches.</param>
    /// <exception cref="InputFaultException">Everything that is wrong with the plan.</exception>
    public SimulatedLogger(PredictionPlan plan, int seed, CancellationToken cancel = default)
    {
        ArgumentNullException.ThrowIfNull(plan);
        InputFaultException.ThrowIfAny(plan.Faults());
        random = new Random(seed);
        HiddenScores = [.. PriorFactor.All.Select(_ => Normal())];
        var infraredScale = 1 + (0.015 * Math.Clamp(Normal(), -2, 2));
        var frames = new List<LoggerFrame>();
        var run = new DayRun(plan, [PriorFactor.CarOf(HiddenScores)], demands: false);
        var due = 0.0;
        run.Stepped = step =>
        {
            if (step.EndS >= due)
            {
                frames.Add(Frame(plan, run, step, infraredScale));
                due = step.EndS + FrameS;
            }
        };
        // No step is longer than a frame, so that frames come when they are due.
        foreach (var phase in new Day(plan, longestS: FrameS).Phases)
        {
            cancel.ThrowIfCancellationRequested();
            run.Run(phase);
        }

        ModelEnds.ThrowIfPassed(plan, run, 0);
        Frames = frames;
        TrueRotorPeakC = run.Phases.Max(phase => phase.Peak[(int)BrakePart.FrontFace][0]);
    }

    /// <summary>The log.</summary>
    public IReadOnlyList<LoggerFrame> Frames { get; }

    /// <summary>The hidden car's scores, for tests: what learning should find.</summary>
    public double[] HiddenScores { get; }

    /// <summary>The hidden car's hottest front face, C, for tests.</summary>
    public double TrueRotorPeakC { get; }

    private LoggerFrame Frame(PredictionPlan plan, DayRun run, DayStep step, double infraredScale)
    {
        if (random.NextDouble() < JumpChance)
        {
            clockOffsetS += random.NextDouble() < 0.5 ? 2.5 : -1.0;
        }

        var rotor = run.Front.Wheel.HotterFaceC[0];
        return new LoggerFrame(
            Math.Round(step.EndS + clockOffsetS, 2),
            Channel(0, Math.Max(0, Speed.ToKmh(step.SpeedMS) + (step.SpeedMS > 0 ? 0.5 * Normal() : 0))),
            Channel(1, Math.Max(0, (step.Braking ? PressureBar(plan, run, step) : 0) + (0.8 * Normal()))),
            Channel(2, (rotor * infraredScale) + (6 * Normal())),
            Channel(3, run.Front.Wheel.CaliperC[0] + (1.5 * Normal())));
    }

    private static double PressureBar(PredictionPlan plan, DayRun run, DayStep step)
    {
        var perPascal = ColdStop.TorquePerPascal(plan);
        var torque = step.BrakeG * plan.Car.MassKg * Speed.StandardGravityMS2 * plan.Car.TyreRadiusM;
        return plan.Car.Hydraulics.LineBar(torque / ((perPascal.Front * run.Front.DiscMu[0]) + (perPascal.Rear * run.Rear.DiscMu[0])));
    }

    private double? Channel(int channel, double value)
    {
        lost[channel] = random.NextDouble() < (lost[channel] ? 1 - BackAgainChance : DropOutChance);
        return lost[channel] ? null : Math.Round(value, 1);
    }

    private double Normal() => NormalQuantile.At(Math.Clamp(random.NextDouble(), 1e-9, 1 - 1e-9));
}
