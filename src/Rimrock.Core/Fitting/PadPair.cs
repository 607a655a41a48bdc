using Rimrock.Core.Friction;
using Rimrock.Core.Priors;

namespace Rimrock.Core.Fitting;

/// <summary>Which pads a technician fits together.</summary>
internal static class PadPair
{
    /// <summary>
    /// True where no rear pad is bought for more heat than the front one: the front does most of the work, so that the rear has the same compound or a milder
    /// one (common practice). How far a family reaches is known within some 60 K, so that as much is no difference.
    /// </summary>
    /// <param name="front">The front pad.</param>
    /// <param name="rear">The rear pad; what is on the car stays.</param>
    public static bool IsUsual(Pad front, Part<Pad> rear) => rear.Id == Selection.FittedId
        || PadTables.Of(rear.Body).Band.ToC <= PadTables.Of(front).Band.ToC + PriorSpread.FamilyEdgeK;
}
