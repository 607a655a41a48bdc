using System.Collections.Concurrent;
using System.Security.Cryptography;
using System.Text.Json;
using Microsoft.AspNetCore.Http.Json;
using Microsoft.Extensions.Options;

namespace Rimrock.Web.Bench;

/// <summary>
/// Keeps the last answers by the hash of what was asked: going back to a plan, or opening a link twice, costs nothing. Answers
/// are functions of the question alone, so that nothing in it can grow old.
/// </summary>
public sealed class AnswerCache(IOptions<JsonOptions> json)
{
    private const int Most = 96;
    private readonly ConcurrentDictionary<string, object> answers = new();
    private readonly ConcurrentQueue<string> order = new();

    /// <summary>The answer to a question, computed once.</summary>
    /// <typeparam name="TAnswer">What is answered.</typeparam>
    /// <param name="kind">Kind of question.</param>
    /// <param name="question">The question.</param>
    /// <param name="answer">Computes the answer.</param>
    public IResult Answer<TAnswer>(string kind, object question, Func<TAnswer> answer)
    {
        ArgumentNullException.ThrowIfNull(answer);
        return Results.Bytes(Remember(kind, question, () => JsonSerializer.SerializeToUtf8Bytes(answer(), json.Value.SerializerOptions)), "application/json");
    }

    /// <summary>A part of an answer, computed once.</summary>
    /// <typeparam name="TPart">What it is.</typeparam>
    /// <param name="kind">Kind of question.</param>
    /// <param name="question">The question.</param>
    /// <param name="compute">Computes it.</param>
    public TPart Remember<TPart>(string kind, object question, Func<TPart> compute)
        where TPart : notnull
    {
        ArgumentNullException.ThrowIfNull(question);
        ArgumentNullException.ThrowIfNull(compute);
        var key = kind + Convert.ToHexString(SHA256.HashData(JsonSerializer.SerializeToUtf8Bytes(question, question.GetType(), json.Value.SerializerOptions)));
        if (answers.TryGetValue(key, out var held))
        {
            return (TPart)held;
        }

        var part = compute();
        if (answers.TryAdd(key, part))
        {
            order.Enqueue(key);
        }

        while (order.Count > Most && order.TryDequeue(out var oldest))
        {
            answers.TryRemove(oldest, out _);
        }

        return part;
    }
}
