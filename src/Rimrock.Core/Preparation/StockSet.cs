namespace Rimrock.Core.Preparation;

/// <summary>A set of pads that was taken off with something left.</summary>
/// <param name="Pad">Its name.</param>
/// <param name="Axle">Where it was.</param>
/// <param name="LeftMm">What is left at the thinnest, mm, in the middle of what is believed.</param>
public sealed record StockSet(string Pad, Axle Axle, double LeftMm)
{
    /// <summary>More than so many nobody keeps.</summary>
    public const int Most = 60;
}
