using Rimrock.Core.Numerics;

namespace Rimrock.Core.Logbook;

/// <summary>A chance that was told on an evening, and whether it came.</summary>
/// <param name="Day">The day.</param>
/// <param name="Code">What might have come, see <see cref="PromiseRule"/>.</param>
/// <param name="Chance">The chance that was told, with what the log had taught, 0 to 1.</param>
/// <param name="Without">The same without the log.</param>
/// <param name="Came">True where it came.</param>
public sealed record ToldAndCame(DateOnly Day, string Code, double Chance, double Without, bool Came)
{
    // As much as a driver would take for certain, either way (engineering judgement).
    private const double Sure = 0.9;

    /// <summary>True where what was nearly ruled out came, or what was nearly certain did not.</summary>
    public bool IsMiss => Came ? Chance <= 1 - Sure : Chance >= Sure;
}

/// <summary>How well the chances of one limit were told.</summary>
/// <param name="Code">What might have come.</param>
/// <param name="Title">The same in words.</param>
/// <param name="Days">Days on which the log tells whether it came.</param>
/// <param name="CameOn">Days on which it came.</param>
/// <param name="Brier">Mean square of chance less outcome with the log, 0 best, 0.25 for who always says a half.</param>
/// <param name="BrierWithout">The same without the log.</param>
public sealed record ToldLimit(string Code, Said Title, int Days, int CameOn, double Brier, double BrierWithout);

/// <summary>One group of a reliability drawing: chances that were told alike.</summary>
/// <param name="FromChance">Lower edge of the group.</param>
/// <param name="ToChance">Upper edge.</param>
/// <param name="Told">Mean of what was told.</param>
/// <param name="Came">Share that came.</param>
/// <param name="Low">One in ten would be below this by luck, were what was told true.</param>
/// <param name="High">One in ten would be above this.</param>
/// <param name="Count">How many.</param>
public sealed record ToldAlike(double FromChance, double ToChance, double Told, double Came, double Low, double High, int Count);

/// <summary>
/// What was told on evenings, against what came: a Brier score for each limit (G. W. Brier, Monthly Weather Review 78 (1950) 1-3) and a reliability drawing
/// (A. H. Murphy and R. L. Winkler, Applied Statistics 26 (1977) 41-47; both from memory), with the log and without.
/// </summary>
/// <param name="All">Each chance that was told and could be checked, the oldest first.</param>
/// <param name="Limits">Each limit's score, the worst first.</param>
/// <param name="WithLog">Groups of what was told with the log.</param>
/// <param name="WithoutLog">Groups of what would have been told without it.</param>
public sealed record KeptPromises(IReadOnlyList<ToldAndCame> All, IReadOnlyList<ToldLimit> Limits, IReadOnlyList<ToldAlike> WithLog,
    IReadOnlyList<ToldAlike> WithoutLog)
{
    private static readonly double[] Edges = [0, 0.02, 0.1, 0.3, 0.7, 0.9, 1];

    /// <summary>What was told and missed, the newest first.</summary>
    public IReadOnlyList<ToldAndCame> Misses => [.. All.Where(one => one.IsMiss).OrderByDescending(one => one.Day)];

    /// <summary>Counts.</summary>
    /// <param name="all">Each chance that was told and could be checked.</param>
    public static KeptPromises Of(IEnumerable<ToldAndCame> all)
    {
        ArgumentNullException.ThrowIfNull(all);
        var told = all.OrderBy(one => one.Day).ToList();
        var limits = PromiseRule.All.Select(rule => (Rule: rule, Of: told.Where(one => one.Code == rule.Code).ToList())).Where(one => one.Of.Count > 0)
            .Select(one => new ToldLimit(one.Rule.Code, one.Rule.Title, one.Of.Count, one.Of.Count(day => day.Came),
                Brier(one.Of, day => day.Chance), Brier(one.Of, day => day.Without))).OrderByDescending(one => one.Brier);
        return new KeptPromises(told, [.. limits], Alike(told, one => one.Chance), Alike(told, one => one.Without));
    }

    private static double Brier(List<ToldAndCame> told, Func<ToldAndCame, double> chance) =>
        Math.Round(told.Average(one => Math.Pow(chance(one) - (one.Came ? 1 : 0), 2)), 4);

    private static List<ToldAlike> Alike(List<ToldAndCame> told, Func<ToldAndCame, double> chance)
    {
        var groups = new List<ToldAlike>();
        for (var i = 0; i + 1 < Edges.Length; i++)
        {
            var (from, to) = (Edges[i], Edges[i + 1]);
            var same = told.Where(one => chance(one) is var said && said >= from && (said < to || to >= 1)).ToList();
            if (same.Count > 0)
            {
                var mean = same.Average(chance);
                var (low, high) = ByLuck([.. same.Select(chance)]);
                groups.Add(new ToldAlike(from, to, mean, same.Count(one => one.Came) / (double)same.Count, low, high, same.Count));
            }
        }

        return groups;
    }

    // Edges of eight tenths of how many come where each comes with its own chance: the sum's own distribution, one after the other.
    private static (double Low, double High) ByLuck(double[] chances)
    {
        var counts = new double[chances.Length + 1];
        counts[0] = 1;
        foreach (var chance in chances)
        {
            for (var k = counts.Length - 1; k > 0; k--)
            {
                counts[k] = (counts[k] * (1 - chance)) + (counts[k - 1] * chance);
            }

            counts[0] *= 1 - chance;
        }

        double below = 0;
        int? low = null, high = null;
        for (var k = 0; k < counts.Length; k++)
        {
            below += counts[k];
            low ??= below > 0.1 ? k : null;
            high ??= below >= 0.9 ? k : null;
        }

        return ((low ?? 0) / (double)chances.Length, (high ?? chances.Length) / (double)chances.Length);
    }
}
