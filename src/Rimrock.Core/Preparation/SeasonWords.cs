using Rimrock.Core.Judgement;

namespace Rimrock.Core.Preparation;

/// <summary>What a season comes to, in words.</summary>
internal static class SeasonWords
{
    /// <summary>The cheapest policy that keeps the fluid from boiling, and why.</summary>
    public static Said Advise(IReadOnlyList<PolicySeason> policies, PolicySeason? holding)
    {
        var rest = Rest(holding ?? policies[^1]);
        if (holding is { Flushes.Count: 0 })
        {
            return Said.Of("season-words.car-boils-no-event", Worst(holding), rest);
        }

        if (holding is not null)
        {
            var each = policies[^1];
            var more = each.Policy == holding.Policy ? Said.Of("season-words.nothing-less-would")
                : Said.Of("season-words.before-each-event-would", each.Flushes.Count, each.Cost is { } dear ? Said.Of("season-words.and", dear) : Said.Nothing,
                    Worst(each));
            return Said.Of("season-words.keeps-chance-fluid-boils", Name(holding.Policy), Worst(holding), holding.Cost is { } cost
                ? Said.Of("season-words.costs-fluid", cost) : Said.Nothing, more, rest);
        }

        // A learnt belief may have too few members left to say that something is rare, although none of them shows it.
        var least = policies[^1].Days.MaxBy(day => day.Boils.UpperBound)!.Boils;
        if (least.Share < Thresholds.MostDanger)
        {
            return Said.Of("season-words.too-few-ways-left", Worst(policies[^1]), Units.Percent(100 * least.UpperBound),
                Units.Percent(100 * Thresholds.MostDanger), rest);
        }

        return Said.Of("season-words.no-policy-enough-even", Worst(policies[^1]), Units.Percent(100 * Thresholds.MostDanger), rest);
    }

    private static Said Worst(PolicySeason policy) => ChanceWords.Percent(policy.Days.MaxBy(day => day.Boils.Share)!.Boils);

    /// <summary>What else is dangerous or ruins a part on the worst day, whatever the fluid.</summary>
    private static Said Rest(PolicySeason policy)
    {
        var worst = policy.Days.MaxBy(day => day.Danger.Share)!;
        return worst.Danger.UpperBound < Thresholds.MostDanger && policy.Days.All(day => day.Damage.Share < Thresholds.MostDamage) ? Said.Nothing
            : Said.Of("season-words.all-together-worst-day", ChanceWords.WithError(worst.Danger),
                ChanceWords.WithError(policy.Days.MaxBy(day => day.Damage.Share)!.Damage));
    }

    private static Said Name(FluidPolicy policy) => policy switch
    {
        FluidPolicy.Yearly => Said.Of("season-words.once-year-before-first"),
        FluidPolicy.TwiceASeason => Said.Of("season-words.twice-season"),
        FluidPolicy.EachEvent => Said.Of("season-words.fresh-before-each-event"),
        _ => Said.Of("season-words.left"),
    };
}
