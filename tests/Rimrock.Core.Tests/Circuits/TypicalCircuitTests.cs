using Rimrock.Core.Circuits;
using Rimrock.Core.Driving;
using Rimrock.Core.Quantities;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Tests.Circuits;

/// <summary>Lengths of such places as one finds them (common practice); on all of them power and pace act.</summary>
public class TypicalCircuitTests
{
    public static TheoryData<string, double, double> Lengths => new()
    {
        { "tight-club", 1.2, 2.2 }, { "flowing-club", 2.6, 3.8 }, { "fast-national", 4, 6 }, { "airfield", 2.2, 3.5 }, { "hill-climb", 1.5, 4 },
        { "street-sprint", 1.5, 2.5 }, { "mountain-ring", 14, 24 }, { "kart-like", 0.6, 1.3 },
    };

    [Theory]
    [MemberData(nameof(Lengths))]
    public void Each_is_as_long_as_its_kind_and_asks_more_of_a_strong_car_and_a_late_foot(string code, double leastKm, double mostKm)
    {
        var typical = TypicalCircuit.All.Single(one => one.Code == code);
        var faults = new List<InputFault>();
        typical.Circuit.Check(faults);
        faults.ShouldBeEmpty();
        (typical.Circuit.Segments!.Sum(segment => segment.LengthM) / 1000).ShouldBeInRange(leastKm, mostKm);
        Work(typical.Circuit, 300, "advanced").ShouldBeGreaterThan(1.15 * Work(typical.Circuit, 60, "advanced"), "power");
        Work(typical.Circuit, 120, "advanced").ShouldBeGreaterThan(1.1 * Work(typical.Circuit, 120, "novice"), "pace");
    }

    [Fact]
    public void A_ring_in_the_mountains_comes_back_to_where_it_began() =>
        TypicalCircuit.All.Single(one => one.Code == "mountain-ring").Circuit.Segments!.Sum(segment => segment.LengthM * segment.Slope)
            .ShouldBe(0, 120, "as far down as up, give or take a hundred metres in sixteen kilometres");

    /// <summary>Braking work of a hot lap over its time, W.</summary>
    private static double Work(Circuit circuit, double powerKw, string pace)
    {
        var plan = SampleParts.Plan() with { Car = CarGuess.From("car", 1400, powerKw, "sport").Car, Circuit = circuit, Pace = pace };
        var hot = new Day(plan).Phases.First(phase => phase.Kind == PhaseKind.HotLap).Schedule;
        return hot.Stops.Sum(stop => stop.EnergyJ) / hot.TotalS();
    }
}
