namespace Rimrock.Telling.Words;

/// <summary>What the engine's room Friction says.</summary>
internal static class FrictionWords
{
    internal static readonly (string Code, string Words)[] Rows =
    [
        ("curve-reading.frosty-morning", "a frosty morning"),
        ("curve-reading.cold-morning", "a cold morning"),
        ("curve-reading.warm-pad-town", "the warm pad in town"),
        ("curve-reading.mountain-pass", "a mountain pass"),
        ("curve-reading.track-day", "a track day"),
        ("curve-reading.hard-track-use", "hard track use"),
        ("dynamometer-fit.stops", "{0} stops"),
        ("dynamometer-fit.stops-2", "{0} to {1} stops"),
        ("dynamometer-fit.curve-needs-stops", "A curve needs {0} to {1} stops."),
        ("dynamometer-fit.figure", "{0:0}"),
        ("dynamometer-fit.more-between-coolest-hottest", "{0:0} or more between the coolest and the hottest"),
        ("dynamometer-fit.stops-too-close-together", "The stops are too close together for a curve."),
        ("edge-code.friction-93-204-c",
            "{0}{1}: friction {2} at {=93..204 C} and {3} up to {=343 C}, on a small sample against a drum. Nothing is said above {=343 C}."),
        ("edge-code.not-classed", "not classed"),
        ("edge-code.up", "up to {0:0.00}"),
        ("edge-code.above", "above {0:0.00}"),
        ("edge-code.to", "{0:0.00} to {1:0.00}"),
        ("friction-curve.2-points", "2 to {0} points"),
        ("friction-curve.friction-curve-needs-2", "A friction curve needs 2 to {0} points."),
        ("friction-curve.above", "above {0:0.##}"),
        ("friction-curve.temperatures-friction-curve-must", "Temperatures of a friction curve must rise from point to point; point {0} does not."),
        ("pad.no-such-pad-family", "No such pad family."),
        ("pad.at-most", "at most {0}"),
        ("pad.shapes-that-it-is-sold-in", "Codes of the shapes that a pad is sold in."),
        ("pad.to", "{0} to {1}"),
        ("pad.both-edges-upper-above", "both edges, the upper above the lower"),
        ("pad.stated-working-range-needs", "A stated working range needs both edges, rising."),
        ("pad-families.street-performance", "Street performance"),
        ("pad-families.track-day-sport", "Track-day sport"),
        ("pad-families.race-sintered", "Race sintered"),
        ("pad-families.race-carbon-metallic", "Race carbon-metallic"),
        ("pad-families.carbon-ceramic-discs", "For carbon-ceramic discs"),
        ("pad-families.no-such-pad-family", "No such pad family."),
        ("pad-traits.two-letters-c-d", "two letters of C, D, E, F, G, H, Z"),
        ("pad-traits.edge-code-two-letters", "An edge code has two letters, normal then hot friction."),
        ("pad-families.organic", "Organic"),
        ("pad-families.ceramic", "Ceramic"),
        ("pad-families.semi-metallic", "Semi-metallic"),
    ];
}
