using System.Runtime.Intrinsics;
using Lane = System.Runtime.Intrinsics.Vector256<double>;

namespace Rimrock.Core.Heat;

/// <summary>
/// The temperature at and just under a heated surface, from the two cells beneath it: the parabola that has the
/// surface's flux as its slope and both cells' means. A straight line through the cells falls short by a good part of
/// q dx / 2k, which is tens of kelvins in a stop. Derivation ours; it is exact for a quadratic profile.
/// </summary>
public static class FaceTemperature
{
    /// <summary>Temperature at a depth, C.</summary>
    /// <param name="firstC">Mean of the surface cell, C.</param>
    /// <param name="secondC">Mean of the cell below, C.</param>
    /// <param name="fluxWM2">Heat into the surface, W/m2.</param>
    /// <param name="conductivityWMK">Conductivity, W/mK.</param>
    /// <param name="cellM">Cell size, m.</param>
    /// <param name="depthM">Depth, m, within the two cells.</param>
    public static Lane At(Lane firstC, Lane secondC, Lane fluxWM2, Lane conductivityWMK, double cellM, double depthM = 0)
    {
        var slope = -fluxWM2 / conductivityWMK;
        var bend = (secondC - firstC - (slope * cellM)) * (0.5 / (cellM * cellM));
        var surface = firstC - (slope * (0.5 * cellM)) - (bend * (cellM * cellM / 3));
        return surface + (slope * depthM) + (bend * (depthM * depthM));
    }
}
