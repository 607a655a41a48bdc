using Rimrock.Core.Prediction;

namespace Rimrock.Web.Bench;

/// <summary>The Bench room's endpoint.</summary>
public static class PredictionEndpoints
{
    /// <summary>Maps them.</summary>
    public static void MapPredictions(this RouteGroupBuilder group) =>
        group.MapPost("/", (PredictionPlan plan) => TypedResults.Ok(Predictor.Predict(plan)))
            .WithName("predict")
            .WithSummary("Predicts a day: temperatures, pedal effort, limits. Stateless.")
            .ProducesProblem(StatusCodes.Status400BadRequest);
}
