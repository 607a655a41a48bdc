using MathNet.Numerics.Statistics;
using Rimrock.Core.Beliefs;
using Rimrock.Core.Fitting;
using Rimrock.Core.Runs;

namespace Rimrock.Reference.Tests;

/// <summary>Rank correlations against a library's, ties and all.</summary>
public sealed class FactorRanksTests
{
    [Fact]
    public void What_matters_most_is_what_a_librarys_Spearman_says()
    {
        var scores = Population.Prior.Scores;
        var ranks = new FactorRanks(scores);
        for (var strong = 0; strong < PriorFactor.All.Count; strong++)
        {
            // Rounded, so that many results are equal; the next factor counts half as much, downwards.
            var weak = (strong + 1) % PriorFactor.All.Count;
            double[] results = [.. scores.Select(row => Math.Round(row[strong] - (0.5 * row[weak])))];
            var told = ranks.Contributions(results);
            told.Select(one => one.Factor).Take(2).ShouldBe([PriorFactor.All[strong].Code, PriorFactor.All[weak].Code]);
            foreach (var one in told)
            {
                var column = PriorFactor.All.ToList().FindIndex(factor => factor.Code == one.Factor);
                one.Share.ShouldBe(Math.Pow(Correlation.Spearman(results, scores.Select(row => row[column])), 2), 0.002);
            }
        }
    }
}
