using Rimrock.Core.Judgement;

namespace Rimrock.Core.Fitting;

/// <summary>How far a match has got.</summary>
public enum MatchStage
{
    /// <summary>Everything by 64 members: figures that still settle, no word.</summary>
    Sketch,

    /// <summary>What is fitted, the first three rows and the steps by all members.</summary>
    First,

    /// <summary>Everything by all members, small dangers by four times as many.</summary>
    Whole,
}

/// <summary>What a match comes to.</summary>
public enum MatchOutcome
{
    /// <summary>Too few members yet for a word.</summary>
    Settling,

    /// <summary>What is fitted must not be driven on.</summary>
    Stop,

    /// <summary>Nothing needed.</summary>
    NothingNeeded,

    /// <summary>The day holds, but something is due by its age.</summary>
    Due,

    /// <summary>Nobody is hurt and nothing ruined, but pads fade on more days than not.</summary>
    Fades,

    /// <summary>The first row makes it hold.</summary>
    Steps,

    /// <summary>Nothing on offer makes it hold.</summary>
    NothingHelpsEnough,

    /// <summary>Nothing on offer may be fitted.</summary>
    NothingFits,
}

/// <summary>Why a part is not in the best setup.</summary>
/// <param name="Kind">frontPad, rearPad, rotor, duct, rearRotor, rearDuct, fluid, lines or caliper.</param>
/// <param name="Part">The part.</param>
/// <param name="HardStop">Why it is out at all; null where it was weighed.</param>
/// <param name="Key">The best setup that the search found with it; null where there is none.</param>
/// <param name="Danger">That setup's danger; null where it was not judged.</param>
/// <param name="Damage">Its damage.</param>
/// <param name="Sentence">In words.</param>
public sealed record WhyNot(string Kind, PartName Part, HardStop? HardStop, string? Key, Chance? Danger, Chance? Damage, Said Sentence);

/// <summary>One step of the way.</summary>
/// <param name="What">What to change, in words.</param>
/// <param name="Setup">The setup after it.</param>
/// <param name="Buy">What it costs to buy; null where a price is unknown.</param>
/// <param name="DangerBefore">Danger before it.</param>
/// <param name="DangerAfter">Danger after it: never more.</param>
/// <param name="DamageBefore">Damage before it.</param>
/// <param name="DamageAfter">Damage after it.</param>
public sealed record SpendStep(Said What, Suggestion Setup, double? Buy, Chance DangerBefore, Chance DangerAfter, Chance DamageBefore, Chance DamageAfter);

/// <summary>The answer of a match.</summary>
/// <param name="Stage">How far it has got.</param>
/// <param name="Outcome">What it comes to.</param>
/// <param name="Verdict">In words.</param>
/// <param name="Fitted">What is on the car, judged alike.</param>
/// <param name="Shortlist">The best setups, best first.</param>
/// <param name="Steps">The way to the first row; empty where nothing is needed.</param>
/// <param name="StepsEnd">Why the steps do not end at the first row; null where they do.</param>
/// <param name="WhyNot">Every part of the shelf that the best setup does not have.</param>
/// <param name="Due">What is due by its age.</param>
/// <param name="Examined">Setups weighed.</param>
/// <param name="Stops">Why what is fitted must not be driven on at all; empty where nothing stands against it.</param>
/// <param name="Remarks">What decides on such a car and in such a use, before any part is named.</param>
/// <param name="Driving">What driving otherwise would do; null where nothing asks for it, or the answer has not got so far.</param>
public sealed record MatchAnswer(
    MatchStage Stage, MatchOutcome Outcome, Said Verdict, Suggestion Fitted, IReadOnlyList<Suggestion> Shortlist, IReadOnlyList<SpendStep> Steps,
    Said? StepsEnd, IReadOnlyList<WhyNot> WhyNot,
    IReadOnlyList<Due> Due, long Examined, IReadOnlyList<HardStop> Stops, IReadOnlyList<Said> Remarks,
    Driving? Driving);
