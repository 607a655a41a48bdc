using System.Runtime.Intrinsics;
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

    /// <summary>Against the runtime's own sort, in columns that have nothing to do with each other.</summary>
    [Fact]
    public void Columns_are_sorted_each_for_itself_and_read_as_selection_reads()
    {
        Gen.Float[-100, 900].Array[SortedColumns.Count].Array[1, 300].Sample(rows =>
        {
            var columns = rows.Select(row => Vector512.Create<float>(row)).ToArray();
            SortedColumns.Sort(columns);
            for (var column = 0; column < SortedColumns.Count; column++)
            {
                var plain = rows.Select(row => row[column]).Order().ToArray();
                columns.Select(row => row[column]).ShouldBe(plain);
                var band = Quantiles.Band(plain);
                SortedColumns.Of(columns, column, 0.1).ShouldBe(band.P10, 1e-9);
                SortedColumns.Of(columns, column, 0.5).ShouldBe(band.P50, 1e-9);
                SortedColumns.Of(columns, column, 0.9).ShouldBe(band.P90, 1e-9);
            }
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
