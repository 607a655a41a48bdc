using System.Runtime.CompilerServices;

namespace Rimrock.Core.Numerics;

/// <summary>
/// Heat (or anything that diffuses) along a chain of nodes, for several members side by side:
/// C_i dT_i/dt = L_(i-1) (T_(i-1) - T_i) + L_i (T_(i+1) - T_i) - S_i T_i + Q_i, with coefficients held over a step.
/// Stepped by the two-stage, second-order, L-stable diagonally implicit Runge-Kutta method (Alexander, SIAM J. Numer.
/// Anal. 14 (1977) 1006-1021, gamma = 1 - 1/sqrt 2; from memory): any step is stable and stiff parts do not ring.
/// The tridiagonal system is eliminated from both ends towards the middle, which lets the processor overlap the halves, and the first stage goes along with
/// the elimination. Rows are few, so that the chains of two wheels lie near the processor.
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
        rows.Row(RowOf.First).Fill(startC);
        (Common, Near, Far) = (new LumpedBody(startC), new LumpedBody(startC), new LumpedBody(startC));
    }

    /// <summary>Temperatures now, C.</summary>
    public Span<Lane> Temperature => rows.Row(RowOf.Temperature);

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

    /// <summary>
    /// Mean temperature of a node over the last step as the method weighs it: conductance times this is the heat that flowed, exactly. For as long as
    /// <see cref="Temperature"/> is what the step left.
    /// </summary>
    /// <param name="node">The node.</param>
    public Lane Mean(int node) => Lanes.MultiplyAddEstimate(Temperature[node], Lanes.Create(TwoStages.Gamma),
        rows.Row(RowOf.First)[node] * (1 - TwoStages.Gamma));

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

        // The branch is eliminated into its node before a stage and filled in after it.
        ref var sink = ref Unsafe.Add(ref rows.First(RowOf.Sink), BranchNode);
        ref var source = ref Unsafe.Add(ref rows.First(RowOf.Source), BranchNode);
        var (ownSink, ownSource) = (sink, source);
        sink += NearLink * (Lane.One - (NearLink * Near.Pivot));
        var (near, far) = DueOfBranch(first: true);
        source = ownSource + (NearLink * Near.Pivot * near);
        var common = FirstStage(inverse);
        sink = ownSink;
        FillBranch(near, far, common, Unsafe.Add(ref rows.First(RowOf.First), BranchNode), first: true);

        (near, far) = DueOfBranch(first: false);
        source = ownSource + (NearLink * Near.Pivot * near);
        common = SecondStage(inverse);
        source = ownSource;
        FillBranch(near, far, common, Unsafe.Add(ref rows.First(RowOf.Temperature), BranchNode), first: false);
    }

    private (Lane Near, Lane Far) DueOfBranch(bool first)
    {
        var far = Far.Due(first);
        return (Near.Due(first) + (FarLink * Far.Pivot * far), far);
    }

    private void FillBranch(Lane near, Lane far, Lane common, Lane node, bool first)
    {
        var nearFound = (near + (NearLink * node)) * Near.Pivot;
        Near.Put(nearFound, first);
        Far.Put((far + (FarLink * nearFound)) * Far.Pivot, first);
        Common.Put(common, first);
    }

    // The loops below run over both halves at once through references: running values stay in registers, and no index is
    // checked thirty times a step. All rows have the length that the constructor gave them. On the way to the middle a stage leaves in its row what each node
    // would be if its neighbour towards the middle were nought; on the way back that becomes its temperature.
    // Returns the common body's temperature in the stage, which the way to the middle yields.
    private Lane FirstStage(Lane inverse)
    {
        ref var temperature = ref rows.First(RowOf.Temperature);
        ref var found = ref rows.First(RowOf.First);
        ref var capacity = ref rows.First(RowOf.Capacity);
        ref var link = ref rows.First(RowOf.Link);
        ref var sink = ref rows.First(RowOf.Sink);
        ref var source = ref rows.First(RowOf.Source);
        ref var join = ref rows.First(RowOf.Join);
        ref var pivot = ref rows.First(RowOf.Pivot);
        ref var share = ref rows.First(RowOf.Share);
        ref var reply = ref rows.First(RowOf.Reply);
        Lane sumLeft = Lane.Zero, sumRight = Lane.Zero, shareLeft = Lane.Zero, shareRight = Lane.Zero, linkLeft = Lane.Zero, linkRight = Lane.Zero;
        Lane replyLeft = Lane.Zero, replyRight = Lane.Zero, passedLeft = Lane.Zero, passedRight = Lane.Zero;
        Lane toCommonLeft = Lane.Zero, toCommonRight = Lane.Zero;
        for (int i = 0, j = last; i < middle; i++, j--)
        {
            // The diagonal, less the square of the last link over the last pivot.
            var (nextLeft, nextRight) = (Unsafe.Add(ref link, i), Unsafe.Add(ref link, j - 1));
            var (joinLeft, joinRight) = (Unsafe.Add(ref join, i), Unsafe.Add(ref join, j));
            var (heldLeft, heldRight) = (Unsafe.Add(ref capacity, i) * inverse, Unsafe.Add(ref capacity, j) * inverse);
            var diagonalLeft = heldLeft + Unsafe.Add(ref sink, i) + joinLeft + nextLeft + linkLeft;
            var diagonalRight = heldRight + Unsafe.Add(ref sink, j) + joinRight + nextRight + linkRight;
            var pivotLeft = MemberLanes.Inverse(MemberLanes.Less(linkLeft, shareLeft, diagonalLeft));
            var pivotRight = MemberLanes.Inverse(MemberLanes.Less(linkRight, shareRight, diagonalRight));

            // What a kelvin of the common body brings to each node, and what of it does not come back.
            replyLeft = Lanes.MultiplyAddEstimate(replyLeft, shareLeft, joinLeft);
            replyRight = Lanes.MultiplyAddEstimate(replyRight, shareRight, joinRight);
            var (heatLeft, heatRight) = (replyLeft * pivotLeft, replyRight * pivotRight);
            passedLeft = MemberLanes.Less(replyLeft, heatLeft, passedLeft + joinLeft);
            passedRight = MemberLanes.Less(replyRight, heatRight, passedRight + joinRight);

            sumLeft = Lanes.MultiplyAddEstimate(sumLeft, shareLeft,
                Lanes.MultiplyAddEstimate(heldLeft, Unsafe.Add(ref temperature, i), Unsafe.Add(ref source, i)));
            sumRight = Lanes.MultiplyAddEstimate(sumRight, shareRight,
                Lanes.MultiplyAddEstimate(heldRight, Unsafe.Add(ref temperature, j), Unsafe.Add(ref source, j)));
            toCommonLeft = Lanes.MultiplyAddEstimate(heatLeft, sumLeft, toCommonLeft);
            toCommonRight = Lanes.MultiplyAddEstimate(heatRight, sumRight, toCommonRight);
            (Unsafe.Add(ref found, i), Unsafe.Add(ref found, j)) = (sumLeft * pivotLeft, sumRight * pivotRight);
            (linkLeft, linkRight) = (nextLeft, nextRight);
            (shareLeft, shareRight) = (nextLeft * pivotLeft, nextRight * pivotRight);
            (Unsafe.Add(ref pivot, i), Unsafe.Add(ref pivot, j)) = (pivotLeft, pivotRight);
            (Unsafe.Add(ref share, i), Unsafe.Add(ref share, j)) = (shareLeft, shareRight);
            (Unsafe.Add(ref reply, i), Unsafe.Add(ref reply, j)) = (heatLeft, heatRight);
        }

        var held = Unsafe.Add(ref capacity, middle) * inverse;
        var joinMiddle = Unsafe.Add(ref join, middle);
        var diagonal = held + Unsafe.Add(ref sink, middle) + joinMiddle + MemberLanes.Less(linkLeft, shareLeft, linkLeft)
            + MemberLanes.Less(linkRight, shareRight, linkRight);
        var pivotMiddle = Lane.One / diagonal;
        var replyMiddle = joinMiddle + (replyLeft * shareLeft) + (replyRight * shareRight);
        Unsafe.Add(ref pivot, middle) = pivotMiddle;
        Unsafe.Add(ref reply, middle) = replyMiddle * pivotMiddle;
        Common.Factor(inverse, passedLeft + passedRight + joinMiddle - (replyMiddle * replyMiddle * pivotMiddle));
        var sum = Lanes.MultiplyAddEstimate(held, Unsafe.Add(ref temperature, middle), Unsafe.Add(ref source, middle)) + (sumLeft * shareLeft)
            + (sumRight * shareRight);
        return Back(ref found, sum, Common.Due(first: true) + toCommonLeft + toCommonRight);
    }

    private Lane SecondStage(Lane inverse)
    {
        ref var temperature = ref rows.First(RowOf.Temperature);
        ref var found = ref rows.First(RowOf.First);
        ref var capacity = ref rows.First(RowOf.Capacity);
        ref var source = ref rows.First(RowOf.Source);
        ref var pivot = ref rows.First(RowOf.Pivot);
        ref var share = ref rows.First(RowOf.Share);
        ref var reply = ref rows.First(RowOf.Reply);
        Lane sumLeft = Lane.Zero, sumRight = Lane.Zero, shareLeft = Lane.Zero, shareRight = Lane.Zero;
        Lane toCommonLeft = Common.Due(first: false), toCommonRight = Lane.Zero;
        for (int i = 0, j = last; i < middle; i++, j--)
        {
            var (startLeft, startRight) = (Start(Unsafe.Add(ref temperature, i), Unsafe.Add(ref found, i)),
                Start(Unsafe.Add(ref temperature, j), Unsafe.Add(ref found, j)));
            sumLeft = Lanes.MultiplyAddEstimate(sumLeft, shareLeft,
                Lanes.MultiplyAddEstimate(Unsafe.Add(ref capacity, i) * inverse, startLeft, Unsafe.Add(ref source, i)));
            sumRight = Lanes.MultiplyAddEstimate(sumRight, shareRight,
                Lanes.MultiplyAddEstimate(Unsafe.Add(ref capacity, j) * inverse, startRight, Unsafe.Add(ref source, j)));
            Unsafe.Add(ref temperature, i) = sumLeft * Unsafe.Add(ref pivot, i);
            Unsafe.Add(ref temperature, j) = sumRight * Unsafe.Add(ref pivot, j);
            toCommonLeft = Lanes.MultiplyAddEstimate(Unsafe.Add(ref reply, i), sumLeft, toCommonLeft);
            toCommonRight = Lanes.MultiplyAddEstimate(Unsafe.Add(ref reply, j), sumRight, toCommonRight);
            (shareLeft, shareRight) = (Unsafe.Add(ref share, i), Unsafe.Add(ref share, j));
        }

        var start = Start(Unsafe.Add(ref temperature, middle), Unsafe.Add(ref found, middle));
        var sum = Lanes.MultiplyAddEstimate(Unsafe.Add(ref capacity, middle) * inverse, start, Unsafe.Add(ref source, middle)) + (sumLeft * shareLeft)
            + (sumRight * shareRight);
        return Back(ref temperature, sum, toCommonLeft + toCommonRight);
    }

    /// <summary>Where the second stage begins at a node.</summary>
    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    private static Lane Start(Lane old, Lane found) => Lanes.MultiplyAddEstimate(found - old, Lanes.Create(TwoStages.Ahead), old);

    // From the middle to both ends.
    private Lane Back(ref Lane row, Lane sum, Lane toCommon)
    {
        ref var share = ref rows.First(RowOf.Share);
        ref var reply = ref rows.First(RowOf.Reply);
        var replyMiddle = Unsafe.Add(ref reply, middle);
        var common = Lanes.MultiplyAddEstimate(replyMiddle, sum, toCommon) * Common.Pivot;
        var centre = Lanes.MultiplyAddEstimate(replyMiddle, common, sum * Unsafe.Add(ref rows.First(RowOf.Pivot), middle));
        Unsafe.Add(ref row, middle) = centre;
        Lane left = centre, right = centre;
        for (int i = middle - 1, j = middle + 1; i >= 0; i--, j++)
        {
            left = Lanes.MultiplyAddEstimate(Unsafe.Add(ref share, i), left,
                Lanes.MultiplyAddEstimate(Unsafe.Add(ref reply, i), common, Unsafe.Add(ref row, i)));
            right = Lanes.MultiplyAddEstimate(Unsafe.Add(ref share, j), right,
                Lanes.MultiplyAddEstimate(Unsafe.Add(ref reply, j), common, Unsafe.Add(ref row, j)));
            Unsafe.Add(ref row, i) = left;
            Unsafe.Add(ref row, j) = right;
        }

        return common;
    }

    private static class RowOf
    {
        public const int Temperature = 0, First = 1, Capacity = 2, Link = 3, Sink = 4, Source = 5, Join = 6, Pivot = 7, Share = 8, Reply = 9, Count = 10;
    }
}
