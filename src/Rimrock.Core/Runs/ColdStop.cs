using Rimrock.Core.Driving;
using Rimrock.Core.Friction;
using Rimrock.Core.Heat;
using Rimrock.Core.Numerics;
using Rimrock.Core.Priors;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Runs;

/// <summary>A first stop with cold brakes at a given pedal force.</summary>
/// <param name="SpeedKmh">Speed before it, km/h.</param>
/// <param name="StartC">Temperature of brakes and air, C.</param>
/// <param name="PedalN">Pedal force, N.</param>
/// <param name="Metres">Distance with the pads fitted, build-up included, m; the band is that of a batch's friction.</param>
/// <param name="OriginalMetres">Distance with the pads the car was sold with, m.</param>
/// <param name="EndFaceC">Front face at the end, C: a cold pad warms within one stop.</param>
/// <param name="ReachesAbs">True where tyre grip limits both, so that pads make no difference.</param>
public sealed record ColdStopResult(double SpeedKmh, double StartC, double PedalN, Spread Metres, double OriginalMetres, double EndFaceC, bool ReachesAbs)
{
    /// <summary>The distance with a batch of other friction, m: beyond the build-up it goes as 1 / mu (first order).</summary>
    /// <param name="friction">Factor on the friction.</param>
    public double MetresWith(double friction)
    {
        var buildUp = StoppingDistance.BuildUpS * Speed.FromKmh(SpeedKmh);
        return ReachesAbs ? Metres.P50 : buildUp + ((Metres.P50 - buildUp) / friction);
    }
}

/// <summary>
/// Integrates a stop with cold brakes: pressure from the pedal, torque from the friction of the moment, heat back into
/// the pad. Tyre grip caps the deceleration at 0.95 of what the tyre gives (ABS works a little below the peak; common
/// practice). Build-up time as in <see cref="StoppingDistance"/>.
/// </summary>
public static class ColdStop
{
    /// <summary>Deceleration that sets the everyday pedal force, g.</summary>
    public const double EverydayG = 0.6;

    /// <summary>Share of the tyre's grip that ABS works at (common practice).</summary>
    public const double AbsShareOfGrip = 0.95;

    private const double StepS = 0.1;
    private const double LongestS = 30;
    /// <summary>The first stops that the page shows.</summary>
    private static readonly (double SpeedKmh, double StartC)[] Shown = [(50, -10), (50, 5), (50, 20), (100, 5)];

    private const double WarmC = 100;
    private const double WarmKmh = 80;

    /// <summary>The pedal force that gives 0.6 g with the original pads warm, N.</summary>
    public static double EverydayPedalN(PredictionPlan plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        var car = plan.Car;
        var family = PadFamilies.Find(car.OriginalPadFamily);
        var mu = new FrictionCurve(family.Curve, family.ColdSlopePerK).Assumed(WarmC);
        var torque = EverydayG * Speed.StandardGravityMS2 * car.EffectiveMassKg() * car.TyreRadiusM;
        var perPascal = TorquePerPascal(plan);
        return PedalFor(car.Hydraulics, torque, WarmKmh, (perPascal.Front * car.Front.DiscMu(mu)) + (perPascal.Rear * car.Rear.DiscMu(mu)));
    }

    /// <summary>Pedal force for an axle torque, N.</summary>
    /// <param name="hydraulics">The hydraulics.</param>
    /// <param name="torqueNM">Torque at all wheels, Nm.</param>
    /// <param name="speedKmh">Speed, for the friction's fall with it, km/h.</param>
    /// <param name="torquePerPascal">Torque for each pascal at the chart's friction, Nm/Pa.</param>
    public static double PedalFor(Hydraulics hydraulics, double torqueNM, double speedKmh, double torquePerPascal)
    {
        ArgumentNullException.ThrowIfNull(hydraulics);
        var bar = 30.0;
        for (var i = 0; i < 4; i++)
        {
            bar = hydraulics.LineBar(torqueNM / (torquePerPascal * SpeedAndPressure.Factor(speedKmh, bar)));
        }

        return hydraulics.PedalForceN(bar);
    }

    /// <summary>Torque of front and rear axle for each pascal at a friction of 1, Nm/Pa.</summary>
    public static Axles<double> TorquePerPascal(PredictionPlan plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        return plan.Setup().Axles.Map(axle => axle.TorquePerPascal(plan.Car.Hydraulics));
    }

    /// <summary>The four first stops that the page shows, at the everyday pedal force.</summary>
    public static ColdStopResult[] ComparedAtEverydayPedal(PredictionPlan plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        var pedal = EverydayPedalN(plan);
        var original = Original(plan);
        return [.. Shown.Select(stop => Compare(plan, original, stop.SpeedKmh, stop.StartC, pedal))];
    }

    /// <summary>The first stop that is judged: from 50 km/h at 5 C, at the everyday pedal force.</summary>
    public static ColdStopResult ColdMorning(PredictionPlan plan) => Compare(plan, 50, 5, EverydayPedalN(plan));

    /// <summary>A stop with the pads fitted and with the original ones.</summary>
    /// <param name="plan">The plan.</param>
    /// <param name="speedKmh">Speed before the stop, km/h.</param>
    /// <param name="startC">Temperature of brakes and air, C.</param>
    /// <param name="pedalN">Pedal force, N.</param>
    public static ColdStopResult Compare(PredictionPlan plan, double speedKmh, double startC, double pedalN)
    {
        ArgumentNullException.ThrowIfNull(plan);
        return Compare(plan, Original(plan), speedKmh, startC, pedalN);
    }

    private static PredictionPlan Original(PredictionPlan plan)
    {
        var pad = Pad.OriginalOf(plan.Car.OriginalPadFamily);
        return plan with { FrontPad = pad, RearPad = pad };
    }

    private static ColdStopResult Compare(PredictionPlan plan, PredictionPlan original, double speedKmh, double startC, double pedalN)
    {
        var fitted = Stop(plan, speedKmh, startC, pedalN);
        var yardstick = Stop(original, speedKmh, startC, pedalN);
        return new ColdStopResult(speedKmh, startC, pedalN, Banded(plan, speedKmh, fitted.Metres), yardstick.Metres, fitted.EndFaceC, fitted.Capped
            && yardstick.Capped);
    }

    /// <summary>Braking distance beyond the build-up goes as 1 / mu until the tyres limit it (first order: the warming stays the same).</summary>
    private static Spread Banded(PredictionPlan plan, double speedKmh, double metres)
    {
        var buildUp = StoppingDistance.BuildUpS * Speed.FromKmh(speedKmh);
        var tyres = StoppingDistance.Metres(speedKmh, AbsShareOfGrip * plan.Drive().GripG() * Speed.StandardGravityMS2);
        var band = Spread.Times(metres - buildUp, PriorSpread.Friction, 2);
        return new Spread(Math.Min(metres, Math.Max(tyres, buildUp + band.P10)), metres, buildUp + band.P90);
    }

    private static (double Metres, double EndFaceC, bool Capped) Stop(PredictionPlan plan, double speedKmh, double startC, double pedalN)
    {
        var car = plan.Car;
        var pressurePa = Materials.Air.PressurePa(plan.Circuit.AltitudeM);
        WheelFactors[] members = [WheelFactors.Median];
        var wheels = plan.Wheels();
        var (front, rear) = Axles.Of(axle => new AxleRun(wheels[axle], new(plan.At(axle).Pads.Pad), members, PadFactors.None, startC, pressurePa));
        front.BeginStop();
        rear.BeginStop();
        var perPascal = TorquePerPascal(plan);
        var bar = car.Hydraulics.PressureBar(pedalN);
        var pascal = car.Hydraulics.EffectivePascal(bar);
        var v = Speed.FromKmh(speedKmh);
        var most = AbsShareOfGrip * plan.Drive().GripG() * Speed.StandardGravityMS2;
        var metres = StoppingDistance.BuildUpS * v;
        var cappedSteps = 0;
        var steps = 0;
        var elapsedS = 0.0;
        while (v > 0.05 && steps < LongestS / StepS)
        {
            var factor = SpeedAndPressure.Factor(Speed.ToKmh(v), bar) * pascal * (plan.Weather.Rain ? RainFilm.Factor(elapsedS + (0.5 * StepS)) : 1);
            var frontTorque = perPascal.Front * front.DiscMuAhead[0] * factor;
            var rearTorque = perPascal.Rear * rear.DiscMuAhead[0] * factor;
            var wanted = (frontTorque + rearTorque) / car.TyreRadiusM / car.EffectiveMassKg();
            var slowing = Math.Min(wanted, most);
            cappedSteps += wanted >= most ? 1 : 0;
            steps++;
            var next = Math.Max(0, v - (slowing * StepS));
            var seconds = (v - next) / slowing;
            elapsedS += seconds;
            metres += 0.5 * (v + next) * seconds;
            var joules = 0.5 * car.EffectiveMassKg() * ((v * v) - (next * next)) * (1 - Circuits.BrakingWork.TyreSlipShare);
            var share = frontTorque / (frontTorque + rearTorque);
            front.Step(seconds, 0.5 * (v + next), Lanes.Create(joules * share), braking: true);
            rear.Step(seconds, 0.5 * (v + next), Lanes.Create(joules * (1 - share)), braking: true);
            v = next;
        }

        return (metres, front.FaceC[0], cappedSteps > steps / 2);
    }
}
