using Rimrock.Core.Beliefs;
using Rimrock.Core.Driving;
using Rimrock.Core.Runs;

namespace Rimrock.Core.Judgement;

/// <summary>
/// The one answer to "how likely does it give": belief x day x limits. What is fitted, each row of a short list, each step, each event and each evening before
/// are judged here, so
/// that one limit of one plan by one belief is one figure wherever it stands.
/// </summary>
public static class Judge
{
    /// <summary>Judges a plan; where its danger is small but not nothing, by four times the members.</summary>
    /// <param name="plan">A plan without faults.</param>
    /// <param name="belief">What is believed of the car.</param>
    /// <param name="day">The plan's day.</param>
    /// <param name="cancel">Stops between stretches.</param>
    /// <exception cref="BeyondModelException">More than half of the members lead out of the model's range.</exception>
    public static JudgedDay Of(PredictionPlan plan, Population belief, Day day, CancellationToken cancel = default) =>
        Settled(Sharing([plan], belief, day, cancel)[0], day, cancel);

    /// <summary>The same by more members on days whose danger is small but not nothing.</summary>
    public static JudgedLife Settled(JudgedLife judged, Year year, CancellationToken cancel = default)
    {
        ArgumentNullException.ThrowIfNull(judged);
        ArgumentNullException.ThrowIfNull(year);
        return judged.Unsettled ? new([.. judged.Days.Zip(year.Days, (one, day) => Settled(one, day, cancel))]) : judged;
    }

    /// <summary>Judges plans whose heat is the same by one set of runs, without running more where a danger is small.</summary>
    /// <param name="plans">The plans.</param>
    /// <param name="belief">What is believed of the car.</param>
    /// <param name="day">Their day.</param>
    /// <param name="cancel">Stops between stretches.</param>
    public static IReadOnlyList<JudgedDay> Sharing(IReadOnlyList<PredictionPlan> plans, Population belief, Day day, CancellationToken cancel = default)
    {
        ArgumentNullException.ThrowIfNull(plans);
        ArgumentNullException.ThrowIfNull(belief);
        ArgumentNullException.ThrowIfNull(day);
        return Sharing([.. plans.Select(plan => new Believed(plan, belief))], day, cancel);
    }

    /// <summary>The same where something else is believed of their fluids, and nothing else.</summary>
    internal static IReadOnlyList<JudgedDay> Sharing(IReadOnlyList<Believed> each, Day day, CancellationToken cancel = default)
    {
        var (plan, belief) = each[0];
        var reader = new LimitReader([.. each.Select(one => one.Plan)], [.. each.Select(one => one.Belief.Scores)]);
        var ends = new ModelEnds.Tally(plan);
        MemberRuns.Each(day.Phases, plan, belief.Scores, (run, places, _) =>
        {
            ends.Add(run, [.. places.Select(same => same.Sum(member => belief.Weights[member]))]);
            reader.Read(run, places);
        }, cancel, courses: false, alike: HeatRows.Alike);
        ends.Edges();
        return reader.Judged([.. each.Select(one => one.Belief)]);
    }

    /// <summary>The same by more members where the danger is small but not nothing, else as it is.</summary>
    public static JudgedDay Settled(JudgedDay judged, Day day, CancellationToken cancel = default)
    {
        ArgumentNullException.ThrowIfNull(judged);
        ArgumentNullException.ThrowIfNull(day);
        if (!judged.Unsettled)
        {
            return judged;
        }

        var further = FurtherMembers.For(judged);
        var reader = new LimitReader([judged.Plan], [further.Scores]);
        MemberRuns.Each(day.Phases, judged.Plan, further.Scores, (run, places, _) => reader.Read(run, places), cancel, courses: false);
        return judged.With(reader.Of(0), further.Scores, further.Weights, further.DrawnAlike);
    }
}
