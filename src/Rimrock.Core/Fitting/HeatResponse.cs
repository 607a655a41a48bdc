using Rimrock.Core.Friction;
using Rimrock.Core.Runs;

namespace Rimrock.Core.Fitting;

/// <summary>
/// A temperature (or another figure) of a day, as it answers to what pads change: the axle's share of the work and the pad's
/// conductivity. Parabolas through three computed points each, taken as additive.
/// </summary>
/// <param name="Middle">With the reference pads.</param>
/// <param name="PerShare">For each 1 of front share more, at the middle.</param>
/// <param name="PerShareSquared">Its curvature.</param>
/// <param name="PerLog">For each e-fold of conductivity more, at the middle.</param>
/// <param name="PerLogSquared">Its curvature.</param>
/// <param name="Sigma">One standard deviation towards hot of what is not known of the car.</param>
internal readonly record struct HeatResponse(double Middle, double PerShare, double PerShareSquared, double PerLog, double PerLogSquared, double Sigma)
{
    /// <summary>Front share added in the design runs.</summary>
    public const double ShareStep = 0.06;

    private const double Softer = 0.5;
    private const double Harder = 4;

    /// <summary>The members of a design run: middle, cool, hot, more and less front share, more and less conductive pads.</summary>
    public static IReadOnlyList<CarFactors> Design { get; } =
    [
        CarFactors.Corners[0], CarFactors.Corners[1], CarFactors.Corners[2],
        CarFactors.Median with { FrontShareShift = ShareStep }, CarFactors.Median with { FrontShareShift = -ShareStep },
        Conducting(Harder), Conducting(Softer),
    ];

    /// <summary>Reads the answers of a design run.</summary>
    /// <param name="of">The figure of a member.</param>
    /// <param name="later">Added to all: what later sessions add to the first.</param>
    public static HeatResponse Read(Func<int, double> of, double later = 0)
    {
        var middle = of(0);
        double up = of(3) - middle, down = of(4) - middle, hard = of(5) - middle, soft = of(6) - middle;
        double h = Math.Log(Harder), s = Math.Log(Softer);
        var curve = ((hard / h) - (soft / s)) / (h - s);
        return new HeatResponse(middle + later, (up - down) / (2 * ShareStep), (up + down) / (2 * ShareStep * ShareStep), (hard / h) - (curve * h), curve,
            Math.Abs(of(2) - middle) / Numerics.Spread.EdgeSigmas);
    }

    /// <summary>The figure for another pad.</summary>
    /// <param name="shareShift">Front share over the reference pads'.</param>
    /// <param name="logConductivity">Natural logarithm of the conductivity over the reference pad's.</param>
    public double At(double shareShift, double logConductivity) =>
        Middle + (shareShift * (PerShare + (PerShareSquared * shareShift))) + (logConductivity * (PerLog + (PerLogSquared * logConductivity)));

    private static CarFactors Conducting(double factor)
    {
        var wheel = CarFactors.Median.Front with { PadConductivity = factor };
        return CarFactors.Median with { Front = wheel, Rear = wheel };
    }
}

/// <summary>One axle in one cell of the search: what a pad meets there.</summary>
/// <param name="Hot">Temperature (0.5 mm under the face) that a tenth of the hottest lap's energy exceeds, C.</param>
/// <param name="Face">Peak of the face, C.</param>
/// <param name="Fluid">Peak of the fluid, C.</param>
/// <param name="OverEmbeddedK">Face over embedded at the peak, K.</param>
/// <param name="UnderEmbeddedK">Embedded over the section's mean at the peak, K: what a chart by initial temperature reads less.</param>
/// <param name="Energy">The session's braking energy by embedded temperature, J.</param>
/// <param name="WearFactor">Worst pad's wear over what energy and temperature alone give.</param>
/// <param name="FaceLimitC">What the face should stay below, C.</param>
/// <param name="FaceLimitSigmaK">One standard deviation of that, K.</param>
/// <param name="FaceRuins">True where an overheated face is ruined.</param>
/// <param name="FadeRuins">True where an overheated pad ruins the disc.</param>
/// <param name="Brake">The axle.</param>
/// <param name="StartMm">Friction material this morning with the fitted pads, mm.</param>
internal sealed record AxleHeat(HeatResponse Hot, HeatResponse Face, HeatResponse Fluid, double OverEmbeddedK, double UnderEmbeddedK,
    (double Celsius, double Joules)[] Energy,
    double WearFactor, double FaceLimitC, double FaceLimitSigmaK, bool FaceRuins, bool FadeRuins, Vehicles.AxleBrake Brake, double StartMm)
{
    /// <summary>By how much a chart of this basis reads other than the embedded temperature, K.</summary>
    public double BasisShiftK(ChartBasis basis) => basis switch
    {
        ChartBasis.Rubbing => OverEmbeddedK,
        ChartBasis.InitialEmbedded => -UnderEmbeddedK,
        ChartBasis.Unknown => Math.Min(OverEmbeddedK, ChartTemperature.UnknownBasisK),
        _ => 0,
    };

    /// <summary>Energy-weighted mean friction of a pad with the reference temperatures.</summary>
    public double MeanMu(Pad pad)
    {
        var mu = PadTables.Of(pad).Mu;
        var shift = BasisShiftK(pad.Basis);
        double sum = 0, weight = 0;
        foreach (var (celsius, joules) in Energy)
        {
            sum += joules * mu.At(celsius + shift);
            weight += joules;
        }

        return weight > 0 ? sum / weight : mu.At(20);
    }

    /// <summary>Wear of the session if every pad wore as the worst, mm3, with all temperatures moved in proportion to their rise over the air.</summary>
    public double WornMm3(Pad pad, double riseFactor, double ambientC, double energyFactor)
    {
        var (wear, sparedC) = (PadTables.Of(pad).WearMm3PerMJ, PadTables.Of(pad).SparedC);
        var sum = 0.0;
        foreach (var (celsius, joules) in Energy)
        {
            var face = celsius + (OverEmbeddedK * (celsius - ambientC) / Math.Max(50, Hot.Middle - ambientC));
            sum += joules * 1e-6 * wear.At(Math.Min(sparedC, ambientC + ((face - ambientC) * riseFactor)));
        }

        return sum * energyFactor * WearFactor;
    }
}
