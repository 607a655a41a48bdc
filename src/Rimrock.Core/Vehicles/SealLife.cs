using Rimrock.Core.Numerics;

namespace Rimrock.Core.Vehicles;

/// <summary>
/// How fast piston seals of ethylene-propylene rubber use up their life: 20 h at 180 C, half of it for every 12 K more (rubber ages by a law of Arrhenius;
/// figures from memory, engineering judgement, x2 one sigma).
/// </summary>
public static class SealLife
{
    private const double ReferenceC = 180;
    private const double ReferenceHours = 20;
    private const double HalvingK = 12;
    private static readonly UniformTable PerSecond = new(0, 420, 421, celsius => 1 / (3600 * Hours(celsius)));

    /// <summary>Life at a temperature, h.</summary>
    public static double Hours(double celsius) => ReferenceHours * Math.Pow(2, (ReferenceC - celsius) / HalvingK);

    /// <summary>Share of its life that a second uses up, of each member.</summary>
    public static Lane UsedPerSecond(Lane celsius) => PerSecond.At(celsius);
}
