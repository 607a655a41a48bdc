using Rimrock.Core.Circuits;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Driving;

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

    /// <summary>Speed in its middle, km/h.</summary>
    public double MeanKmh => 0.5 * (EntryKmh + ExitKmh);
}

/// <summary>
/// A lap, a road drive or a rest cut into the steps of the heat simulation: short steps on the brakes; off them the longer
/// the further back the last stop lies, since all that happens then is slow. Flat arrays of one length; energies of the cut
/// are those of the trace.
/// </summary>
public sealed class DrivingSchedule
{
    /// <summary>Longest step on the brakes, s.</summary>
    public const double BrakingStepS = 0.3;

    /// <summary>Longest step off the brakes while driving, s.</summary>
    public const double CoastingStepS = 20;

    /// <summary>
    /// Longest step just after the brakes, s: the heat they left in the faces spreads first, and no peak inside the ring may be stepped over.
    /// </summary>
    public const double FirstCoastingStepS = 2;

    // The steps after that: so long, and so much longer for each second since the brakes came off.
    private const double NextCoastingStepS = 4;
    private const double CoastingGrowth = 0.5;

    // A long stretch of a trace is offered in pieces of this length, so that steps can grow along it.
    private const double PieceS = 1;

    private DrivingSchedule(double[] durationS, double[] speedMS, double[] energyJ, double[] brakeG, double[] tyreG, int[] stop, IReadOnlyList<BrakeStop> stops,
        double[] approachMS2)
    {
        DurationS = durationS;
        SpeedMS = speedMS;
        EnergyJ = energyJ;
        BrakeG = brakeG;
        TyreG = tyreG;
        Stop = stop;
        Stops = stops;
        Laid = Lay(approachMS2);
    }

    /// <summary>Duration of each step, s.</summary>
    public double[] DurationS { get; }

    /// <summary>Mean speed in each step, m/s.</summary>
    public double[] SpeedMS { get; }

    /// <summary>Energy into the friction brakes of the car in each step, J.</summary>
    public double[] EnergyJ { get; }

    /// <summary>Deceleration by the friction brakes alone, g.</summary>
    public double[] BrakeG { get; }

    /// <summary>All forces along the road at the tyres (brakes, engine, recuperation, rolling) over the weight, g: what shifts the load.</summary>
    public double[] TyreG { get; }

    /// <summary>Index of the step's stop in <see cref="Stops"/>, or -1 off the brakes.</summary>
    public int[] Stop { get; }

    /// <summary>The stops in order.</summary>
    public IReadOnlyList<BrakeStop> Stops { get; }

    /// <summary>The stops as laid out, in the same order.</summary>
    public IReadOnlyList<LaidStop> Laid { get; }

    /// <summary>Number of steps.</summary>
    public int Count => DurationS.Length;

    /// <summary>Whole duration, s.</summary>
    public double TotalS() => DurationS.Sum();

    /// <summary>Cuts a trace into steps. It is taken as driven round and round: what came before its start is its own end.</summary>
    /// <param name="lap">The trace.</param>
    /// <param name="car">The car.</param>
    /// <param name="airDensityKgM3">Air density, kg/m3.</param>
    /// <param name="stepShare">All steps times this.</param>
    /// <param name="longestS">No step is longer than this, s.</param>
    public static DrivingSchedule Of(LapTrace lap, Car car, double airDensityKgM3, double stepShare = 1, double longestS = double.PositiveInfinity)
    {
        ArgumentNullException.ThrowIfNull(lap);
        ArgumentNullException.ThrowIfNull(car);
        double Joules(int i) => BrakingWork.Joules(car, lap.SpeedMS[i], lap.SpeedMS[i + 1], lap.TimeS[i + 1] - lap.TimeS[i], airDensityKgM3, lap.SlopeAt(i));
        var lastBraking = lap.TimeS.Length - 2;
        while (lastBraking >= 0 && Joules(lastBraking) <= 0)
        {
            lastBraking--;
        }

        var builder = new Builder(car, airDensityKgM3, stepShare, longestS,
            lastBraking < 0 ? double.PositiveInfinity : lap.TimeS[^1] - lap.TimeS[lastBraking + 1]);
        for (var i = 0; i < lap.TimeS.Length - 1; i++)
        {
            var whole = lap.TimeS[i + 1] - lap.TimeS[i];
            var energy = Joules(i);
            var pieces = Math.Max(1, (int)Math.Ceiling(whole / Math.Min(longestS, stepShare * (energy > 0 ? BrakingStepS : PieceS))));
            for (var piece = 0; piece < pieces; piece++)
            {
                var from = lap.SpeedMS[i] + ((lap.SpeedMS[i + 1] - lap.SpeedMS[i]) * piece / pieces);
                var to = lap.SpeedMS[i] + ((lap.SpeedMS[i + 1] - lap.SpeedMS[i]) * (piece + 1) / pieces);
                var share = Math.Abs(lap.SpeedMS[i] - lap.SpeedMS[i + 1]) > 1e-9
                    ? ((from * from) - (to * to)) / ((lap.SpeedMS[i] * lap.SpeedMS[i]) - (lap.SpeedMS[i + 1] * lap.SpeedMS[i + 1]))
                    : 1.0 / pieces;
                builder.Add(whole / pieces, from, to, energy * share, lap.SlopeAt(i));
            }
        }

        return builder.Build();
    }

    /// <summary>Standing still: 2 s steps at first, then a twelfth of the time that the car has stood, 120 s at most.</summary>
    /// <param name="minutes">How long, min.</param>
    /// <param name="stepShare">All steps times this.</param>
    /// <param name="longestS">No step is longer than this, s.</param>
    public static DrivingSchedule Parked(double minutes, double stepShare = 1, double longestS = double.PositiveInfinity)
    {
        var durations = new List<double>();
        for (var t = 0.0; t < (minutes * 60) - 1e-6; t += durations[^1])
        {
            var step = Math.Min(longestS, Math.Clamp(t / 12, 2, 120) * stepShare);
            durations.Add(Math.Min(step, (minutes * 60) - t));
        }

        var n = durations.Count;
        return new DrivingSchedule([.. durations], new double[n], new double[n], new double[n], new double[n], [.. Enumerable.Repeat(-1, n)], [], []);
    }

    private LaidStop[] Lay(double[] approachMS2)
    {
        var laid = new LaidStop[Stops.Count];
        double straightM = 0, straightS = 0;
        for (var i = 0; i < Count;)
        {
            if (Stop[i] < 0)
            {
                straightM += SpeedMS[i] * DurationS[i];
                straightS += DurationS[i++];
                continue;
            }

            var stop = Stop[i];
            double metres = 0, seconds = 0, forceM = 0;
            for (; i < Count && Stop[i] == stop; i++)
            {
                metres += SpeedMS[i] * DurationS[i];
                seconds += DurationS[i];
                forceM += AtTyresG(i) * SpeedMS[i] * DurationS[i];
            }

            laid[stop] = new LaidStop(Speed.FromKmh(Stops[stop].EntryKmh), Speed.FromKmh(Stops[stop].ExitKmh), metres, seconds,
                metres > 0 ? forceM / metres : 0, approachMS2[stop], straightM, straightS);
            (straightM, straightS) = (0, 0);
        }

        return laid;
    }

    /// <summary>Force of the brakes at the tyres in a step over the weight, g: what slips there is not brakes' work.</summary>
    public double AtTyresG(int step) => BrakeG[step] / (1 - BrakingWork.TyreSlipShare);

    private sealed class Builder(Car car, double airDensityKgM3, double stepShare, double longestS, double offBeforeS)
    {
        private const double ApproachS = 2;

        /// <summary>A step ends early where the deceleration has changed by this much: the electronics' split does not average over it.</summary>
        private const double LargestChangeG = 0.08;

        private readonly List<double> duration = [];
        private readonly List<double> speed = [];
        private readonly List<double> energies = [];
        private readonly List<double> brakeG = [];
        private readonly List<double> tyreG = [];
        private readonly List<int> stop = [];
        private readonly List<BrakeStop> stops = [];
        private readonly List<double> approachMS2 = [];
        private readonly List<(double AtS, double AtM, double SpeedMS)> approach = [];
        private double offSinceS = -offBeforeS;
        private double clockM;
        private double clockS, pendingS, pendingM, pendingJ, pendingTyreJ, pendingG, stopStartS, stopEntryMS, stopEndMS, stopJ;
        private bool braking;

        public void Add(double durationS, double fromMS, double toMS, double joules, double slope)
        {
            var brakes = joules > 0;
            var nowG = brakes ? joules / (0.5 * (fromMS + toMS) * durationS * car.MassKg * Speed.StandardGravityMS2) : 0;
            var allowedS = Math.Min(longestS, stepShare * (brakes ? BrakingStepS : braking ? FirstCoastingStepS : Coasting(clockS - pendingS - offSinceS)));
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
            pendingTyreJ += TyreForceN(durationS, fromMS, toMS, slope) * 0.5 * (fromMS + toMS) * durationS;
            if (!brakes)
            {
                approach.Add((clockS, clockM, fromMS));
            }

            clockS += durationS;
            clockM += 0.5 * (fromMS + toMS) * durationS;
            stopJ += joules;
            stopEndMS = toMS;
        }

        public DrivingSchedule Build()
        {
            Flush();
            Switch(false, 0);
            return new DrivingSchedule([.. duration], [.. speed], [.. energies], [.. brakeG], [.. tyreG], [.. stop], stops, [.. approachMS2]);
        }

        private static double Coasting(double sinceBrakesS) =>
            sinceBrakesS < 1e-9 ? FirstCoastingStepS : Math.Clamp(NextCoastingStepS + (CoastingGrowth * (sinceBrakesS - FirstCoastingStepS)),
                FirstCoastingStepS, CoastingStepS);

        // What slows the car less what the air and the slope do of it: they act at its middle.
        private double TyreForceN(double durationS, double fromMS, double toMS, double slope)
        {
            var air = 0.5 * airDensityKgM3 * car.DragAreaM2 * ((fromMS * fromMS) + (fromMS * toMS) + (toMS * toMS)) / 3;
            return (car.MassKg * (((fromMS - toMS) / durationS) - (Speed.StandardGravityMS2 * slope))) - air;
        }

        private void Switch(bool on, double fromMS)
        {
            if (braking)
            {
                stops.Add(new BrakeStop(stopStartS, clockS - stopStartS, Speed.ToKmh(stopEntryMS), Speed.ToKmh(stopEndMS), stopJ));
            }

            if (on)
            {
                approachMS2.Add(Approach(fromMS));
                approach.Clear();
            }

            braking = on;
            offSinceS = clockS;
            stopStartS = clockS;
            stopEntryMS = fromMS;
            stopJ = 0;
        }

        // Over the last two seconds before the brakes, or as much as there is.
        private double Approach(double entryMS)
        {
            if (approach.Count == 0)
            {
                return 0;
            }

            var from = approach.FindLast(sample => clockS - sample.AtS >= ApproachS);
            from = from.SpeedMS > 0 ? from : approach[0];
            var metres = clockM - from.AtM;
            return metres > 1 ? Math.Max(0, ((entryMS * entryMS) - (from.SpeedMS * from.SpeedMS)) / (2 * metres)) : 0;
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
            tyreG.Add(pendingM > 0 ? pendingTyreJ / (pendingM * car.MassKg * Speed.StandardGravityMS2) : 0);
            stop.Add(braking ? stops.Count : -1);
            pendingS = pendingM = pendingJ = pendingTyreJ = 0;
        }
    }
}
