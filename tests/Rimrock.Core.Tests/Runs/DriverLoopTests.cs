using Rimrock.Core.Driving;
using Rimrock.Core.Friction;
using Rimrock.Core.Limits;
using Rimrock.Core.Runs;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Tests.Runs;

/// <summary>What a driver makes of fading brakes over a day; figures are facts of the trade (common practice) unless said.</summary>
public class DriverLoopTests
{
    private static DayRun Run(PredictionPlan plan, DrivenBy by = DrivenBy.Driver, params CarFactors[] members)
    {
        var run = new DayRun(plan, members.Length == 0 ? [CarFactors.Median] : members, by: by);
        foreach (var phase in new Day(plan).Phases)
        {
            run.Run(phase);
        }

        return run;
    }

    private static PhaseRecord[] HotLaps(DayRun run) => [.. run.Phases.Where(phase => phase.Phase.Kind == PhaseKind.HotLap)];

    private static Reading Of(string code, PredictionPlan plan, DayRun run, int lane = 0) =>
        LimitTable.Find(code).Read(MemberDay.Of(plan, run, lane, CarFactors.Median, ColdStop.ComparedAtEverydayPedal(plan)));

    [Fact]
    public void With_pads_that_hold_nothing_changes()
    {
        var plan = SampleParts.Plan("race-sintered", "race-sintered");
        var (driver, laid) = (Run(plan), Run(plan, DrivenBy.Plan));
        driver.Front.Wheel.FaceC[0].ShouldBe(laid.Front.Wheel.FaceC[0]);
        driver.Phases.Select(phase => phase.Peak[(int)BrakePart.FrontFluid][0]).ShouldBe(laid.Phases.Select(phase => phase.Peak[(int)BrakePart.FrontFluid][0]));
        driver.Stops.ShouldAllBe(stop => stop.OverKmh[0] == 0 && stop.EarlierM[0] == 0);
        foreach (var code in new[] { LimitCode.MissedStop, LimitCode.OverEarly, LimitCode.PaceLost })
        {
            Of(code, plan, driver).Gives.ShouldBeFalse(code);
        }
    }

    /// <summary>Organic pads on a fast driver's day: brakes go on earlier, laps are slower, and the face never gets where it would.</summary>
    [Fact]
    public void Fading_pads_move_the_brake_points_and_spare_the_rotors()
    {
        var plan = SampleParts.Plan();
        var (driver, laid) = (Run(plan), Run(plan, DrivenBy.Plan));
        HotLaps(driver)[^1].LostS[0].ShouldBeGreaterThan(0.1);
        driver.Stops.Max(stop => stop.EarlierM[0]).ShouldBeInRange(10, 200);
        double Face(DayRun run) => run.Phases.Max(phase => phase.Peak[(int)BrakePart.FrontFace][0]);
        Face(driver).ShouldBeLessThan(Face(laid) - 60);
        driver.Front.WornMm3[0].ShouldBeLessThan(0.6 * laid.Front.WornMm3[0]);
    }

    [Fact]
    public void A_stop_that_no_leg_makes_is_missed_and_named()
    {
        // Two tonnes on small calipers without a booster: even 800 N is not enough.
        var plan = SampleParts.Plan() with { Car = SampleParts.Estate with { MassKg = 2000, Hydraulics = new Hydraulics(BoosterGain: 1, BoosterKneeN: 0) } };
        var run = Run(plan);
        var missed = Of(LimitCode.MissedStop, plan, run);
        missed.Gives.ShouldBeTrue();
        missed.Demand.ShouldBeGreaterThan(Driver.MissedKmh);
        var worst = run.Stops.MaxBy(stop => stop.OverKmh[0])!;
        worst.MissingM[0].ShouldBeGreaterThan(5);
        LimitTable.Find(LimitCode.MissedStop).HarmOf(plan).ShouldBe(Harm.Danger);
    }

    /// <summary>Who has less than half of what the pace asks comes in: a cool-down lap, and parked for the rest of the session.</summary>
    [Fact]
    public void The_session_is_over_when_too_little_is_left()
    {
        var plan = SampleParts.Plan() with
        {
            Car = SampleParts.Estate with { MassKg = 2000, PowerKw = 300, Hydraulics = new Hydraulics(BoosterGain: 2, BoosterKneeN: 1200) },
            Stint = new StintPlan(2, 20, 30)
        };
        var run = Run(plan);
        var laps = HotLaps(run).Where(lap => lap.Phase.Session == 1).ToArray();
        var last = Array.FindIndex(laps, lap => lap.CameIn[0] > 0);
        last.ShouldBeInRange(0, laps.Length - 2);
        laps[last + 1].Pace[0].ShouldBe(plan.Stint.CoolDownPace, 1e-12, "a cool-down lap");
        laps[(last + 2)..].ShouldAllBe(lap => lap.Pace[0] == 0 && lap.FrontEnergy.Total(0) == 0);
        HotLaps(run).First(lap => lap.Phase.Session == 2).Pace[0].ShouldBe(1, "the next session is begun");
        var over = Of(LimitCode.OverEarly, plan, run);
        (over.Gives, over.When!.Lap, over.Demand).ShouldBe((true, last + 1, laps.Length - last - 1.0));
    }

    /// <summary>
    /// Drag, engine, slip, heating and speed effects off: half the friction at the same pedal is half the deceleration, so that the first stop at the same
    /// greatest force ends at v^2 = v_in^2 - a d instead of v_in^2 - 2 a d (by hand).
    /// </summary>
    [Fact]
    public void Half_the_friction_is_half_the_deceleration()
    {
        var flat = new CurvePoint[] { new(0, 0.2), new(800, 0.2) };
        var plan = SampleParts.Plan() with { FrontPad = new Pad("flat", "track-sport", flat), RearPad = new Pad("flat", "track-sport", flat) };
        var (whole, half) = (CarFactors.Median, CarFactors.Median with { FrontFriction = 0.5, RearFriction = 0.5 });
        var run = Run(plan with { Stint = new StintPlan(1, 4, 10) }, DrivenBy.Driver, whole, half);
        run.Stops.Count(stop => stop.OverKmh[1] > 5).ShouldBeGreaterThan(run.Stops.Count(stop => stop.OverKmh[0] > 5));
        var hot = run.Stops.Where(stop => run.Phases[stop.PhaseIndex].Phase is { Kind: PhaseKind.HotLap, Lap: 1 }).ToList();
        hot.ShouldAllBe(stop => stop.EntryMS[0] == stop.EntryMS[1], "the first hot lap is driven as laid out");
    }

    [Fact]
    public void Two_members_of_different_friction_differ_in_stops_and_time_and_not_in_distance()
    {
        var plan = SampleParts.Plan();
        var run = Run(plan, DrivenBy.Driver, CarFactors.Median, CarFactors.Median with { FrontFriction = 0.85, RearFriction = 0.85 });
        HotLaps(run).Max(lap => lap.LostS[1]).ShouldBeGreaterThan(HotLaps(run).Max(lap => lap.LostS[0]));
        run.Phases.Select(phase => phase.Phase.Lap).ShouldBe(new Day(plan).Phases.Select(phase => phase.Lap));
    }

    /// <summary>A recording replayed is what was driven, and its work is known best.</summary>
    [Fact]
    public void What_was_recorded_was_driven()
    {
        var lap = new Day(SampleParts.Plan()).HotLap;
        var recording = new Core.Circuits.SpeedRecording(lap.TimeS, [.. lap.SpeedMS.Select(Core.Quantities.Speed.ToKmh)]);
        var plan = SampleParts.Plan() with { Circuit = new Core.Circuits.Circuit("driven", Recording: recording) };
        var late = CarFactors.Median with { Energy = 1.15 };
        double Work(DrivenBy by) => Run(plan, by, late).Front.EnergyJ[0] / Run(plan, by).Front.EnergyJ[0];
        Work(DrivenBy.Recording).ShouldBe(1.03, 0.02);
        Run(plan, DrivenBy.Recording).Stops.ShouldAllBe(stop => stop.EarlierM[0] == 0);
    }

    [Fact]
    public void Fade_support_and_a_booster_beyond_its_knee_give_what_they_give()
    {
        var car = SampleParts.Estate;
        double Bar(FadeSupport support, double z = 0) => DriverLoop.Bar(car with { FadeSupport = support }, new MemberCapacities(FadeSupport: z), 600);
        Bar(FadeSupport.No).ShouldBe(car.Hydraulics.PressureBar(600), 1e-9);
        Bar(FadeSupport.Yes).ShouldBe(600 * 3.5 * 4.5 / (Math.PI / 4 * 23.81 * 23.81) * 10, 0.1, "gain without end, by hand");
        (Bar(FadeSupport.Unknown, -1), Bar(FadeSupport.Unknown, 1)).ShouldBe((Bar(FadeSupport.No), Bar(FadeSupport.Yes)));
        DriverLoop.Bar(car with { Electronics = false, FadeSupport = FadeSupport.Yes }, default, 600)
            .ShouldBe(Bar(FadeSupport.No), 1e-9, "no electronics, no support");
    }

    /// <summary>Legs and levers: Limpert 2011 and UN R78, from memory.</summary>
    [Fact]
    public void A_motorcycle_has_a_lever_for_each_wheel()
    {
        var (comfortable, greatest) = LegForce.Of(CarGuess.Motorcycle("naked", 270, 80, "sport").Car);
        (comfortable.Front, greatest.Front, comfortable.Rear, greatest.Rear).ShouldBe((90, 200, 150, 350));
        LegForce.Of(SampleParts.Estate).GreatestN.Front.ShouldBe(600);
    }
}
