
namespace Rimrock.Core.Vehicles;

/// <summary>A set of front brake ducts as a driver would order it.</summary>
/// <param name="Name">Name in lists.</param>
/// <param name="Duct">What it does at one wheel.</param>
/// <param name="Price">Price of the set, in the driver's currency; null where unknown.</param>
public sealed record DuctKit(string Name, WheelDuct Duct, double? Price = null)
{
    private static readonly FieldRange Cost = new("duct.price", "", 0, 20000);

    /// <summary>Ranges of the fields, for forms.</summary>
    public static IReadOnlyList<FieldRange> Ranges { get; } = [Cost];

    /// <summary>Lists what is wrong.</summary>
    public void Check(string field, ICollection<InputFault> faults)
    {
        Names.Check(Name, $"{field}.name", faults);
        Duct.Check($"{field}.duct", faults);
        if (Price is { } price)
        {
            Cost.Check(price, faults, $"{field}.price");
        }
    }
}
