using System.Globalization;

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
    public static FieldRange LengthRange { get; } = new("circuit.segments.lengthM", "m", 5, 5000);

    /// <summary>Allowed radii of corners.</summary>
    public static FieldRange RadiusRange { get; } = new("circuit.segments.radiusM", "m", 6, 3000);

    /// <summary>Allowed slopes.</summary>
    public static FieldRange SlopeRange { get; } = new("circuit.segments.slope", "m/m", -0.25, 0.25);
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
/// <param name="BySpeedometer">True where the zones' speeds were read off a speedometer, which shows too much.</param>
public sealed record Circuit(
    string Name,
    IReadOnlyList<CircuitSegment>? Segments = null,
    IReadOnlyList<BrakingZone>? Zones = null,
    SpeedRecording? Recording = null,
    double AltitudeM = 0,
    double? ZoneG = null,
    bool BySpeedometer = false)
{
    private const int MostSegments = 400;
    private static readonly FieldRange Zone = new("circuit.zoneG", "g", 0.05, 2.5);
    private static readonly FieldRange Altitude = new("circuit.altitudeM", "m", -420, 4000);

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
            faults.Add(new InputFault("circuit", Said.Of("circuit.forms", forms), Said.Of("circuit.exactly-one-segments-zones"),
                Said.Of("circuit.circuit-given-segments-braking")));
        }

        if (Zones is not null)
        {
            BrakingZoneTable.Check(Zones, faults);
        }

        if (Recording is not null)
        {
            RecordedTrace.Check(Recording.TimeS, Recording.SpeedKmh, i => $"circuit.recording[{i + 1}]", faults);
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
            faults.Add(new InputFault("circuit.segments", segments.Count.ToString(CultureInfo.InvariantCulture), Said.Of("circuit.2-segments", MostSegments),
                Said.Of("circuit.lap-least-one-straight")));
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
            faults.Add(new InputFault("circuit.segments", Said.Of("circuit.no-corner"), Said.Of("circuit.least-one-corner"),
                Said.Of("circuit.lap-without-corner-no")));
        }
    }
}

/// <summary>A recorded speed trace as it came from the file.</summary>
/// <param name="TimeS">Times, s.</param>
/// <param name="SpeedKmh">Speeds, km/h.</param>
public sealed record SpeedRecording(IReadOnlyList<double> TimeS, IReadOnlyList<double> SpeedKmh);
