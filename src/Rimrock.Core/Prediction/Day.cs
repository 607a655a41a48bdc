using Rimrock.Core.Circuits;
using Rimrock.Core.Materials;
using Rimrock.Core.Quantities;

namespace Rimrock.Core.Prediction;

/// <summary>Lays out the stretches of a day from a plan: the lap, its schedules, sessions and rests, and the weekday drives.</summary>
public sealed class Day
{
    /// <summary>Share of the tyre's grip used inside the zones of a table (engineering judgement).</summary>
    private const double ZoneGripShare = 0.9;

    private const double LastRestMinutes = 60;

    /// <summary>Lays the day out.</summary>
    /// <param name="plan">A plan without faults.</param>
    /// <param name="stepShare">All steps times this: below 1 for convergence checks.</param>
    public Day(PredictionPlan plan, double stepShare = 1)
    {
        ArgumentNullException.ThrowIfNull(plan);
        AirDensityKgM3 = Air.DensityKgM3(plan.Weather.AmbientC + Temperature.ZeroCelsiusInKelvin, Air.PressurePa(plan.Circuit.AltitudeM));
        HotLap = LapOf(plan, AirDensityKgM3);
        var stint = plan.Stint;
        var driven = plan.DrivenCar();
        var hot = Cut(HotLap, driven);
        var outLap = Cut(HotLap.AtPace(stint.OutLapPace), driven);
        var cool = Cut(HotLap.AtPace(stint.CoolDownPace), driven);
        HotLaps = stint.HotLaps(outLap.TotalS(), hot.TotalS());
        var rest = DrivingSchedule.Parked(stint.RestMinutes);
        var lastRest = DrivingSchedule.Parked(Math.Max(LastRestMinutes, stint.RestMinutes));
        var track = new List<DayPhase>();
        for (var session = 1; session <= stint.Sessions; session++)
        {
            track.Add(new DayPhase(session, PhaseKind.OutLap, 0, outLap));
            for (var lap = 1; lap <= HotLaps; lap++)
            {
                track.Add(new DayPhase(session, PhaseKind.HotLap, lap, hot));
            }

            for (var lap = 1; lap <= stint.CoolDownLaps; lap++)
            {
                track.Add(new DayPhase(session, PhaseKind.CoolDownLap, HotLaps + lap, cool));
            }

            track.Add(new DayPhase(session, PhaseKind.Parked, HotLaps + stint.CoolDownLaps, session < stint.Sessions ? rest : lastRest));
        }

        Track = track;
        var towing = plan.RoadCar();
        Road = [.. RoadDuty.Find(plan.RoadDuty).Drives.SelectMany(drive => Enumerable.Repeat(new DayPhase(0, PhaseKind.Road, 0, Cut(drive.Lap, towing)), drive.Rounds))];

        DrivingSchedule Cut(LapTrace lap, Vehicles.Car car) => DrivingSchedule.Of(lap, car, AirDensityKgM3,
            DrivingSchedule.BrakingStepS * stepShare, DrivingSchedule.CoastingStepS * stepShare);
    }

    /// <summary>Density of the day's air, kg/m3.</summary>
    public double AirDensityKgM3 { get; }

    /// <summary>The hot lap.</summary>
    public LapTrace HotLap { get; }

    /// <summary>Hot laps in a session.</summary>
    public int HotLaps { get; }

    /// <summary>Sessions and rests in order; the last rest is long enough to find the fluid's peak.</summary>
    public IReadOnlyList<DayPhase> Track { get; }

    /// <summary>Weekday drives in order.</summary>
    public IReadOnlyList<DayPhase> Road { get; }

    private static LapTrace LapOf(PredictionPlan plan, double airDensity)
    {
        var grip = DayRun.GripG(plan);
        if (plan.Circuit.Zones is { } zones)
        {
            return BrakingZoneTable.Lap(zones, Math.Min(plan.Circuit.ZoneG ?? double.MaxValue, ZoneGripShare * grip) * Speed.StandardGravityMS2);
        }

        return plan.Circuit.Recording is { } recording
            ? RecordedTrace.Lap(recording.TimeS, recording.SpeedKmh)
            : LapSimulation.Drive(plan.Circuit, plan.DrivenCar(), Pace.Find(plan.Pace), grip, airDensity);
    }
}
