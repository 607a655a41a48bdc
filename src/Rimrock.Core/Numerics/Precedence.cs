namespace Rimrock.Core.Numerics;

/// <summary>Lets a short answer go before long ones: while somebody holds it, runs of many members stand back between their stretches.</summary>
public sealed class Precedence : IDisposable
{
    /// <summary>No long run stands back for more than this many milliseconds at a time.</summary>
    private const int MostMs = 100;

    private static int holders;
    private int released;

    private Precedence() => Interlocked.Increment(ref holders);

    /// <summary>Takes precedence until disposed of.</summary>
    public static Precedence Take() => new();

    /// <summary>Waits while a short answer is being computed, 100 ms at most.</summary>
    public static void StandBack()
    {
        for (var waited = 0; Volatile.Read(ref holders) > 0 && waited < MostMs; waited++)
        {
            Thread.Sleep(1);
        }
    }

    /// <inheritdoc/>
    public void Dispose()
    {
        if (Interlocked.Exchange(ref released, 1) == 0)
        {
            Interlocked.Decrement(ref holders);
        }
    }
}
