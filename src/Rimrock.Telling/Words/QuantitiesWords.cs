namespace Rimrock.Telling.Words;

/// <summary>What the engine's room Quantities says.</summary>
internal static class QuantitiesWords
{
    internal static readonly (string Code, string Words)[] Rows =
    [
        ("days.to", "{0} to {1}"),
        ("days.day-lies-too-far", "That day lies too far away."),
        ("field-range.to", "{0:0.####}"),
        ("field-range.must", "{0} must be {1}."),
        ("names.characters", "{0} characters"),
        ("names.most-characters", "at most {0} characters"),
        ("names.note-too-long", "The note is too long."),
        ("names.note-holds-half-character", "The note holds half a character."),
        ("names.1-printable-characters", "1 to {0} printable characters"),
        ("names.name-needs-1-printable", "A name needs 1 to {0} printable characters."),
    ];
}
