using Rimrock.Core.Beliefs;
using Rimrock.Core.Circuits;
using Rimrock.Core.Driving;
using Rimrock.Core.Fluids;
using Rimrock.Core.Runs;

namespace Rimrock.Core.Tests.Beliefs;

/// <summary>What each observation says about one car, by hand from its run.</summary>
public class ObservationModelTests
{
    private static readonly PredictionPlan Plan = SampleParts.Plan("track-sport", "street-performance") with { Stint = new StintPlan(2, 5, 12) };
    private static readonly DayRun Run = Driven();

    private static DayRun Driven()
    {
        var run = new DayRun(Plan, [CarFactors.Median]);
        foreach (var phase in new Day(Plan).Phases)
        {
            run.Run(phase);
        }

        return run;
    }

    private static double Log(Observation observation) => ObservationModel.LogLikelihood(observation, Plan, Run, 0, CarFactors.Median);

    private static double Predicted(Observation observation) => ObservationModel.Predicted(observation, Plan, Run, 0, CarFactors.Median);

    [Fact]
    public void A_number_one_standard_deviation_off_costs_half_a_unit()
    {
        var seen = new Observation(ObservationKind.RotorPeak, Value: 0, Error: 10);
        EvidenceError.Of(seen).Total.ShouldBe(15, 1e-9, "its own 10, 5 of the place, 10 of the instrument");
        var truth = Predicted(seen);
        truth.ShouldBe(Run.Phases.Max(phase => phase.Peak[(int)BrakePart.FrontFace][0]));
        Log(seen with { Value = truth }).ShouldBe(0);
        Log(seen with { Value = truth + 15 }).ShouldBe(-0.5, 1e-9);
        Log(seen with { Value = truth - 30 }).ShouldBe(-2, 1e-9);
    }

    [Fact]
    public void An_interval_costs_nothing_inside_half_at_its_edge_and_more_and_more_outside()
    {
        var paint = new Observation(ObservationKind.RotorPaint);
        var truth = Predicted(paint);
        Log(paint with { AboveC = truth - 120, BelowC = truth + 120 }).ShouldBe(0, 1e-6);
        Log(paint with { AboveC = truth }).ShouldBe(Math.Log(0.5), 1e-9);
        Log(paint with { BelowC = truth - 30 }).ShouldBeLessThan(Log(paint with { BelowC = truth - 10 }));
        Log(paint with { AboveC = truth + 400 }).ShouldBeGreaterThan(double.NegativeInfinity);
    }

    [Fact]
    public void Sessions_and_laps_narrow_what_a_peak_is_about()
    {
        var caliper = new Observation(ObservationKind.CaliperPeak, Value: 0);
        var first = Predicted(caliper with { Session = 1, Lap = 1 });
        first.ShouldBeLessThan(Predicted(caliper with { Session = 1 }));
        Predicted(caliper with { Session = 1 }).ShouldBeLessThanOrEqualTo(Predicted(caliper));
        Predicted(caliper with { Rear = true }).ShouldBe(Run.Phases.Max(phase => phase.Peak[(int)BrakePart.RearCaliper][0]));
    }

    [Fact]
    public void A_reading_in_the_paddock_falls_with_the_minutes()
    {
        double At(double minutes) => Predicted(new Observation(ObservationKind.RotorReading, Session: 1, Value: 0, MinutesAfterStop: minutes));
        At(0).ShouldBeGreaterThan(At(3));
        At(3).ShouldBeGreaterThan(At(8));
        var parked = Run.Phases.First(phase => phase.Phase.Kind == PhaseKind.Parked);
        At(0).ShouldBe(Run.SampledC(BrakePart.FrontFace, parked.StartS, 0));
    }

    [Fact]
    public void Worn_millimetres_are_volume_over_area_of_all_pads()
    {
        var brake = Plan.Car.Front;
        Predicted(new Observation(ObservationKind.PadWear, Value: 0)).ShouldBe(Run.Phases[^1].FrontWornMm3[0] / (4 * brake.PadAreaCm2 * 100), 1e-12);
    }

    [Fact]
    public void A_soft_pedal_is_likely_where_the_fluid_boils_and_nearly_ruled_out_where_it_does_not()
    {
        var soft = new Observation(ObservationKind.PedalSoft, Lap: 2);
        var firm = soft with { Lap = 0 };
        Predicted(soft).ShouldBeLessThan(-30, "this fluid is far from boiling");
        Math.Exp(Log(firm)).ShouldBe(1, 0.01);
        Math.Exp(Log(soft)).ShouldBe(0.05, 0.01, "other causes");
        var boiling = Plan with
        {
            Fluid = new BrakeFluid("plain", "dot3", 206, 141),
            FluidState = new FluidState(60, Climate.Humid),
            Circuit = Plan.Circuit with { AltitudeM = 3500 }
        };
        boiling.Faults().ShouldBeEmpty();
        ObservationModel.LogLikelihood(firm, boiling, Run, 0, CarFactors.Median).ShouldBeLessThan(Log(firm));
    }
}
