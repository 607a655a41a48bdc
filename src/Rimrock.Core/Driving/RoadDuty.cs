using Rimrock.Core.Circuits;

namespace Rimrock.Core.Driving;

/// <summary>
/// What the car does away from the track, as drives made of braking zones. Speeds and gaps are typical (common practice);
/// decelerations 2.0 m/s2 in traffic, 3.5 on a country road, 2.5 downhill (engineering judgement, +-25 %).
/// </summary>
/// <param name="Code">Stable code.</param>
/// <param name="Name">What a driver calls it.</param>
/// <param name="Drives">The drives in order: each lap and how often it is repeated.</param>
public sealed record RoadDuty(string Code, Said Name, IReadOnlyList<(LapTrace Lap, int Rounds)> Drives)
{
    /// <summary>Share of a braked trailer's mass that its own brakes leave to the car (engineering judgement, +-0.15).</summary>
    public const double BrakedTrailerShare = 0.3;

    private const double TrafficMS2 = 2.0;
    private const double CountryMS2 = 3.5;
    private const double DescentMS2 = 2.5;
    private const double DescentSlope = -0.08;

    private static readonly LapTrace Traffic = BrakingZoneTable.Lap(
    [
        new(50, 0, 35), new(50, 20, 20), new(50, 0, 40), new(80, 30, 40), new(60, 0, 30), new(100, 60, 60), new(70, 0, 45),
    ], TrafficMS2);

    private static readonly LapTrace Country = BrakingZoneTable.Lap(
    [
        new(90, 50, 14), new(100, 60, 16), new(80, 35, 12), new(110, 70, 20), new(90, 45, 14), new(70, 40, 10),
    ], CountryMS2);

    // About 700 m of road and 56 m of height a round: ten rounds are a pass of 560 m.
    private static readonly LapTrace Pass = Downhill(BrakingZoneTable.Lap([new(65, 30, 12), new(70, 40, 14), new(60, 25, 12)], DescentMS2));

    /// <summary>All duties.</summary>
    public static IReadOnlyList<RoadDuty> All { get; } =
    [
        new("weekday", Said.Of("road-duty.commute-country-road"), [(Traffic, 5), (Country, 3)]),
        new("commute", Said.Of("road-duty.commute-only"), [(Traffic, 6)]),
        new("country", Said.Of("road-duty.spirited-country-road"), [(Country, 5)]),
        new("descent", Said.Of("road-duty.mountain-descent"), [(Traffic, 1), (Pass, 12)]),
    ];

    /// <summary>The duty of a code.</summary>
    /// <exception cref="InputFaultException">An unknown code.</exception>
    public static RoadDuty Find(string code) => All.FirstOrDefault(duty => duty.Code == code) ?? throw new InputFaultException([UnknownFault(code)]);

    /// <summary>The fault of an unknown code.</summary>
    public static InputFault UnknownFault(string code) =>
        new("roadDuty", code, string.Join(", ", All.Select(duty => duty.Code)), Said.Of("road-duty.no-such-road-duty"));

    private static LapTrace Downhill(LapTrace lap) => lap with { Slope = [.. Enumerable.Repeat(DescentSlope, lap.TimeS.Length)] };
}
