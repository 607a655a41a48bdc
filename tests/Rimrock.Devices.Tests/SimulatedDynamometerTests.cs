using Rimrock.Core.Friction;
using Rimrock.Formats;

namespace Rimrock.Devices.Tests;

public class SimulatedDynamometerTests
{
    [Fact]
    public void The_same_seed_tests_the_same_pad()
    {
        new SimulatedDynamometer(5).Stops.ShouldBe(new SimulatedDynamometer(5).Stops);
        new SimulatedDynamometer(6).Stops.ShouldNotBe(new SimulatedDynamometer(5).Stops);
    }

    [Fact]
    public void The_procedure_is_run_whole()
    {
        var stops = new SimulatedDynamometer(5).Stops;
        stops.Count.ShouldBe(SimulatedDynamometer.Procedure.Sum(part => part.Stops));
        stops.Max(stop => stop.InitialC).ShouldBe(650, 25);
    }

    /// <summary>What is read from the file finds the hidden pad within what the noise allows.</summary>
    [Theory]
    [InlineData(1)]
    [InlineData(2)]
    [InlineData(3)]
    [InlineData(4)]
    [InlineData(5)]
    [InlineData(6)]
    public void A_fit_through_its_stops_finds_the_hidden_curve(int seed)
    {
        var rig = new SimulatedDynamometer(seed);
        var file = FrictionCsv.Read(rig.Csv());
        file.ScatterMu!.Value.ShouldBeInRange(0.006, 0.03);
        var fitted = new FrictionCurve(file.Points, 0);
        for (var c = 120.0; c <= 600; c += 60)
        {
            if (rig.Hidden.Charted(c) is { } hidden)
            {
                (fitted.Charted(c) ?? 0).ShouldBe(hidden, 0.035, $"{c} C");
            }
        }
    }
}

public class MoistureTesterTests
{
    [Fact]
    public void Readings_scatter_about_the_truth_in_the_testers_steps()
    {
        var readings = Enumerable.Range(1, 400).Select(seed => MoistureTester.Read(2.2, seed)).ToList();
        readings.Average().ShouldBe(2.2, 0.1);
        readings.ShouldAllBe(percent => percent % MoistureTester.StepPercent == 0);
        MoistureTester.Read(2.2, 9).ShouldBe(MoistureTester.Read(2.2, 9));
        MoistureTester.Read(0, 3).ShouldBeGreaterThanOrEqualTo(0);
    }
}
