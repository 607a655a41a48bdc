namespace Rimrock.Core.Vehicles;

/// <summary>What holds the rear brakes back where no electronics do.</summary>
public enum RearValve
{
    /// <summary>Nobody looked: one is taken to be there.</summary>
    Unknown,

    /// <summary>None.</summary>
    None,

    /// <summary>Rear pressure rises no further beyond the knee.</summary>
    Limiter,

    /// <summary>Rear pressure rises less beyond the knee.</summary>
    Proportioning,

    /// <summary>The knee follows the load on the rear axle.</summary>
    LoadSensing,
}
