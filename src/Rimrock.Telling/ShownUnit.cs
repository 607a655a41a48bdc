using System.Collections.Frozen;

namespace Rimrock.Telling;

/// <summary>
/// How the figures of a kept unit are shown in each system; the page's registry is made from this table. Conversion factors: NIST SP 811 (2008), appendix B.8.
/// </summary>
/// <param name="Code">The kept unit.</param>
/// <param name="Metric">Its sign.</param>
/// <param name="Imperial">Sign of its counterpart.</param>
/// <param name="Factor">Counterparts in one of it.</param>
/// <param name="Offset">What is added after that.</param>
/// <param name="MoreDigits">Decimals that its counterpart needs beyond its own, for the same fineness.</param>
public sealed record ShownUnit(string Code, string Metric, string Imperial, double Factor = 1, double Offset = 0, int MoreDigits = 0)
{
    /// <summary>All units that have a counterpart or a sign of their own; others are shown as they are called.</summary>
    public static IReadOnlyList<ShownUnit> All { get; } =
    [
        new("C", "°C", "°F", 1.8, 32),
        new("K", "°C", "°F", 1.8),
        new("mm", "mm", "in", 1 / 25.4, 0, 2),
        new("µm", "µm", "mil", 1 / 25.4, 0, 1),
        new("m", "m", "ft", 1 / 0.3048),
        new("km", "km", "mi", 1 / 1.609344),
        new("m2", "m²", "ft²", 1 / 0.09290304),
        new("cm2", "cm²", "in²", 1 / 6.4516, 0, 1),
        new("mm2/s", "mm²/s", "cSt"),
        new("km/h", "km/h", "mph", 1 / 1.609344),
        new("m/s", "m/s", "ft/s", 1 / 0.3048),
        new("m/s2", "m/s²", "ft/s²", 1 / 0.3048),
        new("kg", "kg", "lb", 1 / 0.45359237),
        new("g", "g", "oz", 1 / 28.349523125, 0, 1),
        new("N", "N", "lbf", 1 / 4.4482216152605),
        new("bar", "bar", "psi", 14.503773773),
        new("kW", "kW", "hp", 1 / 0.74569987158),
        new("MJ", "MJ", "Btu", 947.81712, 0, -2),
        new("kJ/K", "kJ/°C", "Btu/°F", 0.94781712 / 1.8),
        new("l", "l", "qt", 1.0566882, 0, 0),
        new("W/m2K", "W/m²K", "Btu/h·ft²·°F", 0.1761102, 0, 1),
    ];

    private static readonly FrozenDictionary<string, ShownUnit> ByCode = All.ToFrozenDictionary(unit => unit.Code);

    /// <summary>The row of a kept unit; a unit without one is shown as it is called.</summary>
    public static ShownUnit Of(string code) => ByCode.GetValueOrDefault(code) ?? new ShownUnit(code, code, code);

    /// <summary>A kept value in a system.</summary>
    public double In(UnitSystem system, double value) => system == UnitSystem.Metric ? value : (value * Factor) + Offset;

    /// <summary>The unit's sign in a system.</summary>
    public string Sign(UnitSystem system) => system == UnitSystem.Metric ? Metric : Imperial;

    /// <summary>Decimals in a system of a figure that has some in its kept unit.</summary>
    public int Digits(UnitSystem system, int digits) => system == UnitSystem.Metric ? digits : Math.Max(0, digits + MoreDigits);
}
