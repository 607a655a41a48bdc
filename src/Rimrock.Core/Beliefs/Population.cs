using Rimrock.Core.Runs;

namespace Rimrock.Core.Beliefs;

/// <summary>
/// Members with weights: what is believed about one car. A member is a row of standard normal scores, one for each of
/// <see cref="PriorFactor.All"/>.
/// </summary>
/// <param name="Scores">One row a member.</param>
/// <param name="Weights">One weight a member; they sum to 1.</param>
public sealed record Population(double[][] Scores, double[] Weights)
{
    private readonly Lazy<CarFactors[]> cars = new(() => [.. Scores.Select(PriorFactor.CarOf)]);

    /// <summary>Members of a population.</summary>
    public const int Size = PriorScores.Size;

    /// <summary>Members of a sketch.</summary>
    public const int SketchSize = PriorScores.Sketch;

    /// <summary>Members that a second round of learning takes.</summary>
    internal const int LookAhead = SketchSize;

    /// <summary>Members that so many rounds of learning looked at.</summary>
    /// <param name="rounds">Rounds.</param>
    public static int MembersIn(int rounds) => rounds == 1 ? Size : ((rounds - 1) * Size) + LookAhead;

    /// <summary>What is believed before anything was seen: standard normal scores, all of one weight, no two factors going together.</summary>
    public static Population Prior { get; } = Equal(PriorScores.Rows[..Size]) with { Balanced = true };

    /// <summary>Further members of the prior, which go with <see cref="Prior"/> where a small chance has to be known better.</summary>
    public static IReadOnlyList<double[]> Further { get; } = PriorScores.Rows[Size..];

    /// <summary>
    /// A sketch in a quarter of the time: the prior's first 64, which are a balanced sample of their own; of a learnt belief 64 by systematic resampling.
    /// </summary>
    public Population Sketched() => ReferenceEquals(this, Prior) ? Equal(PriorScores.Rows[..SketchSize]) : Resampled(SketchSize);

    /// <summary>Places of a sketch's members among all.</summary>
    internal int[] SketchPicks() => ReferenceEquals(this, Prior) ? [.. Enumerable.Range(0, SketchSize)] : Picks(SketchSize);

    /// <summary>True where every member weighs the same.</summary>
    public bool EqualWeights { get; } = Weights.All(weight => weight == Weights[0]);

    /// <summary>True for the prior, whose sampler holds the mean of every factor.</summary>
    public bool Balanced { get; private init; }

    /// <summary>How much less its members say than as many that were drawn apart: above 1 where some of them stand for the same row.</summary>
    public double Repeated { get; private init; } = 1;

    /// <summary>How many equally weighted members say as much: (sum w)^2 / sum w^2 (Kong, Liu and Wong, JASA 89 (1994) 278-288; from memory).</summary>
    public double EffectiveSize() => EffectiveSizeOf(Weights);

    /// <summary>The car of each member.</summary>
    public IReadOnlyList<CarFactors> Cars() => cars.Value;

    /// <summary>
    /// The same belief with members of one weight: each kept as often as its weight asks, by systematic resampling (Kitagawa,
    /// J. Comp. Graph. Stat. 5 (1996) 1-25; from memory) with the fixed offset of a half, so that the same input gives the same answer.
    /// </summary>
    /// <param name="count">How many members.</param>
    public Population Resampled(int count = Size) =>
        Equal([.. Picks(count).Select(member => Scores[member])]) with { Repeated = Math.Max(1, count * Repeated / EffectiveSize()) };

    /// <summary>The members that such a resampling keeps, each as often as it does.</summary>
    /// <param name="count">How many.</param>
    public int[] Picks(int count = Size)
    {
        var picked = new int[count];
        var sum = 0.0;
        var place = 0;
        for (var i = 0; i < Scores.Length; i++)
        {
            sum += Weights[i];
            while (place < picked.Length && (place + 0.5) / picked.Length <= sum + 1e-12)
            {
                picked[place++] = i;
            }
        }

        while (place < picked.Length)
        {
            picked[place++] = Scores.Length - 1;
        }

        return picked;
    }

    /// <summary>Effective size of weights that need not sum to 1.</summary>
    internal static double EffectiveSizeOf(IReadOnlyList<double> weights)
    {
        var sum = weights.Sum();
        var squares = weights.Sum(weight => weight * weight);
        return squares > 0 ? sum * sum / squares : 0;
    }

    private static Population Equal(double[][] scores) => new(scores, [.. Enumerable.Repeat(1.0 / scores.Length, scores.Length)]);
}
