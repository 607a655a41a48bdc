namespace Rimrock.Core.Vehicles;

/// <summary>
/// A rear valve: beyond its knee the rear line's pressure rises by a share of the front's. Figures where nobody typed any: knee 30 bar, slope 0.37, +-30 %
/// (common practice; Limpert 2011, chapter 5, from memory).
/// </summary>
/// <param name="KneePa">Knee, Pa.</param>
/// <param name="Slope">Share beyond it.</param>
public readonly record struct ProportioningValve(double KneePa, double Slope)
{
    private const double UsualKneePa = 30e5;
    private const double UsualSlope = 0.37;

    /// <summary>No valve.</summary>
    public static ProportioningValve None { get; } = new(double.PositiveInfinity, 1);

    /// <summary>What a car has: electronics do the valve's work where there are any, and a balance bar where there is one.</summary>
    /// <param name="car">The car.</param>
    /// <param name="laden">Load on the rear axle over that of the car as it stands: a load-sensing valve's knee follows it.</param>
    public static ProportioningValve Of(Car car, double laden = 1)
    {
        ArgumentNullException.ThrowIfNull(car);
        return car.Electronics || car.Kind == VehicleKind.Motorcycle || car.RearValve == RearValve.None
            || car.Hydraulics.BalanceBarFrontShare is not null ? None
            : car.RearValve switch
            {
                RearValve.Limiter => new(UsualKneePa, 0),
                RearValve.LoadSensing => new(UsualKneePa * laden, UsualSlope),
                _ => new(UsualKneePa, UsualSlope),
            };
    }

    /// <summary>Pressure in the rear line, Pa.</summary>
    public double RearPa(double pascal) => pascal <= KneePa ? pascal : KneePa + (Slope * (pascal - KneePa));

    /// <summary>Pressure in the front line, Pa, at which both axles together have a torque.</summary>
    /// <param name="torqueNM">The torque, Nm.</param>
    /// <param name="front">Front torque for each pascal, Nm/Pa.</param>
    /// <param name="rear">Rear torque for each pascal.</param>
    /// <param name="kneeFactor">Members' factor on the knee.</param>
    public Lane FrontPa(Lane torqueNM, Lane front, Lane rear, Lane kneeFactor)
    {
        var plain = torqueNM / (front + rear);
        if (double.IsPositiveInfinity(KneePa))
        {
            return plain;
        }

        var knee = kneeFactor * KneePa;
        var beyond = (torqueNM - (rear * knee * (1 - Slope))) / (front + (rear * Slope));
        return Lanes.ConditionalSelect(Lanes.GreaterThan(plain, knee), beyond, plain);
    }
}
