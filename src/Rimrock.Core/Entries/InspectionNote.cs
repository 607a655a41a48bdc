using Rimrock.Core.Driving;

namespace Rimrock.Core.Entries;

/// <summary>An inspection with the plan that its limits come from, as the log keeps it.</summary>
/// <param name="Inspection">The inspection.</param>
/// <param name="Plan">The plan.</param>
public sealed record InspectionNote(Inspection Inspection, PredictionPlan Plan);
