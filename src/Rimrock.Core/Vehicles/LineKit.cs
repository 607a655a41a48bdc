
namespace Rimrock.Core.Vehicles;

/// <summary>A set of flexible lines as a driver would order it.</summary>
/// <param name="Name">Name in lists.</param>
/// <param name="Kind">What the lines are.</param>
/// <param name="RoadApproved">True where they may be used on the road.</param>
/// <param name="Price">Price of the set, in the driver's currency; null where unknown.</param>
/// <param name="ForMotorcycle">True for a motorcycle's set.</param>
public sealed record LineKit(string Name, BrakeLine Kind, bool RoadApproved = true, double? Price = null, bool ForMotorcycle = false)
{
    private static readonly FieldRange Cost = new("line.price", "", 0, 20000);

    /// <summary>Ranges of the fields, for forms.</summary>
    public static IReadOnlyList<FieldRange> Ranges { get; } = [Cost];

    /// <summary>Lists what is wrong.</summary>
    public void Check(string field, ICollection<InputFault> faults)
    {
        Names.Check(Name, $"{field}.name", faults);
        if (Price is { } price)
        {
            Cost.Check(price, faults, $"{field}.price");
        }
    }
}
