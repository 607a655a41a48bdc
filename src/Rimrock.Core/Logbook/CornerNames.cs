using Rimrock.Core.Entries;

namespace Rimrock.Core.Logbook;

/// <summary>What a driver calls the corners.</summary>
internal static class CornerNames
{
    /// <summary>The name of a corner.</summary>
    public static Said Of(Corner corner) => corner switch
    {
        Corner.LeftFront => Said.Of("stop-or-go.left-front"),
        Corner.RightFront => Said.Of("stop-or-go.right-front"),
        Corner.LeftRear => Said.Of("stop-or-go.left-rear"),
        _ => Said.Of("stop-or-go.right-rear"),
    };
}
