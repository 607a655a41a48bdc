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
    private const int Most = 48;
    private readonly ConcurrentDictionary<string, byte[]> answers = new();
    private readonly ConcurrentQueue<string> order = new();

    /// <summary>The answer to a question, computed once.</summary>
    /// <typeparam name="TAnswer">What is answered.</typeparam>
    /// <param name="kind">Kind of question.</param>
    /// <param name="question">The question.</param>
    /// <param name="answer">Computes the answer.</param>
    public IResult Answer<TAnswer>(string kind, object question, Func<TAnswer> answer)
    {
        ArgumentNullException.ThrowIfNull(question);
        ArgumentNullException.ThrowIfNull(answer);
        var options = json.Value.SerializerOptions;
        var key = kind + Convert.ToHexString(SHA256.HashData(JsonSerializer.SerializeToUtf8Bytes(question, question.GetType(), options)));
        if (!answers.TryGetValue(key, out var bytes))
        {
            bytes = JsonSerializer.SerializeToUtf8Bytes(answer(), options);
            if (answers.TryAdd(key, bytes))
            {
                order.Enqueue(key);
            }

            while (order.Count > Most && order.TryDequeue(out var oldest))
            {
                answers.TryRemove(oldest, out _);
            }
        }

        return Results.Bytes(bytes, "application/json");
    }
}
