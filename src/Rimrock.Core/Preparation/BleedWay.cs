namespace Rimrock.Core.Preparation;

/// <summary>How fluid is drawn through (common practice: each works, and each has its own mistake).</summary>
public enum BleedWay
{
    /// <summary>One at the pedal or lever, one at the screw.</summary>
    TwoPeople,

    /// <summary>Alone, with a one-way valve in the hose.</summary>
    OnePerson,

    /// <summary>A hand pump at the screw.</summary>
    Vacuum,
}
