namespace Rimrock.Core.Vehicles;

/// <summary>Names of the corners in a bleed order.</summary>
public static class BleedCorners
{
    /// <summary>The four corners in order; a motorcycle has front, then rear.</summary>
    public static IReadOnlyList<Said> Corners(this Car car)
    {
        ArgumentNullException.ThrowIfNull(car);
        return car.Kind == VehicleKind.Motorcycle ? ["rear", Said.Of("bleed-corners.front-right"), Said.Of("bleed-corners.front-left")] : car.Bleeding switch
        {
            BleedOrder.FurthestFirstFromRight => [Said.Of("bleed-corners.left-rear"), Said.Of("bleed-corners.right-rear"), Said.Of("bleed-corners.left-front"),
                Said.Of("bleed-corners.right-front")],
            BleedOrder.NearestFirst => [Said.Of("bleed-corners.left-front"), Said.Of("bleed-corners.right-front"), Said.Of("bleed-corners.left-rear"),
                Said.Of("bleed-corners.right-rear")],
            BleedOrder.Crosswise => [Said.Of("bleed-corners.right-rear"), Said.Of("bleed-corners.left-front"), Said.Of("bleed-corners.left-rear"),
                Said.Of("bleed-corners.right-front")],
            _ => [Said.Of("bleed-corners.right-rear"), Said.Of("bleed-corners.left-rear"), Said.Of("bleed-corners.right-front"),
                Said.Of("bleed-corners.left-front")],
        };
    }
}
