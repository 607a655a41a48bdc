using System.Runtime.CompilerServices;
using System.Runtime.InteropServices;
using System.Runtime.Intrinsics;
using Lane = System.Runtime.Intrinsics.Vector256<double>;

namespace Rimrock.Core.Numerics;

/// <summary>
/// Heat (or anything that diffuses) along a chain of nodes, for four members side by side:
/// C_i dT_i/dt = L_(i-1) (T_(i-1) - T_i) + L_i (T_(i+1) - T_i) - S_i T_i + Q_i, with coefficients held over a step.
/// Stepped by the two-stage, second-order, L-stable diagonally implicit Runge-Kutta method (Alexander, SIAM J. Numer.
/// Anal. 14 (1977) 1006-1021, gamma = 1 - 1/sqrt 2; from memory): any step is stable and stiff parts do not ring.
/// The tridiagonal system is eliminated from both ends towards the middle, which lets the processor overlap the halves.
/// A node may have no capacity; it then follows its neighbours. Allocates in the constructor only.
/// </summary>
public sealed class ChainSolver
{
    private const double Gamma = 0.29289321881345254;
    private readonly Lane[] reciprocal;
    private readonly Lane[] weight;
    private readonly Lane[] right;
    private readonly Lane[] stage;
    private readonly int middle;

    /// <summary>Makes a chain.</summary>
    /// <param name="nodes">Number of nodes, odd, 3 or more.</param>
    /// <param name="startC">Temperature everywhere at the start, C.</param>
    public ChainSolver(int nodes, double startC)
    {
        ArgumentOutOfRangeException.ThrowIfLessThan(nodes, 3);
        ArgumentOutOfRangeException.ThrowIfNotEqual(nodes % 2, 1);
        Temperature = new Lane[nodes];
        Mean = new Lane[nodes];
        Capacity = new Lane[nodes];
        Link = new Lane[nodes - 1];
        Sink = new Lane[nodes];
        Source = new Lane[nodes];
        reciprocal = new Lane[nodes];
        weight = new Lane[nodes];
        right = new Lane[nodes];
        stage = new Lane[nodes];
        middle = nodes / 2;
        Array.Fill(Temperature, Vector256.Create(startC));
        Array.Fill(Mean, Vector256.Create(startC));
    }

    /// <summary>Temperatures now, C.</summary>
    public Lane[] Temperature { get; }

    /// <summary>Mean temperatures over the last step as the method weighs them: conductance times these is the heat that flowed, exactly.</summary>
    public Lane[] Mean { get; }

    /// <summary>Heat capacities, J/K.</summary>
    public Lane[] Capacity { get; }

    /// <summary>Conductances between neighbours, W/K.</summary>
    public Lane[] Link { get; }

    /// <summary>Conductances to the surroundings, W/K.</summary>
    public Lane[] Sink { get; }

    /// <summary>Heat put in, W: sources plus each sink's conductance times the temperature of what it leads to.</summary>
    public Lane[] Source { get; }

    /// <summary>Moves the chain on.</summary>
    /// <param name="seconds">Step, s, above 0.</param>
    public void Step(double seconds)
    {
        var inverse = Vector256.Create(1 / (Gamma * seconds));
        Factor(inverse);
        Solve(inverse, Temperature, stage);
        const double ahead = (1 - Gamma) / Gamma;
        for (var i = 0; i < stage.Length; i++)
        {
            Mean[i] = stage[i] * (1 - Gamma);
            stage[i] = Temperature[i] + ((stage[i] - Temperature[i]) * ahead);
        }

        Solve(inverse, stage, Temperature);
        for (var i = 0; i < Mean.Length; i++)
        {
            Mean[i] += Temperature[i] * Gamma;
        }
    }

    // The loops below run over both halves at once through references: running values stay in registers, and no index is
    // checked thirty times a step. All arrays have the lengths that the constructor gave them.
    private void Factor(Lane inverse)
    {
        ref var capacity = ref MemoryMarshal.GetArrayDataReference(Capacity);
        ref var link = ref MemoryMarshal.GetArrayDataReference(Link);
        ref var sink = ref MemoryMarshal.GetArrayDataReference(Sink);
        ref var pivot = ref MemoryMarshal.GetArrayDataReference(reciprocal);
        ref var share = ref MemoryMarshal.GetArrayDataReference(weight);
        var last = Capacity.Length - 1;
        Lane fromLeft = Lane.Zero, fromRight = Lane.Zero, linkLeft = Lane.Zero, linkRight = Lane.Zero;
        for (int i = 0, j = last; i < middle; i++, j--)
        {
            var nextLeft = Unsafe.Add(ref link, i);
            var nextRight = Unsafe.Add(ref link, j - 1);
            var left = Lane.One / ((Unsafe.Add(ref capacity, i) * inverse) + Unsafe.Add(ref sink, i) + linkLeft + nextLeft - fromLeft);
            var right = Lane.One / ((Unsafe.Add(ref capacity, j) * inverse) + Unsafe.Add(ref sink, j) + linkRight + nextRight - fromRight);
            Unsafe.Add(ref pivot, i) = left;
            Unsafe.Add(ref pivot, j) = right;
            Unsafe.Add(ref share, i) = nextLeft * left;
            Unsafe.Add(ref share, j) = nextRight * right;
            fromLeft = nextLeft * nextLeft * left;
            fromRight = nextRight * nextRight * right;
            linkLeft = nextLeft;
            linkRight = nextRight;
        }

        Unsafe.Add(ref pivot, middle) = Lane.One
            / ((Unsafe.Add(ref capacity, middle) * inverse) + Unsafe.Add(ref sink, middle) + linkLeft + linkRight - fromLeft - fromRight);
    }

    private void Solve(Lane inverse, Lane[] from, Lane[] into)
    {
        ref var capacity = ref MemoryMarshal.GetArrayDataReference(Capacity);
        ref var source = ref MemoryMarshal.GetArrayDataReference(Source);
        ref var start = ref MemoryMarshal.GetArrayDataReference(from);
        ref var result = ref MemoryMarshal.GetArrayDataReference(into);
        ref var pivot = ref MemoryMarshal.GetArrayDataReference(reciprocal);
        ref var share = ref MemoryMarshal.GetArrayDataReference(weight);
        ref var partial = ref MemoryMarshal.GetArrayDataReference(right);
        var last = from.Length - 1;
        Lane left = Lane.Zero, other = Lane.Zero;
        for (int i = 0, j = last; i < middle; i++, j--)
        {
            var sumLeft = (Unsafe.Add(ref capacity, i) * inverse * Unsafe.Add(ref start, i)) + Unsafe.Add(ref source, i) + left;
            var sumRight = (Unsafe.Add(ref capacity, j) * inverse * Unsafe.Add(ref start, j)) + Unsafe.Add(ref source, j) + other;
            Unsafe.Add(ref partial, i) = sumLeft * Unsafe.Add(ref pivot, i);
            Unsafe.Add(ref partial, j) = sumRight * Unsafe.Add(ref pivot, j);
            left = sumLeft * Unsafe.Add(ref share, i);
            other = sumRight * Unsafe.Add(ref share, j);
        }

        var centre = ((Unsafe.Add(ref capacity, middle) * inverse * Unsafe.Add(ref start, middle)) + Unsafe.Add(ref source, middle) + left + other)
            * Unsafe.Add(ref pivot, middle);
        Unsafe.Add(ref result, middle) = centre;
        left = other = centre;
        for (int i = middle - 1, j = middle + 1; i >= 0; i--, j++)
        {
            left = Unsafe.Add(ref partial, i) + (Unsafe.Add(ref share, i) * left);
            other = Unsafe.Add(ref partial, j) + (Unsafe.Add(ref share, j) * other);
            Unsafe.Add(ref result, i) = left;
            Unsafe.Add(ref result, j) = other;
        }
    }
}
