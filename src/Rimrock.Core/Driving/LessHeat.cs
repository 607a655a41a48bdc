namespace Rimrock.Core.Driving;

/// <summary>What takes heat out of a kind of day for nothing, by how it is driven (common practice).</summary>
public static class LessHeat
{
    /// <summary>The driving alone.</summary>
    /// <param name="on">The plan of one kind of day.</param>
    public static Said Of(PredictionPlan on)
    {
        ArgumentNullException.ThrowIfNull(on);
        return HasLapsInARow(on) ? Said.Of("less-heat.fewer-laps")
            : on.Leading().KindOf().Shape == DayShape.Runs ? Said.Of("less-heat.longer-waits")
            : on.Leading() is { Kind: DayKind.Descent, Gear: not DescentGear.Second } && on.Car.EngineBrakingMS2 > 0 ? Said.Of("less-heat.lower-gear")
            : Said.Of("less-heat.less-speed");
    }

    /// <summary>Air before it, where a day is long enough for air to cool anything.</summary>
    /// <param name="on">The plan of one kind of day.</param>
    public static Said WithAir(PredictionPlan on) => HasLapsInARow(on) ? Said.Of("less-heat.air", Of(on)) : Of(on);

    /// <summary>True where laps are driven hot one after another.</summary>
    public static bool HasLapsInARow(PredictionPlan on)
    {
        ArgumentNullException.ThrowIfNull(on);
        return on.Leading() is var day && day.KindOf().Shape == DayShape.Laps && (day.Stint ?? day.KindOf().UsualStint ?? on.Stint).HotLapsEach is not 1;
    }
}
