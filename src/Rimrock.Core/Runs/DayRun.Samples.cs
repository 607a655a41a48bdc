using System.Collections.Immutable;
using System.Runtime.InteropServices;
using Rimrock.Core.Driving;
using Rimrock.Core.Heat;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Runs;

/// <summary>What of a run is kept over time.</summary>
public sealed partial class DayRun
{
    /// <summary>Times of the samples, s in the day.</summary>
    public IReadOnlyList<double> SampleTimesS => sampleTimes;

    /// <summary>Parts whose course is kept.</summary>
    public static ImmutableArray<BrakePart> Sampled { get; } = [BrakePart.FrontFace, BrakePart.RearFace, BrakePart.FrontFluid];

    /// <summary>How a front wheel lost its heat, every ten seconds and at the end of each stretch.</summary>
    public List<CoolingSample> CoolingSamples { get; } = [];

    /// <summary>A sample, C.</summary>
    /// <param name="at">Place in <see cref="SampleTimesS"/>.</param>
    /// <param name="part">Place in <see cref="Sampled"/>.</param>
    public Lane Sample(int at, int part) => samples[(at * Sampled.Length) + part];

    /// <summary>A stretch of one member's course, C; beyond the last sample it stands still.</summary>
    /// <param name="part">Place in <see cref="Sampled"/>.</param>
    /// <param name="member">The member's lane.</param>
    /// <param name="from">First sample.</param>
    /// <param name="into">Takes the stretch.</param>
    public void Course(int part, int member, int from, Span<float> into)
    {
        var all = CollectionsMarshal.AsSpan(samples);
        for (var i = 0; i < into.Length; i++)
        {
            into[i] = (float)Numerics.MemberLanes.At(in all[(Math.Min(from + i, sampleTimes.Count - 1) * Sampled.Length) + part], member);
        }
    }

    /// <summary>Temperature of one of <see cref="Sampled"/> at a time, between the samples around it, C.</summary>
    public double SampledC(BrakePart part, double atS, int member)
    {
        var place = 0;
        while (Sampled[place] != part)
        {
            place++;
        }

        var next = sampleTimes.BinarySearch(atS);
        next = Math.Clamp(next < 0 ? ~next : next, 1, sampleTimes.Count - 1);
        var (from, to) = (sampleTimes[next - 1], sampleTimes[next]);
        var share = Math.Clamp((atS - from) / Math.Max(1e-9, to - from), 0, 1);
        var before = Sample(next - 1, place)[member];
        return before + (share * (Sample(next, place)[member] - before));
    }

    private void TakeSample()
    {
        if (!courses || (sampleTimes.Count > 0 && clockS - sampleTimes[^1] < 1e-6))
        {
            return;
        }

        foreach (var part in Sampled)
        {
            samples.Add(now[(int)part]);
        }

        sampleTimes.Add(clockS);
        if (CoolingSamples.Count == 0 || clockS - CoolingSamples[^1].AtS >= CoolingSampleS)
        {
            SampleCooling();
        }
    }

    private void SampleCooling()
    {
        if (demands)
        {
            CoolingSamples.Add(new CoolingSample(clockS, Front.Wheel.Paths.NowW));
        }
    }

    /// <summary>How a front wheel loses heat at a moment.</summary>
    /// <param name="AtS">Time in the day, s.</param>
    /// <param name="Front">By path, W.</param>
    public sealed record CoolingSample(double AtS, HeatPaths.Powers Front);
}
