using Rimrock.Core.Beliefs;
using Rimrock.Storage;

namespace Rimrock.Web.Bench;

/// <summary>What evidence has taught: learnt once, shared by all rooms that ask the same, and kept over a restart.</summary>
/// <param name="cache">Answers of this run.</param>
/// <param name="store">What earlier runs have learnt.</param>
public sealed class LearntShelf(AnswerCache cache, BeliefStore store)
{
    /// <summary>What some days have taught.</summary>
    /// <param name="evidence">The days.</param>
    /// <param name="progress">Told the share of the work that may be needed.</param>
    /// <param name="cancel">Cancelled when the caller hangs up.</param>
    public Task<Learnt> OfAsync(IReadOnlyList<EvidenceDay> evidence, Action<double>? progress, CancellationToken cancel) =>
        cache.RememberAsync("learnt", evidence, token =>
        {
            var hash = cache.HashOf(evidence);
            if (store.Find(hash) is { } kept)
            {
                return Task.FromResult(kept);
            }

            var learnt = Learning.From(evidence, progress, token);
            store.Keep(hash, learnt);
            return Task.FromResult(learnt);
        }, cancel);
}
