using BenchmarkDotNet.Attributes;
using Rimrock.Core.Numerics;

namespace Rimrock.Benchmarks;

/// <summary>
/// The machine's measured peak against the kernel: as many fused multiply-adds as one chain step takes (31 nodes: 10 in the elimination, 2 x 6 in the solves, a
/// division
/// counted as one; 700 vector operations in all), first with nothing in their way, then as the chain step itself.
/// </summary>
public class PeakBenchmark
{
    private const int OperationsPerStep = 700;
    private readonly ChainSolver chain = new(31, 20);
    private Lane seed = Lanes.Create(1.0000001);

    /// <summary>A chain with something to do.</summary>
    [GlobalSetup]
    public void Prepare()
    {
        chain.Capacity.Fill(Lanes.Create(100.0));
        chain.Link.Fill(Lanes.Create(10.0));
        chain.Sink.Fill(Lanes.Create(1.0));
        chain.Source.Fill(Lanes.Create(1000.0));
    }

    /// <summary>Independent multiply-adds in ten registers.</summary>
    [Benchmark(Baseline = true)]
    public Lane Peak()
    {
        Lane a = seed, b = seed, c = seed, d = seed, e = seed, f = seed, g = seed, h = seed, i = seed, j = seed;
        for (var n = 0; n < OperationsPerStep / 10; n++)
        {
            a = Lanes.FusedMultiplyAdd(a, seed, seed);
            b = Lanes.FusedMultiplyAdd(b, seed, seed);
            c = Lanes.FusedMultiplyAdd(c, seed, seed);
            d = Lanes.FusedMultiplyAdd(d, seed, seed);
            e = Lanes.FusedMultiplyAdd(e, seed, seed);
            f = Lanes.FusedMultiplyAdd(f, seed, seed);
            g = Lanes.FusedMultiplyAdd(g, seed, seed);
            h = Lanes.FusedMultiplyAdd(h, seed, seed);
            i = Lanes.FusedMultiplyAdd(i, seed, seed);
            j = Lanes.FusedMultiplyAdd(j, seed, seed);
        }

        return a + b + c + d + e + f + g + h + i + j;
    }

    /// <summary>One step of the chain.</summary>
    [Benchmark]
    public void ChainStep() => chain.Step(0.2);
}
