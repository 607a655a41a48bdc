using System.Text.RegularExpressions;

namespace Rimrock.Telling;

/// <summary>Where something is, how thick a disc is, and what is well.</summary>
internal static partial class NoteTable
{
    /// <summary>A thickness, in millimetres by its word ("1 min 58" is a lap), beside the least that it may be.</summary>
    public static Regex Least { get; } = new(@"(\d+([.,]\d+)?) ?(mm)[,;:( ]*(min|minimum|limit|least)( is| was|:)? ?(\d+([.,]\d+)?)", Any);

    /// <summary>The same of a disc: it needs no word for millimetres.</summary>
    public static Regex LeastOfDisc { get; } = new(
        @"\b(?:disc|rotor|ring)s?[\w' ]{0,10} (\d+([.,]\d+)?)( ?mm)?[,;:( ]*(min|minimum|limit)( is| was|:)? ?(\d+([.,]\d+)?)",
        Any);

    /// <summary>What is at the front of a car; a corner's letters, left or right, in either order.</summary>
    public static Regex Front { get; } = WordsOf(["fronts?", "fl|fr|lf|rf|[no]/s[ /]?f"]);

    /// <summary>What is behind.</summary>
    public static Regex Rear { get; } = WordsOf(["rears?", "(at|in) the back", $"back (left|right|axle|ones?|{Bits})", "rl|lr|rr|[no]/s[ /]?r"]);

    /// <summary>Drums and what is in them.</summary>
    public static Regex Drums { get; } = WordsOf(["drums?", "shoes?"]);

    /// <summary>Words for what is well.</summary>
    public static Regex Well { get; } = WordsOf(["fine", "ok", "okay", "good", "sound", "perfect", "new", "great", "healthy", "alright", "all right"]);

    private const string Bits = "wheels?|discs?|rotors?|pads?|brakes?|calipers?|hoses?";
}
