using System.Text.RegularExpressions;
using Rimrock.Core.Logbook;

namespace Rimrock.Telling;

/// <summary>Words that speak of something, whether they can be denied, and what they are not about.</summary>
/// <param name="Of">What they speak of.</param>
/// <param name="Words">The words.</param>
/// <param name="IsDeniable">False for what is a denial itself.</param>
/// <param name="Except">What is taken out of a note before; null for nothing.</param>
internal sealed record NoteLine(Spoken Of, Regex Words, bool IsDeniable, Regex? Except = null);

/// <summary>The words that drivers use for what they see, feel, hear and smell (common practice).</summary>
internal static partial class NoteTable
{
    private const RegexOptions Any = RegexOptions.IgnoreCase | RegexOptions.CultureInvariant;

    private const string Parts = "(bolts?|nuts?|wheels?|calipers?|pads?|brackets?|pins?|clips?|springs?|hoses?|lines?|discs?|rotors?|rings?|hats?"
        + "|bobbins?|boots?|pistons?|screws?|brakes?|nipples?|bleeders?|unions?|banjos?|studs?|threads?|plates?)";

    private const string Near = @"\b[\w' ]{0,20}\b";

    /// <summary>All rows.</summary>
    public static IReadOnlyList<NoteLine> All => field ??= [.. Felt(), .. OfFluid(), .. OfParts(), .. Measured(), .. Terse()];

    /// <summary>Something that is wrong with what stops the car, in words that no row above knows.</summary>
    public static IReadOnlyList<NoteLine> Worries { get; } =
    [
        Row(Spoken.Unclear, Stops + Near + "(" + Wrong
                + @"|(felt|feels|feel) different|blew|spread\w*|flex\w*|backwards|upside down|stay(s|ed)? on|lights? (out|dead))",
            "(" + Wrong + "|hit|bad|confidence|pushed)" + @"\b[\w':, ]{0,36}\b" + Stops, "trailer pushe(d|s)",
            "(went|sailed|slid|shot) straight on (at|in|into|after|under)",
            "(white|ashy|grey) edges?", "barely made", "(escape|arrest[eo]r|runaway) (lane|ramp|bed)",
            @"(hoses?|lines?)\b[\w' ]{0,6}\b(1[0-9]|[2-9]\d) years?( old)?", @"(hoses?|lines?) (are |is |date |dated )*from (19\d\d|20[01]\d)", @"heat marks",
            @"vent block\w*",
            @"(into|hit|against) the (tyre |tire )?(wall|barriers?|armco|fence)",
            "(praying|prayed|an? (gamble|lottery|adventure|nightmare|struggle)|terrif\\w+)") with
        {
            Except = WordsOf(["pushed (the |all |my |both )?(\\w+ )?pistons (back|in|home)",
                "(trailer|caravan) (ramps?|tyres?|tires?|lights?|hitch|net|sheet|wheel)"]),
        },
        Row(Spoken.Unclear, "noises? (now|again|from|when|under|since)", @"(wear|worn) (is |was )?(uneven\w*|unequal\w*|at an angle|crooked)",
            "uneven(ly)? (wear|worn)", "(wheel|rim|hub|corner) (is |was |very |too )*hot", "something hot",
            @"pistons?\b[\w' ]{0,10}\b(rust\w*|corroded|pitted|scratched)") with
        {
            Except = WordsOf([@"(tyres?|tires?|wheel alignment)\b[\w' ]{0,10}\b(wear|worn|uneven\w*|noises?)",
                @"(wind|exhaust|engine|diff|gearbox|tyre|pump) noises?",
                @"noises? from (the )?(exhaust|engine|diff|gearbox|tyres?|pump|wind)", @"uneven(ly)? (tyre|tire) wear"]),
        },
        Row(Spoken.Unclear, @"(brakes?|pedal|feel)\b[\w' ]{0,10}\b[0-5]( ?/ ?| out of )10", "breakaway cable",
            @"(overrun|tow hitch|coupling)\b[\w' ]{0,10}\bbang\w*",
            "(front|rear|back)s?( brakes?)? (does|do|did) (almost |next to |hardly )?(nothing|anything)",
            "(discs?|rotors?|rings?) (is |are |were )?(badly|heavily|deeply) rust\\w*",
            @"(car|bike|it|she) brak(es|ed) (by )?itself", Stops + @"\b[\w' ]{0,10}\bby (itself|themselves)"),
        Flat(Spoken.Unclear, Stops + @"\b[\w' ]{0,10}\b(not|don't|doesn't|didn't|never) feel(ing)? (the same|right|as)"),
        Row(Spoken.Unclear, Stops + @"\b[\w' ]{0,10}\b(took|takes|needs?|needed) (a|one|two|half a|some) (second|moment|while|time)s? to (respond|bite"
                + @"|work|react)"),
        Flat(Spoken.Unclear, @"(trailer|caravan)\b[\w' ]{0,8}\b(does not|doesn't|did not|didn't|won't|not) (brak\w*|stop\w*)"),
        Flat(Spoken.Unclear, "(didn't|did not|don't|do not|wouldn't|would not) dare"),
        Row(Spoken.Unclear, @"something( is| was|'s)? (wrong|off|odd|let go|broke|gave|snapped|failed|not right)\b[\w' ]{0,16}\b(front|rear|back|left"
                + @"|right|brak\w*)",
            "not (safe|roadworthy)", "unroadworthy", @"(left|right|corner|wheel|side)\b[\w' ]{0,8}\b(drags?|dragging|binds|binding)"),
        Flat(Spoken.Unclear, @"(would|will|do|did|does|could)(n't| not) (drive|ride|trust|race|tow with|go out (in|on|with)) (it|this|her|him|them"
                + @"|the (car|bike|brakes))"),
        Flat(Spoken.Unclear, @"(not|never|isn't|wasn't|aren't|weren't|don't|didn't) (\w+ )?(happy|good|right|fine|ok|okay|confident|great|normal|trust\w*"
                + @"|sure)\b[\w' ]{0,14}\b" + Stops,
            Stops + @"\b[\w' ]{0,8}\b(not|never|isn't|wasn't|aren't|weren't) (\w+ )?(good|great|fine|ok|okay|normal|safe|happy|up to it|as (good|strong"
                    + @"|firm))"),
        Flat(Spoken.Unclear, @"lock(ed|s|ing)?( up| on)? (by itself|for no reason|on its own|by themselves)",
            Stops + " (is|are|was|were)(n't| not) what (it|they) (was|were|used to be)",
            Stops + @"\b[\w', ]{0,20}\b(not|doesn't|does not|didn't|don't|won't|isn't|aren't|wasn't) (work\w*|come on|go on|right|release|return"
                + "|feel right|centre|move|light)"),
    ];

    // What a worry has to be about.
    private const string Stops = "(brak(e|es|ing)|stopping|pedal|lever|faces?|discs?|rotors?|calipers?|pads?|fluid|dot ?[345]\\S*|hoses?|reservoir"
            + "|hand ?brake"
                + "|abs|servo|booster|(balance|bias) bar|bearings?|hubs?|master|bias( bar| adjuster)?|split pins?|studs?|cylinders?|shoes?|drums?"
        + "|pistons?|trailer|brake lights?|push ?rods?|clevis|vanes?|bells?|hats?)";

    private const string Wrong = @"wrong|strange|weird|odd|worse|horrible|noises?|nervous|bypass\w*|cocked|bits in|not what|locks? one"
                + @"|locked one|funny|unusual|unsafe|dangerous|problems?|trouble|issues?|fail\w*|broke|broken"
                + @"|damag\w*|jam(s|med|ming)?|burst"
        + @"|tor(e|n)|ripped|scary|scared|fright\w*|worr(y|ied|ying)|mixed|groov\w*|scor(ed|ing)|lip|taper\w*|melt\w*|iffy|sus|wedge\w*|dished"
                + @"|coned|uneven\w*|corroded|foam\w*|chatter\w*|a step|worn (much|far|more|twice|at an)|thinner|fault\w*|burnt|took over|runs all|unequal\w*"
                + @"|no confidence|lost|dodgy|suspect|concern\w*|disintegrat\w*|pitted"
        + @"|bent|swollen|stretched|scraped|smears?|not seated|against the|flattened|squashed|crushed|block(ed|s)";

    private static NoteLine Row(Spoken of, params string[] words) => new(of, WordsOf(words), true);

    // What is a denial itself.
    private static NoteLine Flat(Spoken of, params string[] words) => new(of, WordsOf(words), false);

    private static Regex WordsOf(string[] words) => new($@"\b({string.Join('|', words)})\b", Any);
}
