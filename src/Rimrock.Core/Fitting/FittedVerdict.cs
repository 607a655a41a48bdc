using Rimrock.Core.Judgement;
using Rimrock.Core.Limits;

namespace Rimrock.Core.Fitting;

/// <summary>What a day comes to with what is on the car.</summary>
public enum DayOutcome
{
    /// <summary>Too few members yet for a word.</summary>
    Settling,

    /// <summary>It must not be driven on at all.</summary>
    Stop,

    /// <summary>Someone can be hurt.</summary>
    Danger,

    /// <summary>A part is ruined.</summary>
    Damage,

    /// <summary>The day holds, but something is due by its age.</summary>
    Due,

    /// <summary>Nobody is hurt and nothing ruined, but pads fade on more days than not.</summary>
    Fades,

    /// <summary>The day holds: nothing needed.</summary>
    Holds,
}

/// <summary>A day in two chances, and what it comes to.</summary>
/// <param name="Danger">That something dangerous happens.</param>
/// <param name="Damage">That a part is ruined.</param>
/// <param name="Outcome">What the day comes to.</param>
public sealed record DayVerdict(Chance Danger, Chance Damage, DayOutcome Outcome);

/// <summary>The one verdict on what is on the car: Bench and Choose say it, neither finds it.</summary>
public static class FittedVerdict
{
    /// <summary>What was looked at where nothing is needed.</summary>
    public static readonly Said LookedAt =
        Said.Of("fitted-verdict.looked-fluid-seals-pedal");

    /// <summary>What a judged day comes to.</summary>
    public static DayOutcome Of(JudgedDay judged)
    {
        ArgumentNullException.ThrowIfNull(judged);
        if (HardStops.OfFitted(judged.Plan).Count > 0)
        {
            return DayOutcome.Stop;
        }

        return judged.Holds switch
        {
            null => DayOutcome.Settling,
            false => judged.Danger.UpperBound >= Thresholds.MostDanger ? DayOutcome.Danger : DayOutcome.Damage,
            true when Due.Of(judged.Plan).Count > 0 => DayOutcome.Due,
            true => judged.Together(LimitTable.Fades).Share > Thresholds.LikelyNuisance ? DayOutcome.Fades : DayOutcome.Holds,
        };
    }

    /// <summary>The limit that the verdict names, the likeliest of its kind; null where it names none.</summary>
    public static string? Names(JudgedDay judged)
    {
        ArgumentNullException.ThrowIfNull(judged);
        Func<LimitRow, bool>? kind = Of(judged) switch
        {
            DayOutcome.Danger => row => row.HarmOf(judged.Plan) == Harm.Danger,
            DayOutcome.Damage => row => row.HarmOf(judged.Plan) == Harm.Damage,
            DayOutcome.Fades => LimitTable.Fades,
            _ => null,
        };
        return kind is null ? null : judged.Rows.Where(kind).MaxBy(row => judged.Of(row.Code)!.Share)?.Code;
    }
}
