
namespace Rimrock.Core.Driving;

/// <summary>
/// How hard a driver uses the car: two factors, since scaling grip alone hardly changes the braking work of a lap.
/// </summary>
/// <param name="Code">Stable code.</param>
/// <param name="Name">What a driver calls it.</param>
/// <param name="GripShare">Share of the tyre's grip used in corners and under braking (engineering judgement, +-0.05).</param>
/// <param name="EnergyShare">Braking energy of a lap against the limit lap (engineering judgement, x1.15).</param>
public sealed record Pace(string Code, Said Name, double GripShare, double EnergyShare)
{
    /// <summary>The lap nobody drives: all of the grip, all of the power, brakes at the last moment.</summary>
    public static Pace Limit { get; } = new("limit", Said.Of("pace.limit-lap"), 1, 1);

    /// <summary>Paces people choose from.</summary>
    public static IReadOnlyList<Pace> All { get; } =
    [
        new("novice", Said.Of("pace.novice"), 0.75, 0.55),
        new("regular", Said.Of("pace.regular"), 0.85, 0.70),
        new("advanced", Said.Of("pace.advanced"), 0.93, 0.85),
    ];

    /// <summary>The pace of a code.</summary>
    /// <exception cref="InputFaultException">An unknown code.</exception>
    public static Pace Find(string code) => All.FirstOrDefault(pace => pace.Code == code)
        ?? throw new InputFaultException([UnknownFault(code)]);

    /// <summary>The fault of an unknown code.</summary>
    public static InputFault UnknownFault(string code) =>
        new("pace", code, string.Join(", ", All.Select(pace => pace.Code)), Said.Of("pace.no-such-pace"));
}
