using System.Runtime.CompilerServices;
using System.Runtime.InteropServices;
using System.Runtime.Intrinsics;
using System.Runtime.Intrinsics.X86;

namespace Rimrock.Core.Numerics;

/// <summary>
/// A function sampled at equal steps, read by linear interpolation: the fast form of a correlation or a curve
/// inside a step loop. The maker of the table chooses a range that the loop cannot leave; beyond it the end
/// values are read, so callers must flag such states themselves.
/// </summary>
public sealed class UniformTable
{
    private readonly double start;
    private readonly double perStep;
    private readonly double[] values;

    /// <summary>Samples a function.</summary>
    /// <param name="start">First abscissa.</param>
    /// <param name="end">Last abscissa, above the first.</param>
    /// <param name="count">Number of samples, 2 or more.</param>
    /// <param name="function">The function.</param>
    public UniformTable(double start, double end, int count, Func<double, double> function)
    {
        ArgumentNullException.ThrowIfNull(function);
        ArgumentOutOfRangeException.ThrowIfLessThan(count, 2);
        ArgumentOutOfRangeException.ThrowIfLessThanOrEqual(end, start);
        this.start = start;
        var step = (end - start) / (count - 1);
        perStep = 1 / step;
        values = new double[count];
        for (var i = 0; i < count; i++)
        {
            values[i] = function(start + (i * step));
        }
    }

    /// <summary>The tabulated function.</summary>
    public double At(double position)
    {
        var scaled = (position - start) * perStep;
        if (!(scaled > 0))
        {
            return values[0];
        }

        if (scaled >= values.Length - 1)
        {
            return values[^1];
        }

        var i = (int)scaled;
        return values[i] + ((scaled - i) * (values[i + 1] - values[i]));
    }

    /// <summary>The tabulated function for each member.</summary>
    public Lane At(Lane position)
    {
        // The native maximum gives its second argument for NaN, so that the first value is read, as the single form does.
        var scaled = Lanes.MinNative(Lanes.MaxNative((position - Lanes.Create(start)) * perStep, Lane.Zero), Lanes.Create((double)(values.Length - 1)));
        var whole = Lanes.MinNative(Lanes.Floor(scaled), Lanes.Create(values.Length - 2.0));
        if (Avx512F.IsSupported)
        {
            return Between(whole, scaled - whole);
        }

        Span<double> index = stackalloc double[Lane.Count];
        Span<double> low = stackalloc double[Lane.Count];
        Span<double> high = stackalloc double[Lane.Count];
        Lanes.CopyTo(whole, index);
        ref var first = ref MemoryMarshal.GetArrayDataReference(values);
        for (var member = 0; member < index.Length; member++)
        {
            var i = (nint)index[member];
            low[member] = Unsafe.Add(ref first, i);
            high[member] = Unsafe.Add(ref first, i + 1);
        }

        var from = Lanes.Create<double>(low);
        return from + ((scaled - whole) * (Lanes.Create<double>(high) - from));
    }

    // Each member's two neighbours are read as one pair; eight pairs are then sorted into the lower and the upper values.
    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    private Lane Between(Lane whole, Lane share)
    {
        ref var first = ref MemoryMarshal.GetArrayDataReference(values);
        var index = Avx512F.ConvertToVector256Int32WithTruncation(whole);
        var even = Lanes.Create(Vector256.Create(Pair(ref first, index[0]), Pair(ref first, index[2])),
            Vector256.Create(Pair(ref first, index[4]), Pair(ref first, index[6])));
        var odd = Lanes.Create(Vector256.Create(Pair(ref first, index[1]), Pair(ref first, index[3])),
            Vector256.Create(Pair(ref first, index[5]), Pair(ref first, index[7])));
        var from = Avx512F.UnpackLow(even, odd);
        return from + (share * (Avx512F.UnpackHigh(even, odd) - from));
    }

    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    private static Vector128<double> Pair(ref double first, int at) => Vector128.LoadUnsafe(ref first, (nuint)at);
}
