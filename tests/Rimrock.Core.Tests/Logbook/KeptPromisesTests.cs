using Rimrock.Core.Driving;
using Rimrock.Core.Entries;
using Rimrock.Core.Logbook;

namespace Rimrock.Core.Tests.Logbook;

/// <summary>Scores of what was told, against their definitions and tables of the binomial distribution.</summary>
public class KeptPromisesTests
{
    private static readonly DateOnly Day = new(2026, 5, 1);
    private static readonly LogSession Driven = new(Day, 3, 24, SampleParts.Plan("track-sport", "track-sport"));

    /// <summary>Who always says a half scores a quarter; who is right for certain scores 0 (Brier's own remarks; from memory).</summary>
    [Fact]
    public void A_half_for_everything_scores_a_quarter()
    {
        var half = KeptPromises.Of(Told(0.5, 0.5, 20, 7));
        half.Limits.Single().Brier.ShouldBe(0.25);
        var wise = KeptPromises.Of([.. Told(1, 0.5, 3, 3), .. Told(0, 0.5, 4, 0)]).Limits.Single();
        (wise.Brier, wise.BrierWithout, wise.Days, wise.CameOn).ShouldBe((0, 0.25, 7, 3));
    }

    /// <summary>Ten of a half: at most 3 in 17.2 %, at most 2 in 5.5 %, at most 7 in 94.5 %, at most 6 in 82.8 % (tables of the binomial; from memory).</summary>
    [Fact]
    public void Luck_alone_is_the_binomials()
    {
        var group = KeptPromises.Of(Told(0.5, 0.5, 10, 5)).WithLog.Single();
        (group.Told, group.Came, group.Low, group.High, group.Count).ShouldBe((0.5, 0.5, 0.3, 0.7, 10));

        // Of unlike chances the sum's own: of 71 and 89 % none comes in 3 %, one in 34 %, both in 63 %.
        var unlike = KeptPromises.Of([.. Told(0.71, 0.5, 1, 1), .. Told(0.89, 0.5, 1, 1)]).WithLog.Single();
        (unlike.Low, unlike.High).ShouldBe((0.5, 1));
    }

    [Fact]
    public void What_was_nearly_ruled_out_and_came_is_a_miss()
    {
        var told = KeptPromises.Of([.. Told(0.04, 0.3, 1, 1), .. Told(0.95, 0.3, 1, 0), .. Told(0.3, 0.3, 2, 1)]);
        told.Misses.Select(miss => miss.Chance).ShouldBe([0.04, 0.95], ignoreOrder: true);
        told.WithLog.Count.ShouldBe(3);
        told.WithoutLog.Count.ShouldBe(1);
    }

    [Fact]
    public void Only_what_the_log_tells_is_counted()
    {
        bool? Came(string code, LogSession day, InspectionNote? next = null) => PromiseRule.All.Single(rule => rule.Code == code).Came(new DayAfter(day, next));
        CornerLook Of(Corner corner, double mm, double? crack) => new(corner, mm, mm + 1, CrackMm: crack);
        InspectionNote Look(double mm, double? crack = null, bool both = true) => new(new Inspection(Day,
            both ? [Of(Corner.LeftFront, mm, crack), Of(Corner.RightFront, mm, crack)] : [Of(Corner.LeftFront, mm, crack)]), Driven.Plan);
        Came("boils", Driven).ShouldBeNull();
        Came("boils", Driven with { Pedal = PedalFeel.Firm }).ShouldBe(false);
        Came("boils", Driven with { Pedal = PedalFeel.SoftHot }).ShouldBe(true);
        Came("missed", Driven with { Pedal = PedalFeel.SoftHot }).ShouldBeNull("who has no pedal says nothing of the pads");
        Came("missed", Driven with { Pedal = PedalFeel.FirmNoStop }).ShouldBe(true);
        Came("seals", Driven with { FrontSticker = new(160, 182) }).ShouldBe(false);
        Came("seals", Driven with { FrontSticker = new(182, 210) }).ShouldBeNull("it may have been either");
        Came("worn-front", Driven, Look(6)).ShouldBe(false);
        Came("worn-front", Driven, Look(2)).ShouldBe(true);
        Came("worn-front", Driven, Look(6, both: false)).ShouldBeNull("nobody looked at the other side");
        Came("worn-front", Driven, Look(2, both: false)).ShouldBe(true);
        Came("cracks", Driven, Look(6, 3, both: false)).ShouldBeNull();
        Came("worn-rear", Driven, Look(2)).ShouldBeNull("nobody measured there");
        Came("cracks", Driven, Look(6, 3)).ShouldBe(false);
        Came("cracks", Driven, Look(6, 12)).ShouldBe(true);
    }

    private static IEnumerable<ToldAndCame> Told(double chance, double without, int days, int came) =>
        Enumerable.Range(0, days).Select(i => new ToldAndCame(Day.AddDays(i), "boils", chance, without, i < came));
}
