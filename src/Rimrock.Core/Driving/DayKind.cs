using Rimrock.Core.Circuits;

namespace Rimrock.Core.Driving;

/// <summary>How a kind of day is laid out.</summary>
public enum DayShape
{
    /// <summary>Sessions of laps at a circuit: out lap, hot laps, cool-down laps, rest.</summary>
    Laps,

    /// <summary>Single runs from standing, each with a wait after it.</summary>
    Runs,

    /// <summary>Drives on the road, then parked.</summary>
    Road,
}

/// <summary>
/// One kind of day that a car may see: a row of the table. Patterns are common practice where nothing else is said; lengths and speeds typical.
/// </summary>
/// <param name="Code">Stable code.</param>
/// <param name="Name">What a driver calls it.</param>
/// <param name="Many">What a driver calls several of them, after their number.</param>
/// <param name="Shape">How it is laid out.</param>
/// <param name="UsualDays">How often a year where it is taken up, days.</param>
/// <param name="UsualStint">Its sessions where the day does not say its own; null for the plan's.</param>
/// <param name="Course">Where it is driven where the day is not at the plan's circuit; null for the plan's circuit.</param>
/// <param name="Asks">What may be said of such a day.</param>
public sealed record DayKind(string Code, Said Name, Said Many, DayShape Shape, double UsualDays, StintPlan? UsualStint = null, Circuit? Course = null,
    DayFields Asks = DayFields.None)
{
    /// <summary>The kind that a plan has where nobody says which.</summary>
    public const string TrackDay = "track-day";

    /// <summary>A long stint against others.</summary>
    public const string Endurance = "endurance";

    /// <summary>A strip's hauls: their speed is the day's own.</summary>
    public const string Strip = "strip";

    /// <summary>A hill or a stage: driven up against the clock, and rolled down.</summary>
    public const string Hill = "hill";

    /// <summary>A mountain descent: its height, slope and gear are the day's own.</summary>
    public const string Descent = "descent";

    /// <summary>All kinds, from the road to the track.</summary>
    public static IReadOnlyList<DayKind> All { get; } =
    [
        new("weekday", Said.Of("day-kind.commute-country-road"), Said.Of("day-kind.commute-country-road.many"), DayShape.Road, 200),
        new("commute", Said.Of("day-kind.commute-only"), Said.Of("day-kind.commute-only.many"), DayShape.Road, 220),
        new("country", Said.Of("day-kind.spirited-country-road"), Said.Of("day-kind.spirited-country-road.many"), DayShape.Road, 20),
        new("towing", Said.Of("day-kind.towing"), Said.Of("day-kind.towing.many"), DayShape.Road, 10, Asks: DayFields.Trailer),
        new(Descent, Said.Of("day-kind.mountain-descent"), Said.Of("day-kind.mountain-descent.many"), DayShape.Road, 4,
            Asks: DayFields.Trailer | DayFields.Slope),
        new("autocross", Said.Of("day-kind.autocross"), Said.Of("day-kind.autocross.many"), DayShape.Runs, 8, new StintPlan(8, 1, 12, CoolDownLaps: 0),
            ProvingGround.Cones, DayFields.Stint | DayFields.Place),
        new(Strip, Said.Of("day-kind.strip"), Said.Of("day-kind.strip.many"), DayShape.Runs, 6, new StintPlan(6, 1, 20, CoolDownLaps: 0),
            Asks: DayFields.Stint | DayFields.Haul),
        new(Hill, Said.Of("day-kind.hill"), Said.Of("day-kind.hill.many"), DayShape.Runs, 4, new StintPlan(4, 2, 60, CoolDownLaps: 0),
            ProvingGround.HillRoad, DayFields.Stint | DayFields.Place),
        new("flying-lap", Said.Of("day-kind.flying-lap"), Said.Of("day-kind.flying-lap.many"), DayShape.Laps, 4, new StintPlan(3, 8, 60, HotLapsEach: 1),
            Asks: DayFields.Stint),
        new(TrackDay, Said.Of("day-kind.track-day"), Said.Of("day-kind.track-day.many"), DayShape.Laps, 5),
        new(Endurance, Said.Of("day-kind.endurance"), Said.Of("day-kind.endurance.many"), DayShape.Laps, 2, new StintPlan(1, 90, 60),
            Asks: DayFields.Stint),
    ];

    /// <summary>True where it is driven against the clock.</summary>
    public bool IsTimed => Shape != DayShape.Road;

    /// <summary>The kind of a code.</summary>
    /// <exception cref="InputFaultException">An unknown code.</exception>
    public static DayKind Find(string code) => All.FirstOrDefault(kind => kind.Code == code) ?? throw new InputFaultException([UnknownFault(code, "days")]);

    /// <summary>The fault of an unknown code.</summary>
    public static InputFault UnknownFault(string code, string field) =>
        new(field, code, string.Join(", ", All.Select(kind => kind.Code)), Said.Of("day-kind.no-such-day"));
}

/// <summary>What a driver may say of a day of some kind.</summary>
[Flags]
public enum DayFields
{
    /// <summary>Nothing but how often.</summary>
    None = 0,

    /// <summary>Its own sessions or runs.</summary>
    Stint = 1,

    /// <summary>That it is driven at the plan's circuit.</summary>
    Place = 2,

    /// <summary>The speed that a haul brakes from.</summary>
    Haul = 4,

    /// <summary>A trailer.</summary>
    Trailer = 8,

    /// <summary>Height, slope and gear of a descent.</summary>
    Slope = 16,
}
