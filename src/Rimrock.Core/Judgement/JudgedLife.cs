using Rimrock.Core.Driving;
using Rimrock.Core.Limits;

namespace Rimrock.Core.Judgement;

/// <summary>
/// A car's whole life as the plan states it: each kind of day judged by the same members. A verdict is that of the worst day; a limit is told on the day where
/// it is likeliest. Never changed once made.
/// </summary>
public sealed class JudgedLife
{
    /// <summary>Takes the judged days.</summary>
    /// <param name="days">One for each kind of day, in the order of the plan.</param>
    public JudgedLife(IReadOnlyList<JudgedDay> days)
    {
        ArgumentNullException.ThrowIfNull(days);
        Days = days;
        MostDangerous = Most(day => day.Danger);
        MostDamaging = Most(day => day.Damage);
    }

    /// <summary>The days.</summary>
    public IReadOnlyList<JudgedDay> Days { get; }

    /// <summary>The day with the largest chance of danger; of equal ones the first.</summary>
    public JudgedDay MostDangerous { get; }

    /// <summary>The day with the largest chance of damage.</summary>
    public JudgedDay MostDamaging { get; }

    /// <summary>Chance that something dangerous happens on the worst kind of day.</summary>
    public Chance Danger => MostDangerous.Danger;

    /// <summary>Chance that a part is ruined on the worst kind of day.</summary>
    public Chance Damage => MostDamaging.Damage;

    /// <summary>True where every day holds; null where one of them has no word yet.</summary>
    public bool? Holds => Days.Any(day => day.Holds == false) ? false : Days.All(day => day.Holds == true) ? true : null;

    /// <summary>True where more members would tell a day's danger better.</summary>
    public bool Unsettled => Days.Any(day => day.Unsettled);

    /// <summary>Most members that any day was judged by.</summary>
    public int Members => Days.Max(day => day.Members);

    /// <summary>How many of one weight they are worth, on the most dangerous day.</summary>
    public double EffectiveMembers => MostDangerous.EffectiveMembers;

    /// <summary>The plan, with what was judged fitted.</summary>
    public PredictionPlan Plan => MostDangerous.Plan;

    /// <summary>The day with the largest chance of something: of equal ones the first; of those where it has no place, none.</summary>
    /// <param name="of">Its chance on a day; null where that day does not have it.</param>
    public JudgedDay Most(Func<JudgedDay, Chance?> of)
    {
        ArgumentNullException.ThrowIfNull(of);
        return Days.MaxBy(day => of(day)?.Share ?? -1)!;
    }

    /// <summary>Chance of a limit on the day where it is likeliest; null where no day has it.</summary>
    /// <param name="code">The limit.</param>
    public Chance? Of(string code) => Most(day => day.Of(code)).Of(code);

    /// <summary>Chance that at least one of some limits gives, on the day where that is likeliest.</summary>
    /// <param name="which">The limits.</param>
    public Chance Together(Func<LimitRow, bool> which) => Days.MaxBy(day => day.ShareTogether(which))!.Together(which);

    /// <summary>The same without how sure it is.</summary>
    public double ShareTogether(Func<LimitRow, bool> which) => Days.Max(day => day.ShareTogether(which));

    /// <summary>
    /// Difference of two lives' chances of a harm, each on its worst day, with its standard deviation on the members that both have in common.
    /// </summary>
    /// <param name="other">The other life.</param>
    /// <param name="harm">Danger or damage.</param>
    public (double Difference, double Error) Against(JudgedLife other, Harm harm)
    {
        ArgumentNullException.ThrowIfNull(other);
        return harm == Harm.Danger ? MostDangerous.Against(other.MostDangerous, harm) : MostDamaging.Against(other.MostDamaging, harm);
    }

    /// <summary>The same difference without how sure it is.</summary>
    internal double Difference(JudgedLife other, Harm harm) => harm == Harm.Danger ? MostDangerous.Difference(other.MostDangerous, harm)
        : MostDamaging.Difference(other.MostDamaging, harm);

    /// <summary>The same without what each member asked for.</summary>
    internal JudgedLife Slim() => new([.. Days.Select(day => day.Slim())]);
}
