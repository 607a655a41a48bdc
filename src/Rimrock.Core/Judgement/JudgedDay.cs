using Rimrock.Core.Limits;
using Rimrock.Core.Numerics;
using Rimrock.Core.Prediction;
using Rimrock.Core.Uncertainty;

namespace Rimrock.Core.Judgement;

/// <summary>One plan's day judged by the members of one belief: every limit of every member, counted. Never changed once made.</summary>
public sealed class JudgedDay
{
    private readonly Reading[][] readings;
    private readonly double[] weights;
    private readonly double[][]? balanced;
    private readonly int drawnAlike;
    private readonly Population belief;

    /// <summary>Takes what was read.</summary>
    /// <param name="plan">The plan.</param>
    /// <param name="rows">Its limits.</param>
    /// <param name="belief">The belief that was asked for; its members come first.</param>
    /// <param name="readings">For each member a reading of each row.</param>
    /// <param name="scores">The members' scores.</param>
    /// <param name="weights">Their weights, which sum to 1.</param>
    /// <param name="drawnAlike">The first so many were drawn from the belief, the others aimed; 0 for none aimed.</param>
    internal JudgedDay(PredictionPlan plan, IReadOnlyList<LimitRow> rows, Population belief, Reading[][] readings, double[][] scores, double[] weights, int drawnAlike = 0)
    {
        this.drawnAlike = drawnAlike;
        (Plan, Rows, this.belief, this.readings, Scores, this.weights) = (plan, rows, belief, readings, scores, weights);
        balanced = belief.Balanced && weights.Length == belief.Scores.Length ? scores : null;
        EffectiveMembers = Population.EffectiveSizeOf(weights);
        Danger = Together(row => row.HarmOf(plan) == Harm.Danger);
        Damage = Together(row => row.HarmOf(plan) == Harm.Damage);
    }

    /// <summary>The plan.</summary>
    public PredictionPlan Plan { get; }

    /// <summary>Its limits.</summary>
    public IReadOnlyList<LimitRow> Rows { get; }

    /// <summary>Members that were run.</summary>
    public int Members => readings.Length;

    /// <summary>How many of one weight they are worth.</summary>
    public double EffectiveMembers { get; }

    /// <summary>Chance that something dangerous happens.</summary>
    public Chance Danger { get; }

    /// <summary>Chance that a part is ruined.</summary>
    public Chance Damage { get; }

    /// <summary>True where the day holds by <see cref="Thresholds"/>, null where fewer members were run than a word takes.</summary>
    public bool? Holds => Members < Thresholds.MembersForAWord ? null : Danger.UpperBound < Thresholds.MostDanger && Damage.Share < Thresholds.MostDamage;

    /// <summary>True where more members would tell the danger better.</summary>
    public bool Unsettled => belief.Balanced && Members == Population.Size && Danger.Share is >= Thresholds.SettleFrom and <= Thresholds.SettleTo;

    /// <summary>Their scores.</summary>
    internal double[][] Scores { get; }

    /// <summary>The belief that was asked for.</summary>
    internal Population Belief => belief;

    /// <summary>Readings of the members, a row each.</summary>
    internal Reading[][] Readings => readings;

    /// <summary>Chance of one limit; none where the plan does not have it.</summary>
    public Chance? Of(string code) => Place(code) is >= 0 and var place ? Chance.Of([.. readings.Select(member => member[place].Gives)], weights, balanced, drawnAlike) : null;

    /// <summary>Chance that at least one of some limits gives.</summary>
    public Chance Together(Func<LimitRow, bool> which) => Chance.Of(GivesAny(which), weights, balanced, drawnAlike);

    /// <summary>For each member whether at least one of some limits gives.</summary>
    public bool[] GivesAny(Func<LimitRow, bool> which)
    {
        ArgumentNullException.ThrowIfNull(which);
        int[] places = [.. Enumerable.Range(0, Rows.Count).Where(place => which(Rows[place]))];
        return [.. readings.Select(member => Array.Exists(places, place => member[place].Gives))];
    }

    /// <summary>One limit's demands, and margins, over the members of the belief that was asked for.</summary>
    internal (float[] Demands, double[] Margins) Course(int place)
    {
        var own = readings.Take(belief.Scores.Length);
        return ([.. own.Select(member => (float)member[place].Demand)], [.. readings.Take(belief.Scores.Length).Select(member => member[place].Margin)]);
    }

    /// <summary>When a limit gives, in the middle of those members where it does.</summary>
    public Moment? When(string code)
    {
        var place = Place(code);
        var giving = Enumerable.Range(0, Members).Where(i => readings[i][place].Gives).OrderBy(i => (readings[i][place].When!.Session, readings[i][place].When!.Lap)).ToList();
        var half = 0.5 * giving.Sum(i => weights[i]);
        foreach (var i in giving)
        {
            half -= weights[i];
            if (half <= 1e-12)
            {
                return readings[i][place].When;
            }
        }

        return null;
    }

    /// <summary>P10, P50 and P90 of a limit's demand; null where a member never comes near it.</summary>
    public Spread? Demand(string code)
    {
        var demands = Course(Place(code)).Demands;
        if (Array.Exists(demands, float.IsNaN))
        {
            return null;
        }

        var band = belief.EqualWeights ? Quantiles.Band(demands) : default;
        return belief.EqualWeights ? new Spread(Math.Round(band.P10, 1), Math.Round(band.P50, 1), Math.Round(band.P90, 1)) : Quantiles.Weighted(demands, belief.Weights, 1);
    }

    /// <summary>Standard deviation of the difference of two plans' chances of one harm, on the members that both have in common, with that difference.</summary>
    /// <exception cref="ArgumentException">They were judged by other members.</exception>
    public (double Difference, double Error) Against(JudgedDay other, Harm harm)
    {
        ArgumentNullException.ThrowIfNull(other);
        if (!ReferenceEquals(belief.Scores, other.belief.Scores) && !belief.Scores.SequenceEqual(other.belief.Scores))
        {
            throw new ArgumentException("Judged by other members.", nameof(other));
        }

        var (mine, theirs) = (GivesAny(row => row.HarmOf(Plan) == harm), other.GivesAny(row => row.HarmOf(other.Plan) == harm));
        double[] difference = [.. Enumerable.Range(0, belief.Scores.Length).Select(i => (mine[i] ? 1.0 : 0) - (theirs[i] ? 1 : 0))];
        return (difference.Zip(belief.Weights, (one, weight) => one * weight).Sum(), MemberError.Of(difference, belief.Weights, null));
    }

    /// <summary>The same by more members.</summary>
    internal JudgedDay With(Reading[][] read, FurtherMembers further) => new(Plan, Rows, belief, [.. readings, .. read], [.. Scores, .. further.Scores], further.Weights, further.DrawnAlike);

    private int Place(string code)
    {
        for (var place = 0; place < Rows.Count; place++)
        {
            if (Rows[place].Code == code)
            {
                return place;
            }
        }

        return -1;
    }
}
