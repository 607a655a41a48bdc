using Rimrock.Core.Circuits;

namespace Rimrock.Core.Preparation;

/// <summary>An event of the season.</summary>
/// <param name="Date">Its day.</param>
/// <param name="Name">What it is.</param>
/// <param name="AmbientC">Expected air temperature, C.</param>
/// <param name="Circuit">Where, if not where the plan is driven.</param>
public sealed record SeasonEvent(DateOnly Date, string Name, double AmbientC, Circuit? Circuit = null)
{
    private static readonly FieldRange Ambient = new("events.ambientC", "C", -20, 50);

    /// <summary>Ranges of the fields, for forms.</summary>
    public static IReadOnlyList<FieldRange> Ranges { get; } = [Ambient];

    /// <summary>Lists what is wrong.</summary>
    public IReadOnlyList<InputFault> Faults()
    {
        var faults = new List<InputFault>();
        Check("event", faults);
        return faults;
    }

    /// <summary>Lists what is wrong, by the field's path.</summary>
    public void Check(string field, ICollection<InputFault> faults)
    {
        ArgumentNullException.ThrowIfNull(faults);
        Names.Check(Name, $"{field}.name", faults);
        Days.Check(Date, $"{field}.date", faults);
        Ambient.Check(AmbientC, faults, $"{field}.ambientC");
        Circuit?.Check(faults);
    }
}
