using Rimrock.Core.Numerics;
using Rimrock.Core.Priors;
using Rimrock.Core.Rotors;

namespace Rimrock.Core.Vehicles;

/// <summary>What other front calipers do to the balance and to the pedal, before anything is bought.</summary>
/// <param name="AreaRatio">One-side piston area over the original's.</param>
/// <param name="FrontRatio">Front over rear one-side piston area.</param>
/// <param name="FrontRatioBefore">The same with the original calipers.</param>
/// <param name="FrontShare">Hydraulic front share with equal pads.</param>
/// <param name="FrontShareBefore">The same with the original calipers.</param>
/// <param name="IdealShare">Share that uses both axles' grip alike at 0.9 g, as sure as its layout.</param>
/// <param name="PedalMm">Pedal travel at 60 bar, cold.</param>
/// <param name="PedalBeforeMm">The same with the original calipers.</param>
/// <param name="Clears">False where the caliper does not clear the wheel; null where the wheel's barrel is unknown.</param>
/// <param name="Notes">What follows, in sentences.</param>
public sealed record CaliperSwap(double AreaRatio, double FrontRatio, double FrontRatioBefore, double FrontShare, double FrontShareBefore, Spread IdealShare,
    Spread PedalMm, Spread PedalBeforeMm, bool? Clears, IReadOnlyList<Said> Notes)
{
    /// <summary>Front share may move by this much before ABS and balance are felt to suffer (common practice: piston area near the original).</summary>
    public const double FeltShare = 0.03;

    private const double HardG = 0.9;
    private const double Bar = 60;
    private const double WarmC = 20;
    private const double EqualMu = 0.4;

    /// <summary>Sets other front calipers against the car's own.</summary>
    /// <param name="car">The car.</param>
    /// <param name="front">The other calipers.</param>
    /// <param name="frontRotor">Front rotors.</param>
    /// <param name="rearRotor">Rear rotors.</param>
    /// <param name="lines">Flexible lines.</param>
    public static CaliperSwap Of(Car car, AxleBrake front, Rotor frontRotor, Rotor rearRotor, BrakeLine lines)
    {
        ArgumentNullException.ThrowIfNull(car);
        ArgumentNullException.ThrowIfNull(front);
        ArgumentNullException.ThrowIfNull(frontRotor);
        ArgumentNullException.ThrowIfNull(rearRotor);
        var other = car with { Front = front };
        double Share(Car of) => BrakeBalance.HydraulicFrontShare(
            of.Hydraulics.AxleTorquePerPascal(of.Front, of.Front.EffectiveRadiusM(frontRotor)),
            of.Hydraulics.AxleTorquePerPascal(of.Rear, of.Rear.EffectiveRadiusM(rearRotor)), of.Front.DiscMu(EqualMu), of.Rear.DiscMu(EqualMu));
        Spread Pedal(Car of) => Spread.Around(PedalTravel.Mm(of, lines, Bar, WarmC, WarmC), PedalTravel.SpreadShare);
        var area = front.OneSidePistonAreaM2() / car.Front.OneSidePistonAreaM2();
        var rear = car.Rear.OneSidePistonAreaM2();
        var (share, before) = (Share(other), Share(car));
        var ideal = BrakeBalance.IdealFrontShare(car.StaticFrontShare, HardG, car.CgHeightM, car.WheelbaseM);
        bool? clears = car.WheelBarrelMm is { } barrel ? frontRotor.OuterDiameterMm + (2 * AxleBrake.BridgeMm) <= barrel : null;
        var notes = new List<Said>
        {
            Math.Abs(area - 1) <= 0.1 ? car.Electronics ? Said.Of("caliper-swap.piston-area-stays-near") : Said.Of("caliper-swap.piston-area-as-pedal-knows")
                : area > 1 ? Said.Of("caliper-swap.piston-area-grows-longer", Units.Percent(100 * (area - 1)))
                : Said.Of("caliper-swap.piston-area-shrinks-shorter", Units.Percent(100 * (1 - area))),
        };
        if (Math.Abs(share - before) > FeltShare)
        {
            notes.Add(share > before
                ? car.Electronics ? Said.Of("caliper-swap.front-works-harder-points", 100 * (share - before))
                    : Said.Of("caliper-swap.front-locks-first", 100 * (share - before))
                : Said.Of("caliper-swap.rear-works-harder-points", 100 * (before - share), car.Electronics
                    ? Said.Of("caliper-swap.electronics-must-hold-back") : Said.Of("caliper-swap.may-lock-first-nothing")));
        }

        if (clears == false)
        {
            notes.Add(Said.Of("caliper-swap.rotor-caliper-do-not"));
        }

        return new CaliperSwap(Math.Round(area, 3), Math.Round(front.OneSidePistonAreaM2() / rear, 2), Math.Round(car.Front.OneSidePistonAreaM2() / rear, 2),
            Math.Round(share, 3), Math.Round(before, 3), Spread.Normal(ideal, PriorSpread.FrontShare, 3),
            Pedal(other), Pedal(car), clears, notes);
    }
}
