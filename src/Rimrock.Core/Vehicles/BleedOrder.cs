namespace Rimrock.Core.Vehicles;

/// <summary>In which order the calipers are bled.</summary>
public enum BleedOrder
{
    /// <summary>Furthest from the master cylinder first, which sits at the driver's left: right rear, left rear, right front, left front (common practice).</summary>
    FurthestFirst,

    /// <summary>The same with the master cylinder at the right.</summary>
    FurthestFirstFromRight,

    /// <summary>Nearest first, as some makers of cars with split circuits want it.</summary>
    NearestFirst,

    /// <summary>Crosswise: right rear, left front, left rear, right front, for diagonal circuits.</summary>
    Crosswise,
}

/// <summary>Names of the corners in a bleed order.</summary>
public static class BleedOrders
{
    /// <summary>The four corners in order; a motorcycle has front, then rear.</summary>
    public static IReadOnlyList<string> Corners(this Car car)
    {
        ArgumentNullException.ThrowIfNull(car);
        return car.Kind == VehicleKind.Motorcycle ? ["rear", "front right", "front left"] : car.Bleeding switch
        {
            BleedOrder.FurthestFirstFromRight => ["left rear", "right rear", "left front", "right front"],
            BleedOrder.NearestFirst => ["left front", "right front", "left rear", "right rear"],
            BleedOrder.Crosswise => ["right rear", "left front", "left rear", "right front"],
            _ => ["right rear", "left rear", "right front", "left front"],
        };
    }
}
