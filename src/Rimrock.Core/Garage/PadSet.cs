using Rimrock.Core.Entries;
using Rimrock.Core.Friction;
using Rimrock.Core.Numerics;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Garage;

/// <summary>Friction material at a corner.</summary>
/// <param name="Corner">Which.</param>
/// <param name="LeftMm">What is left at the thinnest, mm.</param>
public sealed record CornerLeft(Corner Corner, double LeftMm);

/// <summary>A set of pads of one axle: on the car, or taken off it.</summary>
/// <param name="Pad">What they are.</param>
/// <param name="Axle">Where.</param>
/// <param name="Since">When they went on, as far as the log knows; null for before it.</param>
/// <param name="Off">When others took their place; null while they are on.</param>
/// <param name="LeftMm">Friction material that is left at the thinnest, mm; eight of ten lie in the band.</param>
/// <param name="By">How that is known.</param>
/// <param name="MeasuredOn">When it was measured last; null for never.</param>
/// <param name="MeasuredMm">The thinnest that was measured then, mm.</param>
/// <param name="HotLaps">Hot laps that they were driven since they are known.</param>
/// <param name="Bedded">False for new ones that have not been bedded.</param>
/// <param name="Corners">What is left at each corner that was ever measured, in the middle of what is believed.</param>
/// <param name="Hours">Track hours that they were driven.</param>
/// <param name="Megajoules">Heat that went through them, MJ.</param>
/// <param name="From">The calipers that they sit or sat in.</param>
public sealed record PadSet(Pad Pad, Axle Axle, DateOnly? Since, DateOnly? Off, Spread LeftMm, KnownBy By, DateOnly? MeasuredOn, double? MeasuredMm,
    int HotLaps, bool Bedded, IReadOnlyList<CornerLeft> Corners, double Hours = 0, double Megajoules = 0, AxleBrake? From = null);
