using Rimrock.Core.Beliefs;
using Rimrock.Core.Driving;
using Rimrock.Core.Limits;
using Rimrock.Core.Numerics;
using Rimrock.Core.Runs;

namespace Rimrock.Core.Judgement;

/// <summary>One plan's day judged by the members of one belief: every limit of every member, counted. Never changed once made.</summary>
public sealed class JudgedDay
{
    private readonly Reading[][]? readings;
    private readonly bool[][] gives;
    private readonly double[] weights;
    private readonly double[][]? balanced;
    private readonly int drawnAlike;
    private readonly bool[] dangerous;
    private readonly bool[] damaging;
    private readonly Population belief;

    /// <summary>Takes what was read.</summary>
    /// <param name="plan">The plan.</param>
    /// <param name="rows">Its limits.</param>
    /// <param name="belief">The belief that was asked for; its members come first.</param>
    /// <param name="readings">For each member a reading of each row.</param>
    /// <param name="scores">The members' scores.</param>
    /// <param name="weights">Their weights, which sum to 1.</param>
    /// <param name="drawnAlike">The first so many were drawn from the belief, the others aimed; 0 for none aimed.</param>
    internal JudgedDay(PredictionPlan plan, IReadOnlyList<LimitRow> rows, Population belief, Reading[][] readings, double[][] scores, double[] weights,
        int drawnAlike = 0)
        : this(plan, rows, belief, [.. Enumerable.Range(0, rows.Count).Select(place => readings.Select(member => member[place].Gives).ToArray())], readings,
            scores, weights, drawnAlike)
    {
    }

    private JudgedDay(PredictionPlan plan, IReadOnlyList<LimitRow> rows, Population belief, bool[][] gives, Reading[][]? readings, double[][] scores,
        double[] weights, int drawnAlike)
    {
        this.drawnAlike = drawnAlike;
        (Plan, Rows, this.belief, this.gives, this.readings, Scores, this.weights) = (plan, rows, belief, gives, readings, scores, weights);
        balanced = belief.Balanced && weights.Length == belief.Scores.Length ? scores : null;
        EffectiveMembers = Population.EffectiveSizeOf(weights) / belief.Repeated;
        dangerous = GivesAny(row => row.HarmOf(plan) == Harm.Danger);
        damaging = GivesAny(row => row.HarmOf(plan) == Harm.Damage);
        Danger = ChanceOf(dangerous);
        Damage = ChanceOf(damaging);
    }

    /// <summary>The plan.</summary>
    public PredictionPlan Plan { get; }

    /// <summary>Its limits.</summary>
    public IReadOnlyList<LimitRow> Rows { get; }

    /// <summary>Members that were run.</summary>
    public int Members => weights.Length;

    /// <summary>How many of one weight they are worth.</summary>
    public double EffectiveMembers { get; }

    /// <summary>Chance that something dangerous happens.</summary>
    public Chance Danger { get; }

    /// <summary>Chance that a part is ruined.</summary>
    public Chance Damage { get; }

    /// <summary>True where the day holds by <see cref="Thresholds"/>, null where fewer members were run than a word takes, or more are still to be.</summary>
    public bool? Holds => Members < Thresholds.MembersForAWord || Unsettled ? null : Danger.UpperBound < Thresholds.MostDanger
        && Damage.Share < Thresholds.MostDamage;

    /// <summary>True where more members would tell the danger better.</summary>
    public bool Unsettled => belief.Balanced && Members == Population.Size && Danger.Share is >= Thresholds.SettleFrom and <= Thresholds.SettleTo;

    /// <summary>Their scores.</summary>
    internal double[][] Scores { get; }

    /// <summary>The belief that was asked for.</summary>
    internal Population Belief => belief;

    /// <summary>Chance of one limit; none where the plan does not have it.</summary>
    public Chance? Of(string code) => PlaceOf(code) is >= 0 and var place ? ChanceOf(gives[place]) : null;

    /// <summary>Chance that at least one of some limits gives.</summary>
    public Chance Together(Func<LimitRow, bool> which) => ChanceOf(GivesAny(which));

    /// <summary>The same without how sure it is, which takes longer to tell.</summary>
    public double ShareTogether(Func<LimitRow, bool> which)
    {
        return Chance.ShareOf(GivesAny(which), weights);
    }

    /// <summary>For each member whether at least one of some limits gives.</summary>
    public bool[] GivesAny(Func<LimitRow, bool> which)
    {
        ArgumentNullException.ThrowIfNull(which);
        int[] places = [.. Enumerable.Range(0, Rows.Count).Where(place => which(Rows[place]))];
        var any = new bool[Members];
        foreach (var place in places)
        {
            for (var member = 0; member < any.Length; member++)
            {
                any[member] |= gives[place][member];
            }
        }

        return any;
    }

    /// <summary>One limit's demands, and margins, over the members of the belief that was asked for.</summary>
    internal (float[] Demands, double[] Margins) Course(int place)
    {
        var own = Read.Take(belief.Scores.Length).ToList();
        return ([.. own.Select(member => (float)member[place].Demand)], [.. own.Select(member => member[place].Margin)]);
    }

    /// <summary>When a limit gives, in the middle of those members where it does.</summary>
    public Moment? When(string code)
    {
        var place = PlaceOf(code);
        var giving = Enumerable.Range(0, Members).Where(i => Read[i][place].Gives).OrderBy(i => (Read[i][place].When!.Session, Read[i][place].When!.Lap))
            .ToList();
        var half = 0.5 * giving.Sum(i => weights[i]);
        foreach (var i in giving)
        {
            half -= weights[i];
            if (half <= 1e-12)
            {
                return Read[i][place].When;
            }
        }

        return null;
    }

    /// <summary>P10, P50 and P90 of a limit's demand; null where a member never comes near it.</summary>
    public Spread? Demand(string code)
    {
        var place = PlaceOf(code);
        var demands = Course(place).Demands;
        if (Array.Exists(demands, float.IsNaN))
        {
            return null;
        }

        // What is worn away is gone: no thickness below none is shown.
        demands = Rows[place].Unit == "mm" ? [.. demands.Select(demand => Math.Max(0, demand))] : demands;
        var band = belief.EqualWeights ? Quantiles.Band(demands) : default;
        return belief.EqualWeights ? new Spread(Math.Round(band.P10, 1), Math.Round(band.P50, 1), Math.Round(band.P90, 1))
            : Quantiles.Weighted(demands, belief.Weights, 1);
    }

    /// <summary>
    /// Standard deviation of the difference of two plans' chances of one harm, on the members that both have in common, with that difference. Members of one
    /// place go together: of a belief that was learnt they differ in what was learnt of other parts alone.
    /// </summary>
    /// <param name="other">The other one.</param>
    /// <param name="harm">Danger or damage.</param>
    /// <exception cref="ArgumentException">They were judged by other members.</exception>
    public (double Difference, double Error) Against(JudgedDay other, Harm harm)
    {
        var (differences, weight) = Differences(other, harm);
        return (Sum(differences, weight), MemberError.Of(differences, weight, null) * Math.Sqrt(belief.Repeated));
    }

    /// <summary>The same difference without how sure it is.</summary>
    internal double Difference(JudgedDay other, Harm harm)
    {
        var (differences, weight) = Differences(other, harm);
        return Sum(differences, weight);
    }

    private (double[] Differences, double[] Weights) Differences(JudgedDay other, Harm harm)
    {
        ArgumentNullException.ThrowIfNull(other);
        if (belief.Scores.Length != other.belief.Scores.Length)
        {
            throw new ArgumentException("Judged by other members.", nameof(other));
        }

        var (mine, theirs) = harm == Harm.Danger ? (dangerous, other.dangerous) : (damaging, other.damaging);
        var differences = new double[Math.Min(Alike, other.Alike)];
        for (var i = 0; i < differences.Length; i++)
        {
            differences[i] = (mine[i] ? 1 : 0) - (theirs[i] ? 1 : 0);
        }

        return (differences, differences.Length == belief.Scores.Length ? belief.Weights
            : [.. Enumerable.Repeat(1.0 / differences.Length, differences.Length)]);
    }

    private static double Sum(double[] values, double[] weights)
    {
        var sum = 0.0;
        for (var i = 0; i < values.Length; i++)
        {
            sum += values[i] * weights[i];
        }

        return sum;
    }

    /// <summary>The same by more members.</summary>
    /// <param name="read">Their readings.</param>
    /// <param name="scores">Their scores.</param>
    /// <param name="all">The weights of all members, those already run first.</param>
    /// <param name="alike">The first so many of all were drawn alike, 0 for all.</param>
    internal JudgedDay With(Reading[][] read, double[][] scores, double[] all, int alike) =>
        new(Plan, Rows, belief, [.. Read, .. read], [.. Scores, .. scores], all, alike);

    /// <summary>
    /// The same day with its fluid older or newer, without what each member asked for: what the day asks of it stays, and where vapour shows does not. For days
    /// judged by the members of the belief alone.
    /// </summary>
    internal JudgedDay WithFluid(PredictionPlan plan)
    {
        double[] vapourC = [.. belief.Cars().Select(car => FluidToday.Of(plan, car).VapourC)];
        return new(plan, Rows, belief, [.. gives.Select((given, place) => LimitTable.Boils(Rows[place])
            ? [.. Read.Select((member, i) => member[place].Demand >= vapourC[i])] : given)], null, Scores, weights, drawnAlike);
    }

    /// <summary>The same without what each member asked for: chances, joint ones too, stay.</summary>
    internal JudgedDay Slim() => new(Plan, Rows, belief, gives, null, Scores, weights, drawnAlike);

    /// <summary>Chance that something of a harm happens on at least one of several days, counted over members carried through them all.</summary>
    /// <param name="days">Days judged by the same members; those of the belief that was asked for count.</param>
    /// <param name="harm">The harm.</param>
    public static Chance AnyDay(IReadOnlyList<JudgedDay> days, Harm harm) => AnyDay(days, (day, row) => row.HarmOf(day.Plan) == harm);

    /// <summary>Chance that at least one of some limits gives on at least one of several days, counted likewise.</summary>
    public static Chance AnyDay(IReadOnlyList<JudgedDay> days, Func<LimitRow, bool> which) => AnyDay(days, (_, row) => which(row));

    private static Chance AnyDay(IReadOnlyList<JudgedDay> days, Func<JudgedDay, LimitRow, bool> which)
    {
        ArgumentNullException.ThrowIfNull(days);
        var belief = days[0].belief;
        bool[][] each = [.. days.Select(day => day.GivesAny(row => which(day, row)))];
        return Chance.Of([.. Enumerable.Range(0, belief.Scores.Length).Select(member => each.Any(day => day[member]))], belief.Weights, belief.Balanced
            ? belief.Scores : null, repeated: belief.Repeated);
    }

    private Chance ChanceOf(bool[] given) => Chance.Of(given, weights, balanced, drawnAlike, belief.Repeated);

    /// <summary>Members from the first on that were drawn from the belief, none of them aimed at a limit of this plan.</summary>
    private int Alike => drawnAlike > 0 ? drawnAlike : Members;

    private Reading[][] Read => readings ?? throw new InvalidOperationException("What each member asked for was not kept.");

    /// <summary>Place of a limit in <see cref="Rows"/>; -1 where the day does not have it.</summary>
    internal int PlaceOf(string code)
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
