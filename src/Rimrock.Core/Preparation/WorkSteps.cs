using Rimrock.Core.Rotors;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Preparation;

/// <summary>The steps of a change in the trade's order (common practice).</summary>
internal static class WorkSteps
{
    public static IEnumerable<WorkStep> Of(Change change) => change.Nothing ? [] :
    [
        new("stands", "Car on stands, wheels off, brakes cold", "You need both hands, and hot parts burn.", "Rock the car: it does not move.",
            "Never under a car on a jack. Hot parts burn."),
        .. change.Opened ? FluidOut() : [],
        .. change.Lines ? LinesOn() : [],
        .. change.Pads || change.Rotors ? PadsOut(change) : [],
        .. change.Rotors ? RotorsOn(change) : [],
        .. change.Duct ? Ducts() : [],
        .. change.Pads || change.Rotors ? PadsIn(change) : [],
        .. change.Opened ? Bleed(change) : [],
        .. Finish(change),
    ];

    private static IEnumerable<WorkStep> FluidOut() =>
    [
        new("fluid-out", "Suck the old fluid out of the reservoir", "What is up there goes through everything else; old fluid need not.",
            "The reservoir is nearly empty and clean, its floor still covered.", "Brake fluid harms paint, skin and eyes: goggles, gloves, water at hand."),
    ];

    private static IEnumerable<WorkStep> LinesOn() =>
    [
        new("lines-first-side", "New lines on one side, the other side untouched", "The old side stays as your reference for how they run.",
            "No twist, new washers, threads started by hand, torque as your car's maker says.", "Cap open pipes: fluid runs out and air runs in."),
        new("lines-sweep", "Full lock both ways, wheel hanging and wheel lifted", "A line that touches anything wears through.",
            "A finger's width from tyre, spring and damper everywhere.", "A line that chafes fails without warning."),
        new("lines-other-side", "New lines on the other side", "By the pattern of the first.", "Both sides run alike."),
    ];

    private static IEnumerable<WorkStep> PadsOut(Change change) =>
    [
        new("pads-out", change.Opened ? "Pads out; push the pistons back with the nipple open" : "Pads out; push the pistons back slowly",
            change.Opened ? "The hottest, oldest fluid sits behind the pistons: it leaves here and not through the ABS unit."
                : "New pads are thicker: the pistons must make room. Watch the reservoir, it rises.",
            "Pistons move by hand force and evenly; boots are whole.", "Brush dust wet or suck it: never compressed air."),
        .. change.Pads ? new[]
        {
            new WorkStep("pads-look", "Look at the old pads",
                "A wedge, or an inner pad far thinner than the outer one, tells of a stuck slider or piston: mend that first.",
                "Inner against outer and leading against trailing edge within 1 mm; write them into the Log."),
        } : [],
    ];

    private static IEnumerable<WorkStep> RotorsOn(Change change)
    {
        yield return new WorkStep("hub-clean", "Hub faces clean to bare metal",
            "A grain of rust under the hat is wobble at the edge, and wobble becomes judder.", "Run-out below what your car's maker allows, often 0.05 mm.");
        if ((change.FrontRotor && change.After.FrontRotor.Vanes == VaneKind.Curved) || (change.RearRotor && change.After.RearRotor.Vanes == VaneKind.Curved))
        {
            yield return new WorkStep("rotor-hand", "Rotor hand check: left and right",
                "Curved vanes are a fan: on the wrong side they pump 10 to 30 % less air. Slots tell nothing about the side.",
                "Seen rolling forward, the vanes sweep back from the hub. Try yourself before you fit them; a right answer ticks this step.");
        }

        yield return new WorkStep("rotors-on", "Rotors on, oil film off with brake cleaner",
            "The film that keeps them from rusting in the box is poison for new pads.",
            "They sit flat by hand; service limit read off the rotor and written down.");
        if (change.After.FrontRotor.Construction == RotorConstruction.TwoPiece
            || (change.RearRotor && change.After.RearRotor.Construction == RotorConstruction.TwoPiece))
        {
            yield return new WorkStep("rotor-bolts", "Bolts and one-time nuts of the rings, crosswise",
                "They carry all the braking; a nut that has been used once holds less.", "Torque and grade as the rotor's maker says; the ring still floats.",
                "The maker's figure, not a guess.");
        }
    }

    private static IEnumerable<WorkStep> Ducts() =>
    [
        new("ducts", "Hoses from the nose to the rotor's eye, shield trimmed there",
            "Air at a closed shield does nothing; air into the eye goes through the vanes.", "Full lock both ways: nothing touches; the eye sees the hose.",
        "A hose on a tyre or a hot rotor is gone in a lap."),
    ];

    private static IEnumerable<WorkStep> PadsIn(Change change) =>
    [
        new("pads-in", change.Pads ? "Pads in, sliders clean and greased" : "Pads back in, each in its old place",
            "A slider that sticks makes a wedge and heat.", "Pads move in their guides by finger; no grease on any face."),
    ];

    private static IEnumerable<WorkStep> Bleed(Change change)
    {
        var corners = string.Join(", ", change.After.Car.Corners());
        yield return new WorkStep("fill", "Fill over the upper mark, and never let it run dry", "Air in the master cylinder or the ABS unit costs an evening.",
            "Level watched after every few strokes.");
        yield return new WorkStep("bleed", $"Bleed: {corners}", change.After.Car.Bleeding == BleedOrder.FurthestFirst
            ? "Furthest from the master cylinder first, unless your car's maker says otherwise." : "In the order set for this car.",
            "Clear new fluid without bubbles at each.", "Your car's manual overrules this order.");
        if (change.After.Car.Electronics)
        {
            yield return new WorkStep("abs", "ABS unit: does your manual ask for a service tool?",
                "Some units keep old fluid and air until their valves are run.", "Manual read; if it asks for the tool, a workshop runs it.");
        }

        yield return new WorkStep("level", change.Pads ? "Level to the upper mark with the new pads in"
            : "Level as far below the upper mark as the pads are worn",
            "The level falls as pads wear: later it is a rough pad gauge. Topping up would run over at the next pad change.",
            "Cap on, outside rinsed with water.");
    }

    private static IEnumerable<WorkStep> Finish(Change change)
    {
        if (change.Opened)
        {
            yield return new WorkStep("leaks", "Hard foot for a minute, then look at every joint", "A leak shows under pressure.",
                "Dry everywhere, the pedal does not creep.", "A leak or a creeping pedal: the car stays.");
        }

        yield return new WorkStep("pedal", "Pump until the pedal is firm, before anything moves",
            "Pistons that were pushed back need several strokes to come out.", "Firm, at its old height, engine running and not.",
            "Do not move the car on a soft pedal.");
        yield return new WorkStep("wheels", "Wheels on, torque crosswise to your car maker's figure; again after 50 km", "New hats and clean hubs settle.",
            "Written down.");
        if (change.Pads || change.Rotors)
        {
            yield return new WorkStep("bed", "Bed them, on a closed course", "The film is what brakes; without it pads glaze and rotors spot.",
                "Even grey to blue film, edge to edge.", "Never on a public road.");
        }

        if (change.Opened)
        {
            yield return new WorkStep("waste", "Old fluid to the collection point; date and fluid into the Log",
                "The bleed date is what every prediction of the fluid rests on.", "Entered.");
        }
    }
}
