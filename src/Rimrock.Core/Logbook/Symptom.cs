namespace Rimrock.Core.Logbook;

/// <summary>What a car must have for a symptom or a cause to be offered.</summary>
public enum CarHas
{
    /// <summary>Nothing in particular.</summary>
    Brakes,

    /// <summary>Electronics that let a wheel turn.</summary>
    Electronics,

    /// <summary>Drums behind.</summary>
    Drums,

    /// <summary>Shoes of a parking brake in the rear hats.</summary>
    ShoesInHat,

    /// <summary>A booster at the pedal.</summary>
    Booster,

    /// <summary>Holes in a front rotor's face.</summary>
    Holes,

    /// <summary>Something hot beside a line or caliper.</summary>
    HeatBeside,
}

/// <summary>What a driver complains of.</summary>
/// <param name="Code">Stable code.</param>
/// <param name="Name">In the driver's words.</param>
/// <param name="Needs">What a car must have for it.</param>
public sealed record Symptom(string Code, Said Name, CarHas Needs = CarHas.Brakes)
{
    /// <summary>All symptoms.</summary>
    public static IReadOnlyList<Symptom> All { get; } =
    [
        new("soft-hot", Said.Of("symptom.pedal-soft-long-when")), new("long-then-fine", Said.Of("symptom.pedal-long-first-fine")),
        new("firm-no-stop", Said.Of("symptom.pedal-firm-car-does")), new("judder", Said.Of("symptom.shaking-under-braking")),
        new("pull", Said.Of("symptom.pulls-one-side")), new("squeal", "squeals"), new("smoke", "smoke"),
        new("one-sided", Said.Of("symptom.pads-one-side-worn")),
        new("wedge", Said.Of("symptom.pads-worn-wedge")),
        new("inner-worn", Said.Of("symptom.inner-pad-worn-more")), new("spots", Said.Of("symptom.spots-rotor")),
        new("balance-wanders", Said.Of("symptom.balance-wanders-front-rear")),
        new("abs-early", Said.Of("symptom.abs-comes-early"), CarHas.Electronics),
        new("smell", Said.Of("symptom.hot-smell")), new("heavy-dust", Said.Of("symptom.heavy-dust")),
        new("stuck-standing", Said.Of("symptom.stuck-after-standing")),
        new("soft-again", Said.Of("symptom.soft-again-after-each-bleed")),
        new("since-change", Said.Of("symptom.since-parts-were-changed")),
    ];
}

/// <summary>A cause of a symptom, before this car's own log speaks (common practice; weights are our ranking of how often it is met).</summary>
/// <param name="Symptom">Code of the symptom.</param>
/// <param name="Code">Stable code.</param>
/// <param name="Name">What it is.</param>
/// <param name="Weight">How often it is met, relative to the others of the symptom.</param>
/// <param name="Test">What tells it from the others.</param>
/// <param name="Cure">What mends it.</param>
/// <param name="Stop">True where the car must not be driven before it is mended.</param>
/// <param name="Clues">Codes of what in the log speaks for it.</param>
/// <param name="Needs">What a car must have for it.</param>
/// <param name="First">True where it is ruled out before any other, however rarely it is met: someone can be hurt.</param>
public sealed record Cause(string Symptom, string Code, Said Name, double Weight, Said Test, Said Cure, bool Stop, IReadOnlyList<string> Clues,
    CarHas Needs = CarHas.Brakes, bool First = false)
{
    /// <summary>Stands in the place of a symptom where a cause is ruled out whatever is complained of.</summary>
    public const string Any = "any";

    /// <summary>All causes.</summary>
    public static IReadOnlyList<Cause> All { get; } =
    [
        new("soft-hot", "boiled", Said.Of("symptom.boiled-fluid"), 5, Said.Of("symptom.firm-again-when-cold"),
            Said.Of("symptom.bleed-flush-before-next"), true, ["fluid-near-vapour", "fluid-old", "wet-reading"]),
        new("soft-hot", "air", Said.Of("symptom.air-lines"), 2, Said.Of("symptom.soft-when-cold-too"), Said.Of("symptom.bleed-again-furthest-first"), true,
            ["fluid-fresh"]),
        new("soft-hot", "rubber", Said.Of("symptom.old-rubber-lines-swell"), 1.5, Said.Of("symptom.someone-presses-someone-holds"),
            Said.Of("symptom.new-braided-lines"), false,
            ["old-lines"]),
        new("soft-hot", "flex", Said.Of("symptom.calipers-mounts-spread"), 1, Said.Of("symptom.watch-caliper-side-while"),
            Said.Of("symptom.stiffer-calipers-pad-needs"), false, ["high-effort"]),
        new("long-then-fine", "knock-back", Said.Of("symptom.pistons-knocked-back-loose"), 4,
            Said.Of("symptom.wheel-rocked-twelve-six"), Said.Of("symptom.bearing-hub-tap-brake"), false, []),
        new("long-then-fine", "taper", Said.Of("symptom.pads-worn-wedge"), 3, Said.Of("symptom.pads-out-leading-against"),
            Said.Of("symptom.new-pads-sliders-freed"),
            false, ["wedge"]),
        new("long-then-fine", "adjuster", Said.Of("symptom.rear-drum-adjusters-fall"), 2, Said.Of("symptom.handbrake-lever-comes-up"),
            Said.Of("symptom.adjust-free-adjusters"), false,
            ["drums"], CarHas.Drums),
        new("firm-no-stop", "past-window", Said.Of("symptom.pads-past-window"), 5, Said.Of("symptom.comes-heat-goes-cool"),
            Said.Of("symptom.pad-holds-hotter-more"), false, ["pads-beyond"]),
        new("firm-no-stop", "cold", Said.Of("symptom.race-pads-still-cold"), 2, Said.Of("symptom.only-first-stops-day"),
            Said.Of("symptom.bring-them-gently-another"), false, ["pads-cold"]),
        new("firm-no-stop", "green", Said.Of("symptom.new-pads-still-gas"), 2, Said.Of("symptom.new-never-bedded-better"),
            Said.Of("symptom.bed-them-closed-course"),
            false, ["unbedded"]),
        new("firm-no-stop", "booster", Said.Of("symptom.booster-assistance-lost"), 1.5, Said.Of("symptom.pedal-hard-high-engine"),
            Said.Of("symptom.stop-driving-hose-check"), true, [], CarHas.Booster),
        new("firm-no-stop", "oiled", Said.Of("symptom.oil-fluid-pads"), 1.5, Said.Of("symptom.one-side-pulls-wet"), Said.Of("symptom.mend-leak-new-pads"), true,
            ["leak"]),
        new("judder", "film", Said.Of("symptom.uneven-film-badly-bedded"), 6, Said.Of("symptom.patches-spots-face-goes"),
            Said.Of("symptom.bed-again-scrub-four"), false, ["unbedded", "spots", "patchy"]),
        new("judder", "run-out", Said.Of("symptom.run-out-dirt-under"), 2, Said.Of("symptom.dial-gauge-face-hub"),
            Said.Of("symptom.clean-bare-metal-index"), false, ["new-rotors"]),
        new("judder", "cracked", Said.Of("symptom.cracked-rotor"), 1, Said.Of("symptom.look-face-holes-edge"), Said.Of("symptom.discard"), true,
            ["long-crack"]),
        new("judder", "warp", Said.Of("symptom.bent-rotor"), 0.4, Said.Of("symptom.only-after-film-run"), Said.Of("symptom.turn-discard-let-them"), false,
            ["face-hot"]),
        new("pull", "slider", Said.Of("symptom.stuck-slider-piston-one"), 4, Said.Of("symptom.one-rotor-hotter-hand"),
            Said.Of("symptom.free-grease-rebuild"), false, ["one-sided"]),
        new("pull", "oiled", Said.Of("symptom.oil-fluid-one-sides"), 2, Said.Of("symptom.wet-dark-faces"), Said.Of("symptom.mend-leak-new-pads"), true,
            ["leak"]),
        new("pull", "tyres", Said.Of("symptom.tyres-alignment"), 2, Said.Of("symptom.pulls-off-brakes-too"), Said.Of("symptom.pressures-alignment"), false, []),
        new("pull", "hose", Said.Of("symptom.collapsed-hose"), 1, Said.Of("symptom.wheel-drags-after-braking"), Said.Of("symptom.new-lines-both-sides"), false,
            ["old-lines"]),
        new("squeal", "pad", Said.Of("symptom.pad-itself-squeals-cold"), 4, Said.Of("symptom.known-compound-goes-when"),
            Said.Of("symptom.live-shims-another-pad"), false, ["noisy-pad"]),
        new("squeal", "glazed", Said.Of("symptom.glazed-pads"), 2, Said.Of("symptom.shiny-faces-came-after"), Said.Of("symptom.scuff-bed-again-replace"), false,
            ["pads-beyond"]),
        new("squeal", "indicator", Said.Of("symptom.wear-indicator"), 1.5, Said.Of("symptom.constant-changes-touch-pedal"), Said.Of("symptom.measure-pads-now"),
            false, ["pads-thin"]),
        new("smoke", "bedding", Said.Of("symptom.new-pads-gassing-out"), 3, Said.Of("symptom.first-heat-new-pads"), Said.Of("symptom.roll-till-stops-finish"),
            false,
            ["unbedded"]),
        new("smoke", "hot", Said.Of("symptom.pads-far-past-window"), 3, Said.Of("symptom.after-hard-laps-without"), Said.Of("symptom.cool-down-inspect-pads"),
            false,
            ["pads-beyond", "face-hot"]),
        new("smoke", "drag", Said.Of("symptom.caliper-handbrake-drags"), 2, Said.Of("symptom.one-wheel-only"), Said.Of("symptom.free-before-next-session"),
            false, ["one-sided"]),
        new("smoke", "leak", Said.Of("symptom.fluid-grease-hot-part"), 1, Said.Of("symptom.blue-white-smoke-lingers"), Said.Of("symptom.stop-find-leak"), true,
            ["leak"]),
        new("one-sided", "turns", Said.Of("symptom.circuit-turns-one-way"), 3, Said.Of("symptom.outer-front-wheel-most"),
            Said.Of("symptom.swap-pads-side-side"), false,
            ["one-way"]),
        new("one-sided", "stuck", Said.Of("symptom.stuck-slider-piston"), 3, Said.Of("symptom.free-movement-hand-wheel"),
            Said.Of("symptom.free-grease-rebuild"), false, []),
        new("one-sided", "stability", Said.Of("symptom.stability-control-brakes-corners"), 2, Said.Of("symptom.lamp-flickers-gone-switched"),
            Said.Of("symptom.smoother-lines-track-mode"), false, ["stability"], CarHas.Electronics),
        new("wedge", "slide", Said.Of("symptom.dry-sliders"), 3, Said.Of("symptom.pads-caliper-do-not"), Said.Of("symptom.clean-grease"), false, []),
        new("wedge", "flex", Said.Of("symptom.caliper-twists-pistons-one"), 2, Said.Of("symptom.same-both-sides"),
            Said.Of("symptom.staggered-pistons-swap-pads"),
            false, []),
        new("inner-worn", "shield", Said.Of("symptom.inner-face-runs-hotter"), 3, Said.Of("symptom.both-sides-alike-inner"),
            Said.Of("symptom.duct-into-eye-shield"), false, ["inner-hotter"]),
        new("inner-worn", "slider", Said.Of("symptom.sliders-stick"), 3, Said.Of("symptom.one-side-only"), Said.Of("symptom.clean-grease"), false,
            ["one-sided"]),
        new("spots", "parked-hot", Said.Of("symptom.parked-pads-hot-rotors"), 4, Said.Of("symptom.one-two-prints-pads"), Said.Of("symptom.roll-car-scrub-firm"),
            false, ["no-cool-down"]),
        new("spots", "dragged", Said.Of("symptom.dragged-gently-long"), 3, Said.Of("symptom.many-small-patches-all"), Said.Of("symptom.fewer-firmer-stops-bed"),
            false, []),
        new("spots", "hard", Said.Of("symptom.hard-spots-iron"), 1, Said.Of("symptom.blue-cannot-scrubbed-filed"), Said.Of("symptom.discard"), false,
            ["face-hot"]),
        new("balance-wanders", "mixed", Said.Of("symptom.front-rear-pads-fade"), 4, Said.Of("symptom.rear-comes-round-late"),
            Said.Of("symptom.pads-one-kind-rear"), false, ["mixed-pads", "pads-beyond"]),
        new("balance-wanders", "fluid", Said.Of("symptom.fluid-begins-boil-one"), 2, Said.Of("symptom.pedal-gets-longer-same"), Said.Of("symptom.flush-ducts"),
            true,
            ["fluid-near-vapour"]),
        new("abs-early", "front-heavy", Said.Of("symptom.too-much-front-strong"), 3, Said.Of("symptom.front-wheels-tick-first"),
            Said.Of("symptom.rear-pad-match-less"), false, ["front-share"]),
        new("abs-early", "cold", Said.Of("symptom.cold-tyres-brakes-grab"), 2, Said.Of("symptom.only-first-laps"), Said.Of("symptom.warm-both-up"), false, []),
        new("abs-early", "sensor", Said.Of("symptom.dirty-damaged-wheel-sensor"), 1.5, Said.Of("symptom.low-speed-smooth-road"),
            Said.Of("symptom.clean-look-ring-gap"), false, []),
        new("soft-hot", "exhaust", Said.Of("symptom.exhaust-beside-line"), 2, Said.Of("symptom.soft-after-standing-hot"),
            Said.Of("symptom.shield-or-lead-line-away"), true, ["heat-beside"], CarHas.HeatBeside),
        new("judder", "plugged", Said.Of("symptom.plugged-holes"), 1.5, Said.Of("symptom.pulses-and-holes-dark"), Said.Of("symptom.clear-the-holes"), false,
            ["plugged"], CarHas.Holes),
        new("pull", "seized", Said.Of("symptom.piston-seized-by-wet-fluid"), 1.5, Said.Of("symptom.piston-does-not-go-back"),
            Said.Of("symptom.rebuild-caliper-flush"), false, ["wet-reading", "fluid-old"]),
        new("smell", "hot", Said.Of("symptom.pads-far-past-window"), 4, Said.Of("symptom.after-hard-laps-without"), Said.Of("symptom.cool-down-inspect-pads"),
            false, ["pads-beyond", "face-hot"]),
        new("smell", "bedding", Said.Of("symptom.new-pads-gassing-out"), 3, Said.Of("symptom.first-heat-new-pads"),
            Said.Of("symptom.roll-till-stops-finish"), false, ["unbedded"]),
        new("smell", "drag", Said.Of("symptom.caliper-handbrake-drags"), 2, Said.Of("symptom.one-wheel-only"), Said.Of("symptom.free-before-next-session"),
            false, ["one-sided"]),
        new("smell", "shoes", Said.Of("symptom.handbrake-shoes-drag"), 1.5, Said.Of("symptom.rear-hats-hot"), Said.Of("symptom.slacken-shoes"), false, [],
            CarHas.ShoesInHat),
        new("heavy-dust", "hot", Said.Of("symptom.pads-past-window"), 4, Said.Of("symptom.both-sides-alike-wear-fast"),
            Said.Of("symptom.pad-holds-hotter-more"),
            false, ["pads-beyond"]),
        new("heavy-dust", "drag", Said.Of("symptom.stuck-slider-piston"), 3, Said.Of("symptom.one-wheel-only"), Said.Of("symptom.free-grease-rebuild"), false,
            ["one-sided"]),
        new("heavy-dust", "cold", Said.Of("symptom.hard-pad-grinds-cold"), 2, Said.Of("symptom.grey-dust-and-grooves"), Said.Of("symptom.pad-for-the-road"),
            false, ["pads-cold"]),
        new("stuck-standing", "rust", Said.Of("symptom.pads-rusted-to-rotors"), 5, Said.Of("symptom.stood-wet-breaks-free-with-a-bang"),
            Said.Of("symptom.look-at-film-dry-before-parking"), false, ["rusted-on"]),
        new("stuck-standing", "seized", Said.Of("symptom.piston-seized-by-wet-fluid"), 2, Said.Of("symptom.piston-does-not-go-back"),
            Said.Of("symptom.rebuild-caliper-flush"), true, ["wet-reading", "fluid-old", "one-sided"]),
        new("stuck-standing", "shoes", Said.Of("symptom.handbrake-shoes-stuck"), 3, Said.Of("symptom.rear-wheels-only-handbrake-was-on"),
            Said.Of("symptom.free-shoes-park-in-gear"), false, [], CarHas.ShoesInHat),
        new("stuck-standing", "hose", Said.Of("symptom.collapsed-hose"), 1, Said.Of("symptom.wheel-drags-after-braking"),
            Said.Of("symptom.new-lines-both-sides"),
            false, ["old-lines"]),
        new("soft-again", "screw", Said.Of("symptom.bleed-screw-not-on-top"), 4, Said.Of("symptom.screw-below-highest-point"),
            Said.Of("symptom.caliper-off-and-held-up"), true, []),
        new("soft-again", "cylinder", Said.Of("symptom.worn-master-cylinder"), 3, Said.Of("symptom.sinks-slowly-held"), Said.Of("symptom.new-cylinder"),
            true, []),
        new("soft-again", "exhaust", Said.Of("symptom.exhaust-beside-line"), 2, Said.Of("symptom.soft-after-standing-hot"),
            Said.Of("symptom.shield-or-lead-line-away"), true, ["heat-beside"], CarHas.HeatBeside),
        new("soft-again", "rubber", Said.Of("symptom.old-rubber-lines-swell"), 2, Said.Of("symptom.someone-presses-someone-holds"),
            Said.Of("symptom.new-braided-lines"), false, ["old-lines"]),
        new("soft-again", "unit", Said.Of("symptom.air-in-electronics-unit"), 2, Said.Of("symptom.after-running-dry"), Said.Of("symptom.service-tool-runs-it"),
            true, [], CarHas.Electronics),
        new("since-change", "not-pumped", Said.Of("symptom.pistons-not-pumped-out"), 4, Said.Of("symptom.long-first-strokes"),
            Said.Of("symptom.pump-until-firm"),
            true, []),
        new("since-change", "green", Said.Of("symptom.new-pads-still-gas"), 3, Said.Of("symptom.new-never-bedded-better"),
            Said.Of("symptom.bed-them-closed-course"), false, ["unbedded"]),
        new("since-change", "air", Said.Of("symptom.air-lines"), 3, Said.Of("symptom.soft-when-cold-too"), Said.Of("symptom.bleed-again-furthest-first"), true,
            ["fluid-fresh"]),
        new("since-change", "hose", Said.Of("symptom.hose-twisted-or-touching"), 2, Said.Of("symptom.full-lock-look"), Said.Of("symptom.hose-led-anew"),
            true, []),
        new("since-change", "seat", Said.Of("symptom.pad-or-rotor-not-seated"), 2, Said.Of("symptom.rotor-turns-uneven"), Said.Of("symptom.apart-clean-again"),
            true, ["new-rotors"]),
        new(Any, "loose-wheel", Said.Of("symptom.loose-wheel-or-bearing"), 0, Said.Of("symptom.wheel-rocked-twelve-six"), Said.Of("symptom.nuts-then-bearing"),
            true, ["wheel-play"], First: true),
        new(Any, "leak", Said.Of("symptom.a-leak"), 0, Said.Of("symptom.level-and-every-joint"), Said.Of("symptom.stop-find-leak"), true, ["leak"],
            First: true),
        new(Any, "crack", Said.Of("symptom.cracked-rotor"), 0, Said.Of("symptom.look-face-holes-edge"), Said.Of("symptom.discard"), true, ["long-crack"],
            First: true),
        new(Any, "cylinder", Said.Of("symptom.worn-master-cylinder"), 0, Said.Of("symptom.sinks-slowly-held"), Said.Of("symptom.new-cylinder"), true, [],
            First: true),
    ];
}
