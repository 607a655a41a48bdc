using MathNet.Numerics.LinearAlgebra;
using MathNet.Numerics.OdeSolvers;
using Rimrock.Core.Friction;
using Rimrock.Core.Heat;
using Rimrock.Core.Materials;
using Rimrock.Core.Rotors;
using Rimrock.Core.Vehicles;

namespace Rimrock.Reference.Tests;

/// <summary>Nodes: two cheeks of 6, vane, two pads of 6, two plates, two piston rows, two fluids, caliper, hat, hub.</summary>
internal sealed class PlainWheel
{
    public const double AmbientC = 20;
    public const int Plate = 25;
    public const int Fluid = 29;
    public const int Caliper = 31;
    private const int Vane = 12, Pads = 13, Pistons = 27, Hat = 32, Hub = 33, Count = 34;
    public static readonly WheelParts Parts = new(
        new Rotor("ring", 320, 210, 28, 26, VaneKind.Straight, 8, 37, 5.5),
        new AxleBrake(CaliperKind.Fixed, [40, 36], 60, 50, 12, 3, 3.2, AluminiumCaliper: true),
        PadFamilies.Find("track-sport"), 12, new WheelDuct(), 0.315);

    private readonly double face = Parts.Rotor.FaceAreaM2();
    private readonly double cell = Parts.CheekM() / 6;
    private double power, speed, drag;
    private bool on;

    public static Vector<double> Start(double celsius) => Vector<double>.Build.Dense(Count, celsius);

    public double Bulk(Vector<double> t)
    {
        var cellKg = Parts.RingDensityKgM3() * face * cell;
        var vaneKg = VaneKg();
        return ((Enumerable.Range(0, 12).Sum(i => t[i]) * cellKg) + (t[Vane] * vaneKg)) / ((12 * cellKg) + vaneKg);
    }

    public double FaceNear(Vector<double> t, int cheek)
    {
        var flow = on ? power / 2 * 0.95 : 0;
        return t[cheek * 6] + (flow / face / WheelFactors.Median.RubbedShare * cell / (2 * RotorMaterial.GreyIron.ConductivityWMK(t[cheek * 6])));
    }

    public Vector<double> Run(Vector<double> start, double seconds, double speedMS, double powerW, bool braking, double stepS = 0.01)
    {
        (power, speed, on) = (powerW, speedMS, braking);
        drag = braking ? 0 : WheelFactors.Median.DragNM * speedMS / Parts.TyreRadiusM;
        var steps = (int)Math.Ceiling(seconds / stepS);
        return RungeKutta.FourthOrder(start, 0, seconds, steps + 1, (_, t) => Slope(t))[steps];
    }

    private double VaneKg() => Parts.RingDensityKgM3() * face * Parts.Rotor.VaneGapMm / 1000 * Parts.Rotor.VaneFill();

    private Vector<double> Slope(Vector<double> t)
    {
        var flow = new double[Count];
        var capacity = new double[Count];
        void Link(int a, int b, double g)
        {
            flow[a] += g * (t[b] - t[a]);
            flow[b] += g * (t[a] - t[b]);
        }

        var excess = Math.Max(0, t[Vane] - AmbientC);
        var airC = AmbientC + (15 * 1.25 * excess / (excess + 100));
        var air = new WheelAir(Parts, Lane.One, Lane.One, Air.SeaLevelPressurePa);
        air.Update(Lanes.Create(speed), Lanes.Create(speed / Parts.TyreRadiusM), Lanes.Create((t[0] + t[6]) / 2), Lanes.Create(t[Vane]), Lanes.Create(airC));
        var exposed = (face * (1 - Parts.CoveredShare())) + (Math.PI * Parts.Rotor.OuterRadiusM() * Parts.Rotor.ThicknessMm / 1000);
        var surface = 2 * Parts.PadAreaM2() * (on ? 100_000 : speed > 0 ? 400 : 300);
        var padCell = Parts.PadMm / 1000 / 6;
        var padLink = Parts.Pad.ConductivityWMK * Parts.PadAreaM2() / padCell;
        for (var side = 0; side < 2; side++)
        {
            int first = side * 6, pad = Pads + (side * 6), plate = Plate + side, piston = Pistons + side, fluid = Fluid + side;
            var k = RotorMaterial.GreyIron.ConductivityWMK(t[first + 3]);
            for (var i = 0; i < 6; i++)
            {
                capacity[first + i] = Parts.RingDensityKgM3() * face * cell * RotorMaterial.GreyIron.SpecificHeatJKgK(t[first + i]);
                capacity[pad + i] = Parts.Pad.DensityKgM3 * Parts.Pad.SpecificHeatJKgK * Parts.PadAreaM2() * padCell;
                if (i < 5)
                {
                    Link(first + i, first + i + 1, k * face / cell);
                    Link(pad + i, pad + i + 1, padLink);
                }
            }

            var kVane = RotorMaterial.GreyIron.ConductivityWMK(t[Vane]);
            Link(first + 5, Vane, 1 / ((cell / (2 * kVane * face)) + (Parts.Rotor.VaneGapMm / 1000 / (2 * kVane * face * Parts.Rotor.VaneFill()))));
            var rotorSide = 1 / ((cell / (2 * k * face)) + (1 / surface));
            var padSide = 1 / ((1 / (2 * padLink)) + (1 / surface));
            Link(first, pad, rotorSide * padSide / (rotorSide + padSide));
            var born = (on ? power : drag) / 2;
            flow[first] += born * rotorSide / (rotorSide + padSide);
            flow[pad] += born * padSide / (rotorSide + padSide);

            Link(pad + 5, plate, 2 * padLink);
            Link(plate, piston, Parts.PlateToPistonWK(1500));
            Link(piston, fluid, Parts.PistonToFluidWK(300));
            Link(piston, Caliper, Parts.PistonToBodyWK());
            Link(fluid, Caliper, Parts.FluidToBodyWK(300));
            Link(plate, Caliper, WheelParts.PlateToCarrierWK());
            flow[plate] += air.HatWM2K[0] * 0.5 * Parts.PlateOpenM2() * (airC - t[plate]);
            capacity[plate] = Parts.PlateCapacityJK();
            capacity[piston] = Parts.PistonCapacityJK();
            capacity[fluid] = Parts.FluidCapacityJK();

            flow[first] += air.FaceWM2K[0] * exposed * (side == 0 ? 0.6 : 1) * (airC - t[first]);
            flow[first] += 0.65 * 5.670374e-8 * exposed * (Math.Pow(AmbientC + 273.15, 4) - Math.Pow(t[first] + 273.15, 4));
            var toCaliper = 0.65 * 5.670374e-8 * 0.15 * Parts.CaliperViewM2() * (Math.Pow(t[first] + 273.15, 4) - Math.Pow(t[Caliper] + 273.15, 4));
            flow[first] -= toCaliper;
            flow[Caliper] += toCaliper;
        }

        foreach (var node in new[] { 5, 11, Vane })
        {
            flow[node] += air.VanesWK[0] / 3 * (airC - t[node]);
        }

        Link(11, Hat, Parts.RingToHatWK());
        Link(Hat, Hub, 3);
        flow[Hat] += air.HatWM2K[0] * Parts.HatAreaM2() * (airC - t[Hat]);
        flow[Hub] += 6 * (AmbientC - t[Hub]);
        flow[Caliper] += (1 + (4 * Math.Pow(speed / (100 / 3.6), 0.8))) * (AmbientC - t[Caliper]);
        capacity[Vane] = VaneKg() * RotorMaterial.GreyIron.SpecificHeatJKgK(t[Vane]);
        capacity[Hat] = Parts.HatCapacityJK();
        capacity[Hub] = 1500;
        capacity[Caliper] = Parts.CaliperCapacityJK();
        return Vector<double>.Build.Dense(Count, i => flow[i] / capacity[i]);
    }
}
