namespace Rimrock.Core.Vehicles;

/// <summary>What a foot presses, N (Limpert, Brake Design and Safety, 3rd edition 2011, from memory; legs differ by a quarter either way).</summary>
public static class LegForce
{
    /// <summary>The panic stop of the street check: the most that UN R13-H allows in its tests (from memory).</summary>
    public const double PanicN = 500;

    /// <summary>The most for a moment, with a booster.</summary>
    public const double GreatestN = 600;

    /// <summary>The most for a moment without one: the pedal is longer and the seat is chosen for it.</summary>
    public const double GreatestUnboostedN = 800;

    /// <summary>The most for a moment in a car.</summary>
    public static double GreatestIn(Hydraulics hydraulics)
    {
        ArgumentNullException.ThrowIfNull(hydraulics);
        return hydraulics.BoosterKneeN > 0 && hydraulics.BoosterGain > 1 ? GreatestN : GreatestUnboostedN;
    }
}
