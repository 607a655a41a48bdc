using CsCheck;
using Rimrock.Core.Numerics;

namespace Rimrock.Reference.Tests;

public class QuantilesTests
{
    /// <summary>The slow way: sort, then read between neighbours at p (n - 1); MathNet's definition R7 is the same.</summary>
    [Fact]
    public void Selection_agrees_with_sorting_and_with_a_general_statistics_library()
    {
        Gen.Float[-100, 900].Array[1, 300].Sample(values =>
        {
            var band = Quantiles.Band((float[])values.Clone());
            var doubles = values.Select(value => (double)value).ToArray();
            band.P10.ShouldBe(MathNet.Numerics.Statistics.Statistics.QuantileCustom(doubles, 0.1, MathNet.Numerics.Statistics.QuantileDefinition.R7), 1e-3);
            band.P50.ShouldBe(MathNet.Numerics.Statistics.Statistics.QuantileCustom(doubles, 0.5, MathNet.Numerics.Statistics.QuantileDefinition.R7), 1e-3);
            band.P90.ShouldBe(MathNet.Numerics.Statistics.Statistics.QuantileCustom(doubles, 0.9, MathNet.Numerics.Statistics.QuantileDefinition.R7), 1e-3);
        });
    }

    [Fact]
    public void Equal_values_and_sorted_values_are_no_trouble()
    {
        Quantiles.Band(new float[257]).ShouldBe((0, 0, 0));
        Quantiles.Band([.. Enumerable.Range(0, 101).Select(i => (float)i)]).ShouldBe((10, 50, 90));
        Should.Throw<ArgumentOutOfRangeException>(() => Quantiles.Of([], 0.5));
    }
}
