namespace Rimrock.Core.Prediction;

/// <summary>How much (energy or time) was spent at which temperature, in bins of 10 K from -40 to 1240 C, for each member.</summary>
/// <param name="members">Members that are filled in, 1 to 8.</param>
public sealed class EnergyHistogram(int members)
{
    /// <summary>For as many members as run side by side.</summary>
    public EnergyHistogram()
        : this(Lane.Count)
    {
    }

    /// <summary>Lower edge of the first bin, C.</summary>
    public const double StartC = -40;

    /// <summary>Bin width, K.</summary>
    public const double BinK = 10;

    /// <summary>Number of bins.</summary>
    public const int Bins = 128;

    // Made when first needed: many a stretch of a day holds nothing.
    private double[] weights = [];

    // The bins that hold anything: sums need look no further.
    private int first = Bins;
    private int last = -1;

    /// <summary>Adds a weight at a temperature for each member.</summary>
    public void Add(Lane celsius, Lane weight)
    {
        Grow();
        var place = Lanes.MinNative(Lanes.MaxNative((celsius - Lanes.Create(StartC)) * (1 / BinK), Lane.Zero), Lanes.Create(Bins - 1.0));
        for (var member = 0; member < members; member++)
        {
            var bin = (int)place[member];
            first = Math.Min(first, bin);
            last = Math.Max(last, bin);
            weights[(bin * Lane.Count) + member] += weight[member];
        }
    }

    /// <summary>Adds another histogram.</summary>
    public void Add(EnergyHistogram other)
    {
        ArgumentNullException.ThrowIfNull(other);
        Grow();
        for (var i = 0; i < other.weights.Length; i++)
        {
            weights[i] += other.weights[i];
        }

        first = Math.Min(first, other.first);
        last = Math.Max(last, other.last);
    }

    private void Grow()
    {
        if (weights.Length == 0)
        {
            weights = new double[Bins * Lane.Count];
        }
    }

    /// <summary>Whole weight of a member.</summary>
    public double Total(int member)
    {
        var sum = 0.0;
        for (var bin = first; bin <= last; bin++)
        {
            sum += weights[(bin * Lane.Count) + member];
        }

        return sum;
    }

    /// <summary>Weight of one bin.</summary>
    public double Weight(int bin, int member) => bin < first || bin > last ? 0 : weights[(bin * Lane.Count) + member];

    /// <summary>Share of the weight above a temperature, taken as even inside a bin; 0 for an empty histogram.</summary>
    public double ShareAbove(double celsius, int member)
    {
        double above = 0, total = 0;
        for (var bin = first; bin <= last; bin++)
        {
            var weight = weights[(bin * Lane.Count) + member];
            var inside = Math.Clamp((StartC + ((bin + 1) * BinK) - celsius) / BinK, 0, 1);
            above += weight * inside;
            total += weight;
        }

        return total > 0 ? above / total : 0;
    }

    /// <summary>Temperature below which a share of the weight lies, C; NaN for an empty histogram.</summary>
    public double Quantile(double share, int member)
    {
        var target = share * Total(member);
        if (!(target > 0))
        {
            return double.NaN;
        }

        var sum = 0.0;
        for (var bin = first; bin <= last; bin++)
        {
            var weight = weights[(bin * Lane.Count) + member];
            if (weight > 0 && sum + weight >= target)
            {
                return StartC + (BinK * (bin + ((target - sum) / weight)));
            }

            sum += weight;
        }

        return StartC + (BinK * Bins);
    }
}
