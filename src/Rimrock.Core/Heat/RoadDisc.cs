namespace Rimrock.Core.Heat;

/// <summary>
/// Convection from the faces of a disc on a moving car: h = 0.70 (k/D) Re^0.55 while laminar and 0.04 (k/D) Re^0.8 when
/// turbulent, Re = V D / nu with the road speed, change-over near 2.4e5 (Limpert, Brake Design and Safety, 3rd edition
/// 2011, chapter 3; from memory). The two disagree by 26 % at the change-over, so they are blended in ln Re between
/// 1.6e5 and 3.6e5 (ours). Chosen over free-disc correlations, which know only the rotation and come out four times
/// lower: a wheel on the road is swept by the road wind too. That spread is part of the cooling prior.
/// </summary>
public static class RoadDisc
{
    private const double BlendFrom = 1.6e5;
    private const double BlendTo = 3.6e5;

    /// <summary>Mean Nusselt number on the diameter.</summary>
    /// <param name="reynolds">V D / nu, 0 or more.</param>
    public static double Nusselt(double reynolds)
    {
        if (reynolds <= 0)
        {
            return 0;
        }

        var turbulent = Math.Clamp(Math.Log(reynolds / BlendFrom) / Math.Log(BlendTo / BlendFrom), 0, 1);
        return ((1 - turbulent) * 0.70 * Math.Pow(reynolds, 0.55)) + (turbulent * 0.04 * Math.Pow(reynolds, 0.8));
    }
}
