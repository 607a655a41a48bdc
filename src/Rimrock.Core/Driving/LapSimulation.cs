using Rimrock.Core.Circuits;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Driving;

/// <summary>
/// Quasi-steady lap of a point mass: the grip circle limits every point, a forward pass limits by power and traction,
/// a backward pass by braking (common practice; Brayshaw and Harrison, Proc. IMechE D 219 (2005) 725-739, from memory).
/// A vehicle also brakes no harder than its rear wheel stays down. Left out: load sensitivity, gear changes, weight transfer across the car. The
/// driver enters twice: through
/// the share of grip used, and through the power used, which is searched so that the lap's braking energy is the stated
/// share of the limit lap's.
/// </summary>
public sealed class LapSimulation
{
    private const double TractionShare = 0.6;
    private const double LeastSpeedMS = 2;
    private const double FastestMS = 110;
    private const double LeastPowerUse = 0.1;
    private const double SearchCoarseness = 3;
    private readonly Car car;
    private readonly double gripMS2;
    private readonly double liftMS2;
    private readonly double airDensityKgM3;
    private readonly double stepM;
    private readonly double[] curvature;
    private readonly double[] slope;
    private readonly double[] limitMS;

    /// <summary>Lays a circuit out.</summary>
    /// <param name="circuit">A circuit of segments.</param>
    /// <param name="car">The car.</param>
    /// <param name="gripG">Grip to use, g.</param>
    /// <param name="airDensityKgM3">Air density, kg/m3.</param>
    /// <param name="stepM">Largest distance step, m.</param>
    public LapSimulation(Circuit circuit, Car car, double gripG, double airDensityKgM3, double stepM = 2)
    {
        ArgumentNullException.ThrowIfNull(circuit);
        ArgumentNullException.ThrowIfNull(car);
        var segments = circuit.Segments ?? throw new ArgumentException("A lap simulation needs segments.", nameof(circuit));
        this.car = car;
        gripMS2 = gripG * Speed.StandardGravityMS2;
        liftMS2 = car.LiftG() * Speed.StandardGravityMS2;
        this.airDensityKgM3 = airDensityKgM3;
        var length = segments.Sum(segment => segment.LengthM);
        var count = Math.Max(16, (int)Math.Ceiling(length / stepM));
        this.stepM = length / count;
        curvature = new double[count];
        slope = new double[count];
        limitMS = new double[count];
        var index = 0;
        var end = segments[0].LengthM;
        for (var i = 0; i < count; i++)
        {
            while ((i + 0.5) * this.stepM > end && index < segments.Count - 1)
            {
                end += segments[++index].LengthM;
            }

            curvature[i] = segments[index].RadiusM > 0 ? 1 / segments[index].RadiusM : 0;
            slope[i] = segments[index].Slope;
            // v^2 / R = grip (1 + air load): downforce grows with the square of the speed and makes some corners flat out.
            var perSquare = gripMS2 * car.AirLoadG(1, airDensityKgM3);
            limitMS[i] = curvature[i] > perSquare ? Math.Min(FastestMS, Math.Sqrt(gripMS2 / (curvature[i] - perSquare))) : FastestMS;
        }
    }

    /// <summary>The lap that a driver of a pace drives, from grip share and energy share.</summary>
    public static LapTrace Drive(Circuit circuit, Car car, Pace pace, double tyreGripG, double airDensityKgM3, double stepM = 2)
    {
        ArgumentNullException.ThrowIfNull(pace);
        var gripG = tyreGripG * pace.GripShare;

        // The search, limit lap and all, runs on a grid three times as coarse; the lap itself is driven on the fine one.
        var coarse = new LapSimulation(circuit, car, gripG, airDensityKgM3, SearchCoarseness * stepM);
        var limitLap = new LapSimulation(circuit, car, tyreGripG, airDensityKgM3, SearchCoarseness * stepM).Lap(1);
        var use = PowerUseFor(coarse, pace.EnergyShare * BrakingWork.LapJoules(limitLap, car, airDensityKgM3), car, airDensityKgM3);
        return new LapSimulation(circuit, car, gripG, airDensityKgM3, stepM).Lap(use);
    }

    /// <summary>The lap with a share of the engine's power.</summary>
    /// <param name="powerUse">Share of the power used, 0 to 1.</param>
    public LapTrace Lap(double powerUse)
    {
        var n = limitMS.Length;
        var speed = (double[])limitMS.Clone();
        var slowest = Array.IndexOf(speed, speed.Min());
        for (var i = 0; i < n; i++)
        {
            var at = (slowest + i) % n;
            var next = (at + 1) % n;
            speed[next] = Math.Min(speed[next], Faster(at, speed[at], powerUse));
        }

        // Once round, and on for as long as the pass finds its own beginning too fast.
        for (var i = 0; i < 2 * n; i++)
        {
            var at = (((slowest - i) % n) + n) % n;
            var before = (at - 1 + n) % n;
            var entry = SlowestPossibleEntry(before, speed[at]);
            if (i >= n && entry >= speed[before])
            {
                break;
            }

            speed[before] = Math.Min(speed[before], entry);
        }

        var time = new double[n + 1];
        var speeds = new double[n + 1];
        for (var i = 0; i < n; i++)
        {
            var next = speed[(i + 1) % n];
            speeds[i] = speed[i];
            time[i + 1] = time[i] + (2 * stepM / (speed[i] + next));
        }

        speeds[n] = speed[0];
        return new LapTrace(time, speeds, slope, Said.Of("lap-simulation.lap-simulation"));
    }

    /// <summary>
    /// The power use whose lap has the target's braking energy within 0.2 %, by false position with Illinois weighting; all of it where even that is too
    /// little.
    /// </summary>
    private static double PowerUseFor(LapSimulation simulation, double targetJ, Car car, double airDensityKgM3)
    {
        double Off(double use) => BrakingWork.LapJoules(simulation.Lap(use), car, airDensityKgM3) - targetJ;
        double low = LeastPowerUse, high = 1, use = 1;
        var above = Off(high);
        if (above <= 0)
        {
            return high;
        }

        var below = Off(low);
        for (var i = 0; i < 20 && below < 0; i++)
        {
            use = low + ((high - low) * below / (below - above));
            var off = Off(use);
            if (Math.Abs(off) < 0.002 * targetJ)
            {
                break;
            }

            if (off < 0)
            {
                (low, below) = (use, off);
                above /= 2;
            }
            else
            {
                (high, above) = (use, off);
                below /= 2;
            }
        }

        return use;
    }

    private double GripMS2(double v) => gripMS2 * Math.Max(0.2, 1 + car.AirLoadG(v, airDensityKgM3));

    private double Faster(int at, double v, double powerUse)
    {
        var grip = GripMS2(v);
        var lateral = v * v * curvature[at] / grip;
        var circle = Math.Sqrt(Math.Max(0, 1 - (lateral * lateral)));
        var traction = TractionShare * grip * circle;
        var drive = Math.Min(traction, powerUse * car.PowerKw * 1000 * car.DriveEfficiency / (car.EffectiveMassKg() * Math.Max(v, LeastSpeedMS)));
        var net = drive - (BrakingWork.ResistanceN(car, v, airDensityKgM3, slope[at]) / car.EffectiveMassKg());
        return Math.Max(LeastSpeedMS, Math.Sqrt(Math.Max(0, (v * v) + (2 * net * stepM))));
    }

    private double SlowestPossibleEntry(int at, double exit)
    {
        var grip = GripMS2(exit);
        var lateral = exit * exit * curvature[at] / grip;
        var circle = Math.Sqrt(Math.Max(0, 1 - (lateral * lateral)));
        var slowing = Math.Min(grip * circle, liftMS2) + (BrakingWork.ResistanceN(car, exit, airDensityKgM3, slope[at]) / car.MassKg);
        return Math.Sqrt(Math.Max(LeastSpeedMS * LeastSpeedMS, (exit * exit) + (2 * Math.Max(0, slowing) * stepM)));
    }
}
