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
    /// <param name="nodes">Number of nodes, 3 or more.</param>
    /// <param name="startC">Temperature everywhere at the start, C.</param>
    public ChainSolver(int nodes, double startC)
    {
        ArgumentOutOfRangeException.ThrowIfLessThan(nodes, 3);
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
        for (var i = 0; i < stage.Length; i++)
        {
            Mean[i] += Temperature[i] * Gamma;
        }
    }

    private void Factor(Lane inverse)
    {
        var last = reciprocal.Length - 1;
        for (var i = 0; i <= last; i++)
        {
            var diagonal = (Capacity[i] * inverse) + Sink[i];
            if (i > 0)
            {
                diagonal += Link[i - 1];
            }

            if (i < last)
            {
                diagonal += Link[i];
            }

            reciprocal[i] = diagonal;
        }

        for (int i = 0, j = last; i < middle || j > middle; i++, j--)
        {
            if (i < middle)
            {
                reciprocal[i] = Lane.One / reciprocal[i];
                weight[i] = Link[i] * reciprocal[i];
                reciprocal[i + 1] -= weight[i] * Link[i];
            }

            if (j > middle)
            {
                reciprocal[j] = Lane.One / reciprocal[j];
                weight[j] = Link[j - 1] * reciprocal[j];
                reciprocal[j - 1] -= weight[j] * Link[j - 1];
            }
        }

        reciprocal[middle] = Lane.One / reciprocal[middle];
    }

    private void Solve(Lane inverse, Lane[] from, Lane[] result)
    {
        var last = right.Length - 1;
        for (var i = 0; i <= last; i++)
        {
            right[i] = (Capacity[i] * inverse * from[i]) + Source[i];
        }

        for (int i = 0, j = last; i < middle || j > middle; i++, j--)
        {
            if (i < middle)
            {
                right[i + 1] += weight[i] * right[i];
            }

            if (j > middle)
            {
                right[j - 1] += weight[j] * right[j];
            }
        }

        result[middle] = right[middle] * reciprocal[middle];
        for (int i = middle - 1, j = middle + 1; i >= 0 || j <= last; i--, j++)
        {
            if (i >= 0)
            {
                result[i] = (right[i] * reciprocal[i]) + (weight[i] * result[i + 1]);
            }

            if (j <= last)
            {
                result[j] = (right[j] * reciprocal[j]) + (weight[j] * result[j - 1]);
            }
        }
    }
}
