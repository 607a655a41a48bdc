using Rimrock.Core.Driving;
using Rimrock.Core.Judgement;
using Rimrock.Core.Runs;

namespace Rimrock.Core.Fitting;

/// <summary>What driving otherwise does, and two sets in place of one.</summary>
public sealed partial class Matcher
{
    private IEnumerable<Said> Sets(MatchStage stage, Suggestion asItStands, (Suggestion Told, PredictionPlan On)? first) =>
        stage == MatchStage.Whole && first is { } row ? TwoSets.Of(plan, asItStands, row.Told, row.On) : [];

    // What costs nothing is judged with what is fitted first; where nothing of it holds so, and the steps do not end in a car that holds, with where they end.
    private Driving? Driven(IReadOnlyList<SpendStep> steps, CancellationToken cancel)
    {
        var last = steps is [.., { Setup.Holds: false } end] && end.Setup.Key != fitted.Key ? end.Setup.Key : null;
        return Driven(fitted.Key, onlyHolding: last is not null, cancel) ?? (last is null ? null : Driven(last, onlyHolding: false, cancel));
    }

    // Null too where it is of no interest unless something holds, and nothing does.
    private Driving? Driven(string key, bool onlyHolding, CancellationToken cancel)
    {
        if (Selection.OfKey(key, plan, offer) is not { } setup)
        {
            return null;
        }

        var life = Counted(judge.Draw(setup), sketch: false).Life;
        var worst = life.Days.ToList().IndexOf(life.Danger.Share > 0 ? life.MostDangerous : life.Damage.Share > 0 ? life.MostDamaging
            : life.Most(day => day.Together(Limits.LimitTable.Disappoints)));
        var boils = !wishes.FreshFluidEachEvent && setup.Fluid.Id != Selection.FittedId
            && life.Together(Limits.LimitTable.Boils).Share >= Thresholds.MostDanger;
        var ways = DrivingWays.For(plan, worst, boils).ToLookup(way => way.Code == DrivingWays.Together);
        var judged = new Dictionary<string, DrivingWay>(StringComparer.Ordinal);
        Ask(ways[false], onlyHolding);

        // All of them together are told only where none alone holds.
        if (!IsHeld())
        {
            Ask(ways[true], onlyHolding);
        }

        if (onlyHolding && !IsHeld())
        {
            return null;
        }

        Ask(ways[false], onlyHolding: false);
        return new Driving(key, Helping());

        IReadOnlyList<DrivingWay> Helping() => DrivingWays.Helping([.. ways.SelectMany(some => some).OrderBy(way => way.Code == DrivingWays.Together)
            .Where(way => judged.ContainsKey(way.Code)).Select(way => judged[way.Code])], life);

        bool IsHeld() => Helping().Any(way => way.Holds == true);

        void Ask(IEnumerable<DrivingWays.Way> some, bool onlyHolding)
        {
            DrivingWays.Way[] left = [.. some.Where(way => !judged.ContainsKey(way.Code))];
            MemberRuns.SideBySide(left.Length, i =>
            {
                var way = left[i];
                if (judge.Driven(setup, life, way.Of(plan), way.IsFresh, onlyHolding, cancel) is { } then)
                {
                    lock (judged)
                    {
                        judged[way.Code] = new DrivingWay(way.Code, way.What, then.Danger, then.Damage, then.Together(Limits.LimitTable.Disappoints),
                            then.Holds);
                    }
                }
            }, cancel);
        }
    }
}
