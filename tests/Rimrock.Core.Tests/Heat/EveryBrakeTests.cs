using CsCheck;
using Rimrock.Core.Friction;
using Rimrock.Core.Heat;
using Rimrock.Core.Rotors;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Tests.Heat;

/// <summary>Laws that hold for every kind of brake, over generated cases.</summary>
public class EveryBrakeTests
{
    private static readonly Gen<WheelParts> AnyWheel =
        from kind in Gen.Int[0, 6]
        from caliper in Gen.Int[0, 2].Select(i => (CaliperKind)i)
        from piston in Gen.Int[0, 2].Select(i => (PistonMaterial)i)
        from shield in Gen.Int[0, 2].Select(i => (Shield)i)
        from aim in Gen.Int[0, 1].Select(i => (DuctAim)i)
        from hose in Gen.Double[0, 100]
        from mm in Gen.Double[3, 11]
        from family in Gen.Int[0, PadFamilies.All.Count - 1]
        from hot in Gen.Bool
        select new WheelParts(RotorOf(kind), kind == 6
            ? new AxleBrake(CaliperKind.Drum, [20.6], 75, 42, 11, 1.5, 2.5) : SampleParts.FrontBrake with { Caliper = caliper, Pistons = piston },
            PadFamilies.All[family], mm, new WheelDuct(hose, shield, aim), 0.315, CaliperSource: hot ? new OutsideHeat(HeatedPlace.Caliper) : null);

    private static Rotor RotorOf(int kind) => kind switch
    {
        0 => SampleParts.FrontRing,
        1 => SampleParts.RearRing,
        2 => SampleParts.FrontRing with { Vanes = VaneKind.Pillar, Construction = RotorConstruction.TwoPiece },
        3 => SampleParts.FrontRing with { Vanes = VaneKind.Curved, Material = RingMaterial.CarbonCeramic },
        4 => SampleParts.FrontRing with { Material = RingMaterial.CarbonCarbon, Construction = RotorConstruction.TwoPiece },
        5 => new Rotor("motorcycle", 220, 160, 5, 4.5),
        _ => new Rotor("drum", 228, 100, 7, 5, Construction: RotorConstruction.Drum),
    };

    private static WheelNetwork Driven(WheelParts parts, double kw, double ambient, out double coldJ)
    {
        var wheel = SampleParts.Network(parts, ambient);
        coldJ = wheel.StoredJ()[0];
        for (var stop = 0; stop < 5; stop++)
        {
            for (var i = 0; i < 15; i++)
            {
                wheel.Step(0.2, 40, Lanes.Create(kw * 1000), braking: true);
            }

            for (var i = 0; i < 10; i++)
            {
                wheel.Step(2, 35, Lane.Zero, braking: false, Lanes.Create(300.0));
            }
        }

        for (var i = 0; i < 40; i++)
        {
            wheel.Step(30, 0, Lane.Zero, braking: false);
        }

        return wheel;
    }

    [Fact]
    public void What_goes_in_is_stored_or_lost_in_every_brake() =>
        Gen.Select(AnyWheel, Gen.Double[5, 90], Gen.Double[-20, 45]).Sample(
            (parts, kw, ambient) =>
            {
                var wheel = Driven(parts, kw, ambient, out var cold);
                var off = wheel.Paths.In[0] - wheel.Paths.Out[0] - (wheel.StoredJ()[0] - cold);
                Math.Abs(off).ShouldBeLessThan(0.001 * wheel.Paths.In[0]);
            },
            iter: 60);

    [Fact]
    public void Nothing_ends_colder_than_the_air_or_hotter_than_its_heat_allows() =>
        Gen.Select(AnyWheel, Gen.Double[5, 60]).Sample(
            (parts, kw) =>
            {
                var wheel = Driven(parts, kw, 10, out _);
                foreach (var celsius in new[] { wheel.BulkC[0], wheel.FluidC[0], wheel.CaliperC[0], wheel.HatC[0], wheel.PadCoreC[0], wheel.PlateC[0] })
                {
                    celsius.ShouldBeInRange(10 - 1e-6, 1500);
                }
            },
            iter: 60);

    [Fact]
    public void Half_the_mass_runs_hotter_whatever_the_kind() =>
        AnyWheel.Sample(
            parts =>
            {
                double Peak(double share)
                {
                    var wheel = SampleParts.Network(parts with { Rotor = parts.Rotor with { RingMassKg = share * parts.Rotor.GeometricMassKg() } });
                    for (var i = 0; i < 15; i++)
                    {
                        wheel.Step(0.2, 40, Lanes.Create(15e3), braking: true);
                    }

                    return wheel.BulkC[0];
                }

                Peak(0.5).ShouldBeGreaterThan(Peak(1));
            },
            iter: 30);
}
