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
    private readonly IReadOnlyList<Believed> each;
    private readonly LimitReader reader;
    private readonly ModelEnds.Tally ends;
    private readonly int[] picks;
    private readonly ILookup<double[], int> places;

    /// <summary>Begins.</summary>
    /// <param name="each">The plans; what is believed of them differs in their fluids alone.</param>
    /// <param name="day">Their day.</param>
    /// <param name="cancel">Stops between stretches.</param>
    /// <exception cref="BeyondModelException">More than half of the few lead out of the model's range.</exception>
    public BegunDay(IReadOnlyList<Believed> each, Day day, CancellationToken cancel)
    {
        (this.each, this.day) = (each, day);
        (reader, ends) = (new([.. each.Select(one => one.Plan)], [.. each.Select(one => one.Belief.Scores)]), new(each[0].Plan));
        places = Enumerable.Range(0, Scores.Length).ToLookup(member => Scores[member], HeatRows.Alike);
        picks = each[0].Belief.SketchPicks();
        Run([.. picks.Select(member => Scores[member]).Distinct(HeatRows.Alike)], cancel);
        Few = reader.Judged([.. each.Select(one => one.Belief.Sketched())], picks);
    }

    /// <summary>By the few.</summary>
    public IReadOnlyList<JudgedDay> Few { get; }

    private double[][] Scores => each[0].Belief.Scores;

    /// <summary>By all.</summary>
    /// <param name="cancel">Stops between stretches.</param>
    /// <exception cref="BeyondModelException">More than half of the members lead out of the model's range.</exception>
    public IReadOnlyList<JudgedDay> All(CancellationToken cancel)
    {
        Run([.. places.Select(same => same.Key).Except(picks.Select(member => Scores[member]), HeatRows.Alike)], cancel);
        return reader.Judged([.. each.Select(one => one.Belief)]);
    }

    /// <summary>False where so many of the few give that no plan's day holds by all.</summary>
    public bool MayHold() => each.Zip(Few).Any(one =>
        Given(one.First, one.Second, Harm.Danger) < Thresholds.MostDanger && Given(one.First, one.Second, Harm.Damage) < Thresholds.MostDamage);

    // Share of all members that is known to give already: the few, and those that stand for the same row.
    private double Given(Believed of, JudgedDay few, Harm harm)
    {
        var gives = few.GivesAny(row => row.HarmOf(few.Plan) == harm);
        HashSet<double[]> giving = [.. picks.Where((_, i) => gives[i]).Select(member => of.Belief.Scores[member])];
        return of.Belief.Weights.Where((_, member) => giving.Contains(of.Belief.Scores[member])).Sum();
    }

    private void Run(double[][] rows, CancellationToken cancel)
    {
        MemberRuns.Each(day.Phases, each[0].Plan, rows, (run, lanes, _) =>
        {
            int[][] members = [.. lanes.Select(same => places[rows[same[0]]].ToArray())];
            ends.Add(run, [.. members.Select(same => same.Sum(member => each[0].Belief.Weights[member]))]);
            reader.Read(run, members);
        }, cancel, courses: false);
        ends.Edges();
    }
}
