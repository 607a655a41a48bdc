using Rimrock.Core.Driving;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Fitting;

/// <summary>What on a car is due by its age, whatever the heat says.</summary>
/// <param name="Code">Stable code.</param>
/// <param name="Sentence">What, and why.</param>
public sealed record Due(string Code, string Sentence)
{
    /// <summary>Street fluid is changed after so many months (common practice).</summary>
    public const double FluidMonths = 24;

    /// <summary>All that is due.</summary>
    public static IReadOnlyList<Due> Of(PredictionPlan plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        var due = new List<Due>();
        if (plan.FluidState.AgeMonths >= FluidMonths)
        {
            due.Add(new Due("fluid-age", Text($"The fluid is {plan.FluidState.AgeMonths:0} months old, and street fluid is changed after {FluidMonths:0}.")));
        }

        if (plan.Lines == BrakeLine.AgedRubber)
        {
            due.Add(new Due("hose-age", "The rubber hoses are old: ten years are their time."));
        }

        return due;
    }
}
