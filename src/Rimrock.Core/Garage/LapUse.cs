namespace Rimrock.Core.Garage;

/// <summary>What a hot lap takes of an axle's pads, the out and cool-down laps of its day shared among them.</summary>
/// <param name="PadMm">Off the pad that wears most, mm.</param>
/// <param name="Hours">Track hours.</param>
/// <param name="Megajoules">Heat through the axle, MJ.</param>
public readonly record struct LapUse(double PadMm, double Hours = 0, double Megajoules = 0);
