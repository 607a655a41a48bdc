using System.Text.RegularExpressions;
using Rimrock.Core.Logbook;

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

    private const RegexOptions Any = RegexOptions.IgnoreCase | RegexOptions.CultureInvariant | RegexOptions.NonBacktracking;

    private const string Parts = "(bolts?|nuts?|wheels?|calipers?|pads?|brackets?|pins?|clips?|springs?|hoses?|lines?|discs?|rotors?|rings?|hats?"
        + "|bobbins?|boots?|pistons?|screws?|brakes?)";

    private const string Near = @"\b[\w' ]{0,20}\b";

    private static readonly (Spoken Of, Regex Words, bool IsDeniable)[] Table =
    [
        Row(Spoken.Leak, @"(leak\w*|drip\w*|weeping|weeps|seep\w*|puddle\w*)",
            @"fluid\b[\w' ]{0,24}\b(on|inside|over|under|down)\b[\w' ]{0,16}\b(wheels?|rims?|tyres?|tires?|calipers?|floor|ground|hoses?|pads?|rotors?|car)",
            @"wet (with fluid|calipers?|wheels?|rims?|hoses?)", @"(lost|losing|loses) (some |brake |a lot of )*fluid"),
        Row(Spoken.Fire, @"(caught fire|flames?|flaming)", Parts + Near + "on fire"),
        Flat(Spoken.NoBrakes, @"no brakes", @"no braking (power|force|effect)", @"lost (the |my |all |our )*(brakes|braking)",
            @"(did not|didn't|would not|wouldn't|could not|couldn't|won't|will not|barely|hardly) (really |even )?(stop|slow|brake)( down)?"),
        Flat(Spoken.NoBrakes, "no (pedal|lever) (left|at all|whatsoever|when|on|into|after|for|and|until|under|at)",
            @"(pedal|lever|brakes)\b[\w' ]{0,10}\b(did|does|do) nothing", @"nothing (there|happened|left|came)\b[\w' ]{0,20}\b(pedal|brakes)"),
        Row(Spoken.NoBrakes, @"brakes?\b[\w' ]{0,12}\b(gone|failed|failure|went away|gave up|stopped working)", @"brake failure"),
        Row(Spoken.Faded, @"(brakes?|pedal|pads?)\b[\w' ]{0,14}\b(wooden|faded|fading|weak|weaker|glazed)", @"(fade|wooden pedal)",
            @"(longer|long|twice the) (stopping|braking) distances?", @"(stopping|braking) distances?\b[\w' ]{0,12}\b(longer|long|grew|growing|doubled)",
            @"brak(e|ed|ing)\b[\w' ]{0,10}\bearlier and earlier", @"oversh(ot|oot|ooting)", "weak(er)? (brakes|braking)"),
        Row(Spoken.SinkingPedal, @"pedal\b[\w' ]{0,30}\b(floor|carpet|bulkhead)", @"lever\b[\w' ]{0,30}\b(handlebar|bar|grip)",
            @"(pedal|lever)\b[\w' ]{0,20}\b(sinks?|sank|sinking|creeps?|dropped|drops)", @"(sinking|sinks|bottomed|bottoms)\b[\w' ]{0,16}\b(pedal|lever)"),
        Row(Spoken.SoftPedal, @"(soft|spongy|mushy|squishy|long|low|vague)\b[\w' ]{0,12}\b(pedal|lever)", @"(soft|spongy|mushy|squishy) brakes?",
            @"(pedal|lever)\b[\w' ]{0,22}\b(soft\w*|spongy|mushy|squishy|long|longer|low|lower|vague)",
            @"brakes?\b[\w' ]{0,16}\b(soft|softer|spongy|mushy|squishy)", @"(fluid|brakes?)\b[\w' ]{0,16}\bboil\w*",
            @"boil\w*\b[\w' ]{0,10}\b(fluid|brakes?)", @"pump(ed|ing)?\b[\w' ]{0,12}\b(pedal|lever|brakes?)",
            @"air in\b[\w' ]{0,8}\b(brakes?|lines?|system|fluid)"),
        Row(Spoken.Cracked, @"(cracks?|cracked|fractured?|sheared|shattered|exploded)",
            Parts + Near + "(cracking|split|snapped|broke (off|up|apart)|broken (off|up))",
            "(split|snapped|broken) " + Parts),
        Row(Spoken.WheelPlay, @"(front|rear|left|right|road) wheels?\b[\w' ]{0,12}\b(wobbl\w*|play|loose)", @"play in the (wheels?|bearings?|hubs?)",
            @"wheel bearings?\b[\w' ]{0,12}\b(play|noisy|loose|worn|gone)", @"wheel nuts?\b[\w' ]{0,12}\b(loose|missing|off)", "loose wheel nuts?"),
        Row(Spoken.Loose, Parts + Near + @"(loose\w*|missing|play|came off|fell off|fell out|backed out)", @"(loose|missing)" + Near + Parts, @"play in",
            @"lost (a|the|one|two) (\w+ )?(bolts?|nuts?|pins?|clips?|pads?|springs?|screws?)"),
        Row(Spoken.BadHose, @"(hoses?|lines?)\b[\w' ]{0,20}\b(bulg\w*|swollen|swell\w*|chaf\w*|perished|rubb(ed|ing|s)|worn|melted|kinked)",
            @"(bulging|swollen|chafed|perished|melted|kinked)\b[\w' ]{0,12}\b(hoses?|lines?)"),
        Row(Spoken.Grinding, @"(grind(s|ing)?|ground metal|metal (on|to) metal)", @"(to|on) the (metal|backing plates?)",
            @"backing plates? (touch\w*|show\w*)"),
        Row(Spoken.Knock, @"(knock(s|ed|ing)?|clunk\w*|clonk\w*|rattl\w*|wobbl\w*)"),
        Row(Spoken.Stuck, @"(wheels?|discs?|rotors?|calipers?|corner|side)\b[\w' ]{0,16}\bhotter than\b[\w' ]{0,6}\b(others?|rest|left|right)",
            Parts + Near + @"(stuck|sticking|sticks|seized|binding|binds|dragging|drags)",
            "(stuck|seized|sticking|binding|dragging)" + Near + Parts, "(would not|won't|wouldn't|does not|doesn't) release"),
        Row(Spoken.Smoke, @"(smoke|smokes|smoking|smoky)"),
        Row(Spoken.Pull, @"(pull|veer)(s|ed|ing)?\b[\w' ]{0,14}\b(left|right|one side|side)"),
        Row(Spoken.RearLocks, @"(rears?|rear wheels?|back|rear axle)\b[\w' ]{0,10}\block\w*", @"lock\w*[\w' ]{0,8}\b(rears?|back)"),
        Row(Spoken.Smell, @"(smell\w*|smelt|stink\w*|stank)"),
        Row(Spoken.Judder, @"(judder\w*|vibrat\w*|shak(es|ing)|shudder\w*|puls(es|ing|ation|ating))"),
        Row(Spoken.Squeal, @"(squeal\w*|squeak\w*|screech\w*)"),
        Row(Spoken.WornOut, @"pads?\b[\w' ]{0,14}\b(worn (out|through|away|down|to)|paper thin|finished|shot|gone|toast)",
            @"(no|hardly any|almost no|barely any|next to no|little) ((brake )?pads?|(friction )?material|meat|lining) left", "out of (brake )?pads"),
        Row(Spoken.WarningLight,
            @"(warning|dash\w*|handbrake|fluid|level|pad wear|wear) (light|lamp)s?\b[\w' ]{0,16}\b(on|came|lit|flash\w*)",
            @"brakes? (light|lamp)s? (came on|lit up|flash\w*)", @"red (light|lamp)s?\b[\w' ]{0,24}\b(brak\w*|dash\w*)", "brake warning (light|lamp)"),
        Row(Spoken.AbsLight, @"(abs|esp|esc|stability|traction)\b[\w' ]{0,12}\b(light|lamp|warning|fault|error|off line)"),
        Row(Spoken.Glowed, @"(rotors?|discs?|disks?|brakes?|rings?)\b[\w' ]{0,14}\b(glow\w*|red hot|cherry red)",
            @"(rotors?|discs?|disks?|rings?)\b[\w' ]{0,14}\b(orange|blue|blued)",
            @"glow\w*\b[\w' ]{0,12}\b(rotors?|discs?|disks?|brakes?|rings?)", "blue(d)? (rotors?|discs?|disks?)"),
        Row(Spoken.LowLevel, @"((fluid|brake) level|reservoir)\b[\w' ]{0,16}\b(dropped|drops|dropping|fell|falling|low|lower|empty|down|minimum|min)",
            @"top(ped|ping)? (it |the \w+ |the \w+ \w+ |\w+ )?up\b[\w' ]{0,14}\b(fluid|reservoir|brakes?)",
            @"top(ped|ping)? up (the )?(brake )?(fluid|reservoir)",
            @"low (on )?(brake )?fluid", "low fluid level"),
        Row(Spoken.DarkFluid, @"fluid\b[\w' ]{0,14}\b(black|dark|brown|cloudy|murky|dirty)", "(black|dark|brown|cloudy|murky|dirty) (brake )?fluid"),
    ];

    /// <summary>What a note speaks of.</summary>
    /// <param name="note">The note; null or blank for none.</param>
    public static IReadOnlyList<Spoken> Read(string? note)
    {
        // Phones write the apostrophe of print.
        var text = note?.Replace('\u2019', '\'') ?? "";
        return [.. Table.Where(row => row.Words.Matches(text).Any(match => !row.IsDeniable || !IsDenied(text, match))).Select(row => row.Of).Distinct()];
    }

    private static (Spoken Of, Regex Words, bool IsDeniable) Row(Spoken of, params string[] words) => (of, WordsOf(words), true);

    // What is a denial itself.
    private static (Spoken Of, Regex Words, bool IsDeniable) Flat(Spoken of, params string[] words) => (of, WordsOf(words), false);

    private static Regex WordsOf(string[] words) => new($@"\b({string.Join('|', words)})\b", Any);

    // Within the same breath, before it or just before its last word; "not sure whether" denies nothing.
    private static bool IsDenied(string note, Match match)
    {
        if (Free().IsMatch(note[(match.Index + match.Length)..]))
        {
            return true;
        }

        static string[] Split(string text) => text.Split(' ', StringSplitOptions.RemoveEmptyEntries);
        var before = Split(Breath().Split(note[..match.Index])[^1]).TakeLast(DeniedWithin).ToList();
        var inside = Split(match.Value).SkipLast(1).TakeLast(DeniedInside);
        return before.Concat(inside).Any(word => Denial().IsMatch(word)) && !before.Exists(word => Doubt().IsMatch(word));
    }

    [GeneratedRegex(@"^[- ]?free\b", RegexOptions.IgnoreCase | RegexOptions.CultureInvariant)]
    private static partial Regex Free();

    [GeneratedRegex(@"[.,;:!?\n]|\bbut\b", RegexOptions.IgnoreCase | RegexOptions.CultureInvariant)]
    private static partial Regex Breath();

    [GeneratedRegex(@"^(no|not|never|without|none|nothing|\w+n't)$", RegexOptions.IgnoreCase | RegexOptions.CultureInvariant)]
    private static partial Regex Denial();

    [GeneratedRegex(@"^(sure|certain|know|idea|longer|only|just)$", RegexOptions.IgnoreCase | RegexOptions.CultureInvariant)]
    private static partial Regex Doubt();
}
