namespace Rimrock.Core.Logbook;

/// <summary>What a driver complains of.</summary>
/// <param name="Code">Stable code.</param>
/// <param name="Name">In the driver's words.</param>
public sealed record Symptom(string Code, string Name)
{
    /// <summary>All symptoms.</summary>
    public static IReadOnlyList<Symptom> All { get; } =
    [
        new("soft-hot", "pedal soft and long when hot"), new("long-then-fine", "pedal long at first, then fine"),
        new("firm-no-stop", "pedal firm, car does not stop"), new("judder", "shaking under braking"),
        new("pull", "pulls to one side"), new("squeal", "squeals"), new("smoke", "smoke"), new("one-sided", "pads of one side worn more"),
        new("wedge", "pads worn to a wedge"),
        new("inner-worn", "inner pad worn more"), new("spots", "spots on the rotor"), new("balance-wanders", "balance wanders front to rear"),
        new("abs-early", "ABS comes in early"),
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
public sealed record Cause(string Symptom, string Code, string Name, double Weight, string Test, string Cure, bool Stop, IReadOnlyList<string> Clues)
{
    /// <summary>All causes.</summary>
    public static IReadOnlyList<Cause> All { get; } =
    [
        new("soft-hot", "boiled", "boiled fluid", 5, "Firm again when cold, soft again when hot; a moisture tester reads wet.",
            "Bleed or flush before the next drive; a higher boiling fluid, a cool-down lap.", true, ["fluid-near-vapour", "fluid-old", "wet-reading"]),
        new("soft-hot", "air", "air in the lines", 2, "Soft when cold too; firmer after pumping.", "Bleed again, furthest first; ABS unit by its tool.", true,
            ["fluid-fresh"]),
        new("soft-hot", "rubber", "old rubber lines that swell", 1.5, "Someone presses, someone holds the line: it grows.", "New or braided lines.", false,
            ["old-lines"]),
        new("soft-hot", "flex", "calipers or mounts that spread", 1, "Watch the caliper from the side while someone presses hard.",
            "Stiffer calipers, or a pad that needs less pressure.", false, ["high-effort"]),
        new("long-then-fine", "knock-back", "pistons knocked back by a loose bearing, kerbs or a bent hub", 4,
            "Wheel rocked at twelve and six; run-out by dial gauge.", "Bearing or hub; a tap of the brake before the corner till then.", false, []),
        new("long-then-fine", "taper", "pads worn to a wedge", 3, "Pads out: leading against trailing edge.", "New pads, sliders freed; staggered pistons.",
            false, ["wedge"]),
        new("long-then-fine", "adjuster", "rear drum adjusters that fall behind", 2, "Handbrake lever comes up far.", "Adjust, free the adjusters.", false,
            ["drums"]),
        new("firm-no-stop", "past-window", "pads past their window", 5, "Comes with heat, goes with a cool lap; glazed faces.",
            "A pad that holds hotter, or more air; drive slower till then.", false, ["pads-beyond"]),
        new("firm-no-stop", "cold", "race pads that are still cold", 2, "Only on the first stops of the day.",
            "Bring them in gently, or another pad for the road.", false, ["pads-cold"]),
        new("firm-no-stop", "green", "new pads that still gas out", 2, "New, and never bedded; better after a few hot stops.", "Bed them, on a closed course.",
            false, ["unbedded"]),
        new("firm-no-stop", "booster", "booster assistance lost", 1.5, "Pedal hard and high with the engine running.",
            "Stop driving; hose, check valve, booster.", true, []),
        new("firm-no-stop", "oiled", "oil or fluid on the pads", 1.5, "One side pulls; wet or dark faces.", "Mend the leak; new pads on both sides.", true,
            ["leak"]),
        new("judder", "film", "uneven film: badly bedded, dragged gently, or parked hot", 6, "Patches or spots on the face; goes or changes after firm stops.",
            "Bed again; scrub with four firm stops; turn hard spots off.", false, ["unbedded", "spots", "patchy"]),
        new("judder", "run-out", "run-out: dirt under the hat, a bent hub", 2, "Dial gauge on the face, then on the hub.",
            "Clean to bare metal, index the rotor on the hub.", false, ["new-rotors"]),
        new("judder", "cracked", "a cracked rotor", 1, "Look at the face, the holes and the edge under good light.", "Discard.", true, ["long-crack"]),
        new("judder", "warp", "a bent rotor", 0.4, "Only after film and run-out are ruled out.", "Turn or discard; let them cool before parking.", false,
            ["face-hot"]),
        new("pull", "slider", "a stuck slider or piston on one side", 4, "One rotor hotter by hand-held thermometer; pads worn unlike.",
            "Free and grease, or rebuild.", false, ["one-sided"]),
        new("pull", "oiled", "oil or fluid on one side's pads", 2, "Wet or dark faces.", "Mend the leak; new pads on both sides.", true, ["leak"]),
        new("pull", "tyres", "tyres or alignment", 2, "Pulls off the brakes too.", "Pressures, alignment.", false, []),
        new("pull", "hose", "a collapsed hose", 1, "That wheel drags after braking.", "New lines on both sides.", false, ["old-lines"]),
        new("squeal", "pad", "the pad itself: it squeals cold and says nothing hot", 4, "Known of the compound; goes when warm.",
            "Live with it, shims, or another pad for the road.", false, ["noisy-pad"]),
        new("squeal", "glazed", "glazed pads", 2, "Shiny faces; came after overheating.", "Scuff and bed again, or replace.", false, ["pads-beyond"]),
        new("squeal", "indicator", "a wear indicator", 1.5, "Constant, changes with a touch of the pedal.", "Measure the pads now.", false, ["pads-thin"]),
        new("smoke", "bedding", "new pads gassing out", 3, "First heat of new pads; smells of resin.", "Roll till it stops; finish the bedding.", false,
            ["unbedded"]),
        new("smoke", "hot", "pads far past their window", 3, "After hard laps without a cool-down.", "Cool down, inspect pads, boots and fluid.", false,
            ["pads-beyond", "face-hot"]),
        new("smoke", "drag", "a caliper or handbrake that drags", 2, "One wheel only.", "Free it before the next session.", false, ["one-sided"]),
        new("smoke", "leak", "fluid or grease on a hot part", 1, "Blue or white smoke that lingers, wet caliper.", "Stop; find the leak.", true, ["leak"]),
        new("one-sided", "turns", "the circuit turns one way", 3, "The outer front wheel of most corners.", "Swap pads side to side at half life.", false,
            ["one-way"]),
        new("one-sided", "stuck", "a stuck slider or piston", 3, "Free movement by hand with the wheel off.", "Free and grease, or rebuild.", false, []),
        new("one-sided", "stability", "stability control that brakes in corners", 2, "Lamp flickers; gone with it switched off on a closed course.",
            "Smoother lines, or its track mode.", false, ["stability"]),
        new("wedge", "slide", "dry sliders", 3, "Pads and caliper do not move by finger.", "Clean and grease.", false, []),
        new("wedge", "flex", "a caliper that twists, or pistons of one size", 2, "Same on both sides.", "Staggered pistons; swap pads end to end at half life.",
            false, []),
        new("inner-worn", "shield", "the inner face runs hotter behind its shield", 3, "Both sides alike; inner face blue.",
            "A duct into the eye, or the shield trimmed.", false, ["inner-hotter"]),
        new("inner-worn", "slider", "sliders that stick", 3, "One side only.", "Clean and grease.", false, ["one-sided"]),
        new("spots", "parked-hot", "parked with the pads on hot rotors", 4, "One or two prints, the pad's shape.", "Roll the car on; scrub with firm stops.",
            false, ["no-cool-down"]),
        new("spots", "dragged", "dragged gently for long", 3, "Many small patches all round.", "Fewer, firmer stops; bed again.", false, []),
        new("spots", "hard", "hard spots in the iron", 1, "Blue, cannot be scrubbed or filed.", "Discard.", false, ["face-hot"]),
        new("balance-wanders", "mixed", "front and rear pads that fade at different heat", 4, "Rear comes round late in the session, or the front washes out.",
            "Pads of one kind, or a rear that holds as hot as the front.", false, ["mixed-pads", "pads-beyond"]),
        new("balance-wanders", "fluid", "fluid that begins to boil on one axle", 2, "Pedal gets longer at the same time.", "Flush; ducts.", true,
            ["fluid-near-vapour"]),
        new("abs-early", "front-heavy", "too much front: a strong front pad or kit on a stock rear", 3, "Front wheels tick first; rear pads hardly wear.",
            "A rear pad to match, or less front.", false, ["front-share"]),
        new("abs-early", "cold", "cold tyres or brakes that grab", 2, "Only on the first laps.", "Warm both up.", false, []),
        new("abs-early", "sensor", "a dirty or damaged wheel sensor", 1.5, "At low speed, on smooth road.", "Clean, look at the ring and the gap.", false, []),
    ];
}
