namespace Rimrock.Core.Runs;

/// <summary>How far a member's parts take more or less than the middle, in standard deviations; what one is stands with the limit.</summary>
/// <param name="FrontFace">Front rubbing face.</param>
/// <param name="RearFace">Rear rubbing face.</param>
/// <param name="Vapour">Vapour below the boiling point.</param>
/// <param name="Seals">Piston seals.</param>
/// <param name="Cone">A ring out of flat.</param>
/// <param name="Leg">What the driver's leg gives.</param>
public readonly record struct MemberCapacities(double FrontFace = 0, double RearFace = 0, double Vapour = 0, double Seals = 0, double Cone = 0, double Leg = 0)
{
    /// <summary>All in the middle.</summary>
    public static MemberCapacities Middle => default;
}
