using Rimrock.Core.Driving;

namespace Rimrock.Core.Tests.Driving;

public class DriverTests
{
    // 50 to 20 m/s in 105 m: 10 m/s2; the straight before it gains 2.5 m/s2.
    private static readonly LaidStop Stop = new(50, 20, 105, 3, 1, 2.5, 600, 14);

    private static DrivenStop Drive(double energy, double allowed, bool moves = true) => Driver.Drive(Stop, Lanes.Create(energy), Lanes.Create(allowed), moves);

    [Fact]
    public void With_all_that_is_planned_it_is_driven_as_laid_out_to_the_bit()
    {
        foreach (var driven in new[] { Drive(1, 10), Drive(1, 10, moves: false), Drive(1, 12) })
        {
            (driven.ForceFactor[0], driven.EnergyFactor[0], driven.EarlierM[0], driven.LostS[0]).ShouldBe((1, 1, 0, 0));
            (driven.EntryMS[0], driven.Metres[0], driven.TimeFactor[0], driven.SpeedFactor[0], driven.StraightFactor[0]).ShouldBe((50, 105, 1, 1, 1));
        }
    }

    /// <summary>By hand: v^2 = 400 + 2 a D meets v^2 = 2500 - 5 (D - 105) at D = 2625 / (2 a + 5).</summary>
    [Theory]
    [InlineData(8)]
    [InlineData(5)]
    [InlineData(4)]
    public void The_brake_point_moves_to_where_the_straight_and_the_brakes_meet(double allowed)
    {
        var driven = Drive(1, allowed);
        driven.Metres[0].ShouldBe(2625 / ((2 * allowed) + 5), 1e-9);
        driven.EarlierM[0].ShouldBe(driven.Metres[0] - 105, 1e-9);
        driven.EntryMS[0].ShouldBe(Math.Sqrt(2500 - (5 * driven.EarlierM[0])), 1e-9);
        driven.LostS[0].ShouldBeInRange(0.01, 1.5);
        driven.EntryMS[0].ShouldBeLessThan(50);
    }

    /// <summary>Half the deceleration sheds some 15 % of the heat and no more: the straight gives almost all of the speed back.</summary>
    [Fact]
    public void Moving_brake_points_sheds_little_heat() => Drive(1, 5).EnergyFactor[0].ShouldBeInRange(0.75, 0.92);

    /// <summary>Metres are nobody's to gain: straight and stop together are as long for every member.</summary>
    [Theory]
    [InlineData(1, 5)]
    [InlineData(1.1, 10)]
    [InlineData(0.8, 6)]
    public void No_lap_is_shorter_for_one_member_than_for_another(double energy, double allowed)
    {
        var driven = Drive(energy, allowed);
        var entry = driven.EntryMS[0];
        driven.Metres[0].ShouldBe(0.5 * (entry + 20) * 3 * driven.TimeFactor[0], 1e-9);
        (driven.SpeedFactor[0] * driven.TimeFactor[0] * 105).ShouldBe(driven.Metres[0], 1e-9);
        (driven.ForceFactor[0] * driven.Metres[0]).ShouldBe(driven.EnergyFactor[0] * 105, 1e-9, "force times way is work");
    }

    [Fact]
    public void The_energy_factor_moves_the_entry_speed_at_the_same_deceleration()
    {
        var driven = Drive(0.81, 10, moves: false);
        (driven.EntryMS[0] * driven.EntryMS[0]).ShouldBe(400 + (0.81 * 2100), 1e-9);
        (driven.EnergyFactor[0], driven.ForceFactor[0]).ShouldBe((0.81, 1));
        driven.TimeFactor[0].ShouldBe((driven.EntryMS[0] - 20) / 30, 1e-9);
    }

    [Fact]
    public void A_driver_counts_on_a_little_less_than_there_was_and_comes_back_by_thirds()
    {
        double Next(double now, double comfortable) => Driver.Next(10, Lanes.Create(now), Lanes.Create(comfortable))[0];
        Next(10, 8).ShouldBe(7.6, 1e-12);
        Next(6, 20).ShouldBe(6 + (4.0 / 3), 1e-12);
        Next(10, 11).ShouldBe(10, 1e-12);
    }

    [Fact]
    public void Less_than_half_or_less_than_four_tenths_of_gravity_is_the_end()
    {
        // A lane of true is all bits, which is no number.
        bool ComesIn(double planned, double left) => double.IsNaN(Driver.ComesIn(planned, Lanes.Create(left))[0]);
        ComesIn(10, 4.9).ShouldBeTrue();
        ComesIn(10, 5.1).ShouldBeFalse();
        ComesIn(6, 3.9).ShouldBeTrue();
        ComesIn(6, 4.0).ShouldBeFalse();
        ComesIn(2, 2.1).ShouldBeFalse("nobody comes in for a stop that is made with ease");
    }
}
