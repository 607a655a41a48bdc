using Rimrock.Core.Circuits;
using Rimrock.Core.Logbook;

namespace Rimrock.Core.Tests.Logbook;

public class TraceComparisonTests
{
    /// <summary>A straight at 50 m/s, a stop at a constant deceleration that begins at a distance, then 20 m/s.</summary>
    private static LapTrace Trace(double decelMS2, double beginM = 500)
    {
        var time = new List<double>();
        var speed = new List<double>();
        double t = 0, v = 50, m = 0;
        while (m < 900)
        {
            time.Add(t);
            speed.Add(v);
            m += v * 0.02;
            t += 0.02;
            v = m >= beginM && v > 20 ? Math.Max(20, v - (decelMS2 * 0.02)) : v;
        }

        return new LapTrace([.. time], [.. speed], [], "made");
    }

    [Fact]
    public void A_harder_stop_is_shorter_by_the_closed_form_and_gains_time()
    {
        // Between 50 and 20 m/s: (2500 - 400) / 2a, 131.25 m at 8 m/s2 and 116.67 m at 9.
        var zone = TraceComparison.Of(Trace(8), Trace(9)).Zones.Single();
        zone.FirstM.ShouldBe(131.25, 1.5);
        zone.SecondM.ShouldBe(116.67, 1.5);
        zone.FirstG.ShouldBe(8 / 9.80665, 0.02);
        zone.SecondG.ShouldBe(9 / 9.80665, 0.02);
        zone.EntryFirstKmh.ShouldBe(180, 1);
        zone.GainedS.ShouldBeLessThan(0, "who brakes harder from the same point is slower over the same road");
    }

    [Fact]
    public void Braking_later_at_the_same_deceleration_gains_time()
    {
        // 20 m later at 50 instead of 20 m/s: 20/20 - 20/50 = 0.6 s.
        TraceComparison.Of(Trace(8), Trace(8, 520)).Zones.Single().GainedS.ShouldBe(0.6, 0.05);
    }

    [Fact]
    public void The_same_recording_differs_in_nothing()
    {
        var zone = TraceComparison.Of(Trace(8), Trace(8)).Zones.Single();
        zone.GainedS.ShouldBe(0);
        zone.FirstM.ShouldBe(zone.SecondM);
    }

    [Fact]
    public void A_zone_of_one_recording_only_is_counted() => TraceComparison.Of(Trace(8), Trace(8, 700)).Unpaired.ShouldBe(2);

    [Fact]
    public void Recorders_of_different_beat_say_the_same_of_the_same_drive()
    {
        // Every third and every seventh sample: between them both are read by straight lines.
        LapTrace Every(int beat) => Trace(8) is var whole
            ? new LapTrace([.. whole.TimeS.Where((_, i) => i % beat == 0)], [.. whole.SpeedMS.Where((_, i) => i % beat == 0)], [], "made") : null!;
        var zone = TraceComparison.Of(Every(3), Every(7)).Zones.Single();
        zone.FirstM.ShouldBe(zone.SecondM, 1);
        zone.FirstM.ShouldBe(131.25, 3);
        zone.GainedS.ShouldBe(0, 0.02);
        zone.FirstG.ShouldBe(zone.SecondG, 0.04);
    }
}
