namespace Rimrock.Core.Rotors;

/// <summary>What sets one kind of wheel brake apart from another: what rubs on what, at which radius, with how much self-help, and how open it is.</summary>
public interface IFoundationBrake
{
    /// <summary>True where an outer face rubs too, with a lining of its own.</summary>
    bool RubsBothFaces { get; }

    /// <summary>Linings that rub on one face.</summary>
    int LiningsOnAFace { get; }

    /// <summary>Share of a piston's contact through which a lining's plate passes heat to it.</summary>
    double PlateToPistonShare { get; }

    /// <summary>True where the rotor's face looks at caliper and air; false where it is shut in.</summary>
    bool Open { get; }

    /// <summary>True where overheating its face ruins it; false where it only lets go and comes back.</summary>
    bool OverheatingRuins { get; }

    /// <summary>Area of one rubbing face, m2.</summary>
    /// <param name="outerM">Outer radius, m; of a drum that of its rubbing face.</param>
    /// <param name="innerM">Inner radius, m.</param>
    /// <param name="widthM">Width of a drum's face, m.</param>
    double FaceAreaM2(double outerM, double innerM, double widthM);

    /// <summary>Thickness of a plain plate of the face's area that weighs as much, mm.</summary>
    /// <param name="thicknessMm">Thickness, mm.</param>
    /// <param name="airMm">Of it air between the vanes, mm.</param>
    /// <param name="outerMm">Outer diameter, mm.</param>
    double SolidMm(double thicknessMm, double airMm, double outerMm);

    /// <summary>Radius at which the friction force acts, m.</summary>
    /// <param name="outerM">Outer radius, m.</param>
    /// <param name="padHeightM">Radial height of the pad, m.</param>
    double EffectiveRadiusM(double outerM, double padHeightM);

    /// <summary>The friction at which a disc with the same pistons would brake as hard.</summary>
    double DiscMu(double mu);

    /// <summary>The same of each member.</summary>
    Lane DiscMu(Lane mu);

    /// <summary>Share of both faces that linings and caliper cover.</summary>
    double CoveredShare(double liningsM2, double faceM2);

    /// <summary>What the rubbing face should stay below, C.</summary>
    /// <param name="material">What it is made of.</param>
    /// <param name="deviation">A member's own, in standard deviations.</param>
    double FaceLimitC(RotorMaterial material, double deviation);
}
