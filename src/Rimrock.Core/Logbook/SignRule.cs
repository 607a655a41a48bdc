using Rimrock.Core.Entries;

namespace Rimrock.Core.Logbook;

/// <summary>What a sign that a driver ticks stands for. A sign without a row here is not judged, and says so.</summary>
/// <param name="Sign">The sign.</param>
/// <param name="Part">Which part it speaks of.</param>
/// <param name="Verdict">What to do.</param>
/// <param name="Sentence">What follows.</param>
/// <param name="Rule">The rule behind it (common practice).</param>
public sealed record SignRule(Sign Sign, Said Part, Verdict Verdict, Said Sentence, Said Rule)
{
    /// <summary>All rules.</summary>
    public static IReadOnlyList<SignRule> All { get; } =
    [
        new(Sign.Leak, Said.Of("part.fluid"), Verdict.StopNow, Said.Of("sign-rule.fluid-outside-find-leak"), Said.Of("sign-rule.leak-stops-driving")),
        new(Sign.Smoke, Said.Of("part.brakes"), Verdict.ChangeBefore, Said.Of("sign-rule.smoke-let-them-cool"),
            Said.Of("sign-rule.smoke-looked-into-before")),
        new(Sign.Pull, Said.Of("part.brakes"), Verdict.ChangeBefore,
            Said.Of("sign-rule.pulls-one-side-caliper"),
        Said.Of("sign-rule.pull-looked-into-before")),
        new(Sign.Smell, Said.Of("part.brakes"), Verdict.Watch,
            Said.Of("sign-rule.hot-sharp-smell-pads"),
        Said.Of("sign-rule.smell-looked-into-paddock")),
        new(Sign.Judder, Said.Of("sign-rule.front-rotors"), Verdict.Watch, Said.Of("sign-rule.judder-nearly-always-uneven"),
            Said.Of("sign-rule.film-before-warp")),
    ];

    /// <summary>The finding of a sign.</summary>
    public static Finding Of(Sign sign)
    {
        var rule = All.FirstOrDefault(row => row.Sign == sign);
        return rule is not null ? new Finding(rule.Part, rule.Verdict, rule.Sentence, rule.Rule, Finding.Trade)
            : Finding.NotJudged(Said.Of("part.noted"), Said.Of("sign-rule.no-rule-here-judges", Names[sign]));
    }

    private static Dictionary<Sign, Said> Names { get; } = new Dictionary<Sign, Said>
    {
        [Sign.Smell] = Said.Of("sign-rule.smell"),
        [Sign.Smoke] = Said.Of("sign-rule.smoke"),
        [Sign.Judder] = Said.Of("sign-rule.judder"),
        [Sign.Squeal] = Said.Of("sign-rule.squeal"),
        [Sign.Pull] = Said.Of("sign-rule.pull-one-side"),
        [Sign.BalanceWanders] = Said.Of("sign-rule.balance-wanders"),
        [Sign.AbsEarly] = Said.Of("sign-rule.electronics-step-early"),
        [Sign.Leak] = Said.Of("sign-rule.leak"),
    };
}
