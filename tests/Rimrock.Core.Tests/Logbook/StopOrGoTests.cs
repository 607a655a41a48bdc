using Rimrock.Core.Driving;
using Rimrock.Core.Entries;
using Rimrock.Core.Logbook;

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
        { new(Corner.LeftFront, InnerMm: 0.3), Verdict.StopNow },
        { new(Corner.LeftFront, InnerMm: 6, OuterMm: 8), Verdict.Watch },
        { new(Corner.LeftFront, LeadingMm: 6, TrailingMm: 8), Verdict.Watch },
        { new(Corner.LeftFront, RotorMm: 27.5), Verdict.Fine },
        { new(Corner.LeftFront, RotorMm: 26.1), Verdict.Watch },
        { new(Corner.LeftFront, RotorMm: 25.9), Verdict.StopNow },
        { new(Corner.LeftRear, RotorMm: 9.9), Verdict.StopNow },
        { new(Corner.LeftFront, CrackMm: 4), Verdict.Fine },
        { new(Corner.LeftFront, CrackMm: 12), Verdict.ChangeBefore },
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
        finding.Verdict.ShouldBe(Verdict.Fine);
        finding.Sentence.Code.ShouldBe("stop-or-go.below-mark-worn-pads");
    }

    [Fact]
    public void Wet_fluid_is_changed_before_the_next_event() =>
        StopOrGo.Of(new Inspection(new DateOnly(2026, 5, 1), [], MoisturePercent: 3.5), Plan)[0].Verdict.ShouldBe(Verdict.ChangeBefore);

    [Theory]
    [InlineData(PedalFeel.Sinks, Verdict.StopNow)]
    [InlineData(PedalFeel.SoftHot, Verdict.ChangeBefore)]
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
    public void A_sign_that_no_rule_reads_is_listed_as_not_judged()
    {
        var unread = Enum.GetValues<Sign>().Where(sign => SignRule.All.All(rule => rule.Sign != sign)).ToList();
        unread.ShouldNotBeEmpty();
        unread.ShouldAllBe(sign => Day(Written(sign)).Single().Verdict == Verdict.NotJudged);
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
        Day(Seen(new PaintEdges(920, 1000)))[0].Verdict.ShouldBe(Verdict.StopNow);
        Day(Seen(new PaintEdges(760, 900)))[0].Verdict.ShouldBe(Verdict.ChangeBefore);
        Day(Seen(new PaintEdges(430, 560)))[0].Verdict.ShouldBe(Verdict.Fine);
        Day(Seen(new PaintEdges(560)))[0].Verdict.ShouldBe(Verdict.NotJudged, "all paints gone is no upper bound");
        Day(Seen(new PaintEdges(BelowC: 1000)))[0].Verdict.ShouldBe(Verdict.NotJudged, "a paint above the limit that stayed says nothing of the limit");
        Day(Seen(new PaintEdges(430, 1000)))[0].Verdict.ShouldBe(Verdict.NotJudged);
        Day(Seen(sticker: new PaintEdges(143, 300)))[0].Verdict.ShouldBe(Verdict.NotJudged);
        Day(Seen(sticker: new PaintEdges(BelowC: 300)))[0].Verdict.ShouldBe(Verdict.NotJudged);
        Day(Seen(sticker: new PaintEdges(310)))[0].Verdict.ShouldBe(Verdict.StopNow);
        Day(Seen(sticker: new PaintEdges(210, 230)))[0].Verdict.ShouldBe(Verdict.ChangeBefore);
        Day(Seen(sticker: new PaintEdges(143, 160)))[0].Verdict.ShouldBe(Verdict.Fine);
        ((int)Day(Seen(reading: 880))[0].Verdict).ShouldBeGreaterThanOrEqualTo((int)Verdict.ChangeBefore);
        Day(Seen(reading: 310))[0].Verdict.ShouldBe(Verdict.Fine);
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
        Day(new LogSession(new DateOnly(2026, 5, 1), 1, 8, Plan, FluidLevelMm: 25))[0].Verdict.ShouldBe(Verdict.ChangeBefore);
        Day(new LogSession(new DateOnly(2026, 5, 1), 1, 8, Plan with { FrontPadMm = 11, RearPadMm = 10 },
            FluidLevelMm: 25))[0].Verdict.ShouldBe(Verdict.StopNow);
    }
}
