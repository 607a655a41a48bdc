using System.Runtime.CompilerServices;

namespace Rimrock.Core.Heat;

/// <summary>
/// The temperature at and just under a heated surface, from the two cells beneath it: the parabola that has the
/// surface's flux as its slope and both cells' means. A straight line through the cells falls short by a good part of
/// q dx / 2k, which is tens of kelvins in a stop. Derivation ours; it is exact for a quadratic profile.
/// </summary>
/// <param name="SurfaceC">At the surface, C.</param>
/// <param name="SlopeKM">Gradient at the surface, K/m.</param>
/// <param name="BendKM2">Half the second derivative, K/m2.</param>
public readonly record struct FaceTemperature(Lane SurfaceC, Lane SlopeKM, Lane BendKM2)
{
    /// <summary>The parabola under a face.</summary>
    /// <param name="firstC">Mean of the surface cell, C.</param>
    /// <param name="secondC">Mean of the cell below, C.</param>
    /// <param name="fluxWM2">Heat into the surface, W/m2.</param>
    /// <param name="conductivityWMK">Conductivity, W/mK.</param>
    /// <param name="cellM">Cell size, m.</param>
    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    public static FaceTemperature Under(Lane firstC, Lane secondC, Lane fluxWM2, Lane conductivityWMK, double cellM)
    {
        var slope = -fluxWM2 / conductivityWMK;
        var bend = (secondC - firstC - (slope * cellM)) * (0.5 / (cellM * cellM));
        return new FaceTemperature(firstC - (slope * (0.5 * cellM)) - (bend * (cellM * cellM / 3)), slope, bend);
    }

    /// <summary>The temperature at a depth within the two cells, m, in C.</summary>
    public Lane AtDepth(double depthM) => SurfaceC + (SlopeKM * depthM) + (BendKM2 * (depthM * depthM));
}
