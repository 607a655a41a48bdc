
namespace Rimrock.Core.Vehicles;

/// <summary>
/// How braking force divides between the axles. Ideal share: static share + z h / L, from moments about the contact
/// points (Gillespie, Fundamentals of Vehicle Dynamics, 1992, chapter 3; from memory). Hydraulic share: from the
/// axles' torque factors and the friction of the moment.
/// </summary>
public static class BrakeBalance
{
    /// <summary>The front share that uses both axles' adhesion alike.</summary>
    /// <param name="staticFrontShare">Front weight share standing still.</param>
    /// <param name="decelerationG">Forces along the road at the tyres over the weight, g.</param>
    /// <param name="cgHeightM">Height of the centre of gravity, m.</param>
    /// <param name="wheelbaseM">Wheelbase, m.</param>
    public static double IdealFrontShare(double staticFrontShare, double decelerationG, double cgHeightM, double wheelbaseM) =>
        staticFrontShare + (decelerationG * cgHeightM / wheelbaseM);

    /// <summary>The front share that the hydraulics give.</summary>
    /// <param name="frontTorquePerPascal">Front axle torque factor, Nm/Pa at a friction of 1.</param>
    /// <param name="rearTorquePerPascal">Rear axle torque factor.</param>
    /// <param name="frontMu">Front pad friction.</param>
    /// <param name="rearMu">Rear pad friction.</param>
    public static double HydraulicFrontShare(double frontTorquePerPascal, double rearTorquePerPascal, double frontMu, double rearMu)
    {
        var front = frontTorquePerPascal * frontMu;
        return front / (front + (rearTorquePerPascal * rearMu));
    }

    /// <summary>
    /// The front shares that adhesion allows: brake-force distribution keeps the rear axle within its grip, anti-lock the
    /// front. What one axle may not take the other takes.
    /// </summary>
    /// <param name="atTyresG">Force of the brakes at the tyres over the weight, g, above 0.</param>
    /// <param name="idealShare">Ideal front share at this deceleration.</param>
    /// <param name="gripG">Tyre grip, g.</param>
    /// <param name="retardersG">What engine and recuperation take of each axle's grip, g.</param>
    public static (Lane Least, Lane Most) FrontShareLimits(Lane atTyresG, Lane idealShare, double gripG, Axles<double> retardersG)
    {
        var most = Lanes.MinNative(Lanes.MaxNative(((idealShare * gripG) - Lanes.Create(retardersG.Front)) / atTyresG, Lane.Zero), Lane.One);
        var least = Lanes.MaxNative(Lane.One - ((((Lane.One - idealShare) * gripG) - Lanes.Create(retardersG.Rear)) / atTyresG), Lane.Zero);
        return (Lanes.MinNative(least, most), most);
    }

    /// <summary>What engine and recuperation take of each axle's grip while braking, g: the engine as the axles are loaded standing still.</summary>
    public static Axles<double> RetardersG(Car car)
    {
        ArgumentNullException.ThrowIfNull(car);
        var electric = car.RegeneratesAt switch { RegeneratingAxle.Front => 1, RegeneratingAxle.Rear => 0, _ => car.StaticFrontShare };
        double Of(double engineShare, double electricShare) =>
            ((car.EngineBrakingMS2 * engineShare) + (car.RegenerationMS2 * electricShare)) / Speed.StandardGravityMS2;
        return new(Of(car.StaticFrontShare, electric), Of(1 - car.StaticFrontShare, 1 - electric));
    }

    /// <summary>The deceleration at which the hydraulic share equals the ideal one, g; above it the rear would lock first.</summary>
    public static double BalancedDecelerationG(double hydraulicShare, double staticFrontShare, double cgHeightM, double wheelbaseM) =>
        (hydraulicShare - staticFrontShare) * wheelbaseM / cgHeightM;
}

/// <summary>Stopping distance at a constant deceleration: what the driver takes to press, then v2 / 2a.</summary>
public static class StoppingDistance
{
    /// <summary>The build-up time of UN R13-H's distance formula (0.1 v + 0.0060 v2 in its type-0 test) is 0.36 s with v in m/s; from memory.</summary>
    public const double BuildUpS = 0.36;

    /// <summary>Distance from a speed to standstill, m.</summary>
    public static double Metres(double speedKmh, double decelerationMS2, double buildUpS = BuildUpS)
    {
        var v = Speed.FromKmh(speedKmh);
        return (buildUpS * v) + (v * v / (2 * decelerationMS2));
    }
}
