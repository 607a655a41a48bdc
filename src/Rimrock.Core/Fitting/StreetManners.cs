using Rimrock.Core.Driving;
using Rimrock.Core.Friction;
using Rimrock.Core.Runs;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Fitting;

/// <summary>How a pair of pads behaves on the road.</summary>
/// <param name="ExtraMetres">Longer than with the original pads from 50 km/h at 5 C, m; negative where shorter.</param>
/// <param name="DustAndNoise">Mean of dust and noise over both axles, 0 to 10.</param>
/// <param name="Penalty">0 (as the original) to 10 (do not drive it on the road).</param>
public sealed record StreetManners(double ExtraMetres, double DustAndNoise, double Penalty)
{
    /// <summary>Metres longer that count as the worst: a car's length (engineering judgement).</summary>
    public const double WorstMetres = 5;

    private const double ColdStartC = 5;
    private const double WarmingK = 14;

    /// <summary>Puts metres and indices together, by what matters and by how much of the driving is on the road.</summary>
    /// <param name="extraMetres">Metres longer than with the original pads.</param>
    /// <param name="front">Front pad.</param>
    /// <param name="rear">Rear pad.</param>
    /// <param name="wishes">What matters.</param>
    /// <param name="roadShare">Share of the driving on the road, 0 to 1.</param>
    /// <param name="hum">What the front rotors' slots add to the noise, in points of ten.</param>
    public static StreetManners Of(double extraMetres, Pad front, Pad rear, Wishes wishes, double roadShare, double hum = 0)
    {
        ArgumentNullException.ThrowIfNull(front);
        ArgumentNullException.ThrowIfNull(rear);
        ArgumentNullException.ThrowIfNull(wishes);
        // Front pads do most of the work, and so most of the dust and noise (common practice: seven tenths).
        var index = (0.35 * (front.DustIndex() + Math.Min(10, front.NoiseIndex() + hum))) + (0.15 * (rear.DustIndex() + rear.NoiseIndex()));
        var cold = Math.Clamp(extraMetres / WorstMetres, 0, 1);
        var weights = wishes.ColdMornings + wishes.DustAndNoise;
        var penalty = weights == 0 ? 0 : 10 * ((wishes.ColdMornings * cold) + (wishes.DustAndNoise * index / 10)) / weights;
        return new StreetManners(Math.Round(extraMetres, 2), Math.Round(index, 1), Math.Round(penalty * roadShare, 2));
    }

    /// <summary>
    /// The same metres without integrating the stop: friction at 5 C plus 14 K, the warming half-way through a stop from 50 km/h
    /// (first order, within 0.4 m of the integrated stop in the tests). For the search over thousands of pairs.
    /// </summary>
    public static double QuickExtraMetres(PredictionPlan plan, Pad front, Pad rear, double everydayPedalN)
    {
        ArgumentNullException.ThrowIfNull(plan);
        var original = Pad.OriginalOf(plan.Car.OriginalPadFamily);
        return Metres(plan, front, rear, everydayPedalN) - Metres(plan, original, original, everydayPedalN);
    }

    private static double Metres(PredictionPlan plan, Pad front, Pad rear, double pedalN)
    {
        const double speedKmh = 50;
        var bar = plan.Car.Hydraulics.PressureBar(pedalN);
        var perPascal = ColdStop.TorquePerPascal(plan);
        double Mu(Pad pad) => PadTables.Of(pad).Mu.At(ColdStartC + WarmingK);
        var torque = ((perPascal.Front * plan.Car.Front.DiscMu(Mu(front))) + (perPascal.Rear * plan.Car.Rear.DiscMu(Mu(rear))))
            * plan.Car.Hydraulics.EffectivePascal(bar) * SpeedAndPressure.Factor(speedKmh / 2, bar);
        return StoppingDistance(torque / plan.Car.TyreRadiusM / plan.Car.EffectiveMassKg());

        double StoppingDistance(double slowing) =>
            Vehicles.StoppingDistance.Metres(speedKmh, Math.Min(slowing, ColdStop.AbsShareOfGrip * plan.Drive().GripG() * Speed.StandardGravityMS2));
    }
}
