using CsCheck;
using Rimrock.Core.Numerics;

namespace Rimrock.Core.Tests.Numerics;

public class ChainSolverTests
{
    /// <summary>A slow oracle: the same two stages with a dense Gaussian elimination.</summary>
    private static double[] DenseStep(double[] t, double[] c, double[] link, double[] sink, double[] source, double h)
    {
        const double gamma = 0.29289321881345254;
        var n = t.Length;
        double[] Solve(double[] from)
        {
            var a = new double[n, n + 1];
            for (var i = 0; i < n; i++)
            {
                a[i, i] = (c[i] / (gamma * h)) + sink[i] + (i > 0 ? link[i - 1] : 0) + (i < n - 1 ? link[i] : 0);
                a[i, n] = (c[i] / (gamma * h) * from[i]) + source[i];
                if (i > 0)
                {
                    a[i, i - 1] = -link[i - 1];
                }

                if (i < n - 1)
                {
                    a[i, i + 1] = -link[i];
                }
            }

            for (var p = 0; p < n; p++)
            {
                for (var r = 0; r < n; r++)
                {
                    if (r != p)
                    {
                        var f = a[r, p] / a[p, p];
                        for (var k = p; k <= n; k++)
                        {
                            a[r, k] -= f * a[p, k];
                        }
                    }
                }
            }

            return [.. Enumerable.Range(0, n).Select(i => a[i, n] / a[i, i])];
        }

        var first = Solve(t);
        return Solve([.. t.Select((old, i) => old + ((1 - gamma) / gamma * (first[i] - old)))]);
    }

    [Fact]
    public void Any_chain_steps_as_dense_elimination_does()
    {
        var value = Gen.Double[0.1, 50];
        (from half in Gen.Int[1, 8]
         from c in value.Array[(2 * half) + 1]
         from link in value.Array[2 * half]
         from sink in value.Array[(2 * half) + 1]
         from source in Gen.Double[-500, 500].Array[(2 * half) + 1]
         from h in Gen.Double[0.01, 100]
         select (c, link, sink, source, h)).Sample(sample =>
        {
            var (c, link, sink, source, h) = sample;
            var chain = new ChainSolver(c.Length, 20);
            for (var i = 0; i < c.Length; i++)
            {
                chain.Capacity[i] = Lanes.Create(c[i]);
                chain.Sink[i] = Lanes.Create(sink[i]);
                chain.Source[i] = Lanes.Create(source[i]);
                chain.Temperature[i] = Lanes.Create(20.0 + (i * 13 % 7));
            }

            for (var i = 0; i < link.Length; i++)
            {
                chain.Link[i] = Lanes.Create(link[i]);
            }

            var expected = DenseStep([.. chain.Temperature.ToArray().Select(t => t[0])], c, link, sink, source, h);
            chain.Step(h);
            for (var i = 0; i < c.Length; i++)
            {
                chain.Temperature[i][3].ShouldBe(expected[i], 1e-7 * (1 + Math.Abs(expected[i])));
            }
        });
    }

    [Fact]
    public void Heat_that_flowed_is_the_conductance_times_the_mean_to_the_last_digit()
    {
        var chain = new ChainSolver(5, 300);
        for (var i = 0; i < 5; i++)
        {
            chain.Capacity[i] = Lanes.Create(100.0);
            chain.Sink[i] = Lanes.Create(3.0);
        }

        chain.Link.Fill(Lanes.Create(20.0));
        var before = chain.Temperature.ToArray().Sum(t => t[0]) * 100;
        chain.Step(7);
        var lost = 7 * 3 * chain.Mean.ToArray().Sum(t => t[0]);
        (before - (chain.Temperature.ToArray().Sum(t => t[0]) * 100)).ShouldBe(lost, 1e-9 * before);
    }

    /// <summary>Newton's law of cooling, and the expected order of the method on it.</summary>
    [Fact]
    public void A_lump_cools_by_newtons_law()
    {
        double After(int steps)
        {
            var chain = new ChainSolver(3, 500);
            chain.Capacity[0] = chain.Capacity[2] = Lanes.Create(1e-9);
            chain.Capacity[1] = Lanes.Create(4000.0);
            chain.Sink[1] = Lanes.Create(20.0);
            chain.Source[1] = Lanes.Create(20.0 * 25);
            chain.Link[0] = chain.Link[1] = Lanes.Create(1e-12);
            for (var i = 0; i < steps; i++)
            {
                chain.Step(300.0 / steps);
            }

            return chain.Temperature[1][0];
        }

        var exact = 25 + (475 * Math.Exp(-300 * 20 / 4000.0));
        After(200).ShouldBe(exact, 0.005);
        Math.Log2((After(10) - exact) / (After(20) - exact)).ShouldBeInRange(1.8, 2.2);
    }

    [Theory]
    [InlineData(0)]
    [InlineData(4)]
    public void Even_or_empty_chains_are_refused(int nodes) => Should.Throw<ArgumentOutOfRangeException>(() => new ChainSolver(nodes, 20));
}
