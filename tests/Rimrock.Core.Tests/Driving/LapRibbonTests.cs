using Rimrock.Core.Circuits;
using Rimrock.Core.Driving;
using Rimrock.Core.Quantities;

namespace Rimrock.Core.Tests.Driving;

/// <summary>A lap drawn as speed over distance, and bent: what is drawn is what is driven.</summary>
public class LapRibbonTests
{
    private static readonly PredictionPlan Plan = SampleParts.Plan() with { Circuit = TypicalCircuit.All.Single(kind => kind.Code == "airfield").Circuit };

    [Fact]
    public void What_is_drawn_is_the_lap_that_is_driven()
    {
        var ribbon = LapRibbon.Of(Plan);
        var day = new Day(Plan with { Days = null });
        ribbon.LengthM.ShouldBe(Plan.Circuit.Segments!.Sum(one => one.LengthM), 1);
        ribbon.LapS.ShouldBe(day.HotLap.DurationS, 0.1);
        ribbon.Megajoules.ShouldBe(BrakingWork.LapJoules(day.HotLap, day.Drive.DrivenCar(), day.AirDensityKgM3) / 1e6, 0.01);

        // Power over time adds up to the work.
        var points = ribbon.Points;
        var work = points.Zip(points.Skip(1), (a, b) => 0.5 * (a.BrakingKw + b.BrakingKw) * (b.AtM - a.AtM) / (0.5 * (a.SpeedKmh + b.SpeedKmh) / 3.6)).Sum() / 1000;
        work.ShouldBe(ribbon.Megajoules, 0.05 * ribbon.Megajoules);
        ribbon.Corners.Count.ShouldBe(5);
    }

    /// <summary>Speed in a corner grows with the root of its radius (v^2 = a R, any textbook of mechanics).</summary>
    [Fact]
    public void A_corner_that_is_bent_is_as_fast_as_it_was_drawn()
    {
        var corner = LapRibbon.Of(Plan).Corners[1];
        var faster = LapRibbon.Bent(Plan, corner.Segment, corner.SlowestKmh * 1.2, 0);
        faster.Segments![corner.Segment].RadiusM.ShouldBe(corner.RadiusM * 1.44, 0.01 * corner.RadiusM);
        LapRibbon.Of(Plan with { Circuit = faster }).Corners[1].SlowestKmh.ShouldBe(corner.SlowestKmh * 1.2, 0.03 * corner.SlowestKmh);
        // A corner that is driven flat out is slowed by as much as it is drawn, at once.
        var flat = Plan with { Circuit = Plan.Circuit with { Segments = [.. Plan.Circuit.Segments!, new CircuitSegment(300), new CircuitSegment(120, 900)] } };
        var wide = LapRibbon.Of(flat).Corners[^1];
        var slowed = flat with { Circuit = LapRibbon.Bent(flat, wide.Segment, 60, 0) };
        LapRibbon.Of(slowed).Corners[^1].SlowestKmh.ShouldBe(60, 3);
        var longer = LapRibbon.Bent(Plan, corner.Segment, null, 150);
        LapRibbon.Of(Plan with { Circuit = longer }).LengthM.ShouldBe(LapRibbon.Of(Plan).LengthM + 150, 1);
        longer.Segments![corner.Segment].RadiusM.ShouldBe(corner.RadiusM);
    }

    [Fact]
    public void What_was_driven_is_drawn_and_not_bent()
    {
        var zones = Plan with { Circuit = new Circuit("zones", Zones: [new BrakingZone(160, 80, 20), new BrakingZone(140, 70, 25)]) };
        LapRibbon.Of(zones).Corners.ShouldBeEmpty();
        Should.Throw<InputFaultException>(() => LapRibbon.Bent(zones, 0, 90, 0)).Faults.Single().Field.ShouldBe("segment");
        Should.Throw<InputFaultException>(() => LapRibbon.Bent(Plan, 1, 900, 9000)).Faults.Select(fault => fault.Field).ShouldBe(["toKmh", "longerM"]);
    }
}
