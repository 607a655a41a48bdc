using Rimrock.Core.Friction;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Preparation;

/// <summary>The window that a bedding aims at: the family's own, or on the street one that can be reached gently.</summary>
internal static class BeddingTarget
{
    private const double GentleLowC = 100;
    private const double GentleHighC = 200;

    // The other school: twice the stops at half the force, from the speed of a quick road (common practice).
    private const double GentleG = 0.3;
    private const double ManyFromKmh = 90;

    // A motorcycle has little to hold on to: one lever, from a speed at which its rear stays down (common practice).
    private const double MotorcycleFromKmh = 90;
    private const double MotorcycleFastestKmh = 150;

    /// <summary>Stops of a bedding, the fewest and the most: a few hard ones, or many gentle ones.</summary>
    public static (int Fewest, int Most) Stops(BeddingPlace place) => place == BeddingPlace.ManyGentle ? (15, 30) : (6, 16);

    /// <summary>The window of a pad at a place.</summary>
    public static BeddingWindow Of(Pad pad, BeddingPlace place, VehicleKind kind)
    {
        var window = pad.FamilyOf().Bedding;
        var asked = place switch
        {
            BeddingPlace.GentleStreet => new BeddingWindow(GentleLowC, Math.Min(GentleHighC, window.HighC), 70, 20, GentleG, 70),
            BeddingPlace.ManyGentle => window with { FromKmh = Math.Min(ManyFromKmh, window.FromKmh), G = Math.Min(GentleG, window.G) },
            _ => window,
        };
        return kind != VehicleKind.Motorcycle ? asked
            : asked with { FromKmh = Math.Min(MotorcycleFromKmh, asked.FromKmh), FastestKmh = Math.Min(MotorcycleFastestKmh, asked.FastestKmh) };
    }
}
