using System.Runtime.CompilerServices;
using System.Runtime.InteropServices;

namespace Rimrock.Core.Numerics;

/// <summary>
/// Rows of lanes in one block that begins on a cache line. A plain array of lanes begins 16 bytes after one, so that every
/// single lane would lie across two lines and cost two reads. Allocates in the constructor only.
/// </summary>
public sealed class LaneBuffer
{
    private const int DoublesPerLine = 8;
    private readonly double[] store;
    private readonly int offset;
    private readonly int length;
    private readonly int stride;

    /// <summary>Makes a block of zeros.</summary>
    /// <param name="rows">Number of rows.</param>
    /// <param name="length">Lanes in a row.</param>
    public LaneBuffer(int rows, int length)
    {
        this.length = length;
        stride = length * Lane.Count;
        store = GC.AllocateArray<double>((rows * stride) + DoublesPerLine, pinned: true);
        var misplaced = (int)(Marshal.UnsafeAddrOfPinnedArrayElement(store, 0) / sizeof(double) % DoublesPerLine);
        offset = (DoublesPerLine - misplaced) % DoublesPerLine;
    }

    /// <summary>One row.</summary>
    public Span<Lane> Row(int row) => MemoryMarshal.CreateSpan(ref First(row), length);

    /// <summary>The first lane of a row, for loops that must not check every index.</summary>
    public ref Lane First(int row) =>
        ref Unsafe.As<double, Lane>(ref Unsafe.Add(ref MemoryMarshal.GetArrayDataReference(store), offset + (row * stride)));
}
