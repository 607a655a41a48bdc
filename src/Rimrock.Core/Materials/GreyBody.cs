using System.Runtime.CompilerServices;

namespace Rimrock.Core.Materials;

/// <summary>Radiation between a grey body and what it looks at, as a coefficient that multiplies the temperature difference.</summary>
public static class GreyBody
{
    /// <summary>Stefan-Boltzmann constant, W/m2K4 (SI Brochure, 9th edition 2019, CODATA 2018).</summary>
    public const double StefanBoltzmannWM2K4 = 5.670374419e-8;

    /// <summary>e s (Ta^2 + Tb^2)(Ta + Tb), W/m2K: times (Ta - Tb) it is e s (Ta^4 - Tb^4) exactly.</summary>
    /// <param name="hotC">One side, C.</param>
    /// <param name="coldC">The other side, C.</param>
    /// <param name="emissivity">Emissivity, 0 to 1.</param>
    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    public static Lane CoefficientWM2K(Lane hotC, Lane coldC, Lane emissivity)
    {
        var zero = Lanes.Create(Temperature.ZeroCelsiusInKelvin);
        var hot = hotC + zero;
        var cold = coldC + zero;
        return emissivity * StefanBoltzmannWM2K4 * ((hot * hot) + (cold * cold)) * (hot + cold);
    }
}
