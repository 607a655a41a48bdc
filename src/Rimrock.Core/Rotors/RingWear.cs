using Rimrock.Core.Friction;

namespace Rimrock.Core.Rotors;

/// <summary>
/// What braking takes off a ring. Volume goes with energy (Archard, J. Appl. Phys. 24 (1953) 981-988, from memory): a depth for each energy on
/// each area, times the pad's index of rotor wear. At 10 kW into a 320 mm ring the constant gives 0.005 mm a track hour and step of the index.
/// </summary>
public static class RingWear
{
    /// <summary>
    /// Thickness that an iron ring loses on both faces together for each MJ on each cm2 of one face and each step of the index, mm (engineering judgement, x2).
    /// </summary>
    public const double MmPerMJCm2AndIndex = 0.07;

    // No pad is so gentle that nothing goes; a rotor-wear index of 0 means the least on the shelf.
    private const double LeastIndex = 0.5;

    /// <summary>Thickness lost, mm; of a drum its wall.</summary>
    /// <param name="rotor">The rotor.</param>
    /// <param name="pad">The pad on it.</param>
    /// <param name="discJ">Braking energy of one disc or drum, J.</param>
    public static double WornMm(Rotor rotor, Pad pad, double discJ)
    {
        ArgumentNullException.ThrowIfNull(rotor);
        ArgumentNullException.ThrowIfNull(pad);
        return MmPerMJCm2AndIndex * Softness(rotor.Material) * Math.Max(LeastIndex, pad.RotorWearIndex()) * (discJ * 1e-6) / (rotor.FaceAreaM2() * 1e4);
    }

    /// <summary>Mass lost, kg.</summary>
    /// <param name="rotor">The rotor.</param>
    /// <param name="pad">The pad on it.</param>
    /// <param name="discJ">Braking energy of one disc, J.</param>
    public static double WornKg(Rotor rotor, Pad pad, double discJ)
    {
        var depthM = WornMm(rotor, pad, discJ) / 1000;
        return depthM * rotor.FaceAreaM2() * rotor.MaterialOf().DensityKgM3;
    }

    /// <summary>
    /// Depth lost over iron's under the same pad and energy (engineering judgement, x3): silicon carbide is far harder, carbon about as soft.
    /// </summary>
    private static double Softness(RingMaterial material) => material == RingMaterial.CarbonCeramic ? 0.3 : 1;
}
