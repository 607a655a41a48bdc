using Rimrock.Core.Entries;

namespace Rimrock.Core.Logbook;

/// <summary>What a sign that a driver ticks stands for. Every sign has one.</summary>
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
        new(Sign.Grinding, Said.Of("part.brakes"), Verdict.StopNow, Said.Of("sign-rule.grinding-plate-or-bearing"), Said.Of("sign-rule.grinding-stops")),
        new(Sign.StuckAfterStanding, Said.Of("part.brakes"), Verdict.ChangeBefore, Said.Of("sign-rule.stuck-free-and-look"),
            Said.Of("mark-rule.after-standing-looked-at")),
        new(Sign.BalanceWanders, Said.Of("part.brakes"), Verdict.ChangeBefore, Said.Of("sign-rule.balance-one-axle-fades"),
            Said.Of("sign-rule.balance-looked-into")),
        new(Sign.HeavyDust, Said.Of("sign-rule.pads"), Verdict.Watch, Said.Of("sign-rule.dust-measure-pads"), Said.Of("sign-rule.dust-is-pad")),
        new(Sign.Squeal, Said.Of("sign-rule.pads"), Verdict.Watch, Said.Of("sign-rule.squeal-measure-pads"), Said.Of("sign-rule.squeal-may-be-indicator")),
        new(Sign.WarningLight, Said.Of("part.brakes"), Verdict.StopNow, Said.Of("note-rule.light-means-level-or-circuit"),
            Said.Of("note-rule.light-is-explained-first")),
        new(Sign.AbsLight, Said.Of("part.brakes"), Verdict.ChangeBefore, Said.Of("note-rule.without-abs-wheels-lock"),
            Said.Of("note-rule.light-is-explained-first")),
        new(Sign.Glow, Said.Of("part.brakes"), Verdict.ChangeBefore, Said.Of("note-rule.look-after-a-glow"), Said.Of("note-rule.glow-is-looked-at")),
        new(Sign.DarkFluid, Said.Of("part.fluid"), Verdict.Watch, Said.Of("note-rule.colour-tells-little"), Said.Of("note-rule.water-is-measured")),
        new(Sign.AbsEarly, Said.Of("part.brakes"), Verdict.Watch, Said.Of("sign-rule.abs-early-tyres-and-balance"), Said.Of("sign-rule.abs-early-looked-into")),
    ];

    /// <summary>The finding of a sign.</summary>
    public static Finding Of(Sign sign)
    {
        var rule = All.First(row => row.Sign == sign);
        return new Finding(rule.Part, rule.Verdict, rule.Sentence, rule.Rule, Finding.Trade);
    }
}
