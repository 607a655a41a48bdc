namespace Rimrock.Core.Numerics;

/// <summary>A band: a tenth lies below the first, half below the second, nine tenths below the third.</summary>
/// <param name="P10">P10.</param>
/// <param name="P50">P50.</param>
/// <param name="P90">P90.</param>
public sealed record Spread(double P10, double P50, double P90);
