using System.Buffers;
using System.ComponentModel;
using System.Security.Cryptography;
using System.Text.Json;
using Microsoft.AspNetCore.Http.Json;
using Microsoft.Extensions.Caching.Hybrid;
using Microsoft.Extensions.Caching.Memory;
using Microsoft.Extensions.Options;
using Rimrock.Web.Hosting;

namespace Rimrock.Web.Bench;

/// <summary>
/// Keeps the last answers by the hash of what was asked: going back to a plan, or opening a link twice, costs nothing, and a question that several ask at once
/// is computed once,
/// under a token of its own that is cancelled when the last of them hangs up. Answers are functions of the question alone, so that nothing in it can grow old;
/// failures are
/// never kept.
/// </summary>
public sealed class AnswerCache(HybridCache cache, IMemoryCache memory, IOptions<JsonOptions> json)
{
    // Rough sizes of what is kept that is no text, KB: only their order matters, for what is put away first.
    private const int PartKb = 400;

    /// <summary>The answer to a question, computed once.</summary>
    /// <typeparam name="TAnswer">What is answered.</typeparam>
    /// <param name="kind">Kind of question.</param>
    /// <param name="question">The question.</param>
    /// <param name="answer">Computes the answer; its token is cancelled when nobody waits any more.</param>
    /// <param name="cancel">Cancelled when this caller hangs up.</param>
    public async Task<IResult> AnswerAsync<TAnswer>(string kind, object question, Func<CancellationToken, Task<TAnswer>> answer, CancellationToken cancel)
    {
        ArgumentNullException.ThrowIfNull(answer);
        var kept = await KeptAsync(kind, question, async token =>
        {
            var bytes = JsonSerializer.SerializeToUtf8Bytes(await answer(token), json.Value.SerializerOptions);
            return new Kept(bytes, 1 + (bytes.Length >> 10));
        }, cancel);
        return Results.Bytes((byte[])kept.Value, "application/json");
    }

    /// <summary>A part of an answer, computed once.</summary>
    /// <typeparam name="TPart">What it is; never changed once made.</typeparam>
    /// <param name="kind">Kind of question.</param>
    /// <param name="question">The question.</param>
    /// <param name="compute">Computes it; its token is cancelled when nobody waits any more.</param>
    /// <param name="cancel">Cancelled when this caller hangs up.</param>
    /// <param name="kb">Its size, KB, roughly: what is large is put away sooner.</param>
    public async Task<TPart> RememberAsync<TPart>(string kind, object question, Func<CancellationToken, Task<TPart>> compute, CancellationToken cancel,
        int kb = PartKb)
        where TPart : notnull => (TPart)(await KeptAsync(kind, question, async token => new Kept(await compute(token), kb), cancel)).Value;

    /// <summary>Hash of a question.</summary>
    /// <param name="question">The question.</param>
    public string HashOf(object question)
    {
        ArgumentNullException.ThrowIfNull(question);
        return Convert.ToHexString(SHA256.HashData(JsonSerializer.SerializeToUtf8Bytes(question, question.GetType(), json.Value.SerializerOptions)));
    }

    private ValueTask<Kept> KeptAsync(string kind, object question, Func<CancellationToken, Task<Kept>> compute, CancellationToken cancel)
    {
        ArgumentNullException.ThrowIfNull(question);
        var key = kind + HashOf(question);

        // Long work stays long work on the cache's own threads.
        var scheduler = TaskScheduler.Current as LongQueue;
        return cache.GetOrCreateAsync(key, (Compute: compute, Queue: scheduler),
            async (work, token) =>
            {
                var kept = await (work.Queue?.RunAsync(() => work.Compute(token)) ?? work.Compute(token));
                MakeRoom(kept.Kb);
                return kept;
            }, cancellationToken: cancel);
    }

    // A full cache does not take what comes next, and makes room for what comes after it: whoever goes on with that would begin anew. Twice the
    // room, for what is computed at the same time.
    private void MakeRoom(int kb)
    {
        if (memory is not MemoryCache counted)
        {
            return;
        }

        while (counted.Count > 0 && counted.GetCurrentStatistics() is { CurrentEstimatedSize: var size } && size + (2 * kb) > AnswerCaching.MostKb)
        {
            counted.Compact(Math.Max(0.05, 1.5 / counted.Count));
        }
    }

    /// <summary>Something kept, never changed.</summary>
    /// <param name="Value">It.</param>
    /// <param name="Kb">Its size, KB, roughly.</param>
    [ImmutableObject(true)]
    public sealed record Kept(object Value, int Kb);

    /// <summary>The cache counts the bytes that this writes: one a KB, since nothing is ever read back from it.</summary>
    public sealed class KeptSize : IHybridCacheSerializer<Kept>
    {
        /// <inheritdoc/>
        public Kept Deserialize(ReadOnlySequence<byte> source) => throw new NotSupportedException();

        /// <inheritdoc/>
        public void Serialize(Kept value, IBufferWriter<byte> target)
        {
            ArgumentNullException.ThrowIfNull(value);
            ArgumentNullException.ThrowIfNull(target);
            target.GetSpan(value.Kb)[..value.Kb].Clear();
            target.Advance(value.Kb);
        }
    }
}

/// <summary>Registers the cache.</summary>
public static class AnswerCaching
{
    internal const int MostKb = 160_000;
    private static readonly TimeSpan Kept = TimeSpan.FromHours(2);

    /// <summary>Adds it with its sizes.</summary>
    public static void AddAnswers(this IServiceCollection services)
    {
        services.AddMemoryCache(options => (options.SizeLimit, options.TrackStatistics) = (MostKb, true));
        services.AddHybridCache(options =>
        {
            options.MaximumPayloadBytes = MostKb;
            options.DefaultEntryOptions =
                new HybridCacheEntryOptions { Expiration = Kept, LocalCacheExpiration = Kept, Flags = HybridCacheEntryFlags.DisableDistributedCache };
        }).AddSerializer<AnswerCache.Kept, AnswerCache.KeptSize>();
        services.AddSingleton<AnswerCache>();
    }
}
