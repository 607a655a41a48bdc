using Rimrock.Core.Materials;
using Rimrock.Core.Rotors;

namespace Rimrock.Core.Heat;

/// <summary>
/// Air that a vented rotor pumps through itself. Loss-free inlet speed omega sqrt(R^2 - r^2) (Euler's pump equation with
/// radial discharge and no inlet swirl; Limpert 2011, chapter 3, from memory), of which 0.45 (x1.3) really flows.
/// Heat transfer in the short channels: Gnielinski from Re 3000 with the entrance factor 1 + (dh/l)^(2/3) (VDI Heat
/// Atlas 2010, section G1, from memory), Sieder-Tate 1.86 (Re Pr dh/l)^(1/3) below 2000 (Incropera, section 8.4, from
/// memory), blended between in Re (ours). No bare Dittus-Boelter: Re is 2e3-1e4 and l/dh about 5.
/// </summary>
public static class VaneFlow
{
    /// <summary>Real flow over the loss-free one, radial vanes; spread x1.3.</summary>
    public const double FlowShare = 0.45;

    private const double LaminarTo = 2000;
    private const double TurbulentFrom = 3000;

    /// <summary>Loss-free inlet speed for each rad/s, m: sqrt(R^2 - r^2).</summary>
    public static double IdealInletMetres(double outerRadiusM, double innerRadiusM) =>
        Math.Sqrt((outerRadiusM * outerRadiusM) - (innerRadiusM * innerRadiusM));

    /// <summary>Flow over that of straight vanes (engineering judgement, +-20 %): pillars shed and lose more, curved vanes lose less at the inlet.</summary>
    public static double KindFactor(VaneKind kind) => kind switch
    {
        VaneKind.Solid => 0,
        VaneKind.Pillar => 0.85,
        VaneKind.Curved => 1.15,
        _ => 1,
    };

    /// <summary>Hydraulic diameter of a channel at mid radius, m: 4 x area / wetted perimeter.</summary>
    public static double HydraulicDiameterM(Rotor rotor)
    {
        ArgumentNullException.ThrowIfNull(rotor);
        var gap = rotor.VaneGapMm / 1000;
        var pitch = Math.PI * (rotor.OuterRadiusM() + rotor.InnerRadiusM()) / rotor.VaneCount;
        var width = Math.Max(0.002, pitch - (rotor.VaneThicknessMm / 1000));
        return 2 * gap * width / (gap + width);
    }

    /// <summary>Mean Nusselt number on the hydraulic diameter.</summary>
    /// <param name="reynolds">Reynolds number on the hydraulic diameter, 0 or more.</param>
    /// <param name="diameterOverLength">Hydraulic diameter over channel length.</param>
    public static double Nusselt(double reynolds, double diameterOverLength)
    {
        if (reynolds <= 0)
        {
            return 0;
        }

        var turbulent = Math.Clamp((reynolds - LaminarTo) / (TurbulentFrom - LaminarTo), 0, 1);
        var laminar = 1.86 * Math.Cbrt(reynolds * Air.Prandtl * diameterOverLength);
        return ((1 - turbulent) * laminar) + (turbulent * Gnielinski(Math.Max(reynolds, LaminarTo), diameterOverLength));
    }

    private static double Gnielinski(double reynolds, double diameterOverLength)
    {
        var root = (0.79 * Math.Log(reynolds)) - 1.64;
        var eighth = 1 / (root * root) / 8;
        var developed = eighth * (reynolds - 1000) * Air.Prandtl
            / (1 + (12.7 * Math.Sqrt(eighth) * (Math.Pow(Air.Prandtl, 2.0 / 3) - 1)));
        return developed * (1 + Math.Pow(diameterOverLength, 2.0 / 3));
    }
}
