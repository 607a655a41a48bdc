using Rimrock.Core.Beliefs;
using Rimrock.Core.Driving;
using Rimrock.Core.Entries;
using Rimrock.Core.Friction;
using Rimrock.Core.Logbook;
using Rimrock.Core.Quantities;
using Rimrock.Core.Rotors;
using Rimrock.Core.Runs;

namespace Rimrock.Core.Tests.Logbook;

/// <summary>What a day at the track tells, by its fields, its readings and its note: rules of the trade (common practice).</summary>
public class StopOrGoDayTests
{
    private static readonly PredictionPlan Plan = SampleParts.Plan();
    private static readonly DateOnly Day = new(2026, 5, 1);

    [Fact]
    public void What_a_note_speaks_of_is_judged_like_the_sign_that_could_be_ticked()
    {
        var day = new LogSession(Day, 1, 8, Plan, Pedal: PedalFeel.Firm, Note: "as written");
        NoteRule.All.Select(rule => rule.Of).Order().ShouldBe(Enum.GetValues<Spoken>());
        foreach (var rule in NoteRule.All)
        {
            StopOrGo.Of(day, [rule.Of]).ShouldContain(found => found.Verdict == rule.Verdict && found.Rule == rule.Rule);
            StopOrGo.Of(new Inspection(day.Date, [], Note: "as written"), Plan, spoken: [rule.Of])
                .ShouldContain(found => found.Verdict == rule.Verdict && found.Rule == rule.Rule);
        }

        Spoken[] stops = [Spoken.Leak, Spoken.Fire, Spoken.NoBrakes, Spoken.Faded, Spoken.SinkingPedal, Spoken.SoftPedal, Spoken.Cracked, Spoken.WheelPlay,
            Spoken.Loose, Spoken.BadHose, Spoken.Grinding, Spoken.WornOut, Spoken.WarningLight, Spoken.NoAssist, Spoken.WrongFluid, Spoken.Oiled, Spoken.WornRotor];
        NoteRule.All.Where(rule => rule.Verdict == Verdict.StopNow).Select(rule => rule.Of).Order().ShouldBe(stops.Order());

        // A sign that was ticked is told once, and a note is never fine.
        StopOrGo.Of(day with { Signs = [Sign.Leak] }, [Spoken.Leak]).Count(found => found.Verdict == Verdict.StopNow).ShouldBe(1);
        StopOrGo.Of(day, [Spoken.Smell]).ShouldContain(found => found.Verdict == Verdict.NotJudged);

        // A firm pedal that was ticked is not fine beside words of a car that did not stop.
        bool IsFirmFine(params Spoken[] spoken) => StopOrGo.Of(day, spoken).Any(found => found.Rule == Said.Of("stop-or-go.firm-pedal-stops-car"));
        (IsFirmFine(), IsFirmFine(Spoken.NoBrakes), IsFirmFine(Spoken.SoftPedal)).ShouldBe((true, false, false));
    }

    /// <summary>The capacities of pads are this car's: an organic pad works to some 280 C, a racing one far beyond (handbook ranges, from memory).</summary>
    [Fact]
    public void A_paint_is_held_against_what_the_pads_work_to()
    {
        Verdict Of(PaintEdges paint, string family, Rotor? rotor = null) => StopOrGo.Of(new LogSession(Day, 1, 8,
            Plan with { FrontPad = new Pad("pad", family), FrontRotor = rotor ?? Plan.FrontRotor }, FrontPaint: paint))
            .Single(found => found.Part == Said.Of("stop-or-go.front-pads")).Verdict;
        Of(new PaintEdges(430, 560), "organic").ShouldBe(Verdict.Watch);
        Of(new PaintEdges(430, 560), "race-carbon-metallic").ShouldBe(Verdict.Fine);
        Of(new PaintEdges(null, 170), "organic").ShouldBe(Verdict.Fine);
        Of(new PaintEdges(null, 240), "organic").ShouldBe(Verdict.NotJudged, "the face is hotter than its rim");
        Of(new PaintEdges(null, 430), "organic").ShouldBe(Verdict.NotJudged);
        Of(new PaintEdges(240, null), "organic").ShouldBe(Verdict.NotJudged);
        var carbon = Plan.FrontRotor with { Material = RingMaterial.CarbonCeramic };
        Of(new PaintEdges(900, null), "carbon-ceramic-disc", carbon).ShouldBe(Verdict.ChangeBefore);
        StopOrGo.Of(new LogSession(Day, 1, 8, Plan, Pedal: PedalFeel.Firm)).Any(found =>
            found.Part == Said.Of("stop-or-go.front-pads")).ShouldBeFalse("nobody looked");
    }

    /// <summary>Hotter than the hot edge of the day by more than it is read to, by paint, sticker, sensor or thermometer, or worn more.</summary>
    [Fact]
    public void What_was_seen_is_held_against_that_days_own_prediction()
    {
        var plan = new LogSession(Day, 1, 8, Plan).DrivenPlan();
        var run = new DayRun(plan, [CarFactors.Corners[2]]);
        foreach (var phase in new Core.Driving.Day(plan).Phases)
        {
            run.Run(phase);
        }

        Observation[] kinds =
        [
            new(ObservationKind.RotorPaint), new(ObservationKind.RotorPaint, Rear: true), new(ObservationKind.CaliperSticker),
            new(ObservationKind.CaliperPeak, Rear: true), new(ObservationKind.RotorPeak), new(ObservationKind.RotorReading, MinutesAfterStop: 3),
            new(ObservationKind.PadWear),
        ];
        foreach (var kind in kinds)
        {
            var hot = ObservationModel.Predicted(kind, plan, run, 0, CarFactors.Corners[2]);
            bool IsMore(double value)
            {
                var seen = kind.IsInterval() || kind.Kind is ObservationKind.RotorPaint or ObservationKind.CaliperSticker ? kind with { AboveC = value }
                    : kind with { Value = value };
                return StopOrGo.Of(new LogSession(Day, 1, 8, Plan, Seen: [seen])).Any(found => found.Rule == Said.Of("stop-or-go.more-than-the-day-explains"));
            }

            (IsMore(hot * 1.4), IsMore(hot)).ShouldBe((true, false), $"{kind.Kind}");
        }

        bool Unexplained(PredictionPlan plan) => StopOrGo.Of(new LogSession(Day, 1, 8, plan, Pedal: PedalFeel.SoftHot))
            .Any(found => found.Rule == Said.Of("stop-or-go.soft-is-bled-and-looked-into"));
        Unexplained(Plan with { FluidState = new Core.Fluids.FluidState(0), Stint = new StintPlan(1, 3, 5), Pace = "novice" }).ShouldBeTrue();
        var hard = SampleParts.Plan("race-sintered", "race-sintered") with { FrontPadMm = 4, Pace = "advanced", Stint = new StintPlan(3, 25, 10) };
        Unexplained(hard with { Fluid = new Core.Fluids.BrakeFluid("wet", "dot4", 231, 156), FluidState = new Core.Fluids.FluidState(110) }).ShouldBeFalse();
        StopOrGo.Of(new LogSession(Day, 1, 8, Plan, Pedal: PedalFeel.SoftHot))[0].Verdict.ShouldBe(Verdict.StopNow, "whatever explains it");
    }

    /// <summary>Whatever was driven, whatever was seen: it is answered, by motorcycles too and on days without laps.</summary>
    [Fact]
    public void Every_kind_of_day_answers_every_kind_of_reading()
    {
        Observation[] seen =
        [
            new(ObservationKind.RotorPaint, AboveC: 300), new(ObservationKind.CaliperSticker, Rear: true, AboveC: 100), new(ObservationKind.RotorPeak, Value: 300),
            new(ObservationKind.CaliperPeak, Value: 90), new(ObservationKind.RotorReading, Value: 200, MinutesAfterStop: 3),
            new(ObservationKind.PadWear, Value: 0.5), new(ObservationKind.Moisture, Value: 1), new(ObservationKind.PedalSoft, Lap: 0),
        ];
        foreach (var kind in DayKind.All)
        {
            var plan = Plan with { Days = [new PlannedDay(kind.Code, 5)] };
            var day = new LogSession(Day, 1, 8, plan, Seen: seen, ReadingC: 200, ReadingMinutes: 3);
            if (day.Faults().Count == 0)
            {
                StopOrGo.Of(day).ShouldNotBeEmpty(kind.Code);
            }
            else
            {
                day.Faults().ShouldAllBe(fault => fault.Field.StartsWith("session.", StringComparison.Ordinal), kind.Code);
            }
        }
    }

    /// <summary>A sign is judged alike wherever it was entered: in the paddock's own fields, or as something that was seen.</summary>
    [Fact]
    public void What_was_entered_as_seen_is_judged_like_what_was_ticked()
    {
        static Verdict Worst(LogSession day) => StopOrGo.Of(day)[0].Verdict;
        LogSession Seen(params Observation[] seen) => new(Day, 1, 8, Plan, Seen: seen);
        Worst(Seen(new Observation(ObservationKind.PedalSoft, Lap: 5))).ShouldBe(Verdict.StopNow);
        StopOrGo.Of(Seen(new Observation(ObservationKind.PedalSoft, Lap: 0))).ShouldContain(found => found.Verdict == Verdict.Fine);
        Worst(Seen(new Observation(ObservationKind.PedalSoft, Lap: 5)) with { Pedal = PedalFeel.Firm }).ShouldBe(Verdict.StopNow, "the worse of the two");
        Worst(Seen(new Observation(ObservationKind.RotorPaint, AboveC: 910))).ShouldBe(Verdict.StopNow);
        Worst(Seen(new Observation(ObservationKind.RotorReading, Rear: true, Value: 905, MinutesAfterStop: 2))).ShouldBe(Verdict.StopNow);
        Worst(Seen(new Observation(ObservationKind.RotorPeak, Value: 760))).ShouldBe(Verdict.ChangeBefore);
        Worst(Seen(new Observation(ObservationKind.CaliperSticker, AboveC: 255))).ShouldBe(Verdict.StopNow);
        Worst(Seen(new Observation(ObservationKind.CaliperPeak, Rear: true, Value: 255))).ShouldBe(Verdict.StopNow);
        Worst(Seen(new Observation(ObservationKind.Moisture, Value: 3.2))).ShouldBe(Verdict.ChangeBefore);
        Worst(Seen(new Observation(ObservationKind.PadWear, Value: Plan.At(Axle.Front).PadMm - 1.5))).ShouldBe(Verdict.StopNow);
        StopOrGo.Of(Seen(new Observation(ObservationKind.RotorPeak, Value: 300), new Observation(ObservationKind.CaliperPeak, Value: 90)))
            .Count(found => found.Verdict == Verdict.Fine).ShouldBe(2);
    }

    /// <summary>Common practice: whoever writes of a leak has seen one, and a level that no wear explains is a leak until shown otherwise.</summary>
    [Fact]
    public void What_was_written_stops_the_car_until_it_is_answered()
    {
        var day = new LogSession(Day, 1, 8, Plan, Note: "as written");
        LeftOpen.Of(day, [new(Spoken.Leak), new(Spoken.Cracked), new(Spoken.Smell)]).ShouldBe([new(Trouble.Leak), new(Trouble.CrackedRotor)]);
        LeftOpen.Of(day, [new(Spoken.Faded), new(Spoken.Squeal)]).ShouldBeEmpty();
        LeftOpen.Of(day with { FluidLevelMm = 70 }, []).ShouldBe([new(Trouble.Leak)]);
        var look = new InspectionNote(new Inspection(day.Date, [], FluidLevelMm: 70), Plan);
        LeftOpen.Of(look, [new(Spoken.SoftPedal), new(Spoken.WheelPlay)]).ShouldBe([new(Trouble.SoftPedal), new(Trouble.WheelPlay), new(Trouble.Leak)], ignoreOrder: true);
        LeftOpen.Of(look with { Inspection = look.Inspection with { Bled = true } }, [new(Spoken.SoftPedal), new(Spoken.WheelPlay)]).ShouldBe([new(Trouble.WheelPlay)],
            "a bleed of that very day answers the hydraulics");
        InspectionNote Cracked(double mm) => new(new Inspection(day.Date, [new CornerLook(Corner.LeftFront, CrackMm: mm)]), Plan);
        LeftOpen.Of(Cracked(3), [new(Spoken.Cracked)]).ShouldBeEmpty("hairlines that were measured");
        LeftOpen.Of(Cracked(9), [new(Spoken.Cracked)]).ShouldBe([new(Trouble.CrackedRotor)]);
    }
}
