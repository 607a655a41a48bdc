using System.Runtime.CompilerServices;
using Rimrock.Core.Priors;

namespace Rimrock.Core.Rotors;

/// <summary>
/// What a rotor is made of: density, emissivity, conductivity through the thickness as a straight line, and specific heat as
/// a parabola, for iron a straight line that ends flat, with a triangular peak where pearlite turns to austenite. All values from memory and typical; the
/// straight line, the parabola and the triangle are ours. Valid from -200 to 1400 C.
/// </summary>
public sealed class RotorMaterial
{
    private const double PeakC = 750;
    private const double PeakHalfWidthK = 100;
    private const double IronFlatFromC = (700 - 440) / 0.38;
    private readonly double conductivityAtZero;
    private readonly double conductivitySlope;
    private readonly double heatAtZero;
    private readonly double heatSlope;
    private readonly double heatCurve;
    private readonly double peakHeight;
    private readonly double flatFromC;
    private readonly double flatHeat;
    private readonly double flatEnthalpy;

    private RotorMaterial(double densityKgM3, double emissivity, (double C, double SpreadK) faceLimit, (double At20, double PerK) conductivityWMK,
        (double At20, double At500, double At900) specificHeatJKgK, double peakHeight = 0, double flatFromC = 1e6)
    {
        DensityKgM3 = densityKgM3;
        Emissivity = emissivity;
        (FaceLimitC, FaceLimitSpreadK) = faceLimit;
        conductivitySlope = conductivityWMK.PerK;
        conductivityAtZero = conductivityWMK.At20 - (20 * conductivityWMK.PerK);
        this.peakHeight = peakHeight;

        // Newton's form through the three points, multiplied out.
        var first = (specificHeatJKgK.At500 - specificHeatJKgK.At20) / 480;
        heatCurve = (((specificHeatJKgK.At900 - specificHeatJKgK.At500) / 400) - first) / 880;
        heatSlope = first - (520 * heatCurve);
        heatAtZero = specificHeatJKgK.At20 - (20 * first) + (10000 * heatCurve);
        this.flatFromC = flatFromC;
        flatHeat = Rising(flatFromC);
        flatEnthalpy = RisingEnthalpy(flatFromC);
    }

    /// <summary>
    /// Grey cast iron: conductivity 49.9 W/mK at 20 C, 0.0208 less each kelvin (within 0.6 of the tabulated 50/48/46/44/42/40
    /// at 20 to 500 C); specific heat 440 + 0.38 T J/kgK to 650 C (+-5 %), peak of 1000 at 750 C, 700 from 850 C up; emissivity oxidised, +-0.12.
    /// </summary>
    public static RotorMaterial GreyIron { get; } = new(7200, 0.65, (700, PriorSpread.IronFaceK), (49.9, -0.0208), (447.6, 630, 782), 300, IronFlatFromC);

    /// <summary>High-carbon and alloyed grades: 5 W/mK more, and a face that may be 50 K hotter (from memory, +-40 K); else as plain iron.</summary>
    public static RotorMaterial BetterIron { get; } = new(7200, 0.65, (750, PriorSpread.IronFaceK), (54.9, -0.0208), (447.6, 630, 782), 300, IronFlatFromC);

    /// <summary>
    /// Carbon-ceramic (C/SiC): density 2250-2450, conductivity through the thickness 15-30 W/mK (lower than iron's, so a hotter
    /// face; figures along the fibres are higher), specific heat 700/1150/1300 J/kgK at 20/500/900 C, emissivity 0.85.
    /// </summary>
    public static RotorMaterial CarbonCeramic { get; } = new(2350, 0.85, (1000, PriorSpread.CarbonFaceK), (25, -0.006), (700, 1150, 1300));

    /// <summary>
    /// Carbon-carbon: density 1800, conductivity through the thickness 20 W/mK (10-40), specific heat as graphite's,
    /// 700/1600/1880 J/kgK at 20/500/900 C, emissivity 0.85.
    /// </summary>
    public static RotorMaterial CarbonCarbon { get; } = new(1800, 0.85, (1100, PriorSpread.CarbonFaceK), (20, -0.004), (700, 1600, 1880));

    /// <summary>Density, kg/m3.</summary>
    public double DensityKgM3 { get; }

    /// <summary>
    /// What a rubbing face should stay below, C: iron changes its structure above about 720 C, carbon-ceramic and carbon-carbon
    /// lose fibre to the air (all from memory, engineering judgement).
    /// </summary>
    public double FaceLimitC { get; }

    /// <summary>One standard deviation of that, K (engineering judgement).</summary>
    public double FaceLimitSpreadK { get; }

    /// <summary>Emissivity of a used face, +-0.12.</summary>
    public double Emissivity { get; }

    /// <summary>Thermal conductivity through the thickness, W/mK, at a temperature in degrees Celsius.</summary>
    public double ConductivityWMK(double celsius) => conductivityAtZero + (conductivitySlope * celsius);

    /// <summary>Thermal conductivity, W/mK, of each member.</summary>
    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    public Lane ConductivityWMK(Lane celsius) => Lanes.MultiplyAddEstimate(celsius, Lanes.Create(conductivitySlope), Lanes.Create(conductivityAtZero));

    /// <summary>Specific heat, J/kgK, at a temperature in degrees Celsius.</summary>
    public double SpecificHeatJKgK(double celsius) =>
        Rising(Math.Min(celsius, flatFromC)) + (peakHeight * Math.Max(0, 1 - (Math.Abs(celsius - PeakC) / PeakHalfWidthK)));

    /// <summary>Specific heat, J/kgK, of each member.</summary>
    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    public Lane SpecificHeatJKgK(Lane celsius)
    {
        var peak = Lanes.MaxNative(Lane.One - (Lanes.Abs(celsius - Lanes.Create(PeakC)) * (1 / PeakHalfWidthK)), Lane.Zero);
        var rising = Lanes.MinNative(celsius, Lanes.Create(flatFromC));
        return Lanes.MultiplyAddEstimate(peak, Lanes.Create(peakHeight), SmoothSpecificHeatJKgK(rising));
    }

    /// <summary>Below this the specific heat is its smooth curve alone, C: no peak, no flat end.</summary>
    public double SmoothBelowC => peakHeight > 0 ? Math.Min(PeakC - PeakHalfWidthK, flatFromC) : flatFromC;

    /// <summary>Specific heat, J/kgK, of members that all lie below <see cref="SmoothBelowC"/>: the same figures at a third of the work.</summary>
    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    public Lane SmoothSpecificHeatJKgK(Lane celsius)
    {
        var slope = Lanes.MultiplyAddEstimate(celsius, Lanes.Create(heatCurve), Lanes.Create(heatSlope));
        return Lanes.MultiplyAddEstimate(celsius, slope, Lanes.Create(heatAtZero));
    }

    /// <summary>Heat content above 0 C, J/kg: the integral of the specific heat.</summary>
    public double EnthalpyJKg(double celsius)
    {
        var side = Math.Clamp((celsius - PeakC) / PeakHalfWidthK, -1, 1);
        var triangle = side < 0 ? 0.5 * (1 + side) * (1 + side) : 1 - (0.5 * (1 - side) * (1 - side));
        var smooth = celsius < flatFromC ? RisingEnthalpy(celsius) : flatEnthalpy + (flatHeat * (celsius - flatFromC));
        return smooth + (peakHeight * PeakHalfWidthK * triangle);
    }

    /// <summary>Heat content above 0 C, J/kg, of each member.</summary>
    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    public Lane EnthalpyJKg(Lane celsius)
    {
        var side = Lanes.MinNative(Lanes.MaxNative((celsius - Lanes.Create(PeakC)) * (1 / PeakHalfWidthK), Lanes.Create(-1.0)), Lane.One);

        // 0.5 (1 + s)^2 below the peak and 1 - 0.5 (1 - s)^2 above it are both 0.5 + s - 0.5 s |s|.
        var triangle = Lanes.Create(0.5) + (side * (Lane.One - (Lanes.Abs(side) * 0.5)));
        var rising = Lanes.MinNative(celsius, Lanes.Create(flatFromC));
        var smooth = Lanes.MultiplyAddEstimate(celsius - rising, Lanes.Create(flatHeat), SmoothEnthalpyJKg(rising));
        return Lanes.MultiplyAddEstimate(triangle, Lanes.Create(peakHeight * PeakHalfWidthK), smooth);
    }

    /// <summary>Heat content above 0 C, J/kg, of members that all lie below <see cref="SmoothBelowC"/>.</summary>
    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    public Lane SmoothEnthalpyJKg(Lane celsius)
    {
        var slope = Lanes.MultiplyAddEstimate(celsius, Lanes.Create(heatCurve / 3), Lanes.Create(0.5 * heatSlope));
        return celsius * Lanes.MultiplyAddEstimate(celsius, slope, Lanes.Create(heatAtZero));
    }

    /// <summary>The temperature at which the heat content above 0 C is <paramref name="joulesPerKg"/>, by bisection to 1e-9 K.</summary>
    /// <exception cref="ArgumentOutOfRangeException">Below -200 C or above 1400 C.</exception>
    public double TemperatureC(double joulesPerKg)
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

    private double Rising(double celsius) => heatAtZero + (celsius * (heatSlope + (celsius * heatCurve)));

    private double RisingEnthalpy(double celsius) => celsius * (heatAtZero + (celsius * ((0.5 * heatSlope) + (celsius * heatCurve / 3))));
}
