using BenchmarkDotNet.Attributes;
using Rimrock.Core.Circuits;
using Rimrock.Core.Driving;
using Rimrock.Core.Fitting;
using Rimrock.Core.Fluids;
using Rimrock.Core.Friction;
using Rimrock.Core.Heat;
using Rimrock.Core.Runs;
using Rimrock.Core.Vehicles;

namespace Rimrock.Benchmarks;

/// <summary>One session of 20 minutes and 10 minutes parked, both axles; a whole prediction; a step of one wheel.</summary>
[MemoryDiagnoser]
public class SessionBenchmark
{
    private PredictionPlan plan = null!;
    private Day day = null!;
    private DayPhase[] session = null!;
    private WheelNetwork wheel = null!;

    /// <summary>A typical car on a made-up circuit.</summary>
    [GlobalSetup]
    public void Prepare()
    {
        var guess = CarGuess.From("benchmark", 1500, 130, "sport");
        var circuit = new Circuit("benchmark", Segments:
        [
            new(800), new(150, 120), new(300), new(120, 60), new(500), new(200, 150), new(400), new(150, 90),
        ]);
        var pad = new Pad("benchmark", "track-sport");
        plan = new PredictionPlan(guess.Car, circuit, "advanced", new StintPlan(1, 20, 10), new Weather(), pad, pad, guess.FrontRotor, guess.RearRotor,
            new BrakeFluid("benchmark", "dot4", 250, 165), new FluidState(6));
        day = new Day(plan);
        session = [.. day.Phases.Where(phase => phase.Kind != PhaseKind.Parked), new DayPhase(1, PhaseKind.Parked, 0, DrivingSchedule.Parked(10))];
        wheel = new WheelNetwork(new WheelParts(plan.FrontRotor, plan.Car.Front, PadFamilies.Find("track-sport"), 10, new WheelDuct(), 0.31),
            [.. Enumerable.Repeat(WheelFactors.Median, 4)], 20, 101325);
    }

    /// <summary>Both axles, eight members at once.</summary>
    [Benchmark(Baseline = true)]
    public DayRun OneSession()
    {
        var run = new DayRun(plan, CarFactors.Corners);
        foreach (var phase in session)
        {
            run.Run(phase);
        }

        return run;
    }

    /// <summary>The lap simulation and the cutting of the day.</summary>
    [Benchmark]
    public Day LapAndSchedule() => new(plan);

    /// <summary>Everything a page asks for.</summary>
    [Benchmark]
    public PredictionResult WholePrediction() => Predictor.Predict(plan);

    /// <summary>The session for 256 members on all cores, with bands and probabilities.</summary>
    [Benchmark]
    public BandResult WholeEnsemble() => Ensemble.Run(plan);

    /// <summary>One step of one wheel, eight members: must allocate nothing.</summary>
    [Benchmark]
    public void WheelStep() => wheel.Step(0.1, 40, Lanes.Create(10000.0), braking: true);
}
