namespace Rimrock.Core.Runs;

/// <summary>How far a member's parts take more or less than the middle, in standard deviations; what one is stands with the limit.</summary>
/// <param name="FrontFace">Front rubbing face.</param>
/// <param name="RearFace">Rear rubbing face.</param>
/// <param name="Vapour">Vapour below the boiling point.</param>
/// <param name="Seals">Piston seals.</param>
/// <param name="Cone">A ring out of flat.</param>
/// <param name="Leg">What the driver's leg gives.</param>
/// <param name="FrontPadEdge">Hot edge of the front pads.</param>
/// <param name="RearPadEdge">Hot edge of the rear pads.</param>
/// <param name="Grease">Bearing grease.</param>
/// <param name="Boots">Dust boots.</param>
/// <param name="Cracks">Crack life of a ring.</param>
/// <param name="Burning">How fast a carbon ring burns.</param>
/// <param name="Hydraulics">Pressure for a force.</param>
/// <param name="Knee">Assistance at the booster's knee.</param>
/// <param name="FadeSupport">Above 0 where electronics press on, if nobody knows.</param>
/// <param name="Missed">How much too fast is a missed stop.</param>
public readonly record struct MemberCapacities(double FrontFace = 0, double RearFace = 0, double Vapour = 0, double Seals = 0, double Cone = 0, double Leg = 0,
    double FrontPadEdge = 0, double RearPadEdge = 0, double Grease = 0, double Boots = 0, double Cracks = 0, double Burning = 0,
    double Hydraulics = 0, double Knee = 0, double FadeSupport = 0, double Missed = 0)
{
    /// <summary>All in the middle.</summary>
    public static MemberCapacities Middle => default;

    /// <summary>How much too fast at the planned end of a stop is a missed stop, km/h.</summary>
    public double MissedKmh() => Driving.Driver.MissedKmh + (Priors.PriorSpread.MissedKmh * Missed);
}
