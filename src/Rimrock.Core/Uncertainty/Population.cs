using Rimrock.Core.Numerics;
using Rimrock.Core.Prediction;

namespace Rimrock.Core.Uncertainty;

/// <summary>
/// Members with weights: what is believed about one car. A member is a row of standard normal scores, one for each of
/// <see cref="PriorFactor.All"/>.
/// </summary>
/// <param name="Scores">One row a member.</param>
/// <param name="Weights">One weight a member; they sum to 1.</param>
public sealed record Population(double[][] Scores, double[] Weights)
{
    /// <summary>Members of a population.</summary>
    public const int Size = KorobovLattice.Count;

    /// <summary>What is believed before anything was seen: a lattice of standard normal scores, all of one weight.</summary>
    public static Population Prior { get; } = new(Lattice(), [.. Enumerable.Repeat(1.0 / Size, Size)]);

    /// <summary>Every fourth member of the prior: a sketch of the band in a quarter of the time, for questions about many days.</summary>
    public static Population Sketch { get; } = new([.. Prior.Scores.Where((_, i) => i % 4 == 0)], [.. Enumerable.Repeat(4.0 / Size, Size / 4)]);

    /// <summary>How many equally weighted members say as much: (sum w)^2 / sum w^2 (Kong, Liu and Wong, JASA 89 (1994) 278-288; from memory).</summary>
    public double EffectiveSize() => EffectiveSizeOf(Weights);

    /// <summary>The car of each member.</summary>
    public CarFactors[] Cars() => [.. Scores.Select(CarOf)];

    /// <summary>
    /// The same belief with members of one weight: each kept as often as its weight asks, by systematic resampling (Kitagawa,
    /// J. Comp. Graph. Stat. 5 (1996) 1-25; from memory) with the fixed offset of a half, so that the same input gives the same answer.
    /// </summary>
    public Population Resampled()
    {
        var picked = new double[Scores.Length][];
        var sum = 0.0;
        var place = 0;
        for (var i = 0; i < Scores.Length; i++)
        {
            sum += Weights[i];
            while (place < picked.Length && (place + 0.5) / picked.Length <= sum + 1e-12)
            {
                picked[place++] = Scores[i];
            }
        }

        while (place < picked.Length)
        {
            picked[place++] = Scores[^1];
        }

        return new Population(picked, Prior.Weights);
    }

    /// <summary>The car of a row of scores.</summary>
    public static CarFactors CarOf(double[] scores)
    {
        ArgumentNullException.ThrowIfNull(scores);
        var car = CarFactors.Median;
        for (var i = 0; i < scores.Length; i++)
        {
            car = PriorFactor.All[i].Move(car, scores[i]);
        }

        return car;
    }

    /// <summary>Effective size of weights that need not sum to 1.</summary>
    internal static double EffectiveSizeOf(IReadOnlyList<double> weights)
    {
        var sum = weights.Sum();
        var squares = weights.Sum(weight => weight * weight);
        return squares > 0 ? sum * sum / squares : 0;
    }

    private static double[][] Lattice() => [.. KorobovLattice.Points(PriorFactor.All.Count).Select(point => point.Select(NormalQuantile.At).ToArray())];
}
