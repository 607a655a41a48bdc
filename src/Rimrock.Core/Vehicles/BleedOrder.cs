namespace Rimrock.Core.Vehicles;

/// <summary>In which order the calipers are bled.</summary>
public enum BleedOrder
{
    /// <summary>
    /// Furthest from the master cylinder first, which sits at the driver's left: right rear, left rear, right front, left front (common practice).
    /// </summary>
    FurthestFirst,

    /// <summary>The same with the master cylinder at the right.</summary>
    FurthestFirstFromRight,

    /// <summary>Nearest first, as some makers of cars with split circuits want it.</summary>
    NearestFirst,

    /// <summary>Crosswise: right rear, left front, left rear, right front, for diagonal circuits.</summary>
    Crosswise,
}
