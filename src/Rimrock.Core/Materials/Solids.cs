namespace Rimrock.Core.Materials;

/// <summary>A solid with constant properties: parts that stay within a few hundred degrees.</summary>
/// <param name="DensityKgM3">Density, kg/m3.</param>
/// <param name="SpecificHeatJKgK">Specific heat, J/kgK.</param>
/// <param name="ConductivityWMK">Thermal conductivity, W/mK.</param>
public sealed record Solid(double DensityKgM3, double SpecificHeatJKgK, double ConductivityWMK)
{
    /// <summary>Low-carbon steel of backing plates and pistons near 150 C (Incropera, table A.1, from memory).</summary>
    public static Solid Steel { get; } = new(7850, 490, 48);

    /// <summary>Cast aluminium of calipers near 100 C (from memory).</summary>
    public static Solid Aluminium { get; } = new(2700, 900, 150);

    /// <summary>Cast iron of calipers near 100 C (from memory).</summary>
    public static Solid CastIron { get; } = new(7200, 480, 48);

    /// <summary>Glycol brake fluid near 120 C, at rest (from memory, +-10 %).</summary>
    public static Solid BrakeFluid { get; } = new(980, 2300, 0.16);
}
