using Rimrock.Core.Rotors;

namespace Rimrock.Core.Limits;

/// <summary>Where limits lie: the middle of what parts can take.</summary>
public static class LimitEdges
{
    /// <summary>A pad counts as too hot in a lap when this share of the lap's energy is spent above its band.</summary>
    public const double HotShare = 0.1;

    /// <summary>A first stop may be this much longer than with the original pads (engineering judgement).</summary>
    public const double ColdAllowance = 0.15;

    /// <summary>Time lost a lap that a driver minds, s (engineering judgement).</summary>
    public const double MindedS = 1;

    /// <summary>A hot ring may stand so far out of flat at its edge, micrometres (engineering judgement).</summary>
    public const double ConeLimitUm = 250;

    /// <summary>Piston seals of ethylene-propylene rubber harden in hours above this, C (from memory; engineering judgement).</summary>
    public const double SealLimitC = 200;

    /// <summary>A wheel bearing's grease runs out above this, C (from memory; engineering judgement).</summary>
    public const double GreaseC = 160;

    /// <summary>Dust boots at the pistons scorch above this, C (from memory; engineering judgement).</summary>
    public const double BootC = 220;

    /// <summary>A ring that has used up this many crack lives may come apart (engineering judgement).</summary>
    public const double DangerousCrackLives = 2;

    /// <summary>Share of a carbon ring's mass that may burn where no least mass is stamped (engineering judgement).</summary>
    public const double UsualBurnShare = 0.04;

    /// <summary>Share of a carbon ring's mass that may still burn away.</summary>
    public static double BurnShareLeft(Rotors.Rotor rotor)
    {
        ArgumentNullException.ThrowIfNull(rotor);
        var kg = rotor.MassKg();
        return rotor.Finish?.MinRingMassKg is { } least ? Math.Max(0, (kg - least) / kg) : UsualBurnShare;
    }

    /// <summary>Above this they let go, C (from memory; engineering judgement).</summary>
    public const double SealGoneC = 250;

    /// <summary>
    /// Iron that has been this hot has changed its structure, C (handbook: transformation from about 730 C on, complete before this; from memory).
    /// </summary>
    public const double TransformedIronC = 900;

    /// <summary>True where a rotor that was so hot is discarded: its iron has changed its structure.</summary>
    /// <param name="rotor">The rotor.</param>
    /// <param name="celsius">What it surely reached, C; null where nothing tells.</param>
    public static bool IsDiscarded(Rotor rotor, double? celsius)
    {
        ArgumentNullException.ThrowIfNull(rotor);
        return rotor.Material == RingMaterial.Iron && celsius >= TransformedIronC;
    }

    /// <summary>What the rubbing face of a rotor should stay below, C.</summary>
    /// <param name="rotor">The rotor.</param>
    /// <param name="deviation">A member's own, in standard deviations.</param>
    public static double FaceLimitC(Rotor rotor, double deviation = 0)
    {
        ArgumentNullException.ThrowIfNull(rotor);
        return rotor.Brake().FaceLimitC(rotor.MaterialOf(), deviation);
    }
}
