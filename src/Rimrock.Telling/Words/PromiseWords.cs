namespace Rimrock.Telling.Words;

/// <summary>What might come, and what lies ahead: more of what the engine's room Logbook says.</summary>
internal static class PromiseWords
{
    internal static readonly (string Code, string Words)[] Rows =
    [
        ("promise-rule.fluid-boils", "the fluid boils"),
        ("promise-rule.stop-missed", "a stop is missed"),
        ("promise-rule.front-seals", "front seals pass their limit"),
        ("promise-rule.front-worn", "front pads end below their limit"),
        ("promise-rule.rear-worn", "rear pads end below their limit"),
        ("promise-rule.front-cracked", "a crack ends a front rotor's life"),
        ("stop-or-go.water-boils-at-event",
            "By {0} on {1} the water will be about {2:0.0}: it boils at {3:0}, and that day asks up to {4:0}: change it before."),
        ("stop-or-go.water-leaves-little-at-event",
            "By {0} on {1} the water will be about {2:0.0}: it boils at {3:0}, little above the {4:0} of that day."),
    ];
}
