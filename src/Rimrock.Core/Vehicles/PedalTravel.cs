namespace Rimrock.Core.Vehicles;

/// <summary>
/// Where the pedal's way goes, from volumes: calipers that spread, lines that swell, pads that give, fluid that is pressed together.
/// Caliper volume each 0.010 (sliding), 0.007 (fixed), 0.005 (one piece), 0.016 (drum cylinder and shoes) cm3/bar; hoses of 1.6 m in all
/// swell 0.007 (rubber), 0.012 (aged), 0.004 (stiff from the works), 0.002 (braided) cm3/bar m, rubber half as much again at 100 C (SAE J1401 allows 0.0157
/// to 0.031 cm3/bar m; from memory); pads give 0.10 mm at 100 bar each where nobody measured theirs (ISO 6310 measures it at 160 bar; from memory), free play
/// 0.25 mm each; 70 cm3 of fluid in all; bulk modulus of glycol fluid 1.6 GPa cold, 1.2 at 150 C (from memory).
/// All engineering judgement, +-40 %.
/// </summary>
public static class PedalTravel
{
    /// <summary>Spread of a travel, as a share.</summary>
    public const double SpreadShare = 0.4;

    private const double HosesM = 1.6;
    private const double SystemCm3 = 70;
    private const double PadMmPerBar = 0.001;
    private const double CompressibilityBar = 160;
    private const double FreeMm = 0.25;
    private const double SwellPerK = 0.5 / 80;
    private const double FluidBarCold = 16000;
    private const double FluidBarPerK = -30;

    /// <summary>Pedal travel for a pressure, mm.</summary>
    /// <param name="car">The car.</param>
    /// <param name="lines">The flexible lines.</param>
    /// <param name="bar">Line pressure, bar.</param>
    /// <param name="fluidC">Fluid at the calipers, C.</param>
    /// <param name="lineC">Hoses, C.</param>
    /// <param name="frontPadUm">Compressibility of the front pads at 160 bar, micrometres; null where unknown.</param>
    /// <param name="rearPadUm">The same at the rear.</param>
    public static double Mm(Car car, BrakeLine lines, double bar, double fluidC, double lineC, double? frontPadUm = null, double? rearPadUm = null)
    {
        ArgumentNullException.ThrowIfNull(car);
        var swell = lines switch { BrakeLine.Braided => 0.002, BrakeLine.AgedRubber => 0.012, BrakeLine.StiffFromWorks => 0.004, _ => 0.007 };
        var warm = lines == BrakeLine.Braided ? 1 : 1 + (SwellPerK * Math.Max(0, lineC - 20));
        var fluid = SystemCm3 / Math.Max(4000, FluidBarCold + (FluidBarPerK * Math.Max(0, fluidC - 20)));
        var (hydraulics, half) = (car.Hydraulics, ((swell * warm * HosesM) + fluid) / 2);
        var front = ((Caliper(car.Front, frontPadUm) + half) * bar) + FreeCm3(car.Front);
        var rear = ((Caliper(car.Rear, rearPadUm) + half) * bar * hydraulics.RearPressureShare) + FreeCm3(car.Rear);
        var masterCm2 = Math.PI / 400 * hydraulics.MasterCylinderMm * hydraulics.MasterCylinderMm;

        // A balance bar's middle goes as far as both push rods do, each by the share of the force that it carries (a lever).
        var cm3 = hydraulics.BalanceBarFrontShare is { } share ? (share * front) + ((1 - share) * rear) : front + rear;
        return cm3 / masterCm2 * 10 * hydraulics.PedalRatio;
    }

    /// <summary>Share of a hard press that goes into hoses that swell: the pedal's way over that with braided ones, at 60 bar, warm.</summary>
    /// <param name="car">The car.</param>
    /// <param name="lines">The flexible lines.</param>
    public static double SwellShare(Car car, BrakeLine lines)
    {
        const double bar = 60;
        const double warmC = 60;
        return Math.Max(0, 1 - (Mm(car, BrakeLine.Braided, bar, warmC, warmC) / Mm(car, lines, bar, warmC, warmC)));
    }

    private static double Caliper(AxleBrake axle, double? padUm)
    {
        var body = axle.Caliper switch { CaliperKind.Fixed => 0.007, CaliperKind.OnePiece => 0.005, CaliperKind.Drum => 0.016, _ => 0.010 };
        return axle.Discs * (body + ((padUm / 1000 / CompressibilityBar ?? PadMmPerBar) * 2 * axle.OneSidePistonAreaM2() * 1e3));
    }

    private static double FreeCm3(AxleBrake axle) => axle.Discs * 2 * FreeMm * axle.OneSidePistonAreaM2() * 1e3;
}
