using Rimrock.Core.Circuits;
using Rimrock.Core.Driving;
using Rimrock.Core.Fluids;
using Rimrock.Core.Friction;
using Rimrock.Core.Priors;
using Rimrock.Core.Quantities;
using Rimrock.Core.Rotors;
using Rimrock.Core.Runs;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Tests.Runs;

/// <summary>What matters less still moves a member, by sums done by hand.</summary>
public class LesserFactorsTests
{
    private static readonly PredictionPlan Plan = SampleParts.Plan("race-sintered", "race-sintered") with { Stint = new StintPlan(1, 3, 6, CoolDownLaps: 0) };

    private static CarFactors Member(LesserFactors lesser) => CarFactors.Median with { Lesser = lesser };

    private static DayRun Run(PredictionPlan plan, params LesserFactors[] lesser)
    {
        var run = new DayRun(plan, [.. lesser.Select(Member)]);
        foreach (var phase in new Day(plan).Phases)
        {
            run.Run(phase);
        }

        return run;
    }

    [Fact]
    public void A_heavier_car_brings_its_brakes_as_much_more_work_and_slip_takes_some_of_it()
    {
        var run = Run(Plan, default, new(Mass: 1), new(Slip: 1));
        double Joules(int lane) => run.Front.EnergyJ[lane] + run.Rear.EnergyJ[lane];
        (Joules(1) / Joules(0)).ShouldBe(1.03, 1e-9);
        (Joules(2) / Joules(0)).ShouldBe(0.93 / 0.95, 1e-9);
    }

    [Fact]
    public void A_higher_centre_of_gravity_brings_the_front_brakes_more_of_it()
    {
        var open = Plan with { Car = Plan.Car with { Kind = VehicleKind.Motorcycle } };
        var run = Run(open, new(Height: -1), default, new(Height: 1));
        run.Front.EnergyJ[2].ShouldBeGreaterThan(run.Front.EnergyJ[1]);
        run.Front.EnergyJ[1].ShouldBeGreaterThan(run.Front.EnergyJ[0]);
    }

    [Fact]
    public void A_braked_trailer_leaves_the_car_more_or_less_of_itself()
    {
        var day = new PlannedDay(DayKind.Descent, 2, TrailerKg: 1000, TrailerBraked: true);
        var car = SampleParts.Estate;
        day.TrailerFactor(car, 1).ShouldBe((1560 + 450) / (1560 + 300.0), 1e-12);
        day.TrailerFactor(car, -5).ShouldBe(1560 / (1560 + 300.0), 1e-12, "a trailer never pushes backwards");
        (day with { TrailerBraked = false }).TrailerFactor(car, 1).ShouldBe(1);
        (day with { Kind = DayKind.TrackDay }).TrailerFactor(car, 1).ShouldBe(1, "nobody tows on a track day");
        new LesserFactors(Mass: 1, Trailer: 1).HeavierFactor(Plan with { Days = [day] }).ShouldBe(1.03 * 2010 / 1860, 1e-12);
    }

    [Fact]
    public void Friction_falls_with_speed_and_pressure_by_half_more_or_less()
    {
        SpeedAndPressure.OfSpeed(180, Lanes.Create(new LesserFactors(SpeedLaw: 1).SpeedLawFactor()))[0].ShouldBe(0.91, 1e-12);
        SpeedAndPressure.OfPressure(60, new LesserFactors(PressureLaw: -1).PressureLawFactor()).ShouldBe(Math.Pow(2, -0.025), 1e-12);
        new LesserFactors(SpeedLaw: -4, PressureLaw: -4).ShouldSatisfyAllConditions(
            far => far.SpeedLawFactor().ShouldBe(0),
            far => far.PressureLawFactor().ShouldBe(0));
    }

    [Fact]
    public void Friction_beyond_the_chart_is_what_nobody_measured()
    {
        var hot = SampleParts.Plan() with { Car = SampleParts.Estate with { PowerKw = 400 }, Stint = new StintPlan(1, 15, 6, CoolDownLaps: 0) };
        var run = new DayRun(hot, [Member(new(BeyondChart: -1)), Member(default), Member(new(BeyondChart: 1))], by: DrivenBy.Plan);
        var lastC = hot.FrontPad.FrictionCurveOf().LastC;
        var seen = 0;
        run.Stepped = _ =>
        {
            if (run.Front.ChartC[1] > lastC + 50)
            {
                seen++;
                run.Front.Mu[0].ShouldBeLessThan(run.Front.Mu[1]);
                run.Front.Mu[2].ShouldBeGreaterThan(run.Front.Mu[1]);
                run.Front.Mu[2].ShouldBeLessThan(run.Front.Mu[1] + PriorSpread.BeyondChart + 1e-9);
            }
            else if (Enumerable.Range(0, 3).All(lane => run.Front.ChartC[lane] < lastC))
            {
                run.Front.Mu[0].ShouldBe(run.Front.Mu[1], 0.02, "on the chart all read the same, but for what a lap before has done to them");
            }
        };
        foreach (var phase in new Day(hot).Phases)
        {
            run.Run(phase);
        }

        seen.ShouldBeGreaterThan(10, "organic pads on a fast day leave their chart");
    }

    [Fact]
    public void Fluid_behind_the_piston_is_wetter_by_some_three_tenths()
    {
        var old = new FluidState(36);
        (old.WaterAtCaliperPercent(1, 1) - old.WaterAtCaliperPercent()).ShouldBe(0.3, 0.01);
        old.WaterAtCaliperPercent(1, -3).ShouldBeGreaterThan(3, "never drier than the reservoir");
        var plan = Plan with { FluidState = old };
        FluidToday.Of(plan, Member(new(CaliperWater: 1))).VapourC.ShouldBeLessThan(FluidToday.Of(plan).VapourC);
    }

    /// <summary>Some 17 K at the face for 10 K of air (common practice), and twice as unsure for a day of which there is no forecast.</summary>
    [Fact]
    public void A_warmer_day_is_warmer_everywhere()
    {
        var (cool, warm) = (Run(Plan, new LesserFactors()), Run(Plan, new LesserFactors(Air: 1)));
        var face = Peak(warm, BrakePart.FrontFace) - Peak(cool, BrakePart.FrontFace);
        face.ShouldBeInRange(0.8 * PriorSpread.AirK, 2.5 * PriorSpread.AirK);
        (Peak(warm, BrakePart.FrontFluid) - Peak(cool, BrakePart.FrontFluid)).ShouldBeGreaterThan(0.5 * PriorSpread.AirK);
        new LesserFactors(Air: 1).WarmerK(Plan with { IsFarAhead = true }).ShouldBe(2 * new LesserFactors(Air: 1).WarmerK(Plan));
        static double Peak(DayRun run, BrakePart part) => run.Phases.Max(phase => phase.Peak[(int)part][0]);
    }

    /// <summary>Laps of eight circuits with 0.05 g more: the middle of what braking power gains is what a member gains.</summary>
    [Fact]
    public void More_grip_is_more_braking_power_by_our_own_laps()
    {
        static double PowerW(Circuit circuit, double massKg, double powerKw, double gripG)
        {
            var car = CarGuess.From("a car", massKg, powerKw, "sport").Car;
            var lap = LapSimulation.Drive(circuit, car, Pace.Find("advanced"), gripG, 1.2);
            return BrakingWork.LapJoules(lap, car, 1.2) / lap.DurationS;
        }

        double[] gains = [.. from typical in TypicalCircuit.All
                             from of in new[] { (1000, 90), (1480, 150), (1700, 350) }
                             from grip in new[] { 0.95, 1.2 }
                             select (PowerW(typical.Circuit, of.Item1, of.Item2, grip + PriorSpread.GripG) / PowerW(typical.Circuit, of.Item1, of.Item2, grip)) - 1];
        gains.Order().ElementAt(gains.Length / 2).ShouldBe(PriorSpread.GripPower, 0.3 * PriorSpread.GripPower);
        Run(Plan, new LesserFactors(Grip: 1)).Front.EnergyJ[0].ShouldBe((1 + PriorSpread.GripPower) * Run(Plan, new LesserFactors()).Front.EnergyJ[0],
            0.005 * Run(Plan, new LesserFactors()).Front.EnergyJ[0]);
        var road = Plan with { Days = [new PlannedDay("commute", 200)] };
        new LesserFactors(Grip: 1).GripFactor(road).ShouldBe(1, "no tyre limits a commute");
        new LesserFactors(Grip: 1).GripFactor(Plan with { Circuit = new Circuit("zones", Zones: [new(200, 100, 20)]) }).ShouldBe(1);
    }

    [Fact]
    public void A_valve_that_holds_back_earlier_leaves_the_front_more()
    {
        var plain = Plan with { Car = Plan.Car with { Electronics = false, RearValve = RearValve.Proportioning } };
        var run = Run(plain, new(Valve: -1), default);
        run.Front.EnergyJ[0].ShouldBeGreaterThan(run.Front.EnergyJ[1]);
    }

    [Fact]
    public void A_speedometer_shows_some_four_per_cent_too_much()
    {
        BrakingZone[] zones = [new(200, 100, 20)];
        BrakingZoneTable.Lap(zones, 8, bySpeedometer: true).SpeedMS.Max().ShouldBe(0.96 * 200 / 3.6, 1e-9);
        BrakingZoneTable.Lap(zones, 8).SpeedMS.Max().ShouldBe(200 / 3.6, 1e-9);
        var plan = Plan with { Circuit = new Circuit("zones", Zones: zones) };
        Run(plan with { Circuit = plan.Circuit with { BySpeedometer = true } }, new LesserFactors()).Front.EnergyJ[0]
            .ShouldBeInRange(0.90 * Run(plan, new LesserFactors()).Front.EnergyJ[0], 0.95 * Run(plan, new LesserFactors()).Front.EnergyJ[0]);
    }

    [Fact]
    public void Better_iron_conducts_better_stands_more_heat_and_cracks_later()
    {
        var (plain, carbon, alloyed) = (SampleParts.FrontRing, SampleParts.FrontRing with { Grade = IronGrade.HighCarbon },
            SampleParts.FrontRing with { Grade = IronGrade.Alloyed });
        (carbon.MaterialOf().ConductivityWMK(20) - plain.MaterialOf().ConductivityWMK(20)).ShouldBe(5, 1e-9);
        alloyed.MaterialOf().FaceLimitC.ShouldBe(750);
        (CrackLife.Hours(carbon, 150) / CrackLife.Hours(plain, 150)).ShouldBe(1.5, 1e-9);
        (CrackLife.Hours(alloyed, 150) / CrackLife.Hours(plain, 150)).ShouldBe(2.5, 1e-9);
        Math.Log(CrackLife.SpreadFactor(alloyed)).ShouldBe(Math.Sqrt(Math.Pow(Math.Log(3), 2) + Math.Pow(Math.Log(2), 2)), 1e-12);
        CrackLife.SpreadFactor(plain).ShouldBe(3, 1e-12);
    }
}
