namespace Rimrock.Telling.Words;

/// <summary>What the engine's room Rotors says.</summary>
internal static class RotorsWords
{
    internal static readonly (string Code, string Words)[] Rows =
    [
        ("rotor.most", "at most {0:0.#}"),
        ("rotor.rubbing-ring-least-15", "The rubbing ring is at least {=15 mm} wide."),
        ("rotor.vanes", "{0:0.#}, {1} vanes"),
        ("rotor.0-mm-solid-disc", "{=0 mm} for a solid disc"),
        ("rotor.gap-3-mm-more", "a gap of {=3 mm} or more, cheeks of {=3 mm} or more, 6 vanes or more"),
        ("rotor.vanes-gap-do-not", "Vanes and gap do not fit together."),
        ("rotor.below", "below {0:0.#}"),
        ("rotor.drums-hat-narrower-rubbing", "A drum's hat is narrower than its rubbing face."),
        ("rotor.figure", "{0}, {1:0.#}, {2}"),
        ("rotor.solid-0-mm-iron", "Solid, {=0 mm}, Iron for a drum"),
        ("rotor.drum-iron-no-vanes", "A drum is iron and has no vanes."),
        ("rotor-finish.characters", "{0} characters"),
        ("rotor-finish.most-characters", "at most {0} characters"),
        ("rotor-finish.note-bolts-nuts-too", "That note on bolts and nuts is too long."),
        ("rotor-reading.handed-vanes-sweep-back",
            "Handed: the vanes sweep back from the hub as the wheel rolls forward. On the wrong side it pumps 10 to 30 % less air. Slots tell " +
            "nothing about the side."),
        ("rotor-reading.two-piece-ring-free",
            "Two-piece: the ring is free to grow and keeps flat; only the ring is replaced. It wants its own bolts and one-time nuts."),
        ("rotor-reading.drum-sheds-heat-poorly", "A drum sheds heat poorly, and its adjuster falls behind."),
        ("rotor-reading.one-piece-cheap-but", "One-piece: cheap, but the hat holds one cheek only, so it cones when hot and feeds heat to the bearing."),
        ("rotor-reading.drilled-after-casting-cracks", "Drilled after casting: cracks start at the holes, and holes clog with pad."),
        ("rotor-reading.frozen-not-worth", "Freezing a rotor makes no difference that anybody found worth its money: alloy and mass do."),
        ("rotor-reading.holes-cast-chamfered-maker", "Holes cast or chamfered by its maker last longer than drilled ones; look at them between sessions."),
        ("rotor-reading.slots-run-out-through", "Slots run out through the edge: a crack's way out. Slots should stop short of it."),
        ("rotor-reading.above", "above"),
        ("rotor-reading.below", "below"),
        ("rotor-reading.stated-mass-measures-give", "The stated mass is {0:0} {1} what the measures give: check both. The stated mass counts."),
        ("rotor-reading.carbon-ceramic-only-own", "Carbon-ceramic: only its own pads, worn by weight and not by thickness, brittle at the edge."),
    ];
}
