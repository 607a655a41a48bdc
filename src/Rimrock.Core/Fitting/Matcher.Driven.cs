using Rimrock.Core.Driving;
using Rimrock.Core.Judgement;

namespace Rimrock.Core.Fitting;

/// <summary>What driving otherwise does, and two sets in place of one.</summary>
public sealed partial class Matcher
{
    private IEnumerable<Said> Sets(MatchStage stage, Suggestion asItStands, (Suggestion Told, PredictionPlan On)? first) =>
        stage == MatchStage.Whole && first is { } row ? TwoSets.Of(plan, asItStands, row.Told, row.On) : [];

    // What costs nothing is judged with what is fitted first; where nothing of it holds so, and the steps do not end in a car that holds, with where they end.
    private Driving? Driven(IReadOnlyList<SpendStep> steps, CancellationToken cancel)
    {
        var asItStands = Driven(fitted.Key, cancel);
        return asItStands?.Ways.Any(way => way.Holds == true) != true && steps is [.., { Setup.Holds: false } last] && last.Setup.Key != fitted.Key
            ? Driven(last.Setup.Key, cancel) : asItStands;
    }

    private Driving? Driven(string key, CancellationToken cancel)
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
        var ways = DrivingWays.For(plan, worst, boils).Select(way => judge.Driven(setup, life, way.Of(plan), way.IsFresh, cancel) is { } then
            ? new DrivingWay(way.Code, way.What, then.Danger, then.Damage, then.Together(Limits.LimitTable.Disappoints), then.Holds) : null);
        return new Driving(key, DrivingWays.Helping([.. ways.OfType<DrivingWay>()], life));
    }
}
