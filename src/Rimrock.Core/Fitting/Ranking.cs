using Rimrock.Core.Judgement;
using Rimrock.Core.Limits;

namespace Rimrock.Core.Fitting;

/// <summary>
/// Puts judged setups in order: danger first, then damage, then the driver's scales. What counts as equal to the safest of those left is put in order by the
/// next rule as one group, then the next
/// safest is taken: never pair by pair, which has no order where "about equal" is not passed on.
/// </summary>
internal static class Ranking
{
    /// <summary>Orders them.</summary>
    /// <typeparam name="T">What is ranked.</typeparam>
    /// <param name="all">What is ranked.</param>
    /// <param name="judged">Each one's life.</param>
    /// <param name="scales">The driver's scales, less is better.</param>
    /// <param name="key">Breaks ties, so that the same question has the same answer.</param>
    /// <param name="isSure">False where somebody has to look whether it goes on at all: after all that surely does, among what is equal in harm; null where
    /// all are sure.</param>
    public static IReadOnlyList<T> Order<T>(IEnumerable<T> all, Func<T, JudgedLife> judged, Func<T, double> scales, Func<T, string> key,
        Func<T, bool>? isSure = null) =>
        Groups([.. all.OrderBy(key, StringComparer.Ordinal)], judged, Harm.Danger, dangerEqual =>
            Groups(dangerEqual, judged, Harm.Damage, damageEqual => [.. damageEqual.OrderByDescending(one => isSure?.Invoke(one) ?? true)
                .ThenBy(scales).ThenBy(key, StringComparer.Ordinal)]));

    /// <summary>True where two chances of a harm count as equal.</summary>
    public static bool Equal(JudgedLife one, JudgedLife other, Harm harm)
    {
        var most = harm == Harm.Danger ? Thresholds.MostDanger : Thresholds.MostDamage;
        var (a, b) = (Of(one, harm), Of(other, harm));
        if ((a.Share < most && b.Share < most) || Math.Abs(a.LogOdds(one.Members) - b.LogOdds(other.Members)) <= Thresholds.EqualLogOdds)
        {
            return true;
        }

        var (difference, error) = one.Against(other, harm);
        return Math.Abs(difference) <= Thresholds.EqualPairedSigmas * error;
    }

    private static List<T> Groups<T>(IReadOnlyList<T> all, Func<T, JudgedLife> judged, Harm harm, Func<IReadOnlyList<T>, IReadOnlyList<T>> next)
    {
        var left = all.ToList();
        var ordered = new List<T>(left.Count);
        while (left.Count > 0)
        {
            var best = judged(left.MinBy(one => Of(judged(one), harm).LogOdds(judged(one).Members))!);
            var equal = left.Where(one => ReferenceEquals(judged(one), best) || Equal(judged(one), best, harm)).ToList();
            ordered.AddRange(next(equal));
            left.RemoveAll(equal.Contains);
        }

        return ordered;
    }

    private static Chance Of(JudgedLife life, Harm harm) => harm == Harm.Danger ? life.Danger : life.Damage;
}
