using System.Globalization;

namespace Rimrock.Core.Quantities;

/// <summary>Rules for names that people type.</summary>
public static class Names
{
    /// <summary>Longest name.</summary>
    public const int MostCharacters = 80;

    /// <summary>Longest note.</summary>
    public const int LongestNote = 2000;

    /// <summary>True for text in which every surrogate stands in its pair: what can be written and read again (Unicode 15, section 3.9, from memory).</summary>
    public static bool WellFormed(string text)
    {
        ArgumentNullException.ThrowIfNull(text);
        for (var i = 0; i < text.Length; i++)
        {
            if (char.IsSurrogate(text[i]) && !(i + 1 < text.Length && char.IsSurrogatePair(text[i], text[++i])))
            {
                return false;
            }
        }

        return true;
    }

    /// <summary>Adds a fault for a note that is too long or holds what cannot be kept.</summary>
    public static void CheckNote(string? note, string field, ICollection<InputFault> faults)
    {
        ArgumentNullException.ThrowIfNull(faults);
        if (note is { Length: > LongestNote } || (note is not null && !WellFormed(note)))
        {
            faults.Add(new InputFault(field, Text($"{note.Length} characters"), $"at most {LongestNote} characters", note.Length > LongestNote
                ? "The note is too long." : "The note holds half a character."));
        }
    }

    /// <summary>Adds a fault for an empty, overlong or unprintable name.</summary>
    public static void Check(string? name, string field, ICollection<InputFault> faults)
    {
        ArgumentNullException.ThrowIfNull(faults);
        if (string.IsNullOrWhiteSpace(name) || name.Length > MostCharacters || name.Any(char.IsControl) || !WellFormed(name))
        {
            var shown = name is null || !WellFormed(name) ? "nothing" : name.Length > MostCharacters
                ? $"{name.Length.ToString(CultureInfo.InvariantCulture)} characters" : name;
            faults.Add(new InputFault(field, shown, $"1 to {MostCharacters} printable characters",
                $"A name needs 1 to {MostCharacters} printable characters."));
        }
    }
}
