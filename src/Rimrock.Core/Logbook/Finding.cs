namespace Rimrock.Core.Logbook;

/// <summary>What to do, worst last.</summary>
public enum Verdict
{
    /// <summary>Fine.</summary>
    Fine,

    /// <summary>Something was noted that no rule here judges; never fine.</summary>
    NotJudged,

    /// <summary>Watch it.</summary>
    Watch,

    /// <summary>Change it before the next session.</summary>
    ChangeBefore,

    /// <summary>Do not drive; discard or mend now.</summary>
    StopNow,
}

/// <summary>What was found on one part.</summary>
/// <param name="Part">Which part.</param>
/// <param name="Verdict">What to do.</param>
/// <param name="Sentence">What was seen and what follows.</param>
/// <param name="Rule">The rule behind it.</param>
/// <param name="Source">Where the rule stands.</param>
/// <param name="Clue">Code of the clue that it is when a cause is looked for, as causes name it; null where it is none.</param>
public sealed record Finding(Said Part, Verdict Verdict, Said Sentence, Said Rule, Said Source, string? Clue = null)
{
    internal static readonly Said Trade = Said.Of("finding.common-practice");

    /// <summary>Something that was noted and that no rule reads.</summary>
    internal static Finding NotJudged(Said part, Said sentence) => new(part, Verdict.NotJudged, sentence, Said.Of("finding.no-rule-reads-not"), Trade);
}
