using MathNet.Numerics.LinearAlgebra;

namespace Rimrock.Core.Friction;

/// <summary>One stop of a friction test.</summary>
/// <param name="InitialC">Temperature before the stop, 0.5 mm under the face, C.</param>
/// <param name="MeanMu">Mean friction over the stop.</param>
public sealed record DynamometerStop(double InitialC, double MeanMu);

/// <summary>
/// A friction curve through noisy stops: straight pieces between knots by least squares, with a penalty on the change of slope
/// (Whittaker, Proc. Edinburgh Math. Soc. 41 (1923) 63; penalised splines as in Eilers and Marx, Statistical Science 11 (1996) 89; both from memory).
/// The weight of the penalty is ours: small enough that a fade of 100 K width is kept.
/// </summary>
/// <param name="Points">The curve.</param>
/// <param name="ScatterMu">Standard deviation of a stop about the curve.</param>
/// <param name="Stops">Stops used.</param>
public sealed record DynamometerFit(IReadOnlyList<CurvePoint> Points, double ScatterMu, IReadOnlyList<DynamometerStop> Stops)
{
    /// <summary>Fewest stops that make a curve.</summary>
    public const int FewestStops = 6;

    /// <summary>Most stops read.</summary>
    public const int MostStops = 2000;

    /// <summary>The stops must reach over so many kelvin.</summary>
    public const double LeastReachK = 100;

    private const double KnotK = 50;
    private const double Penalty = 0.6;
    private static readonly FieldRange Initial = new("stops.initialC", "C", -40, 1100);

    /// <summary>Fits a curve.</summary>
    /// <param name="stops">At least six stops over at least 100 K, in any order.</param>
    /// <param name="fieldOf">How a stop is named in a fault.</param>
    /// <exception cref="InputFaultException">Too few stops, too narrow, or a figure out of range.</exception>
    public static DynamometerFit Of(IReadOnlyList<DynamometerStop> stops, Func<int, string>? fieldOf = null)
    {
        ArgumentNullException.ThrowIfNull(stops);
        var faults = new List<InputFault>();
        if (stops.Count is < FewestStops or > MostStops)
        {
            faults.Add(new InputFault("stops", Said.Of("dynamometer-fit.stops", stops.Count), Said.Of("dynamometer-fit.stops-2", FewestStops, MostStops),
                Said.Of("dynamometer-fit.curve-needs-stops", FewestStops, MostStops)));
        }

        for (var i = 0; i < stops.Count && faults.Count < 20; i++)
        {
            Initial.Check(stops[i].InitialC, faults, fieldOf?.Invoke(i) ?? $"stops[{i}].initialC");
            CurvePoint.MuRange.Check(stops[i].MeanMu, faults, fieldOf?.Invoke(i) ?? $"stops[{i}].meanMu");
        }

        InputFaultException.ThrowIfAny(faults);
        var (least, most) = (stops.Min(stop => stop.InitialC), stops.Max(stop => stop.InitialC));
        if (most - least < LeastReachK)
        {
            throw new InputFaultException([new InputFault("stops", Said.Of("dynamometer-fit.figure", Units.K(most - least)),
                Said.Of("dynamometer-fit.more-between-coolest-hottest", Units.K(LeastReachK)),
                Said.Of("dynamometer-fit.stops-too-close-together"))]);
        }

        var pieces = Math.Max(2, (int)Math.Round((most - least) / KnotK));
        var knots = Enumerable.Range(0, pieces + 1).Select(i => least + ((most - least) * i / pieces)).ToArray();
        var mu = Solve(stops, knots);
        var curve = knots.Select((c, i) => new CurvePoint(Math.Round(c, 1), Math.Round(Math.Clamp(mu[i], CurvePoint.MuRange.Min, CurvePoint.MuRange.Max), 4)))
            .ToList();
        var residual = stops.Sum(stop => Math.Pow(stop.MeanMu - At(knots, mu, stop.InitialC), 2));
        return new DynamometerFit(curve, Math.Round(Math.Sqrt(residual / Math.Max(1, stops.Count - 3)), 4), [.. stops.OrderBy(stop => stop.InitialC)]);
    }

    private static double[] Solve(IReadOnlyList<DynamometerStop> stops, double[] knots)
    {
        var n = knots.Length;
        var normal = Matrix<double>.Build.Dense(n, n);
        var right = Vector<double>.Build.Dense(n);
        foreach (var stop in stops)
        {
            var (piece, share) = Place(knots, stop.InitialC);
            (int Knot, double Weight)[] hats = [(piece, 1 - share), (piece + 1, share)];
            foreach (var (row, weight) in hats)
            {
                right[row] += weight * stop.MeanMu;
                foreach (var (column, other) in hats)
                {
                    normal[row, column] += weight * other;
                }
            }
        }

        double[] second = [1, -2, 1];
        for (var i = 0; i + 2 < n; i++)
        {
            for (var row = 0; row < 3; row++)
            {
                for (var column = 0; column < 3; column++)
                {
                    normal[i + row, i + column] += Penalty * second[row] * second[column];
                }
            }
        }

        return normal.Cholesky().Solve(right).ToArray();
    }

    private static double At(double[] knots, double[] mu, double celsius)
    {
        var (piece, share) = Place(knots, celsius);
        return mu[piece] + (share * (mu[piece + 1] - mu[piece]));
    }

    private static (int Piece, double Share) Place(double[] knots, double celsius)
    {
        var width = knots[1] - knots[0];
        var piece = Math.Clamp((int)((celsius - knots[0]) / width), 0, knots.Length - 2);
        return (piece, (celsius - knots[piece]) / width);
    }
}
