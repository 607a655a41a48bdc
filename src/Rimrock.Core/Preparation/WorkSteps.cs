using Rimrock.Core.Rotors;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Preparation;

/// <summary>The steps of a change in the trade's order (common practice).</summary>
internal static class WorkSteps
{
    public static IEnumerable<WorkStep> Of(Change change, BleedWay bleed) => change.Nothing ? [] :
    [
        change.After.Car.Kind == VehicleKind.Motorcycle
            ? new("stands", Said.Of("work-steps.motorcycle-on-stands"), Said.Of("work-steps.you-need-both-hands"), Said.Of("work-steps.rock-it-does-not-move"),
                Said.Of("work-steps.lever-tied-and-no-lever-pulled"))
            : new("stands", Said.Of("work-steps.car-stands-wheels-off"), Said.Of("work-steps.you-need-both-hands"), Said.Of("work-steps.rock-car-does-not"),
                Said.Of("work-steps.never-under-car-jack")),
        .. change.Opened ? HydraulicSteps.Out(change) : [],
        .. ParkingBrake(change),
        .. change.Pads || change.Rotors ? PadsOut(change) : [],
        .. change.Rotors ? RotorsOn(change) : [],
        .. change.Brackets && !change.Kit ? Brackets() : [],
        .. change.Kit ? Calipers(change) : [],
        .. change.Cylinder is { } cylinder ? Cylinder(cylinder) : [],
        .. change.Ducts.Front ? [DuctsTo(Said.Of("work-steps.hoses-nose-rotors-eye"))] : Array.Empty<WorkStep>(),
        .. change.Ducts.Rear ? [DuctsTo(Said.Of("work-steps.hoses-floor-rotors-eye"), "rear-ducts")] : Array.Empty<WorkStep>(),
        .. change.Pads || change.Rotors ? PadsIn(change) : [],
        .. change.Opened ? HydraulicSteps.In(change, bleed) : [],
        .. Finish(change),
    ];

    private static IEnumerable<WorkStep> PadsOut(Change change) =>
    [
        new("pads-out", change.Opened ? Said.Of("work-steps.pads-out-push-pistons") : Said.Of("work-steps.pads-out-push-pistons-back"),
            change.Opened ? change.After.Car.Electronics ? Said.Of("work-steps.hottest-oldest-fluid-sits") : Said.Of("work-steps.hottest-fluid-leaves-here")
                : Said.Of("work-steps.new-pads-thicker-pistons"),
            Said.Of("work-steps.pistons-move-hand-force"), Said.Of("work-steps.brush-dust-wet-suck")),
        .. change.Pads ? new[]
        {
            new WorkStep("pads-look", Said.Of("work-steps.look-old-pads"),
                Said.Of("work-steps.wedge-inner-pad-far"),
                Said.Of("work-steps.inner-against-outer-leading")),
        } : [],
    ];

    private static IEnumerable<WorkStep> RotorsOn(Change change)
    {
        yield return new WorkStep("hub-clean", Said.Of("work-steps.hub-faces-clean-bare"),
            Said.Of("work-steps.grain-rust-under-hat"), Said.Of("work-steps.run-out-below-your"));
        if ((change.FrontRotor && change.After.FrontRotor.Vanes == VaneKind.Curved) || (change.RearRotor && change.After.RearRotor.Vanes == VaneKind.Curved))
        {
            yield return new WorkStep("rotor-hand", Said.Of("work-steps.rotor-hand-check-left"),
                Said.Of("work-steps.curved-vanes-fan-wrong"),
                Said.Of("work-steps.seen-rolling-forward-vanes"));
        }

        yield return new WorkStep("rotors-on", Said.Of("work-steps.rotors-oil-film-off"),
            Said.Of("work-steps.film-keeps-them-rusting"),
            Said.Of("work-steps.they-sit-flat-hand"));
        if (change.After.FrontRotor.Construction == RotorConstruction.TwoPiece
            || (change.RearRotor && change.After.RearRotor.Construction == RotorConstruction.TwoPiece))
        {
            yield return new WorkStep("rotor-bolts", Said.Of("work-steps.bolts-one-time-nuts"),
                Said.Of("work-steps.they-carry-all-braking"), Said.Of("work-steps.torque-grade-rotors-maker"),
                Said.Of("work-steps.makers-figure-not-guess"));
        }
    }

    private static IEnumerable<WorkStep> Brackets() =>
    [
        new("bracket-trial", Said.Of("work-steps.brackets-trial-fit"), Said.Of("work-steps.caliper-must-sit-over-ring"),
            Said.Of("work-steps.ring-turns-free-pads-flush"), Said.Of("work-steps.wheel-on-by-hand-first")),
        new("bracket-bolts", Said.Of("work-steps.bracket-bolts"), Said.Of("work-steps.they-carry-all-braking"),
            Said.Of("work-steps.torque-by-class-marked"), Said.Of("work-steps.makers-figure-not-guess")),
    ];

    private static IEnumerable<WorkStep> Calipers(Change change) =>
    [
        new("caliper-trial", Said.Of("work-steps.calipers-trial-fit",
            Said.Joined(Said.Listed, change.Kits.Select(kit => Said.Of("work-steps.kit", kit.Name)))), Said.Of("work-steps.caliper-must-sit-over-ring"),
            Said.Of("work-steps.ring-turns-free-pads-flush"), Said.Of("work-steps.wheel-on-by-hand-first")),
        new("caliper-bolts", Said.Of("work-steps.caliper-and-bracket-bolts"), Said.Of("work-steps.they-carry-all-braking"),
            Said.Of("work-steps.torque-by-class-marked"), Said.Of("work-steps.makers-figure-not-guess")),
        new("caliper-hoses", Said.Of("work-steps.hoses-to-calipers"), Said.Of("work-steps.bleed-screw-must-be-on-top"),
            Said.Of("work-steps.no-twist-new-washers"), Said.Of("work-steps.line-touches-anything-wears")),
    ];

    private static IEnumerable<WorkStep> Cylinder(MasterCylinder cylinder)
    {
        yield return new WorkStep("cylinder-bench", Said.Of("work-steps.cylinder-filled-on-bench", cylinder.Name),
            Said.Of("work-steps.air-in-bore-never-comes-out"),
            Said.Of("work-steps.short-strokes-no-bubbles"), Said.Of("work-steps.brake-fluid-harms-paint"));
        yield return new WorkStep("cylinder-rod", Said.Of("work-steps.push-rod-has-play"), Said.Of("work-steps.rod-that-presses-keeps-brakes-on"),
            Said.Of("work-steps.one-millimetre-of-play"), Said.Of("work-steps.brakes-that-drag-lock"));
        if (cylinder.BalanceBarFrontShare is { } share)
        {
            yield return new WorkStep("balance-bar", Said.Of("work-steps.bar-is-set", Units.Percent(100 * share)), Said.Of("work-steps.rear-never-locks-first"),
                Said.Of("work-steps.bar-swings-free-and-locked"), Said.Of("work-steps.front-locks-first-on-trial"));
        }
    }

    private static IEnumerable<WorkStep> ParkingBrake(Change change) => !change.RearPads && !change.RearRotor ? []
        : change.After.Car.ParkingBrake switch
        {
            Vehicles.ParkingBrake.Electric =>
            [
                new("parking-service", Said.Of("work-steps.parking-brake-service-mode"), Said.Of("work-steps.motors-hold-pistons"),
                    Said.Of("work-steps.display-or-tool-says-so"), Said.Of("work-steps.fingers-out-motor-closes")),
            ],
            Vehicles.ParkingBrake.InCaliper =>
            [
                new("parking-wind", Said.Of("work-steps.wind-rear-pistons-back"), Said.Of("work-steps.cable-screws-piston-out"),
                    Said.Of("work-steps.notch-meets-pads-pin"), Said.Of("work-steps.press-never-forces-thread")),
            ],
            Vehicles.ParkingBrake.InHat when change.RearRotor =>
            [
                new("parking-shoes", Said.Of("work-steps.slacken-shoes-in-hat"), Said.Of("work-steps.shoes-hold-rotor"),
                    Said.Of("work-steps.rotor-slides-off-shoes-adjusted")),
            ],
            _ => [],
        };

    private static WorkStep DuctsTo(Said what, string code = "ducts") => new(code, what, Said.Of("work-steps.air-closed-shield-does"),
        Said.Of("work-steps.full-lock-both-ways-nothing"), Said.Of("work-steps.hose-tyre-hot-rotor"));

    private static IEnumerable<WorkStep> PadsIn(Change change) =>
    [
        new("pads-in", change.Pads ? Said.Of("work-steps.pads-sliders-clean-greased") : Said.Of("work-steps.pads-back-each-old"),
            Said.Of("work-steps.slider-sticks-makes-wedge"), Said.Of("work-steps.pads-move-guides-finger")),
    ];

    private static IEnumerable<WorkStep> Finish(Change change)
    {
        if (change.Opened)
        {
            yield return new WorkStep("leaks", Said.Of("work-steps.hard-foot-minute-look"), Said.Of("work-steps.leak-shows-under-pressure"),
                Said.Of("work-steps.dry-everywhere-pedal-does"), Said.Of("work-steps.leak-creeping-pedal-car"));
        }

        yield return new WorkStep("pedal", Said.Of("work-steps.pump-until-pedal-firm"),
            Said.Of("work-steps.pistons-pushed-back-need"), Said.Of("work-steps.firm-old-height-engine"),
            Said.Of("work-steps.do-not-move-car"));
        yield return new WorkStep("wheels", Said.Of("work-steps.wheels-torque-crosswise-your"), Said.Of("work-steps.new-hats-clean-hubs"),
            Said.Of("work-steps.written-down"));
        if (change.Pads || change.Rotors)
        {
            yield return new WorkStep("bed", Said.Of("work-steps.bed-them-closed-course"), Said.Of("work-steps.film-brakes-without-pads"),
                Said.Of("work-steps.even-grey-blue-film"), Said.Of("work-steps.never-public-road"));
        }

        if (change.Opened)
        {
            yield return new WorkStep("waste", Said.Of("work-steps.old-fluid-collection-point"),
                Said.Of("work-steps.bleed-date-every-prediction"), Said.Of("work-steps.entered"));
        }
    }
}
