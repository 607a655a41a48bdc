using Rimrock.Core.Numerics;

namespace Rimrock.Core.Runs;

/// <summary>How much (energy or time) was spent at which temperature, in bins of 10 K from -40 to 1360 C, for each member.</summary>
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
    public const int Bins = 140;

    // A step's weight is laid down in so many pieces: on the brakes a face warms by several bins in one step.
    private const int Pieces = 3;

    // Whole arrays that hold nothing: a histogram that is closed leaves its own, swept, to the next on its thread.
    [ThreadStatic]
    private static Stack<double[]>? spare;

    // Made when first needed: many a stretch of a day holds nothing.
    private double[] weights = [];

    // The bin that the first place of the weights stands for: a closed histogram keeps only what it holds.
    private int origin;

    // Where in the bins the lowest and highest weights of each member lie: sums need look no further.
    private Lane lowest = Lanes.Create((double)Bins);
    private Lane highest = Lanes.Create(-1.0);
    private Lane total;

    /// <summary>Adds a weight at a temperature for each member.</summary>
    public void Add(Lane celsius, Lane weight)
    {
        Open();
        total += weight;
        var place = Lanes.MinNative(Lanes.MaxNative((celsius - Lanes.Create(StartC)) * (1 / BinK), Lane.Zero), Lanes.Create(Bins - 1.0));
        lowest = Lanes.MinNative(lowest, place);
        highest = Lanes.MaxNative(highest, place);
        Span<long> bins = stackalloc long[Lane.Count];
        Lanes.CopyTo(Lanes.ConvertToInt64Native(place), bins);
        for (var member = 0; member < members; member++)
        {
            weights[Place((int)bins[member], member)] += MemberLanes.At(in weight, member);
        }
    }

    /// <summary>Adds a weight that was spent while the temperature went evenly from one to another, for each member.</summary>
    public void Add(Lane fromC, Lane toC, Lane weight)
    {
        var (part, apart) = (weight * (1.0 / Pieces), (toC - fromC) * (1.0 / Pieces));
        for (var piece = 0; piece < Pieces; piece++)
        {
            Add(fromC + (apart * (piece + 0.5)), part);
        }
    }

    /// <summary>Adds another histogram.</summary>
    public void Add(EnergyHistogram other)
    {
        ArgumentNullException.ThrowIfNull(other);
        Open();
        total += other.total;
        var (from, to) = other.Held();
        for (var bin = from; bin <= to; bin++)
        {
            for (var member = 0; member < Lane.Count; member++)
            {
                weights[Place(bin, member)] += other.weights[other.Place(bin, member)];
            }
        }

        lowest = Lanes.MinNative(lowest, other.lowest);
        highest = Lanes.MaxNative(highest, other.highest);
    }

    /// <summary>Keeps no more room than what is held needs; may be added to again.</summary>
    internal void Close()
    {
        if (weights.Length < Whole)
        {
            return;
        }

        var whole = weights;
        var (first, last) = Held();
        var held = whole.AsSpan(Place(first, 0), Math.Max(0, last + 1 - first) * Lane.Count);
        weights = [.. held];
        origin = first;
        held.Clear();
        (spare ??= new()).Push(whole);
    }

    // The bins that hold anything, once something was added; members that are not filled in have added nothing.
    private (int First, int Last) Held()
    {
        double low = Bins, high = -1;
        for (var member = 0; member < members; member++)
        {
            (low, high) = (Math.Min(low, lowest[member]), Math.Max(high, highest[member]));
        }

        return ((int)low, (int)high);
    }

    private static int Whole => Bins * Lane.Count;

    private int Place(int bin, int member) => ((bin - origin) * Lane.Count) + member;

    private void Open()
    {
        if (weights.Length >= Whole)
        {
            return;
        }

        var held = weights;
        weights = spare is { Count: > 0 } ? spare.Pop() : new double[Whole];
        held.CopyTo(weights, origin * Lane.Count);
        origin = 0;
    }

    /// <summary>Whole weight of a member.</summary>
    public double Total(int member) => total[member];

    /// <summary>Weight of one bin.</summary>
    public double Weight(int bin, int member)
    {
        var (first, last) = Held();
        return bin < first || bin > last ? 0 : weights[Place(bin, member)];
    }

    /// <summary>Share of the weight above a temperature, taken as even inside a bin; 0 for an empty histogram.</summary>
    public double ShareAbove(double celsius, int member)
    {
        var above = 0.0;
        var (first, last) = Held();
        var from = Math.Max(first, (int)Math.Clamp(Math.Floor((celsius - StartC) / BinK), 0, Bins));
        for (var bin = from; bin <= last; bin++)
        {
            above += weights[Place(bin, member)] * Math.Clamp((StartC + ((bin + 1) * BinK) - celsius) / BinK, 0, 1);
        }

        return total[member] > 0 ? above / total[member] : 0;
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
        var (first, last) = Held();
        for (var bin = first; bin <= last; bin++)
        {
            var weight = weights[Place(bin, member)];
            if (weight > 0 && sum + weight >= target)
            {
                return StartC + (BinK * (bin + ((target - sum) / weight)));
            }

            sum += weight;
        }

        return StartC + (BinK * Bins);
    }
}
