using Rimrock.Core.Circuits;
using Rimrock.Core.Driving;
using Rimrock.Core.Fitting;
using Rimrock.Core.Fluids;
using Rimrock.Core.Friction;
using Rimrock.Core.Heat;
using Rimrock.Core.Numerics;
using Rimrock.Core.Quantities;
using Rimrock.Core.Runs;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Tests.Fitting;

public class PredictionTests
{
    private static double Peak(PredictionResult result, BrakePart part) =>
        result.Ranges.Single(range => range.Part == part).PeakC.Max();

    [Fact]
    public void The_days_energy_balances_to_a_tenth_of_a_percent()
    {
        foreach (var wheel in Predictor.Predict(SampleParts.Plan()).Cooling)
        {
            Math.Abs(wheel.BalanceError).ShouldBeLessThan(0.001);
            (wheel.FacesShare + wheel.VanesShare + wheel.RadiationShare + wheel.HubShare + wheel.CaliperShare).ShouldBe(1, 1e-9);
        }
    }

    [Fact]
    public void The_same_plan_gives_the_same_answer_to_the_last_digit()
    {
        var one = Predictor.Predict(SampleParts.Plan());
        var two = Predictor.Predict(SampleParts.Plan());
        two.Course!.Sessions[0].Parts[0].Celsius.ShouldBe(one.Course!.Sessions[0].Parts[0].Celsius);
        two.Limits.Select(limit => limit.Margin).ShouldBe(one.Limits.Select(limit => limit.Margin));
    }

    /// <summary>Signs that any brake engineer expects (common practice).</summary>
    [Fact]
    public void Heavier_grippier_stronger_and_hotter_days_heat_the_face_and_a_novice_does_not()
    {
        // Pads that hold: with those that fade a driver brakes earlier and spares them.
        var plan = SampleParts.Plan("race-sintered", "race-sintered");
        var usual = Peak(Predictor.Predict(plan), BrakePart.FrontFace);
        Face(plan with { Car = plan.Car with { MassKg = 1716 } }).ShouldBeGreaterThan(usual + 20);
        Face(plan with { Car = plan.Car with { PowerKw = 150 } }).ShouldBeGreaterThan(usual + 10);
        Face(plan with { Car = plan.Car with { Tyre = "semi-slick" } }).ShouldBeGreaterThan(usual + 10);
        Face(plan with { Weather = new Weather(34) }).ShouldBeInRange(usual + 3, usual + 25);
        Face(plan with { Pace = "novice" }).ShouldBeLessThan(usual - 60);
        Face(plan with { Car = plan.Car with { RegenerationMS2 = 1.5 } }).ShouldBeLessThan(usual - 20);

        static double Face(PredictionPlan changed) => Peak(Predictor.Predict(changed), BrakePart.FrontFace);
    }

    [Fact]
    public void Fading_front_pads_hand_work_to_the_rear_and_cost_effort()
    {
        var faded = Predictor.Predict(SampleParts.Plan("organic", "track-sport"));
        var sound = Predictor.Predict(SampleParts.Plan("track-sport", "track-sport"));
        faded.Summary.FrontShare.P50.ShouldBeLessThan(sound.Summary.FrontShare.P50);
        faded.Course!.Stops.Where(stop => stop.Lap == 8).Max(stop => stop.Effort.P50).ShouldBeGreaterThan(1.5);
        sound.Course!.Stops.Where(stop => stop.Lap == 8).Max(stop => stop.Effort.P50).ShouldBeLessThan(1.3);
    }

    [Fact]
    public void Steps_are_small_enough()
    {
        var plan = SampleParts.Plan("track-sport", "street-performance");
        double[] Peaks(BrakePart part, DayRun run) => [.. run.Phases.Select(phase => phase.Peak[(int)part][0])];
        DayRun Run(double share)
        {
            var run = new DayRun(plan, [CarFactors.Median]);
            foreach (var phase in new Day(plan, share).Phases)
            {
                run.Run(phase);
            }

            return run;
        }

        var (coarse, fine) = (Run(1), Run(0.125));
        foreach (var (part, dayK, lapK) in new[] { (BrakePart.FrontFace, 2, 2), (BrakePart.RearFace, 2, 2), (BrakePart.FrontFluid, 1, 1),
            (BrakePart.FrontRotor, 1, 1.5), (BrakePart.FrontPadCore, 5, 5) })
        {
            Peaks(part, coarse).Max().ShouldBe(Peaks(part, fine).Max(), dayK, $"{part} over the day");
            Peaks(part, coarse).Zip(Peaks(part, fine), (a, b) => Math.Abs(a - b)).Max().ShouldBeLessThan(lapK, $"{part} in any stretch");
        }
    }

    [Fact]
    public void A_stop_on_a_chart_of_initial_temperatures_spends_its_energy_at_its_own()
    {
        var pad = new Pad("initial", "track-sport", Basis: ChartBasis.InitialEmbedded);
        var axle = new AxleRun(SampleParts.Wheel(), new(pad), [WheelFactors.Median], PadFactors.None, 20, Core.Materials.Air.SeaLevelPressurePa);
        for (var stop = 0; stop < 3; stop++)
        {
            axle.BeginStop();
            var atC = axle.Wheel.EmbeddedC[0];
            axle.Step(0.3, 40, Lanes.Create(60_000.0), braking: true);
            axle.ChartBeforeC[0].ShouldBe(atC, 1e-9);
            axle.ChartC[0].ShouldBe(atC, 1e-9);
            axle.Step(7, 40, Lane.Zero, braking: false);
        }

        axle.ChartC[0].ShouldBeGreaterThan(25, "later stops begin warmer");
    }

    [Fact]
    public void A_stretch_begins_at_the_heat_that_the_one_before_left()
    {
        var plan = SampleParts.Plan("track-sport", "street-performance") with { Stint = new StintPlan(1, 15, 40, CoolDownLaps: 0) };
        var run = new DayRun(plan, [CarFactors.Median]);
        foreach (var phase in new Day(plan).Phases)
        {
            run.Run(phase);
        }

        var parked = run.Phases[^1];
        parked.Peak[(int)BrakePart.FrontRotor][0].ShouldBe(parked.StartC[(int)BrakePart.FrontRotor][0], "a parked ring only cools");
        parked.PeakAtS[(int)BrakePart.FrontRotor][0].ShouldBe(parked.StartS);
        parked.Peak[(int)BrakePart.FrontFluid][0].ShouldBeGreaterThan(parked.StartC[(int)BrakePart.FrontFluid][0], "its heat soaks into the fluid");
        run.Phases[0].Least[(int)BrakePart.FrontFace][0].ShouldBe(24, "the air of the morning");
    }

    [Theory]
    [InlineData(ChartBasis.Unknown)]
    [InlineData(ChartBasis.InitialEmbedded)]
    [InlineData(ChartBasis.InStopEmbedded)]
    [InlineData(ChartBasis.Rubbing)]
    public void What_the_pads_are_asked_for_does_not_hang_on_the_steps(ChartBasis basis)
    {
        var plan = SampleParts.Plan("track-sport", "street-performance");
        plan = plan with { FrontPad = plan.FrontPad with { Basis = basis }, RearPad = plan.RearPad with { Basis = basis } };
        double?[] Demands(double share) =>
            [.. Predictor.Predict(plan, new Year(new Day(plan, share))).Limits.Where(limit => limit.Code is "front-pad-hot" or "rear-pad-hot")
                .OrderBy(limit => limit.Code).Select(limit => limit.Demand)];
        var (coarse, fine) = (Demands(1), Demands(0.1));
        coarse[0]!.Value.ShouldBe(fine[0]!.Value, 2);
        coarse[1]!.Value.ShouldBe(fine[1]!.Value, 2);
    }

    [Fact]
    public void Wear_is_read_where_the_step_is_and_not_at_its_hot_end()
    {
        var plan = SampleParts.Plan("street-performance", "organic");
        (double Front, double Rear) Worn(double share)
        {
            var run = new DayRun(plan, [CarFactors.Median]);
            foreach (var phase in new Day(plan, share).Phases)
            {
                run.Run(phase);
            }

            return (run.Front.WornMm3[0], run.Rear.WornMm3[0]);
        }

        var (coarse, fine) = (Worn(1), Worn(0.1));
        (coarse.Front / fine.Front).ShouldBe(1, 0.03);
        (coarse.Rear / fine.Rear).ShouldBe(1, 0.03);
    }

    [Fact]
    public void Parked_steps_find_the_fluids_peak_as_fine_ones_do()
    {
        var plan = SampleParts.Plan("track-sport", "street-performance") with { Stint = new StintPlan(1, 15, 40, CoolDownLaps: 0) };
        (double C, double AtS) Peak(double share)
        {
            var run = new DayRun(plan, [CarFactors.Median]);
            foreach (var phase in new Day(plan, share).Phases)
            {
                run.Run(phase);
            }

            var parked = run.Phases[^1];
            return (parked.Peak[(int)BrakePart.FrontFluid][0], parked.PeakAtS[(int)BrakePart.FrontFluid][0] - parked.StartS);
        }

        var (coarse, fine) = (Peak(1), Peak(0.1));
        fine.AtS.ShouldBeInRange(30, 1200, "heat soaks through after stopping");
        coarse.C.ShouldBe(fine.C, 1);
        coarse.AtS.ShouldBe(fine.AtS, 30, "the page says it in whole minutes");
    }

    [Fact]
    public void Longer_steps_on_the_road_move_its_demand_by_a_fraction_of_a_bin()
    {
        var plan = SampleParts.Plan("track-sport", "street-performance") with { Days = [new("weekday", 200)] };
        (double, double, double) Quantiles(double share)
        {
            var run = new DayRun(plan, [CarFactors.Median]);
            foreach (var phase in new Day(plan, share).Phases)
            {
                run.Run(phase);
            }

            var sum = new EnergyHistogram();
            foreach (var phase in run.Phases)
            {
                sum.Add(phase.FrontEnergy);
            }

            return (sum.Quantile(0.1, 0), sum.Quantile(0.9, 0), run.FrontFluidTime.Quantile(0.9, 0));
        }

        var (coarse, fine) = (Quantiles(1), Quantiles(0.1));
        coarse.Item1.ShouldBe(fine.Item1, 3);
        coarse.Item2.ShouldBe(fine.Item2, 3);
        coarse.Item3.ShouldBe(fine.Item3, 1);
    }

    [Fact]
    public void The_band_holds_the_middle_and_every_series_lies_in_order()
    {
        var result = Predictor.Predict(SampleParts.Plan());
        foreach (var part in result.Course!.Sessions[0].Parts.Where(part => part.Part is BrakePart.FrontFace or BrakePart.FrontFluid))
        {
            part.Celsius.Length.ShouldBe(result.Course!.Sessions[0].TimeS.Length);
            part.HighC.Max().ShouldBeGreaterThan(part.Celsius.Max());
            part.LowC.Max().ShouldBeLessThan(part.Celsius.Max());
        }

        foreach (var limit in result.Limits.Where(limit => limit.Unit == "C" && limit.Demand is not null))
        {
            limit.Demand!.Value.ShouldBeInRange(limit.DemandLow!.Value - 1e-9, limit.DemandHigh!.Value + 1e-9);
        }
    }

    [Fact]
    public void Demand_is_a_whole_and_lies_where_the_laps_were()
    {
        foreach (var layer in Predictor.Predict(SampleParts.Plan() with { Days = [new(DayKind.TrackDay, 5), new("weekday", 200)] }).Strata)
        {
            layer.Track!.Share.Sum().ShouldBe(1, 1e-3);
            layer.Track.P10C.ShouldBeLessThan(layer.Track.P90C);
            layer.Track.P90C.ShouldBeLessThanOrEqualTo(layer.Track.PeakC + 10);
            layer.Road!.P50C.ShouldBeLessThan(layer.Track.P50C);
        }
    }

    [Fact]
    public void The_fluids_peak_after_parking_is_found_wherever_it_comes()
    {
        var result = Predictor.Predict(SampleParts.Plan() with { Stint = new StintPlan(1, 12, 30, CoolDownLaps: 0) });
        var peak = result.Parked.Single(item => item.Part == BrakePart.FrontFluid);
        peak.MinutesAfter.ShouldBeInRange(1, 40);
        peak.RiseK.ShouldBeGreaterThan(3);
    }

    [Fact]
    public void Zones_and_recordings_give_the_same_kind_of_answer()
    {
        BrakingZone[] zones = [new(165, 80, 18), new(140, 95, 14)];
        var table = Predictor.Predict(SampleParts.Plan() with { Circuit = new Circuit("table", Zones: zones) });
        var lap = BrakingZoneTable.Lap(zones, 0.9 * 1.05 * 9.81);
        var recording = new SpeedRecording(lap.TimeS, [.. lap.SpeedMS.Select(Speed.ToKmh)]);
        var recorded = Predictor.Predict(SampleParts.Plan() with { Circuit = new Circuit("recorded", Recording: recording) });
        recorded.Summary.BrakingMJ.P50.ShouldBe(table.Summary.BrakingMJ.P50, 0.03 * table.Summary.BrakingMJ.P50);
        Peak(recorded, BrakePart.FrontRotor).ShouldBe(Peak(table, BrakePart.FrontRotor), 15);
    }

    [Fact]
    public void A_wheel_step_allocates_nothing()
    {
        var wheel = SampleParts.Network(SampleParts.Wheel());
        var power = Lanes.Create(5e4);
        for (var i = 0; i < 100; i++)
        {
            wheel.Step(0.1, 40, power, true);
        }

        // A collection that other tests bring on can move the thread's own count; a step that allocates does so in every thousand.
        long Allocated()
        {
            var before = GC.GetAllocatedBytesForCurrentThread();
            for (var i = 0; i < 1000; i++)
            {
                wheel.Step(0.1, 40, power, true);
            }

            return GC.GetAllocatedBytesForCurrentThread() - before;
        }

        Enumerable.Range(0, 4).Min(_ => Allocated()).ShouldBe(0);
    }

    public static TheoryData<string, PredictionPlan> BadPlans()
    {
        var plan = SampleParts.Plan();
        return new()
        {
            { "car.massKg", plan with { Car = plan.Car with { MassKg = 90 } } },
            { "car.powerKw", plan with { Car = plan.Car with { PowerKw = double.NaN } } },
            { "car.tyre", plan with { Car = plan.Car with { Tyre = "square" } } },
            { "car.front.padAreaCm2", plan with { Car = plan.Car with { Front = plan.Car.Front with { PadAreaCm2 = 0 } } } },
            { "car.hydraulics.pedalRatio", plan with { Car = plan.Car with { Hydraulics = new Hydraulics(PedalRatio: 20) } } },
            { "pace", plan with { Pace = "ludicrous" } },
            { "stint.sessions", plan with { Stint = new StintPlan(0) } },
            { "stint.minutesEach", plan with { Stint = new StintPlan(1, double.PositiveInfinity) } },
            { "weather.ambientC", plan with { Weather = new Weather(80) } },
            { "frontPad.family", plan with { FrontPad = new("pad", "cheese") } },
            { "frontRotor.vaneGapMm", plan with { FrontRotor = plan.FrontRotor with { VaneGapMm = 0 } } },
            { "rearRotor.innerDiameterMm", plan with { RearRotor = plan.RearRotor with { InnerDiameterMm = 290 } } },
            { "fluid.wetC", plan with { Fluid = plan.Fluid with { WetC = 250 } } },
            { "fluidState.ageMonths", plan with { FluidState = new(-1) } },
            { "frontPadMm", plan with { FrontPadMm = 14 } },
            { "frontDuct.hoseMm", plan with { FrontDuct = new WheelDuct(400) } },
            { "frontDuct.lengthM", plan with { FrontDuct = new WheelDuct(76, LengthM: 40) } },
            { "rearDuct.hoseMm", plan with { RearDuct = new WheelDuct(-1) } },
            { "outsideHeat.distanceMm", plan with { OutsideHeat = new OutsideHeat(DistanceMm: 1) } },
            { "stabilityControlPercent", plan with { StabilityControlPercent = 120 } },
            { "days[1].trailerKg", plan with { Days = [new(DayKind.TrackDay, 5), new("towing", 5, TrailerKg: double.NaN)] } },
            { "days[0].kind", plan with { Days = [new("moon", 5)] } },
            { "days[0].daysAYear", plan with { Days = [new("commute", 400)] } },
            { "days[0].slopePercent", plan with { Days = [new(DayKind.Descent, 4, SlopePercent: 40)] } },
            { "days[0].stint.restMinutes", plan with { Days = [new("autocross", 8, new StintPlan(4, 1, 900))] } },
            { "days[0].fromKmh", plan with { Days = [new(DayKind.Strip, 8, FromKmh: 900)] } },
            { "days", plan with { Days = [] } },
            { "car.front.discs", plan with { Car = plan.Car with { Front = plan.Car.Front with { Discs = 3 } } } },
            { "circuit.zoneG", plan with { Circuit = new Circuit("zones", Zones: [new(100, 40, 10)], ZoneG: 9) } },
            { "circuit", plan with { Circuit = new Circuit("nowhere") } },
            { "circuit.zones[0].exitKmh", plan with { Circuit = new Circuit("zones", Zones: [new(100, 120, 10)]) } },
            { "circuit.segments", plan with { Circuit = new Circuit("straight", Segments: [new(500), new(500)]) } },
        };
    }

    [Theory]
    [MemberData(nameof(BadPlans), DisableDiscoveryEnumeration = true)]
    public void Every_fault_is_named_with_value_and_range(string field, PredictionPlan plan)
    {
        var fault = Should.Throw<InputFaultException>(() => Predictor.Predict(plan)).Faults.First(found => found.Field == field);
        fault.Allowed.IsNothing.ShouldBeFalse();
        fault.Message.IsNothing.ShouldBeFalse();
    }
}
