namespace Rimrock.Web.Hosting;

/// <summary>How large a request may be.</summary>
public static class RequestLimits
{
    /// <summary>Largest request body, bytes: a full recording with room to spare, so that a larger one gets our own message.</summary>
    public const long MostBytes = 32_000_000;

    /// <summary>How long answers under way may hold up a shutdown.</summary>
    public static TimeSpan LongestShutdown { get; } = TimeSpan.FromSeconds(1.5);
}
