using Rimrock.Core.Logbook;

namespace Rimrock.Telling;

/// <content>Paints, stickers and readings told in words.</content>
internal static partial class NoteTable
{
    private static NoteLine[] Measured() =>
    [
        Row(Spoken.Unclear, @"(paints?|strips?|stickers?)\b[\w' ]{0,10}\b(all|third|every\w*|highest)\b[\w' ]{0,8}\b(gone|turned|changed|black)",
            @"paints?\b[\w' ]{0,6}\ball white",
            @"(all|every|third|highest|last|both) (the |of the |three |two |four )*(paints?|strips?|stickers?|dots?)\b[\w' ]{0,14}\b(gone|turned|changed"
                + @"|white|black)"),
        Row(Spoken.InWords, @"(pads?|linings?)\b[\w' ]{0,16}\b(about |only |just |maybe )*(2[.,][1-9]|[34]([.,]\d)?) ?mm"),
        Row(Spoken.InWords, @"(paints?|strips?|stickers?|dots?|labels?)\b[\w':, ]{0,20}\b(gone|turned|changed|white|black|yellow|burnt off|shows?|went"
                + @"|tripped|reads?)",
            @"(ir|infrared|pyro\w*|laser|gun|probe|thermocouples?|thermometer)\b[\w' ]{0,20}\b[1-9]\d\d\d?",
            @"[1-9]\d\d\d? ?(c|°c?|degrees|deg|f|°f)\b[\w' ]{0,14}\b(discs?|rotors?|calipers?|pads?|rings?|brakes?|front|rear)",
            @"(discs?|rotors?|calipers?|pads?|rings?)( temps?| temperatures?)? (at |was |were |hit |reached |peaked at |read |showed "
                + @"|got to )*([2-9]\d\d|1\d\d\d)\b") with
        {
            Except = WordsOf([@"\d+ ?(mm|km\S*|miles?|laps?|kw|hp|g|kg|nm|rpm|stops|euros?|pounds?|dollars?)",
                @"[a-z]+[- ]?\d+ (pads?|discs?|rotors?|calipers?)",
                "(caliper|wheel|body|rim) paint", "(number|sponsor|name|wheel) (stickers?|labels?)"]),
        },
    ];
}
