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
            faults.Add(new InputFault(field, Said.Of("names.characters", note.Length), Said.Of("names.most-characters", LongestNote), note.Length > LongestNote
                ? Said.Of("names.note-too-long") : Said.Of("names.note-holds-half-character")));
        }
    }

    /// <summary>Adds a fault for an empty, overlong or unprintable name.</summary>
    public static void Check(string? name, string field, ICollection<InputFault> faults)
    {
        ArgumentNullException.ThrowIfNull(faults);
        if (string.IsNullOrWhiteSpace(name) || name.Length > MostCharacters || name.Any(char.IsControl) || !WellFormed(name))
        {
            var shown = name is null || !WellFormed(name) ? "nothing" : name.Length > MostCharacters
                ? Said.Of("names.characters", name.Length) : name;
            faults.Add(new InputFault(field, shown, Said.Of("names.1-printable-characters", MostCharacters),
                Said.Of("names.name-needs-1-printable", MostCharacters)));
        }
    }
}
