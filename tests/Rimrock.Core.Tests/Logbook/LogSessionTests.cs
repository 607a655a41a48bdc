using Rimrock.Core.Beliefs;
using Rimrock.Core.Driving;
using Rimrock.Core.Entries;
using Rimrock.Core.Logbook;
using Rimrock.Core.Runs;

namespace Rimrock.Core.Tests.Logbook;

public class LogSessionTests
{
    private static readonly PredictionPlan Plan = SampleParts.Plan("track-sport", "track-sport");
    private static readonly LogSession Bare = new(new DateOnly(2026, 5, 1), 1, 8, Plan);

    [Fact]
    public void What_was_seen_becomes_evidence()
    {
        Bare.Evidence().ShouldBeNull();
        var day = (Bare with { FrontPaint = new(430, 560), FrontSticker = new(null, 160), Pedal = PedalFeel.Firm, ReadingC = 210, ReadingMinutes = 4 })
            .Evidence()!;
        day.Observations.Select(seen => seen.Kind).ShouldBe([ObservationKind.RotorPaint, ObservationKind.CaliperSticker, ObservationKind.RotorReading,
            ObservationKind.PedalSoft]);
        (Bare with { Pedal = PedalFeel.SoftHot, PedalLap = 6 }).Evidence()!.Observations.Single().Lap.ShouldBe(6);
        (Bare with { Pedal = PedalFeel.SoftHot }).Evidence().ShouldBeNull("a soft pedal without its lap tells too little");
    }

    [Fact]
    public void Bad_figures_are_refused_by_name()
    {
        var faults = (Bare with { Sessions = 0, Laps = 900, ReadingC = 300, FluidLevelMm = -2, Note = new string('x', 3000) }).Faults();
        faults.Select(fault => fault.Field).ShouldBe(["session.sessions", "session.laps", "session.fluidLevelMm", "session.readingMinutes", "session.note"],
            ignoreOrder: true);
    }

    [Fact]
    public void Paints_that_cross_are_refused() => (Bare with { FrontPaint = new(600, 500) }).Faults().ShouldNotBeEmpty();

    [Fact]
    public void A_kit_reads_its_thresholds_and_refuses_falling_ones()
    {
        var kit = new PaintKit("paints", false, [new(430, "green", "#00aa00"), new(560, "orange", "#ff8800"), new(630, "red", "#cc0000")]);
        kit.Faults().ShouldBeEmpty();
        kit.After(0).ShouldBe(new PaintEdges(null, 430));
        kit.After(2).ShouldBe(new PaintEdges(560, 630));
        kit.After(3).ShouldBe(new PaintEdges(630, null));
        (kit with { Marks = [new(560, "a", "#000000"), new(430, "b", "blue")] }).Faults().Select(fault => fault.Field)
            .ShouldBe(["kit.marks[1].celsius", "kit.marks[1].colour"], ignoreOrder: true);
    }

    [Fact]
    public void The_learning_page_moves_towards_what_was_seen()
    {
        var cool = Bare with { FrontPaint = new(null, 330), Pedal = PedalFeel.Firm };
        var told = new List<double>();
        var page = LearningPage.Of(Plan, [cool], CarEvidence.Of([cool], []), evidence => Learning.From(evidence, told.Add))!;
        told.ShouldBeInOrder();
        told.Count.ShouldBeGreaterThan(1);
        told.ShouldAllBe(share => share > 0 && share <= 1);
        page.After.P50.ShouldBeLessThan(page.Before.P50 - 20);
        (page.After.P90 - page.After.P10).ShouldBeLessThan(page.Before.P90 - page.Before.P10);
        page.Promises.Single().BelowC.ShouldBe(330);
        page.Next.Code.ShouldStartWith("learning-page.paint-near");
        page.Moved.Count.ShouldBe(PriorFactor.Learnable);
        LearningPage.Of(Plan, [Bare], CarEvidence.Of([Bare], []), evidence => Learning.From(evidence)).ShouldBeNull();
    }

    [Fact]
    public void The_evening_before_knows_only_what_came_before()
    {
        var first = new EvidenceDay(Plan, [new Observation(ObservationKind.RotorPaint, BelowC: 340)]);
        var said = Learning.From([first, first]).EveningBefore;
        var prior = BelievedPeaks.Of(Plan, Population.Prior, [BrakePart.FrontRotor])[0];
        said[0].P50.ShouldBe(prior.P50, 0.5);
        said[1].P90.ShouldBeLessThan(370, "the second evening has seen the first day's paint");
    }
}
