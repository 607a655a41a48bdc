using System.Text.Json;
using System.Text.RegularExpressions;
using Microsoft.AspNetCore.Diagnostics;
using Microsoft.AspNetCore.Mvc;
using Microsoft.Data.Sqlite;
using Rimrock.Contract;
using Rimrock.Core.Quantities;
using Rimrock.Core.Runs;
using Rimrock.Storage;

namespace Rimrock.Web.Hosting;

/// <summary>Turns what went wrong into RFC 9457 problem details that a person can act on.</summary>
public sealed partial class ProblemHandler(ILogger<ProblemHandler> log) : IExceptionHandler
{
    private static readonly Action<ILogger, string, Exception?> LogUnexpected =
        LoggerMessage.Define<string>(LogLevel.Error, new EventId(1, "Unexpected"), "Request {Path} failed");

    /// <inheritdoc/>
    public async ValueTask<bool> TryHandleAsync(HttpContext httpContext, Exception exception, CancellationToken cancellationToken)
    {
        ArgumentNullException.ThrowIfNull(httpContext);
        if (exception is OperationCanceledException && httpContext.RequestAborted.IsCancellationRequested)
        {
            return true;
        }

        var details = Describe(exception, httpContext);
        if (details.Status == StatusCodes.Status500InternalServerError)
        {
            LogUnexpected(log, httpContext.Request.Path, exception);
        }

        await Problems.Write(httpContext, details);
        return true;
    }

    private static ProblemDetails Describe(Exception exception, HttpContext context) => exception switch
    {
        InputFaultException refused => Problems.Of(400, "Some figures cannot be right.", refused.Faults),
        BeyondModelException beyond => Problems.Of(422, "Beyond the model.", beyond.Faults),
        BadHttpRequestException { StatusCode: StatusCodes.Status413PayloadTooLarge } => Problems.Of(413, "The request is too large.",
            new InputFault("body", context.Request.ContentLength is { } length ? $"{length / 1_000_000} MB" : "more",
                $"at most {RequestLimits.MostBytes / 1_000_000} MB", $"At most {RequestLimits.MostBytes / 1_000_000} MB.")),
        BadHttpRequestException { InnerException: JsonException json } =>
            Problems.Of(400, "The request is not a plan that Rimrock can read.", BodyText.UnreadableJson(json)),
        // The framework's reader leaves its buffer where a body ends in the middle of true, false or null at the edge of two segments.
        IndexOutOfRangeException cut when cut.StackTrace?.Contains(nameof(Utf8JsonReader), StringComparison.Ordinal) == true =>
            Problems.Of(400, "The request is not a plan that Rimrock can read.",
            new InputFault("body", "cut off", "whole JSON", "The request's body ends in the middle of a word.")),
        BadHttpRequestException { StatusCode: StatusCodes.Status415UnsupportedMediaType } => Problems.Of(415, "The request cannot be read.",
            new InputFault("Content-Type", context.Request.ContentType ?? "nothing", "application/json", "The request is not of the form that is wanted.")),
        BadHttpRequestException bad => Problems.Of(bad.StatusCode, "The request cannot be read.", Unbound(bad)),
        RevisionConflictException conflict =>
            Problems.Of(409, "Someone else changed this first.", new InputFault("revision", "older", "the newest revision", conflict.Message)),
        IdTakenException taken => Problems.Of(409, "That id is taken.", new InputFault("id", "taken", "an id that no other car or kind has", taken.Message)),
        SqliteException { SqliteErrorCode: 13 } => Problems.Of(507, "The disk is full.",
            new InputFault("disk", "full", "room for what is stored", "Nothing was stored. Free some space and try again.")),
        IOException io when io.HResult is DiskFull or QuotaReached => Problems.Of(507, "The disk is full.",
            new InputFault("disk", "full", "room for what is stored", "Nothing was stored. Free some space and try again.")),
        SqliteException { SqliteErrorCode: 5 or 6 } => Problems.Of(503, "The database is busy.",
            new InputFault("database", "busy", "a moment later", "Nothing was stored. Another program holds the database; try again.")),
        SqliteException { SqliteErrorCode: 8 } => Problems.Of(500, "The database is read-only.",
            new InputFault("database", "read-only", "a file that may be written", "Nothing was stored. Check the file's permissions.")),
        _ => Problems.Of(500, "Rimrock made a mistake.", new InputFault("request", "unexpected", "", "Nothing was stored. The log on the console says more.")),
    };

    // ENOSPC and EDQUOT of Linux.
    private const int DiskFull = 28;
    private const int QuotaReached = 122;

    // The framework names our parameters with their types; a driver needs the name and what is wanted.
    private static InputFault Unbound(BadHttpRequestException bad)
    {
        var parameter = Parameter().Match(bad.Message);
        if (!parameter.Success)
        {
            return new InputFault("body", "unreadable", "the form that the OpenAPI document describes",
                bad.Message.Contains("body", StringComparison.OrdinalIgnoreCase)
                ? "The request's body is missing or cannot be read." : "The request cannot be read.");
        }

        var (type, name) = (parameter.Groups["type"].Value, parameter.Groups["name"].Value);
        var value = Value().Match(bad.Message) is { Success: true } given ? given.Groups["value"].Value : "nothing";
        var wanted = type.TrimEnd('?') switch
        {
            "int" or "long" => "a whole number",
            "double" => "a number",
            "bool" => "true or false",
            "DateOnly" => "a day as 2026-05-14",
            "string" => "a text",
            _ => "the form that the OpenAPI document describes",
        };
        return new InputFault(name, value, wanted, value == "nothing" ? $"{name} is missing." : $"{name} cannot be read.");
    }

    [GeneratedRegex("parameter \"(?<type>[^ \"]+) (?<name>[^\"]+)\"")]
    private static partial Regex Parameter();

    [GeneratedRegex("from \"(?<value>[^\"]*)\"")]
    private static partial Regex Value();
}
