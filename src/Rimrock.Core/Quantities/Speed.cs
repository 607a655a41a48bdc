namespace Rimrock.Core.Quantities;

/// <summary>Customary and SI units of motion.</summary>
public static class Speed
{
    /// <summary>Metres a second in one kilometre an hour.</summary>
    public const double MetresPerSecondPerKmh = 1 / 3.6;

    /// <summary>Standard gravity used throughout, m/s2 (rounded from 9.80665 of the SI Brochure, 9th edition 2019).</summary>
    public const double StandardGravityMS2 = 9.81;

    /// <summary>km/h to m/s.</summary>
    public static double FromKmh(double kmh) => kmh * MetresPerSecondPerKmh;

    /// <summary>m/s to km/h.</summary>
    public static double ToKmh(double metresPerSecond) => metresPerSecond / MetresPerSecondPerKmh;
}
