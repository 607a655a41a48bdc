using System.Text.Json;
using Microsoft.AspNetCore.Diagnostics;
using Microsoft.AspNetCore.Mvc;
using Microsoft.Data.Sqlite;
using Rimrock.Core.Prediction;
using Rimrock.Core.Quantities;
using Rimrock.Storage;

namespace Rimrock.Web.Hosting;

/// <summary>Turns what went wrong into RFC 9457 problem details that a person can act on.</summary>
public sealed class ProblemHandler(IProblemDetailsService problems, ILogger<ProblemHandler> log) : IExceptionHandler
{
    private static readonly Action<ILogger, string, Exception?> LogUnexpected =
        LoggerMessage.Define<string>(LogLevel.Error, new EventId(1, "Unexpected"), "Request {Path} failed");

    /// <inheritdoc/>
    public async ValueTask<bool> TryHandleAsync(HttpContext httpContext, Exception exception, CancellationToken cancellationToken)
    {
        ArgumentNullException.ThrowIfNull(httpContext);
        var details = Describe(exception);
        if (details.Status >= 500)
        {
            LogUnexpected(log, httpContext.Request.Path, exception);
        }

        httpContext.Response.StatusCode = details.Status ?? 500;
        return await problems.TryWriteAsync(new ProblemDetailsContext { HttpContext = httpContext, ProblemDetails = details, Exception = exception });
    }

    private static ProblemDetails Describe(Exception exception) => exception switch
    {
        InputFaultException refused => WithFaults("Some figures cannot be right.", refused.Faults),
        BeyondModelException beyond => WithFaults("Beyond the model.", beyond.Faults, StatusCodes.Status422UnprocessableEntity),
        BadHttpRequestException { StatusCode: StatusCodes.Status413PayloadTooLarge } => Plain(413, "The request is too large.", $"At most {RequestLimits.MostBytes / 1_000_000} MB."),
        BadHttpRequestException { InnerException: JsonException json } => WithFaults("The request is not a plan that Rimrock can read.", [Fault(json)]),
        BadHttpRequestException bad => Plain(bad.StatusCode, "The request cannot be read.", bad.Message),
        RevisionConflictException conflict => Plain(409, "Someone else changed this first.", conflict.Message),
        SqliteException { SqliteErrorCode: 13 } => Plain(507, "The disk is full.", "Nothing was stored. Free some space and try again."),
        SqliteException { SqliteErrorCode: 8 } => Plain(500, "The database is read-only.", "Nothing was stored. Check the file's permissions."),
        _ => Plain(500, "Rimrock made a mistake.", "Nothing was stored. The log on the console says more."),
    };

    private static InputFault Fault(JsonException json)
    {
        var field = json.Path is { Length: > 2 } path ? path[2..] : "body";
        var line = json.LineNumber is { } number ? $" (line {number + 1})" : "";
        return new InputFault(field, "unreadable", "the form that the OpenAPI document describes", $"{field}{line}: {json.Message.Split(" Path:")[0]}");
    }

    private static ProblemDetails WithFaults(string title, IReadOnlyList<InputFault> faults, int status = StatusCodes.Status400BadRequest)
    {
        var details = Plain(status, title, string.Join(" ", faults.Select(fault => fault.Message).Distinct().Take(5)));
        details.Extensions["faults"] = faults;
        return details;
    }

    private static ProblemDetails Plain(int status, string title, string detail) => new() { Status = status, Title = title, Detail = detail };
}
