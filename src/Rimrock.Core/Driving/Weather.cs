
namespace Rimrock.Core.Driving;

/// <summary>The weather of the day.</summary>
/// <param name="AmbientC">Air temperature, C.</param>
/// <param name="Rain">True for a wet track.</param>
public sealed record Weather(double AmbientC = 20, bool Rain = false)
{
    /// <summary>So many days ahead the air can be forecast; beyond, only the season is known (common practice).</summary>
    public const int ForecastDays = 7;

    private static readonly FieldRange Ambient = new("weather.ambientC", "C", -20, 50);

    /// <summary>Ranges of the fields, for forms.</summary>
    public static IReadOnlyList<FieldRange> Ranges { get; } = [Ambient];

    /// <summary>Lists what is wrong.</summary>
    public void Check(ICollection<InputFault> faults) => Ambient.Check(AmbientC, faults);
}
