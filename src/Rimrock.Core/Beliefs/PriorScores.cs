using Rimrock.Core.Numerics;
using Rimrock.Core.Runs;

namespace Rimrock.Core.Beliefs;

/// <summary>
/// The prior's scores: a scrambled sequence of Sobol as normal scores, put in order so that no two of the factors in use go together in the first 64, in the
/// other 192 of the first
/// 256, and in the 768 beyond, each apart. The same every time. A factor more at the end of the table leaves the scores of those before it as they are.
/// </summary>
internal static class PriorScores
{
    /// <summary>A sample of its own for a sketch.</summary>
    public const int Sketch = 64;

    /// <summary>A sample of its own for a verdict.</summary>
    public const int Size = 256;

    private static readonly int[] Blocks = [Sketch, Size, 1024];

    /// <summary>1024 rows, one score for each of <see cref="PriorFactor.All"/>; the first 64 and the first 256 are samples of their own.</summary>
    public static double[][] Rows { get; } = Draw();

    private static double[][] Draw()
    {
        double[][] rows = [.. ScrambledSobol.Points(Blocks[^1], PriorFactor.All.Count).Select(point => point.Select(NormalQuantile.At).ToArray())];
        return [.. Blocks.SelectMany((end, block) => Decorrelation.Of(rows[(block == 0 ? 0 : Blocks[block - 1])..end]))];
    }
}
