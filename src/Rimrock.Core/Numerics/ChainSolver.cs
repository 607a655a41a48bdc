using System.Runtime.CompilerServices;

namespace Rimrock.Core.Numerics;

/// <summary>
/// Heat (or anything that diffuses) along a chain of nodes, for several members side by side:
/// C_i dT_i/dt = L_(i-1) (T_(i-1) - T_i) + L_i (T_(i+1) - T_i) - S_i T_i + Q_i, with coefficients held over a step.
/// Stepped by the two-stage, second-order, L-stable diagonally implicit Runge-Kutta method (Alexander, SIAM J. Numer.
/// Anal. 14 (1977) 1006-1021, gamma = 1 - 1/sqrt 2; from memory): any step is stable and stiff parts do not ring.
/// The tridiagonal system is eliminated from both ends towards the middle, which lets the processor overlap the halves.
/// A node may have no capacity; it then follows its neighbours. Allocates in the constructor only.
/// </summary>
public sealed class ChainSolver
{
    private const double Gamma = 0.29289321881345254;
    private const double Ahead = (1 - Gamma) / Gamma;
    private readonly LaneBuffer rows;
    private readonly int last;
    private readonly int middle;

    /// <summary>Makes a chain.</summary>
    /// <param name="nodes">Number of nodes, odd, 3 or more.</param>
    /// <param name="startC">Temperature everywhere at the start, C.</param>
    public ChainSolver(int nodes, double startC)
    {
        ArgumentOutOfRangeException.ThrowIfLessThan(nodes, 3);
        ArgumentOutOfRangeException.ThrowIfNotEqual(nodes % 2, 1);
        rows = new LaneBuffer(RowOf.Count, nodes);
        last = nodes - 1;
        middle = nodes / 2;
        Temperature.Fill(Lanes.Create(startC));
        Mean.Fill(Lanes.Create(startC));
    }

    /// <summary>Temperatures now, C.</summary>
    public Span<Lane> Temperature => rows.Row(RowOf.Temperature);

    /// <summary>Mean temperatures over the last step as the method weighs them: conductance times these is the heat that flowed, exactly.</summary>
    public Span<Lane> Mean => rows.Row(RowOf.Mean);

    /// <summary>Heat capacities, J/K.</summary>
    public Span<Lane> Capacity => rows.Row(RowOf.Capacity);

    /// <summary>Conductances between neighbours, W/K; the last place leads nowhere and is not read.</summary>
    public Span<Lane> Link => rows.Row(RowOf.Link);

    /// <summary>Conductances to the surroundings, W/K.</summary>
    public Span<Lane> Sink => rows.Row(RowOf.Sink);

    /// <summary>Heat put in, W: sources plus each sink's conductance times the temperature of what it leads to.</summary>
    public Span<Lane> Source => rows.Row(RowOf.Source);

    /// <summary>Moves the chain on.</summary>
    /// <param name="seconds">Step, s, above 0.</param>
    public void Step(double seconds)
    {
        Factor(Lanes.Create(1 / (Gamma * seconds)));
        Solve(ref rows.First(RowOf.Temperature), new FirstStage(ref rows.First(RowOf.Temperature), ref rows.First(RowOf.Stage), ref rows.First(RowOf.Mean)));
        Solve(ref rows.First(RowOf.Stage), new SecondStage(ref rows.First(RowOf.Temperature), ref rows.First(RowOf.Mean)));
    }

    // The loops below run over both halves at once through references: running values stay in registers, and no index is
    // checked thirty times a step. All rows have the length that the constructor gave them.
    private void Factor(Lane inverse)
    {
        ref var capacity = ref rows.First(RowOf.Capacity);
        ref var link = ref rows.First(RowOf.Link);
        ref var sink = ref rows.First(RowOf.Sink);
        ref var held = ref rows.First(RowOf.Held);
        ref var pivot = ref rows.First(RowOf.Pivot);
        ref var share = ref rows.First(RowOf.Share);
        Lane fromLeft = Lane.Zero, fromRight = Lane.Zero;
        for (int i = 0, j = last; i < middle; i++, j--)
        {
            var nextLeft = Unsafe.Add(ref link, i);
            var nextRight = Unsafe.Add(ref link, j - 1);
            var heldLeft = Unsafe.Add(ref capacity, i) * inverse;
            var heldRight = Unsafe.Add(ref capacity, j) * inverse;
            Unsafe.Add(ref held, i) = heldLeft;
            Unsafe.Add(ref held, j) = heldRight;
            var left = Lane.One / (heldLeft + Unsafe.Add(ref sink, i) + nextLeft + fromLeft);
            var right = Lane.One / (heldRight + Unsafe.Add(ref sink, j) + nextRight + fromRight);
            Unsafe.Add(ref pivot, i) = left;
            Unsafe.Add(ref pivot, j) = right;
            var shareLeft = nextLeft * left;
            var shareRight = nextRight * right;
            Unsafe.Add(ref share, i) = shareLeft;
            Unsafe.Add(ref share, j) = shareRight;

            // What the next diagonal gains from this link: L - L^2 / pivot.
            fromLeft = nextLeft - (nextLeft * shareLeft);
            fromRight = nextRight - (nextRight * shareRight);
        }

        var heldMiddle = Unsafe.Add(ref capacity, middle) * inverse;
        Unsafe.Add(ref held, middle) = heldMiddle;
        Unsafe.Add(ref pivot, middle) = Lane.One / (heldMiddle + Unsafe.Add(ref sink, middle) + fromLeft + fromRight);
    }

    private void Solve<TStage>(ref Lane start, TStage stage)
        where TStage : struct, IStage, allows ref struct
    {
        ref var source = ref rows.First(RowOf.Source);
        ref var held = ref rows.First(RowOf.Held);
        ref var pivot = ref rows.First(RowOf.Pivot);
        ref var share = ref rows.First(RowOf.Share);
        ref var partial = ref rows.First(RowOf.Partial);
        Lane left = Lane.Zero, right = Lane.Zero;
        for (int i = 0, j = last; i < middle; i++, j--)
        {
            var sumLeft = Lanes.MultiplyAddEstimate(Unsafe.Add(ref held, i), Unsafe.Add(ref start, i), Unsafe.Add(ref source, i)) + left;
            var sumRight = Lanes.MultiplyAddEstimate(Unsafe.Add(ref held, j), Unsafe.Add(ref start, j), Unsafe.Add(ref source, j)) + right;
            Unsafe.Add(ref partial, i) = sumLeft * Unsafe.Add(ref pivot, i);
            Unsafe.Add(ref partial, j) = sumRight * Unsafe.Add(ref pivot, j);
            left = sumLeft * Unsafe.Add(ref share, i);
            right = sumRight * Unsafe.Add(ref share, j);
        }

        var centre = (Lanes.MultiplyAddEstimate(Unsafe.Add(ref held, middle), Unsafe.Add(ref start, middle), Unsafe.Add(ref source, middle)) + left + right)
            * Unsafe.Add(ref pivot, middle);
        stage.Put(middle, centre);
        left = right = centre;
        for (int i = middle - 1, j = middle + 1; i >= 0; i--, j++)
        {
            left = Lanes.MultiplyAddEstimate(Unsafe.Add(ref share, i), left, Unsafe.Add(ref partial, i));
            right = Lanes.MultiplyAddEstimate(Unsafe.Add(ref share, j), right, Unsafe.Add(ref partial, j));
            stage.Put(i, left);
            stage.Put(j, right);
        }
    }

    /// <summary>What becomes of a stage's temperatures as they are found.</summary>
    private interface IStage
    {
        void Put(int node, Lane found);
    }

    private static class RowOf
    {
        public const int Temperature = 0, Mean = 1, Capacity = 2, Link = 3, Sink = 4, Source = 5, Held = 6, Pivot = 7, Share = 8, Partial = 9, Stage = 10, Count = 11;
    }

    private readonly ref struct FirstStage(ref Lane temperature, ref Lane stage, ref Lane mean) : IStage
    {
        private readonly ref Lane temperature = ref temperature;
        private readonly ref Lane stage = ref stage;
        private readonly ref Lane mean = ref mean;

        [MethodImpl(MethodImplOptions.AggressiveInlining)]
        public void Put(int node, Lane found)
        {
            var old = Unsafe.Add(ref temperature, node);
            Unsafe.Add(ref mean, node) = found * (1 - Gamma);
            Unsafe.Add(ref stage, node) = Lanes.MultiplyAddEstimate(found - old, Lanes.Create(Ahead), old);
        }
    }

    private readonly ref struct SecondStage(ref Lane temperature, ref Lane mean) : IStage
    {
        private readonly ref Lane temperature = ref temperature;
        private readonly ref Lane mean = ref mean;

        [MethodImpl(MethodImplOptions.AggressiveInlining)]
        public void Put(int node, Lane found)
        {
            Unsafe.Add(ref temperature, node) = found;
            Unsafe.Add(ref mean, node) = Lanes.MultiplyAddEstimate(found, Lanes.Create(Gamma), Unsafe.Add(ref mean, node));
        }
    }
}
