using Rimrock.Core.Beliefs;
using Rimrock.Core.Driving;
using Rimrock.Core.Entries;
using Rimrock.Core.Logbook;
using Rimrock.Storage;
using Rimrock.Web.Hosting;

namespace Rimrock.Web.Bench;

/// <summary>What a car's log holds that tells of it.</summary>
/// <param name="Sessions">Its days in the paddock, oldest first.</param>
/// <param name="Entries">Ids of their entries.</param>
/// <param name="Days">The days that are learnt from.</param>
/// <param name="Inspections">Looks at the car on stands, oldest first.</param>
public sealed record CarLog(IReadOnlyList<LogSession> Sessions, IReadOnlyList<string> Entries, IReadOnlyList<EvidencedDay> Days,
    IReadOnlyList<InspectionNote> Inspections)
{
    /// <summary>What was seen on the days that are learnt from.</summary>
    public IReadOnlyList<EvidenceDay> Evidence => [.. Days.Select(day => day.Evidence)];
}

/// <summary>What evidence has taught: learnt once, shared by all rooms that ask the same, and kept over a restart.</summary>
/// <param name="cache">Answers of this run.</param>
/// <param name="store">What earlier runs have learnt.</param>
/// <param name="log">The log.</param>
public sealed class LearntShelf(AnswerCache cache, BeliefStore store, LogStore log)
{
    private const int Looked = 60;

    // A day more is learnt from without those before it being driven again.
    private readonly LearningMemory memory = new(cache.HashOf);

    /// <summary>What a car's log tells of it; nothing where no car is named.</summary>
    /// <param name="car">The car's id; null for none.</param>
    /// <exception cref="Core.Quantities.InputFaultException">An id that cannot be one.</exception>
    public CarLog LogOf(string? car)
    {
        if (car is null)
        {
            return new CarLog([], [], [], []);
        }

        var sessions = log.Read<LogSession>(EntryId.Checked(car, "car"), "session", take: Looked).Items.Reverse().ToList();
        var inspections = log.Read<InspectionNote>(car, "inspection", take: Looked).Items.Reverse().Select(item => item.Body).ToList();
        IReadOnlyList<LogSession> bodies = [.. sessions.Select(item => item.Body)];
        return new CarLog(bodies, [.. sessions.Select(item => item.Id)], CarEvidence.Of(bodies, inspections), inspections);
    }

    /// <summary>What some days have taught; nothing where there are none.</summary>
    /// <param name="evidence">The days.</param>
    /// <param name="cancel">Cancelled when the caller hangs up.</param>
    public async Task<ScopedBelief> BeliefAsync(IReadOnlyList<EvidenceDay> evidence, CancellationToken cancel)
    {
        ArgumentNullException.ThrowIfNull(evidence);
        return evidence.Count == 0 ? ScopedBelief.Nothing : (await OfAsync(evidence, null, cancel)).Scoped;
    }

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

            var learnt = Learning.From(evidence, progress, memory, token);
            store.Keep(hash, learnt);
            return Task.FromResult(learnt);
        }, cancel);
}
