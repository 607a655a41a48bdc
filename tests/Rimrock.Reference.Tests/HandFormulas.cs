namespace Rimrock.Reference.Tests;

/// <summary>Closed forms, written out here once more so that the core is held against something it does not contain.</summary>
internal static class HandFormulas
{
    public const double KWMK = 48;
    public const double RhoKgM3 = 7200;
    public const double CJKgK = 500;
    public static readonly double Diffusivity = KWMK / (RhoKgM3 * CJKgK);
    public static readonly double Effusivity = Math.Sqrt(KWMK * RhoKgM3 * CJKgK);

    /// <summary>Surface rise of a half-space under q0 (1 - t/Ts): superposition of Carslaw and Jaeger (1959) 2.9 (7), (8).</summary>
    public static double HalfSpaceFallingFlux(double q0, double stopS, double t) =>
        2 * q0 / (Math.Sqrt(Math.PI) * Effusivity) * (Math.Sqrt(t) - (2 * Math.Pow(t, 1.5) / (3 * stopS)));

    /// <summary>Surface rise of a half-space under a constant flux: Carslaw and Jaeger (1959) 2.9 (8).</summary>
    public static double HalfSpaceConstantFlux(double q, double t) => 2 * q / KWMK * Math.Sqrt(Diffusivity * t / Math.PI);

    /// <summary>Face rise of a slab with an insulated back under a constant flux: Carslaw and Jaeger (1959) 3.8 (3).</summary>
    public static double SlabConstantFlux(double q, double thicknessM, double t)
    {
        var fo = Diffusivity * t / (thicknessM * thicknessM);
        var sum = 0.0;
        for (var n = 1; n < 200; n++)
        {
            sum += Math.Exp(-n * n * Math.PI * Math.PI * fo) / (n * n);
        }

        return q * thicknessM / KWMK * (fo + (1.0 / 3) - (2 / (Math.PI * Math.PI) * sum));
    }

    /// <summary>Face rise of that slab under q0 (1 - t/Ts), by Duhamel's integral over the constant-flux answer.</summary>
    public static double SlabFallingFlux(double q0, double stopS, double thicknessM, double t)
    {
        const int steps = 4000;
        var sum = 0.0;
        for (var i = 0; i < steps; i++)
        {
            var age = t - ((i + 0.5) * t / steps);
            sum += SlabConstantFlux(1, thicknessM, age) * t / steps;
        }

        return q0 * (SlabConstantFlux(1, thicknessM, t) - (sum / stopS));
    }
}
