namespace Rimrock.Core.Friction;

/// <summary>
/// Rain wets a rotor between stops; the pad wipes it dry in about 0.4 s, and meanwhile brakes with about half its friction
/// (common practice; the half is engineering judgement, +-0.2; it comes back in a straight line).
/// </summary>
public static class RainFilm
{
    /// <summary>Time until the face is wiped dry, s.</summary>
    public const double WipedS = 0.4;

    private const double FirstShare = 0.5;

    /// <summary>Factor on the friction so long after the brakes went on.</summary>
    public static double Factor(double secondsOnBrakes) =>
        FirstShare + ((1 - FirstShare) * Math.Clamp(secondsOnBrakes / WipedS, 0, 1));
}
