namespace Rimrock.Core.Fluids;

/// <summary>How damp the air is where the car lives.</summary>
public enum Climate
{
    /// <summary>Temperate inland.</summary>
    Temperate,

    /// <summary>Coast, tropics or wet winters: water comes in 1.3 times as fast.</summary>
    Humid,

    /// <summary>Desert or high plain: 0.7 times (ours; the mirror of humid).</summary>
    Dry,
}

/// <summary>
/// Water in a glycol fluid against months in the car: 1.6 %/year at first, levelling off towards 6 % (exponential
/// approach, ours); humid climate x1.3, new or braided hoses x0.7; the fluid at the caliper up to 0.5 % (+-0.3) wetter than in
/// the reservoir, since that is where the hose is. Engineering judgement from the range that people report (some say a
/// year gets to 3.7 %, others two, surveys find less), x1.7 one sigma. A moisture reading replaces it. Silicone takes up almost none.
/// </summary>
public static class MoistureUptake
{
    private const double PerYearPercent = 1.6;
    private const double CapPercent = 6;
    private const double CaliperExcessPercent = 0.5;
    private const double TightHoseFactor = 0.7;

    /// <summary>Water at the caliper, % by mass.</summary>
    /// <param name="months">Months since the fluid was changed, 0 or more.</param>
    /// <param name="climate">Where the car lives.</param>
    /// <param name="tightHoses">True for new rubber or braided lines.</param>
    /// <param name="rateFactor">A member's factor on the rate.</param>
    /// <param name="excessSigmas">How much wetter a member is behind the piston, standard deviations.</param>
    public static double AtCaliperPercent(double months, Climate climate, bool tightHoses, double rateFactor = 1, double excessSigmas = 0)
    {
        var reservoir = InReservoirPercent(months, climate, tightHoses, rateFactor);
        return reservoir + CaliperExcess(reservoir, excessSigmas);
    }

    /// <summary>Water in the reservoir, where testers are held in, % by mass.</summary>
    /// <param name="months">Months since the fluid was changed, 0 or more.</param>
    /// <param name="climate">Where the car lives.</param>
    /// <param name="tightHoses">True for new rubber or braided lines.</param>
    /// <param name="rateFactor">A member's factor on the rate.</param>
    public static double InReservoirPercent(double months, Climate climate, bool tightHoses, double rateFactor = 1)
    {
        ArgumentOutOfRangeException.ThrowIfNegative(months);
        var rate = PerYearPercent * ClimateFactor(climate) * (tightHoses ? TightHoseFactor : 1) * rateFactor;
        return CapPercent * (1 - Math.Exp(-rate * months / 12 / CapPercent));
    }

    /// <summary>Water at the caliper from a reading in the reservoir, % by mass.</summary>
    public static double FromReservoirReading(double reservoirPercent, double excessSigmas = 0) =>
        reservoirPercent + CaliperExcess(reservoirPercent, excessSigmas);

    private static double CaliperExcess(double reservoirPercent, double sigmas) =>
        Math.Max(0, CaliperExcessPercent + (Priors.PriorSpread.CaliperWaterPercent * sigmas)) * (1 - Math.Exp(-reservoirPercent / CaliperExcessPercent));

    private static double ClimateFactor(Climate climate) => climate switch
    {
        Climate.Humid => 1.3,
        Climate.Dry => 0.7,
        _ => 1,
    };
}
