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

    /// <summary>What is pressed through a session, with a booster.</summary>
    public const double ComfortableN = 300;

    /// <summary>The same without one.</summary>
    public const double ComfortableUnboostedN = 450;

    /// <summary>A motorcycle's hand lever, front only: through a session, and the most (UN R78 allows so much in its tests; from memory).</summary>
    public static (double ComfortableN, double GreatestN) Hand { get; } = (90, 200);

    /// <summary>Its foot lever, rear only.</summary>
    public static (double ComfortableN, double GreatestN) Foot { get; } = (150, 350);

    /// <summary>What presses each axle's line: through a session, and the most for a moment.</summary>
    public static (Axles<double> ComfortableN, Axles<double> GreatestN) Of(Car car)
    {
        ArgumentNullException.ThrowIfNull(car);
        if (car.Kind == VehicleKind.Motorcycle)
        {
            return (new(Hand.ComfortableN, Foot.ComfortableN), new(Hand.GreatestN, Foot.GreatestN));
        }

        var (comfortable, greatest) = Boosted(car.Hydraulics) ? (ComfortableN, GreatestN) : (ComfortableUnboostedN, GreatestUnboostedN);
        return (new(comfortable, comfortable), new(greatest, greatest));
    }

    private static bool Boosted(Hydraulics hydraulics) => hydraulics.BoosterKneeN > 0 && hydraulics.BoosterGain > 1;

    /// <summary>The most for a moment in a car.</summary>
    public static double GreatestIn(Hydraulics hydraulics)
    {
        ArgumentNullException.ThrowIfNull(hydraulics);
        return Boosted(hydraulics) ? GreatestN : GreatestUnboostedN;
    }
}
