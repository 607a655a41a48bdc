using System.Text.RegularExpressions;

namespace Rimrock.Telling;

/// <summary>What is spoken of without any sign: words of work, of what was looked at, of what is well (common practice).</summary>
internal static partial class NoteTable
{
    /// <summary>What stops a car, as a thing that is spoken of.</summary>
    public static Regex Speaks { get; } = WordsOf([
        "(in|into|through) the (gravel|kitty litter|run-?off)", "escape road", "wheels? locked",
        "(under|when|while|on|after|during) (hard |heavy |light |gentle )?braking", "(front|rear) (left|right)", "(left|right) (front|rear)",
        "brakes", "the brake", "(front|rear|left|right|foot|hand|park|parking|bike|trailer|caravan) ?brakes?", "brake fire",
        "(caravan|trailer)('s)? (brakes?|drums?|hubs?|wheels?|push\\w*|shov\\w*|sway\\w*)", "(front|rear) shoes", "(the|my) (fronts|rears)", "first brake",
        "wheel cylinders?",
        "brake (lever|line|pipe|hose|disc|pad|caliper|fluid|pedal|switch|by wire|bias|balance|servo|system|unit)s?", "pedal", "lever", "servo", "booster",
        "rotors?", "discs?", "bells?", "bobbins?", "calipers?", "pads?", "pistons?", "linings?", "drums?", "(brake|drum) shoes", "hoses?", "master cylinder",
        "the fluid", "fluid (in|level|has|is|was|tank|came)", "reservoir", "pushrod", "clevis", "(balance|bias) bar", "abs", "epb", "bleed (screw|nipple)s?",
        "nipples?", "banjos?", "wheel (nuts?|bolts?|studs?|bearings?)", "studs?", "bearings?", "hubs?",
    ]);

    /// <summary>Words of trouble: whoever writes one is asked, whatever else stands in the sentence.</summary>
    public static Regex Bad { get; } = WordsOf([
        @"bad|badly|rough|snap\w*|bang\w*|fright\w*|oval|damag\w*|errors?|soak\w*|slack|chip\w*|again and again|lock-?ups?|by (itself|themselves)",
        "too (much|strong|hot|long|low|soft|little|weak|late|hard)", "went through|used up|must|dusty spot|sandpaper|spun|swap\\w* ends|rust\\w* (in|tight)",
        "(last|wear) (out )?tomorrow|at the end of (its|their) life|due",
    ]);

    /// <summary>Who writes one of these speaks of no trouble, as far as no row knows one.</summary>
    public static IReadOnlyList<Regex> Harmless { get; } =
    [
        // Well.
        WordsOf([
            @"fine|ok|okay|good|great|perfect\w*|strong\w*|firm\w*|solid|sharp|nice\w*|excellent|better|best|brilliant|happy|happier|love\w*|like[ds]"
                + @"|impress\w*",
            @"consistent\w*|stable|steady|predictable|progressive\w*|smooth\w*|even|evenly|normal\w*|usual|same|similar|alike|as (before|expected|always"
                + @"|new)",
            @"unchanged|untouched|healthy|sound|alright|all right|well|confiden\w*|effortless\w*|reliable|lasted|held|holds|survived|coped|managed|expected",
            @"cool\w*|cold|lukewarm|warm( up)?|warmed up|clean\w*|dry|tight|new|fresh|original|approved|passed|huge|plenty|enough|within|between|half"
                + @"|easy|easier",
            @"works? well|worked well|sorted|correct|lighter|bigger|larger|upgrad\w*|cheap\w*|expensive|worth|no|none|never|nothing|without",
            "hard and high|high and hard|thick|known|active|free|grey|last (season|year)('s)?",
        ]),
        // Work, and what was looked at.
        WordsOf([
            @"fit(s|ted|ting)?|refit\w*|mount\w*|install\w*|chang(e|ed|ing)|swap\w*|replac\w*|renew\w*|rebuil\w*|bled|bleed|bleeding|flush\w*",
            @"fill(ed|ing)?|wash\w*|greas(ed|ing)|measur\w*|check\w*|inspect\w*|look(ed|s)?|torqu\w*|retorqu\w*|tighten\w*|bed|beds|bedded|bedding"
                + @"|rotat\w*|put",
            @"set|sets|kits?|adjust\w*",
            @"bought|buy|order\w*|deliver\w*|arriv\w*|in the post|parts box|pack\w*|brought|spare|stock|shelf|sell|sold|price\w*|paid|cost",
            @"recommend\w*|consider\w*|paint(ed|s)?|log(ged)?|wrote|record\w*|photo\w*|pictures?|weigh\w*|took|taken|taped|mark(ed|ers?)?|wiped?|sanded",
            @"wax(ed|ing)|wired|sponsors?|(street|road|race|track) pads back on|chamfer\w*|scrub\w*|transferr\w*",
            @"use[ds]?|using|try|tried|test\w*|compar\w*|read|next|plan\w*|want\w*|chose|choose|kept|left over|opened|click|clicks|dated|guy|about|ask\w*"
                + @"|talk\w*",
            @"scrutineer\w*|inspection|temperatures?|degrees|film|dust\w*|surface rust|lights?|old pads|pistons (back|in|home)|to length",
            @"(one|two|three|four) mm of wear|loaded|overnight|thirds?|easily|freely|free at|two fingers|mode \d|sing|hum|for another",
        ]),
        // How it was driven.
        WordsOf([
            @"later|late|learn\w*|instructor|coach|brak(e|ing) (point|marker)s?|saved?|saving|lifted|hardly|lightly|gentl\w*|drove|driven|regen\w*|event"
                + @"|come in",
            @"abs (worked|off|on|came in|once|helped)|hand ?brake (off|released|turns?)|less pedal travel|brakes did not$|to the metal all"
                + @"|left the (other|others)",
            "back on the (road|street|race|track) (pads|brakes)",
        ]),
        // What is denied.
        WordsOf([
            @"(not|\w+n't|hardly|barely) (\w+ ){0,2}(worn|drop\w*|fad\w*|leak\w*|overheat\w*|squeal\w*|lock\w*|hot|touch\w*|judder\w*|smell\w*|glow\w*"
                + @"|need\w*)",
        ]),
        // Other parts of the car, and the driver's own doing.
        WordsOf([
            @"spun|spin\w*|my (own )?fault|oversteer|understeer|footwell|power|stays where",
            @"tyres?|tires?|punctur\w*|camber|dampers?|toe|suspension|wings?|wipers?|gears?|gearbox|clutch|engine|seats?",
        ]),
        // Figures.
        WordsOf([
            @"\d+([.,]\d+)? ?(mm|cm|%|percent|per cent|c|°c?|k|kg|nm|bar|psi|l|ml|years?|months?|weeks?|days?|laps?|sessions?|hours?|km|miles?|deg\w*)",
            @"\d{2,}([.,]\d+)?", @"[3-9][.,]\d", "(one|two|three|four|five|six) (more )?(days|laps|sessions|events|years|months|strokes)",
        ]),
    ];
}
