using Rimrock.Core.Beliefs;
using Rimrock.Core.Driving;
using Rimrock.Core.Runs;

namespace Rimrock.Core.Judgement;

/// <summary>
/// Plans whose heat is the same, judged by the prior's first members, which are a sketch; gone on with, they are judged by all members as if nobody had
/// stopped. Made for one who goes on once.
/// </summary>
internal sealed class BegunDay
{
    private readonly Day day;
    private readonly PredictionPlan plan;
    private readonly LimitReader reader;
    private readonly ModelEnds.Tally ends;

    /// <summary>Begins.</summary>
    /// <param name="plans">The plans.</param>
    /// <param name="day">Their day.</param>
    /// <param name="cancel">Stops between stretches.</param>
    /// <exception cref="BeyondModelException">More than half of the first members lead out of the model's range.</exception>
    public BegunDay(IReadOnlyList<PredictionPlan> plans, Day day, CancellationToken cancel)
    {
        (this.day, plan, reader, ends) = (day, plans[0], new LimitReader(plans, Population.Size), new ModelEnds.Tally(plans[0]));
        Few = Run(0, Population.Prior.Sketched(), cancel);
    }

    /// <summary>By the first members.</summary>
    public IReadOnlyList<JudgedDay> Few { get; }

    /// <summary>By all.</summary>
    /// <param name="cancel">Stops between stretches.</param>
    /// <exception cref="BeyondModelException">More than half of the members lead out of the model's range.</exception>
    public IReadOnlyList<JudgedDay> All(CancellationToken cancel) => Run(Population.SketchSize, Population.Prior, cancel);

    /// <summary>False where so many of the first members give that the day does not hold by all of them.</summary>
    public bool MayHold()
    {
        const double share = (double)Population.SketchSize / Population.Size;
        return Few.Any(judged => judged.Danger.Share * share < Thresholds.MostDanger && judged.Damage.Share * share < Thresholds.MostDamage);
    }

    private IReadOnlyList<JudgedDay> Run(int after, Population belief, CancellationToken cancel)
    {
        MemberRuns.Each(day.Phases, plan, belief.Scores[after..], (run, places, cars) =>
        {
            ends.Add(run, [.. places.Select(same => (double)same.Length)]);
            reader.Read(run, places, cars, after);
        }, cancel, courses: false);
        ends.Edges();
        return reader.Judged(belief);
    }
}
