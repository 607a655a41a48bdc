namespace Rimrock.Telling.Words;

/// <summary>What the engine's room Judgement says.</summary>
internal static class JudgementWords
{
    internal static readonly (string Code, string Words)[] Rows =
    [
        ("chance-words.figure", "{0:0}"),
        ("chance-words.figure-2", "{0} (± {1})"),
        ("chance-words.below", "< {0:0}"),
        ("chance-words.above", "> {0:0}"),
    ];
}
