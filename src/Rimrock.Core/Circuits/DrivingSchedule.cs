using Rimrock.Core.Quantities;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Circuits;

/// <summary>One application of the brakes.</summary>
/// <param name="StartS">Start within its lap, s.</param>
/// <param name="DurationS">Duration, s.</param>
/// <param name="EntryKmh">Speed at the start, km/h.</param>
/// <param name="ExitKmh">Speed at the end, km/h.</param>
/// <param name="EnergyJ">Energy into the friction brakes of the car, J.</param>
public sealed record BrakeStop(double StartS, double DurationS, double EntryKmh, double ExitKmh, double EnergyJ)
{
    /// <summary>Mean deceleration, g.</summary>
    public double MeanG => Speed.FromKmh(EntryKmh - ExitKmh) / DurationS / Speed.StandardGravityMS2;
}

/// <summary>
/// A lap, a road drive or a rest cut into the steps of the heat simulation: short steps on the brakes, long ones off
/// them. Flat arrays of one length; energies of the cut are those of the trace.
/// </summary>
public sealed class DrivingSchedule
{
    /// <summary>Longest step on the brakes, s.</summary>
    public const double BrakingStepS = 0.3;

    /// <summary>Longest step off the brakes while driving, s.</summary>
    public const double CoastingStepS = 7.0;

    private DrivingSchedule(double[] durationS, double[] speedMS, double[] energyJ, double[] brakeG, int[] stop, IReadOnlyList<BrakeStop> stops)
    {
        DurationS = durationS;
        SpeedMS = speedMS;
        EnergyJ = energyJ;
        BrakeG = brakeG;
        Stop = stop;
        Stops = stops;
    }

    /// <summary>Duration of each step, s.</summary>
    public double[] DurationS { get; }

    /// <summary>Mean speed in each step, m/s.</summary>
    public double[] SpeedMS { get; }

    /// <summary>Energy into the friction brakes of the car in each step, J.</summary>
    public double[] EnergyJ { get; }

    /// <summary>Deceleration by the friction brakes alone, g.</summary>
    public double[] BrakeG { get; }

    /// <summary>Index of the step's stop in <see cref="Stops"/>, or -1 off the brakes.</summary>
    public int[] Stop { get; }

    /// <summary>The stops in order.</summary>
    public IReadOnlyList<BrakeStop> Stops { get; }

    /// <summary>Number of steps.</summary>
    public int Count => DurationS.Length;

    /// <summary>Whole duration, s.</summary>
    public double TotalS() => DurationS.Sum();

    /// <summary>Cuts a trace into steps.</summary>
    /// <param name="lap">The trace.</param>
    /// <param name="car">The car.</param>
    /// <param name="airDensityKgM3">Air density, kg/m3.</param>
    /// <param name="brakingStepS">Longest step on the brakes, s.</param>
    /// <param name="coastingStepS">Longest step off them, s.</param>
    public static DrivingSchedule Of(LapTrace lap, Car car, double airDensityKgM3, double brakingStepS = BrakingStepS, double coastingStepS = CoastingStepS)
    {
        ArgumentNullException.ThrowIfNull(lap);
        ArgumentNullException.ThrowIfNull(car);
        var builder = new Builder(car);
        for (var i = 0; i < lap.TimeS.Length - 1; i++)
        {
            var whole = lap.TimeS[i + 1] - lap.TimeS[i];
            var energy = BrakingWork.Joules(car, lap.SpeedMS[i], lap.SpeedMS[i + 1], whole, airDensityKgM3, lap.SlopeAt(i));
            var pieces = Math.Max(1, (int)Math.Ceiling(whole / (energy > 0 ? brakingStepS : coastingStepS)));
            for (var piece = 0; piece < pieces; piece++)
            {
                var from = lap.SpeedMS[i] + ((lap.SpeedMS[i + 1] - lap.SpeedMS[i]) * piece / pieces);
                var to = lap.SpeedMS[i] + ((lap.SpeedMS[i + 1] - lap.SpeedMS[i]) * (piece + 1) / pieces);
                var share = Math.Abs(lap.SpeedMS[i] - lap.SpeedMS[i + 1]) > 1e-9
                    ? ((from * from) - (to * to)) / ((lap.SpeedMS[i] * lap.SpeedMS[i]) - (lap.SpeedMS[i + 1] * lap.SpeedMS[i + 1]))
                    : 1.0 / pieces;
                builder.Add(whole / pieces, from, to, energy * share, energy > 0 ? brakingStepS : coastingStepS);
            }
        }

        return builder.Build();
    }

    /// <summary>Standing still: 2 s steps for the first half minute, 6 s up to two minutes, 20 s up to ten, 60 s up to thirty, then 120 s.</summary>
    /// <param name="minutes">How long, min.</param>
    /// <param name="stepShare">All steps times this.</param>
    public static DrivingSchedule Parked(double minutes, double stepShare = 1)
    {
        var durations = new List<double>();
        for (var t = 0.0; t < (minutes * 60) - 1e-6; t += durations[^1])
        {
            var step = t < 30 ? 2 : t < 120 ? 6 : t < 600 ? 20 : t < 1800 ? 60 : 120;
            durations.Add(Math.Min(step * stepShare, (minutes * 60) - t));
        }

        var n = durations.Count;
        return new DrivingSchedule([.. durations], new double[n], new double[n], new double[n], [.. Enumerable.Repeat(-1, n)], []);
    }

    private sealed class Builder(Car car)
    {
        /// <summary>A step ends early where the deceleration has changed by this much: the electronics' split does not average over it.</summary>
        private const double LargestChangeG = 0.08;

        /// <summary>The first step off the brakes is so much shorter than the others.</summary>
        private const double FirstStepOff = 5;

        private readonly List<double> duration = [];
        private readonly List<double> speed = [];
        private readonly List<double> energies = [];
        private readonly List<double> brakeG = [];
        private readonly List<int> stop = [];
        private readonly List<BrakeStop> stops = [];
        private double clockS, pendingS, pendingM, pendingJ, pendingG, stopStartS, stopEntryMS, stopEndMS, stopJ;
        private bool braking;

        public void Add(double durationS, double fromMS, double toMS, double joules, double longestS)
        {
            var brakes = joules > 0;
            var nowG = brakes ? joules / (0.5 * (fromMS + toMS) * durationS * car.MassKg * Speed.StandardGravityMS2) : 0;
            // The heat that the brakes have left in the faces spreads first: the step after them is short, so that no peak inside the ring is stepped over.
            var allowedS = brakes || duration.Count == 0 || stop[^1] < 0 ? longestS : longestS / FirstStepOff;
            if (pendingS > 0 && (brakes != braking || pendingS + durationS > allowedS * (1 + 1e-9) || Math.Abs(nowG - pendingG) > LargestChangeG))
            {
                Flush();
            }

            pendingG = pendingS > 0 ? pendingG : nowG;

            if (brakes != braking)
            {
                Switch(brakes, fromMS);
            }

            pendingS += durationS;
            pendingM += 0.5 * (fromMS + toMS) * durationS;
            pendingJ += joules;
            clockS += durationS;
            stopJ += joules;
            stopEndMS = toMS;
        }

        public DrivingSchedule Build()
        {
            Flush();
            Switch(false, 0);
            return new DrivingSchedule([.. duration], [.. speed], [.. energies], [.. brakeG], [.. stop], stops);
        }

        private void Switch(bool on, double fromMS)
        {
            if (braking)
            {
                stops.Add(new BrakeStop(stopStartS, clockS - stopStartS, Speed.ToKmh(stopEntryMS), Speed.ToKmh(stopEndMS), stopJ));
            }

            braking = on;
            stopStartS = clockS;
            stopEntryMS = fromMS;
            stopJ = 0;
        }

        private void Flush()
        {
            if (pendingS <= 0)
            {
                return;
            }

            duration.Add(pendingS);
            speed.Add(pendingM / pendingS);
            energies.Add(pendingJ);
            brakeG.Add(pendingM > 0 ? pendingJ / (pendingM * car.MassKg * Speed.StandardGravityMS2) : 0);
            stop.Add(braking ? stops.Count : -1);
            pendingS = pendingM = pendingJ = 0;
        }
    }
}
