using Rimrock.Core.Circuits;
using Rimrock.Core.Driving;
using Rimrock.Core.Fitting;
using Rimrock.Core.Friction;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Tests.Driving;

public class DayTests
{
    [Fact]
    public void A_session_is_out_lap_hot_laps_cool_down_and_rest()
    {
        var day = new Day(SampleParts.Plan() with { Stint = new StintPlan(2, 12, 30, CoolDownLaps: 2) });
        var first = day.Phases.TakeWhile(phase => phase.Session == 1).ToList();
        first[0].Kind.ShouldBe(PhaseKind.OutLap);
        first.Count(phase => phase.Kind == PhaseKind.HotLap).ShouldBe(day.HotLaps);
        first[^3].Kind.ShouldBe(PhaseKind.CoolDownLap);
        first[^1].Kind.ShouldBe(PhaseKind.Parked);
        first[^1].Schedule.TotalS().ShouldBe(30 * 60, 1e-6);
        day.Phases[^1].Schedule.TotalS().ShouldBe(60 * 60, 1e-6, "the last rest is long enough to find the fluid's peak");
        day.Phases.Count.ShouldBe(2 * first.Count);
    }

    [Theory]
    [InlineData(100, 100, 20, 11)]
    [InlineData(125, 100, 20, 11)]
    [InlineData(90, 101, 10, 6)]
    [InlineData(700, 100, 10, 0)]
    public void Hot_laps_are_those_begun_before_the_flag(double outS, double hotS, double minutes, int laps) =>
        new StintPlan(1, minutes).HotLaps(outS, hotS).ShouldBe(laps);

    [Fact]
    public void A_slower_lap_takes_longer_over_the_same_road()
    {
        var lap = new Day(SampleParts.Plan()).HotLap;
        var slow = lap.AtPace(0.65);
        slow.LengthM().ShouldBe(lap.LengthM(), 1e-6 * lap.LengthM());
        slow.DurationS.ShouldBe(lap.DurationS / 0.65, 1e-9);
        Should.Throw<ArgumentOutOfRangeException>(() => lap.AtPace(0));
        Should.Throw<ArgumentOutOfRangeException>(() => lap.AtPace(1.01));
    }

    [Fact]
    public void Rain_and_altitude_change_the_day()
    {
        var plan = SampleParts.Plan();
        var dry = new Day(plan);
        new Day(plan with { Weather = plan.Weather with { Rain = true } }).HotLap.DurationS.ShouldBeGreaterThan(dry.HotLap.DurationS);
        new Day(plan with { Circuit = plan.Circuit with { AltitudeM = 2000 } }).AirDensityKgM3.ShouldBe(dry.AirDensityKgM3 * 79495 / 101325, 0.001);
    }

    [Fact]
    public void Parts_do_not_change_the_day_so_that_one_layout_serves_them_all()
    {
        var plan = SampleParts.Plan();
        var other = plan with
        {
            FrontPad = new Pad("hot", "race-sintered"),
            RearPad = new Pad("sport", "track-sport"),
            FrontRotor = plan.FrontRotor with { OuterDiameterMm = 345 },
            RearRotor = plan.RearRotor with { ThicknessMm = 14 },
            Fluid = plan.Fluid with { DryC = 310 },
            FrontDuct = new WheelDuct(HoseMm: 76),
            FrontPadMm = 6,
            Bedded = false,
            StabilityControlPercent = 20,
            RoadPercent = 10,
        };
        Predictor.Predict(other, new Year(plan)).Summary.ShouldBe(Predictor.Predict(other).Summary);
        new Day(other).Phases.Select(phase => phase.Schedule.EnergyJ.Sum()).ShouldBe(new Day(plan).Phases.Select(phase => phase.Schedule.EnergyJ.Sum()));
    }

    [Fact]
    public void Downhill_braking_takes_up_the_height_as_well()
    {
        var car = SampleParts.Estate with { EngineBrakingMS2 = 0, DragAreaM2 = 0, RollingResistance = 0 };
        var level = BrakingWork.Joules(car, 20, 10, 5, 1.2, 0);
        var down = BrakingWork.Joules(car, 20, 10, 5, 1.2, -0.08);
        (down - level).ShouldBe(1560 * 9.81 * 0.08 * 75 * (1 - BrakingWork.TyreSlipShare), 1);
        BrakingWork.Joules(car, 20, 20, 5, 1.2, -0.08).ShouldBe(1560 * 9.81 * 0.08 * 100 * (1 - BrakingWork.TyreSlipShare), 1,
            "holding the speed downhill is braking");
        BrakingWork.Joules(car, 10, 20, 5, 1.2, 0).ShouldBe(0, 1e-9);
    }

    [Fact]
    public void A_stronger_motor_as_generator_spares_the_brakes()
    {
        var plain = BrakingWork.Joules(SampleParts.Estate, 40, 20, 2.5, 1.2, 0);
        var electric = BrakingWork.Joules(SampleParts.Estate with { RegenerationMS2 = 1.5 }, 40, 20, 2.5, 1.2, 0);
        (plain - electric).ShouldBe(1560 * 1.5 * 75 * (1 - BrakingWork.TyreSlipShare), 1);
    }

    [Fact]
    public void Weekday_drives_are_gentle()
    {
        foreach (var (lap, _) in Courses.Drives(new PlannedDay("weekday", 200), SampleParts.Estate, 1.2))
        {
            ZoneDetection.Find(lap).ShouldAllBe(zone => zone.EntryKmh <= 112);
            lap.MeanSpeedMS().ShouldBeInRange(5, 25);
        }
    }
}
