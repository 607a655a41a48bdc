using Rimrock.Core.Circuits;

namespace Rimrock.Core.Driving;

/// <summary>A place of a lap.</summary>
/// <param name="AtM">Distance from the start, m.</param>
/// <param name="SpeedKmh">Speed, km/h.</param>
/// <param name="BrakingKw">What goes into the brakes there, kW; 0 where nobody brakes.</param>
public sealed record RibbonPoint(double AtM, double SpeedKmh, double BrakingKw);

/// <summary>A corner that the ribbon can be bent at.</summary>
/// <param name="Segment">Its place among the circuit's straights and corners.</param>
/// <param name="AtM">Where it is slowest, m.</param>
/// <param name="SlowestKmh">How slow it is there, km/h.</param>
/// <param name="RadiusM">Its radius, m.</param>
public sealed record RibbonCorner(int Segment, double AtM, double SlowestKmh, double RadiusM);

/// <summary>A lap as speed over distance with its braking, as this car is driven at this pace; a map of no place.</summary>
/// <param name="Points">The lap, evenly along the road.</param>
/// <param name="Corners">Corners that can be bent; none where the lap is as it was driven.</param>
/// <param name="LengthM">Its length, m.</param>
/// <param name="LapS">Its time, s.</param>
/// <param name="Megajoules">What goes into the brakes over the lap, MJ.</param>
public sealed record LapRibbon(IReadOnlyList<RibbonPoint> Points, IReadOnlyList<RibbonCorner> Corners, double LengthM, double LapS, double Megajoules)
{
    private const int Places = 240;

    /// <summary>Allowed speeds of a corner.</summary>
    public static FieldRange SpeedRange { get; } = new("ribbon.toKmh", "km/h", 15, 350);

    /// <summary>Allowed changes of a straight.</summary>
    public static FieldRange LongerRange { get; } = new("ribbon.longerM", "m", -3000, 3000);

    /// <summary>Of a plan's circuit.</summary>
    /// <param name="plan">A plan without faults.</param>
    public static LapRibbon Of(PredictionPlan plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        var day = new Day(plan with { Days = null });
        var (lap, car) = (day.HotLap, day.Drive.DrivenCar());
        var metres = lap.DistancesM();
        var joules = new double[lap.TimeS.Length];
        for (var i = 1; i < joules.Length; i++)
        {
            joules[i] = joules[i - 1] + BrakingWork.Joules(car, lap.SpeedMS[i - 1], lap.SpeedMS[i], lap.TimeS[i] - lap.TimeS[i - 1], day.AirDensityKgM3,
                lap.SlopeAt(i - 1));
        }

        double At(double[] values, double metre)
        {
            var next = Math.Clamp(Array.BinarySearch(metres, metre) is var found && found >= 0 ? found : ~found, 1, metres.Length - 1);
            var span = metres[next] - metres[next - 1];
            return values[next - 1] + (span > 0 ? (values[next] - values[next - 1]) * Math.Clamp((metre - metres[next - 1]) / span, 0, 1) : 0);
        }

        var step = metres[^1] / Places;
        var points = Enumerable.Range(0, Places + 1).Select(i =>
        {
            var (from, to) = (Math.Max(0, (i - 0.5) * step), Math.Min(metres[^1], (i + 0.5) * step));
            var seconds = At(lap.TimeS, to) - At(lap.TimeS, from);
            return new RibbonPoint(Math.Round(i * step, 1), Math.Round(At(lap.SpeedMS, i * step) * 3.6, 1),
                seconds > 0 ? Math.Round((At(joules, to) - At(joules, from)) / seconds / 1000, 1) : 0);
        });
        return new LapRibbon([.. points], [.. CornersOf(plan.Circuit, lap, metres)], Math.Round(metres[^1]), Math.Round(lap.DurationS, 1),
            Math.Round(joules[^1] / 1e6, 2));
    }

    /// <summary>
    /// A circuit bent at a corner: so much faster or slower there, which its radius follows by the square of the speed, and the straight before it so much
    /// longer.
    /// </summary>
    /// <param name="plan">A plan without faults.</param>
    /// <param name="segment">Place of the corner among straights and corners.</param>
    /// <param name="toKmh">How fast it should be; null as it is.</param>
    /// <param name="longerM">How much longer the stretch before it should be, m.</param>
    /// <exception cref="InputFaultException">No such corner, or a figure out of its range.</exception>
    public static Circuit Bent(PredictionPlan plan, int segment, double? toKmh, double longerM)
    {
        ArgumentNullException.ThrowIfNull(plan);
        var faults = new List<InputFault>();
        if (toKmh is { } speed)
        {
            SpeedRange.Check(speed, faults, "toKmh");
        }

        LongerRange.Check(longerM, faults, "longerM");
        var corner = Of(plan).Corners.FirstOrDefault(one => one.Segment == segment);
        if (corner is null)
        {
            faults.Add(new InputFault("segment", $"{segment}", Said.Of("lap-ribbon.a-corner-of-it"), Said.Of("lap-ribbon.no-such-corner")));
        }

        InputFaultException.ThrowIfAny(faults);
        List<CircuitSegment> segments = [.. plan.Circuit.Segments!];
        if (toKmh is { } asked)
        {
            // By the hardest corner of the lap: one that is driven flat out says nothing of how fast it could be.
            var hardest = Of(plan).Corners.Max(one => one.SlowestKmh * one.SlowestKmh / one.RadiusM);
            segments[segment] = segments[segment] with { RadiusM = Kept(CircuitSegment.RadiusRange, asked * asked / hardest) };
        }

        var before = (segment + segments.Count - 1) % segments.Count;
        segments[before] = segments[before] with { LengthM = Kept(CircuitSegment.LengthRange, segments[before].LengthM + longerM) };
        return plan.Circuit with { Segments = segments };
    }

    private static double Kept(FieldRange range, double value) => Math.Round(Math.Clamp(value, range.Min, range.Max), 1);

    private static IEnumerable<RibbonCorner> CornersOf(Circuit circuit, LapTrace lap, double[] metres)
    {
        var from = 0.0;
        var segments = circuit.Segments ?? [];
        for (var i = 0; i < segments.Count; i++)
        {
            var to = from + segments[i].LengthM;
            if (segments[i].RadiusM > 0)
            {
                var slowest = Enumerable.Range(0, metres.Length).Where(at => metres[at] >= from && metres[at] <= to).DefaultIfEmpty(0)
                    .MinBy(at => lap.SpeedMS[at]);
                yield return new RibbonCorner(i, Math.Round(metres[slowest], 1), Math.Round(lap.SpeedMS[slowest] * 3.6, 1), segments[i].RadiusM);
            }

            from = to;
        }
    }
}
