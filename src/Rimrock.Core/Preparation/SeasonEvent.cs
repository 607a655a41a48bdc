using Rimrock.Core.Circuits;
using Rimrock.Core.Driving;

namespace Rimrock.Core.Preparation;

/// <summary>An event of the season.</summary>
/// <param name="Date">Its day.</param>
/// <param name="Name">What it is.</param>
/// <param name="AmbientC">Expected air temperature, C.</param>
/// <param name="Circuit">Where, if not where the plan is driven.</param>
/// <param name="Kind">What kind of day it is, see <see cref="DayKind"/>; null for the plan's leading one.</param>
public sealed record SeasonEvent(DateOnly Date, string Name, double AmbientC, Circuit? Circuit = null, string? Kind = null)
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

    /// <summary>
    /// The plan of that day alone: its own circuit in its own air; a kind that the plan has with all that the plan says of it, another as it usually is.
    /// </summary>
    /// <param name="plan">The plan.</param>
    public PredictionPlan On(PredictionPlan plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        var there = plan with { Circuit = Circuit ?? plan.Circuit, Weather = plan.Weather with { AmbientC = AmbientC } };
        return there.On(Kind is null ? there.Leading() : there.Planned().FirstOrDefault(day => day.Kind == Kind) ?? new PlannedDay(Kind, 1));
    }

    /// <summary>Lists what is wrong, by the field's path.</summary>
    public void Check(string field, ICollection<InputFault> faults)
    {
        ArgumentNullException.ThrowIfNull(faults);
        Names.Check(Name, $"{field}.name", faults);
        Days.Check(Date, $"{field}.date", faults);
        Ambient.Check(AmbientC, faults, $"{field}.ambientC");
        Circuit?.Check(faults);
        if (Kind is not null && DayKind.All.All(one => one.Code != Kind))
        {
            faults.Add(DayKind.UnknownFault(Kind, $"{field}.kind"));
        }
    }
}
