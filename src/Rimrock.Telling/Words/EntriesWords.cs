namespace Rimrock.Telling.Words;

/// <summary>What the engine's room Entries says.</summary>
internal static class EntriesWords
{
    internal static readonly (string Code, string Words)[] Rows =
    [
        ("inspection.corner-twice", "a corner twice"),
        ("inspection.each-corner-once", "each corner once"),
        ("inspection.corner-stands-inspection-twice", "A corner stands in the inspection twice."),
        ("log-session.at-most", "at most {0}"),
        ("log-session.more-than-day-shows", "More than one day shows."),
        ("log-session.nothing", "nothing"),
        ("log-session.time", "a time"),
        ("log-session.temperature-minutes-together", "temperature and minutes together"),
        ("log-session.reading-needs-temperature-how", "A reading needs its temperature and how long after stopping it was taken."),
        ("paint-kit.1-12", "1 to 12"),
        ("paint-kit.kit-1-12-paints", "A kit has 1 to 12 paints or stickers."),
        ("paint-kit.six-hexadecimal-digits", "# and six hexadecimal digits"),
        ("paint-kit.colour-written-rrggbb", "A colour is written as #rrggbb."),
        ("paint-kit.figure", "{0:0}"),
        ("paint-kit.above", "above {0:0}"),
        ("paint-kit.thresholds-rise-one-next", "Thresholds rise from one to the next."),
        ("work-ticks.most", "at most {0}"),
        ("work-ticks.work-order-fewer-steps", "A work order has fewer steps."),
        ("work-ticks.characters", "{0} characters"),
        ("work-ticks.most-printable-characters", "at most {0} printable characters"),
        ("work-ticks.text-cannot-kept", "The text cannot be kept."),
    ];
}
