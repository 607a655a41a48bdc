using Rimrock.Core.Driving;
using Rimrock.Core.Rotors;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Fitting;

/// <summary>What a technician says of a kind of car or of a kind of use before any part is named: a table of common practice.</summary>
internal static class UseRemarks
{
    /// <summary>Runs of so many minutes at most are over before anything is hot, up a hill apart (common practice).</summary>
    private const double ShortRunMinutes = 2;

    private static readonly (Func<PredictionPlan, bool> If, Said What)[] Table =
    [
        (plan => plan.Planned().Any(day => day.Kind == DayKind.Descent) && plan.Car.EngineBrakingMS2 > 0, Said.Of("use-remarks.low-gear-first")),
        (plan => plan.Car.RegenerationMS2 > 0, Said.Of("use-remarks.battery-full-first-stop")),
        (plan => plan.Car.RegenerationMS2 > 0, Said.Of("use-remarks.seldom-used-brakes-rust")),
        (plan => plan.Car.Rear.Brake() == DrumBrake.Kind, Said.Of("use-remarks.drums-adjusters-fall-behind")),
        (plan => plan.Car.Kind == VehicleKind.Motorcycle, Said.Of("use-remarks.front-lever-does-nearly-all")),
        (plan => plan.FrontRotor.Material != RingMaterial.Iron, Said.Of("use-remarks.weigh-carbon-discs")),
        (plan => Timed(plan) is { Count: > 0 } days && days.All(day => IsShortRun(plan, day)), Said.Of("use-remarks.short-runs-bite-and-lines")),
        (plan => Timed(plan) is { Count: > 0 } days && days.All(day => plan.On(day).Stint.HotLapsEach == 1), Said.Of("use-remarks.one-lap-bites-at-once")),
        (plan => !plan.IsOnRoad(), Said.Of("use-remarks.no-approval-asked")),
    ];

    /// <summary>What is to be said of a plan.</summary>
    public static IEnumerable<Said> Of(PredictionPlan plan) => Table.Where(row => row.If(plan)).Select(row => row.What);

    /// <summary>
    /// From how many events on iron rings pay beside carbon discs, which are kept for the road then; null where they never do, or a price is unknown.
    /// </summary>
    /// <param name="carbon">What an event costs with the discs that are fitted.</param>
    /// <param name="iron">What it costs with the rings.</param>
    public static int? BreakEvenEvents(RunningCost carbon, RunningCost iron)
    {
        ArgumentNullException.ThrowIfNull(carbon);
        ArgumentNullException.ThrowIfNull(iron);
        return carbon.PerEvent - iron.PerEvent is > 0 and var saved && iron.BuyNow is { } outlay ? (int)Math.Ceiling(outlay / saved) : null;
    }

    private static List<PlannedDay> Timed(PredictionPlan plan) => [.. plan.Planned().Where(day => day.KindOf().IsTimed)];

    private static bool IsShortRun(PredictionPlan plan, PlannedDay day) =>
        day.KindOf().Shape == DayShape.Runs && day.Kind != DayKind.Hill && plan.On(day).Stint.MinutesEach <= ShortRunMinutes;
}
