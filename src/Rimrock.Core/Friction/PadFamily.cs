
namespace Rimrock.Core.Friction;

/// <summary>
/// What pads of one construction have in common: a typical friction curve, wear law, heat properties and manners.
/// The figures are typical and from memory, never a maker's data (common practice); friction +-0.04, wear x1.7,
/// conductivity x1.4 one sigma. See <see cref="PadFamilies"/> for the rows.
/// </summary>
/// <param name="Code">Stable code in plans and files.</param>
/// <param name="Name">What a driver calls it.</param>
/// <param name="Curve">Typical friction curve, temperature in C.</param>
/// <param name="WearAt150Mm3PerMJ">Wear at 150 C, mm3/MJ.</param>
/// <param name="WearDoublingK">Kelvins above 150 C that double the wear.</param>
/// <param name="WearJump">A further wear factor outside a temperature, if the family has one.</param>
/// <param name="ConductivityWMK">Conductivity through the thickness, W/mK.</param>
/// <param name="DensityKgM3">Density, kg/m3.</param>
/// <param name="SpecificHeatJKgK">Specific heat, J/kgK.</param>
/// <param name="Dust">Dust, 0 (none) to 10.</param>
/// <param name="Noise">Noise, 0 to 10.</param>
/// <param name="RotorWear">Rotor wear, 0 to 10.</param>
/// <param name="Bedding">What it wants while its film forms.</param>
/// <param name="Street">True for pads that may be bedded gently on the way.</param>
public sealed record PadFamily(
    string Code,
    Said Name,
    IReadOnlyList<CurvePoint> Curve,
    double WearAt150Mm3PerMJ,
    double WearDoublingK,
    WearJump? WearJump,
    double ConductivityWMK,
    double DensityKgM3,
    double SpecificHeatJKgK,
    int Dust,
    int Noise,
    int RotorWear,
    BeddingWindow Bedding,
    bool Street)
{
    /// <summary>Change of friction per kelvin below the first point of a chart: the family's own first step.</summary>
    public double ColdSlopePerK => (Curve[1].Mu - Curve[0].Mu) / (Curve[1].TemperatureC - Curve[0].TemperatureC);

    /// <summary>Wear of all pads on an axle, mm3 per MJ of braking work at a face temperature.</summary>
    public double WearMm3PerMJ(double faceC)
    {
        var doubling = Math.Max(0, (faceC - 150) / WearDoublingK);
        var rate = WearAt150Mm3PerMJ * Math.Pow(2, doubling);
        return WearJump is { } jump && jump.AppliesAt(faceC) ? rate * jump.Factor : rate;
    }
}

/// <summary>
/// What a pad wants while its film forms: face temperatures and the stops that get there (common practice; edges +-50 K, engineering judgement).
/// </summary>
/// <param name="LowC">Lower edge, C.</param>
/// <param name="HighC">Upper edge, C.</param>
/// <param name="FromKmh">Gentlest stop to begin with: from, km/h.</param>
/// <param name="ToKmh">And to, km/h.</param>
/// <param name="G">At this deceleration, g.</param>
/// <param name="FastestKmh">Fastest that the stops may begin, km/h.</param>
public sealed record BeddingWindow(double LowC, double HighC, double FromKmh, double ToKmh, double G, double FastestKmh)
{
    /// <summary>Its middle, C.</summary>
    public double MiddleC => 0.5 * (LowC + HighC);
}

/// <summary>A step in the wear law beyond a temperature.</summary>
/// <param name="BoundaryC">The temperature, C.</param>
/// <param name="Above">True where the factor holds above it, false where it holds below.</param>
/// <param name="Factor">The factor.</param>
public sealed record WearJump(double BoundaryC, bool Above, double Factor)
{
    /// <summary>True where the factor holds.</summary>
    public bool AppliesAt(double celsius) => Above ? celsius > BoundaryC : celsius < BoundaryC;
}

/// <summary>One point of a friction chart.</summary>
/// <param name="TemperatureC">Temperature, C.</param>
/// <param name="Mu">Friction coefficient, 0 to 1.2.</param>
public sealed record CurvePoint(double TemperatureC, double Mu)
{
    /// <summary>Allowed chart temperatures.</summary>
    public static FieldRange TemperatureRange { get; } = new("curve.temperatureC", "C", -40, 1200);

    /// <summary>Allowed friction coefficients.</summary>
    public static FieldRange MuRange { get; } = new("curve.mu", "", 0, 1.2);
}
