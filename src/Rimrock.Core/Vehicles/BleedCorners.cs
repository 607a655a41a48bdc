namespace Rimrock.Core.Vehicles;

/// <summary>Names of the corners in a bleed order.</summary>
public static class BleedCorners
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
