using System.Runtime.Intrinsics;

namespace Rimrock.Core.Materials;

/// <summary>
/// Grey cast iron of brake rotors. All values from memory and typical: conductivity falls from 50 W/mK at 20 C to
/// 40 W/mK at 500 C (here a straight line within 0.6 W/mK of the tabulated 50/48/46/44/42/40, continued above 500 C,
/// ours); specific heat 440 + 0.38 T J/kgK to 650 C (+-5 %), then a peak near 1000 J/kgK at 750 C where pearlite turns
/// to austenite (a triangle of half width 100 K, ours).
/// </summary>
public static class GreyIron
{
    /// <summary>Density, kg/m3.</summary>
    public const double DensityKgM3 = 7200;

    /// <summary>Emissivity of an oxidised rotor, +-0.12.</summary>
    public const double Emissivity = 0.65;

    private const double ConductivityAt20WMK = 49.9;
    private const double ConductivitySlope = -0.0208;
    private const double HeatAtZero = 440;
    private const double HeatSlope = 0.38;
    private const double PeakC = 750;
    private const double PeakHalfWidthK = 100;
    private const double PeakHeight = 275;

    /// <summary>Thermal conductivity, W/mK, at a temperature in degrees Celsius.</summary>
    public static double ConductivityWMK(double celsius) => ConductivityAt20WMK + (ConductivitySlope * (celsius - 20));

    /// <summary>Thermal conductivity, W/mK, of four members.</summary>
    public static Vector256<double> ConductivityWMK(Vector256<double> celsius) =>
        Vector256.Create(ConductivityAt20WMK - (20 * ConductivitySlope)) + (celsius * ConductivitySlope);

    /// <summary>Specific heat, J/kgK, at a temperature in degrees Celsius.</summary>
    public static double SpecificHeatJKgK(double celsius) =>
        HeatAtZero + (HeatSlope * celsius) + (PeakHeight * Math.Max(0, 1 - (Math.Abs(celsius - PeakC) / PeakHalfWidthK)));

    /// <summary>Specific heat, J/kgK, of four members.</summary>
    public static Vector256<double> SpecificHeatJKgK(Vector256<double> celsius)
    {
        var peak = Vector256<double>.One - (Vector256.Abs(celsius - Vector256.Create(PeakC)) * (1 / PeakHalfWidthK));
        return Vector256.Create(HeatAtZero) + (celsius * HeatSlope) + (Vector256.Max(peak, Vector256<double>.Zero) * PeakHeight);
    }

    /// <summary>Heat content above 0 C, J/kg: the integral of the specific heat.</summary>
    public static double EnthalpyJKg(double celsius)
    {
        var peakSide = Math.Clamp((celsius - PeakC) / PeakHalfWidthK, -1, 1);
        var triangle = peakSide < 0 ? 0.5 * (1 + peakSide) * (1 + peakSide) : 1 - (0.5 * (1 - peakSide) * (1 - peakSide));
        return (HeatAtZero * celsius) + (0.5 * HeatSlope * celsius * celsius) + (PeakHeight * PeakHalfWidthK * triangle);
    }

    /// <summary>Heat content above 0 C, J/kg, of four members.</summary>
    public static Vector256<double> EnthalpyJKg(Vector256<double> celsius)
    {
        var side = Vector256.Min(Vector256.Max((celsius - Vector256.Create(PeakC)) * (1 / PeakHalfWidthK), Vector256.Create(-1.0)), Vector256<double>.One);

        // 0.5 (1 + s)^2 below the peak and 1 - 0.5 (1 - s)^2 above it are both 0.5 + s - 0.5 s |s|.
        var triangle = Vector256.Create(0.5) + side - (side * Vector256.Abs(side) * 0.5);
        return (celsius * HeatAtZero) + (celsius * celsius * (0.5 * HeatSlope)) + (triangle * (PeakHeight * PeakHalfWidthK));
    }

    /// <summary>The temperature at which the heat content above 0 C is <paramref name="joulesPerKg"/>, by bisection to 1e-9 K.</summary>
    /// <exception cref="ArgumentOutOfRangeException">Below -200 C or above 1400 C.</exception>
    public static double TemperatureC(double joulesPerKg)
    {
        double low = -200, high = 1400;
        ArgumentOutOfRangeException.ThrowIfLessThan(joulesPerKg, EnthalpyJKg(low));
        ArgumentOutOfRangeException.ThrowIfGreaterThan(joulesPerKg, EnthalpyJKg(high));
        while (high - low > 1e-9)
        {
            var middle = 0.5 * (low + high);
            if (EnthalpyJKg(middle) < joulesPerKg)
            {
                low = middle;
            }
            else
            {
                high = middle;
            }
        }

        return 0.5 * (low + high);
    }
}
