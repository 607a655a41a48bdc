using CsCheck;
using Rimrock.Core.Numerics;

namespace Rimrock.Core.Tests.Numerics;

public class ChainSolverTests
{
    /// <summary>A slow oracle: the same two stages with a dense Gaussian elimination; conductances between any two nodes.</summary>
    private static double[] DenseStep(double[] t, double[] c, double[,] link, double[] sink, double[] source, double h)
    {
        const double gamma = 0.29289321881345254;
        var n = t.Length;
        double[] Solve(double[] from)
        {
            var a = new double[n, n + 1];
            for (var i = 0; i < n; i++)
            {
                a[i, i] = (c[i] / (gamma * h)) + sink[i];
                a[i, n] = (c[i] / (gamma * h) * from[i]) + source[i];
                for (var j = 0; j < n; j++)
                {
                    if (j != i)
                    {
                        a[i, i] += link[i, j];
                        a[i, j] = -link[i, j];
                    }
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
    public void Any_chain_with_a_body_and_a_branch_steps_as_dense_elimination_does()
    {
        // Capacities from a milligram to kilograms: what is light must follow, whatever the step.
        var value = Gen.Double[0.1, 50];
        var capacity = Gen.Double[-3, 3.5].Select(exponent => Math.Pow(10, exponent));
        (from half in Gen.Int[1, 8]
         from c in capacity.Array[(2 * half) + 4]
         from link in value.Array[2 * half]
         from joins in Gen.OneOf(Gen.Const(0.0), value).Array[(2 * half) + 1]
         from twig in value.Array[2]
         from at in Gen.Int[0, 2 * half]
         from sink in value.Array[(2 * half) + 4]
         from source in Gen.Double[-500, 500].Array[(2 * half) + 4]
         from h in Gen.Double[0.01, 100]
         select (c, link, joins, twig, at, sink, source, h)).Sample(sample =>
        {
            var (c, link, joins, twig, at, sink, source, h) = sample;
            var n = link.Length + 1;
            var chain = new ChainSolver(n, 20) { BranchNode = at, NearLink = Lanes.Create(twig[0]), FarLink = Lanes.Create(twig[1]) };
            var all = new double[n + 3, n + 3];
            void Joined(int one, int other, double by) => all[one, other] = all[other, one] = by;
            var start = Enumerable.Repeat(20.0, n + 3).ToArray();
            for (var i = 0; i < n; i++)
            {
                start[i] = 20.0 + (i * 13 % 7);
                (chain.Capacity[i], chain.Sink[i], chain.Source[i], chain.Join[i]) =
                    (Lanes.Create(c[i]), Lanes.Create(sink[i]), Lanes.Create(source[i]), Lanes.Create(joins[i]));
                chain.Temperature[i] = Lanes.Create(start[i]);
                Joined(i, n, joins[i]);
            }

            for (var i = 0; i < link.Length; i++)
            {
                chain.Link[i] = Lanes.Create(link[i]);
                Joined(i, i + 1, link[i]);
            }

            Joined(at, n + 1, twig[0]);
            Joined(n + 1, n + 2, twig[1]);
            LumpedBody[] bodies = [chain.Common, chain.Near, chain.Far];
            for (var i = 0; i < bodies.Length; i++)
            {
                (bodies[i].Capacity, bodies[i].Sink, bodies[i].Source) = (Lanes.Create(c[n + i]), Lanes.Create(sink[n + i]), Lanes.Create(source[n + i]));
            }

            var expected = DenseStep(start, c, all, sink, source, h);
            chain.Step(h);
            double[] found = [.. chain.Temperature.ToArray().Select(t => t[3]), .. bodies.Select(body => body.Temperature[3])];
            double[] mean = [.. Enumerable.Range(0, n).Select(i => chain.Mean(i)[3]), .. bodies.Select(body => body.Mean[3])];
            for (var i = 0; i < found.Length; i++)
            {
                found[i].ShouldBe(expected[i], 1e-7 * (1 + Math.Abs(expected[i])));
            }

            // What all hold more is what came in less what left by the means.
            var gained = found.Select((celsius, i) => c[i] * (celsius - start[i])).Sum();
            var came = h * mean.Select((celsius, i) => source[i] - (sink[i] * celsius)).Sum();
            gained.ShouldBe(came, 1e-9 * h * source.Sum(Math.Abs));
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
        var lost = 7 * 3 * Enumerable.Range(0, 5).Sum(i => chain.Mean(i)[0]);
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
