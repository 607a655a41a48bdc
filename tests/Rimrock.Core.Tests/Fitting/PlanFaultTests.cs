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

/// <summary>A plan that cannot be is refused by field, value and range.</summary>
public class PlanFaultTests
{
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
