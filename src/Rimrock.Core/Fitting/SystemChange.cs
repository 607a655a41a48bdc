using Rimrock.Core.Driving;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Fitting;

/// <summary>Other calipers or another master cylinder on a plan: what they do, what stands against them, and the plan with them.</summary>
/// <param name="Plan">The plan with them fitted: their rotors on, the fluid new, the pads as they were.</param>
/// <param name="Reading">Balance, force and the pedal's way against what is fitted.</param>
/// <param name="Refused">Why they do not go on, or null.</param>
/// <param name="Then">What would stand against the car with them on it, and does not now: pads of another shape to begin with.</param>
public sealed record SystemChange(PredictionPlan Plan, CaliperSwap Reading, HardStop? Refused, IReadOnlyList<HardStop> Then)
{
    /// <summary>Of a caliper kit.</summary>
    public static SystemChange Of(PredictionPlan plan, CaliperKit kit, Wishes wishes)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(kit);
        return Of(plan, plan.With(kit), HardStops.Of(kit, plan, wishes));
    }

    /// <summary>Of a master cylinder.</summary>
    public static SystemChange Of(PredictionPlan plan, MasterCylinder cylinder, Wishes wishes)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(cylinder);
        return Of(plan, plan.With(cylinder), HardStops.Of(cylinder, plan, wishes));
    }

    private static SystemChange Of(PredictionPlan plan, PredictionPlan with, HardStop? refused) => new(with,
        CaliperSwap.Between(plan.DrivenCar(), with.DrivenCar(), new(plan.FrontRotor, plan.RearRotor), new(with.FrontRotor, with.RearRotor), plan.Lines),
        refused, [.. HardStops.OfFitted(with).Where(stop =>
            HardStops.OfFitted(plan).All(was => was.Sentence.Code != stop.Sentence.Code || was.Code != stop.Code))]);
}
