namespace Rimrock.Core.Driving;

/// <summary>All kinds of day of a plan, laid out; parts do not change them, so that one year serves all setups.</summary>
public sealed class Year
{
    private readonly int leading;

    /// <summary>Lays out each kind of day when it is first asked for.</summary>
    /// <param name="plan">A plan without faults.</param>
    /// <param name="lay">Where days that have been laid out before are kept; null to lay them out anew.</param>
    public Year(PredictionPlan plan, Func<Drive, Day>? lay = null)
    {
        ArgumentNullException.ThrowIfNull(plan);
        lay ??= drive => new Day(drive);
        Days = [.. plan.EachDay().Select(on => lay(on.Drive()))];
        leading = plan.PlaceOf(null);
    }

    /// <summary>The year of a single day.</summary>
    /// <param name="day">The day.</param>
    public Year(Day day) => Days = [day];

    /// <summary>The days in the order of the plan.</summary>
    public IReadOnlyList<Day> Days { get; }

    /// <summary>The leading one.</summary>
    public Day Leading => Days[leading];
}
