using Rimrock.Core.Circuits;
using Rimrock.Core.Materials;

namespace Rimrock.Core.Driving;

/// <summary>Lays out the stretches of a day from a plan: the lap, its schedules, sessions and rests, and the weekday drives.</summary>
public sealed class Day
{
    /// <summary>Share of the tyre's grip used inside the zones of a table (engineering judgement).</summary>
    private const double ZoneGripShare = 0.9;

    private const double LastRestMinutes = 60;

    /// <summary>Steps on the road are so much longer than on track: only shares of time and energy by 10 K are read from it.</summary>
    private const double RoadStepShare = 1.8;

    private readonly Drive drive;
    private readonly double stepShare;
    private readonly double longestS;
    private readonly Lazy<TrackDay> track;
    private readonly Lazy<IReadOnlyList<DayPhase>> road;

    /// <summary>Lays the day out; track and road each when first asked for, so that they can be laid side by side.</summary>
    /// <param name="plan">A plan without faults.</param>
    /// <param name="stepShare">All steps times this: below 1 for convergence checks.</param>
    /// <param name="longestS">No step is longer than this, s.</param>
    public Day(PredictionPlan plan, double stepShare = 1, double longestS = double.PositiveInfinity)
        : this((plan ?? throw new ArgumentNullException(nameof(plan))).Drive(), stepShare, longestS)
    {
    }

    /// <summary>Lays the day out; track and road each when first asked for, so that they can be laid side by side.</summary>
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
        track = new Lazy<TrackDay>(LayTrack);
        road = new Lazy<IReadOnlyList<DayPhase>>(LayRoad);
    }

    /// <summary>Density of the day's air, kg/m3.</summary>
    public double AirDensityKgM3 { get; }

    /// <summary>The hot lap.</summary>
    public LapTrace HotLap => track.Value.HotLap;

    /// <summary>Hot laps in a session.</summary>
    public int HotLaps => track.Value.HotLaps;

    /// <summary>Sessions and rests in order; the last rest is long enough to find the fluid's peak.</summary>
    public IReadOnlyList<DayPhase> Track => track.Value.Phases;

    /// <summary>Weekday drives in order.</summary>
    public IReadOnlyList<DayPhase> Road => road.Value;

    private TrackDay LayTrack()
    {
        var lap = LapOf(drive, AirDensityKgM3);
        var stint = drive.Stint;
        var driven = drive.DrivenCar();
        var hot = Cut(lap, driven);
        var outLap = Cut(lap.AtPace(stint.OutLapPace), driven);
        var cool = Cut(lap.AtPace(stint.CoolDownPace), driven);
        var hotLaps = stint.HotLaps(outLap.TotalS(), hot.TotalS());
        var rest = DrivingSchedule.Parked(stint.RestMinutes, stepShare, longestS);
        var lastRest = DrivingSchedule.Parked(Math.Max(LastRestMinutes, stint.RestMinutes), stepShare, longestS);
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

            phases.Add(new DayPhase(session, PhaseKind.Parked, hotLaps + stint.CoolDownLaps, session < stint.Sessions ? rest : lastRest));
        }

        return new TrackDay(lap, hotLaps, phases);
    }

    private List<DayPhase> LayRoad()
    {
        var towing = drive.RoadCar();
        return [.. RoadDuty.Find(drive.RoadDuty).Drives.SelectMany(road =>
            Enumerable.Repeat(new DayPhase(0, PhaseKind.Road, 0, Cut(road.Lap, towing, RoadStepShare)), road.Rounds))];
    }

    private DrivingSchedule Cut(LapTrace lap, Vehicles.Car car, double longer = 1) =>
        DrivingSchedule.Of(lap, car, AirDensityKgM3, stepShare * longer, longestS);

    private static LapTrace LapOf(Drive drive, double airDensity)
    {
        var grip = drive.GripG();
        if (drive.Circuit.Zones is { } zones)
        {
            return BrakingZoneTable.Lap(zones, Math.Min(drive.Circuit.ZoneG ?? double.MaxValue, ZoneGripShare * grip) * Speed.StandardGravityMS2);
        }

        return drive.Circuit.Recording is { } recording
            ? RecordedTrace.Lap(recording.TimeS, recording.SpeedKmh)
            : LapSimulation.Drive(drive.Circuit, drive.DrivenCar(), Pace.Find(drive.Pace), grip, airDensity);
    }

    private sealed record TrackDay(LapTrace HotLap, int HotLaps, IReadOnlyList<DayPhase> Phases);
}
