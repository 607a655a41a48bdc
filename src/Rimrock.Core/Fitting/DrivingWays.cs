using Rimrock.Core.Driving;
using Rimrock.Core.Judgement;

namespace Rimrock.Core.Fitting;

/// <summary>A way to do with the worst kind of day that costs nothing, or a bottle of fluid before each event; judged.</summary>
/// <param name="Code">cool-down-lap, shorter-sessions, longer-rest, slower-pace, lower-gear, stop-halfway, lighter-trailer, fresh-fluid or
/// together.</param>
/// <param name="What">In words.</param>
/// <param name="Danger">Danger with it.</param>
/// <param name="Damage">Damage with it.</param>
/// <param name="Fades">Chance that pads are too hot, or too cold on the street, with it.</param>
/// <param name="Holds">True where every day holds with it, false where it does not, null where more members would have to say so.</param>
public sealed record DrivingWay(string Code, Said What, Chance Danger, Chance Damage, Chance Fades, bool? Holds);

/// <summary>Ways to drive, judged with one setup.</summary>
/// <param name="Key">The setup that they were judged with: what is fitted; where nothing of it holds so, what the steps end at.</param>
/// <param name="Ways">The ways that help, the best first.</param>
public sealed record Driving(string Key, IReadOnlyList<DrivingWay> Ways);

/// <summary>What a driver can do about a kind of day without buying anything (common practice).</summary>
internal static class DrivingWays
{
    /// <summary>Code of all ways at once.</summary>
    public const string Together = "together";

    private const double ShortestMinutes = 4;
    private const double LongerRest = 1.5;
    private const double LeastDropM = 300;
    private const double LighterTrailer = 2.0 / 3;

    /// <summary>A plan that is driven otherwise.</summary>
    /// <param name="Code">See <see cref="DrivingWay"/>.</param>
    /// <param name="What">In words.</param>
    /// <param name="Of">The plan with it.</param>
    /// <param name="IsFresh">True where the fluid is new before each event.</param>
    public sealed record Way(string Code, Said What, Func<PredictionPlan, PredictionPlan> Of, bool IsFresh = false);

    /// <summary>The ways of one kind of day, in the order in which a driver would try them.</summary>
    /// <param name="plan">The plan.</param>
    /// <param name="place">Place of the day.</param>
    /// <param name="boils">True where fluid that is new once a season may boil.</param>
    public static IReadOnlyList<Way> For(PredictionPlan plan, int place, bool boils = false)
    {
        var (day, stint) = (plan.Planned()[place], plan.On(plan.Planned()[place]).Stint);
        var kind = day.KindOf();
        var ways = new List<Way>();
        if (day.Kind == DayKind.Descent)
        {
            Add(day.Gear != DescentGear.Second && plan.Car.EngineBrakingMS2 > 0, "lower-gear", Said.Of("driving-ways.lower-gear"),
                one => one with { Gear = DescentGear.Second });
            Add(day.DropM >= LeastDropM, "stop-halfway", Said.Of("driving-ways.stop-halfway"), one => one with { DropM = one.DropM / 2 });
        }

        Add(kind.Shape == DayShape.Road && day.TrailerKg > 0, "lighter-trailer",
            Said.Of("driving-ways.lighter-trailer", Units.Kg(day.TrailerKg * LighterTrailer)), one => one with { TrailerKg = one.TrailerKg * LighterTrailer });
        var laps = kind.Shape == DayShape.Laps && stint.HotLapsEach is null or > 1;
        Stint(laps && stint.CoolDownLaps < 3, "cool-down-lap", stint.CoolDownLaps == 0 ? Said.Of("driving-ways.cool-down-lap")
            : Said.Of("driving-ways.one-more-cool-down-lap"), one => one with { CoolDownLaps = one.CoolDownLaps + 1 });
        Stint(laps && stint.MinutesEach / 2 >= ShortestMinutes, "shorter-sessions", Said.Of("driving-ways.shorter-sessions", Units.Min(stint.MinutesEach / 2)),
            one => one with { MinutesEach = one.MinutesEach / 2 });
        Stint(kind.IsTimed && stint.Sessions > 1, "longer-rest", Said.Of("driving-ways.longer-rest", Units.Min(Math.Round(LongerRest * stint.RestMinutes))),
            one => one with { RestMinutes = Math.Round(LongerRest * one.RestMinutes) });
        if (kind.IsTimed && Pace.All.TakeWhile(pace => pace.Code != plan.Pace).LastOrDefault() is { } slower)
        {
            ways.Add(new Way("slower-pace", Said.Of("driving-ways.slower-pace", slower.Name), one => one with { Pace = slower.Code }));
        }

        if (boils)
        {
            ways.Add(new Way("fresh-fluid", Said.Of("driving-ways.fresh-fluid"), one => one, IsFresh: true));
        }

        if (ways.Count > 1)
        {
            Way[] each = [.. ways];
            ways.Add(new Way(Together, Said.Of("driving-ways.together"), one => each.Aggregate(one, (so, way) => way.Of(so)), boils));
        }

        return ways;

        void Add(bool asks, string code, Said what, Func<PlannedDay, PlannedDay> change)
        {
            if (asks)
            {
                ways.Add(new Way(code, what, one => one with { Days = [.. one.Planned().Select((each, i) => i == place ? change(each) : each)] }));
            }
        }

        void Stint(bool asks, string code, Said what, Func<StintPlan, StintPlan> change)
        {
            if (asks && day.Stint is null && kind.UsualStint is null)
            {
                ways.Add(new Way(code, what, one => one with { Stint = change(one.Stint) }));
            }
            else
            {
                Add(asks, code, what, one => one with { Stint = change(one.Stint ?? kind.UsualStint!) });
            }
        }
    }

    /// <summary>
    /// Those that help by more than counts as equal, best first: what holds, then by danger, damage and fading; all together only where none alone holds.
    /// </summary>
    /// <param name="judged">The ways.</param>
    /// <param name="without">The setup as the plan has it driven.</param>
    public static IReadOnlyList<DrivingWay> Helping(IReadOnlyList<DrivingWay> judged, JudgedLife without)
    {
        bool IsLess(Chance way, Chance now) => way.LogOdds(without.Members) < now.LogOdds(without.Members) - Thresholds.EqualLogOdds;
        bool Helps(DrivingWay way) => way.Danger.Share <= without.Danger.Share && way.Damage.Share <= without.Damage.Share
            && (IsLess(way.Danger, without.Danger) || IsLess(way.Damage, without.Damage)
                || IsLess(way.Fades, without.Together(Limits.LimitTable.Disappoints)));
        var alone = judged.Where(way => way.Code != Together && Helps(way)).ToList();
        return [.. alone.Concat(alone.Exists(way => way.Holds == true) ? [] : judged.Where(way => way.Code == Together && Helps(way)))
            .OrderByDescending(way => way.Holds == true).ThenBy(way => way.Danger.Share).ThenBy(way => way.Damage.Share).ThenBy(way => way.Fades.Share)];
    }
}
