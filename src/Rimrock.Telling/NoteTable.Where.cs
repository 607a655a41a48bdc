using System.Text.RegularExpressions;

namespace Rimrock.Telling;

/// <summary>Where something is, how thick a disc is, and what is well.</summary>
internal static partial class NoteTable
{
    /// <summary>A thickness, in millimetres by its word ("1 min 58" is a lap), beside the least that it may be.</summary>
    public static Regex Least { get; } = new(@"(\d+([.,]\d+)?) ?(mm)[,;:( ]*(min|minimum|limit|least)\.?( is| was|:)? ?(\d+([.,]\d+)?)", Any);

    /// <summary>The same of a disc: it needs no word for millimetres.</summary>
    public static Regex LeastOfDisc { get; } = new(
        @"\b(?:disc|rotor|ring)s?[\w' ]{0,10} (\d+([.,]\d+)?)( ?mm)?(?: thick)?[,;:( ]*(min|minimum|limit)\.?( is| was| stamped| says|:)? ?(\d+([.,]\d+)?)",
        Any);

    /// <summary>The least before the thickness: "min 22, measured 21.4".</summary>
    public static Regex LeastFirst { get; } = new(
        @"\b(?:min|minimum|limit)(?: thickness)?(?: is| was|:)? ?(\d+([.,]\d+)?)(?: ?mm)?[,;:( ]*(?:and |but |it |i |disc |rotor )*"
            + @"(?:measured|measures|now|is|at|found|got|has)(?: at)? (\d+([.,]\d+)?)", Any);

    /// <summary>No disc is as thick as this: a limit above it is of noise, speed or time (common practice).</summary>
    public const double ThickestMm = 60;

    /// <summary>Parts of a car that do not stop it.</summary>
    public static Regex OtherParts { get; } = WordsOf([
        "seat (rails?|mounts?|belts?|bolts?)", "bumpers?", "splitters?", "undertrays?", "wings?", "mirrors?", "windows?", "windscreen", "doors?", "bonnet",
        "exhausts?", "manifolds?",
        "engine", "gearbox", "gears?", "(third|second|first|fourth|fifth|sixth) gear", "diff", "clutch", "radiators?", "coolant", "fuel", "petrol", "tank",
        "battery", "radio", "cameras?", "helmet", "harness", "belts?", "jacks?", "ramps?", "cabin", "roof", "alternator", "turbo", "tow hook", "rain",
    ]);

    /// <summary>What is said of wheels, corners or the ground below them may be of the brakes.</summary>
    public static Regex AtTheWheels { get; } = WordsOf(["wheels?", "rims?", "brak\\w*", "corners?", "pipes?", "lines?", "fluid"]);

    /// <summary>What is at the front of a car; a corner's letters, left or right, in either order.</summary>
    public static Regex Front { get; } = WordsOf(["fronts?", "fl|fr|lf|rf|[no]/s[ /]?f"]);

    /// <summary>What is behind.</summary>
    public static Regex Rear { get; } = WordsOf(["rears?", "(at|in) the back", $"back (left|right|axle|ones?|{Bits})", "rl|lr|rr|[no]/s[ /]?r"]);

    /// <summary>Drums and what is in them.</summary>
    public static Regex Drums { get; } = WordsOf(["drums?", "shoes?"]);

    /// <summary>Words for what is well.</summary>
    public static Regex Well { get; } = WordsOf(["fine", "ok", "okay", "good", "sound", "perfect", "new", "great", "healthy", "alright", "all right"]);

    /// <summary>Pedals, levers and ornaments of a wheel that brake and hold nothing.</summary>
    public static Regex OtherPedals { get; } = WordsOf(["(clutch|accelerator|throttle|gas) (pedal|lever)", "(gear|shift|selector) lever",
        "wheel (weights?|caps?|trims?|covers?) (fell|came|flew) off", "lost (a|one|two|the) wheel (weights?|caps?|trims?|covers?)"]);

    /// <summary>Another's car.</summary>
    public static Regex OfOthers { get; } = WordsOf([@"(friend|mate|neighbour|buddy|someone|somebody)('s|s| else's)\b",
        "(another|other) (car|bike)", "(a|the|that|one) (car|bike) (in front|ahead|behind) (lost|had|went|dropped|spun|smoked|boiled)",
        "(for|after|because of) (a|some) (car|bike)",
            @"the (red|blue|green|yellow|white|black|silver|grey|orange) (car|one|bike)"]);

    private const string Bits = "wheels?|discs?|rotors?|pads?|brakes?|calipers?|hoses?";
}
