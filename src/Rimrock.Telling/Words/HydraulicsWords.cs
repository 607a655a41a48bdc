namespace Rimrock.Telling.Words;

/// <summary>Bottles, calipers and master cylinders of an order.</summary>
internal static class HydraulicsWords
{
    internal static readonly (string Code, string Words)[] Rows =
    [
        ("change.rear-caliper-kit", "rear calipers: {0}"),
        ("change.cylinder", "master cylinder: {0}"),
        ("work-order.check-cylinder", "Check {0} against the old one"),
        ("work-order.flange-rod-and-ports", "flange, push rod, ports and their threads, reservoir: hold them side by side"),
        ("work-order.cylinder", "master cylinder"),
        ("work-order.cylinders-and-bar", "cylinders with their bar"),
        ("work-order.bore", "bore {0:0.0#}; new washers or flares at each port"),
        ("work-steps.kit", "{0}"),
        ("work-steps.cylinder-filled-on-bench", "{0}: filled and stroked on the bench before it goes on"),
        ("work-steps.air-in-bore-never-comes-out", "Air in the bore does not come out at the calipers; the pedal stays long whatever you bleed."),
        ("work-steps.short-strokes-no-bubbles", "short strokes, hoses back into the reservoir, no more bubbles"),
        ("work-steps.push-rod-has-play", "Push rod set: the pedal has a little play"),
        ("work-steps.rod-that-presses-keeps-brakes-on", "A rod that presses covers the compensating port: brakes stay on, heat, and lock."),
        ("work-steps.one-millimetre-of-play", "about a millimetre at the rod, and every wheel turns free after a press"),
        ("work-steps.brakes-that-drag-lock", "Wheels that drag after a press: stop, and set the rod again."),
        ("work-steps.bar-is-set", "Balance bar set to {0:0} for the front, and locked"),
        ("work-steps.rear-never-locks-first", "Pistons set the balance coarsely, the bar finely: the rear never locks first."),
        ("work-steps.bar-swings-free-and-locked",
            "the bar swings free over the whole stroke, its screw is locked, and its travel stops it if one circuit is lost"),
        ("work-steps.front-locks-first-on-trial", "Try it on a closed course, from low speed: the front wheels lock first, wet and dry."),
        ("work-order.it-keeps", "closed well, it keeps: silicone takes up almost no water"),
        ("work-order.use-it-by", "an opened bottle drinks water: write the day on it, and use it up by {0}"),
        ("work-order.use-it-within", "an opened bottle drinks water: use it up within {0} months"),
        ("work-order.from-opened-bottle", "from your bottle opened on {0}: {1:0.0} left, {2:0.0} wanted"),
        ("work-order.left-over-enough-same", "{0:0.0} left over, enough for {1} on the same evening; {2}"),
        ("work-order.left-over-ages-once", "{0:0.0} left over; {1}"),
        ("work-order.opened-bottle-ages-shelf", "an opened bottle ages on the shelf: none is left over"),
    ];
}
