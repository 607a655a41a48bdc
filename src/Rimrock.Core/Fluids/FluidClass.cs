namespace Rimrock.Core.Fluids;

/// <summary>Minimum figures of a brake fluid class.</summary>
/// <param name="Code">Stable code, such as <c>dot4</c>.</param>
/// <param name="Name">Name on the bottle.</param>
/// <param name="DryC">Minimum equilibrium reflux boiling point, dry, C.</param>
/// <param name="WetC">Minimum wet boiling point, C.</param>
/// <param name="ViscosityMm2S">Maximum kinematic viscosity at -40 C, mm2/s.</param>
/// <param name="Silicone">True for silicone fluid, which takes up almost no water and must never be mixed.</param>
/// <param name="Source">Standard and clause.</param>
public sealed record FluidClass(string Code, string Name, double DryC, double WetC, double ViscosityMm2S, bool Silicone, string Source)
{
    private const string Fmvss = "FMVSS No. 116 (49 CFR 571.116) S5.1.1-S5.1.3, from memory";
    private const string Iso = "ISO 4925:2020, table 1, from memory";

    /// <summary>All classes.</summary>
    public static IReadOnlyList<FluidClass> All { get; } =
    [
        new("dot3", "DOT 3", 205, 140, 1500, false, Fmvss),
        new("dot4", "DOT 4", 230, 155, 1800, false, Fmvss),
        new("dot5", "DOT 5 (silicone)", 260, 180, 900, true, Fmvss),
        new("dot5.1", "DOT 5.1", 260, 180, 900, false, Fmvss),
        new("iso3", "ISO 4925 class 3", 205, 140, 1500, false, Iso),
        new("iso4", "ISO 4925 class 4", 230, 155, 1500, false, Iso),
        new("iso5-1", "ISO 4925 class 5-1", 260, 180, 900, false, Iso),
        new("iso6", "ISO 4925 class 6", 250, 165, 750, false, Iso),
        new("iso7", "ISO 4925 class 7", 260, 180, 750, false, Iso),
    ];

    /// <summary>The class of a code, or null.</summary>
    public static FluidClass? Find(string code) => All.FirstOrDefault(row => row.Code == code);
}
