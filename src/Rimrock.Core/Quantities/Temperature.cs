namespace Rimrock.Core.Quantities;

/// <summary>A temperature on the Celsius scale; the difference of two is a <see cref="TemperatureDifference"/>.</summary>
/// <param name="Celsius">Degrees Celsius; not below absolute zero.</param>
public readonly record struct Temperature(double Celsius) : IComparable<Temperature>
{
    /// <summary>0 degrees Celsius in kelvin (SI Brochure, 9th edition 2019, section 2.3.1).</summary>
    public const double ZeroCelsiusInKelvin = 273.15;

    /// <summary>Thermodynamic temperature, K.</summary>
    public double Kelvin => Celsius + ZeroCelsiusInKelvin;

    /// <summary>The step from one temperature to another.</summary>
    public static TemperatureDifference operator -(Temperature left, Temperature right) => new(left.Celsius - right.Celsius);

    /// <summary>A temperature moved by a difference.</summary>
    public static Temperature operator +(Temperature left, TemperatureDifference right) => new(left.Celsius + right.Kelvins);

    /// <summary>A temperature lowered by a difference.</summary>
    public static Temperature operator -(Temperature left, TemperatureDifference right) => new(left.Celsius - right.Kelvins);

    /// <summary>True where the left side is colder.</summary>
    public static bool operator <(Temperature left, Temperature right) => left.Celsius < right.Celsius;

    /// <summary>True where the left side is hotter.</summary>
    public static bool operator >(Temperature left, Temperature right) => left.Celsius > right.Celsius;

    /// <summary>True where the left side is not hotter.</summary>
    public static bool operator <=(Temperature left, Temperature right) => left.Celsius <= right.Celsius;

    /// <summary>True where the left side is not colder.</summary>
    public static bool operator >=(Temperature left, Temperature right) => left.Celsius >= right.Celsius;

    /// <inheritdoc/>
    public int CompareTo(Temperature other) => Celsius.CompareTo(other.Celsius);
}

/// <summary>A difference of temperatures; 1 K is as large as 1 degree Celsius.</summary>
/// <param name="Kelvins">The difference, K.</param>
public readonly record struct TemperatureDifference(double Kelvins);
