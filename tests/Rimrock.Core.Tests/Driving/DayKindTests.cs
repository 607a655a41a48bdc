using Rimrock.Core.Beliefs;
using Rimrock.Core.Circuits;
using Rimrock.Core.Driving;
using Rimrock.Core.Fitting;
using Rimrock.Core.Judgement;
using Rimrock.Core.Limits;
using Rimrock.Core.Quantities;
using Rimrock.Core.Runs;

namespace Rimrock.Core.Tests.Driving;

/// <summary>Kinds of day: how each is laid out, and what a life of several comes to.</summary>
public class DayKindTests
{
    private static readonly PredictionPlan Sport = SampleParts.Plan("track-sport", "track-sport");

    public static TheoryData<string> Kinds => [.. DayKind.All.Select(kind => kind.Code)];

    private static PredictionPlan Of(params PlannedDay[] days) => Sport with { Days = days };

    private static DayRun Run(PredictionPlan plan, double stepShare = 1)
    {
        var run = new DayRun(plan, [CarFactors.Median]);
        foreach (var phase in new Day(plan, stepShare).Phases)
        {
            run.Run(phase);
        }

        return run;
    }

    private static double Peak(DayRun run, BrakePart part) => run.Phases.Max(phase => phase.Peak[(int)part][0]);

    [Theory]
    [MemberData(nameof(Kinds))]
    public void A_day_of_every_kind_is_driven_and_ends_with_its_soak(string code)
    {
        var plan = Of(new PlannedDay(code, 3));
        plan.Faults().ShouldBeEmpty();
        var day = new Day(plan);
        day.Phases[^1].Kind.ShouldBe(PhaseKind.Parked);
        day.Phases[^1].Schedule.TotalS().ShouldBeGreaterThanOrEqualTo(3600 - 1e-6);
        day.DrivenHours().ShouldBeInRange(0.05, 2);
        var run = Run(plan);
        Peak(run, BrakePart.FrontFace).ShouldBeInRange(60, 800);
        run.Stops.ShouldAllBe(stop => stop.Stop.MeanG < 1.3);
    }

    /// <summary>Sessions are the track's: on the road two plans that differ in them have one drive, so that it is run once.</summary>
    [Theory]
    [InlineData("weekday", 20, 60, true)]
    [InlineData("weekday", 20, 90, false)]
    [InlineData("track-day", 20, 40, false)]
    public void A_drive_on_the_road_knows_nothing_of_sessions(string code, double minutes, double rest, bool isSame)
    {
        var plan = Of(new PlannedDay(code, 3)) with { Stint = new StintPlan(3, 40, 40) };
        var other = plan with { Stint = new StintPlan(1, minutes, rest, CoolDownLaps: 2) };
        (plan.Drive() == other.Drive()).ShouldBe(isSame);
    }

    /// <summary>Steps on the road are long; a third of them tells the same day.</summary>
    [Theory]
    [InlineData("weekday")]
    [InlineData("country")]
    [InlineData("descent")]
    public void Longer_steps_on_the_road_move_no_peak_by_a_kelvin(string code)
    {
        var plan = Of(new PlannedDay(code, 3));
        var (usual, fine) = (Run(plan), Run(plan, 1.0 / 6));
        foreach (var part in new[] { BrakePart.FrontFace, BrakePart.RearFace, BrakePart.FrontFluid })
        {
            Peak(usual, part).ShouldBe(Peak(fine, part), 1, $"{part}");
        }
    }

    [Fact]
    public void A_run_between_cones_takes_about_a_minute_and_no_heat()
    {
        var day = new Day(Of(new PlannedDay("autocross", 8)));
        day.Phases.Count(phase => phase.Kind == PhaseKind.HotLap).ShouldBe(8, "so many runs");
        day.HotLap.DurationS.ShouldBeInRange(35, 75, "a minute on, minutes off (common practice)");
        var band = Ensemble.Run(Of(new PlannedDay("autocross", 8)));
        band.Outcome.ShouldBe(DayOutcome.Holds, "heat is no issue (common practice)");
        band.Limits.Select(limit => limit.Code).ShouldNotContain(LimitCode.OverEarly);
    }

    [Fact]
    public void One_flying_lap_is_one_hot_lap_whatever_the_minutes()
    {
        var phases = new Day(Of(new PlannedDay("flying-lap", 4))).Phases;
        phases.Where(phase => phase.Session == 1).Select(phase => phase.Kind)
            .ShouldBe([PhaseKind.OutLap, PhaseKind.HotLap, PhaseKind.CoolDownLap, PhaseKind.Parked]);
        Run(Of(new PlannedDay("flying-lap", 4))).Phases.Count(phase => phase.Phase.Kind == PhaseKind.HotLap && phase.Pace[0] >= 1).ShouldBe(3);
    }

    [Fact]
    public void Hauls_brake_from_the_speed_that_is_said_or_reached()
    {
        // 95 kW and 980 kg: 234 (127.4 hp / 2160.5 lb)^(1/3) = 91.1 mph at the end of a quarter mile (Hale's rule, from memory).
        var light = Sport with { Car = Sport.Car with { MassKg = 980, PowerKw = 95 }, Days = [new(DayKind.Strip, 6)] };
        new Day(light).Phases[0].Schedule.Stops.Max(stop => stop.EntryKmh).ShouldBe(91.1 * 1.609, 1.5);
        var said = light with { Days = [new(DayKind.Strip, 6, FromKmh: 220)] };
        new Day(said).Phases[0].Schedule.Stops.Max(stop => stop.EntryKmh).ShouldBe(220, 0.5);
        Peak(Run(said), BrakePart.FrontFace).ShouldBeGreaterThan(Peak(Run(light), BrakePart.FrontFace) + 80, "energy goes with the square of the speed");
    }

    [Fact]
    public void A_hill_is_driven_up_and_rolled_down()
    {
        var day = new Day(Of(new PlannedDay(DayKind.Hill, 4)));
        day.Phases.Take(3).Select(phase => phase.Kind).ShouldBe([PhaseKind.HotLap, PhaseKind.CoolDownLap, PhaseKind.Parked]);
        var hill = ProvingGround.HillRoad.Segments!;
        var (lengthM, riseM) = (hill.Sum(piece => piece.LengthM), hill.Sum(piece => piece.LengthM * piece.Slope));
        Courses.RollDown(ProvingGround.HillRoad).LengthM().ShouldBeInRange(lengthM, lengthM + 120);
        (riseM / lengthM).ShouldBe(0.06, 1e-9);
    }

    /// <summary>What goes into the brakes on a descent is the height's energy less rolling, air and engine (energy balance, by hand).</summary>
    [Fact]
    public void A_descent_is_its_height_less_what_holds_without_brakes()
    {
        var plan = Of(new PlannedDay(DayKind.Descent, 4));
        var on = plan.OnLeading();
        var (car, day) = (on.DrivenCar(), new Day(plan));
        var down = day.Phases.Where(phase => phase.Kind == PhaseKind.Road).Skip(1).ToList();
        var metres = down.Sum(phase => phase.Schedule.DurationS.Zip(phase.Schedule.SpeedMS, (s, v) => s * v).Sum());
        (metres * 0.09).ShouldBe(1000, 30);
        var airJ = 0.5 * day.AirDensityKgM3 * car.DragAreaM2
            * down.Sum(phase => phase.Schedule.DurationS.Zip(phase.Schedule.SpeedMS, (s, v) => s * v * v * v).Sum());
        var height = car.MassKg * 9.80665 * metres * 0.09;
        var held = (car.MassKg * 9.80665 * car.RollingResistance * metres) + (car.MassKg * car.EngineBrakingMS2 * metres) + airJ;
        var braked = down.Sum(phase => phase.Schedule.EnergyJ.Sum()) / (1 - BrakingWork.TyreSlipShare);

        // Out of each hairpin the engine pushes: that much more is braked away again.
        var pushed = down.Count * 0.5 * car.EffectiveMassKg() * ((11.11 * 11.11) - (6.94 * 6.94));
        braked.ShouldBeInRange(height - held - pushed, height - held + pushed);
    }

    /// <summary>Gear first (common practice): second gear takes more out of a descent than any part does.</summary>
    [Fact]
    public void A_lower_gear_and_the_trailers_brakes_spare_the_cars()
    {
        double Face(DescentGear gear, double trailerKg = 0, bool braked = false) =>
            Peak(Run(Of(new PlannedDay(DayKind.Descent, 4, Gear: gear, TrailerKg: trailerKg, TrailerBraked: braked))), BrakePart.FrontFace);
        var top = Face(DescentGear.Top);
        Face(DescentGear.Third).ShouldBeLessThan(top - 60);
        Face(DescentGear.Second).ShouldBeLessThan(Face(DescentGear.Third) - 40);
        Face(DescentGear.Top, 1500, braked: true).ShouldBeInRange(top + 40, Face(DescentGear.Top, 1500) - 40);
    }

    [Fact]
    public void A_heavy_trailer_on_a_descent_is_a_verdict_of_its_own()
    {
        var old = Sport with { FluidState = new Core.Fluids.FluidState(40, Core.Fluids.Climate.Humid), Weather = new Weather(32) };
        PlannedDay[] gentle = [new("weekday", 200)];
        var heavy = new PlannedDay(DayKind.Descent, 4, DropM: 1500, SlopePercent: 10, TrailerKg: 3500, TrailerBraked: true);
        var (without, with) = (Ensemble.Run(old with { Days = gentle }), Ensemble.Run(old with { Days = [.. gentle, heavy] }));
        without.Danger.Share.ShouldBe(0);
        with.Danger.Share.ShouldBeGreaterThan(0.2);
        (with.Outcome, with.NamedDay).ShouldBe((DayOutcome.Danger, DayKind.Descent));
        with.Limits[0].Day.ShouldBe(DayKind.Descent);
        with.Days.Single(day => day.Kind == "weekday").Danger.Share.ShouldBe(0);
        with.Limits.Single(limit => limit.Code == LimitCode.StreetCold).Chance
            .ShouldBe(without.Limits.Single(limit => limit.Code == LimitCode.StreetCold).Chance, "one limit has one chance");
    }

    [Fact]
    public void No_track_at_all_is_a_plan()
    {
        var plan = SampleParts.Plan() with { Days = [new("weekday", 200)], Pace = "regular" };
        var result = Predictor.Predict(plan);
        result.Limits.Select(limit => limit.Code).ShouldNotContain(LimitCode.PaceLost);
        result.Limits.ShouldAllBe(limit => limit.Day == "weekday");
        result.Summary.HotLaps.ShouldBe(0);
        Ensemble.Run(plan).Outcome.ShouldBe(DayOutcome.Holds, "a family car needs nothing");
        var match = Matcher.Search(plan, Fitting.ShelfSamples.Small, new Wishes(RoadApprovalMust: false)).Answer(MatchStage.First);
        match.Outcome.ShouldBe(MatchOutcome.NothingNeeded);
    }

    [Fact]
    public void Limits_are_told_on_the_day_where_least_is_left()
    {
        var plan = Sport with { Days = [new(DayKind.TrackDay, 5), new("weekday", 200), new("endurance", 1)] };
        var limits = Predictor.Predict(plan).Limits;
        limits.Single(limit => limit.Code == LimitCode.StreetCold).Day.ShouldBe("weekday");
        limits.Single(limit => limit.Code == LimitCode.FrontWear).Day.ShouldBe("endurance");
        limits.Select(limit => limit.Code).ShouldBeUnique();
        Predictor.Predict(plan, drawn: 1).Drawn.ShouldBe("weekday");
        Should.Throw<InputFaultException>(() => Predictor.Predict(plan, drawn: 3)).Faults.Single().Field.ShouldBe("day");
    }

    [Fact]
    public void A_life_is_as_dangerous_as_its_worst_day_and_as_damaging_as_its_worst()
    {
        JudgedLife life = new([Judged(DayKind.TrackDay, 40, 0), Judged("commute", 3, 90)]);
        (life.Danger.Share, life.Damage.Share).ShouldBe((40 / 256.0, 90 / 256.0));
        (life.MostDangerous.Plan.Leading().Kind, life.MostDamaging.Plan.Leading().Kind).ShouldBe((DayKind.TrackDay, "commute"));
        life.Of(LimitCode.FrontFace)!.Share.ShouldBe(90 / 256.0);
        life.Holds.ShouldBe(false);
        new JudgedLife([Judged(DayKind.TrackDay, 0, 0), Judged("commute", 0, 0)]).Holds.ShouldBe(true);
        FittedVerdict.Names(life).ShouldNotBeNull().Limit.ShouldBe(LimitCode.FrontFluid);
        JudgedDay.AnyDay(life.Days, Harm.Danger).Share.ShouldBe(40 / 256.0, "the same members, not independent ones");
    }

    private static JudgedDay Judged(string kind, int dangers, int damages)
    {
        static Reading Read(bool gives) => new(gives ? 2 : 0, 1, gives ? -1 : 1, gives, gives ? new Moment(1, PhaseKind.HotLap, 1, 0) : null);
        var belief = Population.Prior;
        return new JudgedDay(Of(new PlannedDay(kind, 5)), [LimitTable.Find(LimitCode.FrontFluid), LimitTable.Find(LimitCode.FrontFace)], belief,
            [.. Enumerable.Range(0, 256).Select(i => new[] { Read(i < dangers), Read(i < damages) })], belief.Scores, belief.Weights);
    }
}
