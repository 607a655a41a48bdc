using Rimrock.Core.Beliefs;
using Rimrock.Core.Limits;

namespace Rimrock.Core.Judgement;

/// <summary>
/// The 768 members more for a danger that is small: half of them the prior's, half aimed at the nearest limits, each of them moved by the point of the limit
/// that is nearest to the middle, as if
/// margins were straight in the scores (least squares over the members already run). All members together are weighed by the mixture that they were drawn from
/// (deterministic mixture: Hesterberg,
/// Technometrics 37 (1995) 185-194; Owen and Zhou, JASA 95 (2000) 135-143; from memory), which makes good what is not straight.
/// </summary>
/// <param name="Scores">The members to run.</param>
/// <param name="Weights">The weights of all, those already run first.</param>
/// <param name="DrawnAlike">The first so many of all were drawn from the prior, the others aimed; 0 where none is.</param>
internal sealed record FurtherMembers(double[][] Scores, double[] Weights, int DrawnAlike)
{
    private const int Limits = 2;
    private const double FurthestSigmas = 4;

    /// <summary>The members for a day whose danger is small.</summary>
    public static FurtherMembers For(JudgedDay judged)
    {
        var further = Population.Further;
        double[][] aims = [.. Enumerable.Range(0, judged.Rows.Count).Where(place => judged.Rows[place].HarmOf(judged.Plan) == Harm.Danger)
            .Select(place => Aim(judged, place)).OfType<double[]>()
            .OrderBy(aim => aim.Sum(z => z * z)).Take(Limits)];
        var aimed = aims.Length == 0 ? 0 : further.Count / 2;
        double[][] scores = [.. further.Select((row, i) => i < further.Count - aimed ? row : Moved(row, aims[i % aims.Length]))];
        var all = judged.Members + further.Count;
        double[] weights = [.. judged.Scores.Concat(scores).Select(row =>
            1 / (1 - ((double)aimed / all) + aims.Sum(aim => (double)aimed / aims.Length / all * Ratio(row, aim))))];
        var sum = weights.Sum();
        return new FurtherMembers(scores, [.. weights.Select(weight => weight / sum)], aimed == 0 ? 0 : all - aimed);
    }

    /// <summary>Where a limit's margin is nought nearest to the middle; null where it gives in the middle, never comes near or is too far.</summary>
    private static double[]? Aim(JudgedDay judged, int place)
    {
        var margins = judged.Course(place).Margins;
        if (Array.Exists(margins, double.IsNaN))
        {
            return null;
        }

        // The scores go straight to nothing with each other: a slope is the mean product.
        var middle = margins.Average();
        double[] slope = [.. Enumerable.Range(0, judged.Scores[0].Length).Select(j => margins.Select((margin, i) => margin * judged.Scores[i][j]).Average())];
        var steep = slope.Sum(one => one * one);
        var away = middle / Math.Sqrt(Math.Max(1e-12, steep));
        return away is > 0 and < FurthestSigmas ? [.. slope.Select(one => -one * middle / steep)] : null;
    }

    private static double[] Moved(double[] row, double[] aim) => [.. row.Zip(aim, (z, by) => z + by)];

    /// <summary>Density about the aim over the prior's.</summary>
    private static double Ratio(double[] row, double[] aim) => Math.Exp(row.Zip(aim, (z, a) => z * a).Sum() - (0.5 * aim.Sum(a => a * a)));
}
