using System.Runtime.CompilerServices;

namespace Rimrock.Core.Numerics;

/// <summary>
/// Heat (or anything that diffuses) along a chain of nodes, for several members side by side:
/// C_i dT_i/dt = L_(i-1) (T_(i-1) - T_i) + L_i (T_(i+1) - T_i) - S_i T_i + Q_i, with coefficients held over a step.
/// Stepped by the two-stage, second-order, L-stable diagonally implicit Runge-Kutta method (Alexander, SIAM J. Numer.
/// Anal. 14 (1977) 1006-1021, gamma = 1 - 1/sqrt 2; from memory): any step is stable and stiff parts do not ring.
/// The tridiagonal system is eliminated from both ends towards the middle, which lets the processor overlap the halves.
/// Beside the chain stand a body that any node may be joined to (a bordered system, solved exactly by its Schur complement:
/// Golub and Van Loan, Matrix Computations, 3rd ed. 1996, section 3.2, from memory) and a branch of two bodies at one node
/// (eliminated into it). A node may have no capacity; it then follows its neighbours. Allocates in the constructor only.
/// </summary>
public sealed class ChainSolver
{
    private readonly LaneBuffer rows;
    private readonly int last;
    private readonly int middle;

    /// <summary>Makes a chain.</summary>
    /// <param name="nodes">Number of nodes, odd, 3 or more.</param>
    /// <param name="startC">Temperature everywhere at the start, C.</param>
    public ChainSolver(int nodes, double startC)
        : this(nodes, Lanes.Create(startC))
    {
    }

    /// <summary>Makes a chain.</summary>
    /// <param name="nodes">Number of nodes, odd, 3 or more.</param>
    /// <param name="startC">Temperature everywhere at the start, C, of each member.</param>
    public ChainSolver(int nodes, Lane startC)
    {
        ArgumentOutOfRangeException.ThrowIfLessThan(nodes, 3);
        ArgumentOutOfRangeException.ThrowIfNotEqual(nodes % 2, 1);
        rows = new LaneBuffer(RowOf.Count, nodes);
        last = nodes - 1;
        middle = nodes / 2;
        Temperature.Fill(startC);
        Mean.Fill(startC);
        (Common, Near, Far) = (new LumpedBody(startC), new LumpedBody(startC), new LumpedBody(startC));
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

    /// <summary>Conductance between each node and the common body, W/K.</summary>
    public Span<Lane> Join => rows.Row(RowOf.Join);

    /// <summary>The body that nodes are joined to.</summary>
    public LumpedBody Common { get; }

    /// <summary>The node that the branch hangs on.</summary>
    public int BranchNode { get; set; }

    /// <summary>First body of the branch.</summary>
    public LumpedBody Near { get; }

    /// <summary>Second body of the branch.</summary>
    public LumpedBody Far { get; }

    /// <summary>Conductance between the branch's node and its first body, W/K.</summary>
    public Lane NearLink { get; set; }

    /// <summary>Conductance between the branch's two bodies, W/K.</summary>
    public Lane FarLink { get; set; }

    /// <summary>Moves the chain and all that hangs on it.</summary>
    /// <param name="seconds">Step, s, above 0.</param>
    public void Step(double seconds) => Step(Lanes.Create(seconds));

    /// <summary>Moves the chain and all that hangs on it, each member by its own step.</summary>
    /// <param name="seconds">Steps, s, above 0.</param>
    public void Step(Lane seconds)
    {
        var inverse = Lanes.Create(1 / TwoStages.Gamma) / seconds;
        Far.Factor(inverse, FarLink);
        Near.Factor(inverse, NearLink + (FarLink * (Lane.One - (FarLink * Far.Pivot))));
        Factor(inverse, NearLink * (Lane.One - (NearLink * Near.Pivot)));
        SolveWithBranch(ref rows.First(RowOf.Temperature), new FirstStage(ref rows.First(RowOf.Temperature), ref rows.First(RowOf.Stage),
            ref rows.First(RowOf.Mean)), first: true);
        SolveWithBranch(ref rows.First(RowOf.Stage), new SecondStage(ref rows.First(RowOf.Temperature), ref rows.First(RowOf.Mean)), first: false);
    }

    // The branch is eliminated into its node before a stage and filled in after it.
    private void SolveWithBranch<TStage>(ref Lane start, TStage stage, bool first)
        where TStage : struct, IStage, allows ref struct
    {
        var far = Far.Due(first);
        var near = Near.Due(first) + (FarLink * Far.Pivot * far);
        ref var source = ref Unsafe.Add(ref rows.First(RowOf.Source), BranchNode);
        var own = source;
        source += NearLink * Near.Pivot * near;
        var common = Solve(ref start, Common.Due(first), stage);
        source = own;
        var node = first ? Mean[BranchNode] * (1 / (1 - TwoStages.Gamma)) : Temperature[BranchNode];
        var nearFound = (near + (NearLink * node)) * Near.Pivot;
        Near.Put(nearFound, first);
        Far.Put((far + (FarLink * nearFound)) * Far.Pivot, first);
        Common.Put(common, first);
    }

    // The loops below run over both halves at once through references: running values stay in registers, and no index is
    // checked thirty times a step. All rows have the length that the constructor gave them.
    private void Factor(Lane inverse, Lane branch)
    {
        ref var branchSink = ref Unsafe.Add(ref rows.First(RowOf.Sink), BranchNode);
        var ownSink = branchSink;
        branchSink += branch;
        ref var capacity = ref rows.First(RowOf.Capacity);
        ref var link = ref rows.First(RowOf.Link);
        ref var sink = ref rows.First(RowOf.Sink);
        ref var held = ref rows.First(RowOf.Held);
        ref var pivot = ref rows.First(RowOf.Pivot);
        ref var share = ref rows.First(RowOf.Share);
        ref var join = ref rows.First(RowOf.Join);
        ref var reply = ref rows.First(RowOf.Reply);
        Lane fromLeft = Lane.Zero, fromRight = Lane.Zero, replyLeft = Lane.Zero, replyRight = Lane.Zero, passedLeft = Lane.Zero, passedRight = Lane.Zero;
        for (int i = 0, j = last; i < middle; i++, j--)
        {
            var nextLeft = Unsafe.Add(ref link, i);
            var nextRight = Unsafe.Add(ref link, j - 1);
            var heldLeft = Unsafe.Add(ref capacity, i) * inverse;
            var heldRight = Unsafe.Add(ref capacity, j) * inverse;
            Unsafe.Add(ref held, i) = heldLeft;
            Unsafe.Add(ref held, j) = heldRight;
            var joinLeft = Unsafe.Add(ref join, i);
            var joinRight = Unsafe.Add(ref join, j);
            var left = Lane.One / (heldLeft + Unsafe.Add(ref sink, i) + joinLeft + nextLeft + fromLeft);
            var right = Lane.One / (heldRight + Unsafe.Add(ref sink, j) + joinRight + nextRight + fromRight);
            Unsafe.Add(ref pivot, i) = left;
            Unsafe.Add(ref pivot, j) = right;
            var shareLeft = nextLeft * left;
            var shareRight = nextRight * right;
            Unsafe.Add(ref share, i) = shareLeft;
            Unsafe.Add(ref share, j) = shareRight;

            // What the next diagonal gains from this link: L - L^2 / pivot.
            fromLeft = nextLeft - (nextLeft * shareLeft);
            fromRight = nextRight - (nextRight * shareRight);

            // What a kelvin of the common body brings to each node, and what of it does not come back.
            replyLeft += joinLeft;
            replyRight += joinRight;
            var heatLeft = replyLeft * left;
            var heatRight = replyRight * right;
            Unsafe.Add(ref reply, i) = heatLeft;
            Unsafe.Add(ref reply, j) = heatRight;
            passedLeft += joinLeft - (replyLeft * heatLeft);
            passedRight += joinRight - (replyRight * heatRight);
            replyLeft *= shareLeft;
            replyRight *= shareRight;
        }

        var heldMiddle = Unsafe.Add(ref capacity, middle) * inverse;
        Unsafe.Add(ref held, middle) = heldMiddle;
        var joinMiddle = Unsafe.Add(ref join, middle);
        var centre = Lane.One / (heldMiddle + Unsafe.Add(ref sink, middle) + joinMiddle + fromLeft + fromRight);
        Unsafe.Add(ref pivot, middle) = centre;
        branchSink = ownSink;
        var replyMiddle = joinMiddle + replyLeft + replyRight;
        Unsafe.Add(ref reply, middle) = replyMiddle * centre;
        Common.Factor(inverse, passedLeft + passedRight + joinMiddle - (replyMiddle * replyMiddle * centre));
    }

    // Finds a stage; returns the common body's temperature in it, which the forward sweep yields on its way.
    private Lane Solve<TStage>(ref Lane start, Lane commonDue, TStage stage)
        where TStage : struct, IStage, allows ref struct
    {
        ref var source = ref rows.First(RowOf.Source);
        ref var held = ref rows.First(RowOf.Held);
        ref var pivot = ref rows.First(RowOf.Pivot);
        ref var share = ref rows.First(RowOf.Share);
        ref var partial = ref rows.First(RowOf.Partial);
        ref var reply = ref rows.First(RowOf.Reply);
        Lane left = Lane.Zero, right = Lane.Zero, toCommonLeft = commonDue, toCommonRight = Lane.Zero;
        for (int i = 0, j = last; i < middle; i++, j--)
        {
            var sumLeft = Lanes.MultiplyAddEstimate(Unsafe.Add(ref held, i), Unsafe.Add(ref start, i), Unsafe.Add(ref source, i)) + left;
            var sumRight = Lanes.MultiplyAddEstimate(Unsafe.Add(ref held, j), Unsafe.Add(ref start, j), Unsafe.Add(ref source, j)) + right;
            Unsafe.Add(ref partial, i) = sumLeft * Unsafe.Add(ref pivot, i);
            Unsafe.Add(ref partial, j) = sumRight * Unsafe.Add(ref pivot, j);
            toCommonLeft = Lanes.MultiplyAddEstimate(Unsafe.Add(ref reply, i), sumLeft, toCommonLeft);
            toCommonRight = Lanes.MultiplyAddEstimate(Unsafe.Add(ref reply, j), sumRight, toCommonRight);
            left = sumLeft * Unsafe.Add(ref share, i);
            right = sumRight * Unsafe.Add(ref share, j);
        }

        var sumMiddle = Lanes.MultiplyAddEstimate(Unsafe.Add(ref held, middle), Unsafe.Add(ref start, middle), Unsafe.Add(ref source, middle)) + left + right;
        var common = Lanes.MultiplyAddEstimate(Unsafe.Add(ref reply, middle), sumMiddle, toCommonLeft + toCommonRight) * Common.Pivot;
        var centre = Lanes.MultiplyAddEstimate(Unsafe.Add(ref reply, middle), common, sumMiddle * Unsafe.Add(ref pivot, middle));
        stage.Put(middle, centre);
        left = right = centre;
        for (int i = middle - 1, j = middle + 1; i >= 0; i--, j++)
        {
            left = Lanes.MultiplyAddEstimate(Unsafe.Add(ref share, i), left,
                Lanes.MultiplyAddEstimate(Unsafe.Add(ref reply, i), common, Unsafe.Add(ref partial, i)));
            right = Lanes.MultiplyAddEstimate(Unsafe.Add(ref share, j), right,
                Lanes.MultiplyAddEstimate(Unsafe.Add(ref reply, j), common, Unsafe.Add(ref partial, j)));
            stage.Put(i, left);
            stage.Put(j, right);
        }

        return common;
    }

    /// <summary>What becomes of a stage's temperatures as they are found.</summary>
    private interface IStage
    {
        void Put(int node, Lane found);
    }

    private static class RowOf
    {
        public const int Temperature = 0, Mean = 1, Capacity = 2, Link = 3, Sink = 4, Source = 5, Held = 6, Pivot = 7, Share = 8, Partial = 9, Stage = 10,
            Join = 11, Reply = 12, Count = 13;
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
            Unsafe.Add(ref mean, node) = found * (1 - TwoStages.Gamma);
            Unsafe.Add(ref stage, node) = Lanes.MultiplyAddEstimate(found - old, Lanes.Create(TwoStages.Ahead), old);
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
            Unsafe.Add(ref mean, node) = Lanes.MultiplyAddEstimate(found, Lanes.Create(TwoStages.Gamma), Unsafe.Add(ref mean, node));
        }
    }
}
