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

    /// <summary>All of them.</summary>
    public static IReadOnlyList<Circuit> All { get; } = [FadeProcedure, Strip, Autocross];
}
