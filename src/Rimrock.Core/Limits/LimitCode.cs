namespace Rimrock.Core.Limits;

/// <summary>Stable codes of the limits; the rows stand in <see cref="LimitTable"/>.</summary>
public static class LimitCode
{
    /// <summary>Front pads beyond their band.</summary>
    public const string FrontPadHot = "front-pad-hot";

    /// <summary>Rear pads beyond theirs.</summary>
    public const string RearPadHot = "rear-pad-hot";

    /// <summary>Front pads below theirs on the out lap.</summary>
    public const string FrontPadCold = "front-pad-cold";

    /// <summary>A long first stop on a cold morning.</summary>
    public const string StreetCold = "street-cold";

    /// <summary>Vapour at the front.</summary>
    public const string FrontFluid = "front-fluid";

    /// <summary>Vapour at the rear.</summary>
    public const string RearFluid = "rear-fluid";

    /// <summary>Vapour in a line beside something hot.</summary>
    public const string LineFluid = "line-fluid";

    /// <summary>A stop that even the greatest force does not make.</summary>
    public const string MissedStop = "missed-stop";

    /// <summary>Rear wheels that lock before the front ones.</summary>
    public const string RearLocksFirst = "rear-locks-first";

    /// <summary>A session that is over before its time.</summary>
    public const string OverEarly = "over-early";

    /// <summary>Laps that are slower because the brakes go on earlier.</summary>
    public const string PaceLost = "pace-lost";

    /// <summary>Front seals that harden.</summary>
    public const string FrontSeals = "front-seals";

    /// <summary>Front seals that let go.</summary>
    public const string FrontSealsGone = "front-seals-gone";

    /// <summary>Grease of the front wheel bearings.</summary>
    public const string FrontGrease = "front-grease";

    /// <summary>Dust boots at the front pistons.</summary>
    public const string FrontBoots = "front-boots";

    /// <summary>Crack life of the front rings.</summary>
    public const string FrontCracks = "front-cracks";

    /// <summary>Front rings that may come apart.</summary>
    public const string FrontCracksThrough = "front-cracks-through";

    /// <summary>Carbon front rings that burn away.</summary>
    public const string FrontBurning = "front-burning";

    /// <summary>The front rotors' rubbing face.</summary>
    public const string FrontFace = "front-face";

    /// <summary>The rear rotors' or drums' rubbing face.</summary>
    public const string RearFace = "rear-face";

    /// <summary>Front rotors out of flat.</summary>
    public const string FrontCone = "front-cone";

    /// <summary>Front pads worn below their limit.</summary>
    public const string FrontWear = "front-wear";

    /// <summary>Rear pads worn below their limit.</summary>
    public const string RearWear = "rear-wear";

    /// <summary>Front pads worn to the metal.</summary>
    public const string FrontWornThrough = "front-worn-through";

    /// <summary>Rear pads worn to the metal.</summary>
    public const string RearWornThrough = "rear-worn-through";
}
