namespace Rimrock.Core.Runs;

/// <summary>
/// Takes members' rows of scores for one where they heat alike: they may differ in what belongs to the fluid, which heats nothing and only says where it boils.
/// </summary>
internal sealed class HeatRows : IEqualityComparer<double[]>
{
    private static readonly int[] Columns = [.. Enumerable.Range(0, PriorFactor.All.Count).Where(column => PriorFactor.All[column].Scope != FactorScope.Fluid)];

    /// <summary>The one that takes them so.</summary>
    public static HeatRows Alike { get; } = new();

    /// <inheritdoc/>
    public bool Equals(double[]? x, double[]? y) =>
        ReferenceEquals(x, y) || (x is not null && y is not null && Array.TrueForAll(Columns, column => x[column].Equals(y[column])));

    /// <inheritdoc/>
    public int GetHashCode(double[] obj)
    {
        ArgumentNullException.ThrowIfNull(obj);
        var hash = default(HashCode);
        foreach (var column in Columns)
        {
            hash.Add(obj[column]);
        }

        return hash.ToHashCode();
    }
}
