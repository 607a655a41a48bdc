namespace Rimrock.Core.Fitting;

/// <summary>What one cell yields: its own Pareto set, and the best setup with each part.</summary>
internal sealed class CellResult(Wishes wishes, int frontPads, int rearPads, int fillings)
{
    private readonly Scored?[] withFront = new Scored?[frontPads];
    private readonly Scored?[] withRear = new Scored?[rearPads];
    private readonly Scored?[] withFilling = new Scored?[fillings];
    private Scored? ofAll;

    public ParetoSet Front { get; } = new(wishes);

    public long Examined { get; private set; }

    /// <summary>Counts setups that were weighed, one by one or all at once.</summary>
    public void Pass(int setups) => Examined += setups;

    /// <summary>True where a pair that no fluid could make better than this neither joins the Pareto set nor is the best with any of its parts.</summary>
    public bool CannotGain(Objectives bound, int frontPad, int rearPad)
    {
        var score = bound.Score(wishes);
        return Holds(withFront[frontPad], score) && Holds(withRear[rearPad], score) && Array.TrueForAll(withFilling, held => Holds(held, score))
            && Front.Covers(bound);

        static bool Holds(Scored? held, double score) => held is { } best && best.Score <= score;
    }

    public void Weigh(Objectives objectives, SetupIndex index)
    {
        Front.Offer(objectives, index);
        var score = objectives.Score(wishes);
        Keep(ref withFront[index.FrontPad], score, objectives, index);
        Keep(ref withRear[index.RearPad], score, objectives, index);
        Keep(ref withFilling[index.Fluid], score, objectives, index);
        Keep(ref ofAll, score, objectives, index);
    }

    /// <summary>The best setups found, each under the parts it stands for.</summary>
    public IEnumerable<((string Kind, string Id) Part, Scored Scored)> BestWith(Func<SetupIndex, Selection> setupAt) =>
        Named(withFront, setup => [("frontPad", setup.FrontPad.Id)], setupAt)
            .Concat(Named(withRear, setup => [("rearPad", setup.RearPad.Id)], setupAt))
            .Concat(Named(withFilling, setup => [("fluid", setup.Fluid.Id), ("lines", setup.Lines?.Id ?? Selection.FittedId)], setupAt))
            .Concat(Named([ofAll], setup => [("rotor", setup.FrontRotor.Id), ("duct", setup.Duct?.Id ?? Selection.FittedId)], setupAt));

    private static IEnumerable<((string Kind, string Id) Part, Scored Scored)> Named(Scored?[] held, Func<Selection, (string Kind, string Id)[]> parts,
        Func<SetupIndex, Selection> setupAt) =>
        held.OfType<Scored>().SelectMany(best => parts(setupAt(best.Index)).Select(part => (part, best)));

    private static void Keep(ref Scored? held, double score, Objectives objectives, SetupIndex index)
    {
        if (held is not { } best || score < best.Score)
        {
            held = new Scored(score, objectives, index);
        }
    }
}

/// <summary>A setup with its score.</summary>
internal readonly record struct Scored(double Score, Objectives Objectives, SetupIndex Index);
