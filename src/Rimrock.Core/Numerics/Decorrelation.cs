namespace Rimrock.Core.Numerics;

/// <summary>
/// Puts the values of each column in another order, so that no two columns go together, and leaves every column's values as they are (Iman and Conover, Commun.
/// Stat. B11
/// (1982) 311-334; from memory). A column is moved against those before it alone: one more column at the end leaves the others where they are.
/// </summary>
public static class Decorrelation
{
    // The order found approximates the scores wanted; doing it again takes most of what is left.
    private const int Passes = 4;

    /// <summary>The rows with their columns put in order.</summary>
    /// <param name="rows">More rows than columns.</param>
    public static double[][] Of(IReadOnlyList<double[]> rows)
    {
        ArgumentNullException.ThrowIfNull(rows);
        var columns = Enumerable.Range(0, rows[0].Length).Select(j => rows.Select(row => row[j]).ToArray()).ToArray();
        ArgumentOutOfRangeException.ThrowIfLessThanOrEqual(rows.Count, columns.Length, nameof(rows));
        for (var pass = 0; pass < Passes; pass++)
        {
            Reorder(columns);
        }

        return [.. Enumerable.Range(0, rows.Count).Select(i => columns.Select(column => column[i]).ToArray())];
    }

    private static void Reorder(double[][] columns)
    {
        var basis = new List<double[]>();
        for (var j = 0; j < columns.Length; j++)
        {
            // What of the column is at right angles to all before it (Gram and Schmidt): the order wanted.
            var mean = columns[j].Average();
            var wanted = columns[j].Select(value => value - mean).ToArray();
            foreach (var before in basis)
            {
                var along = wanted.Zip(before, (a, b) => a * b).Sum();
                for (var i = 0; i < wanted.Length; i++)
                {
                    wanted[i] -= along * before[i];
                }
            }

            var places = Enumerable.Range(0, wanted.Length).ToArray();
            Array.Sort(wanted, places);
            var values = (double[])columns[j].Clone();
            Array.Sort(values);
            for (var rank = 0; rank < places.Length; rank++)
            {
                columns[j][places[rank]] = values[rank];
            }

            basis.Add(Unit(columns[j], mean, basis));
        }
    }

    private static double[] Unit(double[] column, double mean, List<double[]> basis)
    {
        var unit = column.Select(value => value - mean).ToArray();
        foreach (var before in basis)
        {
            var along = unit.Zip(before, (a, b) => a * b).Sum();
            for (var i = 0; i < unit.Length; i++)
            {
                unit[i] -= along * before[i];
            }
        }

        var length = Math.Sqrt(unit.Sum(value => value * value));
        return [.. unit.Select(value => value / length)];
    }
}
