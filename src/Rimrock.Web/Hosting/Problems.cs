using Microsoft.AspNetCore.Mvc;
using Rimrock.Core.Quantities;
using Rimrock.Telling;

namespace Rimrock.Web.Hosting;

/// <summary>Problem details by RFC 9457 with our faults: field or line, value, allowed.</summary>
public static class Problems
{
    /// <summary>Details with faults.</summary>
    public static ProblemDetails Of(int status, string title, params IReadOnlyList<InputFault> faults)
    {
        ArgumentNullException.ThrowIfNull(faults);
        var details = new ProblemDetails
        {
            Status = status,
            Title = title,
            Detail = string.Join(" ", faults.Select(fault => Teller.Text(fault.Message)).Distinct().Take(5))
        };
        details.Extensions["faults"] = faults.Select(ToldFault.Of).ToList();
        return details;
    }

    /// <summary>Writes details with one fault.</summary>
    public static async Task Write(HttpContext context, int status, string title, string field, string value, string allowed, string message)
    {
        ArgumentNullException.ThrowIfNull(context);
        await Write(context, Of(status, title, new InputFault(field, value, allowed, message)));
    }

    /// <summary>Writes details.</summary>
    public static async Task Write(HttpContext context, ProblemDetails details)
    {
        ArgumentNullException.ThrowIfNull(context);
        ArgumentNullException.ThrowIfNull(details);
        details.Extensions["version"] = StartOptions.Version;
        context.Response.StatusCode = details.Status ?? StatusCodes.Status500InternalServerError;
        await context.RequestServices.GetRequiredService<IProblemDetailsService>()
            .TryWriteAsync(new ProblemDetailsContext { HttpContext = context, ProblemDetails = details });
    }

    /// <summary>Fills in what an answer without a body lacks.</summary>
    public static async Task OfStatus(HttpContext context)
    {
        ArgumentNullException.ThrowIfNull(context);
        var (path, status) = (context.Request.Path.Value ?? "", context.Response.StatusCode);
        await Write(context, status switch
        {
            StatusCodes.Status404NotFound => Of(status, "There is nothing at this address.",
                new InputFault("address", path, "an address that the OpenAPI document describes", "There is nothing at this address.")),
            StatusCodes.Status405MethodNotAllowed => Of(status, "This address is not asked that way.",
                new InputFault("method", context.Request.Method, "a method that the OpenAPI document describes", "This address is not asked that way.")),
            StatusCodes.Status415UnsupportedMediaType => Of(status, "The request cannot be read.",
                new InputFault("Content-Type", context.Request.ContentType ?? "nothing", "the content type that the OpenAPI document describes",
                "The request is not of the form that is wanted.")),
            _ => Of(status, "The request cannot be answered.", new InputFault("request", $"{status}", "a request that the OpenAPI document describes",
                "The request cannot be answered.")),
        });
    }
}
