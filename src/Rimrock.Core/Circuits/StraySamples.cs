
namespace Rimrock.Core.Circuits;

/// <summary>A sample of a recording that no car can have driven, and what was put in its place.</summary>
/// <param name="At">Its line or number.</param>
/// <param name="WasKmh">What stood there, km/h.</param>
/// <param name="NowKmh">The line between its neighbours, km/h.</param>
public sealed record MendedSample(string At, double WasKmh, double NowKmh);

/// <summary>
/// Samples that a sensor threw in: from one to the next no car gains or loses more speed than its tyres and wings hold (engineering judgement: 45 m/s2 of
/// braking and
/// 25 m/s2 of drive, above any car on slicks with downforce, and 3 m/s of what instruments round and jitter). One such sample doubles a face's temperature.
/// </summary>
public static class StraySamples
{
    private const double BrakingMS2 = 45;
    private const double DriveMS2 = 25;
    private const double JitterMS = 3;
    private const int MostMended = 20;

    /// <summary>
    /// Puts the line between its neighbours in the place of each sample that stands alone, 20 at most; what is more than that stays, and is a fault.
    /// </summary>
    /// <returns>The speeds, km/h; the same list where nothing was mended.</returns>
    public static IReadOnlyList<double> Mend(IReadOnlyList<double> timeS, IReadOnlyList<double> speedKmh, Func<int, string> lineOf,
        ICollection<MendedSample> mended)
    {
        ArgumentNullException.ThrowIfNull(timeS);
        ArgumentNullException.ThrowIfNull(speedKmh);
        ArgumentNullException.ThrowIfNull(lineOf);
        ArgumentNullException.ThrowIfNull(mended);
        var alone = timeS.Count != speedKmh.Count ? [] : Jumps(timeS, speedKmh).Where(jump => jump.Alone).Select(jump => jump.At).Distinct().ToList();
        if (alone.Count is 0 or > MostMended)
        {
            return speedKmh;
        }

        double[] speed = [.. speedKmh];
        foreach (var i in alone)
        {
            speed[i] = Math.Round(Between(timeS, speedKmh, i), 3);
            mended.Add(new MendedSample(lineOf(i), speedKmh[i], speed[i]));
        }

        return speed;
    }

    internal static void Check(IReadOnlyList<double> timeS, IReadOnlyList<double> speedKmh, Func<int, string> lineOf, ICollection<InputFault> faults, int most)
    {
        foreach (var (at, alone) in Jumps(timeS, speedKmh))
        {
            if (faults.Count >= most)
            {
                return;
            }

            var beside = at > 0 ? at - 1 : at + 1;
            faults.Add(new InputFault(lineOf(at),
                Said.Of("stray-samples.beside-apart", Units.Kmh(speedKmh[at]), Units.Kmh(speedKmh[beside]), Units.S(Math.Abs(timeS[at] - timeS[beside]))),
                Said.Of("stray-samples.change-most-braking-drive", Units.Ms2(BrakingMS2), Units.Ms2(DriveMS2)),
                alone ? Said.Of("stray-samples.no-car-does-stray")
                    : Said.Of("stray-samples.no-car-does-samples")));
        }
    }

    /// <summary>Samples that cannot follow the one before. A sample is alone where the ones beside it go together without it.</summary>
    private static IEnumerable<(int At, bool Alone)> Jumps(IReadOnlyList<double> timeS, IReadOnlyList<double> speedKmh)
    {
        var count = timeS.Count;
        for (var i = 1; i < count; i++)
        {
            if (Goes(timeS, speedKmh, i - 1, i))
            {
                continue;
            }

            if (i == 1 && count > 2 && Goes(timeS, speedKmh, 1, 2) && !Goes(timeS, speedKmh, 0, 2))
            {
                yield return (0, true);
                continue;
            }

            var last = i == count - 1;
            var alone = last || (!Goes(timeS, speedKmh, i, i + 1) && Goes(timeS, speedKmh, i - 1, i + 1));
            yield return (i, alone);
            i += alone ? 1 : 0;
        }
    }

    private static bool Goes(IReadOnlyList<double> timeS, IReadOnlyList<double> speedKmh, int from, int to)
    {
        var (seconds, gained) = (timeS[to] - timeS[from], Speed.FromKmh(speedKmh[to] - speedKmh[from]));
        return gained <= (DriveMS2 * seconds) + JitterMS && -gained <= (BrakingMS2 * seconds) + JitterMS;
    }

    private static double Between(IReadOnlyList<double> timeS, IReadOnlyList<double> speedKmh, int i)
    {
        if (i == 0 || i == timeS.Count - 1)
        {
            return speedKmh[i == 0 ? 1 : i - 1];
        }

        var share = (timeS[i] - timeS[i - 1]) / (timeS[i + 1] - timeS[i - 1]);
        return speedKmh[i - 1] + (share * (speedKmh[i + 1] - speedKmh[i - 1]));
    }
}
