using System.Globalization;

namespace Rimrock.Core.Circuits;

/// <summary>
/// A lap from a recorded speed trace: laid on an even 0.1 s grid and smoothed by a quadratic through five points (Savitzky
/// and Golay, Anal. Chem. 36 (1964) 1627-1639, from memory), which takes noise out and leaves peaks, and so the energy of
/// a stop, nearly as they were; a plain mean would lose 3 % of it.
/// </summary>
public static class RecordedTrace
{
    /// <summary>Longest gap between samples, s.</summary>
    public const double LongestGapS = 2;

    private const double GridS = 0.1;
    private const double ShortestS = 10;
    private const double LongestS = 7200;
    private const double FastestKmh = 420;
    private const int MostFaults = 20;

    /// <summary>Lists what is wrong with a recording.</summary>
    /// <param name="timeS">Times, s.</param>
    /// <param name="speedKmh">Speeds, km/h.</param>
    /// <param name="lineOf">Names a sample for the reader, such as its line in a file.</param>
    /// <param name="faults">Receives at most 20 faults.</param>
    public static void Check(IReadOnlyList<double> timeS, IReadOnlyList<double> speedKmh, Func<int, string> lineOf, ICollection<InputFault> faults)
    {
        ArgumentNullException.ThrowIfNull(timeS);
        ArgumentNullException.ThrowIfNull(speedKmh);
        ArgumentNullException.ThrowIfNull(lineOf);
        ArgumentNullException.ThrowIfNull(faults);
        if (timeS.Count != speedKmh.Count)
        {
            faults.Add(new InputFault("trace", Said.Of("recorded-trace.times-speeds", timeS.Count, speedKmh.Count), Said.Of("recorded-trace.many-speeds-times"),
                Said.Of("recorded-trace.each-time-recording-one")));
            return;
        }

        if (timeS.Count < 2 || !(timeS[^1] - timeS[0] >= ShortestS && timeS[^1] - timeS[0] <= LongestS))
        {
            var length = timeS.Count < 2 ? 0 : timeS[^1] - timeS[0];
            faults.Add(new InputFault("trace", Said.Of("recorded-trace.figure", Units.S(length)),
                Said.Of("recorded-trace.to", Units.S(ShortestS), Units.S(LongestS)),
                Said.Of("recorded-trace.recording-lasts-between-ten")));
        }

        var before = faults.Count;
        for (var i = 0; i < timeS.Count && faults.Count < MostFaults; i++)
        {
            if (!(speedKmh[i] >= 0 && speedKmh[i] <= FastestKmh))
            {
                faults.Add(new InputFault(lineOf(i), Said.Of("recorded-trace.figure-2", speedKmh[i]), Said.Of("recorded-trace.0", Units.Kmh(FastestKmh)),
                    Said.Of("recorded-trace.speed-out-range")));
            }

            if (i > 0 && !(timeS[i] > timeS[i - 1]))
            {
                faults.Add(new InputFault(lineOf(i), Said.Of("recorded-trace.figure-3", Units.S(timeS[i])),
                    Said.Of("recorded-trace.after", Units.S(timeS[i - 1])),
                    Said.Of("recorded-trace.time-runs-backwards-stands")));
            }
            else if (i > 0 && timeS[i] - timeS[i - 1] > LongestGapS)
            {
                faults.Add(new InputFault(lineOf(i), Said.Of("recorded-trace.gap", Units.S(timeS[i] - timeS[i - 1])),
                    Said.Of("recorded-trace.most", Units.S(LongestGapS)),
                    Said.Of("recorded-trace.recording-gap")));
            }
        }

        if (faults.Count == before)
        {
            StraySamples.Check(timeS, speedKmh, lineOf, faults, MostFaults);
        }
    }

    /// <summary>The lap of a recording.</summary>
    /// <param name="timeS">Times, s, strictly rising, no gap above 2 s.</param>
    /// <param name="speedKmh">Speeds, km/h.</param>
    /// <exception cref="InputFaultException">Anything <see cref="Check"/> finds.</exception>
    public static LapTrace Lap(IReadOnlyList<double> timeS, IReadOnlyList<double> speedKmh)
    {
        var faults = new List<InputFault>();
        Check(timeS, speedKmh, i => $"sample[{i + 1}]", faults);
        InputFaultException.ThrowIfAny(faults);
        var count = (int)Math.Floor(((timeS[^1] - timeS[0]) / GridS) + 1e-9) + 1;
        var raw = new double[count];
        var source = 0;
        for (var i = 0; i < count; i++)
        {
            var t = timeS[0] + (i * GridS);
            while (source < timeS.Count - 2 && timeS[source + 1] < t)
            {
                source++;
            }

            var share = (t - timeS[source]) / (timeS[source + 1] - timeS[source]);
            raw[i] = Speed.FromKmh(speedKmh[source] + (share * (speedKmh[source + 1] - speedKmh[source])));
        }

        var time = new double[count];
        var speed = new double[count];
        for (var i = 0; i < count; i++)
        {
            time[i] = i * GridS;
            speed[i] = i < 2 || i > count - 3
                ? raw[i]
                : Math.Max(0, ((-3 * (raw[i - 2] + raw[i + 2])) + (12 * (raw[i - 1] + raw[i + 1])) + (17 * raw[i])) / 35);
        }

        return new LapTrace(time, speed, [], "recording");
    }

    private static string Invariant(FormattableString text) => text.ToString(CultureInfo.InvariantCulture);
}
