namespace Rimrock.Telling.Words;

/// <summary>What notes speak of, and what paints say of pads.</summary>
internal static class NoteWords
{
    internal static readonly (string Code, string Words)[] Rows =
    [
        ("stop-or-go.rear-pads", "Rear pads"),
        ("stop-or-go.hotter-than-predicted",
            "The rim passed {0:0}; for that day the face was expected up to {1:0} (8 in 10). Something adds heat: a caliper that drags, a duct "
            + "that came off, or a harder day than the plan says. It is learnt from."),
        ("stop-or-go.more-than-the-day-explains", "What is hotter than its day explains is looked into before the next."),
        ("stop-or-go.boiling-does-not-explain-it",
            "For that day the fluid was expected up to {0:0} (8 in 10), with vapour from {1:0}: boiling does not explain it. Bleed all the same, and look for "
            + "air, pistons knocked back, a hose that swells, fluid older than you think."),
        ("stop-or-go.soft-is-bled-and-looked-into", "A soft pedal is bled, whatever explains it."),
        ("stop-or-go.pads-past-window",
            "The ring passed {0:0}; {1} works to {2:0}. Beyond that it fades, glazes and crumbles: look at the faces, measure, and drive fewer laps in a row "
            + "until a pad is on that works hotter."),
        ("stop-or-go.pads-past-window-on-carbon",
            "The ring passed {0:0}; {1} works to {2:0}. An overheated pad smears the disc and ruins it: look at both before the next session."),
        ("stop-or-go.pads-within-window", "The ring stayed below {0:0}, and {1} works to {2:0}."),
        ("stop-or-go.pads-window-between", "Whether {0}, which works to {1:0}, was past it, these paints do not tell."),
        ("stop-or-go.pads-stay-in-window", "Pads are kept within the temperatures in which they work."),
        ("note-rule.speaks-of", "It speaks of {0}, and counts as seen. {1}"),
        ("note-rule.stops-everywhere", "It speaks of {0}, and counts as seen, in every room until something answers it. {1}"),
        ("note-rule.leak", "a leak"),
        ("note-rule.fire", "fire"),
        ("note-rule.fire-ends-the-day", "Do not drive. Flames at a brake are fluid, grease or a hose: all of it is taken apart and looked at first."),
        ("note-rule.burnt-is-taken-apart", "What has burnt is taken apart before it is driven."),
        ("note-rule.no-brakes", "a car that did not stop"),
        ("note-rule.no-brakes-find-out",
            "Do not drive on before you know why. With a firm pedal: pads past their window, oil on them, a booster that is gone. With a soft or long one: "
            + "boiled fluid, air, a leak."),
        ("note-rule.car-that-does-not-stop", "A car that did not stop is not driven before the reason is known."),
        ("note-rule.faded", "brakes that faded"),
        ("note-rule.faded-cool-and-look",
            "The session is over: let them cool, look at the pads for glazing and crumbling, measure them. What faded once fades again, sooner: fewer laps "
            + "in a row, or pads that bear the heat."),
        ("note-rule.fade-ends-the-session", "Fade ends the session."),
        ("note-rule.sinking-pedal", "a pedal or lever that went to its end"),
        ("note-rule.soft-pedal", "a soft or long pedal or lever"),
        ("note-rule.cracked", "a crack or a break"),
        ("note-rule.cracked-until-measured",
            "Do not drive until it is measured: a crack that reaches a hole, a slot's end or the edge, or is longer than a hairline, ends the part."),
        ("note-rule.cracks-are-measured", "A crack is measured before the car moves."),
        ("note-rule.wheel-play", "play in a wheel"),
        ("note-rule.loose", "something loose or lost"),
        ("note-rule.bad-hose", "a hose that is not sound"),
        ("note-rule.grinding", "metal on metal"),
        ("note-rule.knock", "a knock"),
        ("note-rule.knock-is-found-first", "Wheel nuts first, then bearing, bolts of caliper and bracket, pads and their pins: before the next session."),
        ("note-rule.stuck", "something that sticks or drags"),
        ("note-rule.smoke", "smoke"),
        ("note-rule.pull", "a pull to one side"),
        ("note-rule.rear-locks", "a rear that locks"),
        ("note-rule.smell", "a smell"),
        ("note-rule.judder", "shaking"),
        ("note-rule.squeal", "squeal"),
    ];
}
