namespace Rimrock.Core.Circuits;

/// <summary>
/// What the car does on weekdays, as tables of braking zones: a commute through town and out, and a spirited country
/// road. Speeds and gaps are typical (common practice); decelerations 2.0 and 3.5 m/s2 (engineering judgement, +-25 %).
/// </summary>
public static class RoadDuty
{
    private const double CommuteMS2 = 2.0;
    private const double SpiritedMS2 = 3.5;
    private const int CommuteRounds = 5;
    private const int SpiritedRounds = 3;

    private static readonly BrakingZone[] Commute =
    [
        new(50, 0, 35), new(50, 20, 20), new(50, 0, 40), new(80, 30, 40), new(60, 0, 30), new(100, 60, 60), new(70, 0, 45),
    ];

    private static readonly BrakingZone[] Spirited =
    [
        new(90, 50, 14), new(100, 60, 16), new(80, 35, 12), new(110, 70, 20), new(90, 45, 14), new(70, 40, 10),
    ];

    /// <summary>The drives in order: each lap and how often it is repeated.</summary>
    public static IReadOnlyList<(LapTrace Lap, int Rounds)> Drives { get; } =
    [
        (BrakingZoneTable.Lap(Commute, CommuteMS2), CommuteRounds),
        (BrakingZoneTable.Lap(Spirited, SpiritedMS2), SpiritedRounds),
    ];
}
