using System.Runtime.CompilerServices;
using Rimrock.Core.Numerics;

namespace Rimrock.Core.Friction;

/// <summary>A pad's friction and wear sampled finely for step loops, -60 to 1240 C in steps of 2.5 K; made once for each pad.</summary>
public sealed class PadTables
{
    private const double FromC = -60;
    private const double ToC = 1240;
    private const int Samples = 521;
    private const double LeftShare = 0.42;
    private static readonly ConditionalWeakTable<Pad, PadTables> Known = [];

    private PadTables(Pad pad)
    {
        var curve = pad.FrictionCurveOf();
        (Mu, LastC) = (new UniformTable(FromC, ToC, Samples, curve.Assumed), curve.LastC);
        Band = pad.WorkingBandOf();
        SparedC = Band.PlateauC;
        while (SparedC < ToC && Mu.At(SparedC) > LeftShare * Band.PlateauMu)
        {
            SparedC += 5;
        }

        WearMm3PerMJ = new UniformTable(FromC, ToC, Samples, pad.FamilyOf().WearMm3PerMJ);
    }

    /// <summary>Friction as assumed over the whole range.</summary>
    public UniformTable Mu { get; }

    /// <summary>Where its chart ends, C.</summary>
    public double LastC { get; }

    /// <summary>The working band.</summary>
    public WorkingBand Band { get; }

    /// <summary>Where the pad has lost so much that its driver brakes earlier and heats it hardly further, C: for reckoning without a driver (ours).</summary>
    public double SparedC { get; }

    /// <summary>Wear of all pads on an axle for each MJ of braking work, mm3.</summary>
    public UniformTable WearMm3PerMJ { get; }

    /// <summary>The tables of a pad.</summary>
    public static PadTables Of(Pad pad) => Known.GetValue(pad, made => new PadTables(made));
}
