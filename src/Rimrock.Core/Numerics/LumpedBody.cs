namespace Rimrock.Core.Numerics;

/// <summary>A body of one temperature beside a chain, stepped with it: see <see cref="ChainSolver"/>.</summary>
/// <param name="startC">Temperature at the start, C.</param>
public sealed class LumpedBody(Lane startC)
{
    private Lane stage;
    private Lane held;

    /// <summary>Temperature now, C.</summary>
    public Lane Temperature { get; private set; } = startC;

    /// <summary>Mean temperature over the last step as the method weighs it: conductance times this is the heat that flowed, exactly.</summary>
    public Lane Mean { get; private set; } = startC;

    /// <summary>Heat capacity, J/K, above 0.</summary>
    public Lane Capacity { get; set; } = Lane.One;

    /// <summary>Conductance to the surroundings, W/K.</summary>
    public Lane Sink { get; set; }

    /// <summary>Heat put in, W: sources plus the sink's conductance times the temperature of what it leads to.</summary>
    public Lane Source { get; set; }

    internal Lane Pivot { get; private set; }

    internal void Factor(Lane inverse, Lane passed)
    {
        held = Capacity * inverse;
        Pivot = Lane.One / (held + Sink + passed);
    }

    internal Lane Due(bool first) => (held * (first ? Temperature : stage)) + Source;

    internal void Put(Lane found, bool first)
    {
        if (first)
        {
            Mean = found * (1 - TwoStages.Gamma);
            stage = Temperature + ((found - Temperature) * TwoStages.Ahead);
        }
        else
        {
            Temperature = found;
            Mean += found * TwoStages.Gamma;
        }
    }
}
