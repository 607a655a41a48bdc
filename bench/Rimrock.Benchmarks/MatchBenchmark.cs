using BenchmarkDotNet.Attributes;
using Rimrock.Core.Circuits;
using Rimrock.Core.Driving;
using Rimrock.Core.Fitting;
using Rimrock.Core.Fluids;
using Rimrock.Core.Friction;
using Rimrock.Core.Rotors;
using Rimrock.Core.Vehicles;

namespace Rimrock.Benchmarks;

/// <summary>The whole shelf at the goal's size: 60 front pads, 60 rear pads, 24 rotors, 3 ducts, 40 fluids.</summary>
public class MatchBenchmark
{
    private PredictionPlan plan = null!;
    private Offer offer = null!;

    /// <summary>A made-up shelf: families and rings varied by a few per cent.</summary>
    [GlobalSetup]
    public void Prepare()
    {
        var guess = CarGuess.From("benchmark", 1500, 130, "sport");
        var circuit = new Circuit("benchmark", Segments: [new(800), new(150, 120), new(300), new(120, 60), new(500), new(200, 150), new(400), new(150, 90)]);
        var pad = new Pad("benchmark", "organic");
        plan = new PredictionPlan(guess.Car, circuit, "advanced", new StintPlan(3, 20, 40), new Weather(), pad, pad, guess.FrontRotor, guess.RearRotor,
            new BrakeFluid("benchmark", "dot4", 250, 165, 15), new FluidState(6));
        var families = PadFamilies.All.Where(family => family.Code != PadFamilies.CarbonCeramicCode).ToList();
        offer = new Offer(
            [.. Enumerable.Range(0, 60).Select(i => families[i % families.Count]).Select((family, i) => new Part<Pad>($"p{i}", new Pad($"pad {i}", family.Code,
                [.. family.Curve.Select(point => new CurvePoint(point.TemperatureC + (point.TemperatureC > 150 ? i % 7 * 6 : 0),
                    point.Mu * (0.94 + (i % 9 * 0.015))))], PriceAxleSet: 60 + (7 * i))))],
            [.. Enumerable.Range(0, 24).Select(i => new Part<Rotor>($"r{i}",
                guess.FrontRotor with { Name = $"rotor {i}", OuterDiameterMm = guess.FrontRotor.OuterDiameterMm + i,
                InnerDiameterMm = guess.FrontRotor.InnerDiameterMm + (i / 2), Price = 70 + (12 * i) }))],
            [new("d0", new DuctKit("duct 63", new WheelDuct(63, Shield.Trimmed), 90)),
                new("d1", new DuctKit("duct 76", new WheelDuct(76, Shield.Trimmed), 120))],
            [.. Enumerable.Range(0, 40).Select(i => new Part<BrakeFluid>($"f{i}", new BrakeFluid($"fluid {i}", "dot4", 240 + (2 * i), 160 + i, 12 + i)))],
            []);
    }

    /// <summary>The search alone, which only nominates.</summary>
    [Benchmark(Baseline = true)]
    public Matcher Search() => Matcher.Search(plan, offer, new Wishes(RoadApprovalMust: false));

    /// <summary>Search, and everything judged by 64 members.</summary>
    [Benchmark]
    public MatchAnswer Sketch() => Search().Answer(MatchStage.Sketch);

    /// <summary>The same, and the fitted car, three rows and the steps by 256.</summary>
    [Benchmark]
    public MatchAnswer First()
    {
        var matcher = Search();
        matcher.Answer(MatchStage.Sketch);
        return matcher.Answer(MatchStage.First);
    }

    /// <summary>The whole of it, small dangers by 1024.</summary>
    [Benchmark]
    public MatchAnswer Whole()
    {
        var matcher = Search();
        matcher.Answer(MatchStage.Sketch);
        matcher.Answer(MatchStage.First);
        return matcher.Answer(MatchStage.Whole);
    }
}
