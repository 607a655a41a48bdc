
namespace Rimrock.Core.Vehicles;

/// <summary>Where a car's engine sits and what it drives.</summary>
public enum CarLayout
{
    /// <summary>Nobody said.</summary>
    Unknown,

    /// <summary>Front engine, front drive.</summary>
    FrontDrive,

    /// <summary>Front engine, rear drive.</summary>
    RearDrive,

    /// <summary>Front engine, all wheels driven.</summary>
    AllWheel,

    /// <summary>Engine between the axles.</summary>
    MidEngine,

    /// <summary>Engine behind the rear axle.</summary>
    RearEngine,

    /// <summary>Electric, driven at the rear or at both axles.</summary>
    Electric,

    /// <summary>Electric, driven at the front.</summary>
    ElectricFront,
}

/// <summary>How high a car is built.</summary>
public enum CarBody
{
    /// <summary>Nobody said.</summary>
    Unknown,

    /// <summary>A roadster or a low coupe.</summary>
    Roadster,

    /// <summary>A saloon, hatchback or estate.</summary>
    Saloon,

    /// <summary>A van or an off-roader.</summary>
    Tall,
}

/// <summary>What layout and body say of a car's weight (common practice, +-0.03 of the weight and +-0.03 m).</summary>
public static class WeightByLayout
{
    /// <summary>Front weight share standing still.</summary>
    public static double FrontShare(CarLayout layout) => layout switch
    {
        CarLayout.FrontDrive => 0.61,
        CarLayout.RearDrive => 0.52,
        CarLayout.AllWheel => 0.57,
        CarLayout.MidEngine => 0.42,
        CarLayout.RearEngine => 0.39,
        CarLayout.Electric => 0.50,
        CarLayout.ElectricFront => 0.57,
        _ => 0.58,
    };

    /// <summary>Height of the centre of gravity, m.</summary>
    public static double CgHeightM(CarBody body) => body switch
    {
        CarBody.Roadster => 0.47,
        CarBody.Saloon => 0.54,
        CarBody.Tall => 0.67,
        _ => 0.55,
    };

    /// <summary>True for electric drives.</summary>
    public static bool IsElectric(CarLayout layout) => layout is CarLayout.Electric or CarLayout.ElectricFront;
}
