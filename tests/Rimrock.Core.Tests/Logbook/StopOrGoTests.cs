using Rimrock.Core.Driving;
using Rimrock.Core.Entries;
using Rimrock.Core.Friction;
using Rimrock.Core.Logbook;
using Rimrock.Core.Quantities;
using Rimrock.Core.Rotors;

namespace Rimrock.Core.Tests.Logbook;

/// <summary>Rules of the trade (common practice); the maker's service limits come first.</summary>
public class StopOrGoTests
{
    private static readonly PredictionPlan Plan = SampleParts.Plan();

    private static Finding Worst(CornerLook look) => StopOrGo.Of(new Inspection(new DateOnly(2026, 5, 1), [look]), Plan)[0];

    public static TheoryData<CornerLook, Verdict> Rules => new()
    {
        { new(Corner.LeftFront, InnerMm: 8), Verdict.Fine },
        { new(Corner.LeftFront, InnerMm: 4.5), Verdict.Watch },
        { new(Corner.LeftFront, InnerMm: 2.5), Verdict.ChangeBefore },
        { new(Corner.LeftFront, InnerMm: 2.0), Verdict.StopNow },
        { new(Corner.LeftRear, OuterMm: 2.0), Verdict.StopNow },
        { new(Corner.LeftFront, InnerMm: 8, OuterMm: 1.9), Verdict.StopNow },
        { new(Corner.LeftFront, InnerMm: 0.3), Verdict.StopNow },
        { new(Corner.LeftFront, CrackMm: 8.5), Verdict.StopNow },
        { new(Corner.LeftFront, Marks: [CornerMark.WheelPlay]), Verdict.StopNow },
        { new(Corner.LeftFront, Marks: [CornerMark.Wet, CornerMark.HoseSound]), Verdict.StopNow },
        { new(Corner.LeftFront, Marks: [CornerMark.PistonStuck]), Verdict.ChangeBefore },
        { new(Corner.LeftFront, Marks: [CornerMark.HolesPlugged]), Verdict.Watch },
        { new(Corner.LeftFront, Marks: [CornerMark.HoseSound]), Verdict.Fine },
        { new(Corner.LeftFront, InnerMm: 6, OuterMm: 8), Verdict.Watch },
        { new(Corner.LeftFront, LeadingMm: 6, TrailingMm: 8), Verdict.Watch },
        { new(Corner.LeftFront, RotorMm: 27.5), Verdict.Fine },
        { new(Corner.LeftFront, RotorMm: 26.1), Verdict.Watch },
        { new(Corner.LeftFront, RotorMm: 25.9), Verdict.StopNow },
        { new(Corner.LeftRear, RotorMm: 9.9), Verdict.StopNow },
        { new(Corner.LeftFront, CrackMm: 4), Verdict.Fine },
        { new(Corner.LeftFront, CrackMm: 12), Verdict.StopNow },
        { new(Corner.LeftFront, CrackMm: 2, Reach: CrackReach.Edge), Verdict.StopNow },
        { new(Corner.LeftFront, Reach: CrackReach.Hole), Verdict.StopNow },
        { new(Corner.LeftFront, Reach: CrackReach.SlotEnd), Verdict.StopNow },
        { new(Corner.LeftFront, Film: Film.Even), Verdict.Fine },
        { new(Corner.LeftFront, Film: Film.Spots), Verdict.Watch },
        { new(Corner.LeftFront, BootTorn: true), Verdict.ChangeBefore },
    };

    [Theory]
    [MemberData(nameof(Rules))]
    public void Every_rule_gives_its_verdict(CornerLook look, Verdict verdict)
    {
        var findings = StopOrGo.Of(new Inspection(new DateOnly(2026, 5, 1), [look]), Plan);
        (findings.Count == 0 ? Verdict.Fine : findings[0].Verdict).ShouldBe(verdict);
        findings.ShouldAllBe(finding => !finding.Rule.IsNothing && finding.Source.Code.Contains("common-practice"));
    }

    [Fact]
    public void A_crack_at_the_edge_is_discarded_however_short() =>
        Worst(new CornerLook(Corner.RightFront, CrackMm: 1, Reach: CrackReach.Edge)).Sentence.Code.ShouldBe("stop-or-go.crack-reaches-discard-before");

    [Fact]
    public void Sides_that_wear_unlike_are_told()
    {
        var findings = StopOrGo.Of(new Inspection(new DateOnly(2026, 5, 1), [new(Corner.LeftFront, InnerMm: 8), new(Corner.RightFront, InnerMm: 5.5)]), Plan);
        findings.ShouldContain(finding => finding.Part.Code == "stop-or-go.front-axle" && finding.Sentence.ToString().Contains("right-front"));
    }

    [Fact]
    public void A_low_level_with_worn_pads_is_not_topped_up()
    {
        var finding = StopOrGo.Of(new Inspection(new DateOnly(2026, 5, 1), [], FluidLevelMm: 7), Plan).Single(one => one.Part.Code == "stop-or-go.fluid-level");
        finding.Verdict.ShouldBe(Verdict.Watch, "nobody measured the pads");
        finding.Sentence.Code.ShouldBe("stop-or-go.below-mark-worn-pads");
        StopOrGo.Of(new Inspection(new DateOnly(2026, 5, 1), [], FluidLevelMm: 2), Plan).Single(one => one.Part.Code == "stop-or-go.fluid-level").Verdict
            .ShouldBe(Verdict.Fine);
    }

    [Fact]
    public void Wet_fluid_is_changed_before_the_next_event() =>
        StopOrGo.Of(new Inspection(new DateOnly(2026, 5, 1), [], MoisturePercent: 3.5), Plan)[0].Verdict.ShouldBe(Verdict.ChangeBefore);

    [Theory]
    [InlineData(PedalFeel.Sinks, Verdict.StopNow)]
    [InlineData(PedalFeel.SoftHot, Verdict.StopNow)]
    [InlineData(PedalFeel.FirmNoStop, Verdict.StopNow)]
    [InlineData(PedalFeel.LongThenFine, Verdict.Watch)]
    [InlineData(PedalFeel.Firm, Verdict.Fine)]
    public void The_pedal_decides_first(PedalFeel pedal, Verdict verdict) =>
        StopOrGo.Of(new LogSession(new DateOnly(2026, 5, 1), 1, 8, Plan, Pedal: pedal))[0].Verdict.ShouldBe(verdict);

    [Fact]
    public void A_pedal_that_came_back_is_false_comfort() =>
        StopOrGo.Of(new LogSession(new DateOnly(2026, 5, 1), 1, 8, Plan,
            Pedal: PedalFeel.SoftHot))[0].Sentence.Code.ShouldStartWith("stop-or-go.soft-long-when-hot");

    private static IReadOnlyList<Finding> Day(LogSession session) => StopOrGo.Of(session);

    private static LogSession Written(params Sign[] signs) => new(new DateOnly(2026, 5, 1), 1, 8, Plan, Signs: signs);

    [Theory]
    [MemberData(nameof(AllSigns))]
    public void No_sign_is_ever_fine(Sign sign) => Day(Written(sign))[0].Verdict.ShouldNotBe(Verdict.Fine);

    public static TheoryData<Sign> AllSigns => [.. Enum.GetValues<Sign>()];

    [Fact]
    public void Every_sign_and_every_mark_has_one_rule_and_what_no_rule_reads_is_not_judged()
    {
        SignRule.All.Select(rule => rule.Sign).Order().ShouldBe(Enum.GetValues<Sign>().Order());
        MarkRule.All.Select(rule => rule.Mark).Order().ShouldBe(Enum.GetValues<CornerMark>().Order());
        Day(new LogSession(new DateOnly(2026, 5, 1), 1, 8, Plan, Pedal: PedalFeel.Firm, Note: "the left wheel wobbles"))[0].Verdict.ShouldBe(Verdict.NotJudged);
        Day(new LogSession(new DateOnly(2026, 5, 1), 1, 8, Plan, PressureBar: 140))[0].Verdict.ShouldBe(Verdict.NotJudged);
        Day(Written())[0].Verdict.ShouldBe(Verdict.NotJudged);
        StopOrGo.Of(new Inspection(new DateOnly(2026, 5, 1), []), Plan)[0].Verdict.ShouldBe(Verdict.NotJudged);
    }

    [Fact]
    public void Heat_above_a_parts_limit_stops_or_holds_the_next_session()
    {
        LogSession Seen(PaintEdges? paint = null, PaintEdges? sticker = null, double? reading = null) =>
            new(new DateOnly(2026, 5, 1), 1, 8, Plan, FrontPaint: paint, FrontSticker: sticker, ReadingC: reading, ReadingMinutes: reading is null ? null : 3);
        static Verdict Of(LogSession session) => Day(session).First(found => found.Part != Said.Of("stop-or-go.front-pads")
            && found.Rule != Said.Of("stop-or-go.more-than-the-day-explains")).Verdict;
        Of(Seen(new PaintEdges(920, 1000))).ShouldBe(Verdict.StopNow);
        Of(Seen(new PaintEdges(760, 900))).ShouldBe(Verdict.ChangeBefore);
        Of(Seen(new PaintEdges(430, 560))).ShouldBe(Verdict.Fine);
        Of(Seen(new PaintEdges(560))).ShouldBe(Verdict.NotJudged, "all paints gone is no upper bound");
        Of(Seen(new PaintEdges(BelowC: 1000))).ShouldBe(Verdict.NotJudged, "a paint above the limit that stayed says nothing of the limit");
        Of(Seen(new PaintEdges(430, 1000))).ShouldBe(Verdict.NotJudged);
        Of(Seen(sticker: new PaintEdges(143, 300))).ShouldBe(Verdict.NotJudged);
        Of(Seen(sticker: new PaintEdges(BelowC: 300))).ShouldBe(Verdict.NotJudged);
        Of(Seen(sticker: new PaintEdges(310))).ShouldBe(Verdict.StopNow);
        Of(Seen(sticker: new PaintEdges(210, 230))).ShouldBe(Verdict.ChangeBefore);
        Of(Seen(sticker: new PaintEdges(143, 160))).ShouldBe(Verdict.Fine);
        ((int)Of(Seen(reading: 880))).ShouldBeGreaterThanOrEqualTo((int)Verdict.ChangeBefore);
        Of(Seen(reading: 310)).ShouldBe(Verdict.Fine);
    }

    [Fact]
    public void A_level_out_of_step_with_the_pads_is_a_leak_until_shown_otherwise()
    {
        IReadOnlyList<CornerLook> Pads(double front, double rear) =>
            [new(Corner.LeftFront, front, front), new(Corner.RightFront, front, front), new(Corner.LeftRear, rear, rear), new(Corner.RightRear, rear, rear)];
        Finding Level(IReadOnlyList<CornerLook> looks, double mm) =>
            StopOrGo.Of(new Inspection(new DateOnly(2026, 5, 1), looks, FluidLevelMm: mm), Plan).Single(one => one.Part.Code == "stop-or-go.fluid-level");
        Level(Pads(11, 10), 25).Verdict.ShouldBe(Verdict.StopNow);
        Level(Pads(5, 5), 20).Verdict.ShouldBe(Verdict.Fine);
        Level([], 25).Verdict.ShouldBe(Verdict.ChangeBefore);

        // Half-worn pads, which nobody measured, explain so much and no more.
        var half = Core.Logbook.WearForecast.LevelFallMm(Plan.Car, (Plan.Car.Front.PadNewMm - Plan.Car.Front.PadLimitMm) / 2,
            (Plan.Car.Rear.PadNewMm - Plan.Car.Rear.PadLimitMm) / 2);
        Level([], half - 0.1).Verdict.ShouldNotBe(Level([], half + 0.1).Verdict);
        Day(new LogSession(new DateOnly(2026, 5, 1), 1, 8, Plan, FluidLevelMm: 25))[0].Verdict.ShouldBe(Verdict.ChangeBefore);
        Day(new LogSession(new DateOnly(2026, 5, 1), 1, 8, Plan with { FrontPadMm = 11, RearPadMm = 10 },
            FluidLevelMm: 25))[0].Verdict.ShouldBe(Verdict.StopNow);
    }

    /// <summary>At 2 mm nobody drives on, on a motorcycle at 1 mm (common practice).</summary>
    [Fact]
    public void A_motorcycles_pads_go_to_one_millimetre()
    {
        var guess = Core.Vehicles.CarGuess.Motorcycle("motorcycle", 210, 90, "sport");
        var plan = Plan with
        {
            Car = guess.Car with { Front = guess.Car.Front with { PadLimitMm = 1 } },
            FrontRotor = guess.FrontRotor,
            RearRotor = guess.RearRotor,
            FrontPad = new Core.Friction.Pad("sintered", "race-sintered"),
            Days = [new PlannedDay("weekday", 100)],
        };
        Verdict Of(double mm) => StopOrGo.Of(new Inspection(new DateOnly(2026, 5, 1), [new(Corner.RightFront, InnerMm: mm)]), plan)
            .First(one => one.Part.Code == "stop-or-go.pads").Verdict;
        Of(1.0).ShouldBe(Verdict.StopNow);
        Of(1.9).ShouldNotBe(Verdict.StopNow);
    }

    /// <summary>Pads that a session would wear to the plate are no pads for a session, whatever their limit says.</summary>
    [Fact]
    public void Less_than_a_session_takes_stops_the_driving()
    {
        var hard = Plan with { Stint = new StintPlan(1, 60, 30), Car = Plan.Car with { Front = Plan.Car.Front with { PadLimitMm = 2 } } };
        var session = ExpectedDay.Of(hard)!.SessionWearMm.Front;
        session.ShouldBeGreaterThan(1.2, "organic pads on a long hard session");
        var finding = StopOrGo.Of(new Inspection(new DateOnly(2026, 5, 1), [new(Corner.LeftFront, session + 0.9, session + 0.9)]), hard)
            .First(one => one.Part.Code == "stop-or-go.pads");
        (finding.Verdict, finding.Sentence.Code).ShouldBe((Verdict.StopNow, "stop-or-go.not-a-session-left"));
        StopOrGo.Of(new Inspection(new DateOnly(2026, 5, 1), [new(Corner.LeftFront, session + 1.1, session + 1.1)]), hard)
            .First(one => one.Part.Code == "stop-or-go.pads").Verdict.ShouldNotBe(Verdict.StopNow);
    }

    /// <summary>Water that a street never boils boils where the day asks for more.</summary>
    [Fact]
    public void Water_is_judged_by_what_the_day_asks()
    {
        var hot = Plan with { FrontPad = new Core.Friction.Pad("race", "race-carbon-metallic"), Fluid = new Core.Fluids.BrakeFluid("low", "dot3", 205, 140) };
        Finding Of(PredictionPlan plan) => StopOrGo.Of(new Inspection(new DateOnly(2026, 5, 1), [], MoisturePercent: 2.9), plan)
            .Single(one => one.Part.Code == "part.fluid");
        Of(hot).Sentence.Code.ShouldBe("stop-or-go.water-boils-on-this-day");
        Of(hot).Verdict.ShouldBe(Verdict.ChangeBefore);
        Of(hot with { Days = [new PlannedDay("commute", 200)] }).Verdict.ShouldBe(Verdict.Fine);
    }

    [Fact]
    public void The_second_paint_is_marginal()
    {
        // The ring's limit of plain iron is 700 C: what stayed at 680 lies within 50 K of it.
        Finding Of(PaintEdges paint) => Day(new LogSession(new DateOnly(2026, 5, 1), 1, 8, Plan, FrontPaint: paint))
            .First(found => found.Part == Said.Of("stop-or-go.front-rotors"));
        Of(new PaintEdges(560, 680)).Verdict.ShouldBe(Verdict.Watch);
        Of(new PaintEdges(430, 560)).Verdict.ShouldBe(Verdict.Fine);
    }

    /// <summary>The log never calls fine what does not go together.</summary>
    [Fact]
    public void What_is_not_possible_on_the_car_is_said_in_the_log_too()
    {
        var silicone = Plan with { Fluid = new Core.Fluids.BrakeFluid("silicone", "dot5", 284, 250) };
        Day(new LogSession(new DateOnly(2026, 5, 1), 1, 8, silicone, Pedal: PedalFeel.Firm))[0].Part.Code.ShouldBe("stop-or-go.what-is-fitted");
        StopOrGo.Of(new Inspection(new DateOnly(2026, 5, 1), [new(Corner.LeftFront, InnerMm: 8)]), silicone)[0].Verdict.ShouldBe(Verdict.StopNow);
    }

    [Fact]
    public void What_nobody_looked_at_is_said_last_and_shrinks_with_each_look()
    {
        Said Left(Inspection inspection)
        {
            var last = StopOrGo.Of(inspection, Plan)[^1];
            last.Part.Code.ShouldBe("not-looked.part");
            return last.Sentence.Terms[0].Part!;
        }

        var one = Left(new Inspection(new DateOnly(2026, 5, 1), [new(Corner.LeftFront, 8, 8, RotorMm: 27.5, CrackMm: 2,
            Marks: [CornerMark.HoseSound, CornerMark.WheelFirm])]));
        one.Terms.Count.ShouldBe(5, "three corners, level and water");
        Left(new Inspection(new DateOnly(2026, 5, 1), [new(Corner.LeftFront, 8)])).Terms.Count.ShouldBe(10);
        CornerLook[] whole = [.. Enum.GetValues<Corner>().Select(corner => new CornerLook(corner, 8, 8, RotorMm: corner < Corner.LeftRear ? 27.5 : 11.5,
            Marks: [CornerMark.HoseSound, CornerMark.WheelFirm, CornerMark.FacesSound]))];
        StopOrGo.Of(new Inspection(new DateOnly(2026, 5, 1), whole, MoisturePercent: 1, FluidLevelMm: 7), Plan)
            .ShouldNotContain(finding => finding.Part.Code == "not-looked.part");
    }

    [Fact]
    public void What_is_due_by_its_age_is_due_however_it_looks()
    {
        var old = Plan with { FluidState = new Core.Fluids.FluidState(60), Lines = Core.Vehicles.BrakeLine.AgedRubber };
        Day(new LogSession(new DateOnly(2026, 5, 1), 1, 8, old, Pedal: PedalFeel.Firm)).Count(finding => finding.Rule.Code == "stop-or-go.due-by-age")
            .ShouldBe(2);
        StopOrGo.Of(new Inspection(new DateOnly(2026, 5, 1), [new(Corner.LeftFront, InnerMm: 8)]), old)[0].Verdict.ShouldBe(Verdict.ChangeBefore);
    }

    /// <summary>A ring has cooled on the way in: what is near the limit in the paddock was nearer before (common practice).</summary>
    [Fact]
    public void A_paddock_reading_near_the_limit_is_watched() =>
        Day(new LogSession(new DateOnly(2026, 5, 1), 1, 8, Plan, ReadingC: 600, ReadingMinutes: 3))[0].Verdict.ShouldBe(Verdict.Watch);

    /// <summary>
    /// A front lever's reservoir of 15 cm2 falls by what two discs' pads have lost alone: by hand, area of one side times both pads' loss over the reservoir.
    /// </summary>
    [Fact]
    public void A_levers_reservoir_knows_nothing_of_the_rear()
    {
        var guess = Core.Vehicles.CarGuess.Motorcycle("motorcycle", 210, 90, "sport");
        var brake = guess.Car.Front;
        WearForecast.LevelFallMm(guess.Car, 2, 99).ShouldBe(brake.Discs * brake.OneSidePistonAreaM2() * 1e4 * 2 * 0.2 / 15 * 10, 1e-9);
    }

    /// <summary>What a session takes is that of the kind of day that wears most, whatever the leading day's sessions are.</summary>
    [Fact]
    public void A_session_is_the_one_of_the_day_that_wears_most()
    {
        PlannedDay track = new(DayKind.TrackDay, 4), stint = new(DayKind.Endurance, 1);
        var plan = SampleParts.Plan("track-sport", "track-sport") with { Stint = new StintPlan(3, 15, 30) };
        ExpectedDay.Of(plan with { Days = [track, stint] })!.SessionWearMm.Front
            .ShouldBe(ExpectedDay.Of(plan with { Days = [stint] })!.SessionWearMm.Front, 1e-6);
    }
}
