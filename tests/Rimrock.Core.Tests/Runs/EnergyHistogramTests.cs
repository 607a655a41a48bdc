using CsCheck;
using Rimrock.Core.Runs;

namespace Rimrock.Core.Tests.Runs;

public class EnergyHistogramTests
{
    [Fact]
    public void Shares_and_quantiles_are_those_of_the_plain_list_within_a_bin()
    {
        (from temperatures in Gen.Double[0, 900].Array[5, 60]
         from weights in Gen.Double[0.1, 5].Array[temperatures.Length]
         from limit in Gen.Double[50, 850]
         from share in Gen.Double[0.05, 0.95]
         select (temperatures, weights, limit, share)).Sample(sample =>
        {
            var (temperatures, weights, limit, share) = sample;
            var histogram = new EnergyHistogram();
            for (var i = 0; i < temperatures.Length; i++)
            {
                if (i % 7 == 3)
                {
                    histogram.Close();
                }

                histogram.Add(Lanes.Create(temperatures[i]), Lanes.Create(weights[i]));
            }

            histogram.Close();
            var total = weights.Sum();
            histogram.Total(2).ShouldBe(total, 1e-9 * total);
            var above = temperatures.Zip(weights).Where(pair => pair.First > limit).Sum(pair => pair.Second) / total;
            var near = temperatures.Zip(weights).Where(pair => Math.Abs(pair.First - limit) <= EnergyHistogram.BinK).Sum(pair => pair.Second) / total;
            histogram.ShareAbove(limit, 1).ShouldBe(above, near + 1e-9);

            var order = temperatures.Zip(weights).OrderBy(pair => pair.First).ToArray();
            var sum = 0.0;
            var exact = order.First(pair => (sum += pair.Second) >= (share * total) - 1e-12).First;
            histogram.Quantile(share, 3).ShouldBe(exact, EnergyHistogram.BinK + 1e-6);
        });
    }

    [Fact]
    public void The_ends_hold_what_lies_beyond_them_and_nothing_stands_outside()
    {
        var histogram = new EnergyHistogram();
        histogram.Add(Lanes.Create(EnergyHistogram.StartC - 500), Lanes.Create(2.0));
        histogram.Add(Lanes.Create(5000.0), Lanes.Create(3.0));
        histogram.Total(0).ShouldBe(5, 1e-12);
        histogram.Weight(0, 0).ShouldBe(2, 1e-12);
        histogram.Weight(EnergyHistogram.Bins - 1, 0).ShouldBe(3, 1e-12);
        (histogram.Weight(-1, 0), histogram.Weight(EnergyHistogram.Bins, 0)).ShouldBe((0, 0));
        histogram.ShareAbove(300, 0).ShouldBe(0.6, 1e-12);
    }

    [Fact]
    public void A_bin_is_even_inside()
    {
        // All between 100 and 104 C: a quarter lies above 103.
        var histogram = new EnergyHistogram();
        var low = EnergyHistogram.StartC + (30 * EnergyHistogram.BinK);
        histogram.Add(Lanes.Create(low + (0.5 * EnergyHistogram.BinK)), Lanes.Create(1.0));
        histogram.ShareAbove(low, 0).ShouldBe(1, 1e-12);
        histogram.ShareAbove(low + (0.75 * EnergyHistogram.BinK), 0).ShouldBe(0.25, 1e-12);
        histogram.ShareAbove(low + EnergyHistogram.BinK, 0).ShouldBe(0, 1e-12);
        histogram.Quantile(0.25, 0).ShouldBe(low + (0.25 * EnergyHistogram.BinK), 1e-9);
    }

    [Fact]
    public void Members_are_kept_apart_and_sums_add()
    {
        var one = new EnergyHistogram();
        one.Add(Lanes.Create(100.0, 200, 300, 400, 0, 0, 0, 0), Lanes.Create(1.0, 2, 3, 4, 0, 0, 0, 0));
        var two = new EnergyHistogram();
        two.Add(one);
        two.Add(one);
        two.Total(3).ShouldBe(8);
        two.Quantile(0.5, 0).ShouldBeInRange(100, 110);
        two.Quantile(0.5, 2).ShouldBeInRange(300, 310);
        two.ShareAbove(250, 1).ShouldBe(0);
        two.ShareAbove(250, 2).ShouldBe(1);
    }

    [Fact]
    public void A_step_that_warms_through_several_bins_lays_its_energy_along_them()
    {
        var histogram = new EnergyHistogram();
        histogram.Add(Lanes.Create(205.0), Lanes.Create(265.0), Lanes.Create(6.0));
        histogram.Total(0).ShouldBe(6, 1e-12);
        histogram.ShareAbove(235, 0).ShouldBe(0.5, 0.01);
        histogram.Quantile(1.0 / 3, 0).ShouldBe(225, 10);
        histogram.Quantile(0.9, 0).ShouldBe(259, 10);
    }

    /// <summary>Rooms are handed on: what one held must not turn up in the next, wherever on the scale either lies.</summary>
    [Fact]
    public void A_closed_histogram_leaves_nothing_to_the_next()
    {
        for (var round = 0; round < 3; round++)
        {
            var before = new EnergyHistogram(3);
            before.Add(Lanes.Create(40.0, 300, 900, 900, 900, 900, 900, 900), Lanes.Create(2.0));
            before.Close();
            var after = new EnergyHistogram(3);
            after.Add(Lanes.Create(500.0), Lanes.Create(1.0));
            Enumerable.Range(0, EnergyHistogram.Bins).Sum(bin => after.Weight(bin, 0) + after.Weight(bin, 1) + after.Weight(bin, 2)).ShouldBe(3, 1e-12);
            (before.ShareAbove(200, 0), before.ShareAbove(200, 2)).ShouldBe((0, 1));
            after.Close();
        }
    }

    [Fact]
    public void An_empty_histogram_says_so()
    {
        new EnergyHistogram().Quantile(0.5, 0).ShouldBe(double.NaN);
        new EnergyHistogram().ShareAbove(100, 0).ShouldBe(0);
        var closed = new EnergyHistogram();
        closed.Close();
        closed.Total(0).ShouldBe(0);
    }
}
