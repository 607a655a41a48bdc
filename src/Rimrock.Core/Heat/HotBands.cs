using Rimrock.Core.Rotors;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Heat;

/// <summary>
/// How far hot bands and the flash under the pad rise above the mean face: each turn the pad heats the face for the time it
/// takes to pass, constant flux into a half-space, 2 q / k sqrt(alpha t / pi) (Carslaw and Jaeger 1959, section 2.9), less the part
/// that the mean already holds. Ours; +-40 %, and more where the pad touches in bands. Never added to the chart temperature.
/// </summary>
public static class HotBands
{
    /// <summary>Spread of the result, as a share.</summary>
    public const double SpreadShare = 0.4;

    /// <summary>Rise above the mean face, K.</summary>
    /// <param name="rotor">The rotor.</param>
    /// <param name="brake">Caliper and pads.</param>
    /// <param name="wheelW">Braking power of the wheel, W.</param>
    /// <param name="speedMS">Road speed, m/s.</param>
    /// <param name="tyreRadiusM">Rolling radius, m.</param>
    /// <param name="faceC">Mean face, C.</param>
    public static double RiseK(Rotor rotor, AxleBrake brake, double wheelW, double speedMS, double tyreRadiusM, double faceC)
    {
        ArgumentNullException.ThrowIfNull(rotor);
        ArgumentNullException.ThrowIfNull(brake);
        var material = rotor.MaterialOf();
        var conductivity = material.ConductivityWMK(faceC);
        var diffusivity = conductivity / (material.DensityKgM3 * material.SpecificHeatJKgK(faceC));
        var radius = brake.EffectiveRadiusM(rotor);
        var pad = brake.PadAreaCm2 * 1e-4;
        var arc = pad / (brake.PadHeightMm / 1000);
        var covered = Math.Min(0.9, arc / (2 * Math.PI * radius));
        var seconds = arc / Math.Max(0.1, speedMS * radius / tyreRadiusM);
        var flux = 0.5 * wheelW / (pad * brake.RubbedPercent / 100);
        return 2 * flux / conductivity * Math.Sqrt(diffusivity * seconds / Math.PI) * (1 - covered);
    }
}
