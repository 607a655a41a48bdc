namespace Rimrock.Telling.Words;

/// <summary>What the engine's room Fluids says.</summary>
internal static class FluidsWords
{
    internal static readonly (string Code, string Words)[] Rows =
    [
        ("brake-fluid.most", "at most {0:0}"),
        ("brake-fluid.fluid-claims-thinner-40", "A fluid that claims {0} is thinner at {=-40 C} ({1})."),
        ("brake-fluid.below-dry-point", "below the dry point of {0:0}"),
        ("brake-fluid.wet-boiling-point-lies", "The wet boiling point lies below the dry one."),
        ("brake-fluid.no-such-fluid-class", "No such fluid class."),
        ("brake-fluid.figure", "{0:0}/{1:0}"),
        ("brake-fluid.more", "{0:0}/{1:0} or more"),
        ("brake-fluid.fluid-claims-boils-dry", "A fluid that claims {0} boils at {1:0} dry and {2:0} wet or higher ({3})."),
        ("fluid-class.fmvss-no-116-49", "FMVSS No. 116 (49 CFR 571.116) S5.1.1-S5.1.3, from memory"),
        ("fluid-class.iso-4925-2020-table", "ISO 4925:2020, table 1, from memory"),
        ("fluid-class.dot-3", "DOT 3"),
        ("fluid-class.dot-4", "DOT 4"),
        ("fluid-class.dot-5-silicone", "DOT 5 (silicone)"),
        ("fluid-class.dot-5-1", "DOT 5.1"),
        ("fluid-class.iso-4925-class-3", "ISO 4925 class 3"),
        ("fluid-class.iso-4925-class-4", "ISO 4925 class 4"),
        ("fluid-class.iso-4925-class-5", "ISO 4925 class 5-1"),
        ("fluid-class.iso-4925-class-6", "ISO 4925 class 6"),
        ("fluid-class.iso-4925-class-7", "ISO 4925 class 7"),
    ];
}
