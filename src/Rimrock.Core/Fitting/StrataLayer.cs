using Rimrock.Core.Runs;

namespace Rimrock.Core.Fitting;

/// <summary>One layer of the strata chart.</summary>
/// <param name="Part">Which part.</param>
/// <param name="Track">Demand on the track; null when the car never goes there.</param>
/// <param name="Road">Demand on the road.</param>
/// <param name="Capacity">What the part can take.</param>
/// <param name="Overlap">Where demand leaves capacity, if it does.</param>
public sealed record StrataLayer(BrakePart Part, Demand? Track, Demand? Road, Capacity Capacity, Overlap? Overlap);

/// <summary>At which temperatures a part spends its work: energy for faces and pads, time for fluid and seals.</summary>
/// <param name="StartC">Lower edge of the first bin, C.</param>
/// <param name="BinK">Bin width, K.</param>
/// <param name="Share">Share in each bin; sums to 1.</param>
/// <param name="P10C">A tenth lies below, C.</param>
/// <param name="P50C">Half lies below, C.</param>
/// <param name="P90C">Nine tenths lie below, C.</param>
/// <param name="PeakC">Highest temperature, C.</param>
/// <param name="LowC">P10 on the cool side of the band, C.</param>
/// <param name="HighC">P90 on the hot side of the band, C.</param>
public sealed record Demand(double StartC, double BinK, double[] Share, double P10C, double P50C, double P90C, double PeakC, double LowC, double HighC);

/// <summary>What a part can take.</summary>
/// <param name="Name">The product's name or what it is.</param>
/// <param name="Curve">A pad's friction chart, finely drawn; null for other parts.</param>
/// <param name="BandFromC">Lower edge of the working band, C.</param>
/// <param name="BandToC">Upper edge, C.</param>
/// <param name="LastC">Where the chart ends, C.</param>
/// <param name="Marks">Named temperatures: wet, today, new; limits.</param>
public sealed record Capacity(Said Name, IReadOnlyList<Friction.CurvePoint>? Curve, double? BandFromC, double? BandToC, double? LastC,
    IReadOnlyList<CapacityMark> Marks);

/// <summary>A named temperature of a part.</summary>
/// <param name="Kind">Stable kind: wet, today, dry, limit.</param>
/// <param name="Label">What it is.</param>
/// <param name="AtC">Where, C.</param>
public sealed record CapacityMark(string Kind, Said Label, double AtC);

/// <summary>Where demand leaves capacity.</summary>
/// <param name="FromC">From here on, C.</param>
/// <param name="Share">Share of the demand beyond it.</param>
/// <param name="Label">In words.</param>
public sealed record Overlap(double FromC, double Share, Said Label);
