namespace Rimrock.Core.Driving;

/// <summary>How a stop is laid out, for whoever brakes it another way.</summary>
/// <param name="EntryMS">Speed at its start, m/s.</param>
/// <param name="ExitMS">Speed at its end, m/s.</param>
/// <param name="Metres">Its length, m.</param>
/// <param name="Seconds">Its duration, s.</param>
/// <param name="ForceG">Mean force of the brakes at the tyres along it, over the weight, g.</param>
/// <param name="ApproachMS2">Acceleration on the last seconds before it, m/s2.</param>
/// <param name="StraightM">Way off the brakes before it, m.</param>
/// <param name="StraightS">Time for that, s.</param>
public readonly record struct LaidStop(double EntryMS, double ExitMS, double Metres, double Seconds, double ForceG, double ApproachMS2, double StraightM,
    double StraightS)
{
    /// <summary>Mean deceleration along its way, m/s2.</summary>
    public double MS2 => Metres > 0 ? ((EntryMS * EntryMS) - (ExitMS * ExitMS)) / (2 * Metres) : 0;
}
