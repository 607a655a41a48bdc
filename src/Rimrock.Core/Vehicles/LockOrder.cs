namespace Rimrock.Core.Vehicles;

/// <summary>
/// Which axle's wheels lock first. From the shares of the hydraulics and of the tyres (Limpert, Brake Design and Safety, 3rd edition 2011, chapter 7; from
/// memory): the rear does where the rear brakes make more of the work than the rear tyres carry.
/// </summary>
public static class LockOrder
{
    /// <summary>Below this deceleration no wheel is near locking on a dry road, g (UN R13-H looks from 0.15 to 0.8 g; from memory).</summary>
    public const double LeastG = 0.15;

    /// <summary>Above this nothing is asked, g (the same).</summary>
    public const double MostG = 0.8;

    /// <summary>So much earlier than with the original pads is more than makers' own scatter, g (engineering judgement).</summary>
    public const double FeltG = 0.05;

    private const double StepG = 0.01;

    /// <summary>
    /// The deceleration from which on the rear wheels would lock first, g; <see cref="double.PositiveInfinity"/> where they never do below a ceiling.
    /// </summary>
    /// <param name="car">The car with its rear valve.</param>
    /// <param name="frontPerPascal">Torque of the front axle for each pascal, friction included, Nm/Pa.</param>
    /// <param name="rearPerPascal">The same of the rear axle.</param>
    /// <param name="cgHeightM">Height of the centre of gravity, m.</param>
    /// <param name="ceilingG">What the tyres hold, g.</param>
    public static double CriticalG(Car car, double frontPerPascal, double rearPerPascal, double cgHeightM, double ceilingG)
    {
        ArgumentNullException.ThrowIfNull(car);
        var valve = ProportioningValve.Of(car);
        var newton = car.MassKg * Speed.StandardGravityMS2 * car.TyreRadiusM;
        for (var z = LeastG; z <= Math.Min(MostG, ceilingG) + 1e-9; z += StepG)
        {
            var pascal = valve.FrontPa(Lanes.Create(z * newton), Lanes.Create(frontPerPascal), Lanes.Create(rearPerPascal), Lane.One)[0];
            if (frontPerPascal * pascal / (z * newton) < BrakeBalance.IdealFrontShare(car.StaticFrontShare, z, cgHeightM, car.WheelbaseM))
            {
                return z;
            }
        }

        return double.PositiveInfinity;
    }
}
