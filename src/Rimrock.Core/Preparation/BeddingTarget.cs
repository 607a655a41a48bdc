using Rimrock.Core.Friction;

namespace Rimrock.Core.Preparation;

/// <summary>The window that a bedding aims at: the family's own, or on the street one that can be reached gently.</summary>
internal static class BeddingTarget
{
    private const double GentleLowC = 100;
    private const double GentleHighC = 200;

    /// <summary>The window of a pad at a place.</summary>
    public static BeddingWindow Of(Pad pad, BeddingPlace place)
    {
        var window = pad.FamilyOf().Bedding;
        return place == BeddingPlace.GentleStreet ? new BeddingWindow(GentleLowC, Math.Min(GentleHighC, window.HighC), 70, 20, 0.3, 70) : window;
    }
}
