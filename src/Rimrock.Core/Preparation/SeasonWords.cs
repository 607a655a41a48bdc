using Rimrock.Core.Judgement;
using Rimrock.Core.Quantities;

namespace Rimrock.Core.Preparation;

/// <summary>What a season comes to, in words.</summary>
internal static class SeasonWords
{
    /// <summary>The cheapest policy that keeps the fluid from boiling, and why.</summary>
    public static string Advise(IReadOnlyList<PolicySeason> policies, PolicySeason? holding)
    {
        var rest = Rest(holding ?? policies[^1]);
        if (holding is { Flushes.Count: 0 })
        {
            return Text($"What is in the car boils at no event in more than {Worst(holding)} of likely days: nothing to bleed this season but for the two " +
                $"years that no street fluid should pass.{rest}");
        }

        if (holding is not null)
        {
            var each = policies[^1];
            var more = each.Policy == holding.Policy ? "nothing less would."
                : Text($"before each event would take {each.Flushes.Count} flushes{(each.Cost is { } dear ? Text($" and {dear:0}") : "")} for {Worst(each)}.");
            return Text($"{Name(holding.Policy)} keeps the chance that the fluid boils to {Worst(holding)} at the worst " +
                $"event{(holding.Cost is { } cost ? Text($" and costs {cost:0} in fluid") : "")}; {more}{rest}");
        }

        return Text($"No policy is enough: even fresh before each event the fluid boils on {Worst(policies[^1])} of likely days at the worst event, where " +
            $"less than {100 * Thresholds.MostDanger:0} % is asked. A fluid that boils higher, ducts, shorter sessions or a cool-down lap more.{rest}");
    }

    private static string Worst(PolicySeason policy) => ChanceWords.Percent(policy.Days.MaxBy(day => day.Boils.Share)!.Boils);

    /// <summary>What else is dangerous or ruins a part on the worst day, whatever the fluid.</summary>
    private static string Rest(PolicySeason policy)
    {
        var worst = policy.Days.MaxBy(day => day.Danger.Share)!;
        return worst.Danger.UpperBound < Thresholds.MostDanger && policy.Days.All(day => day.Damage.Share < Thresholds.MostDamage) ? ""
            : $" All together the worst day has danger {ChanceWords.WithError(worst.Danger)} and damage " +
                $"{ChanceWords.WithError(policy.Days.MaxBy(day => day.Damage.Share)!.Damage)}: the Bench says of what.";
    }

    private static string Name(FluidPolicy policy) => policy switch
    {
        FluidPolicy.Yearly => "Once a year, before the first event,",
        FluidPolicy.TwiceASeason => "Twice a season",
        FluidPolicy.EachEvent => "Fresh before each event",
        _ => "Left in",
    };
}
