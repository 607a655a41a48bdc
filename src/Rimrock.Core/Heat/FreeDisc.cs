namespace Rimrock.Core.Heat;

/// <summary>
/// Mean convection from a disc that turns in still air: Nu_R = 0.36 Re^0.5 while the flow is laminar and
/// 0.015 Re^0.8 when it is turbulent, Re = omega R^2 / nu, change-over near 2.4e5 (Cobb and Saunders, Proc. R. Soc. A 236
/// (1956) 343-351; from memory, +-10 %). Between 1.6e5 and 3.6e5 the two are blended in ln Re (ours).
/// Chosen over the road correlations because a rotor inside a wheel is swept by its own rotation more than by the
/// road wind; what the wheel's stirring adds is <see cref="WheelAir.Enhancement"/>.
/// </summary>
public static class FreeDisc
{
    private const double BlendFrom = 1.6e5;
    private const double BlendTo = 3.6e5;

    /// <summary>Mean Nusselt number on the radius.</summary>
    /// <param name="reynolds">omega R^2 / nu, 0 or more.</param>
    public static double Nusselt(double reynolds)
    {
        if (reynolds <= 0)
        {
            return 0;
        }

        var turbulent = Math.Clamp(Math.Log(reynolds / BlendFrom) / Math.Log(BlendTo / BlendFrom), 0, 1);
        return ((1 - turbulent) * 0.36 * Math.Sqrt(reynolds)) + (turbulent * 0.015 * Math.Pow(reynolds, 0.8));
    }
}
