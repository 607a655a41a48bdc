namespace Rimrock.Telling.Words;

/// <summary>What the engine's room Vehicles says.</summary>
internal static class VehiclesWords
{
    internal static readonly (string Code, string Words)[] Rows =
    [
        ("axle-brake.pistons", "{0} pistons"),
        ("axle-brake.1-6-one-side", "1 to 6 on one side"),
        ("axle-brake.caliper-1-6-pistons", "A caliper has 1 to 6 pistons on one side."),
        ("axle-brake.1-2", "1 or 2"),
        ("axle-brake.axle-one-two-discs", "An axle has one or two discs."),
        ("bleed-corners.front-right", "front right"),
        ("bleed-corners.front-left", "front left"),
        ("bleed-corners.left-rear", "left rear"),
        ("bleed-corners.right-rear", "right rear"),
        ("bleed-corners.left-front", "left front"),
        ("bleed-corners.right-front", "right front"),
        ("caliper-kit.kits-are-for-discs", "A caliper kit is for discs."),
        ("caliper-kit.too-many-mounts", "More mounts than a kit can have."),
        ("caliper-swap.piston-area-stays-near", "Piston area stays near the original: the pedal and the ABS know it."),
        ("caliper-swap.piston-area-as-pedal-knows", "Piston area stays near the original: the pedal knows it."),
        ("caliper-swap.front-locks-first",
            "The front works harder by {0:0} points of share: the rear idles, the front wheels lock first and the stop gets longer. A rear or a master " +
            "cylinder to match belongs to it."),
        ("caliper-swap.piston-area-grows-longer", "Piston area grows by {0:0}: a longer pedal for the same stop, and a lighter one."),
        ("caliper-swap.piston-area-shrinks-shorter", "Piston area shrinks by {0:0}: a shorter pedal, and a heavier one."),
        ("caliper-swap.front-works-harder-points",
            "The front works harder by {0:0} points of share: the rear idles, ABS comes in front first and the stop gets longer. A rear or a master " +
            "cylinder to match belongs to it."),
        ("caliper-swap.electronics-must-hold-back", "the electronics must hold it back"),
        ("caliper-swap.may-lock-first-nothing", "it may lock first, and nothing holds it"),
        ("caliper-swap.rear-works-harder-points", "The rear works harder by {0:0} points of share: {1} in hard stops."),
        ("caliper-swap.rear-locks-from", "From {0:0.00} g on the rear would lock first, and nothing lets it turn: a danger."),
        ("caliper-swap.rotor-caliper-do-not", "Rotor and caliper do not clear the wheel."),
        ("car.no-such-pad-family", "No such pad family."),
        ("tyre.sport-road", "sport road"),
        ("tyre.track-day-road-legal", "track-day road-legal"),
        ("tyre.no-such-kind-tyre", "No such kind of tyre."),
        ("tyre.all-season", "all-season"),
        ("tyre.summer", "summer"),
        ("tyre.semi-slick", "semi-slick"),
        ("tyre.slick", "slick"),
    ];
}
