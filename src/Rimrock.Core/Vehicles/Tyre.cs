
namespace Rimrock.Core.Vehicles;

/// <summary>A kind of tyre by the grip it gives.</summary>
/// <param name="Code">Stable code.</param>
/// <param name="Name">What a driver calls it.</param>
/// <param name="Grip">Peak friction coefficient on a dry, warm track; +-0.05 (common practice).</param>
/// <param name="IsRoadLegal">False where no car drives on the road on it.</param>
public sealed record Tyre(string Code, Said Name, double Grip, bool IsRoadLegal = true)
{
    /// <summary>Grip in rain over grip in the dry (engineering judgement, +-0.08).</summary>
    public const double WetFactor = 0.68;

    /// <summary>All kinds, from least to most grip.</summary>
    public static IReadOnlyList<Tyre> All { get; } =
    [
        new("all-season", Said.Of("tyre.all-season"), 0.85),
        new("summer", Said.Of("tyre.summer"), 0.95),
        new("sport", Said.Of("tyre.sport-road"), 1.05),
        new("track-day", Said.Of("tyre.track-day-road-legal"), 1.15),
        new("semi-slick", Said.Of("tyre.semi-slick"), 1.25),
        new("slick", Said.Of("tyre.slick"), 1.40, IsRoadLegal: false),
    ];

    /// <summary>The tyre of a code.</summary>
    /// <exception cref="InputFaultException">An unknown code.</exception>
    public static Tyre Find(string code) => All.FirstOrDefault(tyre => tyre.Code == code)
        ?? throw new InputFaultException([UnknownFault(code)]);

    /// <summary>The fault of an unknown code.</summary>
    public static InputFault UnknownFault(string code) =>
        new("car.tyre", code, string.Join(", ", All.Select(tyre => tyre.Code)), Said.Of("tyre.no-such-kind-tyre"));
}
