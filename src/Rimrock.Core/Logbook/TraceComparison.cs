using Rimrock.Core.Circuits;

namespace Rimrock.Core.Logbook;

/// <summary>One braking zone in two recordings.</summary>
/// <param name="AtM">Where it begins in the first, m.</param>
/// <param name="EntryFirstKmh">Entry speed in the first, km/h.</param>
/// <param name="EntrySecondKmh">And in the second.</param>
/// <param name="FirstG">Mean deceleration in the first, g.</param>
/// <param name="SecondG">And in the second.</param>
/// <param name="FirstM">Metres from the speed both reach to the speed both leave with, in the first.</param>
/// <param name="SecondM">And in the second.</param>
/// <param name="GainedS">Time that the second gains over the same piece of road; negative where it loses.</param>
public sealed record ZonePair(double AtM, double EntryFirstKmh, double EntrySecondKmh, double FirstG, double SecondG, double FirstM, double SecondM,
    double GainedS);

/// <summary>
/// Two recordings of the same road set side by side, since that is how a pad is proved: stop distance between equal speeds, deceleration, time gained in each
/// zone (common practice). Zones are paired by where they begin, within 60 m.
/// </summary>
/// <param name="Zones">Zones that both have.</param>
/// <param name="Unpaired">Zones that only one has.</param>
/// <param name="Mended">Stray samples that were mended before.</param>
public sealed record TraceComparison(IReadOnlyList<ZonePair> Zones, int Unpaired, IReadOnlyList<MendedSample>? Mended = null)
{
    private const double NearM = 60;
    private const double StepM = 2;

    /// <summary>Compares two laps.</summary>
    public static TraceComparison Of(LapTrace first, LapTrace second)
    {
        ArgumentNullException.ThrowIfNull(first);
        ArgumentNullException.ThrowIfNull(second);
        var (one, two) = (Course.Of(first), Course.Of(second));
        var (mine, yours) = (one.Zones(), two.Zones());
        var pairs = new List<ZonePair>();
        var left = yours.ToList();
        foreach (var zone in mine)
        {
            var near = left.Where(other => Math.Abs(other.FromM - zone.FromM) <= NearM).OrderBy(other => Math.Abs(other.FromM - zone.FromM))
                .Cast<(double FromM, double ToM)?>().FirstOrDefault();
            if (near is not { } pair)
            {
                continue;
            }

            left.Remove(pair);
            pairs.Add(Pair(one, two, zone, pair));
        }

        return new TraceComparison(pairs, mine.Count - pairs.Count + left.Count);
    }

    private static ZonePair Pair(Course one, Course two, (double FromM, double ToM) first, (double FromM, double ToM) second)
    {
        var high = Math.Min(one.SpeedAt(first.FromM), two.SpeedAt(second.FromM));
        var low = Math.Max(one.SpeedAt(first.ToM), two.SpeedAt(second.ToM));
        double Metres(Course course, (double FromM, double ToM) zone) => high > low ? Math.Round(course.Between(zone, high, low), 1) : 0;
        double G(Course course, (double FromM, double ToM) zone) =>
            Math.Round((Square(course.SpeedAt(zone.FromM)) - Square(course.SpeedAt(zone.ToM))) / (2 * (zone.ToM - zone.FromM)) / Speed.StandardGravityMS2, 2);
        var (from, to) = (Math.Min(first.FromM, second.FromM), Math.Max(first.ToM, second.ToM));
        return new ZonePair(Math.Round(first.FromM), Math.Round(Speed.ToKmh(one.SpeedAt(first.FromM)), 1),
            Math.Round(Speed.ToKmh(two.SpeedAt(second.FromM)), 1), G(one, first), G(two, second),
            Metres(one, first), Metres(two, second), Math.Round(one.SecondsBetween(from, to) - two.SecondsBetween(from, to), 3));

        static double Square(double value) => value * value;
    }

    /// <summary>A lap by distance.</summary>
    private sealed record Course(double[] AtM, double[] SpeedMS, double[] TimeS)
    {
        private const double BrakingMS2 = 2;
        private const double LeastLossMS = 5;

        public static Course Of(LapTrace lap)
        {
            var at = new double[lap.TimeS.Length];
            for (var i = 1; i < at.Length; i++)
            {
                at[i] = at[i - 1] + Math.Max(1e-6, 0.5 * (lap.SpeedMS[i] + lap.SpeedMS[i - 1]) * (lap.TimeS[i] - lap.TimeS[i - 1]));
            }

            return new Course(at, lap.SpeedMS, lap.TimeS);
        }

        public double SpeedAt(double metres) => Interpolate(AtM, SpeedMS, metres);

        public double SecondsBetween(double fromM, double toM) => Interpolate(AtM, TimeS, toM) - Interpolate(AtM, TimeS, fromM);

        public List<(double FromM, double ToM)> Zones()
        {
            var zones = new List<(double FromM, double ToM)>();
            var start = -1;
            for (var i = 1; i < AtM.Length; i++)
            {
                var braking = (SpeedMS[i - 1] - SpeedMS[i]) / (TimeS[i] - TimeS[i - 1]) > BrakingMS2;
                if (braking && start < 0)
                {
                    start = i - 1;
                }
                else if (!braking && start >= 0)
                {
                    Close(i - 1);
                }
            }

            if (start >= 0)
            {
                Close(AtM.Length - 1);
            }

            return zones;

            void Close(int end)
            {
                if (SpeedMS[start] - SpeedMS[end] >= LeastLossMS)
                {
                    zones.Add((AtM[start], AtM[end]));
                }

                start = -1;
            }
        }

        /// <summary>Metres from where the speed has fallen to one value to where it has fallen to another.</summary>
        public double Between((double FromM, double ToM) zone, double highMS, double lowMS)
        {
            double? from = null;
            for (var m = zone.FromM; m <= zone.ToM + StepM; m += StepM / 8)
            {
                var v = SpeedAt(m);
                from ??= v <= highMS ? m : null;
                if (v <= lowMS && from is { } start)
                {
                    return m - start;
                }
            }

            return from is { } begun ? zone.ToM - begun : 0;
        }

        private static double Interpolate(double[] x, double[] y, double at)
        {
            var next = Array.BinarySearch(x, at);
            next = Math.Clamp(next < 0 ? ~next : next, 1, x.Length - 1);
            var share = Math.Clamp((at - x[next - 1]) / (x[next] - x[next - 1]), 0, 1);
            return y[next - 1] + (share * (y[next] - y[next - 1]));
        }
    }
}
