namespace Rimrock.Web.Hosting;

/// <summary>Takes what is asked below the estate's address to the estate.</summary>
/// <param name="next">What answers.</param>
/// <param name="estate">The estate.</param>
public sealed class EstateDoor(RequestDelegate next, Estate estate)
{
    /// <summary>Lets a request in.</summary>
    public async Task InvokeAsync(HttpContext context)
    {
        ArgumentNullException.ThrowIfNull(context);
        if (!context.Request.Path.StartsWithSegments(Estate.Path, out var rest))
        {
            await next(context);
            return;
        }

        context.Request.PathBase = context.Request.PathBase.Add(Estate.Path);
        context.Request.Path = rest.HasValue ? rest : "/";
        using (estate.Enter())
        {
            await next(context);
        }
    }
}
