namespace Rimrock.Web.Hosting;

/// <summary>How large a request may be.</summary>
public static class RequestLimits
{
    /// <summary>Largest request body, bytes: a full recording with room to spare, so that a larger one gets our own message.</summary>
    public const long MostBytes = 32_000_000;
}
