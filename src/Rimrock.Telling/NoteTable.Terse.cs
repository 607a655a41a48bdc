using System.Text.RegularExpressions;
using Rimrock.Core.Logbook;

namespace Rimrock.Telling;

/// <content>Notes of a word or two, written beside the car: what would say nothing inside a sentence says all where nothing else stands.</content>
internal static partial class NoteTable
{
    private const string Corner = "(at |on )?(the )?(front|rear|left|right|fl|fr|rl|rr|lf|rf|lr)( left| right)?";

    // Beside these air is what tyres are filled with: a list of what was seen to.
    private const string Provisions = "tyres?|tires?|fuel|petrol|oil|coolant|water|washers?|pressures?";

    private static NoteLine[] Terse() =>
    [
        Alone(Spoken.SoftPedal, @"boil(ed|s|ing)?|vapou?r|pump(ed|ing)?( (it|twice|again))?|(needs?|needed) (a )?bleed(ing)?|bleed(ing)? needed|sponge"),
        Alone(Spoken.SoftPedal, $@"(?<!\b({Provisions})( and|\s*,)\s*)air(?!(\s*,| and)\s*(and )?({Provisions})\b)"),
        Alone(Spoken.Faded, "weak|wooden|pedal hard|hard pedal|fade[ds]?|cooked"),
        Alone(Spoken.WornOut, "pads? (done|worn|low|thin|at the end|used up)|pads? to (the )?metal|backing plates?|no pads?|crumbl(ing|ed|es)"),
        Alone(Spoken.Grinding, "scrap(es?|ing)|metal"),
        Alone(Spoken.Knock, "clicks?|clicking|knocks?|clunks?"),
        Alone(Spoken.WheelPlay, "bearings? (hot|gone|noisy)|play|wobble"),
        Alone(Spoken.Judder, "shakes?|shaking|hot spots?|warp(ed)?"),
        Alone(Spoken.Pull, "swerv(es?|ing)|pull(s|ed|ing)?|darts?"),
        Alone(Spoken.WarningLight, "(red|warning|brake|fluid) (light|lamp)"),
        Alone(Spoken.Smell, "burning|stinks?"),
        Alone(Spoken.Fire, "fire|flames?|on fire"),
        Alone(Spoken.Glowed, "glow(s|ed|ing)?|red hot"),
        Alone(Spoken.Stuck, "stuck|stick(s|ing)|seized|bind(s|ing)|drag(s|ged|ging)|hot (wheel|hub|rim)|one (wheel )?hot"),
        Alone(Spoken.LowLevel, "(fluid )?level (is )?low|low level|topped up"),
        Alone(Spoken.WetFluid, "wet fluid|fluid (is )?wet"),
        Alone(Spoken.BadHose, "hoses? (cut|old|bad|worn)"),
        Alone(Spoken.WornRotor, "(discs?|rotors?|rings?) (thin|done|worn|finished|below|under)"),
        Alone(Spoken.Unclear, "lip|grooves?|groovy|scor(ed|ing)|taper(ed)?|uneven|scary|dangerous|not safe|bad"),
    ];

    // A whole sentence, but for how much and where.
    private static NoteLine Alone(Spoken of, string words) => new(of, new Regex($@"(?<=^\s*|[.,;!\n]\s*)(({Corner}|a bit|bit of|some|slight|slightly|very"
            + @"|too|heavy|badly) )*"
        + $@"({words})( ({Corner}|again|badly|too|a bit|slightly))*(?=\s*($|[.,;!\n]))", Any), true);
}
