using Rimrock.Core.Entries;

namespace Rimrock.Core.Logbook;

/// <summary>What a sign that a driver ticks stands for. A sign without a row here is not judged, and says so.</summary>
/// <param name="Sign">The sign.</param>
/// <param name="Part">Which part it speaks of.</param>
/// <param name="Verdict">What to do.</param>
/// <param name="Sentence">What follows.</param>
/// <param name="Rule">The rule behind it (common practice).</param>
public sealed record SignRule(Sign Sign, string Part, Verdict Verdict, string Sentence, string Rule)
{
    /// <summary>All rules.</summary>
    public static IReadOnlyList<SignRule> All { get; } =
    [
        new(Sign.Leak, "Fluid", Verdict.StopNow, "Fluid outside: find the leak before the car moves.", "A leak stops the driving."),
        new(Sign.Smoke, "Brakes", Verdict.ChangeBefore, "Smoke: let them cool, then look at pads, boots and a dragging caliper before the next session.",
            "Smoke is looked into before the next session."),
        new(Sign.Pull, "Brakes", Verdict.ChangeBefore,
            "It pulls to one side: a caliper that does not clamp or does not let go, oil on a pad, a hose that has closed. Find which before the next session.",
        "A pull is looked into before the next session."),
        new(Sign.Smell, "Brakes", Verdict.Watch,
            "A hot, sharp smell: pads past their window, a brake that drags, or fluid on something hot. Look for smoke and wet places, then at the pads.",
        "A smell is looked into in the paddock."),
        new(Sign.Judder, "Front rotors", Verdict.Watch, "Judder: nearly always an uneven film, rarely a bent rotor. Bed again; look for spots.",
            "Film before warp."),
    ];

    /// <summary>The finding of a sign.</summary>
    public static Finding Of(Sign sign)
    {
        var rule = All.FirstOrDefault(row => row.Sign == sign);
        return rule is not null ? new Finding(rule.Part, rule.Verdict, rule.Sentence, rule.Rule, Finding.Trade)
            : Finding.NotJudged("Noted", $"{Names[sign]}: no rule here judges that. Look for its cause before the next session.");
    }

    private static Dictionary<Sign, string> Names { get; } = new Dictionary<Sign, string>
    {
        [Sign.Smell] = "A smell",
        [Sign.Smoke] = "Smoke",
        [Sign.Judder] = "Judder",
        [Sign.Squeal] = "Squeal",
        [Sign.Pull] = "A pull to one side",
        [Sign.BalanceWanders] = "A balance that wanders",
        [Sign.AbsEarly] = "Electronics that step in early",
        [Sign.Leak] = "A leak",
    };
}
