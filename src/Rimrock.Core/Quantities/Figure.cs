namespace Rimrock.Core.Quantities;

/// <summary>A figure with its unit, unrounded.</summary>
/// <param name="Value">The value; NaN for a range, which has edges only.</param>
/// <param name="Unit">One of <see cref="Units"/>; empty for a bare number.</param>
/// <param name="Low">Lower edge of its band, where it has one.</param>
/// <param name="High">Upper edge of its band.</param>
/// <param name="Digits">Decimals that are known of it; left open, the words decide.</param>
public readonly record struct Figure(double Value, string Unit, double? Low = null, double? High = null, int? Digits = null)
{
    /// <summary>A range: no value, two edges.</summary>
    public static Figure Range(double low, double high, string unit) => new(double.NaN, unit, low, high);
}

/// <summary>The units in which figures are kept, each standing once; how they are shown is the telling project's.</summary>
public static class Units
{
    /// <summary>A temperature, C.</summary>
    public static Figure C(double value) => new(value, "C");

    /// <summary>A temperature difference, K.</summary>
    public static Figure K(double value) => new(value, "K");

    /// <summary>Millimetres.</summary>
    public static Figure Mm(double value) => new(value, "mm");

    /// <summary>Metres.</summary>
    public static Figure M(double value) => new(value, "m");

    /// <summary>Kilometres.</summary>
    public static Figure Km(double value) => new(value, "km");

    /// <summary>Square millimetres a second.</summary>
    public static Figure Mm2S(double value) => new(value, "mm2/s");

    /// <summary>Kilograms.</summary>
    public static Figure Kg(double value) => new(value, "kg");

    /// <summary>Newtons.</summary>
    public static Figure N(double value) => new(value, "N");

    /// <summary>Bar.</summary>
    public static Figure Bar(double value) => new(value, "bar");

    /// <summary>Kilometres an hour.</summary>
    public static Figure Kmh(double value) => new(value, "km/h");

    /// <summary>Metres a second squared.</summary>
    public static Figure Ms2(double value) => new(value, "m/s2");

    /// <summary>Watts a square metre and kelvin.</summary>
    public static Figure Wm2K(double value) => new(value, "W/m2K");

    /// <summary>Megajoules.</summary>
    public static Figure Mj(double value) => new(value, "MJ");

    /// <summary>Litres.</summary>
    public static Figure L(double value) => new(value, "l");

    /// <summary>Hours.</summary>
    public static Figure H(double value) => new(value, "h");

    /// <summary>Minutes.</summary>
    public static Figure Min(double value) => new(value, "min");

    /// <summary>Seconds.</summary>
    public static Figure S(double value) => new(value, "s");

    /// <summary>Per cent, given as such.</summary>
    public static Figure Percent(double value) => new(value, "%");
}
