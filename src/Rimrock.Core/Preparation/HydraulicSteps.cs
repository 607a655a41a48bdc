using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Preparation;

/// <summary>The steps at fluid and lines (common practice).</summary>
internal static class HydraulicSteps
{
    /// <summary>Old fluid out, and what is changed while the lines are empty.</summary>
    public static IEnumerable<WorkStep> Out(Change change) =>
    [
        new("fluid-out", Said.Of("work-steps.suck-old-fluid-out"), Said.Of("work-steps.up-goes-through-everything"),
            Said.Of("work-steps.reservoir-nearly-empty-clean"), Said.Of("work-steps.brake-fluid-harms-paint")),
        .. change.Chemistry ? Chemistry() : [],
        .. change.Lines ? Lines() : [],
    ];

    /// <summary>New fluid in, and the air out.</summary>
    public static IEnumerable<WorkStep> In(Change change, BleedWay way)
    {
        yield return new WorkStep("fill", Said.Of("work-steps.fill-over-upper-mark"),
            change.After.Car.Electronics ? Said.Of("work-steps.air-master-cylinder-abs") : Said.Of("work-steps.air-master-cylinder"),
            Said.Of("work-steps.level-watched-after-every"));
        yield return new WorkStep("bleed-screws", Said.Of("work-steps.is-each-screw-on-top"), Said.Of("work-steps.air-gathers-above-screw"),
            Said.Of("work-steps.screw-is-highest-point"), Said.Of("work-steps.plate-between-pads"));
        yield return Bleed(change.After.Car, way);
        if (change.Clutch)
        {
            yield return new WorkStep("clutch", Said.Of("work-steps.clutch-on-same-reservoir"), Said.Of("work-steps.clutch-line-keeps-old-fluid"),
                Said.Of("work-steps.clutch-bled-or-own-reservoir"));
        }

        if (change.After.Car.Electronics)
        {
            yield return new WorkStep("abs", Said.Of("work-steps.abs-unit-does-your"),
                Said.Of("work-steps.some-units-keep-old"), Said.Of("work-steps.manual-read-asks-tool"));
        }

        yield return new WorkStep("level", change.Pads ? Said.Of("work-steps.level-upper-mark-new")
            : Said.Of("work-steps.level-far-below-upper"),
            Said.Of("work-steps.level-falls-pads-wear"),
            Said.Of("work-steps.cap-outside-rinsed-water"));
    }

    private static WorkStep Bleed(Car car, BleedWay way)
    {
        var title = Said.Of("work-steps.bleed", Said.Joined(Said.Listed, car.Corners()));
        var reason = car.Bleeding == BleedOrder.FurthestFirst ? Said.Of("work-steps.furthest-master-cylinder-first") : Said.Of("work-steps.order-set-car");
        return way switch
        {
            BleedWay.OnePerson => new WorkStep("bleed", title, Said.Of("work-steps.alone-slow-strokes", reason), Said.Of("work-steps.clear-new-fluid-without"),
                Said.Of("work-steps.thread-lets-air-in")),
            BleedWay.Vacuum => new WorkStep("bleed", title, Said.Of("work-steps.vacuum-at-screw", reason), Said.Of("work-steps.fluid-clear-then-strokes"),
                Said.Of("work-steps.bubbles-past-thread")),
            _ => new WorkStep("bleed", title, Said.Of("work-steps.two-press-hold-open", reason), Said.Of("work-steps.clear-new-fluid-without"),
                Said.Of("work-steps.never-let-go-while-open")),
        };
    }

    private static IEnumerable<WorkStep> Chemistry() =>
    [
        new("chemistry-strip", Said.Of("work-steps.everything-wetted-apart"), Said.Of("work-steps.chemistries-never-meet"),
            Said.Of("work-steps.rinsed-dry-blown-through"), Said.Of("work-steps.workshops-job")),
        new("chemistry-seals", Said.Of("work-steps.new-seals-and-hoses"), Said.Of("work-steps.rubber-holds-old-fluid"),
            Said.Of("work-steps.seals-wetted-new-fluid")),
    ];

    private static IEnumerable<WorkStep> Lines() =>
    [
        new("lines-first-side", Said.Of("work-steps.new-lines-one-side"), Said.Of("work-steps.old-side-stays-your"),
            Said.Of("work-steps.no-twist-new-washers"), Said.Of("work-steps.cap-open-pipes-fluid")),
        new("lines-sweep", Said.Of("work-steps.full-lock-both-ways"), Said.Of("work-steps.line-touches-anything-wears"),
            Said.Of("work-steps.fingers-width-tyre-spring"), Said.Of("work-steps.line-chafes-fails-without")),
        new("lines-other-side", Said.Of("work-steps.new-lines-other-side"), Said.Of("work-steps.pattern-first"), Said.Of("work-steps.both-sides-run-alike")),
    ];
}
