using Rimrock.Core.Prediction;
using Rimrock.Core.Uncertainty;

namespace Rimrock.Web.Bench;

/// <summary>The Bench room's endpoint.</summary>
public static class PredictionEndpoints
{
    /// <summary>Maps them.</summary>
    public static void MapPredictions(this RouteGroupBuilder group)
    {
        group.MapPost("/", (PredictionPlan plan) => TypedResults.Ok(Predictor.Predict(plan)))
            .WithName("predict")
            .WithSummary("Predicts a day: temperatures, pedal effort, limits. Stateless.")
            .ProducesProblem(StatusCodes.Status400BadRequest);
        group.MapPost("/band", (PredictionPlan plan, CancellationToken cancel) => TypedResults.Ok(Ensemble.Run(plan, cancel)))
            .WithName("predictBand")
            .WithSummary("Predicts the same day for 256 members of the prior: bands, probabilities, what matters most. Stateless.")
            .ProducesProblem(StatusCodes.Status400BadRequest);
    }
}
