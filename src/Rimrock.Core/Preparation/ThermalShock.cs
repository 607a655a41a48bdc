namespace Rimrock.Core.Preparation;

/// <summary>What a first hard stop from speed would do to cold new rotors, against what bedding asks of them.</summary>
/// <param name="HardStopK">Face over the section's mean in a stop from 190 km/h at 0.9 g on cold rotors, K.</param>
/// <param name="LimitK">Where iron begins to yield at the face, K (elastic bound of about 1.9 MPa/K; engineering judgement, +-30 K).</param>
/// <param name="Sentence">What it means.</param>
public sealed record ThermalShock(double HardStopK, double LimitK, Said Sentence)
{
    /// <summary>Face over section mean beyond which iron yields at the face, K.</summary>
    public const double IronLimitK = 150;

    private const double HardFromKmh = 190;
    private const double HardToKmh = 40;
    private const double HardG = 0.9;

    /// <summary>Runs the stop on cold rotors; null where they are not of iron.</summary>
    public static ThermalShock? Of(Driving.PredictionPlan plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        if (plan.FrontRotor.Material != Rotors.RingMaterial.Iron)
        {
            return null;
        }

        plan = plan with { Days = null };
        var lap = Circuits.BrakingZoneTable.Lap([new Circuits.BrakingZone(HardFromKmh, HardToKmh, 20)], HardG * Quantities.Speed.StandardGravityMS2);
        var density = Materials.Air.DensityKgM3(plan.Weather.AmbientC + Quantities.Temperature.ZeroCelsiusInKelvin,
            Materials.Air.PressurePa(plan.Circuit.AltitudeM));
        var run = new Runs.DayRun(plan, [Runs.CarFactors.Median], demands: false);
        run.Run(new Driving.DayPhase(1, Driving.PhaseKind.HotLap, 1, Driving.DrivingSchedule.Of(lap, plan.DrivenCar(), density)));
        var over = Math.Round(run.Phases[0].Shape.FaceOverMeanK[0]);
        return new ThermalShock(over, IronLimitK, over > IronLimitK
            ? Said.Of("thermal-shock.first-hard-stop-would", Units.Kmh(HardFromKmh), Units.K(over), Units.K(IronLimitK))
            : Said.Of("thermal-shock.even-first-hard-stop", Units.Kmh(HardFromKmh), Units.K(over), Units.K(IronLimitK)));
    }
}
