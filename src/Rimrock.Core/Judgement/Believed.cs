using Rimrock.Core.Beliefs;
using Rimrock.Core.Driving;

namespace Rimrock.Core.Judgement;

/// <summary>A plan, and what is believed of its car with the parts that are on it.</summary>
/// <param name="Plan">The plan.</param>
/// <param name="Belief">What is believed.</param>
internal sealed record Believed(PredictionPlan Plan, Population Belief);
