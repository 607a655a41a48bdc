namespace Rimrock.Core.Beliefs;

/// <summary>What members did on a day: the front rotor's peak at its rim, and for each observation how likely it is and what is predicted.</summary>
/// <param name="RimC">C, one a member.</param>
/// <param name="Log">Logarithms, one row an observation.</param>
/// <param name="Predicted">In the observation's unit, one row an observation.</param>
internal sealed record DayAnswers(float[] RimC, double[][] Log, float[][] Predicted);

/// <summary>
/// Remembers what the prior's members did on days that were learnt from, so that one more day costs its own runs and no others. It changes no answer, only
/// when it comes. May be asked from several threads.
/// </summary>
/// <param name="keyOf">A text for a day: equal texts, equal days.</param>
public sealed class LearningMemory(Func<EvidenceDay, string> keyOf)
{
    /// <summary>As many days as a log is looked through, of a few cars.</summary>
    private const int Most = 200;

    private readonly Dictionary<string, DayAnswers> kept = [];
    private readonly Queue<string> oldest = [];

    /// <summary>One that remembers as much, and forgets and keeps by itself from then on.</summary>
    public LearningMemory Copy()
    {
        var copy = new LearningMemory(keyOf);
        lock (kept)
        {
            foreach (var key in oldest)
            {
                copy.Keep(key, kept[key]);
            }
        }

        return copy;
    }

    /// <summary>A day's text for the members that a prior gives it.</summary>
    internal string KeyOf(EvidenceDay day, string members) => $"{members}/{keyOf(day)}";

    /// <summary>What is remembered; null for nothing.</summary>
    internal DayAnswers? Find(string key)
    {
        lock (kept)
        {
            return kept.GetValueOrDefault(key);
        }
    }

    /// <summary>Remembers, and forgets the oldest where that is too much.</summary>
    internal void Keep(string key, DayAnswers answers)
    {
        lock (kept)
        {
            if (!kept.TryAdd(key, answers))
            {
                return;
            }

            oldest.Enqueue(key);
            while (oldest.Count > Most)
            {
                kept.Remove(oldest.Dequeue());
            }
        }
    }
}
