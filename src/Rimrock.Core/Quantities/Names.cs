using System.Globalization;

namespace Rimrock.Core.Quantities;

/// <summary>Rules for names that people type.</summary>
public static class Names
{
    /// <summary>Longest name.</summary>
    public const int MostCharacters = 80;

    /// <summary>Adds a fault for an empty, overlong or unprintable name.</summary>
    public static void Check(string? name, string field, ICollection<InputFault> faults)
    {
        ArgumentNullException.ThrowIfNull(faults);
        if (string.IsNullOrWhiteSpace(name) || name.Length > MostCharacters || name.Any(char.IsControl))
        {
            var shown = name is null ? "nothing" : name.Length > MostCharacters ? $"{name.Length.ToString(CultureInfo.InvariantCulture)} characters" : name;
            faults.Add(new InputFault(field, shown, $"1 to {MostCharacters} printable characters", $"A name needs 1 to {MostCharacters} printable characters."));
        }
    }
}
