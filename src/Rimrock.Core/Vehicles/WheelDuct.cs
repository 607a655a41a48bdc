
namespace Rimrock.Core.Vehicles;

/// <summary>Dust shield behind the rotor.</summary>
public enum Shield
{
    /// <summary>As the car came: closed.</summary>
    Closed,

    /// <summary>Cut open at the rotor's eye.</summary>
    Trimmed,

    /// <summary>Taken off; stones reach the rotor.</summary>
    Removed,
}

/// <summary>Where a duct blows.</summary>
public enum DuctAim
{
    /// <summary>Into the rotor's eye: the vanes draw it in.</summary>
    Eye,

    /// <summary>At the inboard face.</summary>
    Face,
}

/// <summary>How much of the road wind a wheel lets in.</summary>
public enum WheelOpenness
{
    /// <summary>Small windows or a cover.</summary>
    Closed,

    /// <summary>As most alloy wheels.</summary>
    Usual,

    /// <summary>Thin spokes.</summary>
    Open,

    /// <summary>No wheel well at all: a motorcycle.</summary>
    Bare,
}

/// <summary>Cooling air led to one wheel, and what the wheel itself lets in.</summary>
/// <param name="HoseMm">Hose diameter, mm; 0 for no duct.</param>
/// <param name="Shield">The dust shield.</param>
/// <param name="Aim">Where the hose blows.</param>
/// <param name="LengthM">Length of the hose, m.</param>
/// <param name="Wheel">How open the wheel is.</param>
public sealed record WheelDuct(double HoseMm = 0, Shield Shield = Shield.Closed, DuctAim Aim = DuctAim.Eye, double LengthM = 1,
    WheelOpenness Wheel = WheelOpenness.Usual)
{
    /// <summary>Share of the road wind that a face inside a usual wheel feels (engineering judgement, +-0.2).</summary>
    public const double WheelShelter = 0.7;

    private const double ReferenceHoseMm = 76;
    private const double GainAtReference = 0.30;
    private const double ClosedShieldShare = 0.1;
    private const double FaceAimShare = 2;
    private const double EntryAndExitLoss = 1.5;
    private const double HoseFriction = 0.05;
    private static readonly FieldRange Hose = new("duct.hoseMm", "mm", 0, 150);
    private static readonly FieldRange Length = new("duct.lengthM", "m", 0.2, 4);

    /// <summary>Ranges of the fields, for forms.</summary>
    public static IReadOnlyList<FieldRange> Ranges { get; } = [Hose, Length];

    /// <summary>What the duct adds to the forced cooling of faces and vanes: nothing unless it blows into the eye.</summary>
    public double EyeGain() => Aim == DuctAim.Eye ? Gain() : 0;

    /// <summary>
    /// What the duct adds to the forced cooling of the inboard face alone: twice the gain on that one face when aimed there (engineering judgement, x1.6).
    /// </summary>
    public double FaceGain() => Aim == DuctAim.Face ? FaceAimShare * Gain() : 0;

    /// <summary>
    /// Gain of a duct: 0.30 (x1.6) for 1 m of 76 mm hose, with the hose's area and the air speed in it,
    /// sqrt((1 + K + f / D) / (1 + K + f L / D)) with K = 1.5 for entry and exit and f = 0.05 for a ribbed hose (Moody's friction
    /// factor, from memory); a tenth of it behind a closed shield (engineering judgement).
    /// </summary>
    public double Gain()
    {
        if (HoseMm <= 0)
        {
            return 0;
        }

        var perMetre = HoseFriction / (HoseMm / 1000);
        var flow = Math.Sqrt((1 + EntryAndExitLoss + perMetre) / (1 + EntryAndExitLoss + (perMetre * LengthM)));
        return GainAtReference * (HoseMm / ReferenceHoseMm) * (HoseMm / ReferenceHoseMm) * flow * (Shield == Shield.Closed ? ClosedShieldShare : 1);
    }

    /// <summary>Share of a free face's convection that the inboard face keeps behind the shield (engineering judgement, +-0.15).</summary>
    public double InboardShare() => Shield switch
    {
        Shield.Closed => 0.6,
        Shield.Trimmed => 0.8,
        _ => 1,
    };

    /// <summary>Share of the road wind that a face inside the wheel feels (engineering judgement, +-0.2).</summary>
    public double WindShare() => Wheel switch
    {
        WheelOpenness.Closed => 0.55,
        WheelOpenness.Open => 0.85,
        WheelOpenness.Bare => 1,
        _ => WheelShelter,
    };

    /// <summary>On the wheel-well air's warmth (engineering judgement): what cannot get out warms the rest.</summary>
    public double WellRiseShare() => Wheel switch
    {
        WheelOpenness.Closed => 1.3,
        WheelOpenness.Open => 0.7,
        WheelOpenness.Bare => 0.2,
        _ => 1,
    };

    /// <summary>Lists what is wrong.</summary>
    public void Check(string field, ICollection<InputFault> faults)
    {
        Hose.Check(HoseMm, faults, $"{field}.hoseMm");
        Length.Check(LengthM, faults, $"{field}.lengthM");
    }
}
