namespace Rimrock.Core.Vehicles;

/// <summary>What the flexible lines are.</summary>
public enum BrakeLine
{
    /// <summary>Rubber hoses in good order.</summary>
    Rubber,

    /// <summary>Rubber hoses of ten years and more.</summary>
    AgedRubber,

    /// <summary>Braided steel over a plastic liner.</summary>
    Braided,

    /// <summary>Stiff hoses as some newer cars have them from the works.</summary>
    StiffFromWorks,
}

/// <summary>How long flexible lines last (common practice).</summary>
public static class BrakeLines
{
    /// <summary>Age at which they are renewed, whatever they look like, years.</summary>
    public const double RenewYears = 10;

    /// <summary>Age from which they are looked at each year, bent and at full lock, years.</summary>
    public const double LookYears = 6;

    private static readonly FieldRange Age = new("hoseYears", "years", 0, 40);

    /// <summary>Ranges of the fields, for forms.</summary>
    public static IReadOnlyList<FieldRange> Ranges { get; } = [Age];

    /// <summary>Lists what is wrong with an age, if anything is.</summary>
    /// <param name="years">Age, years; null where nobody knows.</param>
    /// <param name="faults">Receives the faults.</param>
    public static void CheckAge(double? years, ICollection<InputFault> faults)
    {
        if (years is { } known)
        {
            Age.Check(known, faults);
        }
    }
}
