using Rimrock.Core.Circuits;
using Rimrock.Core.Numerics;
using Rimrock.Core.Quantities;
using Rimrock.Core.Rotors;
using Rimrock.Core.Vehicles;

namespace Rimrock.Reference.Tests;

/// <summary>
/// Energy of a stop and what it does to a ring: hand formulas (kinetic energy; Limpert, Brake Design and Safety, 2011,
/// chapter 3, for the series of stops; from memory).
/// </summary>
public class BrakingEnergyTests
{
    private const double FrontShare = 0.72;
    private const double RotorShare = 0.95;
    private const double RingKg = 7.5;

    /// <summary>A car that only brakes slow down: no air, rolling or engine.</summary>
    private static Car Bare(double massKg, double rotating) => CarGuess.From("bare", massKg, 100, "summer").Car with
    {
        RotatingMassFactor = rotating,
        DragAreaM2 = 0,
        RollingResistance = 0,
        EngineBrakingMS2 = 0,
    };

    private static double Joules(Car car, double fromKmh, double toKmh, double seconds) =>
        BrakingWork.Joules(car, Speed.FromKmh(fromKmh), Speed.FromKmh(toKmh), seconds, 1.2, 0) / (1 - BrakingWork.TyreSlipShare);

    [Fact]
    public void One_adiabatic_stop_heats_the_ring_as_computed_by_hand()
    {
        var joules = Joules(Bare(1560, 1.04), 180, 60, 4);
        joules.ShouldBe(1.80267e6, 1e1);
        var rotor = joules * FrontShare / 2 * RotorShare;
        rotor.ShouldBe(0.61651e6, 1e1);
        (rotor / (RingKg * 520)).ShouldBe(158.1, 0.05);
        RotorMaterial.GreyIron.TemperatureC(RotorMaterial.GreyIron.EnthalpyJKg(100) + (rotor / RingKg)).ShouldBe(261.6, 0.05);
    }

    /// <summary>The heating snubs of UN R13-H type I / FMVSS 135 (from memory): 15 from 120 to 60 km/h at 3 m/s2, 45 s apart.</summary>
    [Fact]
    public void The_regulations_fifteen_snubs_reach_the_temperature_of_the_closed_series()
    {
        var car = Bare(2080, 1.03);
        var seconds = Speed.FromKmh(60) / 3;
        var snub = Joules(car, 120, 60, seconds);
        snub.ShouldBe(0.89267e6, 1e1);
        seconds.ShouldBe(5.556, 0.001);
        (15 * snub).ShouldBe(13.390e6, 1e3);
        var wheelEnd = snub * FrontShare / 2;
        wheelEnd.ShouldBe(0.32136e6, 1e1);
        var rise = wheelEnd * RotorShare / (RingKg * 540);
        rise.ShouldBe(75.38, 0.01);

        // One lump that cools with 220 s, heated at once at each snub, in the core's solver.
        var ring = new ChainSolver(3, 60);
        var capacity = RingKg * 540;
        ring.Capacity[1] = Lanes.Create(capacity);
        ring.Capacity[0] = ring.Capacity[2] = Lanes.Create(1e-6);
        ring.Link[0] = ring.Link[1] = Lanes.Create(1e-9);
        ring.Sink[1] = Lanes.Create(capacity / 220);
        ring.Source[1] = Lanes.Create(capacity / 220 * 20);
        var before = 0.0;
        for (var stop = 1; stop <= 15; stop++)
        {
            before = ring.Temperature[1][0];
            ring.Temperature[1] += Lanes.Create(rise);
            if (stop == 15)
            {
                break;
            }

            for (var i = 0; i < 90; i++)
            {
                ring.Step(0.5);
            }
        }

        ring.Temperature[1][0].ShouldBe(410.8, 0.1);
        before.ShouldBe(335.5, 0.1);
    }

    [Fact]
    public void Brake_load_rises_with_the_square_of_speed_and_in_proportion_to_mass()
    {
        var light = Joules(Bare(1000, 1), 100, 0, 3);
        Joules(Bare(2000, 1), 100, 0, 3).ShouldBe(2 * light, 1e-6 * light);
        Joules(Bare(1000, 1), 200, 0, 3).ShouldBe(4 * light, 1e-6 * light);
    }

    [Fact]
    public void Balance_and_hydraulics_agree_with_the_worked_example()
    {
        BrakeBalance.IdealFrontShare(0.58, 0.9, 0.56, 2.70).ShouldBe(0.7667, 5e-5);
        var hydraulics = new Hydraulics();
        var front = new AxleBrake(CaliperKind.Sliding, [57], 58, 50);
        var rear = new AxleBrake(CaliperKind.Sliding, [38], 38, 42);
        var share = BrakeBalance.HydraulicFrontShare(hydraulics.AxleTorquePerPascal(front, 0.132), hydraulics.AxleTorquePerPascal(rear, 0.125), 0.4, 0.4);
        share.ShouldBe(0.7038, 5e-5);
        BrakeBalance.BalancedDecelerationG(share, 0.58, 0.56, 2.70).ShouldBe(0.597, 5e-4);
    }

    [Theory]
    [InlineData(0.38, 7.127, 64.1)]
    [InlineData(0.22, 4.126, 103.5)]
    public void A_stop_at_a_given_pedal_force_is_as_long_as_computed_by_hand(double mu, double slowing, double metres)
    {
        var hydraulics = new Hydraulics(23.81, 3.5, 4.5, 3200, 0.5, 0.96);
        var bar = hydraulics.PressureBar(150);
        bar.ShouldBe(53.06, 0.01);
        var front = hydraulics.AxleTorquePerPascal(new AxleBrake(CaliperKind.Sliding, [57], 58, 50), 0.132);
        var rear = hydraulics.AxleTorquePerPascal(new AxleBrake(CaliperKind.Sliding, [38], 38, 42), 0.125);
        var a = (front + rear) * mu * hydraulics.EffectivePascal(bar) / 0.315 / 1635;
        a.ShouldBe(slowing, 0.002);
        StoppingDistance.Metres(100, a).ShouldBe(metres, 0.05);
    }

    [Fact]
    public void The_regulations_longest_distance_is_what_its_own_formula_gives()
    {
        // UN R13-H type 0: 0.1 v + 0.0060 v2 with v in km/h, 70 m at 100 km/h (from memory).
        var slowest = 1 / (2 * 0.0060 * 3.6 * 3.6);
        StoppingDistance.Metres(100, slowest).ShouldBe(70, 0.01);
    }
}
