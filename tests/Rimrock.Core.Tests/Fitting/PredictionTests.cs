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
}
