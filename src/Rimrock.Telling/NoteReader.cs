using System.Text.RegularExpressions;
using Rimrock.Core.Logbook;

namespace Rimrock.Telling;

/// <summary>
/// Reads what a note speaks of, by the words that drivers use. It only ever adds: what it does not know stays not judged, and what is denied in the same
/// breath ("no leak") is left out.
/// </summary>
public static partial class NoteReader
{
    // So many words before one deny it.
    private const int DeniedWithin = 3;

    private const RegexOptions Any = RegexOptions.IgnoreCase | RegexOptions.CultureInvariant | RegexOptions.NonBacktracking;

    private static readonly (Spoken Of, Regex Words)[] Table =
    [
        Row(Spoken.Leak, @"(leak\w*|drip\w*|weeping|weeps|seep\w*|puddle\w*)",
            @"fluid\b[\w' ]{0,24}\b(on|inside|over|under|down)\b[\w' ]{0,16}\b(wheels?|rims?|tyres?|tires?|calipers?|floor|ground|hoses?|pads?|rotors?|car)",
            @"wet (with fluid|calipers?|wheels?|rims?|hoses?)", @"(lost|losing|loses) (some |brake |a lot of )*fluid"),
        Row(Spoken.Fire, @"(on fire|caught fire|flames?|flaming)"),
        Row(Spoken.NoBrakes, @"no brak(es?|ing)", @"brakes?\b[\w' ]{0,12}\b(gone|failed|failure|went away|gave up|stopped working)",
            @"lost (the |my |all |our )*brak\w+", @"(brakes?|pedal|pads?)\b[\w' ]{0,14}\b(wooden|faded|fading)", @"(fade|wooden pedal|overshot)",
            @"(did not|didn't|would not|wouldn't|could not|couldn't|won't|will not|barely|hardly) (really |even )?(stop|stopped|slow|slowed|brake)"),
        Row(Spoken.SinkingPedal, @"(pedal|lever)\b[\w' ]{0,30}\b(floor|carpet|bulkhead|handlebar|bar|grip|sinks?|sank|sinking|creeps?|dropped|drops)",
            @"(sinking|sinks|bottomed|bottoms)\b[\w' ]{0,16}\b(pedal|lever)", @"to the floor"),
        Row(Spoken.SoftPedal, @"(soft|spongy|mushy|squishy|long|low|vague)\b[\w' ]{0,12}\b(pedal|lever|brakes?)",
            @"(pedal|lever|brakes?)\b[\w' ]{0,22}\b(soft\w*|spongy|mushy|squishy|long\w*|lower|vague)", @"boil\w*",
            @"pump(ed|ing)?\b[\w' ]{0,12}\b(pedal|lever|brakes?|it)", @"air in\b[\w' ]{0,8}\b(brakes?|lines?|system|fluid)"),
        Row(Spoken.Cracked, @"(crack(s|ed|ing)?|fractured?|split|snapped|broken|broke|sheared|shattered|exploded)"),
        Row(Spoken.Loose, @"(loose\w*|came off|fell (off|out)|missing|play in)",
            @"lost (a|the|one|two) (\w+ )?(bolts?|nuts?|pins?|clips?|pads?|springs?)"),
        Row(Spoken.BadHose, @"(hoses?|lines?)\b[\w' ]{0,20}\b(bulg\w*|swollen|swell\w*|chaf\w*|perished|rubb(ed|ing|s)|worn|melted|kinked)",
            @"(bulging|swollen|chafed|perished|melted|kinked)\b[\w' ]{0,12}\b(hoses?|lines?)"),
        Row(Spoken.Grinding, @"(grind\w*|scraping|scrapes?|metal (on|to) metal)", @"(to|on) the (metal|backing plates?)",
            @"backing plates? (touch\w*|show\w*)"),
        Row(Spoken.Knock, @"(knock(s|ed|ing)?|clunk\w*|clonk\w*|rattl\w*|wobbl\w*)"),
        Row(Spoken.Stuck, @"(stuck|sticking|sticks|seized|binding|binds|dragging|drags|would not release|won't release)"),
        Row(Spoken.Smoke, @"smok\w*"),
        Row(Spoken.Pull, @"(pull|veer|drift|dart)(s|ed|ing)?\b[\w' ]{0,14}\b(left|right|one side|side)"),
        Row(Spoken.RearLocks, @"(rears?|rear wheels?|back|rear axle)\b[\w' ]{0,10}\block\w*", @"lock\w*[\w' ]{0,8}\b(rears?|back)"),
        Row(Spoken.Smell, @"(smell\w*|smelt|stink\w*|stank)"),
        Row(Spoken.Judder, @"(judder\w*|vibrat\w*|shak(e|es|ing)|shook|shudder\w*|puls(es|ing|ation|ating))"),
        Row(Spoken.Squeal, @"(squeal\w*|squeak\w*|screech\w*)"),
    ];

    private static (Spoken Of, Regex Words) Row(Spoken of, params string[] words) => (of, new Regex($@"\b({string.Join('|', words)})\b", Any));

    /// <summary>What a note speaks of.</summary>
    /// <param name="note">The note; null or blank for none.</param>
    public static IReadOnlyList<Spoken> Read(string? note) => string.IsNullOrWhiteSpace(note) ? []
        : [.. Table.Where(row => row.Words.Matches(note).Any(match => row.Of == Spoken.NoBrakes || !IsDenied(note, match.Index)))
            .Select(row => row.Of)];

    // Within the same breath; "not sure whether" denies nothing.
    private static bool IsDenied(string note, int at)
    {
        var breath = Breath().Split(note[..at])[^1];
        var before = breath.Split(' ', StringSplitOptions.RemoveEmptyEntries).TakeLast(DeniedWithin).ToList();
        return before.Exists(word => Denial().IsMatch(word)) && !before.Exists(word => Doubt().IsMatch(word));
    }

    [GeneratedRegex(@"[.,;:!?\n]|\bbut\b", RegexOptions.IgnoreCase | RegexOptions.CultureInvariant)]
    private static partial Regex Breath();

    [GeneratedRegex(@"^(no|not|never|without|none|nothing|\w+n't)$", RegexOptions.IgnoreCase | RegexOptions.CultureInvariant)]
    private static partial Regex Denial();

    [GeneratedRegex(@"^(sure|certain|know|idea|longer|only|just)$", RegexOptions.IgnoreCase | RegexOptions.CultureInvariant)]
    private static partial Regex Doubt();
}
