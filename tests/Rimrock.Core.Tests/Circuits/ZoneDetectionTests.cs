using Rimrock.Core.Circuits;
using Rimrock.Core.Quantities;

namespace Rimrock.Core.Tests.Circuits;

public class ZoneDetectionTests
{
    private const double StepS = 0.1;

    /// <summary>Two seconds at a speed, a slowing by so many g for so long, and two seconds after it.</summary>
    private static LapTrace Slowing(double g, double seconds, double fromKmh = 150)
    {
        double[] time = [.. Enumerable.Range(0, (int)Math.Round((4 + seconds) / StepS) + 1).Select(i => i * StepS)];
        var from = Speed.FromKmh(fromKmh);
        return new LapTrace(time, [.. time.Select(t => from - (g * Speed.StandardGravityMS2 * Math.Clamp(t - 2, 0, seconds)))], [], "made");
    }

    [Theory]
    [InlineData(0.14, 4, 0)]
    [InlineData(0.16, 4, 1)]
    [InlineData(0.9, 2, 1)]
    public void Braking_begins_at_fifteen_hundredths_of_g(double g, double seconds, int zones) =>
        ZoneDetection.Find(Slowing(g, seconds)).Count.ShouldBe(zones);

    [Theory]
    [InlineData(0.5, 0.4, 0)]
    [InlineData(0.5, 0.6, 1)]
    public void What_takes_off_less_than_eight_kmh_is_a_lift(double g, double seconds, int zones) =>
        ZoneDetection.Find(Slowing(g, seconds)).Count.ShouldBe(zones, "0.5 g for 0.4 s takes off 7.1 km/h, for 0.6 s 10.6");

    [Fact]
    public void A_zone_is_told_by_the_closed_form()
    {
        // 0.9 g for 2 s from 150 km/h: 41.67 - 17.65 = 24.01 m/s, over 2 (41.67 + 24.01) / 2 = 65.7 m, 2 s of road before it.
        var zone = ZoneDetection.Find(Slowing(0.9, 2)).Single();
        zone.EntryKmh.ShouldBe(150, 0.1);
        zone.ExitKmh.ShouldBe(86.45, 0.1);
        zone.Seconds.ShouldBe(2, 1e-9);
        zone.Metres.ShouldBe(65.7, 0.1);
        zone.AtM.ShouldBe(83.3, 0.1);
        zone.MeanG.ShouldBe(0.9, 0.001);
        zone.SecondsToNext.ShouldBe(4, 1e-9, "two after it and two before it, round to itself");
    }
}
