
namespace Rimrock.Core.Driving;

/// <summary>A day at the track: sessions with out lap, hot laps, cool-down laps and rest.</summary>
/// <param name="Sessions">Number of sessions.</param>
/// <param name="MinutesEach">Minutes from the pit exit until the flag; the lap begun is finished, cool-down laps come after.</param>
/// <param name="RestMinutes">Minutes parked between sessions.</param>
/// <param name="OutLapPace">Speed of the out lap over a hot lap's.</param>
/// <param name="CoolDownLaps">Cool-down laps.</param>
/// <param name="CoolDownPace">Their speed over a hot lap's.</param>
public sealed record StintPlan(
    int Sessions = 3,
    double MinutesEach = 20,
    double RestMinutes = 40,
    double OutLapPace = 0.8,
    int CoolDownLaps = 1,
    double CoolDownPace = 0.65)
{
    private static readonly FieldRange SessionRange = new("stint.sessions", "", 1, 10);
    private static readonly FieldRange Minutes = new("stint.minutesEach", "min", 3, 180);
    private static readonly FieldRange Rest = new("stint.restMinutes", "min", 2, 240);
    private static readonly FieldRange Out = new("stint.outLapPace", "", 0.3, 1);
    private static readonly FieldRange Cool = new("stint.coolDownLaps", "", 0, 3);
    private static readonly FieldRange CoolPace = new("stint.coolDownPace", "", 0.3, 1);
    private static readonly FieldRange Track = new("stint.sessions", "min", 3, 400, "stint.minutes-a-day");

    /// <summary>Ranges of the fields, for forms.</summary>
    public static IReadOnlyList<FieldRange> Ranges { get; } = [SessionRange, Minutes, Rest, Out, Cool, CoolPace];

    /// <summary>Number of hot laps in a session for given lap times: laps begun before the flag.</summary>
    public int HotLaps(double outLapS, double hotLapS)
    {
        var left = (MinutesEach * 60) - outLapS;
        return Math.Max(0, (int)Math.Ceiling(left / hotLapS));
    }

    /// <summary>Lists what is wrong.</summary>
    public void Check(ICollection<InputFault> faults)
    {
        SessionRange.Check(Sessions, faults);
        Minutes.Check(MinutesEach, faults);
        Rest.Check(RestMinutes, faults);
        Out.Check(OutLapPace, faults);
        Cool.Check(CoolDownLaps, faults);
        CoolPace.Check(CoolDownPace, faults);
        Track.Check(Sessions * MinutesEach, faults);
    }
}
