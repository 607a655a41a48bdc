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
}
