using Rimrock.Core.Heat;
using Rimrock.Core.Rotors;

namespace Rimrock.Core.Runs;

/// <summary>
/// How far a front ring bends when hot. The hotter cheek grows more, and the hat of a one-piece rotor holds the outboard
/// cheek back: angle = alpha r ((Tin - Tout) + s (Tring - That)) / h, with mean radius r and distance h between the middles of
/// the cheeks (thermal bending of two tied rings; derivation ours), alpha 12e-6 /K (from memory, 10.5 to 13), and s = 0.10 for
/// the hat's hold (engineering judgement, x1.7, so that a hot one-piece ring stands off 0.1 to 0.3 mm at its edge, common
/// practice); a floating ring has s = 0.
/// </summary>
public sealed class RingShape
{
    private const double ExpansionPerK = 12e-6;
    private const double HatHold = 0.10;

    /// <summary>Largest angle of the ring against its flat shape, rad; positive when the inboard side grows more.</summary>
    public Lane ConeRad { get; private set; }

    /// <summary>Largest inboard less outboard face temperature, K, by magnitude.</summary>
    public Lane FaceDifferenceK { get; private set; }

    /// <summary>Largest rise of the hotter face over its section's mean, K: what heat checks come from.</summary>
    public Lane FaceOverMeanK { get; private set; }

    /// <summary>Inboard face at its hottest, C.</summary>
    public Lane InnerFaceC { get; private set; } = Lanes.Create(double.NegativeInfinity);

    /// <summary>Outboard face at its hottest, C.</summary>
    public Lane OuterFaceC { get; private set; } = Lanes.Create(double.NegativeInfinity);

    /// <summary>Angle for given temperatures, rad.</summary>
    /// <param name="rotor">The rotor.</param>
    /// <param name="cheekDifferenceK">Inboard less outboard cheek, K.</param>
    /// <param name="ringOverHatK">Ring less hat, K.</param>
    public static Lane Cone(Rotor rotor, Lane cheekDifferenceK, Lane ringOverHatK)
    {
        ArgumentNullException.ThrowIfNull(rotor);
        var radius = 0.5 * (rotor.OuterRadiusM() + rotor.InnerRadiusM());
        var apart = (rotor.ThicknessMm + rotor.VaneGapMm) / 2000;
        var hold = rotor.Construction == RotorConstruction.OnePiece ? HatHold : 0;
        return (cheekDifferenceK + (ringOverHatK * hold)) * (ExpansionPerK * radius / apart);
    }

    /// <summary>How far the ring's edge stands off for an angle, mm.</summary>
    public static double EdgeMm(Rotor rotor, double coneRad)
    {
        ArgumentNullException.ThrowIfNull(rotor);
        return Math.Abs(coneRad) * (rotor.OuterDiameterMm - rotor.InnerDiameterMm) / 2;
    }

    internal void Follow(WheelParts parts, WheelNetwork wheel)
    {
        if (!parts.Kind.RubsBothFaces)
        {
            return;
        }

        ConeRad = Larger(ConeRad, Cone(parts.Rotor, wheel.CheekDifferenceK, wheel.BulkC - wheel.HatC));
        FaceDifferenceK = Larger(FaceDifferenceK, wheel.FaceInC - wheel.FaceOutC);
        FaceOverMeanK = Lanes.MaxNative(FaceOverMeanK, wheel.HotterFaceC - wheel.BulkC);
        InnerFaceC = Lanes.MaxNative(InnerFaceC, wheel.FaceInC);
        OuterFaceC = Lanes.MaxNative(OuterFaceC, wheel.FaceOutC);
    }

    private static Lane Larger(Lane held, Lane candidate) =>
        Lanes.ConditionalSelect(Lanes.GreaterThan(Lanes.Abs(candidate), Lanes.Abs(held)), candidate, held);
}
