using Rimrock.Core.Circuits;
using Rimrock.Core.Driving;
using Rimrock.Core.Fitting;
using Rimrock.Core.Fluids;
using Rimrock.Core.Friction;
using Rimrock.Core.Rotors;
using Rimrock.Core.Runs;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Tests.Fitting;

/// <summary>
/// What holds for every plan that is accepted, on cars, circuits and days drawn at random; each by its seed, so that a failure can be run again.
/// </summary>
public class RandomPlanTests
{
    private static T Any<T>(Random random, IReadOnlyList<T> of) => of[random.Next(of.Count)];

    private static double Between(Random random, double low, double high) => low + (random.NextDouble() * (high - low));

    private static Rotor Ring(Random random, string name)
    {
        var vanes = Any(random, Enum.GetValues<VaneKind>());
        var outer = Math.Round(Between(random, 260, 380));
        var thick = vanes == VaneKind.Solid ? Math.Round(Between(random, 10, 14)) : Math.Round(Between(random, 24, 34));
        return new Rotor(name, outer, outer - Math.Round(Between(random, 90, 120)), thick, thick - 2, vanes, vanes == VaneKind.Solid ? 0 : 8,
            vanes == VaneKind.Solid ? 0 : random.Next(30, 60), 5.5);
    }

    private static PredictionPlan Plan(int seed)
    {
        var random = new Random(seed);
        var segments = new List<CircuitSegment>();
        for (var corner = 0; corner < random.Next(4, 9); corner++)
        {
            segments.Add(new CircuitSegment(Math.Round(Between(random, 150, 900))));
            segments.Add(new CircuitSegment(Math.Round(Between(random, 80, 300)), Math.Round(Between(random, 40, 250))));
        }

        return new PredictionPlan(
            SampleParts.Estate with
            {
                MassKg = Math.Round(Between(random, 900, 2300)),
                PowerKw = Math.Round(Between(random, 70, 350)),
                Tyre = Any(random, ["summer", "sport", "semi-slick"])
            },
            new Circuit("random", Segments: segments, AltitudeM: Math.Round(Between(random, 0, 2000))),
            Any(random, Pace.All).Code, new StintPlan(random.Next(1, 4), random.Next(10, 26), random.Next(15, 60)),
            new Weather(Math.Round(Between(random, -5, 38)), random.Next(5) == 0),
            new Pad("front", Any(random, ["organic", "semi-metallic", "street-performance", "track-sport", "race-sintered"])),
            new Pad("rear", Any(random, ["organic", "semi-metallic", "street-performance", "track-sport"])),
            Ring(random, "front ring"), Ring(random, "rear ring"), new BrakeFluid("fluid", "dot4", Math.Round(Between(random, 240, 330)),
                Math.Round(Between(random, 160, 205))),
            new FluidState(random.Next(0, 40), Any(random, Enum.GetValues<Climate>())),
            FrontDuct: random.Next(2) == 0 ? null : new WheelDuct(76, Any(random, Enum.GetValues<Shield>()), Any(random, Enum.GetValues<DuctAim>()), 1.2),
            BatteryFull: random.Next(2) == 0);
    }

    public static TheoryData<int> Seeds => [.. Enumerable.Range(1, 18)];

    public static TheoryData<int> FewSeeds => [.. Enumerable.Range(1, 6)];

    [Theory]
    [MemberData(nameof(Seeds))]
    public void The_answer_is_whole(int seed)
    {
        var plan = Plan(seed);
        plan.Faults().ShouldBeEmpty();
        var result = Predictor.PredictUnguarded(plan);

        // Energy is neither made nor lost (first law), and what left went somewhere.
        foreach (var wheel in result.Cooling)
        {
            Math.Abs(wheel.BalanceError).ShouldBeLessThan(0.001);
            (wheel.FacesShare + wheel.VanesShare + wheel.RadiationShare + wheel.HubShare + wheel.CaliperShare).ShouldBe(1, 0.002);
        }

        // Nothing is colder than the air it stands in (second law).
        foreach (var range in result.Ranges)
        {
            range.LeastC.Min().ShouldBeGreaterThanOrEqualTo(plan.Weather.AmbientC - 0.2);
            range.PeakC.Zip(range.LeastC).ShouldAllBe(pair => pair.First >= pair.Second);
            range.PeakC.Length.ShouldBe(result.Phases.Count);
        }

        // A face near the melting point of iron (1147 C eutectic; handbook, from memory) is never passed over in silence.
        foreach (var (face, code) in new[] { (BrakePart.FrontFace, "front-face"), (BrakePart.RearFace, "rear-face") })
        {
            if (result.Ranges.Single(range => range.Part == face).PeakC.Max() > 1100)
            {
                result.Limits.Single(limit => limit.Code == code).Gives.ShouldBeTrue(code);
            }
        }

        // A stop slows the car, and both axles share it.
        result.Course!.Stops.ShouldAllBe(stop => stop.ExitKmh < stop.EntryKmh && stop.FrontShare > 0 && stop.FrontShare <= 1 && stop.PedalN > 0);
        result.Course!.Stops.ShouldAllBe(stop => stop.Effort.P10 <= stop.Effort.P50 && stop.Effort.P50 <= stop.Effort.P90);

        // Wet fluid boils between its wet and dry figures or below; thin air takes more off it, never less.
        result.Fluid.BoilsC.ShouldBeLessThanOrEqualTo(plan.Fluid.DryC + 0.5);
        result.Fluid.VapourC.ShouldBeLessThanOrEqualTo(result.Fluid.BoilsC + 0.5);

        // Demand is a whole, in order, within its peak.
        foreach (var demand in result.Strata.SelectMany(layer => new[] { layer.Track, layer.Road }).OfType<Demand>())
        {
            demand.Share.Sum().ShouldBe(1, 1e-3);
            (demand.P10C <= demand.P50C && demand.P50C <= demand.P90C && demand.P90C <= demand.PeakC + demand.BinK).ShouldBeTrue();
        }

        // Limits that give come first, danger before damage before nuisance, each in the order of the day.
        var gives = result.Limits.Select(limit => limit.Gives).ToList();
        gives.ShouldBe([.. gives.OrderByDescending(give => give)]);
        result.Limits.Where(limit => limit.Gives).Select(limit => (-(int)limit.Harm, limit.When!.Session, limit.When.Lap)).ShouldBeInOrder();
    }

    [Fact]
    public void Many_plans_are_finite_closed_and_bounded()
    {
        // 200 in every run, 5,000 in the long form.
        var plans = Environment.GetEnvironmentVariable("RIMROCK_LONG") is null ? 200 : 5000;
        var drawn = Enumerable.Range(1000, plans * 2).Select(seed => (Seed: seed, Plan: Plan(seed))).Where(row => row.Plan.Faults().Count == 0).Take(plans)
            .ToList();
        drawn.Count.ShouldBe(plans);
        Parallel.ForEach(drawn, row =>
        {
            var (seed, plan) = row;
            try
            {
                var hottest = WholeAnswer.Holds(plan).Ranges.Where(range => range.Part is BrakePart.FrontFace or BrakePart.RearFace)
                    .Max(range => range.PeakC.Max());
                (hottest < ModelEnd.IronFaceC || Record.Exception(() => Predictor.Predict(plan)) is BeyondModelException)
                    .ShouldBeTrue("a figure beyond the model");
            }
            catch (Exception failed)
            {
                throw new InvalidOperationException($"plan of seed {seed}: {failed.Message}", failed);
            }
        });
    }

    [Fact]
    public void Plausible_plans_hardly_ever_lead_beyond_the_model()
    {
        var drawn = Enumerable.Range(1, 400).Select(Plausible).Where(plan => plan.Faults().Count == 0).ToList();
        var beyond = 0;
        Parallel.ForEach(drawn, plan => Interlocked.Add(ref beyond, Record.Exception(() => Predictor.Predict(plan)) is BeyondModelException ? 1 : 0));
        drawn.Count.ShouldBeGreaterThan(380);
        ((double)beyond).ShouldBeLessThan(drawn.Count * 0.02);
    }

    /// <summary>A car with the brakes that such cars have, with power, tyres and pads that go together, on a circuit as they are.</summary>
    private static PredictionPlan Plausible(int seed)
    {
        var random = new Random(seed);
        var mass = Math.Round(Between(random, 850, 2000));
        var powerKw = Math.Round(mass * Between(random, 0.05, 0.14));
        var pace = Any(random, Pace.All);
        var guess = CarGuess.From("car", mass, powerKw, pace.Code == "novice"
            ? Any(random, ["summer", "sport"]) : Any(random, ["sport", "track-day", "semi-slick"]));
        var pads = pace.Code == "novice" ? Any(random, ["organic", "ceramic", "semi-metallic"])
            : Any<string>(random, pace.Code == "regular" ? ["semi-metallic", "street-performance", "track-sport"]
            : ["street-performance", "track-sport", "track-sport", "race-carbon-metallic", "race-sintered"]);
        var segments = new List<CircuitSegment>();
        for (var corner = 0; corner < random.Next(6, 12); corner++)
        {
            segments.Add(new CircuitSegment(Math.Round(Between(random, 100, 600))));
            segments.Add(new CircuitSegment(Math.Round(Between(random, 60, 250)), Math.Round(Between(random, 25, 250))));
        }

        // Who fits race pads to a car with a road car's calipers keeps their heat from the fluid (common practice).
        var car = pads.StartsWith("race", StringComparison.Ordinal) ? guess.Car
            with
        { Front = guess.Car.Front with { Shim = Shim.Titanium }, Rear = guess.Car.Rear with { Shim = Shim.Titanium } } : guess.Car;
        return new PredictionPlan(car, new Circuit("circuit", Segments: segments, AltitudeM: Math.Round(Between(random, 0, 800))), pace.Code,
            new StintPlan(random.Next(1, 5), random.Next(15, 26), 40),
            new Weather(Math.Round(Between(random, 5, 32))), new Pad("front", pads), new Pad("rear", pads), guess.FrontRotor, guess.RearRotor,
            new BrakeFluid("fluid", "dot4", 260, 175), new FluidState(random.Next(0, 30)));
    }

    [Theory]
    [MemberData(nameof(FewSeeds))]
    public void More_heat_in_or_less_air_is_never_cooler(int seed)
    {
        static double Face(PredictionPlan plan) => Predictor.PredictUnguarded(plan).Strata.Single(layer => layer.Part == BrakePart.FrontFace).Track!.PeakC;
        static double Fluid(PredictionPlan plan) => Predictor.PredictUnguarded(plan).Fluid.VapourC;
        var plan = Plan(seed) with { Weather = new Weather(20) };
        var face = Face(plan);

        // Common practice, all else alike: a warmer day, a shorter rest before more sessions, closed shields and smaller wheels' windows.
        Face(plan with { Weather = new Weather(35) }).ShouldBeGreaterThan(face);
        Face(plan with { Stint = plan.Stint with { Sessions = plan.Stint.Sessions + 1 } }).ShouldBeGreaterThan(face - 0.5);
        Face(plan with { FrontDuct = new WheelDuct(0, Wheel: WheelOpenness.Closed) })
            .ShouldBeGreaterThanOrEqualTo(Face(plan with { FrontDuct = new WheelDuct(0, Wheel: WheelOpenness.Open) }));
        Face(plan with { FrontRotor = plan.FrontRotor with { ThicknessMm = plan.FrontRotor.ThicknessMm + 6 } }).ShouldBeLessThan(face);

        // Older fluid and a higher place never boil later.
        Fluid(plan with { FluidState = plan.FluidState with { AgeMonths = plan.FluidState.AgeMonths + 12 } }).ShouldBeLessThan(Fluid(plan));
        Fluid(plan with { Circuit = plan.Circuit with { AltitudeM = plan.Circuit.AltitudeM + 1000 } }).ShouldBeLessThan(Fluid(plan));
    }
}
