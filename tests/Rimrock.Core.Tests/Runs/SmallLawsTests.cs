using Rimrock.Core.Circuits;
using Rimrock.Core.Driving;
using Rimrock.Core.Friction;
using Rimrock.Core.Quantities;
using Rimrock.Core.Rotors;
using Rimrock.Core.Runs;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Tests.Runs;

/// <summary>Small formulas by hand.</summary>
public class SmallLawsTests
{
    [Fact]
    public void A_cone_is_expansion_over_the_distance_of_the_cheeks()
    {
        // 12e-6 /K x 132.5 mm mean radius x (30 K + 0.10 x 300 K) / 18 mm between the cheeks' middles.
        var cone = RingShape.Cone(SampleParts.FrontRing, Lanes.Create(30.0), Lanes.Create(300.0))[2];
        cone.ShouldBe(12e-6 * 132.5 * 60 / 18, 1e-9);
        RingShape.Cone(SampleParts.FrontRing with { Construction = RotorConstruction.TwoPiece }, Lanes.Create(30.0), Lanes.Create(300.0))[2]
            .ShouldBe(cone / 2, 1e-9);
        RingShape.EdgeMm(SampleParts.FrontRing, cone).ShouldBe(cone * 55, 1e-9);
        RingShape.EdgeMm(SampleParts.FrontRing, -cone).ShouldBe(cone * 55, 1e-9);
    }

    [Fact]
    public void Stability_control_adds_its_heat_once_for_each_stops_corner()
    {
        var lap = DrivingSchedule.Of(BrakingZoneTable.Lap([new(150, 80, 20), new(120, 60, 15)], 8), SampleParts.Estate, 1.2);
        SideLoad.StabilityW(0, lap).ShouldBe(0);
        SideLoad.StabilityW(100, lap).ShouldBe(2 * 35e3 / lap.TotalS(), 1e-6);
        SideLoad.StabilityW(50, lap).ShouldBe(35e3 / lap.TotalS(), 1e-6);
    }

    [Fact]
    public void Asymmetry_weighs_corners_by_their_angle()
    {
        // A right hairpin of pi against a left kink of 0.5: (pi - 0.5) / (pi + 0.5).
        var circuit = new Circuit("one way", Segments: [new(500), new(Math.PI * 30, 30, Left: false), new(400), new(100, 200, Left: true)]);
        SideLoad.Asymmetry(circuit).ShouldBe(0.06 * (Math.PI - 0.5) / (Math.PI + 0.5), 1e-9);
        SideLoad.Asymmetry(new Circuit("zones", Zones: [new(100, 50, 10)])).ShouldBe(0);
    }

    [Fact]
    public void Green_fade_holds_above_three_hundred_for_three_hot_stops()
    {
        GreenFade.Factor(Lanes.Create(301.0), Lanes.Create(2.0))[0].ShouldBe(0.85);
        GreenFade.Factor(Lanes.Create(299.0), Lanes.Create(0.0))[0].ShouldBe(1);
        GreenFade.Factor(Lanes.Create(500.0), Lanes.Create(3.0))[0].ShouldBe(1);
        GreenFade.Counted(Lanes.Create(310.0))[7].ShouldBe(1);
        GreenFade.Counted(Lanes.Create(290.0))[7].ShouldBe(0);
    }

    [Fact]
    public void A_longer_hose_loses_as_a_pipe_does()
    {
        // Friction 0.05 / 0.076 m a metre beside losses of 2.5: sqrt((2.5 + 0.658) / (2.5 + 3 x 0.658)).
        var perMetre = 0.05 / 0.076;
        new WheelDuct(76, Shield.Removed, LengthM: 3).Gain().ShouldBe(0.30 * Math.Sqrt((2.5 + perMetre) / (2.5 + (3 * perMetre))), 1e-9);
        new WheelDuct(0, Shield.Removed).Gain().ShouldBe(0);
        new WheelDuct(76, Shield.Removed, DuctAim.Face).EyeGain().ShouldBe(0);
        new WheelDuct(76, Shield.Removed, DuctAim.Face).FaceGain().ShouldBe(0.60, 1e-9);
    }

    [Fact]
    public void Unknown_codes_are_refused_by_name()
    {
        Should.Throw<InputFaultException>(() => DayKind.Find("moon")).Faults.Single().Allowed.ToString().ShouldContain("descent");
        Should.Throw<ArgumentOutOfRangeException>(() => Core.Numerics.ScrambledSobol.Points(64, 65));
    }
}
