using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Circuits;

/// <summary>
/// What the friction brakes must take up between two moments: the loss of kinetic energy (rotating masses with it) and
/// of height, less air, rolling, engine and recuperation, less the part that tyre slip turns to heat (5 % of the rest,
/// +-2 %, engineering judgement). Energy is conserved by construction: the kinetic energies are exact differences.
/// </summary>
public static class BrakingWork
{
    /// <summary>Share of braking work that ends in the tyre's slip.</summary>
    public const double TyreSlipShare = 0.05;

    /// <summary>Forces that slow the car without brakes or engine, N: air, rolling and slope.</summary>
    public static double ResistanceN(Car car, double speedMS, double airDensityKgM3, double slope)
    {
        ArgumentNullException.ThrowIfNull(car);
        return (0.5 * airDensityKgM3 * car.DragAreaM2 * speedMS * speedMS)
            + (car.MassKg * Speed.StandardGravityMS2 * (car.RollingResistance + slope));
    }

    /// <summary>Energy into the friction brakes while the speed changes, J; 0 when the car is not braked.</summary>
    /// <param name="car">The car.</param>
    /// <param name="fromMS">Speed at the start, m/s.</param>
    /// <param name="toMS">Speed at the end, m/s.</param>
    /// <param name="durationS">Duration, s.</param>
    /// <param name="airDensityKgM3">Air density, kg/m3.</param>
    /// <param name="slope">Rise per metre.</param>
    public static double Joules(Car car, double fromMS, double toMS, double durationS, double airDensityKgM3, double slope)
    {
        ArgumentNullException.ThrowIfNull(car);
        var metres = 0.5 * (fromMS + toMS) * durationS;
        var kinetic = 0.5 * car.EffectiveMassKg() * ((fromMS * fromMS) - (toMS * toMS));
        var meanSquare = ((fromMS * fromMS) + (fromMS * toMS) + (toMS * toMS)) / 3;
        var resistance = ResistanceN(car, Math.Sqrt(meanSquare), airDensityKgM3, slope) * metres;
        var retarders = car.MassKg * (car.EngineBrakingMS2 + car.RegenerationMS2) * metres;
        return Math.Max(0, kinetic - resistance - retarders) * (1 - TyreSlipShare);
    }

    /// <summary>Energy into the friction brakes over a lap, J.</summary>
    public static double LapJoules(LapTrace lap, Car car, double airDensityKgM3)
    {
        ArgumentNullException.ThrowIfNull(lap);
        var joules = 0.0;
        for (var i = 0; i < lap.TimeS.Length - 1; i++)
        {
            joules += Joules(car, lap.SpeedMS[i], lap.SpeedMS[i + 1], lap.TimeS[i + 1] - lap.TimeS[i], airDensityKgM3, lap.SlopeAt(i));
        }

        return joules;
    }
}
