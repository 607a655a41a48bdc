using Rimrock.Core.Driving;
using Rimrock.Core.Entries;
using Rimrock.Core.Fitting;
using Rimrock.Core.Garage;
using Rimrock.Core.Logbook;
using Rimrock.Core.Preparation;
using Rimrock.Core.Quantities;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Tests.Garage;

/// <summary>What stops a car stops it until it is answered, whatever else is driven or measured meanwhile: common practice of a workshop.</summary>
public class OpenSignsTests
{
    private static readonly PredictionPlan Plan = SampleParts.Plan();
    private static readonly DateOnly First = new(2026, 3, 1);

    [Theory]
    [InlineData(PedalFeel.SoftHot, Trouble.SoftPedal)]
    [InlineData(PedalFeel.Sinks, Trouble.SinkingPedal)]
    public void A_pedal_stops_the_car_until_a_bleed_is_written_down(PedalFeel pedal, Trouble trouble)
    {
        var soft = Day(0, pedal);
        Open(soft).ShouldBe([new OpenSign(First, trouble)]);

        // No day that went well, no look, no other fluid in somebody's plan is a bleed.
        Open(soft, Day(7, PedalFeel.Firm), Look(8), Day(9, PedalFeel.Firm, Plan with { Fluid = Plan.Fluid with { Name = "another" } })).Count.ShouldBe(1);
        Open(soft, Look(7, bled: true)).ShouldBeEmpty();
        Open(soft, Fitted(7, newFluid: true)).ShouldBeEmpty();
        Open(soft, Fitted(7, newFluid: false)).Count.ShouldBe(1, "pads alone bleed nothing");
        Open(Look(-3, bled: true), soft).Count.ShouldBe(1, "a bleed before it answers nothing");
        Open(soft, Look(0, bled: true)).ShouldBeEmpty("bled on the evening of that day");
    }

    [Fact]
    public void Each_sign_has_an_answer_of_its_own()
    {
        Open(Look(0, CornerMark.WheelPlay), Look(1, CornerMark.WheelFirm)).ShouldBeEmpty();
        Open(Look(0, CornerMark.WheelPlay), Look(1, CornerMark.HoseSound)).Single().Trouble.ShouldBe(Trouble.WheelPlay);
        Open(Look(0, CornerMark.WheelPlay), Look(1, CornerMark.WheelFirm, Corner.RightFront)).ShouldNotBeEmpty("another wheel was rocked");
        Open(Look(0, CornerMark.HoseBad), Fitted(1, lines: BrakeLine.Braided)).ShouldBeEmpty();
        Open(Look(0, CornerMark.HoseBad), Fitted(1, lines: BrakeLine.AgedRubber)).ShouldNotBeEmpty("they are called old, and are the same");
        Open(Look(0, CornerMark.Wet), Look(1)).Single().Trouble.ShouldBe(Trouble.Leak);
        Open(Look(0, CornerMark.Wet), Look(1, bled: true)).ShouldBeEmpty();
        Open(Look(0, CornerMark.CarbonChipped), Fitted(1, rotor: "another")).ShouldBeEmpty();
        Open(Cracked(0), Look(1, CornerMark.FacesSound)).ShouldBeEmpty();
        Open(Look(0, CornerMark.HardwareLoose), Look(1, CornerMark.FacesSound)).ShouldNotBeEmpty("sound faces hold no bolts");
        Open(Look(0, CornerMark.HardwareLoose), Look(1, CornerMark.HardwareFirm)).ShouldBeEmpty();
        var grinds = Statement.Of("", new LogSession(First, 1, 8, Plan, Signs: [Sign.Grinding]));
        Open(grinds, Look(1, CornerMark.WheelFirm)).ShouldNotBeEmpty("it may be another wheel");
        Open(grinds, Statement.Of("", new InspectionNote(new Inspection(First.AddDays(1),
            [.. Enum.GetValues<Corner>().Select(corner => new CornerLook(corner, Marks: [CornerMark.WheelFirm]))]), Plan))).ShouldBeEmpty();
        var light = Statement.Of("", new LogSession(First, 1, 8, Plan, Signs: [Sign.WarningLight]));
        Open(light, Look(1, CornerMark.WheelFirm)).Single().Trouble.ShouldBe(Trouble.WarningLight);
        Open(light, Statement.Of("", new InspectionNote(new Inspection(First.AddDays(1), [], FluidLevelMm: 4), Plan))).ShouldBeEmpty("the level was measured");
        var bare = new InspectionNote(new Inspection(First, []), Plan);
        Statement Noted(Spoken of) => Statement.Of("", bare, LeftOpen.Of(bare, [new Heard(of, Axle.Front)]));
        Open(Noted(Spoken.Oiled), Fitted(1, newFluid: true)).Single().Trouble.ShouldBe(Trouble.OiledFace);
        Open(Noted(Spoken.Oiled), Look(1, CornerMark.FacesSound)).ShouldNotBeEmpty("nobody said at which corner");
        Open(Noted(Spoken.Oiled), Look(1, CornerMark.FacesSound), Look(2, CornerMark.FacesSound, Corner.RightFront)).ShouldBeEmpty();
        Open(Noted(Spoken.WornRotor), Look(1, CornerMark.FacesSound)).Single().Trouble.ShouldBe(Trouble.ThinRotor);
        Open(Noted(Spoken.WornRotor), Fitted(1, rotor: "another")).ShouldBeEmpty();
        Open(Noted(Spoken.NoAssist), Fitted(1, pad: "another")).Single().Trouble.ShouldBe(Trouble.NoAssist, "pads mend no booster");
        Open(Noted(Spoken.NoAssist), Day(1, PedalFeel.Firm)).ShouldBeEmpty();
        Open(Cracked(0), Fitted(1, newFluid: true)).Single().ShouldBe(new OpenSign(First, Trouble.CrackedRotor, Axle.Front));
        Open(Day(0, PedalFeel.FirmNoStop), Day(5, PedalFeel.SoftHot)).Count.ShouldBe(2);
        Open(Day(0, PedalFeel.FirmNoStop), Day(5, PedalFeel.Firm)).ShouldBeEmpty();
    }

    /// <summary>What nobody said the axle of is answered at both: by other parts, by a look at every corner, or by one here and the other there.</summary>
    [Theory]
    [InlineData(Spoken.WornOut)]
    [InlineData(Spoken.Cracked)]
    [InlineData(Spoken.WornRotor)]
    [InlineData(Spoken.Oiled)]
    [InlineData(Spoken.Loose)]
    public void What_may_be_at_either_axle_is_answered_at_both(Spoken spoken)
    {
        var bare = new InspectionNote(new Inspection(First, []), Plan);
        Statement Noted(Axle? axle = null, int day = 0) => Statement.Of($"note {day}", bare with { Inspection = bare.Inspection with { Date = First.AddDays(day) } },
            LeftOpen.Of(bare, [new Heard(spoken, axle)]));
        static CornerLook Sound(Corner corner) => new(corner, 9, 9, RotorMm: 28, Marks: [CornerMark.FacesSound, CornerMark.HardwareFirm]);
        Statement Seen(int day, params Corner[] corners) =>
            Statement.Of($"{day}", new InspectionNote(new Inspection(First.AddDays(day), [.. corners.Select(Sound)]), Plan));
        var fronts = Fitted(1, rotor: "another", pad: "another");
        Open(Noted()).Single().Axle.ShouldBeNull();
        Open(Noted()).Single().AxlesLeft.ShouldBe(2);
        OpenStop.Of(Open(Noted()).Single()).Sentence.Code.ShouldBe("open-stop.either-axle");
        Open(Noted(), fronts).Single().Axle.ShouldBe(Axle.Rear, "the rear ones may be the worn ones");
        Open(Noted(), fronts, Seen(2, Corner.LeftRear)).ShouldNotBeEmpty("one corner of two");
        Open(Noted(), fronts, Seen(2, Corner.LeftRear), Seen(3, Corner.RightRear)).ShouldBeEmpty();
        Open(Noted(), Seen(1, Corner.LeftFront)).Single().Axle.ShouldBeNull();
        Open(Noted(), Seen(1, Corner.LeftFront, Corner.RightFront)).Single().Axle.ShouldBe(Axle.Rear);
        Open(Noted(), Seen(1, Enum.GetValues<Corner>())).ShouldBeEmpty();
        Open(Noted(Axle.Front), fronts).ShouldBeEmpty();
        Open(Noted(Axle.Rear), fronts).ShouldNotBeEmpty();
        Open(Noted(), Seen(1, Corner.LeftFront, Corner.RightFront), Noted(day: 2), Seen(3, Corner.LeftRear, Corner.RightRear)).Single().Axle
            .ShouldBe(Axle.Front, "spoken of again, after the front was looked at");

        // A car's only discs, and its drums, are where they are.
        var drums = bare with { Plan = Plan with { RearRotor = Plan.RearRotor with { Construction = Core.Rotors.RotorConstruction.Drum } } };
        LeftOpen.Of(drums, [new Heard(spoken)]).Single().Axle.ShouldBe(Axle.Front);
        LeftOpen.Of(drums, [new Heard(spoken, OfDrums: true)]).Single().Axle.ShouldBe(Axle.Rear);
    }

    /// <summary>What is found at a corner is what was spoken of: from then on it is that corner's.</summary>
    [Fact]
    public void What_is_found_at_a_corner_is_what_was_spoken_of()
    {
        var bare = new InspectionNote(new Inspection(First, []), Plan);
        var noted = Statement.Of("note", bare, LeftOpen.Of(bare, [new Heard(Spoken.Cracked)]));
        Open(noted, Cracked(4)).ShouldBe([new OpenSign(First, Trouble.CrackedRotor, Axle.Front)]);
        Open(noted, Cracked(4), Fitted(5, rotor: "another")).ShouldBeEmpty();
    }

    [Fact]
    public void The_worst_stands_first_and_the_first_day_is_told()
    {
        var open = Open(Look(0, CornerMark.WheelPlay), Day(1, PedalFeel.SoftHot), Day(4, PedalFeel.SoftHot));
        open.Select(sign => (sign.Trouble, sign.Since)).ShouldBe([(Trouble.SoftPedal, First.AddDays(1)), (Trouble.WheelPlay, First)]);
    }

    [Fact]
    public void No_room_says_that_such_a_car_holds()
    {
        var soft = Plan with { Open = [new OpenSign(First, Trouble.SoftPedal)] };
        soft.Faults().ShouldBeEmpty();
        HardStops.OfFitted(soft).Select(stop => stop.Code).ShouldContain(OpenStop.Code);
        StopOrGo.Of(new Inspection(First.AddDays(9), []), soft)[0].Verdict.ShouldBe(Verdict.StopNow);
        StopOrGo.Of(new Inspection(First.AddDays(9), [], Bled: true), soft).ShouldNotContain(finding => finding.Verdict == Verdict.StopNow);

        // An order for it flushes and bleeds, whatever else it is about, and is not refused for what it mends.
        var order = WorkOrder.Of(soft, soft, freshFluid: false);
        order.Refused.ShouldBeEmpty();
        order.Steps.Select(step => step.Code).ShouldContain("bleed");
        var done = WorkOrder.Finished(soft, soft, freshFluid: false);
        (done.Open, done.FluidState.AgeMonths).ShouldBe((null, 0));
    }

    [Fact]
    public void A_setup_answers_what_it_renews_and_nothing_else()
    {
        var stopped = Plan with { Open = [new OpenSign(First, Trouble.SoftPedal), new OpenSign(First, Trouble.WheelPlay, Axle.Front)] };
        var fitted = Selection.Fitted(stopped);
        fitted.On(stopped, new Wishes()).Open!.Count.ShouldBe(2);
        (fitted with { Fluid = new("same", stopped.Fluid) }).On(stopped, new Wishes()).Open!.Single().Trouble.ShouldBe(Trouble.WheelPlay);
    }

    /// <summary>What a note leaves open is answered like what was ticked: by a bleed, or a look, and by no firm pedal of the same day.</summary>
    [Fact]
    public void What_was_written_is_answered_like_what_was_ticked()
    {
        Statement Wrote(Trouble trouble) => Statement.Of("0", new LogSession(First, 1, 8, Plan, Pedal: PedalFeel.Firm), [new TroubleAt(trouble, Axle.Front)]);
        Open(Wrote(Trouble.NoStop)).Single().Trouble.ShouldBe(Trouble.NoStop);
        Open(Wrote(Trouble.NoStop), Day(1, PedalFeel.Firm)).ShouldBeEmpty();
        Open(Wrote(Trouble.Leak), Day(1, PedalFeel.Firm)).Single().Trouble.ShouldBe(Trouble.Leak);
        Open(Wrote(Trouble.Leak), Look(1, bled: true)).ShouldBeEmpty();
        Open(Wrote(Trouble.CrackedRotor), Look(1, CornerMark.FacesSound), Look(1, CornerMark.FacesSound, Corner.RightFront)).ShouldBeEmpty();
    }

    /// <summary>Iron that has changed its structure is discarded, and a caliper whose seals are gone is opened: until then nobody drives (common practice).</summary>
    [Fact]
    public void What_was_too_hot_stops_the_car_until_it_is_renewed()
    {
        static Statement Hot(double above, bool rear = false) => Statement.Of("0", new LogSession(First, 1, 8, Plan,
            Seen: [new Core.Beliefs.Observation(Core.Beliefs.ObservationKind.RotorPaint, rear, AboveC: above)]));
        Open(Hot(890)).ShouldBeEmpty();
        Open(Hot(905)).ShouldBe([new OpenSign(First, Trouble.BurntRotor, Axle.Front)]);
        Open(Hot(905), Day(4, PedalFeel.Firm), Look(5, CornerMark.FacesSound)).ShouldNotBeEmpty("it may crack without warning, however sound it looks");
        Open(Hot(905), Fitted(1, rotor: "another")).ShouldBeEmpty();
        Open(Hot(905, rear: true), Fitted(1, rotor: "another")).ShouldNotBeEmpty("front rotors are no rear ones");
        var cooked = Statement.Of("0", new LogSession(First, 1, 8, Plan, FrontSticker: new PaintEdges(255)));
        Open(cooked).Single().Trouble.ShouldBe(Trouble.BurntSeals);
        Open(cooked, Look(1, bled: true)).ShouldBeEmpty();
        var soft = Statement.Of("0", new LogSession(First, 1, 8, Plan, Seen: [new Core.Beliefs.Observation(Core.Beliefs.ObservationKind.PedalSoft, Lap: 6)]));
        Open(soft).Single().Trouble.ShouldBe(Trouble.SoftPedal);
    }

    [Fact]
    public void More_signs_than_a_car_can_carry_are_refused_by_field()
    {
        var many = Plan with { Open = [.. Enumerable.Repeat(new OpenSign(First, Trouble.Leak), OpenSign.Most + 1)] };
        many.Faults().Single().Field.ShouldBe("open");
        (Plan with { Open = [new OpenSign(new DateOnly(1, 1, 1), Trouble.Leak)] }).Faults().Single().Field.ShouldBe("open[0].since");
    }

    private static IReadOnlyList<OpenSign> Open(params Statement[] said) =>
        GarageRecord.Of(said.Prepend(new Statement(null, KnownBy.Described, "", Fitment.Of(Plan))), First.AddDays(100), _ => new(new LapUse(0.02, 0.03, 12), new LapUse(0.01)))!.Open;

    private static Statement Day(int day, PedalFeel pedal, PredictionPlan? plan = null) =>
        Statement.Of($"{day}", new LogSession(First.AddDays(day), 1, 8, plan ?? Plan, Pedal: pedal));

    private static Statement Look(int day, CornerMark? mark = null, Corner corner = Corner.LeftFront, bool bled = false) => Looked(day,
        new CornerLook(corner, Marks: mark is { } found ? [found] : null), bled);

    private static Statement Cracked(int day) => Looked(day, new CornerLook(Corner.LeftFront, CrackMm: 9), false);

    private static Statement Looked(int day, CornerLook look, bool bled) =>
        Statement.Of($"{day}", new InspectionNote(new Inspection(First.AddDays(day), [look], Bled: bled), Plan));

    private static Statement Fitted(int day, bool newFluid = false, BrakeLine? lines = null, string? rotor = null, string? pad = null)
    {
        var after = Plan with
        {
            Lines = lines ?? Plan.Lines,
            FrontRotor = Plan.FrontRotor with { Name = rotor ?? Plan.FrontRotor.Name },
            FrontPad = Plan.FrontPad with { Name = pad ?? Plan.FrontPad.Name },
        };
        return Statement.Of($"{day}", new WorkTicks([], [], new FinishedWork(First.AddDays(day), after, Fluid: newFluid)))!;
    }
}
