using Rimrock.Core.Beliefs;
using Rimrock.Core.Driving;
using Rimrock.Core.Entries;
using Rimrock.Core.Fluids;
using Rimrock.Core.Logbook;

namespace Rimrock.Core.Tests.Logbook;

public class CarEvidenceTests
{
    private static readonly PredictionPlan Plan = SampleParts.Plan("track-sport", "track-sport") with { FluidState = new FluidState(12) };
    private static readonly DateOnly First = new(2026, 3, 1);

    [Fact]
    public void What_two_measurements_say_was_worn_belongs_to_the_day_before_the_second()
    {
        var day = new LogSession(First.AddDays(20), 1, 12, Plan);
        var found = CarEvidence.Of([day], [Stands(0, 9.0), Stands(30, 8.0, laps: 50)]).Single();
        found.Session.ShouldBe(0);
        var worn = found.Evidence.Observations.Single();
        worn.Kind.ShouldBe(ObservationKind.PadWear);

        // A millimetre in fifty laps, on a day of as many laps as the plan's.
        var laps = new Day(day.DrivenPlan()).HotLaps;
        worn.Value!.Value.ShouldBe(1.0 * laps / 50, 1e-3);
        var thrice = CarEvidence.Of([day with { Sessions = 3 }], [Stands(0, 9.0), Stands(30, 8.0, laps: 50)]).Single().Evidence.Observations.Single();
        thrice.Value!.Value.ShouldBe(3 * worn.Value.Value, 5e-3, "three sessions wear three times as much");
        worn.Error!.Value.ShouldBe(Math.Sqrt((2 * 0.15 * 0.15) + (0.15 * 0.15)) * laps / 50, 1e-3);
    }

    [Fact]
    public void Measured_without_a_day_in_the_paddock_it_tells_of_the_usual_day()
    {
        var found = CarEvidence.Of([], [Stands(0, 9.0), Stands(30, 8.0, laps: 50)]).Single();
        found.Session.ShouldBeNull();
        found.Evidence.Observations.Single().Kind.ShouldBe(ObservationKind.PadWear);
    }

    [Fact]
    public void Another_set_or_unknown_laps_tell_nothing()
    {
        CarEvidence.Of([], [Stands(0, 5.0), Stands(30, 10.5, laps: 50)]).ShouldBeEmpty("it grew: another set");
        CarEvidence.Of([], [Stands(0, 9.0), Stands(30, 8.0)]).ShouldBeEmpty("nobody counted laps");
        CarEvidence.Of([], [Stands(0, 9.0), Stands(30, 8.0, laps: 50) with { Plan = Plan with { FrontPad = Plan.FrontPad with { Name = "others" } } }])
            .ShouldBeEmpty("other pads");
    }

    [Fact]
    public void A_water_reading_is_as_much_less_on_a_day_when_the_fluid_was_younger()
    {
        var day = new LogSession(First.AddDays(1), 1, 12, Plan with { FluidState = new FluidState(6) });
        var seen = CarEvidence.Of([day], [Stands(120, null, water: 2)]).Single().Evidence.Observations.Single();
        seen.Kind.ShouldBe(ObservationKind.Moisture);
        seen.Value!.Value.ShouldBe(2 * new FluidState(6).WaterByAgePercent() / new FluidState(12).WaterByAgePercent(), 0.01);
    }

    /// <summary>A dry reading of old fluid says that it drinks slowly; a tester is off by 0.8 % (shared figures), so that it does not say it surely.</summary>
    [Fact]
    public void A_moisture_reading_moves_the_water_and_replaces_nothing()
    {
        var old = Plan with { FluidState = new FluidState(24), Stint = new StintPlan(1, 10, 20) };
        var learnt = Learning.From(CarEvidence.Of([], [Stands(0, null, water: 0.5) with { Plan = old }]).Select(day => day.Evidence).ToList());
        double[] rates = [.. learnt.Of(old).Cars().Select(car => car.WaterRate).Order()];
        rates[128].ShouldBeInRange(0.4, 0.85);
        rates[230].ShouldBeGreaterThan(0.7);
    }

    /// <summary>Pads that wear a third as fast as feared: learnt by enough members for a word, which takes 81 of one weight.</summary>
    [Fact]
    public void Wear_far_off_is_learnt_by_enough_members_for_a_word()
    {
        var plan = Plan with { Stint = new StintPlan(3, 20, 40) };
        LogSession Driven(int day) => new(First.AddDays(day), 3, 27, plan, FrontPaint: new(430, 560), Pedal: PedalFeel.Firm);
        InspectionNote Found(int day, double front, double rear, int laps) => new(new Inspection(First.AddDays(day),
            [new CornerLook(Corner.LeftFront, front), new CornerLook(Corner.LeftRear, rear)], 0.5, HotLapsSince: laps), plan);
        var days = CarEvidence.Of([Driven(0), Driven(60), Driven(116), Driven(171)],
            [Found(-2, 10.8, 9.7, 0), Found(114, 9.9, 9.5, 45), Found(174, 9.3, 9.3, 53)]);
        var learnt = Learning.From([.. days.Select(day => day.Evidence)]);
        learnt.Contradicted.ShouldBeFalse();
        learnt.EffectiveMembers.ShouldBeGreaterThan(81);
        learnt.Of(plan).Repeated.ShouldBe(Population.Size / learnt.EffectiveMembers, 0.1);
        learnt.Of(plan).Cars().Select(car => car.Wear).Order().ElementAt(128).ShouldBeLessThan(0.5);
    }

    private static InspectionNote Stands(int day, double? mm, int? laps = null, double? water = null) =>
        new(new Inspection(First.AddDays(day), mm is { } left ? [new CornerLook(Corner.LeftFront, left)] : [], water, HotLapsSince: laps), Plan);
}
