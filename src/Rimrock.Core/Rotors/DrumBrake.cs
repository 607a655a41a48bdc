using Rimrock.Core.Friction;
using Rimrock.Core.Priors;

namespace Rimrock.Core.Rotors;

/// <summary>A drum about two shoes, rubbed on its inside: shut in, and helping itself on (<see cref="DrumGain"/>).</summary>
public sealed class DrumBrake : IFoundationBrake
{
    /// <summary>A drum and its linings lose their grip and their adjustment above this, C (from memory; engineering judgement).</summary>
    public const double LimitC = 350;

    /// <summary>A drum's wall with its stiffening rib weighs this many times the wall (engineering judgement).</summary>
    private const double ClosedShare = 1.35;

    private DrumBrake()
    {
    }

    /// <summary>The kind.</summary>
    public static DrumBrake Kind { get; } = new();

    /// <inheritdoc/>
    public bool RubsBothFaces => false;

    /// <inheritdoc/>
    public int LiningsOnAFace => 2;

    /// <summary>A shoe touches its cylinder at the end of its web only (engineering judgement).</summary>
    public double PlateToPistonShare => 0.05;

    /// <inheritdoc/>
    public bool Open => false;

    /// <inheritdoc/>
    public bool OverheatingRuins => false;

    /// <summary>The inside of the cylinder, m2.</summary>
    public double FaceAreaM2(double outerM, double innerM, double widthM) => 2 * Math.PI * outerM * widthM;

    /// <inheritdoc/>
    public double SolidMm(double thicknessMm, double airMm, double outerMm) => thicknessMm * (1 + (thicknessMm / outerMm)) * ClosedShare;

    /// <summary>The drum's own radius, m.</summary>
    public double EffectiveRadiusM(double outerM, double padHeightM) => outerM;

    /// <inheritdoc/>
    public double DiscMu(double mu) => DrumGain.DiscMu(mu);

    /// <inheritdoc/>
    public Lane DiscMu(Lane mu) => DrumGain.DiscMu(mu);

    /// <summary>Nothing: its outside is free.</summary>
    public double CoveredShare(double liningsM2, double faceM2) => 0;

    /// <inheritdoc/>
    public double FaceLimitC(RotorMaterial material, double deviation) => LimitC + (PriorSpread.DrumK * deviation);
}
