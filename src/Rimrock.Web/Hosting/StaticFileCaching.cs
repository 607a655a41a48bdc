namespace Rimrock.Web.Hosting;

/// <summary>How long a browser may keep what ships with the page: built assets carry a hash in their name, the rest is asked again.</summary>
public static class StaticFileCaching
{
    /// <summary>Options of the static files.</summary>
    public static StaticFileOptions Options { get; } = new()
    {
        OnPrepareResponse = prepared =>
        {
            var path = prepared.Context.Request.Path;
            prepared.Context.Response.Headers.CacheControl =
                path.StartsWithSegments("/assets", StringComparison.Ordinal) ? "public, max-age=31536000, immutable"
                : path.Value!.EndsWith(".svg", StringComparison.Ordinal) ? "public, max-age=86400" : "no-cache";
        },
    };
}
