using CsCheck;
using Rimrock.Core.Numerics;

namespace Rimrock.Core.Tests.Numerics;

public class MonotoneCubicTests
{
    [Fact]
    public void It_passes_through_its_points_and_never_leaves_their_range()
    {
        (from steps in Gen.Double[1, 200].Array[2, 12]
         from y in Gen.Double[0, 1.2].Array[steps.Length]
         from at in Gen.Double[0, 1]
         select (steps, y, at)).Sample(sample =>
        {
            var (steps, y, at) = sample;
            var x = new double[steps.Length];
            for (var i = 0; i < x.Length; i++)
            {
                x[i] = steps[i] + (i > 0 ? x[i - 1] : 0);
            }

            var curve = new MonotoneCubic(x, y);
            for (var i = 0; i < x.Length; i++)
            {
                curve.At(x[i]).ShouldBe(y[i], 1e-9);
            }

            var position = Math.Min(x[^1], x[0] + (at * (x[^1] - x[0])));
            var right = Math.Clamp(Array.FindIndex(x, value => value >= position), 1, x.Length - 1);
            curve.At(position).ShouldBeInRange(Math.Min(y[right - 1], y[right]) - 1e-9, Math.Max(y[right - 1], y[right]) + 1e-9);
        });
    }

    [Fact]
    public void A_straight_line_stays_straight()
    {
        var curve = new MonotoneCubic([0, 10, 50], [1, 2, 6]);
        curve.At(30).ShouldBe(4, 1e-12);
    }

    [Theory]
    [InlineData(-0.1)]
    [InlineData(50.1)]
    [InlineData(double.NaN)]
    public void Outside_its_points_it_says_nothing(double position) => new MonotoneCubic([0, 50], [1, 2]).At(position).ShouldBe(double.NaN);

    [Fact]
    public void Points_that_do_not_rise_are_refused_by_number() =>
        Should.Throw<ArgumentException>(() => new MonotoneCubic([0, 100, 100], [1, 1, 1])).Message.ShouldContain("Point 2");
}
