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

    /// <summary>Nobody is hurt and nothing ruined, but pads fade, or do not stop well while cold, on more days than not.</summary>
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

    /// <summary>What a judged life comes to.</summary>
    public static DayOutcome Of(JudgedLife judged)
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
            true => Fades(judged) ? DayOutcome.Fades : DayOutcome.Holds,
        };
    }

    /// <summary>True where pads fade, or do not stop well while cold, on more days than not.</summary>
    public static bool Fades(JudgedLife judged) =>
        (judged ?? throw new ArgumentNullException(nameof(judged))).Together(LimitTable.Disappoints).Share > Thresholds.LikelyNuisance;

    /// <summary>The limit that the verdict names, the likeliest of its kind on the worst day, and that day; null where it names none.</summary>
    public static (string Limit, JudgedDay On)? Names(JudgedLife judged)
    {
        ArgumentNullException.ThrowIfNull(judged);
        (JudgedDay On, Func<JudgedDay, LimitRow, bool> Which)? named = Of(judged) switch
        {
            DayOutcome.Danger => (judged.MostDangerous, (day, row) => row.HarmOf(day.Plan) == Harm.Danger),
            DayOutcome.Damage => (judged.MostDamaging, (day, row) => row.HarmOf(day.Plan) == Harm.Damage),
            DayOutcome.Fades => (judged.Most(day => day.Together(LimitTable.Disappoints)), (_, row) => LimitTable.Disappoints(row)),
            _ => null,
        };
        return named is var (on, which) && on.Rows.Where(row => which(on, row)).MaxBy(row => on.Of(row.Code)!.Share) is { } likeliest
            ? (likeliest.Code, on) : null;
    }
}
