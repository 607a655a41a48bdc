using Rimrock.Core.Driving;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Fitting;

/// <summary>What on a car is due by its age, whatever the heat says.</summary>
/// <param name="Code">Stable code.</param>
/// <param name="Sentence">What, and why.</param>
public sealed record Due(string Code, Said Sentence)
{
    /// <summary>Street fluid is changed after so many months (common practice).</summary>
    public const double FluidMonths = 24;

    /// <summary>True where the fluid is due by its age.</summary>
    public static bool IsFluid(PredictionPlan plan) => plan.FluidState.AgeMonths >= FluidMonths;

    /// <summary>True where hoses are due by theirs, braided ones too: they hide it.</summary>
    public static bool IsHoses(PredictionPlan plan) => plan.Lines == BrakeLine.AgedRubber || plan.HoseYears >= BrakeLines.RenewYears;

    /// <summary>All that is due.</summary>
    public static IReadOnlyList<Due> Of(PredictionPlan plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        var due = new List<Due>();
        if (IsFluid(plan))
        {
            due.Add(new Due("fluid-age", Said.Of("due.fluid-months-old-street", plan.FluidState.AgeMonths, FluidMonths)));
        }

        if (IsHoses(plan))
        {
            due.Add(new Due("hose-age", plan.HoseYears is { } years ? Said.Of("due.hoses-so-many-years", years, BrakeLines.RenewYears)
                : Said.Of("due.rubber-hoses-old-ten")));
        }

        return due;
    }
}
