using Rimrock.Core.Priors;

namespace Rimrock.Core.Vehicles;

/// <summary>
/// From the foot to the line pressure and on to the torque at the wheel, and back.
/// Booster with a knee: master force = min(G F i, F i + A) with gain G, pedal ratio i and run-out assistance A; a failed
/// booster has G = 1 and A = 0. Torque of one wheel = 2 mu (p - p0) A_one_side r_eff efficiency
/// (Limpert, Brake Design and Safety, 3rd edition 2011, chapters 5 and 2; from memory).
/// </summary>
/// <param name="MasterCylinderMm">Master cylinder bore, mm.</param>
/// <param name="PedalRatio">Pedal lever ratio.</param>
/// <param name="BoosterGain">Force gain of the booster below its knee.</param>
/// <param name="BoosterKneeN">Assistance at the knee, N.</param>
/// <param name="ThresholdBar">Pressure that only overcomes seals and springs, bar.</param>
/// <param name="Efficiency">Share of piston force that arrives at the pads.</param>
/// <param name="Guessed">True where nobody measured or typed them: they scatter more.</param>
/// <param name="BalanceBarFrontShare">
/// Share of the push rods' force that a balance bar gives the front's own cylinder, the rest the rear's of the same bore; null for one cylinder for both.
/// </param>
public sealed record Hydraulics(
    double MasterCylinderMm = 23.81,
    double PedalRatio = 3.5,
    double BoosterGain = 4.5,
    double BoosterKneeN = 3200,
    double ThresholdBar = 0.5,
    double Efficiency = 0.96,
    bool Guessed = false,
    double? BalanceBarFrontShare = null)
{
    private const double PascalPerBar = 1e5;
    private static readonly FieldRange Bore = new("car.hydraulics.masterCylinderMm", "mm", 12, 40);
    private static readonly FieldRange Ratio = new("car.hydraulics.pedalRatio", "", 2, 8);
    private static readonly FieldRange Gain = new("car.hydraulics.boosterGain", "", 1, 12);
    private static readonly FieldRange Knee = new("car.hydraulics.boosterKneeN", "N", 0, 9000);
    private static readonly FieldRange Threshold = new("car.hydraulics.thresholdBar", "bar", 0, 5);
    private static readonly FieldRange Share = new("car.hydraulics.efficiency", "", 0.7, 1);

    private static readonly FieldRange Bar = new("car.hydraulics.balanceBarFrontShare", "", 0.3, 0.75);

    /// <summary>Ranges of the fields, for forms.</summary>
    public static IReadOnlyList<FieldRange> Ranges { get; } = [Bore, Ratio, Gain, Knee, Threshold, Share, Bar];

    /// <summary>Pressure of the rear line over the front's: 1 behind one cylinder for both, what is left of the force behind a balance bar.</summary>
    public double RearPressureShare => BalanceBarFrontShare is { } front ? (1 - front) / front : 1;

    /// <summary>The same car with its booster failed.</summary>
    public Hydraulics WithoutBooster() => this with { BoosterGain = 1, BoosterKneeN = 0 };

    /// <summary>Line pressure for a pedal force, bar.</summary>
    public double PressureBar(double pedalN)
    {
        var rod = pedalN * PedalRatio;
        var master = Math.Min(BoosterGain * rod, rod + BoosterKneeN);
        return master / MasterAreaM2() / PascalPerBar;
    }

    /// <summary>One standard deviation of the pressure that a force gives, factor: less where the figures were typed in.</summary>
    public double SpreadFactor() => Guessed ? PriorSpread.HydraulicsGuessed : PriorSpread.HydraulicsTyped;

    /// <summary>Line pressure for a pedal force, bar, where the booster's knee lies elsewhere or electronics press on beyond it.</summary>
    /// <param name="pedalN">Pedal force, N.</param>
    /// <param name="kneeFactor">On the assistance at the knee.</param>
    /// <param name="pressesOn">True where electronics go on where the booster has given all.</param>
    public double PressureBar(double pedalN, double kneeFactor, bool pressesOn) =>
        (pressesOn ? WithKnee(double.MaxValue) : WithKnee(BoosterKneeN * kneeFactor)).PressureBar(pedalN);

    private Hydraulics WithKnee(double assistN) => this with { BoosterKneeN = assistN };

    /// <summary>Pedal force for a line pressure, N: the inverse of <see cref="PressureBar(double)"/>.</summary>
    public double PedalForceN(double pressureBar)
    {
        var master = pressureBar * PascalPerBar * MasterAreaM2();
        return Math.Max(master / BoosterGain, master - BoosterKneeN) / PedalRatio;
    }

    /// <summary>Torque of one axle (all its discs) for each pascal of effective pressure at a friction of 1, Nm/Pa.</summary>
    public double AxleTorquePerPascal(AxleBrake axle, double effectiveRadiusM)
    {
        ArgumentNullException.ThrowIfNull(axle);
        return 2 * axle.Discs * axle.OneSidePistonAreaM2() * effectiveRadiusM * Efficiency;
    }

    /// <summary>Pressure that works on the pads, Pa.</summary>
    public double EffectivePascal(double pressureBar) => Math.Max(0, pressureBar - ThresholdBar) * PascalPerBar;

    /// <summary>Line pressure for an effective pressure, bar.</summary>
    public double LineBar(double effectivePascal) => (effectivePascal / PascalPerBar) + ThresholdBar;

    /// <summary>Lists what is wrong.</summary>
    public void Check(ICollection<InputFault> faults)
    {
        Bore.Check(MasterCylinderMm, faults);
        Ratio.Check(PedalRatio, faults);
        Gain.Check(BoosterGain, faults);
        Knee.Check(BoosterKneeN, faults);
        Threshold.Check(ThresholdBar, faults);
        Share.Check(Efficiency, faults);
        if (BalanceBarFrontShare is { } bar)
        {
            Bar.Check(bar, faults);
        }
    }

    // The front's cylinder gets its share of the force: as if its area were so much larger.
    private double MasterAreaM2() => Math.PI / 4 * MasterCylinderMm * MasterCylinderMm * 1e-6 / (BalanceBarFrontShare ?? 1);
}
