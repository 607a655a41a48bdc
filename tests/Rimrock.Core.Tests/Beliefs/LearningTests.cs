using Rimrock.Core.Beliefs;
using Rimrock.Core.Driving;
using Rimrock.Core.Fitting;
using Rimrock.Core.Fluids;
using Rimrock.Core.Judgement;
using Rimrock.Core.Numerics;
using Rimrock.Core.Quantities;
using Rimrock.Core.Runs;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Tests.Beliefs;

public class LearningTests
{
    private static readonly PredictionPlan Plan = SampleParts.Plan("track-sport", "street-performance")
        with
    { Stint = new StintPlan(1, 3, 6, CoolDownLaps: 0) };

    private static double Normal(Random random) => NormalQuantile.At(Math.Clamp(random.NextDouble(), 1e-9, 1 - 1e-9));

    private static (DayRun Run, CarFactors Car) Hidden(Random random)
    {
        var car = PriorFactor.CarOf([.. PriorFactor.All.Select(_ => Normal(random))]);
        var run = new DayRun(Plan, [car]);
        foreach (var phase in new Day(Plan).Phases)
        {
            run.Run(phase);
        }

        return (run, car);
    }

    private static double Peak(DayRun run, BrakePart part) => run.Phases.Max(phase => phase.Peak[(int)part][0]);

    /// <summary>Paints every 60 K on the rim and stickers every 15 K on the caliper, seen with the noise that the model of them states.</summary>
    private static Observation[] Seen(DayRun run, Random random)
    {
        var paint = new Observation(ObservationKind.RotorPaint, Session: 1, Lap: 50);
        var sticker = new Observation(ObservationKind.CaliperSticker, Session: 1);
        var rim = ObservationModel.Predicted(paint, Plan, run, 0, CarFactors.Median) + (EvidenceError.Of(paint).Total * Normal(random));
        var body = ObservationModel.Predicted(sticker, Plan, run, 0, CarFactors.Median) + (EvidenceError.Of(sticker).Total * Normal(random));
        var below = Math.Clamp(Math.Floor(rim / 60) * 60, 60, 900);
        var cooler = Math.Clamp(Math.Floor(body / 15) * 15, 45, 300);
        return [paint with { AboveC = below, BelowC = below + 60 }, sticker with { AboveC = cooler, BelowC = cooler + 15 }];
    }

    [Fact]
    public void More_evidence_narrows_more_and_the_same_evidence_gives_the_same_answer()
    {
        var (truth, _) = Hidden(new Random(3));
        var observations = Seen(truth, new Random(5));
        var exact = new Observation(ObservationKind.RotorPeak, Value: Peak(truth, BrakePart.FrontFace), Error: 3);
        var one = Learning.From([new EvidenceDay(Plan, [observations[0]])]);
        var both = Learning.From([new EvidenceDay(Plan, [.. observations, exact])]);
        var again = Learning.From([new EvidenceDay(Plan, [.. observations, exact])]);
        Width(Ensemble.Run(Plan, both.Belief), "front-face").ShouldBeLessThan(Width(Ensemble.Run(Plan, one.Belief), "front-face"));
        again.Belief.Weights.ShouldBe(both.Belief.Weights);
        both.Rounds.ShouldBeGreaterThan(1, "three sharp observations leave few of 256 members");
        both.EffectiveMembers.ShouldBeGreaterThan(25);
    }

    [Fact]
    public void Evidence_of_one_day_teaches_about_another()
    {
        var (truth, _) = Hidden(new Random(8));
        var learnt = Learning.From([new EvidenceDay(Plan, Seen(truth, new Random(8)))]);
        var hotDay = Plan with { Weather = new Weather(35) };
        Width(Ensemble.Run(hotDay, learnt.Belief), "front-face").ShouldBeLessThan(0.8 * Width(Ensemble.Run(hotDay), "front-face"));
    }

    [Fact]
    public void Evidence_that_nothing_explains_is_called_so_and_changes_nothing()
    {
        var learnt = Learning.From([new EvidenceDay(Plan, [new Observation(ObservationKind.RotorPaint, BelowC: 60)])]);
        learnt.Contradicted.ShouldBeTrue();
        learnt.Statement().Code.ShouldBe("learnt.nothing-car-could-explains");
        learnt.Seen.Single().Unexplained.ShouldBeTrue();
        learnt.Belief.ShouldBe(Population.Prior);
    }

    /// <summary>
    /// A car and errors as the model has them, seen over a season of twelve days: far from a contradiction, and enough members stand behind it. What is
    /// remembered of the days before changes no answer.
    /// </summary>
    [Theory]
    [InlineData(11)]
    [InlineData(12)]
    [InlineData(13)]
    public void A_season_of_one_car_contradicts_nothing_and_memory_changes_nothing(int seed)
    {
        var random = new Random(seed);
        var car = PriorFactor.CarOf([.. PriorFactor.All.Select(_ => Normal(random))]);
        var (paintShift, stickerShift) = (15 * Normal(random), 10 * Normal(random));
        EvidenceDay[] season = [.. Enumerable.Range(0, 12).Select(day =>
        {
            var plan = Plan with
            {
                Weather = new Weather(8 + (2 * day)),
                FrontPad = day > 8 ? Plan.FrontPad with { Name = "another" } : Plan.FrontPad,
            };
            var run = new DayRun(plan, [car]);
            foreach (var phase in new Day(plan).Phases)
            {
                run.Run(phase);
            }

            var (paint, sticker) = (new Observation(ObservationKind.RotorPaint, Session: 1), new Observation(ObservationKind.CaliperSticker, Session: 1));
            var rim = ObservationModel.Predicted(paint, plan, run, 0, car) + paintShift + (17 * Normal(random));
            var body = ObservationModel.Predicted(sticker, plan, run, 0, car) + stickerShift + (9 * Normal(random));
            var (below, cooler) = (Math.Clamp(Math.Floor(rim / 60) * 60, 60, 900), Math.Clamp(Math.Floor(body / 15) * 15, 45, 300));
            return new EvidenceDay(plan, [paint with { AboveC = below, BelowC = below + 60 }, sticker with { AboveC = cooler, BelowC = cooler + 15 }]);
        })];
        var asked = new List<string>();
        var memory = new LearningMemory(day =>
        {
            asked.Add(day.Plan.Weather.ToString());
            return $"{day.Plan.Weather} {day.Plan.FrontPad.Name} {string.Join(' ', day.Observations)}";
        });
        Learning.From(season[..^1], memory: memory);
        var remembered = Learning.From(season, memory: memory);
        var anew = Learning.From(season);
        asked.Count.ShouldBe(23);
        remembered.Contradicted.ShouldBeFalse();
        remembered.EffectiveMembers.ShouldBeGreaterThan(Learning.EnoughMembers);
        remembered.Belief.Weights.ShouldBe(anew.Belief.Weights);
        remembered.Seen.ShouldBe(anew.Seen);

        // The same readings, with one day's paint a third of the way to red heat higher: nothing explains that.
        var broken = season.Select((day, i) => i != 4 ? day
            : day with { Observations = [new Observation(ObservationKind.RotorPeak, Session: 1, Value: 850), .. day.Observations] }).ToList();
        Learning.From(broken).Contradicted.ShouldBeTrue();
    }

    [Fact]
    public void A_pedal_that_went_soft_makes_a_hot_car_likelier_and_a_firm_one_a_cool_car()
    {
        var old = Plan with { FluidState = new Core.Fluids.FluidState(30), Stint = new StintPlan(1, 15, 12) };
        double Chance(int lap) => Ensemble.Run(old, Learning.From([new EvidenceDay(old, [new Observation(ObservationKind.PedalSoft, Lap: lap)])]).Belief)
            .Limits.Single(limit => limit.Code == "front-fluid").Chance.Share;
        var before = Ensemble.Run(old).Limits.Single(limit => limit.Code == "front-fluid").Chance.Share;
        before.ShouldBeInRange(0.02, 0.98);
        Chance(5).ShouldBeGreaterThan(before);
        Chance(0).ShouldBeLessThan(before);
    }

    [Fact]
    public void Worn_millimetres_teach_the_wear_rate()
    {
        var longer = Plan with { Stint = new StintPlan(1, 20, 6) };
        var before = Seen(new Observation(ObservationKind.PadWear, Value: 1, Error: 50)).Before;
        var measured = 1.8 * before.P50;
        var seen = Seen(new Observation(ObservationKind.PadWear, Value: measured, Error: 0.05 * measured));
        seen.After.P50.ShouldBe(measured, 0.05 * measured);
        (seen.After.P90 - seen.After.P10).ShouldBeLessThan(0.25 * (before.P90 - before.P10));

        SeenAndBelieved Seen(Observation wear) => Learning.From([new EvidenceDay(longer, [wear])]).Seen.Single();
    }

    [Fact]
    public void Every_observation_out_of_range_is_refused_by_name()
    {
        Refused(new Observation(ObservationKind.RotorPaint), "observations[0].aboveC");
        Refused(new Observation(ObservationKind.RotorPaint, AboveC: 500, BelowC: 400), "observations[0].belowC");
        Refused(new Observation(ObservationKind.CaliperSticker, AboveC: double.NaN), "observations[0].aboveC");
        Refused(new Observation(ObservationKind.RotorReading, Value: 300), "observations[0].minutesAfterStop");
        Refused(new Observation(ObservationKind.RotorPeak), "observations[0].value");
        Refused(new Observation(ObservationKind.RotorPeak, Value: 300, Error: 0), "observations[0].error");
        Refused(new Observation(ObservationKind.PadWear, Value: -1), "observations[0].value");
        Refused(new Observation(ObservationKind.PedalSoft), "observations[0].lap");
        Refused(new Observation(ObservationKind.PedalSoft, Session: 4, Lap: 2), "observations[0].session");
        Should.Throw<InputFaultException>(() => Learning.From([new EvidenceDay(Plan, [])]));
    }

    [Fact]
    public void Resampling_keeps_the_weighted_mean_and_the_number_of_members()
    {
        var weights = Enumerable.Range(0, Population.Size).Select(i => i < 16 ? 1.0 / 16 : 0).ToArray();
        var population = Population.Prior with { Weights = weights };
        population.EffectiveSize().ShouldBe(16, 1e-9);
        var resampled = population.Resampled();
        resampled.Scores.Length.ShouldBe(Population.Size);
        resampled.Scores.Distinct().Count().ShouldBe(16);
        resampled.Scores.Average(row => row[0]).ShouldBe(population.Scores.Take(16).Average(row => row[0]), 0.02);
    }

    private static void Refused(Observation observation, string field) =>
        Should.Throw<InputFaultException>(() => Learning.From([new EvidenceDay(Plan, [observation])])).Faults.Select(fault => fault.Field).ShouldContain(field);

    private static double Width(BandResult band, string code)
    {
        var limit = band.Limits.Single(found => found.Code == code);
        return limit.P90!.Value - limit.P10!.Value;
    }
}
