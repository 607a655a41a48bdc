using Rimrock.Core.Circuits;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Driving;

/// <summary>
/// The drives of the road, hauls and ways down. Speeds and gaps are typical (common practice); decelerations 2.0
/// m/s2 in traffic and with a trailer, 3.5 on a country road, 2.5 downhill, 6 at the end of a strip (engineering judgement, +-25 %).
/// </summary>
internal static class Courses
{
    private const double TrafficMS2 = 2.0;
    private const double CountryMS2 = 3.5;
    private const double DescentMS2 = 2.5;
    private const double StripMS2 = 6;
    private const double StepS = 0.25;

    // A descent is held between these speeds, with a hairpin at the end of every stretch.
    private const double HeldKmh = 60;
    private const double SnubbedKmh = 40;
    private const double HairpinKmh = 25;
    private const double StretchM = 600;
    private const double AwayMS2 = 1.0;
    private const double CreepMS2 = 0.03;
    private const double ReturnKmh = 40;
    private const double QuarterMileM = 402.3;

    private static readonly LapTrace Traffic = BrakingZoneTable.Lap(
    [
        new(50, 0, 35), new(50, 20, 20), new(50, 0, 40), new(80, 30, 40), new(60, 0, 30), new(100, 60, 60), new(70, 0, 45),
    ], TrafficMS2);

    private static readonly LapTrace Lanes = BrakingZoneTable.Lap(
    [
        new(80, 50, 40), new(90, 60, 45), new(70, 40, 35), new(100, 70, 50), new(80, 55, 40), new(60, 0, 30),
    ], TrafficMS2);

    private static readonly LapTrace Country = BrakingZoneTable.Lap(
    [
        new(90, 50, 24), new(100, 60, 28), new(80, 35, 22), new(110, 70, 34), new(90, 45, 26), new(70, 40, 20),
    ], CountryMS2);

    // Main roads at a trailer's speed, with roundabouts, a slow lorry, a junction.
    private static readonly LapTrace Towing = BrakingZoneTable.Lap(
    [
        new(80, 20, 45), new(80, 50, 40), new(70, 0, 40), new(90, 60, 60), new(60, 20, 30),
    ], TrafficMS2);

    /// <summary>The drives of a road day in order: each lap and how often it is repeated.</summary>
    /// <param name="day">The day.</param>
    /// <param name="car">The car with what it tows, in its gear.</param>
    /// <param name="airDensityKgM3">Density of the air, kg/m3.</param>
    public static IReadOnlyList<(LapTrace Lap, int Rounds)> Drives(PlannedDay day, Car car, double airDensityKgM3) => day.Kind switch
    {
        "commute" => [(Traffic, 4)],
        "country" => [(Country, 5)],
        "towing" => [(Traffic, 1), (Towing, 4)],
        DayKind.Descent => [(Traffic, 1), .. Down(day, car, airDensityKgM3)],
        "weekday" => [(Traffic, 2), (Lanes, 3)],
        _ => throw new ArgumentOutOfRangeException(nameof(day), day.Kind, "Nothing is driven on the road on such a day."),
    };

    /// <summary>
    /// One haul: up to speed from a crawl as at constant power, the stop, the way back to the line. The speed at the end of a quarter mile by mass and power
    /// (Hale's rule, 234 mph (hp/lb)^(1/3), from memory).
    /// </summary>
    /// <param name="day">The day.</param>
    /// <param name="car">The car.</param>
    public static LapTrace Haul(PlannedDay day, Car car)
    {
        const double crawl = 20, mph = 1.609344, hpPerKw = 1 / 0.7457, lbPerKg = 1 / 0.45359;
        var fromKmh = day.FromKmh ?? Math.Clamp(234 * mph * Math.Cbrt(car.PowerKw * hpPerKw / (car.MassKg * lbPerKg)), 60, 350);
        var pace = Speed.FromKmh(fromKmh);

        // From standing at constant power the mean speed is two thirds of the last.
        var builder = new TraceBuilder(Speed.FromKmh(crawl), 0);
        builder.Towards(pace, QuarterMileM / (pace * 2 / 3));
        builder.BrakeTo(Speed.FromKmh(crawl), StripMS2);
        builder.Hold((QuarterMileM + (pace * pace / (2 * StripMS2))) / Speed.FromKmh(crawl) / 2);
        return builder.Trace();
    }

    /// <summary>The way down after a run up a hill.</summary>
    /// <param name="hill">The hill.</param>
    public static LapTrace RollDown(Circuit hill)
    {
        var (lengthM, riseM) = (0.0, 0.0);
        foreach (var piece in hill.Segments ?? [])
        {
            lengthM += piece.LengthM;
            riseM += piece.LengthM * piece.Slope;
        }

        var (fast, slow) = (Speed.FromKmh(ReturnKmh), Speed.FromKmh(HairpinKmh));
        var builder = new TraceBuilder(slow, lengthM > 0 ? -riseM / lengthM : 0);
        while (builder.Metres < lengthM)
        {
            builder.Towards(fast, (fast - slow) / AwayMS2);
            builder.BrakeTo(slow, DescentMS2);
        }

        return builder.Trace();
    }

    // Held between two speeds by the brakes as the slope gains on drag and engine (snubbed, common practice), with a hairpin after each stretch. Where the
    // engine alone holds, only the hairpins are left.
    private static IEnumerable<(LapTrace Lap, int Rounds)> Down(PlannedDay day, Car car, double airDensityKgM3)
    {
        var slope = -day.SlopePercent / 100;
        var (held, snubbed, hairpin) = (Speed.FromKmh(HeldKmh), Speed.FromKmh(SnubbedKmh), Speed.FromKmh(HairpinKmh));
        var builder = new TraceBuilder(hairpin, slope);
        builder.Towards(snubbed, (snubbed - hairpin) / AwayMS2);
        double Left() => StretchM - builder.Metres - (((builder.Now * builder.Now) - (hairpin * hairpin)) / (2 * DescentMS2));
        while (Left() > 0)
        {
            var gain = ((-BrakingWork.ResistanceN(car, builder.Now, airDensityKgM3, slope) / car.MassKg) - car.EngineBrakingMS2 - car.RegenerationMS2)
                / car.RotatingMassFactor;
            if (gain > CreepMS2 && builder.Now >= held - 0.05)
            {
                builder.BrakeTo(snubbed, DescentMS2);
            }
            else
            {
                builder.Towards(Math.Min(held, builder.Now + (Math.Max(0, gain > CreepMS2 ? gain : 0) * StepS)), StepS);
            }
        }

        builder.BrakeTo(hairpin, DescentMS2);
        yield return (builder.Trace(), Math.Max(1, (int)Math.Round(day.DropM / (builder.Metres * day.SlopePercent / 100))));
    }

    private sealed class TraceBuilder(double fromMS, double slope)
    {
        private readonly List<double> time = [0];
        private readonly List<double> speed = [fromMS];

        public double Now => speed[^1];

        public double Metres { get; private set; }

        // As at constant power: the square of the speed grows evenly.
        public void Towards(double toMS, double seconds)
        {
            var (start, count) = (Now, Math.Max(1, (int)Math.Ceiling(seconds / StepS)));
            for (var i = 1; i <= count; i++)
            {
                Add(seconds / count, Math.Sqrt((start * start) + (((toMS * toMS) - (start * start)) * i / count)));
            }
        }

        public void Hold(double seconds) => Towards(Now, seconds);

        public void BrakeTo(double toMS, double slowingMS2)
        {
            var (start, seconds) = (Now, Math.Max(StepS, (Now - toMS) / slowingMS2));
            var count = Math.Max(1, (int)Math.Ceiling(seconds / StepS));
            for (var i = 1; i <= count; i++)
            {
                Add(seconds / count, start + ((toMS - start) * i / count));
            }
        }

        public LapTrace Trace() => new([.. time], [.. speed], slope == 0 ? [] : [.. Enumerable.Repeat(slope, time.Count)], Said.Of("courses.typical"));

        private void Add(double seconds, double toMS)
        {
            Metres += 0.5 * (Now + toMS) * seconds;
            time.Add(time[^1] + seconds);
            speed.Add(toMS);
        }
    }
}
