using System.Collections.Concurrent;
using Rimrock.Core.Beliefs;
using Rimrock.Core.Driving;
using Rimrock.Core.Judgement;
using Rimrock.Core.Runs;

namespace Rimrock.Core.Fitting;

/// <summary>How likely it is that something of a setup gives, by the one judgement.</summary>
internal sealed partial class SetupJudge
{
    private readonly ConcurrentDictionary<string, Population> beliefs = new();
    private readonly ConcurrentDictionary<(string Heat, string Belief, int Place), (List<string> Keys, BegunDay Day)> begun = new();
    private HashSet<int>? telling;

    /// <summary>Counts the chances of setups: those whose heat is the same by one set of runs, and the year's events with them where it is no sketch.</summary>
    /// <param name="drawn">The setups.</param>
    /// <param name="sketch">True for 64 members, else all.</param>
    /// <param name="told">Told after each set of runs how many setups are done.</param>
    /// <param name="cancel">Stops between stretches.</param>
    public Dictionary<string, CountedSetup> Judged(IReadOnlyList<DrawnSetup> drawn, bool sketch, Action<int>? told, CancellationToken cancel)
    {
        var judged = new Dictionary<string, CountedSetup>(StringComparer.Ordinal);
        var groups = Alike(drawn).ToList();
        MemberRuns.SideBySide(groups.Count, at =>
        {
            var group = groups[at];
            var counted = Counted(group, sketch, cancel);
            lock (judged)
            {
                foreach (var (one, i) in counted.Select((one, i) => (one, i)))
                {
                    judged[group[i].Key] = one;
                }

                told?.Invoke(judged.Count);
            }
        }, cancel);
        return judged;
    }

    // None where more than half of the members lead out of the model: nothing can be said of it, and it is not offered.
    private List<CountedSetup> Counted(IReadOnlyList<DrawnSetup> group, bool sketch, CancellationToken cancel)
    {
        try
        {
            var leading = Counted(group, plan.PlaceOf(null), sketch, cancel);
            var days = Enumerable.Range(0, year.Days.Count).Where(i => !sketch || telling is null || telling.Contains(i))
                .Select(i => ReferenceEquals(year.Days[i], day) ? leading : Counted(group, i, sketch, cancel)).ToList();

            // The year's events are the leading day with its fluid older: they need no runs of their own, and only what is told needs them.
            return [.. group.Select((one, i) => new CountedSetup(new JudgedLife([.. days.Select(each => each[i])]),
                new(() => sketch ? [] : [.. Events(one).Select(leading[i].WithFluid)])))];
        }
        catch (BeyondModelException)
        {
            return [];
        }
    }

    // What was begun for a sketch is gone on with.
    private IReadOnlyList<JudgedDay> Counted(IReadOnlyList<DrawnSetup> group, int place, bool sketch, CancellationToken cancel)
    {
        var key = (group[0].Selection.HeatKey(), belief.HeatKeyOf(group[0].On), place);
        Believed[] each = [.. group.Select(one => new Believed(one.On.On(one.On.Planned()[place]), BeliefOf(one.On)))];
        if (sketch)
        {
            var started = new BegunDay(each, year.Days[place], cancel);
            begun[key] = ([.. group.Select(one => one.Key)], started);
            return started.Few;
        }

        return begun.TryGetValue(key, out var before) && group.All(one => before.Keys.Contains(one.Key)) && begun.TryRemove(key, out before)
            ? before.Day.All(cancel) is var all ? [.. group.Select(one => all[before.Keys.IndexOf(one.Key)])] : []
            : Judge.Sharing(each, year.Days[place], cancel);
    }

    /// <summary>
    /// The place of the kind of day with the largest chance of danger with what is fitted, by a few members; where none has any, of damage. Days that have
    /// neither are left out of later sketches: what is judged by all members is judged on all days.
    /// </summary>
    public int WorstDay(DrawnSetup fitted, CancellationToken cancel)
    {
        if (year.Days.Count == 1)
        {
            return 0;
        }

        var life = Judged([fitted], sketch: true, null, cancel).TryGetValue(fitted.Key, out var counted) ? counted.Life : null;
        telling = life is null ? null : [.. Enumerable.Range(0, life.Days.Count)
            .Where(i => ReferenceEquals(year.Days[i], day) || life.Days[i].Danger.Share > 0 || life.Days[i].Damage.Share > 0)];
        var worst = life is null ? null : life.Danger.Share > 0 ? life.MostDangerous : life.MostDamaging.Damage.Share > 0 ? life.MostDamaging : null;
        return worst is null ? plan.PlaceOf(null) : life!.Days.ToList().IndexOf(worst);
    }

    /// <summary>The same by further members where its danger is small.</summary>
    public CountedSetup Settled(CountedSetup counted, CancellationToken cancel)
    {
        // Its events are read off what is let go of here.
        _ = counted.Events.Value;
        return counted with { Life = Judge.Settled(counted.Life, year, cancel).Slim() };
    }

    /// <summary>A setup's life where the plan is driven otherwise; null where that leads out of the model's range.</summary>
    /// <param name="setup">The setup.</param>
    /// <param name="judged">Its life as the plan has it: days that go on alike are not run again.</param>
    /// <param name="otherwise">The same plan, driven otherwise.</param>
    /// <param name="isFresh">True where its fluid is new before each event.</param>
    /// <param name="onlyHolding">True where it is of no interest unless it holds: null too where a few members show that it does not.</param>
    /// <param name="cancel">Stops between stretches.</param>
    public JudgedLife? Driven(Selection setup, JudgedLife judged, PredictionPlan otherwise, bool isFresh, bool onlyHolding, CancellationToken cancel)
    {
        var on = setup.On(otherwise, isFresh ? wishes with { FreshFluidEachEvent = true } : wishes);
        var by = BeliefOf(on);
        var days = new List<JudgedDay>();
        try
        {
            foreach (var (planned, i) in otherwise.Planned().Select((planned, i) => (planned, i)))
            {
                var drive = otherwise.On(planned).Drive();
                if (!isFresh && drive == plan.On(plan.Planned()[i]).Drive())
                {
                    days.Add(judged.Days[i]);
                }
                else if (!onlyHolding)
                {
                    days.Add(Judge.Sharing([on.On(planned)], by, new Day(drive), cancel)[0].Slim());
                }
                else if (new BegunDay([new(on.On(planned), by)], new Day(drive), cancel) is var started && started.MayHold())
                {
                    days.Add(started.All(cancel)[0].Slim());
                }
                else
                {
                    return null;
                }
            }

            return new JudgedLife(days);
        }
        catch (BeyondModelException)
        {
            return null;
        }
    }

    private Population BeliefOf(PredictionPlan on) => beliefs.GetOrAdd(belief.KeyOf(on), _ => belief.Of(on));

    /// <summary>Setups that differ in fluid and hoses alone, and of which the same is believed but for the fluid.</summary>
    private IEnumerable<IReadOnlyList<DrawnSetup>> Alike(IReadOnlyList<DrawnSetup> drawn) =>
        drawn.GroupBy(one => (one.Selection.HeatKey(), belief.HeatKeyOf(one.On)))
            .Select(group => group.ToList());
}
