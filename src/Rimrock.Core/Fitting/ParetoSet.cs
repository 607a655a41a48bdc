namespace Rimrock.Core.Fitting;

/// <summary>Setups of which none is beaten in everything by another; of equals the first stays.</summary>
internal sealed class ParetoSet(Wishes wishes)
{
    private readonly List<(Objectives.Steps Steps, Objectives Exact, SetupIndex Selection)> kept = [];

    public IReadOnlyList<(Objectives.Steps Steps, Objectives Exact, SetupIndex Selection)> Kept => kept;

    /// <summary>True where something that is there is no worse than these objectives.</summary>
    public bool Covers(Objectives objectives)
    {
        var steps = objectives.Rounded(wishes);
        for (var i = kept.Count - 1; i >= 0; i--)
        {
            if (kept[i].Steps.NoWorse(steps))
            {
                // What has just beaten one candidate will beat the next ones like it: look at it first.
                (kept[i], kept[^1]) = (kept[^1], kept[i]);
                return true;
            }
        }

        return false;
    }

    /// <summary>Takes a setup in unless one that is there is no worse; throws out what it beats.</summary>
    public void Offer(Objectives objectives, SetupIndex setup)
    {
        if (Covers(objectives))
        {
            return;
        }

        var steps = objectives.Rounded(wishes);
        kept.RemoveAll(other => steps.Dominates(other.Steps));
        kept.Add((steps, objectives, setup));
    }
}

/// <summary>A setup by its places in the lists that were searched.</summary>
internal readonly record struct SetupIndex(short FrontPad, short RearPad, short Rotor, short Duct, short Fluid);
