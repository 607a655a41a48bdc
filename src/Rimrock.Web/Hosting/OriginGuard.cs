using System.Net.Http.Headers;

namespace Rimrock.Web.Hosting;

/// <summary>
/// Keeps other sites out of a server that listens on this machine: a request must name this machine as its host and, where it names an origin, our own page;
/// text comes as
/// UTF-8. Every answer, errors included, carries a strict content security policy.
/// </summary>
public sealed class OriginGuard(RequestDelegate next)
{
    private const string Policy = "default-src 'none'; script-src 'self'; style-src 'self'; img-src 'self' data: blob:; font-src 'self'; "
        + "connect-src 'self'; base-uri 'none'; form-action 'none'; frame-ancestors 'none'";

    private static readonly string[] Hosts = ["localhost", "127.0.0.1", "[::1]"];

    /// <summary>Checks a request and marks its answer.</summary>
    public async Task InvokeAsync(HttpContext context)
    {
        ArgumentNullException.ThrowIfNull(context);
        context.Response.OnStarting(Mark, context.Response.Headers);
        if (!Hosts.Contains(context.Request.Host.Host, StringComparer.OrdinalIgnoreCase))
        {
            await Problems.Write(context, StatusCodes.Status400BadRequest, "That is not Rimrock's address.", "host", context.Request.Host.Host,
                string.Join(", ", Hosts), "Rimrock answers on this machine only.");
            return;
        }

        var origin = context.Request.Headers.Origin.ToString();
        if (origin.Length > 0 && origin != $"{context.Request.Scheme}://{context.Request.Host}")
        {
            await Problems.Write(context, StatusCodes.Status403Forbidden, "Only Rimrock's own page may ask.", "origin", origin,
                $"{context.Request.Scheme}://{context.Request.Host}", "The request came from another page.");
            return;
        }

        if (context.Request.ContentType is { Length: > 0 } type && (!MediaTypeHeaderValue.TryParse(type, out var media)
            || (media.CharSet is { } charset && !charset.Trim('"').Equals("utf-8", StringComparison.OrdinalIgnoreCase))))
        {
            await Problems.Write(context, StatusCodes.Status415UnsupportedMediaType, "The request cannot be read.", "Content-Type", type,
                "a media type, in UTF-8", "Text must come as UTF-8.");
            return;
        }

        await next(context);
    }

    private static Task Mark(object state)
    {
        var headers = (IHeaderDictionary)state;
        headers.ContentSecurityPolicy = Policy;
        headers.XContentTypeOptions = "nosniff";
        headers["Referrer-Policy"] = "no-referrer";
        headers["Cross-Origin-Resource-Policy"] = "same-origin";
        return Task.CompletedTask;
    }
}
