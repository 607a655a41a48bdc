namespace Rimrock.Core.Runs;

/// <summary>What members' pads are against their charts.</summary>
/// <param name="Friction">Factor on friction.</param>
/// <param name="Wear">Factor on wear.</param>
/// <param name="ChartShiftK">Added to the reading of a chart whose basis is unknown, K.</param>
/// <param name="EdgeK">Where the hot edge lies, standard deviations of <see cref="Friction.Pad.EdgeSpreadK"/>.</param>
/// <param name="BeyondChart">How high friction is beyond the chart, standard deviations.</param>
public readonly record struct PadFactors(Lane Friction, Lane Wear, Lane ChartShiftK, Lane EdgeK, Lane BeyondChart)
{
    /// <summary>Pads as their charts have them.</summary>
    public static PadFactors None { get; } = new(Lane.One, Lane.One, Lane.Zero, Lane.Zero, Lane.Zero);
}
