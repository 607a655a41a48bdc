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

    private static readonly Line[] Table =
    [
        Row(Spoken.Leak, @"(leak\w*|drip\w*|weeping|weeps|seep\w*|puddle\w*)",
            @"fluid\b[\w' ]{0,24}\b(on|inside|over|under|down)\b[\w' ]{0,16}\b(wheels?|rims?|tyres?|tires?|calipers?|floor|ground|hoses?|pads?|rotors?|car)",
            @"(wet|damp|oily)\b[\w' ]{0,10}\b(patch|spot|stain)(es|s)?\b[\w' ]{0,24}\b(wheels?|tyres?|tires?|calipers?|hoses?|car)",
            @"(wet|damp|moist|oily)\b[\w' ]{0,12}\b(around|at|near|below|under)\b[\w' ]{0,12}\b"
                + "(banjos?|bleed\\w*|nipples?|calipers?|unions?|hoses?|lines?|seals?)",
            @"(calipers?|hoses?|bleed\w*|nipples?)\b[\w' ]{0,6}\b(is|was|are|were|looks?|looked) (all |a bit |quite )?(wet|damp|oily)",
            @"fluid in (the |my )?(footwell|cabin)", "(smell|smells|smelt|stinks?) of (brake )?fluid",
            @"wet (with fluid|calipers?|wheels?|rims?|hoses?)", @"(lost|losing|loses) (some |brake |a lot of )*fluid"),
        Row(Spoken.Fire, @"(caught (fire|light|alight)|flames?|flaming)", Parts + Near + "on fire",
            @"fire (at|in|from|under|around|inside)\b[\w' ]{0,14}\b(wheels?|brakes?|calipers?|discs?|rotors?|arch)"),
        Flat(Spoken.NoBrakes, @"no brakes", @"no braking (power|force|effect)", @"lost (the |my |all |our )*(brakes|braking)",
            @"(did not|didn't|would not|wouldn't|could not|couldn't|won't|will not|barely|hardly) (really |even )?(stop|slow|brake)( down)?"),
        Flat(Spoken.NoBrakes, "(couldn't|could not|can't|cannot) get (it|her|him|the car|the bike) (stopped|slowed|to stop|to slow)",
            @"nothing\b[\w' ]{0,14}\b(pressed|hit|pushed|touched|stamped|stood)\b[\w' ]{0,10}\b(brakes?|pedal|lever)"),
        Flat(Spoken.NoBrakes, "no (pedal|lever) (left|at all|whatsoever|when|on|into|after|for|and|until|under|at)",
            @"(pedal|lever|brakes)\b[\w' ]{0,10}\b(did|does|do) nothing", @"nothing (there|happened|left|came)\b[\w' ]{0,20}\b(pedal|brakes)"),
        Row(Spoken.NoBrakes, @"brakes?\b[\w' ]{0,12}\b(gone|failed|failure|went away|gave up|stopped working)", @"brake failure",
            @"brakes\b[\w' ]{0,12}\b(gave out|died|quit|packed up|disappeared|vanished)"),
        Row(Spoken.Faded, @"(brakes?|pedal|pads?)\b[\w' ]{0,14}\b(wooden|faded|fading|weak|weaker|glazed)", @"(fade|wooden pedal)",
            @"(longer|long|twice the) (stopping|braking) distances?", @"(stopping|braking) distances?\b[\w' ]{0,12}\b(longer|long|grew|growing|doubled)",
            @"brak(e|ed|ing)\b[\w' ]{0,10}\bearlier and earlier",
            @"brak(e|ing) (point|marker)s?\b[\w' ]{0,16}\b(back|earlier|sooner)",
            @"(brak\w*|stop\w*|pedal|lever)\b[\w' ]{0,16}\b(more|extra|twice the|double the) (pedal )?(effort|force)",
            @"push\w*\b[\w' ]{0,10}\bharder\b[\w' ]{0,12}\b(pedal|brakes?|stop)", @"oversh(ot|oot|ooting)", "weak(er)? (brakes|braking)",
            "stopping (took|takes) (forever|ages)", "(twice as (long|far)|longer|ages|forever) to (stop|slow)", "lost (its |their |all |the )*bite"),
        Flat(Spoken.Faded, @"(pedal|brakes?|pads?)\b[\w' ]{0,10}\bno (bite|grip|bite left)"),
        Row(Spoken.SinkingPedal, @"pedal\b[\w' ]{0,30}\b(floor|carpet|bulkhead)", @"foot\b[\w' ]{0,14}\b(carpet|bulkhead)",
            @"lever\b[\w' ]{0,30}\b(handlebar|bar|grip)",
            @"(pedal|lever)\b[\w' ]{0,20}\b(sinks?|sank|sinking|creeps?|dropped|drops|fell|falls|gave way|gives way)",
            @"(sinking|sinks|bottomed|bottoms)\b[\w' ]{0,16}\b(pedal|lever)"),
        Row(Spoken.SoftPedal, @"(soft|spongy|mushy|squishy|long|low|vague)\b[\w' ]{0,12}\b(pedal|lever)", @"(soft|spongy|mushy|squishy) brakes?",
            @"(pedal|lever)\b[\w' ]{0,22}\b(soft\w*|spongy|mushy|squishy|long|longer|low|lower|vague)",
            @"brakes?\b[\w' ]{0,16}\b(soft|softer|spongy|mushy|squishy)", @"(fluid|brakes?)\b[\w' ]{0,16}\bboil\w*",
            @"boil\w*\b[\w' ]{0,10}\b(fluid|brakes?)", @"pump(ed|ing)?\b[\w' ]{0,12}\b(pedal|lever|brakes?)",
            @"air in\b[\w' ]{0,8}\b(brakes?|lines?|system|fluid)", @"bubbles?\b[\w' ]{0,24}\b(bleed\w*|bled|fluid|lines?|calipers?)",
            @"(brakes?|pedal|lever)\b[\w' ]{0,26}\bspong\w*", @"(pedal|lever)\b[\w' ]{0,24}\bpump\w*", "had to pump (it|them)",
            @"(needed|needs|took|takes|after|with) (a )?(two|three|four|several|few|couple of|\d) (pumps|pushes|stabs)",
            @"brakes?\b[\w' ]{0,6}\b(went|goes|going|got|was|were) long(er)?", @"lost (the |my |all )*(pedal|lever)",
            @"(pedal|lever) travel\b[\w' ]{0,12}\b(long\w*|increas\w*|grew|growing|more)", "more (pedal|lever) travel"),
        Row(Spoken.SoftPedal, @"(pedal|lever|brakes?)\b[\w' ]{0,10}\b(jelly|jello|pudding|marshmallows?)"),
        Flat(Spoken.SoftPedal, @"no (pressure|resistance)\b[\w' ]{0,16}\b(pedal|push|press|lever|brakes?)"),
        Row(Spoken.NoAssist, @"(servo|booster|brake assist\w*|vacuum)\b[\w' ]{0,14}\b(dead|gone|failed|failing|broken|leak\w*|stopped|hiss\w*|lost)",
            @"lost (the |all )*(servo|booster|assistance|vacuum)"),
        Flat(Spoken.NoAssist, "no (servo|booster|assistance|vacuum)", @"(servo|booster)\b[\w' ]{0,8}\b(not|doesn't|didn't|does not) work\w*"),
        Row(Spoken.Cracked, @"(cracks?|cracked|fractured?|sheared|shattered|exploded)",
            Parts + Near + "(cracking|split|snapped|broke (off|up|apart)|broken (off|up)|bent|deformed|distorted)",
            "(split|snapped|broken) " + Parts),
        Row(Spoken.WheelPlay, @"(front|rear|left|right|road) wheels?\b[\w' ]{0,12}\b(wobbl\w*|play|loose)", @"play in\b[\w' ]{0,16}\b(wheels?|bearings?|hubs?)",
            @"(bearings?|hubs?)\b[\w' ]{0,12}\b(growl\w*|hum\w*|rumbl\w*|nois\w*|movement|moves)",
            @"(growl|humm?|rumbl|nois)\w*\b[\w' ]{0,14}\bbearings?", "wheel came (loose|off)",
            @"(wheel|lug) ?nuts?\b[\w' ]{0,10}\b(undone|finger tight)", @"wheels?\b[\w' ]{0,8}\b(wobbl\w*|rocks?)\b[\w' ]{0,16}\b(jack\w*|hand|stands|lifted)",
            @"wheel bearings?\b[\w' ]{0,12}\b(play|noisy|loose|worn|gone)", @"wheel nuts?\b[\w' ]{0,12}\b(loose|missing|off)", "loose wheel nuts?"),
        Flat(Spoken.WheelPlay, @"(wheel|lug) ?nuts?\b[\w' ]{0,10}\b(not|n't|weren't|wasn't|never) (tight|torqued|done up)"),
        Row(Spoken.Loose, Parts + Near + @"(loose\w*|missing|play|came off|fell off|fell out|backed out)", @"(loose|missing)" + Near + Parts, @"play in",
            @"lost (a|the|one|two) (\w+ )?(bolts?|nuts?|pins?|clips?|pads?|springs?|screws?)"),
        Row(Spoken.BadHose, @"(hoses?|lines?)\b[\w' ]{0,20}\b(bulg\w*|swollen|swell\w*|chaf\w*|perished|rubb(ed|ing)|rubs|worn|melted|kinked)",
            @"(hoses?|(brake|braided) lines?)\b[\w' ]{0,12}\b(fray\w*|cut (through|open|by|into)|nick\w*|split|touch\w*)",
            @"(cut|nick|split|crack) in (the |a |one )?(\w+ )?(hoses?|brake lines?|braided lines?)",
            @"(tyre|tire|wheel)s?\b[\w' ]{0,10}\b(touch\w*|rub\w*|caught)\b[\w' ]{0,16}\b(hoses?|brake lines?)",
            @"(bulging|swollen|chafed|perished|melted|kinked)\b[\w' ]{0,12}\b(hoses?|lines?)"),
        Row(Spoken.Grinding, @"(grind(s|ing)?|ground metal|metal (on|to) metal)", @"(to|on) the (metal|backing plates?)",
            @"backing plates? (touch\w*|show\w*)", @"scrap(es?|ing)\b[\w' ]{0,16}\b(front|rear|left|right|brakes?|wheels?|discs?|rotors?)",
            @"scraping (noise|sound)"),
        Row(Spoken.Knock, @"(knock(s|ed|ing)?|clunk\w*|clonk\w*|rattl\w*|wobbl\w*)"),
        Row(Spoken.Stuck, @"(wheels?|discs?|rotors?|calipers?|corner|side)\b[\w' ]{0,16}\bhotter than\b[\w' ]{0,6}\b(others?|rest|left|right)",
            Parts + Near + @"(stuck|sticking|sticks|seized|binding|binds|dragging|drags)",
            "(stuck|seized|sticking|binding|dragging)" + Near + Parts),
        Flat(Spoken.Stuck, "(would not|won't|wouldn't|does not|doesn't|will not) (release|let go|roll freely|spin freely|turn freely)",
            @"pistons?\b[\w' ]{0,10}\b(won't|doesn't|does not|don't|do not|will not|would not) (go back|retract|move|push back)"),
        Row(Spoken.Smoke, @"(smoke|smokes|smoking|smoky)") with
        {
            Except = WordsOf([@"smok\w*\b[\w' ]{0,14}\b(bbq|barbecue|grill|exhausts?|tailpipe|tyres?|tires?|hatchback|ahead|in front)",
                "(tyre|tire|exhaust|bbq) smoke"]),
        },
        Row(Spoken.Pull, @"(pull|veer)(s|ed|ing)?\b[\w' ]{0,14}\b(left|right|one side|side)",
            @"(dart|yank|swerv|jerk|tug|dive)(s|es|ed|ing)?\b[\w' ]{0,14}\b(left|right|side)\b[\w' ]{0,20}\b(brak\w*|pedal|stand|press|stop\w*)",
            @"pull(s|ed|ing)? (when|under|while|on) (the )?(brak\w*|hard brak\w*)",
            @"(bites?|works?|brakes?|grabs?) only on (the )?(left|right|one side)",
            @"brak\w*\b[\w' ]{0,20}\b(dart|yank|swerv|jerk|tug)(s|es|ed|ing)?\b[\w' ]{0,14}\b(left|right|side)"),
        Flat(Spoken.Pull, @"(right|left|one)( front| rear| side)?\b[\w' ]{0,8}\b(doesn't|does not|won't|isn't|is not) (bit\w*|brak\w*)"),
        Row(Spoken.RearLocks, @"(rears?|rear wheels?|back|rear axle)\b[\w' ]{0,10}\block\w*", @"lock\w*[\w' ]{0,8}\b(rears?|back)",
            @"(rear|back|tail)\b[\w' ]{0,8}\b(stepp?|came|comes|kick|snapp?|slid|went|goes)\w*\b[\w' ]{0,8}\b"
                + @"(out|round|around|sideways)\b[\w' ]{0,16}\bbrak\w*"),
        Row(Spoken.Oiled, @"(oil|oily|grease|greasy|coolant)\b[\w' ]{0,6}\bon\b[\w' ]{0,12}\b(pads?|discs?|rotors?|faces?|linings?|brakes?|calipers?)",
            @"(contaminated|oiled|oily|greasy)\b[\w' ]{0,8}\b(pads?|discs?|rotors?|linings?)",
            @"(pads?|discs?|rotors?|linings?)\b[\w' ]{0,10}\b(contaminated|oiled)"),
        Row(Spoken.WornRotor, @"(rotors?|discs?|rings?|thickness)\b[\w' ]{0,16}\b(below|under|past|thinner than)\b[\w' ]{0,10}\bmin\w*"),
        Row(Spoken.WetFluid, @"water in\b[\w' ]{0,8}\bfluid", @"tester\b[\w' ]{0,12}\bred",
            @"(tester|fluid|water|moisture)\b[\w' ]{0,16}\b([3-9]([.,]\d)?) ?(%|percent|per cent)"),
        Row(Spoken.BurntBoot, @"(boots?|seals?|bellows)\b[\w' ]{0,12}\b(melted|melting|burnt|burned|charred|cooked|torn)",
            @"(melted|burnt|charred|torn)\b[\w' ]{0,12}\b(boots?|seals?|bellows)"),
        Flat(Spoken.WeakHandbrake, @"(hand ?brake|parking brake|park brake)\b[\w' ]{0,16}\b(not|n't|won't|doesn't|didn't|no longer|cannot|can't) hold\w*",
            @"(hand ?brake|parking brake|park brake)\b[\w' ]{0,12}\b(slips|slipping|weak|useless|does nothing|snapped|broke\w*|failed)", "rolled away"),
        Row(Spoken.Smell, @"(smell\w*|smelt|stink\w*|stank)"),
        Row(Spoken.Judder, @"(judder\w*|warped|vibrat\w*|shak(es|ing)|shudder\w*|puls(es|ing|ation|ating))"),
        Row(Spoken.Squeal, @"(squeal\w*|squeak\w*|screech\w*)"),
        Row(Spoken.WornOut, @"pads?\b[\w' ]{0,14}\b(worn (out|through|away|down|to)|paper thin|finished|shot|gone|toast)",
            @"(no|hardly any|almost no|barely any|next to no|little) ((brake )?pads?|(friction )?material|meat|lining) left", "out of (brake )?pads",
            @"(pads?|linings?|material)\b[\w' ]{0,14}\b(at|down to|under|below) ([01]([.,]\d)?|2([.,]0)?) ?(mm|millimet\w*)",
            "(down|worn|through) to the (metal|steel|rivets|plates?|backing plates?)",
            @"(pads?|linings?|(friction )?material)\b[\w' ]{0,16}\b"
                + @"(crumbl\w*|delaminat\w*|separat\w*|debond\w*|came (off|away)|coming off|f(ell|alling) apart)",
            @"(chunks?|pieces?|bits?) (of|off|out of) (the |a )?(brake )?(pads?|linings?)") with
        {
            Except = WordsOf(["(pad|brake) dust"]),
        },
        Row(Spoken.WarningLight,
            @"(warning|dash\w*|handbrake|fluid|level|pad wear|wear) (light|lamp)s?\b[\w' ]{0,16}\b(on|came|lit|flash\w*)",
            @"brakes? (light|lamp)s? (came on|lit up|flash\w*)", @"red (light|lamp)s?\b[\w' ]{0,24}\b(brak\w*|dash\w*)",
            "brake warning", "red brakes? (light|lamp)",
            "hand ?brake (warning|light|lamp)", @"brakes? (light|lamp)s? (on|in) the dash\w*", @"(wear|pad) sensors?\b[\w' ]{0,10}\b(on|lit|came|tripped)"),
        Row(Spoken.AbsLight, @"(abs|esp|esc|stability|traction)\b[\w' ]{0,12}\b(light|lamp|warning|fault|error|off line|failed|dead)"),
        Row(Spoken.AbsEarly, @"abs\b[\w' ]{0,20}\b(early|too soon|too often|constantly)"),
        Row(Spoken.Glowed, @"(rotors?|discs?|disks?|brakes?|rings?)\b[\w' ]{0,14}\b(glow\w*|red hot|cherry red)",
            @"(rotors?|discs?|disks?|rings?)\b[\w' ]{0,14}\b(orange|blue|blued|purple)",
            @"glow\w*\b[\w' ]{0,12}\b(rotors?|discs?|disks?|brakes?|rings?)", "blue(d)? (rotors?|discs?|disks?)"),
        Row(Spoken.CaliperBurnt, @"caliper('s)?\b[\w' ]{0,16}\b(brown|burnt|burned|blister\w*|discolou?red)",
            @"(brown|burnt|burned|blistered|discolou?red)\b[\w' ]{0,12}\bcalipers?"),
        Row(Spoken.LowLevel, "add(ed|ing)? (some |more |brake )*fluid",
            @"((fluid|brake) level|reservoir)\b[\w' ]{0,16}\b(dropped|drops|dropping|fell|falling|low|lower|empty|down|minimum|min)",
            @"top(ped|ping)? (it |the \w+ |the \w+ \w+ |\w+ )?up\b[\w' ]{0,14}\b(fluid|reservoir|brakes?)",
            @"top(ped|ping)? up (the )?(brake )?(fluid|reservoir)",
            @"low (on )?(brake )?fluid", "low fluid level"),
        Row(Spoken.DarkFluid, @"fluid\b[\w' ]{0,14}\b(black|dark|brown|cloudy|murky|dirty)", "(black|dark|brown|cloudy|murky|dirty) (brake )?fluid"),
    ];

    /// <summary>What a note speaks of.</summary>
    /// <param name="note">The note; null or blank for none.</param>
    public static IReadOnlyList<Spoken> Read(string? note)
    {
        // Phones write the apostrophe of print; some parts are spelt in two ways.
        var text = Calliper().Replace(Disk().Replace(note?.Replace('\u2019', '\'') ?? "", "disc"), "caliper");
        return [.. Table.Where(row => Speaks(row, row.Except?.Replace(text, " . ") ?? text)).Select(row => row.Of).Distinct()];
    }

    private static bool Speaks(Line row, string text) => row.Words.Matches(text).Any(match => !row.IsDeniable || !IsDenied(text, match));

    private static Line Row(Spoken of, params string[] words) => new(of, WordsOf(words), true);

    // What is a denial itself.
    private static Line Flat(Spoken of, params string[] words) => new(of, WordsOf(words), false);

    /// <summary>Words that speak of something, whether they can be denied, and what they are not about.</summary>
    private sealed record Line(Spoken Of, Regex Words, bool IsDeniable, Regex? Except = null);

    private static Regex WordsOf(string[] words) => new($@"\b({string.Join('|', words)})\b", Any);

    // Within the same breath, before it or just before its last word; "not sure whether" denies nothing.
    private static bool IsDenied(string note, Match match)
    {
        var after = note[(match.Index + match.Length)..];
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

    [GeneratedRegex(@"\bdisk", RegexOptions.IgnoreCase | RegexOptions.CultureInvariant)]
    private static partial Regex Disk();

    [GeneratedRegex(@"\bcalliper", RegexOptions.IgnoreCase | RegexOptions.CultureInvariant)]
    private static partial Regex Calliper();

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
