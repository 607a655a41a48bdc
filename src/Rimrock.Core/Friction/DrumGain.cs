namespace Rimrock.Core.Friction;

/// <summary>
/// Torque of a drum with one leading and one trailing shoe over the force that its cylinder puts on each: the leading shoe
/// pulls itself on, gain = mu h / (b - mu c) + mu h / (b + mu c) with lever arms h : b : c = 2.3 : 1 : 1 (moment balance of a
/// pivoted shoe, Limpert 2011, chapter 2, from memory; the arms are typical, +-15 %; about 2.0 at friction 0.38).
/// </summary>
public static class DrumGain
{
    private const double ForceArm = 2.3;
    private const double FrictionArm = 1.0;

    /// <summary>Friction at which the leading shoe would lock by itself; the gain is read no further than nine tenths of it.</summary>
    private const double MostMu = 0.9;

    /// <summary>Gain at a friction.</summary>
    public static double Of(double mu)
    {
        var used = Math.Clamp(mu, 0, MostMu);
        return (used * ForceArm / (1 - (used * FrictionArm))) + (used * ForceArm / (1 + (used * FrictionArm)));
    }

    /// <summary>Half the gain: the friction at which a disc with the same piston would brake as hard.</summary>
    public static double DiscMu(double mu) => 0.5 * Of(mu);

    /// <summary>Half the gain of each member.</summary>
    public static Lane DiscMu(Lane mu)
    {
        var used = Lanes.MinNative(Lanes.MaxNative(mu, Lane.Zero), Lanes.Create(MostMu));
        return used * ForceArm / (Lane.One - (used * used * (FrictionArm * FrictionArm)));
    }
}
