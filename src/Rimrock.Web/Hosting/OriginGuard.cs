namespace Rimrock.Web.Hosting;

/// <summary>
/// Keeps other sites out of a server that listens on this machine: a request that names an origin must come from our own
/// page, and every answer carries a strict content security policy.
/// </summary>
public sealed class OriginGuard(RequestDelegate next, IProblemDetailsService problems)
{
    private const string Policy = "default-src 'none'; script-src 'self'; style-src 'self'; img-src 'self' data: blob:; font-src 'self'; "
        + "connect-src 'self'; base-uri 'none'; form-action 'none'; frame-ancestors 'none'";

    /// <summary>Checks a request and marks its answer.</summary>
    public async Task InvokeAsync(HttpContext context)
    {
        ArgumentNullException.ThrowIfNull(context);
        var headers = context.Response.Headers;
        headers.ContentSecurityPolicy = Policy;
        headers.XContentTypeOptions = "nosniff";
        headers["Referrer-Policy"] = "no-referrer";
        headers["Cross-Origin-Resource-Policy"] = "same-origin";
        var origin = context.Request.Headers.Origin.ToString();
        if (origin.Length > 0 && origin != $"{context.Request.Scheme}://{context.Request.Host}")
        {
            context.Response.StatusCode = StatusCodes.Status403Forbidden;
            await problems.TryWriteAsync(new ProblemDetailsContext
            {
                HttpContext = context,
                ProblemDetails = { Status = 403, Title = "Only Rimrock's own page may ask.", Detail = $"The request came from {origin}." },
            });
            return;
        }

        await next(context);
    }
}
