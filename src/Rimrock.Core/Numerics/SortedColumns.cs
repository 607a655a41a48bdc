using System.Runtime.CompilerServices;
using System.Runtime.InteropServices;
using Columns = System.Runtime.Intrinsics.Vector512<float>;

namespace Rimrock.Core.Numerics;

/// <summary>
/// Sixteen samples side by side, a column each, sorted together by merge exchange: which values meet does not depend on what they are (Batcher, AFIPS 32
/// (1968) 307; Knuth, The Art of Computer Programming 3, algorithm 5.2.2 M; from memory). Quantiles as those of <see cref="Quantiles"/>, in a
/// fraction of the time where there are hundreds of samples.
/// </summary>
public static class SortedColumns
{
    /// <summary>Samples side by side.</summary>
    public static int Count => Columns.Count;

    /// <summary>Puts each column in order, the least value first.</summary>
    /// <param name="rows">The columns' values, row by row; no NaN.</param>
    public static void Sort(Span<Columns> rows)
    {
        ref var first = ref MemoryMarshal.GetReference(rows);
        var half = rows.Length < 2 ? 0 : 1 << (int.Log2(rows.Length - 1));
        for (var stride = half; stride > 0; stride /= 2)
        {
            var (distance, from) = (stride, 0);
            for (var next = half; ; next /= 2)
            {
                for (var block = from; block < rows.Length - distance; block += 2 * stride)
                {
                    for (var i = block; i < Math.Min(block + stride, rows.Length - distance); i++)
                    {
                        Exchange(ref Unsafe.Add(ref first, i), ref Unsafe.Add(ref first, i + distance));
                    }
                }

                if (next == stride)
                {
                    break;
                }

                (distance, from) = (next - stride, stride);
            }
        }
    }

    /// <summary>A quantile of one column, linear between two values at share (n - 1).</summary>
    /// <param name="rows">Sorted columns, at least one row.</param>
    /// <param name="column">Which.</param>
    /// <param name="share">0 to 1.</param>
    public static double Of(ReadOnlySpan<Columns> rows, int column, double share)
    {
        var at = share * (rows.Length - 1);
        var low = (int)at;
        var value = rows[low][column];
        return value + ((at - low) * (rows[Math.Min(low + 1, rows.Length - 1)][column] - value));
    }

    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    private static void Exchange(ref Columns a, ref Columns b) => (a, b) = (Lanes.MinNative(a, b), Lanes.MaxNative(a, b));
}
