using Rimrock.Core.Driving;
using Rimrock.Core.Rotors;
using Rimrock.Core.Runs;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Logbook;

/// <summary>Predicted wear of a hot lap in the middle of the band, the out and cool-down laps of the day shared among them.</summary>
/// <param name="Axles">Off each axle.</param>
/// <param name="Hours">Track hours that a hot lap stands for.</param>
public sealed record WornPerLap(Axles<WornPerLap.OfAxle> Axles, double Hours)
{
    /// <summary>Runs the plan's first session.</summary>
    /// <param name="plan">A plan without faults.</param>
    public static WornPerLap Of(PredictionPlan plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        var on = plan.OnLeading(1);
        var day = new Day(on);
        var run = new DayRun(on, [CarFactors.Median], demands: false);
        foreach (var phase in day.Phases)
        {
            run.Run(phase);
        }

        ModelEnds.ThrowIfPassed(plan, run, 0);
        var laps = Math.Max(1, day.HotLaps);
        var hours = on.Leading().KindOf().IsTimed ? on.Stint.MinutesEach / 60.0 / laps : day.DrivenHours();
        return new WornPerLap(Quantities.Axles.Of(axle => Loss(run.Axles[axle], plan.At(axle), laps)), hours);

        static OfAxle Loss(AxleRun axle, AxleSetup at, int laps)
        {
            var discJ = axle.EnergyJ[0] / (at.Brake.Discs * laps);
            return new OfAxle(at.Brake.WornMm(axle.WornMm3[0]) / laps, RingWear.WornMm(at.Rotors.Rotor, at.Pads.Pad, discJ),
                RingWear.WornKg(at.Rotors.Rotor, at.Pads.Pad, discJ), axle.EnergyJ[0] / laps / 1e6);
        }
    }

    /// <summary>Wear of an axle.</summary>
    /// <param name="PadMm">Off the pad that wears most, mm.</param>
    /// <param name="RotorMm">Off a rotor's thickness, mm.</param>
    /// <param name="RotorKg">Off its mass, kg.</param>
    /// <param name="Megajoules">Heat through the axle, MJ.</param>
    public sealed record OfAxle(double PadMm, double RotorMm, double RotorKg, double Megajoules = 0);
}
