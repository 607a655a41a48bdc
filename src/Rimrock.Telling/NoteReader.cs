using System.Globalization;
using System.Text;
using System.Text.RegularExpressions;
using Rimrock.Core.Logbook;
using Rimrock.Core.Quantities;

namespace Rimrock.Telling;

/// <summary>
/// Reads what a note speaks of, by the words that drivers use. It only ever adds: what it does not know stays not judged, and what is denied in the same
/// breath ("no leak") is left out.
/// </summary>
public static partial class NoteReader
{
    // So many words before deny what follows, and so many before the last word of it.
    private const int DeniedWithin = 3;
    private const int DeniedInside = 2;

    /// <summary>What a note speaks of.</summary>
    /// <param name="note">The note; null or blank for none.</param>
    public static IReadOnlyList<Spoken> Read(string? note) => [.. Hear(note).Select(one => one.Of).Distinct()];

    /// <summary>What a note speaks of, and at which axle where the same breath names one alone.</summary>
    /// <param name="note">The note; null or blank for none.</param>
    public static IReadOnlyList<Heard> Hear(string? note)
    {
        // Phones write the apostrophe of print, or none; some parts are spelt in two ways; "front, rear discs" are those of one breath.
        var text = NoteTable.OtherPedals.Replace(note?.Replace('\u2019', '\'') ?? "", "linkage");
        text = Not().Replace(Both().Replace(Calliper().Replace(Disk().Replace(text, "disc"), "caliper"), "$1 plus "), "$1't");
        text = Short().Replace(Percent().Replace(text, " percent"), "pedal");
        (Heard What, Match At)[] known = [.. NoteTable.All.SelectMany(row => Heard(row, text)).Concat(BelowLeast(text))];
        string Unheard(Func<Spoken, bool> hides) => Rest(text, [.. known.Where(one => hides(one.What.Of)).Select(one => one.At)]);

        // A figure in words says nothing of what else its sentence worries about.
        var worries = Unheard(of => of != Spoken.InWords);
        Heard[] asked = NoteTable.Worries.Any(row => Heard(row, worries).Any()) ? [new Heard(Spoken.Unclear)]
            : IsUnread(Unheard(_ => true)) ? [new Heard(Spoken.Unread)] : [];
        return [.. known.Select(one => one.What).Concat(asked).Distinct()];
    }

    // The sentences in which no row read anything.
    private static string Rest(string text, Match[] read)
    {
        var rest = new StringBuilder();
        var start = 0;
        foreach (var (end, next) in Sentence().Matches(text).Select(mark => (mark.Index, mark.Index + mark.Length)).Append((text.Length, text.Length)))
        {
            rest.Append(read.Any(match => match.Index < end && match.Index + match.Length > start) ? "." : text[start..next]);
            start = next;
        }

        return rest.ToString();
    }

    // Something is said of the brakes, and no word of it is known for harmless: whoever wrote it is asked.
    private static bool IsUnread(string text) => Sentence().Split(text)
        .Any(part => NoteTable.Speaks.IsMatch(part) && !NoteTable.OfOthers.IsMatch(part)
            && (NoteTable.Bad.IsMatch(part) || !NoteTable.Harmless.Any(words => words.IsMatch(part)))
            && More().IsMatch(NoteTable.Speaks.Replace(part, "")));

    // "21.4 mm, min 22".
    private static IEnumerable<(Heard What, Match At)> BelowLeast(string text)
    {
        static double Number(Group group) => double.Parse(group.Value.Replace(',', '.'), CultureInfo.InvariantCulture);
        return NoteTable.Least.Matches(text).Concat(NoteTable.LeastOfDisc.Matches(text)).Where(match => Number(match.Groups[1]) < Number(match.Groups[6]))
            .Concat(NoteTable.LeastFirst.Matches(text)
                .Where(match => Number(match.Groups[3]) < Number(match.Groups[1]) && Number(match.Groups[1]) < NoteTable.ThickestMm))
            .Select(match => (At(Spoken.WornRotor, text, match), match));
    }

    // What a row is not about becomes the end of a sentence of the same length: a match stands where it stood.
    private static IEnumerable<(Heard What, Match At)> Heard(NoteLine row, string note)
    {
        var text = row.Except?.Replace(note, except => " .".PadRight(except.Length)) ?? note;
        return row.Words.Matches(text)
            .Where(match => !row.IsDeniable || (!IsDenied(text, match) && !(IsFelt(row.Of) && Cured().IsMatch(text[(match.Index + match.Length)..]))))
            .Where(match => !IsOfOtherParts(text, match))
            .Select(match => (At(row.Of, text, match), match));
    }

    // "Seat rail cracked": a breath that names another part of the car, and none that stops it.
    private static bool IsOfOtherParts(string text, Match match)
    {
        var breath = Breath().Split(text[..match.Index])[^1] + match.Value + Breath().Split(text[(match.Index + match.Length)..])[0];
        return NoteTable.OtherParts.IsMatch(breath) && !NoteTable.Speaks.IsMatch(breath) && !NoteTable.AtTheWheels.IsMatch(breath);
    }

    // What is felt and heard is over where it was cured; smoke that is gone was there.
    private static bool IsFelt(Spoken of) => of is Spoken.Judder or Spoken.Knock or Spoken.Squeal or Spoken.Pull;

    // The axle that the part of a sentence names alone, and does not call well: of two, or none, nobody knows.
    private static Heard At(Spoken of, string text, Match match)
    {
        var part = Clause().Split(text[..match.Index])[^1] + match.Value + Clause().Split(text[(match.Index + match.Length)..])[0];
        var (front, rear) = NoteTable.Well.IsMatch(part) ? (false, false) : (NoteTable.Front.IsMatch(part), NoteTable.Rear.IsMatch(part));
        return new Heard(of, front == rear ? null : front ? Axle.Front : Axle.Rear, NoteTable.Drums.IsMatch(part));
    }

    // Within the same breath, before it or just before its last word; "not sure whether" denies nothing.
    private static bool IsDenied(string note, Match match)
    {
        var after = note[(match.Index + match.Length)..];
        if (NoteTable.OfOthers.IsMatch(Breath().Split(note[..match.Index])[^1] + match.Value + Breath().Split(after)[0]))
        {
            return true;
        }

        if (Free().IsMatch(after) || NoneOfIt().IsMatch(after))
        {
            return true;
        }

        // What was mended is no more, and what was looked for is not yet found.
        var breath = Clause().Split(note[..match.Index])[^1];
        if (Mended().Match(breath) is { Success: true } mended)
        {
            return !breath[..mended.Index].Split(' ').Any(word => Denial().IsMatch(word) || Undone().IsMatch(word));
        }

        if (LookedFor().IsMatch(breath) && !Found().IsMatch(after))
        {
            return true;
        }

        static string[] Split(string text) => text.Split(' ', StringSplitOptions.RemoveEmptyEntries);
        var before = Split(Breath().Split(note[..match.Index])[^1]).TakeLast(DeniedWithin).ToList();
        var inside = Split(match.Value).SkipLast(1).TakeLast(DeniedInside);
        return before.Concat(inside).Any(word => Denial().IsMatch(word)) && !before.Exists(word => Doubt().IsMatch(word));
    }

    // As Breath, but for the point of a figure.
    [GeneratedRegex(@"[,;!?\n]|\.(?!\d)|\bbut\b", RegexOptions.IgnoreCase | RegexOptions.CultureInvariant)]
    private static partial Regex Sentence();

    // A list of parts says nothing of them.
    [GeneratedRegex(@"\b(?!(?:and|or|dot|the|a|an|my|our|both|all|front|rear|left|right|inner|outer|sets?|of|in|on|for|with|too|also|then|street|race|track)\b)"
        + "[a-z']{2,}", RegexOptions.IgnoreCase | RegexOptions.CultureInvariant)]
    private static partial Regex More();

    [GeneratedRegex(@"\bdisk", RegexOptions.IgnoreCase | RegexOptions.CultureInvariant)]
    private static partial Regex Disk();

    [GeneratedRegex(@"\bcalliper", RegexOptions.IgnoreCase | RegexOptions.CultureInvariant)]
    private static partial Regex Calliper();

    [GeneratedRegex(@"\b((?:front|rear)s?(?: left| right)?)\s*(?:,|/|\band\b)\s*(?:the )?(?=(?:front|rear))",
        RegexOptions.IgnoreCase | RegexOptions.CultureInvariant)]
    private static partial Regex Both();

    [GeneratedRegex(@"(^|(?<=[.,;\n] ?))p(?= (soft|long|low|hard|firm|spongy|ok|good))|\bped\b", RegexOptions.IgnoreCase | RegexOptions.CultureInvariant)]
    private static partial Regex Short();

    [GeneratedRegex(@"\s*%")]
    private static partial Regex Percent();

    [GeneratedRegex(@"\b(won|don|doesn|didn|can|couldn|wouldn|isn|wasn|aren|weren|hasn|haven|hadn)t\b",
        RegexOptions.IgnoreCase | RegexOptions.CultureInvariant)]
    private static partial Regex Not();

    [GeneratedRegex(@"^\w*,? (is |was |are |has |have |been |now |all )*(gone|cured|fixed|solved|sorted)\b",
        RegexOptions.IgnoreCase | RegexOptions.CultureInvariant)]
    private static partial Regex Cured();

    [GeneratedRegex(@"^[- ]?free\b", RegexOptions.IgnoreCase | RegexOptions.CultureInvariant)]
    private static partial Regex Free();

    [GeneratedRegex(@"^s?\s*([:-]\s*(none|nil)\b|[:,-]?\s*(and )?(none|nothing) (found|seen|visible)\b)",
        RegexOptions.IgnoreCase | RegexOptions.CultureInvariant)]
    private static partial Regex NoneOfIt();

    [GeneratedRegex(@"[.,;:!?\n]|\b(but|and|because|since|after|when|then|still|until)\b", RegexOptions.IgnoreCase | RegexOptions.CultureInvariant)]
    private static partial Regex Clause();

    // With an article: "the repaired caliper leaks" speaks of a leak.
    [GeneratedRegex(
        @"\b(replaced|renewed|fixed|mended|repaired|cured|sorted)\s+(the|a|an|my|our|that|one|both|all)\s+((old|front|rear|left|right|small)\s+){0,2}$",
        RegexOptions.IgnoreCase | RegexOptions.CultureInvariant)]
    private static partial Regex Mended();

    [GeneratedRegex(@"\b(check|look|inspect|search)\w*(\s+[\w']+){0,2}\s+for\s+((any|more|other|further|hairline|possible)\s+)*$",
        RegexOptions.IgnoreCase | RegexOptions.CultureInvariant)]
    private static partial Regex LookedFor();

    [GeneratedRegex("^(nobody|needs?|must|should|unless|if|never)$", RegexOptions.IgnoreCase | RegexOptions.CultureInvariant)]
    private static partial Regex Undone();

    [GeneratedRegex(@"\bfound (?!none|nothing|no\b)", RegexOptions.IgnoreCase | RegexOptions.CultureInvariant)]
    private static partial Regex Found();

    [GeneratedRegex(@"[.,;:!?\n]|\bbut\b", RegexOptions.IgnoreCase | RegexOptions.CultureInvariant)]
    private static partial Regex Breath();

    [GeneratedRegex(@"^(no|not|never|without|none|nothing|\w+n't)$", RegexOptions.IgnoreCase | RegexOptions.CultureInvariant)]
    private static partial Regex Denial();

    [GeneratedRegex(@"^(sure|certain|know|idea|longer|only|just)$", RegexOptions.IgnoreCase | RegexOptions.CultureInvariant)]
    private static partial Regex Doubt();
}
