namespace Rimrock.Core.Rotors;

/// <summary>A disc between two pads.</summary>
public sealed class DiscBrake : IFoundationBrake
{
    /// <summary>Pads and caliper cover this much more than the pads' area (engineering judgement), and never more than half.</summary>
    private const double CoverOverPad = 1.3;
    private const double MostCovered = 0.5;

    private DiscBrake()
    {
    }

    /// <summary>The kind.</summary>
    public static DiscBrake Kind { get; } = new();

    /// <inheritdoc/>
    public bool RubsBothFaces => true;

    /// <inheritdoc/>
    public int LiningsOnAFace => 1;

    /// <inheritdoc/>
    public double PlateToPistonShare => 1;

    /// <inheritdoc/>
    public bool Open => true;

    /// <inheritdoc/>
    public bool OverheatingRuins => true;

    /// <inheritdoc/>
    public double FaceAreaM2(double outerM, double innerM, double widthM) => Math.PI * ((outerM * outerM) - (innerM * innerM));

    /// <inheritdoc/>
    public double SolidMm(double thicknessMm, double airMm, double outerMm) => thicknessMm - airMm;

    /// <summary>The middle of the pad, which reaches the rotor's edge, m.</summary>
    public double EffectiveRadiusM(double outerM, double padHeightM) => outerM - (padHeightM / 2);

    /// <inheritdoc/>
    public double DiscMu(double mu) => mu;

    /// <inheritdoc/>
    public Lane DiscMu(Lane mu) => mu;

    /// <inheritdoc/>
    public double CoveredShare(double liningsM2, double faceM2) => Math.Min(MostCovered, CoverOverPad * liningsM2 / faceM2);

    /// <inheritdoc/>
    public double FaceLimitC(RotorMaterial material, double deviation)
    {
        ArgumentNullException.ThrowIfNull(material);
        return material.FaceLimitC + (material.FaceLimitSpreadK * deviation);
    }
}
