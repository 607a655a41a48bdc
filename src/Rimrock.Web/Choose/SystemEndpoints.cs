using Rimrock.Core.Driving;
using Rimrock.Core.Fitting;
using Rimrock.Core.Quantities;
using Rimrock.Core.Vehicles;

namespace Rimrock.Web.Choose;

/// <summary>Other calipers on a plan.</summary>
/// <param name="Plan">The plan with what is fitted.</param>
/// <param name="Wishes">What matters.</param>
/// <param name="Kit">The kit.</param>
public sealed record KitQuestion(PredictionPlan Plan, Wishes Wishes, CaliperKit Kit);

/// <summary>Another master cylinder on a plan.</summary>
/// <param name="Plan">The plan with what is fitted.</param>
/// <param name="Wishes">What matters.</param>
/// <param name="Cylinder">The cylinder.</param>
public sealed record CylinderQuestion(PredictionPlan Plan, Wishes Wishes, MasterCylinder Cylinder);

/// <summary>Calipers and master cylinders of the shelf, held against the whole system. They store nothing.</summary>
public static class SystemEndpoints
{
    /// <summary>Maps them.</summary>
    public static void MapSystems(this RouteGroupBuilder group)
    {
        group.MapPost("/kit", (KitQuestion question) =>
            {
                Check(question.Plan, question.Wishes, faults => question.Kit.Check("kit", faults));
                return TypedResults.Ok(SystemChange.Of(question.Plan, question.Kit, question.Wishes));
            })
            .WithName("holdKit")
            .WithSummary("A caliper kit, front or rear, on this car: balance, force, the pedal's way, what stands against it, and the plan with it fitted.")
            .ProducesProblem(StatusCodes.Status400BadRequest);
        group.MapPost("/cylinder", (CylinderQuestion question) =>
            {
                Check(question.Plan, question.Wishes, faults => question.Cylinder.Check("cylinder", faults));
                return TypedResults.Ok(SystemChange.Of(question.Plan, question.Cylinder, question.Wishes));
            })
            .WithName("holdCylinder")
            .WithSummary("A master cylinder, with or without a balance bar, on this car: balance, force, the pedal's way, and the plan with it fitted.")
            .ProducesProblem(StatusCodes.Status400BadRequest);
    }

    private static void Check(PredictionPlan plan, Wishes wishes, Action<List<InputFault>> part)
    {
        var faults = plan.Faults().ToList();
        wishes.Check(faults);
        part(faults);
        InputFaultException.ThrowIfAny(faults);
    }
}
