using System.Globalization;
using Rimrock.Core.Quantities;

namespace Rimrock.Core.Circuits;

/// <summary>A straight or a corner.</summary>
/// <param name="LengthM">Length along the driven line, m.</param>
/// <param name="RadiusM">Radius of the driven line, m; 0 for a straight.</param>
/// <param name="Slope">Rise per metre; negative downhill.</param>
/// <param name="Name">What people call it, if anything.</param>
/// <param name="Left">True for a left-hand corner, false for a right-hand one, null where nobody said.</param>
public sealed record CircuitSegment(double LengthM, double RadiusM = 0, double Slope = 0, string? Name = null, bool? Left = null)
{
    /// <summary>Allowed lengths.</summary>
    public static FieldRange LengthRange { get; } = new("circuit.segments.lengthM", "Segment length", "m", 5, 5000);

    /// <summary>Allowed radii of corners.</summary>
    public static FieldRange RadiusRange { get; } = new("circuit.segments.radiusM", "Corner radius", "m", 6, 3000);

    /// <summary>Allowed slopes.</summary>
    public static FieldRange SlopeRange { get; } = new("circuit.segments.slope", "Slope", "m/m", -0.25, 0.25);
}

/// <summary>
/// Where the car is driven: exactly one of segments, braking zones or a recording.
/// </summary>
/// <param name="Name">Name in the plan sentence.</param>
/// <param name="Segments">Straights and corners of a lap.</param>
/// <param name="Zones">Braking zones of a lap, speeds as driven.</param>
/// <param name="Recording">A recorded speed trace, as driven.</param>
/// <param name="AltitudeM">Height above the sea, m.</param>
/// <param name="ZoneG">Deceleration inside the zones of a table, g; null for what the tyres give.</param>
public sealed record Circuit(
    string Name,
    IReadOnlyList<CircuitSegment>? Segments = null,
    IReadOnlyList<BrakingZone>? Zones = null,
    SpeedRecording? Recording = null,
    double AltitudeM = 0,
    double? ZoneG = null)
{
    private const int MostSegments = 400;
    private static readonly FieldRange Zone = new("circuit.zoneG", "Deceleration in the zones", "g", 0.05, 2.5);
    private static readonly FieldRange Altitude = new("circuit.altitudeM", "Altitude", "m", -420, 4000);

    /// <summary>Ranges of the fields, for forms.</summary>
    public static IReadOnlyList<FieldRange> Ranges { get; } =
    [
        Altitude, Zone, CircuitSegment.LengthRange, CircuitSegment.RadiusRange, CircuitSegment.SlopeRange,
        BrakingZone.EntryRange, BrakingZone.ExitRange, BrakingZone.NextRange,
    ];

    /// <summary>Lists what is wrong with the circuit.</summary>
    public void Check(ICollection<InputFault> faults)
    {
        ArgumentNullException.ThrowIfNull(faults);
        Names.Check(Name, "circuit.name", faults);
        Altitude.Check(AltitudeM, faults);
        if (ZoneG is { } zoneG)
        {
            Zone.Check(zoneG, faults);
        }

        var forms = (Segments is null ? 0 : 1) + (Zones is null ? 0 : 1) + (Recording is null ? 0 : 1);
        if (forms != 1)
        {
            faults.Add(new InputFault("circuit", $"{forms} forms", "exactly one of segments, zones, recording",
                "A circuit is given by segments, by braking zones or by a recording."));
        }

        if (Zones is not null)
        {
            BrakingZoneTable.Check(Zones, faults);
        }

        if (Recording is not null)
        {
            RecordedTrace.Check(Recording.TimeS, Recording.SpeedKmh, i => $"circuit.recording sample {i + 1}", faults);
        }

        if (Segments is not null)
        {
            CheckSegments(Segments, faults);
        }
    }

    private static void CheckSegments(IReadOnlyList<CircuitSegment> segments, ICollection<InputFault> faults)
    {
        if (segments.Count is < 2 or > MostSegments)
        {
            faults.Add(new InputFault("circuit.segments", segments.Count.ToString(CultureInfo.InvariantCulture), $"2 to {MostSegments} segments",
                "A lap has at least one straight and one corner."));
        }

        for (var i = 0; i < segments.Count && faults.Count < 20; i++)
        {
            CircuitSegment.LengthRange.Check(segments[i].LengthM, faults, $"circuit.segments[{i}].lengthM");
            CircuitSegment.SlopeRange.Check(segments[i].Slope, faults, $"circuit.segments[{i}].slope");
            if (segments[i].RadiusM != 0)
            {
                CircuitSegment.RadiusRange.Check(segments[i].RadiusM, faults, $"circuit.segments[{i}].radiusM");
            }
        }

        if (segments.All(segment => segment.RadiusM == 0))
        {
            faults.Add(new InputFault("circuit.segments", "no corner", "at least one corner", "A lap without a corner has no speed limit and no braking."));
        }
    }
}

/// <summary>A recorded speed trace as it came from the file.</summary>
/// <param name="TimeS">Times, s.</param>
/// <param name="SpeedKmh">Speeds, km/h.</param>
public sealed record SpeedRecording(IReadOnlyList<double> TimeS, IReadOnlyList<double> SpeedKmh);
