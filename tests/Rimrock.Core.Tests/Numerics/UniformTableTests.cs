using Rimrock.Core.Numerics;

namespace Rimrock.Core.Tests.Numerics;

public class UniformTableTests
{
    private static readonly UniformTable Squares = new(-2, 3, 51, x => x * x);

    [Fact]
    public void It_is_exact_at_its_samples_and_near_between_them()
    {
        Squares.At(1.5).ShouldBe(2.25, 1e-12);
        for (var x = -2.0; x <= 3; x += 0.013)
        {
            Squares.At(x).ShouldBe(x * x, 0.0026, "linear between samples 0.1 apart: h2 / 4");
        }
    }

    [Fact]
    public void Beyond_its_range_it_reads_its_ends()
    {
        Squares.At(-5).ShouldBe(4);
        Squares.At(50).ShouldBe(9);
        Squares.At(double.NaN).ShouldBe(4);
    }

    [Fact]
    public void Members_are_read_as_one_by_one()
    {
        var positions = Lanes.Create(-1.0, 0.25, 2.9, 7, 3, 2, 2.5, double.NaN);
        var read = Squares.At(positions);
        for (var i = 0; i < Lane.Count; i++)
        {
            read[i].ShouldBe(Squares.At(positions[i]));
        }
    }

    [Fact]
    public void A_table_needs_a_range_and_two_samples()
    {
        Should.Throw<ArgumentOutOfRangeException>(() => new UniformTable(0, 0, 5, x => x));
        Should.Throw<ArgumentOutOfRangeException>(() => new UniformTable(0, 1, 1, x => x));
    }
}
