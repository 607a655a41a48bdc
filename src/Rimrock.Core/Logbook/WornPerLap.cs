using Rimrock.Core.Driving;
using Rimrock.Core.Friction;
using Rimrock.Core.Rotors;
using Rimrock.Core.Runs;

namespace Rimrock.Core.Logbook;

/// <summary>Predicted wear of a hot lap in the middle of the band, the out and cool-down laps of the day shared among them.</summary>
/// <param name="Front">Off the front axle.</param>
/// <param name="Rear">Off the rear one.</param>
/// <param name="Hours">Track hours that a hot lap stands for.</param>
public sealed record WornPerLap(WornPerLap.Axle Front, WornPerLap.Axle Rear, double Hours)
{
    /// <summary>Runs the plan's first session.</summary>
    /// <param name="plan">A plan without faults.</param>
    public static WornPerLap Of(PredictionPlan plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        var day = new Day(plan with { Stint = plan.Stint with { Sessions = 1 } });
        var run = new DayRun(plan, [CarFactors.Median], demands: false);
        foreach (var phase in day.Track)
        {
            run.Run(phase);
        }

        ModelEnds.ThrowIfPassed(plan, run, 0);
        var laps = Math.Max(1, day.HotLaps);
        var hours = plan.Stint.MinutesEach / 60.0 / laps;
        Axle Loss(AxleRun axle, Vehicles.AxleBrake brake, Rotor rotor, Pad pad)
        {
            var discJ = axle.EnergyJ[0] / (brake.Discs * laps);
            return new Axle(brake.WornMm(axle.WornMm3[0]) / laps, RingWear.WornMm(rotor, pad, discJ), RingWear.WornKg(rotor, pad, discJ));
        }

        return new WornPerLap(Loss(run.Front, plan.Car.Front, plan.FrontRotor, plan.FrontPad), Loss(run.Rear, plan.Car.Rear, plan.RearRotor, plan.RearPad),
            hours);
    }

    /// <summary>Wear of an axle.</summary>
    /// <param name="PadMm">Off the pad that wears most, mm.</param>
    /// <param name="RotorMm">Off a rotor's thickness, mm.</param>
    /// <param name="RotorKg">Off its mass, kg.</param>
    public sealed record Axle(double PadMm, double RotorMm, double RotorKg);
}
