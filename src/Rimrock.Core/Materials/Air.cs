using System.Runtime.CompilerServices;

namespace Rimrock.Core.Materials;

/// <summary>
/// Dry air at low pressure. Viscosity and conductivity by Sutherland's law with the constants of White, Viscous
/// Fluid Flow (3rd edition 2006), tables 1-2 and 1-3 (from memory): within 2 % and 4 % between 200 and 1900 K.
/// Density as an ideal gas.
/// </summary>
public static class Air
{
    /// <summary>Specific gas constant of dry air, J/kgK (US Standard Atmosphere 1976).</summary>
    public const double GasConstantJKgK = 287.05;

    /// <summary>Sea-level standard pressure, Pa (US Standard Atmosphere 1976).</summary>
    public const double SeaLevelPressurePa = 101325;

    /// <summary>Specific heat at constant pressure near 330 K, J/kgK; 4 % more at 650 K (Incropera, table A.4, from memory).</summary>
    public const double SpecificHeatJKgK = 1008;

    /// <summary>Prandtl number used in the correlations; it stays within 0.68-0.72 over the range here (Incropera, table A.4, from memory).</summary>
    public const double Prandtl = 0.70;

    private const double ReferenceK = 273.15;
    private const double ViscosityReferencePaS = 1.716e-5;
    private const double ViscositySutherlandK = 110.4;
    private const double ConductivityReferenceWMK = 0.0241;
    private const double ConductivitySutherlandK = 194;

    /// <summary>Density, kg/m3, at a temperature in kelvin and a pressure in pascal.</summary>
    public static double DensityKgM3(double kelvin, double pressurePa) => pressurePa / (GasConstantJKgK * kelvin);

    /// <summary>Pressure at an altitude in the standard troposphere, Pa (US Standard Atmosphere 1976; 0 to 11000 m).</summary>
    public static double PressurePa(double altitudeM) =>
        SeaLevelPressurePa * Math.Pow(1 - (0.0065 * altitudeM / 288.15), 5.25588);

    /// <summary>Kinematic viscosity, m2/s, of each member at film temperatures in degrees Celsius.</summary>
    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    public static Lane KinematicViscosityM2S(Lane filmC, double pressurePa)
    {
        var kelvin = filmC + Lanes.Create(Temperature.ZeroCelsiusInKelvin);
        var ratio = kelvin * (1 / ReferenceK);
        var viscosity = ratio * Lanes.Sqrt(ratio) * (ViscosityReferencePaS * (ReferenceK + ViscositySutherlandK))
            / (kelvin + Lanes.Create(ViscositySutherlandK));
        return viscosity * kelvin * (GasConstantJKgK / pressurePa);
    }

    /// <summary>Thermal conductivity, W/mK, of each member at film temperatures in degrees Celsius.</summary>
    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    public static Lane ConductivityWMK(Lane filmC)
    {
        var kelvin = filmC + Lanes.Create(Temperature.ZeroCelsiusInKelvin);
        var ratio = kelvin * (1 / ReferenceK);
        return ratio * Lanes.Sqrt(ratio) * (ConductivityReferenceWMK * (ReferenceK + ConductivitySutherlandK))
            / (kelvin + Lanes.Create(ConductivitySutherlandK));
    }
}
