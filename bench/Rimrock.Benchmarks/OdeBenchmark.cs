using BenchmarkDotNet.Attributes;
using MathNet.Numerics.LinearAlgebra;
using Rimrock.Core.Heat;
using Rimrock.Core.Materials;
using Rimrock.Reference.Tests;

namespace Rimrock.Benchmarks;

/// <summary>
/// A minute of stops and straights of one wheel: Rimrock's network for eight members, and the same network for one member through a general-purpose
/// Runge-Kutta method of a mathematics library at the largest step that is stable (0.01 s; both then agree within half a kelvin, see OdeNetworkTests).
/// </summary>
public class OdeBenchmark
{
    private const int Stops = 4;
    private readonly PlainWheel plain = new();
    private WheelFactors[] members = [];

    /// <summary>Eight members.</summary>
    [GlobalSetup]
    public void Prepare() => members = [.. Enumerable.Repeat(WheelFactors.Median, Lane.Count)];

    /// <summary>Rimrock: 0.2 s on the brakes, 4 s off; all eight members.</summary>
    [Benchmark(Baseline = true)]
    public double Rimrock()
    {
        var wheel = new WheelNetwork(PlainWheel.Parts, members, PlainWheel.AmbientC, Air.SeaLevelPressurePa);
        for (var stop = 0; stop < Stops; stop++)
        {
            for (var i = 0; i < 20; i++)
            {
                wheel.Step(0.2, 50, Lanes.Create(120e3), braking: true);
            }

            for (var i = 0; i < 6; i++)
            {
                wheel.Step(2, 40, Lane.Zero, braking: false);
            }
        }

        return wheel.FaceInC[0];
    }

    /// <summary>The library: one member.</summary>
    [Benchmark]
    public double Library()
    {
        Vector<double> state = PlainWheel.Start(PlainWheel.AmbientC);
        for (var stop = 0; stop < Stops; stop++)
        {
            state = plain.Run(state, 4, 50, 120e3, braking: true);
            state = plain.Run(state, 12, 40, 0, braking: false);
        }

        return state[0];
    }
}
