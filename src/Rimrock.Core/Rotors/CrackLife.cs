using Rimrock.Core.Numerics;
using Rimrock.Core.Priors;

namespace Rimrock.Core.Rotors;

/// <summary>
/// How soon heat checks become cracks: the face's stress over its section, E alpha dT / (1 - nu) = 1.9 MPa/K (an elastic bound; iron
/// yields beyond some 150 K), times the stress raiser, and a life that falls with the square of it (Coffin-Manson with an
/// exponent of 2, low-cycle fatigue; Manson, NACA TN 2933 (1953), from memory). Relative only: the life of a plain iron ring
/// at 150 K over its mean is taken as 100 track hours (engineering judgement, x3 either way).
/// </summary>
public static class CrackLife
{
    /// <summary>Stress for each kelvin of the face over its section's mean, MPa/K: 110 GPa, 12.5e-6 /K, 0.26 (from memory).</summary>
    public const double StressMPaPerK = 110e3 * 12.5e-6 / (1 - 0.26);

    private const double ReferenceK = 150;
    private const double ReferenceHours = 100;
    private const double Exponent = 2;

    /// <summary>Track hours until cracks end a ring's life.</summary>
    /// <param name="rotor">The rotor.</param>
    /// <param name="faceOverMeanK">Largest rise of the face over its section's mean, K.</param>
    public static double Hours(Rotor rotor, double faceOverMeanK)
    {
        ArgumentNullException.ThrowIfNull(rotor);
        return ReferenceHours * GradeFactor(rotor) / Math.Pow(Math.Max(1e-3, Index(rotor, faceOverMeanK)), Exponent);
    }

    /// <summary>Strain at the worst spot over that of a plain ring at 150 K: 1 is the reference, 2 a quarter of its life.</summary>
    public static double Index(Rotor rotor, double faceOverMeanK)
    {
        ArgumentNullException.ThrowIfNull(rotor);
        return faceOverMeanK / ReferenceK * (rotor.Finish?.StressRaiser() ?? 1);
    }

    /// <summary>The same with the band of strain that the spread of life stands for.</summary>
    public static Spread IndexBand(Rotor rotor, double faceOverMeanK) =>
        Spread.Times(Index(rotor, faceOverMeanK), Math.Pow(SpreadFactor(rotor), 1 / Exponent), 2);

    /// <summary>One standard deviation of the life, factor: what better iron brings is less sure than the life of plain iron, and independent of it.</summary>
    public static double SpreadFactor(Rotor rotor)
    {
        ArgumentNullException.ThrowIfNull(rotor);
        var (plain, grade) = (Math.Log(PriorSpread.CrackLife), rotor.Grade == IronGrade.Plain ? 0 : Math.Log(PriorSpread.AlloyedLife));
        return Math.Exp(Math.Sqrt((plain * plain) + (grade * grade)));
    }

    // Life over plain iron's (from memory, x2).
    private static double GradeFactor(Rotor rotor) => rotor.Grade switch { IronGrade.HighCarbon => 1.5, IronGrade.Alloyed => 2.5, _ => 1 };
}
