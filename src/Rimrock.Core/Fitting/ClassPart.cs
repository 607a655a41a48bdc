namespace Rimrock.Core.Fitting;

/// <summary>What the rules of a class may keep as the car was sold.</summary>
public enum ClassPart
{
    /// <summary>Pads.</summary>
    Pads,

    /// <summary>Fluid of another kind; the same, fresh, is always allowed.</summary>
    Fluid,

    /// <summary>Flexible lines.</summary>
    Lines,

    /// <summary>Rotors of another kind.</summary>
    Rotors,

    /// <summary>Calipers.</summary>
    Calipers,

    /// <summary>Cooling air.</summary>
    Ducts,
}
