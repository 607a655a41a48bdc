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
/// <param name="ForceN">Force at the pedal for 1 g with equal pads, N.</param>
/// <param name="ForceBeforeN">The same with what is fitted.</param>
/// <param name="LeverRatio">Torque of the front axle for the same pressure by the rotor's size alone, over that of what is fitted.</param>
/// <param name="RestoringMm">Bore of the master cylinder, in sixteenths of an inch as they are made, that brings the pedal's way back, mm.</param>
/// <param name="LocksG">Deceleration from which on the rear locks first where no electronics let it turn, g; null where it never does, or they do.</param>
/// <param name="LocksBeforeG">The same with what is fitted.</param>
public sealed record CaliperSwap(double AreaRatio, double FrontRatio, double FrontRatioBefore, double FrontShare, double FrontShareBefore, Spread IdealShare,
    Spread PedalMm, Spread PedalBeforeMm, bool? Clears, IReadOnlyList<Said> Notes, double ForceN, double ForceBeforeN, double LeverRatio, double RestoringMm,
    double? LocksG, double? LocksBeforeG)
{
    /// <summary>Master cylinders are made in sixteenths of an inch, mm (common practice).</summary>
    public const double BoreStepMm = 25.4 / 16;

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
    /// <param name="with">What else is other; null for nothing.</param>
    public static CaliperSwap Of(Car car, AxleBrake front, Rotor frontRotor, Rotor rearRotor, BrakeLine lines, OtherParts? with = null)
    {
        ArgumentNullException.ThrowIfNull(car);
        ArgumentNullException.ThrowIfNull(front);
        ArgumentNullException.ThrowIfNull(frontRotor);
        ArgumentNullException.ThrowIfNull(rearRotor);
        var parts = with ?? new OtherParts();
        return Between(car, parts.On(car) with { Front = front }, new(frontRotor, rearRotor), new(parts.On(frontRotor), rearRotor), lines);
    }

    /// <summary>Sets a car with other calipers or another master cylinder against the same car as it is.</summary>
    /// <param name="car">The car as it is.</param>
    /// <param name="other">The car with them.</param>
    /// <param name="rotors">Rotors as they are.</param>
    /// <param name="otherRotors">Rotors with them.</param>
    /// <param name="lines">Flexible lines.</param>
    public static CaliperSwap Between(Car car, Car other, Axles<Rotor> rotors, Axles<Rotor> otherRotors, BrakeLine lines)
    {
        ArgumentNullException.ThrowIfNull(car);
        ArgumentNullException.ThrowIfNull(other);
        Axles<Rotor> On(Car of) => ReferenceEquals(of, other) ? otherRotors : rotors;
        double Front(Car of) => of.Hydraulics.AxleTorquePerPascal(of.Front, of.Front.EffectiveRadiusM(On(of).Front)) * of.Front.DiscMu(EqualMu);
        double Rear(Car of) => of.Hydraulics.RearPressureShare * of.Hydraulics.AxleTorquePerPascal(of.Rear, of.Rear.EffectiveRadiusM(On(of).Rear))
            * of.Rear.DiscMu(EqualMu);
        double Share(Car of) => Front(of) / (Front(of) + Rear(of));
        double Force(Car of) => Math.Round(of.Hydraulics.PedalForceN(of.Hydraulics.LineBar(
            of.EffectiveMassKg() * Speed.StandardGravityMS2 * of.TyreRadiusM / (Front(of) + Rear(of)))));
        double? Locks(Car of) => of.Electronics || of.Kind != VehicleKind.Car ? null
            : LockOrder.CriticalG(of, Front(of), Rear(of), of.CgHeightM, LockOrder.MostG) is var g && double.IsFinite(g) ? Math.Round(g, 2) : null;
        Spread Pedal(Car of) => Spread.Around(PedalTravel.Mm(of, lines, Bar, WarmC, WarmC), PedalTravel.SpreadShare);
        var front = other.Front;
        var area = front.OneSidePistonAreaM2() / car.Front.OneSidePistonAreaM2();
        var (rear, rearNow) = (other.Rear.OneSidePistonAreaM2(), car.Rear.OneSidePistonAreaM2());
        var (share, before) = (Share(other), Share(car));
        var ideal = BrakeBalance.IdealFrontShare(car.StaticFrontShare, HardG, car.CgHeightM, car.WheelbaseM);
        bool? clears = car.WheelBarrelMm is { } barrel ? otherRotors.Front.OuterDiameterMm + (2 * AxleBrake.BridgeMm) <= barrel : null;
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

        var (locks, lockedBefore) = (Locks(other), Locks(car));
        if (locks is { } now && now < (lockedBefore ?? double.PositiveInfinity) - LockOrder.FeltG)
        {
            notes.Add(Said.Of("caliper-swap.rear-locks-from", now));
        }

        var restoring = car.Hydraulics.MasterCylinderMm * Math.Sqrt(Pedal(other with { Hydraulics = car.Hydraulics }).P50 / Pedal(car).P50);
        return new CaliperSwap(Math.Round(area, 3), Math.Round(front.OneSidePistonAreaM2() / rear, 2),
            Math.Round(car.Front.OneSidePistonAreaM2() / rearNow, 2),
            Math.Round(share, 3), Math.Round(before, 3), Spread.Normal(ideal, PriorSpread.FrontShare, 3),
            Pedal(other), Pedal(car), clears, notes, Force(other), Force(car),
            Math.Round(front.EffectiveRadiusM(otherRotors.Front) / front.EffectiveRadiusM(rotors.Front), 3),
            Math.Round(Math.Round(restoring / BoreStepMm) * BoreStepMm, 2), locks, lockedBefore);
    }
}
