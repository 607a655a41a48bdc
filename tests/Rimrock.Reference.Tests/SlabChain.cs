using Rimrock.Core.Heat;
using Rimrock.Core.Numerics;
using static Rimrock.Reference.Tests.HandFormulas;

namespace Rimrock.Reference.Tests;

/// <summary>A slab with an insulated back in the core's solver: flux in at one side, the face read as the core reads it.</summary>
internal sealed class SlabChain
{
    private readonly ChainSolver chain;
    private readonly double cellM;
    private readonly int cells;

    public SlabChain(double thicknessM, int cells)
    {
        this.cells = cells;
        cellM = thicknessM / cells;
        chain = new ChainSolver(cells % 2 == 1 ? cells : cells + 1, 0);
        for (var i = 0; i < chain.Capacity.Length; i++)
        {
            // An odd node at the back with next to no mass keeps the count odd and changes nothing.
            chain.Capacity[i] = Lanes.Create(i < cells ? RhoKgM3 * CJKgK * cellM : 1e-9);
        }

        for (var i = 0; i < chain.Link.Length; i++)
        {
            chain.Link[i] = Lanes.Create(i < cells - 1 ? KWMK / cellM : 1e-12);
        }
    }

    public double FaceC { get; private set; }

    public double MeanC => Enumerable.Range(0, cells).Average(i => chain.Temperature[i][0]);

    public double BackC => chain.Temperature[cells - 1][0];

    /// <summary>Steps to the end under a flux; each step gets the flux's exact mean, the face the flux at its end.</summary>
    public void Run(double seconds, double stepS, Func<double, double> flux, Action<double>? after = null)
    {
        var steps = (int)Math.Round(seconds / stepS);
        for (var i = 0; i < steps; i++)
        {
            double from = i * seconds / steps, to = (i + 1) * seconds / steps;
            chain.Source[0] = Lanes.Create((flux(from) + (4 * flux(0.5 * (from + to))) + flux(to)) / 6);
            chain.Step(to - from);
            FaceC = FaceTemperature.Under(chain.Temperature[0], chain.Temperature[1], Lanes.Create(flux(to)), Lanes.Create(KWMK), cellM).SurfaceC[0];
            after?.Invoke(to);
        }
    }
}
