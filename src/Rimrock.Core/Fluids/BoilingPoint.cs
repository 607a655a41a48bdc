using Rimrock.Core.Priors;

namespace Rimrock.Core.Fluids;

/// <summary>
/// Boiling point of a glycol fluid against its water: T = Tw + (Td - Tw)(exp(-w/a) - exp(-3.7/a)) / (1 - exp(-3.7/a)),
/// a = 2.0 % (x1.25 one sigma by chemistry). Ours; it meets the dry point at no water and the wet point at 3.7 %
/// water, the end of the humidification procedure of FMVSS 116 S6.2 (from memory), and falls fastest at first as
/// published curves do (common practice). Valid from 0 to 8 % water.
/// </summary>
public static class BoilingPoint
{
    /// <summary>Water in a fluid at its wet boiling point, % by mass.</summary>
    public const double WetPointWaterPercent = 3.7;

    /// <summary>Water that takes the curve down by 1/e, %.</summary>
    public const double DecayPercent = 2.0;

    /// <summary>The boiling point at sea level.</summary>
    /// <param name="dry">Dry boiling point.</param>
    /// <param name="wet">Wet boiling point.</param>
    /// <param name="waterPercent">Water, % by mass, 0 to 8.</param>
    /// <param name="decayPercent">The curve's a, %.</param>
    public static Temperature At(Temperature dry, Temperature wet, double waterPercent, double decayPercent = DecayPercent)
    {
        ArgumentOutOfRangeException.ThrowIfNegative(waterPercent);
        ArgumentOutOfRangeException.ThrowIfGreaterThan(waterPercent, 8);
        var end = Math.Exp(-WetPointWaterPercent / decayPercent);
        var share = (Math.Exp(-waterPercent / decayPercent) - end) / (1 - end);
        return wet + new TemperatureDifference((dry - wet).Kelvins * share);
    }
}

/// <summary>Where vapour first shows in the line: a little below the boiling point on the bottle's terms.</summary>
public static class VapourPoint
{
    /// <summary>Vapour shows this far below boiling once pressure is released, K (engineering judgement).</summary>
    public const double BelowBoilingK = 8;

    /// <summary>Fall with altitude, K per 1000 m, +-1 (engineering judgement from the vapour pressure of water in glycol).</summary>
    public const double PerThousandMetresK = 5;

    /// <summary>One standard deviation of where vapour shows, K: its lag below boiling and its fall with altitude.</summary>
    public static double SpreadK(double altitudeM)
    {
        var fall = PriorSpread.VapourPerThousandMetresK * altitudeM / 1000;
        return Math.Sqrt((PriorSpread.VapourK * PriorSpread.VapourK) + (fall * fall));
    }

    /// <summary>The temperature at which the pedal may sink.</summary>
    public static Temperature Of(Temperature boiling, double altitudeM) =>
        boiling - new TemperatureDifference(BelowBoilingK + (PerThousandMetresK * altitudeM / 1000));
}
