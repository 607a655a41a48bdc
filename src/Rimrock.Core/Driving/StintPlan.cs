
namespace Rimrock.Core.Driving;

/// <summary>A day at the track: sessions with out lap, hot laps, cool-down laps and rest.</summary>
/// <param name="Sessions">Number of sessions.</param>
/// <param name="MinutesEach">Minutes from the pit exit until the flag; the lap begun is finished, cool-down laps come after.</param>
/// <param name="RestMinutes">Minutes parked between sessions.</param>
/// <param name="OutLapPace">Speed of the out lap over a hot lap's.</param>
/// <param name="CoolDownLaps">Cool-down laps.</param>
/// <param name="CoolDownPace">Their speed over a hot lap's.</param>
/// <param name="HotLapsEach">Hot laps in a session where they are counted; null where the minutes decide.</param>
public sealed record StintPlan(
    int Sessions = 3,
    double MinutesEach = 20,
    double RestMinutes = 40,
    double OutLapPace = 0.8,
    int CoolDownLaps = 1,
    double CoolDownPace = 0.65,
    int? HotLapsEach = null)
{
    private const double LeastLastRestMinutes = 60;
    private static readonly FieldRange SessionRange = new("stint.sessions", "", 1, 30);
    private static readonly FieldRange Minutes = new("stint.minutesEach", "min", 0.5, 180);
    private static readonly FieldRange Rest = new("stint.restMinutes", "min", 2, 240);
    private static readonly FieldRange Out = new("stint.outLapPace", "", 0.3, 1);
    private static readonly FieldRange Cool = new("stint.coolDownLaps", "", 0, 3);
    private static readonly FieldRange CoolPace = new("stint.coolDownPace", "", 0.3, 1);
    private static readonly FieldRange Laps = new("stint.hotLapsEach", "", 1, 60);
    private static readonly FieldRange Track = new("stint.sessions", "min", 0.5, 400, "stint.minutes-a-day");

    /// <summary>Ranges of the fields, for forms.</summary>
    public static IReadOnlyList<FieldRange> Ranges { get; } = [SessionRange, Minutes, Rest, Out, Cool, CoolPace, Laps];

    /// <summary>Minutes parked after the last session: no fewer than it takes to find the fluid's peak.</summary>
    public double LastRestMinutes() => Math.Max(LeastLastRestMinutes, RestMinutes);

    /// <summary>What of it a drive on the road has, its rest: two that differ in the sessions have the same one.</summary>
    public StintPlan OnTheRoad() => new(1, RestMinutes: LastRestMinutes());

    /// <summary>Number of hot laps in a session for given lap times: laps begun before the flag.</summary>
    public int HotLaps(double outLapS, double hotLapS)
    {
        if (HotLapsEach is { } counted)
        {
            return counted;
        }

        var left = (MinutesEach * 60) - outLapS;
        return Math.Max(0, (int)Math.Ceiling(left / hotLapS));
    }

    /// <summary>Lists what is wrong.</summary>
    /// <param name="faults">Receives the faults.</param>
    /// <param name="field">Path of the sessions.</param>
    public void Check(ICollection<InputFault> faults, string field = "stint")
    {
        SessionRange.Check(Sessions, faults, $"{field}.sessions");
        Minutes.Check(MinutesEach, faults, $"{field}.minutesEach");
        Rest.Check(RestMinutes, faults, $"{field}.restMinutes");
        Out.Check(OutLapPace, faults, $"{field}.outLapPace");
        Cool.Check(CoolDownLaps, faults, $"{field}.coolDownLaps");
        CoolPace.Check(CoolDownPace, faults, $"{field}.coolDownPace");
        Track.Check(Sessions * MinutesEach, faults, $"{field}.sessions");
        if (HotLapsEach is { } laps)
        {
            Laps.Check(laps, faults, $"{field}.hotLapsEach");
        }
    }
}
