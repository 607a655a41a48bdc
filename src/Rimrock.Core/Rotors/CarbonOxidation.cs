using Rimrock.Core.Numerics;

namespace Rimrock.Core.Rotors;

/// <summary>
/// How fast a carbon ring burns away: 1 / r = 1 / r_k + 1 / r_d, r_k 0.1 % of its mass an hour at 650 C with 170 kJ/mol (the reaction itself), r_d 1 % an hour
/// times (T / 1273 K)^0.75 (oxygen that gets there); some 0.03 %/h at 600 C, 0.6 at 800, 1.0 at 1000 (from memory, x3).
/// </summary>
public static class CarbonOxidation
{
    private const double KineticPercent = 0.1;
    private const double KineticC = 650;
    private const double ActivationJMol = 170e3;
    private const double DiffusionPercent = 1;
    private const double DiffusionK = 1273;
    private const double DiffusionExponent = 0.75;
    private const double GasConstantJMolK = 8.314;
    private static readonly UniformTable PerSecond = new(0, 1400, 281, celsius => PercentPerHour(celsius) / 100 / 3600);

    /// <summary>Loss of the ring's mass, % an hour, at the mean of its faces.</summary>
    public static double PercentPerHour(double faceC)
    {
        var kelvin = faceC + Temperature.ZeroCelsiusInKelvin;
        var kinetic = KineticPercent * Math.Exp(ActivationJMol / GasConstantJMolK * ((1 / (KineticC + Temperature.ZeroCelsiusInKelvin)) - (1 / kelvin)));
        var diffusion = DiffusionPercent * Math.Pow(kelvin / DiffusionK, DiffusionExponent);
        return 1 / ((1 / kinetic) + (1 / diffusion));
    }

    /// <summary>Share of the ring's mass that a second burns, of each member.</summary>
    public static Lane SharePerSecond(Lane faceC) => PerSecond.At(faceC);
}
