using Rimrock.Core.Circuits;
using Rimrock.Core.Materials;

namespace Rimrock.Core.Driving;

/// <summary>Lays out the stretches of a day by its kind: laps in sessions, runs, or drives on the road; each ends parked.</summary>
public sealed class Day
{
    /// <summary>Share of the tyre's grip used inside the zones of a table (engineering judgement).</summary>
    private const double ZoneGripShare = 0.9;

    /// <summary>Steps on the road are so much longer than on track: its stops are gentle, and a third of them moves no peak by 1 K (tested).</summary>
    private const double RoadStepShare = 5.4;

    private readonly Drive drive;
    private readonly double stepShare;
    private readonly double longestS;
    private readonly Lazy<LaidDay> laid;

    /// <summary>Lays out a plan's leading day, when it is first asked for.</summary>
    /// <param name="plan">A plan without faults.</param>
    /// <param name="stepShare">All steps times this: below 1 for convergence checks.</param>
    /// <param name="longestS">No step is longer than this, s.</param>
    public Day(PredictionPlan plan, double stepShare = 1, double longestS = double.PositiveInfinity)
        : this((plan ?? throw new ArgumentNullException(nameof(plan))).Drive(), stepShare, longestS)
    {
    }

    /// <summary>Lays the day out, when it is first asked for.</summary>
    /// <param name="drive">What it depends on, of a plan without faults.</param>
    /// <param name="stepShare">All steps times this: below 1 for convergence checks.</param>
    /// <param name="longestS">No step is longer than this, s.</param>
    public Day(Drive drive, double stepShare = 1, double longestS = double.PositiveInfinity)
    {
        ArgumentNullException.ThrowIfNull(drive);
        this.drive = drive;
        this.stepShare = stepShare;
        this.longestS = longestS;
        AirDensityKgM3 = Air.DensityKgM3(drive.Weather.AmbientC + Temperature.ZeroCelsiusInKelvin, Air.PressurePa(drive.Circuit.AltitudeM));
        laid = new Lazy<LaidDay>(Lay);
    }

    /// <summary>Density of the day's air, kg/m3.</summary>
    public double AirDensityKgM3 { get; }

    /// <summary>What it depends on.</summary>
    public Drive Drive => drive;

    /// <summary>The hot lap, the run, or on the road the drive that it is about.</summary>
    public LapTrace HotLap => laid.Value.HotLap;

    /// <summary>Hot laps in a session; 0 on the road.</summary>
    public int HotLaps => laid.Value.HotLaps;

    /// <summary>Its stretches in order; the last rest is long enough to find the fluid's peak.</summary>
    public IReadOnlyList<DayPhase> Phases => laid.Value.Phases;

    /// <summary>Hours on the move.</summary>
    public double DrivenHours() => Phases.Where(phase => phase.Kind != PhaseKind.Parked).Sum(phase => phase.Schedule.TotalS()) / 3600;

    private LaidDay Lay() => drive.Planned.KindOf().Shape switch
    {
        DayShape.Road => LayRoad(),
        DayShape.Runs => LayRuns(),
        _ => LayLaps(),
    };

    private LaidDay LayLaps()
    {
        var lap = LapOf(drive, AirDensityKgM3);
        var stint = drive.Stint;
        var driven = drive.DrivenCar();
        var hot = Cut(lap, driven);
        var outLap = Cut(lap.AtPace(stint.OutLapPace), driven);
        var cool = Cut(lap.AtPace(stint.CoolDownPace), driven);
        var hotLaps = stint.HotLaps(outLap.TotalS(), hot.TotalS());
        var phases = new List<DayPhase>();
        for (var session = 1; session <= stint.Sessions; session++)
        {
            phases.Add(new DayPhase(session, PhaseKind.OutLap, 0, outLap));
            for (var number = 1; number <= hotLaps; number++)
            {
                phases.Add(new DayPhase(session, PhaseKind.HotLap, number, hot));
            }

            for (var number = 1; number <= stint.CoolDownLaps; number++)
            {
                phases.Add(new DayPhase(session, PhaseKind.CoolDownLap, hotLaps + number, cool));
            }

            phases.Add(new DayPhase(session, PhaseKind.Parked, hotLaps + stint.CoolDownLaps, Rest(session == stint.Sessions)));
        }

        return new LaidDay(lap, hotLaps, phases);
    }

    private LaidDay LayRuns()
    {
        var (stint, driven) = (drive.Stint, drive.DrivenCar());
        var run = drive.Planned.Kind == DayKind.Strip ? Courses.Haul(drive.Planned, driven) : LapOf(drive, AirDensityKgM3);
        var hot = Cut(run, driven);
        var down = drive.Planned.Kind == DayKind.Hill && drive.Circuit.Segments is not null
            ? Cut(Courses.RollDown(drive.Circuit), driven, RoadStepShare) : null;
        var phases = new List<DayPhase>();
        for (var session = 1; session <= stint.Sessions; session++)
        {
            phases.Add(new DayPhase(session, PhaseKind.HotLap, 1, hot));
            if (down is not null)
            {
                phases.Add(new DayPhase(session, PhaseKind.CoolDownLap, 2, down));
            }

            phases.Add(new DayPhase(session, PhaseKind.Parked, down is null ? 1 : 2, Rest(session == stint.Sessions)));
        }

        return new LaidDay(run, 1, phases);
    }

    private LaidDay LayRoad()
    {
        var driven = drive.DrivenCar();
        var drives = Courses.Drives(drive.Planned, driven, AirDensityKgM3);
        List<DayPhase> phases = [.. drives.SelectMany(road =>
            Enumerable.Repeat(new DayPhase(1, PhaseKind.Road, 0, Cut(road.Lap, driven, RoadStepShare)), road.Rounds))];
        phases = [.. phases.Select((phase, i) => phase with { Lap = i + 1 }), new DayPhase(1, PhaseKind.Parked, phases.Count, Rest(isLast: true))];
        return new LaidDay(drives[^1].Lap, 0, phases);
    }

    private DrivingSchedule Rest(bool isLast) =>
        DrivingSchedule.Parked(isLast ? drive.Stint.LastRestMinutes() : drive.Stint.RestMinutes, stepShare, longestS);

    private DrivingSchedule Cut(LapTrace lap, Vehicles.Car car, double longer = 1) =>
        DrivingSchedule.Of(lap, car, AirDensityKgM3, stepShare * longer, longestS);

    private static LapTrace LapOf(Drive drive, double airDensity)
    {
        var grip = drive.GripG();
        if (drive.Circuit.Zones is { } zones)
        {
            return BrakingZoneTable.Lap(zones, Math.Min(drive.Circuit.ZoneG ?? double.MaxValue, ZoneGripShare * grip) * Speed.StandardGravityMS2,
                drive.Circuit.BySpeedometer);
        }

        return drive.Circuit.Recording is { } recording
            ? RecordedTrace.Lap(recording.TimeS, recording.SpeedKmh)
            : LapSimulation.Drive(drive.Circuit, drive.DrivenCar(), Pace.Find(drive.Pace), grip, airDensity);
    }

    private sealed record LaidDay(LapTrace HotLap, int HotLaps, IReadOnlyList<DayPhase> Phases);
}
