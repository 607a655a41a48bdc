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
