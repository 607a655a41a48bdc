namespace Rimrock.Telling.Words;

/// <summary>What notes speak of, and what paints say of pads.</summary>
internal static class NoteWords
{
    internal static readonly (string Code, string Words)[] Rows =
    [
        ("stop-or-go.rear-pads", "Rear pads"),
        ("stop-or-go.hotter-than-predicted",
            "{0:0} was seen; for that day up to {1:0} was expected (8 in 10). Something adds heat: a caliper that drags, a duct "
            + "that came off, or a harder day than the plan says. It is learnt from."),
        ("stop-or-go.more-than-the-day-explains", "What its day does not explain is looked into before the next."),
        ("stop-or-go.caliper-hotter-than-predicted",
            "{0:0} was seen; for that day up to {1:0} was expected (8 in 10). Something sends more heat to it: a piston or a slider that sticks, a heat shield "
            + "that is missing, pads thinner than you think. It is learnt from."),
        ("stop-or-go.rear-caliper-hotter-than-predicted",
            "{0:0} was seen; for that day up to {1:0} was expected (8 in 10). Look whether the parking brake lets go, then for a piston or a slider that "
            + "sticks. It is learnt from."),
        ("stop-or-go.wore-more-than-predicted",
            "{0:0.0} went; for that day up to {1:0.0} was expected (8 in 10). Look for a caliper that drags, and at the faces of the rotors. It is learnt "
            + "from."),
        ("stop-or-go.logger-saw", "a logger saw"),
        ("stop-or-go.peak-close-to-limit", "{0:0} at the most, the limit is {1:0}: drive fewer laps in a row."),
        ("stop-or-go.peak-below-limit", "{0:0} at the most, the limit is {1:0}."),
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
        ("note-rule.worn-out", "pads that are worn out"),
        ("note-rule.worn-out-until-measured",
            "Do not drive on them: plate on iron stops nothing and ruins the rotor. Fit others, or measure the inner and the outer pad."),
        ("note-rule.warning-light", "the brakes' warning light"),
        ("note-rule.light-means-level-or-circuit",
            "Do not drive on: it means a low level, a circuit without pressure, or a parking brake that is on. Look at the level first, then for a leak."),
        ("note-rule.light-is-explained-first", "A warning light is explained before the next session."),
        ("note-rule.abs-light", "the light of ABS or stability control"),
        ("note-rule.without-abs-wheels-lock",
            "With it off wheels lock under a hard foot. Read the fault, look at the sensor and its lead at each wheel; brake as in a car without it until "
            + "then."),
        ("note-rule.glowed", "rotors that glowed or went blue"),
        ("note-rule.look-after-a-glow",
            "Iron that glows in daylight has passed {=650 C} or so. Look at both faces for cracks, at pads, boots and fluid, paint the rim, and drive "
            + "fewer laps in a row."),
        ("note-rule.glow-is-looked-at", "What has glowed is looked at before the next session."),
        ("note-rule.low-level", "a fluid level that fell"),
        ("note-rule.measure-before-topping-up",
            "Measure the pads, and write the level down: what their wear does not explain is a leak until shown otherwise. Topping up hides it."),
        ("note-rule.dark-fluid", "dark fluid"),
        ("note-rule.colour-tells-little", "Colour tells of age and heat, and nothing of water: measure the water, or flush."),
        ("note-rule.water-is-measured", "Water is measured, not seen."),
    ];
}
