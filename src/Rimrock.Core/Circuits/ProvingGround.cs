namespace Rimrock.Core.Circuits;

/// <summary>Places that need no map: repeated stops as everybody knows them, given as tables of braking zones.</summary>
public static class ProvingGround
{
    /// <summary>
    /// The heating procedure of the regulations' fade test: snubs from 120 to 60 km/h at 3 m/s2, 45 s from one start to the next (UN R13-H type I and
    /// FMVSS 135 heating snubs; from memory). Fifteen of them take 11.25 minutes.
    /// </summary>
    public static Circuit FadeProcedure { get; } =
        new("fade-procedure", Zones: [new BrakingZone(120, 60, 45 - (60 / 3.6 / 3))], ZoneG: 3 / Quantities.Speed.StandardGravityMS2);

    /// <summary>A drag strip: one stop from high speed, then the way back (common practice).</summary>
    public static Circuit Strip { get; } = new("strip", Zones: [new BrakingZone(210, 20, 240)], ZoneG: 0.7);

    /// <summary>An autocross run between cones: short, slow and over before anything is hot (common practice).</summary>
    public static Circuit Autocross { get; } = new("autocross", Zones:
    [
        new(75, 40, 5), new(85, 35, 5), new(65, 30, 4), new(80, 45, 5), new(90, 30, 6), new(60, 35, 4), new(70, 20, 30),
    ]);

    /// <summary>A run between cones, about a minute: slalom, a few stops, no straight worth the name (common practice).</summary>
    public static Circuit Cones { get; } = new("cones", Segments:
    [
        new(50), new(25, 22), new(15), new(25, 22), new(15), new(25, 22), new(15), new(25, 22), new(60), new(20, 12), new(20), new(30, 25), new(20),
        new(30, 25), new(55), new(22, 14), new(25), new(28, 20), new(18), new(28, 20), new(18), new(28, 20), new(60), new(18, 11), new(20), new(30, 24),
    ]);

    /// <summary>A hill climb of 2.3 km at 6 % (typical lengths and radii, common practice).</summary>
    public static Circuit HillRoad { get; } = new("hill", Segments:
    [
        .. new (double LengthM, double RadiusM)[]
        {
            (180, 0), (50, 40), (120, 0), (60, 60), (90, 0), (42, 22), (200, 0), (70, 80), (60, 0), (46, 28), (150, 0), (55, 45), (110, 0), (36, 18),
            (240, 0), (80, 90), (100, 0), (50, 35), (130, 0), (40, 24), (170, 0), (60, 55), (140, 0), (44, 30),
        }.Select(piece => new CircuitSegment(piece.LengthM, piece.RadiusM, 0.06)),
    ]);

    /// <summary>Those that are offered as circuits.</summary>
    public static IReadOnlyList<Circuit> All { get; } = [FadeProcedure, Strip, Autocross];
}
