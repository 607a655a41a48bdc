using Rimrock.Core.Beliefs;
using Rimrock.Core.Driving;
using Rimrock.Core.Limits;
using Rimrock.Core.Runs;

namespace Rimrock.Core.Judgement;

/// <summary>
/// Plans whose heat is the same, judged by a few members of a belief, which are a sketch; gone on with, they are judged by all members as if nobody had
/// stopped. Made for one who goes on once.
/// </summary>
internal sealed class BegunDay
{
    private readonly Day day;
    private readonly PredictionPlan plan;
    private readonly Population belief;
    private readonly LimitReader reader;
    private readonly ModelEnds.Tally ends;
    private readonly int[] picks;
    private readonly ILookup<double[], int> places;

    /// <summary>Begins.</summary>
    /// <param name="plans">The plans.</param>
    /// <param name="belief">What is believed of the car.</param>
    /// <param name="day">Their day.</param>
    /// <param name="cancel">Stops between stretches.</param>
    /// <exception cref="BeyondModelException">More than half of the few lead out of the model's range.</exception>
    public BegunDay(IReadOnlyList<PredictionPlan> plans, Population belief, Day day, CancellationToken cancel)
    {
        (this.day, this.belief, plan, reader, ends) = (day, belief, plans[0], new LimitReader(plans, belief.Scores.Length), new ModelEnds.Tally(plans[0]));
        places = Enumerable.Range(0, belief.Scores.Length).ToLookup(member => belief.Scores[member]);
        picks = belief.SketchPicks();
        Run([.. picks.Select(member => belief.Scores[member]).Distinct()], cancel);
        Few = reader.Judged(belief.Sketched(), picks);
    }

    /// <summary>By the few.</summary>
    public IReadOnlyList<JudgedDay> Few { get; }

    /// <summary>By all.</summary>
    /// <param name="cancel">Stops between stretches.</param>
    /// <exception cref="BeyondModelException">More than half of the members lead out of the model's range.</exception>
    public IReadOnlyList<JudgedDay> All(CancellationToken cancel)
    {
        Run([.. places.Select(same => same.Key).Except(picks.Select(member => belief.Scores[member]))], cancel);
        return reader.Judged(belief);
    }

    /// <summary>False where so many of the few give that no plan's day holds by all.</summary>
    public bool MayHold() => Few.Any(judged => Given(judged, Harm.Danger) < Thresholds.MostDanger && Given(judged, Harm.Damage) < Thresholds.MostDamage);

    // Share of all members that is known to give already.
    private double Given(JudgedDay judged, Harm harm)
    {
        var gives = judged.GivesAny(row => row.HarmOf(judged.Plan) == harm);
        return picks.Where((_, few) => gives[few]).Select(member => belief.Scores[member]).Distinct()
            .Sum(row => places[row].Sum(member => belief.Weights[member]));
    }

    private void Run(double[][] rows, CancellationToken cancel)
    {
        MemberRuns.Each(day.Phases, plan, rows, (run, lanes, cars) =>
        {
            int[][] members = [.. lanes.Select(same => places[rows[same[0]]].ToArray())];
            ends.Add(run, [.. members.Select(same => same.Sum(member => belief.Weights[member]))]);
            reader.Read(run, members, cars);
        }, cancel, courses: false);
        ends.Edges();
    }
}
