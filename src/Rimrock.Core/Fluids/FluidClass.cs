namespace Rimrock.Core.Fluids;

/// <summary>Minimum figures of a brake fluid class.</summary>
/// <param name="Code">Stable code, such as <c>dot4</c>.</param>
/// <param name="Name">Name on the bottle.</param>
/// <param name="DryC">Minimum equilibrium reflux boiling point, dry, C.</param>
/// <param name="WetC">Minimum wet boiling point, C.</param>
/// <param name="ViscosityMm2S">Maximum kinematic viscosity at -40 C, mm2/s.</param>
/// <param name="Silicone">True for silicone fluid, which takes up almost no water and must never be mixed.</param>
/// <param name="Source">Standard and clause.</param>
public sealed record FluidClass(string Code, Said Name, double DryC, double WetC, double ViscosityMm2S, bool Silicone, Said Source)
{
    private static readonly Said Fmvss = Said.Of("fluid-class.fmvss-no-116-49");
    private static readonly Said Iso = Said.Of("fluid-class.iso-4925-2020-table");

    /// <summary>All classes.</summary>
    public static IReadOnlyList<FluidClass> All { get; } =
    [
        new("dot3", Said.Of("fluid-class.dot-3"), 205, 140, 1500, false, Fmvss),
        new("dot4", Said.Of("fluid-class.dot-4"), 230, 155, 1800, false, Fmvss),
        new("dot5", Said.Of("fluid-class.dot-5-silicone"), 260, 180, 900, true, Fmvss),
        new("dot5.1", Said.Of("fluid-class.dot-5-1"), 260, 180, 900, false, Fmvss),
        new("iso3", Said.Of("fluid-class.iso-4925-class-3"), 205, 140, 1500, false, Iso),
        new("iso4", Said.Of("fluid-class.iso-4925-class-4"), 230, 155, 1500, false, Iso),
        new("iso5-1", Said.Of("fluid-class.iso-4925-class-5"), 260, 180, 900, false, Iso),
        new("iso6", Said.Of("fluid-class.iso-4925-class-6"), 250, 165, 750, false, Iso),
        new("iso7", Said.Of("fluid-class.iso-4925-class-7"), 260, 180, 750, false, Iso),
    ];

    /// <summary>The class of a code, or null.</summary>
    public static FluidClass? Find(string code) => All.FirstOrDefault(row => row.Code == code);
}
