using BenchmarkDotNet.Attributes;
using Rimrock.Core.Beliefs;
using Rimrock.Core.Circuits;
using Rimrock.Core.Driving;
using Rimrock.Core.Fluids;
using Rimrock.Core.Friction;
using Rimrock.Core.Vehicles;

namespace Rimrock.Benchmarks;

/// <summary>
/// What a log teaches: days of two sessions with a paint and a sticker each. Goals: four days from nothing 3 s, a day more 1.5 s, twenty 20 s.
/// </summary>
public class LearnBenchmark
{
    private EvidenceDay[] season = [];
    private LearningMemory memory = null!;

    /// <summary>A car that runs a little hotter than the middle of what is believed, in weather from 8 to 27 C.</summary>
    [GlobalSetup]
    public void Prepare()
    {
        var guess = CarGuess.From("benchmark", 1500, 130, "sport");
        var circuit = new Circuit("benchmark", Segments: [new(800), new(150, 120), new(300), new(120, 60), new(500), new(200, 150), new(400), new(150, 90)]);
        var pad = new Pad("benchmark", "track-sport");
        var plan = new PredictionPlan(guess.Car, circuit, "advanced", new StintPlan(2, 20, 60), new Weather(), pad, pad, guess.FrontRotor, guess.RearRotor,
            new BrakeFluid("benchmark", "dot4", 250, 165, 15), new FluidState(6));
        season = [.. Enumerable.Range(0, 20).Select(day => Seen(plan with { Weather = new Weather(8 + day) }, day))];
        memory = Remembering(season[..4]);
    }

    /// <summary>Four days, nothing known of any of them.</summary>
    [Benchmark(Baseline = true)]
    public Learnt FourDays() => Learning.From(season[..4]);

    /// <summary>A fifth day, the four before it learnt from already.</summary>
    [Benchmark]
    public Learnt OneMore() => Learning.From(season[..5], memory: Remembered());

    /// <summary>A whole season from nothing.</summary>
    [Benchmark]
    public Learnt TwentyDays() => Learning.From(season);

    // Each time the fifth day is new: what it left is forgotten with the copy.
    private LearningMemory Remembered() => memory.Copy();

    private static LearningMemory Remembering(EvidenceDay[] days)
    {
        var memory = new LearningMemory(day => $"{day.Plan.Weather} {string.Join(' ', day.Observations)}");
        Learning.From(days, memory: memory);
        return memory;
    }

    // What the middle of the prior predicts, a little more, between the edges of its paint and its sticker.
    private static EvidenceDay Seen(PredictionPlan plan, int day)
    {
        var told = Learning.From([new EvidenceDay(plan, [new(ObservationKind.RotorPaint, AboveC: 60), new(ObservationKind.CaliperSticker, AboveC: 45)])]).Seen;
        double Below(int place, double step, double more) => Math.Floor((told[place].Before.P50 + more + (day % 3 * 0.3 * step)) / step) * step;
        var (paint, sticker) = (Below(0, 60, 20), Below(1, 15, 5));
        return new EvidenceDay(plan, [new(ObservationKind.RotorPaint, AboveC: paint, BelowC: paint + 60),
            new(ObservationKind.CaliperSticker, AboveC: sticker, BelowC: sticker + 15)]);
    }
}
