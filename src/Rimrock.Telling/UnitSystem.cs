namespace Rimrock.Telling;

/// <summary>In which units figures are shown.</summary>
public enum UnitSystem
{
    /// <summary>As they are kept.</summary>
    Metric,

    /// <summary>As drivers in the United States read them.</summary>
    Imperial,
}
