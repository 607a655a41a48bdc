namespace Rimrock.Telling.Words;

/// <summary>What to ask for and to look up, and what stops a car: more of what the engine's room Fitting says.</summary>
internal static class AskWords
{
    internal static readonly (string Code, string Words)[] Rows =
    [
        ("ask-cure.front-face", "the front rotors get hotter than iron bears: more ring, {0}"),
        ("ask-cure.rear-face", "the rear rotors get hotter than iron bears"),
        ("ask-cure.front-cracks", "the front rings crack before their time: more ring, {0}, or a ring for the track"),
        ("ask-cure.front-cracks-through", "the front rings may part: more ring, or less heat at a time"),
        ("ask-cure.front-boots", "the dust boots scorch: {0}, or calipers without boots"),
        ("ask-cure.front-seals-gone", "the seals may let go: {0}"),
        ("ask-cure.front-wear", "the pads wear out within the day: a thicker or a harder one"),
        ("ask-cure.front-worn-through", "the pads may wear through within the day: look between sessions"),
        ("ask-cure.rear-wear", "the rear pads wear out within the day: a thicker or a harder one"),
        ("ask-cure.rear-worn-through", "the rear pads may wear through within the day: look between sessions"),
        ("ask-cure.rear-locks-first", "the rear may lock first: less bite at the rear than in front"),
        ("ask-cure.line-fluid", "what is beside the line boils the fluid: a shield or another way for the line"),
        ("ask-cure.front-burning", "the discs burn away: pads made for them, or iron rings for the track"),
        ("ask-cure.front-seals", "the seals age before their time: {0}, or pistons that let less heat through"),
        ("ask-cure.front-cone", "the front rings go out of flat: floating rings"),
        ("ask-cure.front-grease", "the hubs’ grease runs: {0}"),
        ("ask-cure.missed-stop", "a stop may be missed whatever the pads: {0}, or more brake"),
        ("ask-cure.front-fluid", "the fluid boils whatever the bottle: {0}"),
        ("ask-cure.rear-fluid", "the rear fluid boils whatever the bottle"),
        ("deciding-guess.rotor-diameter", "the front rotor's diameter"),
        ("deciding-guess.stamped-on-disc", "stamped on the disc"),
        ("deciding-guess.pad-area", "the front pads' area"),
        ("deciding-guess.lay-old-pad-on-paper", "lay an old pad on squared paper and count"),
        ("deciding-guess.layout", "where the engine sits"),
        ("deciding-guess.where-engine-sits", "one press in the car's own sentence"),
        ("deciding-guess.height", "how high the car is built"),
        ("deciding-guess.what-body", "one press in the car's own sentence"),
        ("open-stop.soft-pedal", "The pedal went soft on {0}, and no bleed is written down since: find out why, flush and bleed before anybody drives."),
        ("open-stop.sinking-pedal", "The pedal sank on {0}, and no bleed is written down since: look for the leak or a worn master cylinder, then bleed."),
        ("open-stop.leak", "Fluid was outside on {0}, and no bleed is written down since: find the leak, mend it, bleed."),
        ("open-stop.no-stop", "The pedal was firm on {0} and the car did not stop: other pads, or a day with a firm pedal that stops, before it is trusted."),
        ("open-stop.grinding", "Something ground or knocked on {0}: rock every wheel and look at the pads before anybody drives."),
        ("open-stop.wheel-play", "A wheel had play on {0}, and nobody found it firm since."),
        ("open-stop.bad-hose", "A hose was cracked, chafed or swollen on {0}: change it, or look at it over its whole length again."),
        ("open-stop.loose-pad", "Friction material was loose on {0}: other pads before anybody drives."),
        ("open-stop.cracked-rotor", "A rotor was cracked or chipped beyond use on {0}: other rotors before anybody drives."),
        ("open-stop.loose-hardware", "Hardware of the rotor was loose on {0}: put it right, and look at every bolt, nut, clip and bobbin again."),
    ];
}
