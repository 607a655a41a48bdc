using Rimrock.Core.Circuits;
using Rimrock.Core.Driving;
using Rimrock.Core.Fitting;
using Rimrock.Core.Fluids;
using Rimrock.Core.Judgement;
using Rimrock.Core.Preparation;
using Rimrock.Core.Quantities;
using Rimrock.Core.Runs;
using Rimrock.Core.Vehicles;
using Rimrock.Telling;

namespace Rimrock.Scenario.Tests;

/// <summary>
/// What holds of every answer, on cars that nobody thought of: six to the first stage in every run, three hundred to the last in the long form
/// (RIMROCK_LONG=1).
/// </summary>
public class AnyCarTests
{
    private const int FewCars = 6;
    private const int ManyCars = 300;
    private static readonly bool IsLong = Environment.GetEnvironmentVariable("RIMROCK_LONG") == "1";

    public static TheoryData<int> Seeds => [.. Enumerable.Range(1, IsLong ? ManyCars : FewCars)];

    [Theory]
    [MemberData(nameof(Seeds))]
    public void Every_suggestion_bolts_on_no_step_raises_danger_and_the_order_rebuilds_the_setup(int seed)
    {
        var plan = Drawn(seed);
        var offer = ScenarioDay.Offer;
        var wishes = new Wishes(RoadApprovalMust: seed % 2 == 0, FreshFluidEachEvent: seed % 3 == 0);
        var which = $"{plan.Car.MassKg} kg, {plan.Car.PowerKw} kW, {plan.Pace}, {plan.FrontPad.Name}";
        MatchAnswer answer;
        try
        {
            answer = Matcher.Search(plan, offer, wishes).Answer(IsLong ? MatchStage.Whole : MatchStage.First);
        }
        catch (BeyondModelException beyond)
        {
            // Hotter than the laws of the model reach is told as that, with what brings it back.
            beyond.Faults.ShouldAllBe(fault => Teller.Text(fault.Message).Contains("back", StringComparison.OrdinalIgnoreCase), which);
            return;
        }

        foreach (var row in answer.Shortlist.Concat(answer.Steps.Select(step => step.Setup)).DistinctBy(row => row.Key))
        {
            var setup = Selection.OfKey(row.Key, plan, offer).ShouldNotBeNull(row.Key);
            var order = WorkOrder.Of(plan, setup.On(plan, wishes), freshFluid: false);
            order.Refused.ShouldBeEmpty($"{which}; {row.Key}");
            Rebuilt(order, plan, offer).ShouldBe(Parts(setup, plan), $"{which}; {row.Key}");
            order.Hours.P50.ShouldBe(row.EffortHours, 0.051, $"{which}; {row.Key}");
            if (order.Order.All(item => item.Price is not null))
            {
                order.Order.Sum(item => item.Price!.Value).ShouldBe(row.Cost.BuyNow ?? -1, 0.51, $"{which}; {row.Key}");
            }
        }

        foreach (var step in answer.Steps)
        {
            step.DangerAfter.Share.ShouldBeLessThanOrEqualTo(step.DangerBefore.Share, which);
        }
    }

    /// <summary>What an order puts on the car, read off its lines alone; what it does not name stays.</summary>
    private static string Rebuilt(WorkOrder order, PredictionPlan plan, Offer offer)
    {
        var lines = order.Order.Select(item => Teller.Text(item.What)).ToHashSet();
        string? Named(string name, string? axle) => lines.Contains(axle is null ? name : $"{name}, {axle}") ? name : null;
        string Pad(Axle axle) => offer.Pads.Select(pad => Named(pad.Body.Name, axle == Axle.Front ? "front" : "rear"))
            .FirstOrDefault(name => name is not null) ?? plan.At(axle).Pads.Pad.Name;
        string? Any(IEnumerable<string> names) => names.Select(name => Named(name, null)).FirstOrDefault(name => name is not null);
        string? Ring(string axle) => (offer.Kits ?? []).FirstOrDefault(kit => kit.Body.Rear == (axle == "rear") && Named(kit.Body.Name, null) is not null)?.Body.Rotor.Name
            ?? offer.Rotors.Select(rotor => Named(rotor.Body.Name, axle)).FirstOrDefault(name => name is not null);
        bool HasDuct(string axle) => lines.Any(line => line.StartsWith("duct hose", StringComparison.Ordinal) && line.Contains(axle, StringComparison.Ordinal));
        return string.Join(" | ", Pad(Axle.Front), Pad(Axle.Rear),
            Ring("front") ?? plan.FrontRotor.Name,
            Any(offer.Fluids.Select(fluid => fluid.Body.Name)) ?? plan.Fluid.Name,
            Ring("rear") ?? plan.RearRotor.Name, HasDuct("front"), HasDuct("rear"),
            order.Order.Any(item => item.What.Code is "work-order.braided-lines" or "work-order.new-rubber-lines"));
    }

    private static string Parts(Selection setup, PredictionPlan plan) => string.Join(" | ", setup.FrontPad.Body.Name, setup.RearPad.Body.Name, setup.FrontRotor.Body.Name,
        setup.Fluid.Body.Name, (setup.RearRotor?.Body ?? plan.RearRotor).Name, setup.Duct is not null, setup.RearDuct is not null, setup.Lines is not null);

    /// <summary>A car as it may come, on what it may be shod with, for a day that it may be driven on.</summary>
    internal static PredictionPlan Drawn(int seed)
    {
        var random = new Random(seed);
        double Between(double low, double high) => low + (random.NextDouble() * (high - low));
        T Any<T>(IReadOnlyList<T> of) => of[random.Next(of.Count)];
        var mass = Math.Round(Between(850, 2200));
        var pace = Any(Pace.All);
        var guess = CarGuess.From("car", mass, Math.Round(mass * Between(0.05, 0.18)), Any(["summer", "sport", "track-day"]));
        var car = guess.Car with { Electronics = seed % 4 != 0, AsksFluid = Any([null, "dot4"]) };
        var segments = new List<CircuitSegment>();
        for (var corner = 0; corner < random.Next(6, 12); corner++)
        {
            segments.Add(new CircuitSegment(Math.Round(Between(100, 700))));
            segments.Add(new CircuitSegment(Math.Round(Between(60, 250)), Math.Round(Between(25, 250))));
        }

        var pad = ScenarioDay.Pad(Any(["tern-daily", "gorse-m", "whin-road", "fell-3"]));
        return new PredictionPlan(car, new Circuit("circuit", Segments: segments), pace.Code, new StintPlan(random.Next(1, 5), random.Next(15, 26), 40),
            new Weather(Math.Round(Between(5, 32))), pad, pad, guess.FrontRotor, guess.RearRotor, ScenarioDay.Fluid(Any(["cairn-4", "cairn-5"])),
            new FluidState(random.Next(0, 30)));
    }
}
